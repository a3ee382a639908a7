<script lang="ts">
	/** Two bottles, barred from each other. */
</script>

<svg viewBox="0 0 64 44" width="64" height="44" class="shrink-0" aria-hidden="true" fill="none">
	<g stroke="var(--cobalt-ink)" stroke-width="2.5" stroke-linejoin="round" fill="var(--enamel-hi)">
		<path d="M8 3H14V12Q19 16 19 21V38Q19 41 16 41H6Q3 41 3 38V21Q3 16 8 12Z" />
		<path d="M50 3H56V12Q61 16 61 21V38Q61 41 58 41H48Q45 41 45 38V21Q45 16 50 12Z" />
	</g>
	<path d="M28 3V41M36 3V41" stroke="var(--madder)" stroke-width="4" />
</svg>
