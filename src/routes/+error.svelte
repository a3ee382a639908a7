<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { ERROR_PAGE } from '$words/screens/frame';
	import { page } from '$app/state';
	import BitePail from '$ui/glyphs/BitePail.svelte';
</script>

<svelte:head
	><title>{ERROR_PAGE.pailRound(page.status === 404 ? ERROR_PAGE.notFound : ERROR_PAGE.notJustNow)}</title
	></svelte:head
>

<section class="m-auto px-(--page-edge) pt-6 pb-15 max-w-160 text-center">
	<div class="relative h-42.5" aria-hidden="true">
		<svg viewBox="0 0 640 60" width="100%" height="60" preserveAspectRatio="none"
			><path
				d="M0 8Q320 64 640 8"
				fill="none"
				stroke="var(--ink)"
				stroke-width="2"
				vector-effect="non-scaling-stroke"
			/></svg
		>
		<span class="absolute left-[calc(50%_-_60px)] top-8.5"
			><BitePail minutes={String(page.status)} size={120} /></span
		>
	</div>
	<h1>{page.error?.message ?? ERROR_PAGE.somethingWentWrongHere}</h1>
	<p class="text-[1.125rem] text-tin-text mt-3.5">
		{page.error?.remedy ?? ERROR_PAGE.goBackToTodayAnd}
	</p>
	<p class="acts text-[1.125rem] text-tin-text mt-7 flex gap-3.5 justify-center flex-wrap">
		<Button kind="solid" href="/">{ERROR_PAGE.backToToday}</Button>
		{#if page.status >= 500}<Button href={page.url.pathname + page.url.search} data-sveltekit-reload
				>{ERROR_PAGE.tryAgain}</Button
			>{/if}
	</p>
</section>
