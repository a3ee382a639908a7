<script lang="ts">
	import TypedTouch from './TypedTouch.svelte';
	/** The walk from the top of the house down: keys hang under it, a touch puts a room in. */
	import Button from '../kit/Button.svelte';
	import { BEGIN_ROOMS } from '$words/screens/begin';
	import TextField from '../kit/TextField.svelte';
	import DollHouse from '../house/DollHouse.svelte';
	import Animal from './Animal.svelte';
	import { plural } from '$words/general';
	import RoomJobs from './RoomJobs.svelte';
	import Sample from './Sample.svelte';
	import Touch from './Touch.svelte';
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
		boards: BEGIN_ROOMS.boards,
		carpet: BEGIN_ROOMS.carpet,
		tiles: BEGIN_ROOMS.tiles,
		lino: BEGIN_ROOMS.lino,
		laminate: BEGIN_ROOMS.laminate,
		cork: BEGIN_ROOMS.cork,
		stone: BEGIN_ROOMS.stone,
		concrete: BEGIN_ROOMS.concrete,
		paint: BEGIN_ROOMS.paint,
		glass: BEGIN_ROOMS.glass,
		tile: BEGIN_ROOMS.glazedTile,
		wood: BEGIN_ROOMS.wood,
		steel: BEGIN_ROOMS.steel,
		plated: BEGIN_ROOMS.brassPlated,
		grout: BEGIN_ROOMS.joints,
		hob: BEGIN_ROOMS.glassHob,
		enamel: BEGIN_ROOMS.enamel,
		aluminium: BEGIN_ROOMS.aluminium,
		screen: BEGIN_ROOMS.screens,
		wool: BEGIN_ROOMS.woolSilk,
		matt: BEGIN_ROOMS.mattPaint,
		plastic: BEGIN_ROOMS.plastic
	};
	const PETS = [
		['cat', BEGIN_ROOMS.cat],
		['dog', BEGIN_ROOMS.dog],
		['bird', BEGIN_ROOMS.bird],
		['small', BEGIN_ROOMS.smallAnimal],
		['fish', BEGIN_ROOMS.fish]
	] as const;
	const room = $derived(view.room);
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

<div
	class="grid grid-cols-[minmax(0,1.95fr)_minmax(380px,1fr)] gap-9 flex-1 max-md:grid-cols-[1fr] max-md:gap-5"
>
	<section class="flex flex-col min-w-0" aria-labelledby="question">
		<h1 class="text-h1" id="question">{view.question}</h1>
		<p class="dim mt-1.5 text-lead">{BEGIN_ROOMS.fromTheTopOfThe}</p>
		<div class="grid grid-cols-[128px_1fr] gap-2 items-center flex-1 min-h-85 max-md:grid-cols-[1fr]">
			<nav class="grid gap-1.5 content-center max-md:flex max-md:flex-wrap" aria-label={BEGIN_ROOMS.storeys}>
				{#each view.storeys as storey (storey.storey)}
					<Touch
						values={{ op: 'walk', storey: String(storey.storey) }}
						pressed={storey.storey === view.storey}
					>
						<span
							class={[
								'grid py-1.5 px-2.5 min-h-11 content-center rounded-sign leading-tight',
								storey.storey === view.storey &&
									'bg-cobalt text-on-cobalt [box-shadow:inset_0_0_0_2px_var(--cobalt),inset_0_0_0_3.5px_var(--on-cobalt)]'
							]}
						>
							<b>{storey.name}</b><span
								class={[storey.storey === view.storey ? 'text-on-cobalt' : 'text-tin-text']}
								>{storey.rooms} {plural(storey.rooms, 'room')}</span
							>
						</span>
					</Touch>
				{/each}
				{#each [3, -1].filter((one) => !view.storeys.some((storey) => storey.storey === one)) as more (more)}
					<Touch values={{ op: 'walk', storey: String(more) }}>
						<span
							class="grid py-1.5 px-2.5 min-h-11 content-center rounded-sign leading-tight text-cobalt-ink underline underline-offset-4"
							>{more > 0 ? BEGIN_ROOMS.addAFloor : BEGIN_ROOMS.addACellar}</span
						>
					</Touch>
				{/each}
			</nav>
			<div class="min-w-0 max-w-180 py-1">
				{#if view.rooms.length > 0}
					<DollHouse
						rooms={view.rooms}
						chosen={room?.id ?? null}
						cat={cat === 'cat' ? cat : null}
						{hrefOf}
						label={BEGIN_ROOMS.theHouseSoFar(view.rooms.map((one) => one.name).join(', '))}
						nextRoom={view.storey}
					/>
				{:else}
					<div class="grid justify-items-center text-tin-text text-center">
						<svg class="w-[min(360px,90%)]" viewBox="0 0 300 200" aria-hidden="true">
							<path
								d="M30 90L150 20L270 90V180H30Z"
								fill="none"
								stroke="var(--tin-2)"
								stroke-width="3"
								stroke-dasharray="7 7"
							/>
						</svg>
						<p>{BEGIN_ROOMS.noRoomsYetTouchOne}</p>
					</div>
				{/if}
			</div>
		</div>
		<div
			class="grid grid-cols-[repeat(7,1fr)] gap-x-2.5 gap-y-3.5 px-1 pt-3.5 pb-2 [background:linear-gradient(var(--wood),var(--wood))_0_0_/_100%_7px_no-repeat] max-md:grid-cols-[repeat(3,1fr)]"
			role="group"
			aria-label={BEGIN_ROOMS.roomsToAdd(view.storeyName.toLowerCase())}
		>
			{#each view.keys as key (key.kind)}
				<Touch
					values={{ op: 'hang', kind: key.kind, storey: String(view.storey) }}
					label="{key.name}{key.hung > 0 ? `, ${key.hung} added` : ''}"
				>
					<span
						class={[
							'key relative grid place-items-center content-center min-h-14 px-1.5 pt-2 pb-1.5 border-2 border-cobalt-ink rounded-[8px] text-center leading-[1.15]',
							key.hung > 0 ? 'bg-cobalt-wash' : 'bg-enamel-hi'
						]}
					>
						<span
							class="hook absolute -top-2.5 left-[50%] w-2.5 h-3 -ml-1.25 border-2 border-tin-2 border-b-0 rounded-[6px_6px_0_0]"
							aria-hidden="true"
						></span>
						<b class="text-[0.9375rem]">{key.name}</b>
						{#if key.hung > 0}<span>{BEGIN_ROOMS.added(key.hung)}</span>{/if}
					</span>
				</Touch>
			{/each}
		</div>
	</section>

	<section class="flex flex-col min-w-0" aria-label={BEGIN_ROOMS.theRoom}>
		{#if room}
			<header class="flex items-baseline justify-between gap-3">
				<h2 class="text-h1">{room.name}</h2>
				<Button kind="link" type="submit" aria-expanded={renaming} onclick={() => (renaming = !renaming)}
					>{BEGIN_ROOMS.rename}</Button
				>
			</header>
			<p class="dim">{room.kindName}, {room.where}.</p>
			{#if renaming}
				{#key room.id}<TypedTouch
						of={{ name: room.name }}
						id="room"
						values={{ op: 'nameRoom', room: room.id }}
						class="rename"
						onsaved={() => (renaming = false)}
						>{#snippet children(typed, sending)}
							<TextField
								label={BEGIN_ROOMS.itsName}
								hideLabel
								name="name"
								value={typed.name}
								maxlength={80}
								required
							/>
							<Button class="self-start" type="submit" {sending}>{BEGIN_ROOMS.save}</Button
							>{/snippet}</TypedTouch
					>{/key}
			{/if}
			<h3 class="mt-3.5 text-tag flex items-baseline justify-between">
				{BEGIN_ROOMS.floor}
				<Button
					kind="link"
					type="submit"
					class="font-text! text-[0.9375rem]!"
					onclick={() => (allFloors = !allFloors)}
					>{allFloors ? BEGIN_ROOMS.fewer : BEGIN_ROOMS.allOfThem}</Button
				>
			</h3>
			<ul class="flex flex-wrap gap-x-1.25 gap-y-2.5 mt-3">
				{#each shownFloors as floor (floor)}
					<li class="w-15.5">
						<Touch values={{ op: 'floor', room: room.id, floor }} pressed={room.floor === floor}>
							<Sample stuff={floor} chosen={room.floor === floor} /><span
								class={[
									'block mt-1.25 text-center text-[0.875rem] leading-[1.1]',
									room.floor === floor && 'font-name'
								]}>{WORDS[floor]}</span
							>
						</Touch>
					</li>
				{/each}
			</ul>
			<h3 class="mt-3.5 text-tag flex items-baseline justify-between">
				{BEGIN_ROOMS.whatGetsWiped}
				<Button
					kind="link"
					type="submit"
					class="font-text! text-[0.9375rem]!"
					onclick={() => (allSurfaces = !allSurfaces)}
					>{allSurfaces ? BEGIN_ROOMS.fewer : BEGIN_ROOMS.allOfThem}</Button
				>
			</h3>
			<ul class="flex flex-wrap gap-x-1.25 gap-y-2.5 mt-3">
				{#each shownSurfaces as surface (surface)}
					{@const on = room.surfaces.includes(surface)}
					<li class="w-15.5">
						<Touch values={{ op: 'surface', room: room.id, surface }} pressed={on}>
							<Sample stuff={surface} chosen={on} /><span
								class={['block mt-1.25 text-center text-[0.875rem] leading-[1.1]', on && 'font-name']}
								>{WORDS[surface]}</span
							>
						</Touch>
					</li>
				{/each}
			</ul>
			<h3 class="mt-3.5 text-tag flex items-baseline justify-between">
				{BEGIN_ROOMS.whichAnimalsComeInHere}
			</h3>
			<ul class="flex flex-wrap gap-x-1.25 gap-y-2.5 mt-3">
				{#each PETS as [kind, word] (kind)}
					{@const on = room.sheds.includes(kind)}
					<li class="w-15.5">
						<Touch values={{ op: 'sheds', room: room.id, pet: kind }} pressed={on}>
							<Animal {kind} {word} {on} />
						</Touch>
					</li>
				{/each}
			</ul>
			<RoomJobs {room} />
		{:else}
			<h2 class="text-h1">{BEGIN_ROOMS.theFirstRoom}</h2>
			<p class="dim">{BEGIN_ROOMS.chooseTheUsualRoomsYou}</p>
			{#if view.demoThere}
				<form method="post" action="/begin?/takeDemo">
					<p>{BEGIN_ROOMS.orBeginWithTheRooms}</p>
					<Button type="submit">{BEGIN_ROOMS.startFromTheDemoHomes}</Button>
				</form>
			{/if}
		{/if}
		<div
			class="way-on max-md:flex-nowrap max-md:gap-2 max-md:whitespace-nowrap max-md:sticky max-md:bottom-0 max-md:bg-enamel max-md:pb-3 max-md:z-5"
		>
			{#if view.below}
				<Touch values={{ op: 'step', step: 'zones' }} kind="plain" disabled={view.rooms.length === 0}
					>{BEGIN_ROOMS.toTheZones}</Touch
				>
				<Touch values={{ op: 'walk', storey: String(view.below.storey) }} kind="solid"
					>{view.below.storey === 0
						? BEGIN_ROOMS.nextTheFloorBelow
						: BEGIN_ROOMS.next(view.below.name.toLowerCase())}</Touch
				>
			{:else}
				<Touch values={{ op: 'step', step: 'zones' }} kind="solid" disabled={view.rooms.length === 0}
					>{BEGIN_ROOMS.nextZones}</Touch
				>
			{/if}
		</div>
	</section>
</div>

<style>
	.key span:not(.hook) {
		color: var(--tin-text);
		font-size: 0.875rem;
	}
	section :global(.rename) {
		display: flex;
		gap: 8px;
		margin-top: 8px;
	}
	@media (max-width: 1000px) {
		.way-on :global([data-button-root]) {
			padding: 0 14px;
			font-size: 1.0625rem;
		}
	}
</style>
