<script lang="ts">
	/** The day: its name, the days beside it, what is to do in one sentence, and how to end it early. */
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Button from '../kit/Button.svelte';
	import { once } from '../once';
	import { bringBack, ONCE, TODAY } from '$words/today';
	import type { TodayView } from '$views/today';
	import AddOnce from './AddOnce.svelte';
	import DayDepth from './DayDepth.svelte';
	import EnoughButton from './EnoughButton.svelte';
	let {
		view,
		dayHref,
		keysShown = $bindable(false)
	}: { view: TodayView; dayHref: (day: string) => string; keysShown?: boolean } = $props();
	const isToday = $derived(view.relation === 'today');
	/** The figure that is read first stands out. */
	const summary = $derived(/^(.+?)( to do.*)$/.exec(view.summary));
	const ARROW =
		'grid size-11 place-items-center rounded-button text-cobalt-ink no-underline hover:bg-cobalt-wash';
</script>

<header class="min-w-0 flex-1 basis-80">
	<div class="flex flex-wrap items-center gap-x-4 max-sm:justify-between">
		<h1 class="m-0 wrap-anywhere">
			<span class="max-sm:hidden">{view.title}</span><span class="sm:hidden">{view.shortTitle}</span>
		</h1>
		<nav class="flex items-center gap-1" aria-label={TODAY.anotherDay}>
			<a href={dayHref(view.before)} aria-label={TODAY.dayBefore} data-sveltekit-noscroll class={ARROW}
				><ChevronLeft size={24} aria-hidden="true" /></a
			>
			{#if !isToday}<Button kind="link" href="/">{TODAY.backToToday}</Button>{/if}
			<a href={dayHref(view.after)} aria-label={TODAY.dayAfter} data-sveltekit-noscroll class={ARROW}
				><ChevronRight size={24} aria-hidden="true" /></a
			>
		</nav>
		{#if isToday && !view.isDevice}<button
				class="min-h-11 cursor-pointer border-0 bg-transparent p-0 text-tin-text hover:underline focus-visible:shadow-focus max-lg:hidden"
				aria-expanded={keysShown}
				onclick={() => (keysShown = !keysShown)}>{TODAY.keys}</button
			>{/if}
	</div>
	<div class="flex flex-wrap items-center gap-x-4 text-lead text-tin-text">
		<p class="m-0 py-1">
			{#if summary}<b class="text-ink">{summary[1]}</b>{summary[2]}{:else}{view.summary}{/if}{view.kind
				? ` ${view.kind}.`
				: ''}
		</p>
		{#if view.relation !== 'past' && !view.isDevice}
			<AddOnce
				date={view.date}
				today={view.today}
				me={view.me}
				members={view.members}
				rooms={view.rooms}
				label={ONCE.short}
			/>
		{/if}
		{#if isToday && !view.isDevice}
			<DayDepth {view} />
		{/if}
		{#if isToday && !view.isDevice}
			{#if view.enough}
				<form method="post" action="/?/undo&on={view.date}" use:once>
					<input type="hidden" name="of" value={view.enough} />
					<input type="hidden" name="date" value={view.date} />
					<input type="hidden" name="seed" value={view.formId} />
					<Button kind="link" type="submit">{bringBack(view.off.length)}</Button>
				</form>
			{:else if view.enoughWords}
				<EnoughButton date={view.date} formId={view.formId} words={view.enoughWords} />
			{/if}
		{/if}
	</div>
	{#if keysShown}{#await import('./KeyList.svelte') then { default: KeyList }}<KeyList />{/await}{/if}
</header>
