<script lang="ts">
	import { SAY_PAGE } from '$words/screens/frame';
	import { SAY } from '$words/say';
	import SayIt from '$ui/say/SayIt.svelte';
	let { data } = $props();
</script>

<svelte:head><title>{SAY_PAGE.pailRound(SAY.title)}</title></svelte:head>

<div
	class="flex-1 grid grid-cols-[minmax(0,1fr)_minmax(300px,420px)] gap-x-12 gap-y-5 px-edge pt-4.5 pb-7 max-[901px]:grid-cols-[minmax(0,1fr)] max-[901px]:content-start max-[901px]:px-3.75 max-[901px]:pt-3.5 max-[901px]:pb-5"
>
	<section>
		<h1>{SAY.title}</h1>
		<p class="dim mt-1.5 mb-4.5">{SAY.about}</p>
		<SayIt first={data.said} formId={data.formId} />
	</section>
	<section class="linen self-start px-5.5 pt-4.5 pb-5.5 [border-block:var(--stitch)]">
		<h2 class="mb-1">{SAY.whatTitle}</h2>
		<ul class="m-0 list-none p-0">
			{#each SAY.what as [words, does] (does)}
				<li class="border-b border-linen-deep py-2.25 last:border-b-0 last:pb-0">
					{#each words as one, i (one)}{i > 0 ? ', ' : ''}<b>{one}</b>{/each}: {does}
				</li>
			{/each}
		</ul>
	</section>
</div>
