<script lang="ts">
	/** What is rarely needed, behind the words that say what it is. Fields in it are sent though it is shut. */
	import { Collapsible } from 'bits-ui';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import type { Snippet } from 'svelte';
	let {
		title,
		open = $bindable(false),
		class: classes = '',
		openClass = '',
		wide = false,
		keeps = true,
		children
	}: {
		title: string | Snippet;
		open?: boolean;
		class?: string;
		/** What it looks like beside that while it is open. */
		openClass?: string;
		/** Its title takes the whole line, as a row of a list does. */
		wide?: boolean;
		/** False: what is behind it is drawn only while it is open. */
		keeps?: boolean;
		children: Snippet;
	} = $props();
</script>

<Collapsible.Root bind:open class="min-w-0 {classes} {open ? openClass : ''}">
	<Collapsible.Trigger
		class="{wide
			? 'flex w-full text-ink'
			: 'inline-flex font-name text-cobalt-ink'} min-h-11 max-w-full cursor-pointer items-center gap-1.5 border-0 bg-transparent px-0 py-1 text-left font-text text-body focus-visible:shadow-focus"
	>
		<ChevronDown
			size={18}
			aria-hidden="true"
			class="shrink-0 transition-transform duration-quick motion-reduce:transition-none {open
				? 'rotate-180'
				: ''}"
		/>
		<span class={wide ? 'min-w-0 flex-1' : 'min-w-0'}
			>{#if typeof title === 'string'}{title}{:else}{@render title()}{/if}</span
		>
	</Collapsible.Trigger>
	<Collapsible.Content forceMount>
		{#snippet child({ props })}<div {...props} hidden={!open}>
				{#if keeps || open}{@render children()}{/if}
			</div>{/snippet}
	</Collapsible.Content>
</Collapsible.Root>
