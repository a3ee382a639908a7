<script lang="ts">
	/** What was written to whoever does the job in hand. */
	import { SHEET } from '$words/today';
	let { notes }: { notes: readonly string[] | undefined } = $props();
</script>

{#each notes ?? [] as words, i (i)}
	<p
		class="linen mt-2.5 mb-0 rounded-cloth px-4 py-2.5 whitespace-pre-line shadow-cloth wrap-anywhere sm:mt-3.5"
	>
		<b>{SHEET.note}</b>
		{words}
	</p>
{/each}
