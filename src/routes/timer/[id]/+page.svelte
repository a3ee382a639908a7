<script lang="ts">
	import { TIMER_ID_PAGE } from '$words/screens/session';
	import { browser } from '$app/environment';
	import { onMount } from 'svelte';
	import { readClearing } from '$core/clearing/clearing';
	import { outcomesOf } from '$core/session/sessionState';
	import { readAnew } from '$ui/connection.svelte';
	import ChangeIt from '$ui/session/ChangeIt.svelte';
	import Cleared from '$ui/session/Cleared.svelte';
	import ClearingRun from '$ui/session/ClearingRun.svelte';
	import Closing from '$ui/session/Closing.svelte';
	import Finished from '$ui/session/Finished.svelte';
	import OneLane from '$ui/session/OneLane.svelte';
	import Together from '$ui/session/Together.svelte';
	import VisitorsRun from '$ui/session/VisitorsRun.svelte';
	import { Running } from '$ui/session/running.svelte';
	import { KIND_WORDS } from '$words/session';
	import { volumeWanted } from '$ui/session/sound';
	let { data, form } = $props();
	const running = new Running(() => data.run);
	const message = $derived(form && 'message' in form ? String(form.message) : '');
	const plan = $derived(running.run.plan);
	const walkOrder = $derived(new Map(running.run.rooms.map((room) => [room.id, room.walkOrder])));
	const clearing = $derived(
		plan.clearing
			? readClearing(plan, running.events, running.now, (room) => walkOrder.get(room) ?? 9999)
			: null
	);
	const title = $derived(
		plan.clearing
			? KIND_WORDS.clearing.title
			: running.atBell
				? TIMER_ID_PAGE.theBell
				: (running.step(running.lane()?.coming[0]?.step ?? -1)?.text ?? TIMER_ID_PAGE.allDone)
	);
	let changing = $state(false);
	const onchange = () => (changing = true);

	$effect(() => {
		// A new word from the server sets the clock anew.
		void data.run;
		running.heard();
	});
	$effect(() => {
		if (running.isOver && running.outbox.waiting.length === 0) running.forget();
	});

	onMount(() => {
		running.begin(volumeWanted(new Date().getHours()));
		const tick = setInterval(() => running.look(), 200);
		// Another phone may have pressed: look again now and then, beside what the house tells at once.
		const look = () => {
			if (document.visibilityState === 'visible' && running.outbox.waiting.length === 0)
				void readAnew('app:session').catch(() => undefined);
		};
		const poll = setInterval(look, 4000);
		let lock: WakeLockSentinel | null = null;
		// A screen lock ends when the page is hidden: it is asked for anew at each return.
		const stayAwake = () => {
			if (document.visibilityState !== 'visible') return;
			void navigator.wakeLock
				?.request('screen')
				.then((held) => (lock = held))
				.catch(() => undefined);
		};
		const seen = () => {
			running.seen(document.visibilityState === 'visible');
			stayAwake();
			look();
			running.look();
		};
		stayAwake();
		document.addEventListener('visibilitychange', seen);
		const onKey = (event: KeyboardEvent) => {
			const target = event.target as HTMLElement;
			if (
				(event.key !== ' ' && event.key !== 'Enter') ||
				event.repeat ||
				target.closest('button, a, input, select, textarea, [role=dialog]')
			)
				return;
			event.preventDefault();
			document.querySelector<HTMLButtonElement>('[data-giant]')?.click();
		};
		window.addEventListener('keydown', onKey);
		return () => {
			clearInterval(tick);
			clearInterval(poll);
			document.removeEventListener('visibilitychange', seen);
			window.removeEventListener('keydown', onKey);
			void lock?.release();
		};
	});
</script>

<svelte:head>
	<title>{TIMER_ID_PAGE.pailRound(title)}</title>
	{#if !browser}<noscript><meta http-equiv="refresh" content="20" /></noscript>{/if}
</svelte:head>

{#if clearing}
	{#if clearing.closingAt !== null && clearing.next !== null}
		<Closing {running} {clearing} {message} />
	{:else if clearing.closingAt !== null || running.isOver}
		<Cleared {running} {clearing} />
	{:else}
		<ClearingRun {running} {clearing} {message} />
	{/if}
{:else if running.isOver}
	<Finished
		run={running.run}
		clock={running.clock}
		outcomes={outcomesOf(plan, running.clock)}
		canUndo={running.canUndo}
		undo={() => running.undo()}
		stuck={running.isCutOff}
		press={(line) =>
			running.clock.steps.forEach((step, at) => {
				if (step.line === line && !running.clock.done[at]) running.press('stepDone', at, {}, false);
			})}
	/>
{:else if plan.kind === 'visitors'}
	<VisitorsRun {running} {message} {onchange} />
{:else if plan.people.length > 1 && running.run.as === null}
	<Together {running} {message} {onchange} />
{:else}
	<OneLane {running} {message} {onchange} />
{/if}
{#if changing && !running.isOver}<ChangeIt {running} onclose={() => (changing = false)} />{/if}
