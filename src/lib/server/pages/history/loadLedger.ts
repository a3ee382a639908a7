/** What the Ledger shows: the days as a diary, and the page of one job. */
import { LOAD_LEDGER_SAYS } from '$words/answers/history';
import { realGap } from '$core/learning/realGap';
import { addDays, isoOf, parseDay, partsOf, type CivilDay } from '$core/calendar/civil';
import { householdTime, wallTime } from '$core/calendar/instant';
import { isWork, type ClearedEntry, type LedgerEntry, type WorkEntry } from '$core/household/entry';
import { estimateMinutes } from '$core/learning/minutes';
import { whoseTurn } from '$core/people/ownList';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { jobTitle, readDay, type DaySeries } from '$core/schedule/readDay';
import { effectiveEntries } from '$core/schedule/series';
import type { JobPage, LedgerDay, LedgerLine, LedgerView } from '$views/history';
import { clockText, OUTCOME_WORDS, tinyDate, weekdayName } from '$words/general';
import { memberName } from '$words/names';
import { rhythmWords } from '$words/recurrence';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { LAYER_OFF } from '$words/house';
import { clearedName, clearedWords, oftenWords } from '$words/history';
import { entriesOfJobs, undosOf, workEntries, type StoredEntry } from '../../repo/ledgerRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { zoneMark } from '../today/jobRows';

export interface LedgerQuery {
	readonly household: string;
	readonly job: string | null;
	readonly by: string | null;
	readonly room: string | null;
	readonly to: string | null;
	readonly open: string | null;
	/** The job whose page lies on the right. */
	readonly page: string | null;
	readonly entry: string | null;
	readonly me: string | null;
	readonly now: number;
}

const DAYS_A_PAGE = 12;
const EARLIER_TIMES = 6;

interface Facts {
	readonly home: PreparedHome;
	readonly today: CivilDay;
	readonly undos: ReadonlyMap<string, StoredEntry>;
}

export async function loadLedger(query: LedgerQuery): Promise<LedgerView> {
	const { household } = query;
	const home = await reading((db) => loadHome(db, household));
	if (!home) throw new RangeError(`no household ${household}`);
	const rules = home.home.household;
	const { date: today } = householdTime(query.now, rules);
	const asked = query.to === null ? null : parseDay(query.to);
	const to = asked === null || asked > today ? today : asked;
	const room = home.roomById.has(query.room ?? '') ? (query.room as string) : '';
	const by = home.members.some((m) => m.id === query.by) ? (query.by as string) : '';
	const job = home.jobById.has(query.job ?? '') ? (query.job as string) : '';
	const jobs =
		job !== '' ? [job] : room !== '' ? home.home.jobs.filter((j) => j.room === room).map((j) => j.id) : null;

	const found = await reading((db) =>
		workEntries(db, household, {
			member: by === '' ? null : by,
			jobs,
			room: job === '' ? room : null,
			to,
			days: DAYS_A_PAGE + 1
		})
	);
	const facts: Facts = { home, today, undos: await undosThatHold(household, found) };
	const days = dayViews(facts, found);
	const shown = days.slice(0, DAYS_A_PAGE);
	const last = shown[shown.length - 1];
	const older =
		days.length > DAYS_A_PAGE && last ? isoOf(addDays(parseDay(last.date) as CivilDay, -1)) : null;
	const openDay =
		shown.find((day) => day.date === query.open)?.date ??
		(query.open === 'none' ? null : (shown[0]?.date ?? null));
	const openLines = shown.find((day) => day.date === openDay)?.lines ?? [];
	const entryLine = shown.flatMap((day) => day.lines).find((line) => line.entry === query.entry) ?? null;
	const pageJob =
		query.page ??
		entryLine?.job ??
		(job !== '' ? job : null) ??
		openLines.find((line) => line.job !== '')?.job ??
		null;
	const member =
		home.members.find((m) => m.id === query.me) ?? home.members.find((m) => m.role === 'organiser');
	return {
		today: isoOf(today),
		toWords: to === today ? 'today' : tinyDate(to),
		filter: {
			job,
			by,
			room,
			to: to === today ? '' : isoOf(to),
			q: filterQuery({ job, by, room, to: to === today ? '' : isoOf(to) })
		},
		jobs: [...home.home.jobs]
			.map((j) => ({ id: j.id, name: j.name, room: home.roomById.get(j.room)?.name ?? '' }))
			.sort((a, b) => a.name.localeCompare(b.name)),
		lines: home.series
			.map((line) => ({
				id: line.id,
				name: line.part === null ? line.job.name : `${line.job.name}, ${line.part}`
			}))
			.sort((a, b) => a.name.localeCompare(b.name)),
		members: home.members.filter((m) => m.role !== 'device').map((m) => ({ id: m.id, name: m.name })),
		rooms: [...home.rooms].sort((a, b) => a.walkOrder - b.walkOrder).map((r) => ({ id: r.id, name: r.name })),
		days: shown,
		older,
		openDay,
		page:
			pageJob !== null && home.jobById.has(pageJob)
				? await jobPage(
						household,
						facts,
						pageJob,
						entryLine ?? openLines.find((l) => l.job === pageJob) ?? null,
						shown
					)
				: null,
		longest: Math.max(30, ...shown.map((day) => Math.max(day.minutes, day.planned))),
		me: member?.id ?? '',
		formId: uuidv7()
	};
}

function filterQuery(filter: { job: string; by: string; room: string; to: string }): string {
	const params = new URLSearchParams();
	for (const [key, value] of Object.entries(filter)) if (value !== '') params.set(key, value);
	return params.toString();
}

/** The newest undo of each entry that itself holds. */
async function undosThatHold(
	household: string,
	found: readonly StoredEntry[]
): Promise<Map<string, StoredEntry>> {
	const holding = new Map<string, StoredEntry>();
	let asked = found.map((stored) => stored.entry.id);
	const undos: StoredEntry[] = [];
	// An undo can be undone, and that again; few are, and the chain ends.
	for (let depth = 0; asked.length > 0 && depth < 20; depth++) {
		const next = await reading((db) => undosOf(db, household, asked));
		undos.push(...next);
		asked = next.map((stored) => stored.entry.id);
	}
	undos.sort((a, b) => b.seq - a.seq);
	const takenBack = new Set<string>();
	for (const undo of undos) {
		if (takenBack.has(undo.entry.id) || undo.entry.outcome !== 'undo') continue;
		takenBack.add(undo.entry.of);
		if (!holding.has(undo.entry.of)) holding.set(undo.entry.of, undo);
	}
	return holding;
}

function plannedMinutes(home: PreparedHome, entry: WorkEntry): number | null {
	const job = home.everyJob.get(entry.job);
	if (!job || entry.outcome === 'looked' || entry.outcome === 'letgo') return null;
	const minutes = (entry.depth ? job.depths[entry.depth] : undefined)?.minutes ?? job.depths.usual.minutes;
	return entry.outcome === 'part' ? minutes * entry.share : minutes;
}

function lineView({ home, undos }: Facts, entry: WorkEntry): LedgerLine {
	const job = home.everyJob.get(entry.job);
	return {
		entry: entry.id,
		job: entry.job,
		name: jobTitle(job?.name ?? entry.job, entry.variant),
		outcome: entry.outcome,
		words:
			entry.outcome === 'part'
				? `${Math.round(entry.share * 100)} % done`
				: entry.coveredBy
					? LOAD_LEDGER_SAYS.alongWithAnother
					: entry.outcome === 'done'
						? ''
						: (OUTCOME_WORDS[entry.outcome] ?? ''),
		by: memberName(home, entry.by),
		minutes: entry.minutes,
		planned: plannedMinutes(home, entry),
		cutOff: entry.cutOff,
		back: backOf(home, undos.get(entry.id))
	};
}

function clearedView({ home, undos }: Facts, entry: ClearedEntry): LedgerLine {
	return {
		entry: entry.id,
		job: '',
		name: clearedName(entry.spot),
		outcome: 'cleared',
		words: clearedWords(home.everyRoom.get(entry.room)?.name ?? '', entry),
		by: memberName(home, entry.by),
		minutes: entry.minutes,
		planned: null,
		cutOff: false,
		back: backOf(home, undos.get(entry.id))
	};
}

/** How an entry was taken back; null where it holds. */
function backOf(home: PreparedHome, undo: StoredEntry | undefined): LedgerLine['back'] {
	const rules = home.home.household;
	return undo
		? {
				words: LOAD_LEDGER_SAYS.undoneAt(clockText(wallTime(undo.receivedAt, rules.timeZone), rules.clock)),
				undo: undo.entry.id
			}
		: null;
}

function dayViews(facts: Facts, found: readonly StoredEntry[]): LedgerDay[] {
	const byDay = new Map<CivilDay, (WorkEntry | ClearedEntry)[]>();
	for (const { entry } of found) {
		if (!isWork(entry) && entry.outcome !== 'cleared') continue;
		byDay.set(entry.date, [...(byDay.get(entry.date) ?? []), entry]);
	}
	return [...byDay].sort(([a], [b]) => b - a).map(([day, entries]) => dayView(facts, day, entries));
}

function dayView(facts: Facts, day: CivilDay, entries: readonly (WorkEntry | ClearedEntry)[]): LedgerDay {
	const lines = entries.map((entry) =>
		entry.outcome === 'cleared' ? clearedView(facts, entry) : lineView(facts, entry)
	);
	const counted = lines.filter((line) => line.back === null);
	// What came along with another job was nobody's work of its own.
	const covered = new Set(entries.flatMap((entry) => (isWork(entry) && entry.coveredBy ? [entry.id] : [])));
	const people = new Map<string, string[]>();
	for (const line of counted) {
		if (line.outcome === 'letgo' || covered.has(line.entry)) continue;
		people.set(line.by, [...(people.get(line.by) ?? []), line.name]);
	}
	const told = [...people]
		.sort(([, a], [, b]) => b.length - a.length)
		.slice(0, 2)
		.map(([who, names]) => ({ who, what: inSentence(facts.home, names[0] ?? '') }));
	const sum = (pick: (line: LedgerLine) => number | null) =>
		counted.reduce((total, line) => total + (pick(line) ?? 0), 0);
	return {
		date: isoOf(day),
		weekday: weekdayName(day).slice(0, 3),
		number: partsOf(day).day,
		isToday: day === facts.today,
		told,
		more: Math.max(0, counted.length - told.length),
		minutes: sum((line) => line.minutes),
		planned: sum((line) => (line.minutes === null ? null : line.planned)),
		lines
	};
}

/** A job's name within a sentence: small, unless it begins with a name of this home. */
function inSentence(home: PreparedHome, name: string): string {
	const first = name.split(/[\s,’']/)[0] ?? '';
	const names = [...home.members, ...home.rooms, ...home.home.pets].flatMap((one) => one.name.split(' '));
	return names.includes(first) ? name : name.charAt(0).toLowerCase() + name.slice(1);
}

async function jobPage(
	household: string,
	facts: Facts,
	jobId: string,
	entry: LedgerLine | null,
	days: readonly LedgerDay[]
): Promise<JobPage> {
	const { home, today } = facts;
	const job = home.jobById.get(jobId);
	if (!job) throw new RangeError(jobId);
	const [projection, entries] = await reading((db) =>
		Promise.all([loadProjection(db, household), entriesOfJobs(db, household, [jobId])])
	);
	const lines = readDay(home, projection, today).lines.filter((line) => line.line.job.id === jobId);
	const next = lines
		.map((line): { on: CivilDay | null; line: DaySeries } => ({
			on: line.state === 'due' || line.state === 'late' || line.state === 'waiting' ? today : line.nextOn,
			line
		}))
		.sort((a, b) => (a.on ?? Infinity) - (b.on ?? Infinity))[0];
	const held = effectiveEntries(entries.map((stored) => stored.entry) as (LedgerEntry & { of?: string })[])
		.filter(isWork)
		.sort((a, b) => a.date - b.date);
	const times = held.filter((one) => one.outcome !== 'letgo').reverse();
	const last = held.filter((one) => one.outcome === 'done').at(-1);
	const timings = held
		.filter(
			(one) => one.minutes !== null && one.outcome === 'done' && one.depth !== 'quick' && one.depth !== 'deep'
		)
		.map((one) => ({ minutes: one.minutes as number, cut: one.cutOff }));
	const estimate = timings.length > 0 ? estimateMinutes(job.depths.usual.minutes, timings) : null;
	const gap = realGap(held.filter((one) => one.outcome === 'done').map((one) => one.date));
	const round = (n: number) => (n < 3 ? Math.round(n * 2) / 2 : Math.round(n));
	return {
		job: jobId,
		name: job.name,
		zone: zoneMark(home, home.roomById.get(job.room)?.zone ?? null),
		where: `${home.roomById.get(job.room)?.name ?? ''}, ${rhythmWords(job)}`,
		lastDone: last ? tinyDate(last.date) : LOAD_LEDGER_SAYS.notYet,
		lastBy: last ? memberName(home, last.by) : '',
		nextDue: !home.home.household.layers.includes(job.layer)
			? LAYER_OFF.short(job.layer)
			: !next || next.on === null
				? LOAD_LEDGER_SAYS.notSet
				: next.on === today
					? 'Today'
					: tinyDate(next.on),
		nextBy:
			next && next.line.line.job.who.mode !== 'shared'
				? memberName(home, whoseTurn(home.home, next.line, today)[0] ?? null)
				: '',
		said: job.depths.usual.minutes,
		takes: estimate ? round(estimate.median) : null,
		often: gap === null ? null : oftenWords(gap),
		range: estimate ? `${round(estimate.low)} to ${round(estimate.high)}` : null,
		times: times.slice(0, EARLIER_TIMES).map((one) => ({
			date: tinyDate(one.date),
			by: memberName(home, one.by),
			minutes: one.minutes,
			words: one.outcome === 'done' ? '' : (OUTCOME_WORDS[one.outcome] ?? '')
		})),
		countOfTimes: times.length,
		entry: entry && entry.job === jobId ? entry : null,
		entryDate: entry
			? (days.find((day) => day.lines.some((line) => line.entry === entry.entry))?.date ?? null)
			: null
	};
}
