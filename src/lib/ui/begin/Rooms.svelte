<script lang="ts">
	/** The walk from the top of the house down: keys hang under it, a touch puts a room in. */
	import DollHouse from '../house/DollHouse.svelte';
	import Animal from './Animal.svelte';
	import { lowerNumber, plural } from '$words/general';
	import Sample from './Sample.svelte';
	import Touch from './Touch.svelte';
	import TouchForm from './TouchForm.svelte';
	import type { BeginView } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	let renaming = $state(false);
	let allSurfaces = $state(false);
	let allFloors = $state(false);
	const FLOORS = ['boards', 'carpet', 'tiles', 'lino', 'laminate', 'cork', 'stone', 'concrete'];
	const SURFACES = [
		'paint',
		'glass',
		'tile',
		'wood',
		'steel',
		'stone',
		'plated',
		'grout',
		'hob',
		'enamel',
		'aluminium',
		'laminate',
		'screen',
		'wool',
		'matt',
		'plastic'
	];
	const WORDS: Record<string, string> = {
		boards: 'Boards',
		carpet: 'Carpet',
		tiles: 'Tiles',
		lino: 'Lino',
		laminate: 'Laminate',
		cork: 'Cork',
		stone: 'Stone',
		concrete: 'Concrete',
		paint: 'Paint',
		glass: 'Glass',
		tile: 'Glazed tile',
		wood: 'Wood',
		steel: 'Steel',
		plated: 'Brass, plated',
		grout: 'Joints',
		hob: 'Glass hob',
		enamel: 'Enamel',
		aluminium: 'Aluminium',
		screen: 'Screens',
		wool: 'Wool, silk',
		matt: 'Matt paint',
		plastic: 'Plastic'
	};
	const PETS = [
		['cat', 'Cat'],
		['dog', 'Dog'],
		['bird', 'Bird'],
		['small', 'Small animal'],
		['fish', 'Fish']
	] as const;
	const room = $derived(view.room);
	const wanted = $derived(room?.jobs.filter((job) => job.wanted) ?? []);
	const shownFloors = $derived(
		allFloors
			? FLOORS
			: [...new Set([...(room?.floor ? [room.floor] : []), ...FLOORS])]
					.slice(0, 6)
					.sort((a, b) => FLOORS.indexOf(a) - FLOORS.indexOf(b))
	);
	const shownSurfaces = $derived(
		allSurfaces
			? SURFACES
			: [...new Set([...(room?.surfaces ?? []), ...SURFACES])].slice(
					0,
					Math.max(5, room?.surfaces.length ?? 0)
				)
	);
	const cat = $derived(view.draft.pets[0]?.kind ?? null);
	const hrefOf = (id: string) => `/begin?step=rooms&room=${id}`;
</script>

<div class="rooms">
	<section class="walk" aria-labelledby="question">
		<h1 id="question">{view.question}</h1>
		<p class="dim">From the top of the house down. Touch a room to add it.</p>
		<div class="drawn">
			<nav class="storeys" aria-label="Storeys">
				{#each view.storeys as storey (storey.storey)}
					<Touch
						values={{ op: 'walk', storey: String(storey.storey) }}
						pressed={storey.storey === view.storey}
					>
						<span class="storey" class:here={storey.storey === view.storey}>
							<b>{storey.name}</b><span>{storey.rooms} {plural(storey.rooms, 'room')}</span>
						</span>
					</Touch>
				{/each}
				{#each [3, -1].filter((one) => !view.storeys.some((storey) => storey.storey === one)) as more (more)}
					<Touch values={{ op: 'walk', storey: String(more) }}>
						<span class="storey more">{more > 0 ? 'Add a floor' : 'Add a cellar'}</span>
					</Touch>
				{/each}
			</nav>
			<div class="picture">
				{#if view.rooms.length > 0}
					<DollHouse
						rooms={view.rooms}
						chosen={room?.id ?? null}
						cat={cat === 'cat' ? cat : null}
						{hrefOf}
						label="The house so far: {view.rooms.map((one) => one.name).join(', ')}"
						nextRoom={view.storey}
					/>
				{:else}
					<div class="empty">
						<svg viewBox="0 0 300 200" aria-hidden="true">
							<path
								d="M30 90L150 20L270 90V180H30Z"
								fill="none"
								stroke="var(--tin-2)"
								stroke-width="3"
								stroke-dasharray="7 7"
							/>
						</svg>
						<p>No rooms yet. Touch one below to add it.</p>
					</div>
				{/if}
			</div>
		</div>
		<div class="rack" role="group" aria-label="Rooms to add {view.storeyName.toLowerCase()}">
			{#each view.keys as key (key.kind)}
				<Touch
					values={{ op: 'hang', kind: key.kind, storey: String(view.storey) }}
					label="{key.name}{key.hung > 0 ? `, ${key.hung} added` : ''}"
				>
					<span class="key" class:hung={key.hung > 0}>
						<span class="hook" aria-hidden="true"></span>
						<b>{key.name}</b>
						{#if key.hung > 0}<span>{key.hung} added</span>{/if}
					</span>
				</Touch>
			{/each}
		</div>
	</section>

	<section class="page" aria-label="The room">
		{#if room}
			<header>
				<h2>{room.name}</h2>
				<button class="text-link" aria-expanded={renaming} onclick={() => (renaming = !renaming)}
					>Rename</button
				>
			</header>
			<p class="dim">{room.kindName}, {room.where}.</p>
			{#if renaming}
				<TouchForm
					values={{ op: 'nameRoom', room: room.id }}
					class="rename"
					onkept={() => (renaming = false)}
				>
					<input
						class="field"
						name="name"
						value={room.name}
						aria-label="Its name"
						maxlength="80"
						required
					/><button class="plain">Save</button></TouchForm
				>
			{/if}
			<h3>
				Floor <button class="text-link" onclick={() => (allFloors = !allFloors)}
					>{allFloors ? 'Fewer' : 'All of them'}</button
				>
			</h3>
			<ul class="samples">
				{#each shownFloors as floor (floor)}
					<li>
						<Touch values={{ op: 'floor', room: room.id, floor }} pressed={room.floor === floor}>
							<Sample stuff={floor} chosen={room.floor === floor} /><span
								class="word"
								class:chosen={room.floor === floor}>{WORDS[floor]}</span
							>
						</Touch>
					</li>
				{/each}
			</ul>
			<h3>
				What gets wiped <button class="text-link" onclick={() => (allSurfaces = !allSurfaces)}
					>{allSurfaces ? 'Fewer' : 'All of them'}</button
				>
			</h3>
			<ul class="samples">
				{#each shownSurfaces as surface (surface)}
					{@const on = room.surfaces.includes(surface)}
					<li>
						<Touch values={{ op: 'surface', room: room.id, surface }} pressed={on}>
							<Sample stuff={surface} chosen={on} /><span class="word" class:chosen={on}
								>{WORDS[surface]}</span
							>
						</Touch>
					</li>
				{/each}
			</ul>
			<h3>Which animals come in here?</h3>
			<ul class="samples">
				{#each PETS as [kind, word] (kind)}
					{@const on = room.sheds.includes(kind)}
					<li>
						<Touch values={{ op: 'sheds', room: room.id, pet: kind }} pressed={on}>
							<Animal {kind} {word} {on} />
						</Touch>
					</li>
				{/each}
			</ul>
			<div class="follows">
				<p>
					That makes <b>{lowerNumber(wanted.length)} {plural(wanted.length, 'job')}</b>, about
					<b>{room.minutesAWeek} min</b> a week.
				</p>
				<details>
					<summary class="text-link"
						>See {wanted.length === room.jobs.length ? 'them' : `the ${room.jobs.length}`}</summary
					>
					<ul class="jobs">
						{#each room.jobs as job (job.key)}
							<li>
								<Touch values={{ op: 'without', key: job.key }} pressed={job.wanted}>
									<span class="tick" class:off={!job.wanted}
										>{job.name}<span class="dim"> {job.minutes} min</span></span
									>
								</Touch>
							</li>
						{/each}
					</ul>
				</details>
				<Touch values={{ op: 'unhang', room: room.id }} kind="text-link">Remove this room</Touch>
			</div>
		{:else}
			<h2>The first room</h2>
			<p class="dim">Choose the usual rooms; you can rename each.</p>
			{#if view.demoThere}
				<form method="post" action="/begin?/takeDemo">
					<p>Or begin with the rooms of the demo home, and change what is not yours.</p>
					<button class="plain">Start from the demo home’s rooms</button>
				</form>
			{/if}
		{/if}
		<div class="way-on">
			{#if view.below}
				<Touch values={{ op: 'step', step: 'zones' }} kind="plain" disabled={view.rooms.length === 0}
					>To the zones</Touch
				>
				<Touch values={{ op: 'walk', storey: String(view.below.storey) }} kind="sign"
					>{view.below.storey === 0
						? 'Next: the floor below'
						: `Next: ${view.below.name.toLowerCase()}`}</Touch
				>
			{:else}
				<Touch values={{ op: 'step', step: 'zones' }} kind="sign" disabled={view.rooms.length === 0}
					>Next: zones</Touch
				>
			{/if}
		</div>
	</section>
</div>

<style>
	.rooms {
		display: grid;
		grid-template-columns: minmax(0, 1.95fr) minmax(380px, 1fr);
		gap: 36px;
		flex: 1;
	}
	h1 {
		font-size: var(--t-h1);
	}
	h2 {
		font-size: var(--t-h1);
	}
	h3 {
		margin-top: 14px;
		font-size: 1.1875rem;
		display: flex;
		align-items: baseline;
		justify-content: space-between;
	}
	h3 .text-link {
		font-family: var(--font-text);
		font-size: 0.9375rem;
	}
	.walk {
		display: flex;
		flex-direction: column;
		min-width: 0;
	}
	.walk > p {
		margin-top: 6px;
		font-size: var(--t-lead);
	}
	.drawn {
		display: grid;
		grid-template-columns: 128px 1fr;
		gap: 8px;
		align-items: center;
		flex: 1;
		min-height: 340px;
	}
	.storeys {
		display: grid;
		gap: 6px;
		align-content: center;
	}
	.storey {
		display: grid;
		padding: 6px 10px;
		min-height: 44px;
		align-content: center;
		border-radius: var(--r-sign);
		line-height: 1.2;
	}
	.storey span {
		color: var(--tin-text);
	}
	.storey.here {
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow:
			inset 0 0 0 2px var(--cobalt),
			inset 0 0 0 3.5px var(--on-cobalt);
	}
	.storey.here span {
		color: var(--on-cobalt);
	}
	.storey.more {
		color: var(--cobalt-ink);
		text-decoration: underline;
		text-underline-offset: 4px;
	}
	.picture {
		min-width: 0;
		max-width: 720px;
		padding: 4px 0;
	}
	.empty {
		display: grid;
		justify-items: center;
		color: var(--tin-text);
		text-align: center;
	}
	.empty svg {
		width: min(360px, 90%);
	}
	.rack {
		display: grid;
		grid-template-columns: repeat(7, 1fr);
		gap: 14px 10px;
		padding: 14px 4px 8px;
		background: linear-gradient(var(--wood), var(--wood)) 0 0 / 100% 7px no-repeat;
	}
	.key {
		position: relative;
		display: grid;
		place-items: center;
		align-content: center;
		min-height: 56px;
		padding: 8px 6px 6px;
		background: var(--enamel-hi);
		border: 2px solid var(--cobalt-ink);
		border-radius: 8px;
		text-align: center;
		line-height: 1.15;
	}
	.key b {
		font-size: 0.9375rem;
	}
	.key span:not(.hook) {
		color: var(--tin-text);
		font-size: 0.875rem;
	}
	.hook {
		position: absolute;
		top: -10px;
		left: 50%;
		width: 10px;
		height: 12px;
		margin-left: -5px;
		border: 2px solid var(--tin-2);
		border-bottom: 0;
		border-radius: 6px 6px 0 0;
	}
	.key.hung {
		background: var(--cobalt-wash);
	}
	.page {
		display: flex;
		flex-direction: column;
		min-width: 0;
	}
	.page header {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 12px;
	}
	section :global(.rename) {
		display: flex;
		gap: 8px;
		margin-top: 8px;
	}
	.samples {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 5px;
		margin: 12px 0 0;
		padding: 0;
		list-style: none;
	}
	.samples li {
		width: 62px;
	}
	.word {
		display: block;
		margin-top: 5px;
		text-align: center;
		font-size: 0.875rem;
		line-height: 1.1;
	}
	.word.chosen {
		font-weight: var(--w-name);
	}
	.follows {
		margin-top: 16px;
		padding-top: 14px;
		border-top: var(--stitch);
		font-size: var(--t-lead);
		display: flex;
		flex-wrap: wrap;
		gap: 4px 18px;
	}
	.follows details[open] {
		flex: 1 0 100%;
	}
	.follows summary {
		list-style: none;
		cursor: pointer;
	}
	.jobs {
		margin: 8px 0;
		padding: 0;
		list-style: none;
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 2px 14px;
		font-size: 1rem;
	}
	.tick {
		display: block;
		padding: 4px 0 4px 24px;
		position: relative;
		min-height: 28px;
	}
	.tick::before {
		content: '';
		position: absolute;
		left: 0;
		top: 8px;
		width: 14px;
		height: 14px;
		border: 2px solid var(--cobalt-ink);
		border-radius: 3px;
		background: var(--cobalt);
		box-shadow: inset 0 0 0 2px var(--enamel-hi);
	}
	.tick.off {
		color: var(--tin-text);
		text-decoration: line-through;
	}
	.tick.off::before {
		background: none;
	}
	@media (max-width: 1000px) {
		.rooms {
			grid-template-columns: 1fr;
			gap: 20px;
		}
		.rack {
			grid-template-columns: repeat(3, 1fr);
		}
		.drawn {
			grid-template-columns: 1fr;
		}
		.storeys {
			display: flex;
			flex-wrap: wrap;
		}
		.way-on {
			flex-wrap: nowrap;
			gap: 8px;
			white-space: nowrap;
			position: sticky;
			bottom: 0;
			background: var(--enamel);
			padding-bottom: 12px;
			z-index: 5;
		}
		.way-on :global(.plain),
		.way-on :global(.sign.small) {
			padding: 0 14px;
			font-size: 1.0625rem;
		}
	}
</style>
