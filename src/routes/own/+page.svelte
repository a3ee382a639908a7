<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { OWN_PAGE } from '$words/screens/access';
	import More from '$ui/kit/More.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import FieldForm from '$ui/FieldForm.svelte';
	import { problemOf } from '$ui/access/problemOf';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordAgain from '$ui/access/PasswordAgain.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	import { FRAME } from '$words/frame';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const { view } = $derived(data);
	const wrong = $derived(problemOf(form));
	const said = $derived(form && 'said' in form ? form.said : null);
	const codes = $derived(form && 'codes' in form ? (form.codes as readonly string[]) : []);
</script>

<svelte:head
	>{#if !view.isDemo}<title>{OWN_PAGE.yourPasswordAndSignIns}</title>{/if}</svelte:head
>

{#if view.isDemo}
	<Doorway title={OWN_PAGE.passwordsAndLogins} says={OWN_PAGE.theDemoHomeIsOpen}>
		<Button kind="solid" href="/begin">{FRAME.begin}</Button>
		{#snippet aside()}<Button kind="link" href="/">{OWN_PAGE.backToToday}</Button>{/snippet}
	</Doorway>
{:else}
	<section class="own px-edge pt-2.5 pb-15">
		<header class="flex flex-wrap items-center justify-between gap-3 mb-2.5">
			<h1>{OWN_PAGE.sPasswordAndSignIns(view.name)}</h1>
			<ActForm action="/sign-in?/out" then={{ withoutId: true }}
				><Button type="submit">{OWN_PAGE.signOutHere}</Button></ActForm
			>
		</header>
		{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
		{#if said}<Notice><span>{said}</span></Notice>{/if}
		{#if codes.length > 0}
			<div class="linen my-3 py-4.5 px-6.5" role="status">
				<h2 class="mt-5.5 mb-2">{OWN_PAGE.tenCodesForTheDay}</h2>
				<p>
					{OWN_PAGE.eachLetsYouInOnce}
				</p>
				<ul class="grid grid-cols-[repeat(auto-fill,minmax(190px,1fr))] gap-x-5 gap-y-1.5">
					{#each codes as code (code)}<li>
							<code class="text-[1.15rem] font-figure [letter-spacing:0.05em]">{code}</code>
						</li>{/each}
				</ul>
			</div>
		{/if}
		<div class="grid grid-cols-[1fr_1fr] gap-x-15 gap-y-5 mt-3.5 max-sm:grid-cols-[1fr]">
			<div>
				<h2 class="mb-2">{OWN_PAGE.whereYouAreSignedIn}</h2>
				<ul class="mb-3.5">
					{#each view.signIns as one (one.id)}
						<li class="flex justify-between items-center gap-4 py-2.5 border-b border-b-tin-1">
							<span
								><b>{one.words}</b>{#if one.here}{OWN_PAGE.thisOne}{/if}<br /><span class="dim"
									>{OWN_PAGE.lastUsed(one.how, one.seen)}</span
								></span
							>
							{#if !one.here}
								<ActForm action="?/out" values={{ signIn: one.id }} then={{ withoutId: true }}
									><Button kind="link" type="submit">{OWN_PAGE.signThisOneOut}</Button></ActForm
								>
							{/if}
						</li>
					{:else}
						<li class="dim flex justify-between items-center gap-4 py-2.5 border-b border-b-tin-1">
							{OWN_PAGE.youAreNotSignedIn}
						</li>
					{/each}
				</ul>
				{#if view.signIns.length > 1}
					<ActForm action="?/outAll" then={{ withoutId: true }}
						><Button type="submit">{OWN_PAGE.signOutEverywhereElse}</Button></ActForm
					>
				{/if}
			</div>
			<div>
				{#if view.email !== null}
					<h2 class="mt-5.5 mb-2 first:mt-0">{OWN_PAGE.password}</h2>
					<p class="dim">{view.email}</p>
					<FieldForm of={data.forms.password} action="?/password" class="fields" empties>
						{#snippet children(_, sending)}
							<PasswordField label={OWN_PAGE.oldPassword} name="old" />
							<PasswordField label={OWN_PAGE.newPassword} isNew />
							<Button type="submit" {sending}>{OWN_PAGE.changeMyPassword}</Button>
						{/snippet}
					</FieldForm>
					<h2 class="mt-5.5 mb-2">{OWN_PAGE.aSecondFactor}</h2>
					{#if view.second}
						<p>
							{OWN_PAGE.signingInAsksForA(
								view.codesLeft === 1 ? OWN_PAGE.oneRecoveryCodeIs : OWN_PAGE.recoveryCodesAre(view.codesLeft)
							)}
						</p>
						<PasswordAgain
							of={data.forms.noSecond}
							action="?/noSecond"
							label={OWN_PAGE.turnItOff}
							class="fields"
						/>
					{:else if view.setUp}
						<div class="flex gap-4.5 items-center mb-2.5">
							<div
								class="w-37.5 flex-none [background:white]"
								role="img"
								aria-label={OWN_PAGE.qrCodeForYourAuthenticator}
							>
								<!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by our own server from a secret of its own -->
								{@html view.setUp.qr}
							</div>
							<p>
								{OWN_PAGE.scanItWithYourAuthenticator}
								<b class="[letter-spacing:0.06em] wrap-anywhere">{view.setUp.secret}</b>
							</p>
						</div>
						<FieldForm of={data.forms.prove} action="?/prove" class="fields" empties>
							{#snippet children(_, sending)}
								<TextField
									label={OWN_PAGE.theCodeItShows}
									name="code"
									inputmode="numeric"
									autocomplete="one-time-code"
									required
									maxlength={7}
								/>
								<Button kind="solid" type="submit" {sending}>{OWN_PAGE.checkTheCode}</Button>
							{/snippet}
						</FieldForm>
					{:else}
						<p class="dim">{OWN_PAGE.aCodeOfYourPhone}</p>
						<PasswordAgain
							of={data.forms.second}
							action="?/second"
							label={OWN_PAGE.setOneUp}
							class="fields"
						/>
					{/if}
					<h2 class="mt-5.5 mb-2">{OWN_PAGE.deleteYourAccount}</h2>
					<p class="dim">
						{OWN_PAGE.youAreSignedOutEverywhere}
					</p>
					<More title={OWN_PAGE.deleteMyAccount}>
						<PasswordAgain
							of={data.forms.delete}
							action="?/delete"
							label={OWN_PAGE.deleteMyAccount2}
							class="fields"
						/>
					</More>
				{:else}
					<h2 class="mt-5.5 mb-2 first:mt-0">{OWN_PAGE.aPasswordOfYourOwn}</h2>
					<p class="dim">
						{OWN_PAGE.youCameInByAn}
					</p>
					<FieldForm of={data.forms.account} action="?/account" class="fields">
						{#snippet children(typed, sending)}
							<EmailField value={typed.email} />
							<PasswordField isNew />
							<Button type="submit" {sending}>{OWN_PAGE.saveEMailAndPassword}</Button>
						{/snippet}
					</FieldForm>
				{/if}
			</div>
		</div>
	</section>
{/if}

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
