<script lang="ts">
	/** While a clearing runs: one thing at a time, three containers to count into. */
	import { CLEARING } from '$words/session';
	import Choice from '../kit/Choice.svelte';
	import type { Clearing } from '$core/clearing/clearing';
	import type { Container as Kind } from '$core/session/sessionPlan';
	import Container from './Container.svelte';
	import GreatPail from './GreatPail.svelte';
	import RunHeader from './RunHeader.svelte';
	import RunNotices from './RunNotices.svelte';
	import type { Running } from './running.svelte';
	let { running, clearing, message }: { running: Running; clearing: Clearing; message: string } = $props();
	const run = $derived(running.run);
	const plan = $derived(run.plan.clearing);
	const clock = $derived(running.clock);
	const zone = $derived(plan ? (run.zones[plan.room] ?? null) : null);
	const PORTION = { all: '', half: ', half of it', quarter: ', a quarter of it' };
	const KINDS: readonly (readonly [Kind, string, string])[] = [
		['bin', 'Bin', 'Broken, nobody would buy it'],
		['give', 'Give away', 'Good, but not needed'],
		['put', 'Put away', 'Ours, in the wrong place']
	];
	const INTO = { bin: 'to the bin', give: 'to give away', put: 'to put away' };
	/** A thing that is ours has a place: which room, and what it is. Both may be left for the walk. */
	let thing = $state('');
	let belongs = $state('');
	const rooms = $derived([...run.rooms].sort((a, b) => a.walkOrder - b.walkOrder));
	function count(into: Kind) {
		const detail =
			into === 'put' ? { into, room: belongs || undefined, thing: thing.trim() || undefined } : { into };
		running.press('counted', null, detail, false);
		if (into === 'put') thing = '';
	}
	const ordinal = (n: number) =>
		`${n}${n % 100 > 10 && n % 100 < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th')}`;
</script>

<div class="clearing" class:rung={running.atBell}>
	<RunHeader {running}>
		{#if zone}<span class="plate">{zone.number}</span>{/if}
		<b class="spot">{plan?.spot}{PORTION[plan?.portion ?? 'all']}</b>
	</RunHeader>
	<div class="great">
		<GreatPail left={clock.left} bellMinutes={clock.bellMinutes} paused={clock.phase === 'paused'} />
	</div>
	<h1 aria-live="polite">
		{running.atBell
			? 'Time is up. Stop sorting.'
			: clock.phase === 'paused'
				? 'Paused'
				: 'One thing at a time'}
	</h1>
	<p class="linen prompt">
		<b>Cannot decide?</b> The first thought counts.
	</p>
	<RunNotices {running} {message} />
	{#if running.atBell}
		<div class="close">
			<button class="sign" data-giant onclick={() => running.press('closing', null, {})}
				>Now put it away</button
			>
			<button class="plain" onclick={() => running.press('fiveMore', null, {}, false)}
				>Five more minutes</button
			>
		</div>
	{:else}
		<div class="three">
			{#each KINDS as [kind, name, why] (kind)}
				<form
					method="post"
					action="?/event"
					onsubmit={(event) => {
						event.preventDefault();
						count(kind);
					}}
				>
					<input type="hidden" name="seed" value={running.run.formId} />
					<input type="hidden" name="into" value={kind} />
					<button
						name="kind"
						value="counted"
						disabled={clock.phase === 'paused'}
						aria-label="{name}, {clearing.counts[kind]} so far"
					>
						<span class="drawn"><Container {kind} count={clearing.counts[kind]} /></span>
						<b>{name}</b><span class="dim">{why}</span>
					</button>
				</form>
			{/each}
			<span class="floor" aria-hidden="true"></span>
		</div>
		<div class="foot">
			<label
				><span class="sr">{CLEARING.what}</span><input
					class="field"
					maxlength="60"
					placeholder={CLEARING.whatAsk}
					bind:value={thing}
				/></label
			>
			<div class="where min-w-44">
				<Choice
					label={CLEARING.where}
					hideLabel
					options={[
						{ value: '', label: CLEARING.whereAsk },
						...rooms.map((room) => ({ value: room.id, label: room.name }))
					]}
					bind:value={belongs}
				/>
			</div>
			{#if clearing.last}
				<button
					class="plain undo"
					onclick={() => running.press('uncounted', null, { into: clearing.last?.into }, false)}
					>Undo: {ordinal(clearing.last.count)} {INTO[clearing.last.into]}</button
				>
			{/if}
			<button class="text-link" onclick={() => running.press('closing', null, {}, false)}
				>The spot is clear, put things away</button
			>
		</div>
	{/if}
</div>

<style>
	.clearing {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 0.8fr) minmax(0, 1.2fr);
		grid-template-rows: auto auto auto auto 1fr auto;
		column-gap: 48px;
		padding: 10px calc(var(--page-edge) - var(--rim)) 16px;
	}
	.clearing > :global(*) {
		grid-column: 2;
	}
	.clearing > :global(header) {
		grid-column: 1 / -1;
	}
	.rung {
		background: var(--cobalt-wash);
	}
	.great {
		grid-column: 1;
		grid-row: 2 / -1;
		min-height: 0;
		max-height: 72svh;
	}
	.spot {
		font-size: 1.1875rem;
		min-width: 0;
		overflow-wrap: anywhere;
	}
	h1 {
		margin: 6px 0 0;
	}
	.prompt {
		margin: 12px 0 0;
		padding: 12px 16px;
		border-block: var(--stitch);
	}
	.three {
		position: relative;
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		align-items: end;
		gap: 12px;
		margin-top: 12px;
	}
	.three form,
	.three button {
		height: 100%;
		width: 100%;
	}
	.three button {
		display: flex;
		flex-direction: column;
		align-items: center;
		justify-content: flex-end;
		padding: 4px;
		border: 0;
		border-radius: 14px;
		background: none;
		color: var(--ink);
		touch-action: manipulation;
		text-align: center;
	}
	.three button:active {
		background: var(--cobalt-wash);
	}
	.three b {
		margin-top: 8px;
		font-family: var(--font-display);
		font-weight: 400;
		font-size: var(--t-h3);
	}
	.three .dim {
		min-height: 2.8em;
		max-width: 15em;
	}
	.drawn {
		display: block;
		width: min(100%, 170px);
		flex: 1;
		min-height: 0;
		display: grid;
		align-items: end;
	}
	.foot {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 10px 16px;
		margin-top: 12px;
	}
	.foot .field {
		width: 15em;
	}
	.undo {
		flex: 1;
	}
	.close {
		display: grid;
		gap: 14px;
		align-content: center;
		margin-top: 20px;
	}
	.close .sign {
		min-height: 120px;
		font-size: 1.75rem;
	}
	@media (max-width: 640px) {
		.clearing {
			display: flex;
			flex-direction: column;
			padding: 10px 15px 12px;
		}
		.great {
			flex: 1 1 0;
			min-height: 130px;
			max-height: 230px;
		}
		.prompt {
			margin: 8px -15px 0;
			padding: 10px 15px;
		}
		.three {
			gap: 6px;
		}
		.drawn {
			width: 100%;
			height: 160px;
			flex: none;
		}
		.three b {
			font-size: 1.125rem;
			white-space: nowrap;
		}
		.three .dim {
			min-height: 4.1em;
			line-height: 1.25;
		}
		.foot {
			gap: 6px 10px;
			margin-top: 4px;
		}
		.foot label {
			flex: 1;
			min-width: 0;
		}
		.foot .field,
		.where {
			width: 100%;
		}
		.undo {
			flex: 1 0 100%;
		}
	}
</style>
