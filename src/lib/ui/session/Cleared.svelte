<script lang="ts">
	/** After the closing: what was sorted, what has left the house in the year behind, and the way back. */
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
		<h1 class="text-[length:clamp(2rem,4vw,3rem)] wrap-anywhere">{run.plan.clearing?.spot}: put away</h1>
		<p class="text-tag">
			{clearing.counts.bin + clearing.counts.give + clearing.counts.put} things in
			<b>{minutesText(worked)}</b>
			min.
			{#if clearing.bag}The give-away bag stands {clearing.bag.place} and stays on the list until it has left.{/if}
		</p>
		{#if boxes.length > 0}
			<p>
				{boxes.length === 1 ? 'A box waits' : `${boxes.length} boxes wait`} for a place: {boxes
					.map((one) => run.rooms.find((room) => room.id === one.room)?.name ?? '')
					.join(', ')}.
			</p>
		{/if}
		{#if run.leftHouse}
			<p class="dim">
				Left the house in the last twelve months: {run.leftHouse.binned} to the bin, {run.leftHouse.given} given
				away.
			</p>
		{/if}
		<p class="acts flex flex-wrap items-center gap-x-5.5 gap-y-3">
			<a class="sign" href="/">Back to Today</a><span class="dim">Or take a break. Nothing rings.</span>
		</p>
	</section>
</div>
