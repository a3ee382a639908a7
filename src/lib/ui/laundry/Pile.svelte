<script lang="ts">
	/** What waits to be washed, a row a load: what somebody put there, wash days that went by, wash jobs of today. */
	import ActForm from '../ActForm.svelte';
	import Basket from './Basket.svelte';
	import type { LaundryView } from '$views/laundry';
	import { PILE } from '$words/laundry';
	let { view }: { view: LaundryView } = $props();
	const ROW = 'flex min-h-14 items-center gap-3 border-b border-tin-1 py-1.5';
</script>

<ul class="m-0 list-none p-0">
	{#each view.waiting as load (load.id)}
		<li class={ROW}>
			<Basket />
			<span class="min-w-0 flex-1 wrap-anywhere"
				><b>{load.name}</b>
				<span class="text-tin-text">{load.missed ?? `${load.degrees}°`}</span></span
			>
			<ActForm action="/laundry?/tell" values={{ id: view.formId, load: load.id, stage: 'washing' }}
				><button class="text-link min-h-11" aria-label={PILE.startedLabel(load.name)}>{PILE.start}</button
				></ActForm
			>
			<ActForm action="/laundry?/drop" values={{ load: load.id }} then={{ withoutId: true }}
				><button class="text-link min-h-11" aria-label={PILE.removeLabel(load.name)}>{PILE.remove}</button
				></ActForm
			>
		</li>
	{/each}
	{#each view.jobs as job (job.line)}
		<li class={ROW}>
			<Basket />
			<span class="min-w-0 flex-1 wrap-anywhere"
				><b>{job.name}</b> <span class="text-tin-text">{PILE.today}, {job.words}</span></span
			>
			<ActForm action="/timer?/start" values={{ id: view.formId, line: job.line, member: view.me }}
				><button class="text-link min-h-11" aria-label={PILE.startLabel(job.name)}>{PILE.start}</button
				></ActForm
			>
		</li>
	{/each}
</ul>
