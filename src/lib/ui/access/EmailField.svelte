<script lang="ts">
	/** Where somebody writes their e-mail address. */
	import { ACCESS_EMAIL_FIELD } from '$words/screens/access';
	import TextField from '../kit/TextField.svelte';
	let { value = '' }: { value?: string } = $props();
</script>

<TextField
	label={ACCESS_EMAIL_FIELD.eMail}
	name="email"
	type="email"
	autocomplete="username"
	required
	maxlength={254}
	{value}
/>
