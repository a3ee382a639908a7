/**
 * The home through time: every version with the day from which it holds, prepared once for many questions.
 * Rules: "Revisions": "the versions of a rhythm are kept with the days from which they hold".
 */
import { toDay, type CivilDay, type Weekday } from '../calendar/civil';
import { weekSwaps, type Rotation } from '../calendar/rotation';
import { BEGINNING, type SeriesRule, type SeriesVersion, type SeriesVersions } from './series';
import type { ZoneItem } from './zoneList';
import { seriesId } from '../household/entry';
import { membersApart, roomsApart } from '../household/toldApart';
import {
	startOfJob,
	type Home,
	type Household,
	type Job,
	type Member,
	type Room,
	type Zone
} from '../household/home';

/** A version of the home, with the first day on which it holds. */
export interface HomeVersion {
	readonly from: CivilDay;
	readonly home: Home;
}

/** A line of occurrences of the current home. */
export interface Series {
	readonly id: string;
	readonly job: Job;
	readonly part: string | null;
	readonly room: Room;
	readonly versions: SeriesVersions;
}

export interface ZoneVersion {
	readonly from: CivilDay;
	readonly items: readonly ZoneItem[];
	readonly rotation: Rotation;
}

export interface PreparedHome {
	/** The version that holds now. */
	readonly home: Home;
	readonly versions: readonly HomeVersion[];
	readonly series: readonly Series[];
	readonly seriesById: ReadonlyMap<string, Series>;
	readonly jobById: ReadonlyMap<string, Job>;
	/** Jobs of all versions, each as it was last: the names of what is gone. */
	readonly everyJob: ReadonlyMap<string, Job>;
	readonly everyRoom: ReadonlyMap<string, Room>;
	readonly everyMember: ReadonlyMap<string, Member>;
	/** With names that tell apart those that are called alike; those to be edited stand in `home`. */
	readonly members: readonly Member[];
	readonly rooms: readonly Room[];
	readonly roomById: ReadonlyMap<string, Room>;
	readonly zoneById: ReadonlyMap<string, Zone>;
	readonly rotation: Rotation;
	/** The deep list of each zone through time. */
	readonly zoneVersions: ReadonlyMap<string, readonly ZoneVersion[]>;
}

/** How the zones of a household come round. */
export function rotationOf(home: Home): Rotation {
	const { household } = home;
	const { zoneDays } = household.rhythm;
	// With the zones not yet on, no zone is on: nothing of them comes up.
	const scheme = household.layers.includes('zone')
		? household.rhythm.scheme
		: ({ type: 'none', extra: 'last' } as const);
	return {
		weekStart: household.weekStart as Weekday,
		weekBelongs: household.weekBelongs,
		zones: home.zones.map((zone) => zone.id),
		scheme:
			scheme.type === 'cycle'
				? { ...scheme, anchor: toDay(scheme.anchor) }
				: (scheme as Exclude<Rotation['scheme'], { type: 'cycle' }>),
		zoneDays: zoneDays as Weekday[],
		...swapsOf(household)
	};
}

/** What was exchanged and moved by hand among the weeks; nothing where nothing was. */
function swapsOf({ rhythm, weekStart }: Household): Pick<Rotation, 'swaps' | 'shifts'> {
	const { swaps, shifts } = rhythm;
	return {
		...(swaps.length > 0 ? { swaps: swapsOfWeeks(swaps, weekStart as Weekday) } : {}),
		...(shifts.length > 0 ? { shifts: shifts.map((one) => ({ ...one, from: toDay(one.from) })) } : {})
	};
}

const swapsOfWeeks = (swaps: Household['rhythm']['swaps'], weekStart: Weekday) =>
	weekSwaps(
		swaps.map((one) => ({ week: toDay(one.week), with: toDay(one.with) })),
		weekStart
	);

/** The parts of the day for which a job has lines of their own: several parts only; one part names a place. */
export function partsWithSeries(job: Job): readonly (string | null)[] {
	return job.parts.length > 1 ? job.parts : [null];
}

/** The rule of a job as a version of the home gives it. */
export function ruleOf(job: Job, household: Household): SeriesRule {
	return {
		cadence: job.cadence as SeriesRule['cadence'],
		missRule: job.missRule,
		startsOn: startOfJob(job, household),
		leadDays: job.leadDays,
		season: job.season,
		weeks: {
			weekStart: household.weekStart as Weekday,
			weekBelongs: household.weekBelongs,
			...(household.rhythm.swaps.length > 0
				? { swaps: swapsOfWeeks(household.rhythm.swaps, household.weekStart as Weekday) }
				: {})
		},
		catchUpDays: household.rhythm.catchUpDays as Weekday[]
	};
}

const sameRule = (a: SeriesRule | null, b: SeriesRule | null) => JSON.stringify(a) === JSON.stringify(b);

/** The versions of a line with one more rule from a day on (null: none); one that leaves it as it was begins nothing new. */
export function withRule(before: SeriesVersions, from: CivilDay, rule: SeriesRule | null): SeriesVersions {
	const last = before[before.length - 1];
	if (last && sameRule(last.rule, rule)) return before;
	return [...before, { from: last ? from : BEGINNING, rule }];
}

/** The versions of a line with one more version of the home, which may leave it as it was. */
function withVersion(
	before: readonly SeriesVersion[],
	{ from, home }: HomeVersion,
	job: Job | undefined,
	part: string | null
): readonly SeriesVersion[] {
	const has =
		job !== undefined && home.household.layers.includes(job.layer) && partsWithSeries(job).includes(part);
	return withRule(before, from, has ? ruleOf(job, home.household) : null);
}

function itemsOf(home: Home, zone: Zone | undefined): ZoneItem[] {
	const jobs = new Map(home.jobs.map((job) => [job.id, job]));
	return (zone?.list ?? []).flatMap((id) => {
		const job = jobs.get(id);
		return job?.cadence.type === 'zone' ? [{ id, every: job.cadence.every, season: job.season }] : [];
	});
}

/** The versions of every line that any version of the home has, by its id. */
type Lines = ReadonlyMap<string, readonly SeriesVersion[]>;

const lineKeys = (home: Home): [string, Job, string | null][] =>
	home.jobs.flatMap((job) =>
		partsWithSeries(job).map((part): [string, Job, string | null] => [seriesId(job.id, part), job, part])
	);

/** Lines with one more version: those that it has, and those that it ends. A line that is new has had no rule before. */
function linesWith(before: Lines, version: HomeVersion): Lines {
	const keys = new Map(lineKeys(version.home).map(([id, job, part]) => [id, { job, part }]));
	const isFirst = before.size === 0;
	const lines = new Map<string, readonly SeriesVersion[]>();
	for (const [id, versions] of before) {
		const own = keys.get(id);
		lines.set(id, withVersion(versions, version, own?.job, own?.part ?? null));
	}
	for (const [id, { job, part }] of keys) {
		if (before.has(id)) continue;
		const none: readonly SeriesVersion[] = isFirst ? [] : [{ from: BEGINNING, rule: null }];
		lines.set(id, withVersion(none, version, job, part));
	}
	return lines;
}

interface Prepared extends PreparedHome {
	/** Of all lines that ever were. */
	readonly lines: Lines;
	/** The home before its last version, for another version of the same day; null where it is not at hand. */
	readonly before: Prepared | null;
}

function itemsOfVersion(
	version: HomeVersion,
	zone: string,
	isFirst: boolean,
	rotation: Rotation
): ZoneVersion {
	return {
		from: isFirst ? BEGINNING : version.from,
		items: itemsOf(
			version.home,
			version.home.zones.find((z) => z.id === zone)
		),
		rotation
	};
}

function extend(before: Prepared | null, version: HomeVersion): Prepared {
	const { home } = version;
	const versions = [...(before?.versions ?? []), version];
	const lines = linesWith(before?.lines ?? new Map(), version);
	const rooms = roomsApart(home);
	const roomById = new Map(rooms.map((room) => [room.id, room]));
	const series = lineKeys(home).map(([id, job, part]): Series => ({
		id,
		job,
		part,
		room: roomById.get(job.room) as Room,
		versions: lines.get(id) as readonly SeriesVersion[]
	}));
	const rotation = rotationOf(home);
	return {
		home,
		versions,
		series,
		seriesById: new Map(series.map((line) => [line.id, line])),
		jobById: new Map(home.jobs.map((job) => [job.id, job])),
		everyJob: new Map([...(before?.everyJob ?? []), ...home.jobs.map((job): [string, Job] => [job.id, job])]),
		everyRoom: new Map([
			...(before?.everyRoom ?? []),
			...rooms.map((room): [string, Room] => [room.id, room])
		]),
		everyMember: new Map([
			...(before?.everyMember ?? []),
			...home.members.map((member): [string, Member] => [member.id, member])
		]),
		members: membersApart(home),
		rooms,
		roomById,
		zoneById: new Map(home.zones.map((zone) => [zone.id, zone])),
		rotation,
		zoneVersions: new Map(
			home.zones.map((zone) => {
				const known = before?.zoneVersions.get(zone.id);
				// A zone that is new had an empty list before.
				const earlier =
					known ??
					(before?.versions ?? []).map((one, i) =>
						itemsOfVersion(one, zone.id, i === 0, rotationOf(one.home))
					);
				return [zone.id, [...earlier, itemsOfVersion(version, zone.id, before === null, rotation)]];
			})
		),
		lines,
		// One step back is enough: most versions of a day follow each other.
		before: before && { ...before, before: null }
	};
}

/**
 * Prepares the versions of a home (in order of their days, at least one) for many questions.
 * @throws RangeError where there is no version
 */
export function prepareHome(versions: readonly HomeVersion[]): PreparedHome {
	let prepared: Prepared | null = null;
	for (const version of versions) prepared = extend(prepared, version);
	if (!prepared) throw new RangeError('a home has at least one version');
	return prepared;
}

/** A prepared home as it would be, were it `next` from `today` on; what was before stays. */
export const asChanged = (home: PreparedHome, next: Home, today: CivilDay): PreparedHome =>
	prepareHome([...home.versions.filter((version) => version.from < today), { from: today, home: next }]);

/** Those that are known by their id, and of others those that are not known yet. */
function withMissing<T extends { readonly id: string }>(all: ReadonlyMap<string, T>, others: Iterable<T>) {
	const missing = [...others].filter((one) => !all.has(one.id));
	return missing.length === 0 ? all : new Map([...all, ...missing.map((one): [string, T] => [one.id, one])]);
}

/** What was called by name for a part of a day: it holds on no day, and what was done then keeps its name. */
export const alsoNaming = (
	home: PreparedHome,
	jobs: Iterable<Job>,
	rooms: Iterable<Room>,
	members: Iterable<Member>
): PreparedHome => ({
	...home,
	everyJob: withMissing(home.everyJob, jobs),
	everyRoom: withMissing(home.everyRoom, rooms),
	everyMember: withMissing(home.everyMember, members)
});

/**
 * A prepared home with one more version; one of the same day takes the place of the last, whose names stay known. It costs
 * as much as what changed, however many versions there were.
 */
export function withHomeVersion(prepared: PreparedHome, version: HomeVersion): PreparedHome {
	const last = prepared.versions[prepared.versions.length - 1];
	if (last?.from !== version.from) return extend(prepared as Prepared, version);
	const before =
		prepared.versions.length === 1
			? null
			: ((prepared as Prepared).before ?? (prepareHome(prepared.versions.slice(0, -1)) as Prepared));
	const { everyJob, everyRoom, everyMember } = prepared;
	return alsoNaming(extend(before, version), everyJob.values(), everyRoom.values(), everyMember.values());
}

/** The id of the line that an entry of a job and part belongs to; null where the home has no such line. */
export function seriesOfEntry(home: PreparedHome, job: string, part: string | null): Series | null {
	return home.seriesById.get(seriesId(job, part)) ?? null;
}
