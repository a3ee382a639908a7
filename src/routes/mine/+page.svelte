<script lang="ts">
	import Button from '$ui/kit/Button.svelte';
	import { MINE_PAGE } from '$words/screens/mine';
	import More from '$ui/kit/More.svelte';
	import { SHEET } from '$words/today';
	/** The own page of a child or helper: the next thing large, the others below, the gate, help. */
	import Choice from '$ui/kit/Choice.svelte';
	import { CALL } from '$words/people';
	import ActForm from '$ui/ActForm.svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import Peg from '$ui/glyphs/Peg.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Thing from '$ui/mine/Thing.svelte';
	import FreeThings from '$ui/mine/FreeThings.svelte';
	import Cares from '$ui/supplies/Cares.svelte';
	import Notice from '$ui/Notice.svelte';
	import { minutesText } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const wrong = $derived(
		form && 'message' in form && !('undo' in form) && typeof form.message === 'string' ? form.message : null
	);
	const where = (one: { room: string; beside: string; minutes: number }) =>
		`${one.room}${one.beside ? `, with ${one.beside}` : ''}, ${minutesText(one.minutes)} ${one.minutes === 1 ? 'minute' : 'minutes'}`;
	const gateDone = $derived(view.gate ? view.gate.of - view.gate.left : 0);
</script>

<svelte:head><title>{MINE_PAGE.pailRound(view.name)}</title></svelte:head>

<section
	class="relative w-[min(760px,100%)] mx-auto px-6 pt-3 pb-7 flex flex-col gap-3.5 flex-1 max-sm:px-3.75 max-sm:pt-2.5 max-sm:pb-4.5"
>
	<header class="flex flex-wrap justify-between items-center gap-x-3">
		<h1 class="min-w-0 text-[2.375rem] wrap-anywhere">{view.name}</h1>
		<p class="m-0 text-tag font-name">{view.words}</p>
	</header>
	<svg
		class="relative left-[calc(50%_-_50vw)] -mt-2.5 -mb-7.5 h-6.5 w-[100vw] max-w-none shrink-0 self-start pointer-events-none"
		viewBox="0 0 1000 30"
		preserveAspectRatio="none"
		aria-hidden="true"
		><path
			d="M0 8Q420 26 1000 2"
			fill="none"
			stroke="var(--ink)"
			stroke-width="3"
			vector-effect="non-scaling-stroke"
		/></svg
	>
	{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
	{#each view.swaps as swap (swap.id)}
		<div
			class="flex flex-wrap gap-3.5 items-center py-2.5 px-4.5 bg-enamel-hi [box-shadow:0_0_0_1.5px_var(--tin-2)] rounded-[6px]"
		>
			<p class="flex-[1_1_220px] text-lead">{swap.words}</p>
			<ActForm action="?/swap" values={{ swap: swap.id, answer: 'yes' }} then={{ withoutId: true }}
				><Button type="submit">{MINE_PAGE.yesIWillDoIt}</Button></ActForm
			>
			<ActForm action="?/swap" values={{ swap: swap.id, answer: 'no' }} then={{ withoutId: true }}
				><Button type="submit">{MINE_PAGE.noThanks}</Button></ActForm
			>
		</div>
	{/each}
	{#if view.next}
		{@const next = view.next}
		<article
			class="relative mt-1.5 px-5.5 pt-7.5 pb-10 bg-enamel-hi border-2 border-cobalt-ink rounded-[6px] shadow-next grid grid-cols-[auto_1fr] gap-x-8.5 gap-y-3.5 items-center max-sm:grid-cols-[1fr] max-sm:px-4.5 max-sm:pt-6 max-sm:pb-9 max-sm:gap-1"
			data-line={next.line}
		>
			<span class="absolute -top-5 [transform:scale(1.25)] left-8.5" aria-hidden="true"><Peg /></span><span
				class="absolute -top-5 [transform:scale(1.25)] right-8.5"
				aria-hidden="true"><Peg /></span
			>
			<div class="grid place-items-center py-1.5 px-3"><Thing name={next.thing} size={220} /></div>
			<div class="said">
				<h2 class="text-[2.375rem] leading-display">{next.name}</h2>
				<p class="mt-2 mb-3.5 text-tag text-tin-text">{where(next)}</p>
				{#if next.back}<p class="mt-2 mb-3.5 text-tag text-ink">
						<b>{MINE_PAGE.oneThingBack(next.back.toLowerCase())}</b>
					</p>{/if}
				{#if next.cautions.length > 0}<div class="mb-3.5 grid gap-1.5">
						<Cares lines={next.cautions} compact />
					</div>{/if}
				{#each next.notes as words, i (i)}<p class="mb-3.5 text-lead whitespace-pre-line wrap-anywhere">
						<b>{SHEET.note}</b>
						{words}
					</p>{/each}
				{#if next.state === 'look'}
					<Button
						kind="solid"
						size="large"
						class="w-full min-h-18! text-[1.75rem]!"
						href="/mine/look/{encodeURIComponent(next.line)}">{MINE_PAGE.lastCheck}</Button
					>
				{:else if view.pail}
					<Button kind="solid" size="large" class="w-full min-h-18! text-[1.75rem]!" href="/timer/{view.pail}"
						>{MINE_PAGE.continue}</Button
					>
				{:else}
					<ActForm
						action="/timer?/start"
						values={{
							id: view.formId,
							line: next.line,
							member: view.member,
							minutes: Math.max(1, Math.ceil(next.minutes))
						}}
					>
						<Button kind="solid" size="large" type="submit" class="w-full min-h-18! text-[1.75rem]!"
							>{MINE_PAGE.start}</Button
						>
					</ActForm>
				{/if}
				{#if next.state === 'todo'}
					<div class="small flex flex-wrap gap-x-4.5 gap-y-2.5 items-center justify-between mt-3">
						<ActForm
							action="?/tick"
							values={{ line: next.line, outcome: 'done', date: view.date, by: view.member }}
							><Button type="submit">{MINE_PAGE.doneAlready}</Button></ActForm
						>
						{#if next.could.length > 0}
							<More title={MINE_PAGE.askToSwap} openClass="basis-full">
								<ActForm
									action="?/swap"
									class="flex flex-wrap items-end gap-2.5"
									values={{ turn: `${next.line}@${view.date}` }}
								>
									<Choice
										label={MINE_PAGE.ask}
										name="to"
										options={next.could.map((one) => ({ value: one.id, label: one.name }))}
									/><Button type="submit">{MINE_PAGE.ask}</Button>
								</ActForm>
							</More>
						{/if}
					</div>
				{/if}
			</div>
			{#if next.weave}<span class="absolute top-auto right-0 bottom-2 left-0 h-3.5"
					><Weave weave={next.weave} /></span
				>{/if}
		</article>
	{:else}
		<p class={['text-center font-display text-[2rem]', view.free.length > 0 ? 'my-5' : 'my-10']}>
			{view.free.length > 0 ? MINE_PAGE.nothingLeftOfYours : MINE_PAGE.nothingLeftToDo}
		</p>
	{/if}
	<ul class="grid gap-3">
		{#each view.things as one (one.line)}
			{@const over = one.state === 'done' || one.state === 'looked'}
			<li
				class="linen relative grid grid-cols-[112px_1fr_auto] gap-x-4.5 gap-y-1.5 items-center px-4.5 pt-3.5 pb-6.5 shadow-cloth max-sm:grid-cols-[84px_1fr_auto] max-sm:gap-x-3 max-sm:gap-y-1.5 max-sm:px-3 max-sm:pt-3 max-sm:pb-6"
				class:over
				data-line={one.line}
			>
				<Thing name={one.thing} size={104} faded={over} />
				<div>
					<h3 class={['font-text text-h3 font-name', over && 'text-tin-text']}>{one.name}</h3>
					{#if over}
						<p class="mt-0.5 text-lead text-tin-text flex items-center gap-2">
							<Glyph name="done" size={28} />
							{one.words}
						</p>
					{:else if one.state === 'look'}
						<p class="mt-0.5 text-lead text-tin-text">
							<Button kind="link" href="/mine/look/{encodeURIComponent(one.line)}">{one.words}</Button>
						</p>
					{:else}
						<p class="mt-0.5 text-lead text-tin-text">{where(one)}{one.words ? `, ${one.words}` : ''}</p>
						{#if one.back}<p class="mt-0.5 text-lead text-ink">
								<b>{MINE_PAGE.oneThingBack(one.back.toLowerCase())}</b>
							</p>{/if}
					{/if}
				</div>
				{#if one.cautions.length > 0}<div class="order-last col-span-full grid gap-1.5">
						<Cares lines={one.cautions} compact />
					</div>{/if}
				{#if one.state === 'todo'}
					<ActForm
						class="tick"
						action="?/tick"
						values={{ line: one.line, outcome: 'done', date: view.date, by: view.member }}
						><Button type="submit">{MINE_PAGE.done}</Button></ActForm
					>
				{:else if one.entry && one.state === 'done'}
					<ActForm class="tick" action="?/undo" values={{ of: one.entry, date: view.date }}
						><Button kind="link" type="submit">{MINE_PAGE.notYet}</Button></ActForm
					>
				{/if}
				{#if one.weave}<span class="absolute top-auto right-0 bottom-2 left-0 h-2.5 bottom-1.25"
						><Weave weave={one.weave} /></span
					>{/if}
			</li>
		{/each}
	</ul>
	{#if view.free.length > 0}<FreeThings {view} {where} />{/if}
	{#if view.growing.length > 0}
		<p class="text-lead">{MINE_PAGE.toPractise} <b>{view.growing.join('; ')}</b></p>
	{/if}
	{#if view.ribbon}
		<div
			class="flex gap-3.5 items-center py-2.5 px-4.5 bg-enamel-hi [box-shadow:0_0_0_1.5px_var(--tin-2)] rounded-[6px] flex-nowrap"
		>
			<svg width="40" height="40" viewBox="0 0 32 32" aria-hidden="true"
				><path
					d="M16 14Q6 4 5 12T16 14Q26 4 27 12T16 14M16 15L9 28M16 15L23 28"
					fill="none"
					stroke="var(--cobalt-ink)"
					stroke-width="2.6"
					stroke-linecap="round"
					stroke-linejoin="round"
				/><circle cx="16" cy="14" r="2.8" fill="var(--cobalt-ink)" /></svg
			>
			<p class="flex-[1_1_220px] text-lead">
				<b>{MINE_PAGE.youAreTodaysCaptain}</b><br />
				{#if view.ribbon.duties.length}{view.ribbon.duties.join(', ')}.{/if}
				{#if view.ribbon.choices.length}{MINE_PAGE.youChoose(
						view.ribbon.choices.join(', ').toLowerCase()
					)}{/if}
			</p>
		</div>
	{/if}
	{#if view.gate}
		<div
			class="linen flex gap-5.5 items-center -mx-6 py-3 px-7.5 [border-block:1px_solid_var(--linen-deep)] max-sm:my-0 max-sm:-mx-3.75 max-sm:py-3 max-sm:px-4.5"
		>
			<svg class="flex-none" width="132" height="92" viewBox="0 0 132 92" aria-hidden="true">
				<rect x="18" y="14" width="108" height="72" rx="10" fill="var(--ink)" />
				<rect x="26" y="22" width="92" height="56" rx="3" fill="var(--cobalt-wash)" />
				{#if view.gate.left > 0}
					{@const w = 20 + (92 * view.gate.left) / view.gate.of}
					<path
						d="M2 6Q{w / 3} 2 {w / 2} 6T{w} 4V76Q{(w * 2) / 3} 70 {w / 2} 74T2 74Z"
						fill="var(--enamel-hi)"
						stroke="var(--cobalt-ink)"
						stroke-width="2.4"
					/>
					{#each Array.from({ length: view.gate.left }, (_, i) => i) as i (i)}
						{@const x = 2 + (w * (i + 1)) / (view.gate.left + 1)}
						<path d="M{x} 8V72" stroke="var(--cobalt-ink)" stroke-width="2.6" stroke-dasharray="7 5" />
					{/each}
				{/if}
			</svg>
			<div>
				<h3 class="font-text text-h3 font-name">
					{view.gate.left > 0
						? MINE_PAGE.leftBefore(view.gate.left, view.gate.name)
						: MINE_PAGE.choresDoneNow(view.gate.name)}
				</h3>
				<p class="mt-0.5 text-lead text-tin-text">
					{view.gate.left > 0
						? gateDone > 0
							? MINE_PAGE.eachChoreDoneBringsIt
							: MINE_PAGE.theFirstChoreDoneBrings
						: MINE_PAGE.allChoresAreDone}
				</p>
			</div>
		</div>
	{/if}
	<div class="mt-auto">
		{#if view.calling}
			<p class="m-0 font-name" role="status">{CALL.called}</p>
			<ActForm action="?/came" then={{ withoutId: true }}
				><button
					class="w-full min-h-18 border-[2.5px] rounded-[var(--r-giant)] bg-enamel-hi font-text font-name border-cobalt-ink text-cobalt-ink text-tag"
					>{CALL.notNeeded}</button
				></ActForm
			>
		{:else}
			<ActForm action="?/help" values={{ line: view.next?.line ?? '' }}
				><button
					class="w-full min-h-18 border-[2.5px] border-tin-2 rounded-[var(--r-giant)] bg-enamel-hi text-ink font-text text-[1.375rem] font-name"
					>{CALL.help}</button
				></ActForm
			>
		{/if}
	</div>
</section>

<style>
	@media (max-width: 640px) {
		li > :global(svg) {
			width: 84px;
			height: auto;
		}
	}
</style>
