<script lang="ts">
	/** A form of the first steps: what it sends besides its fields, and whether it is empty again afterwards. */
	import type { Snippet } from 'svelte';
	import ActForm from '../ActForm.svelte';
	let {
		values,
		children,
		empties = false,
		class: classes = '',
		onkept = undefined
	}: {
		values: Readonly<Record<string, string>>;
		children: Snippet;
		empties?: boolean;
		class?: string;
		onkept?: (() => void) | undefined;
	} = $props();
</script>

<ActForm
	action="/begin?/touch"
	class={classes}
	{values}
	then={{ empties, ended: onkept, withoutId: true }}
	{children}
/>
