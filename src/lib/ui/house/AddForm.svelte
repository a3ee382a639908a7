<script lang="ts">
	/** A new room, or a new zone. */
	import Button from '../kit/Button.svelte';
	import { HOUSE_ADD_FORM } from '$words/screens/house';
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import EditForm from './EditForm.svelte';
	import type { HouseView } from '$views/house';
	let { view, what, ondone }: { view: HouseView; what: 'room' | 'zone' | null; ondone: () => void } =
		$props();
	const GRID =
		'grid grid-cols-[repeat(4,1fr)_auto] items-end gap-3 py-3.5 [border-top:var(--stitch)] max-md:grid-cols-2';
</script>

{#if what === 'room'}
	<EditForm values={{ op: 'addRoom' }} {view} class={GRID} onsaved={ondone}>
		<Choice
			label={HOUSE_ADD_FORM.kind}
			name="kind"
			options={view.kinds.map((kind) => ({ value: kind.kind, label: kind.name }))}
		/>
		<TextField label={HOUSE_ADD_FORM.nameIfItHasOne} name="name" maxlength={80} />
		<Choice
			label={HOUSE_ADD_FORM.storey}
			name="storey"
			value={String(0)}
			options={view.storeys.map((storey) => ({ value: String(storey.storey), label: storey.name }))}
		/>
		<Choice
			label={HOUSE_ADD_FORM.zone}
			name="zone"
			options={[
				...view.zones.map((zone) => ({ value: zone.id, label: `${zone.number} ${zone.name}` })),
				{ value: '', label: HOUSE_ADD_FORM.none }
			]}
		/>
		<Button type="submit">{HOUSE_ADD_FORM.addThisRoom}</Button>
	</EditForm>
{:else if what === 'zone'}
	<EditForm values={{ op: 'addZone' }} {view} class={GRID} onsaved={ondone}>
		<TextField label={HOUSE_ADD_FORM.name} name="name" maxlength={80} required />
		<Button type="submit">{HOUSE_ADD_FORM.addZone}</Button>
	</EditForm>
{/if}
