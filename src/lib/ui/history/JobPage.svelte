<script lang="ts">
	/** The page of one job: last done, next due, what was said against what it takes, its earlier times. */
	import Button from '../kit/Button.svelte';
	import { HISTORY_JOB_PAGE } from '$words/screens/history';
	import Glyph from '../glyphs/Glyph.svelte';
	import Stitches from '../Stitches.svelte';
	import { minutesText } from '$words/general';
	import type { JobPage } from '$views/history';
	import ActForm from '../ActForm.svelte';
	let { page, formId, filter }: { page: JobPage; formId: string; filter: string } = $props();
	const longest = $derived(Math.max(page.said * 1.4, ...page.times.map((time) => time.minutes ?? 0)));
</script>

<div class="flex gap-3.5 pb-4">
	{#if page.zone}<span class="plate" title={page.zone.name}>{page.zone.number}</span>{/if}
	<div>
		<h2 class="text-h2 wrap-break-word">{page.name}</h2>
		<p class="dim mt-1.5">{page.where}</p>
	</div>
</div>
<p class="py-3.5 px-0 border-t border-t-tin-1 text-lead">
	{#if page.takes === null}{HISTORY_JOB_PAGE.youSaidMinutesItHas(
			minutesText(page.said)
		)}{:else}{HISTORY_JOB_PAGE.itTakes}
		<b>{HISTORY_JOB_PAGE.aboutMinutes(minutesText(page.takes))}</b>{HISTORY_JOB_PAGE.mostlyYouSaid(
			page.range ?? '',
			minutesText(page.said)
		)}{/if}
	{page.often ?? ''}
</p>
<dl>
	<div class="grid grid-cols-[96px_1fr_auto] items-center gap-1.5 min-h-11.5 border-t border-t-tin-1">
		<dt class="text-tin-text">{HISTORY_JOB_PAGE.lastDone}</dt>
		<dd
			class="first-of-type:font-display first-of-type:text-[1.375rem] first-of-type:[font-variant-numeric:oldstyle-nums]"
		>
			{page.lastDone}
		</dd>
		<dd
			class="dim first-of-type:font-display first-of-type:text-[1.375rem] first-of-type:[font-variant-numeric:oldstyle-nums]"
		>
			{page.lastBy}
		</dd>
	</div>
	<div class="grid grid-cols-[96px_1fr_auto] items-center gap-1.5 min-h-11.5 border-t border-t-tin-1">
		<dt class="text-tin-text">{HISTORY_JOB_PAGE.nextDue}</dt>
		<dd
			class="first-of-type:font-display first-of-type:text-[1.375rem] first-of-type:[font-variant-numeric:oldstyle-nums]"
		>
			{page.nextDue}
		</dd>
		<dd
			class="dim first-of-type:font-display first-of-type:text-[1.375rem] first-of-type:[font-variant-numeric:oldstyle-nums]"
		>
			{page.nextBy}
		</dd>
	</div>
</dl>
<ul>
	{#each page.times as time, i (i)}
		<li
			class="grid items-center gap-1.5 min-h-11.5 border-t border-t-tin-1 grid-cols-[92px_minmax(0,1fr)_86px_104px]"
		>
			<span>{time.date}</span><span class="dim">{time.by}</span>
			{#if time.minutes === null}
				<span class="dim col-[3_/_5] text-right">{time.words}</span>
			{:else}
				<Stitches plan={page.said} work={time.minutes} {longest} width={86} />
				<span class="minutes text-right text-tin-text whitespace-nowrap"
					><b class="text-ink">{minutesText(time.minutes)}</b>
					{HISTORY_JOB_PAGE.ofMin(minutesText(page.said))}</span
				>
			{/if}
		</li>
	{/each}
</ul>
{#if page.countOfTimes > page.times.length}
	<p>
		<Button kind="link" class="inline-block! min-h-7!" href="/history?job={page.job}"
			>{HISTORY_JOB_PAGE.allTimes(page.countOfTimes)}</Button
		>
	</p>
{/if}
{#if page.entry && !page.entry.back}
	<div class="flex items-center gap-4.5 mt-4.5 text-tin-text max-[1101px]:flex-col max-[1101px]:items-start">
		<p>
			<b class="text-ink">{HISTORY_JOB_PAGE.wasThisAMistake}</b><br
			/>{HISTORY_JOB_PAGE.itStaysHereStruckThrough}
		</p>
		<ActForm action="/history?/undo&{filter}" values={{ of: page.entry.entry, seed: formId }}>
			<Button type="submit" class="whitespace-nowrap"
				><Glyph name="back" size={22} />{HISTORY_JOB_PAGE.undo}</Button
			>
		</ActForm>
	</div>
{/if}

<style>
	p:has(> :global([data-button-root])) {
		padding: 12px 0;
		border-top: 1px solid var(--tin-1);
	}
</style>
