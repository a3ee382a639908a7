<script lang="ts">
	import Presence from '$ui/people/Presence.svelte';
	import Rail from '$ui/people/Rail.svelte';
	import WhyLabel from '$ui/people/WhyLabel.svelte';
	import { MONTH } from '$words/history';
	let { data } = $props();
	const view = $derived(data.view);
</script>

<svelte:head><title>People · Pail Round</title></svelte:head>

<section class="crew">
	<header>
		<h1>Done this week</h1>
		<p class="key dim" aria-hidden="true">
			<svg width="22" height="26" viewBox="0 0 22 26"
				><path
					d="M1 1H21V25H1ZM1 17H21M1 21H21"
					fill="var(--enamel-hi)"
					stroke="var(--cobalt-ink)"
					stroke-width="2"
				/></svg
			>this week
			<svg width="16" height="26" viewBox="0 0 16 26"
				><path d="M1 1H15V25H1Z" fill="var(--linen-hi)" stroke="var(--tin-2)" stroke-width="1.6" /></svg
			>four weeks
			<svg width="38" height="6" viewBox="0 0 38 6"
				><path d="M0 3H38" stroke="var(--ink)" stroke-width="3" stroke-dasharray="10 4" /></svg
			>agreed share
		</p>
	</header>
	<Rail people={view.people} />
	<div class="between">
		<p>
			{view.note} <span class="dim">{view.sharesWords}</span>
			{#if view.ribbon}
				<br />{view.ribbon.name} is today’s captain{#if view.ribbon.duties.length}: <span class="dim"
						>{view.ribbon.duties.join(', ').toLowerCase()}</span
					>{/if}
			{/if}
		</p>
		<nav aria-label="More about people">
			<a class="plain" href="/people/week">{view.givenOut ? 'The week' : 'Share out this week’s jobs …'}</a>
			<a class="plain" href="/people/learning"
				>Chores being learned{#if view.looks + view.ready > 0}<span class="count"
						>{view.looks + view.ready}</span
					>{/if}</a
			>
			<a class="plain" href="/history/month">{MONTH.link}</a>
			<a class="plain" href="/people/family">Change who does how much</a>
			{#if data.canOpenDoors}<a class="plain" href="/people/access">Who can log in</a>{/if}
		</nav>
	</div>
	<div class="runner linen">
		<Presence days={view.days} rows={view.presence} />
		{#if view.why}<div><WhyLabel why={view.why} /></div>{/if}
	</div>
</section>

<style>
	.crew {
		display: flex;
		flex-direction: column;
		flex: 1;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 6px 20px;
		padding: 10px calc(var(--page-edge) - var(--rim)) 14px;
	}
	.key {
		display: flex;
		align-items: center;
		gap: 8px;
		margin: 0;
	}
	.key svg:not(:first-child) {
		margin-left: 16px;
	}
	.between {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 12px 24px;
		margin: 0 calc(var(--page-edge) - var(--rim));
		padding: 8px 0 10px;
		border-top: 2px dashed var(--linen-deep);
	}
	.between p {
		margin: 0;
		flex: 1 1 320px;
	}
	nav {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
	}
	nav .plain {
		padding: 0 13px;
	}
	.count {
		display: inline-grid;
		place-items: center;
		min-width: 24px;
		height: 24px;
		padding: 0 6px;
		border-radius: 7px;
		background: var(--cobalt);
		color: var(--on-cobalt);
		font-size: 0.9375rem;
	}
	.runner {
		margin-top: auto;
		padding: 14px calc(var(--page-edge) - var(--rim)) 22px;
		display: grid;
		grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
		gap: 20px 48px;
		align-items: center;
		border-top: 2px dashed var(--linen-deep);
	}
	@media (max-width: 900px) {
		.runner {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	@media (max-width: 640px) {
		.key {
			flex-wrap: wrap;
		}
	}
</style>
