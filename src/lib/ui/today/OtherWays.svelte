<script lang="ts">
	/** Every other kind of session, each with a line of what it does: a menu that comes when it is asked for. */
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { CONTROL } from '../kit/styles';
	import { TODAY } from '$words/today';
	import type { OtherWayView } from '$views/today';
	import type { Component } from 'svelte';
	let { ways }: { ways: readonly OtherWayView[] } = $props();
	interface ListProps {
		ways: readonly OtherWayView[];
		onclose: () => void;
	}
	let List = $state<Component<ListProps> | null>(null);
	let open = $state(false);
	/** The list is fetched when it is first opened; without scripts the link leads to it on the timer's page. */
	async function show(event: MouseEvent) {
		event.preventDefault();
		List ??= (await import('./OtherWaysList.svelte')).default as Component<ListProps>;
		open = true;
	}
</script>

<a
	href="/timer"
	onclick={show}
	aria-haspopup="dialog"
	class="{CONTROL} min-h-[54px] max-w-44 max-sm:min-h-11 text-center leading-tight max-sm:w-full max-sm:max-w-none"
	>{TODAY.otherWays}<ChevronDown size={18} aria-hidden="true" class="shrink-0" /></a
>
{#if open && List}<List {ways} onclose={() => (open = false)} />{/if}
