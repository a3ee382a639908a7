<script lang="ts">
	/** What is done hangs folded on the left; under it the sessions that run, one touch away. */
	import Button from '../kit/Button.svelte';
	import { TODAY_DONE_OF_TODAY } from '$words/screens/today';
	import BitePail from '../glyphs/BitePail.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { doneCount, TODAY } from '$words/today';
	import type { TodayView } from '$views/today';
	let { view, hrefOf }: { view: TodayView; hrefOf: (line: string) => string } = $props();
	const finished = $derived(view.done.filter((one) => one.outcome !== 'part'));
	const cloths = $derived(finished.slice(-3));
	let all = $state(false);
	const FEW = 6;
	const named = $derived(all ? view.done : view.done.slice(-FEW));
</script>

<div class="grid content-start gap-1 max-md:flex max-md:flex-wrap max-md:items-center max-md:gap-x-4">
	<div class="flex min-h-24 gap-1.5 max-md:hidden" aria-hidden="true">
		{#each cloths as done, i (done.entry)}
			<span
				class="relative grid h-21 w-12 place-items-center rounded-b-cloth bg-linen-hi/70 pt-2.5 shadow-cloth"
				style:margin-top="{[6, 7, 4][i]}px"
			>
				<span class="absolute -top-3.5 left-[18.5px]"><Peg /></span>
				<Glyph name={done.outcome === 'letgo' ? 'letgo' : 'done'} size={28} />
				{#if done.zone}<span class="absolute inset-x-0 bottom-1.5 h-2 opacity-75"
						><Weave weave={done.zone.weave} /></span
					>{/if}
			</span>
		{/each}
	</div>
	{#if view.done.length > 0}
		<b>{doneCount(finished.length)}</b>
		<ul class="m-0 list-none p-0 pr-12 leading-snug max-md:hidden">
			{#each named as done (done.entry)}
				<li>
					<a
						href={done.line === '' ? `/history?open=${view.date}` : hrefOf(done.line)}
						data-sveltekit-noscroll
						data-sveltekit-replacestate
						class="inline-block py-0.5 text-tin-text no-underline wrap-anywhere hover:underline"
						>{done.name}</a
					>
				</li>
			{/each}
		</ul>
		{#if view.done.length > FEW}<Button
				kind="link"
				type="submit"
				class="justify-self-start! max-md:hidden!"
				aria-expanded={all}
				onclick={() => (all = !all)}
				>{all ? TODAY.fewer : TODAY_DONE_OF_TODAY.more(view.done.length - FEW)}</Button
			>{/if}
	{:else}
		<p class="m-0 text-tin-text">{TODAY.nothingDone}</p>
	{/if}
	{#each view.pails as pail (pail.session)}
		<a
			href="/timer/{pail.session}"
			class="mt-3 block leading-snug text-tin-text no-underline max-md:mt-0 max-md:flex max-md:w-full max-md:items-center max-md:gap-3"
		>
			<BitePail minutes={String(pail.minutesLeft)} size={76} level={pail.share} full={pail.share > 0.45} />
			<span
				><b class="text-cobalt-ink underline decoration-2 underline-offset-4">{pail.name}</b><br
				/>{pail.phase === 'paused'
					? TODAY_DONE_OF_TODAY.paused
					: TODAY_DONE_OF_TODAY.minLeft(pail.minutesLeft)}{pail.doing ? `, ${pail.doing}` : ''}</span
			>
		</a>
	{/each}
</div>
