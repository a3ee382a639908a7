<script lang="ts">
	/** One cloth on the line: a job that is still to do. A longer cloth is a longer job. */
	import Glyph from '../glyphs/Glyph.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import type { TagView } from '$views/today';
	import TickForm from './TickForm.svelte';
	let {
		tag,
		date,
		me,
		canTick,
		openHref,
		drop = 0,
		tucked = false,
		beyond = false
	}: {
		tag: TagView;
		date: string;
		me: string;
		canTick: boolean;
		openHref: string;
		drop?: number;
		tucked?: boolean;
		/** Where the Line is too short for it: it is counted, not hung. */
		beyond?: boolean;
	} = $props();
	const length = $derived(206 + Math.min(30, tag.minutes) * 3.4);
</script>

<li
	class="tag linen"
	class:tucked
	class:beyond
	style:--drop="{drop}px"
	style:--length="{length}px"
	data-line={tag.line}
>
	<span class="pegs" aria-hidden="true"
		><Peg />{#if !tucked}<Peg />{/if}</span
	>
	<span class="side-pegs" aria-hidden="true"><Peg side /><Peg side /></span>
	{#if tag.zone}<span class="band"><Weave weave={tag.zone.weave} /></span>{/if}
	<div class="head">
		{#if canTick && !tucked}
			<TickForm {tag} {date} {me} />
		{:else}
			<Glyph name={tag.glyph} size={26} turns={tag.lateTurns} />
		{/if}
		<span class="minutes"><b>{minutesText(tag.minutes)}</b><span class="unit">&nbsp;min</span></span>
	</div>
	<a class="name" href={openHref} data-sveltekit-noscroll data-sveltekit-replacestate>
		{tag.name}{#if tag.variant}<span class="variant">: {tag.variant}</span>{/if}
	</a>
	<p class="where">{tag.room}<span class="comma">, </span></p>
	<p class="who">{tag.who}</p>
	{#if tag.state === 'late'}<p class="late">{tag.words}</p>{/if}
	{#if tag.share}<p class="note">{tag.share}</p>{/if}
	{#if tag.inPail}<p class="note">in {tag.inPail}’s pail</p>{/if}
</li>

<style>
	.tag {
		position: relative;
		overflow: visible;
		flex: 0 0 112px;
		min-width: 0;
		min-height: var(--length);
		margin-top: calc(5px + var(--drop));
		padding: 22px 10px 44px;
		border-radius: 0 0 var(--r-cloth) var(--r-cloth);
		box-shadow: var(--sh-cloth);
		display: flex;
		flex-direction: column;
		list-style: none;
	}
	.pegs {
		position: absolute;
		top: -14px;
		left: 12px;
		right: 12px;
		display: flex;
		justify-content: space-between;
	}
	.side-pegs {
		display: none;
	}
	.band {
		position: absolute;
		left: 0;
		right: 0;
		bottom: 14px;
		height: 22px;
	}
	.head {
		display: flex;
		align-items: center;
		justify-content: space-between;
		min-height: 34px;
	}
	.minutes b {
		font-size: 1.3125rem;
		font-weight: var(--w-figure);
	}
	.unit,
	.where,
	.note {
		color: var(--tin-text);
	}
	.name {
		margin-top: 8px;
		font-size: var(--t-tag);
		font-weight: var(--w-name);
		line-height: var(--lh-tight);
		color: var(--ink);
		text-decoration: none;
		overflow-wrap: anywhere;
		hyphens: auto;
	}
	/* The whole cloth opens its sheet; the glyph on it ticks. */
	.name::after {
		content: '';
		position: absolute;
		inset: 0;
	}
	.name:hover {
		text-decoration: underline;
		text-decoration-thickness: 2px;
		text-underline-offset: 3px;
	}
	.name:focus-visible {
		box-shadow: none;
	}
	.name:focus-visible::after {
		box-shadow: var(--focus);
		border-radius: 4px;
	}
	.where {
		margin-top: 8px;
	}
	.where .comma {
		display: none;
	}
	p {
		margin: 0;
		font-size: var(--t-body);
	}
	.who {
		font-weight: var(--w-name);
	}
	.variant {
		font-weight: var(--w-text);
	}
	.late {
		color: var(--brass-text);
		font-weight: var(--w-name);
	}

	@media (min-width: 641px) {
		.beyond {
			display: none;
		}
		.tucked {
			flex: 0 0 var(--tuck, 37px);
			min-width: 0;
			padding: 22px 2px 44px;
			align-items: center;
		}
		.tucked .head {
			flex-direction: column;
			gap: 6px;
		}
		.tucked .pegs {
			left: 0;
			right: 0;
			justify-content: center;
		}
		.tucked .minutes b {
			font-size: 1.0625rem;
		}
		.tucked .unit,
		.tucked .where,
		.tucked .who,
		.tucked .late,
		.tucked .note {
			display: none;
		}
		.tucked .name {
			position: static;
			margin: 0;
			font-size: 0;
			line-height: 0;
		}
	}

	@media (max-width: 640px) {
		.tag {
			flex: none;
			margin: 0 0 14px;
			padding: 12px 16px 12px 92px;
			min-height: 64px;
			width: auto;
			display: grid;
			grid-template-columns: 1fr auto;
			column-gap: 10px;
			align-content: center;
			border-radius: var(--r-cloth);
		}
		.pegs {
			display: none;
		}
		.side-pegs {
			display: flex;
			flex-direction: column;
			justify-content: space-evenly;
			position: absolute;
			left: -16px;
			top: 2px;
			bottom: 2px;
		}
		.band {
			left: 10px;
			right: auto;
			top: 0;
			bottom: 0;
			width: 16px;
			height: auto;
		}
		.head {
			display: contents;
		}
		.head :global(> svg),
		.head :global(> form) {
			position: absolute;
			left: 36px;
			top: 50%;
			transform: translateY(-50%);
		}
		.minutes {
			grid-column: 2;
			grid-row: 1 / 6;
			align-self: center;
		}
		.name {
			grid-column: 1;
			margin: 0;
			padding: 3px 0;
		}
		.where,
		.who,
		.late,
		.note {
			grid-column: 1;
			margin: 0;
		}
		.where .comma {
			display: none;
		}
	}
</style>
