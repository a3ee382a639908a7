/** One pile: what somebody put there, wash days that went by, the home's own wash jobs, the big day. */
import { describe, expect, it } from 'vitest';
import { loadFill } from '../../src/lib/server/pages/session/loadFill';
import { loadRun } from '../../src/lib/server/pages/session/running';
import { loadLaundry } from '../../src/lib/server/pages/laundry/laundry';
import * as laundry from '../../src/lib/server/services/laundry/laundry';
import { pause, tick } from '../../src/lib/server/services/ledger/entryActions';
import { event } from '../../src/lib/server/services/session/press';
import { start } from '../../src/lib/server/services/session/startSession';
import { job, makeHome, step } from '../core/home';
import { asAda, form, newId, NOW, said, someHomes } from './asking';

const { household, setClock } = someHomes();
const wash = {
	minutes: 9,
	steps: [
		step('Sort, set it going', 4, {
			class: 0,
			appliance: 'washer',
			wait: { label: 'Washing machine', min: 60, max: 120 }
		}),
		step('Hang it out', 5, { class: 0 })
	]
};
/** A home that washes on Monday, Wednesday and Friday; what is missed goes by. Nothing in it is called washing. */
const home = () =>
	household(
		makeHome({
			jobs: [
				job('one', {
					room: 'kitchen',
					cadence: { type: 'weekly', weekdays: [1, 3, 5], everyWeeks: 1 },
					missRule: 'letgo',
					startsOn: '2027-02-15',
					depths: { usual: wash }
				})
			],
			zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
		})
	);
const at = (day: string) => `${day}T10:40:00Z`;
async function done(id: string, day: string) {
	setClock(at(day));
	await tick(asAda(id), form({ id: newId(), line: 'one', outcome: 'done', by: 'ada' }));
}
const pile = async (id: string, day: string) => {
	setClock(at(day));
	return loadLaundry(asAda(id));
};

describe('the pile', () => {
	it('grows by each wash day that went by, and a later wash of the same job does not hide two', async () => {
		const id = await home();
		for (const day of ['2027-02-15', '2027-02-17', '2027-02-22']) await done(id, day);
		// Friday 19, Wednesday 24 and Friday 26 went by; Monday 1 March as well.
		const view = await pile(id, '2027-03-02');
		expect(view.waiting.map((one) => one.missed)).toEqual([
			'not washed on Fri 19 February',
			'not washed on Wed 24 February',
			'not washed on Fri 26 February',
			'not washed on Mon 1 March'
		]);
		// At one a day from Tuesday on, the Sunday being free.
		expect(view.pile.map((row) => row.gone)).toEqual(['Fri 5', 'Wed 3', 'Wed 3']);
		expect(view.jobs).toEqual([]);
	});

	it('holds what an illness left, and nothing of days on which nobody was at home', async () => {
		const id = await home();
		for (const day of ['2027-02-15', '2027-02-17', '2027-02-19']) await done(id, day);
		setClock(at('2027-02-22'));
		const cover = (reason: string, from: string, to: string) =>
			pause(asAda(id), form({ id: newId(), scope: 'household', target: '', from, to, reason }));
		expect(said(await cover('ill', '2027-02-21', '2027-02-25')).status).toBe(200);
		expect(said(await cover('away', '2027-02-26', '2027-02-28')).status).toBe(200);
		const view = await pile(id, '2027-03-01');
		expect(view.waiting.map((one) => one.missed)).toEqual([
			'not washed on Mon 22 February',
			'not washed on Wed 24 February'
		]);
		// What is on today is a job of today: it counts for the days, and is begun from here.
		expect(view.jobs.map((one) => one.line)).toEqual(['one']);
		expect(view.pile[0]?.gone).toBe('Wed 3');
	});

	it('a load of a day that went by is begun, or taken off, once and for good', async () => {
		const id = await home();
		const [first, second] = (await pile(id, '2027-02-19')).waiting;
		if (!first || !second) throw new Error('no pile');
		expect(said(await laundry.drop(asAda(id), form({ id: newId(), load: first.id }))).status).toBe(200);
		for (let i = 0; i < 2; i++)
			await laundry.tell(asAda(id), form({ id: newId(), load: second.id, stage: 'washing' }));
		const view = await pile(id, '2027-02-19');
		expect(view.waiting).toEqual([]);
		expect(view.going.map((one) => [one.id, one.stage])).toEqual([[second.id, 'washing']]);
		expect(
			said(await laundry.tell(asAda(id), form({ id: newId(), load: newId(), stage: 'washing' }))).status
		).toBe(404);
	});
});

describe('a big day', () => {
	it('washes the home’s own jobs and then the pile, and the pile knows of it', async () => {
		const id = await home();
		setClock(at('2027-02-20'));
		// Monday, Wednesday and Friday went by, and somebody put one there.
		await laundry.add(asAda(id), form({ id: newId(), kind: 'towels' }));
		const view = await loadFill(asAda(id), new URLSearchParams({ kind: 'bigday', minutes: '240' }));
		const loads = Object.values(view.jobs).map((one) => one.name);
		expect(loads).toEqual(['Towels', 'one']);
		const session = newId();
		await start(asAda(id), form({ id: session, kind: 'bigday', minutes: '240', member: 'ada' })).catch(
			() => undefined
		);
		const run = await loadRun(asAda(id), session, null);
		const steps = run.plan.steps.flatMap((one, i) => (one.line.startsWith('~load:') ? [i] : []));
		await event(asAda(id), session, form({ id: newId(), kind: 'stepDone', step: String(steps[0]) }));
		const after = await loadLaundry(asAda(id));
		expect(after.going).toHaveLength(1);
		expect(after.waiting).toHaveLength(3);
		await event(asAda(id), session, form({ id: newId(), kind: 'stepUndone', step: String(steps[0]) }));
		expect((await loadLaundry(asAda(id))).waiting).toHaveLength(4);
	});

	it('with nothing to wash washes nothing', async () => {
		const id = await household();
		setClock(NOW);
		const view = await loadFill(asAda(id), new URLSearchParams({ kind: 'bigday', minutes: '240' }));
		expect(Object.keys(view.jobs).filter((line) => line.startsWith('~load'))).toEqual([]);
	});
});
