/**
 * Checks any plan against the hard rules and names what is broken. Written apart from the planner, which does
 * not use it. Rules: "Hard rules of a plan".
 */
import { isDangerAlone, mustNotMeet } from '../cupboard/meet';
import type { PlanEntry, PlanInput, PlanJob, PlanStep, PlanUse } from './plan';

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
	| 'floors'
	| 'top-down'
	| 'products'
	| 'released'
	| 'deadline'
	| 'settled'
	| 'break'
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
	if (input.floors === 'at-end') checkFloors(placed, breach);
	if (input.topDown) checkStoreys(input, placed, breach);
	checkSurfaces(placed, breach);
	for (const [first, second] of input.pairs) {
		const end = Math.max(...(byJob.get(first) ?? []).map((p) => p.end));
		const start = Math.min(...(byJob.get(second) ?? []).map((p) => p.start));
		if (byJob.has(first) && byJob.has(second) && end > start + EPS) breach('pair', first, second);
	}
	checkAppliances(input, byJob, breach);
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
	if (job.by !== undefined && steps.some((p) => p.person !== job.by)) breach('settled', job.id);
	const begins = steps[0]?.start ?? 0;
	if (begins < (job.release ?? 0) - EPS) breach('released', job.id);
	if (begins > (job.deadline ?? Infinity) + EPS) breach('deadline', job.id);
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
			for (const span of person.breaks ?? [])
				if (p.start < span.until - EPS && span.from < p.end - EPS) breach('break', p.job);
			const before = steps[i - 1];
			if (before && p.start < before.end - EPS) breach('overlap', before.job, p.job);
			const room = before ? before.of.room : person.room;
			if (room === undefined || room === p.of.room) return;
			const storeys = Math.abs((storey.get(room) ?? 0) - (storey.get(p.of.room) ?? 0));
			const walk = input.move.sameStorey + storeys * input.move.perStorey;
			const since = before ? before.end : person.from;
			if (p.start < since + walk - EPS) breach('move', ...(before ? [before.job] : []), p.job);
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

/** Rule 3 for a household that does its floors last of all. */
function checkFloors(placed: readonly Placed[], breach: Report) {
	const isFloor = (p: Placed) => p.of.class === 6 || p.of.class === 7;
	for (const floor of placed.filter(isFloor))
		for (const other of placed)
			if (other.of.class >= 1 && other.of.class <= 5 && other.end > floor.start + EPS)
				breach('floors', other.job, floor.job);
}

function checkStoreys(input: PlanInput, placed: readonly Placed[], breach: Report) {
	const storey = (p: Placed) => input.rooms.find((room) => room.id === p.of.room)?.storey ?? 0;
	const bound = placed.filter((p) => p.of.class > 0);
	for (const upper of bound)
		for (const lower of bound)
			if (storey(upper) > storey(lower) && upper.end > lower.start + EPS)
				breach('top-down', upper.job, lower.job);
}

/** Rule 8: any two uses of one surface, not only neighbours, unless a rinse lies between. */
function checkSurfaces(placed: readonly Placed[], breach: Report) {
	const uses = placed
		.flatMap((p) =>
			(p.of.uses ?? []).map((use, i): { p: Placed; use: PlanUse; i: number } => ({ p, use, i }))
		)
		.sort((a, b) => a.p.start - b.p.start || a.p.end - b.p.end || a.p.step - b.p.step || a.i - b.i);
	uses.forEach((one, i) => {
		if (isDangerAlone(one.use.families)) breach('products', one.p.job);
		for (const other of uses.slice(i + 1)) {
			if (other.use.surface !== one.use.surface) continue;
			// What is used in the rinsing step itself comes after the rinse.
			if (other.use.rinse) break;
			if (mustNotMeet(one.use.families, other.use.families)) breach('products', one.p.job, other.p.job);
		}
	});
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

function checkAppliances(input: PlanInput, byJob: Map<string, Placed[]>, breach: Report) {
	const taken = (input.taken ?? []).map((one) => ({
		appliance: one.appliance,
		job: '',
		from: 0,
		to: one.until
	}));
	// A job that has its appliance from the beginning has it until the next step that names it ends.
	const held = input.jobs.flatMap((job) =>
		(job.holds ?? []).flatMap((appliance) => {
			const next = byJob.get(job.id)?.find((p) => p.of.appliance === appliance);
			return [{ appliance, job: job.id, from: 0, to: next ? next.end : Infinity }];
		})
	);
	const all = [...taken, ...held, ...[...byJob.values()].flatMap(occupations)];
	all.forEach((a, i) => {
		for (const b of all.slice(i + 1)) {
			if (a.appliance !== b.appliance || a.job === b.job) continue;
			if (a.from < b.to - EPS && b.from < a.to - EPS) breach('appliance', a.job, b.job);
		}
	});
}
