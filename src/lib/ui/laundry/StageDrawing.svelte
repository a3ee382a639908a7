<script lang="ts">
	/** What stands on the shelf for each stage: basket, machine, airer, table, drawers. */
	let { stage }: { stage: string } = $props();
</script>

<svg
	viewBox="0 0 84 72"
	width="84"
	height="72"
	aria-hidden="true"
	fill="none"
	stroke="var(--ink)"
	stroke-width="2.4"
	stroke-linejoin="round"
	stroke-linecap="round"
>
	{#if stage === 'collected'}
		<path d="M18 38C14 20 30 14 36 22C44 10 60 18 58 38" fill="var(--enamel-hi)" />
		<path d="M8 38H76L68 71H16Z" fill="var(--enamel-hi)" />
		<path d="M11 49H73M14 60H70M30 38L33 71M54 38L51 71" />
	{:else if stage === 'washing'}
		<rect x="14" y="4" width="56" height="67" rx="4" fill="var(--enamel-hi)" />
		<path d="M22 12h10M14 20H70" /><circle cx="60" cy="12" r="2" fill="var(--ink)" />
		<circle cx="42" cy="45" r="19" fill="var(--enamel-hi)" />
		<path d="M25 44Q33 38 42 46T59 45A17 17 0 0 1 25 50Z" fill="var(--water)" stroke="none" />
	{:else if stage === 'drying'}
		<path d="M10 71L16 14M74 71L68 14M12 16Q42 26 72 16" />
		<path d="M22 19V58H42V22M22 50H42M50 22V50H66V18M50 44H66" fill="var(--enamel-hi)" />
	{:else if stage === 'folding'}
		<path d="M4 48H80M12 48V71M72 48V71" />
		<rect x="16" y="36" width="32" height="11" rx="4" fill="var(--enamel-hi)" /><rect
			x="18"
			y="25"
			width="29"
			height="11"
			rx="4"
			fill="var(--enamel-hi)"
		/><rect x="19" y="14" width="27" height="11" rx="4" fill="var(--enamel-hi)" />
		<rect x="54" y="38" width="24" height="9" rx="4" fill="var(--enamel-hi)" />
	{:else}
		<rect x="12" y="4" width="60" height="67" rx="3" fill="var(--enamel-hi)" />
		<path d="M12 26H72M12 48H72M35 15h14M35 37h14M35 59h14" />
	{/if}
</svg>
