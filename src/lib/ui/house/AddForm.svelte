<script lang="ts">
	/** A new room, or a new zone. */
	import Button from '../kit/Button.svelte';
	import { HOUSE_ADD_FORM } from '$words/screens/house';
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import { FIELD_ROW } from '../kit/styles';
	import EditFields from './EditFields.svelte';
	import type { HouseView } from '$views/house';
	let { view, what, ondone }: { view: HouseView; what: 'room' | 'zone' | null; ondone: () => void } =
		$props();
	const GRID =
		FIELD_ROW +
		' grid grid-cols-[repeat(4,1fr)_auto] gap-3 py-3.5 [border-top:var(--stitch)] max-md:grid-cols-2';
</script>

{#if what === 'room'}
	<EditFields
		{view}
		id="new room"
		of={{ kind: view.kinds[0]?.kind ?? '', name: '', storey: '0', zone: view.zones[0]?.id ?? '' }}
		values={{ op: 'addRoom' }}
		class={GRID}
		onsaved={ondone}
	>
		{#snippet children(typed, sending)}
			<Choice
				label={HOUSE_ADD_FORM.kind}
				name="kind"
				value={typed.kind}
				options={view.kinds.map((kind) => ({ value: kind.kind, label: kind.name }))}
			/>
			<TextField label={HOUSE_ADD_FORM.nameIfItHasOne} name="name" value={typed.name} maxlength={80} />
			<Choice
				label={HOUSE_ADD_FORM.storey}
				name="storey"
				value={typed.storey}
				options={view.storeys.map((storey) => ({ value: String(storey.storey), label: storey.name }))}
			/>
			<Choice
				label={HOUSE_ADD_FORM.zone}
				name="zone"
				value={typed.zone}
				options={[
					...view.zones.map((zone) => ({ value: zone.id, label: `${zone.number} ${zone.name}` })),
					{ value: '', label: HOUSE_ADD_FORM.none }
				]}
			/>
			<Button type="submit" {sending}>{HOUSE_ADD_FORM.addThisRoom}</Button>
		{/snippet}
	</EditFields>
{:else if what === 'zone'}
	<EditFields {view} id="new zone" of={{ name: '' }} values={{ op: 'addZone' }} class={GRID} onsaved={ondone}>
		{#snippet children(typed, sending)}
			<TextField label={HOUSE_ADD_FORM.name} name="name" value={typed.name} maxlength={80} required />
			<Button type="submit" {sending}>{HOUSE_ADD_FORM.addZone}</Button>
		{/snippet}
	</EditFields>
{/if}
