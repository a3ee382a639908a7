<script lang="ts">
	/** One touch of the first steps: a small form of its own, so that it works without scripts, too. */
	import type { Snippet } from 'svelte';
	import TouchForm from './TouchForm.svelte';
	let {
		values,
		children,
		label,
		pressed = undefined,
		kind = 'bare',
		disabled = false,
		onkept = undefined
	}: {
		values: Record<string, string>;
		children: Snippet;
		label?: string;
		pressed?: boolean | undefined;
		kind?: 'bare' | 'plain' | 'sign' | 'text-link';
		disabled?: boolean;
		onkept?: (() => void) | undefined;
	} = $props();
</script>

<span>
	<TouchForm {values} {onkept}
		><button class={kind} class:small={kind === 'sign'} aria-label={label} aria-pressed={pressed} {disabled}
			>{@render children()}</button
		></TouchForm
	>
</span>

<style>
	span,
	span :global(form) {
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
