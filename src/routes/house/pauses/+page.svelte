<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { HOUSE_PAUSES_PAGE } from '$words/screens/house';
	import More from '$ui/kit/More.svelte';
	import TextField from '$ui/kit/TextField.svelte';
	import DateField from '$ui/kit/DateField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import { untrack } from 'svelte';
	import { LAYER_NAMES } from '$words/house';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import { waitingToWash } from '$words/laundry';
	import Notice from '$ui/Notice.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import FieldForm from '$ui/FieldForm.svelte';
	import ClothWeeks from '$ui/keep/ClothWeeks.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	/** Without scripts, what was chosen before. */
	let scope = $state<string>(untrack(() => form?.form?.data.scope ?? 'household'));
	const named = (list: readonly { readonly id: string; readonly name: string }[]) =>
		list.map((one) => ({ value: one.id, label: one.name }));
	/** What can be paused, by what it is. */
	const targets = $derived<Record<string, { value: string; label: string }[]>>({
		member: named(view.members),
		room: named(view.rooms),
		layer: Object.entries(LAYER_NAMES).map(([value, label]) => ({ value, label })),
		job: named(view.jobs)
	});
	const current = $derived(view.pauses.filter((pause) => !pause.isOver));
	const over = $derived(view.pauses.filter((pause) => pause.isOver));
</script>

<svelte:head><title>{HOUSE_PAUSES_PAGE.pausesPailRound}</title></svelte:head>

<div class="px-edge pt-2 pb-6 max-[901px]:px-3.75 max-[901px]:pt-3 max-[901px]:pb-6">
	<header class="flex items-baseline justify-between">
		<h1>{HOUSE_PAUSES_PAGE.pauses}</h1>
		<Button kind="link" href="/schedule">{HOUSE_PAUSES_PAGE.backToSchedule}</Button>
	</header>
	<p class="dim">
		{HOUSE_PAUSES_PAGE.awayIllAHolidayVisitors}
	</p>
	{#if form && 'message' in form && form.message}
		<Notice tone={'undo' in form ? 'done' : 'wrong'}><span>{form.message}</span></Notice>
	{/if}
	<FieldForm
		action="/house/pauses?/pause"
		id="pause"
		of={{ target: '', reason: 'away', from: view.today, to: view.today, note: '' }}
		values={{ seed: view.formId }}
		withId
		empties
		class="flex flex-wrap items-center gap-x-3 gap-y-2.5 mt-4.5 mb-6 font-display text-[1.375rem]"
	>
		{#snippet children(typed, sending)}
			<span>{HOUSE_PAUSES_PAGE.noChoresFor}</span>
			<Choice
				label={HOUSE_PAUSES_PAGE.whoOrWhatIsPaused}
				look="tape"
				name="scope"
				bind:value={scope}
				options={[
					{ value: 'household', label: HOUSE_PAUSES_PAGE.theWholeHome },
					{ value: 'member', label: HOUSE_PAUSES_PAGE.aPerson },
					{ value: 'room', label: HOUSE_PAUSES_PAGE.aRoom },
					{ value: 'layer', label: HOUSE_PAUSES_PAGE.aPartOfTheWork },
					{ value: 'job', label: HOUSE_PAUSES_PAGE.oneJob }
				]}
			/>
			{#if scope !== 'household'}
				<Choice
					label={HOUSE_PAUSES_PAGE.whichOne}
					look="tape"
					name="target"
					value={typed.target}
					options={targets[scope] ?? []}
				/>
			{/if}
			<span>{HOUSE_PAUSES_PAGE.becauseOf}</span>
			<Choice
				label={HOUSE_PAUSES_PAGE.why}
				look="tape"
				name="reason"
				value={typed.reason}
				options={[
					{ value: 'away', label: HOUSE_PAUSES_PAGE.away },
					{ value: 'ill', label: HOUSE_PAUSES_PAGE.ill },
					{ value: 'holiday', label: HOUSE_PAUSES_PAGE.onHoliday },
					{ value: 'visitors', label: HOUSE_PAUSES_PAGE.withVisitors },
					{ value: 'exams', label: HOUSE_PAUSES_PAGE.atExams },
					{ value: 'other', label: HOUSE_PAUSES_PAGE.somethingElse }
				]}
			/>
			<span>{HOUSE_PAUSES_PAGE.from}</span><DateField
				look="tape"
				label={HOUSE_PAUSES_PAGE.from2}
				name="from"
				value={typed.from}
			/>
			<span>{HOUSE_PAUSES_PAGE.to}</span><DateField
				look="tape"
				label={HOUSE_PAUSES_PAGE.to2}
				name="to"
				value={typed.to}
			/>
			<TextField
				label={HOUSE_PAUSES_PAGE.inAFewWords}
				look="tape"
				name="note"
				maxlength={60}
				placeholder={HOUSE_PAUSES_PAGE.inAFewWords2}
				value={typed.note}
			/>
			<Button kind="solid" type="submit" {sending}>{HOUSE_PAUSES_PAGE.saveThePause}</Button>
		{/snippet}
	</FieldForm>
	<div
		class="grid grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)] gap-x-12 gap-y-6 [border-top:var(--stitch)] pt-4.5 max-[901px]:grid-cols-[minmax(0,1fr)]"
	>
		<section class="sheet max-[901px]:order-2" aria-labelledby="weeks">
			<h2 id="weeks">{HOUSE_PAUSES_PAGE.theNextEightWeeks}</h2>
			<ClothWeeks weeks={view.weeks} names={view.weekdays} />
		</section>
		<div>
			<section aria-labelledby="now">
				<h2 id="now">{HOUSE_PAUSES_PAGE.pausedNowOrLater}</h2>
				{#if current.length === 0}<p class="dim">{HOUSE_PAUSES_PAGE.nothingIsPaused}</p>{/if}
				<ul class="my-2">
					{#each current as pause (pause.id)}
						<li class="flex items-center gap-3.5 py-2.5 border-b border-b-tin-1 max-[901px]:flex-wrap">
							<Glyph name="paused" size={30} />
							<span class="flex-1"
								><b>{pause.what}</b>, {pause.why}<span class="dim block">{pause.span}. {pause.excuses}</span
								></span
							>
							<ActForm action="/house/pauses?/undo" values={{ of: pause.id, seed: view.formId }}>
								<Button kind="link" type="submit">{HOUSE_PAUSES_PAGE.endThisPause}</Button>
							</ActForm>
						</li>
					{/each}
				</ul>
				{#if over.length > 0}
					<More>
						{#snippet title()}{HOUSE_PAUSES_PAGE.pastPauses(over.length)}{/snippet}
						<ul class="my-2">
							{#each over as pause (pause.id)}<li
									class="flex items-center gap-3.5 py-2.5 border-b border-b-tin-1 max-[901px]:flex-wrap"
								>
									<span class="flex-1"
										>{pause.what}, {pause.why}<span class="dim block">{pause.span}</span></span
									>
								</li>{/each}
						</ul>
					</More>
				{/if}
			</section>
			<section aria-labelledby="back">
				<h2 id="back">{HOUSE_PAUSES_PAGE.backFromABreak}</h2>
				{#if view.back}
					<p class="dim">
						{HOUSE_PAUSES_PAGE.theDailyRoutineFirstThen(view.back.clear)}
						{#if view.toWash > 0}<Button kind="link" href="/laundry">{waitingToWash(view.toWash)}</Button
							>{/if}
					</p>
					<ol class="my-2">
						{#each view.back.days as day (day.date)}
							<li class="flex items-center gap-3.5 py-2.5 border-b border-b-tin-1 max-[901px]:flex-wrap">
								<b class="name min-w-30">{day.name}</b>
								<span class="flex-1"
									>{day.jobs.length === 0 ? HOUSE_PAUSES_PAGE.dailyRoutineOnly : day.jobs.join(', ')}<span
										class="dim block">{HOUSE_PAUSES_PAGE.minOfThemBasics(day.minutes, day.basics)}</span
									></span
								>
								{#if day.lines.length > 0 && day.date !== view.today}
									<span class="grid">
										{#each day.lines as line (line.line)}
											<ActForm
												action="/house/pauses?/move"
												values={{ seed: view.formId, line: line.line, dueOn: line.dueOn, to: day.date }}
											>
												<Button kind="link" type="submit" class="text-[0.9375rem]!"
													>{HOUSE_PAUSES_PAGE.putOnThisDay(day.jobs[day.lines.indexOf(line)] ?? '')}</Button
												>
											</ActForm>
										{/each}
									</span>
								{/if}
							</li>
						{/each}
					</ol>
				{:else}
					<p class="dim">{HOUSE_PAUSES_PAGE.afterABreakYouChoose}</p>
				{/if}
			</section>
		</div>
	</div>
</div>

<style>
	section + section {
		margin-top: 24px;
	}
</style>
