/** Translates case files to calls of the core and back. It holds no rules of its own. */
import {
	addDays,
	isoMonth,
	isoOf,
	monthOfIndex,
	toDay,
	type CivilDay,
	type Weekday
} from '../src/lib/core/calendar/civil';
import { mergeSpans } from '../src/lib/core/calendar/pauses';
import {
	cardOn,
	missedZones,
	zoneDaysBetween,
	zoneOn,
	type Rotation
} from '../src/lib/core/calendar/rotation';
import { rowOfMonth, weekOfMonth } from '../src/lib/core/calendar/weeks';
import type { Recurrence, MissRule } from '../src/lib/core/calendar/recurrence';
import {
	BEGINNING,
	EMPTY_CHECKPOINT,
	type SeriesEntry,
	type SeriesRule
} from '../src/lib/core/schedule/series';
import { seriesState } from '../src/lib/core/schedule/seriesState';
import { checkPlan } from '../src/lib/core/planner/checkPlan';
import type { PlanInput } from '../src/lib/core/planner/plan';
import { chanceOfSum } from '../src/lib/core/learning/chanceOfSum';
import { judgeUses } from '../src/lib/core/cupboard/cautions';
import { estimateMinutes } from '../src/lib/core/learning/minutes';
import { makePlan } from '../src/lib/core/planner/makePlan';
import { assign } from '../src/lib/core/people/assign';
import {
	FIRST_PASS,
	settleItem,
	startVisit,
	visitOrder,
	type ZoneItem
} from '../src/lib/core/schedule/zoneList';

/* eslint-disable @typescript-eslint/no-explicit-any -- case files are foreign data, checked by comparing */

export interface CaseOutcome {
	ok: boolean;
	expected: unknown;
	came: unknown;
}

function same(a: any, b: any): boolean {
	if (typeof a !== 'object' || a === null || typeof b !== 'object' || b === null) return a === b;
	const keys = Object.keys(a);
	return keys.length === Object.keys(b).length && keys.every((key) => same(a[key], b[key]));
}

function rota(input: any, expect: any): CaseOutcome {
	const scheme = input.scheme;
	const rotation: Rotation = {
		weekStart: input.weekStart ?? 1,
		weekBelongs: input.weekBelongs ?? 'start',
		zones: input.zones,
		scheme: {
			...scheme,
			extra: scheme.extra ?? 'last',
			...(scheme.anchor ? { anchor: toDay(scheme.anchor) } : {})
		},
		zoneDays: input.zoneDays ?? [1, 2, 3, 4, 5]
	};
	const [from, to] = [toDay(input.from), toDay(input.to)];
	const days = [];
	for (let day = from; day <= to; day = addDays(day, 1)) {
		const { week, monthIndex } = weekOfMonth(day, rotation.weekStart, rotation.weekBelongs);
		const { year, month } = monthOfIndex(monthIndex);
		days.push({
			date: isoOf(day),
			zone: zoneOn(day, rotation),
			row: rowOfMonth(day, rotation.weekStart),
			week,
			weekMonth: isoMonth(year, month),
			card: cardOn(day, rotation)
		});
	}
	const daysPerZone = Object.fromEntries(
		[...zoneDaysBetween(from, to, rotation)].map(([zone, zoneDays]) => [zone, zoneDays.length])
	);
	const came = { days, daysPerZone, missed: missedZones(from, to, rotation) };
	return { ok: same(came, expect), expected: expect, came };
}

/** A cadence as a case writes it: the day of every so many months stands in `on` or beside it. */
function cadenceOf(cadence: any): Recurrence {
	if (cadence.type !== 'everyMonths') return cadence as Recurrence;
	const on = cadence.on ?? cadence;
	return {
		type: 'everyMonths',
		every: cadence.every,
		on: typeof on === 'number' ? on : (on.day ?? { nth: on.nth, weekday: on.weekday })
	};
}

function turns(input: any, expect: any): CaseOutcome {
	const job = input.job;
	const rule: SeriesRule = {
		cadence: cadenceOf(job.cadence),
		missRule: job.missRule as MissRule,
		startsOn: toDay(job.startsOn),
		leadDays: job.leadDays ?? 0,
		season: job.season,
		weeks: { weekStart: (input.weekStart ?? 1) as Weekday, weekBelongs: input.weekBelongs ?? 'start' },
		catchUpDays: input.catchUpDays ?? []
	};
	const ledger: SeriesEntry[] = input.ledger.map((entry: any) => ({
		id: entry.id,
		outcome: entry.outcome,
		date: toDay(entry.date),
		of: entry.of,
		dueOn: entry.outcome === 'moved' || entry.outcome === 'skipped' ? toDay(entry.date) : undefined,
		to: entry.to ? toDay(entry.to) : undefined,
		share: entry.share
	}));
	const pauses = mergeSpans((input.pauses ?? []).map((p: any) => ({ from: toDay(p.from), to: toDay(p.to) })));
	const state = seriesState(
		{ versions: [{ from: BEGINNING, rule }], checkpoint: EMPTY_CHECKPOINT, ledger, pauses },
		toDay(input.today)
	);
	const date = (day: CivilDay | null) => (day === null ? undefined : isoOf(day));
	const late = state.state === 'late';
	const came = JSON.parse(
		JSON.stringify({
			state: state.state,
			dueOn: date(state.dueOn),
			lateDays: late ? state.lateDays : undefined,
			lateTurns: late ? Math.round(state.lateTurns * 1000) / 1000 : undefined,
			nextOn: date(state.nextOn)
		})
	);
	const { lateTurns: expectedTurns, ...expectedRest } = expect;
	const { lateTurns, ...rest } = came;
	const closeEnough =
		expectedTurns === undefined
			? lateTurns === undefined
			: lateTurns !== undefined && Math.abs(lateTurns - expectedTurns) <= 0.001 + 1e-9;
	return { ok: closeEnough && same(rest, expectedRest), expected: expect, came };
}

function zoneList(input: any, expect: any): CaseOutcome {
	const items: ZoneItem[] = input.items.map((item: any) => ({ ...item, every: item.every ?? 1 }));
	const on = toDay(input.on);
	let state = FIRST_PASS;
	const visits = input.visits
		.map((visit: any) => ({ day: toDay(visit.date), settled: visit.settled as string[] }))
		.filter((visit: any) => visit.day < on)
		.sort((a: any, b: any) => a.day - b.day);
	for (const { day, settled } of visits) {
		state = startVisit(state, items, day);
		for (const id of settled) state = settleItem(state, items, id, day);
	}
	state = startVisit(state, items, on);
	const came = { pass: state.pass, order: visitOrder(state, items, on) };
	return { ok: same(came, expect), expected: expect, came };
}

function share(input: any, expect: any): CaseOutcome {
	const soFar = input.minutesSoFar ?? {};
	const people = input.people.map((one: any) => ({
		id: one.id,
		share: one.share,
		minutesSoFar: soFar[one.id] ?? 0
	}));
	const items = input.jobs.map((job: any) => ({
		id: job.id,
		minutes: job.minutes,
		can: input.people.filter((one: any) => one.can.includes(job.id)).map((one: any) => one.id)
	}));
	const { given } = assign(people, items);
	// Judged anew from who takes what, not by the number that the program says of itself.
	const minutes = new Map<string, number>(people.map((one: any) => [one.id, one.minutesSoFar]));
	let allowed = true;
	for (const job of input.jobs) {
		const to = given.get(job.id);
		if (to === undefined || !input.people.find((one: any) => one.id === to)?.can.includes(job.id))
			allowed = false;
		else minutes.set(to, (minutes.get(to) ?? 0) + job.minutes);
	}
	const total = [...minutes.values()].reduce((sum, one) => sum + one, 0);
	const off = people.map((one: any) =>
		total === 0 ? 0 : Math.abs((minutes.get(one.id) ?? 0) / total - one.share)
	);
	const spread = Math.max(0, ...off);
	const came = { spread, given: Object.fromEntries(given) };
	return { ok: allowed && spread <= expect.spread + 0.01 + 1e-9, expected: expect, came };
}

/** A problem as a case file tells it, with what is left out filled in. */
export function planInput(input: any): PlanInput {
	return {
		...input,
		people: input.people.map((one: any) => ({
			...one,
			from: one.from ?? 0,
			until: one.until ?? input.bell,
			barred: one.barred ?? []
		})),
		jobs: input.jobs.map((job: any) => ({ ...job, optional: job.optional ?? false }))
	};
}

function plan(input: any, expect: any, { found }: any): CaseOutcome {
	const problem = planInput(input);
	const { entries } = makePlan(problem);
	// Judged from the entries alone: the rules by the checker, worth and end counted anew.
	const broken = checkPlan(problem, entries).map((breach) => `${breach.rule} ${breach.jobs.join(' ')}`);
	const planned = new Set(entries.map((entry) => entry.job));
	const worth = problem.jobs.reduce((sum, job) => (planned.has(job.id) ? sum + job.worth : sum), 0);
	const end = entries.reduce((last, entry) => Math.max(last, entry.end), 0);
	const came = { worth, end, broken, entries };
	// Too large to be solved exactly: at least as good as what a simple search found.
	if (!expect)
		return { ok: broken.length === 0 && worth >= found.worth - 0.001, expected: { atLeast: found }, came };
	const whole = worth >= expect.worth - 0.001;
	return {
		ok:
			broken.length === 0 &&
			worth >= 0.98 * expect.worth - 1e-9 &&
			(!whole || end <= 1.05 * expect.end + 1e-9),
		expected: expect,
		came
	};
}

function estimate(input: any, expect: any): CaseOutcome {
	const came = estimateMinutes(input.startMinutes, input.observations);
	const near = (key: 'median' | 'low' | 'high') => Math.abs(came[key] / expect[key] - 1) <= 0.05;
	return { ok: near('median') && near('low') && near('high'), expected: expect, came };
}

function chance(input: any, expect: any): CaseOutcome {
	const p = chanceOfSum(input.bell, input.lane, input.fixedMinutes ?? 0);
	return { ok: Math.abs(p - expect.p) <= 0.03, expected: expect, came: { p } };
}

const sorted = (list: readonly unknown[]) => list.map((one) => JSON.stringify(one)).sort();

function caution(input: any, expect: any): CaseOutcome {
	const came: any = judgeUses(
		input.uses.map((use: any) => ({ ...use, families: use.family })),
		input.people.map((one: any) => ({ ...one, excludes: one.excludes ?? [] })),
		input.pets ?? []
	);
	const keys = ['dangers', 'cautions', 'notes', 'refused', 'short', 'pets'];
	return { ok: keys.every((key) => same(sorted(came[key]), sorted(expect[key]))), expected: expect, came };
}

const RUNNERS: Record<string, (input: any, expect: any, file: any) => CaseOutcome> = {
	rota,
	turns,
	'zone-list': zoneList,
	share,
	plan,
	estimate,
	chance,
	caution
};

export const SUPPORTED_KINDS = Object.keys(RUNNERS);

/** Runs one case through the core. Throws where the kind is not supported or the case cannot be read. */
export function runCase(file: any): CaseOutcome {
	const run = RUNNERS[file.kind];
	if (!run) throw new Error(`kind not supported: ${file.kind}`);
	return run(file.input, file.expect, file);
}
