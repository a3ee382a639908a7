<script lang="ts">
	/** The next act: the one solid button of the page, and under it "done already". */
	import { TODAY_NEXT_TOWEL } from '$words/screens/today';
	import Button from '../kit/Button.svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import Peg from '../glyphs/Peg.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import { TODAY } from '$words/today';
	import TickForm from './TickForm.svelte';
	import type { JobRow } from '$views/today';
	import { once } from '../once';
	let {
		row,
		date,
		me,
		members,
		href,
		formId,
		starts = true
	}: {
		row: JobRow;
		date: string;
		me: string;
		members: readonly { readonly id: string; readonly name: string }[];
		href: string;
		formId: string;
		/** Whether a session can be started from here. */
		starts?: boolean;
	} = $props();
	const who = $derived(row.whoIds.includes(me) || row.whoIds.length === 0 ? me : (row.whoIds[0] as string));
	const whoName = $derived(members.find((m) => m.id === who)?.name ?? '');
	/** A word too long for the largest letters is written in smaller ones, before it has to break. */
	const longest = $derived(Math.max(...row.name.split(/\s+/).map((word) => word.length)));
	const nameClass = $derived(
		longest > 13 ? 'text-h3 hyphens-auto max-sm:text-h2' : longest > 10 ? 'text-h2 hyphens-auto' : 'text-next'
	);
	let starting = $state(false);
	let ticking = $state(false);
</script>

<article
	data-line={row.line}
	aria-label={TODAY.next}
	class="relative flex min-w-0 flex-col self-start bg-enamel-hi px-5 pt-6 pb-11 shadow-next max-sm:rounded-cloth max-sm:py-4 max-sm:pr-4 max-sm:pl-9"
>
	<span class="absolute -top-3.5 right-6 left-6 z-10 flex justify-between max-sm:hidden" aria-hidden="true"
		><Peg /><Peg /></span
	>
	<span
		class="absolute top-8 bottom-8 -left-4 z-10 hidden flex-col justify-between max-sm:flex"
		aria-hidden="true"><Peg side /><Peg side /></span
	>
	{#if row.zone}<span
			class="absolute inset-x-0 bottom-3 h-5 max-sm:inset-y-0 max-sm:right-auto max-sm:left-2.5 max-sm:h-auto max-sm:w-4"
			><Weave weave={row.zone.weave} /></span
		>{/if}
	<div class="flex items-center gap-3">
		<Glyph name={row.glyph} size={28} turns={row.lateTurns} />
		<span class="text-lead font-name text-cobalt-ink">{TODAY.next}</span>
		<span class="ml-auto whitespace-nowrap"
			><b class="text-2xl font-name">{minutesText(row.minutes)}</b><span class="text-tin-text"
				>{TODAY_NEXT_TOWEL.min}</span
			></span
		>
	</div>
	<h2 class="mt-2 mb-0 leading-display wrap-break-word {nameClass}">
		<a
			{href}
			data-sveltekit-noscroll
			data-sveltekit-replacestate
			class="name text-ink no-underline hover:underline hover:decoration-2 hover:underline-offset-4"
			>{row.name}</a
		>
	</h2>
	<p class="mt-2 mb-0 text-lead text-tin-text">{row.room}{whoName ? TODAY_NEXT_TOWEL.forIt(whoName) : ''}</p>
	{#if row.overdue}<p class="m-0 font-name text-brass-text">{row.overdue}</p>{/if}
	{#if row.share}<p class="m-0 text-tin-text">{row.share}</p>{/if}
	<div class="mt-5 grid gap-2.5 max-sm:mt-3 max-sm:grid-cols-[1.4fr_1fr]">
		{#if starts}<form
				method="post"
				action="/timer?/start"
				use:once={{ sending: (busy) => (starting = busy) }}
			>
				<input type="hidden" name="id" value={formId} />
				<input type="hidden" name="line" value={row.line} />
				<input type="hidden" name="member" value={who} />
				<Button kind="solid" size="large" type="submit" sending={starting} class="w-full"
					>{TODAY.start}</Button
				>
			</form>{/if}
		<TickForm {row} {date} {me} {formId} onpress={() => (ticking = true)} onanswer={() => (ticking = false)}>
			<Button type="submit" size="large" sending={ticking} class="w-full" data-tick={row.line}
				><span class="max-sm:hidden">{TODAY.doneAlready}</span><span class="sm:hidden">{TODAY.done}</span
				></Button
			>
		</TickForm>
	</div>
</article>
