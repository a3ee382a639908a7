<script lang="ts">
	import SayIt from '$ui/say/SayIt.svelte';
	let { data } = $props();
</script>

<svelte:head><title>Say it · Pail Round</title></svelte:head>

<div class="page">
	<h1>Say it</h1>
	<p class="dim">What it will do shows before it is done.</p>
	<SayIt first={data.said} formId={data.formId} />
	<h2>What can be said</h2>
	<ul>
		<li>
			<b>15 kitchen</b> a pail of fifteen minutes in that room; also <b>big day</b>, <b>visitors 30</b>,
			<b>sitting</b>, <b>reset</b>
		</li>
		<li><b>done mop</b>, <b>looked at bench by juno</b>: writes it down</li>
		<li><b>bram away till friday</b>, <b>juno ill</b>: lays a cloth over what is theirs</li>
		<li><b>wash started</b>, <b>towels hung</b>, <b>wash folded</b>: tells where a load is</li>
		<li><b>clear hall bench</b>: gets a clearing ready</li>
		<li><b>what’s late</b>, <b>what’s on</b>: lists it</li>
	</ul>
</div>

<style>
	.page {
		padding: 18px calc(var(--page-edge) - var(--rim)) 28px;
		max-width: 860px;
	}
	h2 {
		margin: 26px 0 6px;
	}
	ul {
		margin: 0;
		padding-left: 20px;
	}
	li {
		margin: 6px 0;
	}
	@media (max-width: 900px) {
		.page {
			padding: 14px 15px 20px;
		}
	}
</style>
