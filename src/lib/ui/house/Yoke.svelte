<script lang="ts">
	/** A yoke: left what is asked, right what the week holds. Too heavy tips left and turns brass. */
	let { asked, held, tilt, heavy }: { asked: number; held: number; tilt: number; heavy: boolean } = $props();
	const angle = $derived(tilt * 9);
	const dy = $derived(Math.sin((angle * Math.PI) / 180) * 74);
	const most = $derived(Math.max(asked, held, 1));
	const level = (minutes: number) => 30 * Math.min(1, minutes / most);
</script>

<svg viewBox="0 0 196 84" width="124" height="53" aria-hidden="true">
	<circle cx="98" cy="6" r="3.5" fill="var(--tin-2)" />
	<path d="M98 6V22" stroke="var(--tin-2)" stroke-width="2" />
	<g transform="rotate({angle} 98 24)">
		<path
			d="M22 26Q36 16 56 16Q78 16 88 22Q98 28 108 22Q118 16 140 16Q160 16 174 26"
			fill="none"
			stroke="var(--wood-deep)"
			stroke-width="10"
			stroke-linecap="round"
		/>
		<path
			d="M22 26Q36 16 56 16Q78 16 88 22Q98 28 108 22Q118 16 140 16Q160 16 174 26"
			fill="none"
			stroke="var(--wood)"
			stroke-width="7.5"
			stroke-linecap="round"
		/>
	</g>
	{#each [[24, -dy, asked, heavy], [172, dy, held, false]] as [x, y, minutes, brass], i (i)}
		<g transform="translate({x} {26 + Number(y)})">
			<path d="M-14 14L0 0L14 14" fill="none" stroke="var(--tin-2)" stroke-width="1.6" />
			<path
				d="M-17 14H17L13 46H-13Z"
				fill="var(--weave-ground)"
				stroke="var(--cobalt-ink)"
				stroke-width="2.4"
				stroke-linejoin="round"
			/>
			<path
				d="M{-13.4 - (level(Number(minutes)) / 30) * 1.8} {45 - level(Number(minutes))}H{13.4 +
					(level(Number(minutes)) / 30) * 1.8}L11.6 44.6H-11.6Z"
				fill={brass ? 'var(--brass)' : 'var(--cobalt)'}
			/>
			<path d="M-19 14H19" stroke="var(--cobalt-ink)" stroke-width="4" stroke-linecap="round" />
		</g>
	{/each}
</svg>

<style>
	svg {
		display: block;
		flex: none;
		overflow: visible;
	}
</style>
