<script lang="ts">
	import TypedTouch from './TypedTouch.svelte';
	/** Choosing a rhythm: the ten with their own week each, and two drying yards of this very home. */
	import Button from '../kit/Button.svelte';
	import { BEGIN_RHYTHM } from '$words/screens/begin';
	import Help from '../kit/Help.svelte';
	import TextField from '../kit/TextField.svelte';
	import { page } from '$app/state';
	import DryingYard from './DryingYard.svelte';
	import Touch from './Touch.svelte';
	import { RECOMMENDED } from '$words/firstSteps';
	import type { BeginView } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	const holds = $derived(view.draft.minutesADay ?? view.yard?.holds);
	const hasZones = $derived(
		[view.yard, view.beside].some((yard) => yard?.weeks.some((week) => week.days.some((day) => day.zone > 0)))
	);
	const longest = $derived(Math.max(30, view.yard?.longest ?? 0, view.beside?.longest ?? 0));
	const scale = $derived(72 / longest);
	const weekMost = $derived(Math.max(1, ...view.patterns.flatMap((pattern) => pattern.week)));
	const beside = $derived(page.url.searchParams.get('beside'));
	let second = $state(false);
	const toggle = (list: readonly number[], day: number) =>
		(list.includes(day) ? list.filter((one) => one !== day) : [...list, day]).sort().join(',');
</script>

<div
	class="grid grid-cols-[290px_minmax(0,1fr)] grid-rows-[1fr_auto] gap-x-7.5 gap-y-0 flex-1 max-md:grid-cols-[minmax(0,1fr)]"
>
	<section class="ten" aria-labelledby="rhythm-title">
		<h1 id="rhythm-title">{BEGIN_RHYTHM.chooseHowYouClean}</h1>
		<p class="dim text-lead mt-1.5 mb-3">{BEGIN_RHYTHM.fourWeeksOfYourOwn}</p>
		<ul class="mb-3">
			{#each view.patterns as pattern (pattern.id)}
				{@const chosen = pattern.id === view.draft.pattern}
				<li
					class={[
						'flex items-center gap-2 py-0 px-2.5 min-h-11.75',
						chosen
							? 'border-2 border-cobalt-ink rounded-[10px] [box-shadow:inset_0_0_0_2px_var(--enamel),inset_0_0_0_3px_var(--cobalt-ink)] bg-enamel-hi'
							: 'border-b border-b-tin-1'
					]}
					class:second={pattern.id === beside && !chosen}
				>
					<Touch values={{ op: 'pattern', pattern: pattern.id }} pressed={chosen}>
						<span class="flex items-center justify-between gap-2 w-full min-h-10.5 text-left">
							<span class="grid gap-0.5 py-1.75 leading-[1.25]"
								><b
									class={[
										chosen ? 'text-cobalt-ink font-name' : '[font-weight:500]',
										pattern.id === beside && !chosen && 'text-cobalt-ink font-name'
									]}>{pattern.name}</b
								><span class="!text-tin-text text-cobalt-ink text-[0.9375rem]">{pattern.forWhom}</span
								>{#if pattern.why}<span class="!text-cobalt-ink text-cobalt-ink text-[0.9375rem]"
										><b
											class={[
												'!font-text',
												chosen ? 'text-cobalt-ink font-name' : '[font-weight:500]',
												pattern.id === beside && !chosen && 'text-cobalt-ink font-name'
											]}>{RECOMMENDED}.</b
										>
										{pattern.why}</span
									>{/if}{#if chosen}<span class="text-cobalt-ink text-[0.9375rem]"
										>{beside ? BEGIN_RHYTHM.shownFirst : BEGIN_RHYTHM.shown}</span
									>{:else if pattern.id === beside}<span class="text-cobalt-ink text-[0.9375rem]"
										>{BEGIN_RHYTHM.compared}</span
									>{/if}</span
							>
							<svg viewBox="0 0 78 32" width="78" height="32" aria-hidden="true">
								<path d="M0 2Q39 7 78 2" fill="none" stroke="var(--ink)" stroke-width="1.5" />
								{#each pattern.week as minutes, i (i)}
									<rect
										x={3 + i * 10.6}
										y={4}
										width="8"
										height={Math.max(1.5, (minutes / weekMost) * 26)}
										fill="var(--linen)"
										stroke="var(--tin-2)"
									/>
								{/each}
							</svg>
						</span>
					</Touch>
					{#if !chosen}<Button
							kind="link"
							class="ml-auto text-[0.9375rem]! whitespace-nowrap opacity-85"
							href="/begin?step=rhythm&beside={pattern.id === beside ? '' : pattern.id}"
							data-sveltekit-noscroll
							aria-label={pattern.id === beside
								? BEGIN_RHYTHM.stopComparingWith(pattern.name)
								: BEGIN_RHYTHM.compareWith(pattern.name)}
							>{pattern.id === beside ? BEGIN_RHYTHM.stopComparing : BEGIN_RHYTHM.compare}</Button
						>{/if}
				</li>
			{/each}
		</ul>
	</section>
	<div
		class={[
			'yards grid gap-6 content-start md:sticky md:top-5 md:self-start',
			view.beside !== null ? 'grid-cols-[1fr_1fr]' : 'grid-cols-[minmax(0,1fr)]'
		]}
		class:two={view.beside !== null}
		class:showSecond={second}
	>
		{#if view.yard}
			<DryingYard yard={view.yard} {scale} />
			{#if view.beside}<DryingYard yard={view.beside} {scale} />{/if}
		{:else}
			<p class="dim text-lead mt-1.5 mb-3">{BEGIN_RHYTHM.addARoomFirstTo}</p>
		{/if}
		{#if view.beside}<Button
				type="submit"
				class="hidden! max-md:inline-flex!"
				onclick={() => (second = !second)}
				>{second ? BEGIN_RHYTHM.showTheChosenOne : BEGIN_RHYTHM.showTheOther}</Button
			>{/if}
	</div>
	<footer
		class="linen col-span-full relative flex items-center gap-6 justify-between mx-[calc(-1_*_(var(--page-edge)_-_var(--rim)))] mt-1.5 -mb-5 px-edge pt-3.5 pb-2.5 border-t border-t-linen-deep before:absolute before:left-0 before:right-0 before:top-1.5 before:[border-top:var(--stitch)] max-md:flex-col max-md:items-stretch"
	>
		<div class="sets grid gap-0.5">
			<TypedTouch
				of={{ minutes: String(holds ?? '') }}
				id="minutes"
				values={{ op: 'minutes' }}
				class="minutes"
				>{#snippet children(typed, sending)}
					<TextField
						class="w-72"
						label={view.draft.minutesADay === undefined && holds !== undefined
							? BEGIN_RHYTHM.minutesSuggested
							: BEGIN_RHYTHM.minutesADay}
						name="minutes"
						inputmode="numeric"
						value={typed.minutes}
					/>
					<Button kind="link" type="submit" {sending}>{BEGIN_RHYTHM.save}</Button>{/snippet}</TypedTouch
			>
			<div class="days" role="group" aria-label={BEGIN_RHYTHM.freeDays}>
				<span>{BEGIN_RHYTHM.freeDays}<Help help={BEGIN_RHYTHM.freeHelp} of={BEGIN_RHYTHM.freeDays} /></span>
				{#each view.weekdays as day (day.number)}
					<Touch
						values={{
							op: 'days',
							free: toggle(view.freeDays, day.number),
							catchUp: view.catchUpDays.join(',')
						}}
						pressed={view.freeDays.includes(day.number)}
						label={BEGIN_RHYTHM.freeOf(day.name)}
						><span
							class={[
								'grid place-items-center w-8.5 h-7.5 rounded-[6px] border-[1.5px] text-[0.9375rem] max-md:w-full',
								view.freeDays.includes(day.number)
									? 'bg-cobalt border-cobalt text-on-cobalt font-name'
									: 'border-tin-2'
							]}>{day.name.slice(0, 2)}</span
						></Touch
					>
				{/each}
			</div>
			<div class="days" role="group" aria-label={BEGIN_RHYTHM.catchUpDays}>
				<span
					>{BEGIN_RHYTHM.catchUpDays}<Help
						help={BEGIN_RHYTHM.catchUpHelp}
						of={BEGIN_RHYTHM.catchUpDays}
					/></span
				>
				{#each view.weekdays as day (day.number)}
					<Touch
						values={{
							op: 'days',
							free: view.freeDays.join(','),
							catchUp: toggle(view.catchUpDays, day.number)
						}}
						pressed={view.catchUpDays.includes(day.number)}
						label={BEGIN_RHYTHM.toCatchUp(day.name)}
						><span
							class={[
								'grid place-items-center w-8.5 h-7.5 rounded-[6px] border-[1.5px] text-[0.9375rem] max-md:w-full',
								view.catchUpDays.includes(day.number)
									? 'bg-cobalt border-cobalt text-on-cobalt font-name'
									: 'border-tin-2'
							]}>{day.name.slice(0, 2)}</span
						></Touch
					>
				{/each}
			</div>
		</div>
		<ul class="grid grid-cols-[auto_auto] gap-x-5 gap-y-2">
			<li class="flex items-center gap-2">
				<span class="plain-bit w-7 h-4.5 border border-tin-1 bg-linen-hi"></span>{BEGIN_RHYTHM.dailyRoutine}
			</li>
			<li class="flex items-center gap-2">
				<span class="weekly-bit w-7 h-4.5 border border-tin-1 bg-linen-hi"></span>{BEGIN_RHYTHM.weekly}
			</li>
			{#if hasZones}
				<li class="flex items-center gap-2">
					<span
						class="w-7 h-4.5 border border-tin-1 [background:repeating-linear-gradient(90deg,var(--z-check)_0_6px,var(--weave-ground)_6px_12px)]"
					></span>{BEGIN_RHYTHM.zone}
				</li>
			{/if}
			<li class="flex items-center gap-2">
				<span class="w-7 border-tin-1 h-0.75 border-0 bg-brass-text"></span>{BEGIN_RHYTHM.over}
			</li>
		</ul>
		<Touch values={{ op: 'step', step: 'people' }} kind="solid"
			><span class="go"
				><b>{BEGIN_RHYTHM.take(view.patterns.find((one) => one.id === view.draft.pattern)?.name ?? '')}</b
				></span
			></Touch
		>
	</footer>
</div>

<style>
	.ten li.second {
		border: 2px dashed var(--cobalt-ink);
		border-radius: 10px;
	}
	.ten li :global(button) {
		flex: 1;
	}
	.sets :global(.minutes) {
		display: flex;
		align-items: end;
		gap: 8px;
	}
	.days {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.days > span:first-child {
		display: flex;
		align-items: center;
		width: 150px;
	}
	.weekly-bit {
		background:
			linear-gradient(
				90deg,
				transparent 18%,
				var(--tin-2) 18% 24%,
				transparent 24% 76%,
				var(--tin-2) 76% 82%,
				transparent 82%
			),
			var(--enamel-hi);
	}
	@media (max-width: 1000px) {
		.yards.two {
			grid-template-columns: 1fr;
		}
		.yards.two > :global(.yard:nth-of-type(2)),
		.yards.two.showSecond > :global(.yard:nth-of-type(1)) {
			display: none;
		}
		.yards.two.showSecond > :global(.yard:nth-of-type(2)) {
			display: block;
		}
		.days {
			display: grid;
			grid-template-columns: repeat(7, minmax(0, 44px));
			gap: 5px;
		}
		.days > span:first-child {
			grid-column: 1 / -1;
		}
	}
</style>
