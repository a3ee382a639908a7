<script lang="ts">
	/** One of a few, each with a line that says what it means. */
	import { RadioGroup } from 'bits-ui';
	import Help from './Help.svelte';
	import { REACH_BOX } from './styles';
	let {
		label,
		help = '',
		name,
		value = $bindable(''),
		options,
		row = false,
		disabled = false,
		onchange
	}: {
		label: string;
		help?: string;
		name?: string;
		value?: string;
		options: readonly { readonly value: string; readonly label: string; readonly line?: string }[];
		row?: boolean;
		disabled?: boolean;
		onchange?: (value: string) => void;
	} = $props();
	const id = $props.id();
</script>

<div class="grid min-w-0 content-start gap-1">
	<div class="flex items-center gap-2">
		<span {id} class="font-name">{label}</span>{#if help}<Help {help} of={label} />{/if}
	</div>
	<RadioGroup.Root
		bind:value
		{name}
		{disabled}
		onValueChange={(to) => onchange?.(to)}
		aria-labelledby={id}
		class={row ? 'flex flex-wrap gap-x-6' : 'grid gap-y-1.5'}
	>
		{#each options as one (one.value)}
			<div class="flex min-h-11 items-center gap-3">
				<RadioGroup.Item
					value={one.value}
					id="{id}-{one.value}"
					class="{REACH_BOX} grid size-7 shrink-0 cursor-pointer place-items-center rounded-full border-2 border-tin-2 bg-enamel-hi p-0 data-[state=checked]:border-cobalt-ink focus-visible:rounded-full focus-visible:shadow-focus data-disabled:cursor-default"
				>
					{#snippet children({ checked })}
						{#if checked}<span class="size-3.5 rounded-full bg-cobalt-ink forced-colors:bg-[CanvasText]"
							></span>{/if}
					{/snippet}
				</RadioGroup.Item>
				<label for="{id}-{one.value}" class="min-w-0 cursor-pointer text-lead"
					>{one.label}{#if one.line}<span class="block text-body text-tin-text">{one.line}</span>{/if}</label
				>
			</div>
		{/each}
	</RadioGroup.Root>
</div>
