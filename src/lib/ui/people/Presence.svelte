<script lang="ts">
	/** Two weeks of presence: a long stitch is all day, a short one a part of it, a tin dash is away. */
	import type { CrewView } from '$views/people';
	let { days, rows }: { days: CrewView['days']; rows: CrewView['presence'] } = $props();
</script>

<table>
	<caption>
		<span class="title">Who is home, next two weeks</span>
		<span class="key dim" aria-hidden="true"
			><span class="stitch long"></span> all day <span class="stitch short"></span> a part</span
		>
	</caption>
	<thead>
		<tr>
			<td></td>
			{#each days as day, i (day.name)}<th scope="col" class:today={day.isToday} class:second={i === 7}
					><span aria-hidden="true">{day.letter}</span><span class="sr">{day.name}</span></th
				>{/each}
		</tr>
	</thead>
	<tbody>
		{#each rows as row, i (i)}
			<tr>
				<th scope="row">{row.name}</th>
				{#each row.days as day, n (n)}
					<td class:today={days[n]?.isToday} class:second={n === 7}>
						<span class="sr">{day.words}</span>
						{#if day.kind === 'away'}
							<span class="away" aria-hidden="true"></span>
						{:else}
							<span
								class="stitch"
								aria-hidden="true"
								style:left="{day.kind === 'all' ? 8 : 8 + day.from * 84}%"
								style:width="{day.kind === 'all' ? 84 : Math.max(22, (day.to - day.from) * 84)}%"
							></span>
						{/if}
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
		table-layout: fixed;
	}
	caption {
		text-align: left;
		padding-bottom: 6px;
	}
	caption .title {
		font-family: var(--font-display);
		font-size: 1.3125rem;
		margin-right: 20px;
	}
	.key {
		white-space: nowrap;
	}
	.key .stitch {
		position: static;
		display: inline-block;
		vertical-align: middle;
		margin: 0 4px 0 12px;
	}
	.long {
		width: 30px;
	}
	.short {
		width: 14px;
	}
	th {
		font-weight: 400;
		color: var(--tin-text);
		height: 28px;
	}
	tbody th {
		width: 100px;
		text-align: left;
		color: var(--ink);
		font-weight: var(--w-name);
		overflow-wrap: anywhere;
		padding-right: 8px;
	}
	thead td {
		width: 100px;
	}
	td {
		position: relative;
		height: 28px;
	}
	.stitch {
		position: absolute;
		top: 10px;
		height: 7px;
		border-radius: 4px;
		background: var(--cobalt-ink);
	}
	.away {
		position: absolute;
		left: calc(50% - 5px);
		top: 13px;
		width: 10px;
		height: 2px;
		background: var(--tin-2);
	}
	.today {
		background: var(--enamel-hi);
		box-shadow:
			-2px 0 0 var(--cobalt-ink),
			2px 0 0 var(--cobalt-ink);
		color: var(--cobalt-ink);
		font-weight: var(--w-name);
	}
	thead .today {
		border-radius: 8px 8px 0 0;
		box-shadow:
			-2px 0 0 var(--cobalt-ink),
			2px 0 0 var(--cobalt-ink),
			0 -2px 0 var(--cobalt-ink);
	}
	tr:last-child .today {
		border-radius: 0 0 8px 8px;
		box-shadow:
			-2px 0 0 var(--cobalt-ink),
			2px 0 0 var(--cobalt-ink),
			0 2px 0 var(--cobalt-ink);
	}
	.second {
		border-left: 2px dashed var(--linen-deep);
	}
	@media (max-width: 640px) {
		.key {
			white-space: normal;
		}
		caption {
			overflow-wrap: anywhere;
		}
		tbody th,
		thead td {
			width: 76px;
			font-size: 0.9375rem;
		}
	}
</style>
