<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { JOIN_PAGE } from '$words/screens/access';
	import TextField from '$ui/kit/TextField.svelte';
	import FieldForm from '$ui/FieldForm.svelte';
	import { problemOf } from '$ui/access/problemOf';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const problem = $derived(problemOf(form) ?? data.gone);
</script>

{#if data.invited}
	<Doorway
		title={data.invited.home}
		says={data.invited.name ? JOIN_PAGE.thisOpensTheHomeOn(data.invited.name) : JOIN_PAGE.thisMakesItADevice}
		{problem}
	>
		<FieldForm of={data.come} action="/join?/come" values={{ code: data.invited.code }}>
			{#snippet children(_, sending)}
				<Button kind="solid" type="submit" {sending}
					>{data.invited?.name ? JOIN_PAGE.logInAs(data.invited.name) : JOIN_PAGE.useThisDeviceForThe}</Button
				>
			{/snippet}
		</FieldForm>
		{#snippet aside()}<span class="dim">{JOIN_PAGE.theInvitationCanBeUsed}</span>{/snippet}
	</Doorway>
{:else}
	<Doorway title={JOIN_PAGE.iHaveACode} says={JOIN_PAGE.twelveLettersAndFiguresFrom} {problem}>
		<FieldForm of={data.come} action="/join?/come">
			{#snippet children(_, sending)}
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
				<Button kind="solid" type="submit" {sending}>{JOIN_PAGE.logIn}</Button>
			{/snippet}
		</FieldForm>
		{#snippet aside()}<Button kind="link" href="/sign-in">{JOIN_PAGE.iHaveAPassword}</Button>{/snippet}
	</Doorway>
{/if}
