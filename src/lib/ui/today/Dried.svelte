<script lang="ts">
	/** Left of the prop: what is done, as small folded cloths, and somebody's running pail. */
	import BitePail from '../glyphs/BitePail.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import type { TodayView } from '$views/today';
	let { view, hrefOf }: { view: TodayView; hrefOf: (line: string) => string } = $props();
	const shown = $derived(view.done.slice(0, view.done.length > 3 ? 2 : 3));
	const rest = $derived(view.done.length - shown.length);
	const finished = $derived(view.done.filter((d) => d.outcome !== 'part'));
	const names = $derived(finished.slice(0, 3).map((d) => d.name));
</script>

<div class="dried">
	<ul class="cloths">
		{#each shown as done (done.entry)}
			<li>
				<a
					href={hrefOf(done.line)}
					data-sveltekit-noscroll
					data-sveltekit-replacestate
					aria-label="{done.name}, {done.outcome === 'letgo'
						? 'let go'
						: done.outcome === 'part'
							? 'partly done'
							: done.outcome}{done.by ? `, ${done.by}` : ''}"
				>
					<span class="peg" aria-hidden="true"><Peg /></span>
					<Glyph
						name={done.outcome === 'letgo' ? 'letgo' : done.outcome === 'part' ? 'part' : 'done'}
						size={28}
					/>
					{#if done.zone}<span class="band"><Weave weave={done.zone.weave} /></span>{/if}
				</a>
			</li>
		{/each}
		{#if rest > 0}
			<li class="count"><span class="peg" aria-hidden="true"><Peg /></span><b>+{rest}</b></li>
		{/if}
	</ul>
	{#if view.done.length > 0}
		<details>
			<summary
				><span class="on-phone"><Glyph name="done" size={26} /></span><b>{finished.length} done, drying</b
				></summary
			>
			<ul class="list">
				{#each view.done as done (done.entry)}
					<li>
						<a href={hrefOf(done.line)} data-sveltekit-noscroll data-sveltekit-replacestate>{done.name}</a>
					</li>
				{/each}
			</ul>
		</details>
		<p class="names">{names.join(', ')}</p>
	{:else}
		<p class="names first">Nothing is done yet. That is fine.</p>
	{/if}
	{#each view.pails as pail (pail.session)}
		<a class="pail" href="/timer/{pail.session}">
			<BitePail minutes={String(pail.minutesLeft)} size={76} level={pail.share} full={pail.share > 0.45} />
			<span
				><b>{pail.name}’s pail</b><br />{pail.phase === 'paused' ? 'paused' : `${pail.minutesLeft} min left`}, {pail.doing}</span
			>
		</a>
	{/each}
</div>

<style>
	.cloths {
		display: flex;
		gap: 5px;
		list-style: none;
		margin: 0;
		padding: 0;
		min-height: 92px;
	}
	.cloths li {
		width: 48px;
		height: 84px;
		margin-top: 6px;
	}
	.cloths li:nth-child(2) {
		margin-top: 7px;
	}
	.cloths li:nth-child(3) {
		margin-top: 4px;
	}
	.cloths a,
	.count {
		position: relative;
		display: grid;
		place-items: center;
		width: 48px;
		height: 84px;
		padding-top: 10px;
		border-radius: 0 0 var(--r-cloth) var(--r-cloth);
		background: color-mix(in srgb, var(--linen-hi) 70%, var(--enamel));
		box-shadow: var(--sh-cloth);
		color: var(--tin-text);
	}
	.peg {
		position: absolute;
		top: -14px;
		left: 18.5px;
	}
	.band {
		position: absolute;
		left: 0;
		right: 0;
		bottom: 5px;
		height: 9px;
		opacity: 0.75;
	}
	summary {
		cursor: pointer;
		list-style: none;
		min-height: 28px;
		padding-top: 4px;
	}
	.on-phone {
		display: none;
	}
	summary::-webkit-details-marker {
		display: none;
	}
	.list {
		margin: 4px 0 0;
		padding: 0;
		list-style: none;
	}
	.list a {
		display: block;
		padding: 4px 0;
		color: var(--ink);
	}
	details[open] + .names {
		display: none;
	}
	.names {
		margin: 0;
		max-width: 15ch;
		color: var(--tin-text);
		line-height: 1.3;
	}
	.names.first {
		margin-top: 0;
	}
	.pail {
		display: block;
		margin-top: 14px;
		color: var(--tin-text);
		text-decoration: none;
		line-height: 1.3;
	}
	.pail b {
		color: var(--ink);
	}
	@media (max-width: 900px) {
		.cloths {
			display: none;
		}
		.dried {
			display: flex;
			flex-wrap: wrap;
			align-items: center;
			gap: 4px 20px;
		}
		.names {
			display: none;
		}
		.names.first {
			display: block;
			max-width: none;
		}
		details {
			flex: 1;
		}
		summary {
			display: flex;
			align-items: center;
			gap: 10px;
			min-height: 44px;
		}
		.on-phone {
			display: block;
		}
		.pail {
			display: flex;
			align-items: center;
			gap: 12px;
			margin: 6px 0;
			width: 100%;
		}
	}
</style>
