<script lang="ts">
	/** What is overdue and not urgent, with when there is time; what clearings left open stands before it. */
	import { REACH } from '$ui/kit/styles';
	import ActForm from '../ActForm.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Button from '../kit/Button.svelte';
	import { canBeDoneNow, moreOverdue, TODAY } from '$words/today';
	import type { TodayView } from '$views/today';
	let { view, hrefOf }: { view: TodayView; hrefOf: (line: string) => string } = $props();
	let all = $state(false);
	let openShown = $state(false);
	const FEW = 3;
	const shown = $derived(all ? view.overdue : view.overdue.slice(0, FEW));
	const LINE = 'flex min-h-8 items-start gap-x-2.5 py-0.5 max-md:min-h-11';
	/** The name, and beside it or below it what is to be known. */
	const WORDS = 'flex min-w-0 flex-1 flex-wrap items-baseline justify-between gap-x-3';
	const NAME = REACH + ' min-w-0 py-0.5 text-ink no-underline wrap-anywhere hover:underline';
</script>

<section class="min-w-0" aria-labelledby="overdue-title">
	{#if view.leftOpen.length > 0}
		<ul class="mt-0 mb-3 list-none p-0">
			{#each view.leftOpen as one (one.id)}
				<li class="flex min-h-11 flex-wrap items-center gap-x-2.5">
					<Glyph name={one.kind === 'closing' ? 'part' : 'waiting'} size={24} />
					<span class="min-w-0 flex-1 basis-40 wrap-anywhere"
						>{#if one.href}<a href={one.href}>{one.name}</a>{:else}{one.name}{/if}<span class="text-tin-text"
							>{' '}{one.words}</span
						></span
					>
					{#if one.kind !== 'closing'}
						<ActForm action="/?/left" values={{ kind: one.kind, of: one.id }} then={{ withoutId: true }}
							><Button kind="link" type="submit">{one.kind === 'bag' ? TODAY.bagLeft : TODAY.boxEmpty}</Button
							></ActForm
						>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
	<h2 id="overdue-title" class="m-0">{TODAY.overdue}</h2>
	<p class="mt-1 mb-2 text-tin-text">{view.overdueWords}</p>
	<ul class="m-0 list-none p-0">
		{#each shown as one (one.row.line)}
			<li class={LINE}>
				<span class="shrink-0"
					><Glyph name={one.row.overdue ? 'late' : one.row.glyph} size={24} turns={one.row.lateTurns} /></span
				>
				<span class={WORDS}>
					<a href={hrefOf(one.row.line)} data-sveltekit-noscroll data-sveltekit-replacestate class={NAME}
						>{one.row.name}</a
					>
					<span class="text-tin-text"
						>{#if one.row.overdue}<b class="text-brass-text">{one.row.overdue}</b>{' · '}{/if}{one.next}</span
					>
				</span>
			</li>
		{/each}
		{#if openShown}
			{#each view.open as row (row.line)}
				<li class={LINE}>
					<span class="shrink-0"><Glyph name={row.glyph} size={22} /></span>
					<span class={WORDS}>
						<a href={hrefOf(row.line)} data-sveltekit-noscroll data-sveltekit-replacestate class={NAME}
							>{row.name}</a
						>
						<span class="text-tin-text">{row.words}</span>
					</span>
				</li>
			{/each}
		{/if}
	</ul>
	<p class="mt-1 mb-0 flex flex-wrap gap-x-6">
		{#if view.overdue.length > FEW}
			<Button kind="link" aria-expanded={all} onclick={() => (all = !all)}
				>{all ? TODAY.fewer : moreOverdue(view.overdue.length - FEW)}</Button
			>
		{/if}
		{#if view.open.length > 0}
			<Button kind="link" aria-expanded={openShown} onclick={() => (openShown = !openShown)}
				>{canBeDoneNow(view.open.length)}</Button
			>
		{/if}
	</p>
</section>
