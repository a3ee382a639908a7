<script lang="ts">
	/** Pages of one thing, one at a time. */
	import { Tabs } from 'bits-ui';
	import type { Snippet } from 'svelte';
	let {
		label,
		tabs,
		value = $bindable(''),
		panel
	}: {
		label: string;
		tabs: readonly { readonly value: string; readonly label: string }[];
		value?: string;
		panel: Snippet<[string]>;
	} = $props();
</script>

<Tabs.Root bind:value>
	<Tabs.List aria-label={label} class="flex flex-wrap gap-1 border-b-2 border-dashed border-linen-deep">
		{#each tabs as tab (tab.value)}
			<Tabs.Trigger
				value={tab.value}
				class="min-h-11 cursor-pointer rounded-t-lg border-0 bg-transparent px-4 text-lead font-name text-ink hover:bg-cobalt-wash focus-visible:shadow-focus data-[state=active]:bg-cobalt data-[state=active]:text-on-cobalt"
				>{tab.label}</Tabs.Trigger
			>
		{/each}
	</Tabs.List>
	{#each tabs as tab (tab.value)}
		<Tabs.Content value={tab.value} class="pt-4 outline-none focus-visible:shadow-focus"
			>{@render panel(tab.value)}</Tabs.Content
		>
	{/each}
</Tabs.Root>
