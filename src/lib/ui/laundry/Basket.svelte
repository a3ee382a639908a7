<script lang="ts">
	/** A basket of washing, as on the shelf; empty where there is none. */
	let { size = 40, empty = false }: { size?: number; empty?: boolean } = $props();
</script>

<svg
	viewBox="0 0 72 62"
	width={size}
	height={size * 0.86}
	class="shrink-0"
	aria-hidden="true"
	fill="none"
	stroke="var(--ink)"
	stroke-width="3"
>
	{#if !empty}<path
			d="M10 28C10 12 24 8 30 16C36 4 54 6 56 18C62 18 64 22 62 28"
			fill="var(--enamel-hi)"
		/>{/if}
	<path
		d="M7 29L13 57Q13.500 60 17 60H55Q58.500 60 59 57L65 29"
		fill="var(--enamel-hi)"
		stroke="var(--cobalt-ink)"
	/>
	<path d="M3 28H69" stroke="var(--cobalt-ink)" stroke-width="5" stroke-linecap="round" />
</svg>
