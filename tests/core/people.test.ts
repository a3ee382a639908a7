/** Who can take a job, fair shares, giving out a week, the ribbon, rungs, permissions. Rules: "Fair shares". */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, toDay, type CivilDay } from '../../src/lib/core/calendar/civil';
import { readEntry, type LedgerEntry } from '../../src/lib/core/household/entry';
import { jobFromForm } from '../../src/lib/core/setup/jobForm';
import type { Home, Job, Member } from '../../src/lib/core/household/home';
import { agreedShares, hoursAtHome, isWellOver, partOfAge } from '../../src/lib/core/people/agreedShares';
import { minutesDoneBetween, minutesOfDays } from '../../src/lib/core/people/minutesDone';
import {
	changedOccurrences,
	explain,
	assignWeek,
	standsAgainst,
	standsBefore,
	type AssignQuestion
} from '../../src/lib/core/people/assignWeek';
import { NOTHING_GIVEN, ownLines, whoseTurn, withAway } from '../../src/lib/core/people/ownList';
import {
	ACTS,
	extentOf,
	mayTick,
	mayUndo,
	PERMISSIONS,
	type Role
} from '../../src/lib/core/people/permissions';
import { hearsAlarm, homeSpans, presenceOf, inChargeAt } from '../../src/lib/core/people/presence';
import { captainOn } from '../../src/lib/core/people/captain';
import { lookRounds, maySay, rungToPractise, stateOfRungs } from '../../src/lib/core/people/rungs';
import { assign, type ShareItem, type Sharer } from '../../src/lib/core/people/assign';
import { occurrenceId } from '../../src/lib/core/people/weekOccurrences';
import { skillsFor, whoCan } from '../../src/lib/core/people/whoCan';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { againstWords, barredWords } from '../../src/lib/words/people';
import { homeData, job, makeHome, prepared as preparedHome, step } from './home';

const withSettings = (rest: Record<string, unknown>, settings: Record<string, unknown>) => ({
	...rest,
	household: { ...(homeData().household as Record<string, unknown>), ...settings }
});
const homeOf = (rest: Record<string, unknown>, settings: Record<string, unknown> = {}) =>
	makeHome(withSettings(rest, settings));
const prepared = (rest: Record<string, unknown>, settings: Record<string, unknown>) =>
	preparedHome(withSettings(rest, settings));

const WEDNESDAY = toDay('2027-03-03');
const MONDAY = toDay('2027-03-01');
const NOBODY: ReadonlySet<string> = new Set();

let made = 0;
const entry = (fields: Record<string, unknown>): LedgerEntry => {
	const read = readEntry({
		id: `01900000-0000-7000-8000-${String(made++).padStart(12, '0')}`,
		date: '2027-03-01',
		by: 'ada',
		...fields
	});
	if (!read.ok) throw new Error(JSON.stringify(read.problems));
	return read.value;
};

const weekdays = [1, 2, 3, 4, 5, 6, 7];
const people = [
	{ id: 'ada', name: 'Ada', role: 'organiser' },
	{ id: 'ben', name: 'Ben', role: 'adult', home: [{ weekdays, from: '17:00', to: '24:00' }] },
	{ id: 'cy', name: 'Cy', role: 'child', bornOn: '2018-05-01' },
	{ id: 'dee', name: 'Dee', role: 'child', bornOn: '2013-01-01' },
	{ id: 'wall', name: 'The wall', role: 'device' }
];

describe('who can take a job', () => {
	const ask = (theJob: Record<string, unknown>, member: string, more: Record<string, unknown> = {}) => {
		const home = homeOf({
			members: people.map((one) => (one.id === member ? { ...one, ...more } : one)),
			cupboard: { tools: [{ id: 'mop', name: 'Bucket' }] },
			jobs: [job('rail', { cadence: { type: 'zone' }, missRule: 'carry' }), job('one', theJob)],
			zones: [{ id: 'front', name: 'Front', weave: 'stripe', list: ['rail'] }],
			rooms: [
				{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 2, zone: 'front' },
				{ id: 'loft', name: 'Loft', kind: 'loft', storey: 2, walkOrder: 0, owners: ['dee'] }
			]
		});
		const found = home.jobs.find((one) => one.id === 'one') as Job;
		return whoCan(home, {
			job: found,
			day: WEDNESDAY,
			part: found.parts[0] ?? null,
			awayIds: NOBODY,
			rungOf: () => null
		})
			.find((one) => one.member.id === member)
			?.why.map((why) => why.code);
	};
	const bleach = {
		depths: {
			usual: {
				minutes: 5,
				steps: [{ text: 'Do it', minutes: 5, class: 5, products: [{ families: ['bleach'] }] }]
			}
		}
	};
	it.each([
		['nothing against it', {}, 'cy', {}, []],
		['it names others', { who: { mode: 'fixed', members: ['ada'] } }, 'cy', {}, ['not-named']],
		['somebody’s own room', { room: 'loft' }, 'cy', {}, ['own-room']],
		['their own room', { room: 'loft' }, 'dee', {}, []],
		[
			'named for the room of another',
			{ room: 'loft', who: { mode: 'fixed', members: ['cy'] } },
			'cy',
			{},
			[]
		],
		['too young', { fromAge: 12 }, 'cy', {}, ['age']],
		['old enough', { fromAge: 12 }, 'dee', {}, []],
		['a child whose birthday nobody knows', { fromAge: 12 }, 'dee', { bornOn: undefined }, ['age']],
		['such a child, with a product', bleach, 'dee', { bornOn: undefined }, ['age']],
		['such a child, with a job for all', {}, 'dee', { bornOn: undefined }, []],
		['a grown-up whose birthday nobody knows', bleach, 'ben', {}, []],
		['a product for 16 and over', bleach, 'dee', {}, ['age']],
		[
			'a product kept away from',
			bleach,
			'ada',
			{ excludes: { families: ['bleach'], jobs: [] } },
			['product']
		],
		['left out of it', {}, 'ben', { excludes: { families: [], jobs: ['one'] } }, ['left-out']],
		['not learnt', { skill: 'ladder' }, 'ada', {}, ['skill']],
		['learnt, in other letters', { skill: 'ladder' }, 'ada', { skills: ['Ladder'] }, []],
		['no such thing at hand', { needs: ['Long brush'] }, 'ada', { kit: ['Bucket'] }, ['kit']],
		['not a tool of the cupboard', { things: ['mop'] }, 'ada', { kit: ['Bucket'] }, ['kit']],
		['that tool', { things: ['mop'] }, 'ada', { kit: ['Bucket', 'mop'] }, []],
		['the house’s own things', { needs: ['Long brush'] }, 'ada', {}, []],
		['not at home in that part', { parts: ['morning'] }, 'ben', {}, ['not-then']],
		['at home in that part', { parts: ['evening'] }, 'ben', {}, []],
		['away', {}, 'cy', { away: [{ from: '2027-03-01', to: '2027-03-05' }] }, ['away']],
		['back from being away', {}, 'cy', { away: [{ from: '2027-02-01', to: '2027-03-02' }] }, []]
	] as const)('%s', (_, theJob, member, more, codes) => {
		expect(ask(theJob, member, more)).toEqual(codes);
	});
	it('lists what jobs ask to have been learned and what somebody has, once each, whatever their letters', () => {
		const [plain] = makeHome().jobs as [Job];
		const jobs = ['ladder', 'Ladder', 'iron', undefined].map((skill) => ({ ...plain, skill }));
		expect(skillsFor({ jobs }, { skills: ['LADDER', 'sewing'] })).toEqual([
			{ skill: 'iron', has: false },
			{ skill: 'Ladder', has: true },
			{ skill: 'sewing', has: true }
		]);
		expect(skillsFor({ jobs: [plain] }, { skills: [] })).toEqual([]);
	});
	it('never names a device', () => {
		expect(ask({}, 'wall')).toBeUndefined();
	});
	it('says a day away of somebody under a pause, and a rung that is not theirs yet', () => {
		const home = homeOf({ members: people });
		const why = (member: string) =>
			whoCan(home, {
				job: home.jobs[0] as Job,
				day: WEDNESDAY,
				part: null,
				awayIds: new Set(['dee']),
				rungOf: (one) => (one.id === 'cy' ? 1 : null)
			}).find((one) => one.member.id === member)?.why;
		expect(why('dee')).toEqual([{ code: 'away' }]);
		expect(why('cy')).toEqual([{ code: 'rung', rung: 1 }]);
	});
});

describe('sharing out', () => {
	const input = fc
		.tuple(
			fc.array(fc.record({ share: fc.integer({ min: 0, max: 9 }), soFar: fc.integer({ min: 0, max: 60 }) }), {
				minLength: 1,
				maxLength: 4
			}),
			fc.array(
				fc.record({ minutes: fc.integer({ min: 1, max: 30 }), can: fc.integer({ min: 0, max: 15 }) }),
				{
					maxLength: 6
				}
			)
		)
		.map(([sharers, jobs]) => {
			const sum = sharers.reduce((total, one) => total + one.share, 0);
			const who: Sharer[] = sharers.map((one, i) => ({
				id: `p${i}`,
				share: sum > 0 ? one.share / sum : 1 / sharers.length,
				minutesSoFar: one.soFar
			}));
			const items: ShareItem[] = jobs.map((one, i) => ({
				id: `j${i}`,
				minutes: one.minutes,
				can: who.filter((_, k) => (one.can >> k) & 1).map((p) => p.id)
			}));
			return { who, items };
		});
	const spreadOf = (
		who: readonly Sharer[],
		items: readonly ShareItem[],
		given: ReadonlyMap<string, string>
	) => {
		const minutes = new Map(who.map((one) => [one.id, one.minutesSoFar]));
		for (const item of items) {
			const to = given.get(item.id);
			if (to !== undefined) minutes.set(to, (minutes.get(to) ?? 0) + item.minutes);
		}
		const total = [...minutes.values()].reduce((sum, one) => sum + one, 0);
		return total === 0
			? 0
			: Math.max(...who.map((one) => Math.abs((minutes.get(one.id) ?? 0) / total - one.share)));
	};
	it('gives each job to one who can, and no other way is nearer to the shares', () => {
		fc.assert(
			fc.property(input, ({ who, items }) => {
				const result = assign(who, items);
				const open = items.filter((item) => item.can.length > 0);
				expect([...result.given.keys()].sort()).toEqual(open.map((item) => item.id).sort());
				for (const item of open) expect(item.can).toContain(result.given.get(item.id));
				expect(spreadOf(who, open, result.given)).toBeCloseTo(result.spread, 9);
				const best = (at: number, given: Map<string, string>): number => {
					const item = open[at];
					if (!item) return spreadOf(who, open, given);
					return Math.min(...item.can.map((to) => best(at + 1, new Map(given).set(item.id, to))));
				};
				expect(result.exact).toBe(true);
				expect(result.spread).toBeLessThanOrEqual(best(0, new Map()) + 1e-9);
			}),
			{ numRuns: 300 }
		);
	});
	it('keeps habits, lets turns change, and spreads what is disliked, where the shares allow both', () => {
		const two: Sharer[] = ['a', 'b'].map((id) => ({ id, share: 0.5, minutesSoFar: 0 }));
		const can = ['a', 'b'];
		const habit = assign(two, [
			{ id: 'x', minutes: 10, can, before: 'b', wish: 'keep' },
			{ id: 'y', minutes: 10, can, before: 'a', wish: 'keep' }
		]);
		expect([habit.given.get('x'), habit.given.get('y')]).toEqual(['b', 'a']);
		const turns = assign(two, [
			{ id: 'x', minutes: 10, can, before: 'b', wish: 'change' },
			{ id: 'y', minutes: 10, can, before: 'a', wish: 'change' }
		]);
		expect([turns.given.get('x'), turns.given.get('y')]).toEqual(['a', 'b']);
		const loathed = assign(
			two,
			['1', '2', '3', '4'].map((id) => ({
				id,
				minutes: 5,
				can,
				dislikedBy: id < '3' ? can : []
			}))
		);
		expect(loathed.given.get('1')).not.toBe(loathed.given.get('2'));
		expect(loathed.spread).toBe(0);
	});
	it('is the same for the same question, and nothing for nothing', () => {
		expect(assign([{ id: 'a', share: 1, minutesSoFar: 0 }], [])).toMatchObject({ spread: 0, exact: true });
		const who = ['a', 'b', 'c'].map((id) => ({ id, share: 1 / 3, minutesSoFar: 7 }));
		const items = Array.from({ length: 40 }, (_, i) => ({
			id: `j${i}`,
			minutes: 1 + ((i * 7) % 13),
			can: i % 3 === 0 ? ['a', 'b'] : ['a', 'b', 'c']
		}));
		expect(assign(who, items)).toEqual(assign(who, items));
		expect(assign(who, items).spread).toBeLessThan(0.005);
	});
});

describe('agreed shares', () => {
	const shares = (family: Record<string, unknown>, members: unknown[] = people) =>
		Object.fromEntries(agreedShares(homeOf({ members }, { family }), MONDAY));
	it('are equal, by age, by hours at home, or by hand; always one in all, and nothing for a device', () => {
		expect(shares({ shares: { by: 'equal' } })).toEqual({ ada: 0.25, ben: 0.25, cy: 0.25, dee: 0.25 });
		const age = shares({ shares: { by: 'age' } });
		expect(age.ada).toBe(age.ben);
		expect(age.cy).toBeLessThan(age.dee as number);
		const hours = shares({ shares: { by: 'hours' } });
		expect(hours.ben).toBeLessThan((hours.ada as number) / 2);
		expect(shares({ shares: { by: 'hand', byHand: { ada: 3, ben: 1 } } })).toEqual({
			ada: 0.75,
			ben: 0.25,
			cy: 0,
			dee: 0
		});
		for (const by of ['equal', 'age', 'hours'])
			expect(Object.values(shares({ shares: { by } })).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
	});
	it('grow with age up to sixteen, and hours count from six to ten at night', () => {
		expect([null, 1, 2, 9, 16, 40].map(partOfAge)).toEqual([1, 0, 0, 0.5, 1, 1]);
		const ben = homeOf({ members: people }).members[1] as Member;
		expect(hoursAtHome(ben, MONDAY)).toBe(35);
	});
});

describe('who is at home and carries the day', () => {
	const home = homeOf({
		members: [
			{ ...people[0], carries: [{ weekdays, from: '05:00', to: '17:00' }] },
			{
				...people[1],
				carries: [{ weekdays, from: '17:00', to: '23:00' }],
				away: [{ from: '2027-03-04', to: '2027-03-05' }]
			},
			people[2]
		]
	});
	it('is whoever is named for the hour, else an organiser at home, never a child', () => {
		const at = (day: CivilDay, hour: number, away = NOBODY) =>
			inChargeAt(home.members, day, hour * 60, away)?.id ?? null;
		expect(at(WEDNESDAY, 10)).toBe('ada');
		expect(at(WEDNESDAY, 18)).toBe('ben');
		expect(at(addDays(WEDNESDAY, 1), 18)).toBe('ada');
		expect(at(WEDNESDAY, 10, new Set(['ada']))).toBeNull();
		expect(homeSpans(home.members[1] as Member, toDay('2027-03-04'))).toEqual([]);
	});
});

describe('a day at home', () => {
	const at = (from: number, to: number) => ({ from: from * 60, to: to * 60 });
	it('is whole from breakfast to bed, also with a short way out; else its longest part', () => {
		expect(presenceOf([at(0, 24)])).toEqual({ all: true, from: 0, to: 1 });
		expect(presenceOf([at(0, 12), at(14, 24)])).toEqual({ all: true, from: 0, to: 1 });
		expect(presenceOf([at(0, 8), at(15, 24)])).toEqual({ all: false, from: 0.5, to: 1 });
		expect(presenceOf([at(9, 15)])).toEqual({ all: false, from: 1 / 6, to: 0.5 });
		expect(presenceOf([])).toBeNull();
	});
	it('says for whom a bell is: its owner, else whoever carries the day, else all; the wall hears every one', () => {
		expect(hearsAlarm('cy', 'ada', 'cy')).toBe(true);
		expect(hearsAlarm('cy', 'ada', 'ada')).toBe(false);
		expect(hearsAlarm(null, 'ada', 'ada')).toBe(true);
		expect(hearsAlarm(null, 'ada', 'ben')).toBe(false);
		expect(hearsAlarm(null, null, 'ben')).toBe(true);
		expect(hearsAlarm('cy', 'ada', null)).toBe(true);
	});
	it('is too heavy a share only well over: a twentieth, and twenty minutes', () => {
		expect(isWellOver(21, 400)).toBe(true);
		expect(isWellOver(20, 100)).toBe(false);
		expect(isWellOver(30, 601)).toBe(false);
	});
});

/** A home with jobs of every mode. */
const family = (more: Record<string, unknown> = {}, settings: Record<string, unknown> = {}) =>
	prepared(
		{
			members: people.slice(0, 4).map((one) => ({ ...one, home: undefined })),
			zones: [],
			rooms: [{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 2 }],
			jobs: [
				job('own', {
					cadence: { type: 'daily' },
					missRule: 'letgo',
					who: { mode: 'fixed', members: ['ben'] }
				}),
				job('round', {
					cadence: { type: 'daily' },
					missRule: 'letgo',
					layer: 'basics',
					who: { mode: 'turns', members: ['ada', 'ben', 'cy'] }
				}),
				job('shared', {
					cadence: { type: 'daily' },
					missRule: 'letgo',
					who: { mode: 'shared', members: ['ada', 'ben', 'dee'] }
				}),
				job('free', { cadence: { type: 'daily' }, missRule: 'letgo' })
			],
			...more
		},
		settings
	);

const question = (
	home: ReturnType<typeof family>,
	entries: LedgerEntry[],
	rest: Partial<AssignQuestion> = {}
) =>
	assignWeek({
		home,
		projection: projectHome(home, entries),
		entries,
		today: MONDAY,
		weekBegin: MONDAY,
		lastWeek: new Map(),
		already: new Map(),
		held: new Set(),
		...rest
	});

describe('giving out the week', () => {
	const takers = (week: ReturnType<typeof assignWeek>, line: string) =>
		week.occurrences
			.filter((turn) => turn.line.id === line)
			.map((turn) => week.given.get(turn.id)?.to ?? null);
	it('leaves what is fixed with its owner, turns go round, what is free stays free', () => {
		const week = question(family(), []);
		expect(takers(week, 'own')).toEqual(Array(7).fill('ben'));
		expect(takers(week, 'free')).toEqual(Array(7).fill(null));
		expect(takers(week, 'round')).toEqual(['ada', 'ben', 'cy', 'ada', 'ben', 'cy', 'ada']);
		expect(takers(week, 'shared')).not.toContain('cy');
		expect(week.balance.reduce((sum, one) => sum + one.share, 0)).toBeCloseTo(1, 9);
	});
	it('goes on after whoever had it last, and passes over who is away', () => {
		const done = entry({ outcome: 'done', job: 'round', by: 'ada', date: '2027-02-28' });
		const week = question(family(), [done], {
			absences: [{ member: 'ben', from: MONDAY, to: addDays(MONDAY, 2) }]
		});
		expect(takers(week, 'round')).toEqual(['cy', 'ada', 'cy', 'ada', 'ben', 'cy', 'ada']);
	});
	it('by the week one and the same has all of it; by the day all parts of the day', () => {
		const home = family({
			jobs: [
				job('round', {
					cadence: { type: 'daily' },
					missRule: 'letgo',
					parts: ['morning', 'evening'],
					who: { mode: 'turns', members: ['ada', 'ben'], every: 'day' }
				}),
				job('weekly', {
					cadence: { type: 'daily' },
					missRule: 'letgo',
					who: { mode: 'turns', members: ['ada', 'ben'], every: 'week' }
				})
			]
		});
		const week = question(home, []);
		expect(new Set(takers(week, 'weekly')).size).toBe(1);
		const morning = takers(week, 'round/morning');
		expect(takers(week, 'round/evening')).toEqual(morning);
		expect(morning.slice(0, 4)).toEqual(['ada', 'ben', 'ada', 'ben']);
	});
	it('balances over four weeks: who has carried more takes less', () => {
		const before = Array.from({ length: 6 }, (_, i) =>
			entry({ outcome: 'done', job: 'free', by: 'ada', minutes: 60, date: isoOf(addDays(MONDAY, -i - 1)) })
		);
		const week = question(family(), before);
		expect(takers(week, 'shared').filter((to) => to === 'ada').length).toBe(0);
		const why = explain(week, occurrenceId('shared', MONDAY));
		expect(why?.reasons.map((one) => one.code)).toContain('others-over');
		expect(why?.could).toContain('ada');
		expect(why?.reasons.length).toBeLessThanOrEqual(3);
	});
	it('hands the basics of somebody ill to others, and lets the rest of theirs lie', () => {
		const home = family();
		const first = question(home, []);
		const already = new Map([...first.given].flatMap(([id, one]) => (one.to ? [[id, one.to] as const] : [])));
		const ill = entry({
			outcome: 'pause',
			scope: 'member',
			target: 'ada',
			from: '2027-03-01',
			to: '2027-03-07',
			reason: 'ill'
		});
		const week = question(home, [ill], { already });
		expect(takers(week, 'round')).not.toContain('ada');
		for (const turn of first.occurrences.filter((one) => one.line.id === 'shared')) {
			const before = first.given.get(turn.id)?.to;
			if (before === 'ada') expect(week.given.get(turn.id)).toEqual({ how: 'lies', to: null });
		}
	});
	it('leaves turns by hand where they are, as long as that can be', () => {
		const id = occurrenceId('shared', addDays(MONDAY, 3));
		const held = new Set([id]);
		const already = new Map([[id, 'dee']]);
		expect(question(family(), [], { held, already }).given.get(id)).toEqual({ how: 'held', to: 'dee' });
		const away = [{ member: 'dee', from: MONDAY, to: addDays(MONDAY, 6) }];
		expect(question(family(), [], { held, already, absences: away }).given.get(id)?.to).not.toBe('dee');
	});
	it('says what stands against the shares: what is somebody’s alone or in turns among a few, and what others cannot take', () => {
		const daily = { cadence: { type: 'daily' }, missRule: 'letgo' };
		const take = (minutes: number) => ({ depths: { usual: { minutes, steps: [step('Do it', minutes)] } } });
		const home = prepared(
			{
				members: [
					{ id: 'ada', name: 'Ada', role: 'organiser' },
					{ id: 'ben', name: 'Ben', role: 'adult' }
				],
				zones: [],
				rooms: [{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 0 }],
				jobs: [
					job('own', { ...daily, ...take(10), who: { mode: 'fixed', members: ['ada'] } }),
					job('turns', { ...daily, ...take(4), who: { mode: 'turns', members: ['ada', 'ben'] } }),
					job('any', { ...daily, ...take(3), who: { mode: 'shared', members: [] } })
				]
			},
			{ rhythm: { pattern: 'None', scheme: { type: 'none' } } }
		);
		const week = question(home, []);
		expect(standsAgainst(week)).toEqual([{ member: 'ada', own: 70, turns: 16, byHand: 0 }]);
		expect(againstWords('Ada', 70, 28, 0)).toBe(
			'Ada has more than agreed: this week 70 min are theirs alone and 28 min go in turns among those who are named.'
		);
		expect(againstWords('Ada', 0, 0, 0)).toBeNull();
		// The one has more because the other cannot.
		expect(standsBefore(week)).toEqual([{ member: 'ben', reasons: [{ code: 'not-named', minutes: 70 }] }]);
		expect(barredWords('Ben', standsBefore(week)[0]?.reasons ?? [])).toBe(
			'Ben has less than agreed: this week 70 min are for others by name.'
		);
		expect(barredWords('Ben', [])).toBeNull();
	});
	it('says what would move if somebody were away, and gives nothing to who cannot', () => {
		const home = family();
		const now = question(home, []);
		const then = question(home, [], { absences: [{ member: 'ada', from: MONDAY, to: addDays(MONDAY, 6) }] });
		expect([...then.given.values()].some((one) => one.to === 'ada')).toBe(false);
		const moved = changedOccurrences(now, then);
		expect(moved.length).toBeGreaterThan(0);
		for (const turn of now.occurrences.filter((one) => now.given.get(one.id)?.to === 'ada'))
			expect(moved).toContain(turn.id);
	});
	it('for any family gives every turn to somebody who can, or says why not', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						mode: fc.constantFrom('fixed', 'shared', 'turns', 'free'),
						members: fc.uniqueArray(fc.constantFrom('ada', 'ben', 'cy', 'dee'), { minLength: 1 }),
						fromAge: fc.constantFrom(undefined, 8, 12),
						minutes: fc.integer({ min: 1, max: 20 })
					}),
					{ minLength: 1, maxLength: 5 }
				),
				fc.constantFrom('ada', 'ben', 'cy', 'dee'),
				(jobs, away) => {
					const home = family({
						jobs: jobs.map((one, i) =>
							job(`j${i}`, {
								cadence: { type: 'timesAWeek', times: 3 },
								missRule: 'letgo',
								...(one.fromAge ? { fromAge: one.fromAge } : {}),
								depths: {
									usual: { minutes: one.minutes, steps: [{ text: 'Do it', minutes: one.minutes, class: 3 }] }
								},
								who: { mode: one.mode, members: one.mode === 'fixed' ? one.members.slice(0, 1) : one.members }
							})
						)
					});
					const week = question(home, [], {
						absences: [{ member: away, from: MONDAY, to: addDays(MONDAY, 3) }]
					});
					for (const turn of week.occurrences) {
						const given = week.given.get(turn.id);
						const can = turn.candidates.filter((one) => one.why.length === 0).map((one) => one.member.id);
						if (given?.to) expect(can).toContain(given.to);
						else expect(given?.how === 'free' || can.length === 0).toBe(true);
					}
				}
			),
			{ numRuns: 60 }
		);
	});
});

describe('what each has carried', () => {
	it('counts minutes measured, else those of the job; halves by half; taken back not at all; hidden apart', () => {
		const home = family({
			jobs: [job('seen', { missRule: 'letgo' }), job('unseen', { missRule: 'letgo', hidden: true })]
		});
		const done = entry({ outcome: 'done', job: 'seen', by: 'ada', minutes: 12 });
		const entries = [
			done,
			entry({ outcome: 'done', job: 'seen', by: 'ada' }),
			entry({ outcome: 'part', job: 'seen', by: 'ada', share: 0.5 }),
			entry({ outcome: 'looked', job: 'seen', by: 'ada' }),
			entry({ outcome: 'done', job: 'unseen', by: 'ben' }),
			entry({ outcome: 'done', job: 'unseen', by: 'ben', date: '2027-02-20' })
		];
		const sums = minutesDoneBetween(home, entries, MONDAY, WEDNESDAY);
		expect(sums.get('ada')).toEqual({ minutes: 19.5, hidden: 0 });
		expect(sums.get('ben')).toEqual({ minutes: 5, hidden: 5 });
		const undone = [...entries, entry({ outcome: 'undo', of: done.id })];
		expect(minutesDoneBetween(home, undone, MONDAY, WEDNESDAY).get('ada')?.minutes).toBe(7.5);
	});

	it('is the sum of its days, and days without work are none', () => {
		const home = family({ jobs: [job('seen', { missRule: 'letgo' }), job('other', { missRule: 'letgo' })] });
		const arbitrary = fc.record({
			outcome: fc.constantFrom('done', 'looked'),
			job: fc.constantFrom('seen', 'other'),
			by: fc.constantFrom('ada', 'ben'),
			minutes: fc.option(fc.integer({ min: 1, max: 60 })),
			date: fc.integer({ min: 0, max: 9 }).map((i) => isoOf(addDays(MONDAY, i)))
		});
		fc.assert(
			fc.property(fc.array(arbitrary, { maxLength: 20 }), (list) => {
				const entries = list.map((one) => entry(one));
				const to = addDays(MONDAY, 6);
				const days = minutesOfDays(home, entries, MONDAY, to);
				const whole = minutesDoneBetween(home, entries, MONDAY, to);
				for (const member of ['ada', 'ben']) {
					const sum = [...days.values()].reduce((total, day) => total + (day.get(member) ?? 0), 0);
					expect(sum).toBeCloseTo(whole.get(member)?.minutes ?? 0, 9);
				}
				for (const [date, day] of days) {
					expect(date >= MONDAY && date <= to).toBe(true);
					expect([...day.values()].every((minutes) => minutes > 0)).toBe(true);
				}
			})
		);
	});
});

describe('the ribbon', () => {
	const home = (ribbon: Record<string, unknown>): Home =>
		homeOf(
			{ members: people },
			{ family: { ribbon: { members: ['cy', 'dee'], from: '2027-03-01', ...ribbon } } }
		);
	const never = () => false;
	const days = (
		of: Home,
		n: number,
		away = never as (m: string, d: CivilDay) => boolean,
		swaps = [] as never[]
	) => Array.from({ length: n }, (_, i) => captainOn(of, addDays(MONDAY, i), away, swaps));
	it('goes round by day or by week, from its first day on', () => {
		expect(days(home({}), 4)).toEqual(['cy', 'dee', 'cy', 'dee']);
		expect(new Set(days(home({ every: 'week' }), 7)).size).toBe(1);
		expect(captainOn(home({}), addDays(MONDAY, -1), never)).toBeNull();
		expect(captainOn(home({ members: [] }), MONDAY, never)).toBeNull();
	});
	it('makes up for a turn that was swapped, or that somebody away could not have, with the next of whoever had it', () => {
		const away = (member: string, day: CivilDay) => member === 'cy' && day < addDays(MONDAY, 2);
		expect(days(home({}), 6, away)).toEqual(['dee', 'dee', 'cy', 'cy', 'cy', 'dee']);
		const swaps = [{ day: MONDAY, to: 'dee' }] as never[];
		expect(days(home({}), 4, never, swaps)).toEqual(['dee', 'cy', 'cy', 'dee']);
		const three = home({ members: ['cy', 'dee', 'ada'] });
		const ill = (member: string, day: CivilDay) => member === 'cy' && day === MONDAY;
		expect(days(three, 7, ill)).toEqual(['dee', 'cy', 'ada', 'cy', 'dee', 'ada', 'cy']);
		// Away for long: the others stand in by turns, and each makes up for one.
		const long = (member: string, day: CivilDay) => member === 'cy' && day < addDays(MONDAY, 9);
		expect(days(three, 15, long)).toEqual(
			'dee dee ada ada dee ada dee dee ada cy cy cy cy dee ada'.split(' ')
		);
		expect(days(home({}), 2, () => true)).toEqual([null, null]);
	});
	it('gives each as many turns as the list does, whoever is ill for a day now and then', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.tuple(fc.constantFrom('cy', 'dee', 'ada'), fc.nat(20)), {
					selector: ([, day]) => Math.floor(day / 7),
					maxLength: 3
				}),
				(ill) => {
					const away = (member: string, day: CivilDay) =>
						ill.some(([who, at]) => who === member && addDays(MONDAY, at) === day);
					const worn = days(home({ members: ['cy', 'dee', 'ada'] }), 36, away);
					for (const [who, at] of ill) expect(worn[at]).not.toBe(who);
					for (const who of ['cy', 'dee', 'ada']) expect(worn.filter((one) => one === who)).toHaveLength(12);
				}
			)
		);
	});
});

describe('growing into a job', () => {
	const laundry = homeOf({
		members: people,
		jobs: [job('wash', { rungs: ['Pair', 'Fold', 'Run'], lookRound: ['Floor', 'Bin'] })],
		zones: [],
		rooms: [{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 2 }]
	}).jobs[0] as Job;
	const cy = { id: 'cy', role: 'child' } as Member;
	const rung = (n: number, how: string) =>
		entry({ outcome: 'rung', member: 'cy', chore: 'wash', rung: n, how });
	const look = (verdict: string, rest: Record<string, unknown> = {}) =>
		entry({ outcome: 'lookround', member: 'cy', chore: 'wash', verdict, ...rest });
	const stages = (entries: LedgerEntry[]) => stateOfRungs(laundry, 'cy', entries).map((one) => one.stage);
	it('opens the first rung, and each next one only when the one before is signed off', () => {
		expect(stages([])).toEqual(['with', null, null]);
		expect(stages([rung(0, 'with'), rung(0, 'alone')])).toEqual(['alone', null, null]);
		expect(stages([rung(0, 'signed')])).toEqual(['signed', 'with', null]);
		expect(stages([rung(0, 'signed'), rung(0, 'again')])).toEqual(['with', null, null]);
		expect(rungToPractise(laundry, cy, [], WEDNESDAY)).toEqual({ rung: 0, stage: 'with' });
		const all = [rung(0, 'signed'), rung(1, 'signed'), rung(2, 'alone')];
		expect(rungToPractise(laundry, cy, all, WEDNESDAY)).toBeNull();
		expect(rungToPractise(laundry, { ...cy, role: 'adult' }, [], WEDNESDAY)).toBeNull();
	});
	it('suggests, and never by itself: alone after two times, signing off after three passes in a row', () => {
		const twice = [rung(0, 'with'), rung(0, 'with')];
		expect(stateOfRungs(laundry, 'cy', twice)[0]).toMatchObject({ stage: 'with', ready: 'alone' });
		const entries = [...twice, rung(0, 'alone')];
		for (let i = 0; i < 3; i++) {
			expect(stateOfRungs(laundry, 'cy', entries)[0]?.ready).toBeNull();
			const asked = look('asked');
			entries.push(asked, look('confirmed', { asking: asked.id }));
		}
		expect(stateOfRungs(laundry, 'cy', entries)[0]).toMatchObject({
			stage: 'alone',
			passed: 3,
			ready: 'sign'
		});
	});
	it('counts a look after something was given back as no first pass', () => {
		const first = look('asked');
		const again = look('asked');
		const entries = [
			rung(0, 'alone'),
			first,
			look('back', { asking: first.id, point: 'Bin' }),
			again,
			look('confirmed', { asking: again.id })
		];
		expect(lookRounds(entries, 'cy', 'wash').map((one) => [one.first, one.answer?.verdict])).toEqual([
			[true, 'back'],
			[false, 'confirmed']
		]);
		expect(stateOfRungs(laundry, 'cy', entries)[0]).toMatchObject({ looked: 1, passed: 0 });
	});
	it('takes only the steps that a rung allows', () => {
		const at = (entries: LedgerEntry[]) => stateOfRungs(laundry, 'cy', entries);
		const can = (entries: LedgerEntry[], n: number) =>
			(['with', 'alone', 'signed', 'again'] as const).filter((how) => maySay(at(entries)[n], how));
		expect(can([], 0)).toEqual(['with', 'alone', 'signed']);
		expect(can([], 1)).toEqual([]);
		expect(can([rung(0, 'alone')], 0)).toEqual(['alone', 'signed', 'again']);
		expect(can([rung(0, 'signed')], 0)).toEqual(['again']);
	});
});

describe('whose a line is', () => {
	it('is whoever it was given to, else its owner, the next in turn, or those it names', () => {
		const home = family();
		const day = readDay(home, projectHome(home, []), MONDAY);
		const line = (id: string) => day.lines.filter((one) => one.line.id === id);
		const of = (id: string, given = new Map<string, string>()) =>
			whoseTurn(home.home, line(id)[0] as never, MONDAY, given);
		expect(of('own')).toEqual(['ben']);
		expect(of('round')).toEqual(['ada']);
		expect(of('shared')).toEqual(['ada', 'ben', 'dee']);
		expect(of('free')).toEqual([]);
		const given = new Map([[occurrenceId('shared', MONDAY), 'dee']]);
		expect(of('shared', given)).toEqual(['dee']);
		expect(ownLines(home.home, day.lines, 'ada', MONDAY, given).map((one) => one.line.id)).toEqual(['round']);
		expect(ownLines(home.home, day.lines, 'dee', MONDAY, given).map((one) => one.line.id)).toEqual([
			'shared'
		]);
	});
});

describe('work in somebody’s own room that names nobody', () => {
	const home = family({
		rooms: [{ id: 'den', name: 'Den', kind: 'child', storey: 0, walkOrder: 1, owners: ['cy', 'dee'] }],
		jobs: [
			job('dust', { room: 'den', cadence: { type: 'daily' }, missRule: 'letgo' }),
			job('drill', { room: 'den', cadence: { type: 'daily' }, missRule: 'letgo', aloneFrom: 18 }),
			job('polish', {
				room: 'den',
				cadence: { type: 'daily' },
				missRule: 'letgo',
				who: { mode: 'fixed', members: ['ben'] }
			})
		]
	});
	const day = readDay(home, projectHome(home, []), MONDAY);
	const of = (id: string, away: string[] = []) =>
		whoseTurn(
			home.home,
			day.lines.find((one) => one.line.id === id) as never,
			MONDAY,
			withAway(new Map(), new Set(away))
		);

	it('is its owners’, on their list and on nobody else’s', () => {
		expect(of('dust')).toEqual(['cy', 'dee']);
		expect(of('dust', ['dee'])).toEqual(['cy']);
		const ids = (member: string) =>
			ownLines(home.home, day.lines, member, MONDAY, NOTHING_GIVEN).map((one) => one.line.id);
		expect(ids('cy')).toEqual(['dust']);
		expect(ids('ada')).toEqual([]);
	});
	it('is anybody’s where none of them may do it, and whoever it names where it names somebody', () => {
		expect(of('drill')).toEqual([]);
		expect(of('polish')).toEqual(['ben']);
	});
});

describe('what a job asks of people, from its form', () => {
	const before = homeOf({}).jobs.find((one) => one.id === 'bench') as Job;
	const read = (form: Record<string, string[]>, of = before) => {
		const made = jobFromForm(of, form);
		if (!made.ok) throw new Error(JSON.stringify(made.problems));
		return made.job;
	};
	it('is read line by line, and taken off again where it is left empty', () => {
		const job = read({
			who: ['turns'],
			members: ['ada', 'ben'],
			every: ['week'],
			skill: [' ladder '],
			fromAge: ['12'],
			rungs: ['Pair\r\n\n Fold '],
			lookRound: ['The floor\nThe bin'],
			hidden: ['on']
		});
		expect(job).toMatchObject({
			who: { mode: 'turns', members: ['ada', 'ben'], every: 'week' },
			skill: 'ladder',
			fromAge: 12,
			rungs: ['Pair', 'Fold'],
			lookRound: ['The floor', 'The bin'],
			hidden: true
		});
		const bare = read(
			{ who: ['shared'], members: ['ada'], skill: [''], fromAge: [''], rungs: [''], lookRound: [''] },
			job
		);
		expect(bare).toMatchObject({ rungs: [], lookRound: [], hidden: false, who: { mode: 'shared' } });
		expect([bare.skill, bare.fromAge, bare.who.every]).toEqual([undefined, undefined, undefined]);
		// A form that does not ask leaves all of it as it was.
		expect(read({ name: ['Bench'] }, job)).toEqual({ ...job, name: 'Bench' });
		expect(jobFromForm(before, { fromAge: ['soon'] }).ok).toBe(false);
	});
});

describe('permissions', () => {
	const ROLES: Role[] = ['organiser', 'adult', 'child', 'helper', 'device'];
	it('are a table: the organiser all, others no more than the rules give them', () => {
		for (const act of ACTS) expect(extentOf('organiser', act)).toBe('all');
		for (const role of ROLES.slice(1)) {
			for (const act of ['edit-home', 'files', 'doors', 'tick-paper'] as const)
				expect(extentOf(role, act), `${role} ${act}`).toBeNull();
		}
		expect(Object.keys(PERMISSIONS.child).sort()).toEqual(
			['call-help', 'follow', 'look-round', 'see-list', 'swap', 'tick', 'time'].sort()
		);
		expect(Object.keys(PERMISSIONS.device).sort()).toEqual(['follow', 'see-day', 'tick']);
	});
	it('to tick: one’s own, for oneself, on one’s list; a device names whoever was tapped', () => {
		const { home } = family();
		const own = home.jobs.find((one) => one.id === 'own') as Job;
		const shared = home.jobs.find((one) => one.id === 'shared') as Job;
		const may = (role: Role, member: string | null, of: Job, by: string | null, onList = false) =>
			mayTick(home, { role, member }, of, by, onList);
		expect(may('organiser', 'ada', own, 'ben')).toBeNull();
		expect(may('adult', 'ben', own, 'ben')).toBeNull();
		expect(may('adult', 'ada', own, 'ada')).toBe('not-yours');
		expect(may('adult', 'ada', own, 'ada', true)).toBeNull();
		expect(may('adult', 'ada', own, 'ben')).toBeNull();
		// What is the organiser's own stays theirs, whomever an adult names.
		const reserved: Job = { ...own, who: { ...own.who, members: ['ada'] } };
		expect(home.members.find((one) => one.id === 'ada')?.role).toBe('organiser');
		for (const by of ['ada', 'ben', 'cy', null]) expect(may('adult', 'ben', reserved, by)).toBe('not-yours');
		expect(may('child', 'dee', shared, 'dee', true)).toBeNull();
		expect(may('child', 'dee', shared, 'dee')).toBe('not-yours');
		expect(may('child', 'dee', shared, 'cy', true)).toBe('not-for-others');
		expect(may('helper', 'dee', shared, null, true)).toBe('not-for-others');
		expect(may('device', null, shared, 'cy')).toBeNull();
		expect(may('device', null, shared, null)).toBe('nobody-named');
	});
	it('to take back: what one wrote, and no pause of the organiser’s', () => {
		const { home } = family();
		const viewer = (role: Role, member: string | null) => ({ role, member });
		const pause = (scope: string, target: string | null, by = 'ada') =>
			entry({
				outcome: 'pause',
				date: '2027-03-01',
				by,
				scope,
				target,
				from: '2027-03-01',
				to: '2027-03-02',
				reason: 'away',
				note: ''
			});
		const work = (job: string, by: string) => entry({ outcome: 'done', job, date: '2027-03-01', by });
		expect(mayUndo(home, viewer('organiser', 'ada'), pause('household', null))).toBe(true);
		for (const [role, member] of [
			['adult', 'ben'],
			['device', null],
			['child', 'cy']
		] as const)
			expect(mayUndo(home, viewer(role, member), pause('household', null)), role).toBe(false);
		expect(mayUndo(home, viewer('adult', 'ben'), pause('member', 'ben'))).toBe(true);
		expect(mayUndo(home, viewer('adult', 'ben'), work('shared', 'ada'))).toBe(true);
		expect(mayUndo(home, viewer('adult', 'ben'), work('own', 'cy'))).toBe(true);
		expect(mayUndo(home, viewer('child', 'cy'), work('shared', 'ada'))).toBe(false);
		expect(mayUndo(home, viewer('child', 'cy'), work('shared', 'cy'))).toBe(true);
		expect(mayUndo(home, viewer('device', null), work('shared', 'ada'))).toBe(true);
		expect(
			mayUndo(home, viewer('device', null), entry({ outcome: 'enough', date: '2027-03-01', by: 'ada' }))
		).toBe(false);
	});
});
