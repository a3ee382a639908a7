<script lang="ts">
	/** A file of this device. */
	import { KIT_FIELDS } from '$words/screens/frame';
	import Field from './Field.svelte';
	import { FIELD } from './styles';
	let {
		label,
		help,
		wrong,
		name,
		accept,
		required = false
	}: {
		label: string;
		help?: string;
		wrong?: string | readonly string[];
		name: string;
		accept?: string;
		required?: boolean;
	} = $props();
</script>

<Field {label} {help} {wrong} {name} missing={KIT_FIELDS.chooseAFile}>
	{#snippet children({ id, describedBy, invalid })}
		<input
			{id}
			type="file"
			{name}
			{accept}
			{required}
			aria-describedby={describedBy}
			aria-invalid={invalid}
			class="{FIELD} py-2 file:mr-3 file:cursor-pointer file:rounded-lg file:border-2 file:border-solid file:border-tin-2 file:bg-transparent file:px-3.5 file:py-1.5 file:font-name file:text-ink"
		/>
	{/snippet}
</Field>
