<script lang="ts">
	/** Where somebody writes a password: the one that they have, or a new one. */
	let {
		label = 'Password',
		name = 'password',
		isNew = false,
		wrong = false,
		describedby = undefined
	}: { label?: string; name?: string; isNew?: boolean; wrong?: boolean; describedby?: string } = $props();
</script>

<label
	><span>{label}</span><input
		class="field"
		type="password"
		{name}
		autocomplete={isNew ? 'new-password' : 'current-password'}
		required
		minlength={isNew ? 10 : undefined}
		maxlength="200"
		aria-invalid={wrong}
		aria-describedby={describedby}
	/></label
>
