<script lang="ts">
	/** Writes in what was done on a day and not ticked then. What was typed stays when it cannot be written. */
	import { enhance } from '$app/forms';
	import { freshId } from '../freshId';
	import Notice from '../Notice.svelte';
	import type { LedgerView } from './view';
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
	const values = $derived(form?.values ?? {});
	const wrong = $derived(form && !('undo' in form) ? form : null);
	const bad = (field: string) => (wrong?.field === field ? ('true' as const) : undefined);
</script>

{#if wrong?.message}<div id="write-wrong">
		<Notice tone="wrong"><span>{wrong.message}</span></Notice>
	</div>{/if}
<form
	method="post"
	action="/ledger?/write&write=1"
	novalidate
	use:enhance={({ formData, cancel }) => {
		if (busy) return cancel();
		busy = true;
		formData.set('id', freshId());
		return async ({ result, update }) => {
			await update({ reset: false });
			busy = false;
			if (result.type === 'success') done();
		};
	}}
>
	<input type="hidden" name="seed" value={view.formId} />
	<label>
		<span>What</span>
		<select
			class="field"
			name="line"
			value={values.line ?? view.page?.job ?? view.jobs[0]?.id}
			aria-invalid={bad('job')}
		>
			{#each view.lines as line (line.id)}<option value={line.id}>{line.name}</option>{/each}
		</select>
	</label>
	<div class="pair">
		<label>
			<span>Who</span>
			<select class="field" name="by" value={values.by ?? view.me} aria-invalid={bad('by')}>
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
				value={values.date ?? view.today}
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
				value={values.minutes ?? ''}
				aria-invalid={bad('minutes')}
				aria-describedby={wrong ? 'write-wrong' : undefined}
			/>
		</label>
		<label>
			<span>How it went</span>
			<select class="field" name="outcome" value={values.outcome ?? 'done'}>
				<option value="done">done</option>
				<option value="looked">looked, not needed</option>
				<option value="part">half done</option>
				<option value="letgo">let go</option>
			</select>
		</label>
	</div>
	<button class="sign small" disabled={busy}>Write it in</button>
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
