<script lang="ts">
	/** The rhythm of a job: a sentence, not a form. What is sewn on linen tape can be unpicked. */
	import { addDays, isoOf, type CivilDay } from '$core/calendar/civil';
	import { jobFromForm, type FormValues } from '$core/setup/jobForm';
	import { datesBefore, trialDates, type TrialInput } from '$core/setup/trial';
	import type { HomeProjection } from '$core/schedule/projection';
	import { untrack } from 'svelte';
	import BitePail from '../glyphs/BitePail.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Rope from '../today/Rope.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { cadenceText } from '$words/recurrence';
	import { tinyDate } from '$words/general';
	import JobDetails from './JobDetails.svelte';
	import TapeMeasure from './TapeMeasure.svelte';
	import type { JobEditorView } from '$views/jobEditor';
	import { once } from '../once';
	let { view }: { view: JobEditorView } = $props();
	const job = $derived(view.job);
	let form: HTMLFormElement | undefined = $state();
	const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
	const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
	const typeOf = (cadence: typeof job.cadence) =>
		cadence.type === 'monthly'
			? 'nth' in cadence
				? 'nth'
				: 'card' in cadence
					? 'leaf'
					: 'monthly'
			: cadence.type;
	/** The form is made anew for each revision: what it began with stays. */
	const start = untrack(() => view.job);
	const first = start.cadence;
	let type = $state<string>(typeOf(first));
	let min = $state(first.type === 'afterDone' ? first.min : 10);
	let max = $state(first.type === 'afterDone' ? first.max : 14);
	let seasonal = $state(start.season ? 'some' : 'all');
	let who = $state<string>(start.who.mode);
	let alternates = $state(start.variants !== undefined);
	let minutes = $state({
		quick: start.depths.quick ? String(start.depths.quick.minutes) : '',
		usual: String(start.depths.usual.minutes),
		deep: start.depths.deep ? String(start.depths.deep.minutes) : ''
	});
	const weekdaysOf = (cadence: typeof job.cadence): readonly number[] =>
		'weekdays' in cadence && cadence.weekdays
			? cadence.weekdays
			: cadence.type === 'daily'
				? [1, 2, 3, 4, 5, 6, 7]
				: [1];
	let values = $state.raw<FormValues | null>(null);
	function read() {
		if (!form) return;
		const found: Record<string, string[]> = {};
		for (const [name, value] of new FormData(form))
			if (typeof value === 'string') (found[name] ??= []).push(value);
		values = found;
	}
	const trial = $derived.by(() => {
		const made = values ? jobFromForm(job, values) : ({ ok: true, job } as const);
		if (!made.ok)
			return {
				problem: made.problems[0]?.says ?? '',
				dates: [] as CivilDay[],
				gone: [] as CivilDay[],
				words: ''
			};
		const projection: HomeProjection = {
			series: new Map(view.projection ? [[view.projection.id, view.projection.line]] : []),
			zones: new Map(),
			home: []
		};
		const input: TrialInput = {
			household: view.household,
			room: view.room,
			before: view.isNew ? null : job,
			after: made.job.startsOn ? made.job : { ...made.job, startsOn: isoOf(view.today as CivilDay) },
			projection,
			pauses: view.pauses,
			today: view.today as CivilDay,
			zoneDays: view.zoneDays as CivilDay[]
		};
		const dates = trialDates(input);
		const now = new Set<number>(dates);
		const end = dates[dates.length - 1] ?? addDays(view.today as CivilDay, 60);
		const gone = datesBefore(input, 12).filter((day) => !now.has(day) && day <= end);
		return { problem: '', dates, gone: gone.slice(0, 6), words: cadenceText(made.job.cadence) };
	});
	const span = $derived(
		Math.max(1, ((trial.dates[trial.dates.length - 1] as number | undefined) ?? view.today + 30) - view.today)
	);
	const at = (day: number) => `${4 + (92 * (day - view.today)) / (span * 1.02)}%`;
	const changed = $derived(values !== null);
	function step(depth: 'quick' | 'usual' | 'deep', by: number) {
		const now = Number(minutes[depth].replace(',', '.')) || 0;
		minutes[depth] = String(Math.max(0.5, now + by));
		queueMicrotask(read);
	}
	const catchUp = $derived(view.household.rhythm.catchUpDays.map((day) => DAYS[day - 1]).join(' or '));
	const DEPTHS = [
		['quick', 'Quick', 58],
		['usual', 'Usual', 70],
		['deep', 'Deep', 84]
	] as const;
</script>

<form
	class="editor"
	method="post"
	action="/house/job/{view.isNew ? 'new' : job.id}?/edit"
	bind:this={form}
	oninput={read}
	onchange={read}
	use:once
>
	<input type="hidden" name="id" value={view.formId} />
	<input type="hidden" name="revision" value={view.revision} />
	<header>
		{#if view.zone}<span class="plate">{view.zone.number}</span>{/if}
		{#if view.isNew}
			<h1>
				<label for="job-name">A job called</label>
				<input id="job-name" class="tape name" name="name" required maxlength="80" placeholder="its name" />
			</h1>
			<select class="tape small" name="room" aria-label="In which room" value={job.room}>
				{#each view.rooms as room (room.id)}<option value={room.id}>{room.name}</option>{/each}
			</select>
		{:else}
			<h1>{job.name}</h1>
			<a class="where" href="/house?room={view.room.id}">{view.room.name}</a>
		{/if}
		<span class="last">{view.lastWords}</span>
	</header>
	{#if view.late}<p class="late">
			{view.late}: it stays so from its first missed date until it is done or let go. A new rhythm never makes
			anything late.
		</p>{/if}

	<div class="sentence">
		<p>
			<span>It comes</span>
			<select class="tape" name="type" bind:value={type} aria-label="How it comes">
				<option value="daily">on days of the week</option>
				<option value="weekly">in every so many weeks</option>
				<option value="timesAWeek">so many times a week</option>
				<option value="monthly">on a day of the month</option>
				<option value="nth">on a weekday of the month</option>
				<option value="leaf">on a weekday of a leaf</option>
				<option value="months">in certain months</option>
				<option value="afterDone">days after it was last done</option>
				{#if view.room.zone !== null}<option value="zone">when its zone comes round</option>{/if}
				<option value="onCall">only when it is called</option>
			</select>
			{#if type === 'weekly'}
				<span>every</span>
				<input
					class="tape number"
					name="everyWeeks"
					inputmode="numeric"
					aria-label="Every how many weeks"
					value={first.type === 'weekly' ? first.everyWeeks : 1}
				/>
				<span>weeks,</span>
			{:else if type === 'timesAWeek'}
				<input
					class="tape number"
					name="times"
					inputmode="numeric"
					aria-label="Times a week"
					value={first.type === 'timesAWeek' ? first.times : 3}
				/>
				<span>times a week,</span>
			{:else if type === 'monthly'}
				<span>on the</span>
				<input
					class="tape number"
					name="day"
					inputmode="numeric"
					aria-label="Day of the month"
					value={first.type === 'monthly' && 'day' in first ? first.day : 1}
				/>
				<span>of the month,</span>
			{:else if type === 'nth' || type === 'leaf'}
				<span>on the</span>
				{#if type === 'nth'}
					<select
						class="tape"
						name="nth"
						aria-label="Which one"
						value={String(first.type === 'monthly' && 'nth' in first ? first.nth : 1)}
					>
						<option value="1">first</option><option value="2">second</option><option value="3">third</option
						><option value="4">fourth</option><option value="-1">last</option>
					</select>
				{/if}
				<select
					class="tape"
					name="weekday"
					aria-label="Weekday"
					value={String(first.type === 'monthly' && 'weekday' in first ? first.weekday : 1)}
				>
					{#each DAYS as day, i (day)}<option value={String(i + 1)}>{day}</option>{/each}
				</select>
				{#if type === 'leaf'}
					<span>of leaf</span>
					<select
						class="tape"
						name="leaf"
						aria-label="Leaf"
						value={String(first.type === 'monthly' && 'card' in first ? first.card : 1)}
					>
						{#each [1, 2, 3, 4] as leaf (leaf)}<option value={String(leaf)}>{leaf}</option>{/each}
					</select>
				{/if}
			{:else if type === 'zone'}
				<select
					class="tape"
					name="every"
					aria-label="Which passes"
					value={String(first.type === 'zone' ? first.every : 1)}
				>
					<option value="1">in every pass</option><option value="2">in every second pass</option>
				</select>
			{:else if type === 'afterDone'}
				<input type="hidden" name="min" value={min} /><input type="hidden" name="max" value={max} />
				<b class="tape open"
					>{Math.min(min, max) === Math.max(min, max)
						? max
						: `${Math.min(min, max)} to ${Math.max(min, max)}`} days</b
				>
			{/if}
			<span class="stop"
				><select class="tape" name="seasonal" bind:value={seasonal} aria-label="In which months"
					><option value="all">all year</option><option value="some">in some months</option></select
				>.</span
			>
		</p>
		<p>
			<span>If its day goes by, it</span>
			{#if type === 'zone'}<span class="stop"
					><b class="tape fixed">waits for the next visit of its zone</b>.</span
				><input type="hidden" name="missRule" value="carry" />
			{:else}
				<span class="stop"
					><select
						class="tape"
						name="missRule"
						aria-label="If its day goes by"
						value={job.missRule === 'carry' ? 'letgo' : job.missRule}
					>
						<option value="letgo">is let go</option>
						<option value="catchup"
							>{catchUp ? `waits for ${catchUp}` : 'waits for a catch-up day (there is none yet)'}</option
						>
						<option value="stays">stays until it is done</option>
					</select>.</span
				>
			{/if}
			<span>Each time it is</span>
			<span class="stop"
				><select
					class="tape"
					aria-label="Each time it is"
					value={alternates ? 'next' : 'same'}
					onchange={(event) => (alternates = event.currentTarget.value === 'next')}
					><option value="same">the same</option><option value="next">the next of a list</option></select
				>.</span
			>
		</p>
	</div>

	{#if type === 'daily' || type === 'weekly'}
		<div class="tool" role="group" aria-label="Weekdays">
			<h2>Which days?</h2>
			{#each DAYS as day, i (day)}
				<label class="chip"
					><input
						type="checkbox"
						name="weekdays"
						value={i + 1}
						checked={weekdaysOf(first).includes(i + 1)}
					/><span>{day}</span></label
				>
			{/each}
		</div>
	{:else if type === 'months'}
		<div class="tool" role="group" aria-label="Months">
			<h2>Which months?</h2>
			{#each MONTHS as month, i (month)}
				<label class="chip"
					><input
						type="checkbox"
						name="months"
						value={i + 1}
						checked={first.type === 'months' ? first.months.includes(i + 1) : i === 3 || i === 9}
					/><span>{month}</span></label
				>
			{/each}
		</div>
	{:else if type === 'afterDone'}
		<div class="tool">
			<div>
				<h2>How often?</h2>
				<p class="dim">Slide either peg.</p>
			</div>
			<TapeMeasure bind:min bind:max />
		</div>
	{/if}
	{#if seasonal === 'some' && type !== 'months'}
		<div class="tool" role="group" aria-label="Season">
			<h2>In season</h2>
			{#each MONTHS as month, i (month)}
				<label class="chip"
					><input
						type="checkbox"
						name="season"
						value={i + 1}
						checked={job.season?.includes(i + 1) ?? (i > 2 && i < 10)}
					/><span>{month}</span></label
				>
			{/each}
		</div>
	{/if}
	{#if alternates}
		<div class="tool">
			<h2><label for="variants">In turn</label></h2>
			<textarea id="variants" class="field" name="variants" rows="3" placeholder="one a line, at least two"
				>{(job.variants ?? []).join('\n')}</textarea
			>
		</div>
	{:else}<input type="hidden" name="variants" value="" />{/if}

	<section class="dates" aria-labelledby="dates-title">
		<h2 id="dates-title">
			The next six <span class="dim"
				>{type === 'afterDone' ? 'if each is done on its last day.' : ''}
				{trial.gone.length > 0 ? 'The struck ones fall away.' : ''}</span
			>
		</h2>
		{#if trial.problem}
			<p class="problem" role="status">{trial.problem}</p>
		{:else if trial.dates.length === 0}
			<p class="dim">
				{type === 'onCall' ? 'It hangs when somebody calls it.' : 'No date comes of this within three years.'}
			</p>
		{:else}
			<div class="line-of-dates">
				<Rope sag={4} />
				{#each trial.gone as day (day)}<s style:left={at(day)}>{tinyDate(day).slice(4)}</s>{/each}
				<ol aria-label="The next dates">
					{#each trial.dates as day (day)}
						<li style:left={at(day)}>
							<span class="pegs" aria-hidden="true"><Peg /><Peg /></span><span class="cloth"
								><span class="dim">{tinyDate(day).slice(0, 3)}</span><b>{tinyDate(day).slice(4)}</b
								>{#if view.zone}<i><Weave weave={view.zone.weave} /></i>{/if}</span
							>
						</li>
					{/each}
				</ol>
			</div>
		{/if}
	</section>

	<div class="runner linen">
		<section>
			<h2>How thorough <span class="dim">in minutes</span></h2>
			<div class="depths">
				{#each DEPTHS as [depth, word, size] (depth)}
					<div>
						<BitePail minutes="" {size} level={depth === 'quick' ? 0.25 : depth === 'usual' ? 0.55 : 1} />
						<b>{word}</b>
						<span class="set">
							<button type="button" aria-label="{word}, fewer minutes" onclick={() => step(depth, -1)}
								>−</button
							>
							<input
								name="minutes-{depth}"
								inputmode="decimal"
								aria-label="{word}, minutes"
								bind:value={minutes[depth]}
								placeholder="none"
							/>
							<button type="button" aria-label="{word}, more minutes" onclick={() => step(depth, 1)}>+</button
							>
						</span>
					</div>
				{/each}
			</div>
			<label class="deep-every"
				>deep every <input
					class="tape number tiny"
					name="deepEvery"
					inputmode="numeric"
					value={job.deepEvery ?? ''}
					placeholder="–"
					aria-label="Deep every so many times"
				/> times</label
			>
			{#if view.estimate}<p class="dim">{view.estimate}</p>{/if}
		</section>
		<section>
			<h2>When in the day</h2>
			<div class="parts-of-day" role="group" aria-label="Parts of the day">
				{#each ['morning', 'midday', 'evening'] as part (part)}
					<label class="cloth-choice"
						><input
							type="checkbox"
							name="parts"
							value={part}
							checked={job.parts.includes(part as never)}
						/><span>{part.charAt(0).toUpperCase() + part.slice(1)}</span></label
					>
				{/each}
			</div>
			<p class="dim">
				{type === 'daily'
					? 'Several parts: a turn in each. None: whenever.'
					: 'One of them, or none: whenever.'}
			</p>
			<label class="lead"
				>It opens <input
					class="tape number tiny"
					name="lead"
					inputmode="numeric"
					value={job.leadDays}
					aria-label="Days before"
				/> days before its day</label
			>
		</section>
		<section>
			<h2>Who may</h2>
			<select class="tape small" name="who" bind:value={who} aria-label="How it is given">
				<option value="free">whoever comes first</option>
				<option value="fixed">always one</option>
				<option value="turns">they take turns</option>
				<option value="shared">shared by them</option>
			</select>
			<div class="rail" role="group" aria-label="Who may do it">
				{#each view.people as person (person.id)}
					<label class="hook" class:barred={person.why}
						><input
							type="checkbox"
							name="members"
							value={person.id}
							checked={job.who.members.includes(person.id)}
							disabled={who === 'free'}
						/><span>{person.name}</span>{#if person.why}<i>{person.why}</i>{/if}</label
					>
				{/each}
			</div>
			<div class="acts">
				{#if !view.isNew}<a class="plain" href="/house/job/{job.id}" data-sveltekit-reload>As it was</a>{/if}
				<button class="sign small" name="op" value="keep"
					>{view.isNew ? 'Hang this job' : changed ? 'Keep the new rhythm' : 'Keep this rhythm'}</button
				>
			</div>
		</section>
	</div>

	<JobDetails {view} />
</form>

<style>
	/* The full stop of a sentence stays with its last word. */
	.stop {
		display: inline-flex;
		align-items: center;
		gap: 3px;
		max-width: 100%;
	}
	.editor {
		flex: 1;
		display: flex;
		flex-direction: column;
		--edge: calc(var(--page-edge) - var(--rim));
		padding: 8px var(--edge) 0;
	}
	h2 {
		font-size: 1.25rem;
		white-space: nowrap;
	}
	h2 .dim {
		font-family: var(--font-text);
		font-size: 1rem;
		margin-left: 6px;
		white-space: normal;
	}
	header {
		display: flex;
		align-items: center;
		gap: 14px;
	}
	.where {
		color: var(--tin-text);
		font-size: var(--t-lead);
	}
	.last {
		margin-left: auto;
		color: var(--tin-text);
	}
	.late {
		color: var(--brass-text);
		margin-top: 6px;
	}
	.sentence {
		display: grid;
		gap: 12px;
		margin: 16px 0 14px;
		font-family: var(--font-display);
		font-size: 1.75rem;
	}
	.sentence p {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 10px 12px;
	}
	.sentence .tape {
		font-family: var(--font-text);
		font-size: 1.5rem;
	}
	.tape.number {
		width: 76px;
		text-align: center;
	}
	.tape.tiny,
	.tape.small {
		font-size: 1.0625rem;
		min-height: 40px;
		padding: 6px 8px 9px;
	}
	.tape.tiny {
		width: 52px;
	}
	.tape.name {
		width: 320px;
	}
	.tape.open {
		background-color: var(--enamel-hi);
		box-shadow: 0 0 0 2px var(--cobalt-ink);
	}
	.tape.fixed {
		color: var(--ink);
		background-image: none;
	}
	.tool {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
		margin-bottom: 10px;
	}
	.tool h2 {
		width: 150px;
	}
	.tool textarea {
		flex: 1;
		min-height: 84px;
		padding: 8px 12px;
	}
	.editor :global(.chip) {
		position: relative;
	}
	.editor :global(.chip input),
	.cloth-choice input,
	.hook input {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		margin: 0;
		opacity: 0;
		cursor: pointer;
	}
	.editor :global(.chip span) {
		display: grid;
		place-items: center;
		min-height: 42px;
		padding: 0 14px;
		border: 2px solid var(--tin-2);
		border-radius: 10px;
	}
	.editor :global(.chip input:checked + span) {
		border-color: var(--cobalt-ink);
		background: var(--cobalt-wash);
		font-weight: var(--w-name);
	}
	.editor :global(.chip input:focus-visible + span),
	.cloth-choice input:focus-visible + span,
	.hook input:focus-visible + span {
		box-shadow: var(--focus);
	}
	.dates {
		margin-top: 4px;
	}
	.line-of-dates {
		position: relative;
		height: 116px;
		margin: 26px calc(-1 * var(--edge)) 0;
	}
	.line-of-dates s {
		position: absolute;
		top: -24px;
		transform: translateX(-50%);
		color: var(--tin-text);
		white-space: nowrap;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.line-of-dates li {
		position: absolute;
		top: 6px;
		width: 78px;
		margin-left: -39px;
	}
	.pegs {
		position: absolute;
		left: 10px;
		right: 10px;
		top: -14px;
		display: flex;
		justify-content: space-between;
		z-index: 1;
	}
	.cloth {
		display: grid;
		justify-items: center;
		padding-top: 12px;
		background: var(--enamel-hi);
		box-shadow: 0 0 0 1.5px var(--cobalt-ink);
		line-height: 1.2;
	}
	.cloth b {
		font-size: 1.125rem;
		margin-bottom: 6px;
	}
	.cloth i {
		display: block;
		width: 100%;
		height: 12px;
		margin-bottom: 5px;
	}
	.problem {
		color: var(--brass-text);
		font-weight: var(--w-name);
		padding: 18px 0;
	}
	.runner {
		position: relative;
		display: grid;
		grid-template-columns: 1.05fr 0.85fr 1.35fr;
		margin: auto calc(-1 * var(--edge)) 0;
		padding: 18px var(--edge) 14px;
		border-top: 1px solid var(--linen-deep);
	}
	.runner::before {
		content: '';
		position: absolute;
		left: 0;
		right: 0;
		top: 6px;
		border-top: var(--stitch);
	}
	.runner section {
		padding: 0 24px;
		min-width: 0;
	}
	.runner section + section {
		border-left: var(--stitch);
	}
	.runner section:first-child {
		padding-left: 0;
	}
	.runner section:last-child {
		padding-right: 0;
	}
	.depths {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		align-items: end;
		margin: 8px 0;
	}
	.depths > div {
		display: grid;
		justify-items: center;
		gap: 4px;
	}
	.set {
		display: grid;
		grid-template-columns: minmax(0, 34px) minmax(0, 48px) minmax(0, 34px);
		align-items: center;
	}
	.set button {
		padding: 0;
		height: 38px;
		border: 0;
		background: none;
		color: var(--cobalt-ink);
		font-size: 1.5rem;
		font-weight: var(--w-name);
	}
	.set input {
		min-width: 0;
		width: 100%;
		height: 38px;
		border: 0;
		border-bottom: 2px dashed var(--cobalt-ink);
		background: none;
		color: var(--ink);
		font: inherit;
		font-weight: var(--w-figure);
		font-size: 1.1875rem;
		text-align: center;
	}
	.set input::placeholder {
		font-size: 0.9375rem;
		font-weight: 400;
		color: var(--tin-text);
	}
	.parts-of-day {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 6px;
		margin: 12px 0 8px;
		border-top: 2px solid var(--ink);
		padding-top: 0;
	}
	.cloth-choice {
		position: relative;
	}
	.cloth-choice span {
		display: grid;
		place-items: center;
		height: 58px;
		border: 2px dashed var(--tin-2);
		color: var(--tin-text);
	}
	.cloth-choice input:checked + span {
		border: 2px solid var(--cobalt-ink);
		background: var(--enamel-hi);
		color: var(--ink);
		font-weight: var(--w-name);
	}
	.lead,
	.deep-every {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.rail {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		margin: 10px 0 8px;
		padding-top: 12px;
		border-top: 6px solid var(--wood);
	}
	.hook {
		position: relative;
		display: grid;
		justify-items: center;
	}
	.hook span {
		display: grid;
		place-items: center;
		min-height: 38px;
		padding: 0 12px;
		border: 2px dashed var(--tin-2);
		border-radius: 3px;
	}
	.hook input:checked:not(:disabled) + span {
		border: 2px solid var(--cobalt-ink);
		background: var(--enamel-hi);
		font-weight: var(--w-name);
	}
	.hook i {
		font-style: normal;
		font-size: 0.9375rem;
		color: var(--tin-text);
	}
	.acts {
		display: flex;
		justify-content: flex-end;
		gap: 12px;
	}
	@media (max-width: 1000px) {
		.runner {
			grid-template-columns: 1fr;
		}
		.runner section {
			padding: 14px 0 0;
		}
		.runner section + section {
			border-left: 0;
			border-top: var(--stitch);
			margin-top: 14px;
		}
		.sentence {
			font-size: 1.25rem;
		}
		.sentence .tape {
			font-size: 1.125rem;
		}
		header {
			flex-wrap: wrap;
		}
		.last {
			margin-left: 0;
			flex: 1 0 100%;
		}
		.tool h2 {
			width: 100%;
		}
		.line-of-dates {
			height: auto;
			margin: 0;
		}
		.line-of-dates ol {
			display: flex;
			flex-wrap: wrap;
			gap: 18px 10px;
			padding-top: 16px;
		}
		.line-of-dates li {
			position: relative;
			left: auto !important;
			margin: 0;
		}
		.line-of-dates s {
			display: none;
		}
	}
</style>
