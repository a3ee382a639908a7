<script lang="ts">
	/** What just happened, with its way back; or what went wrong, with what to do. */
	import type { Snippet } from 'svelte';
	let { tone = 'done', children }: { tone?: 'done' | 'wrong'; children: Snippet } = $props();
</script>

<div class="notice {tone}" role={tone === 'wrong' ? 'alert' : 'status'}>{@render children()}</div>

<style>
	.notice {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 18px;
		margin: 6px var(--page-edge) 0;
		padding: 10px 16px;
		border-radius: var(--r-cloth);
		background: var(--enamel-hi);
		box-shadow: 0 0 0 1.5px var(--tin-2);
	}
	.wrong {
		background: var(--brass-wash);
		box-shadow: 0 0 0 2px var(--brass-text);
	}
</style>
