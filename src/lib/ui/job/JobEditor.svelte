<script lang="ts">
	/** A job in three layers: a sentence that can be unpicked, more options, all details. */
	import { JOB_JOB_EDITOR } from '$words/screens/house';
	import { addDays, isoOf, type CivilDay } from '$core/calendar/civil';
	import { jobFromForm } from '$core/setup/jobForm';
	import { isOfDates } from '$core/setup/jobFormNames';
	import { untrack } from 'svelte';
	import type { JobEditorView } from '$views/jobEditor';
	import { PART_NAMES } from '$words/general';
	import { EDITOR, partsText, whoDoesText } from '$words/jobEditor';
	import { cadenceText } from '$words/recurrence';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import NumberField from '../kit/NumberField.svelte';
	import Shelf from '../kit/Shelf.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import EditFields from '../house/EditFields.svelte';
	import { wrongAbout } from '../wrongFields';
	import LayerOff from '../house/LayerOff.svelte';
	import AllDetails from './AllDetails.svelte';
	import HowOften from './HowOften.svelte';
	import { JobFields } from './jobFields.svelte';
	import MoreOptions from './MoreOptions.svelte';
	import NextDates from './NextDates.svelte';
	import Tape from './Tape.svelte';
	import { placeOfField } from './placeOfField';
	import { trialOfView } from './trialOfView';
	import WhoDoes from './WhoDoes.svelte';
	let { view }: { view: JobEditorView } = $props();
	const job = $derived(view.job);
	const begun = () => new JobFields(view.job, view.isNew, isoOf(addDays(view.today as CivilDay, 1)));
	/** What it began with stays, until it begins anew. */
	let fields = $state.raw(untrack(begun));
	let edit = $state<EditFields<Record<string, never>>>();
	/** Something is typed and not saved. */
	export const isTyped = (): boolean => edit?.isTyped() ?? false;
	export const takeOwnChange = (): boolean => edit?.takeOwnChange() ?? false;
	/** Begins anew from the job as it is; what is open stays open. */
	export function beginAnew() {
		fields = begun();
		edit?.forget();
	}
	let tool = $state<'often' | 'when' | 'who' | 'minutes' | null>(
		untrack(() => (view.isNew ? 'often' : null))
	);
	let more = $state(false);
	let all = $state(false);
	let tab = $state('usual');
	/** What is wrong is opened, wherever it is folded away. */
	function showWrong(wrong: readonly string[]) {
		const places = wrong.map(placeOfField);
		tool = places.find((one) => one.tool)?.tool ?? tool;
		more ||= places.some((one) => one.more);
		const detail = places.find((one) => one.tab)?.tab;
		if (detail === undefined) return;
		all = true;
		tab = detail;
	}
	const named = $derived(view.isNew ? { ...job, name: EDITOR.add } : job);
	const made = $derived(
		jobFromForm(named, Object.fromEntries(Object.entries(fields.form).filter(([name]) => isOfDates(name))))
	);
	const wrongNow = $derived(made.ok ? [] : made.problems);
	const trial = $derived.by(() => {
		if (!made.ok) {
			// What stands beside its field already is not told twice.
			const isBeside = tool === 'often' && placeOfField(made.problems[0]?.field ?? '').tool === 'often';
			const problem = isBeside ? EDITOR.noDatesYet : (made.problems[0]?.says ?? '');
			return { problem, dates: [], gone: [], moved: null };
		}
		return { problem: '', ...trialOfView(view, made.job) };
	});
	/** How often in words: as it was last understood, while what is typed makes no sense. */
	let often = $state(untrack(() => cadenceText(view.job.cadence)));
	$effect(() => {
		if (made.ok) often = cadenceText(made.job.cadence);
	});
	const names = $derived(
		view.people
			.filter((person) => fields.who !== 'free' && fields.members.includes(person.id))
			.map((person) => person.name)
	);
	const PARTS = (['morning', 'midday', 'evening'] as const).map((value) => ({
		value,
		label: PART_NAMES[value]
	}));
	const isDaily = $derived(fields.type === 'daily');
	const toggle = (which: NonNullable<typeof tool>) => (tool = tool === which ? null : which);
</script>

{#if !view.isNew && !view.household.layers.includes(job.layer)}
	<div class="px-edge pt-3"><LayerOff layer={job.layer} {view} /></div>
{/if}
<EditFields
	bind:this={edit}
	{view}
	of={{}}
	id="job"
	values={{ op: 'keep' }}
	class="flex flex-1 flex-col"
	action="/house/job/{view.isNew ? 'new' : job.id}?/edit"
	onwrong={showWrong}
>
	{#snippet children(_, sending)}
		{#each Object.entries(fields.form) as [name, list] (name)}{#each list as value, i (i)}<input
					type="hidden"
					{name}
					{value}
				/>{/each}{/each}
		<header class="flex flex-wrap items-center gap-x-4 gap-y-2 px-edge pt-2">
			{#if view.zone}<span class="plate">{view.zone.number}</span>{/if}
			{#if view.isNew}
				<h1 class="sr-only">{EDITOR.add}</h1>
				<div class="w-full max-w-96">
					<TextField label={EDITOR.name} maxlength={80} required field="name" bind:value={fields.name} />
				</div>
				<Choice
					label={EDITOR.room}
					field="room"
					options={view.rooms.map((room) => ({ value: room.id, label: room.name }))}
					bind:value={fields.room}
				/>
			{:else}
				<h1 class="m-0 wrap-anywhere">{job.name}</h1>
				<a class="text-lead text-tin-text" href="/house?room={view.room.id}">{view.room.name}</a>
			{/if}
			<span class="ml-auto text-tin-text">{view.lastWords}</span>
		</header>
		{#if view.late}<p class="mx-edge mt-2 mb-0 text-brass-text">
				{JOB_JOB_EDITOR.itStaysOverdueUntilIt(view.late)}
			</p>{/if}

		<p
			class="mx-edge mt-5 mb-3 flex flex-wrap items-center gap-x-3 gap-y-2.5 font-display text-[1.75rem] max-sm:text-[1.375rem]"
		>
			<span>{EDITOR.comes}</span>
			<Tape text={often} label={EDITOR.often} open={tool === 'often'} onclick={() => toggle('often')} />
			<Tape
				text={partsText(fields.parts)}
				label={EDITOR.whenInDay}
				open={tool === 'when'}
				onclick={() => toggle('when')}
			/>
			<span>{EDITOR.by}</span>
			<Tape
				text={whoDoesText(fields.who as typeof job.who.mode, names)}
				label={EDITOR.whoDoes}
				open={tool === 'who'}
				onclick={() => toggle('who')}
			/>
			<span class="inline-flex items-center gap-x-3 whitespace-nowrap">
				<span>{EDITOR.for}</span>
				<Tape
					text={String(fields.minutes.usual)}
					label={EDITOR.howLong}
					open={tool === 'minutes'}
					onclick={() => toggle('minutes')}
				/>
				<span>{EDITOR.minutes}.</span>
			</span>
		</p>
		{#if tool}
			<div class="mx-edge mb-2 rounded-button bg-enamel-hi px-4 py-4 shadow-[0_0_0_1.5px_var(--tin-2)]">
				{#if tool === 'often'}<HowOften {view} {fields} wrong={(field) => wrongAbout(wrongNow, field)} />
				{:else if tool === 'when'}
					<Toggles
						label={EDITOR.whenInDay}
						help={isDaily ? EDITOR.partsHelp : EDITOR.partHelp}
						many
						field="parts"
						options={PARTS}
						value={fields.parts}
						onchange={(to) =>
							(fields.parts = isDaily
								? PARTS.map((one) => one.value).filter((part) => to.includes(part))
								: to.slice(-1))}
					/>
				{:else if tool === 'who'}<WhoDoes {view} {fields} />
				{:else}
					<NumberField
						label={EDITOR.howLong}
						about={JOB_JOB_EDITOR.min}
						field="minutes-usual"
						min={0.5}
						step={0.5}
						max={1440}
						bind:value={fields.minutes.usual}
					/>
					{#if view.estimate}<p class="mt-2 mb-0 text-tin-text">{view.estimate}</p>{/if}
				{/if}
			</div>
		{/if}

		<NextDates
			dates={trial.dates}
			gone={trial.gone}
			problem={trial.problem}
			type={fields.type}
			weave={view.zone?.weave ?? null}
		/>

		<div class="mt-auto pt-4">
			<Shelf title={EDITOR.more} line={EDITOR.moreLine} bind:open={more}
				><MoreOptions {view} {fields} /></Shelf
			>
			<Shelf title={EDITOR.all} line={EDITOR.allLine} bind:open={all}
				><AllDetails {view} {fields} bind:tab /></Shelf
			>
		</div>
		<div
			class="sticky bottom-(--rim) z-20 flex flex-wrap items-center gap-3 border-t border-linen-deep bg-enamel px-edge py-3 max-sm:bottom-[62px]"
		>
			<span class="text-tin-text {trial.moved ? '' : 'max-sm:hidden'}"
				>{EDITOR.holds}
				{#if trial.moved}{EDITOR.moves(trial.moved.from, trial.moved.to)}{/if}</span
			>
			<span class="ml-auto flex gap-3">
				{#if !view.isNew}<Button href="/house/job/{job.id}" data-sveltekit-reload>{EDITOR.discard}</Button
					>{/if}
				<Button kind="solid" type="submit" {sending}>{view.isNew ? EDITOR.add : EDITOR.save}</Button>
			</span>
		</div>
	{/snippet}
</EditFields>
