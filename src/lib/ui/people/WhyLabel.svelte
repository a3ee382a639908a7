<script lang="ts">
	/** A luggage label: why a job is whose, and who else could. */
	import ActForm from '../ActForm.svelte';
	import Label from '../house/Label.svelte';
	import type { WhyView } from '$views/people';
	let { why, full = false }: { why: WhyView; full?: boolean } = $props();
	const other = $derived(why.could.find((one) => one.id !== why.to?.id) ?? null);
</script>

<Label title={why.title}>
	<p class="dim">{why.when}</p>
	<ul>
		{#each why.reasons as reason, i (i)}<li>{reason}</li>{/each}
	</ul>
	{#if why.could.length > 0}
		<p>
			<span class="dim">Could also:</span>
			<b>{why.could.map((one) => `${one.name}${one.words ? `, ${one.words}` : ''}`).join('; ')}</b>
		</p>
	{/if}
	{#if full && why.cannot.length > 0}
		<details>
			<summary>Why not the others</summary>
			<ul>
				{#each why.cannot as one, i (i)}<li>{one.words}</li>{/each}
			</ul>
		</details>
	{/if}
	{#snippet acts()}
		{#if why.to}
			<ActForm
				action="/people/week?/put"
				values={{ turn: why.turn, to: why.to.id }}
				then={{ withoutId: true }}><button class="sign small">Keep it with {why.to.name}</button></ActForm
			>
		{/if}
		{#if other}
			<ActForm action="/people/week?/put" values={{ turn: why.turn, to: other.id }} then={{ withoutId: true }}
				><button class="plain">Give it to {other.name}</button></ActForm
			>
		{/if}
	{/snippet}
</Label>

<style>
	p {
		margin: 2px 0;
	}
	ul {
		list-style: none;
		margin: 6px 0;
		padding: 0;
	}
	li {
		position: relative;
		padding-left: 30px;
		margin: 4px 0;
	}
	li::before {
		content: '';
		position: absolute;
		left: 0;
		top: 0.55em;
		width: 18px;
		height: 5px;
		border-radius: 3px;
		background: var(--cobalt-ink);
	}
	summary {
		cursor: pointer;
		min-height: 32px;
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
	}
</style>
