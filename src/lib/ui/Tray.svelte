<script lang="ts">
	/** The tray with its rim, the top row and the lower rim. The rim never scrolls. */
	import type { Snippet } from 'svelte';
	import Glyph from './glyphs/Glyph.svelte';
	import DemoStrip from './DemoStrip.svelte';
	let {
		path,
		household,
		places,
		homes = [],
		isDemo = false,
		as = null,
		hasKeys = false,
		isDevice = false,
		atDevice = false,
		light,
		bare = false,
		children
	}: {
		path: string;
		household: string;
		/** What whoever looks may open. Places that are not built yet are not among them. */
		places: readonly { href: string; name: string }[];
		homes?: readonly { id: string; name: string; isDemo: boolean; current: boolean }[];
		isDemo?: boolean;
		/** In the demo: as whom it is looked at. */
		as?: { name: string; others: readonly { id: string; name: string }[] } | null;
		hasKeys?: boolean;
		isDevice?: boolean;
		atDevice?: boolean;
		light: string;
		bare?: boolean;
		children: Snippet;
	} = $props();
	/** On the phone four places stand in the rim; the others are behind More. */
	const IN_RIM = ['/', '/timer', '/schedule', '/house'];
	const rim = $derived(places.filter(({ href }) => IN_RIM.includes(href)));
	const behindMore = $derived(places.length > rim.length);
	const isBehindMore = $derived(
		path === '/more' || places.some(({ href }) => !IN_RIM.includes(href) && path.startsWith(href))
	);
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
			{#if isDevice}<a class="own" href="/who">Who are you?</a>{/if}
			<details class="homes">
				<summary class="home">{household}</summary>
				<div class="menu">
					{#if homes.length > 1}
						<form method="post" action="/home">
							{#each homes as one (one.id)}
								<button name="home" value={one.id} disabled={one.current}
									>{one.name}{one.isDemo ? ', the demo' : ''}{one.current ? ', here' : ''}</button
								>
							{/each}
						</form>
					{/if}
					{#if as}
						<form method="post" action="/demo/as">
							{#each as.others as one (one.id)}
								<button name="as" value={one.id}>As {one.name}</button>
							{/each}
						</form>
					{/if}
					{#if hasKeys}
						<a href="/own">Your keys</a>
						<form method="post" action="/sign-in?/out"><button>Sign out</button></form>
					{:else if isDemo}
						<a href="/sign-in">Sign in to your own home</a>
					{/if}
				</div>
			</details>
		</header>
	{/if}
	{#if isDemo && !/^\/(begin|sign-in|sign-up|reset|join|who)/.test(path)}
		<DemoStrip {as} {bare} />
	{:else if atDevice && path.startsWith('/mine')}
		<form class="leave" method="post" action="/who?/done"><button>I am done here</button></form>
	{/if}
	<main id="content" tabindex="-1">{@render children()}</main>
</div>
{#if !bare}
	<nav class="lower" aria-label="Places">
		{#each rim as place (place.href)}
			<a href={place.href} aria-current={here(place.href) ? 'page' : undefined}>{place.name}</a>
		{/each}
		{#if behindMore}
			<a href="/more" aria-current={isBehindMore ? 'page' : undefined}>More</a>
		{/if}
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
	.menu {
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
	.menu form {
		display: grid;
	}
	.menu a,
	.menu button {
		display: grid;
		align-items: center;
		text-decoration: none;
		width: 100%;
		min-height: 44px;
		padding: 0 14px;
		border: 0;
		background: none;
		color: var(--ink);
		font: inherit;
		text-align: left;
		border-radius: 8px;
	}
	.menu a:hover,
	.menu button:hover:not(:disabled) {
		background: var(--cobalt-wash);
	}
	.menu button:disabled {
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
	.lower {
		display: none;
	}
	.leave {
		display: grid;
		justify-items: end;
		padding: 6px 12px 0;
	}
	.leave button {
		min-height: 44px;
		padding: 0 14px;
		border: 0;
		background: none;
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
		text-decoration: underline;
		text-underline-offset: 4px;
	}
	.tray:has(:global(.demo-strip.bare)) {
		--own-strip: 44px;
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
			grid-auto-flow: column;
			grid-auto-columns: 1fr;
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
		.tray,
		main {
			display: block;
			padding: 0;
			background: none;
			min-height: 0;
		}
		.top,
		.lower,
		.skip,
		.tray::after {
			display: none;
		}
	}
</style>
