<script lang="ts" generics="T extends Record<string, unknown>">
	/** Fields that edit the home: read by one schema, under an id of the change, from the revision it was made from. */
	import type { Snippet } from 'svelte';
	import FieldForm from '../FieldForm.svelte';
	let {
		view,
		of,
		id,
		values,
		action = '/house?/edit',
		children,
		class: classes = '',
		onsaved = undefined,
		onwrong = undefined
	}: {
		/** The page that it stands on: what it was made from, and an id for a page without scripts. */
		view: { readonly revision: number; readonly formId: string };
		/** What stands in its fields. */
		of: T;
		/** Which of the forms of its page it is. */
		id: string;
		/** What it sends besides its fields. */
		values: Readonly<Record<string, string>>;
		action?: string;
		class?: string;
		onsaved?: (() => void) | undefined;
		onwrong?: ((fields: readonly string[]) => void) | undefined;
		/** Given what was typed, for fields to begin with, and whether it is on its way. */
		children: Snippet<[T, boolean]>;
	} = $props();
</script>

<FieldForm
	{of}
	{id}
	{action}
	class={classes}
	values={{ id: view.formId, revision: view.revision, ...values }}
	withId
	{onsaved}
	{onwrong}
	{children}
/>
