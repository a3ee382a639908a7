/** A month of the schedule: days gone by hold what was done, days to come what will be. */
import { describe, expect, it } from 'vitest';
import { loadSchedule } from '../../src/lib/server/pages/schedule/loadSchedule';
import { tick, undo } from '../../src/lib/server/services/ledger/entryActions';
import { job, makeHome, step } from '../core/home';
import { asAda, form, newId, NOW, someHomes } from './asking';

const { household, setClock } = someHomes();
const of = (minutes: number) => ({ usual: { minutes, steps: [step('Do it', minutes)] } });
const home = () =>
	household(
		makeHome({
			zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] })),
			jobs: [
				job('beds', { layer: 'basics', cadence: { type: 'daily' }, missRule: 'letgo', depths: of(4) }),
				job('floor', { cadence: { type: 'weekly', weekdays: [2], everyWeeks: 1 }, depths: of(12) }),
				job('mattress', {
					layer: 'long',
					cadence: { type: 'months', months: [3, 9] },
					missRule: 'stays',
					depths: of(18)
				})
			]
		})
	);
const monthOf = async (id: string) => {
	const { month } = await loadSchedule({ household: id, on: null, mode: 'month', find: null, me: 'ada' });
	return new Map(
		(month?.rows ?? []).flatMap((row) => row.days.flatMap((day) => (day ? [[day.day, day]] : [])))
	);
};
const ticked = async (id: string, line: string, minutes: string) => {
	const entry = newId();
	await tick(asAda(id), form({ id: entry, line, outcome: 'done', by: 'ada', minutes }));
	return entry;
};

describe('a month', () => {
	it('holds nothing on a day gone by on which nothing was done, and its own job on a day to come', async () => {
		setClock(NOW);
		const days = await monthOf(await home());
		for (const day of [1, 2])
			expect(days.get(day), String(day)).toMatchObject({ isPast: true, minutes: 0, names: [] });
		expect(days.get(3)).toMatchObject({ isPast: false, isToday: true });
		expect([...days.values()].filter((day) => day.names.includes('mattress'))).toHaveLength(1);
		expect(days.get(9)).toMatchObject({ names: ['floor'], minutes: 16 });
	});

	it('holds what was done, with the minutes that it took, and not what was taken back', async () => {
		const id = await home();
		setClock('2027-03-02T09:00:00Z');
		await ticked(id, 'floor', '20');
		await ticked(id, 'beds', '3');
		const wrong = await ticked(id, 'mattress', '18');
		await undo(asAda(id), form({ id: newId(), of: wrong }));
		setClock(NOW);
		const days = await monthOf(id);
		expect(days.get(2)).toMatchObject({ isPast: true, minutes: 23, names: ['floor'] });
		expect(days.get(1)).toMatchObject({ minutes: 0, names: [] });
	});
});
