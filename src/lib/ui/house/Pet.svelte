<script lang="ts">
	/** An animal in outline, or filled where it is chosen. 48 by 48. */
	let { kind, filled = false, size = 48 }: { kind: string; filled?: boolean; size?: number } = $props();
	const paths: Record<string, string> = {
		cat: 'M14 44Q8 30 12 20Q9 15 10 5L16 9H22L28 5Q29 15 26 20Q35 28 34 44Z',
		dog: 'M6 20L12 12H20L24 16V22H38Q42 22 42 16M24 22L20 24V44H14V28M42 22V44H36V34H24M12 16h1',
		bird: 'M8 20Q14 10 22 14Q36 18 40 34Q26 38 18 30Q14 26 14 22ZM40 34L46 40M20 33V42M27 35V42M12 42H34M12 18h1',
		small: 'M10 40Q6 26 18 22L16 8Q20 6 22 18L26 8Q30 8 26 20Q34 24 34 30Q44 30 42 40ZM17 28h1',
		fish: 'M6 24Q18 10 34 22L44 14V34L34 26Q18 38 6 24ZM14 22h1'
	};
</script>

<svg width={size} height={size} viewBox="0 0 48 48" aria-hidden="true">
	<path
		d={paths[kind] ?? 'M10 30Q24 20 38 30Q24 40 10 30Z'}
		fill={filled ? 'var(--ink)' : 'none'}
		stroke="var(--ink)"
		stroke-width="2"
		stroke-linejoin="round"
		stroke-linecap="round"
		stroke-dasharray={kind === 'none' ? '3 4' : undefined}
	/>
</svg>
