<script lang="ts">
	import More from '$ui/kit/More.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const { view } = $derived(data);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const said = $derived(form && 'said' in form ? form.said : null);
	const codes = $derived(form && 'codes' in form ? (form.codes as readonly string[]) : []);
</script>

<svelte:head><title>Your password and sign-ins · Pail Round</title></svelte:head>

<section class="own px-edge pt-2.5 pb-15">
	<header class="flex flex-wrap items-center justify-between gap-3 mb-2.5">
		<h1>{view.name}’s password and sign-ins</h1>
		<ActForm action="/sign-in?/out" then={{ withoutId: true }}
			><button class="plain">Sign out here</button></ActForm
		>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	{#if codes.length > 0}
		<div class="linen my-3 py-4.5 px-6.5" role="status">
			<h2 class="mt-5.5 mb-2">Ten codes for the day you lose your app</h2>
			<p>
				Each lets you in once, in place of the app’s code. They are shown only now: print them or write them
				down.
			</p>
			<ul class="grid grid-cols-[repeat(auto-fill,minmax(190px,1fr))] gap-x-5 gap-y-1.5">
				{#each codes as code (code)}<li>
						<code class="text-[1.15rem] font-figure [letter-spacing:0.05em]">{code}</code>
					</li>{/each}
			</ul>
		</div>
	{/if}
	{#if view.isDemo}
		<p class="dim">
			The demo home is open to all, so nobody has a password here. In your own home they are managed here.
		</p>
	{/if}
	<div class="grid grid-cols-[1fr_1fr] gap-x-15 gap-y-5 mt-3.5 max-sm:grid-cols-[1fr]">
		<div>
			<h2 class="mb-2">Where you are signed in</h2>
			<ul class="mb-3.5">
				{#each view.signIns as one (one.id)}
					<li class="flex justify-between items-center gap-4 py-2.5 border-b border-b-tin-1">
						<span
							><b>{one.words}</b>{#if one.here}, this one{/if}<br /><span class="dim"
								>{one.how}, last used {one.seen}</span
							></span
						>
						{#if !one.here}
							<ActForm action="?/out" values={{ signIn: one.id }} then={{ withoutId: true }}
								><button class="text-link">Sign this one out</button></ActForm
							>
						{/if}
					</li>
				{:else}
					<li class="dim flex justify-between items-center gap-4 py-2.5 border-b border-b-tin-1">
						You are not signed in anywhere with an account of your own.
					</li>
				{/each}
			</ul>
			{#if view.signIns.length > 1}
				<ActForm action="?/outAll" then={{ withoutId: true }}
					><button class="plain">Sign out everywhere else</button></ActForm
				>
			{/if}
		</div>
		<div>
			{#if view.email !== null}
				<h2 class="mt-5.5 mb-2 first:mt-0">Password</h2>
				<p class="dim">{view.email}</p>
				<ActForm action="?/password" class="fields" then={{ withoutId: true, empties: true }}>
					<PasswordField label="Old password" name="old" />
					<PasswordField label="New password" isNew />
					<button class="plain">Change my password</button>
				</ActForm>
				<h2 class="mt-5.5 mb-2">A second factor</h2>
				{#if view.second}
					<p>
						Signing in asks for a code of your authenticator app. {view.codesLeft === 1
							? 'One recovery code is'
							: `${view.codesLeft} recovery codes are`} left.
					</p>
					<ActForm action="?/noSecond" class="fields" then={{ withoutId: true, empties: true }}>
						<PasswordField name="old" />
						<button class="plain">End this pause</button>
					</ActForm>
				{:else if view.setUp}
					<div class="flex gap-4.5 items-center mb-2.5">
						<div
							class="w-37.5 flex-none [background:white]"
							role="img"
							aria-label="QR code for your authenticator app"
						>
							<!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by our own server from a secret of its own -->
							{@html view.setUp.qr}
						</div>
						<p>
							Scan it with your authenticator app, or type <b class="[letter-spacing:0.06em] wrap-anywhere"
								>{view.setUp.secret}</b
							>
						</p>
					</div>
					<ActForm action="?/prove" class="fields" then={{ withoutId: true, empties: true }}>
						<TextField
							label="The code it shows"
							name="code"
							inputmode="numeric"
							autocomplete="one-time-code"
							required
							maxlength={7}
						/>
						<button class="sign small">Check the code</button>
					</ActForm>
				{:else}
					<p class="dim">A code of your phone beside the password, for homes with much in them.</p>
					<ActForm action="?/second" class="fields" then={{ withoutId: true }}>
						<PasswordField name="old" />
						<button class="plain">Set one up</button>
					</ActForm>
				{/if}
				<h2 class="mt-5.5 mb-2">Delete your account</h2>
				<p class="dim">
					You are signed out everywhere at once, and it is gone within a day. What you did in a home stays
					there.
				</p>
				<More title="Delete my account …">
					<ActForm action="?/delete" class="fields" then={{ withoutId: true, empties: true }}>
						<PasswordField name="old" />
						<button class="plain">Delete my account</button>
					</ActForm>
				</More>
			{:else if !view.isDemo}
				<h2 class="mt-5.5 mb-2 first:mt-0">A password of your own</h2>
				<p class="dim">
					You came in by an invitation. With an address and a password you can come in on any device.
				</p>
				<ActForm action="?/account" class="fields" then={{ withoutId: true }}>
					<EmailField />
					<PasswordField isNew />
					<button class="plain">Save e-mail and password</button>
				</ActForm>
			{/if}
		</div>
	</div>
</section>

<style>
	p {
		margin: 0 0 10px;
	}
	.own :global(.fields) {
		display: grid;
		gap: 10px;
		max-width: 420px;
	}
</style>
