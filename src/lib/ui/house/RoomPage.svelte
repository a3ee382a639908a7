<script lang="ts">
	/** One room: its name and facts, its jobs, and what can be done with it. */
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import EditForm from './EditForm.svelte';
	import PlaceButtons from './PlaceButtons.svelte';
	import { LAYERS } from '$core/household/home';
	import { LAYER_NAMES } from '$words/house';
	import LayerOff from './LayerOff.svelte';
	import type { HouseView } from '$views/house';
	let { view }: { view: HouseView } = $props();
	const room = $derived(view.room);
	const groups = $derived(
		LAYERS.map((layer) => ({ layer, jobs: room?.jobList.filter((job) => job.layer === layer) ?? [] })).filter(
			(group) => group.jobs.length > 0
		)
	);
</script>

{#if room}
	<header>
		<h2>{room.name}</h2>
		<a class="text-link" href="/house" data-sveltekit-noscroll>Close</a>
	</header>
	<p class="dim">{room.kindName}, {room.storeyName.toLowerCase()}.</p>
	<EditForm values={{ op: 'moveRoom', room: room.id }} {view} tries class="row">
		<Choice
			label="Zone"
			name="zone"
			value={room.zone ?? ''}
			options={[
				{ value: '', label: 'none' },
				...view.zones.map((zone) => ({ value: zone.id, label: `${zone.number} ${zone.name}` }))
			]}
		/>
		<button class="plain">Move this room</button>
	</EditForm>
	<div class="jobs">
		{#each groups as group (group.layer)}
			<h3>{LAYER_NAMES[group.layer]}</h3>
			{#if view.layersOff.includes(group.layer)}<LayerOff layer={group.layer} {view} />{/if}
			<ul>
				{#each group.jobs as job (job.id)}
					<li>
						<a href="/house/job/{job.id}">{job.name}</a><span class="dim">{job.rhythm}</span><b
							>{job.minutes} min</b
						>
					</li>
				{/each}
			</ul>
		{/each}
		{#if groups.length === 0}<p class="dim">No jobs in this room yet.</p>{/if}
	</div>
	<p class="links">
		<a class="plain" href="/house/library?room={room.id}">Add from the library</a>
		<a class="plain" href="/house/job/new?room={room.id}">Add a job of your own</a>
	</p>
	<details>
		<summary class="text-link">Rename, move, merge or remove</summary>
		<EditForm values={{ op: 'changeRoom', room: room.id }} {view} class="facts">
			<TextField label="Name" name="name" value={room.ownName} maxlength={80} required />
			<Choice
				label="Kind"
				name="kind"
				value={room.kind}
				options={view.kinds.map((kind) => ({ value: kind.kind, label: kind.name }))}
			/>
			<Choice
				label="Storey"
				name="storey"
				value={String(room.storey)}
				options={view.storeys.map((storey) => ({ value: String(storey.storey), label: storey.name }))}
			/>
			<label class="check"><input type="checkbox" name="seen" checked={room.seen} /> Visitors see it</label>
			<button class="plain">Save</button>
		</EditForm>
		<PlaceButtons
			{view}
			values={{ op: 'reorderRoom', room: room.id }}
			words={['Earlier in the walk', 'Later in the walk']}
		/>
		<EditForm values={{ op: 'mergeRooms', room: room.id }} {view} tries class="row">
			<Choice
				label="Merge it into"
				name="into"
				options={view.rooms
					.filter((one) => one.id !== room.id)
					.map((other) => ({ value: other.id, label: other.name }))}
			/>
			<button class="plain">Merge</button>
		</EditForm>
		<EditForm values={{ op: 'retireRoom', room: room.id }} {view} tries>
			<button class="text-link">Remove this room …</button>
		</EditForm>
	</details>
{/if}

<style>
	header {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
	}
	h3 {
		margin-top: 12px;
		font-size: 1.0625rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0 12px;
		padding: 6px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	li a {
		color: var(--ink);
		font-weight: var(--w-name);
		text-decoration: none;
	}
	li a:hover {
		text-decoration: underline;
	}
	li .dim {
		grid-column: 1;
		font-size: 0.9375rem;
	}
	li b {
		grid-row: 1 / 3;
		grid-column: 2;
		align-self: center;
	}
	.jobs {
		max-height: max(330px, calc(100svh - 360px));
		overflow: auto;
		margin-top: 6px;
		padding-right: 8px;
	}
	.links {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		margin: 14px 0;
	}
	details summary {
		list-style: none;
		cursor: pointer;
	}
	.check {
		display: flex;
		gap: 8px;
		align-items: center;
		min-height: 44px;
	}
</style>
