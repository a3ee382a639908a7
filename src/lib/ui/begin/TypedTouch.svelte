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
	let here = $state<HTMLElement>();
	let isTyped = false;
	let settle: (written: boolean) => void = () => undefined;
	const unsent = unsentOfPage();
	$effect(() =>
		unsent?.join({
			adds,
			isTyped: () => isTyped,
			send: () =>
				new Promise((done) => {
					settle = done;
					here?.querySelector('form')?.requestSubmit();
				})
		})
	);
	function settled(written: boolean) {
		if (written) isTyped = false;
		settle(written);
		settle = () => undefined;
	}
	/** A field that is to be added and is empty again has nothing to lose. */
	const typing = (event: Event) =>
		(isTyped = !adds || (event.target as HTMLInputElement).value.trim() !== '');
</script>

<div class="contents" bind:this={here} oninput={typing}>
	<FieldForm
		{of}
		{id}
		action="/begin?/touch"
		class={classes}
		{values}
		empties={adds}
		{onsaved}
		onsettled={settled}
		{children}
	/>
</div>
