<script lang="ts">
	/** The loads on the way: each on its own line under the shelf, what is done folded on it, what comes next on a tag. */
	import ActForm from '$ui/ActForm.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Peg from '$ui/glyphs/Peg.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import type { LaundryView, LoadView } from '$views/laundry';
	import { minutesText } from '$words/general';
	import { STAGES, type StageOnShelf } from '$words/laundry';
	import { mostUrgent } from './mostUrgent';
	let { view }: { view: LaundryView } = $props();
	const next = $derived(mostUrgent(view.going));
	const place = (stage: string) => STAGES.findIndex((one: StageOnShelf) => one.key === stage);
	const needsHands = (load: LoadView) => load.fetch === null || load.isReady;
	/** A load that waits for hands has its stage behind it. */
	const passedOf = (load: LoadView) =>
		needsHands(load) && load.id === next?.id && load.stage !== 'waiting'
			? [...load.passed, load.stage]
			: load.passed;
</script>

{#snippet told(load: LoadView, solid: boolean)}
	<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: load.next ?? '' }}>
		<button class={solid ? 'sign' : 'plain'}>{load.act}</button>
	</ActForm>
{/snippet}

<ul class="loads">
	{#each view.going as load (load.id)}
		<li class:rings={load.rings}>
			<div class="who">
				<b>{load.name}</b><span class="dim">{load.whose}</span>
				<div class="back">
					<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: 'undo' }}>
						<button class="text-link" aria-label="Undo: {load.name}">Undo</button>
					</ActForm>
					{#if load.id !== next?.id || !needsHands(load)}{@render told(load, false)}{/if}
				</div>
			</div>
			<div class="line">
				<svg class="rope" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true"
					><path
						d="M0 3Q12 9 25 4T50 4T75 4T100 2"
						fill="none"
						stroke="var(--ink)"
						stroke-width="2"
						vector-effect="non-scaling-stroke"
					/></svg
				>
				{#each passedOf(load) as stage (stage)}
					<span class="folded" style:--at={place(stage)} aria-hidden="true"
						><Peg /><span class="cloth linen"
							><Glyph name="done" size={28} /><span class="hem"><Weave weave={load.weave} /></span></span
						></span
					>
				{/each}
				<div
					class="tag"
					class:towel={load.id === next?.id}
					style:--at={needsHands(load) && load.next && load.id === next?.id
						? place(load.next)
						: place(load.stage)}
				>
					<span class="pegs" aria-hidden="true"><Peg /><Peg /></span>
					{#if needsHands(load)}
						{#if load.id === next?.id}
							<p class="head">
								<Glyph name="due" size={26} /><b>Next</b>{#if load.minutes}<span
										><b>{minutesText(load.minutes)}</b> min</span
									>{/if}
							</p>
							<h3>{load.act}</h3>
							<p class="dim">{load.where}{load.rings ? `, wet too long since ${load.latest}` : ''}</p>
							{@render told(load, true)}
						{:else}
							<b>{load.where}</b>
						{/if}
					{:else}<b>{load.where}</b>{/if}
					<span class="hem"><Weave weave={load.weave} /></span>
				</div>
				{#if load.fetch && !(load.isReady && load.id === next?.id)}
					<p class="string" style:--at={place(load.stage)}>
						<svg viewBox="0 0 60 40" width="60" height="40" aria-hidden="true"
							><path d="M0 2C6 38 30 36 60 24" fill="none" stroke="var(--cobalt-ink)" stroke-width="2" /></svg
						>
						<span class="fetch" class:now={load.isReady}>{load.fetch}</span>
						<span
							><b>{load.act}</b>{#if load.latest}<span class="dim">, by {load.latest} at the latest</span
								>{/if}</span
						>
					</p>
				{/if}
			</div>
		</li>
	{/each}
</ul>

<style>
	.loads {
		--edge: calc(var(--page-edge) - var(--rim));
		--column: calc(100% / 5);
		list-style: none;
		margin: 0;
		padding: 14px var(--edge) 20px;
		display: grid;
		gap: 8px;
		align-content: start;
		flex: 1;
	}
	.loads > li {
		display: grid;
		grid-template-columns: 222px 1fr;
		min-height: 96px;
	}
	.who {
		padding: 12px 12px 0 0;
	}
	.who > b {
		font-size: 1.125rem;
	}
	.who > b,
	.who > span {
		display: block;
		overflow-wrap: anywhere;
	}
	.line {
		position: relative;
		padding-bottom: 6px;
	}
	.rope {
		position: absolute;
		left: 0;
		top: 4px;
		width: calc(100% + var(--edge));
		height: 12px;
	}
	.folded,
	.tag,
	.string {
		position: absolute;
		left: calc(var(--at) * var(--column) + var(--column) / 2);
		transform: translateX(-50%);
	}
	.folded {
		top: 0;
		display: grid;
		justify-items: center;
	}
	.cloth {
		position: relative;
		display: grid;
		place-items: center;
		width: 48px;
		height: 54px;
		margin-top: -22px;
		padding-bottom: 8px;
		box-shadow: var(--sh-cloth);
	}
	.hem {
		position: absolute;
		left: 0;
		right: 0;
		bottom: 3px;
		height: 10px;
	}
	.tag {
		top: 8px;
		min-width: 150px;
		padding: 16px 12px 20px;
		background: var(--linen-hi);
		box-shadow: var(--sh-cloth);
		text-align: center;
	}
	.tag .pegs {
		position: absolute;
		top: -10px;
		left: 12px;
		right: 12px;
		display: flex;
		justify-content: space-between;
	}
	.tag.towel {
		position: relative;
		width: 214px;
		margin-bottom: 6px;
		background: var(--enamel-hi);
		box-shadow:
			inset 0 0 0 2px var(--cobalt-ink),
			var(--sh-cloth);
		text-align: left;
		z-index: 1;
	}
	.head {
		display: flex;
		align-items: center;
		gap: 8px;
		margin: 0;
		color: var(--cobalt-ink);
	}
	.head span {
		margin-left: auto;
		color: var(--tin-text);
	}
	.head span b {
		color: var(--ink);
		font-size: 1.1875rem;
	}
	h3 {
		margin: 6px 0 2px;
		font-size: 1.5rem;
	}
	.tag p.dim {
		margin: 0 0 8px;
	}
	.tag .sign {
		width: 100%;
		padding: 0 8px;
		font-size: 1.1875rem;
	}
	.string {
		top: 62px;
		display: flex;
		align-items: flex-end;
		gap: 8px;
		margin: 0;
		padding-left: 90px;
		transform: none;
		white-space: nowrap;
		pointer-events: none;
	}
	.string svg {
		margin-bottom: 8px;
	}
	.back {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 14px;
	}
	.back :global(.plain) {
		min-height: 44px;
		padding: 0 12px;
	}
	.back .text-link {
		min-height: 44px;
	}
	@media (max-width: 900px) {
		.loads > li {
			grid-template-columns: minmax(0, 1fr);
		}
		.loads {
			padding: 12px 15px;
			gap: 16px;
		}
		.rope,
		.folded {
			display: none;
		}
		.who {
			padding: 0 0 8px;
		}
		.line {
			padding: 0;
			display: grid;
			gap: 8px;
		}
		.tag,
		.tag.towel,
		.string {
			position: relative;
			left: auto;
			top: auto;
			transform: none;
			width: auto;
			padding-left: 12px;
			white-space: normal;
		}
	}
</style>
