<script lang="ts">
	/** Two weeks of presence: a long stitch is all day, a short one a part of it, a tin dash is away. */
	import { PEOPLE_PRESENCE } from '$words/screens/people';
	import type { CrewView } from '$views/people';
	let { days, rows }: { days: CrewView['days']; rows: CrewView['presence'] } = $props();
	/** A name with a word too long for its column stands over its days. */
	const WORD = 9;
	const stacked = $derived(rows.some(({ name }) => name.split(/[\s-]+/).some((word) => word.length > WORD)));
</script>

<table class="w-full [border-collapse:collapse] [table-layout:fixed]">
	<caption class="text-left pb-1.5 max-sm:wrap-anywhere">
		<span class="font-display text-h3 mr-5">{PEOPLE_PRESENCE.whoIsHomeNextTwo}</span>
		<span class="dim whitespace-nowrap max-sm:whitespace-normal" aria-hidden="true"
			><span
				class="w-7.5 top-2.5 h-1.75 rounded-[4px] bg-cobalt-ink static inline-block align-middle mr-1 ml-3"
			></span>
			{PEOPLE_PRESENCE.allDay}
			<span
				class="w-3.5 top-2.5 h-1.75 rounded-[4px] bg-cobalt-ink static inline-block align-middle mr-1 ml-3"
			></span>
			{PEOPLE_PRESENCE.aPart}</span
		>
	</caption>
	<thead>
		<tr>
			{#if !stacked}<td class="relative h-7 w-25 max-sm:w-19 max-sm:text-[0.9375rem]"></td>{/if}
			{#each days as day, i (day.name)}<th
					class={[
						'h-7',
						day.isToday
							? 'bg-enamel-hi [box-shadow:-2px_0_0_var(--cobalt-ink),2px_0_0_var(--cobalt-ink)] text-cobalt-ink font-name rounded-[8px_8px_0_0] [box-shadow:-2px_0_0_var(--cobalt-ink),2px_0_0_var(--cobalt-ink),0_-2px_0_var(--cobalt-ink)]'
							: 'font-normal text-tin-text',
						i === 7 && 'border-l-2 [border-left-style:dashed] border-l-linen-deep'
					]}
					scope="col"
					class:today={day.isToday}
					><span aria-hidden="true">{day.letter}</span><span class="sr">{day.name}</span></th
				>{/each}
		</tr>
	</thead>
	{#each rows as row, i (i)}
		<tbody>
			{#if stacked}<tr
					><th class="pt-2 text-left text-ink font-name wrap-anywhere" scope="rowgroup" colspan={days.length}
						>{row.name}</th
					></tr
				>{/if}
			<tr>
				{#if !stacked}<th
						class="h-7 w-25 text-left text-ink font-name wrap-anywhere pr-2 max-sm:w-19 max-sm:text-[0.9375rem]"
						scope="row">{row.name}</th
					>{/if}
				{#each row.days as day, n (n)}
					<td
						class={[
							'relative h-7',
							days[n]?.isToday &&
								'bg-enamel-hi [box-shadow:-2px_0_0_var(--cobalt-ink),2px_0_0_var(--cobalt-ink)] text-cobalt-ink font-name',
							n === 7 && 'border-l-2 [border-left-style:dashed] border-l-linen-deep'
						]}
						class:today={days[n]?.isToday}
					>
						<span class="sr">{day.words}</span>
						{#if day.kind === 'away'}
							<span class="absolute left-[calc(50%_-_5px)] top-3.25 w-2.5 h-0.5 bg-tin-2" aria-hidden="true"
							></span>
						{:else}
							<span
								class="absolute top-2.5 h-1.75 rounded-[4px] bg-cobalt-ink"
								aria-hidden="true"
								style:left="{day.kind === 'all' ? 8 : 8 + day.from * 84}%"
								style:width="{day.kind === 'all' ? 84 : Math.max(22, (day.to - day.from) * 84)}%"
							></span>
						{/if}
					</td>
				{/each}
			</tr>
		</tbody>
	{/each}
</table>

<style>
	tbody:last-child tr:last-child .today {
		border-radius: 0 0 8px 8px;
		box-shadow:
			-2px 0 0 var(--cobalt-ink),
			2px 0 0 var(--cobalt-ink),
			0 2px 0 var(--cobalt-ink);
	}
</style>
