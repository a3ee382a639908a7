<script lang="ts">
	import SayIt from '$ui/say/SayIt.svelte';
	let { data } = $props();
</script>

<svelte:head><title>Type a command · Pail Round</title></svelte:head>

<div class="page">
	<section>
		<h1>Type a command</h1>
		<p class="dim">What it will do shows before it is done.</p>
		<SayIt first={data.said} formId={data.formId} />
	</section>
	<section class="linen said">
		<h2>What you can type</h2>
		<ul>
			<li>
				<b>15 kitchen</b> fifteen minutes of jobs in that room; also <b>big day</b>, <b>visitors 30</b>,
				<b>zone</b>, <b>tonight</b>
			</li>
			<li><b>done mop</b>, <b>checked bench by juno</b>: writes it down</li>
			<li><b>add clean before the party saturday 20 min</b>: adds a job for one day</li>
			<li><b>bram away till friday</b>, <b>juno ill</b>: pauses their chores</li>
			<li><b>wash started</b>, <b>towels hung</b>, <b>wash folded</b>: tells where a load is</li>
			<li><b>declutter hall bench</b>: gets the decluttering ready</li>
			<li><b>what’s overdue</b>, <b>what’s on</b>: lists it</li>
		</ul>
	</section>
</div>

<style>
	.page {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(300px, 420px);
		gap: 20px 48px;
		padding: 18px calc(var(--page-edge) - var(--rim)) 28px;
	}
	section > .dim {
		margin: 6px 0 18px;
	}
	.said {
		align-self: start;
		padding: 18px 22px 22px;
		border-block: var(--stitch);
	}
	h2 {
		margin: 0 0 4px;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		padding: 9px 0;
		border-bottom: 1px solid var(--linen-deep);
	}
	li:last-child {
		border-bottom: 0;
		padding-bottom: 0;
	}
	@media (max-width: 900px) {
		.page {
			grid-template-columns: minmax(0, 1fr);
			align-content: start;
			padding: 14px 15px 20px;
		}
	}
</style>
