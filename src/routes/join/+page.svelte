<script lang="ts">
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
		says={data.invited.name
			? `This opens the home on this phone, as ${data.invited.name}.`
			: 'This makes it a device of the family: it shows the day for all, and whoever taps ticks.'}
		{problem}
	>
		<ActForm action="/join?/come" values={{ code: data.invited.code }} then={{ withoutId: true }}>
			<button class="sign small"
				>{data.invited.name ? `Log in as ${data.invited.name}` : 'Use this device for the family'}</button
			>
		</ActForm>
		{#snippet aside()}<span class="dim">The invitation can be used once.</span>{/snippet}
	</Doorway>
{:else}
	<Doorway
		title="I have a code"
		says="Twelve letters and figures, from whoever organises the home."
		{problem}
	>
		<ActForm action="/join?/come" then={{ withoutId: true }}>
			<TextField
				label="Code"
				name="code"
				required
				maxlength={20}
				autocomplete="off"
				autocapitalize="characters"
				spellcheck="false"
				placeholder="ABCD-EFGH-JKLM"
			/>
			<button class="sign small">Log in</button>
		</ActForm>
		{#snippet aside()}<a class="text-link" href="/sign-in">I have a password</a>{/snippet}
	</Doorway>
{/if}
