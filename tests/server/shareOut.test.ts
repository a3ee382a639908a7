/** A week that begins is shared out by itself: once, for homes of several people, around what was given by hand. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { now } from '../../src/lib/server/clock';
import { loadSheet } from '../../src/lib/server/pages/print/paper';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { givenBetween, handoutOf } from '../../src/lib/server/repo/assignmentRepo';
import { shareOutWeeks } from '../../src/lib/server/services/people/shareOut';
import { addJob } from '../../src/lib/server/services/home/job';
import { put } from '../../src/lib/server/services/people/week';
import { homeData, job, makeHome } from '../core/home';
import { asAda, form, newId, someHomes } from './asking';

const { household, pool, setClock } = someHomes();
const MONDAY = '2027-03-01';
const pair = (more: Record<string, unknown> = {}) =>
	makeHome({
		members: [
			{ id: 'ada', name: 'Ada', role: 'organiser' },
			{ id: 'ben', name: 'Ben', role: 'adult' }
		],
		jobs: ['sweep', 'dust', 'mop', 'air'].map((id) =>
			job(id, {
				room: 'kitchen',
				cadence: { type: 'daily' },
				missRule: 'letgo',
				who: { mode: 'shared', members: [] }
			})
		),
		zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] })),
		...more
	});
const given = async (home: string, from = '2027-03-01', to = '2027-03-14') =>
	(await givenBetween(pool(), home, toDay(from), toDay(to))).map((row) => [row.line, row.due, row.member]);

describe('a week that has begun', () => {
	it('is shared out once, from today on, and the next one when it begins', async () => {
		const home = await household(pair());
		expect(
			(await loadToday({ household: home, on: null, open: null, me: 'ada', now: now() })).parts
		).not.toEqual([]);
		await Promise.all([shareOutWeeks(now()), shareOutWeeks(now()), shareOutWeeks(now())]);
		const first = await given(home);
		// Wednesday to Sunday, four jobs a day, half of them each.
		expect(first).toHaveLength(5 * 4);
		expect(first.filter(([, , member]) => member === 'ada')).toHaveLength(10);
		const { madeAt } = (await handoutOf(pool(), home, toDay(MONDAY))) ?? {};
		setClock('2027-03-06T10:40:00Z');
		await shareOutWeeks(now());
		expect((await handoutOf(pool(), home, toDay(MONDAY)))?.madeAt).toBe(madeAt);
		expect(await given(home)).toEqual(first);
		setClock('2027-03-08T10:40:00Z');
		await shareOutWeeks(now());
		expect(await given(home, '2027-03-08')).toHaveLength(7 * 4);
		setClock('2027-03-03T10:40:00Z');
	});

	it('gives out what is added to it, and leaves all that was given where it is', async () => {
		const home = await household(pair());
		await shareOutWeeks(now());
		const before = await given(home);
		setClock('2027-03-04T10:40:00Z');
		const added = await addJob(
			home,
			form({ id: newId(), job: 'kitchen-bin', room: 'kitchen', revision: '1' })
		);
		expect(added).toHaveProperty('saved');
		await shareOutWeeks(now());
		const after = await given(home);
		expect(after).toEqual(expect.arrayContaining(before));
		expect(after.length).toBeGreaterThan(before.length);
		// Nothing more came: nothing is shared out again.
		const { id } = (await handoutOf(pool(), home, toDay(MONDAY))) ?? {};
		await shareOutWeeks(now());
		expect((await handoutOf(pool(), home, toDay(MONDAY)))?.id).toBe(id);
		setClock('2027-03-03T10:40:00Z');
	});

	it('is no card where it has no jobs: an empty sheet is not printed', async () => {
		const [empty, full] = [await household(pair({ jobs: [] })), await household(pair())];
		for (const kind of ['bookmark', 'week']) {
			const asked = new URLSearchParams({ kind });
			expect(await loadSheet(empty, asked), kind).toBeNull();
			expect((await loadSheet(full, asked))?.pages.length, kind).toBeGreaterThan(0);
		}
	});

	it('leaves what was given by hand, homes of one, and what whoever comes first takes', async () => {
		const alone = await household(makeHome({ members: [{ id: 'ada', name: 'Ada', role: 'organiser' }] }));
		const free = await household(
			pair({
				jobs: [
					job('sweep', { room: 'kitchen', cadence: { type: 'daily' }, who: { mode: 'free', members: [] } })
				]
			})
		);
		const home = await household(pair());
		const moved = await put(asAda(home), form({ turn: 'mop@2027-03-04', to: 'ben' }));
		expect(moved).toHaveProperty('said');
		await shareOutWeeks(now());
		expect(await given(alone)).toEqual([]);
		expect(await given(free)).toEqual([]);
		expect(await given(home)).toContainEqual(['mop', toDay('2027-03-04'), 'ben']);
		expect(await given(home)).toHaveLength(20);
	});

	it('of a home in which it is another week is the one that runs there', async () => {
		const own = homeData().household as object;
		// Early on Monday in Greenwich it is Sunday there.
		const home = await household(pair({ household: { ...own, timeZone: 'America/Denver' } }));
		setClock('2027-03-08T05:00:00Z');
		await shareOutWeeks(now());
		expect((await given(home)).map(([, due]) => due)).toEqual(Array(4).fill(toDay('2027-03-07')));
		setClock('2027-03-08T18:00:00Z');
		await shareOutWeeks(now());
		expect(await given(home, '2027-03-08')).toHaveLength(28);
	});
});
