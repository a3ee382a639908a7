<script lang="ts">
	/** Words that are typed: one line, or several; or a word of a sentence. */
	import type { HTMLInputAttributes } from 'svelte/elements';
	import Field from './Field.svelte';
	import { FIELD, TAPE } from './styles';
	let {
		label,
		about,
		help,
		wrong,
		hideLabel,
		lines = 1,
		look = 'field',
		field,
		value = $bindable(''),
		class: classes = '',
		...rest
	}: Omit<HTMLInputAttributes, 'value'> & {
		label: string;
		about?: string;
		help?: string;
		wrong?: string | readonly string[];
		hideLabel?: boolean;
		lines?: number;
		/** `tape`: a word of a sentence, with its label said aloud only. */
		look?: 'field' | 'tape';
		/** What it holds by name, where it is not sent under it. */
		field?: string | undefined;
		value?: string;
	} = $props();
</script>

<Field
	{label}
	{about}
	{help}
	{wrong}
	hideLabel={hideLabel || look === 'tape'}
	name={field ?? rest.name}
	class={classes as string}
>
	{#snippet children({ id, describedBy, invalid })}
		{#if lines > 1}
			<textarea
				{id}
				rows={lines}
				bind:value
				class="{FIELD} py-2"
				name={rest.name}
				maxlength={rest.maxlength}
				required={rest.required}
				aria-describedby={describedBy}
				aria-invalid={invalid}></textarea>
		{:else}
			<input
				{id}
				type="text"
				autocomplete="off"
				bind:value
				class={look === 'tape' ? `${TAPE} cursor-text no-underline` : FIELD}
				{...rest}
				aria-describedby={[rest['aria-describedby'], describedBy].filter(Boolean).join(' ') || undefined}
				aria-invalid={invalid}
			/>
		{/if}
	{/snippet}
</Field>
