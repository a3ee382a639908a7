<script lang="ts">
	/** The form behind every tick of a row. Its id is made where it is pressed, so a second touch counts once. */
	import type { Snippet } from 'svelte';
	import type { JobRow } from '$views/today';
	import { once } from '../once';
	let {
		row,
		date,
		me,
		formId,
		onpress,
		onanswer,
		class: classes = '',
		children
	}: {
		row: JobRow;
		date: string;
		me: string;
		formId: string;
		onpress?: () => void;
		/** The entry that was written; null where it was not. */
		onanswer?: (entry: string | null) => void;
		class?: string;
		children: Snippet;
	} = $props();
	const by = $derived(
		row.whoIds.length === 1 ? row.whoIds[0] : row.whoIds.includes(me) || row.whoIds.length === 0 ? me : ''
	);
</script>

<form
	method="post"
	action="/?/tick&on={date}"
	class={classes}
	use:once={{
		ticks: true,
		sending: (busy) => busy && onpress?.(),
		ended: (result) =>
			onanswer?.(
				result.type === 'success' ? String((result.data as { undo?: string })?.undo ?? '') || null : null
			)
	}}
>
	<input type="hidden" name="seed" value={formId} />
	<input type="hidden" name="line" value={row.line} />
	<input type="hidden" name="date" value={date} />
	<input type="hidden" name="seen" value={row.seen} />
	<input type="hidden" name="outcome" value="done" />
	{#if by}<input type="hidden" name="by" value={by} />{/if}
	{@render children()}
</form>
