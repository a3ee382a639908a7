<script lang="ts" generics="T extends Record<string, unknown>">
	/**
	 * A form whose fields one schema reads at the house: what was typed stays, a second press while the first is on its way is none,
	 * and what is wrong stands beside its field, without scripts too.
	 */
	import { applyAction } from '$app/forms';
	import { untrack, type Snippet } from 'svelte';
	import { superForm, type SuperValidated } from 'sveltekit-superforms';
	import { connection, sendingBegan, sendingEnded } from './connection.svelte';
	import { freshId } from './freshId';
	import { formAnswer } from './kit/answer.svelte';
	let {
		of,
		action,
		values = {},
		withId = false,
		empties = false,
		class: classes = '',
		children
	}: {
		of: SuperValidated<T, string>;
		action: string;
		/** What it sends besides its fields. */
		values?: Readonly<Record<string, string>>;
		/** It writes something once, however often it is sent: under an id that is the same until it is written. */
		withId?: boolean;
		/** Its fields are empty again once they are written. */
		empties?: boolean;
		class?: string;
		/** Given what was typed, for fields to begin with, and whether it is on its way. */
		children: Snippet<[T, boolean]>;
	} = $props();
	let id = freshId();
	let element = $state<HTMLFormElement>();
	const { form, errors, enhance, submitting, delayed } = superForm(
		untrack(() => of),
		{
			resetForm: false,
			multipleSubmits: 'prevent',
			onSubmit: ({ formData }) => {
				if (withId) formData.set('id', id);
				sendingBegan();
			},
			onResult: async ({ result, cancel }) => {
				sendingEnded();
				// No answer at all is thrown where it was asked; what was typed stays, and the frame says so.
				connection.lost = result.type === 'error' && result.error instanceof Error;
				if (result.type === 'success') {
					id = freshId();
					if (empties) element?.reset();
				}
				const isOfForm = result.type === 'redirect' || (result.type !== 'error' && result.data?.form);
				if (isOfForm) return;
				cancel();
				// Records that cannot be reached are said over the form, a fault on the page of faults.
				if (!connection.lost) await applyAction(result);
			}
		}
	);
	formAnswer({
		about: (field) => ($errors as Record<string, string[] | undefined>)[field]?.[0],
		forget: (field) =>
			errors.update(
				(all) =>
					Object.fromEntries(
						Object.entries(all).filter(([name]) => field !== undefined && name !== field)
					) as typeof all
			)
	});
</script>

<form
	bind:this={element}
	method="post"
	{action}
	class={classes}
	use:enhance
	aria-busy={$submitting || undefined}
>
	{#each Object.entries(values) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	{@render children($form, $delayed)}
</form>
