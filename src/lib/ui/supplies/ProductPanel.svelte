<script lang="ts">
	/** What is worth knowing of one product: the danger first, then where, who and what it is for. */
	import type { ProductDetail, SuppliesView } from '$views/supplies';
	import { SUPPLIES } from '$words/supplies/cupboard';
	import { LEVELS, type Level } from '$core/cupboard/shopping';
	import { LEVEL_WORDS } from '$words/supplies/products';
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import Caution from '../kit/Caution.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import { afterNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import { tick } from 'svelte';
	let { view, product, onchange }: { view: SuppliesView; product: ProductDetail; onchange: () => void } =
		$props();
	const grave = $derived(product.cares.filter((care) => care.grave));
	const mind = $derived(
		product.cares
			.filter((care) => !care.grave)
			.map((care) => `${care.headline} ${care.text}`.trim())
			.join(' ')
	);
	const lines = $derived(
		[
			[SUPPLIES.goodOn, product.goodOn],
			[SUPPLIES.notOn, product.notOn],
			[SUPPLIES.briefly, product.briefly],
			[SUPPLIES.who, product.who],
			[SUPPLIES.wear, mind],
			[SUPPLIES.usedFor, product.usedFor],
			[SUPPLIES.until, product.until]
		].filter(([, words]) => words)
	);
	let panel = $state<HTMLElement>();
	// On a phone it stands under the shelves: whoever pressed a bottle is brought to it. An address that asks is answered above.
	afterNavigate(({ type }) => {
		const isBelow = panel && panel.getBoundingClientRect().top > window.innerHeight - 120;
		if (type === 'link' && isBelow) panel?.scrollIntoView({ block: 'start' });
	});
	let form = $state<HTMLFormElement>();
	const told = $derived(product.level);
	let level = $derived<Level>(told);
	async function tell(to: readonly string[]) {
		level = (to[0] as Level | undefined) ?? level;
		await tick();
		form?.requestSubmit();
	}
</script>

<section
	bind:this={panel}
	class="min-w-0 scroll-mt-4 rounded-button border-2 border-cobalt-ink bg-enamel-hi px-5 py-4"
	aria-label={product.name}
>
	<h2 class="m-0 wrap-anywhere">{product.name}</h2>
	<p class="mt-1 mb-3 text-tin-text">{product.line}</p>
	{#each grave as care (care.headline)}
		<div class="mb-3"><Caution headline={care.headline}>{care.text}</Caution></div>
	{/each}
	{#if grave.length > 0 && page.data.poisonCentre}<p class="-mt-1 mb-3 text-tin-text">
			{SUPPLIES.poison(page.data.poisonCentre)}
		</p>{/if}
	<dl class="m-0 grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-2">
		{#each lines as [name, words] (name)}
			<dt class="text-tin-text">{name}</dt>
			<dd class="m-0 font-name wrap-anywhere">{words}</dd>
		{/each}
	</dl>
	<ActForm
		bind:form
		action="/supplies?/level"
		values={{ thing: product.id, level }}
		then={{ withoutId: true }}
		class="mt-4"
	>
		<Toggles
			label={SUPPLIES.level}
			options={LEVELS.map((one) => ({ value: one, label: LEVEL_WORDS[one] }))}
			value={[level]}
			onchange={(to) => void tell(to)}
		/>
		<noscript><Button type="submit">{SUPPLIES.save}</Button></noscript>
	</ActForm>
	{#if view.mayEdit}<Button class="mt-3" onclick={onchange}>{SUPPLIES.change}</Button>{/if}
</section>
