<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { SIGN_UP_PAGE } from '$words/screens/access';
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
	title={SIGN_UP_PAGE.makeAnAccount}
	says={data.closed ?? (data.waits ? SIGN_UP_PAGE.yourHomeIsReadyFrom : SIGN_UP_PAGE.onlyYouAndWhoeverYou)}
	problem={field ? null : problem}
>
	{#if !data.closed}<ActForm action="?/up" then={{ withoutId: true }}>
			<EmailField value={typed.email ?? ''} wrong={wrong('email')} />
			<PasswordField isNew wrong={wrong('password')} describedby="password-says" />
			<p id="password-says" class="dim">
				{SIGN_UP_PAGE.atLeast10CharactersA}
			</p>
			<Button kind="solid" type="submit"
				>{data.waits ? SIGN_UP_PAGE.signUpAndOpenIt : SIGN_UP_PAGE.signUp}</Button
			>
		</ActForm>{/if}
	{#snippet aside()}
		<Button kind="link" href="/sign-in">{SIGN_UP_PAGE.iHaveAPasswordAlready}</Button>
		{#if data.waits}<Button kind="link" href="/begin">{SIGN_UP_PAGE.backToTheFirstSteps}</Button>{/if}
	{/snippet}
</Doorway>
