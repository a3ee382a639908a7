<script lang="ts">
	/** The shelves with what stands on them; each is a link to what is worth knowing of it. */
	import { RELATION, SUPPLIES_SHELVES } from '$words/screens/supplies';
	import type { ProductView } from '$views/supplies';
	import { LEVEL_WORDS } from '$words/supplies/products';
	import { noteWords, relationOf } from './relation';
	import Vessel from './Vessel.svelte';
	let { products, chosen }: { products: readonly ProductView[]; chosen: string | null } = $props();
	const one = $derived(products.find((product) => product.id === chosen));
	const related = $derived(
		new Map(
			products.map((product) => [product.id, one && product.id !== one.id ? relationOf(one, product) : null])
		)
	);
	/** On a phone two shelves stand over each other, and each is slid by itself. */
	const shelves = $derived.by(() => {
		const half = products.length > 4 ? Math.ceil(products.length / 2) : products.length;
		return [products.slice(0, half), products.slice(half)].filter((one) => one.length > 0);
	});
	/** One line under the name: what must be read first. */
	function under(product: ProductView): { words: string; tone: string } {
		const relation = related.get(product.id);
		if (relation === 'danger') return { words: RELATION.danger, tone: 'text-madder font-name' };
		if (product.isOver) return { words: SUPPLIES_SHELVES.tooOld, tone: 'text-brass-text font-name' };
		if (product.level !== 'plenty')
			return { words: LEVEL_WORDS[product.level], tone: 'text-brass-text font-name' };
		if (relation === 'note' && one) return { words: noteWords(one, product), tone: 'text-tin-text' };
		if (relation === 'caution') return { words: RELATION.caution, tone: 'text-tin-text' };
		return { words: product.contents, tone: 'text-tin-text' };
	}
</script>

<div class="grid gap-y-7 overflow-x-clip sm:grid-cols-[repeat(auto-fill,minmax(108px,1fr))] max-sm:-mx-edge">
	{#each shelves as shelf, s (s)}
		<!-- Its list stays one to a screen reader, though its things stand in the grid above. -->
		<ul
			role="list"
			class="m-0 list-none p-0 sm:contents max-sm:grid max-sm:grid-flow-col max-sm:auto-cols-[124px] max-sm:overflow-x-auto max-sm:px-edge max-sm:pb-2"
		>
			{#each shelf as product (product.id)}
				{@const line = under(product)}
				{@const ends = product === products.at(-1)}
				<li class="relative grid min-w-0 content-start justify-items-stretch text-center">
					<a
						href="/supplies?product={product.id}"
						data-sveltekit-noscroll
						data-sveltekit-keepfocus
						aria-current={product.id === chosen ? 'true' : undefined}
						class="group relative grid min-w-0 content-start rounded-button text-ink no-underline focus-visible:shadow-focus"
					>
						<span class="grid h-[132px] items-end justify-items-center pt-2">
							<span
								class="grid items-end justify-items-center rounded-t-[14px] border-[3px] border-b-0 px-2 pt-1.5 {product.id ===
								chosen
									? 'border-cobalt-ink bg-enamel-hi'
									: 'border-transparent group-hover:bg-cobalt-wash'}"
								><Vessel
									vessel={product.vessel}
									level={product.level}
									barred={related.get(product.id) === 'danger'}
								/></span
							>
						</span>
						<span
							class="relative h-[9px] border-y border-wood-deep bg-wood after:absolute after:-top-px after:left-full after:hidden after:h-[9px] after:w-screen after:border-y after:border-wood-deep after:bg-wood {ends
								? 'sm:after:block'
								: ''}"
							aria-hidden="true"
						></span>
						<span class="px-1 pt-1.5 leading-tight font-name wrap-anywhere">{product.name}</span>
						<span class="px-1 text-body leading-tight wrap-anywhere {line.tone}">{line.words}</span>
					</a>
				</li>
			{/each}
		</ul>
	{/each}
</div>
