<script lang="ts">
	/** On or off, at once. */
	import { Switch } from 'bits-ui';
	import { REACH_BOX } from './styles';
	let {
		label,
		line = '',
		name,
		checked = $bindable(false),
		disabled = false,
		onchange
	}: {
		label: string;
		line?: string;
		name?: string;
		checked?: boolean;
		disabled?: boolean;
		onchange?: (checked: boolean) => void;
	} = $props();
	const id = $props.id();
</script>

<div class="flex min-h-11 items-center gap-3">
	<Switch.Root
		{id}
		{name}
		{disabled}
		bind:checked
		onCheckedChange={(to) => onchange?.(to)}
		class="{REACH_BOX} inline-flex h-8 w-14 shrink-0 cursor-pointer items-center rounded-full border-2 border-tin-2 bg-enamel-hi p-0 data-[state=checked]:border-cobalt data-[state=checked]:bg-cobalt focus-visible:rounded-full focus-visible:shadow-focus data-disabled:cursor-default"
	>
		<Switch.Thumb
			class="block size-5 translate-x-1 rounded-full bg-tin-2 transition-transform duration-quick data-[state=checked]:translate-x-7 data-[state=checked]:bg-on-cobalt forced-colors:bg-[CanvasText]"
		/>
	</Switch.Root>
	<label for={id} class="min-w-0 cursor-pointer text-lead"
		>{label}{#if line}<span class="block text-body text-tin-text">{line}</span>{/if}</label
	>
</div>
