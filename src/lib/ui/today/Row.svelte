<script lang="ts">
	/** One job of a roll: the ring ticks, the row opens. */
	import { TODAY_ROW } from '$words/screens/today';
	import Check from '@lucide/svelte/icons/check';
	import ActForm from '../ActForm.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import { inSomebodysList, SHEET, TODAY } from '$words/today';
	import type { JobRow } from '$views/today';
	import TickForm from './TickForm.svelte';
	import type { Ticked } from './ticked.svelte';
	let {
		row,
		date,
		me,
		formId,
		href,
		canTick,
		ticked,
		onpress,
		onanswer,
		onundone
	}: {
		row: JobRow;
		date: string;
		me: string;
		formId: string;
		href: string;
		canTick: boolean;
		/** It was ticked a moment ago. */
		ticked: Ticked | undefined;
		onpress: () => void;
		onanswer: (entry: string | null) => void;
		onundone: () => void;
	} = $props();
	let element: HTMLElement | undefined = $state();
	/** The focus goes where the work goes: to the way back, and from there to the ring again. */
	let hadFocus = false;
	/** Asked where something is pressed: what it was pressed on is gone as soon as that shows. */
	const keepFocus = () => (hadFocus ||= element?.contains(document.activeElement) ?? false);
	function pressed() {
		keepFocus();
		onpress();
	}
	$effect(() => {
		const to = ticked?.entry ? '[data-undo]' : ticked ? null : '[data-tick]';
		if (to && hadFocus && document.activeElement === document.body)
			element?.querySelector<HTMLElement>(to)?.focus();
		if (to) hadFocus = false;
	});
	const overdue = $derived(row.overdue !== null);
	const where = $derived([row.room, row.who].filter((part) => part !== ''));
</script>

<li
	bind:this={element}
	data-line={row.line}
	class="relative flex min-h-13 items-center gap-2.5 border-t md:gap-1.5 border-linen-deep py-2 pr-3 pl-1 md:pr-2 first:border-t-0"
>
	<span class="relative w-2 shrink-0 self-stretch overflow-hidden" aria-hidden="true"
		>{#if row.zone}<span class="absolute inset-0"><Weave weave={row.zone.weave} /></span>{/if}</span
	>
	{#if ticked}
		<span class="grid size-11 shrink-0 place-items-center" aria-hidden="true"
			><span class="grid size-7 place-items-center rounded-full bg-cobalt text-on-cobalt"
				><Check size={20} strokeWidth={3} /></span
			></span
		>
		<div class="min-w-0 flex-1">
			<s class="text-lead font-name wrap-break-word text-tin-text decoration-2">{row.name}</s>
			<p class="m-0 text-tin-text" role="status">{TODAY.done}<span class="sr-only">: {row.name}.</span></p>
		</div>
		{#if ticked.entry}
			<ActForm
				action="/?/undo&on={date}"
				values={{ of: ticked.entry, date, seed: formId }}
				then={{
					// The answer moves the focus to the page: where it was is kept here.
					sending: (busy) => busy && keepFocus(),
					ended: (result) => result.type === 'success' && onundone()
				}}
			>
				<button
					data-undo
					class="min-h-11 cursor-pointer rounded-button border-2 border-tin-2 bg-enamel-hi px-3.5 font-name text-cobalt-ink hover:bg-cobalt-wash focus-visible:shadow-focus"
					aria-label="{TODAY.undo}: {row.name}">{TODAY.undo}</button
				>
			</ActForm>
		{/if}
	{:else}
		{#if canTick}
			<TickForm {row} {date} {me} {formId} onpress={pressed} {onanswer} class="relative z-10 shrink-0">
				<button
					data-tick={row.line}
					class="grid size-11 cursor-pointer place-items-center rounded-full border-0 bg-transparent p-0 focus-visible:rounded-full focus-visible:shadow-focus"
					aria-label="{TODAY.done}: {row.name}, {row.room}"
				>
					<span
						class="size-7 rounded-full border-2 bg-enamel-hi {overdue
							? 'border-brass-text'
							: 'border-cobalt-ink'}"
					></span>
				</button>
			</TickForm>
		{:else}
			<span class="size-7 shrink-0 rounded-full border-2 border-tin-2" aria-hidden="true"></span>
		{/if}
		<div class="min-w-0 flex-1">
			<!-- The whole row opens; the ring above it ticks. -->
			<a
				{href}
				data-sveltekit-noscroll
				data-sveltekit-replacestate
				class="name text-lead leading-tight font-name md:text-body wrap-break-word text-ink no-underline after:absolute after:inset-0 hover:underline hover:decoration-2 hover:underline-offset-4 focus-visible:shadow-none focus-visible:after:rounded-cloth focus-visible:after:shadow-focus"
				>{row.name}</a
			>
			<p class="m-0 leading-snug wrap-break-word text-tin-text md:text-note">
				{#if row.overdue}<b class="text-brass-text">{row.overdue}</b>{' · '}{/if}{#if row.share}{row.share}
					·
				{/if}{where.join(' · ')}{#if row.inPail}{' · '}{inSomebodysList(row.inPail)}{/if}
			</p>
			{#each row.notes as words, i (i)}<p
					class="m-0 leading-snug whitespace-pre-line wrap-anywhere md:text-note"
				>
					<b>{SHEET.note}</b>
					{words}
				</p>{/each}
		</div>
		<span class="shrink-0 text-right whitespace-nowrap md:grid md:self-start md:pt-1 md:leading-none"
			><b class="text-[1.1875rem] font-figure">{minutesText(row.minutes)}</b><span class="text-tin-text"
				>{TODAY_ROW.min}</span
			></span
		>
	{/if}
</li>
