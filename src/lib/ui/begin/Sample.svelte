<script lang="ts">
	/** A sample of the stuff itself: boards, tiles, glass. A peg and a rim mean chosen. */
	import Peg from '../glyphs/Peg.svelte';
	let { stuff, chosen }: { stuff: string; chosen: boolean } = $props();
	const wood = ['boards', 'wood', 'laminate'];
	const specks = ['cork', 'concrete'];
	const joints = ['tiles', 'tile', 'grout'];
	const waves = ['lino', 'wool'];
	const sheen = ['steel', 'aluminium', 'plated', 'enamel'];
</script>

<span
	class={[
		'relative block w-15 h-12.5 rounded-[10px]',
		chosen
			? '[box-shadow:0_0_0_2px_var(--enamel-hi),0_0_0_4.5px_var(--cobalt-ink)]'
			: '[box-shadow:0_0_0_1.5px_var(--tin-2)]'
	]}
>
	{#if chosen}<span class="absolute -top-4 left-[50%] -ml-1.25 z-1"><Peg /></span>{/if}
	<svg class="block w-full h-full rounded-[10px]" viewBox="0 0 72 64" aria-hidden="true">
		<rect width="72" height="64" fill="var(--enamel-hi)" />
		{#if wood.includes(stuff)}
			<rect width="72" height="64" fill="var(--wood)" opacity={stuff === 'laminate' ? 0.45 : 0.8} />
			<path
				d="M0 16H72M0 32H72M0 48H72M26 0V16M52 16V32M14 32V48M44 48V64"
				stroke="var(--wood-deep)"
				stroke-width="2"
				fill="none"
			/>
			{#if stuff !== 'laminate'}<path
					d="M6 8q10 4 18-1M34 24q9 4 14 0M22 41q12 4 24-1"
					stroke="var(--wood-deep)"
					fill="none"
				/>{/if}
		{:else if specks.includes(stuff)}
			<rect width="72" height="64" fill={stuff === 'cork' ? 'var(--wood)' : 'var(--tin-1)'} opacity="0.7" />
			{#each [[10, 12], [30, 8], [52, 14], [64, 30], [20, 30], [40, 34], [10, 50], [32, 54], [54, 48], [44, 22]] as [x, y], i (i)}
				<circle cx={x} cy={y} r={2 + (i % 3)} fill={stuff === 'cork' ? 'var(--wood-deep)' : 'var(--tin-2)'} />
			{/each}
		{:else if joints.includes(stuff)}
			<path
				d="M0 22H72M0 44H72M24 0V64M48 0V64"
				stroke="var(--tin-2)"
				stroke-width={stuff === 'grout' ? 5 : 2}
				fill="none"
			/>
			<path d="M54 30l8-9" stroke="var(--tin-1)" stroke-width="3" />
		{:else if waves.includes(stuff)}
			<rect width="72" height="64" fill={stuff === 'wool' ? 'var(--linen)' : 'var(--tin-1)'} opacity="0.8" />
			{#each [8, 22, 36, 50] as y (y)}
				<path
					d="M0 {y}q12 -9 24 0t24 0t24 0"
					stroke={stuff === 'wool' ? 'var(--wood)' : 'var(--enamel-hi)'}
					stroke-width="3"
					fill="none"
				/>
			{/each}
		{:else if sheen.includes(stuff)}
			<rect
				width="72"
				height="64"
				fill={stuff === 'plated' ? 'var(--brass)' : 'var(--tin-1)'}
				opacity={stuff === 'enamel' ? 0.3 : 0.8}
			/>
			<path d="M18 0V64M24 0V64M54 0V64" stroke="var(--enamel-hi)" stroke-width="5" opacity="0.7" />
			{#if stuff === 'enamel'}<rect
					x="3"
					y="3"
					width="66"
					height="58"
					fill="none"
					stroke="var(--cobalt-ink)"
					stroke-width="4"
				/>{/if}
		{:else if stuff === 'stone'}
			<rect width="72" height="64" fill="var(--tin-1)" opacity="0.6" />
			<path
				d="M0 20L26 26L34 0M26 26L20 50L0 46M20 50L40 64M34 0L60 18L72 10M60 18L52 44L26 26M52 44L72 54"
				stroke="var(--tin-2)"
				stroke-width="2"
				fill="none"
			/>
		{:else if stuff === 'glass'}
			<path d="M36 4V60M4 34H68" stroke="var(--tin-2)" stroke-width="4" />
			<path d="M8 26L24 8M14 28L30 10M44 56L64 38" stroke="var(--cobalt-wash)" stroke-width="6" />
			<rect x="3" y="3" width="66" height="58" fill="none" stroke="var(--tin-2)" stroke-width="3" />
		{:else if stuff === 'carpet'}
			<rect width="72" height="64" fill="var(--tin-1)" opacity="0.7" />
			{#each Array.from({ length: 30 }, (_, i) => i) as i (i)}
				<path
					d="M{(i % 6) * 12 + 4} {Math.floor(i / 6) * 13 + 8}l3 4l3-4"
					stroke="var(--tin-2)"
					fill="none"
				/>
			{/each}
		{:else if stuff === 'screen'}
			<rect x="6" y="10" width="60" height="40" rx="3" fill="var(--ink)" />
			<path d="M26 58H46M36 50V58M14 42L30 18" stroke="var(--tin-2)" stroke-width="3" />
		{:else if stuff === 'hob'}
			<rect x="4" y="4" width="64" height="56" rx="4" fill="var(--ink)" />
			{#each [[22, 22], [50, 22], [22, 44], [50, 44]] as [x, y] (`${x} ${y}`)}<circle
					cx={x}
					cy={y}
					r="9"
					fill="none"
					stroke="var(--tin-2)"
					stroke-width="2"
				/>{/each}
		{:else if stuff === 'paint' || stuff === 'matt'}
			<rect x="6" y="6" width="28" height="52" fill="none" stroke="var(--tin-2)" stroke-width="2" />
			<rect
				x="38"
				y="6"
				width="28"
				height="52"
				fill={stuff === 'matt' ? 'var(--linen)' : 'none'}
				stroke="var(--tin-2)"
				stroke-width="2"
			/>
			<path d="M30 32v6M42 32v6" stroke="var(--ink)" stroke-width="2" />
		{:else}
			<rect
				x="8"
				y="8"
				width="56"
				height="48"
				rx="14"
				fill="var(--cobalt-wash)"
				stroke="var(--tin-2)"
				stroke-width="2"
			/>
		{/if}
	</svg>
</span>
