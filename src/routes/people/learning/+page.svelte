<script lang="ts">
	/** Where each child stands on the rungs, and the look-rounds that wait for an adult. */
	import Choice from '$ui/kit/Choice.svelte';
	import ActForm from '$ui/ActForm.svelte';
	import Button from '$ui/kit/Button.svelte';
	import { LEARNING } from '$words/people';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	const said = $derived(form && 'said' in form ? form.said : null);
	const ways = {
		with: [
			{ how: 'with', name: 'Practise with help' },
			{ how: 'alone', name: 'Alone, then an adult checks' }
		],
		alone: [
			{ how: 'signed', name: 'Alone, no check' },
			{ how: 'again', name: 'With help again' }
		],
		signed: [{ how: 'again', name: 'With help again' }]
	} as const;
</script>

<svelte:head><title>Chores being learned · Pail Round</title></svelte:head>

<section class="ladder-page">
	<header>
		<div>
			<h1>Chores being learned</h1>
			<p class="dim">
				Each part is done with help first, then alone with an adult’s check, then alone. You say when.
			</p>
		</div>
		<a class="text-link" href="/people">Back to People</a>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	{#each view.looks as look (look.id)}
		<article class="look">
			<h2>{look.words}, {look.when}</h2>
			<p class="dim">Look at it, then say it is all right, or give one thing back.</p>
			<div class="answers">
				<ActForm action="?/answer" values={{ look: look.id, verdict: 'confirmed' }}
					><button class="sign small">It is all right</button></ActForm
				>
				<ActForm action="?/answer" class="row" values={{ look: look.id, verdict: 'back' }}>
					<Choice
						label="The one thing"
						hideLabel
						name="point"
						options={look.points.map((point) => ({ value: point, label: point }))}
					/><button class="plain">Give this back</button>
				</ActForm>
			</div>
		</article>
	{/each}
	<nav aria-label="Children">
		{#each view.children as one (one.id)}
			<a href="/people/learning?who={one.id}" aria-current={one.current ? 'page' : undefined}>{one.name}</a>
		{/each}
	</nav>
	{#if view.child && view.ladders.length === 0}
		<p>
			No job of {view.child.name}’s has parts to learn yet. Add them to a job in House, easiest first.
		</p>
	{:else if !view.child}
		<p>No children live here.</p>
	{/if}
	{#if view.child && view.ladders.some((ladder) => ladder.rungs.some((rung) => rung.stage !== 'signed'))}
		<ActForm
			action="?/already"
			class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1"
			values={{ member: view.child.id }}
			><Button type="submit">{LEARNING.canAll}</Button><span class="dim">{LEARNING.canAllLine}</span></ActForm
		>
	{/if}
	<div class="ladders">
		{#each view.ladders as ladder (ladder.job)}
			<article>
				<h2>
					{#if ladder.zone}<span class="plate">{ladder.zone.number}</span>{/if}{ladder.name}
				</h2>
				{#if ladder.rungs.some((rung) => rung.stage !== 'signed')}
					<ActForm action="?/already" values={{ member: view.child?.id ?? '', job: ladder.job }}
						><Button kind="link" type="submit" class="min-h-11" aria-label="{LEARNING.can}: {ladder.name}"
							>{LEARNING.can}</Button
						></ActForm
					>
				{/if}
				<ol>
					{#each [...ladder.rungs].reverse() as rung (rung.rung)}
						<li class={rung.stage ?? 'shut'}>
							<span class="step" aria-hidden="true"></span>
							<div class="text">
								<b>{rung.name}</b>
								<span class="stage">{rung.words}</span>
								{#if rung.record}<span class="dim">{rung.record}</span>{/if}
								{#if rung.ready}<span class="ready">{rung.ready}</span>{/if}
							</div>
							{#if rung.stage && (rung.stage !== 'signed' || rung.rung === ladder.rungs.length - 1 || ladder.rungs[rung.rung + 1]?.stage === 'with')}
								<div class="acts">
									{#each ways[rung.stage] as way (way.how)}
										<ActForm
											action="?/say"
											values={{
												member: view.child?.id ?? '',
												job: ladder.job,
												rung: rung.rung,
												how: way.how
											}}
											><button class={rung.stage === 'signed' || way.how === 'again' ? 'text-link' : 'plain'}
												>{way.name}</button
											></ActForm
										>
									{/each}
								</div>
							{/if}
						</li>
					{/each}
				</ol>
			</article>
		{/each}
	</div>
</section>

<style>
	.ladder-page {
		padding: 10px calc(var(--page-edge) - var(--rim)) 60px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 8px 24px;
		align-items: baseline;
	}
	header p {
		margin: 4px 0 0;
	}
	.look {
		margin-top: 14px;
		padding: 14px 24px 18px;
		background: var(--enamel-hi);
		border: 2.5px solid var(--cobalt-ink);
		border-radius: var(--r-button);
	}
	.look h2 {
		margin: 0;
	}
	.look p {
		margin: 4px 0 12px;
	}
	.answers {
		display: flex;
		flex-wrap: wrap;
		gap: 12px 24px;
		align-items: center;
	}
	.answers :global(.row) {
		margin: 0;
		min-width: 340px;
	}
	nav {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		margin: 18px 0 8px;
	}
	nav a {
		display: grid;
		place-items: center;
		min-height: 46px;
		max-width: 100%;
		padding: 0 20px;
		overflow-wrap: anywhere;
		border: 1.5px solid var(--tin-2);
		background: var(--enamel-hi);
		font-family: var(--font-display);
		font-size: 1.1875rem;
		color: var(--ink);
		text-decoration: none;
	}
	nav a[aria-current] {
		border: 2.5px solid var(--cobalt-ink);
		color: var(--cobalt-ink);
	}
	.ladders {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(460px, 100%), 1fr));
		gap: 24px 56px;
	}
	article h2 {
		display: flex;
		align-items: center;
		gap: 12px;
		margin: 12px 0 8px;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	/* The rails of the ladder, with a rung each. */
	li {
		position: relative;
		display: flex;
		flex-wrap: wrap;
		gap: 4px 18px;
		align-items: center;
		justify-content: space-between;
		min-height: 78px;
		padding: 10px 0 10px 104px;
		border-bottom: 1px solid var(--tin-1);
	}
	.step {
		position: absolute;
		left: 8px;
		top: 0;
		bottom: -1px;
		width: 68px;
		border-inline: 7px solid var(--wood);
	}
	.step::after {
		content: '';
		position: absolute;
		left: -6px;
		right: -6px;
		top: calc(50% - 5px);
		height: 10px;
		border-radius: 5px;
		border: 2px dashed var(--tin-2);
	}
	.with .step::after {
		border: 2.5px solid var(--cobalt-ink);
		background: linear-gradient(90deg, var(--cobalt) 33%, var(--enamel-hi) 33%);
	}
	.alone .step::after {
		border: 2.5px solid var(--cobalt-ink);
		background: linear-gradient(90deg, var(--cobalt) 66%, var(--enamel-hi) 66%);
	}
	.signed .step::after {
		border: 2.5px solid var(--cobalt-ink);
		background: var(--cobalt);
	}
	.text {
		flex: 1 1 190px;
		display: grid;
	}
	.text b {
		font-size: 1.0625rem;
	}
	.shut b {
		font-weight: 400;
		color: var(--tin-text);
	}
	.stage {
		color: var(--tin-text);
	}
	.ready {
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 14px;
		align-items: center;
	}
	@media (max-width: 640px) {
		li {
			padding-left: 86px;
		}
		.answers :global(.row) {
			min-width: 0;
			width: 100%;
		}
	}
</style>
