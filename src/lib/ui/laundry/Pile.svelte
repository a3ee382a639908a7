<script lang="ts">
	/** What waits to be washed, a row a load: what somebody put there, wash days that went by, wash jobs of today. */
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import Basket from './Basket.svelte';
	import { ROOMY } from '../kit/styles';
	import type { LaundryView } from '$views/laundry';
	import { PILE } from '$words/laundry';
	let { view }: { view: LaundryView } = $props();
	/** A basket stands on the floor; on a phone it is a row. */
	const BASKET =
		'flex min-h-14 flex-wrap items-center gap-x-3 max-sm:border-b max-sm:border-tin-1 py-1.5 ' +
		'sm:grid sm:w-38 sm:content-start sm:justify-items-center sm:gap-1 sm:text-center';
	const ACTS = 'ml-auto flex gap-3 sm:mx-0 sm:flex-wrap sm:justify-center sm:gap-x-3 sm:gap-y-0';
</script>

<ul class="m-0 flex list-none flex-wrap gap-x-4 gap-y-5 p-0 max-sm:block">
	{#each view.waiting as load (load.id)}
		<li class={BASKET}>
			<span class="sm:hidden"><Basket /></span><span class="max-sm:hidden"><Basket size={84} /></span>
			<span class="{ROOMY} sm:max-w-full sm:min-w-0 sm:wrap-anywhere"
				><b class="sm:block">{load.name}</b>
				<span class="text-tin-text">{load.missed ?? `${load.degrees}°`}</span></span
			>
			<span class={ACTS}
				><ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: 'washing' }}
					><Button kind="link" type="submit" class="min-h-11" aria-label={PILE.startedLabel(load.name)}
						>{PILE.start}</Button
					></ActForm
				>
				<ActForm action="/laundry?/drop" values={{ load: load.id }} then={{ withoutId: true }}
					><Button kind="link" type="submit" class="min-h-11" aria-label={PILE.removeLabel(load.name)}
						>{PILE.remove}</Button
					></ActForm
				></span
			>
		</li>
	{/each}
	{#each view.jobs as job (job.line)}
		<li class={BASKET}>
			<span class="sm:hidden"><Basket /></span><span class="max-sm:hidden"><Basket size={84} /></span>
			<span class="{ROOMY} sm:max-w-full sm:min-w-0 sm:wrap-anywhere"
				><b class="sm:block">{job.name}</b> <span class="text-tin-text">{PILE.today}, {job.words}</span></span
			>
			<ActForm action="/timer?/start" values={{ id: view.formId, line: job.line, member: view.me }}
				><Button kind="link" type="submit" class="min-h-11" aria-label={PILE.startLabel(job.name)}
					>{PILE.start}</Button
				></ActForm
			>
		</li>
	{/each}
</ul>
