<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { ROOMY } from '$ui/kit/styles';
	import { TIMER_PAGE } from '$words/screens/session';
	import { onMount } from 'svelte';
	import BitePail from '$ui/glyphs/BitePail.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import OtherUses from '$ui/session/OtherUses.svelte';
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
	import { asideOf, laterLink, laterText, missingIn, offerWhy, takeAlong } from '$words/offer';
	import { SHEET } from '$words/today';
	import { FILL_UP, NOTHING, sittingLink } from '$words/session';
	import Empty from '$ui/kit/Empty.svelte';
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
	const missing = $derived(missingIn(plan, view.jobs));
	const names = $derived(Object.fromEntries(view.people.map((one) => [one.id, one.name])));
	const entries = $derived(
		JSON.stringify(plan.entries.map((e) => [e.job, e.step, e.person, e.start, e.end]))
	);
	const values = $derived(form && 'values' in form ? (form.values as Record<string, string>) : {});
	let choosing = $state(false);
	const chosen = $derived(view.offers.find((offer) => offer.chosen));
</script>

<svelte:head><title>{TIMER_PAGE.pailRound(view.title)}</title></svelte:head>

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

<div
	class="[--edge:calc(var(--page-edge)_-_var(--rim))] flex-1 flex flex-col"
	class:clearing={view.kind === 'clearing'}
>
	<header
		class="grid grid-cols-[minmax(300px,340px)_1fr] gap-x-7.5 gap-y-4 items-start px-(--edge) pt-4.5 max-[901px]:grid-cols-[1fr] max-[901px]:px-3.75 max-[901px]:pt-3.5 max-[901px]:pb-0 max-[901px]:gap-3.5"
	>
		<div class="how-long">
			<h1>{view.title}</h1>
			<p class="mt-1.5 text-tin-text">{view.lead}</p>
			{#if view.kind === 'bite'}
				<div class="shelf flex items-end justify-between gap-1 mt-3.5 border-b-4 border-b-tin-1">
					{#each sizes as { minutes, size } (minutes)}
						<a
							class="grid [place-items:end_center] min-w-11 min-h-12 rounded-[8px]"
							href={sizeHref(view, minutes)}
							aria-label={TIMER_PAGE.minutes(minutes)}
							aria-current={minutes === view.minutes ? 'true' : undefined}
							data-sveltekit-noscroll
						>
							<BitePail minutes={String(minutes)} {size} full={minutes === view.minutes} />
						</a>
					{/each}
				</div>
			{:else if view.note}
				<p class="mt-1.5 text-tin-text max-w-[34ch]">{view.note}</p>
				{#if view.sittingHref}<p class="mt-1.5 text-tin-text">
						<Button kind="link" class="inline-block! min-h-7!" href={view.sittingHref} data-sveltekit-noscroll
							>{sittingLink(view.sitting, view.sittingMinutes)}</Button
						>
					</p>{/if}
			{/if}
		</div>
		{#if view.kind !== 'clearing'}
			<OtherUses bind:open={choosing} />
			<div class="ways min-w-0" class:open={choosing}>
				<nav
					class="grid grid-cols-[repeat(auto-fit,minmax(220px,1fr))] gap-3.5 max-[901px]:grid-cols-[1fr] max-[901px]:gap-1.5"
					aria-label={TIMER_PAGE.waysToUseTheTime}
				>
					{#each offers.filter((one) => one.steps > 0) as offer (offer.name)}<OfferPail {offer} />{/each}
				</nav>
				<WhoAndHow {view} minutes={String(values.minutes ?? view.minutes)} />
			</div>
		{/if}
	</header>

	{#if form && 'message' in form}
		<Notice tone="wrong">
			<span>{form.message}</span>
			{#if 'running' in form && form.running}<Button kind="link" href="/timer/{form.running}"
					>{TIMER_PAGE.goToIt}</Button
				>{/if}
		</Notice>
	{/if}
	{#if view.running && !form}
		<Notice
			><span>{TIMER_PAGE.hasATimedSessionAlready(view.memberName)}</span><Button
				kind="link"
				href="/timer/{view.running}">{TIMER_PAGE.goToIt}</Button
			></Notice
		>
	{/if}
	{#each missing as words (words)}<Notice tone="wrong"
			><span>{words}</span><Button kind="link" href="/supplies/list">{SHEET.toBuy}</Button></Notice
		>{/each}
	{#each view.cannot as words (words)}<Notice tone="wrong"><span>{words}</span></Notice>{/each}

	{#if view.kind === 'clearing'}
		<WhoAndHow {view} minutes={String(values.minutes ?? view.minutes)} />
		<ClearingChoice {view} {values} {hidden} />
	{:else}
		<!-- svelte-ignore a11y_no_static_element_interactions -->
		<div
			class="body flex-1 grid grid-cols-[minmax(0,1fr)_250px] gap-9 px-(--edge) pt-3 pb-6 max-[901px]:grid-cols-[1fr] max-[901px]:gap-6 max-[901px]:px-3.75 max-[901px]:pt-3.5 max-[901px]:pb-5"
			onpointerenter={() => better.touch(true)}
			onpointerleave={() => better.touch(false)}
			onfocusin={() => better.touch(true)}
			onfocusout={() => better.touch(false)}
		>
			<section class="lanes" aria-labelledby="steps-title">
				<h2 id="steps-title" class="sr">{TIMER_PAGE.theStepsInOrder}</h2>
				{#if plan.entries.length > 0 && !view.cut}
					<div class="mb-5.5 max-[901px]:hidden">
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
					<Empty
						title={NOTHING.title(listNames(view.people.map((one) => one.name)))}
						line={aside.length > 0 || view.later > 0 ? NOTHING.left : NOTHING.line}
					/>
				{/if}
			</section>
			<aside aria-labelledby="aside-title">
				<h2 id="aside-title">{TIMER_PAGE.leftOutAndWhy}</h2>
				{#if aside.length === 0 && view.later === 0 && view.elsewhere.length === 0}<p
						class="dim mt-1.5 text-tin-text"
					>
						{plan.entries.length > 0 ? TIMER_PAGE.nothingEverythingFits : TIMER_PAGE.nothingWaitsToBeDone}
					</p>{/if}
				{#each view.elsewhere as words (words)}<p class="dim mt-1.5 text-tin-text">{words}</p>{/each}
				{#if view.laterHref}<p class="dim mt-1.5 text-tin-text">
						{laterText(view.later)}
						<Button kind="link" class="whitespace-nowrap" href={view.laterHref} data-sveltekit-noscroll
							>{laterLink(view.later)}</Button
						>
					</p>{/if}
				<ul>
					{#each aside as one (one.job)}
						<li class="flex flex-wrap gap-x-2.5 items-start py-2.5 border-b border-b-tin-1">
							<Glyph name={one.tag.glyph} size={24} turns={one.tag.lateTurns} /><span class={ROOMY}
								><b>{one.tag.name}</b><br /><span class="dim mt-1.5 text-tin-text">{one.why}</span></span
							>
							<Button
								kind="link"
								class="ml-auto whitespace-nowrap"
								href={one.href}
								data-sveltekit-noscroll
								aria-label={TIMER_PAGE.add(one.tag.name)}>{TIMER_PAGE.addItAnyway}</Button
							>
						</li>
					{/each}
				</ul>
			</aside>
		</div>

		<footer
			class="linen sticky bottom-(--rim) z-5 flex items-center justify-between gap-6 px-(--edge) pt-3.5 pb-4.5 [border-top:var(--stitch)] max-[901px]:bottom-[calc(62px_+_env(safe-area-inset-bottom))] max-[901px]:flex-wrap max-[901px]:gap-2 max-[901px]:px-3.75 max-[901px]:pt-2.5 max-[901px]:pb-3.5"
		>
			{#if plan.entries.length > 0 && !view.cut}<div>
					<ChancePegs {chance} />
					{#if view.brimHref}<Button
							kind="link"
							class="inline-block! min-h-7!"
							href={view.brimHref}
							data-sveltekit-noscroll>{view.brim ? FILL_UP.less : FILL_UP.more}</Button
						>{/if}
				</div>{/if}
			<p
				class="flex-1 pl-6 not-empty:[border-left:var(--stitch)] text-tin-text max-[901px]:basis-full max-[901px]:border-0 max-[901px]:pl-0 {along.length >
				0
					? ''
					: 'max-[901px]:hidden'}"
			>
				{#if along.length > 0}<b class="text-ink">{TIMER_PAGE.takeWithYou}</b><br />{along.join(
						', '
					)}{:else if view.cut}{TIMER_PAGE.whatIsNotFinishedStays}{:else if plan.entries.length > 0}{TIMER_PAGE.aBellRingsAtThe}{/if}
			</p>
			<form class="max-[901px]:w-full" method="post" action="/timer?/start" use:once>
				<input type="hidden" name="id" value={view.formId} />
				{@render hidden()}
				{#if !view.cut}<input type="hidden" name="plan" value={entries} />{/if}
				{#if plan.entries.length > 0}<Button
						kind="solid"
						size="large"
						type="submit"
						class="min-w-60 max-[901px]:w-full"
						data-settled={better.settled ? 'yes' : undefined}>{TIMER_PAGE.start}</Button
					>{:else}<Button kind="solid" size="large" class="min-w-60 max-[901px]:w-full" href="/"
						>{TIMER_PAGE.backToToday}</Button
					>{/if}
			</form>
		</footer>
	{/if}
</div>

<Insecure />

<style>
	.shelf a :global(svg) {
		max-width: 100%;
		height: auto;
	}
	@media (max-width: 900px) {
		@media (scripting: enabled) {
			.ways:not(.open) {
				display: none;
			}
		}
	}
</style>
