<script lang="ts">
	/** After the last step, or when the pail was set down: what got done, the minutes, what is left and where it goes. */
	import { SESSION_FINISHED } from '$words/screens/session';
	import type { JobOutcome, SessionState } from '$core/session/sessionState';
	import { isSessionsOwn } from '$core/session/sessionPlan';
	import type { ActionResult } from '@sveltejs/kit';
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import { ALONE, WASH_AFTER } from '$words/session';
	import Glyph from '../glyphs/Glyph.svelte';
	import GreatPail from './GreatPail.svelte';
	import Notice from '../Notice.svelte';
	import Stitches from '../Stitches.svelte';
	import { minutesText, numberWord, plural } from '$words/general';
	import type { RunView } from '$views/session';
	let {
		run,
		clock,
		outcomes,
		canUndo,
		undo,
		stuck,
		press = null
	}: {
		run: RunView;
		clock: SessionState;
		outcomes: readonly JobOutcome[];
		canUndo: boolean;
		undo: () => void;
		stuck: boolean;
		/** Says of a job that it got done after all; null where nothing can be said any more. */
		press?: ((line: string) => void) | null;
	} = $props();
	let said = $state('');
	const wordsOf = (result: ActionResult) =>
		result.type === 'success' || result.type === 'failure' ? String(result.data?.message ?? '') : '';
	const planned = (line: string) =>
		clock.steps.filter((step) => step.line === line).reduce((sum, step) => sum + step.minutes, 0);
	const name = (line: string) => clock.steps.find((step) => step.line === line)?.jobName ?? line;
	/** Two small jobs of the same name are told apart by their room. */
	const titled = (line: string) => {
		const own = name(line);
		const others = clock.steps.some((step) => step.jobName === own && step.line !== line);
		const room = clock.steps.find((step) => step.line === line)?.roomName ?? '';
		return others ? `${own}, ${room}` : own;
	};
	const done = $derived(outcomes.filter((one) => one.outcome === 'done'));
	const many = $derived(run.plan.people.length > 1);
	/** Small jobs that only the session knew: what was not touched of them is let lie, and no line of its own. */
	const rest = $derived(
		outcomes.filter(
			(one) => one.outcome !== 'done' && !(isSessionsOwn(one.line) && one.outcome === 'untouched')
		)
	);
	const letLie = $derived(
		outcomes
			.filter((one) => isSessionsOwn(one.line) && one.outcome === 'untouched')
			.map((one) => titled(one.line))
	);
	const worked = $derived(clock.worked / 60_000);
	const plannedAll = $derived(clock.steps.reduce((sum, step) => sum + step.minutes, 0));
	const longest = $derived(Math.max(1, ...outcomes.map((one) => Math.max(planned(one.line), one.minutes))));
</script>

<div
	class="flex-1 grid grid-cols-[minmax(0,40fr)_minmax(0,54fr)] gap-12 items-start pt-6 pb-8 pr-11 pl-6 max-sm:flex max-sm:flex-col max-sm:items-stretch max-sm:gap-3 max-sm:py-4 max-sm:px-3.75"
>
	<div class="pail sticky top-[12svh] h-[70svh] max-h-[70svh] opacity-90 max-sm:static max-sm:h-47.5">
		<GreatPail left={Math.max(1, clock.left)} bellMinutes={clock.bellMinutes} paused />
	</div>
	<section>
		<h1 class="text-[length:clamp(2rem,4vw,3rem)]">
			{rest.length + letLie.length === 0 ? SESSION_FINISHED.allDone : SESSION_FINISHED.theSessionHasEnded}
		</h1>
		<p class="mt-3 mb-4.5 text-tag text-tin-text">
			{clock.leftAlone
				? ALONE.sum
				: done.length === 0
					? SESSION_FINISHED.nothingIsFinishedYetWhat
					: SESSION_FINISHED.done(numberWord(done.length), plural(done.length, 'job'))}
			{#if !clock.leftAlone}<b class="text-ink">{minutesText(Math.max(0.5, worked))}</b>
				{SESSION_FINISHED.minWorkedPlanned(minutesText(plannedAll))}{/if}
		</p>
		{#if clock.leftAlone && press}
			<div class="my-4 grid gap-2" role="group" aria-labelledby="alone-title">
				<h2 id="alone-title" class="m-0 font-display text-h3">{ALONE.title}</h2>
				<p class="m-0 text-tin-text">{ALONE.says}</p>
				{#each outcomes as one (one.line)}
					<div class="flex items-center justify-between gap-4">
						<span>{titled(one.line)}</span>
						<Button aria-label={ALONE.did(titled(one.line))} onclick={() => press(one.line)}
							>{ALONE.done}</Button
						>
					</div>
				{/each}
			</div>
		{/if}
		{#if stuck}<Notice tone="wrong"><span>{SESSION_FINISHED.notSavedOnTheServer}</span></Notice>{/if}
		{#if canUndo}
			<Button kind="link" type="submit" class="inline-flex! items-center! gap-2! min-h-11!" onclick={undo}
				><Glyph name="back" size={22} />{SESSION_FINISHED.undoNotDone}</Button
			>
		{/if}
		<ul class="border-t border-t-tin-1">
			{#each done as one (one.line)}
				<li class="flex items-center gap-3.5 min-h-13 py-1.5 border-b border-b-tin-1">
					<Glyph name="done" size={28} />
					<b
						>{titled(one.line)}{#if many}<span class="dim">, {run.names[one.by]}</span
							>{/if}{#if one.cutOff}<span class="dim">{SESSION_FINISHED.stoppedAtTenMinutes}</span>{/if}</b
					>
					<Stitches plan={planned(one.line)} work={one.minutes} {longest} />
					<span class="minutes min-w-27 text-right text-tin-text"
						><b class="text-ink">{minutesText(one.minutes)}</b>
						{SESSION_FINISHED.ofMin(minutesText(planned(one.line)))}</span
					>
				</li>
			{/each}
			{#each rest as one (one.line)}
				<li class="flex items-center gap-3.5 min-h-13 py-1.5 border-b border-b-tin-1">
					<Glyph name={one.outcome === 'part' ? 'part' : 'due'} size={28} />
					<span class="flex-1"
						><b>{titled(one.line)}</b><br /><span class="dim"
							>{one.outcome === 'part' ? SESSION_FINISHED.doneOf(Math.round(one.share * 100)) : ''}{run.after[
								one.line
							]}</span
						></span
					>
					{#if one.outcome === 'part'}<span class="minutes min-w-27 text-right text-tin-text"
							><b class="text-ink">{minutesText(one.minutes)}</b>
							{SESSION_FINISHED.ofMin(minutesText(planned(one.line)))}</span
						>{/if}
				</li>
			{/each}
		</ul>
		{#if letLie.length > 0}<p class="dim my-4">{SESSION_FINISHED.leftOut(letLie.join('; '))}</p>{/if}
		{#if clock.waits.length > 0}
			<p class="dim my-4">
				{SESSION_FINISHED.stillRunningByItselfIt(
					clock.waits.map((wait) => wait.label.toLowerCase()).join(', ')
				)}
			</p>
		{/if}
		{#if run.toWash.length > 0 && done.length > 0}
			<div class="my-4 flex flex-wrap items-center gap-x-4 gap-y-2">
				<span>{WASH_AFTER.what(run.toWash)}</span>
				{#if run.mayWash}
					<ActForm
						action="/laundry?/add"
						values={{ id: run.formId, kind: 'cloths', name: WASH_AFTER.load, owner: '', dry: 'line' }}
						then={{ ended: (result) => (said = wordsOf(result)) }}
					>
						<Button type="submit">{WASH_AFTER.put}</Button>
					</ActForm>
				{/if}
			</div>
		{/if}
		{#if run.plan.kind === 'bigday' && rest.length > 0 && !said}
			<ActForm action="/timer/{run.id}?/carry" then={{ ended: (result) => (said = wordsOf(result)) }}>
				<Button type="submit">{SESSION_FINISHED.moveTheRestToTomorrow}</Button>
			</ActForm>
		{/if}
		{#if said}<div class="[--page-edge:0px]"><Notice><span>{said}</span></Notice></div>{/if}
		<p class="acts flex flex-wrap items-center gap-x-6 gap-y-3 mt-6.5 max-sm:mt-5">
			<Button kind="solid" size="large" class="max-sm:w-full max-sm:min-h-21!" href="/"
				>{SESSION_FINISHED.backToToday}</Button
			>
			<span class="dim"
				>{clock.waits.length > 0
					? SESSION_FINISHED.orTakeABreakUntil
					: SESSION_FINISHED.orTakeABreakNothing}</span
			>
		</p>
	</section>
</div>

<style>
	li > :global(.stitches-line) {
		margin-left: auto;
	}
	@media (max-width: 640px) {
		li > :global(.stitches-line) {
			display: none;
		}
	}
</style>
