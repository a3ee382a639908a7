<script lang="ts">
	/** The tray with its rim, the top row and the lower rim. The rim never scrolls. */
	import type { Snippet } from 'svelte';
	import Glyph from './glyphs/Glyph.svelte';
	let {
		path,
		household,
		homes = [],
		isDemo = false,
		light,
		bare = false,
		children
	}: {
		path: string;
		household: string;
		homes?: readonly { id: string; name: string; isDemo: boolean; current: boolean }[];
		isDemo?: boolean;
		light: string;
		bare?: boolean;
		children: Snippet;
	} = $props();
	// Places that are not built yet are not shown.
	const places = [
		{ href: '/', name: 'Today' },
		{ href: '/pail', name: 'Pail' },
		{ href: '/rota', name: 'Rota' },
		{ href: '/house', name: 'House' },
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
			{#if isDemo}<a class="own" href="/begin">Begin your own home</a>{/if}
			{#if homes.length > 1}
				<details class="homes">
					<summary class="home">{household}</summary>
					<form method="post" action="/home">
						{#each homes as one (one.id)}
							<button name="home" value={one.id} disabled={one.current}
								>{one.name}{one.isDemo ? ', the demo' : ''}{one.current ? ', here' : ''}</button
							>
						{/each}
					</form>
				</details>
			{:else}
				<span class="home">{household}</span>
			{/if}
		</header>
	{/if}
	{#if isDemo && !path.startsWith('/begin')}<a class="own-phone" class:bare href="/begin"
			>This is the demo. Begin your own home</a
		>{/if}
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
		margin-right: 26px;
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
	.own {
		display: inline-grid;
		place-items: center;
		min-height: 36px;
		padding: 0 14px;
		border: 2px solid var(--cobalt-ink);
		border-radius: var(--r-sign);
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
		text-decoration: none;
		margin-right: 12px;
	}
	.own:hover {
		background: var(--cobalt-wash);
	}
	.homes {
		position: relative;
	}
	.homes summary {
		cursor: pointer;
		padding: 8px 0;
		list-style: none;
		text-decoration: underline dotted;
		text-underline-offset: 5px;
	}
	.homes form {
		position: absolute;
		right: 0;
		top: 100%;
		z-index: 45;
		display: grid;
		min-width: 220px;
		padding: 8px;
		border-radius: var(--r-button);
		background: var(--enamel-hi);
		box-shadow: var(--sh-next);
	}
	.homes button {
		min-height: 44px;
		padding: 0 14px;
		border: 0;
		background: none;
		color: var(--ink);
		font: inherit;
		text-align: left;
		border-radius: 8px;
	}
	.homes button:hover:not(:disabled) {
		background: var(--cobalt-wash);
	}
	.homes button:disabled {
		color: var(--tin-text);
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
	.lower,
	.own-phone {
		display: none;
		padding: 6px 15px;
		background: var(--cobalt-wash);
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
		text-align: center;
		border-radius: 16px 16px 0 0;
	}
	/* A running pail has no top row that could hold it. */
	.own-phone.bare {
		display: block;
		height: var(--own-strip);
	}
	.tray:has(.own-phone.bare) {
		--own-strip: 36px;
	}
	@media (max-width: 640px) {
		.top {
			display: none;
		}
		.own-phone {
			display: block;
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
			grid-template-columns: repeat(5, 1fr);
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
