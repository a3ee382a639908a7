<script lang="ts">
	/** One way to fill it: a pail as full as its minutes, its name, minutes and steps, and one line why. */
	import { SESSION_OFFER_PAIL } from '$words/screens/session';
	import BitePail from '../glyphs/BitePail.svelte';
	import { minutesText, plural } from '$words/general';
	import type { OfferView } from '$views/session';
	let { offer }: { offer: OfferView } = $props();
</script>

<a
	href={offer.href}
	aria-current={offer.chosen ? 'true' : undefined}
	data-sveltekit-noscroll
	data-sveltekit-replacestate
>
	<BitePail minutes="" size={58} level={offer.level} />
	<span>
		<b>{offer.title}</b>
		<span class="sum"
			><em>{minutesText(offer.minutes)}</em>
			{SESSION_OFFER_PAIL.min(offer.steps, plural(offer.steps, 'step'))}</span
		>
	</span>
	<span class="why">{offer.why}</span>
</a>

<style>
	a {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 4px 14px;
		align-items: center;
		align-content: start;
		padding: 14px 18px;
		border-radius: 14px;
		color: var(--ink);
		text-decoration: none;
		min-width: 0;
	}
	a[aria-current] {
		background: var(--enamel-hi);
		box-shadow:
			inset 0 0 0 3px var(--cobalt-ink),
			var(--sh-cloth);
	}
	a:focus-visible {
		box-shadow: var(--focus);
	}
	b {
		display: block;
		font-family: var(--font-display);
		font-weight: 400;
		font-size: var(--t-h3);
		line-height: 1.1;
	}
	.sum {
		color: var(--tin-text);
	}
	em {
		font-style: normal;
		font-weight: var(--w-figure);
		color: var(--ink);
		font-size: 1.1875rem;
	}
	.why {
		grid-column: 1 / -1;
	}
</style>
