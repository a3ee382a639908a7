<script lang="ts">
	/** A touch of the first steps: what it sends. */
	import type { Snippet } from 'svelte';
	import ActForm from '../ActForm.svelte';
	let {
		values,
		children,
		onkept = undefined
	}: {
		values: Readonly<Record<string, string>>;
		children: Snippet;
		onkept?: (() => void) | undefined;
	} = $props();
</script>

<ActForm action="/begin?/touch" {values} then={{ ended: onkept, withoutId: true }} {children} />
