<script lang="ts">
	/** How likely it is that all of it is done before the end: ten pegs on a line, and words. */
	import { chanceText } from '$words/session';
	let { chance }: { chance: number } = $props();
	const pegs = $derived(Math.max(0, Math.min(10, Math.round(chance * 10))));
	const words = $derived(chanceText(pegs));
</script>

<div class="chance">
	<span class="pegs" aria-hidden="true">
		<svg viewBox="0 0 100 12" preserveAspectRatio="none"
			><path
				d="M0 3Q50 11 100 3"
				fill="none"
				stroke="var(--ink)"
				stroke-width="2"
				vector-effect="non-scaling-stroke"
			/></svg
		>
		{#each { length: 10 }, i (i)}
			<svg class="peg" class:open={i >= pegs} width="11" height="32" viewBox="11 0 10 32"
				><path d="M12 5Q12 2 16 2T20 5V30H17.4V15.5H14.6V30H12Z" /></svg
			>
		{/each}
	</span>
	<b>{words}</b>
</div>

<style>
	.chance {
		display: flex;
		align-items: center;
		gap: 18px;
	}
	.pegs {
		position: relative;
		display: flex;
		gap: 12px;
		padding: 4px 10px 0;
	}
	.pegs > svg:first-child {
		position: absolute;
		inset: 8px 0 auto;
		width: 100%;
		height: 12px;
	}
	.peg {
		position: relative;
		fill: var(--wood);
		stroke: var(--wood-deep);
	}
	.peg.open {
		fill: var(--linen-hi);
		stroke: var(--tin-2);
	}
	@media (max-width: 900px) {
		.pegs {
			display: none;
		}
	}
</style>
