<script lang="ts">
	/** A product of the home: its name, what it is by plain descriptions, and what else is worth writing down. */
	import { DESCRIPTIONS, type Description } from '$core/cupboard/products';
	import { VESSELS } from '$core/household/cupboardSchema';
	import type { ProductDetail, SuppliesView } from '$views/supplies';
	import { DESCRIPTION_WORDS, VESSEL_WORDS } from '$words/supplies/products';
	import { SUPPLIES } from '$words/supplies/cupboard';
	import { untrack } from 'svelte';
	import EditForm from '../house/EditForm.svelte';
	import EditFields from '../house/EditFields.svelte';
	import Button from '../kit/Button.svelte';
	import Check from '../kit/Check.svelte';
	import Confirm from '../kit/Confirm.svelte';
	import DateField from '../kit/DateField.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	let {
		view,
		product = null,
		onsaved
	}: { view: SuppliesView; product?: ProductDetail | null; onsaved: () => void } = $props();
	const first = untrack(() => product);
	let is = $state<readonly string[]>(first?.descriptions ?? []);
	let vessel = $state<readonly string[]>([first?.vessel ?? 'bottle']);
	const holdsBleach = $derived(
		is.some((one) => DESCRIPTIONS[one as Description].families.some((f) => f === 'bleach'))
	);
	const names = Object.keys(DESCRIPTIONS) as Description[];
	let asks = $state(false);
	let removing = $state<HTMLFormElement>();
</script>

<EditFields
	{view}
	action="/supplies?/edit"
	id="product {product?.id ?? ''}"
	of={{
		name: product?.name ?? '',
		is: [...(product?.descriptions ?? [])],
		vessel: product?.vessel ?? 'bottle',
		strength: product?.strength ?? '',
		place: product?.place ?? '',
		locked: product?.locked ?? false,
		openedOn: product?.openedOn ?? '',
		bestBefore: product?.bestBefore ?? ''
	}}
	values={{ op: 'product', product: product?.id ?? '' }}
	class="grid gap-4"
	{onsaved}
>
	{#snippet children(typed, sending)}
		<TextField
			label={SUPPLIES.name}
			name="name"
			value={typed.name}
			placeholder={SUPPLIES.nameHint}
			maxlength={80}
			required
		/>
		<Toggles
			label={SUPPLIES.whatIsIt}
			help={SUPPLIES.whatHelp}
			name="is"
			many
			options={names.map((one) => ({ value: one, label: DESCRIPTION_WORDS[one] }))}
			bind:value={is}
		/>
		<Toggles
			label={SUPPLIES.vessel}
			name="vessel"
			options={VESSELS.map((one) => ({ value: one, label: VESSEL_WORDS[one] }))}
			bind:value={vessel}
		/>
		{#if holdsBleach}
			<TextField
				label={SUPPLIES.strength}
				help={SUPPLIES.strengthHelp}
				name="strength"
				value={typed.strength}
				inputmode="decimal"
				maxlength={6}
			/>
		{/if}
		<div class="grid gap-4 min-[520px]:grid-cols-2">
			<TextField
				label={SUPPLIES.place}
				name="place"
				value={typed.place}
				placeholder={SUPPLIES.placeHint}
				maxlength={80}
			/>
			<div class="self-end">
				<Check label={SUPPLIES.locked} name="locked" formValue="on" checked={typed.locked} />
			</div>
			<DateField label={SUPPLIES.opened} name="openedOn" value={typed.openedOn} />
			<DateField label={SUPPLIES.bestBefore} name="bestBefore" value={typed.bestBefore} />
		</div>
		<Button kind="solid" type="submit" {sending} class="justify-self-start">{SUPPLIES.save}</Button>
	{/snippet}
</EditFields>
{#if product}
	<EditForm
		bind:form={removing}
		action="/supplies?/edit"
		{view}
		values={{ op: 'removeProduct', product: product.id }}
		class="mt-4"
		{onsaved}
	>
		<Button kind="link" onclick={() => (asks = true)}>{SUPPLIES.remove}</Button>
		<Confirm
			bind:open={asks}
			title={SUPPLIES.removeAsk(product.name)}
			text={product.usedFor}
			yes={SUPPLIES.remove}
			onyes={() => removing?.requestSubmit()}
		/>
	</EditForm>
{/if}
