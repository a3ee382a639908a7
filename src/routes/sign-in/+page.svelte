<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { SIGN_IN_PAGE } from '$words/screens/access';
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
	<Doorway title={SIGN_IN_PAGE.nowTheCode} says={SIGN_IN_PAGE.yourAuthenticatorAppShowsSix} {problem}>
		<ActForm action="?/second" values={{ to }} then={{ withoutId: true }}>
			<TextField
				label={SIGN_IN_PAGE.code}
				name="code"
				inputmode="numeric"
				autocomplete="one-time-code"
				required
				maxlength={7}
			/>
			<Button kind="solid" type="submit">{SIGN_IN_PAGE.logIn}</Button>
		</ActForm>
	</Doorway>
{:else}
	<Doorway title={SIGN_IN_PAGE.signIn} says={SIGN_IN_PAGE.forThePeopleWhoLive} {problem}>
		<ActForm action="?/in" values={{ to }} then={{ withoutId: true }}>
			<EmailField value={typed.email ?? ''} />
			<PasswordField />
			<Button kind="solid" type="submit">{SIGN_IN_PAGE.signIn}</Button>
		</ActForm>
		{#snippet aside()}
			<Button kind="link" href="/join">{SIGN_IN_PAGE.iHaveACode}</Button>
			<Button kind="link" href="/reset">{SIGN_IN_PAGE.askForANewPassword}</Button>
			<Button kind="link" href="/begin">{SIGN_IN_PAGE.beginAHomeOfYour}</Button>
			<Button kind="link" href="/about">{SIGN_IN_PAGE.whatIsPailRound}</Button>
			{#if data.hasDemo}<form class="contents!" method="post" action="/demo/look">
					<Button kind="link" type="submit">{SIGN_IN_PAGE.lookAroundTheDemoHome}</Button>
				</form>{/if}
		{/snippet}
	</Doorway>
{/if}
