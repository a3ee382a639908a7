<script lang="ts" generics="T extends Record<string, string>">
	/** A form of the first steps in which something is typed: what is wrong with it stands beside its field. */
	import type { Snippet } from 'svelte';
	import FieldForm from '../FieldForm.svelte';
	let {
		of,
		id,
		values,
		children,
		empties = false,
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
		/** Its fields are empty again once they are written. */
		empties?: boolean;
		class?: string;
		onsaved?: (() => void) | undefined;
	} = $props();
</script>

<FieldForm {of} {id} action="/begin?/touch" class={classes} {values} {empties} {onsaved} {children} />
