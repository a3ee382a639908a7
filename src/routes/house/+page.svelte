<script lang="ts">
	import TextField from '$ui/kit/TextField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import { MANY } from '$words/manyJobs';
	import { dndzone } from 'svelte-dnd-action';
	import DollHouse from '$ui/house/DollHouse.svelte';
	import EditForm from '$ui/house/EditForm.svelte';
	import Label from '$ui/house/Label.svelte';
	import RoomPage from '$ui/house/RoomPage.svelte';
	import Yoke from '$ui/house/Yoke.svelte';
	import ZonePage from '$ui/house/ZonePage.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Notice from '$ui/Notice.svelte';
	import { once } from '$ui/once';
	let { data, form } = $props();
	const view = $derived(data.view);
	const mayEdit = $derived(data.role === 'organiser');
	let adding = $state<'room' | 'zone' | null>(null);
	let left = $state(false);
	interface Chip {
		id: string;
		name: string;
	}
	/** The rooms as they are dragged; back to what is saved with every load. */
	let hung = $derived<Record<string, Chip[]>>(
		Object.fromEntries(view.zones.map((zone) => [zone.id, zone.rooms.map((room) => ({ ...room }))]))
	);
	let dropped = $state<{ room: string; zone: string } | null>(null);
	let dropForm: HTMLFormElement | undefined = $state();
	function finalize(zone: string, event: CustomEvent<{ items: Chip[]; info: { id: string } }>) {
		hung = { ...hung, [zone]: event.detail.items };
		const room = event.detail.info.id;
		const came =
			event.detail.items.some((item) => item.id === room) &&
			view.rooms.find((one) => one.id === room)?.zone !== zone;
		if (!came) return;
		dropped = { room, zone };
		queueMicrotask(() => dropForm?.requestSubmit());
	}
	const tried = $derived(form && 'tried' in form && form.tried ? form : null);
	const triedValues = $derived(
		tried
			? Object.fromEntries(
					Object.entries(tried.values).filter(([name]) => !['id', 'revision', 'try'].includes(name))
				)
			: {}
	);
	let dismissed = $state<unknown>(null);
	const asking = $derived(tried && dismissed !== tried ? tried : null);
</script>

<svelte:head><title>House · Pail Round</title></svelte:head>

<form method="post" action="/house?/edit" hidden bind:this={dropForm} use:once>
	<input type="hidden" name="op" value="moveRoom" /><input type="hidden" name="try" value="1" />
	<input type="hidden" name="room" value={dropped?.room ?? ''} /><input
		type="hidden"
		name="zone"
		value={dropped?.zone ?? ''}
	/>
</form>

<div class="house-page">
	<section class="left" aria-labelledby="house-title">
		<header>
			<div>
				<h1 id="house-title">House</h1>
				<p class="dim">{view.summary}</p>
			</div>
			<nav aria-label="More of the house">
				{#if mayEdit}
					<a class="text-link" href="/house/library">Library</a>
					<a class="text-link" href="/house/jobs">{MANY.title}</a>
					<a class="text-link" href="/house/rhythm">Cleaning days and house rules</a>
					<a class="text-link" href="/house/growing">Start small</a>
					<a class="text-link" href="/house/files">Backup and files</a>
					<a class="text-link" href="/house/changes">Last changes</a>
				{:else}
					<a class="text-link" href="/house/pauses">Pauses</a>
				{/if}
			</nav>
		</header>
		{#if form && 'message' in form && form.message}
			<Notice tone={'undo' in form ? 'done' : 'wrong'}><span>{form.message}</span></Notice>
		{:else if form && 'saved' in form && !form.tried}
			<Notice><span>{form.saved} {form.effects?.join(' ')}</span></Notice>
		{/if}
		<div class="picture">
			<DollHouse
				rooms={view.rooms}
				chosen={view.room?.id ?? null}
				cat={view.cat === 'cat' ? 'cat' : null}
				hrefOf={(id) => `/house?room=${id}`}
				label="The house: {view.rooms
					.map((room) => `${room.name}${room.number ? `, zone ${room.number}` : ''}`)
					.join('; ')}"
			/>
		</div>
		<div class="under">
			{#if mayEdit && view.proposal && !left}<p class="dim">
					Rooms that would move are shown half in their new pattern.
				</p>{/if}
			<span class="add" hidden={!mayEdit}>
				<button
					class="plain"
					aria-expanded={adding === 'room'}
					onclick={() => (adding = adding === 'room' ? null : 'room')}>Add a room</button
				>
				<button
					class="plain"
					aria-expanded={adding === 'zone'}
					onclick={() => (adding = adding === 'zone' ? null : 'zone')}>Add a zone</button
				>
			</span>
		</div>
		{#if adding === 'room'}
			<EditForm values={{ op: 'addRoom' }} {view} class="adding" onsaved={() => (adding = null)}>
				<Choice
					label="Kind"
					name="kind"
					options={view.kinds.map((kind) => ({ value: kind.kind, label: kind.name }))}
				/>
				<TextField label="Name, if it has one" name="name" maxlength={80} />
				<Choice
					label="Storey"
					name="storey"
					value={String(0)}
					options={view.storeys.map((storey) => ({ value: String(storey.storey), label: storey.name }))}
				/>
				<Choice
					label="Zone"
					name="zone"
					options={[
						...view.zones.map((zone) => ({ value: zone.id, label: `${zone.number} ${zone.name}` })),
						{ value: '', label: 'none' }
					]}
				/>
				<button class="plain">Add this room</button>
			</EditForm>
		{:else if adding === 'zone'}
			<EditForm values={{ op: 'addZone' }} {view} class="adding" onsaved={() => (adding = null)}>
				<TextField label="Name" name="name" maxlength={80} required />
				<button class="plain">Add it</button>
			</EditForm>
		{/if}
	</section>

	<section class="right">
		{#if asking}
			<Label title={asking.saved}>
				<ul class="effects">
					{#each asking.effects as effect, i (i)}<li>{effect}</li>{/each}
				</ul>
				{#snippet acts()}
					<EditForm values={triedValues} {view}>
						<button class="sign small">Do it</button>
					</EditForm>
					<button
						class="plain"
						onclick={() => {
							dismissed = tried;
							hung = Object.fromEntries(
								view.zones.map((zone) => [zone.id, zone.rooms.map((room) => ({ ...room }))])
							);
						}}>Change nothing</button
					>
				{/snippet}
			</Label>
		{/if}
		{#if view.room}
			<fieldset class="bare-set" disabled={!mayEdit} class:read-only={!mayEdit}><RoomPage {view} /></fieldset>
		{:else if view.zone}
			<fieldset class="bare-set" disabled={!mayEdit} class:read-only={!mayEdit}><ZonePage {view} /></fieldset>
		{:else if view.zones.length > 0}
			<div class="heads">
				<h2>Cleaning each week</h2>
				<span class="dim" aria-hidden="true">needed</span><span class="dim" aria-hidden="true"
					>your family has</span
				>
			</div>
			<ul class="yokes">
				{#each view.zones as zone (zone.id)}
					<li>
						<span class="swatch"><Weave weave={zone.weave} /><span class="plate">{zone.number}</span></span>
						<div class="words">
							<a href="/house?zone={zone.id}" data-sveltekit-noscroll>{zone.name}</a>
							<span class:brass={zone.heavy} class:dim={!zone.heavy}>{zone.words}</span>
						</div>
						<Yoke asked={zone.asked} held={zone.held} tilt={zone.tilt} heavy={zone.heavy} />
						<ul
							class="chips"
							use:dndzone={{
								items: hung[zone.id] ?? [],
								type: 'rooms',
								dragDisabled: !mayEdit,
								flipDurationMs: 120,
								dropTargetStyle: {},
								dropTargetClasses: ['over']
							}}
							onconsider={(event) => (hung = { ...hung, [zone.id]: event.detail.items })}
							onfinalize={(event) => finalize(zone.id, event)}
							aria-label="Rooms of {zone.name}"
						>
							{#each hung[zone.id] ?? [] as room (room.id)}<li aria-label={room.name}>{room.name}</li>{/each}
						</ul>
					</li>
				{/each}
			</ul>
			{#each view.missed as words, i (i)}<p class="dim missed">{words}</p>{/each}
			{#if mayEdit && view.proposal && !left && !asking}
				<Label title={view.proposal.title}>
					{view.proposal.text}
					{#snippet acts()}
						<EditForm
							values={{
								op: 'takeProposal',
								move: view.proposal?.moves.map((move) => `${move.room}>${move.zone}`) ?? []
							}}
							{view}
						>
							<button class="sign small"
								>Move {view.proposal?.moves.length === 1 ? 'this room' : 'these rooms'}</button
							>
						</EditForm>
						<button class="plain" onclick={() => (left = true)}>Leave everything where it is</button>
					{/snippet}
				</Label>
			{/if}
		{:else}
			<h2>No zones</h2>
			<p class="dim">
				This home cleans without zones. Add one, then choose how zones take turns in Cleaning days and house
				rules.
			</p>
		{/if}
	</section>
</div>

<style>
	/* Whoever does not organise the home looks, and changes nothing. */
	.read-only :global(button),
	.read-only :global(a.plain),
	.read-only :global(details),
	.read-only :global(a[href^='/house/jobs']),
	.read-only :global(a[href^='/house/library']) {
		display: none;
	}
	.read-only :global(a[href^='/house/job']) {
		color: inherit;
		text-decoration: none;
		pointer-events: none;
	}
	.house-page {
		display: grid;
		grid-template-columns: minmax(0, 1.9fr) minmax(400px, 1fr);
		gap: 36px;
		flex: 1;
		padding: 10px calc(var(--page-edge) - var(--rim)) 20px;
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: flex-start;
		gap: 18px;
	}
	header p {
		margin-top: 4px;
		font-size: var(--t-lead);
	}
	nav {
		display: flex;
		gap: 18px;
		padding-top: 4px;
		flex-wrap: wrap;
	}
	.left {
		display: flex;
		flex-direction: column;
		min-width: 0;
	}
	.picture {
		flex: 1;
		display: grid;
		align-content: start;
		padding: 6px 0;
	}
	.under {
		display: flex;
		align-items: center;
		gap: 16px;
		min-height: 48px;
	}
	.add :global(.plain) {
		white-space: nowrap;
	}
	.add {
		margin-left: auto;
		display: flex;
		gap: 10px;
	}
	:global(.adding) {
		display: grid;
		grid-template-columns: repeat(4, 1fr) auto;
		gap: 12px;
		align-items: end;
		padding: 14px 0;
		border-top: var(--stitch);
	}
	:global(.adding) span {
		display: block;
		color: var(--tin-text);
	}
	.right {
		display: flex;
		flex-direction: column;
		min-width: 0;
	}
	.heads h2 {
		flex: 1;
		white-space: nowrap;
		font-size: 1.1875rem;
	}
	.heads {
		display: flex;
		align-items: baseline;
		gap: 40px;
		padding-right: 2px;
	}
	.yokes {
		list-style: none;
		margin: 0 0 10px;
		padding: 0;
	}
	.yokes > li {
		display: grid;
		grid-template-columns: 46px 1fr 134px;
		gap: 2px 12px;
		align-items: center;
		padding: 1px 0 4px;
		border-bottom: 1px solid var(--tin-1);
	}
	.swatch {
		position: relative;
		width: 46px;
		height: 46px;
	}
	.swatch :global(svg) {
		position: absolute;
		inset: 0;
	}
	.swatch .plate {
		position: absolute;
		left: 5px;
		top: 5px;
	}
	.words {
		display: grid;
		line-height: 1.2;
	}
	.words a {
		color: var(--ink);
		font-weight: var(--w-name);
		font-size: 1.0625rem;
		text-decoration: none;
		min-height: 28px;
		padding-top: 4px;
	}
	.words a:hover {
		text-decoration: underline;
	}
	.brass {
		color: var(--brass-text);
		font-weight: var(--w-name);
	}
	.chips {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		list-style: none;
		margin: 0;
		padding: 0;
		min-height: 30px;
		border-radius: 6px;
		outline: none;
	}
	.chips:global(.over) {
		background: var(--cobalt-wash);
	}
	.chips li {
		padding: 3px 10px;
		border-radius: 5px;
		background: var(--linen-hi);
		box-shadow: var(--sh-plate);
		cursor: grab;
		font-size: 0.9375rem;
		min-height: 28px;
	}
	.chips li:focus-visible {
		border-radius: 5px;
	}
	.missed {
		margin-bottom: 4px;
	}
	.effects {
		margin: 0;
		padding-left: 18px;
	}
	@media (max-width: 1000px) {
		.house-page {
			grid-template-columns: 1fr;
			padding: 12px 15px 24px;
			gap: 18px;
		}
		.yokes > li {
			grid-template-columns: 46px 1fr;
		}
		.yokes > li > :global(svg) {
			grid-column: 1 / -1;
			justify-self: center;
		}
		.heads .dim {
			display: none;
		}
		.chips {
			grid-column: 1 / -1;
		}
		:global(.adding) {
			grid-template-columns: 1fr 1fr;
		}
		header {
			flex-direction: column;
			gap: 4px;
		}
		nav {
			gap: 0 18px;
		}
		.under {
			flex-wrap: wrap;
		}
		.add {
			margin: 0;
		}
	}
</style>
