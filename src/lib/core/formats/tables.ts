/**
 * Jobs and ledger as tables: rows of named cells, whatever the separator of the file is. What is not understood is
 * told line by line, before anything is written.
 */
import { isoOf } from '../calendar/civil';
import { saveJob } from '../setup/editJobs';
import type { Edit } from '../setup/edit';
import { entrySchema, isWork, type LedgerEntry } from '../household/entry';
import type { PreparedHome } from '../schedule/preparedHome';
import type { Home, Job } from '../household/home';
import { jobSchema } from '../household/jobSchema';
import { problemsOf } from '../household/problems';
import { freeId } from '../setup/library';
import { shareHalves } from '../setup/round';
import { cadenceFromText, cadenceToText } from './recurrenceText';

export type TableRow = Readonly<Record<string, string>>;

/** What is wrong in a line of the file; the first line holds the names of the columns. */
export interface LineReport {
	readonly line: number;
	readonly column: string;
	readonly says: string;
}

export const JOB_COLUMNS = [
	'id',
	'name',
	'room',
	'layer',
	'weight',
	'cadence',
	'if missed',
	'minutes',
	'parts',
	'season',
	'who',
	'members',
	'first day'
] as const;

interface Named {
	readonly id: string;
	readonly name: string;
}

/** What a cell means: the one with this id, else all that are called so. */
function meantBy<T extends Named>(list: readonly T[], cell: string): readonly T[] {
	const text = cell.trim();
	const plain = text.toLowerCase();
	const exact = list.filter((one) => one.id === text);
	if (exact.length > 0) return exact;
	const named = list.filter((one) => one.name.trim().toLowerCase() === plain);
	return named.length > 0 ? named : list.filter((one) => one.id === plain);
}

/** What several that are called alike are told apart by. */
const whichOf = (several: readonly Named[], cell: string) =>
	`${several.length} are called "${cell.trim().slice(0, 40)}". Write which by its id: ${several
		.slice(0, 6)
		.map((one) => one.id)
		.join(', ')}.`;

export function jobRows(home: Home): TableRow[] {
	// A name that means another one as well is read as that: its id means itself alone.
	const cellOf = (room: Named) => {
		const [meant, ...others] = meantBy(home.rooms, room.name);
		return meant?.id === room.id && others.length === 0 ? room.name : room.id;
	};
	const roomOf = new Map(home.rooms.map((room) => [room.id, cellOf(room)]));
	return home.jobs.map((job) => ({
		id: job.id,
		name: job.name,
		room: roomOf.get(job.room) ?? job.room,
		layer: job.layer,
		weight: String(job.weight),
		cadence: cadenceToText(job.cadence),
		'if missed': job.missRule,
		minutes: String(job.depths.usual.minutes),
		parts: job.parts.join(' '),
		season: (job.season ?? []).join(' '),
		who: job.who.mode,
		members: job.who.members.join(' '),
		'first day': job.startsOn ?? ''
	}));
}

export interface JobImport {
	readonly reports: readonly LineReport[];
	/** Names of jobs that are new, and of those that change. */
	readonly added: readonly string[];
	readonly changed: readonly string[];
	/** The home with them; null where something was not understood. */
	readonly home: Home | null;
}

/** Where only names are given: everybody by the shares, one owner, several who share. */
const MODE_OF_SO_MANY = ['shared', 'fixed', 'shared'] as const;

const words = (text: string | undefined) => (text ?? '').split(/[\s,;]+/).filter(Boolean);
const numberOf = (text: string | undefined) => Number((text ?? '').trim().replace(',', '.'));

function jobOfRow(
	row: TableRow,
	before: Job | null,
	home: Home,
	taken: ReadonlySet<string>,
	report: (column: string, says: string) => void
): Job | null {
	const name = row.name?.trim() ?? '';
	const rooms = meantBy(home.rooms, row.room ?? '');
	// Among several of this name it stays in its own.
	const room = rooms.length > 1 ? rooms.find((one) => one.id === before?.room) : rooms[0];
	if (!room)
		report(
			'room',
			rooms.length > 1
				? whichOf(rooms, row.room ?? '')
				: `There is no room "${(row.room ?? '').slice(0, 40)}". Name one that is there.`
		);
	const cadence =
		row.cadence === undefined || row.cadence.trim() === ''
			? (before?.cadence ?? null)
			: cadenceFromText(row.cadence);
	if (!cadence)
		report(
			'cadence',
			`"${(row.cadence ?? '').slice(0, 40)}" is no cadence. Write it such as "weekly Mon Thu", "after 10-14 days" or "zone".`
		);
	const minutes =
		row.minutes === undefined || row.minutes.trim() === ''
			? (before?.depths.usual.minutes ?? 5)
			: numberOf(row.minutes);
	if (!(minutes > 0 && minutes <= 1440))
		report('minutes', `"${(row.minutes ?? '').slice(0, 20)}" is no number of minutes, such as 5 or 12.5.`);
	if (!room || !cadence || !(minutes > 0 && minutes <= 1440)) return null;
	const usual = before?.depths.usual ?? {
		minutes: 5,
		steps: [{ text: name || 'Do it', minutes: 5, class: 3, products: [] }]
	};
	const shares =
		Math.abs(usual.minutes - minutes) < 0.01
			? null
			: shareHalves(
					usual.steps.map((step) => step.minutes),
					minutes
				);
	// A table without the column leaves the season as it is; an empty cell takes it off.
	const season = row.season === undefined ? (before?.season ?? []) : words(row.season).map(Number);
	const { season: _season, ...kept } = before ?? ({} as Partial<Job>);
	const members = words(row.members);
	const data = {
		leadDays: 0,
		covers: [],
		noisy: false,
		needs: [],
		things: [],
		core: false,
		cautions: [],
		rungs: [],
		lookRound: [],
		...kept,
		id: before?.id ?? freeId(row.id?.trim() || name, taken),
		name,
		room: room.id,
		layer: row.layer?.trim() || before?.layer || 'weekly',
		weight: row.weight?.trim() ? numberOf(row.weight) : (before?.weight ?? 2),
		cadence,
		missRule: cadence.type === 'zone' ? 'carry' : row['if missed']?.trim() || before?.missRule || 'letgo',
		parts: row.parts === undefined ? (before?.parts ?? []) : words(row.parts),
		...(season.length > 0 ? { season } : {}),
		depths: {
			...(before?.depths ?? {}),
			usual: shares
				? {
						minutes: shares.reduce((a, b) => a + b, 0),
						steps: usual.steps.map((step, i) => ({ ...step, minutes: shares[i] as number }))
					}
				: usual
		},
		who: row.who?.trim()
			? { mode: row.who.trim(), members }
			: (before?.who ?? { mode: MODE_OF_SO_MANY[Math.min(2, members.length)], members }),
		...(row['first day']?.trim() ? { startsOn: row['first day'].trim() } : {})
	};
	const read = jobSchema.safeParse(data);
	if (read.success) return read.data;
	for (const problem of problemsOf(read.error, data)) report(problem.at.split(/[.[]/)[0] ?? '', problem.says);
	return null;
}

/** Reads job rows into a home: rows with an id that is there change that job, others add one. All or nothing. */
export function importJobs(home: Home, rows: readonly TableRow[]): JobImport {
	const reports: LineReport[] = [];
	const added: string[] = [];
	const changed: string[] = [];
	const seen = new Set<string>();
	let current = home;
	rows.forEach((row, i) => {
		const line = i + 2;
		const report = (column: string, says: string) => reports.push({ line, column, says });
		const id = row.id?.trim() ?? '';
		if (id !== '' && seen.has(id))
			return report('id', `The id "${id.slice(0, 60)}" stands twice. Give each job its own.`);
		seen.add(id);
		const before = home.jobs.find((job) => job.id === id) ?? null;
		const job = jobOfRow(row, before, current, new Set(current.jobs.map((one) => one.id)), report);
		if (!job) return;
		if (before && JSON.stringify(before) === JSON.stringify(job)) return;
		const edit: Edit = saveJob(current, job);
		if (!edit.ok)
			return report(
				'',
				edit.refusal.code === 'problems'
					? (edit.refusal.problems[0]?.says ?? '')
					: 'This job does not fit the home.'
			);
		current = edit.home;
		(before ? changed : added).push(job.name);
	});
	return { reports, added, changed, home: reports.length > 0 ? null : current };
}

export const LEDGER_COLUMNS = [
	'id',
	'date',
	'job',
	'part',
	'outcome',
	'by',
	'minutes',
	'cut off',
	'share',
	'found',
	'depth',
	'variant'
] as const;

export function ledgerRow(entry: LedgerEntry): TableRow | null {
	if (!isWork(entry)) return null;
	return {
		id: entry.id,
		date: isoOf(entry.date),
		job: entry.job,
		part: entry.part ?? '',
		outcome: entry.outcome,
		by: entry.by ?? '',
		minutes: entry.minutes === null ? '' : String(entry.minutes),
		'cut off': entry.cutOff ? 'yes' : '',
		share: entry.outcome === 'part' ? String(entry.share) : '',
		found: entry.found ?? '',
		depth: entry.depth ?? '',
		variant: entry.variant ?? ''
	};
}

export interface LedgerImport {
	readonly reports: readonly LineReport[];
	readonly entries: readonly LedgerEntry[];
}

/** Reads ledger rows. `idOf` makes the id of a row that has none: always the same one for the same row. */
export function importLedger(
	home: PreparedHome,
	rows: readonly TableRow[],
	idOf: (row: TableRow, line: number) => string
): LedgerImport {
	const reports: LineReport[] = [];
	const entries: LedgerEntry[] = [];
	const ids = new Set<string>();
	rows.forEach((row, i) => {
		const line = i + 2;
		const text = (name: string) => row[name]?.trim() ?? '';
		const report = (column: string, says: string) => void reports.push({ line, column, says });
		const exact = home.jobById.get(text('job'));
		const jobs = exact ? [exact] : meantBy(home.home.jobs, text('job'));
		const [job] = jobs;
		if (!job) return report('job', `There is no job "${text('job').slice(0, 40)}". Name one that is there.`);
		if (jobs.length > 1) return report('job', whichOf(jobs, text('job')));
		const by = text('by');
		const people = by === '' ? [] : meantBy(home.home.members, by);
		const [member] = people;
		if (by !== '' && !member) return report('by', `"${by.slice(0, 40)}" does not live here.`);
		if (people.length > 1) return report('by', whichOf(people, by));
		const data = {
			id: text('id') || idOf(row, line),
			date: text('date'),
			job: job.id,
			part: text('part') || (job.parts.length > 1 ? (job.parts[0] as string) : null),
			outcome: text('outcome') || 'done',
			by: member?.id ?? null,
			minutes:
				text('minutes') === ''
					? null
					: Number.isNaN(numberOf(text('minutes')))
						? text('minutes')
						: numberOf(text('minutes')),
			cutOff: text('cut off') === 'yes',
			found: text('found') || null,
			depth: text('depth') || null,
			variant: text('variant') || null,
			...(text('outcome') === 'part' ? { share: numberOf(text('share') || '0.5') } : {})
		};
		const read = entrySchema.safeParse(data);
		if (!read.success) {
			for (const problem of problemsOf(read.error, data))
				reports.push({ line, column: problem.at.split(/[.[]/)[0] ?? '', says: problem.says });
			return;
		}
		if (ids.has(read.data.id))
			return void reports.push({ line, column: 'id', says: 'This id stands twice in the file.' });
		ids.add(read.data.id);
		entries.push(read.data);
	});
	return { reports, entries };
}
