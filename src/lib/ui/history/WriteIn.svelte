<script lang="ts">
	/** Writes in what was done on a day and not ticked then. What was typed stays when it cannot be written. */
	import Button from '../kit/Button.svelte';
	import { HISTORY_WRITE_IN } from '$words/screens/history';
	import TextField from '../kit/TextField.svelte';
	import DateField from '../kit/DateField.svelte';
	import Choice from '../kit/Choice.svelte';
	import { untrack } from 'svelte';
	import Notice from '../Notice.svelte';
	import type { LedgerView } from '$views/history';
	import { once } from '../once';
	let {
		view,
		form,
		done
	}: {
		view: LedgerView;
		form: {
			message?: string;
			field?: string;
			values?: Readonly<Record<string, string>>;
			undo?: string | null;
		} | null;
		done: () => void;
	} = $props();
	let busy = $state(false);
	/** What a page without scripts brought back. Later answers leave alone what is being typed meanwhile. */
	const typed = untrack(() => ({
		line: view.page?.job ?? view.jobs[0]?.id,
		by: view.me,
		date: view.today,
		minutes: '',
		outcome: 'done',
		...form?.values
	}));
	const wrong = $derived(form && !('undo' in form) ? form : null);
	/** What is wrong with a field, beside it. */
	const bad = (field: string) => (wrong?.field === field ? (wrong.message ?? '') : '');
	const isBeside = $derived(['job', 'by', 'date', 'minutes'].includes(wrong?.field ?? ''));
</script>

{#if wrong?.message && !isBeside}<div id="write-wrong">
		<Notice tone="wrong"><span>{wrong.message}</span></Notice>
	</div>{/if}
<form
	class="grid gap-4 mt-2"
	method="post"
	action="/history?/write&write=1"
	novalidate
	use:once={{
		sending: (now) => (busy = now),
		ended: (result) => {
			if (result.type === 'success') done();
		}
	}}
>
	<input type="hidden" name="seed" value={view.formId} />
	<Choice
		label={HISTORY_WRITE_IN.what}
		name="line"
		value={typed.line}
		options={view.lines.map((line) => ({ value: line.id, label: line.name }))}
		wrong={bad('job')}
	/>
	<div class="grid grid-cols-[1fr_1fr] gap-4 max-sm:grid-cols-[1fr]">
		<Choice
			label={HISTORY_WRITE_IN.who}
			name="by"
			value={typed.by}
			options={view.members.map((member) => ({ value: member.id, label: member.name }))}
			wrong={bad('by')}
		/>
		<DateField
			label={HISTORY_WRITE_IN.onWhichDay}
			name="date"
			max={view.today}
			value={typed.date}
			wrong={bad('date')}
		/>
	</div>
	<div class="grid grid-cols-[1fr_1fr] gap-4 max-sm:grid-cols-[1fr]">
		<TextField
			label={HISTORY_WRITE_IN.minutesIfYouKnow}
			wrong={bad('minutes')}
			name="minutes"
			inputmode="decimal"
			autocomplete="off"
			value={typed.minutes}
		/>
		<Choice
			label={HISTORY_WRITE_IN.howItWent}
			name="outcome"
			value={typed.outcome}
			options={[
				{ value: 'done', label: HISTORY_WRITE_IN.done },
				{ value: 'looked', label: HISTORY_WRITE_IN.stillClean },
				{ value: 'part', label: HISTORY_WRITE_IN.startedNotFinished },
				{ value: 'letgo', label: HISTORY_WRITE_IN.skippedUntilNextTime }
			]}
		/>
	</div>
	<Button kind="solid" type="submit" disabled={busy}>{HISTORY_WRITE_IN.saveItInHistory}</Button>
</form>
