<script lang="ts">
	/** The enamel measuring pail: the water sinks as time runs, the digits stand in it and read at every level. */
	let {
		left,
		bellMinutes,
		paused = false
	}: { left: number; bellMinutes: number; paused?: boolean } = $props();
	const TOP = 196;
	const FLOOR = 586;
	const share = $derived(Math.max(0, Math.min(1, left / (bellMinutes * 60_000))));
	const yOf = (part: number) => FLOOR - part * (FLOOR - TOP);
	const y = $derived(yOf(share));
	const inner = (at: number) => 52 + ((at - 152) / 436) * 63;
	const water = $derived(
		`M${inner(y)} ${y}Q281 ${y + 32} ${562 - inner(y)} ${y}L${562 - inner(580)} 580Q281 612 ${inner(580)} 580Z`
	);
	const surface = $derived(
		`M${inner(y)} ${y}Q281 ${y - 18} ${562 - inner(y)} ${y}Q281 ${y + 32} ${inner(y)} ${y}Z`
	);
	/** Whole seconds as people count them: up to the next one while time runs, down over your time. */
	const seconds = $derived(left > 0 ? Math.ceil(left / 1000) : Math.floor(-left / 1000));
	const digits = $derived(
		`${left > 0 ? '' : '+'}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
	);
	/** Within the walls at every level, with air on both sides. */
	const size = $derived(digits.length <= 4 ? 152 : digits.length === 5 ? 122 : 98);
	const every = $derived(
		bellMinutes <= 6 ? 1 : bellMinutes <= 12 ? 2 : bellMinutes <= 30 ? 5 : bellMinutes <= 60 ? 10 : 30
	);
	const marks = $derived(
		Array.from({ length: Math.max(0, Math.ceil(bellMinutes / every) - 1) }, (_, i) => (i + 1) * every)
	);
	const uid = $props.id();
</script>

<svg
	viewBox="-34 0 620 640"
	role="img"
	aria-label="{left > 0 ? `${digits} left` : `${digits} over your time`}{paused ? ', paused' : ''}"
>
	<defs>
		<linearGradient id="{uid}-wall" x1="0" x2="1" y1="0" y2="0">
			<stop offset="0" stop-color="var(--pail-wall-edge)" />
			<stop offset=".2" stop-color="var(--pail-wall)" />
			<stop offset=".72" stop-color="var(--pail-wall)" />
			<stop offset="1" stop-color="var(--pail-wall-edge)" />
		</linearGradient>
		<linearGradient id="{uid}-water" x1="0" x2="1" y1="0" y2="0">
			<stop offset="0" stop-color="var(--water-edge)" />
			<stop offset=".3" stop-color="var(--water)" />
			<stop offset=".6" stop-color="var(--water)" />
			<stop offset="1" stop-color="var(--water-edge)" />
		</linearGradient>
		<clipPath id="{uid}-wet"><path d={water} /><path d={surface} /></clipPath>
	</defs>
	<ellipse cx="281" cy="606" rx="206" ry="17" fill="var(--ink)" opacity=".11" />
	<path d="M46 140C46 -24 516 -24 516 140" fill="none" stroke="var(--tin-2)" stroke-width="7" />
	<rect
		x="220"
		y="4"
		width="122"
		height="26"
		rx="12"
		fill="var(--wood)"
		stroke="var(--wood-deep)"
		stroke-width="2"
	/>
	<path
		d="M42 150H520L456 588Q281 624 106 588Z"
		fill="url(#{uid}-wall)"
		stroke="var(--pail-rim)"
		stroke-width="6"
		stroke-linejoin="round"
	/>
	{#if share > 0}
		<path d={water} fill="url(#{uid}-water)" />
		<path d={surface} fill="var(--water-top)" />
	{/if}
	<rect x="24" y="132" width="514" height="21" rx="10.5" fill="var(--pail-rim)" />
	<path d="M42 137.500H466" stroke="var(--pail-wall)" stroke-width="2" opacity=".45" stroke-linecap="round" />
	<circle cx="45" cy="143" r="8" fill="var(--tin-2)" /><circle cx="517" cy="143" r="8" fill="var(--tin-2)" />
	{#each marks as mark (mark)}
		{@const at = yOf(mark / bellMinutes)}
		<path
			d="M{inner(at) - 40} {at - 2}L{inner(at) - 16} {at}"
			stroke="var(--pail-rim)"
			stroke-width="4"
			stroke-linecap="round"
		/>
		<text class="measure" x={inner(at) - 50} y={at + 6} text-anchor="end">{mark}</text>
	{/each}
	<g class="digits" style:font-size="{size}px" class:past={left <= 0} class:paused aria-hidden="true">
		<text class="dry" x="281" y={378 + size * 0.28} text-anchor="middle">{digits}</text>
		{#if share > 0}<text
				class="wet"
				x="281"
				y={378 + size * 0.28}
				text-anchor="middle"
				clip-path="url(#{uid}-wet)">{digits}</text
			>{/if}
	</g>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
		font-family: var(--font-text);
	}
	.measure {
		font-size: 25px;
		font-weight: var(--w-figure);
		fill: var(--tin-text);
	}
	.digits {
		font-weight: 780;
		font-variant-numeric: var(--figures);
	}
	.dry {
		fill: var(--time-dry);
	}
	.wet {
		fill: var(--time-wet);
	}
	.past .dry {
		fill: var(--tin-text);
	}
	.paused {
		opacity: 0.72;
	}
</style>
