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

const sumOf = (jobs: readonly PlanJob[]) => jobs.reduce((sum, job) => sum + attendedMinutes(job), 0);

/** The work of a role in parts that go whole to one person: a room each, or a job each where the rooms are too few. */
function partsOf(jobs: readonly PlanJob[], people: number): PlanJob[][] {
	const rooms = [...new Set(jobs.map((job) => job.steps[0]?.room))];
	return rooms.length >= people
		? rooms.map((room) => jobs.filter((job) => job.steps[0]?.room === room))
		: jobs.map((job) => [job]);
}

/** More people than roles: each role has as many as its minutes ask for, and they share its rooms. */
function shareRoles(input: PlanInput, roles: readonly (readonly PlanJob[])[]): Map<string, string> {
	const seats = roles.map(() => 1);
	for (let left = input.people.length - roles.length; left > 0; left--) {
		const free = roles
			.map((jobs, i) => ({
				i,
				each: sumOf(jobs) / (seats[i] as number),
				more: jobs.length > (seats[i] as number)
			}))
			.filter((role) => role.more)
			.sort((a, b) => b.each - a.each);
		if (free[0] === undefined) break;
		seats[free[0].i] = (seats[free[0].i] as number) + 1;
	}
	const given = new Map<string, string>();
	let people = [...input.people];
	// The role that fewest may do chooses first, and takes those who can do most of it.
	const able = (jobs: readonly PlanJob[], person: string) => sumOf(mayDo(input, person, jobs));
	const order = roles
		.map((jobs, i) => ({ jobs, seats: seats[i] as number }))
		.map((role) => ({ ...role, can: input.people.filter((one) => able(role.jobs, one.id) > 0).length }))
		.sort((a, b) => a.can - b.can);
	for (const role of order) {
		const chosen = [...people]
			.sort((a, b) => able(role.jobs, b.id) - able(role.jobs, a.id))
			.slice(0, role.seats);
		people = people.filter((one) => !chosen.includes(one));
		const equal = chosen.map(() => 1 / Math.max(1, chosen.length));
		const own = giveGroups({ ...input, people: chosen }, partsOf(role.jobs, chosen.length), equal);
		for (const [job, person] of own) given.set(job, person);
	}
	return given;
}

/** Whoever has nothing takes a job that they may do from whoever has most, as long as that one keeps another. */
function withoutIdle(input: PlanInput, given: Map<string, string>): void {
	const ofPerson = (id: string) => input.jobs.filter((job) => given.get(job.id) === id);
	for (const { id } of input.people) {
		if (ofPerson(id).length > 0) continue;
		const free = mayDo(
			input,
			id,
			input.jobs.filter((job) => !given.has(job.id))
		)[0];
		const takeable = mayDo(input, id, input.jobs)
			.filter((job) => given.has(job.id) && ofPerson(given.get(job.id) as string).length > 1)
			.sort(
				(a, b) => sumOf(ofPerson(given.get(b.id) as string)) - sumOf(ofPerson(given.get(a.id) as string))
			);
		const job = free ?? takeable[0];
		if (job) given.set(job.id, id);
	}
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
		// The first prepares, the last scrubs; where there are more people than roles, several share one.
		const groups = [0, 1, 2]
			.map((role) => input.jobs.filter((job) => roleOf(job) === role))
			.filter((jobs) => jobs.length > 0);
		given =
			input.people.length > groups.length ? shareRoles(input, groups) : giveGroups(input, groups, equal);
		withoutIdle(input, given);
	}
	return {
		...input,
		jobs: input.jobs.map((job) => ({ ...job, by: job.by ?? given.get(job.id) }))
	};
}
