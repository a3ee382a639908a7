<script lang="ts">
	import EditForm from '$ui/house/EditForm.svelte';
	import Notice from '$ui/Notice.svelte';
	import { plural } from '$words/general';
	let { data, form } = $props();
	const view = $derived(data.view);
	const action = '/house/growing?/switch';
</script>

<svelte:head><title>Start small · Pail Round</title></svelte:head>

<div class="growing">
	<header>
		<h1>Start small</h1>
		<a class="text-link" href="/house">Back to the house</a>
	</header>
	<p class="suggestion">{view.suggestion}</p>
	{#if form && 'message' in form && form.message}<Notice tone="wrong"><span>{form.message}</span></Notice>
	{:else if form && 'saved' in form && form.saved}<Notice><span>{form.saved}</span></Notice>{/if}
	<ol>
		{#each view.layers as layer, i (layer.layer)}
			<li class:off={!layer.on}>
				<span class="cloth" class:linen={layer.on} style:min-height="{220 + i * 44}px">
					<span class="pegs" aria-hidden="true"></span>
					<b class="name">{layer.name}</b>
					<span class="dim">{layer.says}</span>
					<span class="dim">{layer.jobs} {plural(layer.jobs, 'job')}</span>
				</span>
				<span class="reading">
					{#if layer.on && layer.asked > 0}
						<span class="stitches" aria-hidden="true"
							>{#each { length: layer.asked } as _, k (k)}<i class:sewn={k < layer.held}></i>{/each}</span
						>
					{/if}
					<b>{layer.name} {layer.reading}</b>
				</span>
				<EditForm values={{ layer: layer.layer, on: layer.on ? '0' : '1' }} {view} {action}>
					{#if !layer.on}
						<button class={view.next === layer.layer ? 'sign small' : 'plain'}>Turn on</button>
					{:else if layer.layer !== 'basics'}
						<button class="plain">Turn off for now</button>
					{:else}
						<span class="dim always">Always on</span>
					{/if}
				</EditForm>
			</li>
		{/each}
	</ol>
	<p class="dim">
		Nothing is deleted when a part is off, and nothing of it counts as overdue. Turned on, its first dates are
		spread over the days.
	</p>
</div>

<style>
	.growing {
		padding: 8px calc(var(--page-edge) - var(--rim)) 24px;
	}
	header {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
	}
	.suggestion {
		margin: 10px 0 34px;
		font-family: var(--font-display);
		font-size: 1.5rem;
		max-width: 44ch;
	}
	ol {
		position: relative;
		display: grid;
		grid-template-columns: repeat(4, 1fr);
		gap: 26px;
		list-style: none;
		margin: 0 0 26px;
		padding: 0;
	}
	ol::before {
		content: '';
		position: absolute;
		left: calc(-1 * (var(--page-edge) - var(--rim)));
		right: calc(-1 * (var(--page-edge) - var(--rim)));
		top: 0;
		border-top: 2px solid var(--ink);
	}
	li {
		display: flex;
		flex-direction: column;
		gap: 14px;
	}
	.cloth {
		display: grid;
		align-content: start;
		gap: 8px;
		padding: 26px 20px 18px;
		border-radius: 0 0 4px 4px;
		box-shadow: var(--sh-cloth);
	}
	.off .cloth {
		box-shadow: none;
		border: 2px dashed var(--tin-2);
		border-top: 0;
	}
	.name {
		font-family: var(--font-display);
		font-weight: 400;
		font-size: 1.5rem;
	}
	.reading {
		display: grid;
		gap: 8px;
		margin-top: auto;
	}
	/* As tall as a button, so that the four readings stand in one line. */
	.always {
		display: flex;
		align-items: center;
		min-height: 44px;
	}
	.stitches {
		display: flex;
		gap: 4px;
	}
	.stitches i {
		flex: 1;
		max-width: 18px;
		height: 8px;
		display: grid;
		align-items: center;
	}
	.stitches i::before {
		content: '';
		height: 2px;
		background: var(--tin-2);
		border-radius: 4px;
	}
	.stitches i.sewn::before {
		height: 8px;
		background: var(--cobalt-ink);
	}
	@media (max-width: 900px) {
		ol {
			grid-template-columns: 1fr;
		}
		.cloth {
			min-height: 0 !important;
		}
		.growing {
			padding: 12px 15px 24px;
		}
	}
</style>
