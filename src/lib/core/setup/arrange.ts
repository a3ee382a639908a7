/** Lays a home's jobs over its weeks as a pattern says. Rules: "Patterns"; the recurrences are those of the schedule. */
import { ageAlone, ageToGoBy, isOldEnough } from '../people/whoCan';
import type { Weekday } from '../calendar/civil';
import { floatItem } from './edit';
import type { Job } from '../household/home';
import { isOwnWork } from '../household/ownWork';
import { freeId } from './library';
import { partRooms } from './zones';
import type { Pattern, PatternRule, Place } from './pattern';
import {
	type ArrangeInput,
	type Arranged,
	childOwned,
	weekly,
	lightest,
	addLoad,
	byWeightOfMinutes,
	type Work,
	zoneOfJob
} from './arrangeInput';
import { minutesAWeek } from './fitWeek';
import { MINUTES_OF_CHILD } from './minutesSuggested';
import { rounds, details } from './roundJobs';

function fits(rule: PatternRule, job: Job, input: ArrangeInput): boolean {
	const { layer, subjects, jobs, ofChildren } = rule.of;
	if (layer !== undefined && layer !== job.layer) return false;
	if (subjects && !subjects.includes(job.subject ?? '')) return false;
	if (jobs && !jobs.includes(job.library ?? job.id)) return false;
	return ofChildren === undefined || ofChildren === childOwned(job, input);
}

/** A miss rule that the cadence can have: `carry` is for zone items alone, and they have no other. */
export function missRuleFor(
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
			// What a pattern does without and is wanted all the same is as the library has it.
			return jobs.map((job) => homeless(job, work));
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
			return onSpreadDays(sorted, place.weekdays, work).map(({ job, day }) => set(job, weekly([day])));
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
				: details(sorted, place, rule, work);
		case 'people':
			return forPeople(jobs, place, rule, work);
	}
}

/**
 * Jobs dealt over weekdays, each to the lightest; what another job covers keeps a day between itself and that one where it
 * can, as it is done with it anyway.
 */
function onSpreadDays(sorted: readonly Job[], weekdays: readonly number[], work: Work) {
	const dayOf = new Map<string, number>();
	return sorted.map((job) => {
		const covered = sorted.flatMap((one) => (one.covers.includes(job.id) ? (dayOf.get(one.id) ?? []) : []));
		const between = (a: number, b: number) => Math.min((a - b + 7) % 7, (b - a + 7) % 7);
		const apart = (days: number) =>
			weekdays.filter((day) => covered.every((other) => between(day, other) >= days));
		const days = [apart(2), apart(1), weekdays].find((some) => some.length > 0) ?? weekdays;
		const day = lightest(days, work.weekdayLoad);
		addLoad(work.weekdayLoad, day, job.depths.usual.minutes);
		dayOf.set(job.id, day);
		return { job, day };
	});
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
			const age = ageToGoBy(person, work.input.today);
			const mayAlone = age === null || age >= Math.max(10, ageAlone(job));
			return {
				...withCadence(job, weekly([day]), rule),
				id,
				name: `${job.name}: ${person.name}`.slice(0, 80),
				who: mayAlone
					? { mode: 'fixed' as const, members: [person.id] }
					: { mode: 'shared' as const, members: [] }
			};
		})
	);
}

/** Minutes a week that are asked of a child, of the home's work: the same that the first steps reckon with. */
const CHILD_MINUTES = 7 * MINUTES_OF_CHILD;

/** The children who may have a job alone and have minutes left for their part of it; they are asked for these from now on. */
function childrenFor(job: Job, work: Work): string[] {
	const { members, today, rooms } = work.input;
	const able = members.filter((one) => one.role === 'child' && isOldEnough(job, today)(one));
	// What is their own takes none of the minutes of the home.
	if (isOwnWork(job, rooms)) return able.map((one) => one.id);
	const minutes = minutesAWeek(job);
	const has = (id: string) => work.childMinutes.get(id) ?? 0;
	const holds = (count: number) => able.filter((one) => has(one.id) + minutes / count <= CHILD_MINUTES);
	// The fewer share it, the larger each part.
	for (let count = able.length; count > 0; count--) {
		const asked = holds(count)
			.sort((one, other) => has(one.id) - has(other.id))
			.slice(0, count)
			.map((one) => one.id);
		if (asked.length < count) continue;
		for (const id of asked) addLoad(work.childMinutes, id, minutes / count);
		return able.map((one) => one.id).filter((id) => asked.includes(id));
	}
	return [];
}

function applyWho(job: Job, rule: PatternRule, work: Work): Job {
	if (rule.who === undefined || job.who.mode === 'fixed' || work.input.named.has(job.id)) return job;
	if (rule.who !== 'children') {
		return rule.who === 'free'
			? { ...job, who: { mode: 'free', members: [] } }
			: { ...job, who: { mode: 'shared', members: [] } };
	}
	const members = childrenFor(job, work);
	if (members.length === 0) return job;
	return { ...job, who: { mode: members.length > 1 ? 'turns' : 'fixed', members } };
}

/**
 * The basics that a part of the day holds: those without which a week is no week, children's own aside, then the
 * weightiest, as long as its minutes last. Rules: "A week within its minutes".
 */
export function withinParts(
	jobs: readonly Job[],
	most: number,
	input: ArrangeInput,
	isOfAPart: (job: Job) => boolean
): Job[] {
	const used = new Map<string, number>();
	const keeps = new Set<string>();
	const sorted = [...jobs].sort(
		(a, b) =>
			Number(b.core) - Number(a.core) ||
			b.weight - a.weight ||
			a.depths.usual.minutes - b.depths.usual.minutes ||
			(a.id < b.id ? -1 : 1)
	);
	for (const job of sorted) {
		if (job.layer !== 'basics' || isOwnWork(job, input.rooms) || childOwned(job, input) || !isOfAPart(job)) {
			keeps.add(job.id);
			continue;
		}
		const parts = job.parts.length > 0 ? job.parts : ['any'];
		const fitsIn = parts.every((part) => (used.get(part) ?? 0) + job.depths.usual.minutes <= most);
		if (!fitsIn && !job.core) continue;
		keeps.add(job.id);
		for (const part of parts) addLoad(used, part, job.depths.usual.minutes);
	}
	return jobs.filter((job) => keeps.has(job.id));
}

/**
 * The jobs of a home as a pattern lays them, and its zones with their lists. Jobs that no rule fits stay as the
 * library has them. What the pattern does without is named, and in as well with `beyond`. Daily basics that a part of the
 * day has no minutes for are left and named, but for `everything`. Same input, same result.
 */
export function arrange(
	pattern: Pattern,
	input: ArrangeInput,
	{ everything = false, beyond = false }: { readonly everything?: boolean; readonly beyond?: boolean } = {}
): Arranged {
	const work: Work = {
		input,
		taken: new Set([...input.taken, ...input.jobs.map((job) => job.id)]),
		weekdayLoad: new Map(),
		childMinutes: new Map(),
		listed: new Map()
	};
	const ruleOf = (job: Job) => pattern.rules.find((one) => fits(one, job, input)) ?? null;
	const notOfPattern = beyond ? [] : input.jobs.filter((job) => ruleOf(job)?.place.how === 'leave');
	const ofPattern = input.jobs.filter((job) => !notOfPattern.includes(job));
	// What comes on some days, or when it is needed, is no list of a part of the day.
	const isOfAPart = (job: Job) =>
		['keep', undefined].includes(ruleOf(job)?.place.how) && !('weekdays' in job.cadence);
	const chosen = everything ? ofPattern : withinParts(ofPattern, pattern.basicsAPart, input, isOfAPart);
	const kept = new Set(chosen.map((job) => job.id));
	const byRule = new Map<PatternRule | null, Job[]>();
	for (const job of chosen) {
		const rule = ruleOf(job);
		byRule.set(rule, [...(byRule.get(rule) ?? []), job]);
	}
	const jobs: Job[] = [];
	for (const rule of [...pattern.rules, null]) {
		const mine = byRule.get(rule) ?? [];
		if (rule === null) jobs.push(...mine.map((job) => homeless(job, work)));
		else jobs.push(...placeAll(mine, rule, work).map((job) => applyWho(job, rule, work)));
	}
	const known = new Set(jobs.map((job) => job.id));
	return {
		jobs: jobs.map((job) => ({ ...job, covers: job.covers.filter((id) => known.has(id)) })),
		zones: input.zones.map((zone) => ({ ...zone, list: work.listed.get(zone.id) ?? [] })),
		left: ofPattern.filter((job) => !kept.has(job.id)),
		notOfPattern
	};
}

/** A job that no rule speaks of: as it is, but a zone's item only where there is a zone for it. */
function homeless(job: Job, work: Work): Job {
	if (job.cadence.type !== 'zone') return job;
	const zone = zoneOfJob(job, work);
	if (zone === null) return floatItem(job);
	work.listed.set(zone, [...(work.listed.get(zone) ?? []), job.id]);
	return job;
}
