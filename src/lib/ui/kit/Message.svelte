<script lang="ts">
	/** What went wrong, with what to do; or what just happened, where scripts do not run. It stands in the page. */
	import type { Snippet } from 'svelte';
	let { tone = 'done', children }: { tone?: 'done' | 'wrong'; children: Snippet } = $props();
</script>

<div
	role={tone === 'wrong' ? 'alert' : 'status'}
	class="mx-edge mt-1.5 flex flex-wrap items-center gap-x-4.5 gap-y-1.5 rounded-cloth border-2 px-4 py-2.5 {tone ===
	'wrong'
		? 'border-brass-text bg-brass-wash'
		: 'border-tin-2 bg-enamel-hi'}"
>
	{@render children()}
</div>
