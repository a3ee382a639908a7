/** A table of rows that can be put in another order: TanStack's core, its state kept by Svelte. */
import {
	createTable,
	getCoreRowModel,
	getSortedRowModel,
	type ColumnDef,
	type SortingState,
	type Table
} from '@tanstack/table-core';

/** `rows` and `columns` are asked anew whenever one of them changes. */
export function sortableTable<Row>(
	rows: () => readonly Row[],
	columns: () => ColumnDef<Row, unknown>[]
): Table<Row> {
	let sorting = $state<SortingState>([]);
	const table = createTable<Row>({
		data: [],
		columns: [],
		state: {},
		onStateChange: () => undefined,
		renderFallbackValue: null,
		getCoreRowModel: getCoreRowModel(),
		getSortedRowModel: getSortedRowModel()
	});
	const usual = table.initialState;
	return new Proxy(table, {
		get(target, key) {
			// What is asked of the table is asked of its present rows, columns and order.
			target.setOptions((before) => ({
				...before,
				data: rows() as Row[],
				columns: columns(),
				state: { ...usual, sorting },
				onSortingChange: (to) => (sorting = typeof to === 'function' ? to(sorting) : to)
			}));
			return Reflect.get(target, key) as unknown;
		}
	});
}
