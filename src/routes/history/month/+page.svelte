<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { HISTORY_MONTH_PAGE } from '$words/screens/history';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import MonthGrid from '$ui/history/MonthGrid.svelte';
	import { minutesText } from '$words/general';
	import { MONTH } from '$words/history';
	let { data } = $props();
	const view = $derived(data.view);
	const ARROW =
		'grid size-11 place-items-center rounded-button border-2 border-tin-2 text-cobalt-ink hover:bg-cobalt-wash focus-visible:shadow-focus';
</script>

<svelte:head><title>{HISTORY_MONTH_PAGE.pailRound(view.title)}</title></svelte:head>

<section class="grid content-start gap-4 px-edge pt-2 pb-6">
	<header class="flex flex-wrap items-center gap-x-4 gap-y-2">
		<h1 class="m-0">{view.title}</h1>
		<nav class="flex gap-2" aria-label={MONTH.before}>
			<a class={ARROW} href={view.before} aria-label={MONTH.before}><ChevronLeft size={22} /></a>
			{#if view.after}<a class={ARROW} href={view.after} aria-label={MONTH.after}
					><ChevronRight size={22} /></a
				>{/if}
		</nav>
		<Button kind="link" class="ml-auto" href="/history">{MONTH.back}</Button>
	</header>
	<p class="m-0 text-lead">{view.summary}</p>
	<nav class="flex flex-wrap gap-2" aria-label={MONTH.who}>
		{#each view.people as one (one.href)}
			<a
				href={one.href}
				aria-current={one.chosen ? 'true' : undefined}
				data-sveltekit-noscroll
				class="inline-flex min-h-11 max-w-full items-center gap-2 rounded-button border-2 border-tin-2 px-4 text-ink no-underline hover:bg-cobalt-wash focus-visible:shadow-focus aria-current:border-cobalt-ink aria-current:bg-cobalt aria-current:text-on-cobalt"
				><span class="min-w-0 font-name wrap-anywhere">{one.name}</span><span class="whitespace-nowrap"
					>{HISTORY_MONTH_PAGE.min(minutesText(one.minutes))}</span
				></a
			>
		{/each}
	</nav>
	<MonthGrid {view} />
</section>
