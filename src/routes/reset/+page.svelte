<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { RESET_PAGE } from '$words/screens/access';
	import FieldForm from '$ui/FieldForm.svelte';
	import { problemOf } from '$ui/access/problemOf';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const problem = $derived(problemOf(form));
	const asked = $derived(form && 'asked' in form ? form.asked : null);
	const set = $derived(form && 'set' in form);
</script>

{#if set}
	<Doorway title={RESET_PAGE.theNewPasswordHolds} says={RESET_PAGE.everyOtherSignInHas}>
		<Button kind="solid" href="/sign-in">{RESET_PAGE.signIn}</Button>
	</Doorway>
{:else if data.code !== null}
	<Doorway title={RESET_PAGE.aNewPassword} {problem}>
		<FieldForm of={data.set} action="/reset?/set" values={{ code: data.code }}>
			{#snippet children(_, sending)}
				<PasswordField label={RESET_PAGE.newPassword} isNew />
				<Button kind="solid" type="submit" {sending}>{RESET_PAGE.save}</Button>
			{/snippet}
		</FieldForm>
		{#snippet aside()}<Button kind="link" href="/reset">{RESET_PAGE.askForAnotherWay}</Button>{/snippet}
	</Doorway>
{:else if asked}
	<Doorway title={RESET_PAGE.lookInYourMail} says={RESET_PAGE.ifBelongsToSomebodyHere(asked)}>
		<Button kind="solid" href="/sign-in">{RESET_PAGE.backToSigningIn}</Button>
	</Doorway>
{:else}
	<Doorway title={RESET_PAGE.aNewPassword} says={RESET_PAGE.aWayToItComes} {problem}>
		<FieldForm of={data.ask} action="/reset?/ask">
			{#snippet children(typed, sending)}
				<EmailField value={typed.email} />
				<Button kind="solid" type="submit" {sending}>{RESET_PAGE.sendIt}</Button>
			{/snippet}
		</FieldForm>
		{#snippet aside()}<Button kind="link" href="/sign-in">{RESET_PAGE.backToSigningIn}</Button>{/snippet}
	</Doorway>
{/if}
