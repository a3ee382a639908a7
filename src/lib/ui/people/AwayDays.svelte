<script lang="ts">
	/** Days away for longer, first and last, with why; sent as a line each: "2027-01-08 to 2027-03-26 school". */
	import { untrack } from 'svelte';
	import X from '@lucide/svelte/icons/x';
	import { HOURS } from '$words/people';
	import { wrongBeside } from '../kit/answer.svelte';
	import Button from '../kit/Button.svelte';
	import DateField from '../kit/DateField.svelte';
	import TextField from '../kit/TextField.svelte';
	let { name, value, fixed = false }: { name: string; value: string; fixed?: boolean } = $props();
	const read = (text: string) =>
		text.split('\n').flatMap((line) => {
			const [, from = '', to = '', why = ''] = /^(\S+) to (\S+) ?(.*)$/.exec(line.trim()) ?? [];
			return from === '' ? [] : [{ from, to, why }];
		});
	let spans = $state(untrack(() => read(value)));
	let group: HTMLElement | null = $state(null);
	const beside = wrongBeside(
		() => name,
		() => undefined,
		() => group
	);
	const sent = $derived(
		spans
			.filter((one) => one.from !== '' || one.to !== '')
			.map((one) => `${one.from} to ${one.to} ${one.why}`.trim())
			.join('\n')
	);
</script>

<div
	bind:this={group}
	class="grid w-full gap-2"
	role="group"
	aria-label={HOURS.away}
	oninput={beside.mending}
	data-invalid={beside.text ? 'true' : undefined}
>
	<span class="font-name">{HOURS.away}</span>
	{#each spans as span, i (i)}
		<div class="flex flex-wrap items-end gap-2">
			<DateField label={HOURS.first} onchange={beside.mending} bind:value={span.from} />
			<DateField label={HOURS.last} min={span.from} onchange={beside.mending} bind:value={span.to} />
			<div class="min-w-32 flex-1"><TextField label={HOURS.why} maxlength={60} bind:value={span.why} /></div>
			{#if !fixed}<Button
					class="w-12 px-0!"
					aria-label={HOURS.removeAway}
					onclick={() => (spans = spans.filter((_, k) => k !== i))}><X size={18} aria-hidden="true" /></Button
				>{/if}
		</div>
	{/each}
	{#if !fixed}<p class="m-0">
			<Button kind="link" onclick={() => (spans = [...spans, { from: '', to: '', why: '' }])}
				>{HOURS.addAway}</Button
			>
		</p>{/if}
	{#if beside.text}<p class="m-0 font-name text-brass-text" role="alert">{beside.text}</p>{/if}
	<input type="hidden" {name} value={sent} />
</div>
