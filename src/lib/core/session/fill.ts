/** Fills a pail: from what is on, for one person and a bell, the steps in the order in which to do them. */
import type { JobStep } from '../household/jobSchema';
import type { PreparedHome } from '../household/history';
import type { Member } from '../household/home';
import { mayDo } from '../people/whoCan';
import type { DayLine } from '../routine/readDay';
import type { CivilDay } from '../calendar/civil';
import type { Plan, PlanInput, PlanJob } from './plan';
import { makePlan } from './planner';

/** A step of a pail, with its planned minutes from the start. Plain data: stored with the session. */
export interface PailStep {
	readonly line: string;
	readonly job: string;
	readonly jobName: string;
	readonly step: number;
	readonly text: string;
	readonly room: string;
	readonly roomName: string;
	readonly minutes: number;
	readonly start: number;
	readonly wait: { readonly label: string; readonly min: number; readonly max: number | null } | null;
	/** The step that ends its job. */
	readonly last: boolean;
}

export interface Pail {
	readonly steps: readonly PailStep[];
	/** Lines taken in, in the order of their first step. */
	readonly lines: readonly string[];
	/** Lines that are on and did not fit. */
	readonly left: readonly string[];
	/** Minutes from the start to the end of the last attended step. */
	readonly minutes: number;
	/** Nothing fitted whole: this is a start on the one job that matters most. */
	readonly cut: boolean;
}

/** The steps of a line at the depth of its turn. */
export function stepsOf(line: DayLine): readonly JobStep[] {
	const { depths } = line.line.job;
	return (depths[line.depth] ?? depths.usual).steps;
}

/** A line of the day as a job for the planner, at the depth of its turn; it may be left out. Handbook page 3. */
export function planJob(line: DayLine): PlanJob {
	return {
		id: line.line.id,
		worth: line.worth,
		optional: true,
		steps: stepsOf(line).map((step) => ({
			room: step.room ?? line.line.job.room,
			class: step.class,
			minutes: step.minutes,
			appliance: step.appliance,
			waitMin: step.wait?.min,
			waitMax: step.wait?.max
		}))
	};
}

/** Lines that a pail may take: due, late or open, not off the line, and not somebody else's own. */
export function pailCandidates(lines: readonly DayLine[], member: Member, date: CivilDay): DayLine[] {
	return lines.filter(
		(line) =>
			(line.state === 'due' || line.state === 'late' || line.state === 'open') &&
			!line.offTheLine &&
			mayDo(line.line.job, member, date)
	);
}

/**
 * Fills a pail of `bell` minutes from `lines`. Open lines come in only when what is due has found its place.
 * Where not one line fits whole, the one of most worth is begun (`cut`).
 */
export function fillPail(home: PreparedHome, lines: readonly DayLine[], member: Member, bell: number): Pail {
	const { household, rooms } = home.home;
	const input = (jobs: readonly PlanJob[], minutes: number): PlanInput => ({
		bell: minutes,
		people: [{ id: member.id, from: 0, until: minutes, barred: [] }],
		rooms: rooms.map((room) => ({ id: room.id, storey: room.storey })),
		move: household.moves,
		appliances: [],
		pairs: [],
		jobs
	});
	// What is due outweighs what may be done: a day's worth of weights apart keeps the order of page 3 within each.
	const jobs = lines.map((line) => {
		const job = planJob(line);
		return line.state === 'open' ? { ...job, worth: job.worth / 1000 } : job;
	});
	let plan = makePlan(input(jobs, bell));
	const cut = plan.entries.length === 0 && jobs.length > 0;
	if (cut) {
		const first = [...jobs].sort((a, b) => b.worth - a.worth || (a.id < b.id ? -1 : 1))[0] as PlanJob;
		plan = makePlan(input([first], 24 * 60));
	}
	return pailOf(home, lines, plan, cut);
}

function pailOf(home: PreparedHome, lines: readonly DayLine[], plan: Plan, cut: boolean): Pail {
	const byId = new Map(lines.map((line) => [line.line.id, line]));
	const ordered = [...plan.entries].sort((a, b) => a.start - b.start);
	const steps = ordered.flatMap((entry): PailStep[] => {
		const line = byId.get(entry.job);
		const all = line ? stepsOf(line) : [];
		const step = all[entry.step];
		if (!line || !step) return [];
		const room = home.roomById.get(step.room ?? line.line.job.room) ?? line.line.room;
		return [
			{
				line: entry.job,
				job: line.line.job.id,
				jobName: line.line.job.name,
				step: entry.step,
				text: step.text,
				room: room.id,
				roomName: room.name,
				minutes: step.minutes,
				start: entry.start,
				wait: step.wait ? { label: step.wait.label, min: step.wait.min, max: step.wait.max ?? null } : null,
				last: entry.step === all.length - 1
			}
		];
	});
	const taken = [...new Set(steps.map((step) => step.line))];
	return {
		steps,
		lines: taken,
		left: lines.map((line) => line.line.id).filter((id) => !taken.includes(id)),
		minutes: plan.end,
		cut
	};
}
