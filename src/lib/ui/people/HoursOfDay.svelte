<script lang="ts">
	/** The hours of a day of the week, or of several alike: told in words, changed by from and until; sent as "08:00-17:30, 19:00-21:00". */
	import { untrack } from 'svelte';
	import X from '@lucide/svelte/icons/x';
	import { HOURS, hoursWords } from '$words/people';
	import { wrongBeside } from '../kit/answer.svelte';
	import Button from '../kit/Button.svelte';
	import { writing } from '../kit/settings';
	import TimeField from '../kit/TimeField.svelte';
	let {
		label,
		names,
		value = $bindable(),
		none,
		fixed = false,
		oncopy
	}: {
		label: string;
		/** What they are sent as, once for each day. */
		names: readonly string[];
		value: string;
		/** What it means that there are none. */
		none: string;
		/** Only shown. */
		fixed?: boolean;
		/** Takes these hours for all days from Monday to Friday. */
		oncopy?: (() => void) | undefined;
	} = $props();
	const MOST = 4;
	let open = $state(false);
	let group: HTMLElement | null = $state(null);
	const beside = wrongBeside(
		() => names,
		() => undefined,
		() => group
	);
	/** Midnight at the end of a day is 24:00 in the home, and 00:00 in a field. */
	const read = (text: string) =>
		[...text.matchAll(/(\d\d:\d\d)-(\d\d:\d\d)/g)].map(([, from = '', to = '']) => ({
			from,
			to: to === '24:00' ? '00:00' : to
		}));
	let spans = $state(untrack(() => read(value)));
	$effect(() => {
		value = spans
			.filter((one) => one.from !== '' || one.to !== '')
			.map((one) => `${one.from}-${one.to === '00:00' ? '24:00' : one.to}`)
			.join(', ');
	});
</script>

<div
	bind:this={group}
	class="grid min-w-0 justify-items-start"
	role="group"
	aria-label={label}
	data-invalid={beside.text ? 'true' : undefined}
>
	{#if !open}
		<p class="m-0 flex min-h-11 flex-wrap items-center gap-x-3">
			<span>{hoursWords(value, writing().clock) || none}</span>
			{#if !fixed}<Button
					kind="link"
					class="inline-flex! items-center"
					aria-label={HOURS.changeOf(label)}
					aria-expanded="false"
					onclick={() => {
						open = true;
						if (spans.length === 0) spans = [{ from: '08:00', to: '17:00' }];
					}}>{HOURS.change}</Button
				>{/if}
		</p>
	{:else}
		{#each spans as span, i (i)}
			<div class="flex flex-wrap items-center gap-2 pb-1.5">
				<TimeField
					label={HOURS.from(label)}
					hideLabel
					width="w-28"
					onchange={beside.mending}
					bind:value={span.from}
				/>
				<span class="text-tin-text">{HOURS.to}</span>
				<TimeField
					label={HOURS.until(label)}
					hideLabel
					width="w-28"
					onchange={beside.mending}
					bind:value={span.to}
				/>
				<Button
					class="w-12 px-0!"
					aria-label={HOURS.remove(label)}
					onclick={() => (spans = spans.filter((_, k) => k !== i))}><X size={20} aria-hidden="true" /></Button
				>
			</div>
		{/each}
		<p class="m-0 flex min-h-11 flex-wrap items-center gap-x-5">
			{#if spans.length === 0}<span class="text-tin-text">{none}</span>{/if}
			{#if spans.length < MOST}<Button
					kind="link"
					aria-label={HOURS.addTo(label)}
					onclick={() => (spans = [...spans, { from: '08:00', to: '17:00' }])}>{HOURS.add}</Button
				>{/if}
			{#if oncopy}<Button kind="link" onclick={oncopy}>{HOURS.copy}</Button>{/if}
		</p>
	{/if}
	{#if beside.text}<p class="m-0 pb-1.5 font-name text-brass-text" role="alert">{beside.text}</p>{/if}
	{#each names as name (name)}<input type="hidden" {name} {value} />{/each}
</div>
