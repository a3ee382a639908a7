<script lang="ts">
	/** The house cut open: cobalt walls, ink furniture, each room in its zone's weave under a pale wash. */
	import { HOUSE_DOLL_HOUSE } from '$words/screens/house';
	import Furniture from './Furniture.svelte';
	import { drawSection, type Box } from './section';
	interface DrawnRoom {
		readonly id: string;
		readonly name: string;
		readonly kind: string;
		readonly storey: number;
		readonly minutes: number;
		readonly weave?: string | null;
		readonly number?: number | null;
		/** The weave it would have: shown half. */
		readonly next?: string | null;
	}
	let {
		rooms,
		chosen = null,
		cat = null,
		hrefOf = null,
		plates = true,
		label,
		least = 86,
		nextRoom = null
	}: {
		rooms: readonly DrawnRoom[];
		chosen?: string | null;
		/** The animal that sits on the roof. */
		cat?: string | null;
		hrefOf?: ((id: string) => string) | null;
		plates?: boolean;
		label: string;
		least?: number;
		/** The storey on which a dotted bay waits for the next room. */
		nextRoom?: number | null;
	} = $props();
	/** A word that a room has no width for on a phone, where the house is about this many pixels wide. */
	const ON_A_PHONE = 350;
	const isTight = (name: string, width: number) =>
		longestWord(name) * 7.5 + 14 > (width / section.width) * ON_A_PHONE;
	const longestWord = (name: string) => Math.max(...name.split(' ').map((word) => word.length));
	const section = $derived(
		drawSection(
			rooms.map((room) => ({ ...room, least: longestWord(room.name) * 8 + 30 })),
			{ least }
		)
	);
	const box = (id: string): Box => section.rooms.get(id) ?? { x: 0, y: 0, w: 0, h: 0 };
	const nextStorey = $derived(section.storeys.find((storey) => storey.storey === nextRoom) ?? null);
	const uid = $props.id();
	/** What frames a name, in units of the drawing, and how wide a bold letter is beside its size. */
	const [FRAME, LETTER] = [40, 0.58];
	/** A long word is set smaller rather than broken; smaller still where the whole house is drawn smaller. */
	const sizeOf = (name: string, width: number) => {
		const size = (width - FRAME) / (longestWord(name) * LETTER);
		return `clamp(11px, ${(size / section.width) * 100}cqw, 15px)`;
	};
</script>

<div class="house @container" style:aspect-ratio="{section.width} / {section.height}">
	<svg viewBox="0 0 {section.width} {section.height}" role="img" aria-label={label}>
		{#each section.slopes as slope, i (i)}
			<path
				d={slope.side === 'left'
					? `M${slope.x1} ${slope.y1}L${slope.x1 + 62} ${slope.y2}H${slope.x2}V${slope.y1}Z`
					: `M${slope.x1} ${slope.y1}L${slope.x1 - 62} ${slope.y2}H${slope.x2}V${slope.y1}Z`}
				class="roof"
			/>
			{#each [0.25, 0.5, 0.75] as part (part)}
				{@const y = slope.y1 + (slope.y2 - slope.y1) * part}
				<path
					d="M{slope.side === 'left' ? slope.x1 + 62 * part + 6 : slope.x1 - 62 * part - 6} {y}H{slope.x2}"
					class="slates"
				/>
			{/each}
		{/each}
		{#each section.chimneys as chimney, i (i)}
			<rect x={chimney.x} y={chimney.y} width={chimney.w} height={chimney.h} class="roof" />
			<path d="M{chimney.x - 8} {chimney.y}H{chimney.x + chimney.w + 8}" class="wall" />
			<path
				d="M{chimney.x + 7} {chimney.y}v-12h8v12M{chimney.x + chimney.w - 15} {chimney.y}v-12h8v12"
				class="pots"
			/>
		{/each}
		<path
			d="M{section.ridge.left} {section.ridge.base}L{section.ridge.middle} {section.ridge.top}L{section.ridge
				.right} {section.ridge.base}Z"
			class="roof"
		/>
		<path d="M{section.ridge.middle} {section.ridge.top}v-20" class="wall" />
		{#each rooms as room (room.id)}
			{@const b = box(room.id)}
			{#if room.weave}
				<rect x={b.x} y={b.y} width={b.w} height={b.h} fill="url(#weave-{room.weave})" />
				{#if room.next}
					<clipPath id="{uid}-{room.id}"><path d="M{b.x} {b.y}H{b.x + b.w}L{b.x} {b.y + b.h}Z" /></clipPath>
					<rect
						x={b.x}
						y={b.y}
						width={b.w}
						height={b.h}
						fill="url(#weave-{room.next})"
						clip-path="url(#{uid}-{room.id})"
					/>
					<path d="M{b.x} {b.y + b.h}L{b.x + b.w} {b.y}" class="tack" />
				{/if}
				<rect x={b.x} y={b.y} width={b.w} height={b.h} class="wash" />
			{:else}
				<rect x={b.x} y={b.y} width={b.w} height={b.h} class="plainly" class:chosen={room.id === chosen} />
			{/if}
			{#if b.w > 60}<Furniture kind={room.kind} x={b.x + 10} y={b.y + b.h - 3} w={b.w} />{/if}
			<rect x={b.x} y={b.y} width={b.w} height={b.h} class="walls" />
			{#if room.id === chosen}
				<rect x={b.x + 7} y={b.y + 7} width={b.w - 14} height={b.h - 14} class="stitched" />
			{/if}
		{/each}
		{#if nextStorey}
			<path d="M{nextStorey.x + nextStorey.w} {nextStorey.y + 4}h36v{nextStorey.h - 8}h-36" class="bay" />
		{/if}
		<path d="M6 {section.ground}H{section.width - 6}" class="ground" />
		{#if cat}
			<g transform="translate({(section.chimneys[1]?.x ?? 600) + 40} {(section.chimneys[1]?.y ?? 60) + 14})">
				<path d="M4 50Q-2 34 2 22Q-1 16 0 4L6 9H13L19 4Q20 16 17 22Q26 30 25 50Z" fill="var(--ink)" />
				<path
					d="M24 48Q38 48 36 36Q34 28 40 26"
					fill="none"
					stroke="var(--ink)"
					stroke-width="4"
					stroke-linecap="round"
				/>
			</g>
		{/if}
	</svg>
	<ul class="names">
		{#each rooms as room (room.id)}
			{@const b = box(room.id)}
			<li
				style:left="{(b.x / section.width) * 100}%"
				style:top="{(b.y / section.height) * 100}%"
				style:width="{(b.w / section.width) * 100}%"
				style:height="{(b.h / section.height) * 100}%"
				style:--name-size={sizeOf(room.name, b.w)}
			>
				{#if hrefOf}
					<a
						href={hrefOf(room.id)}
						aria-current={room.id === chosen ? 'true' : undefined}
						aria-label={room.name + (room.number ? HOUSE_DOLL_HOUSE.inZone(room.number) : '')}
						data-sveltekit-noscroll
						data-room={room.id}
					>
						{#if plates && room.number}<span class="small-plate">{room.number}</span>{/if}
						<span class="name" class:enamel={room.id === chosen} class:tight={isTight(room.name, b.w)}
							>{room.name}</span
						>
					</a>
				{:else}
					<span class="label">
						{#if plates && room.number}<span class="small-plate">{room.number}</span>{/if}
						<span class="name">{room.name}</span>
					</span>
				{/if}
			</li>
		{/each}
	</ul>
</div>

<style>
	.house {
		position: relative;
		width: 100%;
		max-height: 100%;
	}
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		display: block;
	}
	.roof {
		fill: var(--weave-ground);
		stroke: var(--cobalt-ink);
		stroke-width: 5;
		stroke-linejoin: round;
	}
	.slates {
		stroke: var(--tin-1);
		stroke-width: 2;
	}
	.wall,
	.walls {
		fill: none;
		stroke: var(--cobalt-ink);
		stroke-width: 5;
		stroke-linecap: round;
	}
	.pots {
		fill: var(--weave-ground);
		stroke: var(--cobalt-ink);
		stroke-width: 3;
	}
	.wash {
		fill: var(--enamel-hi);
		opacity: 0.34;
	}
	.plainly {
		fill: var(--enamel-hi);
	}
	.plainly.chosen {
		fill: var(--cobalt-wash);
	}
	.stitched,
	.bay {
		fill: none;
		stroke: var(--cobalt-ink);
		stroke-width: 2;
		stroke-dasharray: 6 5;
	}
	.bay {
		stroke: var(--tin-2);
	}
	.tack {
		fill: none;
		stroke: var(--cobalt-ink);
		stroke-width: 2.5;
		stroke-dasharray: 8 6;
	}
	.ground {
		stroke: var(--cobalt-ink);
		stroke-width: 7;
		stroke-linecap: round;
	}
	.names {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.names li {
		position: absolute;
		padding: 7px 8px;
		overflow: hidden;
	}
	.names a,
	.label {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-start;
		gap: 4px 5px;
		height: 100%;
		align-content: flex-start;
		color: var(--ink);
		text-decoration: none;
	}
	.names a:focus-visible {
		border-radius: 6px;
	}
	.name {
		padding: 1px 6px;
		border-radius: 4px;
		background: var(--enamel-hi);
		font-weight: var(--w-name);
		font-size: var(--name-size);
		line-height: 1.15;
		overflow-wrap: break-word;
		min-width: 0;
	}
	.name.enamel {
		background: var(--cobalt);
		color: var(--on-cobalt);
	}
	.names a:hover .name {
		text-decoration: underline;
	}
	.small-plate {
		display: inline-grid;
		place-items: center;
		width: 22px;
		height: 22px;
		border-radius: 5px;
		background: var(--enamel-hi);
		border: 1.5px solid var(--cobalt-ink);
		color: var(--cobalt-ink);
		font-weight: 780;
		font-size: 0.8125rem;
		flex: none;
	}
	@media (max-width: 640px) {
		.name {
			display: none;
		}
		.name.enamel:not(.tight) {
			display: inline;
			font-size: 0.8125rem;
		}
		.names li {
			padding: 4px;
		}
	}
</style>
