<script lang="ts">
	import { untrack } from 'svelte';
	import Button from '$ui/kit/Button.svelte';
	import { SIGN_IN_PAGE } from '$words/screens/access';
	import TextField from '$ui/kit/TextField.svelte';
	import FieldForm from '$ui/FieldForm.svelte';
	import { problemOf } from '$ui/access/problemOf';
	import EmailField from '$ui/access/EmailField.svelte';
	import PasswordField from '$ui/access/PasswordField.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const isSecond = () => form !== null && 'second' in form && form.second === true;
	/** The second step stays until a form is answered otherwise: for a moment before each answer the page has none. */
	let asks = $state(untrack(isSecond));
	$effect(() => {
		if (form && 'form' in form) asks = isSecond();
	});
	/** A code written down, instead of one of the app. */
	let spare = $state(false);
	const problem = $derived(problemOf(form));
	const to = $derived(form && 'to' in form && typeof form.to === 'string' ? form.to : data.to);
</script>

{#if asks}
	<Doorway
		title={SIGN_IN_PAGE.nowTheCode}
		says={spare ? SIGN_IN_PAGE.oneOfTheTenCodes : SIGN_IN_PAGE.yourAuthenticatorAppShowsSix}
		{problem}
	>
		<FieldForm of={data.second} action="?/second" values={{ to }}>
			{#snippet children(_, sending)}
				<TextField
					label={spare ? SIGN_IN_PAGE.recoveryCode : SIGN_IN_PAGE.code}
					name="code"
					inputmode={spare ? 'text' : 'numeric'}
					autocomplete={spare ? 'off' : 'one-time-code'}
					autocapitalize="characters"
					spellcheck="false"
					required
					maxlength={20}
				/>
				<Button kind="solid" type="submit" {sending}>{SIGN_IN_PAGE.logIn}</Button>
			{/snippet}
		</FieldForm>
		{#snippet aside()}<Button kind="link" onclick={() => (spare = !spare)}
				>{spare ? SIGN_IN_PAGE.useTheApp : SIGN_IN_PAGE.useARecoveryCode}</Button
			>{/snippet}
	</Doorway>
{:else}
	<Doorway title={SIGN_IN_PAGE.signIn} says={SIGN_IN_PAGE.forThePeopleWhoLive} {problem}>
		<FieldForm of={data.in} action="?/in" values={{ to }}>
			{#snippet children(typed, sending)}
				<EmailField value={typed.email} />
				<PasswordField />
				<Button kind="solid" type="submit" {sending}>{SIGN_IN_PAGE.signIn}</Button>
			{/snippet}
		</FieldForm>
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
