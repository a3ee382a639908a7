<script lang="ts" generics="Row">
	/** Rows under heads that put them in another order; on a narrow screen it slides within its own frame. */
	import type { ColumnDef } from '@tanstack/table-core';
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import Check from './Check.svelte';
	import { sortableTable } from './table.svelte';
	interface Column {
		readonly id: string;
		readonly head: string;
		readonly value: (row: Row) => string | number;
		/** Written so, where it is not its value. */
		readonly text?: (row: Row) => string;
		readonly right?: boolean;
	}
	let {
		label,
		rows,
		columns,
		pick,
		picked = $bindable([])
	}: {
		label: string;
		rows: readonly Row[];
		columns: readonly Column[];
		/** Where rows can be picked: what a row is known by, and what it is called. */
		pick?: { readonly id: (row: Row) => string; readonly name: (row: Row) => string; readonly all: string };
		picked?: readonly string[];
	} = $props();
	const shown = $derived(pick ? rows.map((row) => pick.id(row)) : []);
	const allPicked = $derived(shown.length > 0 && shown.every((id) => picked.includes(id)));
	const pickAll = (on: boolean) =>
		(picked = on ? [...new Set([...picked, ...shown])] : picked.filter((id) => !shown.includes(id)));
	const pickOne = (id: string, on: boolean) =>
		(picked = on ? [...picked, id] : picked.filter((one) => one !== id));
	const table = sortableTable<Row>(
		() => rows,
		() =>
			columns.map((column): ColumnDef<Row, unknown> => ({
				id: column.id,
				accessorFn: column.value,
				header: column.head
			}))
	);
	const byId = $derived(new Map(columns.map((column) => [column.id, column])));
	const ORDER = { asc: 'ascending', desc: 'descending' } as const;
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (what slides must be reached by keyboard) -->
<div
	class="max-w-full overflow-x-auto focus-visible:shadow-focus"
	role="region"
	aria-label={label}
	tabindex="0"
>
	<table class="w-full border-collapse text-left text-lead">
		<thead>
			<tr>
				{#if pick}<th scope="col" class="border-b-2 border-tin-2 px-2"
						><Check label={pick.all} hideLabel checked={allPicked} onchange={pickAll} /></th
					>{/if}
				{#each table.getFlatHeaders() as head (head.id)}
					{@const order = head.column.getIsSorted()}
					<th
						scope="col"
						class="border-b-2 border-tin-2 p-0 {byId.get(head.id)?.right ? 'text-right' : ''}"
						aria-sort={order ? ORDER[order] : 'none'}
					>
						<button
							type="button"
							class="inline-flex min-h-11 cursor-pointer items-center gap-1 border-0 bg-transparent px-3 font-name text-ink hover:bg-cobalt-wash focus-visible:shadow-focus"
							onclick={() => head.column.toggleSorting()}
							>{byId.get(head.id)?.head}{#if order === 'asc'}<ArrowUp
									size={16}
									aria-hidden="true"
								/>{:else if order === 'desc'}<ArrowDown size={16} aria-hidden="true" />{/if}</button
						>
					</th>
				{/each}
			</tr>
		</thead>
		<tbody>
			{#each table.getRowModel().rows as row (row.id)}
				<tr class="border-b border-tin-1">
					{#if pick}
						{@const id = pick.id(row.original)}
						<td class="px-2"
							><Check
								label={pick.name(row.original)}
								hideLabel
								checked={picked.includes(id)}
								onchange={(on) => pickOne(id, on)}
							/></td
						>
					{/if}
					{#each row.getAllCells() as cell (cell.id)}
						{@const column = byId.get(cell.column.id)}
						<td class="px-3 py-2 {column?.right ? 'text-right' : ''}"
							>{column?.text?.(row.original) ?? column?.value(row.original) ?? ''}</td
						>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
