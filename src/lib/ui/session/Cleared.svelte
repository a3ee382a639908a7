<script lang="ts">
	/** After the closing: what was sorted, what has left the house in the year behind, and the way back. */
	import Button from '../kit/Button.svelte';
	import { SESSION_CLEARED } from '$words/screens/session';
	import type { Clearing } from '$core/clearing/clearing';
	import Container from './Container.svelte';
	import { minutesText } from '$words/general';
	import type { Running } from './running.svelte';
	let { running, clearing }: { running: Running; clearing: Clearing } = $props();
	const run = $derived(running.run);
	const boxes = $derived(clearing.walk.filter((one) => one.boxed));
	const worked = $derived(Math.max(0.5, running.clock.worked / 60_000));
</script>

<div
	class="flex-1 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-12 items-center px-11 pt-6 pb-8 max-[901px]:grid-cols-[1fr] max-[901px]:gap-5 max-[901px]:py-5 max-[901px]:px-3.75"
>
	<div
		class="grid grid-cols-[repeat(3,1fr)] gap-6 items-end border-b-5 border-b-tin-1 max-[901px]:max-h-50"
		aria-hidden="true"
	>
		<Container kind="bin" count={clearing.counts.bin} />
		<Container kind="give" count={clearing.counts.give} />
		<Container kind="put" count={clearing.counts.put} />
	</div>
	<section>
		<h1 class="text-[length:clamp(2rem,4vw,3rem)] wrap-anywhere">
			{SESSION_CLEARED.putAway(run.plan.clearing?.spot ?? '')}
		</h1>
		<p class="text-tag">
			{SESSION_CLEARED.thingsIn(clearing.counts.bin + clearing.counts.give + clearing.counts.put)}
			<b>{minutesText(worked)}</b>
			{SESSION_CLEARED.min}
			{#if clearing.bag}{SESSION_CLEARED.theGiveAwayBagStands(clearing.bag.place)}{/if}
		</p>
		{#if boxes.length > 0}
			<p>
				{SESSION_CLEARED.forAPlace(
					boxes.length === 1 ? SESSION_CLEARED.aBoxWaits : SESSION_CLEARED.boxesWait(boxes.length),
					boxes.map((one) => run.rooms.find((room) => room.id === one.room)?.name ?? '').join(', ')
				)}
			</p>
		{/if}
		{#if run.leftHouse}
			<p class="dim">
				{SESSION_CLEARED.leftTheHouseInThe(run.leftHouse.binned, run.leftHouse.given)}
			</p>
		{/if}
		<p class="acts flex flex-wrap items-center gap-x-5.5 gap-y-3">
			<Button kind="solid" size="large" href="/">{SESSION_CLEARED.backToToday}</Button><span class="dim"
				>{SESSION_CLEARED.orTakeABreakNothing}</span
			>
		</p>
	</section>
</div>
