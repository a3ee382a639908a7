<script lang="ts">
	/** Puts one time of a job on another day. */
	import { TODAY_MOVE_TO_DAY } from '$words/screens/today';
	import { FIELD_ROW } from '../kit/styles';
	import { addDays, isoOf, toDay } from '$core/calendar/civil';
	import type { SheetView } from '$views/today';
	import { SHEET } from '$words/today';
	import Button from '../kit/Button.svelte';
	import DateField from '../kit/DateField.svelte';
	import { once, type OnceOptions } from '../once';
	let {
		sheet,
		formId,
		writes,
		busy
	}: { sheet: SheetView; formId: string; writes: OnceOptions; busy: boolean } = $props();
	let open = $state(false);
	const tomorrow = $derived(isoOf(addDays(toDay(sheet.date), 1)));
	let to = $state('');
	const day = $derived(to === '' ? tomorrow : to);
</script>

<Button aria-expanded={open} onclick={() => (open = !open)}>{SHEET.moveTo} …</Button>
{#if open}
	<form
		method="post"
		action="/?/move&on={sheet.date}"
		use:once={writes}
		class="{FIELD_ROW} flex w-full flex-wrap gap-3"
	>
		<input type="hidden" name="seed" value={formId} />
		<input type="hidden" name="line" value={sheet.row.line} />
		<input type="hidden" name="date" value={sheet.date} />
		<input type="hidden" name="dueOn" value={sheet.dueOn ?? ''} />
		<DateField
			label={TODAY_MOVE_TO_DAY.toWhichDay}
			name="to"
			min={tomorrow}
			value={day}
			onchange={(chosen) => (to = chosen)}
		/>
		<Button type="submit" disabled={busy || day === ''}>{SHEET.moveYes}</Button>
	</form>
{/if}
