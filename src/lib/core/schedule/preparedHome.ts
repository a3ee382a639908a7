/**
 * The home through time: every version with the day from which it holds, prepared once for many questions.
 * Rules: "Revisions": "the versions of a rhythm are kept with the days from which they hold".
 */
import { toDay, type CivilDay, type Weekday } from '../calendar/civil';
import type { Rotation } from '../calendar/rotation';
import { BEGINNING, type SeriesRule, type SeriesVersion, type SeriesVersions } from './series';
import type { ZoneItem } from './zoneList';
import { seriesId } from '../household/entry';
import { startOfJob, type Home, type Household, type Job, type Room, type Zone } from '../household/home';

/** A version of the home, with the first day on which it holds. */
export interface HomeVersion {
	readonly from: CivilDay;
	readonly home: Home;
}

/** A line of turns of the current home. */
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
		zoneDays: zoneDays as Weekday[]
	};
}

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
		weeks: { weekStart: household.weekStart as Weekday, weekBelongs: household.weekBelongs },
		catchUpDays: household.rhythm.catchUpDays as Weekday[]
	};
}

const sameRule = (a: SeriesRule | null, b: SeriesRule | null) => JSON.stringify(a) === JSON.stringify(b);

function lineVersions(versions: readonly HomeVersion[], jobId: string, part: string | null): SeriesVersion[] {
	const result: SeriesVersion[] = [];
	versions.forEach(({ from, home }, i) => {
		const job = home.jobs.find((j) => j.id === jobId);
		const has =
			job !== undefined && home.household.layers.includes(job.layer) && partsWithSeries(job).includes(part);
		const rule = has ? ruleOf(job, home.household) : null;
		const last = result[result.length - 1];
		// A version that leaves this line as it was begins nothing new for it.
		if (last && sameRule(last.rule, rule)) return;
		result.push({ from: i === 0 ? BEGINNING : from, rule });
	});
	return result;
}

function itemsOf(home: Home, zone: Zone | undefined): ZoneItem[] {
	const jobs = new Map(home.jobs.map((job) => [job.id, job]));
	return (zone?.list ?? []).flatMap((id) => {
		const job = jobs.get(id);
		return job?.cadence.type === 'zone' ? [{ id, every: job.cadence.every, season: job.season }] : [];
	});
}

/** Prepares the versions of a home (in order of their days, at least one) for many questions. */
export function prepareHome(versions: readonly HomeVersion[]): PreparedHome {
	const current = versions[versions.length - 1];
	if (!current) throw new RangeError('a home has at least one version');
	const { home } = current;
	const roomById = new Map(home.rooms.map((room) => [room.id, room]));
	const lines = home.jobs.flatMap((job) =>
		partsWithSeries(job).map((part): Series => ({
			id: seriesId(job.id, part),
			job,
			part,
			room: roomById.get(job.room) as Room,
			versions: lineVersions(versions, job.id, part)
		}))
	);
	return {
		home,
		versions,
		series: lines,
		seriesById: new Map(lines.map((line) => [line.id, line])),
		jobById: new Map(home.jobs.map((job) => [job.id, job])),
		everyJob: new Map(versions.flatMap((version) => version.home.jobs.map((job) => [job.id, job]))),
		everyRoom: new Map(versions.flatMap((version) => version.home.rooms.map((room) => [room.id, room]))),
		roomById,
		zoneById: new Map(home.zones.map((zone) => [zone.id, zone])),
		rotation: rotationOf(home),
		zoneVersions: new Map(
			home.zones.map((zone) => [
				zone.id,
				versions.map((version, i) => ({
					from: i === 0 ? BEGINNING : version.from,
					items: itemsOf(
						version.home,
						version.home.zones.find((z) => z.id === zone.id)
					),
					rotation: rotationOf(version.home)
				}))
			])
		)
	};
}

/** The id of the line that an entry of a job and part belongs to; null where the home has no such line. */
export function seriesOfEntry(home: PreparedHome, job: string, part: string | null): Series | null {
	return home.seriesById.get(seriesId(job, part)) ?? null;
}
