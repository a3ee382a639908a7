<script lang="ts">
	/** What hangs before the door: one towel on a line, with what must be said to come in. */
	import type { Snippet } from 'svelte';
	import Notice from '../Notice.svelte';
	import Thing from '../mine/Thing.svelte';
	import Peg from '../glyphs/Peg.svelte';
	let {
		title,
		says = '',
		problem = null,
		children,
		aside = undefined
	}: {
		title: string;
		says?: string;
		problem?: string | null | undefined;
		children: Snippet;
		/** The other ways from here. */
		aside?: Snippet;
	} = $props();
</script>

<svelte:head><title>{title} · Pail Round</title></svelte:head>

<section class="doorway">
	<svg class="rope" viewBox="0 0 1000 40" preserveAspectRatio="none" aria-hidden="true"
		><path
			d="M0 10Q500 34 1000 10"
			fill="none"
			stroke="var(--ink)"
			stroke-width="2"
			vector-effect="non-scaling-stroke"
		/></svg
	>
	<div class="towel">
		<span class="peg left"><Peg /></span><span class="peg right"><Peg /></span>
		<h1>{title}</h1>
		{#if says}<p class="dim">{says}</p>{/if}
		{#if problem}<Notice tone="wrong"><span>{problem}</span></Notice>{/if}
		{@render children()}
		<span class="hem" aria-hidden="true"></span>
	</div>
	{#if aside}<div class="aside">{@render aside()}</div>{/if}
	<div class="step" aria-hidden="true">
		<Thing name="broom" size={130} /><Thing name="boots" size={104} /><Thing name="bin" size={104} />
	</div>
</section>

<style>
	.doorway {
		position: relative;
		flex: 1;
		align-content: start;
		width: 100%;
		padding: 24px 0 30px;
		display: flex;
		flex-direction: column;
		align-items: center;
		gap: 26px;
	}
	.rope {
		position: absolute;
		left: 0;
		top: 24px;
		width: 100%;
		height: 40px;
	}
	.towel {
		position: relative;
		width: min(480px, calc(100% - 36px));
		margin-top: 14px;
		padding: 44px 36px 40px;
		background: var(--enamel-hi);
		border: 2px solid var(--cobalt-ink);
		border-radius: var(--r-cloth);
		box-shadow: var(--sh-next);
		display: grid;
		gap: 14px;
	}
	.peg {
		position: absolute;
		top: -22px;
	}
	.peg.left {
		left: 34px;
	}
	.peg.right {
		right: 34px;
	}
	.hem {
		position: absolute;
		inset: auto 0 10px;
		height: 7px;
		border-block: 2px solid var(--cobalt-ink);
	}
	p {
		margin: 0;
		font-size: 1.0625rem;
	}
	/* The doorstep, with what stands there. */
	.step {
		display: flex;
		align-items: end;
		gap: 28px;
		margin-top: auto;
		max-width: calc(100% - 36px);
		padding: 0 clamp(12px, 4vw, 60px);
		border-bottom: 7px solid var(--cobalt);
	}
	.step :global(svg) {
		flex: 0 1 auto;
		min-width: 0;
		height: auto;
	}
	@media (max-height: 700px) {
		.step {
			display: none;
		}
	}
	.aside {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 28px;
		justify-content: center;
		padding: 0 24px;
		text-align: center;
	}
	.towel :global(form) {
		display: grid;
		gap: 14px;
	}
	.towel :global(label > span) {
		display: block;
		margin-bottom: 4px;
		font-weight: var(--w-name);
	}
	@media (max-width: 640px) {
		.towel {
			padding: 36px 20px 36px;
		}
	}
</style>
