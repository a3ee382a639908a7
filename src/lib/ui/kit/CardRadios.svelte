<script lang="ts">
	/** One of a few, each a card that says what it means. */
	import { RadioGroup } from 'bits-ui';
	let {
		label,
		name,
		value = $bindable(''),
		options,
		disabled = false,
		class: classes = 'grid gap-3.5'
	}: {
		label: string;
		name: string;
		value?: string;
		options: readonly {
			readonly value: string;
			readonly label: string;
			readonly line: string;
			/** What it comes to. */
			readonly more?: string;
		}[];
		disabled?: boolean;
		class?: string;
	} = $props();
</script>

<RadioGroup.Root bind:value {name} {disabled} aria-label={label} class={classes}>
	{#each options as one (one.value)}
		<RadioGroup.Item
			value={one.value}
			class="grid min-h-11 cursor-pointer content-start gap-1 rounded-button border-2 border-tin-2 bg-enamel-hi px-4.5 pt-3.5 pb-4 text-left font-text text-ink data-disabled:cursor-default data-[state=checked]:border-cobalt-ink data-[state=checked]:bg-cobalt-wash data-[state=checked]:[box-shadow:inset_0_0_0_1px_var(--cobalt-ink)] focus-visible:rounded-button focus-visible:shadow-focus"
		>
			<b class="font-display text-h3 font-normal">{one.label}</b>
			<span class="text-tin-text">{one.line}</span>
			{#if one.more}<span class="mt-1 text-[0.9375rem]">{one.more}</span>{/if}
		</RadioGroup.Item>
	{/each}
</RadioGroup.Root>
