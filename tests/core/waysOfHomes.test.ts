/** Ways of running a home, each begun by the first steps and lived with the clock set: what holds in all of them. */
import { describe, expect, it } from 'vitest';
import { addDays, toDay, weekdayOf } from '../../src/lib/core/calendar/civil';
import { zoneCard } from '../../src/lib/core/cards/zoneCard';
import type { Home } from '../../src/lib/core/household/home';
import { checkZones } from '../../src/lib/core/learning/zoneLoad';
import { balanceInput } from '../../src/lib/core/learning/balanceInput';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { zoneItems } from '../../src/lib/core/schedule/zoneItems';
import { mayDo } from '../../src/lib/core/people/whoCan';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { filling, sessionPlan } from '../../src/lib/core/session/fill';
import { gather } from '../../src/lib/core/session/gather';
import { offers } from '../../src/lib/core/session/offers';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { draft, library, patterns } from './library';

const MONDAY = toDay('2027-03-01');

/** A home as the first steps make it with a pattern. */
function begun(pattern: string, rest: Record<string, unknown> = {}): Home {
	const found = patterns().find((one) => one.id === pattern);
	if (!found) throw new Error(pattern);
	const made = homeFromDraft(draft({ minutesADay: 120, ...rest }), library(), found, MONDAY);
	if (!made.ok) throw new Error(JSON.stringify(made.problems));
	return made.home;
}

describe('a zone for each weekday', () => {
	const made = begun('a-zone-a-day');
	const home = prepareHome([{ from: MONDAY, home: made }]);
	const projection = projectHome(home, []);

	it('shows what its rooms ask, in minutes', () => {
		const { zones } = checkZones(home, MONDAY, new Set());
		expect(zones.length).toBeGreaterThan(3);
		for (const zone of zones) {
			expect(zone.load, zone.zone).toBeGreaterThan(0);
			const items = zoneItems(home, zone.zone);
			const weekly = items
				.filter((job) => job.cadence.type === 'weekly')
				.reduce((sum, job) => sum + job.depths.usual.minutes, 0);
			expect(zone.load / zone.visits, zone.zone).toBeGreaterThanOrEqual(weekly * 0.98);
			// Its sitting holds what its day brings, and a month's jobs in their week.
			expect(zone.ratio, zone.zone).toBeLessThan(1.03);
		}
		// Every weekly or monthly job of a room in a zone counts for that zone, and for no other.
		const counted = made.zones.flatMap((zone) => zoneItems(home, zone.id).map((job) => job.id));
		expect(new Set(counted).size).toBe(counted.length);
		const inZones = made.jobs.filter(
			(job) =>
				['weekly', 'monthly'].includes(job.cadence.type) &&
				job.layer !== 'basics' &&
				home.roomById.get(job.room)?.zone
		);
		expect(inZones.length).toBeGreaterThan(10);
		for (const job of inZones) expect(counted, job.name).toContain(job.id);
	});

	it('is evened by what its rooms ask', () => {
		const check = checkZones(home, MONDAY, new Set());
		const input = balanceInput(home, check, new Set());
		expect(input.rooms.some((room) => room.minutes > 0)).toBe(true);
		for (const [i, zone] of check.zones.entries()) {
			const sum = input.rooms
				.filter((room) => room.zone === i)
				.reduce((total, room) => total + room.minutes, 0);
			expect(sum * zone.visits).toBeCloseTo(zone.load, 6);
		}
	});

	it('its sitting and its card are the work of its rooms on its day', () => {
		for (const zone of made.zones) {
			const date = [0, 1, 2, 3, 4, 5]
				.map((i) => addDays(MONDAY, i))
				.find((day) => {
					return readDay(home, projection, day).zone?.zone === zone.id;
				});
			if (date === undefined) throw new Error(zone.id);
			const day = readDay(home, projection, date);
			const { lines } = gather('zone', {
				home,
				projection,
				day,
				part: 'morning',
				pool: day.lines,
				rooms: null,
				minutes: 60
			});
			const due = day.lines.filter(
				(line) =>
					line.dueOn === date &&
					line.line.job.cadence.type === 'weekly' &&
					line.line.job.layer === 'weekly' &&
					line.line.room.zone === zone.id
			);
			expect(due.length, zone.name).toBeGreaterThan(0);
			expect(lines.map((line) => line.line.id)).toEqual(
				expect.arrayContaining(due.map((line) => line.line.id))
			);
			const card = zoneCard({ home, projection, today: addDays(MONDAY, -1), begin: MONDAY }, zone.id);
			const boxes = card?.sides.flatMap((side) => side.rows.flatMap((row) => row.boxes)) ?? [];
			for (const line of due) {
				const box = boxes.find((one) => one?.line === line.line.id);
				expect(box && weekdayOf(box.date), line.line.job.name).toBe(weekdayOf(date));
			}
		}
	});
});

describe('work that another job does along', () => {
	it('is one job for one thing: cleaning the bathroom does its toilet along', () => {
		const made = begun('days-for-rooms-and-people');
		const bath = made.jobs.filter((job) => job.room === 'bath');
		const clean = bath.find((job) => job.library === 'bathroom-clean');
		const upkeep = bath.find((job) => job.library === 'toilet-upkeep');
		if (!clean || !upkeep) throw new Error('the pattern has left one of them out');
		expect(clean.covers).toContain(upkeep.id);
		// Nothing is said to be done along that this home does not have.
		const ids = new Set(made.jobs.map((job) => job.id));
		for (const job of made.jobs) for (const id of job.covers) expect(ids, job.name).toContain(id);
	});
});

describe('a round, then a sitting', () => {
	const made = begun('saturday-morning');
	const home = prepareHome([{ from: MONDAY, home: made }]);
	const projection = projectHome(home, []);
	const saturday = addDays(MONDAY, 5);
	const day = readDay(home, projection, saturday);
	const people = home.home.members.filter((one) => one.id === 'ada');
	const minutes = 60 + made.household.rhythm.sittingMinutes;
	const gathered = gather('round', {
		home,
		projection,
		day,
		part: 'morning',
		pool: day.lines.filter((line) => people.some((one) => mayDo(line.line.job, one, saturday))),
		rooms: null,
		minutes,
		sitting: true
	});
	const filled = filling({
		home,
		kind: 'round',
		bell: minutes,
		date: saturday,
		people,
		gathered,
		hold: [],
		without: [],
		together: 'free',
		brim: true
	});
	// The first plan of all is at once there; what the search makes of it is what is shown.
	const plan = offers(filled, { rounds: 4, exactNodes: 0 })[0]?.plan;
	const isAfter = (line: string) => gathered.after?.has(line) ?? false;

	it('stand in one plan, the sitting after the round wherever the order of a room lets it', () => {
		if (!plan) throw new Error('nothing');
		const round = plan.entries.filter((entry) => !isAfter(entry.job));
		const sitting = plan.entries.filter((entry) => isAfter(entry.job));
		expect(round.length).toBeGreaterThan(3);
		expect(sitting.length).toBeGreaterThan(0);
		// Dust comes before the floor of its room, whichever of the two it belongs to.
		const free = filled.input.pairs.filter(([, then]) => isAfter(then));
		for (const [first, then] of free) {
			const ends = round.filter((entry) => entry.job === first).map((entry) => entry.end);
			const starts = sitting.filter((entry) => entry.job === then).map((entry) => entry.start);
			if (ends.length > 0 && starts.length > 0)
				expect(Math.min(...starts)).toBeGreaterThanOrEqual(Math.max(...ends));
		}
		expect(plan.end).toBeLessThanOrEqual(minutes);
		expect(checkPlan(filled.input, plan.entries)).toEqual([]);
	});
	it('stop at ten minutes in the round alone', () => {
		const sums = filled.input.jobs.map((job) => ({
			id: job.id,
			sum: job.steps.reduce((total, step) => total + step.minutes, 0)
		}));
		for (const { id, sum } of sums.filter((one) => !isAfter(one.id)))
			if (filled.lineOf.get(id)?.depth !== 'deep') expect(sum, id).toBeLessThanOrEqual(10);
		expect(sums.some(({ id, sum }) => isAfter(id) && sum > 10)).toBe(true);
		if (!plan) throw new Error('nothing');
		const stored = sessionPlan(filled, plan, minutes);
		for (const [id, line] of Object.entries(stored.lines)) expect(line.uncapped ?? false).toBe(isAfter(id));
	});
	it('without the sitting it is the round alone', () => {
		const alone = gather('round', {
			home,
			projection,
			day,
			part: 'morning',
			pool: day.lines,
			rooms: null,
			minutes: 60
		});
		expect(alone.lines.some((line) => line.line.job.cadence.type === 'zone')).toBe(false);
	});
});
