/** The products of the cupboard as a table: rows of named cells. docs/formats.md, "Tables". */
import { levelOf, LEVELS, type Level, type Supply } from '../cupboard/shopping';
import { productSchema, type Product } from '../household/cupboardSchema';
import type { Home } from '../household/home';
import { problemsOf } from '../household/problems';
import { newCupboardId, putProduct } from '../setup/editCupboard';
import type { JobImport, TableRow } from './tables';

export const PRODUCT_COLUMNS = [
	'id',
	'name',
	'families',
	'perhaps',
	'vessel',
	'place',
	'locked',
	'opened on',
	'best before',
	'strength',
	'level'
] as const;

export function productRows(home: Home, supplies: readonly Supply[]): TableRow[] {
	return home.cupboard.products.map((product) => ({
		id: product.id,
		name: product.name,
		families: product.families.join(' '),
		perhaps: product.perhaps.join(' '),
		vessel: product.vessel,
		place: product.place,
		locked: product.locked ? 'yes' : 'no',
		'opened on': product.openedOn ?? '',
		'best before': product.bestBefore ?? '',
		strength: product.strength === undefined ? '' : String(product.strength),
		level: levelOf(supplies, product.id)
	}));
}

export interface ProductImport extends JobImport {
	/** How much there is of products whose row says so. */
	readonly levels: readonly { readonly id: string; readonly level: Level }[];
}

const words = (text: string | undefined) => (text ?? '').split(/[\s,;]+/).filter(Boolean);

/** The plain data of a row; what it leaves out stays as it was. */
function dataOf(row: TableRow, before: Product | null, id: string): Record<string, unknown> {
	const cell = (name: string) => row[name]?.trim();
	const optional = (name: string, was: unknown) =>
		row[name] === undefined ? was : cell(name) === '' ? undefined : cell(name);
	const strength = optional('strength', before?.strength);
	return {
		...(before ?? {}),
		id,
		name: cell('name') ?? before?.name ?? '',
		families: row.families === undefined ? (before?.families ?? []) : words(row.families),
		perhaps: row.perhaps === undefined ? (before?.perhaps ?? []) : words(row.perhaps),
		vessel: cell('vessel') || before?.vessel || 'bottle',
		place: cell('place') ?? before?.place ?? '',
		locked: row.locked === undefined ? (before?.locked ?? false) : /^(yes|true|1)$/i.test(row.locked.trim()),
		openedOn: optional('opened on', before?.openedOn),
		bestBefore: optional('best before', before?.bestBefore),
		strength:
			typeof strength === 'string' && Number.isFinite(Number(strength.replace(',', '.')))
				? Number(strength.replace(',', '.'))
				: strength
	};
}

/** Reads rows of products into a home: a row with an id that is there changes that product, others add one. All or nothing. */
export function importProducts(home: Home, rows: readonly TableRow[]): ProductImport {
	const reports: { line: number; column: string; says: string }[] = [];
	const added: string[] = [];
	const changed: string[] = [];
	const levels: { id: string; level: Level }[] = [];
	const seen = new Set<string>();
	let current = home;
	rows.forEach((row, i) => {
		const line = i + 2;
		const asked = row.id?.trim() ?? '';
		if (asked !== '' && seen.has(asked))
			return reports.push({
				line,
				column: 'id',
				says: `The id "${asked.slice(0, 60)}" stands twice. Give each its own.`
			});
		seen.add(asked);
		const before = home.cupboard.products.find((one) => one.id === asked) ?? null;
		const id = before?.id ?? newCupboardId(current, asked || (row.name?.trim() ?? ''));
		const level = row.level?.trim() ?? '';
		if (level !== '' && !(LEVELS as readonly string[]).includes(level))
			return reports.push({
				line,
				column: 'level',
				says: `"${level.slice(0, 20)}" is no level. Write ${LEVELS.join(', ')}.`
			});
		const data = dataOf(row, before, id);
		const read = productSchema.safeParse(JSON.parse(JSON.stringify(data)));
		if (!read.success) {
			for (const problem of problemsOf(read.error, data))
				reports.push({ line, column: problem.at.split(/[.[]/)[0] ?? '', says: problem.says });
			return;
		}
		if (level !== '') levels.push({ id, level: level as Level });
		if (before && JSON.stringify(productSchema.parse(before)) === JSON.stringify(read.data)) return;
		const edit = putProduct(current, read.data);
		if (!edit.ok) {
			const says =
				edit.refusal.code === 'problems'
					? (edit.refusal.problems[0]?.says ?? '')
					: 'This product does not fit the home.';
			return reports.push({ line, column: '', says });
		}
		current = edit.home;
		(before ? changed : added).push(read.data.name);
	});
	return { reports, added, changed, levels, home: reports.length > 0 ? null : current };
}
