<script lang="ts">
	/**
	 * A towel rail, one name tape each. White towel: this week; narrow linen towel: four weeks. The dashed thread
	 * across both is the agreed share, at one scale, so a towel below its thread hangs too long.
	 */
	import { PEOPLE_RAIL } from '$words/screens/people';
	import { scaleLinear } from 'd3-scale';
	import Glyph from '../glyphs/Glyph.svelte';
	import { RAIL } from '$words/people';
	import type { CrewPerson } from '$views/people';
	let { people }: { people: readonly CrewPerson[] } = $props();
	const HIGH = 112;
	const most = $derived(Math.max(0.05, ...people.flatMap((one) => [one.weekPart, one.fourPart, one.share])));
	/** Pixels of cloth for a part of the work: the longest fills the height. */
	const length = $derived(scaleLinear().domain([0, most]).range([0, HIGH]));
	/** The longest word of a name decides how large the name stands on its tape: it is not broken if that can be helped. */
	const sizeOf = (name: string) => {
		const longest = Math.max(...name.split(/(?<=-)|\s/).map((word) => word.length));
		return longest > 18
			? 'text-[0.9375rem] max-sm:text-[0.8125rem]'
			: longest > 16
				? 'text-[0.9375rem] max-sm:text-[0.875rem]'
				: longest > 12
					? 'text-[1.125rem]'
					: 'text-[1.3125rem]';
	};
	/** A towel over its hook; short ones are all shoulder. */
	const towel = (x: number, w: number, h: number) => {
		const shoulder = Math.min(22, h);
		const mid = x + w / 2;
		return `M${x} ${h}V${shoulder}Q${x} ${shoulder - 12} ${x + 12} ${shoulder - 14}Q${mid - 10} ${shoulder - 18} ${mid} ${Math.max(0, shoulder - 22)}Q${mid + 10} ${shoulder - 18} ${x + w - 12} ${shoulder - 14}Q${x + w} ${shoulder - 12} ${x + w} ${shoulder}V${h}Z`;
	};
</script>

<div
	class="relative grid grid-cols-[repeat(auto-fit,minmax(min(176px,100%),1fr))] gap-x-3 gap-y-5 px-edge pt-4 pb-3.5 max-sm:grid-cols-[1fr_1fr] max-sm:[padding-inline:16px]"
	role="list"
>
	<span
		class="absolute left-0 right-0 top-0 h-2.75 bg-enamel-hi [border-block:2.5px_solid_var(--cobalt-ink)]"
		aria-hidden="true"
	></span>
	{#each people as one (one.id)}
		{@const w = length(one.weekPart)}
		{@const f = length(one.fourPart)}
		{@const s = length(one.share)}
		<div class="relative min-w-0" role="listitem">
			<h2 class={sizeOf(one.name)}>
				<a
					class="block px-3.5 max-sm:px-2.5 pt-1.25 pb-1.5 max-md:py-3 wrap-anywhere text-inherit no-underline hover:underline hover:decoration-2 hover:underline-offset-4"
					href="/people/{one.id}">{one.name}</a
				>
			</h2>
			<svg
				class="block mt-6.5 mb-0 mr-0 -ml-1 overflow-visible max-sm:w-full max-sm:h-auto"
				width="164"
				height={Math.max(w, f, s) + 14}
				viewBox="-4 -4 164 {Math.max(w, f, s) + 14}"
				aria-hidden="true"
			>
				<path
					d="M42 -32V-8Q42 4 34 2M122 -32V-8Q122 4 114 2"
					class="fill-none stroke-tin-2 stroke-5 [stroke-linecap:round]"
				/>
				{#if w > 1}
					<path
						d={towel(2, 80, w)}
						class="fill-enamel-hi stroke-cobalt-ink stroke-2 [stroke-linejoin:round]"
					/>
					{#if w > 44}
						<path
							d="M30 26Q24 60 24 {w - 22}M54 26Q60 60 60 {w - 22}"
							class="fill-none stroke-tin-1 stroke-[1.6]"
						/>
						<path d="M3 {w - 16}H81M3 {w - 10}H81" class="band stroke-cobalt-ink stroke-[2.2]" />
					{/if}
				{/if}
				{#if f > 1}
					<path
						d={towel(96, 54, f)}
						class="fill-linen-hi stroke-tin-2 stroke-[1.6] [stroke-linejoin:round]"
					/>
					{#if f > 44}
						<path
							d="M115 26Q111 60 111 {f - 22}M132 26Q136 60 136 {f - 22}"
							class="fill-none stroke-tin-1 stroke-[1.6]"
						/>
						<path d="M97 {f - 12}H149" class="stroke-linen-deep stroke-5" />
					{/if}
				{/if}
				<path d="M-4 {s}H158" class="stroke-enamel stroke-6" />
				<path d="M-4 {s}H158" class="stroke-ink stroke-3 [stroke-dasharray:10_6]" />
			</svg>
			{#if one.fourAgreed === 0 && one.four === 0 && one.week === 0}
				<p class="mt-2 text-tin-text">{RAIL.nothingYet}</p>
			{:else}
				<p class="now mt-2 text-tin-text">
					<b class="text-[1.375rem] font-figure text-ink">{one.week}</b>
					{PEOPLE_RAIL.ofMinThisWeek(one.weekAgreed)}
				</p>
				<p class="dim mt-0.5">{PEOPLE_RAIL.ofInFourWeeks(one.four, one.fourAgreed)}</p>
				{#if one.hidden > 0}<p class="dim mt-0.5">{PEOPLE_RAIL.ofItPlanningErrands(one.hidden)}</p>{/if}
				<p class={['mt-0.5 font-name', one.heavy && 'text-brass-text']}>{one.words}</p>
			{/if}
			{#if one.stillToDo > 0}<p class="dim mt-0.5">{RAIL.stillToDo(one.stillToDo)}</p>{/if}
			{#if one.carries}<p class="mt-0.5 flex items-center gap-2">
					<Glyph name="yoke" size={24} />
					{one.carries}
				</p>{/if}
			{#if one.ribbon}
				<p class="mt-0.5 flex items-center gap-2">
					<svg width="24" height="24" viewBox="0 0 32 32" aria-hidden="true"
						><path
							d="M16 14Q6 4 5 12T16 14Q26 4 27 12T16 14M16 15L9 28M16 15L23 28"
							fill="none"
							stroke="var(--cobalt-ink)"
							stroke-width="2.6"
							stroke-linecap="round"
							stroke-linejoin="round"
						/><circle cx="16" cy="14" r="2.8" fill="var(--cobalt-ink)" /></svg
					>
					{PEOPLE_RAIL.isTodaysCaptain}
				</p>
			{/if}
		</div>
	{/each}
</div>

<style>
	h2 {
		margin: 0;
		width: max-content;
		max-width: 100%;
		position: relative;
		z-index: 1;
		border: 1.5px solid var(--cobalt-ink);
		background: var(--enamel-hi);
		box-shadow:
			inset 4px 0 0 var(--enamel-hi),
			inset 6px 0 0 var(--cobalt-ink),
			inset -4px 0 0 var(--enamel-hi),
			inset -6px 0 0 var(--cobalt-ink);
	}
</style>
