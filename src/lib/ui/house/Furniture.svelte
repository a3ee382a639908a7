<script lang="ts">
	/** A few strokes of furniture by kind of room: never needed, always the same. Drawn in a box of 80 by 60. */
	let { kind, x, y, w }: { kind: string; x: number; y: number; w: number } = $props();
	const scale = $derived(Math.min(1.2, Math.max(0.7, (w - 16) / 84)));
</script>

<g
	class="furniture"
	transform="translate({x} {y}) scale({scale})"
	fill="none"
	stroke="var(--ink)"
	stroke-width="2"
	stroke-linejoin="round"
	stroke-linecap="round"
>
	{#if kind === 'kitchen'}
		<rect x="2" y="-44" width="38" height="44" fill="var(--weave-ground)" />
		<path d="M2 -34H40M8 -39h4M18 -39h4M28 -39h4M8 -26H34V-8H8Z" />
		<path d="M58 0V-30H84M58 -30H84V0M64 -62V-50M52 -44a12 10 0 0 1 24 0Z" />
	{:else if kind === 'bathroom'}
		<path d="M4 -34H70Q70 -6 56 -6H18Q4 -6 4 -34Z" fill="var(--weave-ground)" />
		<path d="M16 -6V0M58 -6V0M62 -34V-54Q62 -60 56 -60" />
	{:else if kind === 'toilet'}
		<path d="M6 -46H28L26 -34H8ZM17 -34V0" fill="var(--weave-ground)" />
		<path d="M46 -44H58V-22H46ZM44 -22H66Q66 -8 56 -6V0H46Z" fill="var(--weave-ground)" />
	{:else if kind === 'bedroom'}
		<path d="M2 -52V0M2 -26H80V0M2 -8H80" />
		<path d="M8 -38H32V-26H8Z" fill="var(--weave-ground)" />
	{:else if kind === 'child'}
		<path d="M2 -74V0M76 -74V0M2 -50H76M2 -14H76M60 -74V0M60 -60H76M60 -36H76M60 -24H76" />
		<path d="M8 -60H26V-50H8ZM8 -24H26V-14H8Z" fill="var(--weave-ground)" />
	{:else if kind === 'living'}
		<path d="M12 -36Q12 -40 16 -40H64Q68 -40 68 -36V-8H12Z" fill="var(--weave-ground)" />
		<path d="M4 -26Q14 -28 14 -18V0H4ZM76 -26Q66 -28 66 -18V0H76ZM14 -18H66" fill="var(--weave-ground)" />
	{:else if kind === 'dining'}
		<path d="M8 -32H72M16 -32V0M64 -32V0M2 -48V0M2 -22H12V0M78 -48V0M78 -22H68V0" />
	{:else if kind === 'hall'}
		<path d="M2 0V-12H16V-24H30V-36H44V-48H58V-60H72V0" />
		<path d="M2 -34L62 -84" />
	{:else if kind === 'study'}
		<path d="M4 -36H76M10 -36V0M70 -36V0M46 -36V-20H70" />
		<path d="M22 -36V-60H46V-36" fill="var(--weave-ground)" />
	{:else if kind === 'laundry'}
		<rect x="6" y="-46" width="40" height="46" fill="var(--weave-ground)" />
		<circle cx="26" cy="-20" r="12" />
		<path d="M12 -40H20M54 -60H84M58 -60V-70H70V-60M54 -34H84M60 -34V-46H80V-34" />
	{:else if kind === 'store'}
		<path
			d="M4 -66H76M4 -36H76M4 -6H76M4 -70V0M76 -70V0M12 -66V-78H30V-66M40 -36V-52H64V-36M14 -36V-48H28V-36"
		/>
	{:else if kind === 'loft'}
		<path d="M6 -28H40V0H6ZM46 -20H74V0H46ZM14 -28V-44H34V-28M6 -14H40" fill="var(--weave-ground)" />
	{:else if kind === 'outside'}
		<path
			d="M10 -22H30L26 0H14ZM20 -22V-44M20 -34Q8 -36 8 -48Q20 -46 20 -34Q32 -36 32 -50Q20 -48 20 -34M46 -24H78M52 -24V0M72 -24V0M46 -12H78"
		/>
	{:else}
		<path d="M4 -10H76V-22L62 -26L54 -40H24L14 -26L4 -22Z" fill="var(--weave-ground)" />
		<circle cx="20" cy="-8" r="8" fill="var(--weave-ground)" />
		<circle cx="60" cy="-8" r="8" fill="var(--weave-ground)" />
	{/if}
</g>
