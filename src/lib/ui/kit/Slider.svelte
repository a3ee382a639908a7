<script lang="ts">
	/** A number along a scale, or two: from and to. */
	import { Slider } from 'bits-ui';
	let {
		label,
		names,
		value = $bindable([0]),
		min = 0,
		max = 100,
		step = 1,
		unit = '',
		onchange
	}: {
		label: string;
		/** Said aloud for each handle, such as "at least" and "at most". */
		names?: readonly string[];
		value?: number[];
		min?: number;
		max?: number;
		step?: number;
		unit?: string;
		onchange?: (value: number[]) => void;
	} = $props();
	const id = $props.id();
</script>

<div class="grid gap-2">
	<div class="flex items-baseline justify-between gap-3">
		<span {id} class="font-name">{label}</span>
		<output class="text-tin-text">{value.join(' to ')}{unit ? ` ${unit}` : ''}</output>
	</div>
	<Slider.Root
		type="multiple"
		bind:value
		{min}
		{max}
		{step}
		onValueCommit={(to) => onchange?.(to)}
		class="relative flex h-11 w-full touch-none items-center px-3"
		aria-labelledby={id}
	>
		{#snippet children({ thumbItems })}
			<span class="relative h-2 w-full rounded-full bg-tin-1 forced-colors:border">
				<Slider.Range class="absolute h-full rounded-full bg-cobalt forced-colors:bg-[Highlight]" />
			</span>
			{#each thumbItems as { index } (index)}
				<Slider.Thumb
					{index}
					aria-label={names?.[index] ?? label}
					class="block size-7 cursor-grab rounded-full border-4 border-cobalt-ink bg-enamel-hi focus-visible:rounded-full focus-visible:shadow-focus"
				/>
			{/each}
		{/snippet}
	</Slider.Root>
</div>
