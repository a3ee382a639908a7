<script lang="ts">
	/** Writes in what was done on a day and not ticked then. What was typed stays when it cannot be written. */
	import Button from '../kit/Button.svelte';
	import { HISTORY_WRITE_IN } from '$words/screens/history';
	import Empty from '../kit/Empty.svelte';
	import TextField from '../kit/TextField.svelte';
	import DateField from '../kit/DateField.svelte';
	import Choice from '../kit/Choice.svelte';
	import Notice from '../Notice.svelte';
	import type { LedgerView } from '$views/history';
	import FieldForm from '../FieldForm.svelte';
	let {
		view,
		form,
		done
	}: {
		view: LedgerView;
		form: { message?: string } | null;
		done: () => void;
	} = $props();
	const wrong = $derived(form && !('undo' in form) ? form.message : undefined);
</script>

{#if wrong}<div id="write-wrong">
		<Notice tone="wrong"><span>{wrong}</span></Notice>
	</div>{/if}
{#if view.lines.length === 0}
	<Empty
		title={HISTORY_WRITE_IN.noJobs}
		line={HISTORY_WRITE_IN.noJobsLine}
		act={{ href: '/house/library', label: HISTORY_WRITE_IN.addJobs }}
	/>
{:else}
	<FieldForm
		action="/history?/write&write=1"
		id="written in"
		of={{
			line: view.page?.job ?? view.lines[0]?.id ?? '',
			by: view.me ?? '',
			date: view.today,
			minutes: '',
			outcome: 'done'
		}}
		values={{ seed: view.formId }}
		withId
		class="grid gap-4 mt-2"
		saysItself
		onsaved={done}
	>
		{#snippet children(typed, sending)}
			<Choice
				label={HISTORY_WRITE_IN.what}
				name="line"
				value={typed.line}
				options={view.lines.map((line) => ({ value: line.id, label: line.name }))}
			/>
			<div class="grid grid-cols-[1fr_1fr] gap-4 max-sm:grid-cols-[1fr]">
				<Choice
					label={HISTORY_WRITE_IN.who}
					name="by"
					value={typed.by}
					options={view.members.map((member) => ({ value: member.id, label: member.name }))}
				/>
				<DateField label={HISTORY_WRITE_IN.onWhichDay} name="date" max={view.today} value={typed.date} />
			</div>
			<div class="grid grid-cols-[1fr_1fr] gap-4 max-sm:grid-cols-[1fr]">
				<TextField
					label={HISTORY_WRITE_IN.minutesIfYouKnow}
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
			<Button kind="solid" type="submit" {sending}>{HISTORY_WRITE_IN.saveItInHistory}</Button>
		{/snippet}
	</FieldForm>
{/if}
