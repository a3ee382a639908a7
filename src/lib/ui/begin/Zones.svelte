<script lang="ts">
	import TypedTouch from './TypedTouch.svelte';
	/** Rooms that lie together, in zones that are even; each room can be put elsewhere with one touch. */
	import Button from '../kit/Button.svelte';
	import { BEGIN_ZONES } from '$words/screens/begin';
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import DollHouse from '../house/DollHouse.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { plural } from '$words/general';
	import { sharedDaysText } from '$words/firstSteps';
	import Touch from './Touch.svelte';
	import TouchForm from './TouchForm.svelte';
	import type { BeginView } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	const most = $derived(Math.max(1, ...view.zones.map((zone) => zone.minutes)));
	const inNone = $derived(view.rooms.filter((room) => room.number === null));
</script>

<div
	class="grid grid-cols-[minmax(0,1.5fr)_minmax(420px,1fr)] gap-10 flex-1 max-md:grid-cols-[minmax(0,1fr)] max-md:gap-4"
>
	<section aria-labelledby="zones-title">
		<h1 id="zones-title">{BEGIN_ZONES.roomsThatLieTogether}</h1>
		<p class="dim text-lead mt-1.5">
			{view.scheme === 'none' ? BEGIN_ZONES.theWayOfCleaningYou : BEGIN_ZONES.zonesComeRoundInThis}
		</p>
		<div class="max-w-190 mt-3">
			<DollHouse
				rooms={view.rooms}
				cat={view.draft.pets.some((pet) => pet.kind === 'cat') ? 'cat' : null}
				label={BEGIN_ZONES.theHouseInZones(
					view.zones.map((zone) => `${zone.number} ${zone.name}`).join(', ')
				)}
			/>
		</div>
		<!-- The zones of a home that is there stay: more or fewer are made on the House. -->
		{#if view.draft.changes === null}<div
				class="counts flex flex-wrap items-center gap-2.5 mt-4.5 max-md:gap-2"
			>
				<span>{BEGIN_ZONES.howManyZones}</span>
				{#each [4, 5, 6, 7].filter((n) => n <= Math.max(4, view.rooms.length)) as count (count)}
					<Touch
						values={{ op: 'zonesAnew', count: String(count) }}
						kind="plain"
						pressed={view.zones.length === count}>{String(count)}</Touch
					>
				{/each}
			</div>{/if}
		{#if view.sharedDays}<p class="m-0 mt-2 text-body">
				{sharedDaysText(view.zones.length, view.sharedDays)}
			</p>{/if}
	</section>
	<section class="list flex flex-col" aria-label={BEGIN_ZONES.zones}>
		{#each view.zones as zone (zone.id)}
			<div class="flex gap-4 py-2 border-b border-b-tin-1">
				<span class="swatch relative w-12.5 min-h-16 flex-none"
					><Weave weave={zone.weave} /><span class="plate absolute left-1.75 top-3">{zone.number}</span></span
				>
				<div class="body relative flex-1 min-w-0">
					<TypedTouch
						of={{ name: zone.name }}
						id={zone.id}
						values={{ op: 'nameZone', zone: zone.id }}
						class="name"
						>{#snippet children(typed, sending)}
							<TextField
								label={BEGIN_ZONES.nameOfZone(zone.number)}
								hideLabel
								class="flex-1"
								name="name"
								value={typed.name}
								maxlength={80}
								required
							/>
							<Button kind="link" type="submit" {sending}>{BEGIN_ZONES.saveTheName}</Button
							>{/snippet}</TypedTouch
					>
					<div class="grid grid-cols-[minmax(0,1fr)_64px] items-center gap-2.5 mt-1 mb-1.5">
						<span
							><i
								class="block h-2.25 min-w-0.75 [background:repeating-linear-gradient(90deg,var(--cobalt-ink)_0_14px,transparent_14px_18px)] rounded-[5px]"
								style:width="{(zone.minutes / most) * 100}%"
							></i></span
						><b>{BEGIN_ZONES.min(zone.minutes)}</b>
					</div>
					<ul class="flex flex-wrap gap-x-3.5 gap-y-1.5">
						{#each zone.rooms as room (room.id)}
							<li>
								<TouchForm values={{ op: 'zone', room: room.id }}>
									<Choice
										label={room.name}
										name="zone"
										value={zone.id}
										options={[
											...view.zones.map((other) => ({ value: other.id, label: `in ${other.number}` })),
											{ value: '', label: BEGIN_ZONES.inNone }
										]}
										sends
									/>
									<noscript><button>{BEGIN_ZONES.move}</button></noscript></TouchForm
								>
							</li>
						{/each}
					</ul>
				</div>
			</div>
		{/each}
		{#if inNone.length > 0}
			<p class="dim text-lead mt-1.5">
				{BEGIN_ZONES.inNoZoneTheirDeep(
					inNone.map((room) => room.name).join(', '),
					plural(inNone.length, 'job')
				)}
			</p>
			<div class="counts flex flex-wrap items-center gap-2.5 mt-4.5 max-md:gap-2">
				{#each inNone as room (room.id)}
					{#if view.zones[0]}<Touch
							values={{ op: 'zone', room: room.id, zone: view.zones[0].id }}
							kind="plain">{BEGIN_ZONES.into(room.name, view.zones[0].number)}</Touch
						>{/if}
				{/each}
			</div>
		{/if}
		<div class="way-on">
			<Touch values={{ op: 'step', step: 'rooms' }} kind="plain">{BEGIN_ZONES.backToTheRooms}</Touch>
			<Touch values={{ op: 'step', step: 'rhythm' }} kind="solid">{BEGIN_ZONES.nextHowYouClean}</Touch>
		</div>
	</section>
</div>

<style>
	.swatch :global(svg) {
		position: absolute;
		inset: 0;
	}
	.list :global(.name) {
		display: flex;
		gap: 8px;
		align-items: center;
	}
	/* The button takes no room from a long name until the name is written anew. */
	:global(.name [data-button-root]) {
		position: absolute;
		right: 0;
		font-size: 0.9375rem;
		background: var(--enamel);
		opacity: 0;
		pointer-events: none;
	}
	:global(.name:focus-within [data-button-root]) {
		position: static;
		opacity: 1;
		pointer-events: auto;
	}
	@media (max-width: 1000px) {
		.counts :global([data-button-root]) {
			padding: 0 16px;
		}
	}
</style>
