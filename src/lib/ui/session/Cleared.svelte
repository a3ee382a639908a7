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

<div class="cleared">
	<div class="three" aria-hidden="true">
		<Container kind="bin" count={clearing.counts.bin} />
		<Container kind="give" count={clearing.counts.give} />
		<Container kind="put" count={clearing.counts.put} />
	</div>
	<section>
		<h1>{run.plan.clearing?.spot}: put away</h1>
		<p class="sum">
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
		<p class="acts">
			<a class="sign" href="/">Back to Today</a><span class="dim">Or take a break. Nothing rings.</span>
		</p>
	</section>
</div>

<style>
	.cleared {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 48px;
		align-items: center;
		padding: 24px 44px 32px;
	}
	.three {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 24px;
		align-items: end;
		border-bottom: 5px solid var(--tin-1);
	}
	h1 {
		font-size: clamp(2rem, 4vw, 3rem);
		margin: 0;
		overflow-wrap: anywhere;
	}
	.sum {
		font-size: 1.1875rem;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 12px 22px;
	}
	@media (max-width: 900px) {
		.cleared {
			grid-template-columns: 1fr;
			gap: 20px;
			padding: 20px 15px;
		}
		.three {
			max-height: 200px;
		}
	}
</style>
