<script lang="ts">
	/** All jobs in a table: some are chosen, and changed in one go. */
	import { HOUSE_JOBS_PAGE } from '$words/screens/house';
	import EditForm from '$ui/house/EditForm.svelte';
	import Button from '$ui/kit/Button.svelte';
	import Empty from '$ui/kit/Empty.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import Message from '$ui/kit/Message.svelte';
	import Table from '$ui/kit/Table.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import { minutesText } from '$words/general';
	import { MANY } from '$words/manyJobs';
	let { data, form } = $props();
	const view = $derived(data.view);
	type Row = (typeof view.jobs)[number];
	let words = $state('');
	let picked = $state<readonly string[]>([]);
	let what = $state('who');
	let to = $state('shared');
	const shown = $derived(
		view.jobs.filter((job) => `${job.name} ${job.room}`.toLowerCase().includes(words.trim().toLowerCase()))
	);
	/** What was removed meanwhile is not chosen any more. */
	const chosen = $derived(picked.filter((id) => view.jobs.some((job) => job.id === id)));
	const options = $derived(
		what === 'who'
			? [{ value: 'shared', label: MANY.shared }, { value: 'free', label: MANY.free }, ...view.members]
			: what === 'weekday'
				? view.weekdays
				: what === 'layer'
					? view.layers
					: view.rooms
	);
	const columns = [
		{ id: 'name', head: MANY.columns.name, value: (job: Row) => job.name },
		{ id: 'room', head: MANY.columns.room, value: (job: Row) => job.room },
		{ id: 'layer', head: MANY.columns.layer, value: (job: Row) => job.layer },
		{ id: 'often', head: MANY.columns.often, value: (job: Row) => job.often },
		{ id: 'who', head: MANY.columns.who, value: (job: Row) => job.who },
		{
			id: 'minutes',
			head: MANY.columns.minutes,
			value: (job: Row) => job.minutes,
			text: (job: Row) => minutesText(job.minutes),
			unit: MANY.unit,
			right: true
		}
	];
</script>

<svelte:head><title>{HOUSE_JOBS_PAGE.pailRound(MANY.title)}</title></svelte:head>

<div class="flex flex-1 flex-col gap-3 px-edge pt-2 pb-4">
	<header class="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
		<div>
			<h1 class="m-0">{MANY.title}</h1>
			{#if view.jobs.length > 0}<p class="m-0 text-tin-text">{MANY.lead}</p>{/if}
		</div>
		{#if view.jobs.length > 0}<div class="w-64 max-w-full">
				<TextField label={MANY.find} placeholder={MANY.findHolder} bind:value={words} />
			</div>{/if}
		<Button kind="link" class="whitespace-nowrap" href="/house">{MANY.back}</Button>
	</header>
	{#if form && 'message' in form && form.message}<Message tone="wrong"><span>{form.message}</span></Message>
	{:else if form && 'saved' in form && form.saved}<Message
			><span>{form.saved} {form.effects.join(' ')}</span></Message
		>{/if}
	{#if view.jobs.length === 0}
		<div class="my-auto">
			<Empty title={MANY.none} line={MANY.noneLine} act={{ href: '/house/library', label: MANY.toLibrary }} />
		</div>
	{:else if shown.length === 0}
		<p class="text-tin-text">{MANY.noneShown}</p>
	{:else}
		<Table
			label={MANY.table}
			rows={shown}
			{columns}
			pick={{ id: (job) => job.id, name: (job) => `${job.name}, ${job.room}`, all: MANY.all }}
			bind:picked
		/>
	{/if}
	{#if chosen.length > 0}
		<div
			class="linen sticky bottom-0 -mx-edge mt-auto border-t-2 border-dashed border-linen-deep px-edge py-3 max-sm:bottom-[62px]"
		>
			<EditForm
				values={{ job: chosen }}
				{view}
				action="/house/jobs?/change"
				class="flex flex-wrap items-end gap-x-4 gap-y-2.5"
				onsaved={() => (picked = [])}
			>
				<div class="min-w-48">
					<Choice
						label={MANY.what}
						name="what"
						options={MANY.whats}
						bind:value={what}
						onchange={() => (to = options[0]?.value ?? '')}
					/>
				</div>
				{#if what !== 'retire'}
					<div class="min-w-56"><Choice label={MANY.to} name="to" {options} bind:value={to} /></div>
				{/if}
				<Button type="submit" kind="solid"
					>{what === 'retire' ? MANY.remove(chosen.length) : MANY.change(chosen.length)}</Button
				>
			</EditForm>
		</div>
	{/if}
</div>
