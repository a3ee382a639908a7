<script lang="ts">
	/** One person's way through a session: the great pail, the step, what comes then, and the one button. */
	import Notice from '../Notice.svelte';
	import CautionBox from './CautionBox.svelte';
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
	const caution = $derived(current ? (run.cautions[current.job] ?? [])[0] : undefined);
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

<div class="pail" class:rung={running.atBell}>
	<div class="head">
		<RunHeader {running} {onchange}>
			{#if zone}<span class="plate">{zone.number}</span><b class="zone">{zone.name}</b>{/if}
			<span class="what"
				>{KIND_TITLES[run.plan.kind]} of {minutes}
				{minutes === 1 ? 'minute' : 'minutes'}, {run.names[lane?.who ?? ''] ?? run.member}</span
			>
		</RunHeader>
	</div>

	<div class="great">
		<GreatPail left={clock.left} bellMinutes={clock.bellMinutes} paused={clock.phase === 'paused'} />
	</div>

	<section class="now" aria-live="polite">
		<p class="count">
			<b>Step {Math.min(sewn + 1, mine.length)} of {mine.length}</b>
			<span class="stitches" aria-hidden="true">
				{#each mine as { i }, k (i)}<span class:sewn={k < sewn} class:current={k === sewn}></span>{/each}
			</span>
		</p>
		{#if running.atBell}
			<h1>Time is up. Stop here.</h1>
			<p class="then">
				In hand: <b>{current?.jobName ?? 'nothing'}</b>{current ? `, ${current.text.toLowerCase()}` : ''}
			</p>
		{:else if resting}
			<h1>A rest of {resting.until - resting.from} minutes</h1>
			<p class="then">
				Then <b>{lower(current?.text ?? 'nothing more')}</b>{current ? `, ${current.roomName}` : ''}
			</p>
		{:else if current}
			<h1>{current.text}</h1>
			<p class="then">
				{#if heldBy}Not before <b>{running.time(heldBy.fetchAt)}</b>: {heldBy.label.toLowerCase()} works, {running.minutesTo(
						heldBy.fetchAt
					)} min.
				{:else if capped}{capWords(run.plan.cap ?? 0)} are over. <b>Stop here</b> it counts as done.
				{:else if following}Then <b>{lower(following.text)}</b>{#if following.room !== current.room}, {following.roomName}{/if}
				{:else}Then it is done.{/if}
			</p>
		{:else}
			<h1>You are done here.</h1>
			<p class="then">The others are still working.</p>
		{/if}
		<p class="job">
			{#if current}{current.jobName}, {current.roomName}{/if}
			{#if run.plan.people.length > 1}<a class="text-link" href="/timer/{run.id}?as=all">Everybody’s view</a
				>{/if}
		</p>
	</section>

	<RunNotices {running} {message} />
	{#if caution}
		<CautionBox headline={caution.headline} text={caution.text} />
	{/if}
	{#if running.arranged.off.length > 0 && !running.atBell}
		<p class="off">
			{offText(
				running.arranged.off.map((line) => clock.steps.find((step) => step.line === line)?.jobName ?? '')
			)}
		</p>
	{/if}
	{#if others.length > 0}
		<p class="off others">
			{#each others as other, i (other.who)}{i > 0 ? '; ' : ''}<b>{run.names[other.who]}</b>: {lower(
					running.step(other.coming[0]?.step ?? -1)?.text ?? ''
				)}, {running.step(other.coming[0]?.step ?? -1)?.roomName}{/each}
		</p>
	{/if}
	<Waits {running} />

	<div class="press">
		<Press
			{running}
			{lane}
			{first}
			{capped}
			label={capped ? 'Stop here, next' : following ? 'Done, next' : 'Done'}
		/>
		{#if !first && !running.atBell && clock.phase === 'running'}
			<Notice><span>Your part is done. Fetch what rings, or help somebody.</span></Notice>
		{/if}
	</div>
</div>

<style>
	.pail {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 47fr) minmax(0, 46fr);
		grid-template-rows: auto auto auto auto auto auto auto 1fr auto;
		column-gap: 60px;
		padding: 10px calc(var(--page-edge) - var(--rim) + 8px) 20px calc(var(--page-edge) - var(--rim));
		height: calc(100svh - 2 * var(--rim) - var(--own-strip, 0px));
		min-height: 560px;
		transition: background var(--m-hang);
	}
	.rung {
		background: var(--cobalt-wash);
	}
	.pail > :global(*) {
		grid-column: 2;
		min-width: 0;
	}
	.head {
		grid-column: 1 / -1 !important;
	}
	.zone {
		font-size: 1.125rem;
	}
	.what,
	.job,
	.off {
		color: var(--tin-text);
	}
	.off {
		margin: 12px 0 0;
	}
	.off b {
		color: var(--ink);
	}
	.great {
		grid-column: 1 !important;
		grid-row: 2 / -1;
		min-height: 0;
		padding: 20px 0 10px;
	}
	.count {
		display: flex;
		align-items: center;
		gap: 16px;
		margin: 24px 0 0;
		color: var(--cobalt-ink);
		font-size: 1.1875rem;
	}
	.count b {
		white-space: nowrap;
	}
	.stitches {
		display: flex;
		gap: 6px;
		flex: 0 1 240px;
		min-width: 0;
	}
	.stitches span {
		flex: 0 1 36px;
		height: 9px;
		display: grid;
		align-items: center;
	}
	.stitches span::before {
		content: '';
		height: 2px;
		border-radius: 5px;
		background: var(--tin-2);
	}
	.stitches .sewn::before {
		height: 9px;
		background: var(--cobalt-ink);
	}
	.stitches .current::before {
		height: 9px;
		width: 55%;
		background: var(--cobalt-ink);
	}
	h1 {
		margin: 14px 0 0;
		font-size: clamp(2rem, 4.2vw, var(--t-step));
		overflow-wrap: break-word;
	}
	.then {
		margin: 18px 0 0;
		font-size: 1.25rem;
		color: var(--tin-text);
	}
	.then b {
		color: var(--ink);
	}
	.job {
		margin: 6px 0 0;
	}
	.press {
		grid-row: -2;
		position: relative;
	}
	@media (max-width: 640px) {
		.pail {
			display: flex;
			flex-direction: column;
			height: auto;
			min-height: calc(100svh - 2 * var(--rim) - var(--own-strip, 0px));
			padding: 10px 15px 0;
		}
		.what {
			position: absolute;
			clip-path: inset(50%);
			width: 1px;
			height: 1px;
			overflow: hidden;
		}
		.zone {
			display: none;
		}
		.others {
			display: none;
		}
		.off {
			margin-top: 6px;
		}
		.great {
			flex: 1 1 0;
			min-height: 150px;
			max-height: 380px;
			padding: 0;
		}
		.count {
			margin-top: 8px;
			font-size: 1.0625rem;
		}
		h1 {
			margin-top: 6px;
		}
		.then {
			margin-top: 8px;
			font-size: 1.0625rem;
		}
		/* The button is whole whatever stands above it. */
		.press {
			--giant: max(150px, 25svh);
			position: sticky;
			bottom: 0;
			margin: auto -15px 0;
			padding: 12px 15px 15px;
			background: var(--enamel);
		}
		.rung .press {
			background: var(--cobalt-wash);
		}
	}
</style>
