<script lang="ts">
	/** When the pile is washed, by so many loads a day; and the days on which this home washes. */
	import ActForm from '../ActForm.svelte';
	import Button from '../kit/Button.svelte';
	import Toggles from '../kit/Toggles.svelte';
	import { once } from '../once';
	import type { LaundryView } from '$views/laundry';
	import { DONE_BY, leftWords } from '$words/laundry';
	let { view }: { view: LaundryView } = $props();
	let days = $derived<readonly string[]>(view.weekdays.filter((day) => day.on).map((day) => String(day.day)));
	/** As tall as what is left, up to eight. */
	const tall = (left: number) => `${Math.min(8, left) * 6 + 1}px`;
</script>

{#if view.pile.some((row) => row.days.some((day) => day.left > 0))}
	<div class="relative overflow-x-auto">
		<table class="border-collapse">
			<thead>
				<tr>
					<th scope="col"><span class="sr-only">{DONE_BY.aDay}</span></th>
					{#each view.pile[0]?.days ?? [] as day (day.name)}
						<th scope="col" class="px-0.5 pb-1 font-text text-tin-text min-[480px]:px-2"
							>{day.name.slice(0, 2)}<span class="max-[480px]:sr-only">{day.name.slice(2)}</span></th
						>
					{/each}
					<th scope="col"><span class="sr-only">{DONE_BY.by}</span></th>
				</tr>
			</thead>
			<tbody>
				{#each view.pile as row (row.aDay)}
					<tr aria-current={row.chosen ? 'true' : undefined} class="group align-top">
						<th
							scope="row"
							class="pr-2 pb-2 text-left font-text whitespace-nowrap group-aria-current:font-figure group-aria-current:text-cobalt-ink"
						>
							{#if view.maySet && !row.chosen}
								<ActForm action="/laundry?/set" values={{ revision: view.revision, aDay: row.aDay }}
									><Button kind="link" type="submit" class="min-h-11!">{DONE_BY.rate(row.aDay)}</Button
									></ActForm
								>
							{:else}{DONE_BY.rate(row.aDay)}{/if}
						</th>
						{#each row.days as day (day.name)}
							<td class="px-0.5 pb-2 min-[480px]:px-2">
								<span
									class="block w-4 border-x-2 border-b-2 border-tin-2 bg-[repeating-linear-gradient(to_bottom,var(--tin-2)_0_1.5px,var(--enamel-hi)_1.5px_6px)] group-aria-current:border-cobalt-ink group-aria-current:bg-[repeating-linear-gradient(to_bottom,var(--cobalt-ink)_0_1.5px,var(--enamel-hi)_1.5px_6px)] min-[400px]:w-6 min-[480px]:w-8"
									class:invisible={day.left === 0}
									style:height={tall(day.left)}
									role="img"
									aria-label={leftWords(day.left)}
								></span>
							</td>
						{/each}
						<td class="pl-1"
							><span
								class="fetch max-[359px]:min-w-0! max-[359px]:border-0! max-[359px]:bg-transparent! max-[359px]:px-0! max-[359px]:text-[0.875rem]!"
								>{row.gone}</span
							></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
{:else}<p class="m-0 text-tin-text">{DONE_BY.nothing}</p>{/if}
{#if view.maySet}
	<form class="mt-4 grid justify-items-start gap-3" method="post" action="/laundry?/set" use:once>
		<input type="hidden" name="revision" value={view.revision} />
		<input type="hidden" name="withDays" value="1" />
		<Toggles
			label={DONE_BY.days}
			many
			name="days"
			bind:value={days}
			options={view.weekdays.map((day) => ({
				value: String(day.day),
				label: day.name.slice(0, 2),
				long: day.name
			}))}
		/>
		<Button type="submit">{DONE_BY.saveDays}</Button>
	</form>
{/if}
