<script lang="ts">
	/** The closing of a clearing, with its own clock: bin bag out, the give-away bag, the walk room after room, the zone. */
	import TextField from '../kit/TextField.svelte';
	import Choice from '../kit/Choice.svelte';
	import type { Clearing } from '$core/clearing/clearing';
	import type { EventDetail, SessionEventKind } from '$core/session/sessionPlan';
	import BitePail from '../glyphs/BitePail.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { listNames, plural } from '$words/general';
	import GiantButton from './GiantButton.svelte';
	import RunNotices from './RunNotices.svelte';
	import type { Running } from './running.svelte';
	let { running, clearing, message }: { running: Running; clearing: Clearing; message: string } = $props();
	const run = $derived(running.run);
	const plan = $derived(run.plan.clearing);
	const rest = $derived(clearing.walk.filter((one) => !one.walked));
	const next = $derived(rest[0] ?? null);
	const roomName = (room: string) => run.rooms.find((one) => one.id === room)?.name ?? 'Wherever they belong';
	const weave = (room: string) => run.rooms.find((one) => one.id === room)?.weave ?? null;
	const minutes = $derived(Math.round(plan?.closingMinutes ?? 12));
	const digits = $derived.by(() => {
		const left = Math.max(0, Math.ceil(clearing.closingLeft / 1000));
		return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`;
	});
	const paused = $derived(running.clock.phase === 'paused');
	let place = $state('by the door');
	let carrier = $state('');
	let leavesOn = $state('');
	let boxed = $state(false);
	const say = (kind: SessionEventKind, detail: EventDetail = {}, guarded = false) =>
		running.press(kind, null, detail, guarded);
	const nextThings = $derived(next ? `${next.count} ${plural(next.count, 'thing')}` : '');
	const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
	const CLUTTER = [
		['clear', 'Clear'],
		['nearly', 'Nearly'],
		['not-yet', 'Not yet']
	] as const;
	function giant() {
		if (clearing.next === 'bin') say('binOut', {}, true);
		else if (clearing.next === 'bag')
			say(
				'bagPlaced',
				{
					place: place.trim() || 'by the door',
					carrier: carrier || undefined,
					leavesOn: leavesOn || run.errands[0]?.date
				},
				true
			);
		else if (clearing.next === 'walk' && next) {
			say('walked', { room: next.room, boxed }, true);
			boxed = false;
		}
	}
	const label = $derived(
		clearing.next === 'bin' ? 'Bag is out' : clearing.next === 'bag' ? 'Bag stands there' : 'Put away, next'
	);
	const people = $derived(Object.entries(run.names));
</script>

<div class="closing">
	<header>
		<BitePail
			minutes=""
			size={40}
			level={Math.max(0, Math.min(1, clearing.closingLeft / (minutes * 60_000)))}
		/>
		<b class="digits" role="img" aria-label="{digits} of {minutes} minutes to close">{digits}</b><span
			class="dim">of {minutes} to close</span
		>
		{#if running.clock.phase !== 'over'}
			<button class="plain" onclick={() => say(paused ? 'resumed' : 'paused')}
				>{paused ? 'Continue' : 'Pause'}</button
			>
			<button class="plain" onclick={() => say('setDown')}>Finish later</button>
		{:else}<a class="plain" href="/">Today</a>{/if}
	</header>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="line side-line" tabindex="0" role="region" aria-label="What is put away">
		<h1>Now put it away</h1>
		<p class="dim">
			Sorted: {clearing.counts.bin} bin, {clearing.counts.give} give away, {clearing.counts.put} put away.
		</p>
		<RunNotices {running} {message} />
		{#if clearing.counts.bin > 0}
			<div class="row side-peg linen" class:towel={clearing.next === 'bin'}>
				<Glyph name={clearing.binOut ? 'done' : 'due'} size={34} />
				<span class="text"
					><b>Bin bag outside</b><span class="dim"
						>{clearing.binOut
							? 'it is out'
							: `${clearing.counts.bin} ${plural(clearing.counts.bin, 'thing')}, tied up now`}</span
					></span
				>
			</div>
		{/if}
		{#if clearing.counts.give > 0}
			<div class="label">
				<svg viewBox="0 0 44 50" width="44" height="50" aria-hidden="true"
					><path
						d="M12 16V9Q12 2 16 2T20 9V16M24 16V9Q24 2 28 2T32 9V16"
						fill="none"
						stroke="var(--cobalt-ink)"
						stroke-width="3"
					/><path d="M5 16H39L41 46H3Z" fill="var(--linen-hi)" stroke="var(--ink)" stroke-width="2" /><text
						x="22"
						y="38"
						text-anchor="middle">{clearing.counts.give}</text
					></svg
				>
				{#if clearing.bag}
					<span class="text"
						><b>Give-away bag, {clearing.bag.place}</b><span class="dim"
							>Leaves {run.errands.find((one) => one.date === clearing.bag?.leavesOn)?.words ??
								clearing.bag.leavesOn}{clearing.bag.carrier
								? ` with ${run.names[clearing.bag.carrier] ?? ''}`
								: ''}. Stays on the list until it has left.</span
						></span
					>
				{:else}
					<span class="text">
						<b>Give-away bag</b>
						<span class="fields">
							<TextField label="Where it leaves the house" maxlength={80} bind:value={place} />
							<Choice
								label="On"
								bind:value={leavesOn}
								options={run.errands.map((day, i) => ({ value: i === 0 ? '' : day.date, label: day.words }))}
							/>
							{#if people.length > 1}<Choice
									label="With"
									bind:value={carrier}
									options={[
										{ value: '', label: 'anybody' },
										...people.map(([id, name]) => ({ value: id, label: name }))
									]}
								/>{/if}
						</span>
					</span>
				{/if}
			</div>
		{/if}
		{#each clearing.walk as one (one.room)}
			{@const isNext = clearing.next === 'walk' && one === next}
			<div class="row side-peg linen" class:towel={isNext} class:walked={one.walked}>
				{#if weave(one.room)}<span class="band"><Weave weave={weave(one.room) ?? ''} /></span>{/if}
				<Glyph name={one.walked ? 'done' : 'due'} size={isNext ? 36 : 30} />
				<span class="text">
					{#if isNext}<span class="cobalt">Next room</span>{/if}
					<b class:big={isNext}>{roomName(one.room)}</b>
					<span class="dim"
						>{one.things.length > 0 ? sentence(listNames(one.things)) : ''}{one.boxed
							? ' In a box beside its place.'
							: ''}</span
					>
					{#if isNext}
						<label class="box"
							><input type="checkbox" bind:checked={boxed} />The place is full: a box beside it</label
						>
					{/if}
				</span>
				<span class="n">{isNext ? nextThings : one.count}</span>
			</div>
		{/each}
		{#if clearing.next === 'judge'}
			<div class="row side-peg towel">
				<span class="text">
					<b class="big">{run.zones[plan?.room ?? '']?.name ?? 'The zone'}: how is it now?</b>
					<span class="fields">
						{#each CLUTTER as [clutter, words] (clutter)}
							<button class="plain" onclick={() => say('judged', { clutter })}>{words}</button>
						{/each}
					</span>
				</span>
			</div>
		{/if}
		<p class="dim">What is left stays on today’s list.</p>
	</div>
	{#if clearing.next !== null && clearing.next !== 'judge'}
		<div class="press">
			<GiantButton
				{running}
				kind={clearing.next === 'bin' ? 'binOut' : clearing.next === 'bag' ? 'bagPlaced' : 'walked'}
				{label}
				onpress={giant}
			/>
		</div>
	{/if}
</div>

<style>
	.closing {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 1.25fr) minmax(0, 0.75fr);
		grid-template-rows: auto 1fr;
		gap: 8px 48px;
		padding: 10px calc(var(--page-edge) - var(--rim)) 18px;
	}
	header {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 12px;
	}
	header .plain:first-of-type {
		margin-left: auto;
	}
	header .plain,
	header .dim {
		white-space: nowrap;
	}
	.digits {
		font-size: 1.5rem;
		color: var(--cobalt-ink);
		font-weight: 780;
	}
	.line {
		display: grid;
		align-content: start;
		gap: 12px;
		padding-left: 40px;
	}
	h1,
	.line > .dim {
		margin: 0;
	}
	.row,
	.label {
		position: relative;
		display: flex;
		align-items: center;
		gap: 16px;
		padding: 12px 18px 12px 60px;
		box-shadow: var(--sh-cloth);
	}
	.towel {
		background: var(--enamel-hi);
		box-shadow:
			inset 0 0 0 2px var(--cobalt-ink),
			var(--sh-cloth);
	}
	.walked {
		opacity: 0.85;
	}
	.label {
		--shape: polygon(34px 0, 100% 0, 100% 100%, 34px 100%, 0 66%, 0 34%);
		padding: 14px 18px 14px 58px;
		background: var(--cobalt-ink);
		clip-path: var(--shape);
		box-shadow: none;
	}
	.label::before {
		content: '';
		position: absolute;
		inset: 2px;
		background: radial-gradient(circle at 26px 50%, var(--cobalt-ink) 5px, var(--enamel-hi) 6px);
		clip-path: var(--shape);
	}
	.label > :global(*) {
		position: relative;
	}
	.label text {
		font-weight: 780;
		font-size: 17px;
		fill: var(--ink);
	}
	.band {
		position: absolute;
		left: 18px;
		top: 0;
		bottom: 0;
		width: 24px;
	}
	.text {
		display: grid;
		flex: 1;
		min-width: 0;
		gap: 2px;
	}
	.big {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: var(--t-h1);
		line-height: 1.1;
	}
	.cobalt {
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
	}
	.n {
		font-size: 1.3125rem;
		font-weight: var(--w-figure);
		white-space: nowrap;
	}
	.fields {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 16px;
		margin-top: 6px;
	}
	.box {
		display: inline-flex;
		align-items: center;
		gap: 10px;
		min-height: 44px;
	}
	.box input {
		width: 26px;
		height: 26px;
		accent-color: var(--cobalt);
	}
	.press {
		align-self: end;
		position: sticky;
		bottom: 18px;
	}
	@media (max-width: 900px) {
		.closing {
			display: flex;
			flex: none;
			flex-direction: column;
			height: calc(100svh - 2 * var(--rim) - var(--own-strip, 0px));
			padding: 10px 15px 15px;
		}
		header .plain {
			padding: 0 10px;
		}
		header .dim {
			display: none;
		}
		.line {
			flex: 1;
			min-height: 0;
			padding-left: 30px;
			overflow-y: auto;
		}
		.line::before {
			left: 12px;
		}
		.row {
			padding-left: 50px;
			padding-right: 12px;
		}
		.row::before {
			left: -26px;
			width: 32px;
		}
		.towel .n {
			position: absolute;
			right: 12px;
			top: 12px;
		}
		.press {
			position: static;
			align-self: stretch;
			padding-top: 10px;
		}
	}
</style>
