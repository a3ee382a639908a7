<script lang="ts">
	/** Yes or no, as part of a form. */
	import { Checkbox } from 'bits-ui';
	import CheckIcon from '@lucide/svelte/icons/check';
	import { REACH_BOX } from './styles';
	let {
		label,
		line = '',
		hideLabel = false,
		name,
		formValue = 'yes',
		checked = $bindable(false),
		disabled = false,
		onchange
	}: {
		label: string;
		line?: string;
		hideLabel?: boolean;
		name?: string;
		formValue?: string;
		checked?: boolean;
		disabled?: boolean;
		onchange?: (checked: boolean) => void;
	} = $props();
	const id = $props.id();
</script>

<div class="flex min-h-11 items-center gap-3">
	<Checkbox.Root
		{id}
		{name}
		value={formValue}
		{disabled}
		bind:checked
		onCheckedChange={(to) => onchange?.(to)}
		class="{REACH_BOX} grid size-7 shrink-0 cursor-pointer place-items-center rounded-md border-2 border-tin-2 bg-enamel-hi p-0 text-on-cobalt data-[state=checked]:border-cobalt data-[state=checked]:bg-cobalt focus-visible:shadow-focus data-disabled:cursor-default"
	>
		{#snippet children({ checked: on })}{#if on}<CheckIcon
					size={20}
					strokeWidth={3}
					aria-hidden="true"
				/>{/if}{/snippet}
	</Checkbox.Root>
	<label for={id} class="min-w-0 cursor-pointer text-lead {hideLabel ? 'sr-only' : ''}"
		>{label}{#if line}<span class="block text-body text-tin-text">{line}</span>{/if}</label
	>
</div>
