<script lang="ts">
	/** The round of the year: months outside, weeks in their zones' weaves inside, each as wide as its days. */
	import { SCHEDULE_ROUND } from '$words/screens/schedule';
	import { arc } from 'd3-shape';
	import type { ScheduleView } from '$views/schedule';
	let { view, hrefOf }: { view: ScheduleView; hrefOf: (date: string) => string } = $props();
	const R = 330;
	const turn = (day: number) => (day / view.daysInYear) * 2 * Math.PI;
	const ring = arc<{ a: number; b: number; inner: number; outer: number }>()
		.innerRadius((d) => d.inner)
		.outerRadius((d) => d.outer)
		.startAngle((d) => d.a)
		.endAngle((d) => d.b)
		.padAngle(0.008);
	const point = (day: number, radius: number) => {
		const angle = turn(day) - Math.PI / 2;
		return { x: Math.cos(angle) * radius, y: Math.sin(angle) * radius };
	};
	const isChosen = (week: ScheduleView['weeks'][number]) =>
		week.from <= view.chosen && view.chosen <= week.to;
	/** A month's name follows its ring; on the lower half it is turned to read from left to right. */
	const namePath = (month: ScheduleView['months'][number]) => {
		const [a, b] = [point(month.start, 304), point(month.start + month.days, 304)];
		const middle = month.start + month.days / 2;
		const lower = middle > view.daysInYear * 0.25 && middle < view.daysInYear * 0.75;
		const [c, d] = [point(month.start, 315), point(month.start + month.days, 315)];
		return lower
			? `M${d.x} ${d.y}A315 315 0 0 0 ${c.x} ${c.y}`
			: `M${a.x} ${a.y}A304 304 0 0 1 ${b.x} ${b.y}`;
	};
	const uid = $props.id();
	const tip = $derived(view.hand === null ? null : point(view.hand + 0.5, R + 16));
	const foot = $derived(view.hand === null ? null : point(view.hand + 0.5, 178));
</script>

<svg viewBox="-362 -346 724 692" class="round" role="group" aria-label={SCHEDULE_ROUND.theYear(view.year)}>
	<circle r={R} fill="var(--weave-ground)" stroke="var(--cobalt-ink)" stroke-width="6" />
	<circle r="296" fill="none" stroke="var(--tin-1)" />
	<circle r="176" fill="var(--enamel)" stroke="var(--tin-1)" />
	{#each view.months as month, i (month.name)}
		{@const out = point(month.start, R)}
		{@const inside = point(month.start, 222)}
		<path d="M{out.x} {out.y}L{inside.x} {inside.y}" stroke="var(--tin-2)" />
		<path id="{uid}-m{i}" d={namePath(month)} fill="none" />
		<text class="month"
			><textPath href="#{uid}-m{i}" startOffset="50%" text-anchor="middle">{month.name}</textPath></text
		>
	{/each}
	{#each view.weeks as week (week.from)}
		{@const chosen = isChosen(week)}
		{@const shape =
			ring({
				a: turn(week.start),
				b: turn(week.start + week.days),
				inner: chosen ? 206 : 222,
				outer: chosen ? 286 : 293
			}) ?? ''}
		<a href={hrefOf(week.from)} aria-label={week.words} data-sveltekit-noscroll tabindex="-1">
			<path
				d={shape}
				fill={week.weave && !week.paused
					? `url(#weave-${week.weave})`
					: week.paused
						? 'var(--linen)'
						: 'var(--enamel-hi)'}
				class:past={week.past && !chosen}
			/>
			{#if week.paused}<path d={shape} fill="url(#linen-cloth)" opacity="0.8" />{/if}
			{#if chosen}<path d={shape} class="chosen" />{/if}
		</a>
	{/each}
	{#each view.yearly as one, i (i)}
		{@const at = point(one.at, 197)}
		<g
			transform="translate({at.x - 10} {at.y - 10})"
			style:color={one.done ? 'var(--tin-text)' : 'var(--cobalt-ink)'}
		>
			<title>{one.name}{one.done ? SCHEDULE_ROUND.done : ''}</title>
			<use href={one.done ? '#pail-done' : '#pail-coming'} width="20" height="20" />
		</g>
	{/each}
	{#if tip && foot}
		<path
			d="M{foot.x} {foot.y}L{tip.x} {tip.y}"
			stroke="var(--cobalt-ink)"
			stroke-width="6"
			stroke-linecap="round"
		/>
		<circle
			cx={tip.x}
			cy={tip.y}
			r="8"
			fill="var(--weave-ground)"
			stroke="var(--cobalt-ink)"
			stroke-width="4"
		/>
		<circle cx={foot.x} cy={foot.y} r="6" fill="var(--cobalt-ink)" />
	{/if}
	<foreignObject x="-160" y="-120" width="320" height="240">
		<div class="middle">
			{#if view.middle.number !== null}<span class="plate">{view.middle.number}</span>{/if}
			<b>{view.middle.name}</b>
			<span class="dim">{view.middle.span}</span>
			{#if view.middle.progress}<span>{view.middle.progress}</span>{/if}
		</div>
	</foreignObject>
</svg>

<style>
	.round {
		display: block;
		width: 100%;
		height: auto;
		max-height: calc(100svh - 96px);
	}
	.month {
		font-family: var(--font-display);
		font-size: 20px;
		fill: var(--ink);
	}
	.past {
		opacity: 0.34;
	}
	.chosen {
		fill: none;
		stroke: var(--cobalt-ink);
		stroke-width: 4;
		stroke-linejoin: round;
	}
	a:hover path:first-child {
		opacity: 0.8;
	}
	.middle {
		display: grid;
		justify-items: center;
		align-content: center;
		gap: 6px;
		height: 240px;
		text-align: center;
	}
	.middle b {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: 2.125rem;
		line-height: 1.1;
	}
	.middle .plate {
		width: 48px;
		height: 48px;
		font-size: 1.375rem;
	}
</style>
