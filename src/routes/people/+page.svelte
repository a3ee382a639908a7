<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { PEOPLE_PAGE } from '$words/screens/people';
	import Presence from '$ui/people/Presence.svelte';
	import Rail from '$ui/people/Rail.svelte';
	import WhyLabel from '$ui/people/WhyLabel.svelte';
	import { MONTH } from '$words/history';
	let { data } = $props();
	const view = $derived(data.view);
</script>

<svelte:head><title>{PEOPLE_PAGE.peoplePailRound}</title></svelte:head>

<section class="flex flex-col flex-1">
	<header class="flex flex-wrap justify-between items-center gap-x-5 gap-y-1.5 px-edge pt-2.5 pb-3.5">
		<h1>{PEOPLE_PAGE.doneThisWeek}</h1>
		<p class="dim flex flex-wrap items-center gap-x-4 gap-y-1" aria-hidden="true">
			<span class="flex items-center gap-2"
				><svg class="flex-none" width="22" height="26" viewBox="0 0 22 26"
					><path
						d="M1 1H21V25H1ZM1 17H21M1 21H21"
						fill="var(--enamel-hi)"
						stroke="var(--cobalt-ink)"
						stroke-width="2"
					/></svg
				>{PEOPLE_PAGE.thisWeek}</span
			>
			<span class="flex items-center gap-2"
				><svg class="flex-none" width="16" height="26" viewBox="0 0 16 26"
					><path d="M1 1H15V25H1Z" fill="var(--linen-hi)" stroke="var(--tin-2)" stroke-width="1.6" /></svg
				>{PEOPLE_PAGE.fourWeeks}</span
			>
			<span class="flex items-center gap-2"
				><svg class="flex-none" width="38" height="6" viewBox="0 0 38 6"
					><path d="M0 3H38" stroke="var(--ink)" stroke-width="3" stroke-dasharray="10 4" /></svg
				>{PEOPLE_PAGE.agreedShare}</span
			>
		</p>
	</header>
	<Rail people={view.people} />
	<div
		class="flex flex-wrap items-center justify-between gap-x-6 gap-y-3 mx-edge pt-2 pb-2.5 border-t-2 [border-top-style:dashed] border-t-linen-deep"
	>
		<p class="flex-[1_1_320px]">
			{#if view.isShared}{view.note} <span class="dim">{view.sharesWords}</span>{/if}
			{#if view.ribbon}
				<br />{PEOPLE_PAGE.isTodaysCaptain(view.ribbon.name)}{#if view.ribbon.duties.length}: <span
						class="dim">{view.ribbon.duties.join(', ').toLowerCase()}</span
					>{/if}
			{/if}
		</p>
		<nav class="flex flex-wrap gap-2.5" aria-label={PEOPLE_PAGE.moreAboutPeople}>
			{#if view.isShared}<Button class="py-0! px-3.25!" href="/people/week"
					>{view.givenOut ? PEOPLE_PAGE.theWeek : PEOPLE_PAGE.shareOutThisWeeksJobs}</Button
				>{/if}
			<Button class="py-0! px-3.25!" href="/people/learning"
				>{PEOPLE_PAGE.choresBeingLearned}{#if view.looks + view.ready > 0}<span
						class="count inline-grid place-items-center min-w-6 h-6 px-1.5 rounded-[7px] bg-cobalt text-on-cobalt text-[0.9375rem]"
						>{view.looks + view.ready}</span
					>{/if}</Button
			>
			<Button class="py-0! px-3.25!" href="/history/month">{MONTH.link}</Button>
			<Button class="py-0! px-3.25!" href="/people/family">{PEOPLE_PAGE.changeWhoDoesHowMuch}</Button>
			{#if data.canOpenDoors}<Button class="py-0! px-3.25!" href="/people/access"
					>{PEOPLE_PAGE.whoCanLogIn}</Button
				>
				{#if !data.isDemo}<form method="post" action="/begin?/takeOwn">
						<input type="hidden" name="step" value="people" />
						<Button class="py-0! px-3.25!" type="submit">{PEOPLE_PAGE.addSomebody}</Button>
					</form>{/if}
			{/if}
		</nav>
	</div>
	<div
		class="linen {view.people.length > 1
			? 'mt-auto'
			: 'mt-6'} px-edge pt-3.5 pb-5.5 grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] gap-x-12 gap-y-5 items-center border-t-2 [border-top-style:dashed] border-t-linen-deep max-[901px]:grid-cols-[minmax(0,1fr)]"
	>
		<Presence days={view.days} rows={view.presence} />
		{#if view.why}<div><WhyLabel why={view.why} /></div>{/if}
	</div>
</section>
