<script lang="ts">
	/** Where somebody writes their e-mail address. */
	let { value = '', wrong = false }: { value?: string; wrong?: boolean } = $props();
</script>

<label
	><span>E-mail</span><input
		class="field"
		type="email"
		name="email"
		autocomplete="username"
		required
		maxlength="254"
		aria-invalid={wrong}
		{value}
	/></label
>
