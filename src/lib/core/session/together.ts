/**
 * How several people share one session: each room one of them, each kind of work one of them, or each their agreed
 * share. Rules: "Joint work".
 */
import { assign } from '../people/assign';
import { attendedMinutes, type PlanInput, type PlanJob } from '../planner/plan';

/** `free`: whoever it suits, as the planner finds it. */
export const TOGETHER = ['free', 'room', 'role', 'share'] as const;
export type Together = (typeof TOGETHER)[number];

/** The three roles, one behind the other through the rooms: prepare, spray and wipe, scrub and floors. */
export const ROLES = ['prepares', 'sprays and wipes', 'scrubs'] as const;

/** The role that a job belongs to: that of its highest class of work. */
export function roleOf(job: PlanJob): 0 | 1 | 2 {
	const highest = Math.max(...job.steps.map((step) => (step.class === 8 ? 0 : step.class)));
	return highest <= 2 ? 0 : highest <= 4 ? 1 : 2;
}

const mayDo = (input: PlanInput, person: string, jobs: readonly PlanJob[]) => {
	const barred = input.people.find((one) => one.id === person)?.barred ?? [];
	return jobs.filter((job) => !barred.includes(job.id));
};

/** Jobs grouped; each group goes to one person, evenly by minutes, as far as each may do what is in it. */
function giveGroups(
	input: PlanInput,
	groups: readonly (readonly PlanJob[])[],
	shares: readonly number[]
): Map<string, string> {
	const given = new Map<string, string>();
	const people = input.people.map((one, i) => ({ id: one.id, share: shares[i] ?? 0, minutesSoFar: 0 }));
	const items = groups.map((jobs, i) => {
		// Whoever may do most of a group has it; what they may not do goes to whoever can.
		const most = Math.max(...input.people.map((one) => mayDo(input, one.id, jobs).length));
		return {
			id: String(i),
			minutes: Math.max(
				0.5,
				jobs.reduce((sum, job) => sum + attendedMinutes(job), 0)
			),
			can: input.people.filter((one) => mayDo(input, one.id, jobs).length === most).map((one) => one.id)
		};
	});
	for (const [group, person] of assign(people, items).given) {
		for (const job of mayDo(input, person, groups[Number(group)] ?? [])) given.set(job.id, person);
	}
	return given;
}

/**
 * The same problem with each job settled on one person, as the way of working together says; jobs that the one chosen
 * may not do stay free for the others. `shares` are the agreed ones, in the order of the people; equal where left out.
 */
export function settle(input: PlanInput, together: Together, shares?: readonly number[]): PlanInput {
	if (together === 'free' || input.people.length < 2 || input.jobs.length === 0) return input;
	const equal = input.people.map(() => 1 / input.people.length);
	const sum = (shares ?? []).reduce((total, one) => total + one, 0);
	const parts = shares && sum > 0 ? shares.map((one) => one / sum) : equal;
	let given = new Map<string, string>();
	if (together === 'room') {
		const rooms = [...new Set(input.jobs.map((job) => job.steps[0]?.room))];
		given = giveGroups(
			input,
			rooms.map((room) => input.jobs.filter((job) => job.steps[0]?.room === room)),
			equal
		);
	} else if (together === 'share') {
		given = giveGroups(
			input,
			input.jobs.map((job) => [job]),
			parts
		);
	} else {
		// The first prepares, the last scrubs; two people take the wiping to whoever has less.
		const groups = [0, 1, 2]
			.map((role) => input.jobs.filter((job) => roleOf(job) === role))
			.filter((jobs) => jobs.length > 0);
		given = giveGroups(input, groups, equal);
	}
	return {
		...input,
		jobs: input.jobs.map((job) => ({ ...job, by: job.by ?? given.get(job.id) }))
	};
}
