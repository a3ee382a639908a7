/** The home: the one source of its types, and the checks that reach over several of its parts. */
import { z } from 'zod';
import { addDays, isoOf, parseDay, toDay, type CivilDay } from '../calendar/civil';
import { nextCadenceTurn, type CalendarCadence } from '../routine/cadence';
import { clockTime, id, isoDate, minutes, name, weekday, weekdays } from './fields';
import { jobSchema, type Job } from './jobSchema';
import { problemsOf, type Problem } from './problems';
import { upgradeHome } from './upgrade';

const extra = z.enum(['last', 'first', 'free']).default('last');

const schemeSchema = z.discriminatedUnion('type', [
	z.strictObject({ type: z.literal('rows'), extra }),
	z.strictObject({ type: z.literal('weeks'), extra }),
	z.strictObject({ type: z.literal('cycle'), extra, anchor: isoDate }),
	z.strictObject({
		type: z.literal('weekdays'),
		extra,
		byWeekday: z.partialRecord(z.enum(['1', '2', '3', '4', '5', '6', '7']), id)
	}),
	z.strictObject({ type: z.literal('none'), extra })
]);

const timeZone = z.string().refine((zone) => {
	try {
		new Intl.DateTimeFormat('en', { timeZone: zone });
		return true;
	} catch {
		return false;
	}
}, 'This time zone is not known. Use a name such as "Europe/Oslo".');

export const LAYERS = ['basics', 'weekly', 'zone', 'long'] as const;
export type Layer = (typeof LAYERS)[number];

const householdSchema = z.strictObject({
	name,
	timeZone,
	/** The hour at which one household day ends and the next begins. */
	dayStartsAt: clockTime.default('04:00'),
	clock: z.enum(['24h', '12h']).default('24h'),
	weekStart: weekday.default(1),
	weekBelongs: z.enum(['start', 'middle']).default('start'),
	parts: z
		.strictObject({
			morning: clockTime.default('05:00'),
			midday: clockTime.default('12:00'),
			evening: clockTime.default('17:00')
		})
		.refine(
			(p) => p.morning < p.midday && p.midday < p.evening,
			'The parts of the day come in order: morning, midday, evening.'
		)
		.default({ morning: '05:00', midday: '12:00', evening: '17:00' }),
	/** Jobs that name no first day begin here. */
	startsOn: isoDate,
	/** Minutes of a day, if the household has set them; else the habit of the last weeks counts. */
	minutesADay: minutes.optional(),
	moves: z
		.strictObject({ sameStorey: z.number().min(0).max(30), perStorey: z.number().min(0).max(30) })
		.default({ sameStorey: 0.5, perStorey: 1 }),
	floors: z.enum(['by-room', 'at-end']).default('by-room'),
	/** The layers that are switched on; nothing of the others falls due. Grown into one after the other. */
	layers: z
		.array(z.enum(LAYERS))
		.refine((list) => new Set(list).size === list.length, 'Name each layer once.')
		.default([...LAYERS]),
	rhythm: z.strictObject({
		pattern: name,
		scheme: schemeSchema,
		zoneDays: weekdays.default([1, 2, 3, 4, 5]),
		sittingMinutes: minutes.default(15),
		catchUpDays: weekdays.default([]),
		freeDays: weekdays.default([]),
		/** What the household calls its weekdays, such as "Bathrooms". */
		subjects: z.partialRecord(z.enum(['1', '2', '3', '4', '5', '6', '7']), name).default({})
	})
});

export const WEAVES = ['stripe', 'check', 'waffle', 'herringbone', 'dots', 'twill', 'basket'] as const;

const zoneSchema = z.strictObject({
	id,
	name,
	weave: z.enum(WEAVES),
	/** The deep list, in its order: ids of jobs whose cadence is `zone`. */
	list: z.array(id).default([]),
	orderBy: z.enum(['list', 'need']).default('list')
});

export const ROOM_KINDS = [
	'kitchen',
	'bathroom',
	'toilet',
	'bedroom',
	'child',
	'living',
	'dining',
	'hall',
	'study',
	'laundry',
	'store',
	'loft',
	'outside',
	'car'
] as const;

export const PETS = ['cat', 'dog', 'bird', 'small', 'fish'] as const;

/** What is underfoot. */
export const FLOORS = ['boards', 'laminate', 'carpet', 'cork', 'tiles', 'stone', 'lino', 'concrete'] as const;

/** What gets wiped: the surfaces of the handbook's table, and those that refuse nothing. */
export const SURFACES = [
	'paint',
	'glass',
	'tile',
	'grout',
	'stone',
	'steel',
	'aluminium',
	'plated',
	'enamel',
	'hob',
	'wood',
	'laminate',
	'screen',
	'wool',
	'matt',
	'plastic'
] as const;

const roomSchema = z.strictObject({
	id,
	name,
	kind: z.enum(ROOM_KINDS),
	/** 0 the ground; cellars below it. */
	storey: z.number().int().min(-5).max(60),
	/** Place in the walk from the top of the house to the bottom. */
	walkOrder: z.number().int().min(0).max(999),
	seenByVisitors: z.boolean().default(false),
	/** Null: in no zone. */
	zone: id.nullable().default(null),
	floor: z.enum(FLOORS).optional(),
	surfaces: z.array(z.enum(SURFACES)).default([]),
	/** Whose own room it is. */
	owners: z.array(id).default([]),
	/** Which animals shed in here. */
	sheds: z.array(z.enum(PETS)).default([])
});

const spanOfDay = z.strictObject({ weekdays, from: clockTime, to: clockTime });

const memberSchema = z.strictObject({
	id,
	name,
	role: z.enum(['organiser', 'adult', 'child', 'helper', 'device']),
	bornOn: isoDate.optional(),
	/** When this person is at home. Left out: always. */
	home: z.array(spanOfDay).optional(),
	/** When this person carries the day. */
	carries: z.array(spanOfDay).default([])
});

const petSchema = z.strictObject({ id, name, kind: z.enum(PETS) });

export const homeSchema = z
	.strictObject({
		format: z.literal('pail-round/home', 'This is no Pail Round home: "format" must be "pail-round/home".'),
		version: z.literal(2, 'This version of the format is not known here. Versions 1 and 2 are.'),
		household: householdSchema,
		zones: z.array(zoneSchema).max(12),
		rooms: z.array(roomSchema).min(1, 'A home has at least one room.').max(200),
		members: z.array(memberSchema).min(1, 'Somebody lives here: name at least one person.').max(40),
		pets: z.array(petSchema).max(40).default([]),
		jobs: z.array(jobSchema).max(2000)
	})
	.superRefine(checkAcross);

export type Home = z.infer<typeof homeSchema>;
export type Household = Home['household'];
export type Zone = Home['zones'][number];
export type Room = Home['rooms'][number];
export type Member = Home['members'][number];
export type { Job };

type Report = (path: PropertyKey[], message: string) => void;

function checkAcross(home: RawHome, context: z.RefinementCtx) {
	const report: Report = (path, message) => context.addIssue({ code: 'custom', path, message });
	const ids = (list: readonly { id: string }[], place: string) => {
		const seen = new Set<string>();
		list.forEach((one, i) => {
			if (seen.has(one.id)) report([place, i, 'id'], `The id "${one.id}" is used twice. Give each its own.`);
			seen.add(one.id);
		});
		return seen;
	};
	const zones = ids(home.zones, 'zones');
	const rooms = ids(home.rooms, 'rooms');
	const members = ids(home.members, 'members');
	const jobs = ids(home.jobs, 'jobs');
	ids(home.pets, 'pets');

	home.rooms.forEach((room, i) => {
		room.owners.forEach((owner, k) => {
			if (!members.has(owner))
				report(['rooms', i, 'owners', k], `There is no member "${owner}". Name one that is there.`);
		});
		if (room.zone !== null && !zones.has(room.zone)) {
			report(
				['rooms', i, 'zone'],
				`There is no zone "${room.zone}". Name one of the zones, or null for none.`
			);
		}
	});
	if (!home.members.some((member) => member.role === 'organiser')) {
		report(['members'], 'Nobody is the organiser. Give one person the role "organiser".');
	}
	const { scheme } = home.household.rhythm;
	if (scheme.type === 'weekdays') {
		for (const [day, zone] of Object.entries(scheme.byWeekday)) {
			if (zone !== undefined && !zones.has(zone)) {
				report(
					['household', 'rhythm', 'scheme', 'byWeekday', day],
					`There is no zone "${zone}". Name one of the zones.`
				);
			}
		}
	}
	home.jobs.forEach((job, i) => checkJob(job, ['jobs', i], { home, rooms, members, jobs }, report));
	checkZoneLists(home, report);
}

type RawHome = {
	household: z.infer<typeof householdSchema>;
	zones: z.infer<typeof zoneSchema>[];
	rooms: z.infer<typeof roomSchema>[];
	members: z.infer<typeof memberSchema>[];
	pets: z.infer<typeof petSchema>[];
	jobs: Job[];
};

function checkJob(
	job: Job,
	path: PropertyKey[],
	known: { home: RawHome; rooms: Set<string>; members: Set<string>; jobs: Set<string> },
	report: Report
) {
	const at = (...rest: PropertyKey[]) => [...path, ...rest];
	if (!known.rooms.has(job.room)) {
		report(at('room'), `There is no room "${job.room}". Add the room, or name one that is there.`);
	}
	job.covers.forEach((other, i) => {
		if (other === job.id) report(at('covers', i), 'A job does not cover itself. Leave it out.');
		else if (!known.jobs.has(other))
			report(at('covers', i), `There is no job "${other}". Name one that is there.`);
	});
	job.who.members.forEach((member, i) => {
		if (!known.members.has(member)) {
			report(at('who', 'members', i), `There is no member "${member}". Name one that is there.`);
		}
	});
	if (job.who.mode === 'fixed' && job.who.members.length === 0) {
		report(at('who', 'members'), 'A fixed job needs its owner. Name one member, or make it free.');
	}
	if (job.parts.length > 0 && job.cadence.type !== 'daily') {
		if (job.parts.length > 1) {
			report(at('parts'), 'Only a daily job has several parts of the day. Keep one, or make it daily.');
		}
	}
	for (const depth of ['quick', 'usual', 'deep'] as const) {
		const steps = job.depths[depth]?.steps;
		if (!steps) continue;
		const sum = steps.reduce((total, step) => total + step.minutes, 0);
		if (Math.abs(sum - (job.depths[depth]?.minutes ?? 0)) > 0.01) {
			report(
				at('depths', depth, 'minutes'),
				`The steps add up to ${sum} minutes, not ${job.depths[depth]?.minutes}. Make them agree.`
			);
		}
		steps.forEach((step, i) => {
			if (step.room !== undefined && !known.rooms.has(step.room)) {
				report(
					at('depths', depth, 'steps', i, 'room'),
					`There is no room "${step.room}". Name one that is there.`
				);
			}
		});
	}
	if (job.deepEvery !== undefined && !job.depths.deep) {
		report(at('deepEvery'), 'There is no deep version. Add depths.deep, or leave deepEvery out.');
	}
	checkCadence(job, at, known.home, report);
}

function checkCadence(
	job: Job,
	at: (...rest: PropertyKey[]) => PropertyKey[],
	home: RawHome,
	report: Report
) {
	const { cadence } = job;
	if (cadence.type === 'zone') {
		const room = home.rooms.find((r) => r.id === job.room);
		if (room && room.zone === null) {
			report(
				at('cadence'),
				`"${room.name}" is in no zone, so this job would never come up. Put the room in a zone, or choose another cadence.`
			);
		}
		if (job.missRule !== 'carry')
			report(at('missRule'), 'A zone job carries over to its next visit: use "carry".');
		return;
	}
	if (job.missRule === 'carry') {
		report(at('missRule'), '"carry" is for zone jobs. Use "letgo", "catchup" or "stays".');
	}
	if (cadence.type === 'onCall' || cadence.type === 'afterDone') return;
	const { household } = home;
	const startsOn = parseDay(job.startsOn ?? household.startsOn);
	// A date that does not exist has been reported at its own place.
	if (startsOn === null) return;
	const first = nextCadenceTurn(
		{
			cadence: cadence as CalendarCadence,
			startsOn,
			leadDays: 0,
			season: job.season,
			weeks: { weekStart: household.weekStart, weekBelongs: household.weekBelongs }
		},
		addDays(startsOn, -1)
	);
	if (!first) {
		report(
			at('cadence'),
			'It never falls due: its dates and its season do not meet. Widen the season or change the dates.'
		);
	}
}

function checkZoneLists(home: RawHome, report: Report) {
	const zoneOfRoom = new Map(home.rooms.map((room) => [room.id, room.zone]));
	const jobs = new Map(home.jobs.map((job) => [job.id, job]));
	const listed = new Set<string>();
	home.zones.forEach((zone, i) => {
		zone.list.forEach((jobId, k) => {
			const job = jobs.get(jobId);
			if (!job || job.cadence.type !== 'zone' || zoneOfRoom.get(job.room) !== zone.id) {
				report(
					['zones', i, 'list', k],
					`"${jobId}" is no zone job of a room in this zone. Take it off the list.`
				);
			}
			if (listed.has(jobId)) report(['zones', i, 'list', k], `"${jobId}" is on a list twice. Keep one.`);
			listed.add(jobId);
		});
	});
	home.jobs.forEach((job, i) => {
		if (job.cadence.type === 'zone' && !listed.has(job.id) && zoneOfRoom.get(job.room)) {
			report(['jobs', i, 'cadence'], `"${job.id}" is on no zone's list. Add it to the list of its zone.`);
		}
	});
}

export type ReadHome =
	{ readonly ok: true; readonly home: Home } | { readonly ok: false; readonly problems: readonly Problem[] };

/** Reads a home from foreign data. Every problem names its place and what to do; nothing is repaired silently. */
export function readHome(data: unknown): ReadHome {
	const parsed = homeSchema.safeParse(upgradeHome(data));
	return parsed.success
		? { ok: true, home: parsed.data }
		: { ok: false, problems: problemsOf(parsed.error, data) };
}

/** The same home with all its dates of planning shifted by whole weeks, so that weekdays stay. Birthdays stay. */
export function shiftHome(home: Home, weeks: number): Home {
	const shift = (date: string) => isoOf(addDays(toDay(date), weeks * 7));
	const { rhythm } = home.household;
	return {
		...home,
		household: {
			...home.household,
			startsOn: shift(home.household.startsOn),
			rhythm: {
				...rhythm,
				scheme:
					rhythm.scheme.type === 'cycle'
						? { ...rhythm.scheme, anchor: shift(rhythm.scheme.anchor) }
						: rhythm.scheme
			}
		},
		jobs: home.jobs.map((job) => (job.startsOn ? { ...job, startsOn: shift(job.startsOn) } : job))
	};
}

/** The first day of a job. */
export function startOfJob(job: Job, household: Household): CivilDay {
	return toDay(job.startsOn ?? household.startsOn);
}
