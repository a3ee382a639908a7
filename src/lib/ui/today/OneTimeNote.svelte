<script lang="ts">
	/** Writes to whoever does one time of a job. */
	import type { SheetView } from '$views/today';
	import { NOTE } from '$words/today';
	import { untrack } from 'svelte';
	import Button from '../kit/Button.svelte';
	import TextField from '../kit/TextField.svelte';
	import { once, type OnceOptions } from '../once';
	let {
		sheet,
		formId,
		writes,
		busy,
		typed = ''
	}: { sheet: SheetView; formId: string; writes: OnceOptions; busy: boolean; typed?: string } = $props();
	const time = $derived(sheet.oneTime);
	let open = $state(untrack(() => typed !== ''));
	let text = $state(untrack(() => typed || (sheet.oneTime?.text ?? '')));
</script>

{#if time}
	{#if !open}
		<p class="m-0">
			<Button kind="link" aria-expanded="false" onclick={() => (open = true)}
				>{time.text === '' ? NOTE.write(time.words) : NOTE.change(time.words)}</Button
			>
		</p>
	{:else}
		<form
			method="post"
			action="/?/note&on={sheet.date}&open={sheet.row.line}"
			use:once={writes}
			class="grid gap-2"
		>
			<input type="hidden" name="seed" value={formId} />
			<input type="hidden" name="line" value={sheet.row.line} />
			<input type="hidden" name="dueOn" value={time.dueOn} />
			<TextField
				label={NOTE.label(time.words)}
				help={NOTE.help}
				name="note"
				lines={2}
				maxlength={200}
				bind:value={text}
			/>
			<p class="m-0"><Button type="submit" disabled={busy}>{NOTE.save}</Button></p>
		</form>
	{/if}
{/if}
