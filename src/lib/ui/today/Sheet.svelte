<script lang="ts">
	/** Everything about one job of the day, and every way to take it off the line. */
	import { untrack } from 'svelte';
	import Glyph from '../glyphs/Glyph.svelte';
	import { minutesText, OUTCOME_WORDS } from '$words/general';
	import type { SheetView, TodayView } from '$views/today';
	import { once } from '../once';
	import ActForm from '../ActForm.svelte';
	let {
		sheet,
		view,
		done,
		values = {}
	}: {
		sheet: SheetView;
		view: TodayView;
		done: () => void;
		values?: Readonly<Record<string, string>>;
	} = $props();
	let busy = $state(false);
	/** What a page without scripts brought back. Later answers leave alone what is being typed meanwhile. */
	const typed = untrack(() => values);
	const tag = $derived(sheet.tag);
	const by = $derived(
		typed.by ??
			(tag.whoIds.includes(view.me) || tag.whoIds.length === 0 ? view.me : (tag.whoIds[0] ?? view.me))
	);
	const closed = $derived(tag.state === 'paused');
	/** The sheet closes when it is written. */
	const writes = {
		sending: (now: boolean) => (busy = now),
		ended: (result: { type: string }) => {
			if (result.type === 'success') done();
		}
	};
</script>

<div class="sheet">
	<p class="state">
		<Glyph name={tag.glyph} size={30} turns={tag.lateTurns} />
		<span class:brass={tag.state === 'late'}>{tag.words}</span>
		{#if tag.share}<span>· {tag.share}</span>{/if}
		<span class="dim">· {minutesText(tag.minutes)} min{tag.deep ? ', the deep one' : ''}</span>
	</p>

	{#each sheet.cautions as caution, i (i)}
		<p class="caution">
			<Glyph name="caution" size={26} /><span><b>{caution.headline}</b> {caution.text}</span>
		</p>
	{/each}

	<ol class="steps">
		{#each sheet.steps as step, i (i)}
			<li>
				<span
					>{step.text}{#if step.wait}<span class="dim"> · then {step.wait}</span>{/if}</span
				>
				<span class="dim">{minutesText(step.minutes)} min</span>
			</li>
		{/each}
	</ol>

	{#if sheet.ticks.length > 0}
		<ul class="ticks">
			{#each sheet.ticks as tick (tick.entry)}
				<li>
					<Glyph
						name={tick.outcome === 'letgo' ? 'letgo' : tick.outcome === 'part' ? 'part' : 'done'}
						size={24}
					/>
					<span>
						{OUTCOME_WORDS[tick.outcome]}{tick.by ? `, ${tick.by}` : ''}{tick.minutes === null
							? ''
							: `, ${minutesText(tick.minutes)} min`}{tick.note ? `, ${tick.note}` : ''}
					</span>
					<ActForm
						action="/?/undo&on={sheet.date}"
						values={{ of: tick.entry, date: sheet.date }}
						then={writes}
					>
						<button class="text-link" disabled={busy}>Take it back</button>
					</ActForm>
				</li>
			{/each}
		</ul>
	{/if}

	{#if !sheet.isFuture}
		<form method="post" action="/?/tick&on={sheet.date}&open={tag.line}" class="tick" use:once={writes}>
			<input type="hidden" name="seed" value={view.formId} />
			<input type="hidden" name="line" value={tag.line} />
			<input type="hidden" name="seen" value={tag.seen} />
			<input type="hidden" name="date" value={sheet.date} />
			<div class="fields">
				<label>
					<span>Who</span>
					<select class="tape" name="by" value={by}>
						{#each view.members as member (member.id)}<option value={member.id}>{member.name}</option>{/each}
					</select>
				</label>
				<label>
					<span>Minutes, if you know</span>
					<input
						class="field"
						name="minutes"
						inputmode="decimal"
						autocomplete="off"
						value={typed.minutes ?? ''}
					/>
				</label>
				<fieldset>
					<legend>What was found</legend>
					{#each [['', 'not said'], ['clean', 'clean'], ['normal', 'normal'], ['heavy', 'heavy']] as [value, word] (value)}
						<label class="choice"
							><input type="radio" name="found" {value} checked={(typed.found ?? '') === value} /><span
								>{word}</span
							></label
						>
					{/each}
				</fieldset>
			</div>
			<div class="acts">
				<button class="sign small" name="outcome" value="done" disabled={busy}>Done</button>
				<button class="plain" name="outcome" value="looked" disabled={busy}>Looked, not needed</button>
				<button class="plain" name="outcome" value="part" disabled={busy}>Half done</button>
				<button class="plain" name="outcome" value="letgo" disabled={busy || closed}>Let go</button>
			</div>
		</form>
	{/if}

	{#if sheet.skippable}
		<ActForm
			action="/?/skip&on={sheet.date}"
			values={{ seed: view.formId, line: tag.line, date: sheet.date, dueOn: sheet.skippable.dueOn }}
			then={writes}
		>
			<button class="text-link" disabled={busy}>Skip the turn of {sheet.skippable.words}</button>
		</ActForm>
	{/if}

	<dl>
		<div>
			<dt>Rhythm</dt>
			<dd>{sheet.rhythm}</dd>
		</div>
		<div>
			<dt>If its day goes by</dt>
			<dd>{sheet.ifItsDayGoesBy}</dd>
		</div>
		<div>
			<dt>Last done</dt>
			<dd>{sheet.last}</dd>
		</div>
		<div>
			<dt>Next due</dt>
			<dd>{sheet.next}</dd>
		</div>
	</dl>
	<p><a class="text-link" href="/history?job={tag.job}">Its page in the Ledger</a></p>
</div>

<style>
	.sheet {
		display: grid;
		gap: 14px;
	}
	.state {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
		font-size: 1.0625rem;
	}
	.brass {
		color: var(--brass-text);
		font-weight: var(--w-name);
	}
	.caution {
		display: flex;
		gap: 12px;
		padding: 12px 14px;
		border: 2px solid var(--madder);
		border-radius: var(--r-button);
		background: var(--madder-wash);
		color: var(--madder-ink);
	}
	.steps {
		margin: 0;
		padding: 0;
		list-style: none;
		counter-reset: step;
	}
	.steps li {
		display: flex;
		justify-content: space-between;
		gap: 16px;
		padding: 8px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	.steps li > :first-child::before {
		counter-increment: step;
		content: counter(step) '  ';
		font-weight: var(--w-figure);
		color: var(--cobalt-ink);
	}
	.steps li > :last-child {
		white-space: nowrap;
	}
	.ticks {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.ticks li {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 44px;
	}
	.ticks :global(form) {
		margin-left: auto;
	}
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px 18px;
		align-items: end;
	}
	label > span:first-child,
	legend {
		display: block;
		padding: 0;
		margin-bottom: 4px;
		color: var(--tin-text);
	}
	select.tape {
		width: 100%;
	}
	fieldset {
		grid-column: 1 / -1;
		border: 0;
		margin: 0;
		padding: 0;
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	legend {
		float: left;
		width: 100%;
	}
	.choice {
		position: relative;
	}
	.choice input {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		margin: 0;
		opacity: 0;
		cursor: pointer;
	}
	.choice span {
		display: grid !important;
		place-items: center;
		min-height: 44px;
		margin: 0 !important;
		padding: 0 16px;
		border: 2px solid var(--tin-2);
		border-radius: var(--r-button);
		color: var(--ink) !important;
	}
	.choice input:checked + span {
		border-color: var(--cobalt-ink);
		background: var(--cobalt-wash);
		font-weight: var(--w-name);
	}
	.choice input:focus-visible + span {
		box-shadow: var(--focus);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		margin-top: 16px;
	}
	.acts .sign {
		flex: 1 0 100%;
	}
	.acts .plain {
		flex: 1;
		white-space: nowrap;
		min-height: 48px;
		padding: 0 10px;
	}
	dl {
		display: grid;
		gap: 4px;
		margin: 0;
		padding-top: 12px;
		border-top: var(--stitch);
	}
	dl div {
		display: grid;
		grid-template-columns: 11rem 1fr;
		gap: 8px;
	}
	dt {
		color: var(--tin-text);
	}
	@media (max-width: 640px) {
		.fields {
			grid-template-columns: 1fr;
		}
		dl div {
			grid-template-columns: 8.5rem 1fr;
		}
	}
</style>
