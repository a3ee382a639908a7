<script lang="ts">
	import TypedTouch from './TypedTouch.svelte';
	/** The first week as it will be, and the one button that begins it. */
	import Button from '../kit/Button.svelte';
	import { BEGIN_FIRST_MORNING } from '$words/screens/begin';
	import More from '../kit/More.svelte';
	import TextField from '../kit/TextField.svelte';
	import { numberWord, plural } from '$words/general';
	import {
		BEYOND_PARTS,
		everythingTitle,
		LEFT_OUT,
		leftOutLine,
		leftOutTitle,
		longerDays,
		RARER,
		WITHOUT
	} from '$words/firstSteps';
	import Touch from './Touch.svelte';
	import type { BeginView, JobAWeek } from '$views/setup';
	let { view }: { view: BeginView } = $props();
	const first = $derived(view.first);
	const most = $derived(Math.max(1, ...(first?.days.map((day) => day.minutes) ?? [1])));
	const changing = $derived(view.draft.changes !== null);
</script>

{#snippet jobs(list: readonly JobAWeek[])}
	<More>
		{#snippet title()}{LEFT_OUT.which}{/snippet}
		<ul class="m-0 mt-2 grid list-none gap-x-8 p-0 sm:grid-cols-2">
			{#each list as one (one)}<li>{leftOutLine(one)}</li>{/each}
		</ul>
	</More>
{/snippet}

<div
	class="grid grid-cols-[minmax(0,1.4fr)_minmax(400px,1fr)] gap-14 flex-1 max-md:grid-cols-[1fr] max-md:gap-5"
>
	<section aria-labelledby="morning-title">
		<h1 id="morning-title">
			{changing ? BEGIN_FIRST_MORNING.asItWillBe : BEGIN_FIRST_MORNING.theFirstMorning}
		</h1>
		{#if first}
			<p class="dim text-lead mt-1.5">
				{changing
					? BEGIN_FIRST_MORNING.jobsAndMinutes(first.jobs, first.minutes)
					: BEGIN_FIRST_MORNING.ofJobsBeginAboutMinutes(
							first.begun,
							first.jobs,
							view.draft.begin === 'basics' ? BEGIN_FIRST_MORNING.theRestStartsLater : '',
							first.minutes
						)}
			</p>
			{#if first.isAnew && (first.leftOut.length + first.beyondParts.length + first.rarer.length > 0 || view.draft.everything)}
				<section class="my-4 grid gap-3 rounded-xl border-2 border-tin-2 p-4" aria-label={LEFT_OUT.label}>
					{#if view.draft.everything}<h2 class="m-0 font-display text-h3">
							{everythingTitle(first.isOver)}
						</h2>{/if}
					{#if first.rarer.length > 0}
						<h2 class="m-0 font-display text-h3">{RARER.title(first.rarer.length)}</h2>
						<p class="m-0 text-tin-text">{RARER.says}</p>
						<More>
							{#snippet title()}{RARER.which}{/snippet}
							<ul class="m-0 mt-2 grid list-none gap-x-8 p-0 sm:grid-cols-2">
								{#each first.rarer as one (one)}<li>{RARER.line(one)}</li>{/each}
							</ul>
						</More>
					{/if}
					{#if first.leftOut.length > 0}
						<h2 class="m-0 font-display text-h3">{leftOutTitle(first.leftOut.length)}</h2>
						<p class="m-0 text-tin-text">{LEFT_OUT.says}</p>
						{@render jobs(first.leftOut)}
					{/if}
					{#if first.beyondParts.length > 0}
						<h2 class="m-0 font-display text-h3">{BEYOND_PARTS.title(first.beyondParts.length)}</h2>
						<p class="m-0 text-tin-text">{BEYOND_PARTS.says(first.aPart)}</p>
						{@render jobs(first.beyondParts)}
					{/if}
					<div class="flex flex-wrap gap-3">
						{#if first.wanted}<Touch values={{ op: 'minutes', minutes: String(first.wanted) }} kind="plain"
								>{longerDays(first.wanted)}</Touch
							>{/if}
						{#if view.draft.lessOften}<Touch values={{ op: 'lessOften', all: 'no' }} kind="plain"
								>{LEFT_OUT.asOften}</Touch
							>{:else if first.leftOut.length > 0}<Touch values={{ op: 'lessOften', all: 'yes' }} kind="plain"
								>{LEFT_OUT.lessOften}</Touch
							>{/if}
						{#if view.draft.everything}<Touch values={{ op: 'everything', all: 'no' }} kind="plain"
								>{LEFT_OUT.onlyWhatFits}</Touch
							>{:else}<Touch values={{ op: 'everything', all: 'yes' }} kind="plain">{LEFT_OUT.takeAll}</Touch
							>{/if}
						<Touch values={{ op: 'step', step: 'people' }} kind="plain">{LEFT_OUT.morePeople}</Touch>
					</div>
				</section>
			{/if}
			{#if first.pattern.without.length > 0 || first.pattern.isBeyond}
				{@const { name, without, isBeyond } = first.pattern}
				<section class="my-4 grid gap-3 rounded-xl border-2 border-tin-2 p-4" aria-labelledby="without-title">
					<h2 id="without-title" class="m-0 font-display text-h3">{WITHOUT.title(name, without.length)}</h2>
					{#if without.length > 0}
						<p class="m-0 text-tin-text">{WITHOUT.says}</p>
						{@render jobs(without)}
					{/if}
					<div>
						<Touch values={{ op: 'beyond', all: isBeyond ? 'no' : 'yes' }} kind="plain"
							>{isBeyond ? WITHOUT.leave : WITHOUT.add}</Touch
						>
					</div>
				</section>
			{/if}
			<ol class="mt-5">
				{#each first.days as day (day.name)}
					<li
						class="grid grid-cols-[108px_1fr_64px] gap-x-3.5 gap-y-0.5 items-center py-2.25 border-b border-b-tin-1 max-md:grid-cols-[90px_1fr_auto]"
					>
						<b class="font-display font-normal text-tag">{day.name}</b>
						<span class="h-3 [background:none]"
							><span
								class="block h-full min-w-0.75 rounded-[6px] [background:repeating-linear-gradient(90deg,var(--cobalt-ink)_0_16px,transparent_16px_20px)]"
								style:width="{(day.minutes / most) * 100}%"
							></span></span
						>
						<span class="text-right font-figure whitespace-nowrap"
							>{BEGIN_FIRST_MORNING.min(day.minutes)}</span
						>
						<span class="col-[2_/_-1] text-tin-text leading-[1.25]"
							>{day.jobs.slice(0, 3).join(', ')}{day.jobs.length > 3
								? BEGIN_FIRST_MORNING.andMore(day.jobs.length - 3)
								: ''}</span
						>
					</li>
				{/each}
			</ol>
		{:else if view.refused}
			<p class="text-lead mt-1.5">{BEGIN_FIRST_MORNING.cannotBeTaken(view.refused)}</p>
		{:else}
			<p class="dim text-lead mt-1.5">{BEGIN_FIRST_MORNING.noRoomsYetAddOne}</p>
			<div class="mt-3">
				<Touch values={{ op: 'step', step: 'rooms' }} kind="plain">{BEGIN_FIRST_MORNING.toTheRooms}</Touch>
			</div>
		{/if}
	</section>
	<section class="flex flex-col">
		{#if !changing}
			<h2>{BEGIN_FIRST_MORNING.howToBegin}</h2>
			<div class="grid gap-3 mt-3">
				<Touch values={{ op: 'begin', begin: 'basics' }} pressed={view.draft.begin === 'basics'}>
					<span
						class={[
							'grid gap-1 py-3.5 px-4.5 border-2 rounded-[12px] text-left',
							view.draft.begin === 'basics'
								? 'border-cobalt-ink bg-enamel-hi [box-shadow:inset_0_0_0_2px_var(--enamel),inset_0_0_0_3.5px_var(--cobalt-ink)]'
								: 'border-tin-2'
						]}
						><b class="font-display font-normal text-[1.25rem]"
							>{BEGIN_FIRST_MORNING.startWithTheDailyRoutine}</b
						><span class="text-tin-text">{BEGIN_FIRST_MORNING.dailyJobsAlone}</span></span
					>
				</Touch>
				<Touch values={{ op: 'begin', begin: 'all' }} pressed={view.draft.begin === 'all'}>
					<span
						class={[
							'grid gap-1 py-3.5 px-4.5 border-2 rounded-[12px] text-left',
							view.draft.begin === 'all'
								? 'border-cobalt-ink bg-enamel-hi [box-shadow:inset_0_0_0_2px_var(--enamel),inset_0_0_0_3.5px_var(--cobalt-ink)]'
								: 'border-tin-2'
						]}
						><b class="font-display font-normal text-[1.25rem]">{BEGIN_FIRST_MORNING.startWithEverything}</b
						><span class="text-tin-text">{BEGIN_FIRST_MORNING.forAHomeThatCleans}</span></span
					>
				</Touch>
			</div>
		{/if}
		<TypedTouch of={{ name: view.draft.name }} id="name" values={{ op: 'name' }} class="name"
			>{#snippet children(typed, sending)}
				<TextField
					label={BEGIN_FIRST_MORNING.whatTheHomeIsCalled}
					class="flex-1"
					name="name"
					value={typed.name}
					maxlength={80}
					placeholder={BEGIN_FIRST_MORNING.ourHome}
				/>
				<Button type="submit" {sending}>{BEGIN_FIRST_MORNING.save}</Button>{/snippet}</TypedTouch
		>
		{#if first}
			<p class="dim small text-lead mt-4.5">
				{BEGIN_FIRST_MORNING.minutesADayEverythingCan(
					numberWord(view.rooms.length),
					plural(view.rooms.length, 'room'),
					view.patterns.find((one) => one.id === view.draft.pattern)?.name ?? '',
					first.minutesADay,
					view.draft.begin === 'all'
				)}
			</p>
			{#if changing && first.isAnew}<p class="mt-3 text-lead">{BEGIN_FIRST_MORNING.laidAnew}</p>{/if}
		{/if}
		<div class="way-on">
			<Touch values={{ op: 'step', step: 'people' }} kind="plain">{BEGIN_FIRST_MORNING.backToThePeople}</Touch
			>
			<form method="post" action="/begin?/start">
				<Button kind="solid" size="large" type="submit" disabled={!first}
					>{changing ? BEGIN_FIRST_MORNING.saveTheChanges : BEGIN_FIRST_MORNING.beginOurHome}</Button
				>
			</form>
		</div>
	</section>
</div>

<style>
	section :global(.name) {
		display: flex;
		gap: 10px;
		align-items: end;
		margin-top: 20px;
	}
</style>
