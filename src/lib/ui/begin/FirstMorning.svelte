<script lang="ts">
	/** The first week as it will be, and the one button that begins it. */
	import { numberWord, plural } from '$words/general';
	import { LEFT_OUT, leftOutLine, leftOutTitle, longerDays } from '$words/firstSteps';
	import Touch from './Touch.svelte';
	import TouchForm from './TouchForm.svelte';
	import type { BeginView } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	const first = $derived(view.first);
	const most = $derived(Math.max(1, ...(first?.days.map((day) => day.minutes) ?? [1])));
	const changing = $derived(view.draft.changes !== null);
</script>

<div class="morning">
	<section aria-labelledby="morning-title">
		<h1 id="morning-title">{changing ? 'As it will be' : 'The first morning'}</h1>
		{#if first}
			<p class="dim">
				{first.begun} of {first.jobs} jobs begin{view.draft.begin === 'basics'
					? '; the rest starts later'
					: ''}. About
				{first.minutes} minutes a day in the first week.
			</p>
			{#if first.leftOut.length > 0 || view.draft.everything}
				<section class="my-4 grid gap-3 rounded-xl border-2 border-tin-2 p-4" aria-labelledby="left-title">
					<h2 id="left-title" class="m-0 font-display text-h3">{leftOutTitle(first.leftOut.length)}</h2>
					{#if first.leftOut.length > 0}
						<p class="m-0 text-tin-text">{LEFT_OUT.says}</p>
						<details>
							<summary class="cursor-pointer font-name">{LEFT_OUT.which}</summary>
							<ul class="m-0 mt-2 grid list-none gap-x-8 p-0 sm:grid-cols-2">
								{#each first.leftOut as one (one)}<li>{leftOutLine(one)}</li>{/each}
							</ul>
						</details>
					{/if}
					<div class="flex flex-wrap gap-3">
						{#if first.wanted}<Touch values={{ op: 'minutes', minutes: String(first.wanted) }} kind="plain"
								>{longerDays(first.wanted)}</Touch
							>{/if}
						{#if view.draft.everything}<Touch values={{ op: 'everything', all: 'no' }} kind="plain"
								>{LEFT_OUT.onlyWhatFits}</Touch
							>{:else}<Touch values={{ op: 'everything', all: 'yes' }} kind="plain">{LEFT_OUT.takeAll}</Touch
							>{/if}
						<Touch values={{ op: 'step', step: 'people' }} kind="plain">{LEFT_OUT.morePeople}</Touch>
					</div>
				</section>
			{/if}
			<ol class="week">
				{#each first.days as day (day.name)}
					<li>
						<b>{day.name}</b>
						<span class="bar"><span style:width="{(day.minutes / most) * 100}%"></span></span>
						<span class="min">{day.minutes} min</span>
						<span class="jobs"
							>{day.jobs.slice(0, 3).join(', ')}{day.jobs.length > 3
								? ` and ${day.jobs.length - 3} more`
								: ''}</span
						>
					</li>
				{/each}
			</ol>
		{:else}
			<p class="dim">No rooms yet. Add one to see its first week here.</p>
			<p><Touch values={{ op: 'step', step: 'rooms' }} kind="plain">To the rooms</Touch></p>
		{/if}
	</section>
	<section class="right">
		{#if !changing}
			<h2>How to begin</h2>
			<div class="ways">
				<Touch values={{ op: 'begin', begin: 'basics' }} pressed={view.draft.begin === 'basics'}>
					<span class="way" class:on={view.draft.begin === 'basics'}
						><b>Start with the daily basics</b><span
							>A quarter of an hour, three times a day. Weekly, zone, monthly and yearly jobs come one by one,
							when you are ready.</span
						></span
					>
				</Touch>
				<Touch values={{ op: 'begin', begin: 'all' }} pressed={view.draft.begin === 'all'}>
					<span class="way" class:on={view.draft.begin === 'all'}
						><b>Start with everything</b><span
							>For a home that cleans regularly already. First dates are spread over the weeks.</span
						></span
					>
				</Touch>
			</div>
		{/if}
		<TouchForm values={{ op: 'name' }} class="name">
			<label
				><span>What the home is called</span><input
					class="field"
					name="name"
					value={view.draft.name}
					maxlength="80"
					placeholder="Our home"
				/></label
			>
			<button class="plain">Save</button></TouchForm
		>
		<p class="dim small">
			{numberWord(view.rooms.length)}
			{plural(view.rooms.length, 'room')}, {view.patterns.find((one) => one.id === view.draft.pattern)?.name},
			{view.draft.minutesADay} minutes a day. Everything can be changed later, one thing at a time.
		</p>
		<div class="way-on">
			<Touch values={{ op: 'step', step: 'people' }} kind="plain">Back to the people</Touch>
			<form method="post" action="/begin?/start">
				<button class="sign" disabled={!first}>{changing ? 'Save the changes' : 'Begin our home'}</button>
			</form>
		</div>
	</section>
</div>

<style>
	.morning {
		display: grid;
		grid-template-columns: minmax(0, 1.4fr) minmax(400px, 1fr);
		gap: 56px;
		flex: 1;
	}
	.dim {
		font-size: var(--t-lead);
		margin-top: 6px;
	}
	.small {
		margin-top: 18px;
	}
	.week {
		list-style: none;
		margin: 20px 0 0;
		padding: 0;
	}
	.week li {
		display: grid;
		grid-template-columns: 108px 1fr 64px;
		gap: 2px 14px;
		align-items: center;
		padding: 9px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	.week b {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: 1.1875rem;
	}
	.bar {
		height: 12px;
		background: none;
	}
	.bar span {
		display: block;
		height: 100%;
		min-width: 3px;
		border-radius: 6px;
		background: repeating-linear-gradient(90deg, var(--cobalt-ink) 0 16px, transparent 16px 20px);
	}
	.min {
		text-align: right;
		font-weight: var(--w-figure);
	}
	.jobs {
		grid-column: 2 / -1;
		color: var(--tin-text);
		line-height: 1.25;
	}
	.ways {
		display: grid;
		gap: 12px;
		margin-top: 12px;
	}
	.way {
		display: grid;
		gap: 4px;
		padding: 14px 18px;
		border: 2px solid var(--tin-2);
		border-radius: 12px;
		text-align: left;
	}
	.way b {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: 1.25rem;
	}
	.way span {
		color: var(--tin-text);
	}
	.way.on {
		border-color: var(--cobalt-ink);
		background: var(--enamel-hi);
		box-shadow:
			inset 0 0 0 2px var(--enamel),
			inset 0 0 0 3.5px var(--cobalt-ink);
	}
	section :global(.name) {
		display: flex;
		gap: 10px;
		align-items: end;
		margin-top: 20px;
	}
	:global(.name) label {
		flex: 1;
	}
	:global(.name) label span {
		display: block;
		color: var(--tin-text);
		margin-bottom: 4px;
	}
	.right {
		display: flex;
		flex-direction: column;
	}
	@media (max-width: 1000px) {
		.morning {
			grid-template-columns: 1fr;
			gap: 20px;
		}
		.week li {
			grid-template-columns: 90px 1fr 60px;
		}
	}
</style>
