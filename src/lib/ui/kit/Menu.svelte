<script lang="ts" module>
	import type { Component } from 'svelte';
	export interface MenuLine {
		readonly label: string;
		/** One line of what it does. */
		readonly line?: string;
		readonly icon?: Component<{ size?: number }>;
		readonly href?: string;
		readonly onpick?: () => void;
		readonly disabled?: boolean;
	}
</script>

<script lang="ts">
	/** Acts behind one button, each with what it does. What opens is loaded when somebody comes near it. */
	import { onMount, tick, type Snippet } from 'svelte';
	import { CONTROL } from './styles';
	let {
		label,
		lines,
		trigger,
		class: classes = CONTROL,
		open = $bindable(false)
	}: {
		/** Said aloud for the button. */
		label: string;
		lines: readonly MenuLine[];
		trigger: Snippet;
		class?: string;
		open?: boolean;
	} = $props();
	interface Props {
		id: string;
		label: string;
		lines: readonly MenuLine[];
		trigger: Snippet;
		class: string;
		open: boolean;
	}
	const id = $props.id();
	let Parts = $state<Component<Props, object, 'open'> | null>(null);
	const load = async () => {
		Parts ??= (await import('./MenuParts.svelte')).default as Component<Props, object, 'open'>;
	};
	async function show() {
		await load();
		await tick();
		// The button that was pressed has made way for the menu's own: that one has the focus, and gets it back.
		document.getElementById(id)?.focus();
		open = true;
		await tick();
		requestAnimationFrame(() => document.querySelector<HTMLElement>('[role=menu] [role=menuitem]')?.focus());
	}
	onMount(() => {
		if (open) void load();
	});
</script>

{#if Parts}
	<Parts {id} {label} {lines} {trigger} class={classes} bind:open />
{:else}
	<button
		{id}
		type="button"
		class={classes}
		aria-label={label}
		aria-haspopup="menu"
		aria-expanded="false"
		onclick={show}
		onkeydown={(event) => {
			if (event.key !== 'ArrowDown') return;
			event.preventDefault();
			void show();
		}}>{@render trigger()}</button
	>
{/if}
