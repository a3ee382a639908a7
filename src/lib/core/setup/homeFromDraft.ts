/** The home that comes of the answers of the first steps. */
import type { CivilDay } from '../calendar/civil';
import { EMPTY_CUPBOARD } from '../household/cupboardSchema';
import { readHome, type Home, type Job, type Room, type Zone } from '../household/home';
import type { Problem } from '../household/problems';
import { isOfADay, timesAYear } from '../schedule/zoneItems';
import { arrange } from './arrange';
import type { Draft } from './draft';
import { membersOf } from './draftMembers';
import { floatItem } from './edit';
import { fitWeek } from './fitWeek';
import { householdOf } from './householdOf';
import { minutesSuggested } from './minutesSuggested';
import { besideFreeDays, cadenceBesideFreeDays } from './freeDays';
import { chooseJobs, walkRooms } from './jobsOfRooms';
import { fixedByAge, type Library } from './library';
import type { Pattern } from './pattern';
import { weekdaysOfZones, workingDays } from './schemeOf';
import { spreadFirstDays } from './spread';
import type { Standing } from './standing';
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
 * there and switched off. Of a home that stands, its work is laid anew, and the rest stays. Problems name what is missing.
 */
export function homeFromDraft(
	draft: Draft,
	library: Library,
	chosen: Pattern,
	from: CivilDay,
	standing: Standing | null = null
): MadeHome {
	const freeDays = draft.freeDays ?? chosen.rhythm.freeDays;
	const catchUpDays = draft.catchUpDays ?? chosen.rhythm.catchUpDays;
	const pattern = besideFreeDays(chosen, freeDays, catchUpDays);
	const members = standing?.home.members ?? membersOf(draft);
	const own = standing?.own ?? [];
	const named = standing?.named ?? new Set<string>();
	const known = new Set(members.map((member) => member.id));
	const zones = pattern.rhythm.scheme === 'none' ? [] : zonesOf(draft, pattern, library);
	const zoneOfRoom = new Map(
		zones.flatMap(({ zone, rooms }) => rooms.map((room) => [room, zone.id] as const))
	);
	const before = new Map(standing?.home.rooms.map((room) => [room.id, room]));
	const rooms: Room[] = walkRooms(draft).map((room, i) => ({
		...room,
		owners: room.owners.filter((owner) => known.has(owner)),
		walkOrder: i,
		seenByVisitors: before.get(room.id)?.seenByVisitors ?? SEEN.includes(room.kind),
		zone: zoneOfRoom.get(room.id) ?? null
	}));
	const zoneWeekday = weekdaysOfZones(
		zones.map(({ zone }) => zone),
		freeDays,
		catchUpDays
	);
	const input = {
		jobs: (
			standing?.jobs ??
			chooseJobs(
				{ ...draft, rooms: rooms.map(({ walkOrder: _w, seenByVisitors: _s, zone: _z, ...room }) => room) },
				library
			)
		)
			.map((job) => (named.has(job.id) ? job : fixedByAge(job, members, from)))
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
		today: from,
		taken: new Set(own.map((job) => job.id)),
		named
	};
	const { everything, beyondPattern: beyond } = draft;
	const arranged = arrange(pattern, input, { everything, beyond });
	const household = householdOf(draft, pattern, {
		members,
		zoneWeekday,
		from,
		before: standing?.home.household ?? null
	});
	const within = { rooms, zones: zones.length, stretch: draft.lessOften, fixed: own };
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
		household.rhythm.sittingMinutes = sittingOfDay(rooms, [...inWeek, ...own]);
	// Of its own, what came with a zone has none any more where its room is in none.
	const isHomeless = (job: Job) => job.cadence.type === 'zone' && !zoneOfRoom.has(job.room);
	const settled = own.filter((job) => !isHomeless(job));
	const floating = own.filter(isHomeless).map(floatItem);
	const jobs = [...spreadFirstDays([...inWeek, ...floating], settled, from, household, rooms), ...settled];
	const kept = new Set(jobs.map((job) => job.id));
	const isKept = (id: string) => kept.has(id);
	const ownItems = settled.filter((job) => job.cadence.type === 'zone');
	const orderBy = new Map(standing?.home.zones.map((zone) => [zone.id, zone.orderBy]));
	const read = readHome({
		format: 'pail-round/home',
		version: 4,
		household,
		zones: arranged.zones.map((zone) => ({
			...zone,
			orderBy: orderBy.get(zone.id) ?? zone.orderBy,
			list: [
				...zone.list.filter(isKept),
				...ownItems.filter((job) => zoneOfRoom.get(job.room) === zone.id).map((job) => job.id)
			]
		})),
		rooms,
		members: members.map((member) => ({
			...member,
			excludes: { ...member.excludes, jobs: member.excludes.jobs.filter(isKept) },
			dislikes: member.dislikes.filter(isKept)
		})),
		pets: draft.pets,
		cupboard: standing?.home.cupboard ?? EMPTY_CUPBOARD,
		jobs: jobs.map((job) => ({
			...job,
			// Without zones what is seldom done is one part of the work, not two.
			layer: zones.length === 0 && job.layer === 'zone' ? ('long' as const) : job.layer,
			covers: job.covers.filter(isKept)
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
