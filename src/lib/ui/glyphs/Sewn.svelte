<script lang="ts">
	/** How much of a number of things is done: a row of running stitches, sewn ones thick. It is drawn beside its words. */
	let { done, of }: { done: number; of: number } = $props();
</script>

<span class="flex flex-1 items-center gap-1" aria-hidden="true">
	{#each { length: of } as _, i (i)}
		<span
			class={i < done
				? 'h-1.5 flex-1 rounded-full bg-cobalt-ink forced-colors:bg-[CanvasText]'
				: 'h-px flex-1 bg-tin-2 forced-colors:bg-[GrayText]'}
		></span>
	{/each}
</span>
