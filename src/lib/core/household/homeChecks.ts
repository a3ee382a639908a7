/** The checks that reach over several parts of a home. Every problem names its place and what to do. */
import { z } from 'zod';
import { addDays, parseDay } from '../calendar/civil';
import { nextOccurrence, type CalendarRecurrence } from '../calendar/recurrence';
import { checkCupboard, checkThingsOfJob, type Report } from './cupboardChecks';
import type { Cupboard } from './cupboardSchema';
import type { Job } from './jobSchema';
import type { householdSchema, memberSchema, petSchema, roomSchema, zoneSchema } from './home';

export function checkAcross(home: RawHome, context: z.RefinementCtx) {
	// A number out of its bounds has been told at its own place; no dates are looked for with it.
	const dated = context.issues.length === 0;
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
	checkFamily(home, { members, jobs }, report);
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
	home.jobs.forEach((job, i) => checkJob(job, ['jobs', i], { home, rooms, members, jobs, dated }, report));
	checkZoneLists(home, report);
	checkCupboard(home.cupboard, rooms, report);
	home.jobs.forEach((job, i) => checkThingsOfJob(job, home.cupboard, ['jobs', i], report));
}

type RawHome = {
	household: z.infer<typeof householdSchema>;
	zones: z.infer<typeof zoneSchema>[];
	rooms: z.infer<typeof roomSchema>[];
	members: z.infer<typeof memberSchema>[];
	pets: z.infer<typeof petSchema>[];
	jobs: Job[];
	cupboard: Cupboard;
};

/** What is said of people names people and jobs that are there. */
function checkFamily(
	home: RawHome,
	known: { readonly members: ReadonlySet<string>; readonly jobs: ReadonlySet<string> },
	report: Report
) {
	const { shares, ribbon } = home.household.family;
	const member = (id: string, ...path: PropertyKey[]) => {
		if (!known.members.has(id)) report(path, `There is no member "${id}". Name one that is there.`);
	};
	for (const id of Object.keys(shares.byHand)) member(id, 'household', 'family', 'shares', 'byHand', id);
	ribbon.members.forEach((id, i) => member(id, 'household', 'family', 'ribbon', 'members', i));
	if (shares.by === 'hand' && Object.values(shares.byHand).every((part) => part === 0))
		report(['household', 'family', 'shares', 'byHand'], 'Shares set by hand need at least one above 0.');
	home.members.forEach((one, i) => {
		for (const [path, jobs] of [
			[['excludes', 'jobs'], one.excludes.jobs],
			[['dislikes'], one.dislikes]
		] as const) {
			jobs.forEach((id, k) => {
				if (!known.jobs.has(id))
					report(['members', i, ...path, k], `There is no job "${id}". Name one that is there.`);
			});
		}
	});
}

function checkJob(
	job: Job,
	path: PropertyKey[],
	known: { home: RawHome; rooms: Set<string>; members: Set<string>; jobs: Set<string>; dated: boolean },
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
	if (known.dated || job.cadence.type === 'zone') checkCadence(job, at, known.home, report);
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
	const first = nextOccurrence(
		{
			cadence: cadence as CalendarRecurrence,
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
