<script lang="ts">
	/** One of several, where there is no room to show them all. */
	import { Select } from 'bits-ui';
	import Check from '@lucide/svelte/icons/check';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import Field from './Field.svelte';
	import { FIELD, FLOATING, LINE } from './styles';
	let {
		label,
		about,
		help,
		wrong,
		hideLabel,
		name,
		value = $bindable(''),
		options,
		disabled = false,
		onchange
	}: {
		label: string;
		about?: string;
		help?: string;
		wrong?: string | readonly string[];
		hideLabel?: boolean;
		name?: string;
		value?: string;
		/** `why`: the reason for which it cannot be chosen. */
		options: readonly { readonly value: string; readonly label: string; readonly why?: string }[];
		disabled?: boolean;
		onchange?: (value: string) => void;
	} = $props();
	const shown = $derived(options.find((one) => one.value === value)?.label ?? '');
</script>

<Field {label} {about} {help} {wrong} {hideLabel}>
	{#snippet children({ id, describedBy, invalid })}
		<Select.Root
			type="single"
			{name}
			{disabled}
			bind:value
			items={options.map((one) => ({ value: one.value, label: one.label, disabled: one.why !== undefined }))}
			onValueChange={(to) => onchange?.(to)}
		>
			<Select.Trigger
				{id}
				class="{FIELD} flex cursor-pointer items-center justify-between gap-3 py-2 text-left"
				aria-describedby={describedBy}
				aria-invalid={invalid}
				aria-label="{label}: {shown}"
			>
				<span class="min-w-0 wrap-anywhere">{shown}</span>
				<ChevronDown size={20} aria-hidden="true" class="shrink-0 text-cobalt-ink" />
			</Select.Trigger>
			<Select.Portal>
				<Select.Content
					class="{FLOATING} w-(--bits-select-anchor-width) min-w-48"
					sideOffset={4}
					collisionPadding={12}
				>
					<Select.Viewport>
						{#each options as one (one.value)}
							<Select.Item value={one.value} label={one.label} disabled={one.why !== undefined} class={LINE}>
								{#snippet children({ selected })}
									<span class="w-5 shrink-0 text-cobalt-ink"
										>{#if selected}<Check size={20} aria-hidden="true" />{/if}</span
									>
									<span class="min-w-0"
										><span class={selected ? 'font-name' : ''}>{one.label}</span>{#if one.why}<span
												class="block text-body text-tin-text">{one.why}</span
											>{/if}</span
									>
								{/snippet}
							</Select.Item>
						{/each}
					</Select.Viewport>
				</Select.Content>
			</Select.Portal>
		</Select.Root>
	{/snippet}
</Field>
