<script lang="ts">
	/** What the lower rim of a phone has no room for. */
	import { page } from '$app/state';
	const IN_RIM = ['/', '/timer', '/schedule', '/house'];
	const { places, homes, hasKeys, isDemo, household } = $derived(page.data);
	const rest = $derived(
		(places as { href: string; name: string }[]).filter(({ href }) => !IN_RIM.includes(href))
	);
</script>

<svelte:head><title>More · Pail Round</title></svelte:head>

<section class="more">
	<h1>{household}</h1>
	<ul>
		{#each rest as one (one.href)}<li><a href={one.href}>{one.name}</a></li>{/each}
		{#if hasKeys}
			<li><a href="/own">Your keys</a></li>
		{:else if isDemo}
			<li><a href="/sign-in">Sign in to your own home</a></li>
		{/if}
	</ul>
	{#if homes.length > 1}
		<form method="post" action="/home">
			{#each homes as one (one.id)}
				{#if !one.current}<button class="plain" name="home" value={one.id}
						>{one.name}{one.isDemo ? ', the demo' : ''}</button
					>{/if}
			{/each}
		</form>
	{/if}
	<div class="foot">
		<form method="post" action="/light">
			<input type="hidden" name="back" value="/more" />
			<button class="plain" name="light" value={page.data.light === 'evening' ? 'day' : 'evening'}
				>{page.data.light === 'evening' ? 'Day light' : 'Evening light'}</button
			>
		</form>
		{#if hasKeys}
			<form method="post" action="/sign-in?/out"><button class="plain">Sign out</button></form>
		{/if}
	</div>
</section>

<style>
	.more {
		padding: 22px 22px 40px;
		max-width: 560px;
	}
	ul {
		list-style: none;
		margin: 14px 0;
		padding: 0;
	}
	li a {
		display: grid;
		align-items: center;
		min-height: 64px;
		border-bottom: 2px dashed var(--linen-deep);
		font-family: var(--font-display);
		font-size: 1.5rem;
		color: var(--ink);
		text-decoration: none;
	}
	li a:hover {
		background: var(--cobalt-wash);
	}
	form,
	.foot {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		margin-top: 14px;
	}
</style>
