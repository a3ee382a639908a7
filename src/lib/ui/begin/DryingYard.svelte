<script lang="ts">
	/** Four lines, one a week; a cloth is as long as its minutes, sewn of basics, weekly round and zone. */
	import { BEGIN_DRYING_YARD } from '$words/screens/begin';
	import type { Yard } from '$views/setup';
	let { yard, scale }: { yard: Yard; scale: number } = $props();
	const holds = $derived(yard.holds);
	const px = (minutes: number) => minutes * scale;
</script>

<section class="yard" aria-label={BEGIN_DRYING_YARD.fourWeeksOf(yard.name)}>
	<header>
		<h2>{yard.name}</h2>
		<p>
			<b>{yard.hoursAWeek} h</b>
			{BEGIN_DRYING_YARD.aWeekLongestDay} <b>{BEGIN_DRYING_YARD.min(yard.longest)}</b>
			{BEGIN_DRYING_YARD.onDay(yard.longestDay)}{#if yard.over > 0},
				<b class="brass">{BEGIN_DRYING_YARD.over(yard.over, holds)}</b>{/if}
		</p>
		{#if yard.without > 0}<p>{BEGIN_DRYING_YARD.without(yard.without)}</p>{/if}
	</header>
	<div class="names" aria-hidden="true">
		<span></span>{#each yard.weekdays as name (name)}<span>{name}</span>{/each}
	</div>
	{#each yard.weeks as week, w (w)}
		<div class="week">
			<div class="date">
				<b>{week.day}</b><span>{week.month}</span>
				<span class="plates"
					>{#each week.zones.slice(0, 2) as zone, i (i)}<i>{zone}</i>{/each}</span
				>
			</div>
			<svg class="rope" viewBox="0 0 100 20" preserveAspectRatio="none" aria-hidden="true"
				><path
					d="M0 3Q50 17 100 3"
					fill="none"
					stroke="var(--ink)"
					stroke-width="2"
					vector-effect="non-scaling-stroke"
				/></svg
			>
			{#each week.days as day, i (i)}
				<div class="day" style:padding-top="{8 + 12 * ((i + 0.5) / 7) * (1 - (i + 0.5) / 7)}px">
					{#if day.total > 0}
						<div class="cloth" style:height="{Math.max(7, px(day.total))}px">
							<span class="basics" style:height="{px(day.basics)}px"></span>
							{#if day.weekly > 0}<span class="weekly" style:height="{px(day.weekly)}px"></span>{/if}
							{#if day.zone > 0}<span class="zone" style:height="{px(day.zone)}px"
									><svg width="100%" height="100%" aria-hidden="true"
										><rect width="100%" height="100%" fill="url(#weave-{day.weave ?? 'stripe'})" /></svg
									></span
								>{/if}
							{#if day.over}<span class="hem" style:top="{px(holds)}px"></span>{/if}
						</div>
						<b class:brass={day.over}>{day.total}</b>
					{/if}
				</div>
			{/each}
		</div>
	{/each}
</section>

<style>
	.yard {
		min-width: 0;
	}
	h2 {
		margin: 0;
		font-size: var(--t-h2);
	}
	header p {
		margin: 4px 0 6px;
		font-size: var(--t-lead);
		color: var(--tin-text);
	}
	header b {
		color: var(--ink);
	}
	.brass,
	header b.brass {
		color: var(--brass-text);
	}
	.names,
	.week {
		display: grid;
		grid-template-columns: 54px repeat(7, 1fr);
		gap: 7px;
	}
	.names span {
		text-align: center;
		color: var(--tin-text);
	}
	.week {
		position: relative;
		height: 113px;
		border-left: 6px solid var(--wood);
		padding-left: 4px;
		margin-left: 2px;
	}
	.rope {
		position: absolute;
		left: -4px;
		right: 0;
		top: 4px;
		width: 100%;
		height: 20px;
	}
	.date {
		display: grid;
		align-content: start;
		justify-items: center;
		padding-top: 18px;
		line-height: 1.1;
	}
	.date b {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: 1.375rem;
	}
	.date > span {
		color: var(--tin-text);
	}
	.plates {
		display: flex;
		gap: 2px;
		margin-top: 4px;
	}
	.plates i {
		display: grid;
		place-items: center;
		width: 22px;
		height: 22px;
		font-style: normal;
		font-weight: 780;
		font-size: 0.8125rem;
		border: 2px solid var(--cobalt-ink);
		border-radius: 5px;
		background: var(--enamel-hi);
		color: var(--cobalt-ink);
	}
	.day {
		position: relative;
		display: flex;
		flex-direction: column;
		align-items: stretch;
		min-width: 0;
	}
	.day > b {
		text-align: center;
		font-weight: var(--w-figure);
		line-height: 1.4;
	}
	.cloth {
		position: relative;
		background: var(--linen-hi);
		box-shadow: var(--sh-cloth);
		display: flex;
		flex-direction: column;
	}
	.cloth span {
		display: block;
	}
	.basics {
		background: var(--linen-hi);
	}
	.weekly {
		background:
			linear-gradient(
				90deg,
				transparent 18%,
				var(--tin-2) 18% 21%,
				transparent 21% 79%,
				var(--tin-2) 79% 82%,
				transparent 82%
			),
			var(--enamel-hi);
		border-top: 1px dashed var(--tin-2);
	}
	.zone {
		border-top: 1px dashed var(--tin-2);
	}
	.hem {
		position: absolute;
		left: -3px;
		right: -3px;
		height: 3px;
		border-radius: 2px;
		background: var(--brass-text);
	}
</style>
