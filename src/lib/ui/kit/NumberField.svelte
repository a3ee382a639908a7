<script lang="ts">
	/** A number with less and more beside it; it can be typed as well, and the arrow keys step it. */
	import { KIT_FIELDS } from '$words/screens/frame';
	import Minus from '@lucide/svelte/icons/minus';
	import Plus from '@lucide/svelte/icons/plus';
	import Field from './Field.svelte';
	let {
		label,
		about,
		help,
		wrong,
		hideLabel,
		name,
		field,
		value = $bindable(0),
		min = 0,
		max = 999,
		step = 1,
		disabled = false,
		onchange
	}: {
		label: string;
		about?: string;
		help?: string;
		wrong?: string | readonly string[];
		hideLabel?: boolean;
		name?: string;
		/** What it holds by name, where it is not sent under it. */
		field?: string | undefined;
		value?: number;
		min?: number;
		max?: number;
		step?: number;
		disabled?: boolean;
		onchange?: (value: number) => void;
	} = $props();
	function set(to: number) {
		if (!Number.isFinite(to)) return;
		value = Math.min(max, Math.max(min, Math.round(to / step) * step));
		onchange?.(value);
	}
	function onkeydown(event: KeyboardEvent) {
		const by = { ArrowUp: step, ArrowDown: -step, PageUp: 10 * step, PageDown: -10 * step }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		set(value + by);
	}
	const END =
		'grid w-11 shrink-0 cursor-pointer place-items-center border-0 bg-transparent p-0 text-cobalt-ink ' +
		'hover:bg-cobalt-wash focus-visible:shadow-focus disabled:cursor-default disabled:text-tin-2';
</script>

<Field {label} {about} {help} {wrong} {hideLabel} name={field ?? name}>
	{#snippet children({ id, describedBy, invalid })}
		<div
			class="inline-flex h-12 w-36 items-stretch overflow-hidden rounded-button border-2 border-tin-2 bg-enamel-hi has-aria-invalid:border-brass-text"
		>
			<button
				type="button"
				class={END}
				aria-label={KIT_FIELDS.less(label)}
				tabindex="-1"
				disabled={disabled || value <= min}
				onclick={() => set(value - step)}><Minus size={18} aria-hidden="true" /></button
			>
			<input
				{id}
				{name}
				{disabled}
				class="w-full min-w-0 border-0 bg-transparent p-0 text-center font-text text-lead font-figure text-ink outline-none focus-visible:bg-cobalt-wash focus-visible:shadow-none"
				inputmode="decimal"
				autocomplete="off"
				role="spinbutton"
				aria-valuenow={value}
				aria-valuemin={min}
				aria-valuemax={max}
				aria-describedby={describedBy}
				aria-invalid={invalid}
				value={String(value)}
				{onkeydown}
				onchange={(event) => {
					set(Number(event.currentTarget.value.replace(',', '.')));
					event.currentTarget.value = String(value);
				}}
			/>
			<button
				type="button"
				class={END}
				aria-label={KIT_FIELDS.more(label)}
				tabindex="-1"
				disabled={disabled || value >= max}
				onclick={() => set(value + step)}><Plus size={18} aria-hidden="true" /></button
			>
		</div>
	{/snippet}
</Field>
