<script lang="ts">
	import { page } from '$app/state';
	import BitePail from '$ui/glyphs/BitePail.svelte';
</script>

<svelte:head><title>{page.status === 404 ? 'Not found' : 'Not just now'} · Pail Round</title></svelte:head>

<section class="wrong">
	<div class="rope" aria-hidden="true">
		<svg viewBox="0 0 640 60" width="100%" height="60" preserveAspectRatio="none"
			><path
				d="M0 8Q320 64 640 8"
				fill="none"
				stroke="var(--ink)"
				stroke-width="2"
				vector-effect="non-scaling-stroke"
			/></svg
		>
		<span><BitePail minutes={String(page.status)} size={120} /></span>
	</div>
	<h1>{page.error?.message ?? 'Something went wrong here.'}</h1>
	<p>{page.error?.remedy ?? 'Go back to Today and try again.'}</p>
	<p class="acts">
		<a class="sign small" href="/">Back to Today</a>
		{#if page.status >= 500}<a class="plain" href={page.url.pathname + page.url.search} data-sveltekit-reload
				>Try again</a
			>{/if}
	</p>
</section>

<style>
	.wrong {
		margin: auto;
		padding: 24px var(--page-edge) 60px;
		max-width: 640px;
		text-align: center;
	}
	.rope {
		position: relative;
		height: 170px;
	}
	.rope span {
		position: absolute;
		left: calc(50% - 60px);
		top: 34px;
	}
	p {
		font-size: 1.125rem;
		color: var(--tin-text);
		margin: 14px 0 0;
	}
	.acts {
		display: flex;
		gap: 14px;
		justify-content: center;
		flex-wrap: wrap;
		margin-top: 28px;
	}
</style>
