<script lang="ts">
	import { DEMO_OUTBOX_PAGE } from '$words/screens/access';
	let { data } = $props();
</script>

<svelte:head><title>{DEMO_OUTBOX_PAGE.mailOfTheDemoPail}</title></svelte:head>

<section class="px-edge pt-4.5 pb-15 max-w-205">
	<h1>{DEMO_OUTBOX_PAGE.mailOfTheDemo}</h1>
	<p class="dim mt-1">{DEMO_OUTBOX_PAGE.whatTheDemoHomeWould}</p>
	{#each data.mail as one, i (i)}
		<article class="mt-5.5 py-4.5 px-6 bg-enamel-hi shadow-cloth">
			<h2>{one.subject}</h2>
			<p class="dim mt-1">{DEMO_OUTBOX_PAGE.to(one.to)}</p>
			<pre class="mx-0 mt-3 mb-0 [font:inherit] whitespace-pre-wrap wrap-anywhere">{one.body}</pre>
		</article>
	{:else}
		<p class="mt-1">
			{DEMO_OUTBOX_PAGE.nothingHasBeenSentYet} <a href="/people/access">{DEMO_OUTBOX_PAGE.whoCanLogIn}</a>.
		</p>
	{/each}
</section>
