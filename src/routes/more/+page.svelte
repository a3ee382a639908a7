<script lang="ts">
	/** What the lower rim of a phone has no room for. */
	import { MORE_PAGE } from '$words/screens/frame';
	import { page } from '$app/state';
	import MenuOfHome from '$ui/frame/MenuOfHome.svelte';
	import type { FrameView } from '$views/frame';
	import { FRAME, IN_RIM } from '$words/frame';
	const frame = $derived({ ...(page.data.frame as FrameView), path: '/more' });
	const rest = $derived(frame.places.filter(({ href }) => !IN_RIM.includes(href)));
</script>

<svelte:head><title>{MORE_PAGE.pailRound(FRAME.more)}</title></svelte:head>

<section class="w-full max-w-xl px-edge py-5">
	<h1 class="m-0 wrap-anywhere">{frame.household}{frame.isDemo ? ` (${FRAME.demo.toLowerCase()})` : ''}</h1>
	<ul class="my-4 list-none p-0">
		{#each rest as one (one.href)}<li>
				<a
					href={one.href}
					class="grid min-h-16 items-center border-b-2 border-dashed border-linen-deep font-display text-h3 text-ink no-underline hover:text-cobalt-ink"
					>{one.name}</a
				>
			</li>{/each}
	</ul>
	{#if frame.as}<p class="mb-2 text-tin-text">{FRAME.asNow(frame.as.name)}</p>{/if}
	<MenuOfHome {frame} />
</section>
