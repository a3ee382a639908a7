<script lang="ts">
	/** Putting jobs in and taking them out while it runs; the rest is planned again at once. */
	import Button from '../kit/Button.svelte';
	import { SESSION_CHANGE_IT } from '$words/screens/session';
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

<Drawer
	title={SESSION_CHANGE_IT.changeTheJobsOfThis}
	under={SESSION_CHANGE_IT.theOrderFollowsAtOnce}
	{onclose}
	closeHref="?"
>
	<h3 class="mt-4.5 mb-1 text-tag">{SESSION_CHANGE_IT.inThisSession}</h3>
	<ul>
		{#each [...coming, ...off] as one (one.line)}
			<li class="flex flex-wrap items-center justify-between gap-x-3.5 min-h-12 border-b border-b-tin-1">
				<span class="min-w-0 flex-[1_1_13rem] wrap-anywhere"
					>{one.name}{#if one.off}<span class="dim">{SESSION_CHANGE_IT.doesNotFitBeforeThe}</span>{/if}</span
				>
				<span class="acts ml-auto flex items-center gap-4 whitespace-nowrap">
					{#if clock.held.has(one.line)}<span class="dim">{SESSION_CHANGE_IT.held}</span>{:else}<Button
							kind="link"
							type="submit"
							class="min-h-11!"
							aria-label={SESSION_CHANGE_IT.alwaysKeep(one.name)}
							onclick={() => running.press('held', null, { line: one.line }, false)}
							>{SESSION_CHANGE_IT.alwaysKeepThisOne}</Button
						>{/if}
					<Button
						kind="link"
						type="submit"
						class="min-h-11!"
						aria-label={SESSION_CHANGE_IT.leaveOutOf(one.name)}
						onclick={() => running.press('dropped', null, { line: one.line }, false)}
						>{SESSION_CHANGE_IT.leaveOut}</Button
					>
				</span>
			</li>
		{/each}
	</ul>
	{#if taken.length > 0}
		<h3 class="mt-4.5 mb-1 text-tag">{SESSION_CHANGE_IT.neverGets}</h3>
		<ul>
			{#each taken as one (one.line)}
				<li class="flex items-center justify-between gap-3.5 min-h-12 border-b border-b-tin-1">
					<span>{one.name}</span>
					<Button
						kind="link"
						type="submit"
						class="min-h-11!"
						aria-label={SESSION_CHANGE_IT.addBackOf(one.name)}
						onclick={() => running.press('added', null, { line: one.line }, false)}
						>{SESSION_CHANGE_IT.addBack}</Button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if spare.length > 0}
		<h3 class="mt-4.5 mb-1 text-tag">{SESSION_CHANGE_IT.addAnotherJob}</h3>
		<ul>
			{#each spare as one (one.line)}
				<li class="flex items-center justify-between gap-3.5 min-h-12 border-b border-b-tin-1">
					<span class="min-w-0 wrap-anywhere"
						>{one.name} <span class="dim">{SESSION_CHANGE_IT.min(minutesText(one.minutes))}</span></span
					>
					<Button
						kind="link"
						type="submit"
						class="min-h-11!"
						aria-label={SESSION_CHANGE_IT.add(one.name)}
						onclick={() => running.press('added', null, { line: one.line }, false)}
						>{SESSION_CHANGE_IT.addIt}</Button
					>
				</li>
			{/each}
		</ul>
	{/if}
</Drawer>
