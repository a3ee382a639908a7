<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { onMount } from 'svelte';
	import Glyph from '$ui/glyphs/Glyph.svelte';
	import FirstMorning from '$ui/begin/FirstMorning.svelte';
	import People from '$ui/begin/People.svelte';
	import Rhythm from '$ui/begin/Rhythm.svelte';
	import Rooms from '$ui/begin/Rooms.svelte';
	import Zones from '$ui/begin/Zones.svelte';
	import Notice from '$ui/Notice.svelte';
	let { data, form } = $props();
	const view = $derived(data.view);
	const step = $derived(view.draft.step);
	onMount(async () => {
		// The device knows its time zone; the rhythm of the house can change it.
		const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
		if (view.draft.changes !== null || !timeZone || timeZone === view.draft.timeZone) return;
		const body = new FormData();
		body.set('op', 'timeZone');
		body.set('timeZone', timeZone);
		await fetch('/begin?/touch', { method: 'POST', body, headers: { 'x-sveltekit-action': 'true' } }).catch(
			() => undefined
		);
		await invalidateAll();
	});
</script>

<svelte:head
	><title>{view.steps.find((one) => one.current)?.name} · First steps · Pail Round</title></svelte:head
>

<div class="begin">
	<header>
		<a class="mark" href={view.hasHome ? '/' : '/begin'}
			><Glyph name="due" size={28} /><span>Pail Round</span></a
		>
		<nav aria-label="First steps">
			{#each view.steps as one (one.key)}
				<a href="/begin?step={one.key}" aria-current={one.current ? 'step' : undefined}>
					<span>{one.name}</span>
					<span class="stitches" aria-hidden="true"
						>{#each { length: one.parts } as _, i (i)}<i class:sewn={i < one.sewn}></i>{/each}</span
					>
				</a>
			{/each}
		</nav>
		{#if view.hasHome}<a class="plain" href="/">Come back later</a>{/if}
	</header>
	{#if form && 'message' in form && form.message}
		<Notice tone="wrong"><span>{form.message}</span></Notice>
	{/if}
	<div class="body">
		{#if step === 'rooms'}<Rooms {view} />{:else if step === 'zones'}<Zones
				{view}
			/>{:else if step === 'rhythm'}<Rhythm {view} />{:else if step === 'people'}<People
				{view}
			/>{:else}<FirstMorning {view} />{/if}
	</div>
</div>

<style>
	.begin {
		--edge: calc(var(--page-edge) - var(--rim));
		flex: 1;
		display: flex;
		flex-direction: column;
	}
	header {
		display: flex;
		align-items: center;
		gap: 20px;
		padding: 8px var(--edge) 0;
		min-height: 62px;
	}
	.mark {
		margin-right: 18px;
	}
	nav {
		display: flex;
		gap: 18px;
		flex: 1;
	}
	nav a {
		display: grid;
		gap: 5px;
		min-height: 44px;
		align-content: center;
		color: var(--tin-text);
		font-weight: 500;
		text-decoration: none;
	}
	nav a[aria-current] {
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
	}
	.stitches {
		display: flex;
		gap: 5px;
		min-width: 96px;
	}
	.stitches i {
		flex: 1;
		max-width: 36px;
		height: 7px;
		display: grid;
		align-items: center;
	}
	.stitches i::before {
		content: '';
		height: 2px;
		border-radius: 4px;
		background: var(--tin-2);
	}
	.stitches i.sewn::before {
		height: 7px;
		background: var(--cobalt-ink);
	}
	.body {
		flex: 1;
		display: flex;
		flex-direction: column;
		padding: 14px var(--edge) 20px;
	}
	@media (max-width: 1000px) {
		header {
			flex-wrap: wrap;
			gap: 6px 14px;
		}
		nav {
			order: 3;
			flex: 1 0 100%;
			gap: 8px;
			overflow-x: auto;
		}
		nav a {
			flex: 1;
			font-size: 0.9375rem;
			white-space: nowrap;
		}
		.stitches {
			min-width: 52px;
		}
		header .plain {
			margin-left: auto;
			padding: 0 14px;
		}
		.mark {
			margin-right: 0;
			font-size: 1.375rem;
		}
	}
</style>
