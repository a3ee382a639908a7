<script lang="ts">
	import DateField from '$ui/kit/DateField.svelte';
	import Choice from '$ui/kit/Choice.svelte';
	import { page } from '$app/state';
	import ActForm from '$ui/ActForm.svelte';
	import WhyLabel from '$ui/people/WhyLabel.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Notice from '$ui/Notice.svelte';
	import { minutesText } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const said = $derived(form && 'said' in form ? form.said : null);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const most = $derived(Math.max(1, ...view.days.map((day) => day.minutes)));
	const to = (changes: Record<string, string | null>) => {
		const now = { week: view.week === 'next' ? 'next' : null, day: view.day, ...changes };
		const query = Object.entries(now).flatMap(([name, value]) =>
			value ? [`${name}=${encodeURIComponent(value)}`] : []
		);
		return `/people/week?${query.join('&')}`;
	};
	const inReturn = $derived([
		{ value: '', label: 'nothing' },
		...view.inReturn.flatMap((one) =>
			one.turns.map((turn) => ({ value: turn.id, label: turn.words, group: one.name }))
		)
	]);
	const parts = ['Morning', 'Midday', 'Evening'];
	/** A cloth is as wide as its minutes. */
	const width = (minutes: number) => Math.min(200, 104 + minutes * 5);
</script>

<svelte:head><title>Share out the jobs of a week · Pail Round</title></svelte:head>

<section class="week">
	<header>
		<div>
			<h1>{view.title}</h1>
			<p class="dim">
				{view.givenWords} Nobody is further than {view.spread} of the work from what was agreed.
			</p>
		</div>
		<div class="acts">
			<a class="arrow" href={to({ week: view.week === 'next' ? null : 'next', day: null })}
				><span aria-hidden="true">{view.week === 'next' ? '‹' : '›'}</span><span class="sr"
					>{view.week === 'next' ? 'This week' : 'The week after'}</span
				></a
			>
			{#if !view.isGiven || view.changes > 0}
				<ActForm action="?/give" values={{ week: view.week }}
					><button class={view.why ? 'plain' : 'sign small'}
						>{view.isGiven ? 'Share out again …' : 'Share out this week’s jobs …'}</button
					></ActForm
				>
			{/if}
			<a class="text-link" href="/people">Back to People</a>
		</div>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	{#each view.swaps as swap (swap.id)}
		<Notice
			><span>{swap.words}</span>
			{#if swap.mine}
				<ActForm action="?/answer" values={{ swap: swap.id, answer: 'yes' }} then={{ withoutId: true }}
					><button class="plain">I will do it</button></ActForm
				><ActForm action="?/answer" values={{ swap: swap.id, answer: 'no' }} then={{ withoutId: true }}
					><button class="text-link">No, thanks</button></ActForm
				>
			{/if}</Notice
		>
	{/each}
	<nav class="days" aria-label="Days of the week">
		{#each view.days as day (day.date)}
			<a
				href={to({ day: day.date, turn: null })}
				aria-current={day.date === view.day ? 'date' : undefined}
				class:past={day.isPast}
				data-sveltekit-noscroll
			>
				<span class="name">{day.letter} {day.day}</span>
				<span class="bar" aria-hidden="true"><span style:width="{(day.minutes / most) * 100}%"></span></span>
				<span class="dim">{day.isPast ? 'past' : `${day.minutes} min`}</span>
			</a>
		{/each}
	</nav>
	<div class="yard">
		<div class="heads" aria-hidden="true">
			<span>{view.dayName}</span>{#each parts as part (part)}<span>{part}</span>{/each}
		</div>
		{#each view.lines as line (line.id ?? line.words)}
			{@const balance = view.balance.find((one) => one.id === line.id)}
			<div class="line" class:nobody={line.id === null}>
				<div class="who">
					<h2>{line.name}</h2>
					{#if balance}
						<p class="dim">{balance.given} min given</p>
						<p class="words" class:heavy={balance.heavy}>{balance.words}</p>
					{/if}
				</div>
				{#each line.parts as cloths, i (i)}
					<ul aria-label="{line.name}, {parts[i]}">
						{#each cloths as cloth (cloth.turn)}
							<li style:width="{width(cloth.minutes)}px">
								<a
									class="cloth"
									class:chosen={view.why?.turn === cloth.turn}
									href={to({ turn: cloth.turn })}
									data-sveltekit-noscroll
								>
									<span class="minutes">{minutesText(cloth.minutes)}</span>
									<span class="job">{cloth.name}</span>
									{#if cloth.held}<span class="held">by hand</span>{/if}
									{#if cloth.zone}<span class="hem"><Weave weave={cloth.zone.weave} /></span>{/if}
								</a>
							</li>
						{/each}
					</ul>
				{/each}
			</div>
		{/each}
	</div>
	<div class="runner linen">
		<div>
			{#if view.why}
				<WhyLabel why={view.why} full />
				{#if view.why.to && view.why.could.length > 0}
					<ActForm action="?/ask" class="row" values={{ turn: view.why.turn }}>
						<Choice
							label="Ask to swap: they say yes or no"
							name="to"
							options={view.why.could.map((one) => ({ value: one.id, label: one.name }))}
						/>
						<Choice label="In return" name="back" options={inReturn} /><button class="plain">Ask</button>
					</ActForm>
				{/if}
			{:else}
				<h2>Choose a job</h2>
				<p class="dim">See why it is this person’s, who else could do it, and why not the others.</p>
			{/if}
		</div>
		<div>
			<h2>What if somebody is away?</h2>
			<form method="get" action={page.url.pathname} class="trial">
				{#if view.week === 'next'}<input type="hidden" name="week" value="next" />{/if}
				<Choice
					label="Who"
					name="without"
					value={view.trial?.member}
					options={view.members.map((one) => ({ value: one.id, label: one.name }))}
				/>
				<DateField label="From" name="from" value={view.trial?.from ?? view.today} />
				<DateField label="To" name="to" value={view.trial?.to ?? view.weekEnd} />
				<button class="plain">Try it</button>
			</form>
			{#if view.trial}
				<p>
					{#if view.trial.moved.length === 0}
						Without {view.trial.name} nothing would move.
					{:else}
						<b
							>{view.trial.moved.length === 12 ? 'Twelve and more' : view.trial.moved.length} of {view.trial
								.name}’s jobs</b
						>
						would go elsewhere{#if view.trial.more.length > 0}: {view.trial.more.join(', ')}{/if}.
						{#if view.trial.nobody > 0}{view.trial.nobody} would be nobody’s.{/if}
					{/if}
					<span class="dim">Nothing is written.</span>
				</p>
				<ul class="moved">
					{#each view.trial.moved as one, i (i)}<li>{one.name}, {one.when}: <b>{one.to}</b></li>{/each}
				</ul>
			{/if}
		</div>
	</div>
</section>

<style>
	.week {
		display: flex;
		flex-direction: column;
		flex: 1;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 8px 24px;
		padding: 10px calc(var(--page-edge) - var(--rim)) 12px;
	}
	header > div:first-child {
		flex: 1 1 420px;
	}
	header p {
		margin: 4px 0 0;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 16px;
	}
	.days {
		display: grid;
		grid-template-columns: repeat(7, 1fr);
		gap: 8px;
		padding: 4px calc(var(--page-edge) - var(--rim)) 12px;
	}
	.days a {
		display: grid;
		gap: 4px;
		padding: 8px 12px;
		border: 2px solid transparent;
		border-radius: 10px;
		color: var(--ink);
		text-decoration: none;
	}
	.days a:hover {
		background: var(--cobalt-wash);
	}
	.days a[aria-current] {
		background: var(--enamel-hi);
		border-color: var(--cobalt-ink);
	}
	.days .name {
		font-weight: var(--w-name);
	}
	.past .name {
		color: var(--tin-text);
	}
	.bar {
		height: 8px;
		background: var(--linen);
	}
	.bar span {
		display: block;
		height: 100%;
		background: var(--cobalt-ink);
	}
	.yard {
		padding: 0 calc(var(--page-edge) - var(--rim)) 18px;
	}
	.heads,
	.line {
		display: grid;
		grid-template-columns: 150px repeat(3, minmax(0, 1fr));
		gap: 0 14px;
	}
	.heads {
		padding: 6px 0;
		font-weight: var(--w-name);
		color: var(--tin-text);
	}
	.heads span:first-child {
		font-family: var(--font-display);
		font-weight: 400;
		color: var(--ink);
	}
	.line {
		position: relative;
		padding: 0 0 8px;
		min-height: 70px;
		border-top: 2px solid var(--ink);
	}
	.nobody {
		border-top-style: dashed;
		border-top-color: var(--tin-2);
	}
	.who {
		padding-top: 6px;
	}
	.who h2 {
		margin: 0;
		font-size: 1.1875rem;
	}
	.who p {
		margin: 0;
		font-size: 0.9375rem;
	}
	.words {
		font-weight: var(--w-name);
	}
	.heavy {
		color: var(--brass-text);
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		align-content: start;
	}
	.cloth {
		position: relative;
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0 8px;
		align-items: baseline;
		min-height: 52px;
		padding: 6px 10px 14px;
		background: var(--linen-hi);
		box-shadow: var(--sh-cloth);
		color: var(--ink);
		text-decoration: none;
		line-height: 1.15;
	}
	.cloth.chosen {
		background: var(--enamel-hi);
		box-shadow: 0 0 0 2.5px var(--cobalt-ink);
	}
	.minutes {
		font-weight: var(--w-figure);
	}
	.job {
		overflow-wrap: break-word;
		hyphens: auto;
		min-width: 0;
	}
	.held {
		grid-column: 2;
		color: var(--tin-text);
		font-size: 0.9375rem;
	}
	.hem {
		position: absolute;
		inset: auto 0 3px;
		height: 7px;
	}
	.runner {
		margin-top: auto;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 20px 48px;
		padding: 16px calc(var(--page-edge) - var(--rim)) 26px;
		border-top: 2px dashed var(--linen-deep);
	}
	.runner h2 {
		margin: 0 0 6px;
	}
	.runner p {
		margin: 6px 0;
	}
	.trial {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(13rem, 100%), 1fr));
		gap: 10px;
		align-items: end;
	}
	.moved {
		display: block;
		columns: 2;
		column-gap: 24px;
	}
	.moved li {
		break-inside: avoid;
		padding: 2px 0;
	}
	.runner :global(.row) {
		align-items: end;
	}
	@media (max-width: 900px) {
		.runner {
			grid-template-columns: 1fr;
		}
	}
	@media (max-width: 640px) {
		.days {
			grid-template-columns: repeat(7, 64px);
			overflow-x: auto;
			padding-bottom: 14px;
		}
		.days a {
			padding: 8px 6px;
		}
		.heads {
			display: none;
		}
		.line {
			grid-template-columns: 1fr;
		}
		.line ul {
			padding-top: 8px;
		}
		.line ul:empty {
			display: none;
		}
		.moved {
			columns: 1;
		}
	}
</style>
