<script lang="ts">
	/** The print page: paper to the millimetre, and on the screen a button above it. */
	import Button from '$ui/kit/Button.svelte';
	import { PRINT_CARD_PAGE } from '$words/screens/print';
	import Sheet from '$ui/print/Sheet.svelte';
	let { data } = $props();
	/** Printing keeps the card, so that its code can be entered later; however often it is printed. */
	function keep() {
		const address = new URL(location.href);
		const body = new URLSearchParams();
		void fetch(`${address.pathname}?/keep&${address.searchParams}`, {
			method: 'POST',
			body,
			keepalive: true,
			headers: { accept: 'application/json', 'x-sveltekit-action': 'true' }
		}).catch(() => undefined);
	}
	const sheet = $derived(data.sheet);
	const sized = $derived(`<style>@page { size: ${sheet.width}mm ${sheet.height}mm; margin: 0; }</style>`);
</script>

<svelte:head>
	<title>{PRINT_CARD_PAGE.onPaperPailRound(sheet.title)}</title>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- two numbers of our own table of paper -->
	{@html sized}
</svelte:head>

<svelte:window onbeforeprint={keep} />

<div class="flex flex-wrap gap-x-6 gap-y-2.5 items-center py-2.5 px-edge print:hidden">
	<Button kind="solid" type="submit" onclick={() => window.print()}>{PRINT_CARD_PAGE.printThisCard}</Button>
	<p class="flex-1">
		{PRINT_CARD_PAGE.printAt10Of(
			sheet.size,
			sheet.pages.length,
			sheet.pages.length === 1 ? PRINT_CARD_PAGE.page : PRINT_CARD_PAGE.pages,
			sheet.kind === 'room' && sheet.pages.length === 2 ? PRINT_CARD_PAGE.onBothSides : ''
		)}
	</p>
	<noscript>
		<form method="post" action="?/keep">
			<Button type="submit">{PRINT_CARD_PAGE.keepThisCardToEnter}</Button>
		</form>
	</noscript>
	<Button kind="link" href="/print">{PRINT_CARD_PAGE.anotherCard}</Button>
</div>
<div
	class="sheets grid gap-6 justify-items-center px-2.5 pt-2.5 pb-10 overflow-x-auto print:block print:p-0 print:overflow-visible"
>
	<Sheet {sheet} />
</div>

<style>
	.sheets :global(.sheet) {
		box-shadow:
			0 0 0 1px var(--tin-1),
			var(--sh-cloth);
	}
	@media print {
		.sheets :global(.sheet) {
			box-shadow: none;
		}
	}
</style>
