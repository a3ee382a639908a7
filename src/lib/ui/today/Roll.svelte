<script lang="ts">
	/** A roll of linen, pegged to the Line: rows stitched apart. */
	import type { Snippet } from 'svelte';
	import Peg from '../glyphs/Peg.svelte';
	let { label, children }: { label: string; children: Snippet } = $props();
</script>

<div class="relative min-w-0">
	<span class="absolute -top-3.5 right-6 left-6 z-10 flex justify-between max-sm:hidden" aria-hidden="true"
		><Peg /><Peg /></span
	>
	<span class="absolute top-3 bottom-3 -left-4 hidden flex-col justify-between max-sm:flex" aria-hidden="true"
		><Peg side /><Peg side /></span
	>
	<ul
		class="linen m-0 list-none rounded-b-cloth p-0 shadow-cloth sm:pt-3 max-sm:rounded-cloth"
		aria-label={label}
	>
		{@render children()}
	</ul>
</div>
