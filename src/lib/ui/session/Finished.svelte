<script lang="ts">
	/** After the last step, or when the pail was set down: what got done, the minutes, what is left and where it goes. */
	import type { JobOutcome, SessionState } from '$core/session/sessionState';
	import { isSessionsOwn } from '$core/session/sessionPlan';
	import type { ActionResult } from '@sveltejs/kit';
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import { ALONE } from '$words/session';
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

<div class="finished">
	<div class="pail"><GreatPail left={Math.max(1, clock.left)} bellMinutes={clock.bellMinutes} paused /></div>
	<section>
		<h1>{rest.length + letLie.length === 0 ? 'All done.' : 'The session has ended.'}</h1>
		<p class="sum">
			{clock.leftAlone
				? ALONE.sum
				: done.length === 0
					? 'Nothing is finished yet. What you began is kept.'
					: `${numberWord(done.length)} ${plural(done.length, 'job')} done.`}
			{#if !clock.leftAlone}<b>{minutesText(Math.max(0.5, worked))}</b> min worked, {minutesText(plannedAll)} planned.{/if}
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
		{#if stuck}<Notice tone="wrong"
				><span>Not saved on the server yet. It is kept and sent again.</span></Notice
			>{/if}
		{#if canUndo}
			<button class="text-link undo" onclick={undo}><Glyph name="back" size={22} />Undo, not done</button>
		{/if}
		<ul>
			{#each done as one (one.line)}
				<li>
					<Glyph name="done" size={28} />
					<b
						>{titled(one.line)}{#if many}<span class="dim">, {run.names[one.by]}</span
							>{/if}{#if one.cutOff}<span class="dim">, stopped at ten minutes</span>{/if}</b
					>
					<Stitches plan={planned(one.line)} work={one.minutes} {longest} />
					<span class="minutes"
						><b>{minutesText(one.minutes)}</b> of {minutesText(planned(one.line))} min</span
					>
				</li>
			{/each}
			{#each rest as one (one.line)}
				<li>
					<Glyph name={one.outcome === 'part' ? 'part' : 'due'} size={28} />
					<span class="words"
						><b>{titled(one.line)}</b><br /><span class="dim"
							>{one.outcome === 'part' ? `${Math.round(one.share * 100)} % done, ` : ''}{run.after[
								one.line
							]}</span
						></span
					>
					{#if one.outcome === 'part'}<span class="minutes"
							><b>{minutesText(one.minutes)}</b> of {minutesText(planned(one.line))} min</span
						>{/if}
				</li>
			{/each}
		</ul>
		{#if letLie.length > 0}<p class="dim note">Left out: {letLie.join('; ')}.</p>{/if}
		{#if clock.waits.length > 0}
			<p class="dim note">
				Still running by itself: {clock.waits.map((wait) => wait.label.toLowerCase()).join(', ')}. It stays on
				Today with its time.
			</p>
		{/if}
		{#if run.plan.kind === 'bigday' && rest.length > 0 && !said}
			<ActForm action="/timer/{run.id}?/carry" then={{ ended: (result) => (said = wordsOf(result)) }}>
				<button class="plain">Move the rest to tomorrow</button>
			</ActForm>
		{/if}
		{#if said}<div class="said"><Notice><span>{said}</span></Notice></div>{/if}
		<p class="acts">
			<a class="sign" href="/">Back to Today</a>
			<span class="dim"
				>{clock.waits.length > 0
					? 'Or take a break until it rings.'
					: 'Or take a break. Nothing rings.'}</span
			>
		</p>
	</section>
</div>

<style>
	.finished {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 40fr) minmax(0, 54fr);
		gap: 48px;
		align-items: start;
		padding: 24px 44px 32px 24px;
	}
	.note {
		margin: 16px 0;
	}
	.said {
		--page-edge: 0px;
	}
	/* The list may be long: the pail stays where it is seen. */
	.pail {
		position: sticky;
		top: 12svh;
		height: 70svh;
		max-height: 70svh;
		opacity: 0.9;
	}
	h1 {
		margin: 0;
		font-size: clamp(2rem, 4vw, 3rem);
	}
	.sum {
		margin: 12px 0 18px;
		font-size: 1.1875rem;
		color: var(--tin-text);
	}
	.sum b {
		color: var(--ink);
	}
	.undo {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		border-top: 1px solid var(--tin-1);
	}
	li {
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: 52px;
		padding: 6px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	li > :global(.stitches-line) {
		margin-left: auto;
	}
	.minutes {
		min-width: 108px;
		text-align: right;
		color: var(--tin-text);
	}
	.words {
		flex: 1;
	}
	.minutes b {
		color: var(--ink);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 12px 24px;
		margin: 26px 0 0;
	}
	@media (max-width: 640px) {
		.finished {
			display: flex;
			flex-direction: column;
			align-items: stretch;
			gap: 12px;
			padding: 16px 15px;
		}
		.pail {
			position: static;
			height: 190px;
		}
		.sign {
			width: 100%;
			min-height: 84px;
		}
		.acts {
			margin-top: 20px;
		}
		li > :global(.stitches-line) {
			display: none;
		}
	}
</style>
