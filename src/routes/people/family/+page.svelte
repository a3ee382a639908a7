<script lang="ts">
	/** What the family has agreed. */
	import TextField from '$ui/kit/TextField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import EditForm from '$ui/house/EditForm.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const saved = $derived(form && 'saved' in form ? form.saved : null);
	let chosen = $state<string | null>(null);
	const by = $derived(chosen ?? view.by);
	const ways = [
		{ id: 'share', name: 'Each their own', says: 'Own jobs, the same bell.' },
		{
			id: 'room',
			name: 'Room All together, one room after another',
			says: 'Everybody in one room, then the next.'
		},
		{ id: 'role', name: 'One after another', says: 'One dusts everywhere, another wipes, another vacuums.' }
	] as const;
</script>

<svelte:head><title>What is agreed · Pail Round</title></svelte:head>

<section class="family">
	<header>
		<h1>What is agreed</h1>
		<a class="text-link" href="/people">Back to People</a>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if saved}<Notice><span>{saved}</span></Notice>{/if}
	<fieldset class="bare-set" disabled={!data.mayEdit}>
		<legend class="sr">What the family has agreed</legend>
		<EditForm {view} values={{ part: 'shares' }} action="?/keep" class="shares">
			<h2>How the work is shared</h2>
			<div class="ways">
				{#each view.options as option (option.by)}
					<label class="way" class:chosen={by === option.by}>
						<input
							type="radio"
							name="by"
							value={option.by}
							checked={by === option.by}
							onchange={() => (chosen = option.by)}
						/>
						<b>{option.name}</b>
						<span class="dim">{option.says}</span>
						<span class="percents">{option.percents} %</span>
					</label>
				{/each}
			</div>
			<div class="hands" hidden={by !== 'hand'}>
				{#each view.shares as one (one.id)}
					<TextField
						label={one.name}
						name="hand-{one.id}"
						inputmode="decimal"
						value={String(one.byHand)}
						maxlength={6}
					/>
				{/each}
			</div>
			<button class="sign small">Save what is agreed</button>
		</EditForm>
		{#if view.wears !== null}
			<ActForm action="?/ribbon" class="row" then={{ withoutId: true }}>
				<Choice
					label="Who is today’s captain"
					name="to"
					value={view.wears}
					options={view.ribbon.members
						.filter((one) => one.on)
						.map((one) => ({ value: one.id, label: one.name }))}
				/><button class="plain">Ask to swap</button>
			</ActForm>
		{/if}
		<div class="columns">
			<EditForm {view} values={{ part: 'ribbon' }} action="?/keep" class="linen part">
				<h2>Today’s captain</h2>
				{#if view.ribbon.members.length === 0}
					<p>The children of a home take turns.</p>
				{:else}
					<p class="dim">One child at a time: a few more duties, and a few choices that go with them.</p>
					<p class="boxes">
						{#each view.ribbon.members as one (one.id)}
							<label
								><input type="checkbox" name="members" value={one.id} checked={one.on} /> {one.name}</label
							>
						{/each}
					</p>
					<Choice
						label="Changes"
						name="every"
						value={view.ribbon.every}
						options={[
							{ value: 'day', label: 'every day' },
							{ value: 'week', label: 'every week' }
						]}
					/>
					<div class="two">
						<label
							><span class="dim">Extra chores, a line each</span><textarea
								class="field"
								name="duties"
								rows="3">{view.ribbon.duties}</textarea
							></label
						>
						<label
							><span class="dim">Choices, a line each</span><textarea class="field" name="choices" rows="3"
								>{view.ribbon.choices}</textarea
							></label
						>
					</div>
					{#if view.ribbon.next.length > 0}
						<p class="dim">
							{view.ribbon.next.map((one) => `${one.when} ${one.name}`).join(', ')}
						</p>
					{/if}
					<button class="plain">Save</button>
				{/if}
			</EditForm>
			<EditForm {view} values={{ part: 'gate' }} action="?/keep" class="linen part">
				<h2>Chores before TV and phone</h2>
				<TextField
					label="What waits until a child’s chores are done (empty: nothing)"
					name="gate"
					maxlength={40}
					value={view.gate}
					placeholder="screens"
				/>
				<h2>Working together</h2>
				<p class="boxes">
					{#each ways as way (way.id)}
						<label
							><input type="radio" name="together" value={way.id} checked={view.together === way.id} />
							{way.name}
							<span class="dim">{way.says}</span></label
						>
					{/each}
				</p>
				<button class="plain">Save</button>
			</EditForm>
		</div>
	</fieldset>
	{#if !data.mayEdit}<p class="dim">Whoever organises the home can change this.</p>{/if}
</section>

<style>
	.family {
		padding: 10px calc(var(--page-edge) - var(--rim)) 40px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 8px 24px;
	}
	h2 {
		margin: 14px 0 8px;
	}
	.family :global(.shares) {
		display: grid;
		gap: 12px;
		justify-items: start;
		margin-bottom: 20px;
	}
	.ways {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: 14px;
		width: 100%;
	}
	.way {
		position: relative;
		display: grid;
		gap: 4px;
		align-content: start;
		padding: 14px 18px 16px;
		background: var(--enamel-hi);
		border-radius: var(--r-button);
		box-shadow: 0 0 0 2px var(--tin-2);
		cursor: pointer;
	}
	.way.chosen {
		box-shadow: var(--focus);
	}
	.way input {
		position: absolute;
		opacity: 0;
	}
	.way:has(input:focus-visible) {
		outline: 3px solid var(--cobalt-ink);
		outline-offset: 5px;
	}
	.way b {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: 1.3125rem;
	}
	.percents {
		margin-top: 4px;
		font-size: 0.9375rem;
	}
	.family :global(.row) {
		max-width: 420px;
		align-items: end;
		margin-bottom: 18px;
	}
	.family :global(.row label) {
		flex: 1;
	}
	.hands {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
	}
	.hands[hidden] {
		display: none;
	}
	.columns {
		display: grid;
		grid-template-columns: 1.2fr 1fr;
		gap: 28px;
		align-items: start;
	}
	.family :global(.part) {
		display: grid;
		gap: 10px;
		justify-items: start;
		padding: 6px 24px 22px;
		box-shadow: var(--sh-cloth);
	}
	.family :global(.part > label),
	.two {
		width: 100%;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px;
	}
	p {
		margin: 0;
	}
	.boxes {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 22px;
	}
	.boxes label {
		display: inline-flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 2px 8px;
		min-height: 44px;
	}
	.boxes input {
		width: 20px;
		height: 20px;
		accent-color: var(--cobalt);
	}
	textarea.field {
		padding: 10px 14px;
	}
	@media (max-width: 900px) {
		.ways {
			grid-template-columns: 1fr 1fr;
		}
		.columns {
			grid-template-columns: 1fr;
		}
	}
	@media (max-width: 640px) {
		.ways,
		.two {
			grid-template-columns: 1fr;
		}
	}
</style>
