<script lang="ts">
	/** A menu that has been asked for: its button, and the lines that open under it. */
	import { DropdownMenu } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import type { MenuLine } from './Menu.svelte';
	import { FLOATING, LINE } from './styles';
	let {
		id,
		label,
		lines,
		trigger,
		class: classes,
		open = $bindable(false)
	}: {
		id: string;
		/** Said aloud for the button. */
		label: string;
		lines: readonly MenuLine[];
		trigger: Snippet;
		class: string;
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
	<DropdownMenu.Trigger {id} class={classes} aria-label={label}>{@render trigger()}</DropdownMenu.Trigger>
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
