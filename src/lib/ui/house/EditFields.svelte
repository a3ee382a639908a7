<script lang="ts" generics="T extends Record<string, unknown>">
	/**
	 * Fields that edit the home: read by one schema, under an id of the change, from the revision it was made from. Who
	 * goes to another page with something changed and not saved is asked first.
	 */
	import { beforeNavigate, goto } from '$app/navigation';
	import type { Snippet } from 'svelte';
	import { LEAVING } from '$words/screens/house';
	import FieldForm from '../FieldForm.svelte';
	import Confirm from '../kit/Confirm.svelte';
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
	const sent = $derived({ id: view.formId, revision: view.revision, ...values });
	let form = $state<{ isTyped(): boolean; takeOwnChange(): boolean; forget(): void }>();
	let leaving = $state(false);
	let leavingTo: URL | null = null;
	/** Something is typed and not saved. */
	export const isTyped = (): boolean => form?.isTyped() ?? false;
	/** Whether what is read anew comes of what it has sent itself; asked once, when it is there. */
	export const takeOwnChange = (): boolean => form?.takeOwnChange() ?? false;
	/** Whatever is typed counts as written. */
	export const forget = () => form?.forget();
	beforeNavigate(({ from, to, type, cancel }) => {
		const isLeaving = type === 'link' && to?.url.pathname !== from?.url.pathname;
		if (!isLeaving || !to || !isTyped()) return;
		cancel();
		leavingTo = to.url;
		leaving = true;
	});
</script>

<FieldForm
	bind:this={form}
	{of}
	{id}
	{action}
	class={classes}
	values={sent}
	withId
	{onsaved}
	{onwrong}
	{children}
/>
<Confirm
	bind:open={leaving}
	title={LEAVING.title}
	text={LEAVING.text}
	yes={LEAVING.yes}
	no={LEAVING.no}
	onyes={() => leavingTo && void goto(leavingTo)}
/>
