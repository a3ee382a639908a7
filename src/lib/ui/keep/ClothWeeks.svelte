<script lang="ts">
	/** The coming weeks as a sheet of days: what lies under a cloth is covered, wholly or half. */
	import type { ClothDayView } from '$views/settings';
	let { weeks, names }: { weeks: readonly (readonly ClothDayView[])[]; names: readonly string[] } = $props();
	/** Over how many days, from the first of them on, the words of a cloth are written; 0 where they are already. */
	function runFrom(week: readonly ClothDayView[], i: number): number {
		const words = week[i]?.words ?? '';
		if (words === '' || week[i - 1]?.words === words) return 0;
		const end = week.findIndex((day, k) => k > i && day.words !== words);
		return (end < 0 ? week.length : end) - i;
	}
</script>

<table>
	<thead>
		<tr
			>{#each names as name (name)}<th scope="col">{name}</th>{/each}</tr
		>
	</thead>
	<tbody>
		{#each weeks as week, i (i)}
			<tr>
				{#each week as day, k (day.date)}
					<td class:today={day.isToday} class:past={day.isPast}>
						<a href="/schedule?on={day.date}" aria-label="{day.name}{day.words ? `: ${day.words}` : ''}">
							<b>{day.label}</b>
							{#if day.words}
								{@const run = runFrom(week, k)}
								<span class="cloth" class:whole={day.whole}></span>
								{#if run > 0}<span class="words" style:max-width="calc({run} * 100% - 12px)">{day.words}</span
									>{/if}
							{/if}
						</a>
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		width: 100%;
		table-layout: fixed;
		border-collapse: collapse;
		margin-top: 8px;
	}
	th {
		font-weight: 400;
		color: var(--tin-text);
		text-align: left;
		padding: 4px 8px;
	}
	td {
		border: 1px solid var(--tin-1);
		height: 44px;
		padding: 0;
		vertical-align: top;
	}
	td.today {
		position: relative;
	}
	td.today::after {
		content: '';
		position: absolute;
		inset: 0;
		box-shadow: inset 0 0 0 3px var(--cobalt-ink);
		pointer-events: none;
		z-index: 1;
	}
	td a {
		position: relative;
		display: block;
		height: 100%;
		min-height: 44px;
		padding: 3px 8px;
		color: var(--ink);
		text-decoration: none;
	}
	td.past b {
		color: var(--tin-text);
		font-weight: 400;
	}
	td a:hover {
		background: var(--cobalt-wash);
	}
	/* A cloth over half the day, or over all of it; what it is stands on it. */
	.cloth {
		position: absolute;
		inset: auto 0 0;
		height: 20px;
		background: var(--linen-deep);
		border-top: var(--stitch);
	}
	.cloth.whole {
		inset: 0;
		height: auto;
	}
	td b {
		position: relative;
		z-index: 1;
	}
	.words {
		position: absolute;
		left: 8px;
		bottom: 1px;
		z-index: 2;
		width: max-content;
		background: var(--linen-deep);
		font-size: 0.875rem;
		line-height: 1.3;
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	@media (max-width: 900px) {
		th,
		td a {
			padding-inline: 5px;
		}
		.words {
			display: none;
		}
	}
</style>
