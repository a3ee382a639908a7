<script lang="ts">
	import ActForm from '$ui/ActForm.svelte';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const problem = $derived(form && 'message' in form ? form.message : null);
	const asked = $derived(form && 'asked' in form ? form.asked : null);
	const set = $derived(form && 'set' in form);
</script>

{#if set}
	<Doorway title="The new password holds" says="Every other sign-in has ended.">
		<a class="sign small" href="/sign-in">Sign in</a>
	</Doorway>
{:else if data.code !== null}
	<Doorway title="A new password" {problem}>
		<ActForm action="/reset?/set" values={{ code: data.code }} then={{ withoutId: true }}>
			<PasswordField label="New password" isNew />
			<button class="sign small">Save</button>
		</ActForm>
		{#snippet aside()}<a class="text-link" href="/reset">Ask for another way</a>{/snippet}
	</Doorway>
{:else if asked}
	<Doorway
		title="Look in your mail"
		says="If {asked} belongs to somebody here, a way to a new password is on its way there. It can be used once, within the hour."
	>
		<a class="sign small" href="/sign-in">Back to signing in</a>
	</Doorway>
{:else}
	<Doorway title="A new password" says="A way to it comes by mail." {problem}>
		<ActForm action="/reset?/ask" then={{ withoutId: true }}>
			<EmailField />
			<button class="sign small">Send it</button>
		</ActForm>
		{#snippet aside()}<a class="text-link" href="/sign-in">Back to signing in</a>{/snippet}
	</Doorway>
{/if}
