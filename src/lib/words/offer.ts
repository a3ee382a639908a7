/** What is said of a plan that fills a pail: why it is as it is, what to take along, what hangs aside and why. */
import type { Plan, PlanInput } from '$core/planner/plan';
import { type PailJobs } from '$views/session';
import type { JobRow } from '$views/today';
import { lowerNumber, minutesText, numberWord, plural } from './general';

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
			? `All in the ${roomName([...rooms][0] as string)}.`
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

export interface Aside {
	readonly job: string;
	readonly tag: JobRow;
	readonly why: string;
	readonly href: string;
}

/** What is on and not in the plan, with the reason. `limited`: this kind takes only so many jobs. */
export function asideOf(plan: Plan, jobs: PailJobs, minutes: number, limited: boolean): Aside[] {
	const planned = new Set(plannedIn(plan));
	return Object.entries(jobs).flatMap(([job, { aside, put }]): Aside[] => {
		if (aside === null || planned.has(job)) return [];
		const why =
			aside.minutes > minutes
				? `${minutesText(aside.minutes)} min, too long for your minutes`
				: limited && planned.size > 0
					? 'there are enough jobs already'
					: 'would end after your time is up';
		return [{ job, tag: aside, why, href: put }];
	});
}
