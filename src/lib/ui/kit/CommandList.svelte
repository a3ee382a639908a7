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
		lines,
		filters = true,
		empty
	}: {
		label: string;
		placeholder?: string;
		text?: string;
		lines: readonly CommandLine[];
		/** False where the lines given are the answer already. */
		filters?: boolean;
		empty?: Snippet;
	} = $props();
</script>

<Command.Root shouldFilter={filters} {label} class="grid gap-2">
	<Command.Input bind:value={text} {placeholder} class={FIELD} aria-label={label} />
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
