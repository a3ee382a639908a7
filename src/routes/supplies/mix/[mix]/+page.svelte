<script lang="ts">
	/** The label of a bottle, to be printed and stuck on it. */
	import { SUPPLIES_MIX_MIX_PAGE } from '$words/screens/supplies';
	import Button from '$ui/kit/Button.svelte';
	import { MIXING } from '$words/supplies/mixing';
	let { data } = $props();
	const label = $derived(data.label);
</script>

<svelte:head><title>{SUPPLIES_MIX_MIX_PAGE.pailRound(label.mix.name)}</title></svelte:head>

<div class="grid max-w-[620px] content-start gap-5 px-edge py-5">
	<article
		class="grid w-[90mm] max-w-full gap-1.5 rounded-button border-[3px] border-cobalt-ink bg-enamel-hi px-4 py-3 text-ink print:border-black"
	>
		<h1 class="m-0 text-h2 wrap-anywhere">{label.mix.name}</h1>
		<p class="m-0">{label.mix.parts}</p>
		<p class="m-0"><b>{label.mix.mixed}, {label.mix.until}</b></p>
		{#each label.mix.cares as care (care.headline)}
			<p class="m-0 {care.grave ? 'border-x-0 border-y-2 border-madder py-1 font-name text-madder-ink' : ''}">
				{care.headline}
				{care.text}
			</p>
		{/each}
		<p class="m-0">{MIXING.neverDrink}</p>
		<p class="m-0 text-tin-text">{label.household}</p>
	</article>
	<p class="m-0 flex flex-wrap gap-3 print:hidden">
		<Button kind="solid" onclick={() => window.print()}>{MIXING.label}</Button>
		<Button href="/supplies/mix">{MIXING.title}</Button>
	</p>
</div>
