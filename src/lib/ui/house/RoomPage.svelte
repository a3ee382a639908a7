<script lang="ts">
	/** One room: its name and facts, its jobs, and what can be done with it. */
	import Button from '../kit/Button.svelte';
	import { HOUSE_ROOM_PAGE } from '$words/screens/house';
	import More from '../kit/More.svelte';
	import Check from '../kit/Check.svelte';
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import EditFields from './EditFields.svelte';
	import EditForm from './EditForm.svelte';
	import PlaceButtons from './PlaceButtons.svelte';
	import { LAYERS } from '$core/household/home';
	import { ALONG, LAYER_NAMES } from '$words/house';
	import LayerOff from './LayerOff.svelte';
	import type { HouseView } from '$views/house';
	let {
		view,
		beside
	}: {
		view: HouseView;
		/** Other homes that it can go along to. */
		beside: readonly { readonly id: string; readonly name: string }[];
	} = $props();
	const room = $derived(view.room);
	const groups = $derived(
		LAYERS.map((layer) => ({ layer, jobs: room?.jobList.filter((job) => job.layer === layer) ?? [] })).filter(
			(group) => group.jobs.length > 0
		)
	);
</script>

{#if room}
	<header class="flex justify-between items-baseline">
		<h2>{room.name}</h2>
		<Button kind="link" href="/house" data-sveltekit-noscroll>{HOUSE_ROOM_PAGE.close}</Button>
	</header>
	<p class="dim">{room.kindName}, {room.storeyName.toLowerCase()}.</p>
	<EditForm values={{ op: 'moveRoom', room: room.id }} {view} tries class="row">
		<Choice
			label={HOUSE_ROOM_PAGE.zone}
			name="zone"
			value={room.zone ?? ''}
			options={[
				{ value: '', label: HOUSE_ROOM_PAGE.none },
				...view.zones.map((zone) => ({ value: zone.id, label: `${zone.number} ${zone.name}` }))
			]}
		/>
		<Button type="submit">{HOUSE_ROOM_PAGE.moveThisRoom}</Button>
	</EditForm>
	<div class="max-h-[max(330px,calc(100svh_-_360px))] overflow-auto mt-1.5 pr-2">
		{#each groups as group (group.layer)}
			<h3 class="mt-3 text-lead">{LAYER_NAMES[group.layer]}</h3>
			{#if view.layersOff.includes(group.layer)}<LayerOff layer={group.layer} {view} />{/if}
			<ul>
				{#each group.jobs as job (job.id)}
					<li class="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0 py-1.5 border-b border-b-tin-1">
						<a class="text-ink font-name no-underline hover:underline" href="/house/job/{job.id}"
							>{job.name}</a
						><span class="dim col-1 text-[0.9375rem]">{job.rhythm}</span><b
							class="row-[1_/_3] col-2 self-center">{HOUSE_ROOM_PAGE.min(job.minutes)}</b
						>
					</li>
				{/each}
			</ul>
		{/each}
		{#if groups.length === 0}<p class="dim">{HOUSE_ROOM_PAGE.noJobsInThisRoom}</p>{/if}
	</div>
	<p class="flex flex-wrap gap-2.5 my-3.5">
		<Button href="/house/library?room={room.id}">{HOUSE_ROOM_PAGE.addFromTheLibrary}</Button>
		<Button href="/house/job/new?room={room.id}">{HOUSE_ROOM_PAGE.addAJobOfYour}</Button>
	</p>
	<More title={HOUSE_ROOM_PAGE.renameMoveMergeTakeAlong}>
		{#key room.id}
			<EditFields
				{view}
				id="room {room.id}"
				of={{ name: room.ownName, kind: room.kind, storey: String(room.storey), seen: room.seen }}
				values={{ op: 'changeRoom', room: room.id }}
				class="facts"
			>
				{#snippet children(typed, sending)}
					<TextField label={HOUSE_ROOM_PAGE.name} name="name" value={typed.name} maxlength={80} required />
					<Choice
						label={HOUSE_ROOM_PAGE.kind}
						name="kind"
						value={typed.kind}
						options={view.kinds.map((kind) => ({ value: kind.kind, label: kind.name }))}
					/>
					<Choice
						label={HOUSE_ROOM_PAGE.storey}
						name="storey"
						value={typed.storey}
						options={view.storeys.map((storey) => ({ value: String(storey.storey), label: storey.name }))}
					/>
					<Check label={HOUSE_ROOM_PAGE.visitorsSeeIt} name="seen" formValue="on" checked={typed.seen} />
					<Button type="submit" {sending}>{HOUSE_ROOM_PAGE.save}</Button>
				{/snippet}
			</EditFields>
		{/key}
		<PlaceButtons
			{view}
			values={{ op: 'reorderRoom', room: room.id }}
			words={[HOUSE_ROOM_PAGE.earlierInTheWalk, HOUSE_ROOM_PAGE.laterInTheWalk]}
		/>
		<EditForm values={{ op: 'mergeRooms', room: room.id }} {view} tries class="row">
			<Choice
				label={HOUSE_ROOM_PAGE.mergeItInto}
				name="into"
				options={view.rooms
					.filter((one) => one.id !== room.id)
					.map((other) => ({ value: other.id, label: other.name }))}
			/>
			<Button type="submit">{HOUSE_ROOM_PAGE.merge}</Button>
		</EditForm>
		{#if beside.length > 0}
			<EditForm values={{ op: 'takeAlong', room: room.id }} {view} tries class="row">
				<Choice
					label={ALONG.to}
					name="to"
					about={ALONG.about}
					options={beside.map((home) => ({ value: home.id, label: home.name }))}
				/>
				<Button type="submit">{ALONG.act}</Button>
			</EditForm>
		{/if}
		<EditForm values={{ op: 'retireRoom', room: room.id }} {view} tries>
			<Button kind="link" type="submit">{HOUSE_ROOM_PAGE.removeThisRoom}</Button>
		</EditForm>
	</More>
{/if}
