<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { HOUSE_RHYTHM_PAGE } from '$words/screens/house';
	import { FIELDS } from '$ui/kit/styles';
	import More from '$ui/kit/More.svelte';
	import Toggles from '$ui/kit/Toggles.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import TimeField from '$ui/kit/TimeField.svelte';
	import DateField from '$ui/kit/DateField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import { DATE_ORDERS, UNITS } from '$core/household/home';
	import { WRITING } from '$words/house';
	import { weekFrom } from '$words/general';
	import DryingYard from '$ui/begin/DryingYard.svelte';
	import FieldForm from '$ui/FieldForm.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const house = $derived(view.household);
	let chosen = $state<string | null>(null);
	const shown = $derived(chosen ?? data.fields.data.scheme);
	const DAYS = $derived(weekFrom(house.weekStart));
	const longest = $derived(Math.max(60, view.now.longest, view.next?.longest ?? 0));
</script>

<svelte:head><title>{HOUSE_RHYTHM_PAGE.cleaningDaysAndHouseRules}</title></svelte:head>

<div class="px-edge pt-2 pb-5 max-md:px-3.75 max-md:pt-3 max-md:pb-6">
	<header class="flex items-baseline gap-6 mb-3.5 max-md:flex-wrap max-md:gap-x-6 max-md:gap-y-0.5">
		<h1 class="flex-1 max-md:flex-[1_0_100%]">{HOUSE_RHYTHM_PAGE.cleaningDaysAndHouseRules2}</h1>
		<form method="post" action="/begin?/takeOwn">
			<Button kind="link" type="submit">{HOUSE_RHYTHM_PAGE.runTheFirstStepsAgain}</Button>
		</form>
		<Button kind="link" class="whitespace-nowrap" href="/house">{HOUSE_RHYTHM_PAGE.backToTheHouse}</Button>
	</header>
	{#if data.fields.message}<Notice tone="wrong"><span>{data.fields.message}</span></Notice>{/if}
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'saved' in form && form.saved}<Notice
			><span>{form.saved} {form.effects?.join(' ')}</span></Notice
		>{/if}
	<div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-11 max-md:grid-cols-[1fr]">
		<FieldForm
			of={data.fields}
			action="/house/rhythm?/keep"
			values={{ id: view.formId, revision: view.revision }}
			withId
			class="min-w-0 grid-cols-[minmax(0,1fr)]"
		>
			{#snippet children(typed, sending)}
				<div class="min-w-0 flex flex-wrap items-center gap-x-3 gap-y-2 mb-3.5 font-display text-[1.375rem]">
					{HOUSE_RHYTHM_PAGE.howTheZonesTakeTurns}
					<Choice
						label={HOUSE_RHYTHM_PAGE.howTheZonesTakeTurns}
						look="tape"
						name="scheme"
						value={typed.scheme}
						options={[
							{ value: 'cycle', label: HOUSE_RHYTHM_PAGE.oneZoneAWeek },
							{ value: 'rows', label: HOUSE_RHYTHM_PAGE.byTheRowsOfThe },
							{ value: 'weeks', label: HOUSE_RHYTHM_PAGE.byTheWeeksOfThe },
							{ value: 'weekdays', label: HOUSE_RHYTHM_PAGE.eachZoneHasAWeekday },
							{ value: 'none', label: HOUSE_RHYTHM_PAGE.notAtAll }
						]}
						onchange={(to) => (chosen = to)}
					/>
					{#if shown === 'cycle'}
						{HOUSE_RHYTHM_PAGE.fromTheWeekOf}
						<DateField
							look="tape"
							label={HOUSE_RHYTHM_PAGE.aDateOfTheWeek}
							name="anchor"
							value={typed.anchor}
						/>
					{:else if shown !== 'none'}
						{HOUSE_RHYTHM_PAGE.afterTheLastZone}
						<Choice
							label={HOUSE_RHYTHM_PAGE.afterTheLastZone2}
							look="tape"
							name="extra"
							value={typed.extra}
							options={[
								{ value: 'last', label: HOUSE_RHYTHM_PAGE.stayWithTheLastOne },
								{ value: 'first', label: HOUSE_RHYTHM_PAGE.beginAgain },
								{ value: 'free', label: HOUSE_RHYTHM_PAGE.haveNoZone }
							]}
						/>
					{/if}
				</div>
				{#if shown === 'weekdays'}
					<div class="{FIELDS} my-3 grid-cols-3 max-md:grid-cols-2">
						{#each DAYS as day (day.number)}
							<Choice
								label={day.name}
								name="zone-{day.number}"
								value={typed[`zone-${day.number}` as 'zone-1']}
								options={[
									{ value: '', label: HOUSE_RHYTHM_PAGE.noZone },
									...view.zones.map((zone) => ({ value: zone.id, label: `${zone.number} ${zone.name}` }))
								]}
							/>
						{/each}
					</div>
				{/if}
				{#each HOUSE_RHYTHM_PAGE.kindsOfDays as { name, label } (name)}
					<!-- Where zones do not take turns, nothing of them is asked; what was said of them stays. -->
					<div class="mb-2" hidden={name === 'zoneDays' && shown === 'none'}>
						<Toggles
							{label}
							{name}
							many
							options={DAYS.map((day) => ({
								value: String(day.number),
								label: day.name.slice(0, 2),
								long: day.name
							}))}
							value={typed[name]}
						/>
					</div>
				{/each}
				<div class="{FIELDS} my-3 grid-cols-3 max-md:grid-cols-2">
					<TextField
						label={HOUSE_RHYTHM_PAGE.minutesForTheZoneEach}
						class={shown === 'none' ? 'hidden!' : ''}
						name="sittingMinutes"
						inputmode="decimal"
						value={typed.sittingMinutes}
					/>
					<TextField
						label={HOUSE_RHYTHM_PAGE.minutesADay}
						name="minutesADay"
						inputmode="decimal"
						value={typed.minutesADay}
						placeholder={HOUSE_RHYTHM_PAGE.byWhatIsUsual}
					/>
					<Choice
						label={HOUSE_RHYTHM_PAGE.aWeekBeginsOn}
						name="weekStart"
						value={typed.weekStart}
						options={weekFrom(1).map((day) => ({ value: String(day.number), label: day.name }))}
					/>
					<TimeField label={HOUSE_RHYTHM_PAGE.aDayBeginsAt} name="dayStartsAt" value={typed.dayStartsAt} />
					<Choice
						label={HOUSE_RHYTHM_PAGE.aWeekBelongsToThe}
						name="weekBelongs"
						value={typed.weekBelongs}
						options={[
							{ value: 'start', label: HOUSE_RHYTHM_PAGE.itsFirstDay },
							{ value: 'middle', label: HOUSE_RHYTHM_PAGE.itsFourthDay }
						]}
					/>
					<Choice
						label={HOUSE_RHYTHM_PAGE.hours}
						name="clock"
						value={typed.clock}
						options={[
							{ value: '24h', label: '17:00' },
							{ value: '12h', label: HOUSE_RHYTHM_PAGE.fivePm }
						]}
					/>
					<Choice
						label={HOUSE_RHYTHM_PAGE.dates}
						name="dates"
						value={typed.dates}
						options={DATE_ORDERS.map((value) => ({ value, label: WRITING.dates[value] }))}
					/>
					<Choice
						label={HOUSE_RHYTHM_PAGE.amounts}
						name="units"
						value={typed.units}
						options={UNITS.map((value) => ({ value, label: WRITING.units[value] }))}
					/>
				</div>
				<More title={HOUSE_RHYTHM_PAGE.whereTheHomeLies}>
					<Choice
						label={HOUSE_RHYTHM_PAGE.timeZone}
						name="timeZone"
						value={typed.timeZone}
						options={view.timeZones.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }))}
					/>
				</More>
				<More title={HOUSE_RHYTHM_PAGE.aThemeForEachWeekday}>
					<div class="{FIELDS} my-3 grid-cols-3 max-md:grid-cols-2">
						{#each DAYS as day (day.number)}
							<TextField
								label={day.name}
								name="subject-{day.number}"
								maxlength={80}
								value={typed[`subject-${day.number}` as 'subject-1']}
							/>
						{/each}
					</div>
				</More>
				<div class="way-on">
					<Button href="/house/rhythm" data-sveltekit-reload>{HOUSE_RHYTHM_PAGE.discardMyChanges}</Button>
					<Button type="submit" formmethod="get" formaction="/house/rhythm"
						>{HOUSE_RHYTHM_PAGE.compareWithBefore}</Button
					>
					<Button kind="solid" type="submit" {sending}>{HOUSE_RHYTHM_PAGE.save}</Button>
				</div>
			{/snippet}
		</FieldForm>
		<div class={['grid gap-2.5 content-start', view.next !== null && 'grid-cols-[1fr]']}>
			<DryingYard yard={view.now} scale={74 / longest} />
			{#if view.next}<DryingYard yard={view.next} scale={74 / longest} />{/if}
			{#each view.missed as words, i (i)}<p class="dim">{words}</p>{/each}
		</div>
	</div>
</div>
