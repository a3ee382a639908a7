<script lang="ts">
	/** While a clearing runs: one thing at a time, three containers to count into. */
	import Button from '../kit/Button.svelte';
	import { SESSION_CLEARING_RUN } from '$words/screens/session';
	import TextField from '../kit/TextField.svelte';
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
	const KINDS: readonly (readonly [Kind, string, string])[] = [
		['bin', SESSION_CLEARING_RUN.bin, SESSION_CLEARING_RUN.brokenNobodyWouldBuyIt],
		['give', SESSION_CLEARING_RUN.giveAway, SESSION_CLEARING_RUN.goodButNotNeeded],
		['put', SESSION_CLEARING_RUN.putAway, SESSION_CLEARING_RUN.oursInTheWrongPlace]
	];
	const INTO = {
		bin: SESSION_CLEARING_RUN.toTheBin,
		give: SESSION_CLEARING_RUN.toGiveAway,
		put: SESSION_CLEARING_RUN.toPutAway
	};
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

<div
	class={[
		'clearing flex-1 grid grid-cols-[minmax(0,0.8fr)_minmax(0,1.2fr)] grid-rows-[auto_auto_auto_auto_1fr_auto] gap-x-12 px-edge pt-2.5 pb-4 max-sm:flex max-sm:flex-col max-sm:px-3.75 max-sm:pt-2.5 max-sm:pb-3',
		running.atBell && 'bg-cobalt-wash'
	]}
>
	<RunHeader {running}>
		{#if zone}<span class="plate">{zone.number}</span>{/if}
		<b class="text-tag min-w-0 wrap-anywhere"
			>{plan?.spot}{SESSION_CLEARING_RUN.portion[plan?.portion ?? 'all']}</b
		>
	</RunHeader>
	<div class="great">
		<GreatPail left={clock.left} bellMinutes={clock.bellMinutes} paused={clock.phase === 'paused'} />
	</div>
	<h1 class="mt-1.5" aria-live="polite">
		{running.atBell
			? SESSION_CLEARING_RUN.timeIsUpStopSorting
			: clock.phase === 'paused'
				? SESSION_CLEARING_RUN.paused
				: SESSION_CLEARING_RUN.oneThingAtATime}
	</h1>
	<p
		class="linen mt-3 py-3 px-4 [border-block:var(--stitch)] max-sm:-mx-3.75 max-sm:mt-2 max-sm:mb-0 max-sm:py-2.5 max-sm:px-3.75"
	>
		<b>{SESSION_CLEARING_RUN.cannotDecide}</b>
		{SESSION_CLEARING_RUN.theFirstThoughtCounts}
	</p>
	<RunNotices {running} {message} />
	{#if running.atBell}
		<div class="grid gap-3.5 content-center mt-5">
			<Button
				kind="solid"
				size="large"
				type="submit"
				class="min-h-30! text-[1.75rem]!"
				data-giant
				onclick={() => running.press('closing', null, {})}>{SESSION_CLEARING_RUN.nowPutItAway}</Button
			>
			<Button type="submit" onclick={() => running.press('fiveMore', null, {}, false)}
				>{SESSION_CLEARING_RUN.fiveMoreMinutes}</Button
			>
		</div>
	{:else}
		<div class="relative grid grid-cols-3 items-end gap-3 mt-3 max-sm:gap-1.5">
			{#each KINDS as [kind, name, why] (kind)}
				<form
					class="h-full w-full"
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
						class="h-full w-full flex flex-col items-center justify-end p-1 border-0 rounded-[14px] [background:none] text-ink [touch-action:manipulation] text-center active:bg-cobalt-wash"
						name="kind"
						value="counted"
						disabled={clock.phase === 'paused'}
						aria-label={SESSION_CLEARING_RUN.soFar(name, clearing.counts[kind])}
					>
						<span
							class="w-[min(100%,170px)] flex-1 min-h-0 grid items-end max-sm:w-full max-sm:h-40 max-sm:flex-none"
							><Container {kind} count={clearing.counts[kind]} /></span
						>
						<b class="mt-2 font-display font-normal text-h3 max-sm:text-[1.125rem] max-sm:whitespace-nowrap"
							>{name}</b
						><span class="dim min-h-[2.8em] max-w-[15em] max-sm:min-h-[4.1em] max-sm:leading-[1.25]"
							>{why}</span
						>
					</button>
				</form>
			{/each}
			<span class="floor" aria-hidden="true"></span>
		</div>
		<div
			class="flex flex-wrap items-center gap-x-4 gap-y-2.5 mt-3 max-sm:gap-x-2.5 max-sm:gap-y-1.5 max-sm:mt-1"
		>
			<TextField
				label={CLEARING.what}
				hideLabel
				class="w-[15em] max-sm:w-auto max-sm:flex-1"
				maxlength={60}
				placeholder={CLEARING.whatAsk}
				bind:value={thing}
			/>
			<div class="min-w-44 max-sm:w-full">
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
				<Button
					type="submit"
					class="flex-1 max-sm:flex-[1_0_100%]"
					onclick={() => running.press('uncounted', null, { into: clearing.last?.into }, false)}
					>{SESSION_CLEARING_RUN.undo(ordinal(clearing.last.count), INTO[clearing.last.into])}</Button
				>
			{/if}
			<Button kind="link" type="submit" onclick={() => running.press('closing', null, {}, false)}
				>{SESSION_CLEARING_RUN.theSpotIsClearPut}</Button
			>
		</div>
	{/if}
</div>

<style>
	.clearing > :global(*) {
		grid-column: 2;
	}
	.clearing > :global(header) {
		grid-column: 1 / -1;
	}
	.great {
		grid-column: 1;
		grid-row: 2 / -1;
		min-height: 0;
		max-height: 72svh;
	}
	@media (max-width: 640px) {
		.great {
			flex: 1 1 0;
			min-height: 130px;
			max-height: 230px;
		}
	}
</style>
