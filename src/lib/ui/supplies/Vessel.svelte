<script lang="ts">
	/** A product as it stands on the shelf: as full as it is said to be. What must not meet the chosen one is barred. */
	import type { Vessel } from '$core/cupboard/products';
	import type { Level } from '$core/cupboard/shopping';
	let {
		vessel,
		level,
		barred = false,
		height = 112
	}: { vessel: Vessel; level: Level; barred?: boolean; height?: number } = $props();
	const id = $props.id();
	const BODY: Readonly<Record<Vessel, string>> = {
		spray: 'M14 44L20 27H42L48 44V98Q48 105 41 105H21Q14 105 14 98Z',
		bottle: 'M26 18H38V36Q45 44 45 55V98Q45 105 38 105H26Q19 105 19 98V55Q19 44 26 36Z',
		jug: 'M9 46Q9 28 22 25H36Q49 28 49 46V98Q49 105 42 105H16Q9 105 9 98Z',
		jar: 'M12 34H52V98Q52 105 45 105H19Q12 105 12 98Z',
		tin: 'M14 30H50V105H14Z',
		tub: 'M8 46H56L51 98Q50 105 44 105H20Q14 105 13 98Z'
	};
	const TOP: Readonly<Record<Vessel, string>> = {
		spray: 'M25 15H37V27H25ZM5 11L12 4H42Q46 4 46 8V15H12Z',
		bottle: 'M23 8H41V17H23Z',
		jug: 'M21 14H37V25H21ZM18 7H40V14H18ZM49 50Q62 50 62 63Q62 76 49 76',
		jar: 'M9 23H55V34H9Z',
		tin: 'M14 30Q32 19 50 30Q32 37 14 30Z',
		tub: 'M5 36H59V46H5Z'
	};
	/** Where what is in it reaches up to. */
	const TO: Readonly<Record<Level, number>> = { plenty: 58, low: 92, out: 106 };
	const stroke = $derived(barred ? 'var(--madder)' : 'var(--cobalt-ink)');
	const fill = $derived(barred ? 'var(--madder-wash)' : level === 'low' ? 'var(--brass)' : 'var(--water)');
</script>

<svg viewBox="0 0 66 108" width={(height * 66) / 108} {height} aria-hidden="true" class="block" fill="none">
	<clipPath id="in-{id}"><path d={BODY[vessel]} /></clipPath>
	<path d={BODY[vessel]} fill="var(--enamel-hi)" />
	<rect x="0" y={TO[level]} width="66" height={108 - TO[level]} {fill} clip-path="url(#in-{id})" />
	<path d={BODY[vessel]} {stroke} stroke-width="3" stroke-linejoin="round" />
	<path
		d={TOP[vessel]}
		{stroke}
		stroke-width="3"
		stroke-linejoin="round"
		fill={vessel === 'jug' ? 'none' : 'var(--enamel-hi)'}
	/>
	{#if barred}<path d="M1 62H65M1 72H65" stroke="var(--madder)" stroke-width="3.5" />{/if}
</svg>
