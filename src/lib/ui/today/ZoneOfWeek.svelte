<script lang="ts">
	/** The zone that has its week: how far it is, and its next jobs. */
	import { REACH } from '$ui/kit/styles';
	import { TODAY_ZONE_OF_WEEK } from '$words/screens/today';
	import Glyph from '../glyphs/Glyph.svelte';
	import Sewn from '../glyphs/Sewn.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import { TODAY, zoneTitle } from '$words/today';
	import type { TodayView } from '$views/today';
	let { view, hrefOf }: { view: TodayView; hrefOf: (line: string) => string } = $props();
	const zone = $derived(view.zone);
</script>

<section class="flex min-w-0 gap-5" aria-labelledby="zone-title">
	<span class="relative min-h-32 w-15 shrink-0 overflow-hidden bg-enamel-hi shadow-cloth" aria-hidden="true">
		{#if zone}<span class="absolute inset-0"><Weave weave={zone.mark.weave} /></span><span
				class="plate absolute! top-3 left-3">{zone.mark.number}</span
			>{/if}
	</span>
	<div class="min-w-0 flex-1">
		{#if zone}
			<h2 id="zone-title" class="m-0 wrap-anywhere">
				{zoneTitle(zone.mark.name, view.relation, zone.isOfDay)}
			</h2>
			<p class="mt-1 mb-2 text-tin-text">{zone.words}</p>
			{#if zone.counted > 0}<Sewn done={zone.settled} of={zone.counted} />{/if}
			{#if zone.clearing}<p class="mt-2 mb-0 text-tin-text">{TODAY.clearing}</p>{/if}
			<ul class="mt-2 mb-0 list-none p-0">
				{#each zone.next as item (item.line)}
					<li class="flex min-h-8 items-center gap-2.5 max-md:min-h-11">
						<Glyph name="coming" size={22} />
						<a
							href={hrefOf(item.line)}
							data-sveltekit-noscroll
							data-sveltekit-replacestate
							class="{REACH} min-w-0 py-0.5 text-ink no-underline wrap-anywhere hover:underline"
							>{item.name}</a
						>
						<span class="ml-auto whitespace-nowrap text-tin-text"
							>{TODAY_ZONE_OF_WEEK.min(minutesText(item.minutes))}</span
						>
					</li>
				{/each}
			</ul>
		{:else}
			<h2 id="zone-title" class="m-0">{TODAY.noZone}</h2>
			<p class="mt-1 mb-0 text-tin-text">{view.kind ? `${view.kind}. ` : ''}{TODAY.noZoneLine}</p>
		{/if}
	</div>
</section>
