<script lang="ts">
	/** Before they ring: the hour on a plate, yours now, what the others do meanwhile, the rest most seen first. */
	import Glyph from '../glyphs/Glyph.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { listNames, lowerNumber, minutesText } from '$words/general';
	import { RUN_HEAD } from '$words/session';
	import Button from '../kit/Button.svelte';
	import CautionBox from './CautionBox.svelte';
	import Press from './Press.svelte';
	import RunHeader from './RunHeader.svelte';
	import RunNotices from './RunNotices.svelte';
	import Waits from './Waits.svelte';
	import type { Running } from './running.svelte';
	let { running, message, onchange }: { running: Running; message: string; onchange: () => void } = $props();
	const run = $derived(running.run);
	const clock = $derived(running.clock);
	const lane = $derived(run.as === null ? (running.dueFirst ?? running.lane()) : running.lane());
	const first = $derived(lane?.coming[0] ?? null);
	const current = $derived(first ? running.step(first.step) : null);
	const caution = $derived(current ? (run.cautions[current.job] ?? [])[0] : undefined);
	const others = $derived(
		running.arranged.lanes
			.filter((one) => one.who !== lane?.who && one.coming.length > 0)
			.flatMap((one) => {
				const step = running.step(one.coming[0]?.step ?? -1);
				return step ? [{ who: one.who, step, at: one.coming[0]?.step ?? -1 }] : [];
			})
	);
	const then = $derived(
		running.arranged.lanes
			.flatMap((one) =>
				one.coming.slice(1).map((coming) => ({ who: one.who, from: coming.from, at: coming.step }))
			)
			.sort((a, b) => a.from - b.from)
			.flatMap(({ who, at }) => {
				const step = running.step(at);
				return step ? [{ who, step, at }] : [];
			})
	);
	const weave = (room: string) =>
		run.zones[room]?.weave ?? run.rooms.find((one) => one.id === room)?.weave ?? null;
	const names = (lines: readonly string[]) =>
		listNames(
			lines.map((line) => (clock.steps.find((step) => step.line === line)?.jobName ?? '').toLowerCase())
		);
	const nextToGo = $derived(then.filter(({ step }) => !clock.held.has(step.line)).at(-1));
	/** Everybody can be pressed on the one phone: whoever does what was planned for another says so. */
	const doneBy = (who: string, at: number) =>
		running.press('stepDone', at, running.step(at)?.who !== who ? { by: who } : {}, false);
	let earlier = $state(false);
	const cuts = $derived([5, 10, 15, 20].filter((minutes) => minutes * 60_000 < clock.left));
</script>

{#snippet rowOf(
	step: { text: string; roomName: string; room: string; minutes: number },
	who: string,
	glyph: 'running' | 'due',
	at: number
)}
	<li class="side-peg">
		{#if weave(step.room)}<span class="band"><Weave weave={weave(step.room) ?? ''} /></span>{/if}
		<Glyph name={glyph} size={30} />
		<span class="text"
			><b>{step.text}</b><span class="dim">{step.roomName}, <b>{run.names[who]}</b></span></span
		>
		<span class="minutes"><b>{minutesText(step.minutes)}</b> min</span>
		{#if glyph === 'running' && clock.phase === 'running'}
			<Button aria-label={RUN_HEAD.isDone(run.names[who] ?? '', step.text)} onclick={() => doneBy(who, at)}
				>{RUN_HEAD.done}</Button
			>
		{/if}
	</li>
{/snippet}

<div class="visit" class:rung={running.atBell}>
	<RunHeader {running} {onchange}>
		<h1>Visitors come at <span class="fetch">{running.time(clock.bellAt ?? running.now)}</span></h1>
	</RunHeader>
	<p class="left">
		<Glyph name="bell" size={44} />
		<span role="img" aria-label="{Math.max(0, Math.ceil(clock.left / 60_000))} minutes left"
			><b>{Math.max(0, Math.ceil(clock.left / 60_000))}</b> min left</span
		>
		<span class="dim of"
			>{run.plan.people.length === 1 ? 'you alone' : `${lowerNumber(run.plan.people.length)} of you`}</span
		>
		{#if cuts.length > 0}<button
				class="text-link"
				onclick={() => (earlier = !earlier)}
				aria-expanded={earlier}><span class="wide">They come{' '}</span>earlier</button
			>{/if}
	</p>
	{#if earlier}
		<p class="cuts">
			{#each cuts as minutes (minutes)}
				<button
					class="plain"
					onclick={() => {
						running.press('cutTo', null, { minutes }, false);
						earlier = false;
					}}>in {minutes} min</button
				>
			{/each}
		</p>
	{/if}
	<RunNotices {running} {message} />
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="line side-line" tabindex="0" role="region" aria-label="What is to do">
		{#if current && first}
			<article class="mine" aria-label="Your job now">
				<span class="pegs" aria-hidden="true"><Peg side /><Peg side /></span>
				{#if weave(current.room)}<span class="band"><Weave weave={weave(current.room) ?? ''} /></span>{/if}
				<p class="head">
					<Glyph name="running" size={34} /><span>Your job now</span><span class="minutes"
						><b>{minutesText(current.minutes)}</b> min</span
					>
				</p>
				<h2 class="act">{current.text}</h2>
				<p class="dim">{current.roomName}, {run.names[lane?.who ?? '']}</p>
			</article>
		{:else}
			<article class="mine">
				<h2 class="act">Your job is done.</h2>
				<p class="dim">See who needs help.</p>
			</article>
		{/if}
		{#if others.length > 0}
			<h2>At the same time</h2>
			<ul>
				{#each others as { who, step, at } (at)}{@render rowOf(step, who, 'running', at)}{/each}
			</ul>
		{/if}
		{#if then.length > 0}
			<h2>Then <span class="dim">what visitors see first</span></h2>
			<ul>
				{#each then as { who, step, at } (at)}{@render rowOf(step, who, 'due', at)}{/each}
			</ul>
		{/if}
	</div>
	<div class="beside">
		{#if caution}<CautionBox headline={caution.headline} text={caution.text} />{/if}
		{#if running.arranged.off.length > 0 || nextToGo}
			<p class="linen let">
				<Glyph name="letgo" size={34} />
				<span>
					{#if running.arranged.off.length > 0}<b>Left out:</b> {names(running.arranged.off)}.{/if}
					{#if nextToGo}<span class="dim"
							>If time runs short, {nextToGo.step.jobName.toLowerCase()} is left out next.</span
						>{/if}
				</span>
			</p>
		{/if}
	</div>
	<div class="press">
		<div class="by-itself"><Waits {running} strings={false} /></div>
		<Press {running} lane={lane ?? null} {first} label={then.length > 0 ? 'Done, next' : 'Done'} />
	</div>
</div>

<style>
	.visit {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 0.8fr);
		grid-template-rows: auto auto auto auto 1fr auto;
		column-gap: 48px;
		padding: 12px calc(var(--page-edge) - var(--rim)) 20px;
	}
	.visit > :global(*) {
		grid-column: 1 / -1;
	}
	.rung {
		background: var(--cobalt-wash);
	}
	h1 {
		margin: 0;
		white-space: nowrap;
	}
	h1 .fetch {
		font-family: var(--font-text);
		font-variant-numeric: var(--figures);
		font-size: 1.5rem;
	}
	.left {
		display: flex;
		align-items: center;
		gap: 14px;
		margin: 6px 0 0;
		color: var(--ink);
	}
	.left b {
		font-size: 2.75rem;
		font-weight: 780;
		color: var(--cobalt-ink);
	}
	.left > span {
		white-space: nowrap;
	}
	.of {
		margin-left: auto;
	}
	.cuts {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		margin: 8px 0 0;
	}
	.line {
		grid-column: 1 !important;
		grid-row: 5 / -1;
		position: relative;
		padding: 14px 0 10px 40px;
	}
	.line h2 {
		margin: 16px 0 8px;
	}
	.line h2 .dim {
		font-family: var(--font-text);
		font-size: 1rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		gap: 8px;
	}
	li,
	.mine {
		position: relative;
		padding: 10px 16px 10px 56px;
		background: var(--linen-hi);
		box-shadow: var(--sh-cloth);
	}
	li {
		display: flex;
		align-items: center;
		gap: 14px;
	}
	.mine {
		padding: 16px 20px 18px 76px;
		background: var(--enamel-hi);
		box-shadow:
			inset 0 0 0 2px var(--cobalt-ink),
			var(--sh-cloth);
	}
	.mine .pegs {
		position: absolute;
		left: -22px;
		top: 20px;
		bottom: 20px;
		display: flex;
		flex-direction: column;
		justify-content: space-between;
	}
	.band {
		position: absolute;
		left: 16px;
		top: 0;
		bottom: 0;
		width: 24px;
	}
	.mine .band {
		width: 36px;
	}
	.head {
		display: flex;
		align-items: center;
		gap: 12px;
		margin: 0;
		color: var(--cobalt-ink);
		font-size: 1.1875rem;
		font-weight: var(--w-name);
	}
	.minutes {
		margin-left: auto;
		white-space: nowrap;
		color: var(--tin-text);
		font-weight: 400;
	}
	.minutes b {
		font-size: 1.3125rem;
		color: var(--ink);
	}
	.mine .act {
		margin: 8px 0;
		font-size: var(--t-next);
	}
	.mine p {
		margin: 0;
	}
	.text {
		display: grid;
		flex: 1;
		min-width: 0;
	}
	.text .dim b {
		color: var(--ink);
	}
	.beside {
		grid-column: 2 !important;
		grid-row: 5;
		align-self: start;
	}
	.let {
		display: flex;
		align-items: center;
		gap: 16px;
		margin: 14px 0 0;
		padding: 14px 18px;
	}
	.let .dim {
		display: block;
	}
	.press {
		grid-column: 2 !important;
		grid-row: 5 / -1;
		align-self: end;
		position: sticky;
		bottom: 20px;
	}
	/* What runs by itself stands above the button: the button has its own height, not all that is left. */
	.press :global(form) {
		height: auto;
	}
	.by-itself :global(.waits) {
		margin: 0 0 6px;
	}
	@media (max-width: 900px) {
		.visit {
			display: flex;
			flex: none;
			flex-direction: column;
			height: calc(100svh - 2 * var(--rim) - var(--own-strip, 0px));
			padding: 10px 15px 15px;
		}
		.visit {
			--giant: 150px;
		}
		h1 {
			font-size: 1.25rem;
			white-space: normal;
		}
		h1 .fetch {
			font-size: 1.25rem;
		}
		li {
			flex-wrap: wrap;
			gap: 2px 14px;
			padding: 10px 12px 10px 56px;
		}
		li :global(svg:not(.band svg)) {
			display: none;
		}
		li .text {
			flex: 1 0 100%;
		}
		li .minutes {
			margin: 0;
			flex: 1;
		}
		.left b {
			font-size: 2.25rem;
		}
		.mine {
			padding: 12px 14px 14px 62px;
		}
		.wide,
		.of {
			display: none;
		}
		.left .text-link {
			margin-left: auto;
		}
		.line {
			flex: 1;
			min-height: 0;
			padding-left: 34px;
			overflow-y: auto;
		}
		.beside {
			align-self: stretch;
		}
		.let {
			margin: 10px -15px 0;
			padding: 10px 15px;
		}
		.press {
			position: static;
			align-self: stretch;
			padding-top: 10px;
		}
	}
</style>
