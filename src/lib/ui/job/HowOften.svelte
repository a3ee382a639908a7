<script lang="ts">
	/** The tool for how often: the way of counting, and what it counts. */
	import { JOB_HOW_OFTEN } from '$words/screens/house';
	import { FIELD_ROW } from '../kit/styles';
	import type { JobEditorView } from '$views/jobEditor';
	import { daysOfHome, EDITOR, NTH, OFTEN_TYPES, shortDays } from '$words/jobEditor';
	import { MONTHS, weekFrom } from '$words/general';
	import { writing } from '../kit/settings';
	import Choice from '../kit/Choice.svelte';
	import DateField from '../kit/DateField.svelte';
	import NumberField from '../kit/NumberField.svelte';
	import Radios from '../kit/Radios.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import TapeMeasure from './TapeMeasure.svelte';
	import type { JobFields } from './jobFields.svelte';
	let {
		view,
		fields,
		wrong
	}: {
		view: JobEditorView;
		fields: JobFields;
		/** What is wrong with a field as it is now; empty for nothing. */
		wrong: (field: string) => string;
	} = $props();
	const told = (field: string) => ({ field, wrong: wrong(field) });
	/** What comes with its zone needs one, and zones that take turns. */
	const hasZone = $derived(view.room.zone !== null && view.household.rhythm.scheme.type !== 'none');
	const types = $derived(
		OFTEN_TYPES.filter((one) => one.value !== 'zone' || hasZone || fields.type === 'zone')
	);
	const weekdays = weekFrom(writing().weekStart).map(({ number, name }) => ({
		value: String(number),
		label: name
	}));
	const months = MONTHS.map((long, i) => ({ value: String(i + 1), label: long.slice(0, 3), long }));
	const WEEKS = ['1', '2', '3', '4'].map((value) => ({ value, label: value }));
	const home = $derived(daysOfHome(view.household));
</script>

<div class="{FIELD_ROW} flex flex-wrap gap-x-6 gap-y-4">
	<div class="w-full max-w-96">
		<Choice label={EDITOR.often} options={types} {...told('type')} bind:value={fields.type} />
	</div>
	{#if fields.type === 'weekly'}
		<NumberField
			label={EDITOR.everyWeeks}
			min={1}
			max={104}
			{...told('everyWeeks')}
			bind:value={fields.everyWeeks}
		/>
	{/if}
	{#if fields.type === 'daily' || fields.type === 'weekly'}
		<Toggles
			label={EDITOR.weekdays}
			many
			options={shortDays}
			{...told('weekdays')}
			value={fields.weekdays}
			onchange={(to) => (fields.weekdays = [...to].sort())}
		/>
		{#if home}<p class="m-0 w-full text-tin-text">{home}.</p>{/if}
	{:else if fields.type === 'timesAWeek'}
		<NumberField label={EDITOR.timesAWeek} min={1} max={7} {...told('times')} bind:value={fields.times} />
	{:else if fields.type === 'monthly'}
		<NumberField label={EDITOR.dayOfMonth} min={1} max={31} {...told('day')} bind:value={fields.day} />
	{:else if fields.type === 'nth'}
		<Choice label={EDITOR.nth} options={NTH} {...told('nth')} bind:value={fields.nth} />
		<Choice label={EDITOR.weekday} options={weekdays} {...told('weekday')} bind:value={fields.weekday} />
	{:else if fields.type === 'everyMonths'}
		<NumberField
			label={EDITOR.everyMonths}
			min={2}
			max={60}
			{...told('everyMonths')}
			bind:value={fields.everyMonths}
		/>
		<Radios
			label={EDITOR.often}
			row
			options={[
				{ value: 'day', label: EDITOR.byDay },
				{ value: 'weekday', label: EDITOR.byWeekday }
			]}
			bind:value={fields.on}
		/>
		{#if fields.on === 'day'}
			<NumberField label={EDITOR.dayOfMonth} min={1} max={31} {...told('day')} bind:value={fields.day} />
		{:else}
			<Choice label={EDITOR.nth} options={NTH} {...told('nth')} bind:value={fields.nth} />
			<Choice label={EDITOR.weekday} options={weekdays} {...told('weekday')} bind:value={fields.weekday} />
		{/if}
	{:else if fields.type === 'leaf'}
		<Choice label={EDITOR.week} options={WEEKS} {...told('leaf')} bind:value={fields.week} />
		<Choice label={EDITOR.weekday} options={weekdays} {...told('weekday')} bind:value={fields.weekday} />
	{:else if fields.type === 'months'}
		<Toggles
			label={EDITOR.months}
			many
			options={months}
			{...told('months')}
			value={fields.months}
			onchange={(to) => (fields.months = [...to].sort((a, b) => Number(a) - Number(b)))}
		/>
	{:else if fields.type === 'afterDone'}
		<NumberField label={EDITOR.atLeast} min={1} max={3660} {...told('min')} bind:value={fields.min} />
		<NumberField label={EDITOR.atMost} min={1} max={3660} {...told('max')} bind:value={fields.max} />
		<div class="w-full"><TapeMeasure bind:min={fields.min} bind:max={fields.max} /></div>
	{:else if fields.type === 'once'}
		<DateField label={EDITOR.onceOn} {...told('onceOn')} bind:value={fields.onceOn} required />
	{:else if fields.type === 'zone'}
		<Radios
			label={EDITOR.zoneEvery}
			row
			options={[
				{ value: '1', label: JOB_HOW_OFTEN.everyTime },
				{ value: '2', label: JOB_HOW_OFTEN.everySecondTime }
			]}
			bind:value={fields.zoneEvery}
		/>
	{/if}
</div>
