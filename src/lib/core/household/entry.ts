/** The schema of a ledger entry: what people did, looked at, let go, moved or took back. Append-only. */
import { z } from 'zod';
import { civilDay, dayPart, depth, id, minutes, name, uuid } from './fields';
import { readBy, type Read } from './problems';

/** What a pause holds for, and why. */
/** True where a stretch of days, as days or as their dates, does not end before it begins. */
export const isInOrder = <T extends number | string>({ from, to }: { from: T; to: T }): boolean => from <= to;

export const PAUSE_IN_ORDER = 'A pause ends on or after the day on which it begins.';

export const PAUSE_SCOPES = ['household', 'member', 'room', 'layer', 'job'] as const;
export const PAUSE_REASONS = ['away', 'ill', 'holiday', 'visitors', 'exams', 'other'] as const;

/** As long as a note may be. */
export const NOTE_LETTERS = 200;

const member = id.nullable().default(null);

const common = {
	/** Made where it happened (UUIDv7): sending it twice is harmless. */
	id: uuid,
	/** The household's civil date on which it counts. */
	date: civilDay,
	by: member
};

const count = z.number().int().min(0).max(100_000);

const onLine = { job: id, part: dayPart.nullable().default(null) };

const work = {
	...common,
	...onLine,
	depth: depth.nullable().default(null),
	variant: name.nullable().default(null),
	minutes: minutes.nullable().default(null),
	/** The bell cut the time off: the minutes are a lower bound. */
	cutOff: z.boolean().default(false),
	found: z.enum(['clean', 'normal', 'heavy']).nullable().default(null),
	session: uuid.nullable().default(null),
	/** The entry whose job covered this one. */
	coveredBy: uuid.nullable().default(null)
};

export const entrySchema = z.discriminatedUnion(
	'outcome',
	[
		z.strictObject({ outcome: z.literal('done'), ...work }),
		z.strictObject({ outcome: z.literal('looked'), ...work }),
		z.strictObject({ outcome: z.literal('letgo'), ...work }),
		z.strictObject({
			outcome: z.literal('part'),
			...work,
			/** How much of it is done by now, between none and all. */
			share: z
				.number()
				.gt(0, 'The share done is more than 0.')
				.lt(1, 'The share done is less than 1; for all of it say done.')
		}),
		z.strictObject({ outcome: z.literal('skipped'), ...common, ...onLine, dueOn: civilDay }),
		z.strictObject({ outcome: z.literal('moved'), ...common, ...onLine, dueOn: civilDay, to: civilDay }),
		z.strictObject({ outcome: z.literal('extra'), ...common, ...onLine }),
		z.strictObject({ outcome: z.literal('called'), ...common, ...onLine }),
		z.strictObject({ outcome: z.literal('undo'), ...common, of: uuid }),
		/** Everything but the basics is off the day. */
		z.strictObject({ outcome: z.literal('enough'), ...common }),
		/** A day declared light or deep by hand, or usual again; it holds for that day alone. */
		z.strictObject({ outcome: z.literal('dayDepth'), ...common, depth }),
		z
			.strictObject({
				outcome: z.literal('pause'),
				...common,
				scope: z.enum(PAUSE_SCOPES),
				/** The member, room, layer or job; null for the household. */
				target: z.string().max(60).nullable().default(null),
				from: civilDay,
				to: civilDay,
				reason: z.enum(PAUSE_REASONS),
				/** A few words of one's own, such as "paint drying". */
				note: z.string().trim().max(60).default('')
			})
			.refine(isInOrder, PAUSE_IN_ORDER),
		z.strictObject({
			outcome: z.literal('judgement'),
			...common,
			zone: id,
			clutter: z.enum(['clear', 'nearly', 'not-yet'])
		}),
		/** A spot was decluttered: what was counted into the three containers, and how long it took. */
		z.strictObject({
			outcome: z.literal('cleared'),
			...common,
			room: id,
			spot: name,
			minutes,
			binned: count,
			given: count,
			put: count,
			session: uuid.nullable().default(null)
		}),
		/** How far somebody has grown into a job: `chore`, as it moves none of the job's occurrences. */
		z.strictObject({
			outcome: z.literal('rung'),
			...common,
			member: id,
			chore: id,
			/** Its place among the rungs, from 0. */
			rung: z.number().int().min(0).max(7),
			how: z.enum(['with', 'alone', 'signed', 'again'])
		}),
		/** A word to whoever does one time of a job: the one that is due on a day, or, where none has a day, the next. */
		z.strictObject({
			outcome: z.literal('note'),
			...common,
			chore: id,
			part: dayPart.nullable().default(null),
			dueOn: civilDay.nullable().default(null),
			/** Empty: what was written for that time is taken away. */
			text: z.string().trim().max(NOTE_LETTERS, `A note has at most ${NOTE_LETTERS} letters.`)
		}),
		/** A look round with somebody else's eyes: first by whoever did it, then by an adult. */
		z.strictObject({
			outcome: z.literal('lookround'),
			...common,
			member: id,
			chore: id,
			part: dayPart.nullable().default(null),
			verdict: z.enum(['asked', 'confirmed', 'back']),
			/** The asking that is answered; null for the asking itself. */
			asking: uuid.nullable().default(null),
			/** The done entry that went with the asking. */
			done: uuid.nullable().default(null),
			/** The one thing that is given back. */
			point: z.string().trim().max(80).nullable().default(null)
		})
	],
	'An entry says what happened: done, looked, part, letgo, skipped, moved, extra, called, undo, enough, dayDepth, pause, judgement, cleared, rung, note or lookround.'
);

export type LedgerEntry = z.infer<typeof entrySchema>;
export type Outcome = LedgerEntry['outcome'];
export type WorkEntry = Extract<LedgerEntry, { outcome: 'done' | 'looked' | 'letgo' | 'part' }>;
export type PauseEntry = Extract<LedgerEntry, { outcome: 'pause' }>;

export type ClearedEntry = Extract<LedgerEntry, { outcome: 'cleared' }>;
export type RungEntry = Extract<LedgerEntry, { outcome: 'rung' }>;
export type NoteEntry = Extract<LedgerEntry, { outcome: 'note' }>;
export type LookRoundEntry = Extract<LedgerEntry, { outcome: 'lookround' }>;

/** True for entries that belong to a line of a job. */
export function isOnSeries(entry: LedgerEntry): entry is Extract<LedgerEntry, { job: string }> {
	return 'job' in entry;
}

/** True for entries that tell of work: done, looked, part, let go. */
export function isWork(entry: LedgerEntry): entry is WorkEntry {
	return ['done', 'looked', 'letgo', 'part'].includes(entry.outcome);
}

/** The id of a line: the job, or the job and its part of the day where it has several. */
export function seriesId(job: string, part: string | null): string {
	return part === null ? job : `${job}/${part}`;
}

/** Reads one entry from foreign data. */
export function readEntry(data: unknown): Read<LedgerEntry> {
	return readBy(entrySchema, data);
}
