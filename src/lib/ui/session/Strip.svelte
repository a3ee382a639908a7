<script lang="ts">
	/** The plan as a line for each person, from the prop (now) to the hand bell; strings hang under it. */
	import { SESSION_STRIP } from '$words/screens/session';
	import { scaleLinear } from 'd3-scale';
	import { clockText, minutesText } from '$words/general';
	import Glyph from '../glyphs/Glyph.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { hangStrings, type LaneOfCloths } from './strip';
	let {
		lanes,
		names,
		bell,
		rests = [],
		now,
		timeZone,
		clock
	}: {
		lanes: readonly LaneOfCloths[];
		names: Readonly<Record<string, string>>;
		bell: number;
		/** In minutes from the prop. */
		rests?: readonly { readonly from: number; readonly until: number }[];
		/** The instant at the prop. */
		now: number;
		timeZone: string;
		clock: '24h' | '12h';
	} = $props();
	const end = $derived(Math.max(bell, ...lanes.flatMap((lane) => lane.cloths.map((cloth) => cloth.to))));
	/** Minutes to hundredths of the width; a little of it lies over your time, for what is fetched later. */
	const x = $derived(scaleLinear([0, end], [0, 94]));
	const time = (minutes: number) =>
		clockText(
			new Intl.DateTimeFormat('en-GB', {
				timeZone,
				hour: '2-digit',
				minute: '2-digit',
				hourCycle: 'h23'
			}).format(now + minutes * 60_000),
			clock
		);
	const marks = $derived(
		x.ticks(Math.min(5, Math.max(2, Math.round(end / 5)))).filter((at) => at > 0 && x(at) < 84)
	);
	const widthOf = (minutes: number) => x(minutes) - x(0);
	/** Room enough for words: in hundredths. */
	const WORDS = 7.5;
	/** Letters of a name that stands large beside its lane. */
	const SHORT = 16;
	/** As wide as on a desk until it is measured. */
	let width = $state(840);
	const hung = $derived(
		lanes.map((lane) => {
			const cloths = lane.cloths.filter((cloth) => cloth.wait !== null);
			const strings = hangStrings(
				cloths.flatMap((cloth) => cloth.wait ?? []),
				(minutes) => ((minutes > end ? 99 : x(minutes)) / 100) * width
			);
			return cloths.map((cloth, i) => ({ cloth, row: strings[i]?.row ?? 0, label: strings[i]?.label ?? 0 }));
		})
	);
</script>

<div class="strip" class:low={lanes.length > 2} aria-hidden="true">
	<div class="hours">
		<span class="present" style:left="0%">{time(0)}</span>
		{#each marks as at (at)}<span class="hour" style:left="{x(at)}%">{time(at)}</span>{/each}
		<span class="bell" style:left="{x(bell)}%"><b>{time(bell)}</b><Glyph name="bell" size={34} /></span>
	</div>
	<div class="yard" bind:clientWidth={width}>
		<span class="prop"></span>
		<span class="rope-of-bell" style:left="{x(bell)}%"></span>
		{#each marks as at (at)}<span class="mark" style:left="{x(at)}%"></span>{/each}
		{#each lanes as lane, i (lane.who)}
			<div class="lane" style:--rows={Math.max(0, ...(hung[i] ?? []).map((one) => one.row + 1))}>
				<p class="who">
					<b class:long={(names[lane.who] ?? '').length > SHORT} title={names[lane.who]}>{names[lane.who]}</b
					><span>{SESSION_STRIP.min(minutesText(lane.minutes))}</span>
				</p>
				<svg class="line" viewBox="0 0 100 12" preserveAspectRatio="none"
					><path
						d="M0 3Q25 9 50 4T100 3"
						fill="none"
						stroke="var(--ink)"
						stroke-width="2"
						vector-effect="non-scaling-stroke"
					/></svg
				>
				{#each lane.cloths as cloth (`${cloth.job} ${cloth.step}`)}
					<div
						class="cloth"
						class:linen={!cloth.bare}
						class:narrow={widthOf(cloth.minutes) < WORDS}
						style:left="{x(cloth.from)}%"
						style:width="{widthOf(cloth.minutes)}%"
						title="{cloth.text}, {cloth.room}"
					>
						<span class="peg left"><Peg /></span>
						{#if widthOf(cloth.minutes) > 5}<span class="peg right"><Peg /></span>{/if}
						{#if !cloth.bare}<b>{cloth.text}</b><span class="room">{cloth.room}</span>{/if}
						{#if cloth.weave}<span class="hem" class:whole={cloth.bare}><Weave weave={cloth.weave} /></span
							>{/if}
					</div>
				{/each}
				{#each rests as rest (rest.from)}
					<span class="rest" style:left="{(x(rest.from) + x(rest.until)) / 2}%">{SESSION_STRIP.rest}</span>
				{/each}
				{#each hung[i] ?? [] as { cloth, row, label } (`${cloth.job} ${cloth.step}`)}
					{#if cloth.wait}
						{@const past = cloth.wait.to > end}
						{@const to = past ? 99 : x(cloth.wait.to)}
						{@const from = x(cloth.wait.from)}
						<svg
							class="string"
							viewBox="0 0 100 40"
							preserveAspectRatio="none"
							style:left="{from}%"
							style:width="{Math.max(2, to - from)}%"
							style:--row={row}
							><path
								d={past ? 'M0 2C8 38 40 34 100 24' : 'M0 2C8 38 60 40 100 24'}
								fill="none"
								stroke="var(--cobalt-ink)"
								stroke-width="2"
								vector-effect="non-scaling-stroke"
							/></svg
						>
						<span class="label" style:left="{label}px" style:--row={row}>{cloth.wait.label}</span>
						<span class="fetch" style:left="{to}%" style:--row={row}>{time(cloth.wait.to)}</span>
					{/if}
				{/each}
			</div>
		{/each}
	</div>
</div>

<style>
	.strip {
		--cloth: 84px;
		--per-string: 36px;
		--name-lines: 5;
		padding-left: 118px;
	}
	.hours {
		position: relative;
		height: 40px;
	}
	.hours > span {
		position: absolute;
		bottom: 8px;
		transform: translateX(-50%);
		white-space: nowrap;
	}
	.hour {
		color: var(--tin-text);
	}
	.hours > .present {
		bottom: 4px;
		padding: 3px 9px;
		border-radius: 7px;
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow:
			inset 0 0 0 2px var(--cobalt),
			inset 0 0 0 3px var(--on-cobalt);
		font-weight: var(--w-figure);
	}
	.bell {
		display: flex;
		align-items: center;
		gap: 8px;
		color: var(--cobalt-ink);
	}
	.hours > .bell {
		bottom: 0;
		transform: translateX(calc(-100% + 17px));
	}
	.yard {
		position: relative;
		padding-top: 6px;
	}
	.prop,
	.rope-of-bell,
	.mark {
		position: absolute;
		top: -4px;
		bottom: 0;
		width: 5px;
		margin-left: -2px;
		background: var(--wood);
		box-shadow: inset 0 0 0 1px var(--wood-deep);
	}
	.rope-of-bell {
		width: 3px;
		margin-left: -1px;
		background: var(--cobalt-ink);
		box-shadow: none;
	}
	.mark {
		width: 0;
		border-left: 2px dotted var(--tin-1);
		background: none;
		box-shadow: none;
	}
	.lane {
		position: relative;
		height: calc(var(--cloth) + 12px + var(--rows) * var(--per-string));
		margin-bottom: 4px;
	}
	.who {
		position: absolute;
		left: -118px;
		top: 18px;
		width: 104px;
		margin: 0;
		overflow-wrap: break-word;
	}
	.who b {
		display: block;
		font-family: var(--font-display);
		font-weight: 400;
		font-size: var(--t-h3);
	}
	/* A long name is as high as its lane at most. */
	.strip .who:has(.long) {
		top: 0;
	}
	.who .long {
		display: -webkit-box;
		-webkit-line-clamp: var(--name-lines);
		line-clamp: var(--name-lines);
		-webkit-box-orient: vertical;
		overflow: hidden;
		font-family: var(--font-text);
		font-weight: var(--w-figure);
		font-size: 0.9375rem;
		line-height: 1.1;
	}
	.who span {
		color: var(--tin-text);
	}
	.line {
		position: absolute;
		left: 0;
		top: 2px;
		width: 97%;
		height: 12px;
	}
	.cloth {
		position: absolute;
		top: 8px;
		height: var(--cloth);
		padding: 19px 7px 12px;
		overflow: hidden;
		border-radius: var(--r-cloth);
		box-shadow: var(--sh-cloth);
		transition:
			left var(--m-hang),
			width var(--m-hang);
		line-height: 1.12;
		border-right: 2px solid var(--enamel);
	}
	.cloth b {
		display: -webkit-box;
		-webkit-line-clamp: 2;
		line-clamp: 2;
		-webkit-box-orient: vertical;
		overflow: hidden;
		font-size: 0.9375rem;
	}
	.room {
		display: block;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-size: 0.9375rem;
		color: var(--tin-text);
	}
	.narrow b,
	.narrow .room {
		visibility: hidden;
	}
	.narrow {
		padding: 12px 0 14px;
	}
	.peg {
		position: absolute;
		top: -13px;
		left: 4px;
		z-index: 1;
	}
	.peg.right {
		left: auto;
		right: 4px;
	}
	.cloth .peg {
		top: -3px;
		transform: scale(0.66);
		transform-origin: top;
	}
	.hem {
		position: absolute;
		left: 0;
		right: 0;
		bottom: 3px;
		height: 10px;
	}
	.hem.whole {
		top: 3px;
		height: auto;
	}
	.string {
		position: absolute;
		top: calc(var(--cloth) + 5px + var(--row) * var(--per-string));
		height: 34px;
		overflow: visible;
	}
	.label {
		position: absolute;
		top: calc(var(--cloth) + 17px + var(--row) * var(--per-string));
		padding: 0 6px;
		background: var(--enamel);
		white-space: nowrap;
		font-size: 0.9375rem;
	}
	.rest {
		position: absolute;
		top: 40px;
		transform: translateX(-50%);
		color: var(--tin-text);
	}
	.fetch {
		position: absolute;
		top: calc(var(--cloth) + 11px + var(--row) * var(--per-string));
		transform: translateX(-50%);
	}
	/* Three lanes and more stand lower, so that all of them are seen before the page is moved. */
	.low {
		--cloth: 62px;
		--per-string: 33px;
		--name-lines: 2;
	}
	.low .cloth {
		padding-top: 15px;
	}
	.low .cloth .peg {
		transform: scale(0.5);
	}
	.low .cloth b {
		-webkit-line-clamp: 1;
		line-clamp: 1;
	}
	.low .who {
		top: 10px;
	}
	@media (prefers-reduced-motion: reduce) {
		.cloth {
			transition: none;
		}
	}
</style>
