<script lang="ts">
	/** A form of the first steps: what it sends besides its fields, and whether it is empty again afterwards. */
	import type { Snippet } from 'svelte';
	import { once } from '../once';
	let {
		values,
		children,
		empties = false,
		class: classes = '',
		onkept = undefined
	}: {
		values: Record<string, string>;
		children: Snippet;
		empties?: boolean;
		class?: string;
		onkept?: (() => void) | undefined;
	} = $props();
</script>

<form
	method="post"
	action="/begin?/touch"
	class={classes}
	use:once={{ empties, ended: onkept, withoutId: true }}
>
	{#each Object.entries(values) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	{@render children()}
</form>
