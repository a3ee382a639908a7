<script lang="ts">
	/** The top of the round, for a phone: it turns under a fixed hand, by thumb or by its two buttons. */
	import { goto } from '$app/navigation';
	import { arc } from 'd3-shape';
	import type { RotaView, RoundWeek } from '$views/schedule';
	let { view, hrefOf }: { view: RotaView; hrefOf: (date: string) => string } = $props();
	const uid = $props.id();
	const OUTER = 470;
	/** Months are written on this ring. */
	const NAMES = 434;
	const angleOf = (day: number) => (day / view.daysInYear) * 2 * Math.PI;
	const middleOf = (week: RoundWeek) => angleOf(week.start + week.days / 2);
	const isChosen = (week: RoundWeek) => week.from <= view.chosen && view.chosen <= week.to;
	const chosen = $derived(view.weeks.find(isChosen) ?? null);
	/** How far the thumb has turned it, in radians. */
	let pulled = $state(0);
	const turned = $derived((chosen ? middleOf(chosen) : 0) + pulled);
	/** Where a day stands now, from the hand. The weaves stay upright: what turns are the places. */
	const placeOf = (day: number) => angleOf(day) - turned;
	const ring = arc<{ a: number; b: number; inner: number; outer: number }>()
		.innerRadius((d) => d.inner)
		.outerRadius((d) => d.outer)
		.startAngle((d) => d.a)
		.endAngle((d) => d.b)
		.padAngle(0.006);
	const shapeOf = (week: RoundWeek, inner: number, outer: number) =>
		ring({ a: placeOf(week.start), b: placeOf(week.start + week.days), inner, outer }) ?? '';
	const at = (day: number, radius: number) => {
		const angle = placeOf(day) - Math.PI / 2;
		return `${Math.cos(angle) * radius} ${Math.sin(angle) * radius}`;
	};

	let from: { x: number; id: number } | null = null;
	let moved = false;
	function down(event: PointerEvent) {
		from = { x: event.clientX, id: event.pointerId };
		moved = false;
	}
	function move(event: PointerEvent) {
		if (from?.id !== event.pointerId) return;
		const by = event.clientX - from.x;
		if (!moved && Math.abs(by) < 8) return;
		moved = true;
		(event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
		pulled = -by / ((event.currentTarget as SVGElement).clientWidth * (OUTER / 390));
	}
	async function up() {
		from = null;
		if (!moved) return;
		const full = 2 * Math.PI;
		const top = ((turned % full) + full) % full;
		const under = view.weeks.find((week) => top < angleOf(week.start + week.days));
		if (under && !isChosen(under)) await goto(hrefOf(under.from), { noScroll: true });
		pulled = 0;
	}
	/** A thumb that has turned the dial presses no week. */
	function press(event: MouseEvent) {
		if (moved) event.preventDefault();
	}
</script>

<div class="top">
	<p class="head"><b>The year</b><span>{view.year}</span></p>
	<svg
		viewBox="-195 -502 390 238"
		role="group"
		aria-label="The weeks of {view.year}"
		onpointerdown={down}
		onpointermove={move}
		onpointerup={up}
		onpointercancel={up}
	>
		<circle r={OUTER} fill="var(--weave-ground)" stroke="var(--cobalt-ink)" stroke-width="5" />
		<circle r="422" fill="none" stroke="var(--tin-1)" />
		<circle r="318" fill="var(--enamel)" stroke="var(--tin-1)" stroke-width="1.5" />
		<g>
			{#each view.months as month, i (month.name)}
				<path d="M{at(month.start, OUTER)}L{at(month.start, 338)}" stroke="var(--tin-2)" />
				<path
					id="{uid}-m{i}"
					d="M{at(month.start, NAMES)}A{NAMES} {NAMES} 0 0 1 {at(month.start + month.days, NAMES)}"
					fill="none"
				/>
				<text class="month"
					><textPath href="#{uid}-m{i}" startOffset="50%" text-anchor="middle">{month.name}</textPath></text
				>
			{/each}
			{#each view.weeks as week (week.from)}
				{@const own = isChosen(week)}
				{@const shape = own ? shapeOf(week, 326, 424) : shapeOf(week, 338, 418)}
				<a
					href={hrefOf(week.from)}
					aria-label={week.words}
					data-sveltekit-noscroll
					tabindex="-1"
					onclick={press}
				>
					<path
						d={shape}
						fill={week.weave && !week.paused ? `url(#weave-${week.weave})` : 'var(--enamel-hi)'}
						class:past={week.past && !own}
					/>
					{#if week.paused}<path d={shape} fill="url(#linen-cloth)" opacity="0.8" />{/if}
					{#if own}<path d={shape} class="own" />
					{:else if week.zone !== null && week.days > 4}
						<g transform="translate({at(week.start + week.days / 2, 366)})" class:past={week.past}>
							<rect x="-12" y="-12" width="24" height="24" rx="5" class="sign-plate" />
							<text class="number" y="5">{week.zone}</text>
						</g>
					{/if}
				</a>
			{/each}
			{#each view.yearly as one, i (i)}
				<g
					transform="translate({at(one.at, 326)}) translate(-10 -10)"
					style:color={one.done ? 'var(--tin-text)' : 'var(--cobalt-ink)'}
				>
					<title>{one.name}{one.done ? ', done' : ''}</title>
					<use href={one.done ? '#pail-done' : '#pail-coming'} width="20" height="20" />
				</g>
			{/each}
		</g>
		<path d="M0 -324V-480" stroke="var(--cobalt-ink)" stroke-width="5" stroke-linecap="round" />
		<circle cy="-486" r="8" fill="var(--enamel)" stroke="var(--cobalt-ink)" stroke-width="4" />
		<circle cy="-324" r="6" fill="var(--cobalt-ink)" />
	</svg>
	<div class="under">
		<a class="arrow" href={hrefOf(view.before)} aria-label="The week before" data-sveltekit-noscroll>‹</a>
		<p>
			<span class="zone"
				>{#if view.middle.number !== null}<span class="plate-sign">{view.middle.number}</span>{/if}<b
					>{view.middle.name}</b
				></span
			>
			<span class="dim">{view.middle.span}{view.middle.progress ? `, ${view.middle.progress}` : ''}</span>
		</p>
		<a class="arrow" href={hrefOf(view.after)} aria-label="The week after" data-sveltekit-noscroll>›</a>
	</div>
</div>

<style>
	.head {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		color: var(--tin-text);
	}
	.head b {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: 1.625rem;
		color: var(--ink);
	}
	svg {
		display: block;
		/* The dial runs off both sides of the tray. */
		width: calc(100% + 30px);
		margin: 0 -15px;
		height: auto;
		touch-action: pan-y;
		user-select: none;
	}
	.month {
		font-family: var(--font-display);
		font-size: 20px;
		fill: var(--ink);
	}
	.past {
		opacity: 0.4;
	}
	.own {
		fill: none;
		stroke: var(--cobalt-ink);
		stroke-width: 4;
		stroke-linejoin: round;
	}
	.sign-plate {
		fill: var(--enamel-hi);
		stroke: var(--cobalt-ink);
		stroke-width: 2;
	}
	.number {
		font-size: 14px;
		font-weight: 780;
		fill: var(--cobalt-ink);
		text-anchor: middle;
	}
	.under {
		display: grid;
		grid-template-columns: 46px minmax(0, 1fr) 46px;
		align-items: center;
		gap: 10px;
		/* The words stand in the hub of the dial. */
		position: relative;
		margin-top: -30px;
		text-align: center;
	}
	.under p {
		display: grid;
		justify-items: center;
		gap: 4px;
	}
	.zone {
		display: inline-flex;
		align-items: center;
		gap: 10px;
		font-family: var(--font-display);
		font-size: 1.5rem;
		line-height: 1.1;
	}
	.zone b {
		font-weight: 400;
	}
	.plate-sign {
		display: inline-grid;
		place-items: center;
		flex: none;
		width: 34px;
		height: 34px;
		border-radius: var(--r-plate);
		background: var(--enamel-hi);
		border: 2px solid var(--cobalt-ink);
		box-shadow: var(--sh-plate);
		color: var(--cobalt-ink);
		font-family: var(--font-text);
		font-weight: 780;
		font-size: 1.125rem;
	}
</style>
