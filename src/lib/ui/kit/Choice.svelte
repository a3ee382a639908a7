<script lang="ts">
	/** One of several, where there is no room to show them all. Without a value the first of them is chosen. */
	import { Select } from 'bits-ui';
	import Check from '@lucide/svelte/icons/check';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { tick, untrack } from 'svelte';
	import { afterReset } from './afterReset';
	import Field from './Field.svelte';
	import { FIELD, FLOATING, LINE, TAPE } from './styles';
	let {
		label,
		about,
		help,
		wrong,
		hideLabel,
		look = 'field',
		name,
		field,
		value = $bindable(''),
		options,
		disabled = false,
		sends = false,
		onchange
	}: {
		label: string;
		about?: string;
		help?: string;
		wrong?: string | readonly string[] | undefined;
		hideLabel?: boolean;
		/** `tape`: a word of a sentence, with its label said aloud only. */
		look?: 'field' | 'tape';
		name?: string;
		/** What it holds by name, where it is not sent under it. */
		field?: string | undefined;
		value?: string;
		/** `why`: the reason for which it cannot be chosen. `group`: what several belong to; they stand together. */
		options: readonly {
			readonly value: string;
			readonly label: string;
			readonly why?: string;
			readonly group?: string;
		}[];
		disabled?: boolean;
		/** Its form is sent as soon as another one is chosen. */
		sends?: boolean;
		onchange?: (value: string) => void;
	} = $props();
	const chosen = $derived(options.some((one) => one.value === value) ? value : (options[0]?.value ?? ''));
	const shown = $derived(options.find((one) => one.value === chosen)?.label ?? '');
	// What is shown is what is sent and what whoever binds it is told.
	$effect.pre(() => {
		if (value !== chosen) value = chosen;
	});
	let trigger: HTMLElement | null = $state(null);
	async function changed(to: string) {
		value = to;
		onchange?.(to);
		if (!sends) return;
		await tick();
		trigger?.closest('form')?.requestSubmit();
	}
	const first = untrack(() => value);
	$effect(() => afterReset(trigger, () => (value = first)));
</script>

{#snippet root(id: string | undefined, describedBy: string | undefined, invalid: 'true' | undefined)}
	<Select.Root
		type="single"
		{name}
		{disabled}
		value={chosen}
		items={options.map((one) => ({ value: one.value, label: one.label, disabled: one.why !== undefined }))}
		onValueChange={(to) => void changed(to)}
	>
		<Select.Trigger
			{id}
			bind:ref={trigger}
			class={look === 'tape'
				? TAPE
				: `${FIELD} flex cursor-pointer items-center justify-between gap-3 py-2 text-left`}
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
					{#each options as one, i (one.value)}
						{#if one.group && one.group !== options[i - 1]?.group}
							<p class="m-0 px-3 pt-2 text-body text-tin-text">{one.group}</p>
						{/if}
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

{#if look === 'tape'}
	<span class="inline-flex max-w-full min-w-0">{@render root(undefined, undefined, undefined)}</span>
{:else}
	<Field {label} {about} {help} {wrong} {hideLabel} name={field ?? name}>
		{#snippet children({ id, describedBy, invalid })}{@render root(id, describedBy, invalid)}{/snippet}
	</Field>
{/if}
