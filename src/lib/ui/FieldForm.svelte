<script lang="ts" generics="T extends Record<string, unknown>">
	/**
	 * A form whose fields one schema reads at the house: what was typed stays, a second press while the first is on its way is none,
	 * and what is wrong stands beside its field, without scripts too.
	 */
	import { applyAction } from '$app/forms';
	import { tick, untrack, type Snippet } from 'svelte';
	import { superForm, type SuperValidated } from 'sveltekit-superforms';
	import { catchUp } from './behind';
	import { connection, sendingBegan, sendingEnded } from './connection.svelte';
	import { holdFocus } from './heldFocus';
	import { formAnswer } from './kit/answer.svelte';
	import Message from './kit/Message.svelte';
	import { forgetSaid, idOfSaid, saidBy } from './saidIds';
	import { TypedFields } from './typedFields';
	import { withoutField, wrongAbout, wrongFields } from './wrongFields';
	let {
		of,
		id = 'posted' in of && typeof of.id === 'string' ? of.id : '',
		action,
		values = {},
		withId = false,
		empties = false,
		saysItself = false,
		onsaved = undefined,
		onwrong = undefined,
		class: classes = '',
		children
	}: {
		/** What stands in its fields: as the house has read them, or plainly. */
		of: T | SuperValidated<T, string>;
		/** Which of the forms of its page it is; without it, as the house has named it. */
		id?: string;
		action: string;
		/** What it sends besides its fields. */
		values?: Readonly<Record<string, string | number>>;
		/** It writes something once, however often it is sent: under an id that is the same until it is answered. */
		withId?: boolean;
		/** Its fields are empty again once they are written. */
		empties?: boolean;
		/** What it stands in says why it was refused, in sight. */
		saysItself?: boolean;
		onsaved?: (() => void) | undefined;
		/** Told which fields are wrong, to show them. */
		onwrong?: ((fields: readonly string[]) => void) | undefined;
		class?: string;
		/** Given what was typed, for fields to begin with, and whether it is on its way. */
		children: Snippet<[T, boolean]>;
	} = $props();
	const isRead = (one: T | SuperValidated<T, string>): one is SuperValidated<T, string> =>
		'posted' in one && 'data' in one;
	const fieldsOf = (one: T | SuperValidated<T, string>): T => (isRead(one) ? one.data : one);
	let said = '';
	let isWritten = false;
	let catchingUp: () => Promise<void> = () => Promise.resolve();
	let refusal = '';
	let giveBack: () => Promise<void> = () => Promise.resolve();
	let element = $state<HTMLFormElement>();
	const fields = new TypedFields(
		() => element,
		(name) => name in values || name === '__superform_id'
	);
	/** Something is typed and not written. */
	export const isTyped = (): boolean => fields.isTyped();
	/** Whatever is typed counts as written. */
	export const forget = () => fields.forget();
	/** It was written, and nobody has asked yet whether what is read anew comes of it. */
	let isOwn = false;
	/** Whether what is read anew comes of what it has sent itself; asked once, when it is there. */
	export function takeOwnChange(): boolean {
		const was = isOwn;
		isOwn = false;
		return was;
	}
	/** What was typed while it was on its way: nothing that comes later is written over it. */
	let since: Partial<T> = {};
	let settle: (written: boolean) => void = () => undefined;
	/** Sends it, as its button would; true once it is written. */
	export const send = (): Promise<boolean> =>
		new Promise((done) => {
			settle = (written) => {
				settle = () => undefined;
				done(written);
			};
			element?.requestSubmit();
		});
	/** What is wrong, but with no field that is in sight. */
	let unseen = $state('');
	const { form, errors, enhance, submitting, delayed } = superForm(
		untrack(() => of),
		{
			id: untrack(() => id),
			resetForm: untrack(() => empties),
			multipleSubmits: 'prevent',
			// Whatever it stands in slides, a sheet as well as the page.
			scrollToError: { block: 'center' },
			onSubmit: ({ action: to, formData }) => {
				unseen = '';
				fields.send();
				since = {};
				if (element) giveBack = holdFocus(element);
				if (withId) {
					said = saidBy(to, formData, false);
					formData.set('id', idOfSaid(said));
				}
				sendingBegan();
			},
			onResult: async ({ result, cancel }) => {
				sendingEnded();
				// No answer at all is thrown where it was asked; what was typed stays, and the frame says so.
				connection.lost = result.type === 'error' && result.error instanceof Error;
				if (!connection.lost) forgetSaid(said);
				isWritten = result.type === 'success';
				// What is read anew for it comes into fields in which nothing is left to lose, but what was typed since.
				isOwn = isWritten;
				if (isWritten) {
					fields.written();
					for (const [name, value] of fields.since())
						if (typeof $form[name] === 'string') Object.assign(since, { [name]: value });
				}
				refusal = result.type === 'failure' ? String(result.data?.message ?? '') : '';
				if (isWritten && empties) element?.reset();
				catchingUp = () => catchUp(result);
				const isOfForm = result.type === 'redirect' || (result.type !== 'error' && result.data?.form);
				if (isOfForm) return;
				cancel();
				settle(false);
				// Records that cannot be reached are said over the form, a fault on the page of faults.
				if (connection.lost) return;
				await applyAction(result);
				await catchingUp();
			},
			onUpdated: async ({ form: read }) => {
				settle(isWritten);
				if (isWritten) {
					if (Object.keys(since).length > 0) form.update((all) => ({ ...all, ...since }), { taint: false });
					onsaved?.();
					return giveBack();
				}
				await catchingUp();
				const wrong = wrongFields(read.errors);
				onwrong?.(wrong.map(({ field }) => field));
				await tick();
				const told = wrong.filter(({ field }) => !answer.isInSight(field)).map(({ says }) => says);
				// Well read and yet refused: the page says why, but under a sheet nobody sees it.
				const isOverPage = !saysItself && element?.closest('[role=dialog]');
				unseen = [...told, isOverPage ? refusal : ''].filter(Boolean).join(' ');
				if (unseen === '') return;
				await tick();
				element?.querySelector('[role=alert]')?.scrollIntoView({ block: 'center' });
			}
		}
	);
	const wrongNow = $derived(wrongFields($errors));
	const answer = formAnswer({
		about: (field) => wrongAbout(wrongNow, field),
		forget: (field) => errors.update((all) => withoutField(all, field))
	});
	// What changed at the house meanwhile comes in; what is being typed beside it stays.
	let known = untrack(() => fieldsOf(of));
	$effect(() => {
		const now = fieldsOf(of);
		const changed = Object.entries(now).filter(
			([name, value]) => !(name in since) && JSON.stringify(value) !== JSON.stringify(known[name])
		);
		known = now;
		if (changed.length > 0)
			form.update((all) => ({ ...all, ...Object.fromEntries(changed) }), { taint: false });
	});
</script>

<!-- The house says what is wrong, beside each field: no bubble of the browser comes before it. -->
<form
	bind:this={element}
	method="post"
	novalidate
	{action}
	class={classes}
	use:enhance
	onfocusin={() => fields.begin()}
	onpointerdowncapture={() => fields.begin()}
	onbeforeinput={() => fields.begin()}
	aria-busy={$submitting || undefined}
>
	<input type="hidden" name="__superform_id" value={id} />
	{#each Object.entries(values) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	{#if unseen}<div class="col-span-full w-full">
			<Message tone="wrong"><span>{unseen}</span></Message>
		</div>{/if}
	{@render children($form, $delayed)}
</form>
