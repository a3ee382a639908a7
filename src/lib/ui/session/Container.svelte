<script lang="ts">
	/** A container on the floor: lidded enamel bin, linen bag, wicker basket; the count stands on it. */
	let { kind, count }: { kind: 'bin' | 'give' | 'put'; count: number | null } = $props();
	const uid = $props.id();
</script>

<svg viewBox="0 0 120 200" aria-hidden="true">
	{#if kind === 'bin'}
		<path d="M44 24V14Q44 3 60 3T76 14V24" fill="none" stroke="var(--cobalt-ink)" stroke-width="7" />
		<path d="M14 44Q16 24 36 24H84Q104 24 106 44H114V54H6V44Z" fill="var(--cobalt)" />
		<path d="M14 60H106L98 190Q97 198 89 198H31Q23 198 22 190Z" fill="var(--cobalt)" />
		<path
			d="M21 67H99L92 186Q91.5 191 87 191H33Q28.5 191 28 186Z"
			fill="none"
			stroke="var(--on-cobalt)"
			stroke-width="2.5"
		/>
	{:else if kind === 'give'}
		<path
			d="M36 56V30Q36 8 45 8T54 30V56M66 56V30Q66 8 75 8T84 30V56"
			fill="none"
			stroke="var(--cobalt-ink)"
			stroke-width="6"
		/>
		<path
			d="M12 56H108L116 184Q116 198 102 198H18Q4 198 4 184Z"
			fill="var(--linen-hi)"
			stroke="var(--ink)"
			stroke-width="3"
			stroke-linejoin="round"
		/>
		<path d="M14 68H106" stroke="var(--cobalt-ink)" stroke-width="4" stroke-dasharray="9 6" />
		<path d="M8 168H112V178H8Z" fill="var(--linen-deep)" />
	{:else}
		<defs>
			<pattern id="{uid}-wicker" width="16" height="16" patternUnits="userSpaceOnUse">
				<rect width="16" height="16" fill="var(--linen-hi)" /><rect
					width="8"
					height="8"
					fill="var(--wood)"
				/><rect x="8" y="8" width="8" height="8" fill="var(--wood)" />
			</pattern>
		</defs>
		<path d="M18 72Q18 14 60 14T102 72" fill="none" stroke="var(--wood-deep)" stroke-width="11" />
		<path d="M18 72Q18 14 60 14T102 72" fill="none" stroke="var(--wood)" stroke-width="7" />
		<path
			d="M8 76H112L102 190Q101 198 93 198H27Q19 198 18 190Z"
			fill="url(#{uid}-wicker)"
			stroke="var(--wood-deep)"
			stroke-width="3"
		/>
		<rect
			x="3"
			y="66"
			width="114"
			height="14"
			rx="7"
			fill="var(--wood)"
			stroke="var(--wood-deep)"
			stroke-width="3"
		/>
		<rect
			x="30"
			y="96"
			width="60"
			height="72"
			rx="9"
			fill="var(--enamel-hi)"
			stroke="var(--wood-deep)"
			stroke-width="3"
		/>
	{/if}
	{#if count !== null}
		<text
			x="60"
			y={kind === 'put' ? 149 : 150}
			text-anchor="middle"
			class={kind}
			font-size={count > 99 ? 34 : count > 9 && kind === 'put' ? 42 : 52}>{count}</text
		>
	{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		max-height: 100%;
		position: relative;
		z-index: 1;
	}
	text {
		font-family: var(--font-text);
		font-weight: 780;
		font-variant-numeric: tabular-nums lining-nums;
		fill: var(--ink);
	}
	.bin {
		fill: var(--on-cobalt);
	}
</style>
