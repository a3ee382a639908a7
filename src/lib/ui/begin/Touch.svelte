<script lang="ts">
	/** One touch of the first steps: a small form of its own, so that it works without scripts, too. */
	import { enhance } from '$app/forms';
	import type { Snippet } from 'svelte';
	let {
		values,
		children,
		label,
		pressed = undefined,
		kind = 'bare',
		disabled = false
	}: {
		values: Record<string, string>;
		children: Snippet;
		label?: string;
		pressed?: boolean | undefined;
		kind?: 'bare' | 'plain' | 'sign' | 'text-link';
		disabled?: boolean;
	} = $props();
</script>

<form
	method="post"
	action="/begin?/touch"
	use:enhance={() =>
		({ update }) =>
			update({ reset: false })}
>
	{#each Object.entries(values) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	<button class={kind} class:small={kind === 'sign'} aria-label={label} aria-pressed={pressed} {disabled}
		>{@render children()}</button
	>
</form>

<style>
	form {
		display: contents;
	}
	.bare {
		font: inherit;
		color: inherit;
		background: none;
		border: 0;
		padding: 0;
		text-align: inherit;
	}
</style>
