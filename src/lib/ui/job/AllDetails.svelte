<script lang="ts">
	/** What is seldom changed: how much it matters, what it needs, who can learn it, its steps. */
	import { JOB_ALL_DETAILS } from '$words/screens/house';
	import type { JobEditorView } from '$views/jobEditor';
	import { EDITOR, LAYERS, ORDER_PLACES, showsOptions } from '$words/jobEditor';
	import Check from '../kit/Check.svelte';
	import Choice from '../kit/Choice.svelte';
	import DateField from '../kit/DateField.svelte';
	import NumberField from '../kit/NumberField.svelte';
	import Tabs from '../kit/Tabs.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import TextField from '../kit/TextField.svelte';
	import { DEPTH_NAMES, type DepthName, type JobFields } from './jobFields.svelte';
	import StepRows from './StepRows.svelte';
	let {
		view,
		fields,
		tab = $bindable('usual')
	}: { view: JobEditorView; fields: JobFields; /** Which of its pages is open. */ tab?: string } = $props();
	const tabs = $derived([
		...DEPTH_NAMES.filter((depth) => fields.has[depth]).map((depth) => ({
			value: depth,
			label: EDITOR.steps(EDITOR[depth])
		})),
		{ value: 'needs', label: JOB_ALL_DETAILS.whatItNeeds },
		{ value: 'learn', label: JOB_ALL_DETAILS.howToTeachAndCheck },
		...(view.others.length > 0 ? [{ value: 'covers', label: EDITOR.covers }] : [])
	]);
	const covers = (id: string, on: boolean) =>
		(fields.covers = on ? [...new Set([...fields.covers, id])] : fields.covers.filter((one) => one !== id));
</script>

<Tabs label={EDITOR.all} {tabs} bind:value={tab}>
	{#snippet panel(value)}
		{#if value === 'needs'}
			<div class="grid items-start gap-5 sm:grid-cols-2 md:grid-cols-3">
				<NumberField
					label={EDITOR.matters}
					help={EDITOR.mattersHelp}
					min={1}
					max={5}
					field="weight"
					bind:value={fields.weight}
				/>
				<Choice label={EDITOR.layer} options={LAYERS} field="layer" bind:value={fields.layer} />
				<DateField label={EDITOR.firstDay} field="startsOn" bind:value={fields.startsOn} />
				<TextField label={EDITOR.note} lines={3} maxlength={400} field="note" bind:value={fields.note} />
				<TextField label={EDITOR.needs} field="needs" bind:value={fields.needs} />
				<Check label={EDITOR.noisy} bind:checked={fields.noisy} />
				<Check label={EDITOR.hidden} bind:checked={fields.hidden} />
				<Check label={EDITOR.errand} bind:checked={fields.errand} />
				<Check label={EDITOR.core} line={EDITOR.coreHelp} bind:checked={fields.core} />
				<Check label={EDITOR.wholeHouse} line={EDITOR.wholeHouseHelp} bind:checked={fields.wholeHouse} />
				<Choice
					label={EDITOR.shows}
					help={EDITOR.showsHelp}
					options={showsOptions(fields.shows)}
					field="shows"
					bind:value={fields.shows}
				/>
				{#if view.things.length > 0}
					<div class="sm:col-span-2 md:col-span-3">
						<Toggles
							label={EDITOR.things}
							options={view.things.map((one) => ({ value: one.id, label: one.name }))}
							many
							field="things"
							bind:value={fields.things}
						/>
					</div>
				{/if}
				<div class="sm:col-span-2 md:col-span-3">
					<Toggles
						label={EDITOR.order}
						help={EDITOR.orderHelp}
						options={ORDER_PLACES}
						many
						field="order"
						bind:value={fields.order}
					/>
				</div>
			</div>
		{:else if value === 'learn'}
			<div class="grid items-start gap-5 sm:grid-cols-2">
				<TextField label={EDITOR.skill} maxlength={60} field="skill" bind:value={fields.skill} />
				<NumberField label={EDITOR.fromAge} max={99} field="fromAge" bind:value={fields.fromAge} />
				<NumberField
					label={EDITOR.aloneFrom}
					help={EDITOR.aloneFromHelp}
					max={18}
					field="aloneFrom"
					bind:value={fields.aloneFrom}
				/>
				<TextField label={EDITOR.rungs} lines={4} field="rungs" bind:value={fields.rungs} />
				<TextField label={EDITOR.checks} lines={4} field="lookRound" bind:value={fields.lookRound} />
			</div>
		{:else if value === 'covers'}
			<div class="grid gap-x-8 sm:grid-cols-2 md:grid-cols-3">
				{#each view.others as other (other.id)}<Check
						label={other.name}
						checked={fields.covers.includes(other.id)}
						onchange={(on) => covers(other.id, on)}
					/>{/each}
			</div>
		{:else}
			<StepRows
				{fields}
				depth={value as DepthName}
				word={EDITOR[value as DepthName]}
				products={view.products}
				things={view.things}
			/>
		{/if}
	{/snippet}
</Tabs>
