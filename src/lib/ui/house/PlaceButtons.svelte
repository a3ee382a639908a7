<script lang="ts">
	/** One place earlier or later, for whatever stands in an order. */
	import { HOUSE_PLACE_BUTTONS } from '$words/screens/house';
	import Button from '../kit/Button.svelte';
	import EditForm from './EditForm.svelte';
	let {
		view,
		values,
		tries = false,
		words = [HOUSE_PLACE_BUTTONS.earlier, HOUSE_PLACE_BUTTONS.later]
	}: {
		view: { readonly revision: number; readonly formId: string };
		values: Readonly<Record<string, string>>;
		tries?: boolean;
		words?: readonly [string, string];
	} = $props();
	const WAYS = ['-1', '1'] as const;
</script>

<div class="flex flex-wrap gap-2.5 my-3.5">
	{#each WAYS as by, i (by)}
		<EditForm {view} values={{ ...values, by }} {tries}><Button type="submit">{words[i]}</Button></EditForm>
	{/each}
</div>
