<script lang="ts">
	import { RESET_PAGE } from '$words/screens/access';
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
	<Doorway title={RESET_PAGE.theNewPasswordHolds} says={RESET_PAGE.everyOtherSignInHas}>
		<a class="sign small" href="/sign-in">{RESET_PAGE.signIn}</a>
	</Doorway>
{:else if data.code !== null}
	<Doorway title={RESET_PAGE.aNewPassword} {problem}>
		<ActForm action="/reset?/set" values={{ code: data.code }} then={{ withoutId: true }}>
			<PasswordField label={RESET_PAGE.newPassword} isNew />
			<button class="sign small">{RESET_PAGE.save}</button>
		</ActForm>
		{#snippet aside()}<a class="text-link" href="/reset">{RESET_PAGE.askForAnotherWay}</a>{/snippet}
	</Doorway>
{:else if asked}
	<Doorway title={RESET_PAGE.lookInYourMail} says={RESET_PAGE.ifBelongsToSomebodyHere(asked)}>
		<a class="sign small" href="/sign-in">{RESET_PAGE.backToSigningIn}</a>
	</Doorway>
{:else}
	<Doorway title={RESET_PAGE.aNewPassword} says={RESET_PAGE.aWayToItComes} {problem}>
		<ActForm action="/reset?/ask" then={{ withoutId: true }}>
			<EmailField />
			<button class="sign small">{RESET_PAGE.sendIt}</button>
		</ActForm>
		{#snippet aside()}<a class="text-link" href="/sign-in">{RESET_PAGE.backToSigningIn}</a>{/snippet}
	</Doorway>
{/if}
