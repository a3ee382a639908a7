<script lang="ts">
	/** A small measuring pail with its minutes; the chosen one is filled. */
	let {
		minutes,
		size,
		full = false,
		level = null
	}: { minutes: string; size: number; full?: boolean; level?: number | null } = $props();
	const top = $derived(level === null ? (full ? 16 : 60) : 60 - level * 40);
</script>

<svg width={size} height={size * 0.97} viewBox="0 0 64 62" class:full aria-hidden="true">
	<path d="M8 16C12 -4 52 -4 56 16" fill="none" stroke="var(--tin-2)" stroke-width="2.6" />
	<path
		class="wall"
		d="M6 16H58L52 56Q51.4 60 47.4 60H16.6Q12.6 60 12 56Z"
		stroke-width="2.6"
		stroke-linejoin="round"
	/>
	{#if top < 60}
		<path
			class="water"
			d="M{6 + ((top - 16) / 44) * 6 + 3} {top}H{58 -
				((top - 16) / 44) * 6 -
				3}L50 55Q49.6 57.4 47.4 57.4H16.6Q14.4 57.4 14 55Z"
		/>
	{/if}
	<path d="M4 16H60" stroke="var(--cobalt-ink)" stroke-width="6" stroke-linecap="round" />
	{#if minutes}<text x="32" y="46" text-anchor="middle" font-size="21">{minutes}</text>{/if}
</svg>

<style>
	svg {
		display: block;
		font-family: var(--font-text);
		font-weight: 750;
		flex: none;
	}
	.wall {
		fill: var(--enamel-hi);
		stroke: var(--cobalt-ink);
	}
	.water {
		fill: var(--cobalt);
	}
	text {
		/* Drawn from one size of letters, whatever the size of the pail: each size of its own is asked of the system by itself. */
		text-rendering: geometricPrecision;
		fill: var(--cobalt-ink);
	}
	.full text {
		fill: var(--on-cobalt);
	}
</style>
