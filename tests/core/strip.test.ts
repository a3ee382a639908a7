/** A plan as lanes of cloths and strings, its words, and the addresses of pails. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Plan, PlanInput } from '../../src/lib/core/planner/plan';
import { firstPlan } from '../../src/lib/core/planner/makePlan';
import { hangStrings, lanesOf } from '../../src/lib/ui/session/strip';
import { asideOf, offerWhy, takeAlong, whyLeftText } from '../../src/lib/words/offer';
import { whyLeft } from '../../src/lib/core/planner/whyLeft';
import type { PlanJob } from '../../src/lib/core/planner/plan';
import { type PailJob } from '../../src/lib/views/session';
import type { JobRow } from '../../src/lib/views/today';
import { sizeHref } from '../../src/lib/ui/session/hrefs';
import type { CatalogueJob, FillView } from '../../src/lib/views/session';
import { hrefOf, minutesAsked, readQuery } from '../../src/lib/server/services/session/fillQuery';
import { planInput, problem } from './plans';

const catalogueOf = (input: PlanInput): Record<string, CatalogueJob> =>
	Object.fromEntries(
		input.jobs.map((job) => [
			job.id,
			{
				name: job.id.toUpperCase(),
				steps: job.steps.map((step, i) => ({
					text: `${job.id} ${i}`,
					roomName: step.room.toUpperCase(),
					weave: 'check',
					wait: step.waitMin === undefined ? null : 'Soak'
				}))
			}
		])
	);

describe('the strip', () => {
	const input = problem(15, [
		{
			id: 'soak',
			worth: 5,
			optional: false,
			steps: [
				{ room: 'a', class: 0, minutes: 1, waitMin: 6, waitMax: 20 },
				{ room: 'a', class: 5, minutes: 3 }
			]
		},
		{ id: 'wipe', worth: 3, optional: false, steps: [{ room: 'a', class: 3, minutes: 4 }] }
	]);
	it('hangs a string from the step that sets going to the one that fetches', () => {
		const plan = firstPlan(input);
		const [lane] = lanesOf(input, plan, catalogueOf(input));
		const [going, ...rest] = lane?.cloths ?? [];
		expect(going).toMatchObject({ job: 'soak', step: 0, bare: true, last: false, minutes: 1 });
		const fetched = rest.find((cloth) => cloth.job === 'soak');
		expect(going?.wait).toEqual({ label: 'Soak', from: going?.to, to: fetched?.from });
		expect(fetched).toMatchObject({ bare: false, last: true, wait: null });
		expect(lane?.minutes).toBe(8);
	});
	it('lets a string without a fetch end with its least time', () => {
		const only = problem(15, [
			{
				id: 'floor',
				worth: 1,
				optional: false,
				steps: [{ room: 'a', class: 7, minutes: 4, waitMin: 15 }]
			}
		]);
		const [lane] = lanesOf(only, firstPlan(only), catalogueOf(only));
		expect(lane?.cloths[0]?.wait).toMatchObject({ from: 4, to: 19 });
	});
	it('has every planned step once, in its lane, and no two strings of a row over each other', () => {
		fc.assert(
			fc.property(planInput(5), (random) => {
				const plan: Plan = firstPlan(random);
				const lanes = lanesOf(random, plan, catalogueOf(random));
				expect(lanes.map((lane) => lane.who)).toEqual(random.people.map((one) => one.id));
				const cloths = lanes.flatMap((lane) => lane.cloths.map((cloth) => ({ ...cloth, who: lane.who })));
				expect(cloths.map((one) => `${one.job} ${one.step} ${one.who}`).sort()).toEqual(
					plan.entries.map((one) => `${one.job} ${one.step} ${one.person}`).sort()
				);
				for (const lane of lanes) {
					const strings = lane.cloths.flatMap((cloth) => cloth.wait ?? []);
					const hung = hangStrings(strings, (minutes) => minutes * 17);
					const spans = strings.map(({ label, from, to }, i) => {
						const at = hung[i]?.label ?? 0;
						return {
							row: hung[i]?.row,
							left: Math.min(at, from * 17),
							right: Math.max(at + label.length * 7.8, to * 17 + 36)
						};
					});
					for (const [i, a] of spans.entries()) {
						expect(a.left).toBeGreaterThanOrEqual(0);
						for (const b of spans.slice(i + 1))
							if (a.row === b.row) expect(b.left >= a.right || a.left >= b.right).toBe(true);
					}
				}
			}),
			{ numRuns: 60 }
		);
	});
});

describe('the words of a string', () => {
	const at = (from: number, to: number, label = 'Washing machine') =>
		hangStrings([{ label, from, to }], (minutes) => minutes * 4)[0]?.label ?? NaN;
	const width = 15 * 7.8 + 12;
	it('stand between its begin and its plate where there is room', () => {
		expect(at(0, 60)).toBeGreaterThanOrEqual(0);
		expect(at(0, 60) + width).toBeLessThanOrEqual(60 * 4 - 36);
	});
	it('else before the plate, past its begin; at the prop behind the plate', () => {
		expect(at(100, 105) + width).toBeCloseTo(105 * 4 - 36);
		expect(at(0, 5)).toBe(5 * 4 + 36);
	});
});

describe('what is said of a plan', () => {
	const tag = (name: string, minutes: number) => ({ name, minutes }) as unknown as JobRow;
	const known = (name: string, more: Partial<PailJob> = {}): PailJob => ({
		name,
		late: false,
		needs: [],
		missing: [],
		aside: tag(name, 5),
		out: `/out/${name}`,
		hold: `/hold/${name}`,
		put: `/put/${name}`,
		depth: 'usual',
		depths: [],
		...more
	});
	const input = problem(20, [
		{
			id: 'soak',
			worth: 5,
			optional: true,
			steps: [
				{ room: 'a', class: 0, minutes: 1, waitMin: 6 },
				{ room: 'a', class: 5, minutes: 3 }
			]
		},
		{ id: 'wipe', worth: 3, optional: true, steps: [{ room: 'b', class: 3, minutes: 4 }] },
		{ id: 'long', worth: 9, optional: true, steps: [{ room: 'b', class: 3, minutes: 40 }] }
	]);
	const jobs: Record<string, PailJob> = {
		soak: known('Soak', { late: true, needs: ['brush', 'cloth'] }),
		wipe: known('Wipe', { needs: ['cloth'] }),
		long: known('Long', { aside: tag('Long', 40) }),
		tiny: known('Tiny', { aside: null })
	};
	const plan = firstPlan(input);
	const why = (name: string, about: string | null = null, of: Plan = plan) =>
		offerWhy(name, about, of, input, jobs, (id) => id.toUpperCase());
	it('why it is as it is: rooms, what is late, what soaks meanwhile', () => {
		expect(why('worth')).toBe('In two rooms. One is overdue. Something soaks meanwhile.');
		const one = { ...plan, entries: plan.entries.filter((entry) => entry.job === 'wipe') };
		expect(why('worth', null, one)).toBe('All in one room: B.');
		expect(why('room', 'b', one)).toBe('Only the B: one job, no stairs.');
		expect(why('longest', 'soak')).toBe('Soak first of all, then what still fits.');
		expect(why('start')).toMatch(/Begin it/);
		expect(why('worth', null, { ...plan, entries: [] })).toMatch(/^Nothing/);
	});
	it('what to take along, each thing once', () => {
		expect(takeAlong(plan, jobs)).toEqual(['brush', 'cloth']);
	});
	it('what hangs aside and why; nothing that is in, nor what need not be said', () => {
		const long = whyLeft(input, plan, 'long', { bell: 20, coveredBy: null });
		expect(asideOf(plan, jobs, { long })).toEqual([
			{
				job: 'long',
				tag: jobs.long?.aside,
				why: 'takes 40 min, longer than your time',
				href: '/put/Long'
			}
		]);
	});
	it('why a job is left out: the first reason that is true', () => {
		const uses = (family: string) => [{ surface: 'a/tile', families: [family], rinse: false }];
		const one = (id: string, more: Partial<PlanJob['steps'][number]> = {}, rest: Partial<PlanJob> = {}) => ({
			id,
			worth: 3,
			optional: true,
			steps: [{ room: 'a', class: 5, minutes: 4, ...more }],
			...rest
		});
		const asked = {
			...problem(20, [
				one('in', { uses: uses('bleach') }),
				one('acid', { uses: uses('acid') }),
				one('early', { class: 3 }),
				one('nobodys'),
				one('wash', { appliance: 'washer' }),
				one('slow', { minutes: 30 }),
				one('spare')
			]),
			pairs: [['in', 'early']] as const,
			taken: [{ appliance: 'washer', until: 18 }]
		};
		const input = { ...asked, people: asked.people.map((person) => ({ ...person, barred: ['nobodys'] })) };
		const shown = firstPlan({ ...input, jobs: input.jobs.filter((job) => job.id === 'in') });
		const why = (id: string, coveredBy: string | null = null) =>
			whyLeft(input, shown, id, { bell: 20, coveredBy });
		expect(why('acid')).toEqual({ code: 'danger', job: 'in' });
		expect(why('early')).toEqual({ code: 'order', job: 'in' });
		expect(why('nobodys')).toEqual({ code: 'nobody' });
		expect(why('wash')).toEqual({ code: 'appliance', appliance: 'washer' });
		expect(why('slow')).toEqual({ code: 'too-long', minutes: 30 });
		expect(why('spare')).toEqual({ code: 'worth' });
		expect(why('spare', 'in')).toEqual({ code: 'covered', job: 'in' });
		expect(whyLeftText(why('wash'), {})).toBe('the washing machine is in use until then');
	});
});

describe('the address of a pail', () => {
	it('is read with what means nothing left out', () => {
		const query = readQuery(
			Object.entries({
				kind: 'moon',
				minutes: '15',
				with: 'ben,,cy',
				in: 'a,b',
				choice: 'none',
				how: 'sideways'
			})
		);
		expect(query).toMatchObject({
			kind: 'bite',
			minutes: '15',
			with: ['ben', 'cy'],
			in: ['a', 'b'],
			out: [],
			choice: 'worth',
			how: null
		});
		expect(readQuery([['zone', '1']]).kind).toBe('zone');
		expect(readQuery([['kind', 'visitors']]).rooms).toBeNull();
	});
	it('says the same again, with one thing changed', () => {
		const asked = { kind: 'visitors', for: 'ada', with: 'ben', in: 'a', rooms: 'porch,hall' };
		const href = hrefOf(readQuery(Object.entries(asked)), 30, {});
		const again = Object.fromEntries(new URLSearchParams(href.split('?')[1]));
		expect(again).toEqual({ ...asked, minutes: '30' });
		expect(hrefOf(readQuery(Object.entries(asked)), 30, { in: '', out: 'a' })).not.toContain('&in=');
		expect(hrefOf(readQuery([]), 10, {})).toBe('/timer?minutes=10');
	});
	it('of another size keeps who, what kind, the rooms and the way, and lets go of what was put in', () => {
		const view = {
			kind: 'zone',
			member: 'ada',
			people: [{ id: 'ada' }, { id: 'ben' }],
			together: 'room',
			inRooms: ['loft'],
			rooms: [],
			brim: false
		} as unknown as FillView;
		expect(sizeHref(view, 20)).toBe('/timer?kind=zone&minutes=20&for=ada&with=ben&how=room&rooms=loft');
		expect(sizeHref({ ...view, kind: 'bite', people: [], inRooms: [] } as FillView, 2)).toBe(
			'/timer?minutes=2&for=ada'
		);
	});
	it.each([
		['0', 'at least 1'],
		['601', 'at most 600'],
		['many', 'a number'],
		['', 'at least 1']
	])('refuses %s minutes in words', (minutes, words) => {
		expect(minutesAsked.safeParse(minutes).error?.issues[0]?.message).toContain(words);
	});
});
