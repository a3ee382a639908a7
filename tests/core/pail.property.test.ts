import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import type { Job } from '../../src/lib/core/household/home';
import { mayDo } from '../../src/lib/core/people/whoCan';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { outcomesOf, readSession, type SessionEvent } from '../../src/lib/core/session/sessionState';
import { pailCandidates } from '../../src/lib/core/session/fill';
import { done, testId } from './entries';
import { demoHome } from './home';
import { fillOne } from './sessions';

const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
const FROM = toDay('2027-03-01');
const ledger = home.home.jobs
	.filter((job, i) => i % 2 === 0 && job.cadence.type !== 'zone' && job.parts.length < 2)
	.map((job, i) => done(job.id, `2027-02-${String(1 + (i % 28)).padStart(2, '0')}`, { by: 'ottilie' }));
const projection = projectHome(home, ledger);

type Depth = Job['depths']['usual'];
type Uses = Depth['steps'][number]['products'];

const asked = fc.record({
	ahead: fc.integer({ min: 0, max: 13 }),
	person: fc.nat(home.home.members.length - 1),
	bell: fc.integer({ min: 1, max: 120 })
});

function fill({ ahead, person, bell }: { ahead: number; person: number; bell: number }) {
	const member = home.home.members[person];
	if (!member) throw new Error('nobody');
	const date = addDays(FROM, ahead);
	const day = readDay(home, projection, date);
	const lines = pailCandidates(day.lines, member, date);
	return { member, date, lines, pail: fillOne(home, lines, member, bell, date), bell };
}

describe('a pail for anybody, on any day, of any minutes', () => {
	it('keeps every hard rule, by the checker that the planner does not know', () => {
		fc.assert(
			fc.property(asked, (one) => {
				const { pail } = fill(one);
				expect(checkPlan(pail.offer.input, pail.offer.plan.entries)).toEqual([]);
			}),
			{ numRuns: 80, seed: 51 }
		);
	}, 60_000);

	it('has no two products on a surface that must not meet, without a rinse between, whatever the home uses', () => {
		const families = fc.array(
			fc.constantFrom('bleach', 'acid', 'ammonia', 'peroxide', 'caustic', 'surfactant', null),
			{ minLength: 3, maxLength: 9 }
		);
		let told = 0;
		fc.assert(
			fc.property(families, asked, (list, { ahead, bell }) => {
				const use = (i: number): Uses => {
					const family = list[i % list.length];
					if (!family) return [];
					return [{ families: [family], surface: i % 2 ? 'tile' : 'wood', rinse: false, floor: false }];
				};
				const at = (depth: Depth, i: number): Depth => ({
					...depth,
					steps: depth.steps.map((step, k) => (k === 0 ? { ...step, products: use(i) } : step))
				});
				const jobs = home.home.jobs.map((job, i) => ({
					...job,
					room: i % 3 ? job.room : 'lamp-room',
					depths: { usual: at(job.depths.usual, i) }
				}));
				const other = prepareHome([{ from: toDay('2027-01-04'), home: { ...home.home, jobs } }]);
				const date = addDays(FROM, ahead);
				const member = other.home.members.find((one) => one.id === 'ottilie');
				if (!member) throw new Error('nobody');
				const day = readDay(other, projectHome(other, ledger), date);
				const lines = pailCandidates(day.lines, member, date);
				const { offer } = fillOne(other, lines, member, bell, date);
				const breaches = checkPlan(offer.input, offer.plan.entries);
				expect(breaches.filter((one) => one.rule === 'products')).toEqual([]);
				told += offer.plan.entries.length;
			}),
			{ numRuns: 60, seed: 54 }
		);
		expect(told).toBeGreaterThan(100);
	}, 60_000);

	it('holds what that person may do, and names all that is left out', () => {
		fc.assert(
			fc.property(asked, (one) => {
				const { member, date, lines, pail, bell } = fill(one);
				for (const line of lines) expect(mayDo(line.line.job, member, date)).toBe(true);
				expect([...pail.lines, ...pail.left].sort()).toEqual(lines.map((line) => line.line.id).sort());
				if (!pail.cut) expect(pail.minutes).toBeLessThanOrEqual(bell);
				else expect(pail.lines.length).toBe(1);
				if (lines.length > 0) expect(pail.plan.steps.length).toBeGreaterThan(0);
			}),
			{ numRuns: 80, seed: 52 }
		);
	}, 60_000);

	it('is the same each time', () => {
		fc.assert(
			fc.property(asked, (one) => {
				const first = fill(one);
				expect(fill(one).pail).toEqual(first.pail);
			}),
			{ numRuns: 40, seed: 53 }
		);
	}, 60_000);

	it('run to its end in any order of presses, gives the ledger each job once, with the minutes worked', () => {
		const presses = fc.array(fc.tuple(fc.nat(9), fc.integer({ min: 1, max: 240 })), { maxLength: 30 });
		fc.assert(
			fc.property(asked, presses, (one, pressed) => {
				const { plan } = fill(one).pail;
				if (plan.steps.length === 0) return;
				let now = Date.parse('2027-03-01T10:00:00Z');
				const start = now;
				const events: SessionEvent[] = [{ id: testId(), kind: 'started', at: now, step: null }];
				let paused = 0;
				let pausedAt: number | null = null;
				for (const [kind, seconds] of pressed) {
					now += seconds * 1000;
					const clock = readSession(plan, events, now);
					if (clock.phase === 'over') break;
					const press = (what: SessionEvent['kind'], step: number | null = null) =>
						events.push({ id: testId(), kind: what, at: now, step });
					if (kind < 2 && pausedAt === null) {
						press('paused');
						pausedAt = now;
					} else if (kind < 4 && pausedAt !== null) {
						press('resumed');
						paused += now - pausedAt;
						pausedAt = null;
					} else if (kind === 4) press('fiveMore');
					else if (pausedAt === null && clock.current !== null) press('stepDone', clock.current);
				}
				const clock = readSession(plan, events, now);
				const over = clock.phase === 'over' ? (clock.overAt ?? now) : now;
				const pausing = pausedAt === null || pausedAt > over ? 0 : over - pausedAt;
				expect(clock.worked).toBe(over - start - paused - pausing);
				expect(clock.workedOnStep.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(clock.worked);
				const outcomes = outcomesOf(plan, clock);
				expect(new Set(outcomes.map((outcome) => outcome.line)).size).toBe(outcomes.length);
				for (const outcome of outcomes) {
					const steps = plan.steps
						.map((step, i) => ({ step, i }))
						.filter(({ step }) => step.line === outcome.line);
					const allDone = steps.every(({ i }) => clock.done[i]);
					expect(outcome.outcome === 'done').toBe(allDone);
				}
			}),
			{ numRuns: 160, seed: 54 }
		);
	}, 60_000);
});
