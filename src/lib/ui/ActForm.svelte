<script lang="ts">
	/** A form that does one thing: what it sends besides its fields, and that it counts once. */
	import type { Snippet } from 'svelte';
	import { formAnswer } from './kit/answer.svelte';
	import { once, type OnceOptions } from './once';
	let {
		action,
		values = {},
		then = {},
		form = $bindable(),
		class: classes = '',
		children
	}: {
		action: string;
		values?: Readonly<Record<string, string | number | readonly string[]>>;
		then?: OnceOptions;
		form?: HTMLFormElement | undefined;
		class?: string;
		children: Snippet;
	} = $props();
	const fields = $derived(
		Object.entries(values).flatMap(([name, value]) =>
			typeof value === 'object' ? value.map((one) => ({ name, value: one })) : [{ name, value }]
		)
	);
	const answer = formAnswer();
	const told = (one: unknown) => (typeof one === 'string' ? one : '');
	const options: OnceOptions = $derived({
		...then,
		beside: ({ field, says, message }) => answer.take(told(field), told(says) || told(message)),
		sending: (busy) => {
			if (busy) answer.clear();
			then.sending?.(busy);
		}
	});
</script>

<form bind:this={form} method="post" {action} class={classes} use:once={options}>
	{#each fields as { name, value }, i (`${name} ${i}`)}<input type="hidden" {name} {value} />{/each}
	{@render children()}
</form>
