<script lang="ts">
	/** What to mind in the step in hand, the danger first; never left out to save room. */
	import type { CareLine } from '$views/supplies';
	import Cares from '../supplies/Cares.svelte';
	let {
		lines,
		who = null
	}: {
		lines: readonly CareLine[];
		/** Whose step it is, where several work. */ who?: string | null;
	} = $props();
</script>

{#if lines.length > 0}
	<div class="mt-2.5 grid gap-1.5 sm:mt-3.5 sm:text-lead"><Cares {lines} compact most={2} {who} /></div>
{/if}
