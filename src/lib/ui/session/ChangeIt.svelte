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

<Drawer title="Change what is in it" under="The order follows at once." {onclose} closeHref="?">
	<h3>In it</h3>
	<ul>
		{#each [...coming, ...off] as one (one.line)}
			<li>
				<span
					>{one.name}{#if one.off}<span class="dim">, no longer fits before the bell</span>{/if}</span
				>
				<span class="acts">
					{#if clock.held.has(one.line)}<span class="dim">held</span>{:else}<button
							class="text-link"
							aria-label="Hold {one.name}"
							onclick={() => running.press('held', null, { line: one.line }, false)}>Hold</button
						>{/if}
					<button
						class="text-link"
						aria-label="Take out {one.name}"
						onclick={() => running.press('dropped', null, { line: one.line }, false)}>Take out</button
					>
				</span>
			</li>
		{/each}
	</ul>
	{#if taken.length > 0}
		<h3>Taken out</h3>
		<ul>
			{#each taken as one (one.line)}
				<li>
					<span>{one.name}</span>
					<button
						class="text-link"
						aria-label="Put back {one.name}"
						onclick={() => running.press('added', null, { line: one.line }, false)}>Put back</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if spare.length > 0}
		<h3>Put one more in</h3>
		<ul>
			{#each spare as one (one.line)}
				<li>
					<span>{one.name} <span class="dim">{minutesText(one.minutes)} min</span></span>
					<button
						class="text-link"
						aria-label="Put in {one.name}"
						onclick={() => running.press('added', null, { line: one.line }, false)}>Put in</button
					>
				</li>
			{/each}
		</ul>
	{/if}
</Drawer>

<style>
	h3 {
		margin: 18px 0 4px;
		font-size: 1.1875rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 14px;
		min-height: 48px;
		border-bottom: 1px solid var(--tin-1);
	}
	.acts {
		display: flex;
		align-items: center;
		gap: 16px;
		white-space: nowrap;
	}
	.text-link {
		min-height: 44px;
	}
</style>
