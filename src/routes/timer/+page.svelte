<script lang="ts">
	import { onMount } from 'svelte';
	import BitePail from '$ui/glyphs/BitePail.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Insecure from '$ui/Insecure.svelte';
	import Notice from '$ui/Notice.svelte';
	import ClearingChoice from '$ui/session/ClearingChoice.svelte';
	import ChancePegs from '$ui/session/ChancePegs.svelte';
	import InOrder from '$ui/session/InOrder.svelte';
	import OfferPail from '$ui/session/OfferPail.svelte';
	import Strip from '$ui/session/Strip.svelte';
	import WhoAndHow from '$ui/session/WhoAndHow.svelte';
	import { BetterPlan } from '$ui/session/betterPlan.svelte';
	import { othersOf, seenRooms, sizeHref } from '$ui/session/hrefs';
	import { asideOf, laterLink, laterText, offerWhy, takeAlong } from '$words/offer';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { FILL_UP, OTHER_USES, sittingLink } from '$words/session';
	import { lanesOf } from '$ui/session/strip';
	import { once } from '$ui/once';
	import { listNames } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const sizes = [
		{ minutes: 2, size: 46 },
		{ minutes: 5, size: 52 },
		{ minutes: 10, size: 58 },
		{ minutes: 15, size: 64 },
		{ minutes: 20, size: 70 }
	];
	const better = new BetterPlan();
	let asked = '';
	onMount(() => () => better.stop());
	$effect(() => {
		// The same pail read anew keeps the plan that was found for it.
		const key = JSON.stringify(view.input);
		if (view.kind === 'clearing' || view.cut || key === asked) return;
		asked = key;
		better.ask(view.input, view.plan, view.minutes, view.habits, view.brim ? 0 : Math.min(0.8, view.chance));
	});
	const plan = $derived(better.plan ?? view.plan);
	const chance = $derived(better.chance ?? view.chance);
	const lanes = $derived(lanesOf(view.input, plan, view.catalogue));
	const roomNames = $derived(
		Object.fromEntries(
			view.input.jobs.flatMap((job) =>
				job.steps.map((step, i) => [step.room, view.catalogue[job.id]?.steps[i]?.roomName ?? ''])
			)
		)
	);
	/** What stands about the plan says what is in the plan that is shown, not in the first one. */
	const offers = $derived(
		view.offers.map((offer) =>
			offer.chosen && better.plan
				? {
						...offer,
						minutes: plan.end,
						steps: plan.entries.length,
						level: Math.min(1, plan.end / view.minutes),
						why: offerWhy(offer.name, offer.about, plan, view.input, view.jobs, (id) => roomNames[id] ?? '')
					}
				: offer
		)
	);
	const aside = $derived(asideOf(plan, view.jobs, view.why));
	const along = $derived(takeAlong(plan, view.jobs));
	const names = $derived(Object.fromEntries(view.people.map((one) => [one.id, one.name])));
	const entries = $derived(
		JSON.stringify(plan.entries.map((e) => [e.job, e.step, e.person, e.start, e.end]))
	);
	const values = $derived(form && 'values' in form ? (form.values as Record<string, string>) : {});
	const href = (minutes: number) => sizeHref(view, minutes);
	/** On a phone the jobs come first: the other ways to use the time are opened. */
	let choosing = $state(false);
	const chosen = $derived(view.offers.find((offer) => offer.chosen));
</script>

<svelte:head><title>{view.title} · Pail Round</title></svelte:head>

{#snippet hidden()}
	<input type="hidden" name="kind" value={view.kind} />
	<input type="hidden" name="minutes" value={view.minutes} />
	<input type="hidden" name="member" value={view.member} />
	<input type="hidden" name="with" value={othersOf(view)} />
	<input type="hidden" name="how" value={view.together} />
	<input type="hidden" name="in" value={view.held.join(',')} />
	<input type="hidden" name="out" value={view.taken.join(',')} />
	<input type="hidden" name="choice" value={chosen?.name ?? 'worth'} />
	{#if chosen?.about}<input type="hidden" name="about" value={chosen.about} />{/if}
	{#if view.brim}<input type="hidden" name="brim" value="1" />{/if}
	{#if view.sitting}<input type="hidden" name="sitting" value="1" />{/if}
	{#if view.depth}<input type="hidden" name="depth" value={view.depth} />{/if}
	{#if view.depths}<input type="hidden" name="depths" value={view.depths} />{/if}
	{#if view.floorsAsked}<input type="hidden" name="floors" value={view.floors} />{/if}
	{#if view.inRooms.length > 0}<input type="hidden" name="rooms" value={view.inRooms.join(',')} />{/if}
	{#if view.rooms.length > 0}
		<input type="hidden" name="rooms" value={seenRooms(view)} />
	{/if}
{/snippet}

<div class="fill" class:clearing={view.kind === 'clearing'}>
	<header>
		<div class="how-long">
			<h1>{view.title}</h1>
			<p>{view.lead}</p>
			{#if view.kind === 'bite'}
				<div class="shelf">
					{#each sizes as { minutes, size } (minutes)}
						<a
							href={href(minutes)}
							aria-label="{minutes} minutes"
							aria-current={minutes === view.minutes ? 'true' : undefined}
							data-sveltekit-noscroll
						>
							<BitePail minutes={String(minutes)} {size} full={minutes === view.minutes} />
						</a>
					{/each}
				</div>
			{:else if view.note}
				<p class="note">{view.note}</p>
				{#if view.sittingHref}<p>
						<a class="text-link" href={view.sittingHref} data-sveltekit-noscroll
							>{sittingLink(view.sitting, view.sittingMinutes)}</a
						>
					</p>{/if}
			{/if}
		</div>
		{#if view.kind !== 'clearing'}
			<button class="plain other" aria-expanded={choosing} onclick={() => (choosing = !choosing)}
				>{OTHER_USES.title}<ChevronDown size={18} aria-hidden="true" /></button
			>
			<div class="ways" class:open={choosing}>
				<nav class="offers" aria-label="Ways to use the time">
					{#each offers as offer (offer.name)}<OfferPail {offer} />{/each}
				</nav>
				<WhoAndHow {view} minutes={String(values.minutes ?? view.minutes)} />
			</div>
		{/if}
	</header>

	{#if form && 'message' in form}
		<Notice tone="wrong">
			<span>{form.message}</span>
			{#if 'running' in form && form.running}<a class="text-link" href="/timer/{form.running}">Go to it</a
				>{/if}
		</Notice>
	{/if}
	{#if view.running && !form}
		<Notice
			><span>{view.memberName} has a timed session already.</span><a
				class="text-link"
				href="/timer/{view.running}">Go to it</a
			></Notice
		>
	{/if}
	{#each view.cannot as words (words)}<Notice tone="wrong"><span>{words}</span></Notice>{/each}

	{#if view.kind === 'clearing'}
		<WhoAndHow {view} minutes={String(values.minutes ?? view.minutes)} />
		<ClearingChoice {view} {values} {hidden} />
	{:else}
		<!-- svelte-ignore a11y_no_static_element_interactions -->
		<div
			class="body"
			onpointerenter={() => better.touch(true)}
			onpointerleave={() => better.touch(false)}
			onfocusin={() => better.touch(true)}
			onfocusout={() => better.touch(false)}
		>
			<section class="lanes" aria-labelledby="steps-title">
				<h2 id="steps-title" class="sr">The steps, in order</h2>
				{#if plan.entries.length > 0 && !view.cut}
					<div class="drawn">
						<Strip
							{lanes}
							{names}
							bell={view.minutes}
							rests={view.input.people[0]?.breaks ?? []}
							now={view.now}
							timeZone={view.timeZone}
							clock={view.clock}
						/>
					</div>
				{/if}
				{#if plan.entries.length > 0}
					<InOrder {lanes} {view} bell={view.minutes} />
				{:else}
					<p class="empty">
						The line is clear for {listNames(view.people.map((one) => one.name))}. Take a break, or start a
						session for somebody else.
					</p>
				{/if}
			</section>
			<aside aria-labelledby="aside-title">
				<h2 id="aside-title">Left out, and why</h2>
				{#if aside.length === 0 && view.later === 0}<p class="dim">Nothing. Everything fits.</p>{/if}
				{#if view.laterHref}<p class="dim">
						{laterText(view.later)}
						<a class="text-link" href={view.laterHref} data-sveltekit-noscroll>{laterLink(view.later)}</a>
					</p>{/if}
				<ul>
					{#each aside as one (one.job)}
						<li>
							<Glyph name={one.tag.glyph} size={24} turns={one.tag.lateTurns} /><span
								><b>{one.tag.name}</b><br /><span class="dim">{one.why}</span></span
							>
							<a class="text-link" href={one.href} data-sveltekit-noscroll aria-label="Add {one.tag.name}"
								>Add it anyway</a
							>
						</li>
					{/each}
				</ul>
			</aside>
		</div>

		<footer class="linen">
			{#if plan.entries.length > 0 && !view.cut}<div>
					<ChancePegs {chance} />
					{#if view.brimHref}<a class="text-link" href={view.brimHref} data-sveltekit-noscroll
							>{view.brim ? FILL_UP.less : FILL_UP.more}</a
						>{/if}
				</div>{/if}
			<p class="along">
				{#if along.length > 0}<b>Take with you</b><br />{along.join(', ')}{:else if view.cut}What is not
					finished stays on today’s list.{:else}A bell rings at the end. A locked phone rings only while this
					page keeps it awake.{/if}
			</p>
			<form method="post" action="/timer?/start" use:once>
				<input type="hidden" name="id" value={view.formId} />
				{@render hidden()}
				{#if !view.cut}<input type="hidden" name="plan" value={entries} />{/if}
				{#if plan.entries.length > 0}<button class="sign" data-settled={better.settled ? 'yes' : undefined}
						>Start</button
					>{:else}<a class="sign" href="/">Back to Today</a>{/if}
			</form>
		</footer>
	{/if}
</div>

<Insecure />

<style>
	.fill {
		--edge: calc(var(--page-edge) - var(--rim));
		flex: 1;
		display: flex;
		flex-direction: column;
	}
	header {
		display: grid;
		grid-template-columns: minmax(300px, 340px) 1fr;
		gap: 16px 30px;
		align-items: start;
		padding: 18px var(--edge) 0;
	}
	header p,
	.dim {
		margin: 6px 0 0;
		color: var(--tin-text);
	}
	.note {
		max-width: 34ch;
	}
	.shelf {
		display: flex;
		align-items: flex-end;
		justify-content: space-between;
		gap: 4px;
		margin-top: 14px;
		border-bottom: 4px solid var(--tin-1);
	}
	.shelf a :global(svg) {
		max-width: 100%;
		height: auto;
	}
	.shelf a {
		display: grid;
		place-items: end center;
		min-width: 44px;
		min-height: 48px;
		border-radius: 8px;
	}
	.offers {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
		gap: 14px;
	}
	.ways {
		min-width: 0;
	}
	.other {
		display: none;
	}
	.body {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 1fr) 250px;
		gap: 36px;
		padding: 12px var(--edge) 24px;
	}
	.drawn {
		margin-bottom: 22px;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.empty {
		margin: 24px 0;
		font-size: 1.125rem;
	}
	aside li {
		display: grid;
		grid-template-columns: 24px minmax(0, 1fr) auto;
		gap: 10px;
		align-items: start;
		overflow-wrap: anywhere;
		padding: 10px 0;
		border-bottom: 1px solid var(--tin-1);
	}
	aside .text-link {
		white-space: nowrap;
	}
	footer {
		position: sticky;
		bottom: var(--rim);
		z-index: 5;
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 24px;
		padding: 14px var(--edge) 18px;
		border-top: var(--stitch);
	}
	.along {
		flex: 1;
		margin: 0;
		padding-left: 24px;
		border-left: var(--stitch);
		color: var(--tin-text);
	}
	.along b {
		color: var(--ink);
	}
	footer .sign {
		min-width: 240px;
	}
	@media (max-width: 900px) {
		header {
			grid-template-columns: 1fr;
			padding: 14px 15px 0;
			gap: 14px;
		}
		.offers {
			grid-template-columns: 1fr;
			gap: 6px;
		}
		.drawn {
			display: none;
		}
		@media (scripting: enabled) {
			.other {
				display: inline-flex;
				align-items: center;
				justify-content: center;
				gap: 8px;
			}
			.ways:not(.open) {
				display: none;
			}
		}
		.body {
			grid-template-columns: 1fr;
			gap: 24px;
			padding: 14px 15px 20px;
		}
		footer {
			bottom: calc(62px + env(safe-area-inset-bottom));
			flex-wrap: wrap;
			gap: 8px;
			padding: 10px 15px 14px;
		}
		.along {
			display: none;
		}
		footer form,
		footer .sign {
			width: 100%;
		}
	}
</style>
