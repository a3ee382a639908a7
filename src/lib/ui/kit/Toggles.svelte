<script lang="ts">
	/** A row of choices, all in sight: one of them, or several. */
	import { ToggleGroup } from 'bits-ui';
	import { wrongBeside } from './answer.svelte';
	import { TOGGLE } from './styles';
	import Help from './Help.svelte';
	interface Option {
		readonly value: string;
		readonly label: string;
		/** Said aloud where the label is short. */
		readonly long?: string;
		readonly disabled?: boolean;
	}
	let {
		label,
		help = '',
		wrong = '',
		hideLabel = false,
		name,
		field,
		options,
		many = false,
		value = $bindable([]),
		onchange
	}: {
		label: string;
		help?: string;
		wrong?: string;
		hideLabel?: boolean;
		name?: string;
		/** What it holds by name, where it is not sent under it. */
		field?: string | undefined;
		options: readonly Option[];
		many?: boolean;
		/** What is chosen; one entry at most where one is chosen. */
		value?: readonly string[];
		onchange?: (value: readonly string[]) => void;
	} = $props();
	const id = $props.id();
	let group: HTMLElement | null = $state(null);
	const beside = wrongBeside(
		() => field ?? name,
		() => wrong,
		() => group?.querySelector('button')
	);
	const told = $derived(beside.text ? { 'aria-describedby': `${id}-wrong`, 'data-invalid': 'true' } : {});
	/** The days of a week stay one row on a phone, too. */
	const isWeek = $derived(options.length === 7 && options.every((one) => one.label.length <= 3));
	const row = $derived(
		isWeek ? 'grid auto-cols-fr grid-flow-col gap-1 sm:flex sm:flex-wrap sm:gap-2' : 'flex flex-wrap gap-2'
	);
	function set(to: readonly string[]) {
		// One of several stays chosen when it is pressed again.
		if (!many && to.length === 0) return;
		beside.mending();
		value = to;
		onchange?.(to);
	}
</script>

{#snippet items()}
	{#each options as one (one.value)}
		<ToggleGroup.Item
			value={one.value}
			disabled={one.disabled}
			class={[TOGGLE, isWeek && 'max-sm:min-w-0! max-sm:px-0!']}
			aria-label={one.long}>{one.label}</ToggleGroup.Item
		>
	{/each}
{/snippet}

<div class="grid min-w-0 content-start gap-1">
	<div class="flex items-center gap-2" class:sr-only={hideLabel}>
		<span {id} class="font-name">{label}</span>{#if help}<Help {help} of={label} />{/if}
	</div>
	{#if many}
		<ToggleGroup.Root
			bind:ref={group}
			type="multiple"
			value={[...value]}
			onValueChange={set}
			class={row}
			aria-labelledby={id}
			{...told}>{@render items()}</ToggleGroup.Root
		>
	{:else}
		<ToggleGroup.Root
			bind:ref={group}
			type="single"
			value={value[0] ?? ''}
			onValueChange={(to) => set(to === '' ? [] : [to])}
			class={row}
			aria-labelledby={id}
			{...told}>{@render items()}</ToggleGroup.Root
		>
	{/if}
	{#if beside.text}<p id="{id}-wrong" role="alert" class="m-0 font-name text-brass-text">
			{beside.text}
		</p>{/if}
	{#if name}{#each value as one (one)}<input type="hidden" {name} value={one} />{/each}{/if}
</div>
