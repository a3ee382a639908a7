<script lang="ts">
	/** The Line with what hangs on it: the next towel, and a roll for each part of the day. */
	import { TODAY_LINE } from '$words/screens/today';
	import { untrack } from 'svelte';
	import { TODAY } from '$words/today';
	import type { PartView, TodayView } from '$views/today';
	import { belowFirstScreen, dayColumns, intoRolls } from './columns';
	import DoneOfToday from './DoneOfToday.svelte';
	import Button from '../kit/Button.svelte';
	import NextTowel from './NextTowel.svelte';
	import Prop from './Prop.svelte';
	import Roll from './Roll.svelte';
	import Hydrate from '../Hydrate.svelte';
	import Rope from './Rope.svelte';
	import Row from './Row.svelte';
	import SittingRow from './SittingRow.svelte';
	import type { TickedRows } from './ticked.svelte';
	let {
		view,
		hrefOf,
		canEdit,
		marks
	}: {
		view: TodayView;
		hrefOf: (line: string) => string;
		/** Whether jobs can be added where there are none. */
		canEdit: boolean;
		marks: {
			readonly ticked: TickedRows;
			/** What came of a tick in its row; null: it was not written. */
			readonly written: (line: string, entry: string | null) => void;
		};
	} = $props();
	const ticked = untrack(() => marks.ticked);
	const isToday = $derived(view.relation === 'today');
	/** Places beside each other on a desk, the next towel's among them. */
	const PLACES = 4;
	const rowsOf = (part: PartView) =>
		ticked.among(
			part.key,
			part.rows.filter((row) => row.line !== view.next?.line)
		);
	const lists = $derived(view.parts.map(rowsOf));
	const taken = $derived(view.next ? 1 : 0);
	/** Rows of each part, those who sit with somebody among them. */
	const rows = $derived(lists.map((list, i) => list.length + (view.parts[i]?.sitting ? 1 : 0)));
	const columns = $derived(dayColumns(rows, PLACES, taken));
	const nothing = $derived(view.next === null && rows.every((count) => count === 0));
	/** Nothing was due, so nothing was done either. */
	const untouched = $derived(view.done.length === 0 && view.off.length === 0 && view.overdue.length === 0);
	const places = (i: number) => (columns.rolls[i] ?? 1) + (i === 0 ? taken : 0);
	const below = $derived(belowFirstScreen(rows, view.next !== null));
	const grid = $derived(
		columns.isStacked ? '1fr' : view.parts.map((_, i) => `minmax(0, ${places(i)}fr)`).join(' ')
	);
</script>

<section
	class="mt-4 grid min-h-0 pl-edge max-md:pl-0 {isToday
		? 'md:grid-cols-[150px_38px_minmax(0,1fr)]'
		: ''} grid-cols-[minmax(0,1fr)]"
	aria-label={TODAY_LINE.whatIsToDo}
>
	{#if isToday}
		<div class="relative pt-16 max-md:px-edge max-md:pt-0 max-md:pb-2">
			<span class="absolute top-13 -right-5 -left-9 h-6 max-md:hidden" aria-hidden="true"
				><Rope sag={6} /></span
			>
			<DoneOfToday {view} {hrefOf} />
		</div>
		<Prop time={view.now.time} />
	{/if}
	{#if nothing}
		<div class="relative grid min-h-64 place-items-center px-edge pt-13">
			<span class="absolute inset-x-0 top-13 h-6" aria-hidden="true"><Rope /></span>
			<div class="py-10 text-center">
				<p class="m-0 font-display text-next leading-display">
					{isToday ? TODAY.nothingLeft : TODAY.nothingOnDay}
				</p>
				{#if isToday}<p class="mt-3 mb-0 text-lead text-tin-text">
						{untouched ? TODAY.nothingDue : TODAY.nothingLeftLine}
					</p>{/if}
				{#if isToday && untouched && canEdit}<p class="mt-4 mb-0">
						<Button href="/house/library">{TODAY.addJobs}</Button>
					</p>{/if}
			</div>
		</div>
	{:else}
		<!-- On a tablet upright two stand beside each other, on a phone they hang from a line down the left edge. -->
		<div
			class="line-of-day relative grid min-w-0 gap-y-6 max-sm:pr-2.5 max-sm:pl-11 sm:max-md:grid-cols-2 sm:max-md:gap-x-5 sm:max-md:px-edge md:grid-cols-(--parts)"
			style:--parts={grid}
		>
			{#each view.parts as part, i (part.key)}
				{@const list = lists[i] ?? []}
				{@const withNext = i === 0 && view.next !== null}
				<section
					class={['min-w-0', places(i) > 1 && 'sm:max-md:col-span-2', below[i] && 'below']}
					style:--nth={below[i] ? i : null}
					style:--room={below[i] ? `${4 + (rows[i] ?? 0) * 4}rem` : null}
					aria-labelledby="part-{part.key}"
				>
					<header class="flex flex-wrap content-end items-baseline gap-x-2.5 px-2.5 max-sm:px-0 md:h-13">
						<h2 id="part-{part.key}" class="m-0">{part.name}</h2>
						<span class="text-tin-text">{part.span}</span>
						{#if part.count}<b class="text-tin-text {places(i) > 1 ? '' : 'md:basis-full'}">{part.count}</b
							>{/if}
					</header>
					<div class="relative pt-4 max-sm:pt-1.5">
						<Rope />
						<div
							class="grid gap-4 px-2 max-sm:gap-3 max-sm:px-0 {places(i) > 1
								? 'sm:max-md:grid-cols-2'
								: ''} md:grid-cols-(--rolls)"
							style:--rolls="repeat({places(i)}, minmax(0, 1fr))"
						>
							{#if withNext && view.next}
								<Hydrate>
									<NextTowel
										row={view.next}
										date={view.date}
										me={view.me}
										members={view.members}
										href={hrefOf(view.next.line)}
										formId={view.formId}
										starts={!view.isDevice}
									/>
								</Hydrate>
							{/if}
							{#each intoRolls(list, columns.rolls[i] ?? 1) as roll, r (r)}
								{@const isLast = (r + 1) * Math.ceil(list.length / (columns.rolls[i] ?? 1)) >= list.length}
								<Hydrate>
									<Roll label={part.name}>
										{#each roll as row (row.line)}
											<Row
												{row}
												date={view.date}
												me={view.me}
												formId={view.formId}
												href={hrefOf(row.line)}
												canTick={isToday}
												ticked={ticked.get(row.line)}
												onpress={() => ticked.press(row, part.key, list.indexOf(row))}
												onanswer={(entry) => marks.written(row.line, entry)}
												onundone={() => ticked.drop(row.line)}
											/>
										{/each}
										{#if isLast && part.sitting}<SittingRow sitting={part.sitting} />{/if}
									</Roll>
								</Hydrate>
							{/each}
							{#if list.length === 0 && part.sitting}<Roll label={part.name}
									><SittingRow sitting={part.sitting} /></Roll
								>{/if}
							{#if list.length === 0 && !part.sitting && !withNext}<p
									class="m-0 py-5 text-center text-tin-text"
								>
									{TODAY.nothingInPart}
								</p>{/if}
						</div>
					</div>
				</section>
			{/each}
		</div>
	{/if}
</section>

<style>
	/* The Line itself, where it hangs down the left edge of a phone. */
	@media (max-width: 640px) {
		.line-of-day::before {
			content: '';
			position: absolute;
			left: 24px;
			top: 0;
			bottom: 0;
			width: 2px;
			background: var(--ink);
		}
	}
</style>
