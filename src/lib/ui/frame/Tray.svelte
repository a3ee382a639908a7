<script lang="ts">
	/** The tray with its rim, the top row and the lower rim. The rim never scrolls. */
	import Button from '../kit/Button.svelte';
	import { FRAME_TRAY } from '$words/screens/frame';
	import Moon from '@lucide/svelte/icons/moon';
	import SquareTerminal from '@lucide/svelte/icons/square-terminal';
	import Sun from '@lucide/svelte/icons/sun';
	import type { Snippet } from 'svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Hydrate from '../Hydrate.svelte';
	import { FRAME, IN_RIM } from '$words/frame';
	import type { FrameView } from '$views/frame';
	import HomeMenu from './HomeMenu.svelte';
	let { frame, bare = false, children }: { frame: FrameView; bare?: boolean; children: Snippet } = $props();
	const path = $derived(frame.path);
	const rim = $derived(frame.places.filter(({ href }) => IN_RIM.includes(href)));
	const behindMore = $derived(frame.places.length > rim.length);
	const isBehindMore = $derived(
		path === '/more' || frame.places.some(({ href }) => !IN_RIM.includes(href) && path.startsWith(href))
	);
	const here = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));
	/** Before a home, and at its door, there is no demo to speak of. */
	const inDemo = $derived(frame.isDemo && !/^\/(begin|sign-in|sign-up|reset|join|who|about)/.test(path));
	const dark = $derived(frame.light === 'evening');
	const ICON =
		'grid size-11 cursor-pointer place-items-center rounded-sign border-0 bg-transparent p-0 text-ink hover:bg-cobalt-wash focus-visible:shadow-focus';
	/** The layout keeps the line to type in; without scripts it is a page. */
	function palette(event: MouseEvent) {
		event.preventDefault();
		window.dispatchEvent(new Event('sayit'));
	}
</script>

<a
	class="fixed -top-20 left-6 z-60 rounded-button bg-cobalt px-5 py-3 font-name text-on-cobalt shadow-sign focus:top-4 print:hidden"
	href="#content">{FRAME.skip}</a
>
<div
	class="tray flex min-h-svh flex-col bg-enamel p-(--rim) print:block print:min-h-0 print:bg-transparent print:p-0"
	class:bare
>
	<Hydrate>
		{#if !bare}
			<header
				class="flex min-h-[58px] flex-wrap items-center gap-x-1 px-edge pt-2 max-sm:hidden print:hidden"
			>
				<a class="mark mr-auto md:mr-2 min-[1360px]:mr-4" href="/"
					><Glyph name="due" size={28} /><span>{FRAME_TRAY.pailRound}</span></a
				>
				<nav
					aria-label={FRAME.places}
					class="order-last flex basis-full flex-wrap gap-0.5 md:order-none md:flex-1 md:basis-0"
				>
					{#each frame.places as place (place.href)}
						<a
							href={place.href}
							aria-current={here(place.href) ? 'page' : undefined}
							class="my-1 grid min-h-9 place-items-center rounded-sign px-3 font-name no-underline md:px-1.5 min-[1360px]:px-3 lg:px-4 {here(
								place.href
							)
								? 'bg-cobalt text-on-cobalt shadow-[inset_0_0_0_2px_var(--cobalt),inset_0_0_0_3.5px_var(--on-cobalt)]'
								: 'text-ink hover:bg-cobalt-wash'}">{place.name}</a
						>
					{/each}
				</nav>
				{#if frame.maySay}<a
						href="/say"
						onclick={palette}
						aria-keyshortcuts="/"
						title={FRAME.command}
						aria-label={FRAME.command}
						class="{ICON} place-content-center gap-2 {frame.isDemo
							? ''
							: 'min-[1150px]:flex min-[1150px]:w-auto min-[1150px]:items-center min-[1150px]:px-3'}"
						><SquareTerminal size={22} aria-hidden="true" /><span
							class="hidden font-name {frame.isDemo ? '' : 'min-[1150px]:inline'}">{FRAME.command}</span
						></a
					>{/if}
				<form method="post" action="/light">
					<input type="hidden" name="back" value={path} />
					<button
						name="light"
						value={dark ? 'day' : 'evening'}
						class={ICON}
						title={dark ? FRAME.light : FRAME.dark}
						aria-label={dark ? FRAME.light : FRAME.dark}
						>{#if dark}<Sun size={22} aria-hidden="true" />{:else}<Moon
								size={22}
								aria-hidden="true"
							/>{/if}</button
					>
				</form>
				{#if inDemo}<a
						href="/begin"
						class="inline-grid min-h-9 place-items-center rounded-sign border-2 border-cobalt-ink px-3.5 font-name text-cobalt-ink no-underline hover:bg-cobalt-wash"
						>{FRAME.begin}</a
					>{/if}
				{#if frame.isDevice}<Button kind="link" class="px-2!" href="/who">{FRAME.whoAreYou}</Button>{/if}
				{#if frame.household}<HomeMenu {frame} />{/if}
			</header>
		{/if}
	</Hydrate>
	<Hydrate>
		{#if inDemo}
			<!-- A running session and a child's page have no top row that could say so. -->
			<aside
				class="flex min-h-11 items-center gap-x-3 rounded-t-2xl bg-cobalt-wash px-4 font-name print:hidden {bare
					? 'own-strip'
					: 'sm:hidden'}"
				aria-label={FRAME.demo}
			>
				<span class="text-cobalt-ink">{FRAME.demo}</span>
				<a class="inline-flex min-h-11 min-w-0 items-center leading-tight text-cobalt-ink" href="/begin"
					>{FRAME.begin}</a
				>
				<span class="ml-auto min-w-0"><HomeMenu {frame} label={frame.as?.name} /></span>
			</aside>
		{:else if frame.atDevice && path.startsWith('/mine')}
			<form class="grid justify-items-end px-3 pt-1.5" method="post" action="/who?/done">
				<Button kind="link" type="submit" class="min-h-11!">{FRAME.doneHere}</Button>
			</form>
		{/if}
	</Hydrate>
	<main
		id="content"
		tabindex="-1"
		class="flex min-w-0 flex-1 flex-col outline-none focus-visible:shadow-none print:block"
	>
		<Hydrate>
			{@render children()}
		</Hydrate>
	</main>
</div>
<Hydrate>
	{#if !bare}
		<nav
			class="fixed inset-x-0 bottom-0 z-45 hidden h-[calc(62px+env(safe-area-inset-bottom))] auto-cols-fr grid-flow-col gap-1 bg-rim px-[5px] pt-1.5 pb-[calc(5px+env(safe-area-inset-bottom))] max-sm:grid print:hidden"
			aria-label={FRAME.places}
		>
			{#each rim as place (place.href)}
				<a href={place.href} aria-current={here(place.href) ? 'page' : undefined} class="lower"
					>{place.name}</a
				>
			{/each}
			{#if behindMore}
				<a href="/more" aria-current={isBehindMore ? 'page' : undefined} class="lower">{FRAME.more}</a>
			{/if}
		</nav>
	{/if}
</Hydrate>

<style>
	/* The rim lies over the page as a frame, so that the page scrolls under it. */
	.tray::after {
		content: '';
		position: fixed;
		inset: var(--rim);
		border-radius: var(--r-tray);
		box-shadow: 0 0 0 40px var(--tray-rim);
		pointer-events: none;
		z-index: 40;
	}
	.tray:has(.own-strip) {
		--own-strip: 44px;
	}
	.lower {
		display: grid;
		place-items: center;
		min-width: 0;
		border-radius: 10px;
		color: var(--on-rim);
		font-weight: var(--w-name);
		text-decoration: none;
	}
	.lower[aria-current] {
		background: var(--enamel-hi);
		color: var(--cobalt-ink);
	}
	.lower:focus-visible {
		box-shadow: inset 0 0 0 3px var(--on-rim);
	}
	@media (max-width: 350px) {
		.lower {
			font-size: 0.875rem;
		}
	}
	@media (max-width: 640px) {
		.tray {
			padding-bottom: calc(62px + env(safe-area-inset-bottom));
		}
		.tray::after {
			bottom: calc(62px + env(safe-area-inset-bottom));
		}
		.tray.bare {
			padding-bottom: var(--rim);
		}
		.tray.bare::after {
			bottom: var(--rim);
		}
	}
	@media print {
		.tray::after {
			display: none;
		}
	}
</style>
