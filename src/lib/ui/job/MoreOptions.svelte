<script lang="ts">
	/** How thorough, when missed, in which months, alternating, how early. */
	import { JOB_MORE_OPTIONS } from '$words/screens/house';
	import type { JobEditorView } from '$views/jobEditor';
	import { MONTHS } from '$words/general';
	import { EDITOR, missOptions } from '$words/jobEditor';
	import NumberField from '../kit/NumberField.svelte';
	import Radios from '../kit/Radios.svelte';
	import Switch from '../kit/Switch.svelte';
	import TextField from '../kit/TextField.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import { DEPTH_NAMES, type JobFields } from './jobFields.svelte';
	let { view, fields }: { view: JobEditorView; fields: JobFields } = $props();
	const months = MONTHS.map((long, i) => ({ value: String(i + 1), label: long.slice(0, 3), long }));
</script>

<div class="grid gap-x-10 gap-y-5 md:grid-cols-[auto_auto_1fr]">
	<div class="grid content-start gap-3">
		<div class="flex flex-wrap gap-x-5 gap-y-3">
			{#each DEPTH_NAMES as depth (depth)}
				<div class="grid content-start gap-1">
					{#if depth === 'usual' || fields.has[depth]}
						<NumberField
							label={EDITOR[depth]}
							about={JOB_MORE_OPTIONS.min}
							min={0.5}
							step={0.5}
							max={1440}
							field={`minutes-${depth}`}
							bind:value={fields.minutes[depth]}
						/>
					{/if}
					{#if depth !== 'usual'}<Switch
							label={EDITOR.hasDepth(EDITOR[depth])}
							bind:checked={fields.has[depth]}
						/>{/if}
				</div>
			{/each}
		</div>
		{#if fields.has.deep}<NumberField
				label={EDITOR.deepEvery}
				help={EDITOR.deepEveryHelp}
				max={100}
				field="deepEvery"
				bind:value={fields.deepEvery}
			/>{/if}
		{#if view.estimate}<p class="m-0 text-tin-text">{view.estimate}</p>{/if}
	</div>
	{#if fields.type !== 'zone'}
		<Radios label={EDITOR.missed} options={missOptions(view.household)} bind:value={fields.missRule} />
	{/if}
	<div class="grid content-start gap-2">
		<NumberField label={EDITOR.early} max={60} field="lead" bind:value={fields.lead} />
		{#if fields.type !== 'months'}
			<Switch label={EDITOR.allYear} bind:checked={fields.seasonal} />
			{#if fields.seasonal}<Toggles
					label={EDITOR.season}
					hideLabel
					many
					options={months}
					field="season"
					value={fields.season}
					onchange={(to) => (fields.season = [...to].sort((a, b) => Number(a) - Number(b)))}
				/>{/if}
		{/if}
		<Switch label={EDITOR.alternates} bind:checked={fields.alternates} />
		{#if fields.alternates}<TextField
				label={EDITOR.variants}
				lines={3}
				field="variants"
				bind:value={fields.variants}
			/>{/if}
	</div>
</div>
