<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { WHO_PAGE } from '$words/screens/access';
	import TextField from '$ui/kit/TextField.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import Doorway from '$ui/access/Doorway.svelte';
	let { data, form } = $props();
	const { view } = $derived(data);
	const problem = $derived(form && 'message' in form ? form.message : null);
	let chosen = $state<string | null>(null);
	const who = $derived(
		view.people.find(
			(one) =>
				one.id ===
				(chosen ?? (form && 'member' in form && typeof form.member === 'string' ? form.member : ''))
		)
	);
</script>

{#if who?.hasPin}
	<Doorway title={who.name} says={WHO_PAGE.yourPinPlease} {problem}>
		<ActForm action="?/is" values={{ member: who.id }} then={{ withoutId: true }}>
			<TextField label={WHO_PAGE.pin} type="password" name="pin" inputmode="numeric" required maxlength={8} />
			<Button kind="solid" type="submit">{WHO_PAGE.openMyList}</Button>
		</ActForm>
		{#snippet aside()}<Button kind="link" type="submit" onclick={() => (chosen = '')}
				>{WHO_PAGE.somebodyElse}</Button
			>{/snippet}
	</Doorway>
{:else}
	<Doorway title={WHO_PAGE.whoAreYou} says={WHO_PAGE.ofIt(view.device, view.home)} {problem}>
		{#if view.people.length === 0}
			<p>{WHO_PAGE.nobodyHereHasAList}</p>
		{/if}
		<div class="grid gap-3">
			{#each view.people as one (one.id)}
				{#if one.hasPin}
					<Button
						type="submit"
						class="name w-full min-h-16! font-display! text-[1.5rem]! font-normal!"
						onclick={() => (chosen = one.id)}>{one.name}</Button
					>
				{:else}
					<ActForm action="?/is" values={{ member: one.id }} then={{ withoutId: true }}>
						<Button type="submit" class="name w-full min-h-16! font-display! text-[1.5rem]! font-normal!"
							>{one.name}</Button
						>
					</ActForm>
				{/if}
			{/each}
		</div>
		{#snippet aside()}<Button kind="link" href="/">{WHO_PAGE.theDayForAll}</Button>{/snippet}
	</Doorway>
{/if}
