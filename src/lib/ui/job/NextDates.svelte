<script lang="ts">
	/** The next dates as cloths on a line, live; those that fall away stand above it, struck. */
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import Rope from '../today/Rope.svelte';
	import { tinyDate, tinyDayMonth } from '$words/general';
	import { EDITOR } from '$words/jobEditor';
	import type { CivilDay } from '$core/calendar/civil';
	let {
		dates,
		gone,
		problem,
		type,
		weave
	}: {
		dates: readonly CivilDay[];
		gone: readonly CivilDay[];
		problem: string;
		type: string;
		weave: string | null;
	} = $props();
</script>

<section class="pt-3" aria-labelledby="dates-title">
	<h2 id="dates-title" class="m-0 px-edge">
		{EDITOR.nextSix}
		<span class="font-text text-body text-tin-text"
			>{type === 'afterDone' ? EDITOR.ifLast : ''} {gone.length > 0 ? EDITOR.struck : ''}</span
		>
	</h2>
	{#if problem}
		<p class="mx-edge my-3 font-name text-brass-text" role="status">{problem}</p>
	{:else if dates.length === 0}
		<p class="mx-edge my-3 text-tin-text">{type === 'onCall' ? EDITOR.onCallDates : EDITOR.noDate}</p>
	{:else}
		{#if gone.length > 0}<p class="mx-edge mt-1 mb-0 flex flex-wrap gap-x-4 text-tin-text">
				{#each gone as day (day)}<s>{tinyDate(day)}</s>{/each}
			</p>{/if}
		<div class="relative mt-3 min-h-28 pt-2">
			<span class="absolute inset-x-0 top-2 h-6" aria-hidden="true"><Rope sag={4} /></span>
			<ol
				class="m-0 grid list-none grid-cols-3 gap-x-4 gap-y-7 px-edge pt-2 sm:grid-cols-6"
				aria-label={EDITOR.nextSix}
			>
				{#each dates as day (day)}
					<li class="relative w-full max-w-24">
						<span class="absolute -top-2.5 right-2 left-2 flex justify-between" aria-hidden="true"
							><Peg /><Peg /></span
						>
						<span
							class="grid justify-items-center bg-enamel-hi px-1 pt-6 pb-2 shadow-[0_0_0_1.5px_var(--cobalt-ink)]"
						>
							<span class="text-tin-text">{tinyDate(day).slice(0, 3)}</span><b class="whitespace-nowrap"
								>{tinyDayMonth(day)}</b
							>
							{#if weave}<span class="relative mt-1 h-3 w-full overflow-hidden"
									><span class="absolute inset-0"><Weave {weave} /></span></span
								>{/if}
						</span>
					</li>
				{/each}
			</ol>
		</div>
	{/if}
</section>
