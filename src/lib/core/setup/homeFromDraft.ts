/** The home that comes of the answers of the first steps. */
import { isoOf, type CivilDay } from '../calendar/civil';
import { weekStartOf } from '../calendar/weeks';
import { NOTHING_AGREED } from '../household/familySchema';
import { LAYERS, readHome, type Home, type Job, type Room, type Zone } from '../household/home';
import type { Problem } from '../household/problems';
import { isOfADay, timesAYear } from '../schedule/zoneItems';
import { arrange } from './arrange';
import type { Draft } from './draft';
import { membersOf } from './draftMembers';
import { fitWeek } from './fitWeek';
import { minutesSuggested } from './minutesSuggested';
import { besideFreeDays, cadenceBesideFreeDays } from './freeDays';
import { chooseJobs, walkRooms } from './jobsOfRooms';
import { fixedByAge, type Library } from './library';
import type { Pattern } from './pattern';
import { schemeOf, weekdaysOfZones, workingDays } from './schemeOf';
import { spreadFirstDays } from './spread';
import { suggestZones } from './zones';

const SEEN: readonly string[] = ['hall', 'living', 'dining', 'toilet', 'kitchen'];

/** The zones of a draft: its own, else as many as the pattern wants, parted evenly. */
export function zonesOf(
	draft: Draft,
	pattern: Pattern,
	library: Library
): { zone: Zone; rooms: readonly string[] }[] {
	if (draft.zones) {
		const known = new Set(draft.rooms.map((room) => room.id));
		return draft.zones.map(({ rooms, ...zone }) => ({
			zone: { ...zone, list: [], orderBy: 'list' as const },
			rooms: rooms.filter((room) => known.has(room))
		}));
	}
	const jobs = chooseJobs(draft, library);
	const byDay = pattern.rhythm.scheme === 'weekdays';
	const deep = (room: string) =>
		jobs
			.filter((job) => job.room === room && (job.layer === 'zone' || (byDay && job.layer === 'weekly')))
			// On a zone's own day its weekly jobs come each time, the deeper ones once a month.
			.reduce(
				(sum, job) => sum + job.depths.usual.minutes / (byDay && job.layer === 'zone' ? WEEKS_A_MONTH : 1),
				0
			);
	const { zones, freeDays, catchUpDays } = pattern.rhythm;
	// A zone that has a weekday to itself needs one that is not free.
	const days = workingDays(draft.freeDays ?? freeDays, draft.catchUpDays ?? catchUpDays).length;
	return suggestZones(
		walkRooms(draft).map((room) => ({ room, minutes: deep(room.id) })),
		byDay ? Math.min(zones, Math.max(1, days)) : zones
	);
}

const WEEKS_A_YEAR = 365 / 7;
const WEEKS_A_MONTH = WEEKS_A_YEAR / 12;

/** Minutes that hold the work of the fullest zone on its own day, in fives. */
function sittingOfDay(rooms: readonly Room[], jobs: readonly Job[]): number {
	const zoneOf = new Map(rooms.map((room) => [room.id, room.zone]));
	const byZone = new Map<string, number>();
	for (const job of jobs) {
		const zone = zoneOf.get(job.room);
		if (!zone || !isOfADay(job)) continue;
		byZone.set(
			zone,
			(byZone.get(zone) ?? 0) + (job.depths.usual.minutes * timesAYear(job, 0)) / WEEKS_A_YEAR
		);
	}
	return Math.max(15, Math.ceil(Math.max(0, ...byZone.values()) / 5) * 5);
}

export type MadeHome =
	| {
			readonly ok: true;
			readonly home: Home;
			/** What the minutes do not hold: it is in the library, and the home decides. */
			readonly leftOut: readonly Job[];
			/** Daily jobs for which their part of the day has no minutes in this pattern. */
			readonly beyondParts: readonly Job[];
			/** What comes less often than is usual so that the week holds it. */
			readonly rarer: readonly Job[];
			/** What the pattern does without. */
			readonly notOfPattern: readonly Job[];
			/** Minutes a day that would hold the whole week, in fives. */
			readonly neededADay: number;
	  }
	| { readonly ok: false; readonly problems: readonly Problem[] };

/**
 * The home that comes of the answers, beginning on `from`. Where only the basics begin, the other layers are
 * there and switched off. Problems name what is missing.
 */
export function homeFromDraft(draft: Draft, library: Library, chosen: Pattern, from: CivilDay): MadeHome {
	const freeDays = draft.freeDays ?? chosen.rhythm.freeDays;
	const catchUpDays = draft.catchUpDays ?? chosen.rhythm.catchUpDays;
	const pattern = besideFreeDays(chosen, freeDays, catchUpDays);
	const members = membersOf(draft);
	const known = new Set(members.map((member) => member.id));
	const zones = pattern.rhythm.scheme === 'none' ? [] : zonesOf(draft, pattern, library);
	const zoneOfRoom = new Map(
		zones.flatMap(({ zone, rooms }) => rooms.map((room) => [room, zone.id] as const))
	);
	const rooms: Room[] = walkRooms(draft).map((room, i) => ({
		...room,
		owners: room.owners.filter((owner) => known.has(owner)),
		walkOrder: i,
		seenByVisitors: SEEN.includes(room.kind),
		zone: zoneOfRoom.get(room.id) ?? null
	}));
	const { rhythm } = pattern;
	const zoneWeekday = weekdaysOfZones(
		zones.map(({ zone }) => zone),
		freeDays,
		catchUpDays
	);
	const input = {
		jobs: chooseJobs(
			{ ...draft, rooms: rooms.map(({ walkOrder: _w, seenByVisitors: _s, zone: _z, ...room }) => room) },
			library
		)
			.map((job) => fixedByAge(job, members, from))
			.map((job) =>
				// Basics are for every day; all else keeps clear of the free ones.
				job.layer === 'basics'
					? job
					: { ...job, cadence: cadenceBesideFreeDays(job.cadence, freeDays, catchUpDays) }
			),
		rooms,
		zones: zones.map(({ zone }) => zone),
		members,
		zoneWeekday,
		today: from
	};
	const { everything, beyondPattern: beyond } = draft;
	const arranged = arrange(pattern, input, { everything, beyond });
	const household: Home['household'] = {
		name: draft.name.trim() || 'Our home',
		timeZone: draft.timeZone,
		dayStartsAt: '04:00',
		clock: draft.clock,
		dates: draft.dates,
		units: draft.units,
		weekStart: draft.weekStart,
		weekBelongs: 'start',
		parts: { morning: '05:00', midday: '12:00', evening: '17:00' },
		startsOn: isoOf(from),
		minutesADay: draft.minutesADay,
		moves: { sameStorey: 0.5, perStorey: 1 },
		floors: 'by-room',
		layers: draft.begin === 'basics' ? ['basics'] : [...LAYERS],
		rhythm: {
			pattern: pattern.name,
			scheme: schemeOf(pattern, zoneWeekday, isoOf(weekStartOf(from, draft.weekStart))),
			zoneDays: rhythm.zoneDays,
			sittingMinutes: rhythm.sittingMinutes,
			catchUpDays,
			freeDays,
			errandDays: [],
			swaps: [],
			shifts: [],
			subjects: rhythm.subjects
		},
		laundry: { days: [], aDay: 1, dry: 'line' },
		// A family with children shares by age; others, all the same.
		family: members.some((member) => member.role === 'child')
			? { ...NOTHING_AGREED, shares: { by: 'age' as const, byHand: {} } }
			: NOTHING_AGREED
	};
	const within = { rooms, zones: zones.length, stretch: draft.lessOften };
	household.minutesADay ??= minutesSuggested(
		fitWeek(arranged.jobs, household, within).neededADay,
		members,
		from
	);
	const week = fitWeek(arranged.jobs, household, within);
	// Where only the daily routine begins, there is room for all of it that its parts hold.
	const left = draft.begin === 'basics' ? week.left.filter((job) => job.layer !== 'basics') : week.left;
	const out = new Set(left.map((job) => job.id));
	const asOften = new Map(week.jobs.map((job) => [job.id, job]));
	const inWeek = draft.everything
		? arranged.jobs
		: arranged.jobs.filter((job) => !out.has(job.id)).map((job) => asOften.get(job.id) ?? job);
	if (household.rhythm.scheme.type === 'weekdays')
		household.rhythm.sittingMinutes = sittingOfDay(rooms, inWeek);
	const jobs = spreadFirstDays(inWeek, [], from, household, rooms);
	const kept = new Set(jobs.map((job) => job.id));
	const read = readHome({
		format: 'pail-round/home',
		version: 4,
		household,
		zones: arranged.zones.map((zone) => ({ ...zone, list: zone.list.filter((id) => kept.has(id)) })),
		rooms,
		members,
		pets: draft.pets,
		jobs: jobs.map((job) => ({
			...job,
			// Without zones what is seldom done is one part of the work, not two.
			layer: zones.length === 0 && job.layer === 'zone' ? ('long' as const) : job.layer,
			covers: job.covers.filter((id) => kept.has(id))
		}))
	});
	if (!read.ok) return { ok: false, problems: read.problems };
	const leftOut = draft.everything ? [] : left;
	const beyondParts = draft.everything ? [] : arranged.left;
	const { notOfPattern } = arranged;
	const rarer = draft.everything ? [] : week.rarer;
	return {
		ok: true,
		home: read.home,
		leftOut,
		beyondParts,
		rarer,
		notOfPattern,
		neededADay: week.neededADay
	};
}
