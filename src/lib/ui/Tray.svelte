<script lang="ts">
	/** The tray with its rim, the top row and the lower rim. The rim never scrolls. */
	import type { Snippet } from 'svelte';
	import Glyph from './glyphs/Glyph.svelte';
	let {
		path,
		household,
		light,
		bare = false,
		children
	}: { path: string; household: string; light: string; bare?: boolean; children: Snippet } = $props();
	// Places that are not built yet are not shown.
	const places = [
		{ href: '/', name: 'Today' },
		{ href: '/pail', name: 'Pail' },
		{ href: '/ledger', name: 'Ledger' }
	];
	const here = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));
</script>

<a class="skip" href="#content">Skip to the work</a>
<div class="tray" class:bare>
	{#if !bare}
		<header class="top">
			<a class="mark" href="/"><Glyph name="due" size={28} /><span>Pail Round</span></a>
			<nav aria-label="Places">
				{#each places as place (place.href)}
					<a href={place.href} aria-current={here(place.href) ? 'page' : undefined}>{place.name}</a>
				{/each}
			</nav>
			<form class="light" method="post" action="/light">
				<input type="hidden" name="back" value={path} />
				<button name="light" value={light === 'evening' ? 'day' : 'evening'}
					>{light === 'evening' ? 'Day light' : 'Evening light'}</button
				>
			</form>
			<span class="home">{household}</span>
		</header>
	{/if}
	<main id="content" tabindex="-1">{@render children()}</main>
</div>
{#if !bare}
	<nav class="lower" aria-label="Places">
		{#each places as place (place.href)}
			<a href={place.href} aria-current={here(place.href) ? 'page' : undefined}>{place.name}</a>
		{/each}
	</nav>
{/if}

<style>
	.skip {
		position: fixed;
		left: 24px;
		top: -80px;
		z-index: 60;
		padding: 12px 20px;
		border-radius: var(--r-button);
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow: var(--sign-keyline);
		font-weight: var(--w-name);
	}
	.skip:focus {
		top: 16px;
	}
	.tray {
		min-height: 100svh;
		padding: var(--rim);
		background: var(--enamel);
		display: flex;
		flex-direction: column;
	}
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
	main {
		flex: 1;
		display: flex;
		flex-direction: column;
		outline: none;
	}
	main:focus-visible {
		box-shadow: none;
	}
	.top {
		display: flex;
		align-items: center;
		gap: 4px;
		padding: 8px calc(var(--page-edge) - var(--rim)) 0;
		min-height: 58px;
	}
	.mark {
		display: flex;
		align-items: center;
		gap: 10px;
		font-family: var(--font-display);
		font-size: 1.5rem;
		color: var(--cobalt-ink);
		text-decoration: none;
		margin-right: 26px;
		white-space: nowrap;
	}
	.top nav {
		display: flex;
		gap: 2px;
		flex: 1;
	}
	.top nav a {
		display: grid;
		place-items: center;
		min-height: 44px;
		padding: 0 16px;
		border-radius: var(--r-sign);
		color: var(--ink);
		font-weight: var(--w-name);
		text-decoration: none;
	}
	.top nav a:hover:not([aria-current]) {
		background: var(--cobalt-wash);
	}
	.top nav a[aria-current] {
		min-height: 34px;
		margin: 5px 0;
		background: var(--cobalt);
		color: var(--on-cobalt);
		box-shadow:
			inset 0 0 0 2px var(--cobalt),
			inset 0 0 0 3.5px var(--on-cobalt);
	}
	.home {
		font-weight: var(--w-name);
		font-size: 1.0625rem;
	}
	.light button {
		min-height: 44px;
		padding: 0 16px;
		border: 0;
		background: none;
		color: var(--tin-text);
	}
	.light button:hover {
		color: var(--ink);
		text-decoration: underline;
		text-underline-offset: 4px;
	}
	.lower {
		display: none;
	}
	@media (max-width: 640px) {
		.top {
			display: none;
		}
		.tray {
			padding-bottom: calc(62px + env(safe-area-inset-bottom));
		}
		.tray.bare {
			padding-bottom: var(--rim);
		}
		.tray::after {
			bottom: calc(62px + env(safe-area-inset-bottom));
		}
		.tray.bare::after {
			bottom: var(--rim);
		}
		.lower {
			position: fixed;
			left: 0;
			right: 0;
			bottom: 0;
			z-index: 45;
			height: calc(62px + env(safe-area-inset-bottom));
			padding: 6px 5px calc(5px + env(safe-area-inset-bottom));
			display: grid;
			grid-template-columns: repeat(3, 1fr);
			gap: 4px;
			background: var(--tray-rim);
		}
		.lower a {
			display: grid;
			place-items: center;
			border-radius: 10px;
			color: var(--on-rim);
			font-weight: var(--w-name);
			text-decoration: none;
		}
		.lower a[aria-current] {
			background: var(--enamel-hi);
			color: var(--cobalt-ink);
		}
		.lower a:focus-visible {
			box-shadow: inset 0 0 0 3px var(--on-rim);
		}
	}
	@media print {
		.top,
		.lower,
		.skip,
		.tray::after {
			display: none;
		}
	}
</style>
