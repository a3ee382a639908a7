<script lang="ts">
	import { minutesOfDay } from '$core/household/dayMinutes';
	import DryingYard from '$ui/begin/DryingYard.svelte';
	import Notice from '$ui/Notice.svelte';
	import { once } from '$ui/once';
	let { data, form } = $props();
	const view = $derived(data.view);
	const house = $derived(view.household);
	/** What stands in the form: what was tried, else what is. */
	const at = (name: string, own: string) => data.tried?.[name] ?? own;
	const days = (name: string, own: readonly number[]) =>
		data.tried ? (data.tried[name] ?? '').split(',').filter(Boolean).map(Number) : own;
	const scheme = $derived(at('scheme', house.rhythm.scheme.type));
	let chosen = $state<string | null>(null);
	const shown = $derived(chosen ?? scheme);
	const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
	const longest = $derived(Math.max(60, view.now.longest, view.next?.longest ?? 0));
	const holds = $derived(minutesOfDay(house));
	const byWeekday = $derived(
		house.rhythm.scheme.type === 'weekdays' ? (house.rhythm.scheme.byWeekday as Record<string, string>) : {}
	);
</script>

<svelte:head><title>Cleaning days and house rules · Pail Round</title></svelte:head>

<div class="rhythm">
	<header>
		<h1>Cleaning days and house rules</h1>
		<form method="post" action="/begin?/takeOwn">
			<button class="text-link">Run the first steps again</button>
		</form>
		<a class="text-link" href="/house">Back to the house</a>
	</header>
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'saved' in form && form.saved}<Notice
			><span>{form.saved} {form.effects?.join(' ')}</span></Notice
		>{/if}
	<div class="two">
		<form method="post" action="/house/rhythm?/keep" class="sets" use:once>
			<input type="hidden" name="id" value={view.formId} /><input
				type="hidden"
				name="revision"
				value={view.revision}
			/>
			<input type="hidden" name="name" value={house.name} />
			<p class="sentence">
				How the zones take turns
				<select
					class="tape"
					name="scheme"
					value={scheme}
					onchange={(event) => (chosen = event.currentTarget.value)}
					aria-label="How the zones take turns"
				>
					<option value="cycle">one zone a week</option>
					<option value="rows">by the rows of the month’s calendar</option>
					<option value="weeks">by the weeks of the month</option>
					<option value="weekdays">each zone has a weekday</option>
					<option value="none">not at all</option>
				</select>
				{#if shown === 'cycle'}
					from the week of
					<input
						class="tape"
						type="date"
						name="anchor"
						aria-label="A date of the week of zone 1"
						value={at(
							'anchor',
							house.rhythm.scheme.type === 'cycle' ? house.rhythm.scheme.anchor : house.startsOn
						)}
					/>
				{:else if shown !== 'none'}
					after the last zone
					<select
						class="tape"
						name="extra"
						aria-label="After the last zone"
						value={at('extra', house.rhythm.scheme.extra)}
					>
						<option value="last">stay with the last one</option><option value="first">begin again</option
						><option value="free">have no zone</option>
					</select>
				{/if}.
			</p>
			{#if shown === 'weekdays'}
				<div class="grid">
					{#each DAYS as day, i (day)}
						<label
							><span>{day}</span><select
								class="field"
								name="zone-{i + 1}"
								value={at(`zone-${i + 1}`, byWeekday[String(i + 1)] ?? '')}
								><option value="">no zone</option>{#each view.zones as zone (zone.id)}<option value={zone.id}
										>{zone.number} {zone.name}</option
									>{/each}</select
							></label
						>
					{/each}
				</div>
			{/if}
			{#each [['zoneDays', 'Zone days', house.rhythm.zoneDays], ['catchUpDays', 'Catch-up days', house.rhythm.catchUpDays], ['freeDays', 'Free days', house.rhythm.freeDays], ['errandDays', 'Errand days: things leave the house', house.rhythm.errandDays]] as [name, words, own] (name)}
				<fieldset>
					<legend>{words}</legend>
					{#each DAYS as day, i (day)}
						<label class="chip"
							><input
								type="checkbox"
								name={String(name)}
								value={i + 1}
								checked={days(String(name), own as number[]).includes(i + 1)}
							/><span>{day.slice(0, 2)}</span><span class="sr">{day}</span></label
						>
					{/each}
				</fieldset>
			{/each}
			<div class="grid">
				<label
					><span>Minutes for the zone each day</span><input
						class="field"
						name="sittingMinutes"
						inputmode="decimal"
						value={at('sittingMinutes', String(house.rhythm.sittingMinutes))}
					/></label
				>
				<label
					><span>Minutes a day</span><input
						class="field"
						name="minutesADay"
						inputmode="decimal"
						value={at('minutesADay', String(house.minutesADay ?? ''))}
						placeholder="by what is usual"
					/></label
				>
				<label
					><span>A week begins on</span><select
						class="field"
						name="weekStart"
						value={at('weekStart', String(house.weekStart))}
						>{#each DAYS as day, i (day)}<option value={String(i + 1)}>{day}</option>{/each}</select
					></label
				>
				<label
					><span>A day begins at</span><input
						class="field"
						name="dayStartsAt"
						value={at('dayStartsAt', house.dayStartsAt)}
					/></label
				>
				<label
					><span>A week belongs to the month of</span><select
						class="field"
						name="weekBelongs"
						value={at('weekBelongs', house.weekBelongs)}
						><option value="start">its first day</option><option value="middle">its fourth day</option
						></select
					></label
				>
				<label
					><span>Hours</span><select class="field" name="clock" value={at('clock', house.clock)}
						><option value="24h">17:00</option><option value="12h">5 pm</option></select
					></label
				>
			</div>
			<details>
				<summary class="text-link">Where the home lies</summary>
				<label class="zone-name"
					><span>Time zone</span><select class="field" name="timeZone" value={at('timeZone', house.timeZone)}
						>{#each view.timeZones as zone (zone)}<option value={zone}>{zone.replaceAll('_', ' ')}</option
							>{/each}</select
					></label
				>
			</details>
			<details>
				<summary class="text-link">A theme for each weekday</summary>
				<div class="grid">
					{#each DAYS as day, i (day)}
						<label
							><span>{day}</span><input
								class="field"
								name="subject-{i + 1}"
								maxlength="80"
								value={at(`subject-${i + 1}`, house.rhythm.subjects[String(i + 1) as '1'] ?? '')}
							/></label
						>
					{/each}
				</div>
			</details>
			<div class="way-on">
				<a class="plain" href="/house/rhythm" data-sveltekit-reload>Discard my changes</a>
				<button class="plain" formmethod="get" formaction="/house/rhythm">Compare with before</button>
				<button class="sign small">Save</button>
			</div>
		</form>
		<div class="yards" class:both={view.next !== null}>
			<DryingYard yard={view.now} scale={74 / longest} {holds} />
			{#if view.next}<DryingYard yard={view.next} scale={74 / longest} {holds} />{/if}
			{#each view.missed as words, i (i)}<p class="dim">{words}</p>{/each}
		</div>
	</div>
</div>

<style>
	.rhythm {
		padding: 8px calc(var(--page-edge) - var(--rim)) 20px;
	}
	header {
		display: flex;
		align-items: baseline;
		gap: 24px;
		margin-bottom: 14px;
	}
	h1 {
		margin: 0;
		flex: 1;
	}
	.two {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
		gap: 44px;
	}
	.yards {
		display: grid;
		gap: 10px;
		align-content: start;
	}
	.yards.both {
		grid-template-columns: 1fr;
	}
	.sentence select {
		min-width: 0;
		max-width: 100%;
	}
	.sets {
		min-width: 0;
		grid-template-columns: minmax(0, 1fr);
	}
	.sentence {
		min-width: 0;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 12px;
		margin: 0 0 14px;
		font-family: var(--font-display);
		font-size: 1.375rem;
	}
	fieldset {
		border: 0;
		margin: 0 0 8px;
		padding: 0;
		display: flex;
		align-items: center;
		gap: 6px;
	}
	legend {
		float: left;
		width: 124px;
		padding: 0;
	}
	.chip {
		position: relative;
	}
	.chip input {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		margin: 0;
		opacity: 0;
	}
	.chip > span:not(.sr) {
		display: grid;
		place-items: center;
		width: 44px;
		height: 40px;
		border: 2px solid var(--tin-2);
		border-radius: 8px;
	}
	.chip input:checked + span {
		background: var(--cobalt);
		border-color: var(--cobalt);
		color: var(--on-cobalt);
		font-weight: var(--w-name);
	}
	.chip input:focus-visible + span {
		box-shadow: var(--focus);
	}
	.sr {
		position: absolute;
		clip-path: inset(50%);
		width: 1px;
		height: 1px;
		overflow: hidden;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 12px;
		margin: 12px 0;
		align-items: end;
	}
	.grid span,
	.zone-name span {
		display: block;
		color: var(--tin-text);
		line-height: 1.2;
	}
	details summary {
		list-style: none;
		cursor: pointer;
	}
	@media (max-width: 1000px) {
		.two {
			grid-template-columns: 1fr;
		}
		.grid {
			grid-template-columns: 1fr 1fr;
		}
		fieldset {
			flex-wrap: wrap;
		}
		legend {
			width: 100%;
		}
		header {
			flex-wrap: wrap;
			gap: 2px 24px;
		}
		h1 {
			flex: 1 0 100%;
		}
		.rhythm {
			padding: 12px 15px 24px;
		}
	}
</style>
