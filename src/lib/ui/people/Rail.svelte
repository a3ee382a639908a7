<script lang="ts">
	/**
	 * A towel rail, one name tape each. White towel: this week; narrow linen towel: four weeks. The dashed thread
	 * across both is the agreed share, at one scale, so a towel below its thread hangs too long.
	 */
	import { scaleLinear } from 'd3-scale';
	import Glyph from '../glyphs/Glyph.svelte';
	import type { CrewPerson } from '$views/people';
	let { people }: { people: readonly CrewPerson[] } = $props();
	const HIGH = 112;
	const most = $derived(Math.max(0.05, ...people.flatMap((one) => [one.weekPart, one.fourPart, one.share])));
	/** Pixels of cloth for a part of the work: the longest fills the height. */
	const length = $derived(scaleLinear().domain([0, most]).range([0, HIGH]));
	/** A towel over its hook; short ones are all shoulder. */
	const towel = (x: number, w: number, h: number) => {
		const shoulder = Math.min(22, h);
		const mid = x + w / 2;
		return `M${x} ${h}V${shoulder}Q${x} ${shoulder - 12} ${x + 12} ${shoulder - 14}Q${mid - 10} ${shoulder - 18} ${mid} ${Math.max(0, shoulder - 22)}Q${mid + 10} ${shoulder - 18} ${x + w - 12} ${shoulder - 14}Q${x + w} ${shoulder - 12} ${x + w} ${shoulder}V${h}Z`;
	};
</script>

<div class="rail" role="list">
	<span class="bar" aria-hidden="true"></span>
	{#each people as one (one.id)}
		{@const w = length(one.weekPart)}
		{@const f = length(one.fourPart)}
		{@const s = length(one.share)}
		<div class="person" role="listitem">
			<h2>
				<a href="/people/{one.id}">{one.name}</a>
			</h2>
			<svg
				class="towels"
				width="164"
				height={Math.max(w, f, s) + 14}
				viewBox="-4 -4 164 {Math.max(w, f, s) + 14}"
				aria-hidden="true"
			>
				<path d="M42 -32V-8Q42 4 34 2M122 -32V-8Q122 4 114 2" class="hook" />
				{#if w > 1}
					<path d={towel(2, 80, w)} class="week" />
					{#if w > 44}
						<path d="M30 26Q24 60 24 {w - 22}M54 26Q60 60 60 {w - 22}" class="fold" />
						<path d="M3 {w - 16}H81M3 {w - 10}H81" class="band" />
					{/if}
				{/if}
				{#if f > 1}
					<path d={towel(96, 54, f)} class="four" />
					{#if f > 44}
						<path d="M115 26Q111 60 111 {f - 22}M132 26Q136 60 136 {f - 22}" class="fold" />
						<path d="M97 {f - 12}H149" class="linen-band" />
					{/if}
				{/if}
				<path d="M-4 {s}H158" class="thread-under" />
				<path d="M-4 {s}H158" class="thread" />
			</svg>
			<p class="now"><b>{one.week}</b> of {one.weekAgreed} min this week</p>
			<p class="dim">{one.four} of {one.fourAgreed} in four weeks</p>
			{#if one.hidden > 0}<p class="dim">{one.hidden} of it planning, errands</p>{/if}
			<p class="words" class:heavy={one.heavy}>{one.words}</p>
			{#if one.carries}<p class="mark-line"><Glyph name="yoke" size={24} /> {one.carries}</p>{/if}
			{#if one.ribbon}
				<p class="mark-line">
					<svg width="24" height="24" viewBox="0 0 32 32" aria-hidden="true"
						><path
							d="M16 14Q6 4 5 12T16 14Q26 4 27 12T16 14M16 15L9 28M16 15L23 28"
							fill="none"
							stroke="var(--cobalt-ink)"
							stroke-width="2.6"
							stroke-linecap="round"
							stroke-linejoin="round"
						/><circle cx="16" cy="14" r="2.8" fill="var(--cobalt-ink)" /></svg
					> is today’s captain
				</p>
			{/if}
		</div>
	{/each}
</div>

<style>
	.rail {
		position: relative;
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(176px, 100%), 1fr));
		gap: 20px 12px;
		padding: 16px calc(var(--page-edge) - var(--rim)) 14px;
	}
	.bar {
		position: absolute;
		left: 0;
		right: 0;
		top: 0;
		height: 11px;
		background: var(--enamel-hi);
		border-block: 2.5px solid var(--cobalt-ink);
	}
	.person {
		position: relative;
		min-width: 0;
	}
	h2 {
		margin: 0;
		width: max-content;
		max-width: 100%;
		position: relative;
		z-index: 1;
		border: 1.5px solid var(--cobalt-ink);
		background: var(--enamel-hi);
		box-shadow:
			inset 4px 0 0 var(--enamel-hi),
			inset 6px 0 0 var(--cobalt-ink),
			inset -4px 0 0 var(--enamel-hi),
			inset -6px 0 0 var(--cobalt-ink);
		font-size: 1.3125rem;
	}
	h2 a {
		display: block;
		padding: 5px 20px 6px;
		/* A long name takes more lines, and stays on its tape. */
		overflow-wrap: anywhere;
		color: inherit;
		text-decoration: none;
	}
	h2 a:hover {
		text-decoration: underline;
		text-decoration-thickness: 2px;
		text-underline-offset: 4px;
	}
	.towels {
		display: block;
		margin: 26px 0 0 -4px;
		overflow: visible;
	}
	.hook {
		fill: none;
		stroke: var(--tin-2);
		stroke-width: 5;
		stroke-linecap: round;
	}
	.week {
		fill: var(--enamel-hi);
		stroke: var(--cobalt-ink);
		stroke-width: 2;
		stroke-linejoin: round;
	}
	.four {
		fill: var(--linen-hi);
		stroke: var(--tin-2);
		stroke-width: 1.6;
		stroke-linejoin: round;
	}
	.fold {
		fill: none;
		stroke: var(--tin-1);
		stroke-width: 1.6;
	}
	.band {
		stroke: var(--cobalt-ink);
		stroke-width: 2.2;
	}
	.linen-band {
		stroke: var(--linen-deep);
		stroke-width: 5;
	}
	.thread {
		stroke: var(--ink);
		stroke-width: 3;
		stroke-dasharray: 10 6;
	}
	.thread-under {
		stroke: var(--enamel);
		stroke-width: 6;
	}
	p {
		margin: 2px 0 0;
	}
	.now {
		margin-top: 8px;
	}
	.now b {
		font-size: 1.375rem;
		font-weight: var(--w-figure);
	}
	.now {
		color: var(--tin-text);
	}
	.now b {
		color: var(--ink);
	}
	.words {
		font-weight: var(--w-name);
	}
	.heavy {
		color: var(--brass-text);
	}
	.mark-line {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	@media (max-width: 640px) {
		.rail {
			grid-template-columns: 1fr 1fr;
			padding-inline: 16px;
		}
		.towels {
			width: 100%;
			height: auto;
		}
	}
</style>
