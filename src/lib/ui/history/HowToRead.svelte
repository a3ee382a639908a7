<script lang="ts">
	/** How a line of the record is read, while there is none yet. */
	import { HISTORY_HOW_TO_READ } from '$words/screens/history';
	import Stitches from '../Stitches.svelte';
	const EXPECTED = 10;
	const [SOONER, LONGER] = [8, 13];
	const EXAMPLES = [
		[SOONER, HISTORY_HOW_TO_READ.sooner(SOONER, EXPECTED)],
		[LONGER, HISTORY_HOW_TO_READ.longer(LONGER, LONGER - EXPECTED)]
	] as const;
</script>

<h2 class="m-0 mb-2 text-h2">{HISTORY_HOW_TO_READ.howADayIsRead}</h2>
<p class="mb-4 text-tin-text">{HISTORY_HOW_TO_READ.dashesAreMinutes}</p>
<ul>
	{#each EXAMPLES as [work, words] (work)}
		<li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-b-tin-1 py-3">
			<Stitches plan={EXPECTED} {work} longest={15} />
			<span class="whitespace-nowrap text-tin-text"
				><b class="font-figure text-ink">{work}</b> {HISTORY_HOW_TO_READ.ofMin(EXPECTED)}</span
			>
			<span class="basis-full">{words}</span>
		</li>
	{/each}
</ul>
<p class="mt-4 text-tin-text">{HISTORY_HOW_TO_READ.chooseAJob}</p>
