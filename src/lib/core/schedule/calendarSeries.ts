/**
 * The life of the occurrences of a calendar line: every cadence but `afterDone` and `zone`; `onCall` lines too,
 * whose only occurrences are those that are called. Rules: "Occurrences".
 *
 * Occurrences are computed from the versions of the rule and from what moved, skipped or added them; then the days
 * on which something happens are walked once: occurrences fall due in the morning, entries count, lapses come at
 * the end of the day.
 */
import { addDays, type CivilDay } from '../calendar/civil';
import { pauseOn, unpausedDays, type Pauses } from '../calendar/pauses';
import { eachOccurrence, nextOccurrence, type Schedule } from '../calendar/recurrence';
import {
	catchUpDayFor,
	restingState,
	versionOn,
	type Checkpoint,
	type SeriesEntry,
	type SeriesRule,
	type SeriesState,
	type SeriesVersions,
	type MissedOccurrence
} from './series';

/** An occurrence with its moves applied. */
export interface DatedOccurrence {
	opens: CivilDay;
	due: CivilDay;
	skipped: boolean;
	/** Put on its day by hand (`extra`, `called`) and not by the cadence. */
	readonly oneOff: boolean;
	readonly rule: SeriesRule;
	settled: boolean;
}

/** Lateness of an occurrence that has no next one is counted in weeks. */
const GAP_WITHOUT_NEXT = 7;

const isCalendar = (rule: SeriesRule) =>
	rule.cadence.type !== 'afterDone' && rule.cadence.type !== 'zone' && rule.cadence.type !== 'onCall';

function scheduleOf(rule: SeriesRule): Schedule {
	return rule as unknown as Schedule;
}

/**
 * The occurrences of a line due from `from` to `to`, with moves, skips and extras applied in the order in which they
 * were made. `changes` are the entries of those kinds that hold.
 */
export function datedOccurrences(
	versions: SeriesVersions,
	changes: readonly SeriesEntry[],
	from: CivilDay,
	to: CivilDay
): DatedOccurrence[] {
	let first = from;
	let last = to;
	for (const change of changes) {
		// A moved occurrence starts from its old date, which can lie outside the span that is asked for.
		for (const day of [change.dueOn, change.to]) {
			if (day !== undefined && day < first) first = day;
			if (day !== undefined && day > last) last = day;
		}
	}
	const occurrences: DatedOccurrence[] = [];
	versions.forEach(({ from: holdsFrom, rule }, i) => {
		if (rule === null || !isCalendar(rule)) return;
		const until = versions[i + 1]?.from;
		const begin = holdsFrom > first ? holdsFrom : first;
		const end = until !== undefined && until <= last ? addDays(until, -1) : last;
		eachOccurrence(scheduleOf(rule), begin, end, (opens, due) => {
			occurrences.push({
				opens: opens < holdsFrom ? holdsFrom : opens,
				due,
				skipped: false,
				oneOff: false,
				rule,
				settled: false
			});
		});
	});
	if (changes.length === 0) return occurrences;

	const byDue = new Map(occurrences.map((occurrence) => [occurrence.due, occurrence]));
	for (const change of changes) {
		if (change.outcome === 'extra' || change.outcome === 'called') {
			const rule = versionOn(versions, change.date)?.rule;
			if (rule && !byDue.has(change.date)) {
				byDue.set(change.date, {
					opens: change.date,
					due: change.date,
					skipped: false,
					oneOff: true,
					rule,
					settled: false
				});
			}
			continue;
		}
		const occurrence = change.dueOn === undefined ? undefined : byDue.get(change.dueOn);
		if (!occurrence) continue;
		if (change.outcome === 'skipped') occurrence.skipped = true;
		else if (change.outcome === 'moved' && change.to !== undefined) {
			byDue.delete(occurrence.due);
			const window =
				occurrence.rule.cadence.type === 'timesAWeek' || occurrence.rule.cadence.type === 'months';
			if (window || occurrence.oneOff) occurrence.opens = Math.min(occurrence.opens, change.to) as CivilDay;
			else
				occurrence.opens = Math.max(
					change.to - occurrence.rule.leadDays,
					occurrence.rule.startsOn
				) as CivilDay;
			occurrence.due = change.to;
			const other = byDue.get(change.to);
			if (other) other.opens = Math.min(other.opens, occurrence.opens) as CivilDay;
			else byDue.set(change.to, occurrence);
		}
	}
	return [...byDue.values()]
		.filter((occurrence) => occurrence.due >= from && occurrence.due <= to)
		.sort((a, b) => a.due - b.due);
}

/** Days after which a look for the next occurrence usually succeeds, by cadence. */
function usualReach(rule: SeriesRule | null): number {
	switch (rule?.cadence.type) {
		case 'daily':
		case 'timesAWeek':
			return 8;
		case 'weekly':
			return 7 * rule.cadence.everyWeeks + 1;
		case 'monthly':
			return 40;
		case 'everyMonths':
			return 32 * rule.cadence.every;
		default:
			return 100;
	}
}

/** What changes while the days are walked. */
interface Walk {
	old: MissedOccurrence | null;
	/** The old occurrence and today's have become one. */
	joined: boolean;
	lastDue: CivilDay | null;
	doneTurns: number;
	lastDone: CivilDay | null;
	part: Checkpoint['part'];
	settledBy: string[];
	settledOn: CivilDay | null;
}

export interface CalendarInput {
	readonly versions: SeriesVersions;
	readonly checkpoint: Checkpoint;
	/** Moves, skips, extras and calls that hold, in the order in which they were made. */
	readonly changes: readonly SeriesEntry[];
	/** done, looked, letgo and part that hold and are dated after the checkpoint: by date, then as made. */
	readonly entries: readonly SeriesEntry[];
	readonly pauses: Pauses;
}

/** Lets an old occurrence lapse that waited for a catch-up day before `day`. */
function lapseWaiting(walk: Walk, day: CivilDay, input: CalendarInput) {
	if (walk.old?.rule !== 'catchup') return;
	const deadline = deadlineOf(walk.old, input);
	if (deadline === null || deadline < day) walk.old = null;
}

function deadlineOf(old: MissedOccurrence, input: CalendarInput): CivilDay | null {
	const rule = versionOn(input.versions, old.first)?.rule;
	return catchUpDayFor(old.first, rule?.catchUpDays ?? [], input.pauses);
}

/** The occurrences of a line in order of their due dates, with a hand on the first that is due on or after the day. */
interface OccurrenceList {
	readonly occurrences: readonly DatedOccurrence[];
	/** The longest time by which one of them opens before it is due. */
	readonly longestLead: number;
	at: number;
}

function standingToday(list: OccurrenceList, day: CivilDay): DatedOccurrence | null {
	const occurrence = list.occurrences[list.at];
	return occurrence && occurrence.due === day && !occurrence.settled && !occurrence.skipped
		? occurrence
		: null;
}

/** The first occurrence that has opened by `day`, is due after it and is neither settled nor skipped. */
function openOccurrence(list: OccurrenceList, day: CivilDay): DatedOccurrence | null {
	for (let i = list.at; i < list.occurrences.length; i++) {
		const occurrence = list.occurrences[i] as DatedOccurrence;
		if (occurrence.due - day > list.longestLead) return null;
		if (occurrence.due > day && occurrence.opens <= day && !occurrence.settled && !occurrence.skipped)
			return occurrence;
	}
	return null;
}

/** The coming occurrence of `day` and the due date of the occurrence before it. */
function comingOccurrence(list: OccurrenceList, day: CivilDay, lastDue: CivilDay | null) {
	for (let i = list.at; i < list.occurrences.length; i++) {
		const occurrence = list.occurrences[i] as DatedOccurrence;
		if (occurrence.due > day && !occurrence.settled && !occurrence.skipped) {
			return { occurrence, last: list.occurrences[i - 1]?.due ?? lastDue ?? occurrence.rule.startsOn };
		}
	}
	return null;
}

/** Counts one entry: settles the oldest occurrence that stands, or the coming one early, or nothing. */
function count(walk: Walk, entry: SeriesEntry, list: OccurrenceList, input: CalendarInput) {
	const day = entry.date;
	if (entry.outcome === 'part') {
		walk.part = { day, share: entry.share ?? 0.5 };
		return;
	}
	if (entry.outcome !== 'letgo') walk.lastDone = day;
	const rule = versionOn(input.versions, day)?.rule;
	if (!rule || day < rule.startsOn) return;
	// A zone's item has no occurrences here; what was done is counted for its depth and variant.
	if (rule.cadence.type === 'zone' && entry.outcome !== 'letgo') walk.doneTurns++;
	const settle = () => {
		walk.settledBy.push(entry.id);
		walk.settledOn = day;
		walk.part = null;
		if (entry.outcome !== 'letgo') walk.doneTurns++;
	};
	const today = standingToday(list, day);
	if (walk.old) {
		walk.old = null;
		if (walk.joined && today) today.settled = true;
		walk.joined = false;
		return settle();
	}
	const projection = today ?? openOccurrence(list, day);
	if (projection) {
		projection.settled = true;
		return settle();
	}
	const coming = comingOccurrence(list, day, walk.lastDue);
	if (coming && day > coming.last + Math.floor((coming.occurrence.due - coming.last) / 2)) {
		coming.occurrence.settled = true;
		settle();
	}
}

/** Walks the days after the checkpoint up to `day`; lapses at the end of `day` itself come only with `toItsEnd`. */
function walkTo(input: CalendarInput, day: CivilDay, toItsEnd: boolean) {
	const { checkpoint, versions, pauses } = input;
	const walk: Walk = {
		old: checkpoint.old,
		joined: false,
		lastDue: checkpoint.lastDue,
		doneTurns: checkpoint.doneTurns,
		lastDone: checkpoint.lastDone,
		part: checkpoint.part,
		settledBy: [],
		settledOn: null
	};
	const rule = versionOn(versions, day)?.rule ?? null;
	const list = listOccurrences(input, addDays(checkpoint.through, 1), day, rule);
	const { occurrences } = list;

	let e = 0;
	for (;;) {
		const nextDue = occurrences[list.at]?.due ?? Infinity;
		const nextEntry = input.entries[e]?.date ?? Infinity;
		const now = Math.min(nextDue, nextEntry) as CivilDay;
		if (now > day) break;
		walk.settledBy = [];
		walk.settledOn = null;
		lapseWaiting(walk, now, input);
		const dueToday = nextDue === now ? (occurrences[list.at] as DatedOccurrence) : null;
		if (dueToday) {
			if (walk.old && walk.old.next === null) walk.old = { ...walk.old, next: now };
			const falls = !dueToday.settled && !dueToday.skipped && !pauseOn(pauses, now);
			if (falls && walk.old?.rule === 'stays') walk.joined = true;
			else if (falls && walk.old) walk.old = null;
		}
		for (; input.entries[e]?.date === now; e++) count(walk, input.entries[e] as SeriesEntry, list, input);
		if (now === day && !toItsEnd) break;
		if (dueToday) {
			if (standingToday(list, now)) endOfDay(walk, dueToday, input);
			walk.lastDue = dueToday.due;
			list.at++;
		}
		walk.joined = false;
	}
	lapseWaiting(walk, toItsEnd ? addDays(day, 1) : day, input);
	return { walk, list };
}

/** What becomes of an occurrence that is not settled on its due date. */
function endOfDay(walk: Walk, occurrence: DatedOccurrence, input: CalendarInput) {
	if (pauseOn(input.pauses, occurrence.due) || walk.old) return;
	const { missRule, catchUpDays } = occurrence.rule;
	const missed = { first: occurrence.due, opens: occurrence.opens, next: null };
	if (missRule === 'stays') walk.old = { ...missed, rule: 'stays' };
	else if (missRule === 'catchup' && !occurrence.oneOff) {
		const deadline = catchUpDayFor(occurrence.due, catchUpDays, input.pauses);
		if (deadline !== null && deadline > occurrence.due) {
			walk.old = { ...missed, rule: 'catchup' };
		}
	}
}

/** The occurrences from `from` on, as far as one that is neither settled nor excused after `day`, if there is one. */
function listOccurrences(
	input: CalendarInput,
	from: CivilDay,
	day: CivilDay,
	rule: SeriesRule | null
): OccurrenceList {
	const ahead = input.checkpoint.settledAhead;
	// Asked only where the usual reach was too short: most often it is not.
	let reachable: boolean | null = null;
	// Entries can settle occurrences ahead: one by the midpoint, and as many as have opened.
	const needed = 2 + (rule?.leadDays ? Math.min(input.entries.length, rule.leadDays) : 0);
	let reach = usualReach(rule);
	for (const { date, to } of input.changes) reach = Math.max(reach, date - day, (to ?? day) - day);
	for (let tries = 0; ; tries++, reach *= 3) {
		const occurrences = datedOccurrences(input.versions, input.changes, from, addDays(day, reach));
		let free = 0;
		let longestLead = 0;
		for (const occurrence of occurrences) {
			if (ahead.includes(occurrence.due)) occurrence.settled = true;
			longestLead = Math.max(longestLead, occurrence.due - occurrence.opens);
			if (
				occurrence.due > day &&
				!occurrence.settled &&
				!occurrence.skipped &&
				!pauseOn(input.pauses, occurrence.due)
			)
				free++;
		}
		if (free >= needed || tries >= 6) return { occurrences, longestLead, at: 0 };
		if (reachable === null) {
			const next = rule !== null && isCalendar(rule) ? nextOccurrence(scheduleOf(rule), day) : null;
			reachable = next !== null;
			if (next) reach = Math.max(reach, (next.due - day + 1) / 3);
		}
		if (!reachable) return { occurrences, longestLead, at: 0 };
	}
}

/** The state of a calendar line on `day`, with the entries of that day counted. `day` is after the checkpoint. */
export function calendarState(input: CalendarInput, day: CivilDay): SeriesState {
	const { walk, list } = walkTo(input, day, false);
	const { occurrences } = list;
	const { pauses } = input;
	const next = occurrences.find((t) => t.due > day && !t.settled && !t.skipped && !pauseOn(pauses, t.due));
	const settledToday = walk.settledOn === day;
	const state = restingState(walk.doneTurns, settledToday ? walk.settledBy : undefined);
	state.nextOn = next?.due ?? null;
	if (pauseOn(pauses, day)) {
		state.state = 'paused';
		state.nextOn = null;
		return state;
	}
	const stands = (kind: SeriesState['state'], dueOn: CivilDay, opensOn: CivilDay) => {
		state.state = kind;
		state.dueOn = dueOn;
		state.opensOn = opensOn;
		state.shareDone = walk.part && walk.part.day >= opensOn ? walk.part.share : 0;
		return state;
	};
	const { old } = walk;
	if (old?.rule === 'stays') {
		const following = old.next ?? occurrences.find((t) => t.due > old.first)?.due;
		const gap = following === undefined ? GAP_WITHOUT_NEXT : following - old.first;
		state.lateDays = unpausedDays(pauses, old.first, day);
		state.lateTurns = state.lateDays / gap;
		return stands('late', old.first, old.opens);
	}
	const today = standingToday(list, day);
	if (today) return stands('due', day, today.opens);
	if (old) {
		state.catchUpOn = deadlineOf(old, input);
		return stands(state.catchUpOn === day ? 'due' : 'waiting', old.first, old.opens);
	}
	const open = openOccurrence(list, day);
	if (open) return stands('open', open.due, open.opens);
	const dueAndSettled = occurrences.some((occurrence) => occurrence.due === day && occurrence.settled);
	if (settledToday || dueAndSettled) state.state = 'done';
	return state;
}

/** The checkpoint at the end of `day`, from one before it. */
export function calendarCheckpoint(input: CalendarInput, day: CivilDay): Checkpoint {
	const { walk, list } = walkTo(input, day, true);
	return {
		through: day,
		lastDue: walk.lastDue,
		old: walk.old,
		settledAhead: list.occurrences
			.filter((occurrence) => occurrence.due > day && occurrence.settled)
			.map((occurrence) => occurrence.due),
		base: walk.lastDone,
		doneTurns: walk.doneTurns,
		lastDone: walk.lastDone,
		part: walk.part
	};
}

/**
 * The due dates of a calendar line after `today` up to `to`, as things stand: what was settled ahead, is skipped or
 * falls in a pause is not there; an occurrence that waits is there on its catch-up day, unless the next falls due before it.
 * In order. Rules: "One door for dates".
 */
export function calendarDates(input: CalendarInput, today: CivilDay, to: CivilDay): CivilDay[] {
	const { settledAhead, old } = calendarCheckpoint(input, today);
	const dates = datedOccurrences(input.versions, input.changes, addDays(today, 1), to)
		.filter(
			(occurrence) =>
				!occurrence.skipped &&
				!settledAhead.includes(occurrence.due) &&
				!pauseOn(input.pauses, occurrence.due)
		)
		.map((occurrence) => occurrence.due);
	// What falls due today and is not done by its end is taken to be done on it: only what waited before does so.
	if (old?.rule === 'catchup' && old.first < today) {
		const waits = deadlineOf(old, input);
		if (waits !== null && waits > today && waits <= to && !(dates[0] !== undefined && dates[0] <= waits))
			dates.unshift(waits);
	}
	return dates;
}
