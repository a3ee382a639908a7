<script lang="ts" generics="Row">
	/**
	 * Rows under heads that put them in another order. On a phone a row is its first column in a line of its own and
	 * the others run on below it; the roles say that it is a table still.
	 */
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
		/** Follows what is written where no head stands over it. */
		readonly unit?: string;
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
	/** A column after the first, on a phone: with a dot before the next one. */
	const RUNS_ON = "max-sm:inline max-sm:text-base max-sm:text-tin-text max-sm:not-last:after:content-['_·_']";
	const ORDER = { asc: 'ascending', desc: 'descending' } as const;
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_redundant_roles (what slides must be reached by keyboard; a table drawn as blocks is none without its roles) -->
<div
	class="max-w-full overflow-x-auto focus-visible:shadow-focus"
	role="region"
	aria-label={label}
	tabindex="0"
>
	<table role="table" class="w-full border-collapse text-left text-lead max-sm:block">
		<thead role="rowgroup" class="max-sm:block">
			<tr
				role="row"
				class="max-sm:flex max-sm:flex-wrap max-sm:items-center max-sm:border-b-2 max-sm:border-tin-2"
			>
				{#if pick}<th role="columnheader" scope="col" class="border-b-2 border-tin-2 px-2 max-sm:border-0"
						><Check label={pick.all} hideLabel checked={allPicked} onchange={pickAll} /></th
					>{/if}
				{#each table.getFlatHeaders() as head (head.id)}
					{@const order = head.column.getIsSorted()}
					<th
						role="columnheader"
						scope="col"
						class="border-b-2 border-tin-2 p-0 max-sm:border-0 {byId.get(head.id)?.right ? 'text-right' : ''}"
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
		<tbody role="rowgroup" class="max-sm:block">
			{#each table.getRowModel().rows as row (row.id)}
				<tr
					role="row"
					class="border-b border-tin-1 max-sm:relative max-sm:block max-sm:py-2 {pick
						? 'max-sm:min-h-13 max-sm:pl-13'
						: ''}"
				>
					{#if pick}
						{@const id = pick.id(row.original)}
						<td role="cell" class="px-2 max-sm:absolute max-sm:top-1 max-sm:left-0"
							><Check
								label={pick.name(row.original)}
								hideLabel
								checked={picked.includes(id)}
								onchange={(on) => pickOne(id, on)}
							/></td
						>
					{/if}
					{#each row.getAllCells() as cell, i (cell.id)}
						{@const column = byId.get(cell.column.id)}
						<td
							role="cell"
							class="px-3 py-2 max-sm:p-0 {column?.right ? 'text-right' : ''} {i === 0
								? 'max-sm:block max-sm:font-name'
								: RUNS_ON}"
							>{column?.text?.(row.original) ?? column?.value(row.original) ?? ''}{#if column?.unit}<span
									class="sm:hidden">{column.unit}</span
								>{/if}</td
						>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
