<script lang="ts" module>
	export interface CommandLine {
		readonly value: string;
		readonly label: string;
		readonly line?: string;
		readonly onpick: () => void;
	}
</script>

<script lang="ts">
	/** A line to type in and what it could mean, best first: the arrow keys choose, Enter takes. */
	import { Command } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { FIELD, LINE } from './styles';
	let {
		label,
		placeholder = '',
		text = $bindable(''),
		name,
		maxlength,
		field = $bindable(null),
		lines,
		filters = true,
		empty
	}: {
		label: string;
		placeholder?: string;
		text?: string;
		/** Sent with its form where no scripts run. */
		name?: string;
		maxlength?: number;
		/** What is typed into. */
		field?: HTMLInputElement | null;
		lines: readonly CommandLine[];
		/** False where the lines given are the answer already. */
		filters?: boolean;
		empty?: Snippet;
	} = $props();
	/** Lines that come while somebody types are new answers: the best of them is what Enter takes. */
	let chosen = $state('');
	const best = $derived(lines[0]?.value ?? '');
	$effect(() => {
		if (!filters) chosen = best;
	});
</script>

<Command.Root shouldFilter={filters} {label} bind:value={chosen} class="grid gap-2">
	<Command.Input
		bind:value={text}
		bind:ref={field}
		{name}
		{maxlength}
		{placeholder}
		autocomplete="off"
		class={FIELD}
		aria-label={label}
	/>
	<Command.List class="max-h-96 overflow-auto">
		<Command.Viewport>
			{#if empty}<Command.Empty class="px-3 py-2 text-tin-text">{@render empty()}</Command.Empty>{/if}
			{#each lines as one (one.value)}
				<Command.Item
					value={one.value}
					keywords={[one.label]}
					onSelect={one.onpick}
					class="{LINE} data-selected:bg-cobalt-wash"
				>
					<span class="min-w-0"
						><span class="block font-name">{one.label}</span>{#if one.line}<span
								class="block text-body text-tin-text">{one.line}</span
							>{/if}</span
					>
				</Command.Item>
			{/each}
		</Command.Viewport>
	</Command.List>
</Command.Root>
