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

<div class="ledger">
	<header>
		<form method="get" action="/history" class="sentence" data-sveltekit-noscroll>
			<h1 class="sr-only">History</h1>
			<span class="word">Show</span>
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
			<span class="word">by</span>
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
			<span class="word">in</span>
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
			<span class="word">back from</span>
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
		<a class="sign small" href={href({ write: '1' })} data-sveltekit-noscroll>Add something done</a>
	</header>

	{#if form && 'message' in form && form.message && !data.writing}
		<Notice tone={'undo' in form ? 'done' : 'wrong'}><span>{form.message}</span></Notice>
	{/if}

	<div class="book">
		<section class="left" aria-label="Days">
			{#if view.days.length === 0}
				<p class="nothing">Nothing was saved for this. Choose something else, or add something done.</p>
			{/if}
			{#each view.days as day, i (day.date)}
				{#if i === 0 || monthOf(view.days[i - 1]?.date ?? '') !== monthOf(day.date)}
					{#if i > 0}<h2 class="month">{monthOf(day.date)}</h2>{/if}
				{/if}
				<div class="day" class:open={view.openDay === day.date}>
					<a
						class="row head"
						href={href({ open: view.openDay === day.date ? 'none' : day.date })}
						aria-expanded={view.openDay === day.date}
						data-sveltekit-noscroll
						data-sveltekit-replacestate
					>
						<span class="date" class:today={day.isToday}
							><span>{day.weekday}</span><span>{day.number}</span></span
						>
						<span class="told">
							{#each day.told as one, k (one.who)}{k > 0 ? '; ' : ''}{#if one.who}<b>{one.who}</b
									>{': '}{/if}{one.what}{/each}{#if day.more > 0}{' '}<span class="dim"
									>and {day.more} more</span
								>{/if}
						</span>
						<span class="sew"><Stitches plan={day.planned} work={day.minutes} longest={view.longest} /></span>
						<span class="minutes"><b>{Math.round(day.minutes)}</b> of {Math.round(day.planned)} min</span>
					</a>
					{#if view.openDay === day.date}
						<ul>
							{#each day.lines as line (line.entry)}
								<li class="row" class:chosen={view.page?.entry?.entry === line.entry}>
									<span class="date"></span>
									<a
										class="told entry"
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
											><span class="what" class:struck={line.back}>{line.name}</span>
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
										<span class="sew"
											><Stitches
												plan={line.planned}
												work={line.minutes}
												longest={Math.max(
													40,
													...day.lines.map((l) => Math.max(l.minutes ?? 0, l.planned ?? 0))
												)}
											/></span
										>
										<span class="minutes"
											><b>{minutesText(line.minutes)}</b>{#if line.planned !== null}{' '}of {minutesText(
													line.planned
												)}{/if} min</span
										>
									{/if}
								</li>
							{/each}
						</ul>
					{/if}
				</div>
			{/each}
			<p class="row turn">
				<span class="date"></span>{#if view.older}<a class="text-link" href={href({ to: view.older })}
						>Earlier days</a
					>{/if}
				<a class="text-link" href="/history/month">{MONTH.link}</a>
			</p>
		</section>
		<span class="spine" aria-hidden="true"></span>
		<section class="right" class:shown={pageShown} aria-label="All times of a job">
			<button class="plain back" onclick={() => (pageShown = false)}>Back to all days</button>
			{#if view.page}<JobPage page={view.page} formId={view.formId} filter={view.filter.q} />{:else}<p
					class="nothing"
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
	.ledger {
		--edge: calc(var(--page-edge) - var(--rim));
		flex: 1;
		display: flex;
		flex-direction: column;
		padding-bottom: 10px;
	}
	header {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 20px;
		padding: 14px var(--edge) 12px;
	}
	.sentence {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 9px;
	}
	.word {
		font-family: var(--font-display);
		font-size: 1.5rem;
	}
	.sign {
		white-space: nowrap;
	}
	.book {
		flex: 1;
		position: relative;
		display: grid;
		grid-template-columns: minmax(0, 1.78fr) 24px minmax(0, 1fr);
		margin: 0 12px;
		background: var(--enamel-hi);
		border: 1.5px solid var(--tin-1);
		border-radius: 6px;
		box-shadow: 0 3px 0 -1px var(--tin-1);
	}
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
	.month {
		margin: 0;
		padding: 14px 0 6px 116px;
		font-size: 1.25rem;
		border-bottom: 1px solid var(--tin-1);
	}
	.row {
		display: grid;
		grid-template-columns: 104px minmax(0, 1fr) 124px 118px;
		align-items: center;
		min-height: 46px;
		padding-right: 18px;
		border-bottom: 1px solid var(--tin-1);
		color: var(--ink);
		text-decoration: none;
	}
	.row.head:hover {
		background: color-mix(in srgb, var(--cobalt-wash) 50%, transparent);
	}
	.date {
		display: flex;
		justify-content: space-between;
		padding: 0 16px 0 20px;
		font-family: var(--font-display);
		font-size: 1.125rem;
		font-variant-numeric: oldstyle-nums;
	}
	.date.today {
		color: var(--cobalt-ink);
	}
	.told {
		padding-left: 12px;
		padding-right: 10px;
	}
	.head .told {
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.minutes {
		text-align: right;
		color: var(--tin-text);
		white-space: nowrap;
	}
	.minutes b {
		color: var(--ink);
		font-weight: var(--w-figure);
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.entry {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 44px;
		color: var(--ink);
		text-decoration: none;
	}
	.entry:hover .what {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.chosen {
		background: linear-gradient(90deg, transparent var(--gutter), var(--cobalt-wash) var(--gutter));
	}
	.chosen .what {
		font-weight: var(--w-name);
	}
	.struck {
		text-decoration: line-through;
		color: var(--tin-text);
	}
	:global(form.again) {
		grid-column: 3 / 5;
		text-align: right;
	}
	.turn {
		border: 0;
		margin: 0;
	}
	.turn a {
		padding: 8px 0 8px 12px;
		justify-self: start;
	}
	.right {
		padding: 18px 28px 22px 20px;
		min-width: 0;
	}
	.back {
		display: none;
	}
	.nothing {
		padding: 40px 24px 40px 124px;
		color: var(--tin-text);
		font-size: 1.125rem;
	}
	.right .nothing {
		padding: 24px 0;
	}
	@media (max-width: 900px) {
		header {
			flex-direction: column;
			align-items: stretch;
			padding: 14px 15px 12px;
		}
		.book {
			grid-template-columns: 1fr;
			margin: 0 6px;
		}
		.spine {
			display: none;
		}
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
		.row {
			grid-template-columns: 70px minmax(0, 1fr) auto;
			padding-right: 12px;
		}
		.date {
			padding: 0 8px 0 10px;
			font-size: 1rem;
		}
		.sew {
			display: none;
		}
		.head .told {
			white-space: normal;
			padding: 8px 10px;
		}
		.minutes {
			white-space: normal;
			max-width: 76px;
		}
		:global(form.again) {
			grid-column: 2 / 4;
			padding: 0 0 10px 46px;
			text-align: left;
		}
		.month {
			padding-left: 82px;
		}
		.right {
			display: none;
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
		.back {
			display: inline-flex;
			margin-bottom: 14px;
		}
		.nothing {
			padding: 30px 20px 30px 84px;
		}
	}
</style>
