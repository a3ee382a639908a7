<script lang="ts">
	import TextField from '$ui/kit/TextField.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const asks = $derived(form && 'second' in form && form.second === true);
	const problem = $derived(form && 'message' in form ? form.message : null);
	const typed = $derived(form && 'values' in form && form.values ? (form.values as { email?: string }) : {});
	const to = $derived(form && 'to' in form && typeof form.to === 'string' ? form.to : data.to);
</script>

{#if asks}
	<Doorway title="Now the code" says="Your authenticator app shows six figures for this minute." {problem}>
		<ActForm action="?/second" values={{ to }} then={{ withoutId: true }}>
			<TextField
				label="Code"
				name="code"
				inputmode="numeric"
				autocomplete="one-time-code"
				required
				maxlength={7}
			/>
			<button class="sign small">Log in</button>
		</ActForm>
	</Doorway>
{:else}
	<Doorway title="Sign in" says="For the people who live in this home." {problem}>
		<ActForm action="?/in" values={{ to }} then={{ withoutId: true }}>
			<EmailField value={typed.email ?? ''} />
			<PasswordField />
			<button class="sign small">Sign in</button>
		</ActForm>
		{#snippet aside()}
			<a class="text-link" href="/join">I have a code</a>
			<a class="text-link" href="/reset">Ask for a new password</a>
			<a class="text-link" href="/begin">Begin a home of your own</a>
			<a class="text-link" href="/about">What is Pail Round?</a>
			{#if data.hasDemo}<form method="post" action="/demo/look">
					<button class="text-link">Look around the demo home</button>
				</form>{/if}
		{/snippet}
	</Doorway>
{/if}
