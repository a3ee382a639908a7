<script lang="ts">
	/** Minutes as sewing: a thin thread and an upright mark for the plan, thick stitches for the work. */
	let {
		plan,
		work,
		longest,
		width = 120
	}: { plan: number | null; work: number; longest: number; width?: number } = $props();
	const x = (minutes: number) => 2 + (Math.min(minutes, longest) / longest) * (width - 6);
	const stitch = 11;
	const sewn = $derived(
		Array.from({ length: Math.max(1, Math.ceil(x(work) / stitch)) }, (_, i) => ({
			from: i * stitch + 2,
			to: Math.min(i * stitch + stitch - 1, Math.max(6, x(work)))
		})).filter((s) => s.to > s.from)
	);
</script>

<svg class="stitches-line" {width} height="18" viewBox="0 0 {width} 18" aria-hidden="true">
	{#if plan !== null}<path d="M2 9H{x(plan)}" stroke="var(--tin-2)" stroke-width="2" />{/if}
	{#each sewn as s (s.from)}<path d="M{s.from} 9H{s.to}" stroke="var(--cobalt-ink)" stroke-width="6" />{/each}
	{#if plan !== null}<path d="M{x(plan)} 1V17" stroke="var(--ink)" stroke-width="2" />{/if}
</svg>

<style>
	svg {
		display: block;
		flex: none;
	}
</style>
