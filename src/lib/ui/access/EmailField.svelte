<script lang="ts">
	/** Where somebody writes their e-mail address. */
	import TextField from '../kit/TextField.svelte';
	let { value = '', wrong = '' }: { value?: string; wrong?: string } = $props();
</script>

<TextField
	label="E-mail"
	name="email"
	type="email"
	autocomplete="username"
	required
	maxlength={254}
	{value}
	{wrong}
/>
