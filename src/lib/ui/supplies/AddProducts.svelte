<script lang="ts">
	/** What stands in most homes, a touch each; or something else by its name. */
	import type { SuppliesView } from '$views/supplies';
	import { SUPPLIES } from '$words/supplies/cupboard';
	import EditForm from '../house/EditForm.svelte';
	import Button from '../kit/Button.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import ProductForm from './ProductForm.svelte';
	let { view, onsaved }: { view: SuppliesView; onsaved: () => void } = $props();
	let chosen = $state<readonly string[]>([]);
	let own = $state(false);
</script>

{#if own}
	<ProductForm {view} {onsaved} />
{:else}
	<p class="mt-0 mb-3 text-tin-text">{SUPPLIES.addLead}</p>
	<EditForm action="/supplies?/edit" {view} values={{ op: 'starters' }} class="grid gap-4" {onsaved}>
		<Toggles
			label={SUPPLIES.addTitle}
			hideLabel
			name="starter"
			many
			options={view.starters.map((one) => ({ value: one.id, label: one.name }))}
			bind:value={chosen}
		/>
		<div class="flex flex-wrap items-center gap-3">
			<Button kind="solid" type="submit" disabled={chosen.length === 0}
				>{SUPPLIES.addThese(chosen.length)}</Button
			>
			<Button onclick={() => (own = true)}>{SUPPLIES.own}</Button>
		</div>
	</EditForm>
{/if}
