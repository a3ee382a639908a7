/**
 * Checks any plan against the hard rules and names what is broken. Written apart from the planner, which does
 * not use it. Handbook page 3, "What a plan must respect"; the exact forms stand in the worked cases' README.
 */
import type { PlanEntry, PlanInput, PlanJob, PlanStep } from './plan';

export type BrokenRule =
	| 'unknown'
	| 'incomplete'
	| 'two-people'
	| 'length'
	| 'order'
	| 'wait'
	| 'overlap'
	| 'move'
	| 'presence'
	| 'barred'
	| 'bell'
	| 'class'
	| 'pair'
	| 'appliance'
	| 'missing-job';

export interface Breach {
	readonly rule: BrokenRule;
	readonly jobs: readonly string[];
}

interface Placed extends PlanEntry {
	readonly of: PlanStep;
}

const EPS = 1e-9;

/** All breaches of a plan; none for a plan that keeps every rule. */
export function checkPlan(input: PlanInput, entries: readonly PlanEntry[]): Breach[] {
	const breaches: Breach[] = [];
	const breach = (rule: BrokenRule, ...jobs: string[]) => void breaches.push({ rule, jobs });
	const jobs = new Map(input.jobs.map((job) => [job.id, job]));
	const placed: Placed[] = [];
	for (const entry of entries) {
		const of = jobs.get(entry.job)?.steps[entry.step];
		if (!of) breach('unknown', entry.job);
		else placed.push({ ...entry, of });
	}
	const byJob = groupByJob(placed);
	for (const job of input.jobs) {
		const steps = byJob.get(job.id);
		if (steps) checkJob(job, steps, breach);
		else if (!job.optional) breach('missing-job', job.id);
	}
	checkPeople(input, placed, breach);
	checkRooms(placed, breach);
	for (const [first, second] of input.pairs) {
		const end = Math.max(...(byJob.get(first) ?? []).map((p) => p.end));
		const start = Math.min(...(byJob.get(second) ?? []).map((p) => p.start));
		if (byJob.has(first) && byJob.has(second) && end > start + EPS) breach('pair', first, second);
	}
	checkAppliances(byJob, breach);
	return breaches;
}

type Report = (rule: BrokenRule, ...jobs: string[]) => void;

function groupByJob(placed: readonly Placed[]): Map<string, Placed[]> {
	const map = new Map<string, Placed[]>();
	for (const p of placed) map.set(p.job, [...(map.get(p.job) ?? []), p]);
	return map;
}

function checkJob(job: PlanJob, placed: readonly Placed[], breach: Report) {
	const steps = [...placed].sort((a, b) => a.step - b.step);
	if (steps.length !== job.steps.length || steps.some((p, i) => p.step !== i))
		return breach('incomplete', job.id);
	if (steps.some((p) => p.person !== steps[0]?.person)) breach('two-people', job.id);
	for (const [i, p] of steps.entries()) {
		if (Math.abs(p.end - p.start - p.of.minutes) > EPS) breach('length', job.id);
		const before = steps[i - 1];
		if (!before) continue;
		if (p.start < before.end - EPS) breach('order', job.id);
		const { waitMin, waitMax } = before.of;
		const gap = p.start - before.end;
		if (gap < (waitMin ?? 0) - EPS || (waitMax !== undefined && gap > waitMax + EPS)) breach('wait', job.id);
	}
}

function checkPeople(input: PlanInput, placed: readonly Placed[], breach: Report) {
	const storey = new Map(input.rooms.map((room) => [room.id, room.storey]));
	for (const name of new Set(placed.map((p) => p.person))) {
		const person = input.people.find((p) => p.id === name);
		const steps = placed.filter((p) => p.person === name).sort((a, b) => a.start - b.start || a.end - b.end);
		if (!person) {
			breach('unknown', ...steps.map((p) => p.job));
			continue;
		}
		steps.forEach((p, i) => {
			if (p.start < person.from - EPS || p.end > person.until + EPS) breach('presence', p.job);
			if (p.end > input.bell + EPS || p.start < -EPS) breach('bell', p.job);
			if (person.barred.includes(p.job)) breach('barred', p.job);
			const before = steps[i - 1];
			if (!before) return;
			if (p.start < before.end - EPS) breach('overlap', before.job, p.job);
			if (before.of.room === p.of.room) return;
			const storeys = Math.abs((storey.get(before.of.room) ?? 0) - (storey.get(p.of.room) ?? 0));
			const walk = input.move.sameStorey + storeys * input.move.perStorey;
			if (p.start < before.end + walk - EPS) breach('move', before.job, p.job);
		});
	}
}

function checkRooms(placed: readonly Placed[], breach: Report) {
	for (const low of placed) {
		for (const high of placed) {
			if (low.of.class === 0 || low.of.room !== high.of.room || low.of.class >= high.of.class) continue;
			if (low.end > high.start + EPS) breach('class', low.job, high.job);
		}
	}
}

/** From when to when a job has an appliance, wait included where the wait keeps it. */
function occupations(
	steps: readonly Placed[]
): { appliance: string; job: string; from: number; to: number }[] {
	const sorted = [...steps].sort((a, b) => a.step - b.step);
	return sorted.flatMap((p, i) => {
		const { appliance, waitMin, waitMax } = p.of;
		if (appliance === undefined) return [];
		let to = p.end;
		if (waitMin !== undefined || waitMax !== undefined) {
			const next = sorted.slice(i + 1).find((later) => later.of.appliance === appliance);
			to = next ? next.end : p.end + (waitMin ?? 0);
		}
		return [{ appliance, job: p.job, from: p.start, to }];
	});
}

function checkAppliances(byJob: Map<string, Placed[]>, breach: Report) {
	const all = [...byJob.values()].flatMap(occupations);
	all.forEach((a, i) => {
		for (const b of all.slice(i + 1)) {
			if (a.appliance !== b.appliance || a.job === b.job) continue;
			if (a.from < b.to - EPS && b.from < a.to - EPS) breach('appliance', a.job, b.job);
		}
	});
}
