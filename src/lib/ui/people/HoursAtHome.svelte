<script lang="ts">
	/** When somebody is here and looks after the home: a row for days that follow each other alike, or one for each day. */
	import { untrack } from 'svelte';
	import { HOURS } from '$words/people';
	import type { MemberView } from '$views/people';
	import Button from '../kit/Button.svelte';
	import Check from '../kit/Check.svelte';
	import HoursOfDay from './HoursOfDay.svelte';
	let { view, fixed }: { view: MemberView; fixed: boolean } = $props();
	let always = $derived(view.isAlways);
	const looksAfter = $derived(view.role === 'organiser' || view.role === 'adult');
	const saved = () => JSON.stringify([view.home, view.carries]);
	/** The hours of each day as they stand in the form; another answer of the house begins them anew. */
	let here = $state(untrack(() => view.home.map((day) => day.spans)));
	let looks = $state(untrack(() => view.carries.map((day) => day.spans)));
	/** The days of each row, as they were alike when they came: no row joins another while it is changed. */
	let runs = $state(untrack(alike));
	let copied = $state(0);
	let known = untrack(saved);
	$effect.pre(() => {
		// Read anew with nothing changed: what is being typed stays.
		if (saved() === known) return;
		known = saved();
		here = view.home.map((day) => day.spans);
		looks = view.carries.map((day) => day.spans);
		untrack(() => {
			copied++;
			runs = alike();
		});
	});
	function isSame(a: number, b: number): boolean {
		return here[a] === here[b] && (!looksAfter || looks[a] === looks[b]);
	}
	/** Days that follow each other with the same hours. */
	function alike(): number[][] {
		return here.reduce<number[][]>((found, _, day) => {
			const last = found.at(-1);
			if (last && isSame(last[0] as number, day)) last.push(day);
			else found.push([day]);
			return found;
		}, []);
	}
	const isApart = $derived(runs.every((days) => days.length === 1));
	const nameOf = (days: readonly number[]) =>
		HOURS.days(
			days.map((day) => view.home[day]?.name ?? ''),
			view.home.length
		);
	function copy(days: string[], from: number) {
		for (let day = 0; day < 5; day++) days[day] = days[from] ?? '';
		copied++;
	}
	const namesOf = (kind: string, days: readonly number[]) =>
		days.map((day) => `${kind}-${view.home[day]?.weekday}`);
</script>

{#snippet hours(label: string, kind: string, list: string[], days: readonly number[], none: string)}
	{@const first = days[0] ?? 0}
	{#key copied}<HoursOfDay
			{label}
			names={namesOf(kind, days)}
			bind:value={
				() => list[first] ?? '',
				(to) => {
					for (const day of days) list[day] = to;
				}
			}
			{none}
			{fixed}
			oncopy={isApart ? () => copy(list, first) : undefined}
		/>{/key}
{/snippet}

<Check label={HOURS.always} name="always" formValue="1" bind:checked={always} />
{#if !always || looksAfter}
	<ul class="m-0 w-full list-none p-0">
		{#each runs as days (days[0])}
			{@const name = nameOf(days)}
			<li
				class="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-x-3 border-b border-tin-1 py-0.5 max-sm:grid-cols-[1fr] max-sm:py-1.5"
			>
				<b class="flex min-h-11 items-center self-start max-sm:min-h-0">{name}</b>
				<div class="grid min-w-0">
					{#if !always}{@render hours(HOURS.hereOn(name), 'home', here, days, HOURS.gone)}{/if}
					{#if looksAfter}
						<div class="flex flex-wrap items-start gap-x-2.5">
							<span class="flex min-h-11 items-center text-tin-text">{HOURS.looks}:</span>
							{@render hours(HOURS.looksOn(name), 'carries', looks, days, HOURS.no)}
						</div>
					{/if}
				</div>
			</li>
		{/each}
	</ul>
	{#if !isApart && !fixed}<Button kind="link" onclick={() => (runs = view.home.map((_, day) => [day]))}
			>{HOURS.apart}</Button
		>{/if}
{/if}
