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
	it('of a job: by its kind of work, else by what it is called; nothing of hidden work', () => {
		const seen = (name: string, more: { subject?: string; hidden?: boolean } = {}) =>
			seenOfJob({ name, hidden: false, ...more });
		expect(seen('Dust the shelves', { subject: 'dusting' })).toBe(1);
		expect(seen('Shelves', { subject: 'cupboards' })).toBeLessThan(0.2);
		expect(seen('Cold box, once through')).toBeLessThan(0.5);
		expect(seen('Wipe the oven')).toBeLessThan(0.5);
		expect(seen('Wash the front step')).toBe(1);
		expect(seen('Bills', { hidden: true })).toBe(0);
		expect(seen('Bills', { subject: 'admin' })).toBe(0);
	});
	it('puts what shows before what is shut away, however much heavier that is', () => {
		const home = prepared({
			rooms: [{ id: 'porch', name: 'Porch', kind: 'kitchen', storey: 0, walkOrder: 1, seenByVisitors: true }],
			zones: [],
			jobs: [
				job('box', { name: 'Cold box, once through', weight: 5 }),
				job('top', { name: 'Wipe the worktop', weight: 2 }),
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
