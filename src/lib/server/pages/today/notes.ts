/** What was written for one time of a job, to be read by whoever does it. */
import type { CivilDay } from '$core/calendar/civil';
import type { NoteEntry } from '$core/household/entry';
import { NOTE_DAYS, notesByLine, notesToRead } from '$core/schedule/notes';
import type { HomeProjection } from '$core/schedule/projection';
import type { DaySeries } from '$core/schedule/readDay';
import type { Db } from '../../db/pool';
import { entriesOfNotes } from '../../repo/ledgerRepo';

export type Notes = ReadonlyMap<string, readonly NoteEntry[]>;

export async function loadNotes(db: Db, household: string, today: CivilDay): Promise<Notes> {
	const stored = await entriesOfNotes(db, household, (today - NOTE_DAYS) as CivilDay);
	return notesByLine(stored.map(({ entry }) => entry));
}

/** The words that whoever does this line is to read, one a time that stands. */
export const notesAt = (notes: Notes, line: DaySeries, projection: HomeProjection, day: CivilDay): string[] =>
	notesToRead(notes.get(line.line.id) ?? [], line, projection.series.get(line.line.id), day).map(
		({ text }) => text
	);
