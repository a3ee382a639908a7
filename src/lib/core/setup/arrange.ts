/** Lays a home's jobs over its weeks as a pattern says. Handbook page 7; the cadences are those of page 2. */
import { ageOn } from '../people/whoCan';
import type { CivilDay, Weekday } from '../calendar/civil';
import type { Home, Job, Member, Room, Zone } from '../household/home';
import { freeId } from './library';
import { roundSteps } from './round';
import { partRooms } from './zones';
import type { Pattern, PatternRule, Place } from './pattern';

export interface ArrangeInput {
	readonly jobs: readonly Job[];
	readonly rooms: readonly Room[];
	readonly zones: readonly Zone[];
	readonly members: readonly Member[];
	/** The weekday of each zone, for schemes by weekdays. */
	readonly zoneWeekday: ReadonlyMap<string, Weekday>;
	readonly today: CivilDay;
}

export interface Arranged {
	readonly jobs: Job[];
	/** Zones with their lists. */
	readonly zones: Zone[];
}

const childOwned = (job: Job, input: ArrangeInput) => {
	const children = new Set(input.members.filter((m) => m.role === 'child').map((m) => m.id));
	return (
		input.rooms.find((room) => room.id === job.room)?.owners.some((owner) => children.has(owner)) ?? false
	);
};

function fits(rule: PatternRule, job: Job, input: ArrangeInput): boolean {
	const { layer, subjects, jobs, ofChildren } = rule.of;
	if (layer !== undefined && layer !== job.layer) return false;
	if (subjects && !subjects.includes(job.subject ?? '')) return false;
	if (jobs && !jobs.includes(job.library ?? job.id)) return false;
	return ofChildren === undefined || ofChildren === childOwned(job, input);
}

const weekly = (weekdays: readonly number[], everyWeeks = 1): Job['cadence'] => ({
	type: 'weekly',
	weekdays: [...weekdays].sort((a, b) => a - b) as Weekday[],
	everyWeeks
});

/** The least loaded of some places; the first of equals. */
function lightest<T>(places: readonly T[], load: Map<T, number>): T {
	let best = places[0] as T;
	for (const place of places) if ((load.get(place) ?? 0) < (load.get(best) ?? 0)) best = place;
	return best;
}

const addLoad = <T>(load: Map<T, number>, place: T, minutes: number) =>
	load.set(place, (load.get(place) ?? 0) + minutes);

/** Heavy first, so that the light ones even things out; the same order every time. */
const byWeightOfMinutes = (a: Job, b: Job) =>
	b.depths.usual.minutes - a.depths.usual.minutes || (a.id < b.id ? -1 : 1);

interface Work {
	readonly input: ArrangeInput;
	readonly taken: Set<string>;
	/** Minutes by weekday of what was dealt so far, by all rules together. */
	readonly weekdayLoad: Map<number, number>;
	readonly listed: Map<string, string[]>;
}

const zoneOfJob = (job: Job, { input }: Work) =>
	input.rooms.find((room) => room.id === job.room)?.zone ?? null;

/** A miss rule that the cadence can have: `carry` is for zone items alone, and they have no other. */
function missRuleFor(
	cadence: Job['cadence'],
	wanted: Job['missRule'] | undefined,
	own: Job['missRule']
): Job['missRule'] {
	if (cadence.type === 'zone') return 'carry';
	const rule = wanted ?? own;
	return rule === 'carry' ? 'letgo' : rule;
}

function withCadence(job: Job, cadence: Job['cadence'], rule: PatternRule): Job {
	const parts = rule.parts ?? job.parts;
	return {
		...job,
		cadence,
		missRule: missRuleFor(cadence, rule.missRule, job.missRule),
		parts: cadence.type === 'daily' ? [...parts] : parts.slice(0, 1),
		...(rule.deepEvery !== undefined && job.depths.deep ? { deepEvery: rule.deepEvery } : {})
	};
}

function placeAll(jobs: readonly Job[], rule: PatternRule, work: Work): Job[] {
	const { place } = rule;
	const set = (job: Job, cadence: Job['cadence']) => withCadence(job, cadence, rule);
	const sorted = [...jobs].sort(byWeightOfMinutes);
	switch (place.how) {
		case 'leave':
			return [];
		case 'keep':
			return jobs.map((job) => set(job, job.cadence));
		case 'onCall':
			return jobs.map((job) => set(job, { type: 'onCall' }));
		case 'floating':
			return jobs.map((job) => set(job, { type: 'afterDone', min: place.min, max: place.max }));
		case 'seasons':
			return jobs.map((job) => set(job, { type: 'months', months: [...place.months] }));
		case 'on':
			for (const job of jobs)
				for (const day of place.weekdays) addLoad(work.weekdayLoad, day, job.depths.usual.minutes);
			return jobs.map((job) => set(job, weekly(place.weekdays, place.everyWeeks)));
		case 'spread':
			return sorted.map((job) => {
				const day = lightest(place.weekdays, work.weekdayLoad);
				addLoad(work.weekdayLoad, day, job.depths.usual.minutes);
				return set(job, weekly([day]));
			});
		case 'rooms':
			return onRoomDays(jobs, place.weekdays, work).map(({ job, day }) => set(job, weekly([day])));
		case 'zone':
			return jobs.flatMap((job) => {
				const zone = zoneOfJob(job, work);
				if (zone === null) return [set(job, { type: 'afterDone', min: 60, max: 90 })];
				work.listed.set(zone, [...(work.listed.get(zone) ?? []), job.id]);
				const every = job.cadence.type === 'zone' ? job.cadence.every : 1;
				return [set(job, { type: 'zone', every })];
			});
		case 'zoneWeekday':
			return jobs.map((job) => {
				const day = work.input.zoneWeekday.get(zoneOfJob(job, work) ?? '');
				return day === undefined ? set(job, job.cadence) : set(job, weekly([day]));
			});
		case 'card':
			return onCards(sorted, place, rule, work);
		case 'months':
			return sorted.map((job, i) => {
				const gap = 12 / place.times;
				const first = i % gap;
				return set(job, {
					type: 'months',
					months: Array.from({ length: place.times }, (_, k) => first + k * gap + 1)
				});
			});
		case 'round':
			return rounds(jobs, place, rule, work);
		case 'detail':
			return jobs.length < 2
				? jobs.map((job) => set(job, weekly(place.weekdays)))
				: [detail(sorted, place, rule, work)];
		case 'people':
			return forPeople(jobs, place, rule, work);
	}
}

/** Rooms dealt over weekdays in the order of the walk, as evenly by minutes as runs allow. */
function onRoomDays(jobs: readonly Job[], weekdays: readonly number[], work: Work) {
	const minutes = new Map<string, number>();
	for (const job of jobs) addLoad(minutes, job.room, job.depths.usual.minutes);
	const rooms = [...work.input.rooms]
		.filter((room) => minutes.has(room.id))
		.sort((a, b) => a.walkOrder - b.walkOrder);
	const runs = partRooms(
		rooms.map((room) => ({ room, minutes: minutes.get(room.id) ?? 0 })),
		weekdays.length
	);
	const dayOf = new Map(
		runs.flatMap((run, i) => run.map(({ room }) => [room.id, weekdays[i] as number] as const))
	);
	return jobs.map((job) => ({ job, day: dayOf.get(job.room) ?? (weekdays[0] as number) }));
}

function onCards(
	sorted: readonly Job[],
	place: Extract<Place, { how: 'card' }>,
	rule: PatternRule,
	work: Work
): Job[] {
	const load = new Map<string, number>();
	return sorted.map((job) => {
		const day = place.weekday ?? work.input.zoneWeekday.get(zoneOfJob(job, work) ?? '') ?? 6;
		const cards = [1, 2, 3, 4].map((card) => `${day} ${card}`);
		const chosen = lightest(cards, load);
		addLoad(load, chosen, job.depths.usual.minutes);
		return withCadence(
			job,
			{ type: 'monthly', card: Number(chosen.split(' ')[1]), weekday: day as Weekday },
			rule
		);
	});
}

function rounds(
	jobs: readonly Job[],
	place: Extract<Place, { how: 'round' }>,
	rule: PatternRule,
	work: Work
): Job[] {
	const groups = new Map<string, Job[]>();
	for (const job of jobs) {
		const key = place.by === 'room' ? job.room : (job.subject ?? job.id);
		groups.set(key, [...(groups.get(key) ?? []), job]);
	}
	return [...groups].map(([key, members]) => {
		const first = members[0] as Job;
		const room = work.input.rooms.find((one) => one.id === first.room);
		const name =
			place.by === 'room'
				? `${room?.name ?? first.room}, once over`
				: members.length === 1
					? first.name
					: `${key.charAt(0).toUpperCase()}${key.slice(1)} round`;
		const id = freeId(`round-${key}`, work.taken);
		work.taken.add(id);
		const usual = roundSteps(members, work.input.rooms, place.minutesEach);
		const deep =
			place.deepMinutes === undefined ? undefined : roundSteps(members, work.input.rooms, place.deepMinutes);
		for (const day of place.weekdays) addLoad(work.weekdayLoad, day, usual.minutes);
		const { library: _library, deepEvery: _every, variants: _variants, season: _season, ...plain } = first;
		return {
			...plain,
			id,
			name: name.slice(0, 80),
			weight: Math.max(...members.map((job) => job.weight)),
			cadence: weekly(place.weekdays),
			missRule: missRuleFor(weekly(place.weekdays), rule.missRule, first.missRule),
			parts: [],
			leadDays: 0,
			depths: { usual, ...(deep ? { deep } : {}) },
			...(deep && place.deepEvery !== undefined ? { deepEvery: place.deepEvery } : {}),
			covers: [],
			who: { mode: 'free', members: [] },
			needs: [...new Set(members.flatMap((job) => job.needs))].slice(0, 8),
			cautions: uniqueCautions(members),
			noisy: members.some((job) => job.noisy)
		} satisfies Job;
	});
}

function uniqueCautions(jobs: readonly Job[]): Job['cautions'] {
	const seen = new Set<string>();
	return jobs
		.flatMap((job) => job.cautions)
		.filter((caution) => !seen.has(caution.headline) && seen.add(caution.headline))
		.slice(0, 6);
}

/** One job that takes the next of a list of jobs each time. */
function detail(
	jobs: readonly Job[],
	place: Extract<Place, { how: 'detail' }>,
	rule: PatternRule,
	work: Work
): Job {
	const id = freeId(`detail-${place.name}`, work.taken);
	work.taken.add(id);
	const chosen = [...jobs].sort((a, b) => b.weight - a.weight || (a.id < b.id ? -1 : 1)).slice(0, 20);
	const first = chosen[0] as Job;
	const names = new Set<string>();
	const variants = chosen
		.map((job) => {
			const room = work.input.rooms.find((one) => one.id === job.room)?.name ?? '';
			return names.has(job.name) ? `${job.name}, ${room}`.slice(0, 80) : job.name;
		})
		.filter((one) => !names.has(one) && names.add(one));
	return {
		id,
		name: place.name,
		room: first.room,
		layer: 'long',
		weight: 2,
		cadence: weekly(place.weekdays),
		missRule: rule.missRule ?? 'stays',
		leadDays: 0,
		parts: [],
		depths: {
			usual: {
				minutes: place.minutes,
				steps: [{ text: place.name, minutes: place.minutes, class: 3, products: [] }]
			}
		},
		...(variants.length > 1 ? { variants } : {}),
		covers: [],
		noisy: false,
		who: { mode: 'free', members: [] },
		needs: [],
		cautions: [],
		rungs: [],
		lookRound: [],
		subject: 'detail'
	};
}

/** A job for each person, on a weekday of their own as far as there are enough, fixed to them. */
function forPeople(
	jobs: readonly Job[],
	place: Extract<Place, { how: 'people' }>,
	rule: PatternRule,
	work: Work
): Job[] {
	const people = work.input.members.filter((m) => m.role !== 'device' && m.role !== 'helper');
	return jobs.flatMap((job) =>
		people.map((person, i) => {
			const day = place.weekdays[i % place.weekdays.length] as number;
			addLoad(work.weekdayLoad, day, job.depths.usual.minutes);
			const id = freeId(`${job.id}-${person.id}`, work.taken);
			work.taken.add(id);
			const age = ageOn(person, work.input.today);
			const mayAlone = age === null || age >= Math.max(10, job.fromAge ?? 0);
			return {
				...withCadence(job, weekly([day]), rule),
				id,
				name: `${job.name}: ${person.name}`.slice(0, 80),
				who: mayAlone
					? { mode: 'fixed' as const, members: [person.id] }
					: { mode: 'free' as const, members: [] }
			};
		})
	);
}

function applyWho(job: Job, rule: PatternRule, input: ArrangeInput): Job {
	if (rule.who === undefined || job.who.mode === 'fixed') return job;
	if (rule.who !== 'children') {
		return rule.who === 'free'
			? { ...job, who: { mode: 'free', members: [] } }
			: { ...job, who: { mode: 'shared', members: [] } };
	}
	const able = input.members.filter((member) => {
		const age = ageOn(member, input.today);
		return member.role === 'child' && (age === null || age >= (job.fromAge ?? 0));
	});
	if (able.length === 0) return job;
	return {
		...job,
		who: { mode: able.length > 1 ? 'turns' : 'fixed', members: able.map((member) => member.id) }
	};
}

/** The basics that a part of the day holds: the weightiest, children's own aside, as long as its minutes last. */
export function withinParts(jobs: readonly Job[], most: number, input: ArrangeInput): Job[] {
	const used = new Map<string, number>();
	const keeps = new Set<string>();
	const sorted = [...jobs].sort(
		(a, b) => b.weight - a.weight || a.depths.usual.minutes - b.depths.usual.minutes || (a.id < b.id ? -1 : 1)
	);
	for (const job of sorted) {
		if (job.layer !== 'basics' || childOwned(job, input)) {
			keeps.add(job.id);
			continue;
		}
		const parts = job.parts.length > 0 ? job.parts : ['any'];
		const fitsIn = parts.every((part) => (used.get(part) ?? 0) + job.depths.usual.minutes <= most);
		if (!fitsIn) continue;
		keeps.add(job.id);
		for (const part of parts) addLoad(used, part, job.depths.usual.minutes);
	}
	return jobs.filter((job) => keeps.has(job.id));
}

/**
 * The jobs of a home as a pattern lays them, and its zones with their lists. Jobs that no rule fits stay as the
 * library has them. Same input, same result.
 */
export function arrange(pattern: Pattern, input: ArrangeInput): Arranged {
	const work: Work = {
		input,
		taken: new Set(input.jobs.map((job) => job.id)),
		weekdayLoad: new Map(),
		listed: new Map()
	};
	const chosen = withinParts(input.jobs, pattern.basicsAPart, input);
	const byRule = new Map<PatternRule | null, Job[]>();
	for (const job of chosen) {
		const rule = pattern.rules.find((one) => fits(one, job, input)) ?? null;
		byRule.set(rule, [...(byRule.get(rule) ?? []), job]);
	}
	const jobs: Job[] = [];
	for (const rule of [...pattern.rules, null]) {
		const mine = byRule.get(rule) ?? [];
		if (rule === null) jobs.push(...mine.map((job) => homeless(job, work)));
		else jobs.push(...placeAll(mine, rule, work).map((job) => applyWho(job, rule, input)));
	}
	const known = new Set(jobs.map((job) => job.id));
	return {
		jobs: jobs.map((job) => ({ ...job, covers: job.covers.filter((id) => known.has(id)) })),
		zones: input.zones.map((zone) => ({ ...zone, list: work.listed.get(zone.id) ?? [] }))
	};
}

/** A job that no rule speaks of: as it is, but a zone's item only where there is a zone for it. */
function homeless(job: Job, work: Work): Job {
	if (job.cadence.type !== 'zone') return job;
	const zone = zoneOfJob(job, work);
	if (zone === null) return { ...job, cadence: { type: 'afterDone', min: 60, max: 90 }, missRule: 'stays' };
	work.listed.set(zone, [...(work.listed.get(zone) ?? []), job.id]);
	return job;
}

/** The weekday of each zone for a scheme by weekdays: the zones in their order on the working weekdays. */
export function weekdaysOfZones(
	zones: readonly { readonly id: string }[],
	freeDays: readonly number[],
	catchUpDays: readonly number[]
): Map<string, Weekday> {
	const days = ([1, 2, 3, 4, 5, 6, 7] as Weekday[]).filter(
		(d) => !freeDays.includes(d) && !catchUpDays.includes(d)
	);
	return new Map(zones.slice(0, days.length).map((zone, i) => [zone.id, days[i] as Weekday]));
}

/** The zones with what a home keeps of a pattern's scheme. */
export function schemeOf(
	pattern: Pattern,
	zoneWeekday: ReadonlyMap<string, Weekday>,
	anchor: string
): Home['household']['rhythm']['scheme'] {
	const { scheme, extra } = pattern.rhythm;
	if (scheme === 'cycle') return { type: 'cycle', extra, anchor };
	if (scheme === 'weekdays') {
		return {
			type: 'weekdays',
			extra,
			byWeekday: Object.fromEntries([...zoneWeekday].map(([zone, day]) => [String(day), zone]))
		};
	}
	return { type: scheme, extra };
}
