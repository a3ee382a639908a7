/** One part of the work after the other: what is off says so wherever it shows, and what may come next is offered. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { outlook } from '../../src/lib/core/schedule/outlook';
import { workOfHome } from '../../src/lib/core/schedule/workOfHome';
import { loadGrowing } from '../../src/lib/server/pages/house/keeping';
import { loadLedger } from '../../src/lib/server/pages/history/loadLedger';
import { loadHouse } from '../../src/lib/server/pages/house/house';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { revisionOf } from '../../src/lib/server/repo/homeRows';
import { editJob } from '../../src/lib/server/services/home/job';
import { editGrowing } from '../../src/lib/server/services/home/settings';
import { tick } from '../../src/lib/server/services/ledger/entryActions';
import { job, makeHome } from '../core/home';
import { asAda, form, newId, NOW, said, someHomes } from './asking';

const { household, pool, setClock } = someHomes();

const change = async (home: string, layer: string, on: boolean) =>
	said(
		await editGrowing(
			home,
			form({ id: newId(), revision: String(await revisionOf(pool(), home)), layer, on: on ? '1' : '0' })
		)
	);
const look = (home: string, mayEdit = true, at = NOW) =>
	loadToday({ household: home, on: null, open: null, me: 'ada', mayEdit, now: Date.parse(at) });

describe('work whose part is switched off', () => {
	it('says when it starts, in its room, in History and when it is saved, and is nowhere due', async () => {
		const home = await household();
		setClock(NOW);
		await change(home, 'weekly', false);
		const weekly = (await loadHome(pool(), home))?.home.jobs.find((job) => job.layer === 'weekly');
		if (!weekly) throw new Error('no weekly job');
		const house = await loadHouse(home, { room: weekly.room, zone: null });
		expect(house.layersOff).toEqual(['weekly']);
		const ledger = await loadLedger({
			household: home,
			job: null,
			by: null,
			room: null,
			to: null,
			open: null,
			page: weekly.id,
			entry: null,
			me: 'ada',
			now: Date.parse(NOW)
		});
		expect(ledger.page?.nextDue).toBe('when the weekly jobs are on');
		const saved = await editJob(
			home,
			weekly.id,
			form({ id: newId(), revision: String(await revisionOf(pool(), home)), op: 'keep', name: 'New name' })
		);
		expect(said(saved)).toMatchObject({
			status: 200,
			message: 'Saved. It starts when the weekly jobs are on.'
		});
		const today = await look(home);
		const lines = [...today.parts.flatMap((part) => part.rows), ...today.overdue.map((one) => one.row)];
		expect(lines.map((row) => row.line)).not.toContain(weekly.id);
	});
});

describe('the next part of the work', () => {
	it('is offered on Today once what is on has held, to whoever may change the home', async () => {
		const home = await household();
		setClock('2027-02-01T10:00:00Z');
		for (const layer of ['weekly', 'zone', 'long']) await change(home, layer, false);
		expect((await look(home, true, '2027-02-01T10:00:00Z')).growing).toBeNull();
		const basics = (await loadHome(pool(), home))?.series.filter((line) => line.job.layer === 'basics') ?? [];
		for (let day = 17; day <= 28; day++) {
			setClock(`2027-02-${day}T20:00:00Z`);
			for (const line of basics)
				await tick(
					asAda(home),
					form({ id: newId(), line: line.id, outcome: 'done', by: 'ada', date: `2027-02-${day}` })
				);
		}
		setClock('2027-03-01T10:00:00Z');
		const held = await look(home, true, '2027-03-01T10:00:00Z');
		expect(held.growing).toMatchObject({ layer: 'weekly' });
		expect((await look(home, false, '2027-03-01T10:00:00Z')).growing).toBeNull();
		const on = await change(home, 'weekly', true);
		expect(on.message).toContain('on from today');
		// Nothing of the week was asked yet: the next is not offered on the same day.
		expect((await look(home, true, '2027-03-01T10:00:00Z')).growing).toBeNull();
	});
});

describe('what a part of the work asks for', () => {
	const says = async (home: string) =>
		Object.fromEntries((await loadGrowing(home)).layers.map((one) => [one.layer, one.says]));

	const minutes = (text = '') => {
		const [, , hours = 0, rest = 0] = /about ((\d+) h ?)?(\d+)?/.exec(text) ?? [];
		return 60 * Number(hours) + Number(rest);
	};

	it('is told in the minutes of the home, on or off', async () => {
		const home = await household();
		setClock(NOW);
		const on = await says(home);
		const prepared = await loadHome(pool(), home);
		if (!prepared) throw new Error('no home');
		const week = outlook(prepared, toDay('2027-04-05'), 7).map((day) => workOfHome(day, prepared));
		const basics = week.reduce((sum, day) => sum + day.basics, 0) / 7;
		expect(Math.abs(minutes(on.basics) - basics)).toBeLessThan(3);
		await change(home, 'weekly', false);
		const off = await says(home);
		expect(off.weekly).toMatch(/^Once a week or every other, about /);

		expect(minutes(on.weekly)).toBeGreaterThan(5);
		expect(Math.abs(minutes(off.weekly) - minutes(on.weekly))).toBeLessThan(5);
	});

	it('says so where nothing of it falls due by itself', async () => {
		const porch = { id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 2, zone: 'front' };
		const home = await household(
			makeHome({
				zones: [{ id: 'front', name: 'Front', weave: 'stripe', list: [] }],
				rooms: [porch],
				jobs: [job('rail', { cadence: { type: 'onCall' } })]
			})
		);
		setClock(NOW);
		expect((await says(home)).weekly).toBe('Nothing of it falls due in the weeks to come.');
	});
});

describe('what the page suggests', () => {
	it('in a home without a job is to add some first', async () => {
		const zones = [{ id: 'front', name: 'Front', weave: 'stripe', list: [] }];
		const rooms = [{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 2, zone: 'front' }];
		const home = await household(makeHome({ zones, rooms, jobs: [] }));
		setClock(NOW);
		const view = await loadGrowing(home);
		expect(view.layers).toEqual([]);
		expect(view.suggestion).toBe('No jobs yet');
	});
});

describe('what the work of a room takes', () => {
	it('is told of the parts of the work that are on', async () => {
		const home = await household(
			makeHome({
				zones: [],
				rooms: [{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 2 }],
				jobs: [
					job('sweep', { layer: 'basics', cadence: { type: 'daily' }, missRule: 'letgo' }),
					job('mop', { cadence: { type: 'weekly', weekdays: [2], everyWeeks: 1 } })
				]
			})
		);
		setClock(NOW);
		const porch = async () => (await loadHouse(home, { room: null, zone: null })).rooms[0];
		expect(await porch()).toMatchObject({ jobs: 2, minutesAWeek: 40 });
		await change(home, 'weekly', false);
		expect(await porch()).toMatchObject({ minutesAWeek: 35 });
	});
});
