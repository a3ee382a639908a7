<script lang="ts">
	/** Kits and tools of the home. */
	import { SUPPLIES_KITS_PAGE } from '$words/screens/supplies';
	import Button from '$ui/kit/Button.svelte';
	import BrushCleaning from '@lucide/svelte/icons/brush-cleaning';
	import Empty from '$ui/kit/Empty.svelte';
	import Sheet from '$ui/kit/Sheet.svelte';
	import Notice from '$ui/Notice.svelte';
	import KitForm from '$ui/supplies/KitForm.svelte';
	import KitLetter from '$ui/supplies/KitLetter.svelte';
	import ToolForm from '$ui/supplies/ToolForm.svelte';
	import { KITS } from '$words/supplies/kits';
	import { SUPPLIES } from '$words/supplies/cupboard';
	let { data, form } = $props();
	const view = $derived(data.view);
	let open = $state<{ what: 'kit' | 'tool'; id: string | null } | null>(null);
	const kit = $derived(view.kits.find((one) => one.id === open?.id) ?? null);
	const tool = $derived(view.tools.find((one) => one.id === open?.id) ?? null);
	const close = () => (open = null);
	const nameOf = (id: string) => view.things.find((one) => one.id === id)?.name ?? '';
	const roomOf = (id: string) => view.rooms.find((one) => one.id === id)?.name ?? '';
	const said = $derived(
		form && 'message' in form ? form.message : form && 'saved' in form ? form.saved : null
	);
</script>

{#snippet newKit()}{#if view.mayEdit}<Button onclick={() => (open = { what: 'kit', id: null })}
			>{KITS.addKit}</Button
		>{/if}{/snippet}
{#snippet newTool()}{#if view.mayEdit}<Button onclick={() => (open = { what: 'tool', id: null })}
			>{KITS.addTool}</Button
		>{/if}{/snippet}

<svelte:head><title>{SUPPLIES_KITS_PAGE.pailRound(KITS.title)}</title></svelte:head>

<header class="px-edge pt-3.5">
	<p class="mt-0 mb-1">
		<Button kind="link" class="inline-block! min-h-7!" href="/supplies">{SUPPLIES.back}</Button>
	</p>
	<h1 class="m-0">{KITS.title}</h1>
</header>
{#if said}<div class="px-edge pt-2">
		<Notice tone={form && 'message' in form ? 'wrong' : undefined}><span>{said}</span></Notice>
	</div>{/if}
<div class="grid items-start gap-x-10 gap-y-7 px-edge pt-4 pb-7 md:grid-cols-2">
	<section class="min-w-0">
		<h2 class="mt-0 mb-2">{KITS.kits}</h2>
		{#if view.kits.length === 0}<Empty title={KITS.noKits} line={KITS.noKitsLine}
				>{#snippet drawing()}<span class="flex gap-3"
						>{#each KITS.drawn as one (one.letter)}<KitLetter {...one} />{/each}</span
					>{/snippet}{@render newKit()}</Empty
			>{/if}
		<ul class="m-0 list-none p-0">
			{#each view.kits as one (one.id)}
				<li
					class="flex min-w-0 flex-wrap items-start gap-x-3.5 gap-y-2 border-b-2 border-dashed border-linen-deep py-3"
				>
					<KitLetter letter={one.letter} weave={one.weave} />
					<div class="min-w-0 flex-1 basis-56">
						<b class="wrap-anywhere">{one.name}</b>{#if one.place}<span class="text-tin-text"
								>, {one.place}</span
							>{/if}
						<p class="m-0 text-tin-text wrap-anywhere">
							{KITS.holds(one.name, one.rooms.map(roomOf), one.contents.map(nameOf))}
						</p>
					</div>
					{#if view.mayEdit}<Button
							class="max-sm:ml-[2.6rem]"
							onclick={() => (open = { what: 'kit', id: one.id })}
							aria-label="{SUPPLIES.change}: {one.name}">{SUPPLIES.change}</Button
						>{/if}
				</li>
			{/each}
		</ul>
		{#if view.kits.length > 0}<p class="mt-4 mb-0">{@render newKit()}</p>{/if}
	</section>
	<section class="min-w-0">
		<h2 class="mt-0 mb-2">{KITS.tools}</h2>
		{#if view.tools.length === 0}<Empty title={KITS.noTools} line={KITS.noToolsLine}
				>{#snippet drawing()}<BrushCleaning
						class="size-10 text-cobalt-ink"
						aria-hidden="true"
					/>{/snippet}{@render newTool()}</Empty
			>{/if}
		<ul class="m-0 list-none p-0">
			{#each view.tools as one (one.id)}
				<li class="flex min-w-0 items-center gap-3.5 border-b-2 border-dashed border-linen-deep py-2">
					<span class="min-w-0 flex-1 wrap-anywhere"
						><b>{one.name}</b>{#if one.words}<span class="text-tin-text">, {one.words}</span>{/if}</span
					>
					{#if view.mayEdit}<Button
							onclick={() => (open = { what: 'tool', id: one.id })}
							aria-label="{SUPPLIES.change}: {one.name}">{SUPPLIES.change}</Button
						>{/if}
				</li>
			{/each}
		</ul>
		{#if view.tools.length > 0}<p class="mt-4 mb-0">{@render newTool()}</p>{/if}
	</section>
</div>

{#if open?.what === 'kit'}
	<Sheet title={kit?.name ?? KITS.addKit} onclose={close}><KitForm {view} {kit} onsaved={close} /></Sheet>
{:else if open?.what === 'tool'}
	<Sheet title={tool?.name ?? KITS.addTool} onclose={close}><ToolForm {view} {tool} onsaved={close} /></Sheet>
{/if}
