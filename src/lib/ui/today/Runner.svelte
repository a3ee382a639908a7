<script lang="ts">
	/** The linen runner at the foot: the zone, what is held over, who is at home. */
	import ActForm from '../ActForm.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import type { TodayView } from '$views/today';
	let { view, hrefOf }: { view: TodayView; hrefOf: (line: string) => string } = $props();
	let all = $state(false);
	let openShown = $state(false);
	const held = $derived(all ? view.held : view.held.slice(0, view.held.length > 3 ? 2 : 3));
	const zone = $derived(view.zone);
</script>

<section class="runner linen" class:two={view.relation !== 'today'} id="held">
	<div class="part zone" aria-labelledby="zone-title">
		{#if zone}
			<span class="swatch">
				<Weave weave={zone.mark.weave} /><span class="plate">{zone.mark.number}</span>
			</span>
			<div class="body">
				<div class="title">
					<h2 id="zone-title">{zone.mark.name}</h2>
					<span class="dim">
						{zone.leaf
							? `leaf ${zone.leaf}, `
							: zone.days > 1
								? `day ${zone.day} of ${zone.days}, `
								: ''}{zone.settled} of {zone.counted} done
					</span>
				</div>
				<div class="stitches" role="img" aria-label="Pass {zone.pass}: {zone.settled} of {zone.counted} done">
					{#each { length: zone.counted } as _, i (i)}<span class:sewn={i < zone.settled}></span>{/each}
				</div>
				{#if zone.clearing}
					<p class="dim">Not clear yet, so its time goes into clearing. The deep list waits.</p>
				{/if}
				<ul>
					{#each zone.next as item (item.line)}
						<li>
							<Glyph name="coming" size={22} />
							<a href={hrefOf(item.line)} data-sveltekit-noscroll data-sveltekit-replacestate>{item.name}</a>
							<span class="dim">{minutesText(item.minutes)} min</span>
						</li>
					{/each}
				</ul>
			</div>
		{:else}
			<span class="swatch plainly"></span>
			<div class="body">
				<div class="title"><h2 id="zone-title">No zone</h2></div>
				<p class="dim">
					{view.kind ?? 'Nothing deep'}{view.relation === 'today' ? ' today' : ''}. The lists wait where they
					are.
				</p>
			</div>
		{/if}
	</div>

	{#if view.relation === 'today'}
		<div class="part">
			{#if view.leftOpen.length > 0}
				<ul class="left-open">
					{#each view.leftOpen as one (one.id)}
						<li>
							<Glyph name={one.kind === 'closing' ? 'part' : 'waiting'} size={24} />
							<span
								>{#if one.href}<a href={one.href}>{one.name}</a>{:else}{one.name}{/if}<span class="dim"
									>{' '}{one.words}</span
								></span
							>
							{#if one.kind !== 'closing'}
								<ActForm action="/?/left" values={{ kind: one.kind, of: one.id }} then={{ withoutId: true }}
									><button class="text-link">{one.kind === 'bag' ? 'It has left' : 'It is empty'}</button
									></ActForm
								>
							{/if}
						</li>
					{/each}
				</ul>
			{/if}
			<div class="title"><h2>{view.heldTitle}</h2></div>
			<p class="dim under">{view.heldWords}</p>
			<ul>
				{#each held as one (one.tag.line)}
					<li>
						<Glyph
							name={one.tag.state === 'late' ? 'late' : one.tag.glyph}
							size={24}
							turns={one.tag.lateTurns}
						/>
						<a href={hrefOf(one.tag.line)} data-sveltekit-noscroll data-sveltekit-replacestate
							>{one.tag.name}</a
						>
						<span class="dim"
							>{#if one.late}<b class="brass">{one.late}</b>{one.words ? ', ' : ''}{/if}{one.words}</span
						>
					</li>
				{/each}
				{#if openShown}
					{#each view.open as tag (tag.line)}
						<li>
							<Glyph name={tag.glyph} size={22} />
							<a href={hrefOf(tag.line)} data-sveltekit-noscroll data-sveltekit-replacestate>{tag.name}</a>
							<span class="dim">{tag.words}</span>
						</li>
					{/each}
				{/if}
			</ul>
			<p class="more">
				{#if view.held.length > 3}
					<button class="text-link" aria-expanded={all} onclick={() => (all = !all)}
						>{all ? 'Fewer' : `${view.held.length - 2} more`}</button
					>
				{/if}
				{#if view.open.length > 0}
					<button class="text-link" aria-expanded={openShown} onclick={() => (openShown = !openShown)}
						>{view.open.length} open, no hurry</button
					>
				{/if}
			</p>
		</div>
	{/if}

	<div class="part">
		<div class="title"><h2>At home {view.relation === 'today' ? 'today' : 'that day'}</h2></div>
		<p class="dim under">{view.peopleWords}</p>
		<ul>
			{#each view.people as person, i (i)}
				<li>
					<span class="mark"
						>{#if person.carriesNow}<Glyph name="yoke" size={26} />{/if}</span
					>
					<span class:name={person.words.includes('carries')}>{person.name}</span>
					<span class="dim">{person.words}</span>
				</li>
			{/each}
		</ul>
	</div>
</section>

<style>
	.runner {
		position: relative;
		display: grid;
		grid-template-columns: 1.06fr 1.04fr 0.9fr;
		margin-top: auto;
		padding: 14px calc(var(--page-edge) - var(--rim)) 14px;
		border-top: 1px solid var(--linen-deep);
	}
	.runner.two {
		grid-template-columns: 1.2fr 1fr;
	}
	.runner::before {
		content: '';
		position: absolute;
		left: 0;
		right: 0;
		top: 6px;
		border-top: var(--stitch);
	}
	.part {
		padding: 4px 28px 0;
		min-width: 0;
	}
	.part + .part {
		border-left: var(--stitch);
	}
	.part:first-child {
		padding-left: 0;
	}
	.part:last-child {
		padding-right: 0;
	}
	.zone {
		display: flex;
		gap: 20px;
	}
	.swatch {
		position: relative;
		width: 60px;
		min-height: 130px;
		flex: none;
		box-shadow: var(--sh-cloth);
	}
	.swatch :global(svg) {
		position: absolute;
		inset: 0;
	}
	.swatch.plainly {
		background: var(--enamel-hi);
	}
	.swatch .plate {
		position: absolute;
		left: 12px;
		top: 12px;
	}
	.body {
		flex: 1;
		min-width: 0;
	}
	.title {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 12px;
	}
	.under {
		margin: 6px 0 4px;
	}
	p {
		margin: 6px 0;
	}
	.stitches {
		display: flex;
		gap: 4px;
		margin: 12px 0 8px;
	}
	.stitches span {
		flex: 1;
		max-width: 36px;
		height: 7px;
		display: grid;
		align-items: center;
	}
	.stitches span::before {
		content: '';
		height: 2px;
		border-radius: 4px;
		background: var(--tin-2);
	}
	.stitches span.sewn::before {
		height: 7px;
		background: var(--cobalt-ink);
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 30px;
	}
	li a {
		flex: 1 1 auto;
		min-width: 0;
		color: var(--ink);
		text-decoration: none;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		min-height: 28px;
		padding: 2px 0;
	}
	li a:hover {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	li > :last-child {
		margin-left: auto;
		text-align: right;
		white-space: nowrap;
	}
	.more {
		display: flex;
		gap: 24px;
		margin: 0;
		padding-left: 34px;
	}
	.brass {
		color: var(--brass-text);
		font-weight: var(--w-name);
	}
	.mark {
		width: 26px;
		flex: none;
	}
	.name {
		font-weight: var(--w-name);
	}
	@media (max-width: 900px) {
		.runner,
		.runner.two {
			grid-template-columns: 1fr;
			padding: 24px 15px 20px;
		}
		.part {
			padding: 0;
		}
		.part + .part {
			border-left: 0;
			border-top: var(--stitch);
			margin-top: 18px;
			padding-top: 18px;
		}
		li {
			min-height: 46px;
			border-bottom: 1px solid var(--linen-deep);
		}
		li:last-child {
			border-bottom: 0;
		}
		li a {
			white-space: normal;
			padding: 8px 0;
		}
		li > :last-child {
			white-space: normal;
			max-width: 55%;
		}
	}
	@media print {
		.runner {
			background: none;
		}
	}
</style>
