<script lang="ts">
	/** A luggage label: why a job is whose, and who else could. */
	import Button from '../kit/Button.svelte';
	import { PEOPLE_WHY_LABEL } from '$words/screens/people';
	import More from '../kit/More.svelte';
	import ActForm from '../ActForm.svelte';
	import Label from '../house/Label.svelte';
	import type { WhyView } from '$views/people';
	let { why, full = false }: { why: WhyView; full?: boolean } = $props();
	const other = $derived(why.could.find((one) => one.id !== why.to?.id) ?? null);
</script>

<Label title={why.title}>
	<p class="dim my-0.5">{why.when}</p>
	<ul class="my-1.5">
		{#each why.reasons as reason, i (i)}<li
				class="relative pl-7.5 my-1 before:absolute before:left-0 before:top-[0.55em] before:w-4.5 before:h-1.25 before:rounded-[3px] before:bg-cobalt-ink"
			>
				{reason}
			</li>{/each}
	</ul>
	{#if why.could.length > 0}
		<p class="my-0.5">
			<span class="dim">{PEOPLE_WHY_LABEL.couldAlso}</span>
			<b>{why.could.map((one) => `${one.name}${one.words ? `, ${one.words}` : ''}`).join('; ')}</b>
		</p>
	{/if}
	{#if full && why.cannot.length > 0}
		<More title={PEOPLE_WHY_LABEL.whyNotTheOthers}>
			<ul class="my-1.5">
				{#each why.cannot as one, i (i)}<li
						class="relative pl-7.5 my-1 before:absolute before:left-0 before:top-[0.55em] before:w-4.5 before:h-1.25 before:rounded-[3px] before:bg-cobalt-ink"
					>
						{one.words}
					</li>{/each}
			</ul>
		</More>
	{/if}
	{#snippet acts()}
		{#if why.to}
			<ActForm
				action="/people/week?/put"
				values={{ turn: why.turn, to: why.to.id }}
				then={{ withoutId: true }}
				><Button kind="solid" type="submit">{PEOPLE_WHY_LABEL.keepItWith(why.to.name)}</Button></ActForm
			>
		{/if}
		{#if other}
			<ActForm action="/people/week?/put" values={{ turn: why.turn, to: other.id }} then={{ withoutId: true }}
				><Button type="submit">{PEOPLE_WHY_LABEL.giveItTo(other.name)}</Button></ActForm
			>
		{/if}
	{/snippet}
</Label>
