<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { JOIN_PAGE } from '$words/screens/access';
	import TextField from '$ui/kit/TextField.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const gone = 'This invitation has been used or has run out. Ask for a new one.';
	const problem = $derived(form && 'message' in form ? form.message : data.gone ? gone : null);
</script>

{#if data.invited}
	<Doorway
		title={data.invited.home}
		says={data.invited.name ? JOIN_PAGE.thisOpensTheHomeOn(data.invited.name) : JOIN_PAGE.thisMakesItADevice}
		{problem}
	>
		<ActForm action="/join?/come" values={{ code: data.invited.code }} then={{ withoutId: true }}>
			<Button kind="solid" type="submit"
				>{data.invited.name ? JOIN_PAGE.logInAs(data.invited.name) : JOIN_PAGE.useThisDeviceForThe}</Button
			>
		</ActForm>
		{#snippet aside()}<span class="dim">{JOIN_PAGE.theInvitationCanBeUsed}</span>{/snippet}
	</Doorway>
{:else}
	<Doorway title={JOIN_PAGE.iHaveACode} says={JOIN_PAGE.twelveLettersAndFiguresFrom} {problem}>
		<ActForm action="/join?/come" then={{ withoutId: true }}>
			<TextField
				label={JOIN_PAGE.code}
				name="code"
				required
				maxlength={20}
				autocomplete="off"
				autocapitalize="characters"
				spellcheck="false"
				placeholder={JOIN_PAGE.abcdEfghJklm}
			/>
			<Button kind="solid" type="submit">{JOIN_PAGE.logIn}</Button>
		</ActForm>
		{#snippet aside()}<Button kind="link" href="/sign-in">{JOIN_PAGE.iHaveAPassword}</Button>{/snippet}
	</Doorway>
{/if}
