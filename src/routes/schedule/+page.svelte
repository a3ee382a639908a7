<script lang="ts">
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Button from '$ui/kit/Button.svelte';
	import { SCHEDULE_PAGE } from '$words/screens/schedule';
	import Choice from '$ui/kit/Choice.svelte';
	import AddOnce from '$ui/today/AddOnce.svelte';
	import { goto } from '$app/navigation';
	import { onMount } from 'svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Notice from '$ui/Notice.svelte';
	import Round from '$ui/schedule/Round.svelte';
	import RoundTop from '$ui/schedule/RoundTop.svelte';
	import SwapWeeks from '$ui/schedule/SwapWeeks.svelte';
	import Week from '$ui/schedule/Week.svelte';
	import { SWAP } from '$words/schedule';
	import { minutesText } from '$words/general';
	import ActForm from '$ui/ActForm.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	/** The round of the year is of zones: a home without them has none. */
	const hasRound = $derived(view.mode === 'week' && view.zones.length > 0);
	let swapping = $state(false);
	const hrefOf = (date: string) => `/schedule?on=${date}`;
	onMount(() => {
		const onKey = (event: KeyboardEvent) => {
			if (event.ctrlKey || event.altKey || event.metaKey) return;
			const target = event.target as HTMLElement | null;
			if (target?.closest('input, select, textarea, ul[aria-label], button')) return;
			if (event.key === 'ArrowLeft') void goto(hrefOf(view.before), { noScroll: true });
			else if (event.key === 'ArrowRight') void goto(hrefOf(view.after), { noScroll: true });
		};
		window.addEventListener('keydown', onKey);
		return () => window.removeEventListener('keydown', onKey);
	});
</script>

<svelte:head><title>{SCHEDULE_PAGE.schedulePailRound}</title></svelte:head>

<div
	class="schedule grid grid-cols-[minmax(0,1.42fr)_minmax(440px,1fr)] gap-11 flex-1 px-edge pt-1 pb-4"
	class:wide={!hasRound}
>
	{#if hasRound}
		<div class="top-3 self-start min-w-0 max-md:hidden [@media(min-height:760px)]:sticky">
			<Round {view} {hrefOf} />
		</div>
		<div class="hidden max-md:block"><RoundTop {view} {hrefOf} /></div>
	{/if}
	<section class="side">
		<header
			class={[
				'flex justify-between gap-4',
				hasRound &&
					'max-md:absolute max-md:w-0.25 max-md:h-0.25 max-md:overflow-hidden max-md:[clip-path:inset(50%)]'
			]}
			class:under-dial={hasRound}
		>
			<div>
				<h1>{view.mode === 'month' && view.month ? view.month.name : view.title}</h1>
				<p class="dim">{view.under}</p>
			</div>
			<nav class="flex gap-2.5" aria-label={SCHEDULE_PAGE.weeks}>
				<a
					class="arrow"
					href={view.mode === 'month' && view.month
						? `/schedule?show=month&on=${view.month.before}`
						: `${hrefOf(view.before)}${view.mode === 'list' ? '&show=list' : ''}`}
					aria-label={SCHEDULE_PAGE.before}
					data-sveltekit-noscroll><ChevronLeft size={24} aria-hidden="true" /></a
				>
				<a
					class="arrow"
					href={view.mode === 'month' && view.month
						? `/schedule?show=month&on=${view.month.after}`
						: `${hrefOf(view.after)}${view.mode === 'list' ? '&show=list' : ''}`}
					aria-label={SCHEDULE_PAGE.after}
					data-sveltekit-noscroll><ChevronRight size={24} aria-hidden="true" /></a
				>
			</nav>
		</header>
		<p class="flex flex-wrap items-baseline gap-x-4.5 gap-y-0.5 mt-1.5 mb-2 max-md:mt-0.5">
			{#each [['week', SCHEDULE_PAGE.week], ['month', SCHEDULE_PAGE.month], ['list', SCHEDULE_PAGE.asAList]] as [mode, name] (mode)}
				<Button
					kind="link"
					class="[&[aria-current]]:text-ink [&[aria-current]]:no-underline"
					href="/schedule?on={view.chosen}{mode === 'week' ? '' : `&show=${mode}`}"
					aria-current={view.mode === mode ? 'true' : undefined}>{name}</Button
				>
			{/each}
			<AddOnce
				date={view.chosen < view.today ? view.today : view.chosen}
				today={view.today}
				me={view.me}
				members={view.members}
				rooms={view.rooms}
			/>
			<Button kind="link" href="/house/pauses">{SCHEDULE_PAGE.pauses}</Button>
			{#if view.swap}<Button
					kind="link"
					type="submit"
					aria-expanded={swapping}
					onclick={() => (swapping = !swapping)}>{SWAP.open}</Button
				>{/if}
			<Button kind="link" href="/house/files#calendar">{SCHEDULE_PAGE.calendar}</Button>
		</p>
		{#if form && 'saved' in form && form.saved}<Notice><span>{form.saved}</span></Notice>{/if}
		{#if view.swap && swapping}<SwapWeeks swap={view.swap} formId={view.formId} chosen={view.chosen} />{/if}
		{#if form && 'message' in form && form.message}
			<Notice tone={'undo' in form ? 'done' : 'wrong'}>
				<span>{form.message}</span>
				{#if 'undo' in form && form.undo}
					<ActForm action="/schedule?on={view.chosen}&/undo" values={{ of: form.undo, seed: view.formId }}>
						<Button kind="link" type="submit">{SCHEDULE_PAGE.undo}</Button>
					</ActForm>
				{/if}
			</Notice>
		{/if}
		{#if view.mode === 'week'}
			<Week {view} />
			<ul class="grid grid-cols-[repeat(3,auto)] gap-x-4 gap-y-2 mt-3 mb-1 max-md:grid-cols-[1fr_1fr]">
				{#each view.zones as zone (zone.id)}
					<li class="flex items-center gap-2">
						<span class="swatch relative w-9 h-6.5 flex-none"
							><Weave weave={zone.weave} /><span
								class="inline-grid place-items-center min-w-5.5 h-5.5 border-2 border-cobalt-ink rounded-[5px] bg-enamel-hi text-cobalt-ink font-plate text-[0.8125rem] absolute top-0.5 right-1.75 bottom-0.5 left-1.75"
								>{zone.number}</span
							></span
						>{zone.name}
					</li>
				{/each}
				<li class="flex items-center gap-2"><Glyph name="coming" size={24} />{SCHEDULE_PAGE.yearlyJob}</li>
			</ul>
		{:else if view.mode === 'month' && view.month}
			<table class="w-full [border-collapse:collapse] [table-layout:fixed]">
				<thead
					><tr
						><th
							class="font-normal text-tin-text p-1 text-left max-md:py-1 max-md:px-0.5 w-12 max-md:w-10 max-md:text-[0.8125rem]"
							scope="col">{SCHEDULE_PAGE.week}</th
						>{#each view.month.weekdays as name (name)}<th
								class="font-normal text-tin-text p-1 text-left max-md:py-1 max-md:px-0.5 first:w-12 max-md:first:w-8"
								scope="col">{name}</th
							>{/each}</tr
					></thead
				>
				<tbody>
					{#each view.month.rows as row (row.row)}
						<tr>
							<th
								class="font-normal text-tin-text p-1 text-left max-md:py-1 max-md:px-0.5 w-12 max-md:w-10"
								scope="row">{row.row}</th
							>
							{#each row.days as day, i (i)}
								{#if day}
									<td
										class={[
											'border border-tin-1 align-top h-22.5 p-0 max-md:h-22',
											day.isToday && '[box-shadow:inset_0_0_0_3px_var(--cobalt-ink)]'
										]}
									>
										<a
											class="grid grid-cols-[minmax(0,1fr)] gap-0.75 py-1.5 px-2 h-full content-start text-ink no-underline max-md:px-1 max-md:pt-1 max-md:pb-0 max-md:text-[0.9375rem]"
											href={hrefOf(day.date)}
										>
											<span class="flex justify-between max-md:grid max-md:gap-0.5"
												><b>{day.day}</b>{#if day.zone}<span
														class="inline-grid place-items-center min-w-5.5 h-5.5 border-2 border-cobalt-ink rounded-[5px] bg-enamel-hi text-cobalt-ink font-plate text-[0.8125rem]"
														>{day.zone}</span
													>{/if}</span
											>
											{#if day.weave}<span class="band h-3 block overflow-hidden"
													><Weave weave={day.weave} /></span
												>{:else}<span class="band h-3 block overflow-hidden [background:none]"></span>{/if}
											<span class="text-[0.9375rem] leading-tight wrap-anywhere max-md:hidden"
												>{day.names[0] ?? ''}{day.names.length > 1
													? SCHEDULE_PAGE.andMore(day.names.length - 1)
													: ''}</span
											>
											{#if !day.isPast || day.minutes > 0}<span class="dim"
													>{day.minutes}<span class="max-md:hidden"
														>{' '}{day.isPast ? SCHEDULE_PAGE.minDone : SCHEDULE_PAGE.min}</span
													></span
												>{/if}
										</a>
									</td>
								{:else}<td class="border border-tin-1 align-top h-22.5 p-0 max-md:h-22 bg-linen"></td>{/if}
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		{:else}
			<ol class="[columns:2_440px] gap-x-12 text-[1.125rem]">
				{#each view.days as day (day.date)}
					<li class="break-inside-avoid py-2.5 [border-bottom:var(--stitch)]">
						<h2>{day.name}{day.subject ? `, ${day.subject}` : ''}</h2>
						<p>
							{#if day.zone}{SCHEDULE_PAGE.isOn(day.zone.name)}{/if}
							{#if day.items.length === 0}{SCHEDULE_PAGE.nothingButTheDailyRoutine(
									day.note ? `; ${day.note.toLowerCase()}` : ''
								)}{:else}
								{day.items
									.map((item) => SCHEDULE_PAGE.itemLine(item.name, item.who, minutesText(item.minutes)))
									.join('. ')}.{/if}
						</p>
					</li>
				{/each}
			</ol>
		{/if}
		<form method="get" action="/schedule" class="flex flex-wrap items-center gap-x-3 gap-y-1.5 mt-2 mb-1">
			<input type="hidden" name="on" value={view.chosen} />
			<Choice
				label={SCHEDULE_PAGE.whenIs}
				name="find"
				value={view.find ?? ''}
				options={[
					{ value: '', label: SCHEDULE_PAGE.anyJob },
					...view.jobs.map((job) => ({ value: job.id, label: job.name }))
				]}
				sends
			/>
			<noscript><Button type="submit">{SCHEDULE_PAGE.showItsNextDate}</Button></noscript>
			{#if view.found}
				<p class="flex-[1_0_100%]" role="status">
					<b>{view.found.name}</b>
					{view.found.words}. {#if view.found.week}<Button kind="link" href={hrefOf(view.found.week)}
							>{SCHEDULE_PAGE.showItsWeek}</Button
						>{/if}
				</p>
			{/if}
		</form>
		{#each view.notes as note, i (i)}<p class="dim">{note}</p>{/each}
	</section>
</div>

<style>
	.schedule.wide {
		grid-template-columns: minmax(0, 1fr);
	}
	.swatch :global(svg) {
		position: absolute;
		inset: 0;
	}
	@media (max-width: 1000px) {
		.schedule,
		.schedule.wide {
			grid-template-columns: minmax(0, 1fr);
			gap: 12px;
			padding: 12px 15px 24px;
		}
		.under-dial nav {
			display: none;
		}
	}
</style>
