<script lang="ts">
	/** The name of a small sign, where it has no words beside it. */
	import { Tooltip } from 'bits-ui';
	import type { Snippet } from 'svelte';
	let {
		text,
		class: classes = '',
		onclick,
		children
	}: { text: string; class?: string; onclick?: () => void; children: Snippet } = $props();
</script>

<Tooltip.Provider delayDuration={300}>
	<Tooltip.Root>
		<Tooltip.Trigger class={classes} aria-label={text} {onclick}>{@render children()}</Tooltip.Trigger>
		<Tooltip.Portal>
			<Tooltip.Content
				sideOffset={6}
				class="z-70 max-w-64 rounded-sign bg-ink px-3 py-1.5 text-body text-enamel forced-colors:border"
				>{text}</Tooltip.Content
			>
		</Tooltip.Portal>
	</Tooltip.Root>
</Tooltip.Provider>
