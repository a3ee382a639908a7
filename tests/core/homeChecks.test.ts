import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { clockTime } from '../../src/lib/core/household/fields';
import { readHome } from '../../src/lib/core/household/home';
import { describeProblems, readBy } from '../../src/lib/core/household/problems';
import { homeData, job, step } from './home';

function said(data: unknown): string {
	const read = readHome(data);
	return read.ok ? 'nothing' : describeProblems(read.problems);
}

const base = homeData() as {
	household: Record<string, unknown> & { rhythm: Record<string, unknown> };
	zones: Record<string, unknown>[];
	rooms: Record<string, unknown>[];
	members: Record<string, unknown>[];
	jobs: Record<string, unknown>[];
};
const withJob = (rest: Record<string, unknown>) => homeData({ jobs: [...base.jobs, job('odd', rest)] });
const withRoom = (rest: Record<string, unknown>) =>
	homeData({
		rooms: [...base.rooms, { id: 'shed', name: 'Shed', kind: 'store', storey: 0, walkOrder: 9, ...rest }]
	});
const withHousehold = (rest: Record<string, unknown>) =>
	homeData({ household: { ...base.household, ...rest } });
const withRhythm = (rest: Record<string, unknown>) =>
	withHousehold({ rhythm: { ...base.household.rhythm, ...rest } });

describe('what reaches over several parts of a home', () => {
	it.each([
		[
			'an owner who does not live here',
			withRoom({ owners: ['zed'] }),
			/"shed"\.owners\[0\]: There is no member "zed"/
		],
		[
			'a zone that is not there',
			withRoom({ zone: 'moat' }),
			/"shed"\.zone: There is no zone "moat".*or null for none/
		],
		[
			'nobody to organise it',
			homeData({ members: [{ id: 'ben', name: 'Ben', role: 'adult' }] }),
			/members: Nobody is the organiser. Give one person the role/
		],
		[
			'a weekday of a zone that is gone',
			withRhythm({ scheme: { type: 'weekdays', byWeekday: { '2': 'moat' } } }),
			/byWeekday\.2: There is no zone "moat"/
		],
		[
			'a weekday that is none',
			withRhythm({ scheme: { type: 'weekdays', byWeekday: { '9': 'front' } } }),
			/byWeekday/
		],
		['a job that covers itself', withJob({ covers: ['odd'] }), /covers\[0\]: A job does not cover itself/],
		[
			'two parts of a weekly job',
			withJob({ parts: ['morning', 'evening'] }),
			/parts: Only a daily job has several parts/
		],
		[
			'a part twice',
			withJob({ cadence: { type: 'daily' }, parts: ['morning', 'morning'] }),
			/each part of the day once/
		],
		[
			'a step in a room that is gone',
			withJob({ depths: { usual: { minutes: 1, steps: [step('a', 1, { room: 'moat' })] } } }),
			/usual\.steps\[0\]\.room: There is no room "moat"/
		],
		['a deep turn without a deep version', withJob({ deepEvery: 4 }), /deepEvery: There is no deep version/],
		[
			'a zone job that does not carry over',
			withJob({ cadence: { type: 'zone' }, missRule: 'letgo' }),
			/missRule: A zone job carries over/
		],
		[
			'a list with a job that is none of its zone',
			homeData({ zones: [{ ...base.zones[0], list: ['rail', 'door', 'rack', 'bench'] }, base.zones[1]] }),
			/zones\[0\] "front"\.list\[3\]: "bench" is no zone job of a room in this zone/
		],
		[
			'an item on a list twice',
			homeData({ zones: [{ ...base.zones[0], list: ['rail', 'door', 'rack', 'rail'] }, base.zones[1]] }),
			/list\[3\]: "rail" is on a list twice/
		],
		['a layer twice', withHousehold({ layers: ['basics', 'basics'] }), /Name each layer once/],
		[
			'parts of the day out of order',
			withHousehold({ parts: { morning: '12:00', midday: '05:00', evening: '17:00' } }),
			/come in order: morning, midday, evening/
		],
		['a weekday twice', withRhythm({ freeDays: [7, 7] }), /Name each weekday once/],
		['a time that is none', withHousehold({ dayStartsAt: '24:30' }), /Write the time as HH:MM/],
		[
			'a year that is a slip of the finger',
			withJob({ startsOn: '0027-01-04' }),
			/startsOn: The year 0027 is too far away/
		],
		[
			'a birthday to come in centuries',
			homeData({
				members: [...base.members, { id: 'dee', name: 'Dee', role: 'child', bornOn: '2918-05-01' }]
			}),
			/bornOn: The year 2918 is too far away/
		],
		['no room at all', homeData({ rooms: [] }), /A home has at least one room/],
		['nobody', homeData({ members: [] }), /name at least one person/],
		[
			'a wait that ends before it begins',
			withJob({
				depths: { usual: { minutes: 1, steps: [step('a', 1, { wait: { label: 'Soak', min: 9, max: 3 } })] } }
			}),
			/longest time is at least the least time/
		],
		[
			'a shorter time that is the longer',
			withJob({ cadence: { type: 'afterDone', min: 9, max: 3 } }),
			/min is at most max/
		],
		['a thirteenth month', withJob({ cadence: { type: 'months', months: [13] } }), /cadence/],
		['one variant', withJob({ variants: ['Left'] }), /takes at least two/],
		[
			'a third of a minute',
			withJob({ depths: { usual: { minutes: 0.3, steps: [step('a', 0.3)] } } }),
			/in halves/
		]
	])('%s is refused, with the place and the remedy', (_, data, pattern) => {
		expect(said(data)).toMatch(pattern);
	});

	it('several faults are all told at once', () => {
		const text = said(
			homeData({
				rooms: [...base.rooms, { id: 'shed', name: '', kind: 'cave', storey: 0, walkOrder: 9, owners: [] }],
				jobs: [...base.jobs, job('odd', { weight: 9 })]
			})
		);
		for (const place of [/"shed"\.name/, /"shed"\.kind/, /"odd"\.weight/]) expect(text).toMatch(place);
	});
});

describe('reading by a schema', () => {
	const schema = z.strictObject({ n: z.number().max(3, 'At most three.') });
	it('gives the value, or every problem with its place', () => {
		expect(readBy(schema, { n: 2 })).toEqual({ ok: true, value: { n: 2 } });
		expect(readBy(schema, { n: 9, m: 1 })).toEqual({
			ok: false,
			problems: [
				{ at: 'n', says: 'At most three.', field: 'n' },
				{ at: 'the whole of it', says: 'Unknown field "m". Take it out, or check how it is spelt.' }
			]
		});
	});
	it('takes midnight at either end of a day, and no minute past it', () => {
		const taken = (text: string) => clockTime.safeParse(text).success;
		expect(['00:00', '23:59', '24:00'].every(taken)).toBe(true);
		expect(['24:01', '24:59', '25:00', '7:00', '07:60', ''].some(taken)).toBe(false);
	});
});
