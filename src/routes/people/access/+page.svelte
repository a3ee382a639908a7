<script lang="ts">
	import TextField from '$ui/kit/TextField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import Insecure from '$ui/Insecure.svelte';
	import MadeWay from '$ui/access/MadeWay.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const { view } = $derived(data);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const said = $derived(form && 'said' in form ? form.said : null);
	const made = $derived(form && 'made' in form ? form.made : null);
</script>

<svelte:head><title>Who can log in · Pail Round</title></svelte:head>

<section class="doors">
	<header>
		<h1>Who can log in, and on which phones</h1>
		<a class="text-link" href="/people">Back to People</a>
	</header>
	<Insecure />
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	{#if made}<MadeWay {made} isDemo={data.isDemo} />{/if}
	<div class="columns">
		<ul class="people" aria-label="People">
			{#each view.people as one (one.id)}
				<li>
					<div class="who">
						<h2>{one.name}</h2>
						<p class="dim">
							{one.role}{#if one.email}, {one.email}{/if}<br />
							{#if one.ins > 0}in on {one.ins} {one.ins === 1 ? 'device' : 'devices'}, last {one.lastIn}
							{:else if one.invited}invitation not used yet
							{:else}cannot log in yet{/if}{#if one.hasPin}, has a PIN{/if}
						</p>
					</div>
					<div class="acts">
						<ActForm action="?/invite" values={{ member: one.id }}
							><button class="plain">{one.ins > 0 ? 'Add another phone' : 'Let them log in'}</button></ActForm
						>
						<details>
							<summary>More</summary>
							<div class="more">
								<ActForm action="?/invite" class="row" values={{ member: one.id }}>
									<TextField
										label="Send it by mail to"
										type="email"
										name="email"
										required
										maxlength={254}
									/><button class="plain">Send</button>
								</ActForm>
								{#if one.isChild}
									<ActForm
										action="?/pin"
										class="row"
										values={{ member: one.id }}
										then={{ withoutId: true, empties: true }}
									>
										<TextField
											label="PIN at the family’s devices; empty for none"
											name="pin"
											inputmode="numeric"
											autocomplete="off"
											maxlength={8}
											pattern="[0-9]*"
										/><button class="plain">Set</button>
									</ActForm>
								{/if}
								{#if one.ins > 0}
									<ActForm action="?/out" values={{ member: one.id }} then={{ withoutId: true }}
										><button class="text-link">Sign {one.name} out everywhere</button></ActForm
									>
								{/if}
							</div>
						</details>
					</div>
				</li>
			{/each}
		</ul>
		<div class="linen devices">
			<h2>Shared phones and tablets</h2>
			<p class="dim">
				A tablet on the kitchen wall, an old phone in the hall. It shows the day for all; whoever taps ticks,
				and children open their list by name.
			</p>
			<ul>
				{#each view.devices as one (one.id)}
					<li>
						<span><b>{one.name}</b><br /><span class="dim">{one.state}</span></span>
						<span class="pair">
							<ActForm action="?/device" values={{ device: one.id, name: one.name }}
								><button class="text-link">New code for this device</button></ActForm
							>
							<ActForm action="?/revoke" values={{ device: one.id }} then={{ withoutId: true }}
								><button class="text-link">Log this device out</button></ActForm
							>
						</span>
					</li>
				{/each}
			</ul>
			<ActForm action="?/device" class="row" then={{ empties: true }}>
				<TextField
					label="Add a shared device"
					name="name"
					required
					maxlength={60}
					placeholder="Kitchen tablet"
				/><button class="plain">Add</button>
			</ActForm>
			{#if data.isDemo}<p><a href="/demo/outbox">Mail of the demo</a></p>{/if}
		</div>
	</div>
	{#if !data.isDemo}
		<details class="delete">
			<summary>Delete this home …</summary>
			<p>
				Nobody can open it from that moment on, and within a day all of it is gone: rooms, jobs, people and
				what was done. What stays is the file that you save now.
			</p>
			<ol>
				<li><a class="text-link" href="/house/files/home.json" download>Save the file of everything</a></li>
				<li>
					<ActForm action="?/delete" class="row" then={{ withoutId: true, empties: true }}>
						<PasswordField name="old" />
						<button class="plain">Delete this home</button>
					</ActForm>
				</li>
			</ol>
		</details>
	{/if}
</section>

<style>
	.delete {
		margin-top: 34px;
		max-width: 620px;
	}
	.delete li {
		margin: 10px 0;
	}
	.doors {
		padding: 10px calc(var(--page-edge) - var(--rim)) 60px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		justify-content: space-between;
		gap: 10px;
		margin-bottom: 8px;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
		gap: 20px 48px;
		align-items: start;
		margin-top: 12px;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.people li {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 8px 20px;
		padding: 12px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	.who {
		flex: 1 1 200px;
	}
	h2 {
		margin: 0;
	}
	p {
		margin: 2px 0 0;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 14px;
		align-items: start;
		justify-content: flex-end;
	}
	summary {
		cursor: pointer;
		min-height: 44px;
		display: grid;
		place-items: center;
		padding: 0 6px;
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
		list-style: none;
		text-decoration: underline;
		text-underline-offset: 4px;
	}
	details[open] {
		flex-basis: 100%;
	}
	details[open] summary {
		place-items: center end;
	}
	.more :global(.row),
	.devices :global(.row) {
		align-items: end;
	}
	.devices {
		padding: 20px 24px 24px;
		box-shadow: var(--sh-cloth);
	}
	.devices li {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 4px 16px;
		padding: 12px 0;
		border-bottom: 2px dashed var(--linen-deep);
	}
	.pair {
		display: flex;
		gap: 18px;
	}
	@media (max-width: 900px) {
		.columns {
			grid-template-columns: 1fr;
		}
	}
</style>
