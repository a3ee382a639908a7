<script lang="ts">
	/** A stretch of the Line, sagging between two points. It is stretched to its place, its stroke is not. */
	let { sag = 9 }: { sag?: number } = $props();
</script>

<svg viewBox="0 0 100 24" preserveAspectRatio="none" aria-hidden="true">
	<path
		d="M0 3Q50 {3 + 2 * sag} 100 3"
		fill="none"
		stroke="var(--ink)"
		stroke-width="2"
		vector-effect="non-scaling-stroke"
	/>
</svg>

<style>
	svg {
		position: absolute;
		left: 0;
		top: 0;
		width: 100%;
		height: 24px;
		pointer-events: none;
	}
	@media (max-width: 640px) {
		svg {
			display: none;
		}
	}
</style>
