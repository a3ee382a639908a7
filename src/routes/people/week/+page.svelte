<script lang="ts">
	import FirstOf from '$ui/FirstOf.svelte';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Button from '$ui/kit/Button.svelte';
	import { PEOPLE_WEEK_PAGE } from '$words/screens/people';
	import DateField from '$ui/kit/DateField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import { page } from '$app/state';
	import ActForm from '$ui/ActForm.svelte';
	import WhyLabel from '$ui/people/WhyLabel.svelte';
	import Empty from '$ui/kit/Empty.svelte';
	import { WEEK } from '$words/people';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Notice from '$ui/Notice.svelte';
	import { minutesText } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const said = $derived(form && 'said' in form ? form.said : null);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const most = $derived(Math.max(1, ...view.days.map((day) => day.minutes)));
	const to = (changes: Record<string, string | null>) => {
		const now = { week: view.week === 'next' ? 'next' : null, day: view.day, ...changes };
		const query = Object.entries(now).flatMap(([name, value]) =>
			value ? [`${name}=${encodeURIComponent(value)}`] : []
		);
		return `/people/week?${query.join('&')}`;
	};
	/** No job of the home falls in this week. */
	const isEmpty = $derived(
		view.days.every((day) => day.minutes === 0) && view.balance.every((one) => one.given === 0)
	);
	/** There is nobody to share with. */
	const alone = $derived(view.balance.length < 2);
	const inReturn = $derived([
		{ value: '', label: PEOPLE_WEEK_PAGE.nothing },
		...view.inReturn.flatMap((one) =>
			one.turns.map((turn) => ({ value: turn.id, label: turn.words, group: one.name }))
		)
	]);
	const names = [
		PEOPLE_WEEK_PAGE.morning,
		PEOPLE_WEEK_PAGE.midday,
		PEOPLE_WEEK_PAGE.evening,
		PEOPLE_WEEK_PAGE.anyTime
	];
	/** Jobs that are for no part of the day have a column of their own, where there are some. */
	const parts = $derived(
		view.lines.some((line) => (line.parts[3]?.length ?? 0) > 0) ? names : names.slice(0, 3)
	);
	/** A cloth is as wide as its minutes. */
	const width = (minutes: number) => Math.min(200, 104 + minutes * 5);
</script>

<svelte:head><title>{PEOPLE_WEEK_PAGE.shareOutTheJobsOf}</title></svelte:head>

<section class="flex flex-col flex-1">
	<header class="flex flex-wrap justify-between items-center gap-x-6 gap-y-2 px-edge pt-2.5 pb-3">
		<div class="flex-[1_1_420px]">
			<h1>{view.title}</h1>
			<p class="dim mt-1">
				{#if alone}{PEOPLE_WEEK_PAGE.alone}{:else if !isEmpty}{PEOPLE_WEEK_PAGE.everybodyIsWithin(
						view.givenWords,
						view.furthest
					)}{/if}
			</p>
			{#each view.against as words, i (i)}<p class="dim mt-1">{words}</p>{/each}
			{#if view.against.length > 0}<Button kind="link" href="/house/jobs"
					>{PEOPLE_WEEK_PAGE.whoDoesWhat}</Button
				>{/if}
		</div>
		<div class="acts flex flex-wrap items-center gap-4">
			<a class="arrow" href={to({ week: view.week === 'next' ? null : 'next', day: null })}
				>{#if view.week === 'next'}<ChevronLeft size={24} aria-hidden="true" />{:else}<ChevronRight
						size={24}
						aria-hidden="true"
					/>{/if}<span class="sr"
					>{view.week === 'next' ? PEOPLE_WEEK_PAGE.thisWeek : PEOPLE_WEEK_PAGE.theWeekAfter}</span
				></a
			>
			{#if !isEmpty && !alone && (!view.isGiven || view.changes > 0)}
				<ActForm action="?/give" values={{ week: view.week }}
					><Button type="submit" kind={view.why ? 'plain' : 'solid'}
						>{view.isGiven
							? PEOPLE_WEEK_PAGE.shareOutAgain
							: view.week === 'next'
								? PEOPLE_WEEK_PAGE.shareOutNextWeek
								: PEOPLE_WEEK_PAGE.shareOutThisWeek}</Button
					></ActForm
				>
			{/if}
			<Button kind="link" href="/people">{PEOPLE_WEEK_PAGE.backToPeople}</Button>
		</div>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	{#if isEmpty}<Empty
			title={WEEK.empty}
			line={WEEK.emptyLine}
			act={{ href: '/house/library', label: WEEK.addJobs }}
		/>{:else}
		{#each view.swaps as swap (swap.id)}
			<Notice
				><span>{swap.words}</span>
				{#if swap.mine}
					<ActForm action="?/answer" values={{ swap: swap.id, answer: 'yes' }} then={{ withoutId: true }}
						><Button type="submit">{PEOPLE_WEEK_PAGE.iWillDoIt}</Button></ActForm
					><ActForm action="?/answer" values={{ swap: swap.id, answer: 'no' }} then={{ withoutId: true }}
						><Button kind="link" type="submit">{PEOPLE_WEEK_PAGE.noThanks}</Button></ActForm
					>
				{/if}</Notice
			>
		{/each}
		<nav
			class="grid grid-cols-[repeat(7,minmax(0,1fr))] gap-2 px-edge pt-1 pb-3 max-sm:gap-0.5 max-sm:px-3 max-sm:text-center max-sm:leading-tight"
			aria-label={PEOPLE_WEEK_PAGE.daysOfTheWeek}
		>
			{#each view.days as day (day.date)}
				<a
					class="grid gap-1 py-2 px-3 border-2 border-transparent rounded-[10px] text-ink no-underline max-sm:px-0.5 hover:bg-cobalt-wash [&[aria-current]]:bg-enamel-hi [&[aria-current]]:border-cobalt-ink"
					href={to({ day: day.date, turn: null })}
					aria-current={day.date === view.day ? 'date' : undefined}
					data-sveltekit-noscroll
				>
					<span class={['name font-name', day.isPast && 'text-tin-text']}
						><span class="max-sm:block">{day.letter}</span> {day.day}</span
					>
					<span class="h-2 bg-linen" aria-hidden="true"
						><span class="block h-full bg-cobalt-ink" style:width="{(day.minutes / most) * 100}%"
						></span></span
					>
					<span class="dim">{day.isPast ? PEOPLE_WEEK_PAGE.past : PEOPLE_WEEK_PAGE.min(day.minutes)}</span>
				</a>
			{/each}
		</nav>
		<div class="yard px-edge pb-4.5" style:--parts={parts.length}>
			<div
				class="grid grid-cols-[clamp(150px,15vw,184px)_repeat(var(--parts),minmax(0,1fr))] gap-x-3.5 gap-y-0 py-1.5 font-name text-tin-text max-sm:hidden"
				aria-hidden="true"
			>
				<span class="font-display font-normal text-ink">{view.dayName}</span>{#each parts as part (part)}<span
						class="first:font-display first:font-normal first:text-ink">{part}</span
					>{/each}
			</div>
			{#each view.lines as line (line.id ?? line.words)}
				{@const balance = view.balance.find((one) => one.id === line.id)}
				<div
					class={[
						'line grid grid-cols-[clamp(150px,15vw,184px)_repeat(var(--parts),minmax(0,1fr))] gap-x-3.5 gap-y-0 relative pb-2 min-h-17.5 border-t-2 max-sm:grid-cols-[1fr]',
						line.id === null
							? '[border-top-style:dashed] border-t-tin-2'
							: '[border-top-style:solid] border-t-ink'
					]}
				>
					<div class="pt-1.5">
						<h2 class="text-tag">{line.name}</h2>
						{#if balance}
							<p class="dim text-[0.9375rem]">{PEOPLE_WEEK_PAGE.minGiven(balance.given)}</p>
							<p class={['font-name text-[0.9375rem]', balance.heavy && 'text-brass-text']}>
								{balance.words}
							</p>
						{/if}
					</div>
					{#each line.parts.slice(0, parts.length) as cloths, i (i)}
						{#if cloths.length > 0}<p class="dim sm:hidden mt-1.5" aria-hidden="true">{parts[i]}</p>{/if}
						<ul
							class="flex flex-wrap gap-2 content-start max-sm:pt-0.5 max-sm:empty:hidden"
							aria-label="{line.name}, {parts[i]}"
						>
							{#each cloths as cloth (cloth.turn)}
								<li
									class="max-w-full min-w-min max-sm:min-w-[calc(50%-0.25rem)]"
									style:width="{width(cloth.minutes)}px"
								>
									<a
										class={[
											'relative block min-h-13 px-2.5 pt-1.5 pb-3.5 text-ink no-underline leading-[1.15]',
											view.why?.turn === cloth.turn
												? 'bg-enamel-hi [box-shadow:0_0_0_2.5px_var(--cobalt-ink)]'
												: 'bg-linen-hi shadow-cloth'
										]}
										href={to({ turn: cloth.turn })}
										data-sveltekit-noscroll
									>
										<span class="block wrap-break-word hyphens-auto">{cloth.name}</span>
										<span class="minutes block text-tin-text text-[0.9375rem]"
											>{PEOPLE_WEEK_PAGE.min(minutesText(cloth.minutes))}{cloth.held
												? `, ${PEOPLE_WEEK_PAGE.byHand}`
												: ''}</span
										>
										{#if cloth.zone}<span class="absolute top-auto right-0 bottom-0.75 left-0 h-1.75"
												><Weave weave={cloth.zone.weave} /></span
											>{/if}
									</a>
								</li>
							{/each}
						</ul>
					{/each}
				</div>
			{/each}
		</div>
		<div
			class="runner linen mt-auto grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-12 gap-y-5 px-edge pt-4 pb-6.5 border-t-2 [border-top-style:dashed] border-t-linen-deep max-[901px]:grid-cols-[1fr]"
		>
			<div>
				{#if view.why}
					<WhyLabel why={view.why} full />
					{#if view.why.to && view.why.could.length > 0}
						<ActForm action="?/ask" class="row" values={{ turn: view.why.turn }}>
							<Choice
								label={PEOPLE_WEEK_PAGE.askToSwapTheySay}
								name="to"
								options={view.why.could.map((one) => ({ value: one.id, label: one.name }))}
							/>
							<Choice label={PEOPLE_WEEK_PAGE.inReturn} name="back" options={inReturn} /><Button type="submit"
								>{PEOPLE_WEEK_PAGE.ask}</Button
							>
						</ActForm>
					{/if}
				{:else}
					<h2 class="mb-1.5">{PEOPLE_WEEK_PAGE.chooseAJob}</h2>
					<p class="dim my-1.5">{PEOPLE_WEEK_PAGE.seeWhyItIsThis}</p>
				{/if}
			</div>
			{#if !alone}<div>
					<h2 class="mb-1.5">{PEOPLE_WEEK_PAGE.whatIfSomebodyIsAway}</h2>
					<form
						method="get"
						action={page.url.pathname}
						class="grid grid-cols-[repeat(auto-fit,minmax(min(13rem,100%),1fr))] gap-2.5 items-end"
					>
						{#if view.week === 'next'}<input type="hidden" name="week" value="next" />{/if}
						<Choice
							label={PEOPLE_WEEK_PAGE.who}
							name="without"
							value={view.trial?.member}
							options={view.members.map((one) => ({ value: one.id, label: one.name }))}
						/>
						<DateField label={PEOPLE_WEEK_PAGE.from} name="from" value={view.trial?.from ?? view.today} />
						<DateField label={PEOPLE_WEEK_PAGE.to} name="to" value={view.trial?.to ?? view.weekEnd} />
						<Button type="submit">{PEOPLE_WEEK_PAGE.tryIt}</Button>
					</form>
					{#if view.trial}
						<p class="my-1.5">
							{#if view.trial.moved.length === 0}
								{PEOPLE_WEEK_PAGE.withoutNothingWouldMove(view.trial.name)}
							{:else}
								<b>{PEOPLE_WEEK_PAGE.ofSJobs(view.trial.moved.length, view.trial.name)}</b>
								{PEOPLE_WEEK_PAGE.wouldGoElsewhere}{#if view.trial.more.length > 0}: {view.trial.more.join(
										', '
									)}{/if}.
								{#if view.trial.nobody > 0}{PEOPLE_WEEK_PAGE.wouldBeNobodys(view.trial.nobody)}{/if}
							{/if}
							<span class="dim">{PEOPLE_WEEK_PAGE.nothingIsWritten}</span>
						</p>
						<FirstOf of={view.trial.moved} class="block columns-2 gap-x-6 max-sm:columns-1">
							{#snippet item(one)}<li class="break-inside-avoid py-0.5">
									{one.name}, {one.when}: <b>{one.to}</b>
								</li>{/snippet}
						</FirstOf>
					{/if}
				</div>{/if}
		</div>
	{/if}
</section>

<style>
	.runner :global(.row) {
		align-items: end;
	}
</style>
