<script lang="ts">
	/** Asks for one's password once more, and then does it. */
	import type { SuperValidated } from 'sveltekit-superforms';
	import FieldForm from '../FieldForm.svelte';
	import Button from '../kit/Button.svelte';
	import PasswordField from './PasswordField.svelte';
	let {
		of,
		action,
		label,
		class: classes
	}: {
		of: SuperValidated<{ old: string }, string>;
		action: string;
		/** What the button does, in words. */
		label: string;
		class: string;
	} = $props();
</script>

<FieldForm {of} {action} class={classes} empties>
	{#snippet children(_, sending)}
		<PasswordField name="old" />
		<Button type="submit" {sending}>{label}</Button>
	{/snippet}
</FieldForm>
