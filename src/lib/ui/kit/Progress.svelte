<script lang="ts">
	/** How much of a number of things is done: a row of running stitches, sewn ones thick. */
	import { Progress } from 'bits-ui';
	let { label, done, of }: { label: string; done: number; of: number } = $props();
</script>

<Progress.Root
	value={done}
	max={Math.max(1, of)}
	aria-label={label}
	aria-valuetext={label}
	class="flex items-center gap-1"
>
	{#each { length: of } as _, i (i)}
		<span
			class={i < done
				? 'h-1.5 flex-1 rounded-full bg-cobalt-ink forced-colors:bg-[CanvasText]'
				: 'h-px flex-1 bg-tin-2 forced-colors:bg-[GrayText]'}
		></span>
	{/each}
</Progress.Root>
