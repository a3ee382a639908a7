<script lang="ts">
	/** The look-round from the child's side: alone, point by point, with somebody else's eyes. */
	import Button from '$ui/kit/Button.svelte';
	import { MINE_LOOK_LINE_PAGE } from '$words/screens/mine';
	import ActForm from '$ui/ActForm.svelte';
	import Weave from '$ui/glyphs/Weave.svelte';
	import Furniture from '$ui/house/Furniture.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const point = $derived(view.points[view.at] ?? '');
	const next = $derived(view.points[view.at + 1] ?? null);
	const wrong = $derived(form && 'message' in form ? form.message : null);
	let fixing = $state(-1);
	const here = $derived(`/mine/look/${encodeURIComponent(view.line)}`);
	/** Where the hoop hangs: each point of the room has a place of its own. */
	const PLACES = [
		[120, 128],
		[230, 90],
		[330, 120],
		[180, 60],
		[285, 135],
		[90, 80]
	] as const;
	const place = $derived(PLACES[view.at % PLACES.length] ?? PLACES[0]);
</script>

<svelte:head><title>{MINE_LOOK_LINE_PAGE.lastCheckPailRound(view.name)}</title></svelte:head>

<section
	class="w-[min(760px,100%)] mx-auto px-6 pt-3.5 pb-6 flex flex-col gap-3.5 flex-1 max-sm:px-3.75 max-sm:pt-2.5 max-sm:pb-3.75"
>
	<header class="flex items-center gap-3.5">
		{#if view.number}<span class="plate">{view.number}</span>{/if}
		<p class="flex-1 text-lead font-name">{MINE_LOOK_LINE_PAGE.doesTheLastCheck(view.member, view.room)}</p>
		<Button href="/mine">{MINE_LOOK_LINE_PAGE.stop}</Button>
	</header>
	<div
		class="room relative -mx-6 aspect-[400/214] max-h-[44vh] bg-enamel-hi overflow-hidden max-sm:my-0 max-sm:-mx-3.75"
		aria-hidden="true"
	>
		{#if view.weave}<span class="absolute inset-0 opacity-45"><Weave weave={view.weave} /></span>{/if}
		<svg viewBox="0 0 400 220" preserveAspectRatio="xMidYMax meet">
			<path d="M0 4H400" stroke="var(--cobalt)" stroke-width="6" />
			<path d="M0 214H400" stroke="var(--cobalt)" stroke-width="8" />
			<path
				d="M90 4V36M78 58L84 36H96L102 58Z"
				fill="var(--enamel-hi)"
				stroke="var(--ink)"
				stroke-width="3"
			/>
			<path
				d="M318 210V84H378V210M328 98H368V140H328Z"
				fill="var(--enamel-hi)"
				stroke="var(--ink)"
				stroke-width="3"
			/>
			<circle cx="327" cy="158" r="4" fill="var(--ink)" />
			<g transform="translate(60 210) scale(2.1)"><Furniture kind={view.kind} x={0} y={0} w={110} /></g>
			<g transform="translate({place[0]} {place[1]})">
				<circle r="62" fill="none" stroke="var(--enamel-hi)" stroke-width="15" />
				<circle r="62" fill="none" stroke="var(--wood-deep)" stroke-width="11" />
				<circle r="62" fill="none" stroke="var(--wood)" stroke-width="8" />
				<rect x="-8" y="-72" width="16" height="14" rx="4" fill="var(--tin-2)" stroke="var(--ink)" />
			</g>
		</svg>
	</div>
	<div class="flex-1">
		<p class="count flex items-center gap-4 text-cobalt-ink text-tag">
			<b>{MINE_LOOK_LINE_PAGE.lookOf(view.at + 1, view.points.length)}</b>
			<span class="flex gap-2.5" aria-hidden="true"
				>{#each view.points as _, i (i)}<span
						class={[
							'w-8.5 rounded-[4px]',
							i <= view.at ? 'h-2.25 -mt-0.75 bg-cobalt-ink' : 'h-0.75 bg-tin-2'
						]}
					></span>{/each}</span
			>
		</p>
		<h1 class="mt-1.5 mb-2 text-[2.625rem]">{point}</h1>
		<p class="mb-3 text-[1.25rem]">
			{MINE_LOOK_LINE_PAGE.questions[view.at % MINE_LOOK_LINE_PAGE.questions.length]}
		</p>
		<p class="dim mb-4">
			{#if next}{MINE_LOOK_LINE_PAGE.next(next.toLowerCase())}{/if}
			{MINE_LOOK_LINE_PAGE.atTheEndLooksToo(view.looksToo)}
		</p>
		{#if wrong}<Notice tone="wrong"><span>{wrong}</span></Notice>{/if}
		{#if fixing === view.at}
			<p role="status"><b>{MINE_LOOK_LINE_PAGE.goodThatYouSawIt}</b></p>
		{:else}
			<button
				class="w-full min-h-16.5 border-[2.5px] border-tin-2 rounded-[var(--r-giant)] bg-enamel-hi text-ink text-[1.25rem] font-name"
				onclick={() => (fixing = view.at)}>{MINE_LOOK_LINE_PAGE.notYetIWillFix}</button
			>
		{/if}
	</div>
	{#if next}
		<Button
			kind="link"
			class="grid! place-items-center w-full min-h-[max(120px,16vh)]! border-0! rounded-[var(--r-giant)]! bg-cobalt! text-on-cobalt [box-shadow:var(--sign-keyline)] font-text! text-[2rem]! font-name! no-underline"
			href="{here}?at={view.at + 2}"
			data-sveltekit-replacestate>{MINE_LOOK_LINE_PAGE.itIsFineNext}</Button
		>
	{:else}
		<ActForm action="?/done" values={{ id: view.formId }}
			><Button
				kind="link"
				type="submit"
				class="grid! place-items-center w-full min-h-[max(120px,16vh)]! border-0! rounded-[var(--r-giant)]! bg-cobalt! text-on-cobalt [box-shadow:var(--sign-keyline)] font-text! text-[2rem]! font-name! no-underline"
				>{MINE_LOOK_LINE_PAGE.allChecked}</Button
			></ActForm
		>
	{/if}
</section>

<style>
	.room svg:not(:global(.weave)) {
		position: relative;
		width: 100%;
		height: 100%;
	}
</style>
