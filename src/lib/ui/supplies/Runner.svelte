<script lang="ts">
	/** Under the shelves: kits, what is to buy, and the mixing table. */
	import Button from '../kit/Button.svelte';
	import type { SuppliesView } from '$views/supplies';
	import { SUPPLIES } from '$words/supplies/cupboard';
	import KitLetter from './KitLetter.svelte';
	let { view }: { view: SuppliesView } = $props();
	const SHOWN = 4;
</script>

<section
	class="linen mt-auto grid content-start gap-x-10 gap-y-6 px-edge [border-top:var(--stitch)] pt-4 pb-6 min-[900px]:grid-cols-3"
>
	<div class="min-w-0">
		<h2 class="m-0 mb-2">{SUPPLIES.kits}</h2>
		{#if view.kits.length === 0}<p class="m-0 mb-2 text-tin-text">{SUPPLIES.kitsNone}</p>{/if}
		<ul class="m-0 grid list-none gap-1.5 p-0">
			{#each view.kits.slice(0, SHOWN) as kit (kit.id)}
				<li class="flex min-w-0 items-center gap-3">
					<KitLetter letter={kit.letter} weave={kit.weave} />
					<span class="min-w-0 flex-1 wrap-anywhere"
						><b class="font-name">{kit.name}</b>{kit.place ? `, ${kit.place}` : ''}</span
					>
					<span class="text-tin-text">{kit.words}</span>
				</li>
			{/each}
		</ul>
		<p class="mt-2 mb-0">
			<Button kind="link" class="inline-block! min-h-7!" href="/supplies/kits">{SUPPLIES.allKits}</Button>
		</p>
	</div>
	<div class="min-w-0">
		<h2 class="m-0 mb-2">{SUPPLIES.toBuy}</h2>
		{#if view.toBuy.length === 0}<p class="m-0 mb-2 text-tin-text">{SUPPLIES.nothingToBuy}</p>{/if}
		<ul class="m-0 grid list-none gap-1.5 p-0">
			{#each view.toBuy.slice(0, SHOWN) as one (one.id)}
				<li class="flex min-w-0 flex-wrap items-baseline gap-x-3">
					<span class="min-w-0 font-name wrap-anywhere">{one.name}</span>
					<span class="ml-auto text-tin-text">{one.words}</span>
				</li>
			{/each}
		</ul>
		<p class="mt-2 mb-0">
			<Button kind="link" class="inline-block! min-h-7!" href="/supplies/list">{SUPPLIES.openList}</Button>
		</p>
	</div>
	<div class="min-w-0">
		<h2 class="m-0 mb-2">{SUPPLIES.mix}</h2>
		<p class="m-0 mb-2 text-tin-text">{SUPPLIES.mixLead}</p>
		<p class="m-0 flex flex-wrap gap-x-5 gap-y-2">
			<Button kind="link" class="inline-block! min-h-7!" href="/supplies/mix">{SUPPLIES.openMix}</Button>
			<Button kind="link" class="inline-block! min-h-7!" href="/supplies/door">{SUPPLIES.openDoor}</Button>
		</p>
		<p class="mt-3 mb-0 text-tin-text">{SUPPLIES.labelFirst}</p>
	</div>
</section>
