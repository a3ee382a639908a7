/**
 * Fills the minutes of one person: jobs by worth per minute, each taken if a schedule that keeps every hard
 * rule still ends by the bell. Reproducible: no clock, no chance. Handbook page 3.
 */
import {
	attendedMinutes,
	moveMinutes,
	type Plan,
	type PlanEntry,
	type PlanInput,
	type PlanJob,
	type PlanPerson
} from './plan';

interface Progress {
	readonly job: PlanJob;
	next: number;
	/** When the next step may begin at the earliest and must at the latest. */
	ready: number;
	latest: number;
}

interface Candidate {
	readonly progress: Progress;
	readonly start: number;
}

/** The appliance stays taken until another job may have it: Infinity while a later step of its job is to free it. */
type Appliances = Map<string, { job: string; until: number }>;

/**
 * A schedule of all the jobs for one person by always taking the best step that may come next, or null where
 * that ends past the bell or breaks a longest wait.
 */
function schedule(input: PlanInput, jobs: readonly PlanJob[], person: PlanPerson): PlanEntry[] | null {
	const entries: PlanEntry[] = [];
	const open: Progress[] = jobs.map((job) => ({ job, next: 0, ready: 0, latest: Infinity }));
	const appliances: Appliances = new Map();
	const bell = Math.min(input.bell, person.until);
	let now = person.from;
	let room: string | null = null;
	while (open.some((p) => p.next < p.job.steps.length)) {
		const choice = choose(input, open, appliances, now, room);
		if (!choice) return null;
		const { progress, start } = choice;
		const step = progress.job.steps[progress.next];
		if (!step || start > progress.latest || start + step.minutes > bell) return null;
		const end = start + step.minutes;
		entries.push({ job: progress.job.id, step: progress.next, person: person.id, start, end });
		progress.next++;
		const waits = step.waitMin !== undefined || step.waitMax !== undefined;
		progress.ready = end + (step.waitMin ?? 0);
		progress.latest = step.waitMax === undefined ? Infinity : end + step.waitMax;
		if (step.appliance !== undefined) {
			const later = progress.job.steps.slice(progress.next).some((s) => s.appliance === step.appliance);
			const until = !waits ? end : later ? Infinity : end + (step.waitMin ?? 0);
			appliances.set(step.appliance, { job: progress.job.id, until });
		}
		now = end;
		room = step.room;
	}
	return entries;
}

/** The step to take next: one whose longest wait presses, else what starts first, waits begun before all else. */
function choose(
	input: PlanInput,
	open: readonly Progress[],
	appliances: Appliances,
	now: number,
	room: string | null
): Candidate | null {
	const candidates: Candidate[] = [];
	for (const progress of open) {
		const step = progress.job.steps[progress.next];
		if (!step || heldUp(input, open, progress)) continue;
		const holder = step.appliance === undefined ? undefined : appliances.get(step.appliance);
		const free = holder === undefined || holder.job === progress.job.id ? 0 : holder.until;
		if (free === Infinity) continue;
		const start = Math.max(now + moveMinutes(input, room, step.room), progress.ready, free);
		candidates.push({ progress, start });
	}
	if (candidates.length === 0) return null;
	const best = [...candidates].sort((a, b) => rank(a, room) - rank(b, room) || a.start - b.start)[0];
	const pressing = candidates
		.filter((c) => c.progress.latest < Infinity)
		.sort((a, b) => a.progress.latest - b.progress.latest)[0];
	if (!best) return null;
	if (pressing && pressing !== best) {
		const step = best.progress.job.steps[best.progress.next];
		const back = pressing.progress.job.steps[pressing.progress.next];
		const afterBest =
			best.start + (step?.minutes ?? 0) + moveMinutes(input, step?.room ?? null, back?.room ?? '');
		if (Math.max(afterBest, pressing.progress.ready) > pressing.progress.latest) return pressing;
	}
	return best;
}

/** Lower is better: a small start, then setting things going, then staying in the room, then the class. */
function rank({ progress, start }: Candidate, room: string | null): number {
	const step = progress.job.steps[progress.next];
	if (!step) return Infinity;
	const setsGoing = step.waitMin !== undefined && progress.next + 1 < progress.job.steps.length ? 0 : 1;
	return start * 1000 + setsGoing * 400 + (room === null || step.room === room ? 0 : 200) + step.class * 10;
}

/** A lower class in the room, or the first job of a pair, is still to come. */
function heldUp(input: PlanInput, open: readonly Progress[], progress: Progress): boolean {
	const step = progress.job.steps[progress.next];
	if (!step) return true;
	for (const other of open) {
		for (let i = other.next; i < other.job.steps.length; i++) {
			const waiting = other.job.steps[i];
			if (!waiting || (other === progress && i === progress.next)) continue;
			if (step.class > 0 && waiting.class > 0 && waiting.room === step.room && waiting.class < step.class)
				return true;
		}
		const unfinished = other.next < other.job.steps.length;
		if (unfinished && input.pairs.some(([a, b]) => a === other.job.id && b === progress.job.id)) return true;
	}
	return false;
}

/**
 * A plan for the first person of the input. Jobs that must be done come first, then the others by worth per
 * attended minute; each is kept if everything still fits. `left` names the jobs that did not.
 */
export function fillPlan(input: PlanInput): Plan {
	const person = input.people[0];
	const may = (job: PlanJob) => person !== undefined && !person.barred.includes(job.id);
	const rate = (job: PlanJob) => job.worth / Math.max(0.5, attendedMinutes(job));
	const wanted = [...input.jobs].sort(
		(a, b) => Number(a.optional) - Number(b.optional) || rate(b) - rate(a) || (a.id < b.id ? -1 : 1)
	);
	let kept: PlanJob[] = [];
	let entries: PlanEntry[] = [];
	for (const job of wanted) {
		if (!person || !may(job)) continue;
		// The plan is built in the order of the input, so that equal choices fall the same way each time.
		const tried = input.jobs.filter((j) => j === job || kept.includes(j));
		const result = schedule(input, tried, person);
		if (result) {
			kept = tried;
			entries = result;
		}
	}
	return {
		entries,
		worth: kept.reduce((sum, job) => sum + job.worth, 0),
		end: entries.reduce((end, entry) => Math.max(end, entry.end), 0),
		left: input.jobs.filter((job) => !kept.includes(job)).map((job) => job.id)
	};
}
