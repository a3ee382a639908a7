<script lang="ts">
	/** A part of a page that is hydrated in a task of its own, so that the whole page does not hold up a touch. */
	import { page } from '$app/state';
	import type { Snippet } from 'svelte';
	import { ownTask, partFailed } from './hydration';
	let { children }: { children: Snippet } = $props();
</script>

{#if page.data.inParts}
	<svelte:boundary onerror={partFailed}>
		{#if await ownTask()}{@render children()}{/if}
	</svelte:boundary>
{:else}{@render children()}{/if}
