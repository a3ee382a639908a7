import { describe, expect, it } from 'vitest';
import { isoOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import { prepareHome, type PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import { comingDay } from '../../src/lib/core/schedule/comingDay';
import { agendaOf, latenessOf, sittingMinutesOn } from '../../src/lib/core/schedule/agenda';
import { readDay, type Day } from '../../src/lib/core/schedule/readDay';
import { projectionAt, projectHome } from '../../src/lib/core/schedule/projection';
import { day, done, entry, undo } from './entries';
import { homeData, job, makeHome, prepared, step } from './home';

const read = (home: PreparedHome, ledger: LedgerEntry[], date: string): Day =>
	readDay(home, projectHome(home, ledger), day(date));
const stateOf = (d: Day, line: string) => d.lines.find((l) => l.line.id === line)?.state;
const hang = (home: PreparedHome, ledger: LedgerEntry[], date: string, minutes = 60) => {
	const projection = projectHome(home, ledger);
	return agendaOf(home, projection, readDay(home, projection, day(date)), 'morning', minutes);
};

/** Everything done each Wednesday before, so that nothing is late. */
const upToDate = (): LedgerEntry[] => [
	done('toilet', '2027-02-24'),
	done('skirting', '2027-02-25'),
	done('bench', '2027-02-24')
];

describe('readDay', () => {
	it('gives a line of its own to each part of the day, with its own state', () => {
		const home = prepared();
		const d = read(home, [...upToDate(), done('dishes', '2027-03-03', { part: 'morning' })], '2027-03-03');
		expect(stateOf(d, 'dishes/morning')).toBe('done');
		expect(stateOf(d, 'dishes/evening')).toBe('due');
	});

	it('offers the zone list in sittings, never late, and counts its pass', () => {
		const home = prepared();
		const first = read(home, upToDate(), '2027-03-01');
		expect(first.zone).toMatchObject({
			zone: 'front',
			number: 1,
			dayOfVisit: 1,
			daysOfVisit: 5,
			pass: 1,
			settledInPass: 0,
			countedInPass: 3
		});
		// 8 and 6 minutes fit into a sitting of 15; the next would not.
		expect(first.zone?.offered).toEqual(['rail', 'door']);
		expect(stateOf(first, 'rack')).toBe('resting');
		const ledger = [...upToDate(), done('rail', '2027-03-01'), done('door', '2027-03-01')];
		expect(stateOf(read(home, ledger, '2027-03-01'), 'rail')).toBe('done');
		const second = read(home, ledger, '2027-03-02');
		expect(second.zone?.offered).toEqual(['rack', 'rail']);
		expect(second.zone?.next).toEqual(['rack']);
		const third = read(home, [...ledger, done('rack', '2027-03-02')], '2027-03-03');
		expect(third.zone).toMatchObject({ pass: 2, countedInPass: 2, settledInPass: 0 });
		expect(stateOf(read(home, ledger, '2027-03-08'), 'rack')).toBe('resting');
	});

	it('lets the deep list wait while a zone is being cleared', () => {
		const home = prepared();
		const cluttered = entry({ outcome: 'judgement', date: '2027-02-01', zone: 'front', clutter: 'not-yet' });
		expect(read(home, [cluttered], '2027-03-01').zone).toMatchObject({ clearing: true, offered: [] });
		const cleared = entry({ outcome: 'judgement', date: '2027-03-01', zone: 'front', clutter: 'clear' });
		expect(read(home, [cluttered, cleared], '2027-03-02').zone?.clearing).toBe(false);
	});

	it('orders by need where a zone chooses so', () => {
		const home = prepared({
			zones: [
				{ id: 'front', name: 'Front', weave: 'stripe', list: ['rail', 'door', 'rack'], orderBy: 'need' },
				{ id: 'back', name: 'Back', weave: 'check', list: [] }
			]
		});
		const ledger = [done('rail', '2027-02-20'), done('door', '2026-11-01')];
		expect(read(home, ledger, '2027-03-01').zone?.next[0]).toBe('door');
	});

	it('lays jobs under a cloth by household, room, layer, job and sole owner', () => {
		const home = prepared({
			jobs: [
				job('rail', { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' }),
				job('door', { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' }),
				job('rack', { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' }),
				job('own', { who: { mode: 'fixed', members: ['ben'] } }),
				job('shared', { who: { mode: 'shared', members: ['ben', 'ada'] } }),
				job('upstairs', { room: 'loft' })
			]
		});
		const pause = (scope: string, target: string | null) =>
			entry({
				outcome: 'pause',
				date: '2027-03-01',
				scope,
				target,
				from: '2027-03-01',
				to: '2027-03-07',
				reason: 'away'
			});
		const states = (p: LedgerEntry) => {
			const d = read(home, [p], '2027-03-03');
			return ['own', 'shared', 'upstairs'].filter((id) => stateOf(d, id) === 'paused');
		};
		expect(states(pause('member', 'ben'))).toEqual(['own']);
		expect(states(pause('room', 'loft'))).toEqual(['upstairs']);
		expect(states(pause('layer', 'weekly'))).toEqual(['own', 'shared', 'upstairs']);
		expect(states(pause('job', 'shared'))).toEqual(['shared']);
		expect(states(pause('household', null))).toEqual(['own', 'shared', 'upstairs']);
		const p = pause('household', null);
		expect(stateOf(read(home, [p, undo(p, '2027-03-02')], '2027-03-03'), 'own')).not.toBe('paused');
	});

	it('alternates variants and depths by the turns done, not by the turns missed', () => {
		const deep = {
			usual: { minutes: 5, steps: [{ text: 'a', minutes: 5, class: 3 }] },
			deep: { minutes: 20, steps: [{ text: 'b', minutes: 20, class: 3 }] }
		};
		const home = prepared({
			jobs: [
				...['rail', 'door', 'rack'].map((id) =>
					job(id, { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' })
				),
				job('box', { missRule: 'letgo', variants: ['Top', 'Middle', 'Door'], depths: deep, deepEvery: 3 })
			]
		});
		const at = (ledger: LedgerEntry[], date: string) =>
			read(home, ledger, date).lines.find((l) => l.line.id === 'box');
		expect(at([], '2027-02-24')).toMatchObject({ variant: 'Top', depth: 'usual' });
		const two = [done('box', '2027-01-06'), done('box', '2027-01-13')];
		expect(at(two, '2027-02-24')).toMatchObject({ variant: 'Door', depth: 'deep', minutes: 20 });
		expect(
			at([...two, entry({ outcome: 'letgo', job: 'box', date: '2027-01-20' })], '2027-02-24')
		).toMatchObject({ variant: 'Door' });
	});

	it('shows work of the day as done on it, also when it was extra', () => {
		const home = prepared();
		const extra = done('bench', '2027-03-04');
		const d = read(home, [...upToDate(), done('bench', '2027-03-03'), extra], '2027-03-04');
		const line = d.lines.find((l) => l.line.id === 'bench');
		expect(line?.ticks).toEqual([extra.id]);
		expect(line?.settledBy).toEqual([]);
	});

	it('calls a job for a day, and lets it lapse with that day', () => {
		const home = prepared({
			jobs: [
				...['rail', 'door', 'rack'].map((id) =>
					job(id, { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' })
				),
				job('guest', { cadence: { type: 'onCall' }, missRule: 'letgo' }),
				job('guest-stays', { cadence: { type: 'onCall' }, missRule: 'stays' })
			]
		});
		const ledger = ['guest', 'guest-stays'].map((id) =>
			entry({ outcome: 'called', job: id, date: '2027-03-03' })
		);
		expect(stateOf(read(home, [], '2027-03-03'), 'guest')).toBe('resting');
		expect(stateOf(read(home, ledger, '2027-03-03'), 'guest')).toBe('due');
		expect(stateOf(read(home, ledger, '2027-03-04'), 'guest')).toBe('resting');
		expect(stateOf(read(home, ledger, '2027-03-04'), 'guest-stays')).toBe('late');
	});

	it('skips a turn ahead: nothing of it becomes late', () => {
		const home = prepared();
		const skip = entry({ outcome: 'skipped', job: 'toilet', date: '2027-03-01', dueOn: '2027-03-03' });
		const ledger = [...upToDate(), skip];
		const line = (date: string) => read(home, ledger, date).lines.find((l) => l.line.id === 'toilet');
		expect(line('2027-03-01')?.nextOn).toBe(day('2027-03-10'));
		expect(line('2027-03-03')?.state).toBe('resting');
		expect(line('2027-03-05')?.state).toBe('resting');
		const floating = entry({ outcome: 'skipped', job: 'skirting', date: '2027-03-01', dueOn: '2027-03-11' });
		const skirting = read(home, [...upToDate(), floating], '2027-03-12').lines.find(
			(l) => l.line.id === 'skirting'
		);
		expect(skirting).toMatchObject({ state: 'resting', nextOn: day('2027-03-25') });
	});
});

describe('a change of rhythm', () => {
	const home = (versions: [string, Record<string, unknown>][]) =>
		prepareHome(
			versions.map(([from, toilet]) => ({
				from: day(from),
				home: makeHome({
					jobs: [
						...['rail', 'door', 'rack'].map((id) =>
							job(id, { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' })
						),
						job('toilet', toilet)
					]
				})
			}))
		);
	const wednesdays = { cadence: { type: 'weekly', weekdays: [3], everyWeeks: 1 }, missRule: 'stays' };
	const line = (h: PreparedHome, ledger: LedgerEntry[], date: string) =>
		read(h, ledger, date).lines.find((l) => l.line.id === 'toilet');

	it('judges earlier turns by the rhythm of their own day', () => {
		const h = home([
			['2027-01-04', wednesdays],
			['2027-02-26', { cadence: { type: 'daily' }, missRule: 'stays' }]
		]);
		const ledger = [done('toilet', '2027-02-24')];
		// Daily from the 26th on: the 25th was no turn, and is not late.
		expect(line(h, ledger, '2027-02-26')).toMatchObject({ state: 'due' });
		expect(line(h, ledger, '2027-02-28')).toMatchObject({
			state: 'late',
			dueOn: day('2027-02-26'),
			lateDays: 2
		});
	});

	it('never makes anything late, and leaves late what was late', () => {
		const toShort = home([
			['2027-01-04', { cadence: { type: 'afterDone', min: 20, max: 30 }, missRule: 'stays' }],
			['2027-02-20', { cadence: { type: 'afterDone', min: 3, max: 5 }, missRule: 'stays' }]
		]);
		// Done on 1 February: five days after lies behind the change, so it is due on the day of the change.
		expect(line(toShort, [done('toilet', '2027-02-01')], '2027-02-20')).toMatchObject({
			state: 'due',
			lateDays: 0
		});
		const wasLate = home([
			['2027-01-04', wednesdays],
			['2027-02-26', { cadence: { type: 'monthly', day: 20 }, missRule: 'letgo' }]
		]);
		const ledger = [done('toilet', '2027-02-17')];
		expect(line(wasLate, ledger, '2027-03-01')).toMatchObject({ state: 'late', dueOn: day('2027-02-24') });
		expect(line(wasLate, [...ledger, done('toilet', '2027-03-01')], '2027-03-02')).toMatchObject({
			state: 'resting',
			nextOn: day('2027-03-20')
		});
		const floatLate = home([
			['2027-01-04', { cadence: { type: 'afterDone', min: 3, max: 5 }, missRule: 'stays' }],
			['2027-02-20', { cadence: { type: 'afterDone', min: 40, max: 60 }, missRule: 'letgo' }]
		]);
		expect(line(floatLate, [done('toilet', '2027-02-10')], '2027-03-01')).toMatchObject({
			state: 'late',
			dueOn: day('2027-02-15')
		});
	});
});

describe('what hangs', () => {
	it('late turns hang as long as the minutes of the day last, the most urgent first', () => {
		const home = prepared();
		const ledger = [
			done('bench', '2027-02-24'),
			done('skirting', '2027-02-01'),
			done('toilet', '2027-02-17')
		];
		const roomy = hang(home, ledger, '2027-03-02');
		expect(roomy.held).toEqual([]);
		expect(roomy.parts.morning.filter((l) => l.state === 'late').map((l) => l.line.id)).toEqual(
			expect.arrayContaining(['toilet', 'skirting'])
		);
		// Due: dishes twice, counters, reset, and a sitting of 14: 34 minutes. There is room for the toilet alone.
		// Wednesday is full; Thursday has six minutes left.
		const tight = hang(home, ledger, '2027-03-02', 41);
		expect(tight.held.map((h) => h.line.line.id)).toEqual(['skirting']);
		expect(tight.parts.morning.map((l) => l.line.id)).toContain('toilet');
		expect(isoOf(tight.held[0]?.roomOn as CivilDay)).toBe('2027-03-04');
	});

	it('counts the work of a zone that has its day once, and a sitting by what the day brings', () => {
		const on = (weekday: number) => ({ cadence: { type: 'weekly', weekdays: [weekday] }, missRule: 'stays' });
		const data = homeData();
		const home = prepared({
			household: {
				...(data.household as object),
				rhythm: {
					pattern: 'A zone a day',
					scheme: { type: 'weekdays', byWeekday: { 2: 'front', 4: 'back' } },
					sittingMinutes: 50,
					catchUpDays: [6],
					freeDays: [7]
				}
			},
			zones: [
				{ id: 'front', name: 'Front', weave: 'stripe', list: [] },
				{ id: 'back', name: 'Back', weave: 'check', list: [] }
			],
			jobs: [
				job('porch', { ...on(2), depths: { usual: { minutes: 12, steps: [step('Do it', 12)] } } }),
				job('bench', { ...on(2), depths: { usual: { minutes: 6, steps: [step('Do it', 6)] } } }),
				job('sink', { ...on(4), room: 'kitchen' }),
				job('hall', {
					...on(3),
					room: 'loft',
					depths: { usual: { minutes: 12, steps: [step('Do it', 12)] } }
				}),
				job('loft', {
					...on(1),
					room: 'loft',
					depths: { usual: { minutes: 14, steps: [step('Do it', 14)] } }
				})
			]
		});
		const ledger = [
			done('porch', '2027-02-23'),
			done('bench', '2027-02-23'),
			done('sink', '2027-02-25'),
			done('hall', '2027-02-24')
		];
		// The loft was missed on Monday. Tuesday and Wednesday are full; Thursday has its zone's five minutes and room beside.
		const { held } = hang(home, ledger, '2027-03-02', 20);
		expect(held.map(({ line, roomOn }) => [line.line.id, isoOf(roomOn as CivilDay)])).toEqual([
			['loft', '2027-03-04']
		]);
		expect(sittingMinutesOn(home, read(home, ledger, '2027-03-02'))).toBe(20);
		expect(sittingMinutesOn(home, read(home, ledger, '2027-03-04'))).toBe(5);
	});

	it('words lateness in days under one turn and in whole turns from one on', () => {
		expect(latenessOf({ lateDays: 2, lateTurns: 0.3 })).toEqual({ unit: 'days', count: 2 });
		expect(latenessOf({ lateDays: 20, lateTurns: 2.9 })).toEqual({ unit: 'turns', count: 2 });
	});

	it('takes everything but the basics off with "enough for today", and hangs it again by undo', () => {
		const home = prepared();
		const enough = entry({ outcome: 'enough', date: '2027-03-03' });
		const ledger = [...upToDate(), enough];
		const hung = hang(home, ledger, '2027-03-03');
		expect(hung.off.map((l) => l.line.id).sort()).toEqual(['bench', 'door', 'rail', 'toilet']);
		expect(hung.parts.morning.every((l) => l.line.job.layer === 'basics')).toBe(true);
		// Each by its own miss rule: the toilet stays, the bench waits for Saturday.
		const next = read(home, ledger, '2027-03-04');
		expect(stateOf(next, 'toilet')).toBe('late');
		expect(stateOf(next, 'bench')).toBe('waiting');
		expect(hang(home, [...ledger, undo(enough, '2027-03-03')], '2027-03-03').off).toEqual([]);
	});

	it('counts only what is left of a job that is partly done', () => {
		const home = prepared();
		const before = hang(home, upToDate(), '2027-03-03').minutesLeft;
		const part = entry({ outcome: 'part', job: 'bench', date: '2027-03-03', share: 0.6 });
		expect(hang(home, [...upToDate(), part], '2027-03-03').minutesLeft).toBeCloseTo(before - 3);
	});
});

describe('looking back and ahead', () => {
	it('shows a past day as it was, whatever came after', () => {
		const home = prepared();
		const ledger = [...upToDate(), done('toilet', '2027-03-04'), done('toilet', '2027-03-10')];
		const past = readDay(home, projectionAt(home, ledger), day('2027-03-03'));
		expect(stateOf(past, 'toilet')).toBe('due');
		expect(stateOf(readDay(home, projectionAt(home, ledger), day('2027-03-04')), 'toilet')).toBe('done');
	});

	it('forecasts the turns of a coming day and the sitting of its zone', () => {
		const home = prepared();
		const projection = projectHome(home, upToDate());
		const coming = comingDay(home, projection, day('2027-03-01'), day('2027-03-10'));
		const ids = coming.lines.map((l) => l.line.id);
		expect(ids).toContain('bench');
		expect(ids).toContain('toilet');
		expect(ids).not.toContain('skirting');
		const eleventh = comingDay(home, projection, day('2027-03-01'), day('2027-03-11'));
		expect(eleventh.lines.map((l) => l.line.id)).toContain('skirting');
		// The sitting of the 1st takes rail and door; the rack is left for the 2nd, and the next pass begins at once.
		const second = comingDay(home, projection, day('2027-03-01'), day('2027-03-02'));
		expect(second.zone?.offered).toEqual(['rack', 'rail']);
		expect(coming.lines.every((l) => l.state === 'due' && l.lateDays === 0)).toBe(true);
	});

	it('does not forecast what is skipped, or lies in a pause', () => {
		const home = prepared();
		const skip = entry({ outcome: 'skipped', job: 'bench', date: '2027-03-01', dueOn: '2027-03-10' });
		const pause = entry({
			outcome: 'pause',
			date: '2027-03-01',
			scope: 'job',
			target: 'toilet',
			from: '2027-03-09',
			to: '2027-03-12',
			reason: 'away'
		});
		const projection = projectHome(home, [...upToDate(), skip, pause]);
		const ids = comingDay(home, projection, day('2027-03-01'), day('2027-03-10')).lines.map((l) => l.line.id);
		expect(ids).not.toContain('bench');
		expect(ids).not.toContain('toilet');
	});
});
