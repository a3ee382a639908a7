<script lang="ts">
	/**
	 * Several people in one session: the rooms stand side by side in the order they are walked; each person's towel
	 * hangs where that person is. The great button belongs to whoever is due first.
	 */
	import Furniture from '../house/Furniture.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import CautionBox from './CautionBox.svelte';
	import Press from './Press.svelte';
	import GreatPail from './GreatPail.svelte';
	import RunHeader from './RunHeader.svelte';
	import RunNotices from './RunNotices.svelte';
	import Waits from './Waits.svelte';
	import { KIND_TITLES } from '$words/kinds';
	import type { Running } from './running.svelte';
	let { running, message, onchange }: { running: Running; message: string; onchange: () => void } = $props();
	const run = $derived(running.run);
	const clock = $derived(running.clock);
	const lanes = $derived(running.arranged.lanes);
	const due = $derived(running.dueFirst);
	const dueStep = $derived(due?.coming[0] ?? null);
	/** Where each person is: at the next step, or where the last one was. */
	const placeOf = (who: string) => {
		const next = lanes.find((lane) => lane.who === who)?.coming[0];
		return next
			? (running.step(next.step)?.room ?? null)
			: (clock.lanes.find((lane) => lane.who === who)?.room ?? null);
	};
	const rooms = $derived.by(() => {
		const here = new Set(lanes.map((lane) => placeOf(lane.who)));
		const coming = new Set(lanes.flatMap((lane) => lane.coming.map((one) => running.step(one.step)?.room)));
		const order = [...run.rooms].sort((a, b) => a.walkOrder - b.walkOrder);
		const shown = order.filter((room) => here.has(room.id));
		for (const room of order)
			if (shown.length < 4 && coming.has(room.id) && !shown.includes(room)) shown.push(room);
		return shown.sort((a, b) => a.walkOrder - b.walkOrder);
	});
	/** Who comes next into a room, of those who are not in it. */
	const nextInto = (room: string) =>
		lanes
			.flatMap((lane) =>
				lane.coming
					.filter((one, i) => i > 0 && running.step(one.step)?.room === room && placeOf(lane.who) !== room)
					.slice(0, 1)
					.map((one) => ({ who: lane.who, at: one.from, text: running.step(one.step)?.text ?? '' }))
			)
			.sort((a, b) => a.at - b.at)[0];
	const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
	/** The three roles in a room: what prepares, what wipes, what scrubs and floors. */
	const roles = (room: string) =>
		[
			[0, 2],
			[3, 4],
			[5, 8]
		].map(([from, to]) => {
			const own = clock.steps.flatMap((step, i) =>
				step.room === room && step.class >= (from as number) && step.class <= (to as number) ? [i] : []
			);
			return own.length === 0 ? null : own.filter((i) => clock.done[i]).length / own.length;
		});
	const minutes = $derived(Math.round(clock.bellMinutes));
	const caution = $derived(
		lanes.flatMap((lane) => {
			const step = lane.coming[0] ? running.step(lane.coming[0].step) : null;
			const one = step ? (run.cautions[step.job] ?? [])[0] : undefined;
			return one ? [{ who: lane.who, ...one }] : [];
		})[0]
	);
</script>

<div class="together" class:rung={running.atBell}>
	<RunHeader {running} {onchange}>
		<b class="what">{KIND_TITLES[run.plan.kind]}, {lanes.length} of you</b>
		<span class="dim when"
			>{minutes} minutes{clock.bellAt ? `, bell at ${running.time(clock.bellAt)}` : ''}</span
		>
	</RunHeader>
	<div class="great">
		<GreatPail left={clock.left} bellMinutes={clock.bellMinutes} paused={clock.phase === 'paused'} />
	</div>

	<section class="house" aria-label="Who is where">
		{#each rooms as room, i (room.id)}
			{@const into = nextInto(room.id)}
			<div class="bay">
				<div class="room">
					{#if room.weave}<span class="wall"><Weave weave={room.weave} /></span>{/if}
					<span class="name"><span class="plate">{i + 1}</span><b>{room.name}</b></span>
					<svg class="rope" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true"
						><path
							d="M0 2Q50 12 100 2"
							fill="none"
							stroke="var(--ink)"
							stroke-width="2"
							vector-effect="non-scaling-stroke"
						/></svg
					>
					<div class="towels">
						{#each lanes.filter((lane) => placeOf(lane.who) === room.id) as lane (lane.who)}
							{@const next = lane.coming[0]}
							{@const step = next ? running.step(next.step) : null}
							<article class:heavy={due?.who === lane.who} aria-label={run.names[lane.who]}>
								<span class="pegs" aria-hidden="true"><Peg /><Peg /></span>
								<div class="row">
									<h2>{run.names[lane.who]}</h2>
									{#if next && due?.who !== lane.who && clock.phase === 'running'}
										<button
											class="plain"
											aria-label="{run.names[lane.who]} is done: {step?.text}"
											onclick={() =>
												running.press(
													'stepDone',
													next.step,
													step?.who !== lane.who ? { by: lane.who } : {},
													false
												)}>Done</button
										>
									{/if}
								</div>
								{#if step && next}
									<p>{lower(step.text)}</p>
									<p class="dim">
										{next.from > running.now + 30_000
											? `from ${running.time(next.from)}`
											: `${Math.max(0, Math.ceil((next.to - running.now) / 60_000))} min left`}
									</p>
								{:else}<p class="dim">done, free</p>{/if}
								<span class="stitches" aria-hidden="true">
									{#each roles(room.id) as share, k (k)}{#if share !== null}<span style:--share={share}
											></span>{/if}{/each}
								</span>
							</article>
						{/each}
					</div>
					<svg class="ink" viewBox="0 -62 100 62" aria-hidden="true"
						><Furniture kind={room.kind} x={6} y={0} w={100} /></svg
					>
				</div>
				<p class="after">
					{#if into}<b>Then {run.names[into.who]}, {lower(into.text)}.</b><br /><span class="dim"
							>At {running.time(into.at)}</span
						>{:else}<b>Then the door shut.</b>{/if}
				</p>
			</div>
		{/each}
	</section>

	<section class="lists">
		<ul class="people">
			{#each lanes as lane (lane.who)}
				<li>
					<a class="text-link" href="/timer/{run.id}?as={lane.who}">{run.names[lane.who]}</a>
					<span class="dim">{lane.coming.length === 0 ? 'done' : `${lane.coming.length} to go`}</span>
				</li>
			{/each}
		</ul>
		{#if clock.waits.length > 0}
			<h2>In progress</h2>
			<Waits {running} strings={false} />
		{/if}
		{#if caution}
			<CautionBox headline={caution.headline} text={caution.text} who={run.names[caution.who]} />
		{/if}
		{#if running.arranged.off.length > 0}
			<p class="dim">
				No longer fits: {running.arranged.off
					.map((line) => clock.steps.find((step) => step.line === line)?.jobName ?? '')
					.join(', ')}.
			</p>
		{/if}
		<RunNotices {running} {message} />
	</section>

	<div class="press" aria-live="polite">
		<h1 class="sr">
			{running.atBell
				? 'Time is up. Stop here.'
				: due && dueStep
					? `${run.names[due.who]}: ${running.step(dueStep.step)?.text}`
					: 'Nothing is due'}
		</h1>
		<Press {running} lane={due} first={dueStep} label="{run.names[due?.who ?? '']} is done" />
	</div>
</div>

<style>
	.together {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 290px) minmax(0, 1fr) minmax(0, 1fr);
		grid-template-rows: auto minmax(380px, 1fr) auto;
		gap: 8px 32px;
		padding: 8px calc(var(--page-edge) - var(--rim)) 16px;
		min-height: calc(100svh - 2 * var(--rim) - var(--own-strip, 0px));
	}
	.rung {
		background: var(--cobalt-wash);
	}
	.together > :global(header) {
		grid-column: 1 / -1;
	}
	.what {
		font-size: 1.0625rem;
	}
	.great {
		min-height: 0;
		max-height: 320px;
	}
	.house {
		grid-column: 2 / -1;
		display: grid;
		grid-auto-flow: column;
		grid-auto-columns: minmax(0, 1fr);
	}
	.bay {
		display: flex;
		flex-direction: column;
		min-width: 0;
	}
	.room {
		position: relative;
		flex: 1;
		display: flex;
		flex-direction: column;
		padding: 10px 10px 0;
		border: 6px solid var(--cobalt);
		border-left-width: 3px;
		border-right-width: 3px;
	}
	.wall {
		position: absolute;
		inset: 0;
		opacity: 0.42;
	}
	.name {
		position: relative;
		display: inline-flex;
		align-items: center;
		align-self: flex-start;
		gap: 8px;
		max-width: 100%;
		padding: 2px 8px 2px 2px;
		background: var(--enamel-hi);
	}
	.rope {
		position: absolute;
		left: 0;
		top: 52px;
		width: 100%;
		height: 14px;
	}
	.towels {
		position: relative;
		flex: 1;
		display: grid;
		align-content: start;
		gap: 12px;
		padding-top: 18px;
	}
	article {
		position: relative;
		padding: 14px 12px 12px;
		background: var(--enamel-hi);
		box-shadow:
			inset 0 0 0 2px var(--cobalt-ink),
			var(--sh-cloth);
	}
	article.heavy {
		box-shadow:
			inset 0 0 0 4px var(--cobalt-ink),
			var(--sh-cloth);
	}
	.pegs {
		position: absolute;
		top: -14px;
		left: 16px;
		right: 16px;
		display: flex;
		justify-content: space-between;
	}
	.row {
		display: flex;
		justify-content: space-between;
		align-items: start;
		gap: 8px;
	}
	article h2 {
		margin: 0;
		font-size: 1.5rem;
	}
	article p {
		margin: 4px 0 0;
		overflow-wrap: break-word;
	}
	article .stitches {
		display: flex;
		gap: 8px;
		margin-top: 10px;
	}
	article .stitches span {
		flex: 1;
		height: 7px;
		border-radius: 4px;
		background: linear-gradient(to right, var(--cobalt-ink) calc(var(--share) * 100%), var(--tin-1) 0);
	}
	.ink {
		position: relative;
		height: 66px;
		align-self: flex-start;
		max-width: 100%;
	}
	.after {
		margin: 6px 4px 0;
		min-height: 4.2em;
		line-height: 1.25;
	}
	.lists {
		grid-column: 1 / 3;
		min-width: 0;
	}
	.lists h2 {
		margin: 12px 0 0;
	}
	.people {
		list-style: none;
		display: flex;
		flex-wrap: wrap;
		gap: 2px 24px;
		margin: 0;
		padding: 0;
	}
	.people li {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
	}
	.press {
		display: flex;
		flex-direction: column;
		justify-content: flex-end;
		--giant: 150px;
	}
	@media (max-width: 900px) {
		.together {
			display: flex;
			flex-direction: column;
			padding: 10px 15px 15px;
		}
		.great {
			display: none;
		}
		.when {
			display: none;
		}
		.house {
			display: grid;
			grid-auto-flow: row;
		}
		.room {
			border-width: 5px;
			padding-bottom: 8px;
		}
		.ink {
			display: none;
		}
		.after {
			min-height: 0;
			margin-bottom: 10px;
		}
		.press {
			margin-top: auto;
			padding-top: 12px;
			position: sticky;
			bottom: 8px;
			--giant: var(--target-wet);
		}
	}
</style>
