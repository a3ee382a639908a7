<script lang="ts">
	/** A danger, read first: what never goes together or what to wear, framed in madder behind two upright lines. */
	import type { Snippet } from 'svelte';
	let {
		headline,
		children,
		compact = false
	}: { headline: string; children: Snippet; compact?: boolean } = $props();
</script>

<p
	class="m-0 flex items-stretch gap-3 rounded-button border-2 border-madder bg-madder-wash text-madder-ink {compact
		? 'px-3 py-2 text-body'
		: 'px-3.5 py-3'}"
>
	<span class="w-[9px] shrink-0 border-x-[3px] border-madder" aria-hidden="true"></span>
	<span class="min-w-0 wrap-anywhere"><b>{headline}</b> {@render children()}</span>
</p>
