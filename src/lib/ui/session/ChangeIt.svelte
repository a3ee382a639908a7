<script lang="ts">
	/** Putting jobs in and taking them out while it runs; the rest is planned again at once. */
	import Drawer from '../Drawer.svelte';
	import { minutesText } from '$words/general';
	import type { Running } from './running.svelte';
	let { running, onclose }: { running: Running; onclose: () => void } = $props();
	const clock = $derived(running.clock);
	const coming = $derived(
		[
			...new Set(
				running.arranged.lanes.flatMap((lane) => lane.coming.map((one) => running.step(one.step)?.line ?? ''))
			)
		].map((line) => ({
			line,
			name: clock.steps.find((step) => step.line === line)?.jobName ?? '',
			off: false
		}))
	);
	const off = $derived(
		running.arranged.off.map((line) => ({
			line,
			name: clock.steps.find((step) => step.line === line)?.jobName ?? '',
			off: true
		}))
	);
	const taken = $derived(
		[...clock.dropped].map((line) => ({
			line,
			name: clock.steps.find((step) => step.line === line)?.jobName ?? line
		}))
	);
	const spare = $derived(
		running.run.spare.filter((one) => !clock.steps.some((step) => step.line === one.line))
	);
</script>

<Drawer title="Change the jobs of this session" under="The order follows at once." {onclose} closeHref="?">
	<h3 class="mt-4.5 mb-1 text-tag">In this session</h3>
	<ul>
		{#each [...coming, ...off] as one (one.line)}
			<li class="flex items-center justify-between gap-3.5 min-h-12 border-b border-b-tin-1">
				<span
					>{one.name}{#if one.off}<span class="dim">, does not fit before the end any more</span>{/if}</span
				>
				<span class="acts flex items-center gap-4 whitespace-nowrap">
					{#if clock.held.has(one.line)}<span class="dim">held</span>{:else}<button
							class="text-link min-h-11"
							aria-label="Always keep {one.name}"
							onclick={() => running.press('held', null, { line: one.line }, false)}
							>Always keep this one</button
						>{/if}
					<button
						class="text-link min-h-11"
						aria-label="Leave out {one.name}"
						onclick={() => running.press('dropped', null, { line: one.line }, false)}>Leave out</button
					>
				</span>
			</li>
		{/each}
	</ul>
	{#if taken.length > 0}
		<h3 class="mt-4.5 mb-1 text-tag">Never gets</h3>
		<ul>
			{#each taken as one (one.line)}
				<li class="flex items-center justify-between gap-3.5 min-h-12 border-b border-b-tin-1">
					<span>{one.name}</span>
					<button
						class="text-link min-h-11"
						aria-label="Add back {one.name}"
						onclick={() => running.press('added', null, { line: one.line }, false)}>Add back</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if spare.length > 0}
		<h3 class="mt-4.5 mb-1 text-tag">Add another job</h3>
		<ul>
			{#each spare as one (one.line)}
				<li class="flex items-center justify-between gap-3.5 min-h-12 border-b border-b-tin-1">
					<span>{one.name} <span class="dim">{minutesText(one.minutes)} min</span></span>
					<button
						class="text-link min-h-11"
						aria-label="Add {one.name}"
						onclick={() => running.press('added', null, { line: one.line }, false)}>Add it anyway</button
					>
				</li>
			{/each}
		</ul>
	{/if}
</Drawer>
