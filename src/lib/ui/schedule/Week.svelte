<script lang="ts">
	/** A week day by day along its weave. A turn moves to another day by drag, by its keys, or by its form. */
	import DateField from '../kit/DateField.svelte';
	import Choice from '../kit/Choice.svelte';
	import { dndzone } from 'svelte-dnd-action';
	import Glyph from '../glyphs/Glyph.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText } from '$words/general';
	import type { RotaItem, RotaView } from '$views/schedule';
	import { once } from '../once';
	import ActForm from '../ActForm.svelte';
	let { view }: { view: RotaView } = $props();
	const PAST_LINES = 2;
	// What is past is told in short; the Ledger has it all.
	let hung = $derived<Record<string, RotaItem[]>>(
		Object.fromEntries(
			view.days.map((day) => [
				day.date,
				day.items.slice(0, day.isPast ? PAST_LINES : undefined).map((item) => ({ ...item }))
			])
		)
	);
	let open = $state<string | null>(null);
	let adding = $state<string | null>(null);
	let moved = $state<{ line: string; dueOn: string; to: string } | null>(null);
	let moveForm: HTMLFormElement | undefined = $state();
	function closeAll() {
		open = null;
		adding = null;
	}
	function finalize(date: string, event: CustomEvent<{ items: RotaItem[]; info: { id: string } }>) {
		hung = { ...hung, [date]: event.detail.items };
		const item = event.detail.items.find((one) => one.id === event.detail.info.id);
		if (!item || !item.movable || item.id.endsWith(`@${date}`)) return;
		moved = { line: item.line, dueOn: item.dueOn, to: date };
		queueMicrotask(() => moveForm?.requestSubmit());
	}
	const turnOf = (item: RotaItem) => ({ seed: view.formId, line: item.line, dueOn: item.dueOn });
	const here = $derived(`/schedule?on=${view.chosen}`);
	const weave = $derived(view.days.find((day) => day.zone)?.zone?.weave ?? null);
</script>

<form method="post" action="{here}&/move" hidden bind:this={moveForm} use:once={{ ended: closeAll }}>
	<input type="hidden" name="line" value={moved?.line ?? ''} /><input
		type="hidden"
		name="dueOn"
		value={moved?.dueOn ?? ''}
	/><input type="hidden" name="to" value={moved?.to ?? ''} />
</form>

<div class="week">
	<span class="strip" aria-hidden="true"
		>{#if weave}<Weave {weave} />{/if}</span
	>
	{#each view.days as day (day.date)}
		<section class="day" class:today={day.isToday} class:past={day.isPast} aria-label={day.name}>
			<header>
				<h3>{day.name}</h3>
				{#if day.isToday}<b>today</b>{:else if day.subject}<span class="dim">{day.subject}</span>{/if}
			</header>
			<div class="what">
				<ul
					use:dndzone={{
						items: hung[day.date] ?? [],
						type: 'turns',
						flipDurationMs: 120,
						dropTargetStyle: {},
						dropTargetClasses: ['over'],
						dropFromOthersDisabled: day.isPast,
						dragDisabled: day.isPast
					}}
					onconsider={(event) => (hung = { ...hung, [day.date]: event.detail.items })}
					onfinalize={(event) => finalize(day.date, event)}
					aria-label="Jobs of {day.name}"
				>
					{#each hung[day.date] ?? [] as item (item.id)}
						<li aria-label="{item.name}, {item.who}, {minutesText(item.minutes)} minutes">
							<Glyph name={item.glyph} size={22} />
							{#if item.movable}
								<button
									class="name"
									aria-expanded={open === item.id}
									onclick={() => (open = open === item.id ? null : item.id)}>{item.name}</button
								>
							{:else}<span class="name">{item.name}</span>{/if}
							<span class="dim who">{item.who}</span><b class="min">{minutesText(item.minutes)} min</b>
						</li>
					{/each}
				</ul>
				{#each (hung[day.date] ?? []).filter((item) => item.id === open) as item (item.id)}
					<div class="acts">
						<ActForm action="{here}&/move" values={turnOf(item)} then={{ ended: closeAll }}>
							<DateField label="To" name="to" min={view.today} value={day.date} required />
							<button class="plain">Move it</button>
						</ActForm>
						<ActForm action="{here}&/skip" values={turnOf(item)} then={{ ended: closeAll }}>
							<button class="text-link">Skip until next time</button>
						</ActForm>
						<a class="text-link" href="/house/job/{item.line.split('/')[0]}">Change this job</a>
					</div>
				{/each}
				<p class="foot">
					{#if day.isPast && day.items.length > PAST_LINES}<a
							class="text-link"
							href="/history?open={day.date}">and {day.items.length - PAST_LINES} more</a
						>{/if}
					{#if day.basics > 0}<span class="dim"
							>{day.basics} basics, {minutesText(day.basicsMinutes)} min</span
						>{/if}
					{#if day.note}<span class="dim">{day.note}</span>{/if}
					{#each day.busy as busy, i (i)}<span class="dim">{busy}</span>{/each}
					{#if !day.isPast}<button
							class="text-link"
							aria-expanded={adding === day.date}
							onclick={() => (adding = adding === day.date ? null : day.date)}
							aria-label="Add one on {day.name}">Add a job</button
						>{/if}
				</p>
				{#if adding === day.date}
					<ActForm
						class="acts"
						action="{here}&/extra"
						values={{ seed: view.formId, date: day.date }}
						then={{ ended: closeAll }}
					>
						<Choice
							label="Which job"
							look="tape"
							name="line"
							options={view.jobs.map((job) => ({ value: job.id, label: job.name }))}
						/>
						<button class="plain">Add it for this day</button>
					</ActForm>
				{/if}
			</div>
		</section>
	{/each}
</div>

<style>
	.week {
		position: relative;
		padding-left: 30px;
	}
	.what {
		min-width: 0;
	}
	.strip {
		position: absolute;
		left: 0;
		top: 4px;
		bottom: 4px;
		width: 20px;
		background: var(--linen-hi);
		box-shadow: var(--sh-cloth);
	}
	.strip :global(svg) {
		position: absolute;
		inset: 0;
	}
	.day {
		position: relative;
		display: grid;
		grid-template-columns: 76px 1fr;
		gap: 6px;
		padding: 7px 0 5px;
	}
	.day + .day {
		border-top: var(--stitch);
	}
	.day.today {
		background: var(--enamel-hi);
		border: 3px solid var(--cobalt-ink);
		border-radius: 12px;
		margin: 0 -12px 0 -44px;
		padding: 8px 12px 6px 44px;
		z-index: 1;
	}
	.today + .day {
		border-top: 0;
	}
	h3 {
		margin: 0;
		font-size: 1.1875rem;
		white-space: nowrap;
	}
	.today h3 {
		color: var(--cobalt-ink);
	}
	header b,
	header .dim {
		font-size: 0.9375rem;
		line-height: 1.1;
	}
	.past h3,
	.past .name {
		color: var(--tin-text);
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		min-height: 24px;
		border-radius: 6px;
		outline: none;
	}
	ul:global(.over) {
		background: var(--cobalt-wash);
	}
	li {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 28px;
	}
	li:focus-visible {
		border-radius: 4px;
		box-shadow: inset 0 0 0 3px var(--cobalt-ink);
	}
	.name {
		flex: 1;
		min-width: 0;
		overflow-wrap: anywhere;
		font: inherit;
		color: var(--ink);
		text-align: left;
		background: none;
		border: 0;
		padding: 0;
		min-height: 28px;
		display: block;
		padding: 3px 0;
		line-height: 1.3;
	}
	button.name:hover {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.who {
		max-width: 34%;
		text-align: right;
		line-height: 1.2;
	}
	.min {
		white-space: nowrap;
		min-width: 54px;
		text-align: right;
	}
	.foot {
		display: flex;
		gap: 16px;
		margin: 0;
		font-size: 0.9375rem;
	}
	.foot .text-link {
		margin-left: auto;
		font-size: 0.9375rem;
		min-height: 24px;
	}
	.week :global(.acts),
	.acts :global(form),
	.week :global(.acts label) {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 14px;
	}
	.week :global(.acts) {
		padding: 6px 0 8px;
	}
	.week :global(.acts .field) {
		width: 160px;
		min-height: 44px;
	}
	.week :global(.acts .tape) {
		font-size: 1rem;
		flex: 1;
		min-width: 0;
	}
	@media (max-width: 640px) {
		.day {
			grid-template-columns: 62px minmax(0, 1fr);
		}
		/* Whose it is stands below, on days that are not over. */
		li {
			flex-wrap: wrap;
			gap: 0 10px;
		}
		.who {
			order: 3;
			flex: 1 0 100%;
			max-width: none;
			padding-left: 32px;
			text-align: left;
		}
		.past .who {
			display: none;
		}
	}
</style>
