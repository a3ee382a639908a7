<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { HISTORY_PAGE } from '$words/screens/history';
	import { HISTORY, MONTH } from '$words/history';
	import DateField from '$ui/kit/DateField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import { goto } from '$app/navigation';
	import Drawer from '$ui/Drawer.svelte';
	import Day from '$ui/history/Day.svelte';
	import HowToRead from '$ui/history/HowToRead.svelte';
	import JobPage from '$ui/history/JobPage.svelte';
	import WriteIn from '$ui/history/WriteIn.svelte';
	import Notice from '$ui/Notice.svelte';
	import Empty from '$ui/kit/Empty.svelte';
	import { MONTHS } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const href = (more: Record<string, string>) => {
		// eslint-disable-next-line svelte/prefer-svelte-reactivity -- built and read at once
		const params = new URLSearchParams(view.filter.q);
		for (const [key, value] of Object.entries(more)) params.set(key, value);
		const text = params.toString();
		return text === '' ? '/history' : `/history?${text}`;
	};
	const isAsked = $derived(
		[view.filter.job, view.filter.by, view.filter.room].some((one) => one !== '') ||
			(view.filter.to !== '' && view.filter.to !== view.today)
	);
	const closeHref = $derived(href({}));
	/** Nothing is written yet: how a day is read is told instead, below where there is no second page. */
	const isNew = $derived(view.days.length === 0 && !isAsked && !view.page);
	let pageShown = $state(false);
	/** A month's name is written where the month changes. */
	const monthOf = (date: string) => MONTHS[Number(date.slice(5, 7)) - 1];
</script>

<svelte:head><title>{HISTORY_PAGE.historyPailRound}</title></svelte:head>

<div class="[--edge:calc(var(--page-edge)_-_var(--rim))] flex-1 flex flex-col pb-2.5">
	<header
		class="flex items-center justify-between gap-5 px-(--edge) pt-3.5 pb-3 max-[901px]:flex-col max-[901px]:items-stretch max-[901px]:px-3.75 max-[901px]:pt-3.5 max-[901px]:pb-3"
	>
		<form
			method="get"
			action="/history"
			class="grid grid-cols-[auto_minmax(0,1fr)] items-center justify-items-start gap-x-2.25 gap-y-2 min-[902px]:flex min-[902px]:flex-wrap min-[902px]:gap-x-2.25"
			data-sveltekit-noscroll
		>
			<h1 class="sr-only">{HISTORY_PAGE.history}</h1>
			<span class="font-display text-[1.5rem] max-[380px]:text-[1.125rem]">{HISTORY_PAGE.show}</span>
			<Choice
				label={HISTORY_PAGE.whichWork}
				look="tape"
				name="job"
				value={view.filter.job}
				options={[
					{ value: '', label: HISTORY_PAGE.allWork },
					...view.jobs.map((job) => ({ value: job.id, label: job.name }))
				]}
				sends
			/>
			<span class="font-display text-[1.5rem] max-[380px]:text-[1.125rem]">{HISTORY_PAGE.by}</span>
			<Choice
				label={HISTORY_PAGE.byWhom}
				look="tape"
				name="by"
				value={view.filter.by}
				options={[
					{ value: '', label: HISTORY_PAGE.everyone },
					...view.members.map((member) => ({ value: member.id, label: member.name }))
				]}
				sends
			/>
			<span class="font-display text-[1.5rem] max-[380px]:text-[1.125rem]">{HISTORY_PAGE.inIt}</span>
			<Choice
				label={HISTORY_PAGE.inWhichRoom}
				look="tape"
				name="room"
				value={view.filter.room}
				options={[
					{ value: '', label: HISTORY_PAGE.theWholeHouse },
					...view.rooms.map((room) => ({ value: room.id, label: room.name }))
				]}
				sends
			/>
			<span class="font-display text-[1.5rem] max-[380px]:text-[1.125rem]">{HISTORY_PAGE.backFrom}</span>
			<DateField
				look="tape"
				label={HISTORY_PAGE.backFromWhichDay}
				name="to"
				max={view.today}
				value={view.filter.to || view.today}
				sends
			/>
			<noscript><Button type="submit">{HISTORY_PAGE.show}</Button></noscript>
		</form>
		<Button kind="solid" class="whitespace-nowrap" href={href({ write: '1' })} data-sveltekit-noscroll
			>{HISTORY_PAGE.addSomethingDone}</Button
		>
	</header>

	{#if form && 'message' in form && form.message && !data.writing}
		<Notice tone={'undo' in form ? 'done' : 'wrong'}><span>{form.message}</span></Notice>
	{/if}

	<div
		class="flex-1 relative grid grid-cols-[minmax(0,1.78fr)_24px_minmax(0,1fr)] mx-3 bg-enamel-hi border-[1.5px] border-tin-1 rounded-[6px] [box-shadow:0_3px_0_-1px_var(--tin-1)] max-[901px]:grid-cols-[1fr] max-[901px]:my-0 max-[901px]:mx-1.5"
	>
		<section class="left" aria-label={HISTORY_PAGE.days}>
			{#if view.days.length === 0}
				<div class="pl-26 max-[901px]:pl-18">
					<Empty
						title={isAsked ? HISTORY.nothingFound : HISTORY.empty}
						line={isAsked ? HISTORY.askOther : HISTORY.emptyLine}
						act={isAsked
							? { href: '/history', label: HISTORY.showAll }
							: { href: '/', label: HISTORY.toToday }}
					/>
				</div>
			{/if}
			{#each view.days as day, i (day.date)}
				{#if i === 0 || monthOf(view.days[i - 1]?.date ?? '') !== monthOf(day.date)}
					{#if i > 0}<h2
							class="pt-3.5 pb-1.5 pl-29 text-[1.25rem] border-b border-b-tin-1 max-[901px]:pl-20.5"
						>
							{monthOf(day.date)}
						</h2>{/if}
				{/if}
				<Day {day} {view} {href} onchosen={() => (pageShown = true)} />
			{/each}
			<p
				class="row grid grid-cols-[104px_minmax(0,1fr)_124px_118px] items-center min-h-11.5 pr-4.5 border-b-tin-1 text-ink no-underline border-0 m-0 max-[901px]:grid-cols-[70px_minmax(0,1fr)_auto] max-[901px]:pr-3"
			>
				<span
					class="flex justify-between pr-4 pl-5 font-display text-[1.125rem] [font-variant-numeric:oldstyle-nums] max-[901px]:py-0 max-[901px]:pr-2 max-[901px]:pl-2.5 max-[901px]:text-body"
				></span><span class="col-span-2 flex flex-wrap gap-x-4.5 pl-3"
					>{#if view.older}<Button kind="link" class="py-2!" href={href({ to: view.older })}
							>{HISTORY_PAGE.earlierDays}</Button
						>{/if}
					<Button kind="link" class="py-2!" href="/history/month">{MONTH.link}</Button></span
				>
			</p>
		</section>
		<span class="spine max-[901px]:hidden" aria-hidden="true"></span>
		<section
			class={[
				'right pt-4.5 pb-5.5 pr-7 pl-5 min-w-0',
				isNew
					? 'max-[901px]:border-t max-[901px]:border-t-tin-1 max-[901px]:pl-21 max-[901px]:pr-5'
					: 'max-[901px]:hidden'
			]}
			class:shown={pageShown}
			aria-label={HISTORY_PAGE.allTimesOfAJob}
		>
			{#if !isNew}<Button
					type="submit"
					class="hidden! max-[901px]:inline-flex! max-[901px]:mb-3.5"
					onclick={() => (pageShown = false)}>{HISTORY_PAGE.backToAllDays}</Button
				>{/if}
			{#if view.page}<JobPage
					page={view.page}
					formId={view.formId}
					filter={view.filter.q}
				/>{:else if isNew}<HowToRead />{:else}<p
					class="nothing py-10 pr-6 pl-31 text-tin-text text-[1.125rem] max-[901px]:py-7.5 max-[901px]:pr-5 max-[901px]:pl-21"
				>
					{HISTORY_PAGE.chooseAJobToSee}
				</p>{/if}
		</section>
	</div>
</div>

{#if data.writing}
	<Drawer
		title={HISTORY_PAGE.addSomethingDone}
		under={HISTORY_PAGE.forWhatWasDoneAnd}
		onclose={() => goto(closeHref, { noScroll: true })}
		{closeHref}
	>
		<WriteIn {view} {form} done={() => goto(closeHref, { noScroll: true })} />
	</Drawer>
{/if}

<style>
	.spine {
		background: repeating-linear-gradient(180deg, var(--cobalt-ink) 0 15px, transparent 15px 25px) center /
			4px 100% no-repeat;
		box-shadow:
			-10px 0 14px -12px var(--tin-2),
			10px 0 14px -12px var(--tin-2);
	}
	.left {
		--gutter: 106px;
		background: linear-gradient(
			90deg,
			transparent 100px,
			var(--tin-1) 100px 101px,
			transparent 101px 103px,
			var(--tin-1) 103px 104px,
			transparent 104px
		);
		padding-bottom: 16px;
	}
	:global(form.again) {
		grid-column: 3 / 5;
		text-align: right;
	}
	.right .nothing {
		padding: 24px 0;
	}
	@media (max-width: 900px) {
		.left {
			--gutter: 72px;
			background: linear-gradient(
				90deg,
				transparent 66px,
				var(--tin-1) 66px 67px,
				transparent 67px 69px,
				var(--tin-1) 69px 70px,
				transparent 70px
			);
		}
		:global(form.again) {
			grid-column: 2 / 4;
			padding: 0 0 10px 46px;
			text-align: left;
		}
		/* The right page slides over the left. */
		.right.shown {
			display: block;
			position: fixed;
			inset: var(--rim) var(--rim) calc(62px + env(safe-area-inset-bottom));
			z-index: 30;
			overflow: auto;
			background: var(--enamel-hi);
			border-radius: var(--r-tray);
			padding: 18px 20px 24px;
		}
	}
</style>
