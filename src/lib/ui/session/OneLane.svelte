<script lang="ts">
	/** One person's way through a session: the great pail, the step, what comes then, and the one button. */
	import Button from '../kit/Button.svelte';
	import { SESSION_ONE_LANE } from '$words/screens/session';
	import Notice from '../Notice.svelte';
	import CautionBox from './CautionBox.svelte';
	import StepNotes from './StepNotes.svelte';
	import Press from './Press.svelte';
	import GreatPail from './GreatPail.svelte';
	import RunHeader from './RunHeader.svelte';
	import RunNotices from './RunNotices.svelte';
	import Waits from './Waits.svelte';
	import { capWords } from '$words/general';
	import { KIND_TITLES } from '$words/kinds';
	import { offText } from '$words/session';
	import type { Running } from './running.svelte';
	let { running, message, onchange }: { running: Running; message: string; onchange: () => void } = $props();
	const run = $derived(running.run);
	const clock = $derived(running.clock);
	const lane = $derived(running.lane());
	const first = $derived(lane?.coming[0] ?? null);
	const current = $derived(first ? running.step(first.step) : null);
	const following = $derived(lane?.coming[1] ? running.step(lane.coming[1].step) : null);
	const zone = $derived(current ? (run.zones[current.room] ?? null) : null);
	const cautions = $derived(first ? (run.cautions[first.step] ?? []) : []);
	const tools = $derived(first ? (run.tools[first.step] ?? []) : []);
	const mine = $derived(
		clock.steps.flatMap((step, i) =>
			clock.doneBy[i] === lane?.who || (!clock.done[i] && lane?.coming.some((one) => one.step === i))
				? [{ step, i }]
				: []
		)
	);
	const sewn = $derived(mine.filter(({ i }) => clock.done[i]).length);
	/** A soak that the next step has to wait for. */
	const heldBy = $derived(
		current && current.step > 0
			? (clock.waits.find(
					(wait) => running.step(wait.step)?.line === current.line && wait.fetchAt > running.now
				) ?? null)
			: null
	);
	const resting = $derived(
		run.plan.breaks.find(
			(span) => clock.worked >= span.from * 60_000 && clock.worked < span.until * 60_000
		) ?? null
	);
	const capped = $derived(lane ? running.isCapped(lane.who) : false);
	const others = $derived(
		running.arranged.lanes.filter((one) => one.who !== lane?.who && one.coming.length > 0)
	);
	const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
	const minutes = $derived(Math.round(clock.bellMinutes));
</script>

<div
	class={[
		'pail flex-1 grid grid-cols-[minmax(0,47fr)_minmax(0,46fr)] grid-rows-[auto_auto_auto_auto_auto_auto_auto_1fr_auto] gap-x-15 pt-2.5 pb-5 pr-[calc(var(--page-edge)_-_var(--rim)_+_8px)] pl-edge h-[calc(100svh_-_2_*_var(--rim)_-_var(--own-strip,0px))] min-h-140 [transition:background_var(--m-hang)] max-sm:flex max-sm:flex-col max-sm:h-auto max-sm:min-h-[calc(100svh_-_2_*_var(--rim)_-_var(--own-strip,0px))] max-sm:px-3.75 max-sm:pt-2.5 max-sm:pb-0',
		// What is to be minded has its room before the button has.
		cautions.length > 0 ? '[--giant:150px]' : 'max-sm:[--giant:max(132px,25svh)]',
		running.atBell ? 'bg-cobalt-wash' : 'max-sm:bg-enamel'
	]}
>
	<div class="head">
		<RunHeader {running} {onchange}>
			{#if zone}<span class="plate">{zone.number}</span><b
					class="min-w-0 text-[1.125rem] wrap-anywhere max-sm:line-clamp-2 max-sm:text-body max-sm:leading-tight"
					>{zone.name}</b
				>{/if}
			<span
				class="text-tin-text max-sm:absolute max-sm:[clip-path:inset(50%)] max-sm:w-0.25 max-sm:h-0.25 max-sm:overflow-hidden"
				>{SESSION_ONE_LANE.ofIt(
					KIND_TITLES[run.plan.kind],
					minutes,
					minutes === 1 ? SESSION_ONE_LANE.minute : SESSION_ONE_LANE.minutes,
					run.names[lane?.who ?? ''] ?? run.member
				)}</span
			>
		</RunHeader>
	</div>

	<div class="great">
		<GreatPail left={clock.left} bellMinutes={clock.bellMinutes} paused={clock.phase === 'paused'} />
	</div>

	<section class="now" aria-live="polite">
		<p class="count flex items-center gap-4 mt-6 text-cobalt-ink text-tag max-sm:mt-2 max-sm:text-lead">
			<b class="whitespace-nowrap">{SESSION_ONE_LANE.stepOf(Math.min(sewn + 1, mine.length), mine.length)}</b>
			<span class="stitches flex gap-1.5 flex-[0_1_240px] min-w-0" aria-hidden="true">
				{#each mine as { i }, k (i)}<span
						class={[
							'flex-[0_1_36px] h-2.25 grid items-center before:rounded-[5px]',
							k < sewn ? 'before:h-2.25 before:bg-cobalt-ink' : 'before:h-0.5 before:bg-tin-2'
						]}
						class:current={k === sewn}
					></span>{/each}
			</span>
		</p>
		{#if running.atBell}
			<h1 class="mt-3.5 text-[length:clamp(2rem,4.2vw,var(--t-step))] wrap-break-word max-sm:mt-1.5">
				{SESSION_ONE_LANE.timeIsUpStopHere}
			</h1>
			<p class="mt-4.5 text-[1.25rem] text-tin-text max-sm:mt-2 max-sm:text-lead">
				{SESSION_ONE_LANE.inHand}
				<b class="text-ink">{current?.jobName ?? SESSION_ONE_LANE.nothing}</b>{current
					? `, ${current.text.toLowerCase()}`
					: ''}
			</p>
		{:else if resting}
			<h1 class="mt-3.5 text-[length:clamp(2rem,4.2vw,var(--t-step))] wrap-break-word max-sm:mt-1.5">
				{SESSION_ONE_LANE.aRestOfMinutes(resting.until - resting.from)}
			</h1>
			<p class="mt-4.5 text-[1.25rem] text-tin-text max-sm:mt-2 max-sm:text-lead">
				{SESSION_ONE_LANE.then}
				<b class="text-ink">{lower(current?.text ?? SESSION_ONE_LANE.nothingMore)}</b>{current
					? `, ${current.roomName}`
					: ''}
			</p>
		{:else if current}
			<h1 class="mt-3.5 text-[length:clamp(2rem,4.2vw,var(--t-step))] wrap-break-word max-sm:mt-1.5">
				{current.text}
			</h1>
			<CautionBox lines={cautions} />
			{#if tools.length > 0}<p class="mt-3 text-[1.125rem] wrap-anywhere max-sm:mt-1.5 max-sm:text-base">
					{SESSION_ONE_LANE.tools(tools)}
				</p>{/if}
			<p class="mt-4.5 text-[1.25rem] text-tin-text max-sm:mt-2 max-sm:text-lead">
				{#if heldBy}{SESSION_ONE_LANE.notBefore}
					<b class="text-ink">{running.time(heldBy.fetchAt)}</b>{SESSION_ONE_LANE.worksMin(
						heldBy.label.toLowerCase(),
						running.minutesTo(heldBy.fetchAt)
					)}
				{:else if capped}{SESSION_ONE_LANE.areOver(capWords(run.plan.cap ?? 0))}
					<b class="text-ink">{SESSION_ONE_LANE.stopHere}</b>
					{SESSION_ONE_LANE.itCountsAsDone}
				{:else if following}{SESSION_ONE_LANE.then}
					<b class="text-ink">{lower(following.text)}</b>{#if following.room !== current.room}, {following.roomName}{/if}
				{:else}{SESSION_ONE_LANE.thenItIsDone}{/if}
			</p>
		{:else}
			<h1 class="mt-3.5 text-[length:clamp(2rem,4.2vw,var(--t-step))] wrap-break-word max-sm:mt-1.5">
				{SESSION_ONE_LANE.youAreDoneHere}
			</h1>
			<p class="mt-4.5 text-[1.25rem] text-tin-text max-sm:mt-2 max-sm:text-lead">
				{SESSION_ONE_LANE.theOthersAreStillWorking}
			</p>
		{/if}
		<p class="text-tin-text mt-1.5">
			{#if current}{current.text === current.jobName ? '' : `${current.jobName}, `}{current.roomName}{/if}
			{#if run.plan.people.length > 1}<Button kind="link" href="/timer/{run.id}?as=all"
					>{SESSION_ONE_LANE.everybodysView}</Button
				>{/if}
		</p>
	</section>

	<RunNotices {running} {message} />
	<StepNotes notes={current ? run.notes[current.line] : undefined} />
	<Waits {running} over />
	{#if running.arranged.off.length > 0 && !running.atBell}
		<p class="text-tin-text mt-3 max-sm:mt-1.5">
			{offText(
				running.arranged.off.map((line) => clock.steps.find((step) => step.line === line)?.jobName ?? '')
			)}
		</p>
	{/if}
	{#if others.length > 0}
		<p class="text-tin-text mt-3 max-sm:hidden max-sm:mt-1.5">
			{#each others as other, i (other.who)}{i > 0 ? '; ' : ''}<b class="text-ink">{run.names[other.who]}</b>: {lower(
					running.step(other.coming[0]?.step ?? -1)?.text ?? ''
				)}, {running.step(other.coming[0]?.step ?? -1)?.roomName}{/each}
		</p>
	{/if}

	<div
		class={[
			'press row-[-2] relative max-sm:sticky max-sm:bottom-0 max-sm:-mx-3.75 max-sm:mt-auto max-sm:mb-0 max-sm:px-3.75 max-sm:pt-3 max-sm:pb-3.75',
			'max-sm:bg-inherit'
		]}
	>
		<Press
			{running}
			{lane}
			{first}
			{capped}
			label={capped
				? SESSION_ONE_LANE.stopHereNext
				: following
					? SESSION_ONE_LANE.doneNext
					: SESSION_ONE_LANE.done}
		/>
		{#if !first && !running.atBell && clock.phase === 'running'}
			<Notice><span>{SESSION_ONE_LANE.yourPartIsDone}</span></Notice>
		{/if}
	</div>
</div>

<style>
	.pail > :global(*) {
		grid-column: 2;
		min-width: 0;
	}
	.head {
		grid-column: 1 / -1 !important;
	}
	.great {
		grid-column: 1 !important;
		grid-row: 2 / -1;
		min-height: 0;
		padding: 20px 0 10px;
	}
	.stitches .current::before {
		height: 9px;
		width: 55%;
		background: var(--cobalt-ink);
	}
	@media (max-width: 640px) {
		.great {
			flex: 1 1 0;
			min-height: clamp(84px, 14svh, 150px);
			max-height: 380px;
			padding: 0;
		}
	}
</style>
