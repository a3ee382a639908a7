<script lang="ts">
	import ActForm from '$ui/ActForm.svelte';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const problem = $derived(form && 'message' in form ? form.message : null);
	const typed = $derived(form && 'values' in form && form.values ? (form.values as { email?: string }) : {});
	const field = $derived(form && 'field' in form ? form.field : null);
	/** Without scripts, what is wrong comes back with the page. */
	const wrong = (name: string) => (field === name ? (problem ?? '') : '');
</script>

<Doorway
	title="Make an account"
	says={data.closed ??
		(data.waits
			? 'Your home is ready. From here on only you, and whoever you let in, can open it.'
			: 'Only you, and whoever you let in, will be able to open your home.')}
	problem={field ? null : problem}
>
	{#if !data.closed}<ActForm action="?/up" then={{ withoutId: true }}>
			<EmailField value={typed.email ?? ''} wrong={wrong('email')} />
			<PasswordField isNew wrong={wrong('password')} describedby="password-says" />
			<p id="password-says" class="dim">
				At least 10 characters. A few words in a row do well; capitals and signs are not asked for.
			</p>
			<button class="sign small">{data.waits ? 'Sign up and open it' : 'Sign up'}</button>
		</ActForm>{/if}
	{#snippet aside()}
		<a class="text-link" href="/sign-in">I have a password already</a>
		{#if data.waits}<a class="text-link" href="/begin">Back to the first steps</a>{/if}
	{/snippet}
</Doorway>
