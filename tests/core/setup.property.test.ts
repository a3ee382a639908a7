import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, toDay, weekdayOf } from '../../src/lib/core/calendar/civil';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { FLOORS, PETS, ROOM_KINDS, SURFACES } from '../../src/lib/core/household/home';
import type { Job } from '../../src/lib/core/household/home';
import { blankJob } from '../../src/lib/core/setup/blankJob';
import { judgeUses } from '../../src/lib/core/cupboard/cautions';
import { usesOfJob } from '../../src/lib/core/cupboard/usesOfJob';
import { EMPTY_CUPBOARD } from '../../src/lib/core/household/cupboardSchema';
import { refusedFamilies, surfaceOfFloor } from '../../src/lib/core/cupboard/surfaces';
import { ageNeeded, ageOn } from '../../src/lib/core/people/whoCan';
import { outlook } from '../../src/lib/core/schedule/outlook';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { changeHome } from '../../src/lib/core/setup/change';
import { draftSchema, EMPTY_DRAFT, PRESENCE, readDraft, type Draft } from '../../src/lib/core/setup/draft';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { draftFromHome } from '../../src/lib/core/setup/draftFromHome';
import { isOwnWork } from '../../src/lib/core/household/ownWork';
import { fitWeek, minutesAWeek } from '../../src/lib/core/setup/fitWeek';
import { freeId, roomsFor } from '../../src/lib/core/setup/library';
import type { Pattern } from '../../src/lib/core/setup/pattern';
import { shareHalves } from '../../src/lib/core/setup/round';
import { weekdaysOfZones } from '../../src/lib/core/setup/schemeOf';
import { spreadFirstDays } from '../../src/lib/core/setup/spread';
import { applyTouch, touchSchema } from '../../src/lib/core/setup/steps';
import { library, patterns } from './library';

const FROM = toDay('2027-03-01');
const all = patterns();
const byId = new Map(all.map((one) => [one.id, one]));
const patternOf = (now: Draft) => byId.get(now.pattern) as Pattern;
const starter = library();

/** One random touch; its numbers pick among what is there. */
interface Finger {
	readonly op: number;
	readonly a: number;
	readonly b: number;
	readonly name: string;
}

const finger: fc.Arbitrary<Finger> = fc.record({
	op: fc.nat(21),
	a: fc.nat(),
	b: fc.nat(),
	name: fc.string({ maxLength: 20, unit: 'grapheme' })
});

const pick = <T>(list: readonly T[], n: number): T | undefined => list[n % Math.max(1, list.length)];

function touchOf(now: Draft, { op, a, b, name }: Finger): Record<string, unknown> {
	const room = pick(now.rooms, a)?.id ?? 'none';
	const person = pick(now.people, b)?.id ?? 'none';
	const zone = pick(now.zones ?? [], b)?.id ?? 'none';
	const free = [1, 2, 3, 4, 5, 6, 7].filter((day) => (a >> day) % 4 === 0);
	return [
		{ op: 'hang', kind: pick(ROOM_KINDS, a), storey: (b % 4) - 1, name },
		{ op: 'hang', kind: pick(ROOM_KINDS, b), storey: a % 3 },
		{ op: 'unhang', room },
		{ op: 'nameRoom', room, name },
		{ op: 'floor', room, floor: pick(FLOORS, b) },
		{ op: 'surface', room, surface: pick(SURFACES, b) },
		{ op: 'sheds', room, pet: pick(PETS, b) },
		{ op: 'owner', room, person },
		{ op: 'pet', kind: pick(PETS, a) },
		{ op: 'person', name, role: pick(['organiser', 'adult', 'child', 'helper'], a), bornOn: '' },
		{ op: 'person', name, role: 'child', bornOn: `20${10 + (a % 14)}-05-01` },
		{ op: 'presence', person, presence: pick(PRESENCE, a), weekday: (a % 7) + 1 },
		{ op: 'unperson', person },
		{ op: 'pattern', pattern: pick(all, a)?.id },
		{ op: 'minutes', minutes: (a % 240) + 1 },
		{ op: 'days', free: free.join(','), catchUp: String((b % 7) + 1) },
		{ op: 'weekStart', weekStart: (a % 7) + 1 },
		{ op: 'zone', room, zone },
		{ op: 'nameZone', zone, name },
		{ op: 'zonesAnew', count: (a % 7) + 1 },
		{ op: 'begin', begin: a % 2 === 0 ? 'all' : 'basics' },
		{ op: 'without', key: `${pick(starter.jobs, a)?.id}/${room}` }
	][op] as Record<string, unknown>;
}

/** Touches a house together; touches that make no sense (an empty name) are refused, as the page does. */
function walkThrough(fingers: readonly Finger[]): Draft {
	let now: Draft = { ...EMPTY_DRAFT, minutesADay: 60 };
	now = applyTouch(
		now,
		touchSchema.parse({ op: 'hang', kind: 'kitchen', storey: '0' }),
		patternOf(now),
		starter
	);
	for (const one of fingers) {
		const touch = touchSchema.safeParse(touchOf(now, one));
		if (touch.success) now = applyTouch(now, touch.data, patternOf(now), starter);
	}
	return now;
}

const walked = fc.array(finger, { maxLength: 30 }).map(walkThrough);
const homely = walked.filter((now) => now.rooms.length > 0);

describe('any row of touches', () => {
	it('leaves answers that are kept and found again the same', () => {
		fc.assert(
			fc.property(walked, (now) => {
				expect(draftSchema.parse(now)).toEqual(now);
				expect(readDraft(JSON.parse(JSON.stringify(now)))).toEqual(now);
				const rooms = new Set(now.rooms.map((room) => room.id));
				expect(rooms.size).toBe(now.rooms.length);
				const people = new Set(now.people.map((person) => person.id));
				for (const room of now.rooms) for (const owner of room.owners) expect(people.has(owner)).toBe(true);
				const zoned = (now.zones ?? []).flatMap((zone) => zone.rooms).filter((room) => rooms.has(room));
				expect(new Set(zoned).size).toBe(zoned.length);
			}),
			{ numRuns: 150, seed: 21 }
		);
	}, 60_000);

	it('makes a home that can be lived in from its first day, with nothing asked of a room or person that is not there', () => {
		fc.assert(
			fc.property(homely, (now) => {
				const made = homeFromDraft(now, starter, patternOf(now), FROM);
				if (!made.ok) throw new Error(JSON.stringify([made.problems, now]));
				const { home } = made;
				expect(home.rooms.length).toBe(now.rooms.length);
				expect(home.members.some((member) => member.role === 'organiser')).toBe(true);
				const ready = prepareHome([{ from: FROM, home }]);
				// Nothing is late on the first morning.
				for (const line of readDay(ready, projectHome(ready, []), FROM).lines)
					expect(line.lateTurns, line.line.id).toBe(0);
				// Made twice from the same answers it is the same home.
				expect(homeFromDraft(now, starter, patternOf(now), FROM)).toEqual(made);
			}),
			{ numRuns: 120, seed: 22 }
		);
	}, 60_000);

	it('asks no more of the first week than of a usual one', () => {
		fc.assert(
			fc.property(homely, (now) => {
				const made = homeFromDraft({ ...now, begin: 'all' }, starter, patternOf(now), FROM);
				if (!made.ok) throw new Error('no home');
				const days = outlook(prepareHome([{ from: FROM, home: made.home }]), FROM, 56);
				const sum = (from: number, to: number) =>
					days.slice(from, to).reduce((total, day) => total + day.total, 0) / (to - from);
				expect(sum(0, 7)).toBeLessThan(sum(0, 56) * 1.4 + 15);
			}),
			{ numRuns: 60, seed: 23 }
		);
	}, 60_000);

	it('gives no job a product that a surface of its room refuses, and no child what its age rules out', () => {
		fc.assert(
			fc.property(homely, (now) => {
				const made = homeFromDraft({ ...now, begin: 'all' }, starter, patternOf(now), FROM);
				if (!made.ok) throw new Error('no home');
				for (const job of made.home.jobs) {
					const room = made.home.rooms.find((one) => one.id === job.room);
					const { dangers, refused } = judgeUses(usesOfJob(job, 'usual', EMPTY_CUPBOARD, 'ann'), []);
					expect([...dangers, ...refused], job.id).toEqual([]);
					for (const step of job.depths.usual.steps)
						for (const product of step.products)
							if (product.floor)
								expect(refusedFamilies(surfaceOfFloor(room?.floor), product.families), job.id).toEqual([]);
					if (job.who.mode !== 'fixed') continue;
					for (const id of job.who.members) {
						const member = made.home.members.find((one) => one.id === id);
						const age = member ? ageOn(member, FROM) : null;
						if (age !== null) expect(age, job.id).toBeGreaterThanOrEqual(ageNeeded(job));
					}
				}
			}),
			{ numRuns: 100, seed: 24 }
		);
	}, 60_000);

	it('run again without a touch, changes nothing', () => {
		fc.assert(
			fc.property(homely, (now) => {
				const made = homeFromDraft(now, starter, patternOf(now), FROM);
				if (!made.ok) throw new Error('no home');
				const again = { ...draftFromHome(made.home, 'h'), pattern: now.pattern };
				const same = changeHome(made.home, again, starter, patternOf(now), addDays(FROM, 30), []);
				expect(same.ok && same.home.jobs).toEqual(made.home.jobs);
				expect(same.ok && same.home.rooms).toEqual(made.home.rooms);
				expect(same.ok && same.home.zones).toEqual(made.home.zones);
			}),
			{ numRuns: 80, seed: 25 }
		);
	}, 60_000);
});

describe('a week that is made to fit', () => {
	it('loses its core last, of the rest the least weighty of the weekly round first, and never all of it for want of an hour', () => {
		fc.assert(
			fc.property(homely, fc.integer({ min: 1, max: 200 }), (now, minutesADay) => {
				const made = homeFromDraft(
					{ ...now, begin: 'all', minutesADay: 1440 },
					starter,
					patternOf(now),
					FROM
				);
				if (!made.ok) throw new Error('no home');
				const { jobs, household } = made.home;
				const zoneOf = (room: string) => made.home.rooms.find((one) => one.id === room)?.zone ?? null;
				const fitted = fitWeek(
					jobs,
					{ ...household, minutesADay },
					{ rooms: made.home.rooms, zones: made.home.zones.length }
				);
				const kept = fitted.jobs;
				const lost = jobs.filter((job) => !kept.includes(job));
				// The core of the daily routine stays, as does what is somebody's own; so do a zone's items, as long as their
				// sittings take nothing from the core.
				const isOwn = (job: Job) => isOwnWork(job, made.home.rooms);
				expect(lost.filter((job) => job.layer === 'basics' && (job.core || isOwn(job)))).toEqual([]);
				const { rhythm } = household;
				const days = 7 - rhythm.freeDays.length;
				const weekOf = (list: readonly Job[]) => list.reduce((sum, job) => sum + minutesAWeek(job), 0);
				const core = weekOf(jobs.filter((job) => job.core && job.layer !== 'basics'));
				const basics = (weekOf(jobs.filter((job) => job.layer === 'basics' && job.core)) * days) / 7;
				const sittings = rhythm.zoneDays.length * rhythm.sittingMinutes;
				const gaveWay = lost.some((job) => job.cadence.type === 'zone');
				if (gaveWay) {
					expect(core + sittings + basics).toBeGreaterThan(minutesADay * days);
					expect(rhythm.scheme.type).not.toBe('weekdays');
				}
				if (kept.some((job) => job.cadence.type === 'zone'))
					expect(lost.some((job) => job.core) && gaveWay).toBe(false);
				// No zone is emptied for the others: whichever gave way asked for most when it did.
				const visit = (job: Job) =>
					job.cadence.type === 'zone' ? job.depths.usual.minutes / job.cadence.every : 0;
				const ofZone = (list: readonly Job[], zone: string | null) =>
					list.filter((job) => job.cadence.type === 'zone' && zoneOf(job.room) === zone).map(visit);
				const sumOf = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0);
				for (const { id } of made.home.zones) {
					const gone = ofZone(lost, id);
					if (gone.length === 0) continue;
					for (const other of made.home.zones)
						expect(sumOf(ofZone(kept, id)) + Math.max(...gone)).toBeGreaterThanOrEqual(
							sumOf(ofZone(kept, other.id)) - 1e-9
						);
				}
				// Nothing goes in silence, and what runs through the whole house goes last.
				expect([...fitted.left].map((job) => job.id).sort()).toEqual(lost.map((job) => job.id).sort());
				const round = kept.filter((job) => job.layer === 'weekly');
				const rank = (job: Job) =>
					`${job.core} ${['weekly', 'basics'].includes(job.layer)} ${job.wholeHouse} ${job.cadence.type === 'zone'}`;
				const ofDays = kept.filter(
					(job) => !(job.layer === 'basics' && job.core) && !isOwn(job) && job.cadence.type !== 'zone'
				);
				for (const out of lost)
					for (const one of ofDays)
						if (rank(one) === rank(out) && one.weight < out.weight)
							expect(minutesAWeek(one)).toBeLessThanOrEqual(minutesAWeek(out));
				if (lost.some((job) => job.core)) expect(ofDays.filter((job) => !job.core)).toEqual([]);
				if (lost.length === 0) return;
				expect(
					round.length > 0 ||
						jobs.every((job) => job.layer !== 'weekly' || minutesAWeek(job) > 60) ||
						!lost.some((job) => job.layer === 'weekly')
				).toBe(true);
			}),
			{ numRuns: 80, seed: 26 }
		);
	}, 60_000);
});

describe('first days', () => {
	const home = homeFromDraft(
		walkThrough([
			{ op: 1, a: 1, b: 0, name: '' },
			{ op: 1, a: 2, b: 3, name: '' },
			{ op: 1, a: 1, b: 5, name: '' }
		]),
		starter,
		all.find((one) => one.id === 'upkeep') as Pattern,
		FROM
	);
	it('lie within one interval, on no free day where there is another, whatever the load', () => {
		if (!home.ok) throw new Error('no home');
		const { household } = home.home;
		const job = (min: number, max: number, minutes: number, i: number) => ({
			...blankJob(
				{
					id: `f${i}`,
					name: 'F',
					room: 'kitchen',
					layer: 'long',
					cadence: { type: 'afterDone', min, max },
					missRule: 'stays'
				},
				'Do it',
				minutes
			)
		});
		const spans = fc.array(
			fc.tuple(
				fc.integer({ min: 1, max: 90 }),
				fc.integer({ min: 0, max: 60 }),
				fc.integer({ min: 1, max: 60 })
			),
			{ minLength: 1, maxLength: 25 }
		);
		fc.assert(
			fc.property(
				spans,
				fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 3 }),
				(list, freeDays) => {
					const jobs = list.map(([min, more, minutes], i) => job(min, min + more, minutes, i));
					const placed = spreadFirstDays(
						jobs,
						[],
						FROM,
						{
							...household,
							rhythm: { ...household.rhythm, freeDays: freeDays as never, catchUpDays: [] }
						},
						[]
					);
					placed.forEach((one, i) => {
						const [min, more] = list[i] as [number, number, number];
						const day = toDay(one.startsOn ?? '');
						expect(day).toBeGreaterThanOrEqual(FROM);
						expect(day - FROM).toBeLessThan(min + more);
					});
					const long = placed.filter((one, i) => (list[i]?.[0] ?? 0) >= 14 && one.depths.usual.minutes <= 10);
					for (const one of long)
						expect(freeDays, one.startsOn).not.toContain(weekdayOf(toDay(one.startsOn ?? '')));
				}
			),
			{ numRuns: 100, seed: 27 }
		);
	});

	it('of a month’s job that is nearly over begin with the next month', () => {
		if (!home.ok) throw new Error('no home');
		const months = {
			...blankJob(
				{
					id: 'm',
					name: 'M',
					room: 'kitchen',
					layer: 'long',
					cadence: { type: 'months', months: [3, 9] },
					missRule: 'stays'
				},
				'Do it',
				30
			)
		};
		const first = (from: string) =>
			spreadFirstDays([months], [], toDay(from), home.home.household, [])[0]?.startsOn;
		expect([first('2027-03-05'), first('2027-03-21'), first('2027-03-22'), first('2027-03-31')]).toEqual([
			'2027-03-05',
			'2027-03-21',
			'2027-04-01',
			'2027-04-01'
		]);
	});
});

describe('small things that set-up rests on', () => {
	it('an id is made of words, free, and one that the schema takes', () => {
		fc.assert(
			fc.property(
				fc.string({ maxLength: 90, unit: 'grapheme' }),
				fc.integer({ min: 0, max: 12 }),
				(words, times) => {
					const taken = new Set<string>();
					for (let i = 0; i <= times; i++) {
						const made = freeId(words, taken);
						expect(made).toMatch(/^[a-z0-9][a-z0-9-]{0,59}$/);
						expect(taken.has(made)).toBe(false);
						taken.add(made);
					}
				}
			)
		);
		expect(freeId('Ölofen & Küche', new Set())).toMatch(/^[a-z-]+$/);
	});

	it('halves are shared whole: each its part, all of it, none without', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 1, max: 90 }), { minLength: 1, maxLength: 14 }),
				fc.integer({ min: 1, max: 240 }),
				(weights, minutes) => {
					const shares = shareHalves(weights, minutes);
					const sum = shares.reduce((a, b) => a + b, 0);
					expect(sum).toBe(Math.max(weights.length / 2, minutes));
					for (const share of shares) expect(share).toBeGreaterThanOrEqual(0.5);
					weights.forEach((one, i) =>
						weights.forEach((other, k) => {
							if (one > other) expect(shares[i]).toBeGreaterThanOrEqual((shares[k] as number) - 1e-9);
						})
					);
				}
			)
		);
	});

	it('zones take the weekdays that are neither free nor for catching up, in their order', () => {
		const zones = ['a', 'b', 'c', 'd', 'e', 'f', 'g'].map((id) => ({ id }));
		expect([...weekdaysOfZones(zones, [7], [6])]).toEqual([
			['a', 1],
			['b', 2],
			['c', 3],
			['d', 4],
			['e', 5],
			// More zones than days: they share them, and the first of a day is the one that is on.
			['f', 1],
			['g', 2]
		]);
		expect(weekdaysOfZones(zones, [1, 2, 3, 4, 5, 6, 7], []).size).toBe(0);
	});

	it('the rooms for a library job are those of its kind, and it is told which have it', () => {
		const made = homeFromDraft(
			walkThrough([{ op: 1, a: 1, b: 3, name: '' }]),
			starter,
			all[0] as Pattern,
			FROM
		);
		if (!made.ok) throw new Error('no home');
		for (const job of starter.jobs)
			for (const { room, has } of roomsFor(job, made.home)) {
				expect(job.kinds).toContain(room.kind);
				expect(has).toBe(made.home.jobs.some((one) => one.library === job.id && one.room === room.id));
			}
	});

	it('what is once in a home is offered in no other room when one has it', () => {
		const made = homeFromDraft(
			walkThrough([
				{ op: 1, a: 1, b: 0, name: '' },
				{ op: 1, a: 1, b: 1, name: '' }
			]),
			starter,
			all.find((one) => one.id === 'rolling-zones') as Pattern,
			FROM
		);
		if (!made.ok) throw new Error('no home');
		for (const job of starter.jobs.filter((one) => one.when.once)) {
			const rooms = roomsFor(job, made.home);
			if (made.home.jobs.some((one) => one.library === job.id))
				expect(
					rooms.map((one) => one.has),
					job.id
				).toEqual([true]);
			else
				expect(
					rooms.every((one) => !one.has),
					job.id
				).toBe(true);
		}
	});

	it('a blank job is one that the schema takes, given out to anybody of any age', () => {
		const job = blankJob(
			{ id: 'x', name: 'X', room: 'r', layer: 'long', cadence: { type: 'onCall' }, missRule: 'letgo' },
			'Do it',
			12.5
		);
		expect([job.depths.usual.minutes, ageNeeded(job), job.who.mode]).toEqual([12.5, 0, 'shared']);
		expect(isoOf(FROM)).toBe('2027-03-01');
	});
});

describe('the youngest age for a job', () => {
	const job = blankJob(
		{ id: 'x', name: 'X', room: 'r', layer: 'long', cadence: { type: 'onCall' }, missRule: 'letgo' },
		'Do it',
		5
	);
	const with_ = (families: string[], fromAge?: number) => ({
		...job,
		...(fromAge ? { fromAge } : {}),
		depths: {
			usual: {
				minutes: 5,
				steps: [
					{
						text: 'x',
						minutes: 5,
						class: 3,
						products: [{ families: families as never, rinse: false, floor: false }]
					}
				]
			}
		}
	});
	it.each([
		[['water'], undefined, 0],
		[['surfactant'], undefined, 8],
		[['alcohol'], undefined, 12],
		[['acid'], undefined, 16],
		[['bleach'], undefined, 16],
		[['water', 'caustic'], undefined, 16],
		[['water'], 10, 10],
		[['surfactant'], 5, 8]
	] as const)('with %j, itself from %s, is %i', (families, fromAge, age) => {
		expect(ageNeeded(with_([...families], fromAge))).toBe(age);
	});
	it('is that of the strongest depth', () => {
		const deep = { ...job, depths: { ...job.depths, deep: with_(['acid']).depths.usual } };
		expect(ageNeeded(deep)).toBe(16);
	});
});
