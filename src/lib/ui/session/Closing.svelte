<script lang="ts">
	/** The closing of a clearing, with its own clock: bin bag out, the give-away bag, the walk room after room, the zone. */
	import Button from '../kit/Button.svelte';
	import { SESSION_CLOSING } from '$words/screens/session';
	import Check from '../kit/Check.svelte';
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
	const roomName = (room: string) =>
		run.rooms.find((one) => one.id === room)?.name ?? SESSION_CLOSING.whereverTheyBelong;
	const weave = (room: string) => run.rooms.find((one) => one.id === room)?.weave ?? null;
	const minutes = $derived(Math.round(plan?.closingMinutes ?? 12));
	const digits = $derived.by(() => {
		const left = Math.max(0, Math.ceil(clearing.closingLeft / 1000));
		return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`;
	});
	const paused = $derived(running.clock.phase === 'paused');
	let place = $state(SESSION_CLOSING.byTheDoor);
	let carrier = $state('');
	let leavesOn = $state('');
	let boxed = $state(false);
	const say = (kind: SessionEventKind, detail: EventDetail = {}, guarded = false) =>
		running.press(kind, null, detail, guarded);
	const nextThings = $derived(next ? `${next.count} ${plural(next.count, 'thing')}` : '');
	const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
	const CLUTTER = [
		['clear', SESSION_CLOSING.clear],
		['nearly', SESSION_CLOSING.nearly],
		['not-yet', SESSION_CLOSING.notYet]
	] as const;
	function giant() {
		if (clearing.next === 'bin') say('binOut', {}, true);
		else if (clearing.next === 'bag')
			say(
				'bagPlaced',
				{
					place: place.trim() || SESSION_CLOSING.byTheDoor,
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
		clearing.next === 'bin'
			? SESSION_CLOSING.bagIsOut
			: clearing.next === 'bag'
				? SESSION_CLOSING.bagStandsThere
				: SESSION_CLOSING.putAwayNext
	);
	const people = $derived(Object.entries(run.names));
</script>

<div
	class="flex-1 grid grid-cols-[minmax(0,1.25fr)_minmax(0,0.75fr)] grid-rows-[auto_1fr] gap-x-12 gap-y-2 px-edge pt-2.5 pb-4.5 max-[901px]:flex max-[901px]:flex-none max-[901px]:flex-col max-[901px]:h-[calc(100svh_-_2_*_var(--rim)_-_var(--own-strip,0px))] max-[901px]:px-3.75 max-[901px]:pt-2.5 max-[901px]:pb-3.75"
>
	<header class="col-span-full flex flex-wrap items-center gap-3">
		<BitePail
			minutes=""
			size={40}
			level={Math.max(0, Math.min(1, clearing.closingLeft / (minutes * 60_000)))}
		/>
		<b
			class="text-[1.5rem] text-cobalt-ink font-plate"
			role="img"
			aria-label={SESSION_CLOSING.ofMinutesToClose(digits, minutes)}>{digits}</b
		><span class="dim whitespace-nowrap max-[901px]:hidden">{SESSION_CLOSING.ofToClose(minutes)}</span>
		{#if running.clock.phase !== 'over'}
			<Button
				type="submit"
				class="whitespace-nowrap max-[901px]:py-0! max-[901px]:px-2.5! first-of-type:ml-auto"
				onclick={() => say(paused ? 'resumed' : 'paused')}
				>{paused ? SESSION_CLOSING.continue : SESSION_CLOSING.pause}</Button
			>
			<Button
				type="submit"
				class="whitespace-nowrap max-[901px]:py-0! max-[901px]:px-2.5! first-of-type:ml-auto"
				onclick={() => say('setDown')}>{SESSION_CLOSING.finishLater}</Button
			>
		{:else}<Button
				class="whitespace-nowrap max-[901px]:py-0! max-[901px]:px-2.5! first-of-type:ml-auto"
				href="/">{SESSION_CLOSING.today}</Button
			>{/if}
	</header>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div
		class="line side-line grid content-start gap-3 pl-10 max-[901px]:flex-1 max-[901px]:min-h-0 max-[901px]:pl-7.5 max-[901px]:overflow-y-auto max-[901px]:before:left-3"
		tabindex="0"
		role="region"
		aria-label={SESSION_CLOSING.whatIsPutAway}
	>
		<h1>{SESSION_CLOSING.nowPutItAway}</h1>
		<p class="dim">
			{SESSION_CLOSING.sortedBinGiveAwayPut(clearing.counts.bin, clearing.counts.give, clearing.counts.put)}
		</p>
		<RunNotices {running} {message} />
		{#if clearing.counts.bin > 0}
			<div
				class={[
					'row side-peg linen relative flex items-center gap-4 py-3 pr-4.5 pl-15 max-[901px]:pr-3 max-[901px]:pl-12.5 max-[901px]:before:-left-6.5 max-[901px]:before:w-8',
					clearing.next === 'bin'
						? 'bg-enamel-hi [box-shadow:inset_0_0_0_2px_var(--cobalt-ink),var(--sh-cloth)]'
						: 'shadow-cloth'
				]}
			>
				<Glyph name={clearing.binOut ? 'done' : 'due'} size={34} />
				<span class="grid flex-1 min-w-0 gap-0.5"
					><b>{SESSION_CLOSING.binBagOutside}</b><span class="dim"
						>{clearing.binOut
							? SESSION_CLOSING.itIsOut
							: SESSION_CLOSING.tiedUpNow(clearing.counts.bin, plural(clearing.counts.bin, 'thing'))}</span
					></span
				>
			</div>
		{/if}
		{#if clearing.counts.give > 0}
			<div
				class="label relative flex items-center gap-4 [--shape:polygon(34px_0,100%_0,100%_100%,34px_100%,0_66%,0_34%)] py-3.5 pr-4.5 pl-14.5 bg-cobalt-ink [clip-path:var(--shape)] [box-shadow:none] before:absolute before:inset-0.5 before:[background:radial-gradient(circle_at_26px_50%,var(--cobalt-ink)_5px,var(--enamel-hi)_6px)] before:[clip-path:var(--shape)]"
			>
				<svg viewBox="0 0 44 50" width="44" height="50" aria-hidden="true"
					><path
						d="M12 16V9Q12 2 16 2T20 9V16M24 16V9Q24 2 28 2T32 9V16"
						fill="none"
						stroke="var(--cobalt-ink)"
						stroke-width="3"
					/><path d="M5 16H39L41 46H3Z" fill="var(--linen-hi)" stroke="var(--ink)" stroke-width="2" /><text
						class="font-plate text-[17px] fill-ink"
						x="22"
						y="38"
						text-anchor="middle">{clearing.counts.give}</text
					></svg
				>
				{#if clearing.bag}
					<span class="grid flex-1 min-w-0 gap-0.5"
						><b>{SESSION_CLOSING.giveAwayBagOf(clearing.bag.place)}</b><span class="dim"
							>{SESSION_CLOSING.leavesStaysOnTheList(
								run.errands.find((one) => one.date === clearing.bag?.leavesOn)?.words ??
									clearing.bag.leavesOn,
								clearing.bag.carrier ? SESSION_CLOSING.withCarrier(run.names[clearing.bag.carrier] ?? '') : ''
							)}</span
						></span
					>
				{:else}
					<span class="grid flex-1 min-w-0 gap-0.5">
						<b>{SESSION_CLOSING.giveAwayBag}</b>
						<span class="fields flex flex-wrap gap-x-4 gap-y-2.5 mt-1.5">
							<TextField label={SESSION_CLOSING.whereItLeavesTheHouse} maxlength={80} bind:value={place} />
							<Choice
								label={SESSION_CLOSING.on}
								bind:value={leavesOn}
								options={run.errands.map((day, i) => ({ value: i === 0 ? '' : day.date, label: day.words }))}
							/>
							{#if people.length > 1}<Choice
									label={SESSION_CLOSING.withIt}
									bind:value={carrier}
									options={[
										{ value: '', label: SESSION_CLOSING.anybody },
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
			<div
				class={[
					'row side-peg linen relative flex items-center gap-4 py-3 pr-4.5 pl-15 max-[901px]:pr-3 max-[901px]:pl-12.5 max-[901px]:before:-left-6.5 max-[901px]:before:w-8',
					isNext
						? 'bg-enamel-hi [box-shadow:inset_0_0_0_2px_var(--cobalt-ink),var(--sh-cloth)]'
						: 'shadow-cloth',
					one.walked && 'opacity-85'
				]}
			>
				{#if weave(one.room)}<span class="band absolute left-4.5 top-0 bottom-0 w-6"
						><Weave weave={weave(one.room) ?? ''} /></span
					>{/if}
				<Glyph name={one.walked ? 'done' : 'due'} size={isNext ? 36 : 30} />
				<span class="grid flex-1 min-w-0 gap-0.5">
					{#if isNext}<span class="text-cobalt-ink font-name">{SESSION_CLOSING.nextRoom}</span>{/if}
					<b class={[isNext && 'font-display font-normal text-h1 leading-[1.1]']}>{roomName(one.room)}</b>
					<span class="dim"
						>{one.things.length > 0 ? sentence(listNames(one.things)) : ''}{one.boxed
							? SESSION_CLOSING.inABoxBesideIts
							: ''}</span
					>
					{#if isNext}
						<Check label={SESSION_CLOSING.thePlaceIsFullA} bind:checked={boxed} />
					{/if}
				</span>
				<span
					class={[
						'text-h3 font-figure whitespace-nowrap',
						isNext && 'max-[901px]:absolute max-[901px]:right-3 max-[901px]:top-3'
					]}>{isNext ? nextThings : one.count}</span
				>
			</div>
		{/each}
		{#if clearing.next === 'judge'}
			<div
				class="row side-peg relative flex items-center gap-4 py-3 pr-4.5 pl-15 bg-enamel-hi [box-shadow:inset_0_0_0_2px_var(--cobalt-ink),var(--sh-cloth)] max-[901px]:pr-3 max-[901px]:pl-12.5 max-[901px]:before:-left-6.5 max-[901px]:before:w-8"
			>
				<span class="grid flex-1 min-w-0 gap-0.5">
					<b class="font-display font-normal text-h1 leading-[1.1]"
						>{SESSION_CLOSING.howIsItNow(run.zones[plan?.room ?? '']?.name ?? SESSION_CLOSING.theZone)}</b
					>
					<span class="fields flex flex-wrap gap-x-4 gap-y-2.5 mt-1.5">
						{#each CLUTTER as [clutter, words] (clutter)}
							<Button type="submit" onclick={() => say('judged', { clutter })}>{words}</Button>
						{/each}
					</span>
				</span>
			</div>
		{/if}
		<p class="dim">{SESSION_CLOSING.whatIsLeftStaysOn}</p>
	</div>
	{#if clearing.next !== null && clearing.next !== 'judge'}
		<div
			class="press self-end sticky bottom-4.5 max-[901px]:static max-[901px]:self-stretch max-[901px]:pt-2.5"
		>
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
	.label > :global(*) {
		position: relative;
	}
</style>
