<script lang="ts">
	/** Writes in what was done on a day and not ticked then. What was typed stays when it cannot be written. */
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
	const bad = (field: string) => (wrong?.field === field ? ('true' as const) : undefined);
</script>

{#if wrong?.message}<div id="write-wrong">
		<Notice tone="wrong"><span>{wrong.message}</span></Notice>
	</div>{/if}
<form
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
	<label>
		<span>What</span>
		<select class="field" name="line" value={typed.line} aria-invalid={bad('job')}>
			{#each view.lines as line (line.id)}<option value={line.id}>{line.name}</option>{/each}
		</select>
	</label>
	<div class="pair">
		<label>
			<span>Who</span>
			<select class="field" name="by" value={typed.by} aria-invalid={bad('by')}>
				{#each view.members as member (member.id)}<option value={member.id}>{member.name}</option>{/each}
			</select>
		</label>
		<label>
			<span>On which day</span>
			<input
				class="field"
				type="date"
				name="date"
				max={view.today}
				value={typed.date}
				aria-invalid={bad('date')}
				aria-describedby={wrong ? 'write-wrong' : undefined}
			/>
		</label>
	</div>
	<div class="pair">
		<label>
			<span>Minutes, if you know</span>
			<input
				class="field"
				name="minutes"
				inputmode="decimal"
				autocomplete="off"
				value={typed.minutes}
				aria-invalid={bad('minutes')}
				aria-describedby={wrong ? 'write-wrong' : undefined}
			/>
		</label>
		<label>
			<span>How it went</span>
			<select class="field" name="outcome" value={typed.outcome}>
				<option value="done">done</option>
				<option value="looked">still clean</option>
				<option value="part">started, not finished</option>
				<option value="letgo">skipped until next time</option>
			</select>
		</label>
	</div>
	<button class="sign small" disabled={busy}>Save it in History</button>
</form>

<style>
	form {
		display: grid;
		gap: 16px;
		margin-top: 8px;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 16px;
	}
	label span {
		display: block;
		margin-bottom: 4px;
		color: var(--tin-text);
	}
	select.field {
		appearance: none;
	}
	@media (max-width: 640px) {
		.pair {
			grid-template-columns: 1fr;
		}
	}
</style>
