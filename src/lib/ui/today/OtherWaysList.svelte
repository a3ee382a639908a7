<script lang="ts">
	/** The list behind "other ways to clean". */
	import Bell from '@lucide/svelte/icons/bell';
	import Brush from '@lucide/svelte/icons/brush';
	import Clock from '@lucide/svelte/icons/clock';
	import CookingPot from '@lucide/svelte/icons/cooking-pot';
	import House from '@lucide/svelte/icons/house';
	import LayoutGrid from '@lucide/svelte/icons/layout-grid';
	import ShoppingBag from '@lucide/svelte/icons/shopping-bag';
	import Sun from '@lucide/svelte/icons/sun';
	import WashingMachine from '@lucide/svelte/icons/washing-machine';
	import Sheet from '../kit/Sheet.svelte';
	import { TODAY } from '$words/today';
	import type { OtherWayView } from '$views/today';
	let { ways, onclose }: { ways: readonly OtherWayView[]; onclose: () => void } = $props();
	const ICONS = {
		basics: House,
		round: Clock,
		zone: LayoutGrid,
		clearing: ShoppingBag,
		visitors: Bell,
		reset: CookingPot,
		detail: Brush,
		bigday: Sun,
		laundry: WashingMachine
	} as const;
</script>

<Sheet title={TODAY.otherWays} {onclose}>
	<ul class="linen m-0 list-none rounded-cloth p-0 shadow-cloth">
		{#each ways as way (way.key)}
			{@const Icon = ICONS[way.key]}
			<li class="border-t border-linen-deep first:border-t-0">
				<a
					href={way.href}
					class="flex min-h-16 items-center gap-5 px-4 py-2.5 text-ink no-underline hover:bg-cobalt-wash focus-visible:shadow-focus"
				>
					<Icon size={30} class="shrink-0 text-cobalt-ink" aria-hidden="true" />
					<span class="min-w-0"
						><span class="block text-lead font-name">{way.label}</span><span class="block text-tin-text"
							>{way.line}</span
						></span
					>
				</a>
			</li>
		{/each}
	</ul>
</Sheet>
