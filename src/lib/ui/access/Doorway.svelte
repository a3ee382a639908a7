<script lang="ts">
	/** What hangs before the door: one towel on a line, with what must be said to come in. */
	import { ACCESS_DOORWAY } from '$words/screens/access';
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

<svelte:head><title>{ACCESS_DOORWAY.pailRound(title)}</title></svelte:head>

<section class="relative flex-1 content-start w-full pt-6 pb-7.5 flex flex-col items-center gap-6.5">
	<svg
		class="absolute left-0 top-6 w-full h-10"
		viewBox="0 0 1000 40"
		preserveAspectRatio="none"
		aria-hidden="true"
		><path
			d="M0 10Q500 34 1000 10"
			fill="none"
			stroke="var(--ink)"
			stroke-width="2"
			vector-effect="non-scaling-stroke"
		/></svg
	>
	<div
		class="towel relative w-[min(480px,calc(100%_-_36px))] mt-3.5 px-9 pt-11 pb-10 bg-enamel-hi border-2 border-cobalt-ink rounded-cloth shadow-next grid gap-3.5 max-sm:py-9 max-sm:px-5"
	>
		<span class="absolute -top-5.5 left-8.5"><Peg /></span><span class="absolute -top-5.5 right-8.5"
			><Peg /></span
		>
		<h1>{title}</h1>
		{#if says}<p class="dim text-lead">{says}</p>{/if}
		{#if problem}<Notice tone="wrong"><span>{problem}</span></Notice>{/if}
		{@render children()}
		<span
			class="absolute top-auto right-0 bottom-2.5 left-0 h-1.75 [border-block:2px_solid_var(--cobalt-ink)]"
			aria-hidden="true"
		></span>
	</div>
	{#if aside}<div class="flex flex-wrap gap-x-7 gap-y-2.5 justify-center px-6 text-center">
			{@render aside()}
		</div>{/if}
	<div
		class="step flex items-end gap-7 mt-auto max-w-[calc(100%_-_36px)] px-[clamp(12px,4vw,60px)] border-b-7 border-b-cobalt [@media_(max-height:700px)]:hidden"
		aria-hidden="true"
	>
		<Thing name="broom" size={130} /><Thing name="boots" size={104} /><Thing name="bin" size={104} />
	</div>
</section>

<style>
	.step :global(svg) {
		flex: 0 1 auto;
		min-width: 0;
		height: auto;
	}
	.towel :global(form) {
		display: grid;
		gap: 14px;
	}
</style>
