<script lang="ts">
	/** Words that are typed: one line, or several. */
	import type { HTMLInputAttributes } from 'svelte/elements';
	import Field from './Field.svelte';
	import { FIELD } from './styles';
	let {
		label,
		about,
		help,
		wrong,
		hideLabel,
		lines = 1,
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
		value?: string;
	} = $props();
</script>

<Field {label} {about} {help} {wrong} {hideLabel} class={classes as string}>
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
				class={FIELD}
				aria-describedby={describedBy}
				aria-invalid={invalid}
				{...rest}
			/>
		{/if}
	{/snippet}
</Field>
