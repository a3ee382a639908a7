<script lang="ts">
	import { LAUNDRY_PAGE } from '$words/screens/laundry';
	import { readAnew } from '$ui/connection.svelte';
	import HouseBells from '$ui/HouseBells.svelte';
	import Basket from '$ui/laundry/Basket.svelte';
	import Empty from '$ui/kit/Empty.svelte';
	import AddLoad from '$ui/laundry/AddLoad.svelte';
	import DoneBy from '$ui/laundry/DoneBy.svelte';
	import Lines from '$ui/laundry/Lines.svelte';
	import Pile from '$ui/laundry/Pile.svelte';
	import Shelf from '$ui/laundry/Shelf.svelte';
	import Notice from '$ui/Notice.svelte';
	import { LAUNDRY, onTheWay, toWashTitle } from '$words/laundry';
	let { data, form } = $props();
	const view = $derived(data.view);
	const toWash = $derived(view.waiting.length + view.jobs.length);
	const saved = $derived(form && 'saved' in form ? form.saved : null);
</script>

<svelte:head><title>{LAUNDRY_PAGE.pailRound(LAUNDRY.title)}</title></svelte:head>

<div class="flex flex-1 flex-col">
	<HouseBells
		waits={view.going.flatMap(({ name, act, fetchAt, hurryAt, heard }) =>
			heard && fetchAt !== null ? [{ label: name, where: act, fetchAt, hurryAt }] : []
		)}
		now={view.now}
		onring={() => void readAnew('app:laundry').catch(() => undefined)}
	/>
	<header class="grid px-edge pt-3.5 min-[900px]:grid-cols-[222px_1fr]">
		<div>
			<h1>{LAUNDRY.title}</h1>
			<p class="mt-1.5 mb-0 text-tin-text">{view.weekday}, {view.time}. {onTheWay(view.going.length)}</p>
		</div>
		<Shelf />
	</header>
	<div class="grid gap-2 px-edge pt-2 empty:hidden">
		{#if form && 'message' in form && form.message}<Notice
				tone={form && 'field' in form ? 'wrong' : undefined}><span>{form.message}</span></Notice
			>{/if}
		{#if saved}<Notice><span>{saved}</span></Notice>{/if}
	</div>
	{#if view.going.length > 0}<Lines {view} />{/if}
	<section
		class="linen mt-4 grid flex-1 content-start gap-x-10 gap-y-6 px-edge [border-top:var(--stitch)] pt-4 pb-6 min-[900px]:grid-cols-2"
	>
		<div class="min-w-0">
			{#if toWash > 0}
				<h2 class="m-0 mb-2">{toWashTitle(toWash)}</h2>
				<Pile {view} />
			{:else}
				<Empty title={toWashTitle(0)} line={LAUNDRY.empty}
					>{#snippet drawing()}<Basket size={96} empty />{/snippet}</Empty
				>
			{/if}
		</div>
		<div class="min-w-0">
			<h2 class="m-0 mb-2">{LAUNDRY.doneBy}</h2>
			<DoneBy {view} />
			<h2 class="mt-8 mb-2">{LAUNDRY.add}</h2>
			<AddLoad {view} />
		</div>
	</section>
</div>
