<script lang="ts">
	/**
	 * Several people in one session: the rooms stand side by side in the order they are walked; each person's towel
	 * hangs where that person is. The great button belongs to whoever is due first.
	 */
	import Button from '../kit/Button.svelte';
	import { SESSION_TOGETHER } from '$words/screens/session';
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
			const lines = lane.coming[0] ? (run.cautions[lane.coming[0].step] ?? []) : [];
			return lines.some((line) => line.grave) ? [{ who: lane.who, lines }] : [];
		})[0]
	);
</script>

<div
	class={[
		'together flex-1 grid grid-cols-[minmax(0,290px)_minmax(0,1fr)_minmax(0,1fr)] grid-rows-[auto_minmax(380px,1fr)_auto] gap-x-8 gap-y-2 px-edge pt-2 pb-4 min-h-[calc(100svh_-_2_*_var(--rim)_-_var(--own-strip,0px))] max-[901px]:flex max-[901px]:flex-col max-[901px]:px-3.75 max-[901px]:pt-2.5 max-[901px]:pb-3.75',
		running.atBell && 'bg-cobalt-wash'
	]}
>
	<RunHeader {running} {onchange}>
		<b class="text-lead">{SESSION_TOGETHER.ofYou(KIND_TITLES[run.plan.kind], lanes.length)}</b>
		<span class="dim max-[901px]:hidden"
			>{SESSION_TOGETHER.minutes(
				minutes,
				clock.bellAt ? SESSION_TOGETHER.bellAt(running.time(clock.bellAt)) : ''
			)}</span
		>
	</RunHeader>
	<div class="great min-h-0 max-h-80 max-[901px]:hidden">
		<GreatPail left={clock.left} bellMinutes={clock.bellMinutes} paused={clock.phase === 'paused'} />
	</div>

	<section
		class="col-[2_/_-1] grid grid-flow-col [grid-auto-columns:minmax(0,1fr)] max-[901px]:grid max-[901px]:[grid-auto-flow:row]"
		aria-label={SESSION_TOGETHER.whoIsWhere}
	>
		{#each rooms as room, i (room.id)}
			{@const into = nextInto(room.id)}
			<div class="flex flex-col min-w-0">
				<div
					class="relative flex-1 flex flex-col px-2.5 pt-2.5 border-6 border-cobalt border-l-3 border-r-3 max-[901px]:border-5 max-[901px]:pb-2"
				>
					{#if room.weave}<span class="absolute inset-0 opacity-42"><Weave weave={room.weave} /></span>{/if}
					<span
						class="name relative inline-flex items-center self-start gap-2 max-w-full py-0.5 pr-2 pl-0.5 bg-enamel-hi"
						><span class="plate">{i + 1}</span><b>{room.name}</b></span
					>
					<svg
						class="absolute left-0 top-13 w-full h-3.5"
						viewBox="0 0 100 12"
						preserveAspectRatio="none"
						aria-hidden="true"
						><path
							d="M0 2Q50 12 100 2"
							fill="none"
							stroke="var(--ink)"
							stroke-width="2"
							vector-effect="non-scaling-stroke"
						/></svg
					>
					<div class="relative flex-1 grid content-start gap-3 pt-4.5">
						{#each lanes.filter((lane) => placeOf(lane.who) === room.id) as lane (lane.who)}
							{@const next = lane.coming[0]}
							{@const step = next ? running.step(next.step) : null}
							<article
								class={[
									'relative px-3 pt-3.5 pb-3 bg-enamel-hi',
									due?.who === lane.who
										? '[box-shadow:inset_0_0_0_4px_var(--cobalt-ink),var(--sh-cloth)]'
										: '[box-shadow:inset_0_0_0_2px_var(--cobalt-ink),var(--sh-cloth)]'
								]}
								aria-label={run.names[lane.who]}
							>
								<span class="absolute -top-3.5 left-4 right-4 flex justify-between" aria-hidden="true"
									><Peg /><Peg /></span
								>
								<div class="row flex justify-between items-start gap-2">
									<h2 class="text-[1.5rem]">{run.names[lane.who]}</h2>
									{#if next && due?.who !== lane.who && clock.phase === 'running'}
										<Button
											type="submit"
											aria-label={SESSION_TOGETHER.isDone(run.names[lane.who] ?? '', step?.text ?? '')}
											onclick={() =>
												running.press(
													'stepDone',
													next.step,
													step?.who !== lane.who ? { by: lane.who } : {},
													false
												)}>{SESSION_TOGETHER.done}</Button
										>
									{/if}
								</div>
								{#if step && next}
									<p class="mt-1 wrap-break-word">{lower(step.text)}</p>
									<p class="dim mt-1 wrap-break-word">
										{next.from > running.now + 30_000
											? SESSION_TOGETHER.from(running.time(next.from))
											: SESSION_TOGETHER.minLeft(Math.max(0, Math.ceil((next.to - running.now) / 60_000)))}
									</p>
								{:else}<p class="dim mt-1 wrap-break-word">{SESSION_TOGETHER.doneFree}</p>{/if}
								<span class="flex gap-2 mt-2.5" aria-hidden="true">
									{#each roles(room.id) as share, k (k)}{#if share !== null}<span
												class="flex-1 h-1.75 rounded-[4px] [background:linear-gradient(to_right,var(--cobalt-ink)_calc(var(--share)_*_100%),var(--tin-1)_0)]"
												style:--share={share}
											></span>{/if}{/each}
								</span>
							</article>
						{/each}
					</div>
					<svg
						class="relative h-16.5 self-start max-w-full max-[901px]:hidden"
						viewBox="0 -62 100 62"
						aria-hidden="true"><Furniture kind={room.kind} x={6} y={0} w={100} /></svg
					>
				</div>
				<p class="mx-1 mt-1.5 min-h-[4.2em] leading-[1.25] max-[901px]:min-h-0 max-[901px]:mb-2.5">
					{#if into}<b>{SESSION_TOGETHER.then(run.names[into.who] ?? '', lower(into.text))}</b><br /><span
							class="dim">{SESSION_TOGETHER.at(running.time(into.at))}</span
						>{:else}<b>{SESSION_TOGETHER.thenCloseTheDoor}</b>{/if}
				</p>
			</div>
		{/each}
	</section>

	<section class="col-[1_/_3] min-w-0">
		<ul class="flex flex-wrap gap-x-6 gap-y-0.5">
			{#each lanes as lane (lane.who)}
				<li class="flex items-center gap-2 min-h-11">
					<Button kind="link" href="/timer/{run.id}?as={lane.who}">{run.names[lane.who]}</Button>
					<span class="dim"
						>{lane.coming.length === 0
							? SESSION_TOGETHER.done2
							: SESSION_TOGETHER.toGo(lane.coming.length)}</span
					>
				</li>
			{/each}
		</ul>
		{#if clock.waits.length > 0}
			<h2 class="mt-3">{SESSION_TOGETHER.inProgress}</h2>
			<Waits {running} strings={false} />
		{/if}
		{#if caution}
			<CautionBox lines={caution.lines} who={run.names[caution.who] ?? null} />
		{/if}
		{#if running.arranged.off.length > 0}
			<p class="dim">
				{SESSION_TOGETHER.noLongerFits(
					running.arranged.off
						.map((line) => clock.steps.find((step) => step.line === line)?.jobName ?? '')
						.join(', ')
				)}
			</p>
		{/if}
		<RunNotices {running} {message} />
	</section>

	<div
		class="press flex flex-col justify-end [--giant:150px] max-[901px]:mt-auto max-[901px]:pt-3 max-[901px]:sticky max-[901px]:bottom-2 max-[901px]:[--giant:var(--target-wet)]"
		aria-live="polite"
	>
		<h1 class="sr">
			{running.atBell
				? SESSION_TOGETHER.timeIsUpStopHere
				: due && dueStep
					? `${run.names[due.who]}: ${running.step(dueStep.step)?.text}`
					: SESSION_TOGETHER.nothingIsDue}
		</h1>
		<Press
			{running}
			lane={due}
			first={dueStep}
			label={SESSION_TOGETHER.isDoneOf(run.names[due?.who ?? ''] ?? '')}
		/>
	</div>
</div>

<style>
	.together > :global(header) {
		grid-column: 1 / -1;
	}
</style>
