<script lang="ts">
	/** A stretch of the Line, sagging between two points. It is stretched to its place, its stroke is not. */
	let { sag = 9 }: { sag?: number } = $props();
</script>

<svg
	class="pointer-events-none absolute top-0 left-0 h-6 w-full max-sm:hidden"
	viewBox="0 0 100 24"
	preserveAspectRatio="none"
	aria-hidden="true"
>
	<path
		d="M0 3Q50 {3 + 2 * sag} 100 3"
		fill="none"
		stroke="var(--ink)"
		stroke-width="2"
		vector-effect="non-scaling-stroke"
	/>
</svg>
