/** Jobs and ledger as tables, both ways: told line by line first, then written. */
import { JOB_COLUMNS, jobRows, LEDGER_COLUMNS, ledgerRow, type TableRow } from '$core/formats/tables';
import { PRODUCT_COLUMNS, productRows } from '$core/formats/productTable';
import Papa from 'papaparse';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { entriesPage } from '../../repo/ledgerRepo';
import { suppliesOf } from '../../repo/supplyRepo';

const csv = (rows: readonly TableRow[], columns: readonly string[], header: boolean) =>
	// Cells that a spreadsheet would run as formulas are told to be text.
	Papa.unparse(
		{ fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) },
		{ header, escapeFormulae: true, newline: '\r\n' }
	);

export async function jobsCsv(household: string): Promise<string> {
	const home = await reading((db) => loadHome(db, household));
	if (!home) throw new RangeError(household);
	return `${csv(jobRows(home.home), JOB_COLUMNS, true)}\r\n`;
}

export async function productsCsv(household: string): Promise<string> {
	const [home, supplies] = await reading(
		async (db) => [await loadHome(db, household), await suppliesOf(db, household)] as const
	);
	if (!home) throw new RangeError(household);
	return `${csv(productRows(home.home, supplies), PRODUCT_COLUMNS, true)}\r\n`;
}

export function ledgerCsvStream(household: string): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	let after = 0;
	let head = true;
	return new ReadableStream({
		async pull(controller) {
			const page = await reading((db) => entriesPage(db, household, after, 1000));
			const rows = page.map(({ entry }) => ledgerRow(entry)).filter((row) => row !== null);
			if (head) controller.enqueue(encoder.encode(`${LEDGER_COLUMNS.join(',')}\r\n`));
			head = false;
			if (page.length === 0) return controller.close();
			after = page[page.length - 1]?.seq ?? after;
			if (rows.length > 0) controller.enqueue(encoder.encode(`${csv(rows, LEDGER_COLUMNS, false)}\r\n`));
		}
	});
}
