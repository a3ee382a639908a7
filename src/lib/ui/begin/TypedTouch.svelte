<script lang="ts" generics="T extends Record<string, string>">
	/** A form of the first steps in which something is typed: what is wrong with it stands beside its field. */
	import type { Snippet } from 'svelte';
	import FieldForm from '../FieldForm.svelte';
	import { unsentOfPage } from './unsent';
	let {
		of,
		id,
		values,
		children,
		adds = false,
		class: classes = '',
		onsaved = undefined
	}: {
		/** What stands in its fields. */
		of: T;
		/** Which of the forms of its page it is. */
		id: string;
		/** What it sends besides its fields. */
		values: Readonly<Record<string, string>>;
		/** Given what was typed, for fields to begin with, and whether it is on its way. */
		children: Snippet<[T, boolean]>;
		/** It adds something: its fields are empty again once that is written. */
		adds?: boolean;
		class?: string;
		onsaved?: (() => void) | undefined;
	} = $props();
	let form = $state<{ isTyped(): boolean; send(): Promise<boolean> }>();
	const unsent = unsentOfPage();
	$effect(() =>
		unsent?.join({
			adds,
			isTyped: () => form?.isTyped() ?? false,
			send: () => form?.send() ?? Promise.resolve(true)
		})
	);
</script>

<FieldForm
	bind:this={form}
	{of}
	{id}
	action="/begin?/touch"
	class={classes}
	{values}
	empties={adds}
	{onsaved}
	{children}
/>
