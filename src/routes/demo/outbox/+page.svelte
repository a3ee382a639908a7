<script lang="ts">
	let { data } = $props();
</script>

<svelte:head><title>Mail of the demo · Pail Round</title></svelte:head>

<section class="px-edge pt-4.5 pb-15 max-w-205">
	<h1>Mail of the demo</h1>
	<p class="dim mt-1">What the demo home would have sent. No mail leaves this machine from here.</p>
	{#each data.mail as one, i (i)}
		<article class="mt-5.5 py-4.5 px-6 bg-enamel-hi shadow-cloth">
			<h2>{one.subject}</h2>
			<p class="dim mt-1">To {one.to}</p>
			<pre class="mx-0 mt-3 mb-0 [font:inherit] whitespace-pre-wrap wrap-anywhere">{one.body}</pre>
		</article>
	{:else}
		<p class="mt-1">
			Nothing has been sent yet. Invite somebody by mail at <a href="/people/access">Who can log in</a>.
		</p>
	{/each}
</section>
