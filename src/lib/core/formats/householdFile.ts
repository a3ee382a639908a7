/**
 * A whole home with its ledger in one JSON file: every version of the home with the day from which it holds, and
 * every entry in the order made. docs/formats.md.
 */
import { z } from 'zod';
import { isoOf, parseDay, type CivilDay } from '../calendar/civil';
import { entrySchema, type LedgerEntry } from '../household/entry';
import { LEVELS, type Supply } from '../cupboard/shopping';
import { name, planDate } from '../household/fields';
import type { HomeVersion } from '../schedule/preparedHome';
import { readHome } from '../household/home';
import { problemsOf, type Problem } from '../household/problems';

/** A product or tool of the home by its id, or what was only written on the list, by its name. */
const supplySchema = z.strictObject({
	id: z.string().min(1).max(60),
	name: name.nullable().default(null),
	level: z.enum(LEVELS)
});

export const HOUSEHOLD_FORMAT = 'pail-round/household';
export const HOUSEHOLD_VERSION = 1;

/** An entry with when it was first received (milliseconds since 1970). */
export interface FiledEntry {
	readonly entry: LedgerEntry;
	readonly receivedAt: number;
}

export interface HouseholdFile {
	readonly versions: readonly HomeVersion[];
	/** How much there is of what stands in the cupboard, and what was written on the list to buy. */
	readonly supplies: readonly Supply[];
	readonly ledger: readonly FiledEntry[];
}

export type ReadHousehold =
	| { readonly ok: true; readonly file: HouseholdFile }
	| { readonly ok: false; readonly problems: readonly Problem[] };

/** An entry as the file has it: dates as text, in the order of the schema. */
export function entryToFile({ entry, receivedAt }: FiledEntry): Record<string, unknown> {
	const out: Record<string, unknown> = { ...entry, receivedAt };
	for (const key of ['date', 'dueOn', 'to', 'from']) {
		if (typeof out[key] === 'number') out[key] = isoOf(out[key] as CivilDay);
	}
	return out;
}

/** The head of a file, up to where its entries begin: for writing one piece by piece. */
export function fileHead(versions: readonly HomeVersion[], supplies: readonly Supply[] = []): string {
	const parts = versions.map((version) =>
		JSON.stringify({ holdsFrom: isoOf(version.from), home: version.home })
	);
	return `{\n"format": "${HOUSEHOLD_FORMAT}",\n"version": ${HOUSEHOLD_VERSION},\n"versions": [\n${parts.join(',\n')}\n],\n"supplies": ${JSON.stringify(supplies)},\n"ledger": [\n`;
}

export const FILE_FOOT = '\n]\n}\n';

const problem = (at: string, says: string): ReadHousehold => ({ ok: false, problems: [{ at, says }] });

/**
 * Reads a file; a plain home file counts as one version without a ledger. At most 50 problems are named. Entries of
 * one id twice, and undo entries of what is not there, are problems too.
 */
export function readHouseholdFile(text: string, today: CivilDay): ReadHousehold {
	let data: unknown;
	try {
		data = JSON.parse(text);
	} catch (error) {
		const { message } = error as Error;
		// Where the text stops making sense at its very end, the rest of it is missing.
		const at = Number(/position (\d+)/.exec(message)?.[1] ?? -1);
		const cut = /end of|unterminated/i.test(message) || at >= text.trimEnd().length;
		return problem(
			'the whole of it',
			cut
				? 'The file ends in the middle: it was cut off. Take another copy of it.'
				: 'This is no JSON. Choose the file that was exported here.'
		);
	}
	if (typeof data !== 'object' || data === null || Array.isArray(data))
		return problem('the whole of it', 'This is no home. Choose the file that was exported here.');
	const file = data as Record<string, unknown>;
	if (file.format === 'pail-round/home') {
		const read = readHome(file);
		return read.ok
			? { ok: true, file: { versions: [{ from: today, home: read.home }], supplies: [], ledger: [] } }
			: read;
	}
	if (file.format !== HOUSEHOLD_FORMAT)
		return problem('format', `"format" must be "${HOUSEHOLD_FORMAT}" or "pail-round/home".`);
	if (file.version !== HOUSEHOLD_VERSION)
		return problem('version', `This version is not known here. Version ${HOUSEHOLD_VERSION} is.`);
	const problems: Problem[] = [];
	const versions: HomeVersion[] = [];
	if (!Array.isArray(file.versions) || file.versions.length === 0)
		return problem('versions', 'A home has at least one version.');
	file.versions.forEach((one: unknown, i) => {
		const version = (one ?? {}) as Record<string, unknown>;
		const holds = planDate.safeParse(version.holdsFrom);
		const from = holds.success ? parseDay(holds.data) : null;
		if (from === null)
			problems.push({ at: `versions[${i}].holdsFrom`, says: 'A date such as 2027-03-03 is needed here.' });
		const read = readHome(version.home);
		if (!read.ok)
			problems.push(
				...read.problems.slice(0, 20).map((p) => ({ at: `versions[${i}].home.${p.at}`, says: p.says }))
			);
		else if (from !== null) versions.push({ from, home: read.home });
	});
	for (let i = 1; i < versions.length; i++) {
		if ((versions[i]?.from ?? 0) <= (versions[i - 1]?.from ?? 0))
			problems.push({
				at: `versions[${i}].holdsFrom`,
				says: 'Versions stand in the order of their days, one a day.'
			});
	}
	const supplies = z.array(supplySchema).max(1000).optional().safeParse(file.supplies);
	if (!supplies.success)
		problems.push(
			...problemsOf(supplies.error, file.supplies)
				.slice(0, 20)
				.map((p) => ({ at: `supplies${p.at.startsWith('[') ? '' : '.'}${p.at}`, says: p.says }))
		);
	if (file.ledger !== undefined && !Array.isArray(file.ledger))
		problems.push({ at: 'ledger', says: 'The ledger is a list of entries.' });
	const ledger: FiledEntry[] = [];
	const ids = new Set<string>();
	for (const [i, one] of (Array.isArray(file.ledger) ? file.ledger : []).entries()) {
		if (problems.length >= 50) break;
		const { receivedAt, ...rest } = (one ?? {}) as Record<string, unknown>;
		const read = entrySchema.safeParse(rest);
		if (!read.success) {
			problems.push(
				...problemsOf(read.error, rest).map((p) => ({ at: `ledger[${i}].${p.at}`, says: p.says }))
			);
			continue;
		}
		if (typeof receivedAt !== 'number' || !Number.isSafeInteger(receivedAt) || receivedAt < 0)
			problems.push({ at: `ledger[${i}].receivedAt`, says: 'Milliseconds since 1970 are needed here.' });
		const entry = read.data;
		if (ids.has(entry.id))
			problems.push({
				at: `ledger[${i}].id`,
				says: `The id ${entry.id} stands twice. Each entry has its own.`
			});
		if (entry.outcome === 'undo' && !ids.has(entry.of))
			problems.push({ at: `ledger[${i}].of`, says: 'What it takes back is not in the ledger before it.' });
		ids.add(entry.id);
		ledger.push({ entry, receivedAt: receivedAt as number });
	}
	if (problems.length > 0) return { ok: false, problems: problems.slice(0, 50) };
	const jobs = new Set(versions.flatMap((version) => version.home.jobs.map((job) => job.id)));
	const strange = ledger.findIndex(
		({ entry }) => ('job' in entry && !jobs.has(entry.job)) || ('chore' in entry && !jobs.has(entry.chore))
	);
	if (strange >= 0) return problem(`ledger[${strange}].job`, 'This job is in no version of the home.');
	return { ok: true, file: { versions, supplies: supplies.data ?? [], ledger } };
}
