<script lang="ts" generics="T">
	/** A long list: the first of it at once, the rest behind a line that says how many they are. */
	import type { Snippet } from 'svelte';
	import { showMore } from '$words/general';
	import More from './kit/More.svelte';
	let {
		of,
		most = 12,
		class: classes = '',
		item
	}: { of: readonly T[]; most?: number; class?: string; item: Snippet<[T]> } = $props();
	// One more takes no more room than the line that would say so.
	const first = $derived(of.length > most + 1 ? of.slice(0, most) : of);
	const rest = $derived(of.slice(first.length));
</script>

<ul class={classes}>
	{#each first as one, i (i)}{@render item(one)}{/each}
</ul>
{#if rest.length > 0}
	<More title={showMore(rest.length)} keeps={false}>
		<ul class={classes}>
			{#each rest as one, i (i)}{@render item(one)}{/each}
		</ul>
	</More>
{/if}
