<script lang="ts">
	/** The menu of the home: other homes, whom one can be in the demo, one's own sign-ins. */
	import Button from '../kit/Button.svelte';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import type { Component } from 'svelte';
	import { FRAME } from '$words/frame';
	import type { FrameView } from '$views/frame';
	let {
		frame,
		label = undefined
	}: {
		frame: FrameView;
		/** Instead of the name of the home: as whom it is looked at. */
		label?: string | undefined;
	} = $props();
	interface ListProps {
		frame: FrameView;
		onclose: () => void;
	}
	let List = $state<Component<ListProps> | null>(null);
	let open = $state(false);
	/** Fetched when it is first opened; without scripts the link leads to the page that says the same. */
	async function show(event: MouseEvent) {
		event.preventDefault();
		List ??= (await import('./HomeMenuList.svelte')).default as Component<ListProps>;
		open = true;
	}
</script>

<Button
	href="/more"
	onclick={show}
	aria-haspopup="dialog"
	aria-label="{FRAME.menu}: {frame.household}"
	kind="link"
	class="inline-flex! min-h-11! min-w-0 items-center! gap-1.5! rounded-sign! px-2! text-lead! font-name! text-ink no-underline hover:bg-cobalt-wash!"
>
	{#if frame.isDemo && label === undefined}<span
			class="rounded-sign border-2 border-cobalt-ink px-2 text-body whitespace-nowrap text-cobalt-ink"
			>{FRAME.demo}</span
		>{/if}
	<span class="max-w-52 truncate">{label ?? frame.household}</span>
	<ChevronDown size={18} aria-hidden="true" class="shrink-0" />
</Button>
{#if open && List}<List {frame} onclose={() => (open = false)} />{/if}
