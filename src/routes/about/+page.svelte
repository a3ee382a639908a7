<script lang="ts">
	/** What this is, in ten seconds. */
	import { ABOUT_PAGE } from '$words/screens/access';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Peg from '$ui/glyphs/Peg.svelte';
	import Button from '$ui/kit/Button.svelte';
	import { ABOUT } from '$words/frame';
	let { data } = $props();
	const GLYPHS = ['open', 'due', 'running'] as const;
</script>

<svelte:head><title>{ABOUT_PAGE.pailRound(ABOUT.title)}</title></svelte:head>

<section class="mx-auto grid w-full max-w-5xl my-auto gap-8 px-edge py-8">
	<div class="max-w-2xl">
		<h1 class="m-0 text-next">{ABOUT.title}</h1>
		<p class="mt-3 mb-0 text-[1.25rem]">{ABOUT.lead}</p>
	</div>
	<div class="relative pt-4">
		<svg
			class="pointer-events-none absolute top-0 left-0 h-6 w-full max-sm:hidden"
			viewBox="0 0 100 24"
			preserveAspectRatio="none"
			aria-hidden="true"
			><path
				d="M0 3Q50 21 100 3"
				fill="none"
				stroke="var(--ink)"
				stroke-width="2"
				vector-effect="non-scaling-stroke"
			/></svg
		>
		<ol class="m-0 grid list-none gap-5 p-0 sm:grid-cols-3">
			{#each ABOUT.points as [head, text], i (head)}
				<li class="linen relative rounded-b-cloth px-5 pt-6 pb-5 shadow-cloth">
					<span class="absolute -top-2.5 right-6 left-6 flex justify-between max-sm:hidden" aria-hidden="true"
						><Peg /><Peg /></span
					>
					<Glyph name={GLYPHS[i] ?? 'due'} size={44} />
					<h2 class="mt-3 mb-2">{head}</h2>
					<p class="m-0">{text}</p>
				</li>
			{/each}
		</ol>
	</div>
	<div class="flex flex-wrap items-center gap-4">
		<Button kind="solid" href="/begin">{ABOUT.begin}</Button>
		{#if data.hasDemo}<form method="post" action="/demo/look">
				<Button type="submit" size="large">{ABOUT.look}</Button>
			</form>{/if}
		<Button kind="link" href="/sign-in">{ABOUT.signIn}</Button>
	</div>
</section>
