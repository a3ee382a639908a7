<script lang="ts">
	/** Ends the day's list early. It says first what happens to each job; without scripts it happens at once. */
	import type { Component } from 'svelte';
	import Button from '../kit/Button.svelte';
	import { once } from '../once';
	import { TODAY } from '$words/today';
	let { date, formId, words }: { date: string; formId: string; words: string } = $props();
	interface AskProps {
		open: boolean;
		title: string;
		text: string;
		yes: string;
		no: string;
		onyes: () => void;
	}
	let Ask = $state<Component<AskProps, object, 'open'> | null>(null);
	let open = $state(false);
	let form: HTMLFormElement | undefined = $state();
	let sending = $state(false);
	async function ask(event: Event) {
		event.preventDefault();
		Ask ??= (await import('../kit/Confirm.svelte')).default as Component<AskProps, object, 'open'>;
		open = true;
	}
</script>

<form
	bind:this={form}
	method="post"
	action="/?/enough&on={date}"
	use:once={{ sending: (busy) => (sending = busy) }}
>
	<input type="hidden" name="date" value={date} />
	<input type="hidden" name="seed" value={formId} />
	<Button kind="link" type="submit" onclick={ask} {sending} data-enough>{TODAY.enough}</Button>
</form>
{#if Ask}<Ask
		bind:open
		title={TODAY.enoughTitle}
		text={words}
		yes={TODAY.enoughYes}
		no={TODAY.enoughNo}
		onyes={() => form?.requestSubmit()}
	/>{/if}
