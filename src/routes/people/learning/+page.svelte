<script lang="ts">
	/** Where each child stands on the rungs, and the look-rounds that wait for an adult. */
	import { PEOPLE_LEARNING_PAGE } from '$words/screens/people';
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
			{ how: 'with', name: PEOPLE_LEARNING_PAGE.practiseWithHelp },
			{ how: 'alone', name: PEOPLE_LEARNING_PAGE.aloneThenAnAdultChecks }
		],
		alone: [
			{ how: 'signed', name: PEOPLE_LEARNING_PAGE.aloneNoCheck },
			{ how: 'again', name: PEOPLE_LEARNING_PAGE.withHelpAgain }
		],
		signed: [{ how: 'again', name: PEOPLE_LEARNING_PAGE.withHelpAgain }]
	} as const;
</script>

<svelte:head><title>{PEOPLE_LEARNING_PAGE.choresBeingLearnedPailRound}</title></svelte:head>

<section class="px-edge pt-2.5 pb-15">
	<header class="flex flex-wrap justify-between gap-x-6 gap-y-2 items-baseline">
		<div>
			<h1>{PEOPLE_LEARNING_PAGE.choresBeingLearned}</h1>
			<p class="dim mt-1">
				{PEOPLE_LEARNING_PAGE.eachPartIsDoneWith}
			</p>
		</div>
		<Button kind="link" href="/people">{PEOPLE_LEARNING_PAGE.backToPeople}</Button>
	</header>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#if said}<Notice><span>{said}</span></Notice>{/if}
	{#each view.looks as look (look.id)}
		<article class="mt-3.5 px-6 pt-3.5 pb-4.5 bg-enamel-hi border-[2.5px] border-cobalt-ink rounded-button">
			<h2 class="flex items-center gap-3">{look.words}, {look.when}</h2>
			<p class="dim mt-1 mb-3">{PEOPLE_LEARNING_PAGE.lookAtItThenSay}</p>
			<div class="answers flex flex-wrap gap-x-6 gap-y-3 items-center">
				<ActForm action="?/answer" values={{ look: look.id, verdict: 'confirmed' }}
					><Button kind="solid" type="submit">{PEOPLE_LEARNING_PAGE.itIsAllRight}</Button></ActForm
				>
				<ActForm action="?/answer" class="row" values={{ look: look.id, verdict: 'back' }}>
					<Choice
						label={PEOPLE_LEARNING_PAGE.theOneThing}
						hideLabel
						name="point"
						options={look.points.map((point) => ({ value: point, label: point }))}
					/><Button type="submit">{PEOPLE_LEARNING_PAGE.giveThisBack}</Button>
				</ActForm>
			</div>
		</article>
	{/each}
	<nav class="flex flex-wrap gap-2 mt-4.5 mb-2" aria-label={PEOPLE_LEARNING_PAGE.children}>
		{#each view.children as one (one.id)}
			<a
				class="grid place-items-center min-h-11.5 max-w-full px-5 wrap-anywhere border-[1.5px] border-tin-2 bg-enamel-hi font-display text-tag text-ink no-underline [&[aria-current]]:border-[2.5px] [&[aria-current]]:border-cobalt-ink [&[aria-current]]:text-cobalt-ink"
				href="/people/learning?who={one.id}"
				aria-current={one.current ? 'page' : undefined}>{one.name}</a
			>
		{/each}
	</nav>
	{#if view.child && view.ladders.length === 0}
		<p>
			{PEOPLE_LEARNING_PAGE.noJobOfSHas(view.child.name)}
		</p>
	{:else if !view.child}
		<p>{PEOPLE_LEARNING_PAGE.noChildrenLiveHere}</p>
	{/if}
	{#if view.child && view.ladders.some((ladder) => ladder.rungs.some((rung) => rung.stage !== 'signed'))}
		<ActForm
			action="?/already"
			class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1"
			values={{ member: view.child.id }}
			><Button type="submit">{LEARNING.canAll}</Button><span class="dim">{LEARNING.canAllLine}</span></ActForm
		>
	{/if}
	<div class="grid grid-cols-[repeat(auto-fit,minmax(min(460px,100%),1fr))] gap-x-14 gap-y-6">
		{#each view.ladders as ladder (ladder.job)}
			<article>
				<h2 class="flex items-center gap-3 mt-3 mb-2">
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
						<li
							class={[
								rung.stage ?? 'shut',
								'relative flex flex-wrap gap-x-4.5 gap-y-1 items-center justify-between min-h-19.5 py-2.5 pr-0 pl-26 border-b border-b-tin-1 max-sm:pl-21.5'
							]}
						>
							<span
								class="step absolute left-2 top-0 -bottom-0.25 w-17 [border-inline:7px_solid_var(--wood)] after:absolute after:-left-1.5 after:-right-1.5 after:top-[calc(50%_-_5px)] after:h-2.5 after:rounded-[5px] after:border-2 after:border-dashed after:border-tin-2"
								aria-hidden="true"
							></span>
							<div class="flex-[1_1_190px] grid">
								<b class="text-lead">{rung.name}</b>
								<span class="text-tin-text">{rung.words}</span>
								{#if rung.record}<span class="dim">{rung.record}</span>{/if}
								{#if rung.ready}<span class="text-cobalt-ink font-name">{rung.ready}</span>{/if}
							</div>
							{#if rung.stage && (rung.stage !== 'signed' || rung.rung === ladder.rungs.length - 1 || ladder.rungs[rung.rung + 1]?.stage === 'with')}
								<div class="acts flex flex-wrap gap-x-3.5 gap-y-2 items-center">
									{#each ways[rung.stage] as way (way.how)}
										<ActForm
											action="?/say"
											values={{
												member: view.child?.id ?? '',
												job: ladder.job,
												rung: rung.rung,
												how: way.how
											}}
											><Button
												type="submit"
												kind={rung.stage === 'signed' || way.how === 'again' ? 'link' : 'plain'}
												>{way.name}</Button
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
	.answers :global(.row) {
		margin: 0;
		min-width: 340px;
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
	.shut b {
		font-weight: 400;
		color: var(--tin-text);
	}
	@media (max-width: 640px) {
		.answers :global(.row) {
			min-width: 0;
			width: 100%;
		}
	}
</style>
