<script lang="ts">
	/** A number of a few figures, each in a place of its own. */
	import { PinInput } from 'bits-ui';
	let {
		label,
		name,
		length = 4,
		hidden = false,
		value = $bindable(''),
		oncomplete
	}: {
		label: string;
		name: string;
		length?: number;
		/** Whether what is typed is kept from eyes. */
		hidden?: boolean;
		value?: string;
		oncomplete?: (value: string) => void;
	} = $props();
	const id = $props.id();
</script>

<div class="grid content-start gap-1">
	<label for={id} class="font-name">{label}</label>
	<PinInput.Root
		bind:value
		inputId={id}
		{name}
		maxlength={length}
		inputmode="numeric"
		pattern="^\d+$"
		onComplete={() => oncomplete?.(value)}
		class="flex gap-2"
	>
		{#snippet children({ cells })}
			{#each cells as cell, i (i)}
				<PinInput.Cell
					{cell}
					class="grid h-14 w-12 place-items-center rounded-button border-2 border-tin-2 bg-enamel-hi text-2xl font-figure text-ink data-active:border-cobalt-ink data-active:shadow-focus"
				>
					{cell.char === null || cell.char === undefined ? '' : hidden ? '•' : cell.char}
				</PinInput.Cell>
			{/each}
		{/snippet}
	</PinInput.Root>
</div>
