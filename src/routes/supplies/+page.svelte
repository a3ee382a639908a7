<script lang="ts">
	import { SUPPLIES_PAGE } from '$words/screens/supplies';
	import Button from '$ui/kit/Button.svelte';
	import Sheet from '$ui/kit/Sheet.svelte';
	import Notice from '$ui/Notice.svelte';
	import AddProducts from '$ui/supplies/AddProducts.svelte';
	import Ask from '$ui/supplies/Ask.svelte';
	import ProductForm from '$ui/supplies/ProductForm.svelte';
	import ProductPanel from '$ui/supplies/ProductPanel.svelte';
	import Runner from '$ui/supplies/Runner.svelte';
	import Shelves from '$ui/supplies/Shelves.svelte';
	import { SUPPLIES } from '$words/supplies/cupboard';
	let { data, form } = $props();
	const view = $derived(data.view);
	let sheet = $state<'add' | 'change' | null>(null);
	const close = () => (sheet = null);
	const said = $derived(
		form && 'message' in form ? form.message : form && 'saved' in form ? form.saved : null
	);
	const counts = $derived(
		[view.low > 0 ? `${view.low} low` : '', view.out > 0 ? `${view.out} out` : ''].filter(Boolean).join(', ')
	);
</script>

<svelte:head><title>{SUPPLIES_PAGE.pailRound(SUPPLIES.title)}</title></svelte:head>

<div class="flex flex-1 flex-col">
	<header class="flex flex-wrap items-start gap-x-10 gap-y-4 px-edge pt-3.5">
		<div class="min-w-[210px]">
			<h1>{SUPPLIES.heading}</h1>
			<p class="mt-1 mb-2 text-tin-text">
				{SUPPLIES.products(view.products.length)}{#if counts}, <b class="text-brass-text">{counts}</b>{/if}
			</p>
			{#if view.mayEdit && view.products.length > 0}
				<Button onclick={() => (sheet = 'add')}>{SUPPLIES.add}</Button>
			{/if}
		</div>
		{#if view.products.length > 0}
			<div class="min-w-0 flex-1 basis-[420px]"><Ask {view} /></div>
		{/if}
	</header>
	{#if said}<div class="px-edge pt-2">
			<Notice tone={form && 'message' in form ? 'wrong' : undefined}><span>{said}</span></Notice>
		</div>{/if}
	{#if view.products.length === 0}
		<section class="mx-auto w-full max-w-[760px] px-edge py-6">
			<h2 class="mt-0 mb-2">{SUPPLIES.addTitle}</h2>
			<p class="mt-0 mb-4 text-lead">{SUPPLIES.emptyLead}</p>
			{#if view.mayEdit}<AddProducts {view} onsaved={close} />{/if}
		</section>
	{:else}
		<div
			class="grid min-w-0 items-start gap-x-6 gap-y-5 px-edge pt-2 pb-7 {view.chosen
				? 'md:grid-cols-[1fr_356px]'
				: ''}"
		>
			<div class="min-w-0"><Shelves products={view.products} chosen={view.chosen?.id ?? null} /></div>
			{#if view.chosen}
				{#key view.chosen.id}<ProductPanel
						{view}
						product={view.chosen}
						onchange={() => (sheet = 'change')}
					/>{/key}
			{/if}
		</div>
	{/if}
	<Runner {view} />
</div>

{#if sheet === 'add'}
	<Sheet title={SUPPLIES.addTitle} onclose={close}><AddProducts {view} onsaved={close} /></Sheet>
{:else if sheet === 'change' && view.chosen}
	<Sheet title={view.chosen.name} onclose={close}
		><ProductForm {view} product={view.chosen} onsaved={close} /></Sheet
	>
{/if}
