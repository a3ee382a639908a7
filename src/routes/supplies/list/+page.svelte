<script lang="ts">
	/** The list to buy, for the hand in the shop: a tick is bought, with or without a connection. */
	import { SUPPLIES_LIST_PAGE } from '$words/screens/supplies';
	import ActForm from '$ui/ActForm.svelte';
	import Button from '$ui/kit/Button.svelte';
	import Check from '$ui/kit/Check.svelte';
	import Empty from '$ui/kit/Empty.svelte';
	import { say } from '$ui/kit/messages';
	import TextField from '$ui/kit/TextField.svelte';
	import Notice from '$ui/Notice.svelte';
	import { ShoppingOutbox } from '$ui/supplies/shoppingOutbox.svelte';
	import type { ToBuyView } from '$views/supplies';
	import { BUYING } from '$words/supplies/buying';
	import { SUPPLIES } from '$words/supplies/cupboard';
	import { onMount } from 'svelte';
	let { data, form } = $props();
	const outbox = new ShoppingOutbox();
	onMount(() => {
		outbox.recall();
		return () => outbox.stop();
	});
	/** What was ticked on this page stays in its place, struck, until the page is left. */
	let bought = $state<readonly ToBuyView[]>([]);
	const rows = $derived([
		...data.view.list.map((one) => ({ ...one, isBought: outbox.levelOf(one.id) === 'plenty' })),
		...bought
			.filter((one) => !data.view.list.some((known) => known.id === one.id))
			.map((one) => ({ ...one, isBought: outbox.levelOf(one.id) !== one.level }))
	]);
	function tick(one: ToBuyView, on: boolean) {
		if (on && !bought.some((known) => known.id === one.id)) bought = [...bought, one];
		outbox.tick(one.id, on ? 'plenty' : one.level);
	}
	async function share() {
		const text = data.view.list.map((one) => `- ${one.name}`).join('\n');
		if (navigator.share) return void navigator.share({ text }).catch(() => undefined);
		await navigator.clipboard.writeText(text);
		await say(BUYING.copied);
	}
</script>

<svelte:head><title>{SUPPLIES_LIST_PAGE.pailRound(BUYING.title)}</title></svelte:head>

<section
	class="grid content-start gap-x-10 gap-y-4 px-edge pt-3.5 pb-7 md:grid-cols-[1fr_minmax(280px,420px)]"
>
	<header class="md:col-span-2">
		<p class="mt-0 mb-1 print:hidden">
			<Button kind="link" class="inline-block! min-h-7!" href="/supplies">{SUPPLIES.back}</Button>
		</p>
		<h1 class="m-0">{BUYING.title}</h1>
		{#if rows.length > 0}<p class="mt-1 mb-0 text-tin-text print:hidden">{BUYING.lead}</p>{/if}
	</header>
	<div class="grid min-w-0 content-start gap-4">
		{#if outbox.stuck && outbox.waiting.length > 0}<Notice tone="wrong"
				><span>{BUYING.waiting(outbox.waiting.length)}</span></Notice
			>{/if}
		{#if outbox.refusal}<Notice tone="wrong"><span>{outbox.refusal}</span></Notice>{/if}
		{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice
			>{/if}
		{#if rows.length === 0}<Empty title={BUYING.none} line={BUYING.noneLine} />{/if}
		{#if rows.length > 0}
			<ul class="m-0 list-none p-0">
				{#each rows as one (one.id)}
					<li
						class="flex min-h-[60px] items-center gap-x-4 border-b-2 border-dashed border-linen-deep {one.isBought
							? 'text-tin-text [&_label]:line-through'
							: ''}"
					>
						<div class="min-w-0 flex-1 wrap-anywhere">
							<Check label={one.name} checked={one.isBought} onchange={(on) => tick(one, on)} />
						</div>
						<span class="max-w-[45%] shrink-0 text-right text-body text-tin-text wrap-anywhere"
							>{one.isBought ? BUYING.bought : one.words}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
	</div>
	<div class="linen grid min-w-0 content-start gap-4 rounded-button px-5 py-4 print:hidden">
		<ActForm
			action="/supplies/list?/write"
			values={{ id: data.view.formId }}
			then={{ empties: true }}
			class="flex flex-wrap items-end gap-3"
		>
			<div class="min-w-0 flex-1 basis-52">
				<TextField label={BUYING.add} name="name" maxlength={80} placeholder={BUYING.addHint} required />
			</div>
			<Button type="submit">{BUYING.addIt}</Button>
		</ActForm>
		{#if data.view.list.length > 0}
			<p class="m-0 flex flex-wrap gap-3">
				<Button onclick={() => void share()}>{BUYING.share}</Button>
				<Button onclick={() => window.print()}>{BUYING.print}</Button>
				<Button href="/supplies/list/text" download="to-buy.txt">{BUYING.asText}</Button>
			</p>
		{/if}
	</div>
</section>
