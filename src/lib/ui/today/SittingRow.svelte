<script lang="ts">
	/** The zone's jobs of the day as one row: it leads to their session. */
	import { TODAY_SITTING_ROW } from '$words/screens/today';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import { TODAY } from '$words/today';
	import type { SittingView } from '$views/today';
	let { sitting }: { sitting: SittingView } = $props();
</script>

<li
	class="relative flex min-h-13 items-center gap-2.5 border-t md:gap-1.5 border-linen-deep py-2 pr-3 pl-1 md:pr-2 first:border-t-0"
>
	<span class="relative w-2 shrink-0 self-stretch overflow-hidden" aria-hidden="true"
		><span class="absolute inset-0"><Weave weave={sitting.mark.weave} /></span></span
	>
	<span class="grid size-11 shrink-0 place-items-center" aria-hidden="true"
		><span
			class="grid size-7 place-items-center rounded-md border-2 border-cobalt-ink bg-enamel-hi text-body font-figure text-cobalt-ink"
			>{sitting.mark.number}</span
		></span
	>
	<div class="min-w-0 flex-1">
		{#if sitting.href}<a
				href={sitting.href}
				class="text-lead leading-tight font-name md:text-body wrap-break-word text-ink no-underline after:absolute after:inset-0 hover:underline hover:decoration-2 hover:underline-offset-4 focus-visible:shadow-none focus-visible:after:shadow-focus"
				>{sitting.name}</a
			>{:else}<b class="text-lead leading-tight font-name md:text-body">{sitting.name}</b>{/if}
		<p class="m-0 leading-snug wrap-anywhere text-tin-text md:text-note">
			{TODAY.zoneOfWeek} · {sitting.jobs.map((job) => job.name).join(', ')}
		</p>
	</div>
	<span class="shrink-0 text-right whitespace-nowrap md:grid md:self-start md:pt-1 md:leading-none"
		><b class="text-[1.1875rem] font-figure">{minutesText(sitting.minutes)}</b><span class="text-tin-text"
			>{TODAY_SITTING_ROW.min}</span
		></span
	>
</li>
