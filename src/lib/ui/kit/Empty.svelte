<script lang="ts">
	/** An empty place: what will stand there, and the one act that fills it. */
	import type { Snippet } from 'svelte';
	import Button from './Button.svelte';
	let {
		title,
		line,
		act,
		drawing,
		children
	}: {
		title: string;
		line: string;
		/** Left out where whoever looks cannot fill it. */
		act?: { readonly href: string; readonly label: string } | null;
		drawing?: Snippet;
		/** An act that is no link. */
		children?: Snippet;
	} = $props();
</script>

<div class="mx-auto grid max-w-[34rem] justify-items-center gap-3 px-4 py-10 text-center">
	{@render drawing?.()}
	<p class="m-0 font-display text-h2 leading-display">{title}</p>
	<p class="m-0 text-lead text-tin-text">{line}</p>
	{@render children?.()}
	{#if act}<p class="m-0 mt-1"><Button href={act.href}>{act.label}</Button></p>{/if}
</div>
