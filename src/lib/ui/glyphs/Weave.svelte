<script lang="ts">
	/** A piece of a zone's cloth, filling its place. Always with the zone's plate or name near it. */
	let { weave }: { weave: string } = $props();
</script>

<svg class="weave" aria-hidden="true" width="100%" height="100%">
	<rect width="100%" height="100%" fill="url(#weave-{weave})" />
</svg>

<style>
	.weave {
		display: block;
		width: 100%;
		height: 100%;
	}
	@media print {
		.weave {
			filter: grayscale(1);
		}
	}
</style>
