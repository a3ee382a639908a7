<script lang="ts">
	/** A form that edits the home: an id of its own, the revision it was made from; told or tried first at a wish. */
	import type { Snippet } from 'svelte';
	import { once } from '../once';
	let {
		values,
		revision,
		seed,
		tries = false,
		action = '/house?/edit',
		children,
		class: classes = '',
		onsaved = undefined
	}: {
		values: Record<string, string | readonly string[]>;
		revision: number;
		seed: string;
		/** Only say what would follow. */
		tries?: boolean;
		action?: string;
		children: Snippet;
		class?: string;
		onsaved?: (() => void) | undefined;
	} = $props();
</script>

<form
	method="post"
	{action}
	class={classes}
	use:once={{
		ended: (result) => {
			if (result.type === 'success') onsaved?.();
		}
	}}
>
	<input type="hidden" name="id" value={seed} />
	<input type="hidden" name="revision" value={revision} />
	{#if tries}<input type="hidden" name="try" value="1" />{/if}
	{#each Object.entries(values) as [name, value] (name)}
		{#if typeof value === 'string'}<input
				type="hidden"
				{name}
				{value}
			/>{:else}{#each value as one (one)}<input type="hidden" {name} value={one} />{/each}{/if}
	{/each}
	{@render children()}
</form>
