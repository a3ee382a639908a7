<script lang="ts">
	/** A month as a calendar: in each day its minutes, as a figure and as a stitch that is as long as the day was. */
	import { minutesText } from '$words/general';
	import type { MonthView } from '$views/history';
	let { view }: { view: MonthView } = $props();
</script>

<table class="w-full table-fixed border-collapse">
	<caption class="sr-only">{view.title}</caption>
	<thead>
		<tr>
			{#each view.weekdays as day (day)}
				<th scope="col" class="pb-1 text-left font-text text-tin-text">{day}</th>
			{/each}
		</tr>
	</thead>
	<tbody>
		{#each view.weeks as week, w (w)}
			<tr>
				{#each week as day, i (i)}
					<td class="h-16 border border-tin-1 p-0 align-top md:h-24">
						{#if day}
							<a
								href={day.href}
								aria-label={day.label}
								class="grid size-full content-between gap-1 p-1.5 text-ink no-underline hover:bg-cobalt-wash focus-visible:shadow-focus md:p-2.5 {day.isToday
									? 'bg-enamel-hi shadow-[inset_0_0_0_2px_var(--cobalt-ink)]'
									: ''}"
							>
								<span class="text-tin-text">{day.number}</span>
								<span class="grid gap-1">
									{#if day.minutes > 0}
										<b class="font-figure md:text-lead">{minutesText(day.minutes)}</b>
										<span
											class="h-1.5 rounded-full bg-cobalt-ink"
											style:width="{Math.max(8, (day.minutes / view.most) * 100)}%"
										></span>
									{/if}
								</span>
							</a>
						{/if}
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>
