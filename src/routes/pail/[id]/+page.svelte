<script lang="ts">
	import { browser } from '$app/environment';
	import { onMount } from 'svelte';
	import { outcomesOf, readClock, type SessionEventKind } from '$core/session/clock';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import { readAnew } from '$ui/connection.svelte';
	import Notice from '$ui/Notice.svelte';
	import Finished from '$ui/pail/Finished.svelte';
	import GreatPail from '$ui/pail/GreatPail.svelte';
	import { Outbox } from '$ui/pail/outbox.svelte';
	import { readySound, ring, soundWanted, wantSound } from '$ui/pail/sound';
	import { clockText } from '$ui/words';
	let { data, form } = $props();
	const run = $derived(data.run);

	// The server's clock decides: the device only measures how long ago the server last said what time it is.
	let heardAt = $state(browser ? performance.now() : 0);
	let ticking = $state(browser ? performance.now() : 0);
	const serverNow = () => run.now + (browser ? performance.now() - heardAt : 0);
	// svelte-ignore state_referenced_locally
	const outbox = new Outbox(`/pail/${run.id}?/event`, serverNow);
	const now = $derived(run.now + Math.max(0, ticking - heardAt));
	const events = $derived([
		...run.events,
		...outbox.waiting.filter((event) => !run.events.some((known) => known.id === event.id))
	]);
	const clock = $derived(readClock(run.plan, events, now));
	const current = $derived(clock.current === null ? null : (run.plan.steps[clock.current] ?? null));
	const following = $derived(
		run.plan.steps.find((_, i) => i > (clock.current ?? -1) && !clock.done[i]) ?? null
	);
	const isOver = $derived(clock.phase === 'over' || clock.current === null);
	const rung = $derived(clock.left <= 0 && clock.phase === 'running' && !isOver);
	const zone = $derived(current ? (run.zones[current.room] ?? null) : null);
	const cautions = $derived(current ? (run.cautions[current.job] ?? []) : []);
	/** A soak that the next step has to wait for. */
	const heldBy = $derived(
		current && current.step > 0
			? (clock.waits.find((wait) => run.plan.steps[wait.step]?.line === current.line && wait.fetchAt > now) ??
					null)
			: null
	);
	const time = (at: number) =>
		clockText(
			new Intl.DateTimeFormat('en-GB', {
				timeZone: run.timeZone,
				hour: '2-digit',
				minute: '2-digit',
				hourCycle: 'h23'
			}).format(at),
			run.clock
		);
	const minutesTo = (at: number) => Math.max(0, Math.ceil((at - now) / 60_000));

	let sound = $state(true);
	let lastPress = -Infinity;
	let undoUntil = $state(0);
	let undoStep = $state<number | null>(null);
	const canUndo = $derived(undoStep !== null && ticking < undoUntil);

	/** The great button: a press anywhere on it, without a lift; a second one within 600 ms is the same. */
	function press(kind: SessionEventKind, step: number | null = null, guarded = true) {
		const at = performance.now();
		if (guarded && at - lastPress < 600) return;
		lastPress = at;
		readySound();
		outbox.press(kind, step);
		if (kind === 'stepDone') {
			undoStep = step;
			undoUntil = at + 6000;
		}
	}
	function undoLast() {
		const step = undoStep;
		undoStep = null;
		if (step !== null) press('stepUndone', step, false);
	}
	function doneAtBell() {
		const line = current?.line;
		run.plan.steps.forEach((step, i) => {
			if (step.line === line && !clock.done[i]) outbox.press('stepDone', i);
		});
		outbox.press('setDown');
	}
	const viaScript = (act: () => void) => (event: Event) => {
		event.preventDefault();
		act();
	};
	/** A finger that has pressed already submits again when it lifts, however late: that is the same press. */
	let fingerDown = false;
	function giantDown(event: PointerEvent) {
		if (event.button !== 0) return;
		fingerDown = true;
		press('stepDone', clock.current);
	}
	function giantSubmit() {
		if (fingerDown) fingerDown = false;
		else press('stepDone', clock.current);
	}

	$effect(() => {
		// A new word from the server sets the clock anew.
		void run;
		heardAt = performance.now();
		ticking = heardAt;
	});

	let bellRung = false;
	// svelte-ignore state_referenced_locally
	// eslint-disable-next-line svelte/prefer-svelte-reactivity -- remembers what has rung; nothing is drawn from it
	const fetched = new Set(clock.waits.filter((wait) => wait.fetchAt <= now).map((wait) => wait.step));
	// svelte-ignore state_referenced_locally
	bellRung = clock.left <= 0;
	function attend() {
		ticking = performance.now();
		if (clock.phase !== 'running' || isOver) return;
		if (clock.left <= 0 && !bellRung) {
			bellRung = true;
			ring(1, sound);
		} else if (clock.left > 0) bellRung = false;
		for (const wait of clock.waits) {
			if (wait.fetchAt <= now && !fetched.has(wait.step)) {
				fetched.add(wait.step);
				ring(2, sound);
			}
		}
	}

	onMount(() => {
		outbox.recall();
		sound = soundWanted(new Date().getHours());
		const tick = setInterval(attend, 200);
		// Another phone may have pressed: look again now and then.
		const look = () => {
			if (document.visibilityState === 'visible' && outbox.waiting.length === 0) {
				void readAnew('app:session').catch(() => undefined);
			}
		};
		const poll = setInterval(look, 4000);
		document.addEventListener('visibilitychange', look);
		let lock: WakeLockSentinel | null = null;
		void navigator.wakeLock
			?.request('screen')
			.then((held) => (lock = held))
			.catch(() => undefined);
		const onKey = (event: KeyboardEvent) => {
			const target = event.target as HTMLElement;
			if (
				(event.key !== ' ' && event.key !== 'Enter') ||
				event.repeat ||
				target.closest('button, a, input, select')
			)
				return;
			event.preventDefault();
			document.querySelector<HTMLButtonElement>('[data-giant]')?.click();
		};
		window.addEventListener('keydown', onKey);
		return () => {
			clearInterval(tick);
			clearInterval(poll);
			document.removeEventListener('visibilitychange', look);
			window.removeEventListener('keydown', onKey);
			void lock?.release();
		};
	});
</script>

<svelte:head>
	<title>{rung ? 'The bell' : (current?.text ?? 'The pail is empty')} · Pail Round</title>
	{#if !browser}<noscript><meta http-equiv="refresh" content="20" /></noscript>{/if}
</svelte:head>

{#if isOver}
	<Finished
		{run}
		{clock}
		outcomes={outcomesOf(run.plan, clock)}
		{canUndo}
		undo={undoLast}
		stuck={outbox.stuck}
	/>
{:else}
	<div class="pail" class:rung>
		<header>
			{#if zone}<span class="plate">{zone.number}</span><b class="zone">{zone.name}</b>{/if}
			<span class="what"
				>Pail of {Math.round(clock.bellMinutes)}
				{Math.round(clock.bellMinutes) === 1 ? 'minute' : 'minutes'}, {run.member}</span
			>
			<span class="small">
				<button
					class="quiet"
					aria-pressed={sound}
					onclick={() => {
						sound = !sound;
						wantSound(sound);
						readySound();
					}}><Glyph name="bell" size={22} />{sound ? 'Bell on' : 'Bell off'}</button
				>
				<form
					method="post"
					action="?/event"
					onsubmit={viaScript(() => press(clock.phase === 'paused' ? 'resumed' : 'paused', null, false))}
				>
					<input type="hidden" name="seed" value={run.formId} />
					<button class="plain" name="kind" value={clock.phase === 'paused' ? 'resumed' : 'paused'}
						>{clock.phase === 'paused' ? 'Go on' : 'Pause'}</button
					>
				</form>
				<form method="post" action="?/event" onsubmit={viaScript(() => press('setDown', null, false))}>
					<input type="hidden" name="seed" value={run.formId} />
					<button class="plain" name="kind" value="setDown">Set it down</button>
				</form>
			</span>
		</header>

		<div class="great">
			<GreatPail left={clock.left} bellMinutes={clock.bellMinutes} paused={clock.phase === 'paused'} />
		</div>

		<section class="now" aria-live="polite">
			<p class="count">
				<b>Step {clock.done.filter(Boolean).length + 1} of {clock.done.length}</b>
				<span class="stitches" aria-hidden="true">
					{#each clock.done as sewn, i (i)}<span class:sewn class:current={i === clock.current}></span>{/each}
				</span>
			</p>
			{#if rung}
				<h1>The bell. Stop here.</h1>
				<p class="then">In hand: <b>{current?.jobName}</b>, {current?.text.toLowerCase()}</p>
			{:else}
				<h1>{current?.text}</h1>
				<p class="then">
					{#if heldBy}Not before <b>{time(heldBy.fetchAt)}</b>: {heldBy.label.toLowerCase()} works, {minutesTo(
							heldBy.fetchAt
						)} min.
					{:else if following}Then <b>{following.text.charAt(0).toLowerCase() + following.text.slice(1)}</b
						>{#if following.room !== current?.room}, {following.roomName}{/if}
					{:else}Then it is done.{/if}
				</p>
			{/if}
			<p class="job">{current?.jobName}, {current?.roomName}</p>
		</section>

		{#if outbox.stuck}
			<Notice tone="wrong"
				><span
					>Not on the server yet. Your {outbox.waiting.length === 1 ? 'press is' : 'presses are'} kept and sent
					again; the time runs on.</span
				></Notice
			>
		{/if}
		{#if outbox.refusal || (form && 'message' in form && form.message)}
			<Notice tone="wrong"
				><span>{outbox.refusal ?? (form && 'message' in form ? form.message : '')}</span></Notice
			>
		{/if}
		{#if cautions[0]}
			<p class="caution">
				<Glyph name="caution" size={32} /><span><b>{cautions[0].headline}</b> {cautions[0].text}</span>
			</p>
		{/if}
		{#if clock.waits.length > 0}
			<ul class="waits">
				{#each clock.waits.slice(0, 3) as wait (wait.step)}
					<li>
						<svg class="string" viewBox="0 0 100 60" preserveAspectRatio="none" aria-hidden="true">
							<path
								d={wait.fetchAt <= now ? 'M0 2L100 44' : 'M0 2C6 70 60 66 100 44'}
								fill="none"
								stroke="var(--cobalt-ink)"
								stroke-width="2"
								vector-effect="non-scaling-stroke"
							/>
						</svg>
						<span class="fetch" class:now={wait.fetchAt <= now}>{time(wait.fetchAt)}</span>
						<span>{wait.label}</span>
						<span class="dim"
							>{#if wait.fetchAt <= now}fetch now, {wait.roomName}{:else}<span class="wide">fetch{' '}</span
								>in {minutesTo(wait.fetchAt)} min{/if}</span
						>
						{#if wait.trailing && wait.fetchAt <= now}
							<button class="text-link" onclick={() => press('fetched', wait.step, false)}>Fetched</button>
						{/if}
					</li>
				{/each}
			</ul>
		{/if}

		<div class="press">
			{#if canUndo}<button class="undo text-link" onclick={undoLast}
					><Glyph name="back" size={22} />Undo, not done</button
				>{/if}
			{#if rung}
				<div class="three">
					<form method="post" action="?/event" onsubmit={viaScript(doneAtBell)}>
						<input type="hidden" name="seed" value={run.formId} /><input
							type="hidden"
							name="step"
							value={clock.current}
						/>
						<button class="giant" data-giant name="kind" value="jobDone">Done</button>
					</form>
					<form method="post" action="?/event" onsubmit={viaScript(() => press('setDown', null, false))}>
						<input type="hidden" name="seed" value={run.formId} />
						<button class="giant hollow" name="kind" value="setDown">Partly</button>
					</form>
					<form method="post" action="?/event" onsubmit={viaScript(() => press('fiveMore', null, false))}>
						<input type="hidden" name="seed" value={run.formId} />
						<button class="giant hollow" name="kind" value="fiveMore">Five more minutes</button>
					</form>
				</div>
			{:else if clock.phase === 'paused'}
				<form method="post" action="?/event" onsubmit={viaScript(() => press('resumed'))}>
					<input type="hidden" name="seed" value={run.formId} />
					<button class="giant" data-giant name="kind" value="resumed">Go on</button>
				</form>
			{:else}
				<form method="post" action="?/event" onsubmit={viaScript(giantSubmit)}>
					<input type="hidden" name="seed" value={run.formId} /><input
						type="hidden"
						name="step"
						value={clock.current}
					/>
					<button
						class="giant"
						data-giant
						name="kind"
						value="stepDone"
						onpointerdown={giantDown}
						onpointercancel={() => (fingerDown = false)}>{following ? 'Done, next' : 'Done'}</button
					>
				</form>
			{/if}
		</div>
	</div>
{/if}

<style>
	.pail {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 47fr) minmax(0, 46fr);
		grid-template-rows: auto auto auto auto auto 1fr auto;
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
	header {
		grid-column: 1 / -1 !important;
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: 48px;
	}
	.zone {
		font-size: 1.125rem;
	}
	.what,
	.dim,
	.job {
		color: var(--tin-text);
	}
	.small {
		display: flex;
		gap: 14px;
		margin-left: auto;
	}
	.quiet {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
		padding: 0 10px;
		border: 0;
		background: none;
		color: var(--tin-text);
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
	.caution {
		display: flex;
		align-items: center;
		gap: 16px;
		margin: 20px 0 0;
		padding: 12px 18px;
		border: 2px solid var(--madder);
		border-radius: var(--r-button);
		background: var(--madder-wash);
		color: var(--madder-ink);
		font-size: 1.1875rem;
	}
	.waits {
		list-style: none;
		margin: 18px 0 0;
		padding: 0;
	}
	.string {
		position: absolute;
		right: calc(100% - 1px);
		top: -22px;
		width: 124px;
		height: 60px;
	}
	.waits li + li .string {
		top: -68px;
		height: 106px;
	}
	.waits li + li + li .string {
		top: -114px;
		height: 152px;
	}
	.waits li {
		position: relative;
		display: flex;
		align-items: center;
		gap: 12px;
		min-height: 46px;
		font-size: 1.125rem;
	}
	.waits .dim {
		white-space: nowrap;
		margin-left: auto;
	}
	.press {
		grid-row: -2;
		position: relative;
	}
	.undo {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
		margin-bottom: 6px;
	}
	.giant {
		display: grid;
		place-items: center;
		width: 100%;
		min-height: var(--target-wet);
		padding: 12px;
		border: 0;
		border-radius: var(--r-giant);
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow:
			inset 0 0 0 5px var(--cobalt),
			inset 0 0 0 8px var(--on-cobalt),
			0 5px 0 var(--cobalt-deep);
		font-size: var(--t-done);
		font-weight: var(--w-name);
		line-height: 1.1;
		touch-action: manipulation;
		user-select: none;
	}
	.giant:active {
		background: var(--cobalt-deep);
	}
	.giant:focus-visible {
		box-shadow:
			inset 0 0 0 5px var(--cobalt),
			inset 0 0 0 8px var(--on-cobalt),
			var(--focus);
		border-radius: var(--r-giant);
	}
	.giant.hollow {
		background: var(--enamel-hi);
		color: var(--ink);
		box-shadow: inset 0 0 0 2px var(--tin-2);
		font-size: 1.5rem;
	}
	.three {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px;
	}
	.three form:first-child {
		grid-column: 1 / -1;
	}
	.three .giant {
		min-height: calc(var(--target-wet) * 0.55);
	}
	.three .hollow {
		min-height: calc(var(--target-wet) * 0.38);
	}
	@media (max-width: 640px) {
		.pail {
			display: flex;
			flex-direction: column;
			height: auto;
			min-height: calc(100svh - 2 * var(--rim) - var(--own-strip, 0px));
			padding: 10px 15px 15px;
		}
		.what,
		.quiet {
			position: absolute;
			clip-path: inset(50%);
			width: 1px;
			height: 1px;
			overflow: hidden;
		}
		header {
			gap: 10px;
		}
		.zone {
			flex: 1;
			min-width: 0;
			overflow: hidden;
			text-overflow: ellipsis;
			white-space: nowrap;
			font-size: 1rem;
		}
		.small {
			gap: 8px;
		}
		.small .plain {
			padding: 0 12px;
			font-size: 1rem;
			white-space: nowrap;
		}
		.wide {
			display: none;
		}
		.great {
			flex: 1 1 0;
			min-height: 190px;
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
		.caution {
			margin-top: 12px;
			padding: 10px 14px;
			font-size: 1rem;
		}
		.waits {
			margin-top: 10px;
		}
		.waits li {
			padding-left: 30px;
		}
		.string,
		.waits li + li .string,
		.waits li + li + li .string {
			left: 0;
			right: auto;
			top: 7px;
			width: 30px;
			height: 22px;
		}
		.press {
			margin-top: auto;
			padding-top: 12px;
		}
	}
	@media (max-height: 700px) and (min-width: 641px) {
		.giant {
			min-height: 130px;
		}
	}
</style>
