<script lang="ts">
	/** A time of the day, by the home's clock. Given and told as HH:MM. */
	import { parseTime, type Time } from '@internationalized/date';
	import { TimeField } from 'bits-ui';
	import { untrack } from 'svelte';
	import { LOCALES } from '$words/writing';
	import { wrongBeside } from './answer.svelte';
	import { writing } from './settings';
	let {
		label,
		hideLabel = false,
		name,
		value = $bindable(''),
		wrong = '',
		required = false,
		width = 'w-36',
		onchange
	}: {
		label: string;
		hideLabel?: boolean;
		name?: string;
		value?: string;
		wrong?: string;
		required?: boolean;
		width?: 'w-36' | 'w-28';
		onchange?: (value: string) => void;
	} = $props();
	const id = $props.id();
	const settings = $derived(writing());
	let field: HTMLElement | null = $state(null);
	const beside = wrongBeside(
		() => name,
		() => wrong,
		() => field?.querySelector<HTMLElement>('[role=spinbutton]')
	);
	const time = (text: string): Time | undefined => {
		try {
			return text === '' ? undefined : parseTime(text);
		} catch {
			return undefined;
		}
	};
	const told = (to: Time | undefined) => (to ? to.toString().slice(0, 5) : '');
	function set(to: Time | undefined) {
		beside.mending();
		inner = to;
		value = told(to);
		onchange?.(value);
	}
	/** What is being typed part by part: the same object as long as it says what is given. */
	let inner = $state.raw<Time | undefined>();
	$effect.pre(() => {
		if (told(untrack(() => inner)) !== value) inner = time(value);
	});
</script>

<TimeField.Root
	value={inner}
	onValueChange={(to) => set(to as Time | undefined)}
	locale={LOCALES[settings.dates]}
	hourCycle={settings.clock === '12h' ? 12 : 24}
	{required}
>
	<div class="grid min-w-0 content-start gap-1">
		<TimeField.Label class="font-name {hideLabel ? 'sr-only' : ''}">{label}</TimeField.Label>
		<TimeField.Input
			bind:ref={field}
			aria-describedby={beside.text ? `${id}-wrong` : undefined}
			class="flex min-h-12 {width} items-center rounded-cloth border-2 bg-enamel-hi px-3 text-lead text-ink has-focus-visible:shadow-focus {beside.text
				? 'border-brass-text'
				: 'border-tin-2'}"
		>
			{#snippet children({ segments })}
				{#each segments as { part, value: text }, i (`${part} ${i}`)}
					{#if part === 'literal'}
						<TimeField.Segment {part} class="text-tin-text">{text}</TimeField.Segment>
					{:else}
						<TimeField.Segment
							{part}
							class="rounded-sm px-0.5 outline-none focus:bg-cobalt focus:text-on-cobalt focus-visible:shadow-none aria-[valuetext=Empty]:text-tin-text"
							>{text}</TimeField.Segment
						>
					{/if}
				{/each}
			{/snippet}
		</TimeField.Input>
		{#if beside.text}<p id="{id}-wrong" role="alert" class="m-0 font-name text-brass-text">
				{beside.text}
			</p>{/if}
	</div>
	{#if name}<input type="hidden" {name} {value} />{/if}
</TimeField.Root>
