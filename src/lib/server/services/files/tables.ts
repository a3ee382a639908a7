/** Jobs, products and entries from tables: told line by line first, then written. */
import { TABLES_SAYS } from '$words/answers/files';
import { householdTime } from '$core/calendar/instant';
import type { Home } from '$core/household/home';
import { importProducts, PRODUCT_COLUMNS, type ProductImport } from '$core/formats/productTable';
import {
	importJobs,
	importLedger,
	JOB_COLUMNS,
	LEDGER_COLUMNS,
	type JobImport,
	type LineReport,
	type TableRow
} from '$core/formats/tables';
import { readText } from '$core/formats/text';
import { refusalText } from '$words/refusals';
import { fail } from '@sveltejs/kit';
import Papa from 'papaparse';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading, transaction, type Db } from '../../db/pool';
import { followingId } from '../../ids';
import { changeHomeOnce, loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { tellLevel } from '../../repo/supplyRepo';
import { recordEntries } from '../ledger/recordEntries';
import { useCase } from '../useCase';

export const TABLE_LIMIT = 8 * 1024 * 1024;

/** The rows of a table file; or what is wrong with it. */
function readTable(
	bytes: Uint8Array,
	columns: readonly string[]
): { rows: TableRow[]; reports: LineReport[]; note: string | null } | string {
	if (bytes.length > TABLE_LIMIT) return TABLES_SAYS.theTableIsLargerThan;
	const read = readText(bytes, true);
	if (!read.ok) return read.says;
	const parsed = Papa.parse<Record<string, string>>(read.text, {
		header: true,
		skipEmptyLines: 'greedy',
		transformHeader: (name) => name.trim().toLowerCase()
	});
	const known = parsed.meta.fields ?? [];
	const reports: LineReport[] = [];
	for (const name of known)
		if (!columns.includes(name))
			reports.push({
				line: 1,
				column: name.slice(0, 40),
				says: TABLES_SAYS.thisColumnIsNotKnown
			});
	for (const error of parsed.errors.slice(0, 20)) {
		if (error.code === 'TooFewFields' || error.code === 'TooManyFields' || error.type === 'Quotes')
			reports.push({
				line: (error.row ?? 0) + 2,
				column: '',
				says: error.type === 'Quotes' ? TABLES_SAYS.aQuoteIsOpenedAnd : TABLES_SAYS.thisLineHasOtherColumns
			});
	}
	// The mark that keeps formulas from running is ours; it is taken off again.
	const rows = parsed.data.map((row) =>
		Object.fromEntries(
			Object.entries(row).map(([key, value]) => [
				key,
				typeof value === 'string' ? value.replace(/^'(?=[=+\-@\t\r])/, '') : ''
			])
		)
	);
	return { rows, reports, note: read.note };
}

export async function fileOf(form: FormData): Promise<Uint8Array | null> {
	const text = form.get('text');
	if (typeof text === 'string' && text !== '') return new TextEncoder().encode(text);
	const file = form.get('file');
	return file instanceof File ? new Uint8Array(await file.arrayBuffer()) : null;
}

export interface TableReport {
	readonly kind: 'jobs' | 'products' | 'ledger' | 'calendar';
	readonly reports: readonly { readonly line: number; readonly column: string; readonly says: string }[];
	readonly says: string;
	readonly list: readonly string[];
	readonly note: string | null;
	/** What would be written, to be sent again; null where something was not understood. */
	readonly text: string | null;
}

type ReadRows = (home: Home, rows: readonly TableRow[]) => JobImport;

/** What of the home comes from a table: told first, written when it is sent again with `write`. */
function homeFromCsv(
	household: string,
	form: FormData,
	kind: 'jobs' | 'products',
	columns: readonly string[],
	readRows: ReadRows,
	then: (db: Db, read: JobImport, at: number) => Promise<void> = async () => undefined
) {
	return useCase(household, form, async () => {
		const bytes = await fileOf(form);
		if (!bytes) return fail(400, { message: TABLES_SAYS.chooseAFileFirst });
		const table = readTable(bytes, columns);
		if (typeof table === 'string') return fail(400, { message: table });
		const revision = await reading((db) => revisionOf(db, household));
		const home = await reading((db) => loadHome(db, household));
		if (!home) throw new RangeError(household);
		const read = readRows(home.home, table.rows);
		const reports = [...table.reports, ...read.reports];
		const count = read.added.length + read.changed.length;
		if (form.get('write') !== '1' || reports.length > 0 || !read.home) {
			const report: TableReport = {
				kind,
				reports: reports.slice(0, 200),
				says:
					reports.length > 0
						? TABLES_SAYS.notUnderstoodSoNothingIs(reports.length, TABLES_SAYS.thingsWere(reports.length))
						: TABLES_SAYS.newChangedAsTheyAre(
								read.added.length,
								read.changed.length,
								table.rows.length - count
							),
				list: [
					...read.added.map((name) => `new: ${name}`),
					...read.changed.map((name) => `changed: ${name}`)
				].slice(0, 60),
				note: table.note,
				text:
					reports.length === 0 && (count > 0 || kind === 'products') ? new TextDecoder().decode(bytes) : null
			};
			return { report };
		}
		const at = now();
		const { date: today } = householdTime(at, home.home.household);
		const next = read.home;
		const id = String(form.get('id') ?? '');
		const outcome = await transaction(async (db) => {
			const done = await changeHomeOnce(
				db,
				household,
				{ id: /^[0-9a-f-]{36}$/.test(id) ? id : uuidv7(), revision },
				next,
				today,
				at
			);
			if (done === 'saved') await then(db, read, at);
			return done;
		});
		if (outcome === 'behind')
			return fail(409, {
				message: TABLES_SAYS.somebodyChangedTheHomeMeanwhile
			});
		return { said: TABLES_SAYS.areNewChanged(read.added.length, kind, read.changed.length) };
	});
}

/** Jobs from a table. */
export const jobsFromCsv = (household: string, form: FormData) =>
	homeFromCsv(household, form, 'jobs', JOB_COLUMNS, importJobs);

/** Products from a table, with how much there is of them. */
export const productsFromCsv = (household: string, form: FormData) =>
	homeFromCsv(household, form, 'products', PRODUCT_COLUMNS, importProducts, async (db, read, at) => {
		for (const { id, level } of (read as ProductImport).levels)
			await tellLevel(db, household, id, level, at, null);
	});

/** Entries of the ledger from a table. */
export async function ledgerFromCsv(household: string, form: FormData) {
	return useCase(household, form, async () => {
		const bytes = await fileOf(form);
		if (!bytes) return fail(400, { message: TABLES_SAYS.chooseAFileFirst });
		const table = readTable(bytes, LEDGER_COLUMNS);
		if (typeof table === 'string') return fail(400, { message: table });
		const home = await reading((db) => loadHome(db, household));
		if (!home) throw new RangeError(household);
		const read = importLedger(home, table.rows, (row, line) =>
			followingId(household, `csv ${line} ${JSON.stringify(row)}`)
		);
		const reports = [...table.reports, ...read.reports];
		if (form.get('write') !== '1' || reports.length > 0) {
			const report: TableReport = {
				kind: 'ledger',
				reports: reports.slice(0, 200),
				says:
					reports.length > 0
						? TABLES_SAYS.notUnderstoodSoNothingIs(reports.length, TABLES_SAYS.thingsWere(reports.length))
						: TABLES_SAYS.entriesCanBeWrittenIn(read.entries.length),
				list: [],
				note: table.note,
				text: reports.length === 0 && read.entries.length > 0 ? new TextDecoder().decode(bytes) : null
			};
			return { report };
		}
		const at = now();
		const { date: today } = householdTime(at, home.home.household);
		const recorded = await transaction((db) =>
			recordEntries(db, household, read.entries, today, at, 'as-said')
		);
		if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal) });
		return { said: TABLES_SAYS.entriesAreWrittenIn(recorded.written.length) };
	});
}
