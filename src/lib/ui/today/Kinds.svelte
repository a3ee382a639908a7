<script lang="ts">
	/** Other sessions than a pail of minutes: one touch leads to each, the next one starts it. */
	let { me }: { me: string } = $props();
	/** The layout keeps the line to say it in; without scripts it is a page. */
	function palette(event: MouseEvent) {
		event.preventDefault();
		window.dispatchEvent(new Event('sayit'));
	}
	const KINDS = [
		['basics', 'The basics'],
		['round', 'Weekly round'],
		['zone', 'Zone sitting'],
		['clearing', 'Clear a spot'],
		['visitors', 'They ring soon'],
		['reset', 'Kitchen tonight'],
		['detail', 'Deep things'],
		['bigday', 'A big day']
	];
</script>

<nav class="kinds" aria-label="Other sessions">
	<a class="text-link" href="/say" onclick={palette} aria-keyshortcuts="/">Say it</a>
	{#each KINDS as [kind, name] (kind)}<a class="text-link" href="/timer?kind={kind}&for={me}">{name}</a
		>{/each}
	<a class="text-link" href="/laundry">Laundry</a>
</nav>

<style>
	.kinds {
		display: flex;
		flex-wrap: wrap;
		gap: 0 22px;
		padding: 4px calc(var(--page-edge) - var(--rim)) 0;
	}
	.text-link {
		display: inline-flex;
		align-items: center;
		min-height: 34px;
		white-space: nowrap;
	}
	@media (max-width: 900px) {
		.kinds {
			flex-wrap: nowrap;
			gap: 0 18px;
			margin-top: 2px;
			padding: 0 15px;
			overflow-x: auto;
			scrollbar-width: none;
			max-width: 100%;
			min-width: 0;
		}
		.text-link {
			min-height: 44px;
		}
	}
</style>
