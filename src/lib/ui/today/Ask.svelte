<script lang="ts">
	/** How long have you got? Five pails of rising size; a touch shows what fits before it starts. */
	import BitePail from '../glyphs/BitePail.svelte';
	let { me }: { me: string } = $props();
	const sizes = [
		{ minutes: 2, size: 46 },
		{ minutes: 5, size: 53 },
		{ minutes: 10, size: 60 },
		{ minutes: 15, size: 67 },
		{ minutes: 20, size: 74 }
	];
</script>

<section class="ask" aria-labelledby="ask-title">
	<div class="words">
		<h2 id="ask-title">How long have you got?</h2>
		<p>Fill a pail, minutes</p>
	</div>
	<div class="shelf">
		{#each sizes as { minutes, size } (minutes)}
			<a href="/timer?minutes={minutes}&for={me}" aria-label="{minutes} minutes">
				<BitePail minutes={String(minutes)} {size} />
			</a>
		{/each}
	</div>
</section>

<style>
	.ask {
		display: flex;
		align-items: flex-end;
		gap: 24px;
	}
	.words {
		text-align: right;
		padding-bottom: 8px;
	}
	p {
		color: var(--tin-text);
		margin-top: 4px;
	}
	.shelf {
		display: flex;
		align-items: flex-end;
		gap: 16px;
		border-bottom: 4px solid var(--tin-1);
		padding-right: calc(var(--page-edge) - var(--rim));
		margin-right: calc(var(--rim) - var(--page-edge));
		padding-left: 92px;
		margin-left: -92px;
	}
	a {
		display: grid;
		place-items: end center;
		min-width: 48px;
		min-height: 48px;
		border-radius: 8px;
		text-decoration: none;
	}
	a:hover :global(.wall) {
		fill: var(--cobalt-wash);
	}
	@media (max-width: 900px) {
		.ask {
			flex-direction: column;
			align-items: stretch;
			gap: 12px;
		}
		.words {
			text-align: left;
			padding: 0;
		}
		.words p {
			display: none;
		}
		.shelf {
			justify-content: space-between;
			gap: 6px;
			padding-left: 12px;
			margin-left: -12px;
		}
	}
</style>
