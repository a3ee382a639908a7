<script lang="ts">
	/** The last changes of the home, each in words, each with its way back. */
	import { HOUSE_CHANGES_PAGE } from '$words/screens/house';
	import ActForm from '$ui/ActForm.svelte';
	import Button from '$ui/kit/Button.svelte';
	import Empty from '$ui/kit/Empty.svelte';
	import Message from '$ui/kit/Message.svelte';
	import { CHANGES } from '$words/homeChanges';
	let { data, form } = $props();
	const view = $derived(data.view);
</script>

<svelte:head><title>{HOUSE_CHANGES_PAGE.pailRound(CHANGES.title)}</title></svelte:head>

<section class="px-edge py-4">
	<div class="flex flex-wrap items-baseline gap-x-6">
		<h1 class="m-0">{CHANGES.title}</h1>
		<Button kind="link" href="/house">{CHANGES.back}</Button>
	</div>
	{#if view.changes.length > 0}<p class="mt-2 mb-4 max-w-3xl text-lead text-tin-text">{CHANGES.lead}</p>{/if}
	{#if form && 'message' in form && form.message}
		<div class="-mx-edge mb-4"><Message tone="wrong"><span>{form.message}</span></Message></div>
	{:else if form && 'saved' in form && form.saved}
		<div class="-mx-edge mb-4"><Message><span>{form.saved}</span></Message></div>
	{/if}
	{#if view.changes.length === 0}
		<Empty title={CHANGES.none} line={CHANGES.noneLine} />
	{:else}
		<ol class="linen m-0 max-w-4xl list-none rounded-cloth p-0 shadow-cloth">
			{#each view.changes as change (change.revision)}
				<li
					class="flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-linen-deep px-5 py-3 first:border-t-0"
				>
					<span class="w-44 shrink-0 text-tin-text">{change.when}</span>
					<ul class="m-0 min-w-0 flex-1 basis-64 list-none p-0">
						{#each change.texts as text, i (i)}<li class="wrap-anywhere {i === 0 ? 'font-name' : ''}">
								{text}
							</li>{/each}
					</ul>
					<ActForm action="?/undo" values={{ id: view.formId, change: change.revision }}>
						<Button type="submit" aria-label="{CHANGES.undo}: {change.texts[0]}">{CHANGES.undo}</Button>
					</ActForm>
				</li>
			{/each}
		</ol>
	{/if}
</section>
