<script lang="ts">
	/** A linen shelf, closed unless it is asked for; closed it says in one line what lies in it. */
	import { KIT_SHELF } from '$words/screens/frame';
	import { Collapsible } from 'bits-ui';
	import type { Snippet } from 'svelte';
	let {
		title,
		line = '',
		open = $bindable(false),
		children
	}: { title: string; line?: string; open?: boolean; children: Snippet } = $props();
</script>

<Collapsible.Root bind:open class="linen border-t-2 border-dashed border-linen-deep">
	<Collapsible.Trigger
		class="flex min-h-[60px] w-full cursor-pointer flex-wrap items-center gap-x-6 gap-y-1 border-0 bg-transparent px-edge py-3 text-left text-ink focus-visible:shadow-focus"
	>
		<span class="font-display text-h3">{title}</span>
		{#if line}<span class="min-w-0 flex-1 basis-60 text-tin-text">{line}</span>{/if}
		<span class="font-name text-cobalt-ink underline decoration-2 underline-offset-4"
			>{open ? KIT_SHELF.close : KIT_SHELF.open}</span
		>
	</Collapsible.Trigger>
	<Collapsible.Content class="px-edge pb-6">{@render children()}</Collapsible.Content>
</Collapsible.Root>
