/** How much of a job visitors see, and what that puts first. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { filling } from '../../src/lib/core/session/fill';
import { gather } from '../../src/lib/core/session/gather';
import { seenOfJob, seenOfRoom } from '../../src/lib/core/session/visible';
import { job, prepared } from './home';

const WEDNESDAY = toDay('2027-03-03');

describe('what visitors see', () => {
	it('of a room: a living room the whole time, a hall in passing', () => {
		expect(seenOfRoom('living')).toBeGreaterThan(seenOfRoom('toilet'));
		expect(seenOfRoom('toilet')).toBeGreaterThan(seenOfRoom('kitchen'));
		expect(seenOfRoom('kitchen')).toBeGreaterThan(seenOfRoom('hall'));
		expect(seenOfRoom('what nobody has thought of')).toBe(seenOfRoom('hall'));
	});
	it('of a job: what the job says, whatever it is called; nothing of hidden work', () => {
		expect(seenOfJob({ hidden: false })).toBe(1);
		expect(seenOfJob({ hidden: false, shows: 0.1 })).toBe(0.1);
		expect(seenOfJob({ hidden: true, shows: 1 })).toBe(0);
	});
	it('puts what shows before what is shut away, however much heavier that is', () => {
		const home = prepared({
			rooms: [{ id: 'porch', name: 'Porch', kind: 'kitchen', storey: 0, walkOrder: 1, seenByVisitors: true }],
			zones: [],
			jobs: [
				job('box', { name: 'job 1', weight: 5, shows: 0.2 }),
				job('top', { name: 'job 2', weight: 2 }),
				job('bills', { name: 'Bills', hidden: true, weight: 5 })
			]
		});
		const projection = projectHome(home, []);
		const day = readDay(home, projection, WEDNESDAY);
		const gathered = gather('visitors', {
			home,
			projection,
			day,
			part: 'morning',
			pool: day.lines,
			rooms: null,
			minutes: 30
		});
		expect(gathered.lines.map((line) => line.line.id)).not.toContain('bills');
		const { input } = filling({
			home,
			kind: 'visitors',
			bell: 30,
			date: WEDNESDAY,
			people: home.home.members.slice(0, 1),
			gathered,
			hold: [],
			without: [],
			together: 'free'
		});
		const worth = (id: string) => input.jobs.find((one) => one.id === id)?.worth ?? NaN;
		expect(worth('top')).toBeGreaterThan(worth('box'));
		expect(worth('box')).toBeGreaterThan(0);
	});
});
