<script lang="ts">
	/** What just happened, with its way back; or what went wrong, with what to do. */
	import type { Snippet } from 'svelte';
	let { tone = 'done', children }: { tone?: 'done' | 'wrong'; children: Snippet } = $props();
</script>

<div
	class="flex flex-wrap items-center gap-x-4.5 gap-y-1.5 mx-(--page-edge) mt-1.5 mb-0 py-2.5 px-4 rounded-cloth bg-enamel-hi [box-shadow:0_0_0_1.5px_var(--tin-2)] {tone}"
	role={tone === 'wrong' ? 'alert' : 'status'}
>
	{@render children()}
</div>

<style>
	.wrong {
		background: var(--brass-wash);
		box-shadow: 0 0 0 2px var(--brass-text);
	}
</style>
