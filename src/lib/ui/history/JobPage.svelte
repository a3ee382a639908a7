<script lang="ts">
	/** The page of one job: last done, next due, what was said against what it takes, its earlier times. */
	import Glyph from '../glyphs/Glyph.svelte';
	import Stitches from '../Stitches.svelte';
	import { minutesText } from '$words/general';
	import type { JobPage } from '$views/history';
	import ActForm from '../ActForm.svelte';
	let { page, formId, filter }: { page: JobPage; formId: string; filter: string } = $props();
	const longest = $derived(Math.max(page.said * 1.4, ...page.times.map((time) => time.minutes ?? 0)));
</script>

<div class="title">
	{#if page.zone}<span class="plate" title={page.zone.name}>{page.zone.number}</span>{/if}
	<div>
		<h2>{page.name}</h2>
		<p class="dim">{page.where}</p>
	</div>
</div>
<p class="said">
	{#if page.takes === null}You said {minutesText(page.said)} minutes; it has not been timed yet.{:else}It
		takes
		<b>about {minutesText(page.takes)} minutes</b>, mostly {page.range}; you said {minutesText(
			page.said
		)}.{/if}
	{page.often ?? ''}
</p>
<dl>
	<div>
		<dt>Last done</dt>
		<dd>{page.lastDone}</dd>
		<dd class="dim">{page.lastBy}</dd>
	</div>
	<div>
		<dt>Next due</dt>
		<dd>{page.nextDue}</dd>
		<dd class="dim">{page.nextBy}</dd>
	</div>
</dl>
<ul>
	{#each page.times as time, i (i)}
		<li>
			<span>{time.date}</span><span class="dim">{time.by}</span>
			{#if time.minutes === null}
				<span class="wide dim">{time.words}</span>
			{:else}
				<Stitches plan={page.said} work={time.minutes} {longest} width={86} />
				<span class="minutes"><b>{minutesText(time.minutes)}</b> of {minutesText(page.said)} min</span>
			{/if}
		</li>
	{/each}
</ul>
{#if page.countOfTimes > page.times.length}
	<p><a class="text-link" href="/history?job={page.job}">All {page.countOfTimes} times</a></p>
{/if}
{#if page.entry && !page.entry.back}
	<div class="slip">
		<p>
			<b>Was this a mistake?</b><br />It stays here, struck through, and the job is back on its day if that is
			not over.
		</p>
		<ActForm action="/history?/undo&{filter}" values={{ of: page.entry.entry, seed: formId }}>
			<button class="plain"><Glyph name="back" size={22} />Undo</button>
		</ActForm>
	</div>
{/if}

<style>
	.title {
		display: flex;
		gap: 14px;
		padding-bottom: 16px;
	}
	h2 {
		font-size: var(--t-h2);
		overflow-wrap: break-word;
	}
	.title p {
		margin-top: 6px;
	}
	dl div,
	li {
		display: grid;
		grid-template-columns: 96px 1fr auto;
		align-items: center;
		gap: 6px;
		min-height: 46px;
		border-top: 1px solid var(--tin-1);
	}
	dt {
		color: var(--tin-text);
	}
	dd:first-of-type {
		font-family: var(--font-display);
		font-size: 1.375rem;
		font-variant-numeric: oldstyle-nums;
	}
	.said {
		padding: 14px 0;
		border-top: 1px solid var(--tin-1);
		font-size: 1.0625rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		grid-template-columns: 92px minmax(0, 1fr) 86px 104px;
	}
	.minutes {
		text-align: right;
		color: var(--tin-text);
		white-space: nowrap;
	}
	.minutes b {
		color: var(--ink);
	}
	.wide {
		grid-column: 3 / 5;
		text-align: right;
	}
	p:has(> .text-link) {
		padding: 12px 0;
		border-top: 1px solid var(--tin-1);
	}
	.slip {
		display: flex;
		align-items: center;
		gap: 18px;
		margin-top: 18px;
		color: var(--tin-text);
	}
	.slip b {
		color: var(--ink);
	}
	.slip .plain {
		white-space: nowrap;
	}
	@media (max-width: 1100px) {
		.slip {
			flex-direction: column;
			align-items: flex-start;
		}
	}
</style>
