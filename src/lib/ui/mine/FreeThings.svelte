<script lang="ts">
	/** What is nobody's today and for this one to take, each with its tick; of many the first ones, the rest behind a fold. */
	import type { MineView, ThingView } from '$views/child';
	import { MINE_PAGE } from '$words/screens/mine';
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import More from '../kit/More.svelte';
	import Cares from '../supplies/Cares.svelte';
	import Thing from './Thing.svelte';
	let { view, where }: { view: MineView; where: (one: ThingView) => string } = $props();
	const FIRST = 6;
	const first = $derived(view.free.slice(0, FIRST));
	const rest = $derived(view.free.slice(FIRST));
</script>

{#snippet list(things: readonly ThingView[])}
	<ul class="m-0 grid list-none gap-2 p-0">
		{#each things as one (one.line)}
			<li
				class="linen grid grid-cols-[56px_1fr_auto] items-center gap-x-4 gap-y-1.5 px-4 py-2.5 shadow-cloth max-sm:gap-x-3 max-sm:px-3"
				data-line={one.line}
			>
				<Thing name={one.thing} size={52} />
				<div class="min-w-0">
					<h3 class="m-0 font-text text-lead font-name wrap-anywhere">{one.name}</h3>
					<p class="m-0 text-tin-text wrap-anywhere">{where(one)}{one.words ? `, ${one.words}` : ''}</p>
				</div>
				<ActForm
					action="?/tick"
					values={{ line: one.line, outcome: 'done', date: view.date, by: view.member }}
					><Button type="submit">{MINE_PAGE.done}</Button></ActForm
				>
				{#if one.cautions.length > 0}<div class="col-span-full grid gap-1.5">
						<Cares lines={one.cautions} compact />
					</div>{/if}
			</li>
		{/each}
	</ul>
{/snippet}

<section class="grid gap-2">
	<h2 class="m-0 text-h2">{MINE_PAGE.freeForAnyone(view.free.length)}</h2>
	<p class="m-0 text-tin-text">{MINE_PAGE.freeHelp(view.free.length)}</p>
	{@render list(first)}
	{#if rest.length > 0}<More title={MINE_PAGE.moreFree(rest.length)} keeps={false}>{@render list(rest)}</More
		>{/if}
</section>
