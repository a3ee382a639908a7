<script lang="ts">
	/** Before they ring: the hour on a plate, yours now, what the others do meanwhile, the rest most seen first. */
	import { SESSION_ONE_LANE, SESSION_VISITORS_RUN } from '$words/screens/session';
	import Glyph from '../glyphs/Glyph.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { listNames, lowerNumber, minutesText } from '$words/general';
	import { RUN_HEAD } from '$words/session';
	import Button from '../kit/Button.svelte';
	import CautionBox from './CautionBox.svelte';
	import StepNotes from './StepNotes.svelte';
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
	const cautions = $derived(first ? (run.cautions[first.step] ?? []) : []);
	const tools = $derived(first ? (run.tools[first.step] ?? []) : []);
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
	<li
		class="side-peg relative py-2.5 pr-4 pl-14 bg-linen-hi shadow-cloth flex items-center gap-3.5 max-[901px]:flex-wrap max-[901px]:gap-x-3.5 max-[901px]:gap-y-0.5 max-[901px]:py-2.5 max-[901px]:pr-3 max-[901px]:pl-14"
	>
		{#if weave(step.room)}<span class="band absolute left-4 top-0 bottom-0 w-6"
				><Weave weave={weave(step.room) ?? ''} /></span
			>{/if}
		<Glyph name={glyph} size={30} />
		<span class="grid flex-1 min-w-0 max-[901px]:flex-[1_0_100%]"
			><b>{step.text}</b><span class="dim">{step.roomName}, <b class="text-ink">{run.names[who]}</b></span
			></span
		>
		<span
			class="minutes ml-auto whitespace-nowrap text-tin-text font-normal max-[901px]:m-0 max-[901px]:flex-1"
			><b class="text-h3 text-ink">{minutesText(step.minutes)}</b> {SESSION_VISITORS_RUN.min}</span
		>
		{#if glyph === 'running' && clock.phase === 'running'}
			<Button aria-label={RUN_HEAD.isDone(run.names[who] ?? '', step.text)} onclick={() => doneBy(who, at)}
				>{RUN_HEAD.done}</Button
			>
		{/if}
	</li>
{/snippet}

<div
	class={[
		'visit flex-1 grid grid-cols-[minmax(0,1fr)_minmax(0,0.8fr)] grid-rows-[auto_auto_auto_auto_1fr_auto] gap-x-12 px-edge pt-3 pb-5 max-[901px]:flex max-[901px]:flex-none max-[901px]:flex-col max-[901px]:min-h-[calc(100svh_-_2_*_var(--rim)_-_var(--own-strip,0px))] max-[901px]:px-3.75 max-[901px]:pt-2.5 max-[901px]:pb-3.75 max-[901px]:[--giant:150px]',
		running.atBell && 'bg-cobalt-wash'
	]}
>
	<RunHeader {running} {onchange}>
		<h1 class="whitespace-nowrap max-[901px]:text-[1.25rem] max-[901px]:whitespace-normal">
			{SESSION_VISITORS_RUN.visitorsComeAt}
			<span
				class="fetch font-text [font-variant-numeric:var(--figures)] text-[1.5rem] max-[901px]:text-[1.25rem]"
				>{running.time(clock.bellAt ?? running.now)}</span
			>
		</h1>
	</RunHeader>
	<p class="flex items-center gap-3.5 mt-1.5 text-ink">
		<Glyph name="bell" size={44} />
		<span
			class="whitespace-nowrap"
			role="img"
			aria-label={SESSION_VISITORS_RUN.minutesLeft(Math.max(0, Math.ceil(clock.left / 60_000)))}
			><b class="text-[2.75rem] font-plate text-cobalt-ink max-[901px]:text-[2.25rem]"
				>{Math.max(0, Math.ceil(clock.left / 60_000))}</b
			>
			{SESSION_VISITORS_RUN.minLeft}</span
		>
		<span class="dim ml-auto max-[901px]:hidden whitespace-nowrap"
			>{run.plan.people.length === 1
				? SESSION_VISITORS_RUN.youAlone
				: SESSION_VISITORS_RUN.ofYou(lowerNumber(run.plan.people.length))}</span
		>
		{#if cuts.length > 0}<Button
				kind="link"
				type="submit"
				class="max-[901px]:ml-auto"
				onclick={() => (earlier = !earlier)}
				aria-expanded={earlier}
				><span class="max-[901px]:hidden">{SESSION_VISITORS_RUN.theyCome}{' '}</span
				>{SESSION_VISITORS_RUN.earlier}</Button
			>{/if}
	</p>
	{#if earlier}
		<p class="flex flex-wrap gap-2.5 mt-2">
			{#each cuts as minutes (minutes)}
				<Button
					type="submit"
					onclick={() => {
						running.press('cutTo', null, { minutes }, false);
						earlier = false;
					}}>{SESSION_VISITORS_RUN.inMin(minutes)}</Button
				>
			{/each}
		</p>
	{/if}
	<RunNotices {running} {message} />
	<div class="line side-line">
		{#if current && first}
			<article
				class="relative pt-4 pb-4.5 pr-5 pl-19 bg-enamel-hi [box-shadow:inset_0_0_0_2px_var(--cobalt-ink),var(--sh-cloth)] max-[901px]:pt-3 max-[901px]:pb-3.5 max-[901px]:pr-3.5 max-[901px]:pl-15.5"
				aria-label={SESSION_VISITORS_RUN.yourJobNow}
			>
				<span class="absolute -left-5.5 top-5 bottom-5 flex flex-col justify-between" aria-hidden="true"
					><Peg side /><Peg side /></span
				>
				{#if weave(current.room)}<span class="band absolute left-4 top-0 bottom-0 w-9"
						><Weave weave={weave(current.room) ?? ''} /></span
					>{/if}
				<p class="flex items-center gap-3 text-cobalt-ink text-tag font-name max-[380px]:[&>svg]:hidden">
					<Glyph name="running" size={34} /><span>{SESSION_VISITORS_RUN.yourJobNow}</span><span
						class="minutes ml-auto whitespace-nowrap text-tin-text font-normal"
						><b class="text-h3 text-ink">{minutesText(current.minutes)}</b> {SESSION_VISITORS_RUN.min}</span
					>
				</p>
				<h2 class="my-2 text-next">{current.text}</h2>
				<p class="dim">{current.roomName}, {run.names[lane?.who ?? '']}</p>
				<CautionBox lines={cautions} />
				{#if tools.length > 0}<p class="mt-2.5 wrap-anywhere">{SESSION_ONE_LANE.tools(tools)}</p>{/if}
			</article>
		{:else}
			<article
				class="relative pt-4 pb-4.5 pr-5 pl-19 bg-enamel-hi [box-shadow:inset_0_0_0_2px_var(--cobalt-ink),var(--sh-cloth)] max-[901px]:pt-3 max-[901px]:pb-3.5 max-[901px]:pr-3.5 max-[901px]:pl-15.5"
			>
				<h2 class="my-2 text-next">{SESSION_VISITORS_RUN.yourJobIsDone}</h2>
				<p class="dim">{SESSION_VISITORS_RUN.seeWhoNeedsHelp}</p>
			</article>
		{/if}
		<div class="rest" class:pressed={others.length > 0}>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="coming" tabindex="0" role="region" aria-label={SESSION_VISITORS_RUN.whatIsToDo}>
				{#if others.length > 0}
					<h2 class="mt-4 mb-2">{SESSION_VISITORS_RUN.atTheSameTime}</h2>
					<ul class="grid gap-2">
						{#each others as { who, step, at } (at)}{@render rowOf(step, who, 'running', at)}{/each}
					</ul>
				{/if}
				{#if then.length > 0}
					<h2 class="mt-4 mb-2">
						{SESSION_VISITORS_RUN.then}
						<span class="dim font-text text-body">{SESSION_VISITORS_RUN.whatVisitorsSeeFirst}</span>
					</h2>
					<ul class="grid gap-2">
						{#each then as { who, step, at } (at)}{@render rowOf(step, who, 'due', at)}{/each}
					</ul>
				{/if}
			</div>
		</div>
	</div>
	<div class="beside">
		<StepNotes notes={first ? run.notes[running.step(first.step)?.line ?? ''] : undefined} />
		{#if running.arranged.off.length > 0 || nextToGo}
			<p
				class="linen flex items-center gap-4 mt-3.5 py-3.5 px-4.5 max-[901px]:-mx-3.75 max-[901px]:mt-2.5 max-[901px]:mb-0 max-[901px]:py-2.5 max-[901px]:px-3.75"
			>
				<Glyph name="letgo" size={34} />
				<span>
					{#if running.arranged.off.length > 0}<b>{SESSION_VISITORS_RUN.leftOut}</b>
						{names(running.arranged.off)}.{/if}
					{#if nextToGo}<span class="dim block"
							>{SESSION_VISITORS_RUN.ifTimeRunsShortIs(nextToGo.step.jobName.toLowerCase())}</span
						>{/if}
				</span>
			</p>
		{/if}
	</div>
	<div class="press" class:low={cautions.length > 0}>
		<div class="by-itself"><Waits {running} strings={false} /></div>
		<Press
			{running}
			lane={lane ?? null}
			{first}
			label={then.length > 0 ? SESSION_VISITORS_RUN.doneNext : SESSION_VISITORS_RUN.done}
		/>
	</div>
</div>

<style>
	.visit > :global(*) {
		grid-column: 1 / -1;
	}
	.line {
		grid-column: 1 !important;
		grid-row: 5 / -1;
		position: relative;
		padding: 14px 0 10px 40px;
	}
	.beside {
		grid-column: 2 !important;
		grid-row: 5;
		align-self: start;
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
		li :global(svg:not(.band svg)) {
			display: none;
		}
		.line {
			flex: 1;
			display: flex;
			flex-direction: column;
			padding-left: 34px;
		}
		/* What comes has the room that the job in hand, and what is to be minded in it, leave. */
		.rest {
			flex: 1;
			position: relative;
		}
		/* Whoever works beside has a button there. */
		.rest.pressed {
			min-height: 170px;
		}
		.coming {
			position: absolute;
			inset: 0 0 0 -34px;
			padding-left: 34px;
			overflow-y: auto;
		}
		.beside {
			align-self: stretch;
		}
		/* In reach of the thumb, however much there is to be minded. */
		.press {
			position: sticky;
			bottom: 8px;
			z-index: 1;
			align-self: stretch;
			padding-top: 10px;
			background: var(--enamel);
		}
		.press.low {
			--giant: 96px;
		}
	}
</style>
