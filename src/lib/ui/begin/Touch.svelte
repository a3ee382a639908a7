<script lang="ts">
	/** One touch of the first steps: a small form of its own, so that it works without scripts, too. */
	import type { Snippet } from 'svelte';
	import Button from '../kit/Button.svelte';
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
		kind?: 'bare' | 'plain' | 'solid' | 'link';
		disabled?: boolean;
		onkept?: (() => void) | undefined;
	} = $props();
</script>

<span>
	<TouchForm {values} {onkept}
		>{#if kind === 'bare'}<button class="bare" aria-label={label} aria-pressed={pressed} {disabled}
				>{@render children()}</button
			>{:else}<Button {kind} type="submit" aria-label={label} aria-pressed={pressed} {disabled}
				>{@render children()}</Button
			>{/if}</TouchForm
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
