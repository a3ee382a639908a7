/** What the sittings of zones take of a new home's week: as much as they are lived to take. */
import { describe, expect, it } from 'vitest';
import { addDays, toDay, weekdayOf } from '../../src/lib/core/calendar/civil';
import type { Job } from '../../src/lib/core/household/home';
import { outlook } from '../../src/lib/core/schedule/outlook';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { workOfHome } from '../../src/lib/core/schedule/workOfHome';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { mostSittings, sittingsOfWeek } from '../../src/lib/core/setup/sittingsOfWeek';
import { bornAt } from '../../src/lib/core/people/whoCan';
import { draft, library, patterns } from './library';
import { makeHome } from './home';

const FROM = toDay('2027-03-01');
const [anyJob] = makeHome({}).jobs as [Job];
/** An item of a zone's list that takes so long, each time or every second. */
const item = (zone: string, minutes: number, every: 1 | 2 = 1) => ({
	zone,
	job: {
		...anyJob,
		cadence: { type: 'zone' as const, every },
		depths: { ...anyJob.depths, usual: { ...anyJob.depths.usual, minutes } }
	}
});

describe('the sittings of a week', () => {
	const most = { days: 5, minutes: 15 };
	it('take their minutes where the list is long, and the list each day where it is shorter than one of them', () => {
		expect(sittingsOfWeek([item('a', 30), item('a', 40)], 1, most)).toBe(75);
		expect(sittingsOfWeek([item('a', 7)], 1, most)).toBe(35);
		expect(sittingsOfWeek([item('a', 7), item('b', 30)], 2, most)).toBe((35 + 75) / 2);
		expect(sittingsOfWeek([item('a', 10, 2)], 1, most)).toBe(25);
		expect(sittingsOfWeek([], 3, most)).toBe(0);
	});
	it('are none where zones take no turns, or have a weekday each', () => {
		const { household } = makeHome({});
		const of = (scheme: unknown) =>
			mostSittings({ ...household, rhythm: { ...household.rhythm, scheme: scheme as never } }).days;
		expect(of({ type: 'none', extra: 'last' })).toBe(0);
		expect(of({ type: 'weekdays', extra: 'last', byWeekday: {} })).toBe(0);
		expect(of({ type: 'rows', extra: 'last' })).toBe(household.rhythm.zoneDays.length);
	});
});

/** A house of twelve rooms whose core all but fills the minutes of its days: its zones keep few items. */
const [C, D, E] = ['cy', 'dot', 'eli'];
const crowded = draft({
	rooms: [
		{ kind: 'kitchen', floor: 'tiles', surfaces: ['tile', 'steel', 'hob'] },
		{ kind: 'dining', floor: 'boards', surfaces: ['wood'] },
		{ kind: 'living', floor: 'carpet', surfaces: ['paint', 'glass', 'wood'] },
		{ kind: 'hall', floor: 'tiles', surfaces: ['paint'] },
		{ kind: 'laundry', floor: 'tiles', surfaces: ['steel'] },
		{ kind: 'bathroom', storey: 1, floor: 'tiles', surfaces: ['tile', 'glass', 'plated'] },
		{ kind: 'bathroom', storey: 1, floor: 'tiles', surfaces: ['tile', 'glass'] },
		{ kind: 'bedroom', storey: 1, floor: 'carpet', surfaces: ['paint'], owners: ['ada', 'ben'] },
		{ kind: 'child', storey: 1, floor: 'boards', surfaces: ['paint'], owners: [C] },
		{ kind: 'child', storey: 2, floor: 'carpet', surfaces: ['paint'], owners: [D, E] },
		{ kind: 'study', storey: 2, floor: 'boards', surfaces: ['wood'] },
		{ kind: 'outside' }
	].map((room, i) => ({ storey: 0, ...room, id: `room-${i}`, name: `Room ${i}` })),
	people: [
		{ id: 'ada', name: 'Ada', role: 'organiser' },
		{ id: 'ben', name: 'Ben', role: 'adult' },
		{ id: C, name: 'Cy', role: 'child', bornOn: bornAt(14, FROM) },
		{ id: D, name: 'Dot', role: 'child', bornOn: bornAt(7, FROM) },
		{ id: E, name: 'Eli', role: 'child', bornOn: bornAt(7, FROM) },
		{ id: 'ruth', name: 'Ruth', role: 'helper' }
	]
});

describe.each(
	patterns()
		.filter((pattern) => !['none', 'weekdays'].includes(pattern.rhythm.scheme))
		.map((pattern) => [pattern.id, pattern] as const)
)('a crowded house begun with %s', (_, pattern) => {
	it.each([90, 110])('keeps its days within their %s minutes on average, short lists counted', (minutes) => {
		const answers = { ...crowded, minutesADay: minutes, pattern: pattern.id };
		const made = homeFromDraft(answers, library(), pattern, FROM);
		if (!made.ok) throw new Error(JSON.stringify(made.problems));
		const home = prepareHome([{ from: FROM, home: made.home }]);
		const { freeDays, catchUpDays } = made.home.household.rhythm;
		const days = outlook(home, addDays(FROM, 28), 140)
			.filter((day) => ![...freeDays, ...catchUpDays].includes(weekdayOf(day.date)))
			.map((day) => workOfHome(day, home).total);
		expect(days.reduce((sum, one) => sum + one, 0) / days.length).toBeLessThanOrEqual(minutes * 1.03);
	});
});
