<script lang="ts">
	/** A week day by day along its weave. A turn moves to another day by drag, by its keys, or by its form. */
	import { REACH } from '$ui/kit/styles';
	import Button from '../kit/Button.svelte';
	import { SCHEDULE_WEEK } from '$words/screens/schedule';
	import DateField from '../kit/DateField.svelte';
	import Choice from '../kit/Choice.svelte';
	import { dndzone } from 'svelte-dnd-action';
	import Glyph from '../glyphs/Glyph.svelte';
	import Weave from '../glyphs/Weave.svelte';
	import { minutesText, plural } from '$words/general';
	import type { ScheduleItem, ScheduleView } from '$views/schedule';
	import { once } from '../once';
	import ActForm from '../ActForm.svelte';
	let { view }: { view: ScheduleView } = $props();
	const PAST_LINES = 2;
	/** So many letters of who it falls to stand beside the job; more stand under it. */
	const LONG_WHO = 18;
	// What is past is told in short; the Ledger has it all.
	let hung = $derived<Record<string, ScheduleItem[]>>(
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
	function finalize(date: string, event: CustomEvent<{ items: ScheduleItem[]; info: { id: string } }>) {
		hung = { ...hung, [date]: event.detail.items };
		const item = event.detail.items.find((one) => one.id === event.detail.info.id);
		if (!item || !item.movable || item.id.endsWith(`@${date}`)) return;
		moved = { line: item.line, dueOn: item.dueOn, to: date };
		queueMicrotask(() => moveForm?.requestSubmit());
	}
	const turnOf = (item: ScheduleItem) => ({ seed: view.formId, line: item.line, dueOn: item.dueOn });
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

<div class="week relative pl-7.5">
	<span class="strip absolute left-0 top-1 bottom-1 w-5 bg-linen-hi shadow-cloth" aria-hidden="true"
		>{#if weave}<Weave {weave} />{/if}</span
	>
	{#each view.days as day (day.date)}
		<section
			class={[
				'day relative grid grid-cols-[76px_1fr] gap-1.5 px-0 pt-1.75 pb-1.25',
				!view.days.some((one) => one.subject) && 'max-sm:grid-cols-[62px_minmax(0,1fr)]'
			]}
			class:today={day.isToday}
			class:past={day.isPast}
			aria-label={day.name}
		>
			<header>
				<h3 class={['m-0 text-tag whitespace-nowrap', day.isToday && 'text-cobalt-ink']}>{day.name}</h3>
				{#if day.isToday}<b class="block text-[0.9375rem] leading-[1.1]">{SCHEDULE_WEEK.today}</b>{/if}
				{#if day.subject}<span class="dim block text-[0.9375rem] leading-[1.1] wrap-anywhere hyphens-auto"
						>{day.subject}</span
					>{/if}
			</header>
			<div class="min-w-0">
				<ul
					class="min-h-6 rounded-[6px] [outline:none]"
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
					aria-label={SCHEDULE_WEEK.jobsOf(day.name)}
				>
					{#each hung[day.date] ?? [] as item (item.id)}
						<li
							class="flex flex-wrap items-center gap-x-2.5 gap-y-0 min-h-7 focus-visible:rounded-[4px] focus-visible:[box-shadow:inset_0_0_0_3px_var(--cobalt-ink)]"
							aria-label={SCHEDULE_WEEK.minutes(item.name, item.who, minutesText(item.minutes))}
						>
							<Glyph name={item.glyph} size={22} />
							{#if item.movable}
								<button
									class="{REACH} name flex-1 min-w-0 wrap-anywhere text-ink text-left [background:none] border-0 min-h-7 block py-0.75 px-0 leading-[1.3] hover:underline hover:underline-offset-3"
									aria-expanded={open === item.id}
									onclick={() => (open = open === item.id ? null : item.id)}>{item.name}</button
								>
							{:else}<span
									class="name flex-1 min-w-0 wrap-anywhere text-ink text-left [background:none] border-0 min-h-7 block py-0.75 px-0 leading-[1.3]"
									>{item.name}</span
								>{/if}
							<span
								class={[
									'dim min-w-0 wrap-anywhere leading-tight max-sm:order-3 max-sm:flex-[1_0_100%] max-sm:pl-8 max-sm:pb-1.5',
									item.who.length > LONG_WHO
										? 'order-3 flex-[1_0_100%] pl-8 pb-1.5'
										: 'sm:text-right sm:max-w-[34%]',
									day.isPast && 'max-sm:hidden'
								]}>{item.who}</span
							><b class="whitespace-nowrap min-w-13.5 text-right"
								>{SCHEDULE_WEEK.min(minutesText(item.minutes))}</b
							>
						</li>
					{/each}
				</ul>
				{#each (hung[day.date] ?? []).filter((item) => item.id === open) as item (item.id)}
					<div class="acts">
						<ActForm action="{here}&/move" values={turnOf(item)} then={{ ended: closeAll }}>
							<DateField label={SCHEDULE_WEEK.to} name="to" min={view.today} value={day.date} required />
							<Button type="submit">{SCHEDULE_WEEK.moveIt}</Button>
						</ActForm>
						<ActForm action="{here}&/skip" values={turnOf(item)} then={{ ended: closeAll }}>
							<Button kind="link" type="submit">{SCHEDULE_WEEK.skipUntilNextTime}</Button>
						</ActForm>
						<Button kind="link" href="/house/job/{item.line.split('/')[0]}"
							>{SCHEDULE_WEEK.changeThisJob}</Button
						>
					</div>
				{/each}
				<p class="flex flex-wrap gap-x-4 gap-y-0 text-[0.9375rem]">
					{#if day.isPast && day.items.length > PAST_LINES}<Button
							kind="link"
							class="ml-auto min-h-6! text-[0.9375rem]! whitespace-nowrap"
							href="/history?open={day.date}">{SCHEDULE_WEEK.andMore(day.items.length - PAST_LINES)}</Button
						>{/if}
					{#if day.basics > 0}<span class="dim"
							>{SCHEDULE_WEEK.dailyRoutineMin(
								day.basics,
								plural(day.basics, 'job'),
								minutesText(day.basicsMinutes)
							)}</span
						>{/if}
					{#if day.note}<span class="dim">{day.note}</span>{/if}
					{#each day.busy as busy, i (i)}<span class="dim">{busy}</span>{/each}
					{#if !day.isPast}<Button
							kind="link"
							type="submit"
							class="ml-auto min-h-6! text-[0.9375rem]! whitespace-nowrap"
							aria-expanded={adding === day.date}
							onclick={() => (adding = adding === day.date ? null : day.date)}
							aria-label={SCHEDULE_WEEK.addOneOn(day.name)}>{SCHEDULE_WEEK.addAJob}</Button
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
							label={SCHEDULE_WEEK.whichJob}
							look="tape"
							name="line"
							options={view.jobs.map((job) => ({ value: job.id, label: job.name }))}
						/>
						<Button type="submit">{SCHEDULE_WEEK.addItForThisDay}</Button>
					</ActForm>
				{/if}
			</div>
		</section>
	{/each}
</div>

<style>
	.strip :global(svg) {
		position: absolute;
		inset: 0;
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
	.past h3,
	.past .name {
		color: var(--tin-text);
	}
	ul:global(.over) {
		background: var(--cobalt-wash);
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
	.week :global(.acts .tape) {
		font-size: 1rem;
		flex: 1;
		min-width: 0;
	}
</style>
