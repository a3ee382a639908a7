<script lang="ts">
	/** Everything about one job of the day, and every way to settle it. */
	import { TODAY_JOB_SHEET } from '$words/screens/today';
	import { untrack } from 'svelte';
	import ActForm from '../ActForm.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Button from '../kit/Button.svelte';
	import Choice from '../kit/Choice.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import { once } from '../once';
	import Cares from '../supplies/Cares.svelte';
	import MoveToDay from './MoveToDay.svelte';
	import OneTimeNote from './OneTimeNote.svelte';
	import { minutesText, OUTCOME_WORDS } from '$words/general';
	import { SHEET, skipThe, TODAY } from '$words/today';
	import type { SheetView, TodayView } from '$views/today';
	let {
		sheet,
		view,
		canEdit,
		done,
		values = {}
	}: {
		sheet: SheetView;
		view: TodayView;
		canEdit: boolean;
		done: () => void;
		values?: Readonly<Record<string, string>>;
	} = $props();
	let busy = $state(false);
	/** What a page without scripts brought back. Later answers leave alone what is being typed meanwhile. */
	const typed = untrack(() => values);
	const row = $derived(sheet.row);
	let by = $state(
		untrack(() => {
			const { whoIds } = sheet.row;
			return typed.by ?? (whoIds.includes(view.me) || whoIds.length === 0 ? view.me : (whoIds[0] ?? view.me));
		})
	);
	let minutes = $state(typed.minutes ?? '');
	let found = $state([typed.found ?? '']);
	const closed = $derived(row.state === 'paused');
	/** The sheet closes when it is written. */
	const writes = {
		sending: (now: boolean) => (busy = now),
		ended: (result: { type: string }) => {
			if (result.type === 'success') done();
		}
	};
	const FOUND = [
		{ value: '', label: SHEET.notSaid },
		{ value: 'clean', label: SHEET.clean },
		{ value: 'normal', label: SHEET.normal },
		{ value: 'heavy', label: SHEET.heavy }
	];
	const facts = $derived([
		[SHEET.howOften, sheet.rhythm],
		[SHEET.ifMissed, sheet.ifItsDayGoesBy],
		[SHEET.lastDone, sheet.last],
		[SHEET.nextDue, sheet.next]
	]);
</script>

<div class="grid gap-4">
	<p class="m-0 flex flex-wrap items-center gap-2 text-lead">
		<Glyph name={row.glyph} size={30} turns={row.lateTurns} />
		<span class={row.overdue ? 'font-name text-brass-text' : ''}>{row.words}</span>
		{#if row.share}<span>· {row.share}</span>{/if}
		<span class="text-tin-text"
			>{TODAY_JOB_SHEET.min(minutesText(row.minutes), row.deep ? TODAY_JOB_SHEET.theDeepOne : '')}</span
		>
	</p>

	<Cares lines={sheet.cautions} />
	{#each sheet.missing as words (words)}
		<p class="m-0 font-name text-brass-text">
			{words}
			<Button kind="link" href="/supplies/list">{SHEET.toBuy}</Button>
		</p>
	{/each}

	{#if sheet.note}<p class="linen m-0 rounded-cloth px-4 py-3 whitespace-pre-line shadow-cloth wrap-anywhere">
			<b>{SHEET.note}</b>
			{sheet.note}
		</p>{/if}
	{#each row.notes as words, i (i)}<p
			class="linen m-0 rounded-cloth px-4 py-3 whitespace-pre-line shadow-cloth wrap-anywhere"
		>
			<b>{SHEET.noteOnce}</b>
			{words}
		</p>{/each}
	{#if sheet.needs.length > 0}<p class="m-0"><b>{SHEET.needs}</b> {sheet.needs.join(', ')}</p>{/if}

	{#if view.relation === 'today' && !view.isDevice && sheet.ticks.length === 0 && !closed}
		<div class="flex flex-wrap items-start gap-2.5">
			<form method="post" action="/timer?/start" use:once={writes}>
				<input type="hidden" name="id" value={view.formId} />
				<input type="hidden" name="line" value={row.line} />
				<input type="hidden" name="member" value={by || view.me} />
				<Button type="submit" disabled={busy}>{SHEET.doNow}</Button>
			</form>
			{#if sheet.dueOn}<MoveToDay {sheet} formId={view.formId} {writes} {busy} />{/if}
		</div>
	{/if}

	<ol class="m-0 list-none p-0">
		{#each sheet.steps as step, i (i)}
			<li class="flex justify-between gap-4 border-b border-tin-1 py-2">
				<span class="min-w-0"
					><b class="mr-2 text-cobalt-ink">{i + 1}</b>{step.text}{#if step.tools.length > 0}<span
							class="ml-1.5 text-tin-text">{TODAY_JOB_SHEET.tools(step.tools)}</span
						>{/if}{#if step.wait}<span class="ml-1.5 text-tin-text">{TODAY_JOB_SHEET.then(step.wait)}</span
						>{/if}</span
				>
				<span class="whitespace-nowrap text-tin-text">{TODAY_JOB_SHEET.minOf(minutesText(step.minutes))}</span
				>
			</li>
		{/each}
	</ol>

	{#if sheet.oneTime}<OneTimeNote {sheet} formId={view.formId} {writes} {busy} typed={typed.note} />{/if}

	{#if sheet.ticks.length > 0}
		<ul class="m-0 list-none p-0">
			{#each sheet.ticks as tick (tick.entry)}
				<li class="flex min-h-11 items-center gap-2.5">
					<Glyph
						name={tick.outcome === 'letgo' ? 'letgo' : tick.outcome === 'part' ? 'part' : 'done'}
						size={24}
					/>
					<span class="min-w-0">
						{OUTCOME_WORDS[tick.outcome]}{tick.by ? `, ${tick.by}` : ''}{tick.minutes === null
							? ''
							: TODAY_JOB_SHEET.minWith(minutesText(tick.minutes))}{tick.note ? `, ${tick.note}` : ''}
					</span>
					<ActForm
						action="/?/undo&on={sheet.date}"
						values={{ of: tick.entry, date: sheet.date }}
						then={writes}
						class="ml-auto"
					>
						<Button kind="link" type="submit" disabled={busy}>{TODAY.undo}</Button>
					</ActForm>
				</li>
			{/each}
		</ul>
	{/if}

	{#if !sheet.isFuture}
		<form
			method="post"
			action="/?/tick&on={sheet.date}&open={row.line}"
			class="grid gap-4 border-t-2 border-dashed border-linen-deep pt-4"
			use:once={writes}
		>
			<input type="hidden" name="seed" value={view.formId} />
			<input type="hidden" name="line" value={row.line} />
			<input type="hidden" name="seen" value={row.seen} />
			<input type="hidden" name="date" value={sheet.date} />
			<div class="grid gap-4 sm:grid-cols-2">
				<Choice
					label={SHEET.who}
					name="by"
					bind:value={by}
					options={view.members.map((member) => ({ value: member.id, label: member.name }))}
				/>
				<TextField label={SHEET.minutes} name="minutes" inputmode="decimal" bind:value={minutes} />
			</div>
			<Toggles
				label={SHEET.found}
				help={SHEET.foundHelp}
				name="found"
				options={FOUND}
				value={found}
				onchange={(to) => (found = [...to])}
			/>
			<div class="flex flex-wrap gap-2.5">
				<Button kind="solid" type="submit" name="outcome" value="done" disabled={busy} class="w-full"
					>{SHEET.done}</Button
				>
				<Button type="submit" name="outcome" value="looked" disabled={busy} class="flex-1 whitespace-nowrap"
					>{SHEET.looked}</Button
				>
				<Button type="submit" name="outcome" value="part" disabled={busy} class="flex-1 whitespace-nowrap"
					>{SHEET.part}</Button
				>
				<Button
					type="submit"
					name="outcome"
					value="letgo"
					disabled={busy || closed}
					class="flex-1 whitespace-nowrap">{SHEET.letgo}</Button
				>
			</div>
		</form>
	{/if}

	{#if sheet.skippable}
		<ActForm
			action="/?/skip&on={sheet.date}"
			values={{ seed: view.formId, line: row.line, date: sheet.date, dueOn: sheet.skippable.dueOn }}
			then={writes}
		>
			<Button kind="link" type="submit" disabled={busy}>{skipThe(sheet.skippable.words)}</Button>
		</ActForm>
	{/if}

	<dl class="m-0 grid gap-1 border-t-2 border-dashed border-linen-deep pt-3">
		{#each facts as [name, text] (name)}
			<div class="grid grid-cols-[7.5rem_1fr] gap-2">
				<dt class="text-tin-text">{name}</dt>
				<dd class="m-0">{text}</dd>
			</div>
		{/each}
	</dl>
	<p class="m-0 flex flex-wrap gap-x-6">
		{#if canEdit}<Button kind="link" href="/house/job/{row.job}">{SHEET.edit}</Button>{/if}
		<Button kind="link" href="/history?job={row.job}">{SHEET.history}</Button>
	</p>
</div>
