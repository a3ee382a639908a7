<script lang="ts">
	/** A label, its field, one sentence of help and what is wrong with it: beside the field, read aloud with it. */
	import { KIT_FIELDS } from '$words/screens/frame';
	import type { Snippet } from 'svelte';
	import { wrongBeside } from './answer.svelte';
	import Help from './Help.svelte';
	let {
		label,
		about = '',
		help = '',
		wrong = '',
		missing = KIT_FIELDS.fillThisIn,
		hideLabel = false,
		name,
		class: classes = '',
		children
	}: {
		label: string;
		/** A word beside the label, such as a unit. */
		about?: string;
		help?: string;
		wrong?: string | readonly string[] | undefined;
		/** Said where nothing is in it and something has to be, before anything is sent. */
		missing?: string;
		hideLabel?: boolean;
		/** The name it is sent by: what its form is answered about it stands beside it. */
		name?: string | null | undefined;
		class?: string;
		/** Draws the field with the id and the descriptions it is given. */
		children: Snippet<[{ id: string; describedBy: string | undefined; invalid: 'true' | undefined }]>;
	} = $props();
	const id = $props.id();
	const beside = wrongBeside(
		() => name ?? undefined,
		() => wrong,
		() => document.getElementById(id)
	);
	/** What the browser would say in a bubble over it, in its own language. */
	let unsent = $state('');
	function notSent(event: Event) {
		const control = event.target as HTMLInputElement;
		event.preventDefault();
		unsent = control.validity.valueMissing ? missing : control.validationMessage;
		if (control.form?.querySelector(':is(input, textarea, select):invalid') === control) control.focus();
	}
	const wrongText = $derived(beside.text || unsent);
</script>

<div
	class="grid min-w-0 grid-cols-1 content-start gap-1 {classes}"
	oninput={() => {
		unsent = '';
		beside.mending();
	}}
	oninvalidcapture={notSent}
>
	<div class="flex items-center gap-2" class:sr-only={hideLabel}>
		<label for={id} class="min-w-0 font-name wrap-break-word">{label}</label>
		{#if about}<span class="text-tin-text">{about}</span>{/if}
		{#if help}<Help {help} of={label} />{/if}
	</div>
	{@render children({
		id,
		describedBy: wrongText ? `${id}-wrong` : undefined,
		invalid: wrongText ? 'true' : undefined
	})}
	{#if wrongText}<p id="{id}-wrong" class="m-0 font-name text-brass-text" role="alert">{wrongText}</p>{/if}
</div>
