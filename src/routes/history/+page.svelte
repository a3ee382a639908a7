<script lang="ts">
	import { MONTH } from '$words/history';
	import DateField from '$ui/kit/DateField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import { goto } from '$app/navigation';
	import Drawer from '$ui/Drawer.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import JobPage from '$ui/history/JobPage.svelte';
	import WriteIn from '$ui/history/WriteIn.svelte';
	import Notice from '$ui/Notice.svelte';
	import Stitches from '$ui/Stitches.svelte';
	import { MONTHS, minutesText } from '$words/general';
	import ActForm from '$ui/ActForm.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const href = (more: Record<string, string>) => {
		// eslint-disable-next-line svelte/prefer-svelte-reactivity -- built and read at once
		const params = new URLSearchParams(view.filter.q);
		for (const [key, value] of Object.entries(more)) params.set(key, value);
		const text = params.toString();
		return text === '' ? '/history' : `/history?${text}`;
	};
	const closeHref = $derived(href({}));
	let pageShown = $state(false);
	/** A month's name is written where the month changes. */
	const monthOf = (date: string) => MONTHS[Number(date.slice(5, 7)) - 1];
</script>

<svelte:head><title>History · Pail Round</title></svelte:head>

<div class="[--edge:calc(var(--page-edge)_-_var(--rim))] flex-1 flex flex-col pb-2.5">
	<header
		class="flex items-center justify-between gap-5 px-(--edge) pt-3.5 pb-3 max-[901px]:flex-col max-[901px]:items-stretch max-[901px]:px-3.75 max-[901px]:pt-3.5 max-[901px]:pb-3"
	>
		<form
			method="get"
			action="/history"
			class="flex flex-wrap items-center gap-x-2.25 gap-y-2"
			data-sveltekit-noscroll
		>
			<h1 class="sr-only">History</h1>
			<span class="font-display text-[1.5rem]">Show</span>
			<Choice
				label="Which work"
				look="tape"
				name="job"
				value={view.filter.job}
				options={[
					{ value: '', label: 'all work' },
					...view.jobs.map((job) => ({ value: job.id, label: job.name }))
				]}
				sends
			/>
			<span class="font-display text-[1.5rem]">by</span>
			<Choice
				label="By whom"
				look="tape"
				name="by"
				value={view.filter.by}
				options={[
					{ value: '', label: 'everyone' },
					...view.members.map((member) => ({ value: member.id, label: member.name }))
				]}
				sends
			/>
			<span class="font-display text-[1.5rem]">in</span>
			<Choice
				label="In which room"
				look="tape"
				name="room"
				value={view.filter.room}
				options={[
					{ value: '', label: 'the whole house' },
					...view.rooms.map((room) => ({ value: room.id, label: room.name }))
				]}
				sends
			/>
			<span class="font-display text-[1.5rem]">back from</span>
			<DateField
				look="tape"
				label="Back from which day"
				name="to"
				max={view.today}
				value={view.filter.to || view.today}
				sends
			/>
			<noscript><button class="plain">Show</button></noscript>
		</form>
		<a class="sign small whitespace-nowrap" href={href({ write: '1' })} data-sveltekit-noscroll
			>Add something done</a
		>
	</header>

	{#if form && 'message' in form && form.message && !data.writing}
		<Notice tone={'undo' in form ? 'done' : 'wrong'}><span>{form.message}</span></Notice>
	{/if}

	<div
		class="flex-1 relative grid grid-cols-[minmax(0,1.78fr)_24px_minmax(0,1fr)] mx-3 bg-enamel-hi border-[1.5px] border-tin-1 rounded-[6px] [box-shadow:0_3px_0_-1px_var(--tin-1)] max-[901px]:grid-cols-[1fr] max-[901px]:my-0 max-[901px]:mx-1.5"
	>
		<section class="left" aria-label="Days">
			{#if view.days.length === 0}
				<p
					class="nothing py-10 pr-6 pl-31 text-tin-text text-[1.125rem] max-[901px]:py-7.5 max-[901px]:pr-5 max-[901px]:pl-21"
				>
					Nothing was saved for this. Choose something else, or add something done.
				</p>
			{/if}
			{#each view.days as day, i (day.date)}
				{#if i === 0 || monthOf(view.days[i - 1]?.date ?? '') !== monthOf(day.date)}
					{#if i > 0}<h2
							class="pt-3.5 pb-1.5 pl-29 text-[1.25rem] border-b border-b-tin-1 max-[901px]:pl-20.5"
						>
							{monthOf(day.date)}
						</h2>{/if}
				{/if}
				<div class="day" class:open={view.openDay === day.date}>
					<a
						class="row grid grid-cols-[104px_minmax(0,1fr)_124px_118px] items-center min-h-11.5 pr-4.5 border-b border-b-tin-1 text-ink no-underline max-[901px]:grid-cols-[70px_minmax(0,1fr)_auto] max-[901px]:pr-3 hover:[background:color-mix(in_srgb,var(--cobalt-wash)_50%,transparent)]"
						href={href({ open: view.openDay === day.date ? 'none' : day.date })}
						aria-expanded={view.openDay === day.date}
						data-sveltekit-noscroll
						data-sveltekit-replacestate
					>
						<span
							class={[
								'flex justify-between pr-4 pl-5 font-display text-[1.125rem] [font-variant-numeric:oldstyle-nums] max-[901px]:py-0 max-[901px]:pr-2 max-[901px]:pl-2.5 max-[901px]:text-body',
								day.isToday && 'text-cobalt-ink'
							]}><span>{day.weekday}</span><span>{day.number}</span></span
						>
						<span
							class="pr-2.5 pl-3 whitespace-nowrap overflow-hidden [text-overflow:ellipsis] max-[901px]:whitespace-normal max-[901px]:py-2 max-[901px]:px-2.5"
						>
							{#each day.told as one, k (one.who)}{k > 0 ? '; ' : ''}{#if one.who}<b>{one.who}</b
									>{': '}{/if}{one.what}{/each}{#if day.more > 0}{' '}<span class="dim"
									>and {day.more} more</span
								>{/if}
						</span>
						<span class="max-[901px]:hidden"
							><Stitches plan={day.planned} work={day.minutes} longest={view.longest} /></span
						>
						<span
							class="minutes text-right text-tin-text whitespace-nowrap max-[901px]:whitespace-normal max-[901px]:max-w-19"
							><b class="text-ink font-figure">{Math.round(day.minutes)}</b> of {Math.round(day.planned)} min</span
						>
					</a>
					{#if view.openDay === day.date}
						<ul>
							{#each day.lines as line (line.entry)}
								<li
									class={[
										'row grid grid-cols-[104px_minmax(0,1fr)_124px_118px] items-center min-h-11.5 pr-4.5 border-b border-b-tin-1 text-ink no-underline max-[901px]:grid-cols-[70px_minmax(0,1fr)_auto] max-[901px]:pr-3',
										view.page?.entry?.entry === line.entry &&
											'[background:linear-gradient(90deg,transparent_var(--gutter),var(--cobalt-wash)_var(--gutter))]'
									]}
								>
									<span
										class="flex justify-between pr-4 pl-5 font-display text-[1.125rem] [font-variant-numeric:oldstyle-nums] max-[901px]:py-0 max-[901px]:pr-2 max-[901px]:pl-2.5 max-[901px]:text-body"
									></span>
									<a
										class="entry pr-2.5 pl-3 flex items-center gap-2.5 min-h-11 text-ink no-underline"
										href={href({ open: day.date, entry: line.entry })}
										onclick={() => (pageShown = true)}
										data-sveltekit-noscroll
										data-sveltekit-replacestate
									>
										<Glyph
											name={line.back
												? 'back'
												: line.outcome === 'letgo'
													? 'letgo'
													: line.outcome === 'part'
														? 'part'
														: 'done'}
											size={26}
										/>
										<span
											><span
												class={[
													'what',
													line.back && 'line-through text-tin-text',
													view.page?.entry?.entry === line.entry && 'font-name'
												]}>{line.name}</span
											>
											<span class="dim"
												>{line.by}{line.words ? `${line.by ? ', ' : ''}${line.words}` : ''}{line.back
													? `, ${line.back.words}`
													: ''}</span
											></span
										>
									</a>
									{#if line.back}
										<ActForm
											action="/history?/undo&{view.filter.q}"
											class="again"
											values={{ of: line.back.undo, seed: view.formId }}
										>
											<button class="text-link">Count it again</button>
										</ActForm>
									{:else if line.minutes !== null}
										<span class="max-[901px]:hidden"
											><Stitches
												plan={line.planned}
												work={line.minutes}
												longest={Math.max(
													40,
													...day.lines.map((l) => Math.max(l.minutes ?? 0, l.planned ?? 0))
												)}
											/></span
										>
										<span
											class="minutes text-right text-tin-text whitespace-nowrap max-[901px]:whitespace-normal max-[901px]:max-w-19"
											><b class="text-ink font-figure">{minutesText(line.minutes)}</b
											>{#if line.planned !== null}{' '}of {minutesText(line.planned)}{/if} min</span
										>
									{/if}
								</li>
							{/each}
						</ul>
					{/if}
				</div>
			{/each}
			<p
				class="row grid grid-cols-[104px_minmax(0,1fr)_124px_118px] items-center min-h-11.5 pr-4.5 border-b-tin-1 text-ink no-underline border-0 m-0 max-[901px]:grid-cols-[70px_minmax(0,1fr)_auto] max-[901px]:pr-3"
			>
				<span
					class="flex justify-between pr-4 pl-5 font-display text-[1.125rem] [font-variant-numeric:oldstyle-nums] max-[901px]:py-0 max-[901px]:pr-2 max-[901px]:pl-2.5 max-[901px]:text-body"
				></span>{#if view.older}<a
						class="text-link py-2 pr-0 pl-3 justify-self-start"
						href={href({ to: view.older })}>Earlier days</a
					>{/if}
				<a class="text-link py-2 pr-0 pl-3 justify-self-start" href="/history/month">{MONTH.link}</a>
			</p>
		</section>
		<span class="spine max-[901px]:hidden" aria-hidden="true"></span>
		<section
			class="right pt-4.5 pb-5.5 pr-7 pl-5 min-w-0 max-[901px]:hidden"
			class:shown={pageShown}
			aria-label="All times of a job"
		>
			<button
				class="plain hidden max-[901px]:inline-flex max-[901px]:mb-3.5"
				onclick={() => (pageShown = false)}>Back to all days</button
			>
			{#if view.page}<JobPage page={view.page} formId={view.formId} filter={view.filter.q} />{:else}<p
					class="nothing py-10 pr-6 pl-31 text-tin-text text-[1.125rem] max-[901px]:py-7.5 max-[901px]:pr-5 max-[901px]:pl-21"
				>
					Choose a job to see all its times.
				</p>{/if}
		</section>
	</div>
</div>

{#if data.writing}
	<Drawer
		title="Add something done"
		under="For what was done and not ticked."
		onclose={() => goto(closeHref, { noScroll: true })}
		{closeHref}
	>
		<WriteIn {view} {form} done={() => goto(closeHref, { noScroll: true })} />
	</Drawer>
{/if}

<style>
	.spine {
		background: repeating-linear-gradient(180deg, var(--cobalt-ink) 0 15px, transparent 15px 25px) center /
			4px 100% no-repeat;
		box-shadow:
			-10px 0 14px -12px var(--tin-2),
			10px 0 14px -12px var(--tin-2);
	}
	.left {
		--gutter: 106px;
		background: linear-gradient(
			90deg,
			transparent 100px,
			var(--tin-1) 100px 101px,
			transparent 101px 103px,
			var(--tin-1) 103px 104px,
			transparent 104px
		);
		padding-bottom: 16px;
	}
	.entry:hover .what {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	:global(form.again) {
		grid-column: 3 / 5;
		text-align: right;
	}
	.right .nothing {
		padding: 24px 0;
	}
	@media (max-width: 900px) {
		.left {
			--gutter: 72px;
			background: linear-gradient(
				90deg,
				transparent 66px,
				var(--tin-1) 66px 67px,
				transparent 67px 69px,
				var(--tin-1) 69px 70px,
				transparent 70px
			);
		}
		:global(form.again) {
			grid-column: 2 / 4;
			padding: 0 0 10px 46px;
			text-align: left;
		}
		/* The right page slides over the left. */
		.right.shown {
			display: block;
			position: fixed;
			inset: var(--rim) var(--rim) calc(62px + env(safe-area-inset-bottom));
			z-index: 30;
			overflow: auto;
			background: var(--enamel-hi);
			border-radius: var(--r-tray);
			padding: 18px 20px 24px;
		}
	}
</style>
