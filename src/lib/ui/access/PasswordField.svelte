<script lang="ts">
	/** Where somebody writes a password: the one that they have, or a new one. */
	import { ACCESS_PASSWORD_FIELD } from '$words/screens/access';
	import TextField from '../kit/TextField.svelte';
	let {
		label = ACCESS_PASSWORD_FIELD.password,
		name = 'password',
		isNew = false,
		describedby = undefined
	}: { label?: string; name?: string; isNew?: boolean; describedby?: string } = $props();
</script>

<TextField
	{label}
	{name}
	type="password"
	autocomplete={isNew ? 'new-password' : 'current-password'}
	required
	minlength={isNew ? 10 : undefined}
	maxlength={200}
	aria-describedby={describedby}
/>
