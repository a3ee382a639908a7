<script lang="ts">
	/** The top of the round, for a phone: it turns under a fixed hand, by thumb or by its two buttons. */
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import { SCHEDULE_ROUND_TOP } from '$words/screens/schedule';
	import { goto } from '$app/navigation';
	import { arc } from 'd3-shape';
	import type { ScheduleView, RoundWeek } from '$views/schedule';
	let { view, hrefOf }: { view: ScheduleView; hrefOf: (date: string) => string } = $props();
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
	<p class="flex justify-between items-baseline text-tin-text">
		<b class="font-display font-normal text-[1.625rem] text-ink">{SCHEDULE_ROUND_TOP.theYear}</b><span
			>{view.year}</span
		>
	</p>
	<svg
		class="block w-[calc(100%_+_30px)] my-0 -mx-3.75 h-auto [touch-action:pan-y] select-none"
		viewBox="-195 -502 390 238"
		role="group"
		aria-label={SCHEDULE_ROUND_TOP.theWeeksOf(view.year)}
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
				<text class="font-display text-[20px] fill-ink"
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
						class={[week.past && !own && 'opacity-40']}
						d={shape}
						fill={week.weave && !week.paused ? `url(#weave-${week.weave})` : 'var(--enamel-hi)'}
					/>
					{#if week.paused}<path d={shape} fill="url(#linen-cloth)" opacity="0.8" />{/if}
					{#if own}<path d={shape} class="fill-none stroke-cobalt-ink stroke-4 [stroke-linejoin:round]" />
					{:else if week.zone !== null && week.days > 4}
						<g
							class={[week.past && 'opacity-40']}
							transform="translate({at(week.start + week.days / 2, 366)})"
						>
							<rect
								x="-12"
								y="-12"
								width="24"
								height="24"
								rx="5"
								class="fill-enamel-hi stroke-cobalt-ink stroke-2"
							/>
							<text class="text-[14px] font-plate fill-cobalt-ink [text-anchor:middle]" y="5"
								>{week.zone}</text
							>
						</g>
					{/if}
				</a>
			{/each}
			{#each view.yearly as one, i (i)}
				<g
					transform="translate({at(one.at, 326)}) translate(-10 -10)"
					style:color={one.done ? 'var(--tin-text)' : 'var(--cobalt-ink)'}
				>
					<title>{one.name}{one.done ? SCHEDULE_ROUND_TOP.done : ''}</title>
					<use href={one.done ? '#pail-done' : '#pail-coming'} width="20" height="20" />
				</g>
			{/each}
		</g>
		<path d="M0 -324V-480" stroke="var(--cobalt-ink)" stroke-width="5" stroke-linecap="round" />
		<circle cy="-486" r="8" fill="var(--enamel)" stroke="var(--cobalt-ink)" stroke-width="4" />
		<circle cy="-324" r="6" fill="var(--cobalt-ink)" />
	</svg>
	<div class="grid grid-cols-[46px_minmax(0,1fr)_46px] items-center gap-2.5 relative -mt-7.5 text-center">
		<a
			class="arrow"
			href={hrefOf(view.before)}
			aria-label={SCHEDULE_ROUND_TOP.theWeekBefore}
			data-sveltekit-noscroll><ChevronLeft size={24} aria-hidden="true" /></a
		>
		<p class="grid justify-items-center gap-1">
			<span class="inline-flex items-center gap-2.5 font-display text-[1.5rem] leading-[1.1]"
				>{#if view.middle.number !== null}<span
						class="inline-grid place-items-center flex-none w-8.5 h-8.5 rounded-[var(--r-plate)] bg-enamel-hi border-2 border-cobalt-ink [box-shadow:var(--sh-plate)] text-cobalt-ink font-text font-plate text-[1.125rem]"
						>{view.middle.number}</span
					>{/if}<b class="font-normal">{view.middle.name}</b></span
			>
			<span class="dim">{view.middle.span}{view.middle.progress ? `, ${view.middle.progress}` : ''}</span>
		</p>
		<a
			class="arrow"
			href={hrefOf(view.after)}
			aria-label={SCHEDULE_ROUND_TOP.theWeekAfter}
			data-sveltekit-noscroll><ChevronRight size={24} aria-hidden="true" /></a
		>
	</div>
</div>
