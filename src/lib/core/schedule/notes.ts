/** Words to whoever does one time of a job. Rules: "A note on one time". */
import type { CivilDay } from '../calendar/civil';
import { seriesId, type LedgerEntry, type NoteEntry } from '../household/entry';
import type { SeriesProjection } from './projection';
import type { DaySeries } from './readDay';
import { effectiveLedger } from './series';

/** Days for which a note is looked for: after half a year nobody reads it as news. */
export const NOTE_DAYS = 180;

/** Kinds of recurrence whose times have no due day of their own. */
const hasNoDay = (line: DaySeries) => ['zone', 'onCall'].includes(line.line.job.cadence.type);

/** The time that a note written at a line now is for: the one that stands, else the next; null where it has no day. */
export const timeOfNote = (line: DaySeries): CivilDay | null =>
	hasNoDay(line) ? null : (line.dueOn ?? line.nextOn);

/** The notes by their line, the newest of each time; those undone or emptied are gone. */
export function notesByLine(entries: readonly LedgerEntry[]): ReadonlyMap<string, readonly NoteEntry[]> {
	const newest = new Map<string, NoteEntry>();
	for (const entry of effectiveLedger(entries)) {
		if (entry.outcome !== 'note') continue;
		const time = `${seriesId(entry.chore, entry.part)} ${entry.dueOn ?? 'next'}`;
		newest.delete(time);
		newest.set(time, entry);
	}
	const byLine = new Map<string, NoteEntry[]>();
	for (const note of newest.values()) {
		if (note.text === '') continue;
		const line = seriesId(note.chore, note.part);
		byLine.set(line, [...(byLine.get(line) ?? []), note]);
	}
	return byLine;
}

/**
 * The notes that whoever does a line now is to read, the earliest time first: those of the time that stands and of
 * times that were missed with it, until it is settled. A time that was moved takes its note along.
 */
export function notesToRead(
	notes: readonly NoteEntry[],
	line: DaySeries,
	projection: SeriesProjection | undefined,
	day: CivilDay
): NoteEntry[] {
	const tail = projection?.tail ?? [];
	if (hasNoDay(line))
		return notes.filter(
			(note) =>
				!tail.some(
					(entry) =>
						['done', 'looked', 'letgo'].includes(entry.outcome) &&
						(entry.date > note.date || (entry.date === note.date && entry.id > note.id))
				)
		);
	const stands = timeOfNote(line);
	if (stands === null) return [];
	const movedTo = (day: CivilDay) =>
		tail.reduce(
			(now, entry) => (entry.outcome === 'moved' && entry.dueOn === now ? (entry.to ?? now) : now),
			day
		);
	return notes
		.map((note) => ({ note, time: note.dueOn === null ? stands : movedTo(note.dueOn) }))
		.filter(({ time }) => time === stands || (line.state === 'late' && time > stands && time <= day))
		.sort((a, b) => a.time - b.time)
		.map(({ note }) => note);
}

/**
 * The time that a note written at a line now is for, with the note that stands for it; a time that was moved keeps the
 * day that its note was written for.
 */
export function noteToWrite(
	notes: readonly NoteEntry[],
	line: DaySeries,
	projection: SeriesProjection | undefined,
	day: CivilDay
): { readonly dueOn: CivilDay | null; readonly text: string } {
	// Of times that were missed together the first stands, and its note comes first.
	const [note] = notesToRead(notes, line, projection, day);
	const dueOn = timeOfNote(line);
	const isIts = note !== undefined && (line.state !== 'late' || note.dueOn === null || note.dueOn === dueOn);
	return isIts ? { dueOn: note.dueOn, text: note.text } : { dueOn, text: '' };
}
