<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { SIGN_UP_PAGE } from '$words/screens/access';
	import FieldForm from '$ui/FieldForm.svelte';
	import { problemOf } from '$ui/access/problemOf';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const problem = $derived(problemOf(form));
</script>

<Doorway
	title={SIGN_UP_PAGE.makeAnAccount}
	says={data.closed ?? (data.waits ? SIGN_UP_PAGE.yourHomeIsReadyFrom : SIGN_UP_PAGE.onlyYouAndWhoeverYou)}
	{problem}
>
	{#if !data.closed}<FieldForm of={data.up} action="?/up">
			{#snippet children(typed, sending)}
				<EmailField value={typed.email} />
				<PasswordField isNew describedby="password-says" />
				<p id="password-says" class="dim">
					{SIGN_UP_PAGE.atLeast10CharactersA}
				</p>
				<Button kind="solid" type="submit" {sending}
					>{data.waits ? SIGN_UP_PAGE.signUpAndOpenIt : SIGN_UP_PAGE.signUp}</Button
				>
			{/snippet}
		</FieldForm>{/if}
	{#snippet aside()}
		<Button kind="link" href="/sign-in">{SIGN_UP_PAGE.iHaveAPasswordAlready}</Button>
		{#if data.waits}<Button kind="link" href="/begin">{SIGN_UP_PAGE.backToTheFirstSteps}</Button>{/if}
	{/snippet}
</Doorway>
