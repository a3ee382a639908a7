<script lang="ts">
	/** A form that edits the home: an id of its own, the revision it was made from; told or tried first at a wish. */
	import type { Snippet } from 'svelte';
	import ActForm from '../ActForm.svelte';
	let {
		view,
		values,
		tries = false,
		form = $bindable(),
		action = '/house?/edit',
		children,
		class: classes = '',
		onsaved = undefined
	}: {
		/** The page that it stands on: what it was made from, and an id for a page without scripts. */
		view: { readonly revision: number; readonly formId: string };
		values: Readonly<Record<string, string | readonly string[]>>;
		/** Only say what would follow. */
		tries?: boolean;
		action?: string;
		form?: HTMLFormElement | undefined;
		children: Snippet;
		class?: string;
		onsaved?: (() => void) | undefined;
	} = $props();
</script>

<ActForm
	bind:form
	{action}
	class={classes}
	values={{ id: view.formId, revision: view.revision, ...(tries ? { try: '1' } : {}), ...values }}
	then={{
		ended: (result) => {
			if (result.type === 'success') onsaved?.();
		}
	}}
	{children}
/>
