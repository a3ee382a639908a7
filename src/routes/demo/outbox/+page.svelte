<script lang="ts">
	let { data } = $props();
</script>

<svelte:head><title>Mail of the demo · Pail Round</title></svelte:head>

<section class="outbox">
	<h1>Mail of the demo</h1>
	<p class="dim">What the demo home would have sent. No mail leaves this machine from here.</p>
	{#each data.mail as one, i (i)}
		<article>
			<h2>{one.subject}</h2>
			<p class="dim">To {one.to}</p>
			<pre>{one.body}</pre>
		</article>
	{:else}
		<p>Nothing has been sent yet. Invite somebody by mail at <a href="/people/access">Who can log in</a>.</p>
	{/each}
</section>

<style>
	.outbox {
		padding: 18px calc(var(--page-edge) - var(--rim)) 60px;
		max-width: 820px;
	}
	article {
		margin-top: 22px;
		padding: 18px 24px;
		background: var(--enamel-hi);
		box-shadow: var(--sh-cloth);
	}
	pre {
		margin: 12px 0 0;
		font: inherit;
		white-space: pre-wrap;
		overflow-wrap: anywhere;
	}
	p {
		margin: 4px 0 0;
	}
</style>
