<script lang="ts">
	/** The five stages of a load, on one shelf. */
	import StageDrawing from './StageDrawing.svelte';
	import { STAGES } from '$words/laundry';
</script>

<ol
	class="relative m-0 hidden list-none grid-cols-5 p-0 after:absolute after:top-[72px] after:right-[calc(-1*var(--spacing-edge))] after:left-0 after:h-1 after:bg-tin-1 min-[900px]:grid"
>
	{#each STAGES as stage (stage.key)}
		<li class="grid justify-items-center text-center">
			<StageDrawing stage={stage.key} />
			<h2 class="mt-3 mb-0 text-[1.1875rem]">
				{stage.name} <span class="font-text text-body text-tin-text">{stage.words}</span>
			</h2>
		</li>
	{/each}
</ol>
