<script lang="ts">
	/** What runs by itself: a string to the hour at which it is fetched, where to, and who is nearest. */
	import Button from '../kit/Button.svelte';
	import { SESSION_WAITS } from '$words/screens/session';
	import type { Running } from './running.svelte';
	let {
		running,
		most = 3,
		strings = true,
		over = false
	}: {
		running: Running;
		most?: number;
		strings?: boolean;
		/** It stands over a great button that stays in sight. */
		over?: boolean;
	} = $props();
	const many = $derived(running.run.plan.people.length > 1);
	const waits = $derived([...running.clock.waits].sort((a, b) => a.fetchAt - b.fetchAt).slice(0, most));
	const isDue = $derived(waits.some((wait) => wait.fetchAt <= running.now));
</script>

{#if waits.length > 0}
	<ul
		class={[
			'waits mt-4.5 max-sm:mt-2.5',
			// What is due stays in sight over the great button, however much there is to read.
			over &&
				isDue &&
				'max-sm:sticky max-sm:bottom-[calc(var(--giant)_+_27px)] max-sm:z-1 max-sm:bg-inherit max-sm:pt-1'
		]}
	>
		{#each waits as wait (wait.step)}
			{@const ready = wait.fetchAt <= running.now}
			<li
				class={[
					'relative flex items-center gap-3 min-h-11.5 text-[1.125rem] max-sm:text-lead',
					// On a phone what is due has the little room there is.
					isDue && !ready && 'max-sm:hidden',
					!strings ? 'max-sm:pl-0' : 'max-sm:pl-7.5',
					ready && running.isUrgent(wait) && 'font-name'
				]}
			>
				{#if strings}
					<svg
						class="string absolute right-[calc(100%_-_1px)] -top-5.5 w-31 h-15"
						viewBox="0 0 100 60"
						preserveAspectRatio="none"
						aria-hidden="true"
					>
						<path
							d={ready ? 'M0 2L100 44' : 'M0 2C6 70 60 66 100 44'}
							fill="none"
							stroke="var(--cobalt-ink)"
							stroke-width="2"
							vector-effect="non-scaling-stroke"
						/>
					</svg>
				{/if}
				<span class="fetch" class:now={ready}>{running.time(wait.fetchAt)}</span>
				<span
					class={[
						'flex min-w-0 flex-1 items-center gap-3',
						ready && 'max-sm:flex-col max-sm:items-start max-sm:gap-0 max-sm:leading-tight'
					]}
					><span>{wait.label}</span><span
						class={[
							'dim ml-auto text-tin-text text-right',
							ready && 'max-sm:ml-0 max-sm:text-left max-sm:text-body'
						]}
						>{#if ready}{running.isUrgent(wait) ? SESSION_WAITS.hurry : SESSION_WAITS.readyNow}, {wait.roomName}{many
								? `: ${running.nearest(wait)}`
								: ''}{:else}<span class="max-sm:hidden">{SESSION_WAITS.ready}{' '}</span>{SESSION_WAITS.inMin(
								running.minutesTo(wait.fetchAt)
							)}{#if wait.latestAt}<span class="max-sm:hidden"
									>{SESSION_WAITS.atTheLatest(running.time(wait.latestAt))}</span
								>{/if}{/if}</span
					></span
				>
				{#if wait.trailing && ready}
					<Button
						kind="link"
						type="submit"
						class="min-h-11! px-2!"
						onclick={() => running.press('fetched', wait.step, {}, false)}>{SESSION_WAITS.seenTo}</Button
					>
				{:else if ready && running.afterWait(wait) !== null}
					{@const then = running.afterWait(wait) as number}
					<Button
						kind="link"
						type="submit"
						class="min-h-11! px-2!"
						aria-label={SESSION_WAITS.doneOf(running.step(then)?.text ?? '')}
						onclick={() => running.press('stepDone', then, {}, false)}>{SESSION_WAITS.done}</Button
					>
				{/if}
			</li>
		{/each}
	</ul>
{/if}

<style>
	li + li .string {
		top: -68px;
		height: 106px;
	}
	li + li + li .string {
		top: -114px;
		height: 152px;
	}
	@media (max-width: 640px) {
		.string,
		li + li .string,
		li + li + li .string {
			left: 0;
			right: auto;
			top: 7px;
			width: 30px;
			height: 22px;
		}
	}
</style>
