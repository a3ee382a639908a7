/** What is said of a plan that fills a pail: why it is as it is, what to take along, what hangs aside and why. */
import type { Plan, PlanInput } from '$core/planner/plan';
import type { WhyAside } from '$core/session/whyAside';
import { type PailJobs } from '$views/session';
import type { JobRow } from '$views/today';
import { applianceName } from './jobEditor';
import { listNames, lowerNumber, minutesText, numberWord, plural } from './general';
import { namesInList } from './names';

const plannedIn = (plan: Plan) => [...new Set(plan.entries.map((entry) => entry.job))];

/** Why this way of filling: one to three short sentences. `about` is the room or line that it is about. */
export function offerWhy(
	name: string,
	about: string | null,
	plan: Plan,
	input: PlanInput,
	jobs: PailJobs,
	roomName: (id: string) => string
): string {
	if (plan.entries.length === 0) return 'Nothing on today’s list suits this session.';
	if (name === 'start') return 'Nothing fits whole. Begin it; the bell stops you.';
	const planned = plannedIn(plan);
	if (name === 'room')
		return `Only the ${roomName(about ?? '')}: ${lowerNumber(planned.length)} ${plural(planned.length, 'job')}, no stairs.`;
	if (name === 'longest') return `${jobs[about ?? '']?.name ?? ''} first of all, then what still fits.`;
	const stepsOf = (job: string) => input.jobs.find((one) => one.id === job)?.steps ?? [];
	const rooms = new Set(planned.flatMap((job) => stepsOf(job).map((step) => step.room)));
	const late = planned.filter((job) => jobs[job]?.late).length;
	const soaks = plan.entries.filter((entry) => {
		const steps = stepsOf(entry.job);
		return (steps[entry.step]?.waitMin ?? 0) > 0 && entry.step < steps.length - 1;
	}).length;
	return [
		rooms.size === 1
			? `All in one room: ${roomName([...rooms][0] as string)}.`
			: `In ${lowerNumber(rooms.size)} rooms.`,
		late > 0 ? `${late === 1 ? 'One is' : `${numberWord(late)} are`} overdue.` : '',
		soaks > 0 ? `${soaks === 1 ? 'Something soaks' : `${numberWord(soaks)} things soak`} meanwhile.` : ''
	]
		.filter(Boolean)
		.join(' ');
}

/** What the planned jobs need, each once, at most eight things. */
export function takeAlong(plan: Plan, jobs: PailJobs): string[] {
	return [...new Set(plannedIn(plan).flatMap((job) => jobs[job]?.needs ?? []))].slice(0, 8);
}

/** What planned jobs need and cannot have, each sentence once. */
export const missingIn = (plan: Plan, jobs: PailJobs): string[] => [
	...new Set(plannedIn(plan).flatMap((job) => jobs[job]?.missing ?? []))
];

export interface Aside {
	readonly job: string;
	readonly tag: JobRow;
	readonly why: string;
	readonly href: string;
}

/** What is said of the jobs of a later part of the day, and of the way to take them in or leave them. */
export const laterText = (count: number) =>
	count === 0
		? 'Jobs of a later part of the day are in.'
		: `${numberWord(count)} ${count === 1 ? 'job is' : 'jobs are'} for later in the day.`;
export const laterLink = (count: number) => (count === 0 ? 'Leave them for later' : 'Do them now, too');

/** A job that is outside of a session, as it is told. */
export interface ElsewhereJob {
	readonly name: string;
	readonly room: string;
	readonly why: 'theirs' | 'running' | 'may-not';
	/** Whose it is, by name. */
	readonly of: readonly string[];
}

/** As many names as a line of a list holds. */
const NAMED = 4;

/** What a session leaves to others: a sentence for each of those who have it, with the jobs by name. */
export function elsewhereLines(jobs: readonly ElsewhereJob[], people: readonly string[]): string[] {
	const heads = jobs.map(({ why, of }) => {
		if (why === 'theirs') return `For ${listNames(of)}`;
		return why === 'running' ? 'In another session now' : `Not for ${listNames(people)}`;
	});
	return [...new Set(heads)].map((head) => {
		const names = namesInList(jobs.filter((_, i) => heads[i] === head));
		const more = names.length - NAMED;
		const told = more > 1 ? [...names.slice(0, NAMED), `${more} more`] : names;
		return `${head}: ${listNames(told)}.`;
	});
}

/** Why a job is not in a plan, in words. */
export function whyLeftText(why: WhyAside | undefined, jobs: PailJobs): string {
	const named = (id: string) => jobs[id]?.name ?? 'another job';
	switch (why?.code) {
		case 'nobody':
			return 'nobody here may do it';
		case 'appliance':
			return `the ${applianceName(why.appliance)} is in use until then`;
		case 'danger':
			return `its product must not meet that of ${named(why.job)}; rinse between them, or do it another day`;
		case 'order':
			return `the order of things does not let it go with ${named(why.job)}`;
		case 'covered':
			return `${named(why.job)} does it along`;
		case 'too-long':
			return `takes ${minutesText(why.minutes)} min, longer than your time`;
		case 'tool':
			return `${why.tool} stays in ${why.room}: choose another tool in the job`;
		case 'margin':
			return 'with it you might not finish in time';
		case 'other-room':
			return 'it is in another room';
		case 'most':
			return `this way of cleaning takes at most ${numberWord(why.jobs).toLowerCase()} jobs`;
		default:
			return 'the others matter more';
	}
}

/** What is on and not in the plan, with the reason. */
export function asideOf(plan: Plan, jobs: PailJobs, reasons: Readonly<Record<string, WhyAside>>): Aside[] {
	const planned = new Set(plannedIn(plan));
	return Object.entries(jobs).flatMap(([job, { aside, put }]): Aside[] => {
		if (aside === null || planned.has(job)) return [];
		return [{ job, tag: aside, why: whyLeftText(reasons[job], jobs), href: put }];
	});
}
