/** What each kind of session draws from, the ways to fill it, working together, and the chance that it fits. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import type { Job, Member } from '../../src/lib/core/household/home';
import { mayDo } from '../../src/lib/core/people/whoCan';
import { readDay, type DaySeries } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { chanceOfFitting } from '../../src/lib/core/planner/chance';
import { attendedMinutes, type PlanJob } from '../../src/lib/core/planner/plan';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { chanceOf, coveredIn, KEEPS_ITS_WORD } from '../../src/lib/core/session/margin';
import { filling, sessionPlan, type FillRequest } from '../../src/lib/core/session/fill';
import { offers, type PailOffer } from '../../src/lib/core/session/offers';
import { gather, minutesOf } from '../../src/lib/core/session/gather';
import {
	breaksOf,
	KIND_RULES,
	SESSION_KINDS,
	TRAFFIC_ROOMS,
	type SessionKind
} from '../../src/lib/core/session/kinds';
import { orderPairs } from '../../src/lib/core/planner/orderPairs';
import { makePlan } from '../../src/lib/core/planner/makePlan';
import { readPlan } from '../../src/lib/core/session/sessionSchema';
import { isWash } from '../../src/lib/core/laundry/pile';
import { roleOf, settle } from '../../src/lib/core/session/together';
import { done } from './entries';
import { demoHome } from './home';
import { oneStep, problem } from './plans';

const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
const TODAY = toDay('2027-03-03');
const projection = projectHome(home, [done('stair-skirting', '2027-01-20', { by: 'bram' })]);
const day = readDay(home, projection, TODAY);
const member = (id: string) => home.home.members.find((one) => one.id === id) as Member;
const room = (id: string) => home.roomById.get(id);

function fill(
	kind: SessionKind,
	minutes: number,
	people: string[],
	more: Partial<FillRequest> = {},
	rooms: string[] | null = null,
	pile: { id: string; name: string }[] = []
) {
	const them = people.map(member);
	const pool = day.lines.filter((line) => them.some((one) => mayDo(line.line.job, one, TODAY)));
	const gathered = gather(kind, { home, projection, day, part: 'morning', pool, rooms, minutes, pile });
	const filled = filling({
		home,
		kind,
		bell: minutes,
		date: TODAY,
		people: them,
		gathered,
		hold: [],
		without: [],
		together: 'free',
		...more
	});
	return { gathered, filled, offers: offers(filled) };
}
const jobs = (offer: { plan: { entries: readonly { job: string }[] } } | undefined) => [
	...new Set(offer?.plan.entries.map((entry) => entry.job))
];

describe('every kind of session', () => {
	it.each(SESSION_KINDS.filter((kind) => kind !== 'clearing'))(
		'%s: its plans keep every rule and can be stored',
		(kind) => {
			const made = fill(kind, KIND_RULES[kind].minutes, ['ottilie', 'juno']);
			for (const offer of made.offers) {
				if (offer.name !== 'start')
					expect(checkPlan(offer.input, offer.plan.entries), offer.name).toEqual([]);
				if (offer.plan.entries.length === 0) continue;
				const plan = sessionPlan(
					{ ...made.filled, input: offer.input },
					offer.plan,
					KIND_RULES[kind].minutes
				);
				expect(readPlan(JSON.parse(JSON.stringify(plan)))).toEqual(plan);
				expect(plan.kind).toBe(kind);
			}
		}
	);
	it('the basics are those of the part of the day', () => {
		const { gathered } = fill('basics', 60, ['ottilie']);
		expect(gathered.lines.length).toBeGreaterThan(0);
		for (const line of gathered.lines) {
			expect(line.line.job.layer).toBe('basics');
			expect(line.line.job.parts.length === 1 ? line.line.job.parts[0] : (line.line.part ?? 'morning')).toBe(
				'morning'
			);
		}
	});
	it('the weekly round keeps to traffic rooms, seven jobs, ten minutes each', () => {
		const made = fill('round', 60, ['ottilie', 'bram', 'juno']);
		expect(jobs(made.offers[0]).length).toBeLessThanOrEqual(7);
		for (const line of made.gathered.lines) expect(TRAFFIC_ROOMS).toContain(line.line.room.kind);
		for (const job of made.filled.input.jobs)
			expect(job.steps.reduce((sum, one) => sum + one.minutes, 0)).toBeLessThanOrEqual(10.5);
	});
	it('deep things are of the deep layers, five at most', () => {
		const made = fill('detail', 60, ['ottilie']);
		for (const offer of made.offers) expect(jobs(offer).length).toBeLessThanOrEqual(5);
		for (const line of made.gathered.lines)
			expect(line.line.job.layer === 'long' || line.line.job.cadence.type === 'zone').toBe(true);
	});
	it('an evening reset has the five stations, from the kitchen’s own routine where it has them', () => {
		const made = fill('reset', 10, ['bram']);
		const text = made.filled.input.jobs
			.map((job) => made.filled.lineOf.get(job.id)?.line.job.name ?? made.filled.extraOf.get(job.id)?.name)
			.join(', ');
		expect(text).toMatch(/spot/i);
		expect(text).toMatch(/reset|dishes/i);
	});
	it('visitors see their rooms alone, one basket first', () => {
		const made = fill('visitors', 30, ['ottilie', 'bram', 'juno']);
		const shown = home.home.rooms.filter((one) => one.seenByVisitors).map((one) => one.id);
		for (const job of made.filled.input.jobs)
			expect(job.steps.every((one) => shown.includes(one.room) || made.filled.lineOf.has(job.id))).toBe(true);
		expect(jobs(made.offers[0]).some((id) => id.startsWith('~basket'))).toBe(true);
		const only = fill('visitors', 30, ['ottilie'], {}, ['waiting-room']);
		for (const line of only.gathered.lines) expect(line.line.room.id).toBe('waiting-room');
	});
	it('less time before they ring is never worth more', () => {
		const worth = (minutes: number) =>
			makePlan(fill('visitors', minutes, ['ottilie', 'juno']).filled.input, { rounds: 4, exactNodes: 0 })
				.worth;
		expect(worth(15)).toBeLessThanOrEqual(worth(30));
	});
	it('a big day goes from the top down, with rests, and the laundry underneath', () => {
		const pile = ['one', 'two', 'three', 'four', 'five'].map((id) => ({ id, name: `Load ${id}` }));
		const made = fill('bigday', 240, ['ottilie', 'bram'], {}, null, pile);
		const [offer] = made.offers;
		if (!offer) throw new Error('nothing');
		const steps = offer.plan.entries.flatMap((entry) => {
			const one = offer.input.jobs.find((job) => job.id === entry.job)?.steps[entry.step];
			return one && one.class > 0 ? [{ storey: room(one.room)?.storey ?? 0, start: entry.start }] : [];
		});
		for (const a of steps)
			for (const b of steps) if (a.storey > b.storey) expect(a.start).toBeLessThan(b.start);
		// What is washed is the pile's, as many as there is time for; without a pile nothing is made up.
		const loads = jobs(offer).filter((id) => id.startsWith('~load:'));
		const own = made.gathered.lines.filter((line) => isWash(line.line.job)).length;
		expect(own).toBeGreaterThan(0);
		expect(made.gathered.extra.length + own).toBeGreaterThanOrEqual(2);
		expect(
			fill('bigday', 440, ['ottilie', 'bram'], {}, null, pile).gathered.extra.map((one) => one.name)
		).toEqual(['Load one', 'Load two']);
		expect(pile.map((one) => `~load:${one.id}`)).toEqual(expect.arrayContaining(loads));
		const none = fill('bigday', 440, ['ottilie', 'bram']).gathered.extra;
		expect(none).toEqual([]);
		for (const span of breaksOf(240))
			for (const entry of offer.plan.entries)
				expect(entry.start < span.until && entry.end > span.from).toBe(false);
	});
	it('breaks grow with the day: none in an hour, a long one about the middle of half a day', () => {
		expect(breaksOf(60)).toEqual([]);
		expect(breaksOf(240)).toEqual([
			{ from: 75, until: 105 },
			{ from: 180, until: 195 }
		]);
		for (let i = 60; i < 600; i += 30)
			for (const span of breaksOf(i)) expect(span.until).toBeLessThanOrEqual(i);
	});
	it('minutes where none are named: the sitting, longer on a free day; what is left of the part', () => {
		expect(minutesOf('zone', { day, sitting: 15, leftOfPart: 80 })).toBe(15);
		const sunday = readDay(home, projection, addDays(TODAY, 4));
		expect(minutesOf('zone', { day: sunday, sitting: 15, leftOfPart: 80 })).toBe(
			sunday.isFree || sunday.isCatchUp ? 30 : 15
		);
		expect(minutesOf('basics', { day, sitting: 15, leftOfPart: 300 })).toBe(120);
		expect(minutesOf('bigday', { day, sitting: 15, leftOfPart: 1 })).toBe(240);
	});
});

describe('ways to fill a pail', () => {
	const made = fill('bite', 20, ['ottilie']);
	it('are two or three, each with something else in it', () => {
		expect(made.offers.length).toBeGreaterThanOrEqual(2);
		const contents = made.offers.map((offer) => jobs(offer).sort().join());
		expect(new Set(contents).size).toBe(contents.length);
	});
	it('one room stays in one room; what waited longest is in its own', () => {
		const oneRoom = made.offers.find((offer) => offer.name === 'room');
		const rooms = new Set(
			oneRoom?.plan.entries.map(
				(entry) => oneRoom.input.jobs.find((job) => job.id === entry.job)?.steps[entry.step]?.room
			)
		);
		if (oneRoom) expect([...rooms]).toEqual([oneRoom.about]);
		const longest = made.offers.find((offer) => offer.name === 'longest');
		if (longest) expect(jobs(longest)).toContain(longest.about);
		expect(longest?.about ?? 'stair-skirting').toBe('stair-skirting');
	});
	it('what is held is in, what is taken out is not, and the rest follows', () => {
		const inside = jobs(made.offers[0]);
		const first = inside[0] as string;
		expect(jobs(fill('bite', 20, ['ottilie'], { without: [first] }).offers[0])).not.toContain(first);
		const out = made.filled.input.jobs.find(
			(job) => !inside.includes(job.id) && job.steps.reduce((sum, one) => sum + one.minutes, 0) <= 15
		);
		if (!out) throw new Error('all of it fits');
		expect(jobs(fill('bite', 20, ['ottilie'], { hold: [out.id] }).offers[0])).toContain(out.id);
	});
});

describe('working together', () => {
	const people = ['ada', 'ben'].map((id) => ({ id, from: 0, until: 60, barred: [] as string[] }));
	const work = [
		oneStep('clear a', 4, 1, { class: 1 }),
		oneStep('mirror a', 4, 1, { class: 4 }),
		oneStep('toilet a', 6, 1, { class: 5 }),
		oneStep('clear b', 4, 1, { class: 1, room: 'b' }),
		oneStep('mirror b', 4, 1, { class: 4, room: 'b' }),
		oneStep('toilet b', 6, 1, { class: 5, room: 'b' })
	];
	const input = problem(60, work, { people });
	const by = (found: ReturnType<typeof settle>) =>
		Object.fromEntries(found.jobs.map((job) => [job.id, job.by]));
	it('All together, one room after another: all of a room to one', () => {
		const given = by(settle(input, 'room'));
		expect(new Set(['clear a', 'mirror a', 'toilet a'].map((id) => given[id])).size).toBe(1);
		expect(given['clear a']).not.toBe(given['clear b']);
	});
	it('One dusts everywhere, another wipes, another …: one prepares, one scrubs, one behind the other', () => {
		const given = by(settle(input, 'role'));
		expect(given['toilet a']).toBe(given['toilet b']);
		expect(given['clear a']).toBe(given['clear b']);
		expect(work.map(roleOf)).toEqual([0, 1, 2, 0, 1, 2]);
		const plan = makePlan(settle(input, 'role'));
		expect(plan.left).toEqual([]);
		expect(checkPlan(settle(input, 'role'), plan.entries)).toEqual([]);
	});
	it('with more people than roles nobody has nothing, and a role is shared by whole rooms', () => {
		const rooms = ['a', 'b', 'c'];
		const jobs = rooms.flatMap((room) => [
			oneStep(`clear ${room}`, 4, 1, { class: 1, room }),
			oneStep(`mirror ${room}`, 6, 1, { class: 4, room }),
			oneStep(`counter ${room}`, 6, 1, { class: 3, room }),
			oneStep(`toilet ${room}`, 6, 1, { class: 5, room })
		]);
		const five = ['ada', 'ben', 'cy', 'dot', 'eli'].map((id) => ({ id, from: 0, until: 60, barred: [] }));
		const settled = settle(problem(60, jobs, { people: five }), 'role');
		const given = by(settled);
		expect(new Set(Object.values(given)).size).toBe(5);
		// The wiping is most: it has three people, each with the whole of a room.
		const wipers = new Set(rooms.flatMap((room) => [given[`mirror ${room}`], given[`counter ${room}`]]));
		expect(wipers.size).toBe(3);
		for (const room of rooms) expect(given[`mirror ${room}`]).toBe(given[`counter ${room}`]);
		const plan = makePlan(settled);
		expect(plan.left).toEqual([]);
		for (const { id } of five)
			expect(
				plan.entries.some((entry) => entry.person === id),
				id
			).toBe(true);
	});
	it('with any people and work nobody has nothing who could have something', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 2, max: 6 }),
				fc.array(fc.record({ class: fc.integer({ min: 0, max: 8 }), room: fc.constantFrom('a', 'b', 'c') }), {
					minLength: 6,
					maxLength: 14
				}),
				(count, made) => {
					const crew = Array.from({ length: count }, (_, i) => ({
						id: `p${i}`,
						from: 0,
						until: 200,
						barred: []
					}));
					const jobs = made.map((one, i) => oneStep(`j${i}`, 3, 1, one));
					const given = by(settle(problem(200, jobs, { people: crew }), 'role'));
					expect(new Set(Object.values(given)).size).toBe(count);
				}
			),
			{ numRuns: 200 }
		);
	});
	it('keeps its word without sending anybody away: with 40 minutes each of three has something to do', () => {
		for (let i = 0; i < 8; i++) {
			const date = addDays(TODAY, i);
			const that = readDay(home, projection, date);
			const people = ['ottilie', 'bram', 'juno'].map(member);
			const pool = that.lines.filter((line) => people.some((one) => mayDo(line.line.job, one, date)));
			const asked = { home, projection, day: that, part: 'morning' as const, pool, rooms: null, minutes: 40 };
			const filled = filling({
				home,
				kind: 'bite',
				bell: 40,
				date,
				people,
				gathered: gather('bite', asked),
				hold: [],
				without: [],
				together: 'free'
			});
			const plan = offers(filled)[0]?.plan;
			if (!plan) throw new Error('nothing');
			expect(chanceOf(filled, plan)).toBeGreaterThanOrEqual(KEEPS_ITS_WORD);
			expect(new Set(plan.entries.map((entry) => entry.person)).size, String(i)).toBe(3);
		}
	});
	it('Everybody has their own list: minutes near the agreed parts', () => {
		const given = by(settle(input, 'share', [3, 1]));
		const minutes = (id: string) =>
			work.filter((job) => given[job.id] === id).reduce((sum, job) => sum + (job.steps[0]?.minutes ?? 0), 0);
		expect(Math.abs(minutes('ada') / 28 - 0.75)).toBeLessThan(0.12);
	});
	it('never gives anybody what they may not do', () => {
		const barred = {
			...input,
			people: [{ ...people[0], barred: ['toilet a', 'toilet b'] }, people[1]]
		} as typeof input;
		for (const way of ['room', 'role', 'share'] as const) {
			const given = by(settle(barred, way));
			expect(given['toilet a'], way).not.toBe('ada');
			expect(makePlan(settle(barred, way)).left, way).toEqual([]);
		}
	});
	it('alone or No fixed way, nothing is settled', () => {
		expect(settle(input, 'free')).toBe(input);
		expect(
			settle({ ...input, people: people.slice(0, 1) }, 'room').jobs.every((job) => job.by === undefined)
		).toBe(true);
	});
});

describe('named order', () => {
	const job = (id: string, order: Job['order'], steps: object[] = []) => ({
		id,
		job: {
			...(home.home.jobs[0] as Job),
			name: `job ${id}`,
			order,
			subject: undefined,
			depths: { usual: { minutes: 5, steps: steps as never } }
		},
		isKitchen: true
	});
	const wipe = { text: 'wipe', minutes: 2, class: 3, products: [] };
	it('is that of the rules', () => {
		const pairs = orderPairs([
			job('hood', ['above-hob'], [wipe]),
			job('hob', ['hob'], [wipe]),
			job('dishes', ['dishes']),
			job('sink', ['sink'], [{ ...wipe, class: 4 }]),
			job('bins', ['bins-out'], [{ ...wipe, class: 8 }]),
			job('vacuum', [], [{ ...wipe, class: 6, appliance: 'vacuum' }]),
			job('cloths', ['cloths'])
		]).map(([a, b]) => `${a}<${b}`);
		expect(pairs).toEqual(
			expect.arrayContaining([
				'hood<hob',
				'dishes<sink',
				'hood<sink',
				'hob<sink',
				'vacuum<bins',
				'vacuum<cloths',
				'bins<cloths'
			])
		);
		expect(pairs).not.toContain('sink<dishes');
		expect(pairs.some((pair) => pair.startsWith('cloths<'))).toBe(false);
	});
	it('asks nothing that the order of classes in the room forbids', () => {
		const early = job('bins', ['bins-out'], [{ ...wipe, class: 1 }]);
		const vacuum = job('vacuum', [], [{ ...wipe, class: 6, appliance: 'vacuum' }]);
		expect(orderPairs([early, vacuum])).toEqual([]);
	});
	it('has no two jobs waiting for each other', () => {
		const pairs = orderPairs([job('one', ['cloths']), job('two', ['cloths'])]);
		for (const [a, b] of pairs) expect(pairs.some(([c, d]) => c === b && d === a)).toBe(false);
	});
});

describe('a session keeps its word', () => {
	const all = (['bite', 'zone', 'detail', 'visitors', 'bigday'] as const).flatMap((kind) =>
		[10, 20, 45].map((minutes) => [kind, minutes * (kind === 'bigday' ? 6 : 1)] as const)
	);
	it.each(all)('%s of %d minutes: eight times in ten, or one job alone', (kind, minutes) => {
		const { filled, offers: ways } = fill(kind, minutes, ['ottilie']);
		for (const way of ways.filter((one) => one.name === 'worth' || one.name === 'room')) {
			const isSure = chanceOf({ ...filled, input: way.input }, way.plan) >= 0.8;
			expect(isSure || jobs(way).length <= 1, `${way.name} ${jobs(way).join()}`).toBe(true);
		}
	});
	it('leaves nobody idle who could take a job without making anybody late', () => {
		const { filled, offers: ways } = fill('bite', 20, ['ottilie', 'bram']);
		const plan = (ways[0] as PailOffer).plan;
		expect(chanceOf(filled, plan)).toBeGreaterThanOrEqual(0.8);
		expect(new Set(plan.entries.map((entry) => entry.person)).size).toBe(2);
	});
	it('to the brim it holds more, and says that it is less sure', () => {
		const kept = fill('bite', 45, ['ottilie']);
		const brim = fill('bite', 45, ['ottilie'], { brim: true });
		const [least, most] = [kept.offers[0] as PailOffer, brim.offers[0] as PailOffer];
		expect(most.plan.worth).toBeGreaterThan(least.plan.worth);
		expect(chanceOf(brim.filled, most.plan)).toBeLessThan(chanceOf(kept.filled, least.plan));
	});
	it('what must be in stays, however late it makes it', () => {
		const long = fill('bite', 45, ['ottilie']).filled.input.jobs.filter((job) => {
			const minutes = job.steps.reduce((sum, step) => sum + step.minutes, 0);
			return minutes > 8 && minutes <= 20;
		});
		const hold = long.slice(0, 1).map((job) => job.id);
		const { offers: ways } = fill('bite', 20, ['ottilie'], { hold });
		expect(jobs(ways[0])).toEqual(expect.arrayContaining(hold));
	});
	it('is as long as the work really takes', () => {
		const plain = fill('bite', 45, ['ottilie']);
		const id = jobs(plain.offers[0])[0] as string;
		const minutesIn = ({ filled }: typeof plain) =>
			attendedMinutes(filled.input.jobs.find((job) => job.id === id) as PlanJob);
		const slow = fill('bite', 45, ['ottilie'], { habits: new Map([[id, { factor: 2, spread: 0.2 }]]) });
		expect(minutesIn(slow)).toBe(2 * minutesIn(plain));
	});
	it('does nothing twice: what a planned job does along is not planned beside it', () => {
		const lines = day.lines.filter((line) => line.state === 'due' || line.state === 'late');
		const [first, second] = lines as [DaySeries, DaySeries];
		const covering = {
			...first,
			line: { ...first.line, job: { ...first.line.job, covers: [second.line.job.id] } }
		};
		const gathered = { lines: [covering, second], extra: [], seen: () => 1 };
		const { filled, offers: ways } = fill('bite', 120, ['ottilie'], { gathered });
		expect(jobs(ways[0])).toEqual([first.line.id]);
		expect(coveredIn(filled, (ways[0] as PailOffer).plan).get(second.line.id)).toBe(first.line.id);
	});
});

describe('the chance that it fits', () => {
	const plan = (bell: number) => {
		const input = problem(bell, [oneStep('one', 5), oneStep('two', 5)]);
		return {
			input,
			plan: makePlan({ ...input, bell: 20, people: [{ id: 'p', from: 0, until: 20, barred: [] }] })
		};
	};
	const chance = (bell: number, habit?: { factor: number; spread: number }) => {
		const made = plan(bell);
		return chanceOfFitting({ ...made.input, bell }, made.plan, habit ? () => habit : undefined);
	};
	it('is about even at the median, and grows with the bell', () => {
		expect(chance(10)).toBeGreaterThan(0.35);
		expect(chance(10)).toBeLessThan(0.65);
		expect(chance(20)).toBeGreaterThan(0.9);
		expect(chance(8)).toBeLessThan(chance(12));
	});
	it('goes by the record where there is one', () => {
		expect(chance(10, { factor: 0.7, spread: 0.1 })).toBeGreaterThan(0.95);
		expect(chance(10, { factor: 1.5, spread: 0.1 })).toBeLessThan(0.05);
		expect(chance(10.001, { factor: 1, spread: 0 })).toBe(1);
	});
	it('of nothing is sure, and is the same for the same', () => {
		expect(chanceOfFitting(problem(5, []), makePlan(problem(5, [])))).toBe(1);
		expect(chance(12)).toBe(chance(12));
	});
});
