<script lang="ts">
	/** A date: typed part by part in the home's own order, or picked from a month. Given and told as YYYY-MM-DD. */
	import { KIT_FIELDS } from '$words/screens/frame';
	import { parseDate, today as todayIn, type DateValue } from '@internationalized/date';
	import { DatePicker } from 'bits-ui';
	import CalendarDays from '@lucide/svelte/icons/calendar-days';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import { tick, untrack } from 'svelte';
	import { afterReset } from './afterReset';
	import { LOCALES } from '$words/writing';
	import { wrongBeside } from './answer.svelte';
	import { writing } from './settings';
	import { FLOATING } from './styles';
	let {
		label,
		hideLabel = false,
		name,
		field: fieldName,
		value = $bindable(''),
		min = '',
		max = '',
		wrong = '',
		required = false,
		look = 'field',
		sends = false,
		onchange
	}: {
		label: string;
		hideLabel?: boolean;
		name?: string;
		/** What it holds by name, where it is not sent under it. */
		field?: string | undefined;
		value?: string;
		min?: string;
		max?: string;
		wrong?: string;
		required?: boolean;
		/** `tape`: a word of a sentence, with its label said aloud only. */
		look?: 'field' | 'tape';
		/** Its form is sent as soon as another day is picked. */
		sends?: boolean;
		onchange?: (value: string) => void;
	} = $props();
	const id = $props.id();
	const settings = $derived(writing());
	const beside = wrongBeside(
		() => fieldName ?? name,
		() => wrong,
		() => field?.querySelector<HTMLElement>('[role=spinbutton]')
	);
	const date = (iso: string): DateValue | undefined => {
		try {
			return iso === '' ? undefined : parseDate(iso);
		} catch {
			return undefined;
		}
	};
	const now = $derived(date(settings.today ?? '') ?? todayIn('UTC'));
	const told = (to: DateValue | undefined) => to?.toString() ?? '';
	async function set(to: DateValue | undefined) {
		beside.mending();
		inner = to;
		value = told(to);
		onchange?.(value);
		if (!sends || value === '') return;
		await tick();
		field?.closest('form')?.requestSubmit();
	}
	let field: HTMLElement | null = $state(null);
	const first = untrack(() => value);
	$effect(() => afterReset(field, () => (value = first)));
	const isTape = $derived(look === 'tape');
	/** What is being typed part by part: the same object as long as it says what is given. */
	let inner = $state.raw<DateValue | undefined>();
	$effect.pre(() => {
		if (told(untrack(() => inner)) !== value) inner = date(value);
	});
	const ARROW =
		'grid size-11 cursor-pointer place-items-center rounded-lg border-0 bg-transparent text-cobalt-ink hover:bg-cobalt-wash focus-visible:shadow-focus';
</script>

<DatePicker.Root
	value={inner}
	onValueChange={(to) => void set(to)}
	placeholder={inner ?? now}
	minValue={date(min)}
	maxValue={date(max)}
	locale={LOCALES[settings.dates]}
	weekStartsOn={(settings.weekStart % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6}
	weekdayFormat="short"
	fixedWeeks
	{required}
>
	<div class="grid min-w-0 content-start gap-1">
		<DatePicker.Label class="font-name {hideLabel || isTape ? 'sr-only' : ''}">{label}</DatePicker.Label>
		<DatePicker.Input
			aria-describedby={beside.text ? `${id}-wrong` : undefined}
			bind:ref={field}
			class="flex min-h-12 items-center rounded-cloth pl-3 text-lead has-focus-visible:shadow-focus {isTape
				? 'bg-linen-hi font-text font-name text-cobalt-ink shadow-cloth'
				: `w-full border-2 sm:max-w-72 bg-enamel-hi text-ink ${beside.text ? 'border-brass-text' : 'border-tin-2'}`}"
		>
			{#snippet children({ segments })}
				{#each segments as { part, value: text }, i (`${part} ${i}`)}
					{#if part === 'literal'}
						<DatePicker.Segment {part} class="text-tin-text">{text}</DatePicker.Segment>
					{:else}
						<DatePicker.Segment
							{part}
							class="rounded-sm px-0.5 outline-none focus:bg-cobalt focus:text-on-cobalt focus-visible:shadow-none aria-[valuetext=Empty]:text-tin-text"
							>{text}</DatePicker.Segment
						>
					{/if}
				{/each}
				<DatePicker.Trigger
					class="ml-auto grid size-11 cursor-pointer place-items-center rounded-lg border-0 bg-transparent text-cobalt-ink hover:bg-cobalt-wash focus-visible:shadow-focus"
					aria-label={KIT_FIELDS.pickADate(label)}
					><CalendarDays size={20} aria-hidden="true" /></DatePicker.Trigger
				>
			{/snippet}
		</DatePicker.Input>
		{#if beside.text}<p id="{id}-wrong" role="alert" class="m-0 font-name text-brass-text">
				{beside.text}
			</p>{/if}
	</div>
	{#if name}<input type="hidden" {name} {value} />{/if}
	<DatePicker.Portal>
		<DatePicker.Content class={FLOATING} sideOffset={6} collisionPadding={12}>
			<DatePicker.Calendar>
				{#snippet children({ months, weekdays })}
					<DatePicker.Header class="flex items-center justify-between">
						<DatePicker.PrevButton class={ARROW}
							><ChevronLeft size={22} aria-hidden="true" /></DatePicker.PrevButton
						>
						<DatePicker.Heading class="font-display text-h3" />
						<DatePicker.NextButton class={ARROW}
							><ChevronRight size={22} aria-hidden="true" /></DatePicker.NextButton
						>
					</DatePicker.Header>
					{#each months as month (month.value.toString())}
						<DatePicker.Grid class="w-full border-collapse">
							<DatePicker.GridHead>
								<DatePicker.GridRow>
									{#each weekdays as day, i (i)}<DatePicker.HeadCell
											class="pb-1 text-note font-text text-tin-text">{day.slice(0, 2)}</DatePicker.HeadCell
										>{/each}
								</DatePicker.GridRow>
							</DatePicker.GridHead>
							<DatePicker.GridBody>
								{#each month.weeks as week, w (w)}
									<DatePicker.GridRow>
										{#each week as day (day.toString())}
											<DatePicker.Cell date={day} month={month.value} class="p-0 text-center">
												<DatePicker.Day
													class="grid size-11 cursor-pointer place-items-center rounded-lg text-lead hover:bg-cobalt-wash focus-visible:shadow-focus data-disabled:cursor-default data-disabled:text-tin-2 data-outside-month:text-tin-text data-selected:bg-cobalt data-selected:font-name data-selected:text-on-cobalt data-today:underline data-today:decoration-2 data-today:underline-offset-4"
												/>
											</DatePicker.Cell>
										{/each}
									</DatePicker.GridRow>
								{/each}
							</DatePicker.GridBody>
						</DatePicker.Grid>
					{/each}
				{/snippet}
			</DatePicker.Calendar>
		</DatePicker.Content>
	</DatePicker.Portal>
</DatePicker.Root>
