<script lang="ts">
	/** A clothes peg: wood, for illustration only. */
	let { side = false }: { side?: boolean } = $props();
</script>

<svg class:side width="11" height="32" viewBox="11 0 10 32" aria-hidden="true">
	<path d="M12 5Q12 2 16 2T20 5V30H17.4V15.5H14.6V30H12Z" fill="var(--wood)" stroke="var(--wood-deep)" />
</svg>

<style>
	svg {
		display: block;
		flex: none;
	}
	.side {
		transform: rotate(90deg);
	}
</style>
