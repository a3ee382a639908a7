<script lang="ts">
	import SayIt from '$ui/say/SayIt.svelte';
	let { data } = $props();
</script>

<svelte:head><title>Type a command · Pail Round</title></svelte:head>

<div
	class="flex-1 grid grid-cols-[minmax(0,1fr)_minmax(300px,420px)] gap-x-12 gap-y-5 px-edge pt-4.5 pb-7 max-[901px]:grid-cols-[minmax(0,1fr)] max-[901px]:content-start max-[901px]:px-3.75 max-[901px]:pt-3.5 max-[901px]:pb-5"
>
	<section>
		<h1>Type a command</h1>
		<p class="dim mt-1.5 mb-4.5">What it will do shows before it is done.</p>
		<SayIt first={data.said} formId={data.formId} />
	</section>
	<section class="linen self-start px-5.5 pt-4.5 pb-5.5 [border-block:var(--stitch)]">
		<h2 class="mb-1">What you can type</h2>
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
	li {
		padding: 9px 0;
		border-bottom: 1px solid var(--linen-deep);
	}
	li:last-child {
		border-bottom: 0;
		padding-bottom: 0;
	}
</style>
