<script lang="ts">
	/** One zone: its deep list in order, how it picks, its clutter, its year. */
	import Button from '../kit/Button.svelte';
	import { HOUSE_ZONE_PAGE } from '$words/screens/house';
	import More from '../kit/More.svelte';
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import { dndzone } from 'svelte-dnd-action';
	import ActForm from '../ActForm.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { plural } from '$words/general';
	import { ZONE_PAGE } from '$words/house';
	import LayerOff from './LayerOff.svelte';
	import { WEAVE_NAMES } from '$words/names';
	import EditFields from './EditFields.svelte';
	import EditForm from './EditForm.svelte';
	import PlaceButtons from './PlaceButtons.svelte';
	import type { HouseView, ZoneItemView } from '$views/house';
	import { once } from '../once';
	let { view }: { view: HouseView } = $props();
	const zone = $derived(view.zone);
	let items = $derived<ZoneItemView[]>([...(zone?.items ?? [])]);
	let sort: HTMLFormElement | undefined = $state();
	const CLUTTER = [
		['clear', 'clear'],
		['nearly', 'nearly'],
		['not-yet', HOUSE_ZONE_PAGE.notYet]
	] as const;
	const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
	function finalize(event: CustomEvent<{ items: ZoneItemView[] }>) {
		items = event.detail.items;
		queueMicrotask(() => sort?.requestSubmit());
	}
</script>

{#if zone}
	<header class="flex items-center gap-3.5">
		<span class="swatch relative w-12.5 h-12.5 flex-none"
			><Weave weave={zone.weave} /><span class="plate absolute inset-1.75">{zone.number}</span></span
		>
		<h2>{zone.name}</h2>
		<Button kind="link" class="ml-auto" href="/house" data-sveltekit-noscroll>{HOUSE_ZONE_PAGE.close}</Button>
	</header>
	<p class="dim my-2">
		{HOUSE_ZONE_PAGE.andDaysInTheComing(
			zone.visits,
			plural(zone.visits, 'visit'),
			zone.days,
			zone.asked,
			zone.held
		)}
	</p>
	<ActForm action="/house?/edit" class="clutter" values={{ op: 'clutter', zone: zone.id, seed: view.formId }}>
		<span>{HOUSE_ZONE_PAGE.isItDecluttered}</span>
		{#each CLUTTER as [value, word] (value)}
			<Button type="submit" name="clutter" {value} aria-pressed={zone.clutter === value}>{word}</Button>
		{/each}
	</ActForm>
	<EditForm values={{ op: 'changeZone', zone: zone.id }} {view} class="row">
		<Choice
			label={HOUSE_ZONE_PAGE.whatToDoFirst}
			name="orderBy"
			value={zone.orderBy}
			options={[
				{ value: 'list', label: HOUSE_ZONE_PAGE.theJobsInOrderTime },
				{ value: 'need', label: HOUSE_ZONE_PAGE.theMostOverdueFirst }
			]}
		/>
		<Button type="submit">{HOUSE_ZONE_PAGE.save}</Button>
	</EditForm>
	<form method="post" action="/house?/edit" hidden bind:this={sort} use:once>
		<input type="hidden" name="op" value="changeZone" /><input type="hidden" name="zone" value={zone.id} />
		<input type="hidden" name="revision" value={view.revision} />
		{#each items as item (item.id)}<input type="hidden" name="item" value={item.id} />{/each}
	</form>
	{#if zone.ofRooms.length > 0}
		<h3 class="mt-2.5 text-lead">{ZONE_PAGE.ofRooms}</h3>
		<p class="dim my-2">{ZONE_PAGE.ofRoomsHelp}</p>
		<ul class="m-0 grid list-none gap-1 p-0">
			{#each zone.ofRooms as job (job.id)}
				<li
					class="of-room flex items-baseline gap-3 flex items-center gap-2.5 py-1.25 px-0.5 border-b border-b-tin-1 bg-enamel focus-visible:rounded-[4px] focus-visible:[box-shadow:inset_0_0_0_3px_var(--cobalt-ink)]"
				>
					<span class="min-w-0 flex-1 wrap-anywhere"
						><a href="/house/job/{job.id}">{job.name}</a>
						<span class="dim">{job.room}, {job.rhythm}</span></span
					><b class="whitespace-nowrap">{HOUSE_ZONE_PAGE.min(job.minutes)}</b>
				</li>
			{/each}
		</ul>
	{/if}
	{#if items.length > 0 || zone.ofRooms.length === 0}<h3 class="mt-2.5 text-lead">
			{zone.ofRooms.length > 0 ? ZONE_PAGE.extra : ZONE_PAGE.jobs}
		</h3>{/if}
	{#if items.length > 0 && view.layersOff.includes('zone')}<LayerOff layer="zone" {view} />{/if}
	<ol
		class="mt-1.5 mb-3 max-h-[max(340px,calc(100svh_-_400px))] overflow-auto [outline:none]"
		use:dndzone={{ items, flipDurationMs: 120, dropTargetStyle: {}, type: 'items' }}
		onconsider={(event) => (items = event.detail.items)}
		onfinalize={finalize}
		aria-label={ZONE_PAGE.jobsInOrder}
	>
		{#each items as item, i (item.id)}
			<li
				class="flex items-center gap-2.5 py-1.25 px-0.5 border-b border-b-tin-1 bg-enamel focus-visible:rounded-[4px] focus-visible:[box-shadow:inset_0_0_0_3px_var(--cobalt-ink)]"
			>
				<span class="text-tin-2 cursor-grab [letter-spacing:-3px] pr-1" aria-hidden="true">⋮⋮</span>
				<span class="flex-1 min-w-0 grid leading-tight"
					><a class="text-ink [font-weight:500] no-underline hover:underline" href="/house/job/{item.id}"
						>{item.name}</a
					>
					<span class="dim text-[0.9375rem]"
						>{item.room}{item.season.length > 0
							? `, ${item.season.map((month) => MONTHS[month - 1]).join(' ')}`
							: ''}</span
					></span
				>
				<b>{HOUSE_ZONE_PAGE.min(item.minutes)}</b>
				<EditForm values={{ op: 'every', job: item.id, every: item.every === 1 ? '2' : '1' }} {view}
					><Button kind="link" type="submit" class="text-[0.9375rem]!"
						>{item.every === 1 ? HOUSE_ZONE_PAGE.everyTime : HOUSE_ZONE_PAGE.every2nd}</Button
					></EditForm
				>
				<span class="flex">
					<EditForm values={{ op: 'moveItem', zone: zone.id, job: item.id, by: '-1' }} {view}
						><button
							class="w-7.5 h-9 border-0 [background:none] text-cobalt-ink text-[1.125rem] disabled:text-tin-1"
							aria-label={HOUSE_ZONE_PAGE.oneUp(item.name)}
							disabled={i === 0}>↑</button
						></EditForm
					>
					<EditForm values={{ op: 'moveItem', zone: zone.id, job: item.id, by: '1' }} {view}
						><button
							class="w-7.5 h-9 border-0 [background:none] text-cobalt-ink text-[1.125rem] disabled:text-tin-1"
							aria-label={HOUSE_ZONE_PAGE.oneDown(item.name)}
							disabled={i === items.length - 1}>↓</button
						></EditForm
					>
				</span>
			</li>
		{/each}
	</ol>
	{#if items.length === 0 && zone.ofRooms.length === 0}<p class="dim my-2">
			{HOUSE_ZONE_PAGE.noZoneJobsYet}
		</p>{/if}
	<More title={HOUSE_ZONE_PAGE.renameMoveOrRemove}>
		{#key zone.id}
			<EditFields
				{view}
				id="zone {zone.id}"
				of={{ name: zone.name, weave: zone.weave }}
				values={{ op: 'nameZone', zone: zone.id }}
				class="facts"
			>
				{#snippet children(typed, sending)}
					<TextField label={HOUSE_ZONE_PAGE.name} name="name" value={typed.name} maxlength={80} required />
					<Choice
						label={HOUSE_ZONE_PAGE.pattern}
						name="weave"
						value={typed.weave}
						options={view.weaves.map((weave) => ({ value: weave, label: WEAVE_NAMES[weave] }))}
					/>
					<Button type="submit" {sending}>{HOUSE_ZONE_PAGE.save}</Button>
				{/snippet}
			</EditFields>
		{/key}
		<PlaceButtons {view} values={{ op: 'reorderZone', zone: zone.id }} tries />
		<EditForm values={{ op: 'retireZone', zone: zone.id }} {view} tries class="row">
			<Choice
				label={HOUSE_ZONE_PAGE.removeItAndGiveIts}
				name="into"
				options={[
					...view.zones
						.filter((one) => one.id !== zone.id)
						.map((other) => ({ value: other.id, label: `${other.number} ${other.name}` })),
					{ value: '', label: HOUSE_ZONE_PAGE.noZone }
				]}
			/>
			<Button type="submit">{HOUSE_ZONE_PAGE.remove}</Button>
		</EditForm>
	</More>
{/if}

<style>
	.swatch :global(svg) {
		position: absolute;
		inset: 0;
	}
	:global(form.clutter) {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
	}
</style>
