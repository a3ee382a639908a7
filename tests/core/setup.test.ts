import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, toDay, weekdayOf } from '../../src/lib/core/calendar/civil';
import { surfaceOfFloor } from '../../src/lib/core/cupboard/surfaces';
import { judgeUses } from '../../src/lib/core/cupboard/cautions';
import { usesOfJob } from '../../src/lib/core/cupboard/usesOfJob';
import { EMPTY_CUPBOARD } from '../../src/lib/core/household/cupboardSchema';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import {
	FLOORS,
	LAYERS,
	readHome,
	ROOM_KINDS,
	SURFACES,
	type Home,
	type Job
} from '../../src/lib/core/household/home';
import { outlook } from '../../src/lib/core/schedule/outlook';
import { workOfHome } from '../../src/lib/core/schedule/workOfHome';
import { changeHome } from '../../src/lib/core/setup/change';
import { EMPTY_DRAFT, MOST, type Draft } from '../../src/lib/core/setup/draft';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { chooseJobs } from '../../src/lib/core/setup/jobsOfRooms';
import { draftFromHome } from '../../src/lib/core/setup/draftFromHome';
import { jobForRoom, readLibrary, searchLibrary, suitsRoom } from '../../src/lib/core/setup/library';
import { readPattern, type Pattern } from '../../src/lib/core/setup/pattern';
import { patternOfHome, wayAmong, waysOf } from '../../src/lib/core/setup/patternOfHome';
import { roomJobs } from '../../src/lib/core/setup/roomJobs';
import { roundSteps } from '../../src/lib/core/setup/round';
import { recommendText } from '../../src/lib/words/firstSteps';
import { patternOf, recommendPattern } from '../../src/lib/core/setup/recommend';
import { applyTouch, fullBy, touchSchema, type Touch } from '../../src/lib/core/setup/steps';
import { partRooms, suggestZones } from '../../src/lib/core/setup/zones';
import { draft, library as starterLibrary, patterns } from './library';

const FROM = toDay('2027-03-01');

const library = starterLibrary();
const pattern = (id: string) => patterns().find((one) => one.id === id) as Pattern;

function made(id: string, rest: Record<string, unknown> = {}): Home {
	const home = homeFromDraft(draft(rest), library, pattern(id), FROM);
	if (!home.ok) throw new Error(JSON.stringify(home.problems));
	return home.home;
}

/** What a job's steps do to its surfaces, at any depth, and what in them must not meet. */
function harmIn(job: Home['jobs'][number]): unknown[] {
	return (['quick', 'usual', 'deep'] as const).flatMap((depth) => {
		if (!job.depths[depth]) return [];
		const { dangers, refused } = judgeUses(usesOfJob(job, depth, EMPTY_CUPBOARD, 'ann'), []);
		return [...dangers, ...refused];
	});
}

describe('the starter library', () => {
	it('has at least 150 jobs, in all four layers and for every kind of room, each with all that is asked', () => {
		expect(library.jobs.length).toBeGreaterThanOrEqual(150);
		expect(new Set(library.jobs.map((job) => job.layer))).toEqual(new Set(LAYERS));
		expect(new Set(library.jobs.flatMap((job) => job.kinds))).toEqual(new Set(ROOM_KINDS));
		for (const job of library.jobs) {
			expect(Object.keys(job.depths).sort(), job.id).toEqual(['deep', 'quick', 'usual']);
			expect(job.rungs.length, job.id).toBeGreaterThan(1);
			expect(job.lookRound.length, job.id).toBeGreaterThan(1);
			expect(job.fromAge, job.id).toBeGreaterThan(2);
			expect(job.depths.quick?.minutes ?? 0, job.id).toBeLessThanOrEqual(job.depths.usual.minutes);
			expect(job.depths.deep?.minutes ?? 0, job.id).toBeGreaterThan(job.depths.usual.minutes);
		}
	});

	it('keeps the order of the classes within each depth, so that every job can be planned', () => {
		for (const job of library.jobs) {
			for (const [name, depth] of Object.entries(job.depths)) {
				const classes = depth.steps.map((step) => step.class).filter((one) => one > 0);
				expect(classes, `${job.id} ${name}`).toEqual([...classes].sort((a, b) => a - b));
			}
		}
	});

	it('never names an age below what its products ask for', () => {
		const least: Record<string, number> = { surfactant: 8, alcohol: 12, acid: 16, bleach: 16, caustic: 16 };
		for (const job of library.jobs) {
			for (const step of Object.values(job.depths).flatMap((depth) => depth.steps))
				for (const family of step.products.flatMap((product) => product.families))
					expect(job.fromAge ?? 0, `${job.id} ${family}`).toBeGreaterThanOrEqual(least[family] ?? 3);
		}
	});

	it('harms no surface that a room may have, at any depth of any of its jobs', () => {
		for (const job of library.jobs)
			for (const kind of job.kinds)
				for (const made of [
					...SURFACES.map((surface) => ({ surface })),
					...FLOORS.map((floor) => ({ floor }))
				]) {
					const surfaces = 'surface' in made ? [made.surface] : [];
					const floor = 'floor' in made ? made.floor : undefined;
					const room = { id: 'r', name: 'R', kind, floor, surfaces, owners: [] };
					expect(harmIn(jobForRoom(job, room, new Set())), `${job.id} ${JSON.stringify(made)}`).toEqual([]);
				}
	});
	it('gives a room nothing that its surfaces refuse', () => {
		const room = {
			id: 'r',
			name: 'R',
			kind: 'bathroom' as const,
			floor: 'boards' as const,
			surfaces: ['plated' as const, 'stone' as const],
			owners: []
		};
		for (const job of library.jobs.filter((one) => one.kinds.includes('bathroom'))) {
			const fitted = jobForRoom(job, room, new Set());
			expect(harmIn(fitted), job.id).toEqual([]);
		}
		expect(surfaceOfFloor('boards')).toBe('wood');
		const scale = library.jobs.find((job) => job.id === 'tap-scale');
		if (!scale) throw new Error('no such job');
		// Plated taps bear acid for ten minutes, where a rinse follows; stone basins never.
		const [on] = jobForRoom(scale, room, new Set()).depths.usual.steps;
		expect(on?.products[0]).toMatchObject({ families: ['acid'], contactMinutes: 10 });
		expect(on?.wait?.max).toBe(10);
		expect(
			jobForRoom(scale, { ...room, surfaces: [] }, new Set()).depths.usual.steps[0]?.products[0]?.families
		).toEqual(['acid']);
	});

	it('is searched by every word', () => {
		expect(searchLibrary(library, '').length).toBe(library.jobs.length);
		expect(searchLibrary(library, 'WINDOW living').map((job) => job.id)).toEqual(['living-window']);
		expect(searchLibrary(library, 'no such thing')).toEqual([]);
	});

	it('asks for the animal or the surface that it is for', () => {
		const litter = library.jobs.find((job) => job.id === 'litter');
		const room = { id: 'b', name: 'B', kind: 'bathroom' as const, surfaces: [], owners: [] };
		if (!litter) throw new Error('no such job');
		expect(suitsRoom(litter, room, [])).toBe(false);
		expect(suitsRoom(litter, room, ['cat'])).toBe(true);
	});

	it('refuses a library with an id twice, or a field that is not known', () => {
		const [first] = library.jobs;
		const twice = readLibrary({ format: 'pail-round/library', version: 1, name: 'X', jobs: [first, first] });
		expect(twice.ok ? [] : twice.problems[0]?.says).toContain('used twice');
		expect(readLibrary({ format: 'pail-round/library', version: 1, name: 'X', jobs: [], more: 1 }).ok).toBe(
			false
		);
	});
});

describe('patterns', () => {
	it('are ten, the names those of the rules', () => {
		expect(
			patterns()
				.map((one) => one.name)
				.sort()
		).toEqual(
			[
				'Rolling zones',
				'A month of zones',
				'A zone a day',
				'A kind of job a day',
				'Family lists',
				'Days for rooms and people',
				'One big day',
				'Saturday morning',
				'Light and thorough',
				'Upkeep'
			].sort()
		);
	});

	it.each(patterns().map((one) => one.id))('%s makes a home, with everything or the basics alone', (id) => {
		for (const begin of ['all', 'basics']) {
			const home = made(id, { begin });
			expect(home.household.layers).toEqual(begin === 'all' ? [...LAYERS] : ['basics']);
			expect(home.jobs.length).toBeGreaterThan(20);
			expect(new Set(home.jobs.map((job) => job.id)).size).toBe(home.jobs.length);
		}
	});

	it.each(patterns().map((one) => one.id))('%s: nobody’s first weeks are a flood', (id) => {
		const home = made(id, { minutesADay: 90 });
		const days = outlook(prepareHome([{ from: FROM, home }]), FROM, 28);
		const usual = days.reduce((sum, day) => sum + day.total, 0) / 28;
		const firstWeek = days.slice(0, 7).reduce((sum, day) => sum + day.total, 0) / 7;
		expect(firstWeek).toBeLessThan(usual * 1.35 + 12);
		// A big day is one by its nature; else no day is more than half over what it holds.
		const most =
			id === 'one-big-day' ? 360 : ['saturday-morning', 'a-month-of-zones'].includes(id) ? 260 : 150;
		for (const day of days) expect(day.total, `${id} day ${day.date - FROM}`).toBeLessThan(most);
	});

	it('lay what page 7 says on the days that it says', () => {
		const kinds = made('a-kind-of-job-a-day');
		const on = (home: Home, subject: string) => [
			...new Set(
				home.jobs
					.filter((job) => job.layer === 'weekly' && job.subject === subject)
					.flatMap((job) => (job.cadence.type === 'weekly' ? job.cadence.weekdays : []))
			)
		];
		expect(on(kinds, 'bathrooms')).toEqual([1]);
		expect(on(kinds, 'vacuuming')).toEqual([3]);
		expect(kinds.household.rhythm.scheme.type).toBe('none');
		const month = made('a-month-of-zones');
		expect(month.household.rhythm).toMatchObject({
			scheme: { type: 'rows' },
			zoneDays: [2, 3, 4, 5],
			freeDays: [6, 7]
		});
		const rounds = month.jobs.filter((job) => job.id.startsWith('round-'));
		expect(rounds.length).toBeLessThanOrEqual(7);
		for (const round of rounds)
			expect(round).toMatchObject({
				depths: { usual: { minutes: 10 } },
				cadence: { weekdays: [1] },
				missRule: 'letgo'
			});
		const zoneADay = made('a-zone-a-day');
		const scheme = zoneADay.household.rhythm.scheme;
		expect(scheme.type === 'weekdays' ? Object.keys(scheme.byWeekday) : []).toEqual([
			'1',
			'2',
			'3',
			'4',
			'5',
			'6'
		]);
		expect(
			zoneADay.jobs.filter((job) => job.cadence.type === 'monthly' && 'card' in job.cadence).length
		).toBeGreaterThan(10);
		const upkeep = made('upkeep');
		expect(upkeep.jobs.every((job) => ['afterDone', 'onCall', 'daily'].includes(job.cadence.type))).toBe(
			true
		);
		const big = made('one-big-day');
		expect(big.jobs.find((job) => job.name === 'One detail job')?.variants?.length).toBeGreaterThan(3);
		const light = made('light-and-thorough');
		expect(light.jobs.filter((job) => job.layer === 'basics').map((job) => job.library)).toEqual([
			'kitchen-reset'
		]);
		expect(light.jobs.find((job) => job.id.startsWith('round-kitchen'))).toMatchObject({
			deepEvery: 3,
			depths: { usual: { minutes: 10 }, deep: { minutes: 30 } }
		});
	});

	it('keep the basics to about a quarter of an hour in a part of the day', () => {
		const home = made('rolling-zones');
		for (const part of ['morning', 'midday', 'evening'] as const) {
			const sum = home.jobs
				// What is somebody's own, and what has days of its own, is no list of a part of the day.
				.filter((job) => job.layer === 'basics' && job.parts.includes(part) && job.room !== 'kid')
				.filter((job) => job.who.mode !== 'fixed' && !('weekdays' in job.cadence))
				.reduce((total, job) => total + job.depths.usual.minutes, 0);
			expect(sum).toBeLessThanOrEqual(15);
		}
	});

	it('leave nothing of the daily routine that its parts hold where it begins alone', () => {
		const names = (begin: string) => {
			const home = homeFromDraft(
				draft({ begin, minutesADay: 60 }),
				starterLibrary(),
				patterns().find((one) => one.id === 'rolling-zones') as Pattern,
				FROM
			);
			if (!home.ok) throw new Error('no home');
			const daily = (jobs: readonly Job[]) =>
				jobs.filter((job) => job.layer === 'basics').map((job) => job.id);
			return { in: daily(home.home.jobs), left: daily(home.leftOut) };
		};
		expect(names('all').left).not.toEqual([]);
		expect(names('basics').left).toEqual([]);
		expect(names('basics').in.sort()).toEqual([...names('all').in, ...names('all').left].sort());
	});

	it.each(['rolling-zones', 'family-lists', 'a-month-of-zones', 'a-kind-of-job-a-day'])(
		'hold on the days of %s what the first steps said that they hold',
		(id) => {
			const { household, ...home } = made(id);
			const { freeDays, catchUpDays } = household.rhythm;
			const prepared = prepareHome([{ from: FROM, home: { ...home, household } }]);
			const days = outlook(prepared, FROM, 7 * 26)
				.filter((day) => ![...freeDays, ...catchUpDays].includes(weekdayOf(day.date)))
				.map((day) => workOfHome(day, prepared).total);
			const mean = days.reduce((sum, one) => sum + one, 0) / days.length;
			expect(mean).toBeLessThanOrEqual((household.minutesADay ?? 0) * 1.02);
		}
	);

	it('suggest as many minutes a day as a home needs, as far as its people can give them', () => {
		const minutesOf = (rest: Record<string, unknown>) => made('rolling-zones', rest).household.minutesADay;
		const family = homeFromDraft(draft(), library, pattern('rolling-zones'), FROM);
		if (!family.ok) throw new Error('no home');
		expect(family.leftOut).toEqual([]);
		expect(family.home.household.minutesADay).toBe(family.neededADay);
		expect(family.neededADay).toBeGreaterThan(90);
		// Alone, nobody gives more than an hour and a half; in one room nobody needs it.
		expect(minutesOf({ people: [{ id: 'ada', name: 'Ada', role: 'organiser' }] })).toBe(90);
		expect(
			minutesOf({ rooms: [{ id: 'bed', name: 'Room', kind: 'bedroom', storey: 0 }], people: [] })
		).toBeLessThan(60);
		expect(minutesOf({ minutesADay: 40 })).toBe(40);
	});

	it('keep what another job does anyway off its day, where the week has another', () => {
		const home = made('rolling-zones', { minutesADay: 150 });
		const dayOf = (library: string) =>
			home.jobs.flatMap((job) =>
				job.library === library && job.room === 'bath' && job.cadence.type === 'weekly'
					? job.cadence.weekdays
					: []
			);
		const [bathroom] = dayOf('bathroom-clean');
		for (const library of ['toilet-upkeep', 'bathroom-mirror', 'bath-towels']) {
			const [day] = dayOf(library);
			expect(Math.abs((day ?? 0) - (bathroom ?? 0)), library).toBeGreaterThan(1);
		}
	});

	it('give a child’s own work to the child, and to nobody too young', () => {
		const home = made('rolling-zones');
		expect(home.jobs.find((job) => job.library === 'child-bed')?.who).toEqual({
			mode: 'fixed',
			members: ['cy']
		});
	});
});

describe('first dates', () => {
	it('are spread over the interval of each floating job, heavy ones apart, none on a free day', () => {
		const home = made('rolling-zones', { minutesADay: 120 });
		const floats = home.jobs.filter((job) => job.cadence.type === 'afterDone');
		expect(floats.length).toBeGreaterThan(8);
		const days = floats.map((job) => toDay(job.startsOn ?? '') - FROM);
		for (const [i, job] of floats.entries())
			expect(days[i], job.id).toBeLessThan(job.cadence.type === 'afterDone' ? job.cadence.max : 0);
		expect(new Set(days).size).toBeGreaterThan(floats.length * 0.6);
		for (const job of floats) expect(weekdayOf(toDay(job.startsOn ?? '')), job.id).not.toBe(7);
		const heavy = floats
			.filter((job) => job.depths.usual.minutes >= 25)
			.map((job) => toDay(job.startsOn ?? ''))
			.sort((a, b) => a - b);
		for (let i = 1; i < heavy.length; i++) expect((heavy[i] ?? 0) - (heavy[i - 1] ?? 0)).toBeGreaterThan(1);
	});
});

describe('zones that are suggested', () => {
	it('are runs of the walk whose largest load no other parting makes smaller', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 8 }),
				fc.integer({ min: 1, max: 5 }),
				(loads, count) => {
					const rooms = loads.map((minutes, i) => ({
						room: { id: `r${i}`, name: `R${i}`, storey: 0 },
						minutes
					}));
					const parts = partRooms(rooms, count);
					expect(parts.flat()).toEqual(rooms);
					const most = (list: typeof parts) =>
						Math.max(...list.map((part) => part.reduce((sum, one) => sum + one.minutes, 0)));
					let best = Infinity;
					const cuts = (from: number, left: number, done: typeof parts): void => {
						if (left === 1) return void (best = Math.min(best, most([...done, rooms.slice(from)])));
						for (let to = from + 1; to <= rooms.length - left + 1; to++)
							cuts(to, left - 1, [...done, rooms.slice(from, to)]);
					};
					cuts(0, Math.min(count, rooms.length), []);
					expect(most(parts)).toBe(best);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('have names, cloths and ids of their own', () => {
		const zones = suggestZones(
			['A', 'B', 'C', 'D'].map((name) => ({
				room: { id: name.toLowerCase(), name, storey: 0 },
				minutes: 10
			})),
			2
		);
		expect(zones.map(({ zone }) => [zone.name, zone.weave])).toEqual([
			['A & B', 'stripe'],
			['C & D', 'check']
		]);
	});
});

describe('a round', () => {
	it('shares its minutes out in halves, and they add up', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 12 }),
				fc.integer({ min: 4, max: 60 }),
				(sizes, minutes) => {
					const home = made('upkeep');
					const [job] = home.jobs;
					if (!job) return;
					const jobs = sizes.map((size, i) => ({
						...job,
						id: `j${i}`,
						depths: {
							usual: { minutes: size, steps: [{ text: 'x', minutes: size, class: 3, products: [] }] }
						}
					}));
					const round = roundSteps(jobs, home.rooms, minutes);
					expect(round.minutes).toBe(Math.max(minutes, jobs.length / 2));
					for (const step of round.steps) expect(step.minutes * 2).toBe(Math.round(step.minutes * 2));
				}
			),
			{ numRuns: 40 }
		);
	});
});

describe('a pattern that gathers jobs into rounds', () => {
	it.each(['light-and-thorough', 'saturday-morning', 'a-month-of-zones'])(
		'%s: keeps all that they are done with, warned of and need at hand',
		(id) => {
			const all = { everything: true, beyondPattern: true };
			const home = made(id, all);
			const standing = new Set(home.jobs.map((job) => job.id));
			const gathered = chooseJobs(draft(all), library).filter((job) => !standing.has(job.id));
			const roundOf = (job: Job) =>
				home.jobs.filter((one) => one.id === `round-${job.room}` || one.id === `round-${job.subject}`);
			let told = 0;
			for (const job of gathered)
				for (const round of roundOf(job)) {
					const step = round.depths.usual.steps.find((one) => one.text.endsWith(job.name));
					if (!step) continue;
					told += 1;
					const uses = job.depths.usual.steps.flatMap((one) => one.products);
					expect(step.products, job.id).toEqual(expect.arrayContaining(uses));
					expect(round.needs, job.id).toEqual(expect.arrayContaining(job.needs));
					expect(round.cautions.map((one) => one.headline)).toEqual(
						expect.arrayContaining(job.cautions.map((one) => one.headline))
					);
				}
			expect(told).toBeGreaterThan(3);
		}
	);
});

describe('the first steps', () => {
	const touch = (now: Draft, op: Record<string, unknown>) =>
		applyTouch(now, touchSchema.parse(op), pattern(now.pattern), library);

	it('hang, name, furnish and take down rooms; people, animals and zones follow', () => {
		let now = EMPTY_DRAFT;
		now = touch(now, { op: 'hang', kind: 'kitchen', storey: '0' });
		now = touch(now, { op: 'hang', kind: 'bedroom', storey: '1' });
		now = touch(now, { op: 'hang', kind: 'bedroom', storey: '1' });
		expect(now.rooms.map((room) => [room.id, room.name])).toEqual([
			['kitchen', 'Kitchen'],
			['bedroom', 'Bedroom'],
			['bedroom-2', 'Bedroom 2']
		]);
		now = touch(now, { op: 'nameRoom', room: 'bedroom-2', name: 'Signal Loft' });
		now = touch(now, { op: 'surface', room: 'kitchen', surface: 'stone' });
		now = touch(now, { op: 'sheds', room: 'kitchen', pet: 'cat' });
		expect(now.pets.map((pet) => pet.kind)).toEqual(['cat']);
		now = touch(now, { op: 'pet', kind: 'cat' });
		expect(now.rooms[0]?.sheds).toEqual([]);
		now = touch(now, { op: 'person', name: 'Ada', role: 'organiser' });
		now = touch(now, { op: 'owner', room: 'bedroom', person: 'ada' });
		now = touch(now, { op: 'owner', room: 'bedroom', person: 'nobody' });
		expect(now.rooms[1]?.owners).toEqual(['ada']);
		now = touch(now, { op: 'unperson', person: 'ada' });
		expect(now.rooms[1]?.owners).toEqual([]);
		now = touch(now, { op: 'unhang', room: 'bedroom' });
		expect(now.rooms.length).toBe(2);
		now = touch(now, { op: 'zonesAnew', count: '2' });
		now = touch(now, { op: 'zone', room: 'kitchen', zone: now.zones?.[0]?.id ?? '' });
		expect(now.zones?.[0]?.rooms).toContain('kitchen');
	});

	it('make a home of one room and nobody named', () => {
		const now = touch(EMPTY_DRAFT, { op: 'hang', kind: 'kitchen', storey: '0' });
		const home = homeFromDraft(now, library, pattern('rolling-zones'), FROM);
		expect(home.ok && home.home.members.map((member) => member.role)).toEqual(['organiser']);
	});

	it('refuse what makes no sense', () => {
		for (const op of [
			{ op: 'hang', kind: 'ballroom', storey: '0' },
			{ op: 'minutes', minutes: 'ten' },
			{ op: 'minutes', minutes: '-3' },
			{ op: 'nameRoom', room: 'a', name: '' },
			{ op: 'person', name: 'A', role: 'king' },
			{ op: 'hang', kind: 'kitchen', storey: '999' },
			{ op: 'person', name: 'A', role: 'child', bornOn: '2027-02-31' }
		]) {
			expect(touchSchema.safeParse(op).success, JSON.stringify(op)).toBe(false);
		}
	});

	it('run again, they change one thing and leave the rest', () => {
		const home = made('rolling-zones');
		const again = { ...draftFromHome(home, 'h'), pattern: 'rolling-zones' };
		const same = changeHome(home, again, library, pattern('rolling-zones'), addDays(FROM, 30), patterns());
		expect(same.ok && same.home.jobs).toEqual(home.jobs);
		expect(same.ok && same.home.zones).toEqual(home.zones);
		const more = applyTouch(
			again,
			touchSchema.parse({ op: 'hang', kind: 'study', storey: '0' }),
			pattern('rolling-zones'),
			library
		);
		const added = changeHome(home, more, library, pattern('rolling-zones'), addDays(FROM, 30), patterns());
		if (!added.ok) throw new Error(JSON.stringify(added.refusal));
		expect(added.home.jobs.filter((job) => job.room === 'study').length).toBeGreaterThan(3);
		expect(added.home.jobs.filter((job) => job.room !== 'study')).toEqual(home.jobs);
		// Its deep work comes round: it has joined a zone of its storey, and none of it is in no list.
		const zone = added.home.zones.find(
			(one) => one.id === added.home.rooms.find((r) => r.id === 'study')?.zone
		);
		const items = added.home.jobs.filter((job) => job.room === 'study' && job.cadence.type === 'zone');
		expect(items.length).toBeGreaterThan(0);
		expect(items.map((job) => zone?.list.includes(job.id))).toEqual(items.map(() => true));
		expect(
			added.home.rooms.some((room) => room.zone === zone?.id && room.id !== 'study' && room.storey === 0)
		).toBe(true);
		const less = applyTouch(
			again,
			touchSchema.parse({ op: 'unhang', room: 'hall' }),
			pattern('rolling-zones'),
			library
		);
		const gone = changeHome(home, less, library, pattern('rolling-zones'), addDays(FROM, 30), patterns());
		expect(gone.ok && gone.home.rooms.some((room) => room.id === 'hall')).toBe(false);
		const other = changeHome(
			home,
			{ ...again, pattern: 'upkeep' },
			library,
			pattern('upkeep'),
			addDays(FROM, 30),
			patterns()
		);
		expect(other.ok && other.home.household.rhythm.pattern).toBe('Upkeep');
	});
	it('run again on a home of many zones, rooms and people, they leave each where it is', () => {
		const home = made('rolling-zones', { minutesADay: undefined });
		const many = Array.from({ length: 12 }, (_, i) => ({
			id: `zone-${i}`,
			name: `Zone ${i}`,
			weave: 'dots' as const,
			list: [],
			orderBy: 'list' as const
		}));
		const rooms = Array.from({ length: MOST.rooms }, (_, i) => ({
			id: `room-${i}`,
			name: 'Room',
			kind: 'store' as const,
			storey: i % 3,
			walkOrder: i,
			seenByVisitors: false,
			zone: `zone-${i % 12}`,
			surfaces: [],
			owners: [],
			sheds: []
		}));
		const { minutesADay: _minutes, ...household } = home.household;
		const read = readHome({ ...home, household, zones: many, rooms, jobs: [] });
		if (!read.ok) throw new Error(JSON.stringify(read.problems));
		const again = draftFromHome(read.home, 'h');
		const same = changeHome(
			read.home,
			again,
			library,
			pattern('rolling-zones'),
			addDays(FROM, 30),
			patterns()
		);
		if (!same.ok) throw new Error(JSON.stringify(same.refusal));
		const zoneOf = (one: Home) => new Map(one.rooms.map((room) => [room.id, room.zone]));
		expect(zoneOf(same.home)).toEqual(zoneOf(read.home));
		// It goes by its habit, and nobody has said otherwise.
		expect(same.home.household.minutesADay).toBeUndefined();
		expect(fullBy(again, touchSchema.parse({ op: 'hang', kind: 'study', storey: '0' }))).toBe('rooms');
		expect(fullBy(again, touchSchema.parse({ op: 'person', name: 'Fay', role: 'adult' }))).toBeNull();
	});

	it('run again on a home with a way of its own, they keep to it', () => {
		const home = made('rolling-zones');
		const { rhythm } = home.household;
		const own: Home = {
			...home,
			household: { ...home.household, rhythm: { ...rhythm, pattern: 'As we did' } }
		};
		const way = patternOfHome(own, 'As it is.');
		expect(readPattern({ ...way }).ok).toBe(true);
		const again = { ...draftFromHome(own, 'h'), pattern: way.id };
		const same = changeHome(own, again, library, way, addDays(FROM, 30), [way, ...patterns()]);
		expect(same.ok && same.home).toEqual(own);
		// Among the ways it is the first; a way that is there no more is that by which the home lives now.
		const ways = waysOf(own, patterns(), 'As it is.');
		expect([ways[0]?.name, ways.length]).toEqual(['As we did', patterns().length + 1]);
		expect(waysOf(home, patterns(), '')).toEqual(patterns());
		expect(wayAmong(patterns(), way.id, home).name).toBe(home.household.rhythm.pattern);
		expect(wayAmong(patterns(), 'upkeep', home).id).toBe('upkeep');
	});

	it.each([...ROOM_KINDS])('run again, they show of a new room (%s) what it will have', (kind) => {
		const home = made('rolling-zones');
		const again = { ...draftFromHome(home, 'h'), pattern: 'rolling-zones' };
		const hang = touchSchema.parse({ op: 'hang', kind, storey: '0' });
		const shown = (of: Draft) => {
			const room = of.rooms.find((one) => !home.rooms.some(({ id }) => id === one.id))?.id ?? '';
			const changed = changeHome(home, of, library, pattern('rolling-zones'), addDays(FROM, 30), patterns());
			if (!changed.ok) throw new Error(JSON.stringify(changed.refusal));
			const names = (jobs: readonly { readonly name: string }[] = []) => jobs.map((job) => job.name).sort();
			const told = names(roomJobs(of, library, home).get(room));
			expect(told).toEqual(names(changed.home.jobs.filter((job) => job.room === room)));
			return told;
		};
		const hung = applyTouch(again, hang, pattern('rolling-zones'), library);
		const added = shown(hung);
		// In the place of all others it takes over what comes once in a home.
		const alone = shown({ ...hung, rooms: hung.rooms.slice(-1) });
		for (const name of added) expect(alone).toContain(name);
	});

	it('run again, a new room takes over what came once in a home with a room that is taken down', () => {
		const home = made('rolling-zones');
		const [wash] = home.jobs.filter((job) => job.library === 'wash-load');
		if (!wash) throw new Error('nobody washes');
		const again = { ...draftFromHome(home, 'h'), pattern: 'rolling-zones' };
		const hung = applyTouch(
			again,
			touchSchema.parse({ op: 'hang', kind: 'laundry', storey: '0' }),
			pattern('rolling-zones'),
			library
		);
		const washes = (of: Draft) => {
			const changed = changeHome(home, of, library, pattern('rolling-zones'), addDays(FROM, 30), patterns());
			return changed.ok ? changed.home.jobs.filter((job) => job.library === 'wash-load') : null;
		};
		expect(washes(hung)?.map((job) => job.room)).toEqual([wash.room]);
		const less = { ...hung, rooms: hung.rooms.filter((room) => room.id !== wash.room) };
		expect(washes(less)?.map((job) => job.room)).toEqual(['laundry']);
	});

	it.each(['rolling-zones', 'upkeep'])('run again as %s, they leave the cupboard as it is', (id) => {
		const home = made('rolling-zones');
		const [job] = home.jobs;
		if (!job) throw new Error('no job');
		const use = { families: ['acid' as const], product: 'vinegar', rinse: false, floor: false };
		const { library: _library, ...own } = {
			...job,
			id: 'own-descale',
			cadence: { type: 'daily' as const },
			missRule: 'letgo' as const,
			room: 'kitchen',
			covers: [],
			depths: { usual: { minutes: 5, steps: [{ text: 'Descale', minutes: 5, class: 3, products: [use] }] } }
		};
		const read = readHome({
			...home,
			jobs: [...home.jobs, own],
			cupboard: {
				products: [{ id: 'vinegar', name: 'Vinegar', families: ['acid'] }],
				tools: [{ id: 'broom', name: 'Broom', boundTo: 'hall' }],
				kits: [
					{ id: 'kit', name: 'Kit', letter: 'K', weave: 'dots', rooms: ['kitchen'], contents: ['vinegar'] }
				]
			}
		});
		if (!read.ok) throw new Error(JSON.stringify(read.problems));
		const again = { ...draftFromHome(read.home, 'h'), pattern: id };
		const changed = changeHome(read.home, again, library, pattern(id), addDays(FROM, 30), patterns());
		if (!changed.ok) throw new Error(JSON.stringify(changed.refusal));
		expect(changed.home.cupboard).toEqual(read.home.cupboard);
		expect(changed.home.jobs.some((one) => one.id === 'own-descale')).toBe(true);
		// A tool of a room that is gone is for any.
		const less = { ...again, rooms: again.rooms.filter((room) => room.id !== 'hall') };
		const gone = changeHome(read.home, less, library, pattern(id), addDays(FROM, 30), patterns());
		if (!gone.ok) throw new Error(JSON.stringify(gone.refusal));
		expect(gone.home.cupboard.tools[0]?.boundTo).toBeUndefined();
		expect(gone.home.cupboard.products).toEqual(read.home.cupboard.products);
	});
});

describe('the pattern that suits a home', () => {
	const people = (...roles: [string, string][]) =>
		roles.map(([role, presence], i) => ({ id: `p${i}`, name: `P ${i}`, role, presence }));
	const suits = (rest: Record<string, unknown>) => recommendPattern(draft({ minutesADay: 90, ...rest }));
	it('is one of those there are, with its reason, and each says for whom it is', () => {
		const known = patterns();
		for (const pattern of known) expect(pattern.forWhom.length, pattern.id).toBeGreaterThan(10);
		const cases = [
			suits({}),
			suits({ minutesADay: 10 }),
			suits({ people: people(['organiser', 'evenings'], ['adult', 'evenings']) }),
			suits({
				people: people(['organiser', 'always'], ['child', 'always'], ['child', 'school'], ['child', 'school'])
			}),
			suits({ people: people(['organiser', 'always']), rooms: draft().rooms.slice(0, 3) })
		];
		expect(cases.map((one) => one.reason.code)).toEqual([
			'most-homes',
			'few-minutes',
			'out-on-weekdays',
			'children',
			'small-home'
		]);
		for (const one of cases) expect(known.map((pattern) => pattern.id)).toContain(one.pattern);
		const small = suits({ people: [], rooms: draft().rooms.slice(0, 3) });
		expect(recommendText(small.reason)).toBe('3 rooms: no plan of weeks is needed.');
		expect(recommendText(cases[4]?.reason as never)).toBe(
			'3 rooms and one grown-up: no plan of weeks is needed.'
		);
	});
	it('is the one that stands chosen until another is, and is taken by going on', () => {
		const few = draft({ rooms: draft().rooms.slice(0, 3), people: [] });
		const rolling = patterns().find((one) => one.id === 'rolling-zones') as Pattern;
		const touch = (of: Draft, one: Touch) => applyTouch(of, one, rolling, library);
		const at = (step: Draft['step'], of = few) => touch(of, { op: 'step', step });
		expect(patternOf(at('zones'))).toBe('rolling-zones');
		expect(patternOf(at('rhythm'))).toBe('upkeep');
		// Going on takes it: people who come later do not change it any more.
		const taken = at('people', at('rhythm'));
		expect([taken.pattern, taken.patternTaken]).toEqual(['upkeep', true]);
		const later = { ...taken, people: draft().people };
		expect(recommendPattern(later).pattern).not.toBe('upkeep');
		expect(patternOf(later)).toBe('upkeep');
		// Another choice stands, and so do zones of one's own.
		const other = touch(at('rhythm'), { op: 'pattern', pattern: 'one-big-day' });
		expect(patternOf(at('people', other))).toBe('one-big-day');
		const parted = touch(at('zones'), { op: 'zonesAnew', count: 2 });
		expect(patternOf(at('rhythm', parted))).toBe('rolling-zones');
	});
});
