<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { HOUSE_PAGE } from '$words/screens/house';
	import AddForm from '$ui/house/AddForm.svelte';
	import { MANY } from '$words/manyJobs';
	import { dndzone } from 'svelte-dnd-action';
	import DollHouse from '$ui/house/DollHouse.svelte';
	import EditForm from '$ui/house/EditForm.svelte';
	import Label from '$ui/house/Label.svelte';
	import RoomsAWeek from '$ui/house/RoomsAWeek.svelte';
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

<svelte:head><title>{HOUSE_PAGE.housePailRound}</title></svelte:head>

<form method="post" action="/house?/edit" hidden bind:this={dropForm} use:once>
	<input type="hidden" name="op" value="moveRoom" /><input type="hidden" name="try" value="1" />
	<input type="hidden" name="room" value={dropped?.room ?? ''} /><input
		type="hidden"
		name="zone"
		value={dropped?.zone ?? ''}
	/>
</form>

<div
	class="grid grid-cols-[minmax(0,1.9fr)_minmax(400px,1fr)] gap-9 flex-1 px-edge pt-2.5 pb-5 max-md:content-start max-md:grid-cols-[1fr] max-md:px-3.75 max-md:pt-3 max-md:pb-6 max-md:gap-4.5"
>
	<section class="flex flex-col min-w-0" aria-labelledby="house-title">
		<header class="grid gap-1">
			<div class="flex flex-wrap items-baseline gap-x-4">
				<h1 id="house-title">{HOUSE_PAGE.house}</h1>
				<p class="dim m-0 text-lead">{view.summary}</p>
			</div>
			<nav class="flex flex-wrap gap-x-4.5" aria-label={HOUSE_PAGE.moreOfTheHouse}>
				{#if mayEdit}
					<Button kind="link" href="/house/library">{HOUSE_PAGE.library}</Button>
					<Button kind="link" href="/house/jobs">{MANY.title}</Button>
					<Button kind="link" href="/house/rhythm">{HOUSE_PAGE.cleaningDaysAndHouseRules}</Button>
					<Button kind="link" href="/house/growing">{HOUSE_PAGE.startSmall}</Button>
					<Button kind="link" href="/house/files">{HOUSE_PAGE.backupAndFiles}</Button>
					<Button kind="link" href="/house/changes">{HOUSE_PAGE.lastChanges}</Button>
				{:else}
					<Button kind="link" href="/house/pauses">{HOUSE_PAGE.pauses}</Button>
				{/if}
			</nav>
		</header>
		{#if form && 'message' in form && form.message}
			<Notice tone={'undo' in form ? 'done' : 'wrong'}><span>{form.message}</span></Notice>
		{:else if form && 'saved' in form && !form.tried}
			<Notice><span>{form.saved} {form.effects?.join(' ')}</span></Notice>
		{/if}
		<div class="grid content-start py-1.5">
			<DollHouse
				rooms={view.rooms}
				chosen={view.room?.id ?? null}
				cat={view.cat === 'cat' ? 'cat' : null}
				hrefOf={(id) => `/house?room=${id}`}
				label={HOUSE_PAGE.theHouse(
					view.rooms
						.map((room) => `${room.name}${room.number ? HOUSE_PAGE.inZone(room.number) : ''}`)
						.join('; ')
				)}
			/>
		</div>
		<div class="flex items-center gap-4 min-h-12 max-md:flex-wrap">
			{#if mayEdit && view.proposal && !left}<p class="dim">
					{HOUSE_PAGE.roomsThatWouldMoveAre}
				</p>{/if}
			<span class="add ml-auto flex gap-2.5 max-md:m-0" hidden={!mayEdit}>
				<Button
					type="submit"
					aria-expanded={adding === 'room'}
					onclick={() => (adding = adding === 'room' ? null : 'room')}>{HOUSE_PAGE.addARoom}</Button
				>
				<Button
					type="submit"
					aria-expanded={adding === 'zone'}
					onclick={() => (adding = adding === 'zone' ? null : 'zone')}>{HOUSE_PAGE.addAZone}</Button
				>
			</span>
		</div>
		<AddForm {view} what={adding} ondone={() => (adding = null)} />
	</section>

	<section class="flex flex-col min-w-0">
		{#if asking}
			<Label title={asking.saved}>
				<ul class="pl-4.5">
					{#each asking.effects as effect, i (i)}<li>{effect}</li>{/each}
				</ul>
				{#snippet acts()}
					<EditForm values={triedValues} {view}>
						<Button kind="solid" type="submit">{HOUSE_PAGE.doIt}</Button>
					</EditForm>
					<Button
						type="submit"
						onclick={() => {
							dismissed = tried;
							hung = Object.fromEntries(
								view.zones.map((zone) => [zone.id, zone.rooms.map((room) => ({ ...room }))])
							);
						}}>{HOUSE_PAGE.changeNothing}</Button
					>
				{/snippet}
			</Label>
		{/if}
		{#if view.room}
			<fieldset class="bare-set" disabled={!mayEdit} class:read-only={!mayEdit}>
				<RoomPage {view} beside={data.homesBeside} />
			</fieldset>
		{:else if view.zone}
			<fieldset class="bare-set" disabled={!mayEdit} class:read-only={!mayEdit}><ZonePage {view} /></fieldset>
		{:else if view.zones.length > 0}
			<div class="flex flex-wrap items-baseline gap-x-10 pr-0.5">
				<h2 class="flex-1 whitespace-nowrap text-tag">{HOUSE_PAGE.cleaningEachWeek}</h2>
				<span class="dim max-md:hidden" aria-hidden="true">{HOUSE_PAGE.needed}</span><span
					class="dim max-md:hidden"
					aria-hidden="true">{HOUSE_PAGE.available}</span
				>
			</div>
			<ul class="yokes mb-2.5">
				{#each view.zones as zone (zone.id)}
					<li
						class="grid grid-cols-[46px_1fr_124px] gap-x-2.5 gap-y-0.5 items-center pt-0.25 pb-1 border-b border-b-tin-1 max-md:grid-cols-[46px_1fr]"
					>
						<span class="swatch relative w-11.5 h-11.5"
							><Weave weave={zone.weave} /><span class="plate absolute left-1.25 top-1.25">{zone.number}</span
							></span
						>
						<div class="grid leading-tight">
							<a
								class="text-ink font-name text-lead no-underline min-h-7 pt-1 max-md:-my-1 max-md:min-h-11 max-md:pt-3 hover:underline"
								href="/house?zone={zone.id}"
								data-sveltekit-noscroll>{zone.name}</a
							>
							<span
								class={['text-[0.9375rem]', zone.heavy && 'text-brass-text font-name']}
								class:dim={!zone.heavy}>{zone.words}</span
							>
						</div>
						<Yoke asked={zone.asked} held={zone.held} tilt={zone.tilt} heavy={zone.heavy} />
						<ul
							class="chips col-span-full flex flex-wrap gap-1.5 min-h-7.5 rounded-[6px] [outline:none] max-md:col-span-full"
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
							aria-label={HOUSE_PAGE.roomsOf(zone.name)}
						>
							{#each hung[zone.id] ?? [] as room (room.id)}<li
									class="py-0.75 px-2.5 rounded-[5px] bg-linen-hi [box-shadow:var(--sh-plate)] cursor-grab text-[0.9375rem] min-h-7 focus-visible:rounded-[5px]"
									aria-label={room.name}
								>
									{room.name}
								</li>{/each}
						</ul>
					</li>
				{/each}
			</ul>
			{#each view.missed as words, i (i)}<p class="mt-1.5 mb-1">{words}</p>{/each}
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
							<Button kind="solid" type="submit"
								>{HOUSE_PAGE.move(
									view.proposal?.moves.length === 1 ? HOUSE_PAGE.thisRoom : HOUSE_PAGE.theseRooms
								)}</Button
							>
						</EditForm>
						<Button type="submit" onclick={() => (left = true)}>{HOUSE_PAGE.leaveEverythingWhereItIs}</Button>
					{/snippet}
				</Label>
			{/if}
		{:else}
			{#if view.rooms.length > 0}<RoomsAWeek rooms={view.rooms} />{:else}<h2>{HOUSE_PAGE.noZones}</h2>{/if}
			<p class="dim">
				{HOUSE_PAGE.thisHomeCleansWithoutZones}
			</p>
		{/if}
	</section>
</div>

<style>
	/* Whoever does not organise the home looks, and changes nothing. */
	.read-only :global(button),
	.read-only :global(a[data-button-root]),
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
	.add :global([data-button-root]) {
		white-space: nowrap;
	}
	.swatch :global(svg) {
		position: absolute;
		inset: 0;
	}
	.chips:global(.over) {
		background: var(--cobalt-wash);
	}
	@media (max-width: 1000px) {
		.yokes > li > :global(svg) {
			grid-column: 1 / -1;
			justify-self: center;
		}
	}
</style>
