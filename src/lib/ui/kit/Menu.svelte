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
	/** Acts behind one button, each with what it does. */
	import { DropdownMenu } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { CONTROL, FLOATING, LINE } from './styles';
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
</script>

{#snippet body(one: MenuLine)}
	{#if one.icon}<span class="w-7 shrink-0 text-cobalt-ink"><one.icon size={26} /></span>{/if}
	<span class="min-w-0"
		><span class="block font-name">{one.label}</span>{#if one.line}<span class="block text-body text-tin-text"
				>{one.line}</span
			>{/if}</span
	>
{/snippet}

<DropdownMenu.Root bind:open>
	<DropdownMenu.Trigger class={classes} aria-label={label}>{@render trigger()}</DropdownMenu.Trigger>
	<DropdownMenu.Portal>
		<DropdownMenu.Content
			class="{FLOATING} w-88 max-w-[calc(100vw-2rem)]"
			sideOffset={6}
			collisionPadding={12}
			align="end"
		>
			{#each lines as one (one.label)}
				{#if one.href}
					<DropdownMenu.Item disabled={one.disabled} onSelect={() => one.onpick?.()}>
						{#snippet child({ props })}<a {...props} href={one.href} class={LINE}>{@render body(one)}</a
							>{/snippet}
					</DropdownMenu.Item>
				{:else}
					<DropdownMenu.Item class={LINE} disabled={one.disabled} onSelect={() => one.onpick?.()}
						>{@render body(one)}</DropdownMenu.Item
					>
				{/if}
			{/each}
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>
