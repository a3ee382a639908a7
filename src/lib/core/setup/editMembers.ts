/** Changes of a person: when at home, what learnt, what kept away from; and that they move out. */
import { agreedAmong } from '../household/familySchema';
import type { Home, Job, Member } from '../household/home';
import { finish, refuse, type Edit } from './edit';

/** Changes what is said of a member; what is set to nothing is not said any more. */
export function changeMember(
	home: Home,
	id: string,
	facts: { readonly [K in keyof Member]?: Member[K] | undefined }
): Edit {
	const before = home.members.find((member) => member.id === id);
	if (!before) return refuse({ code: 'unknown', what: 'member', id });
	const { id: _id, role: _role, ...rest } = facts;
	const next = Object.fromEntries(
		Object.entries({ ...before, ...rest }).filter(([, value]) => value !== undefined)
	) as Member;
	if (JSON.stringify(next) === JSON.stringify(before)) return refuse({ code: 'same' });
	return finish({ ...home, members: home.members.map((member) => (member.id === id ? next : member)) });
}

/**
 * Gives a member another role. A home keeps somebody who organises it, and a child has a day of birth, as jobs and products
 * are given by age. Rules: "Who may do what".
 */
export function changeRole(home: Home, id: string, role: Exclude<Member['role'], 'device'>): Edit {
	const before = home.members.find((member) => member.id === id);
	if (!before || before.role === 'device') return refuse({ code: 'unknown', what: 'member', id });
	if (before.role === role) return refuse({ code: 'same' });
	if (role === 'child' && before.bornOn === undefined) return refuse({ code: 'child-without-birthday' });
	const members = home.members.map((member) => (member === before ? { ...member, role } : member));
	if (!members.some((member) => member.role === 'organiser')) return refuse({ code: 'last-organiser' });
	return finish({ ...home, members });
}

/** A job without those who are not there any more: one that nobody is left of is shared by all. */
function amongThose(job: Job, known: ReadonlySet<string>): Job {
	const left = job.who.members.filter((member) => known.has(member));
	if (left.length === job.who.members.length) return job;
	return { ...job, who: left.length === 0 ? { mode: 'shared', members: [] } : { ...job.who, members: left } };
}

/**
 * The home with these people in the place of those it had: whoever is not among them any more owns no room, is named
 * for no job, and has no part of what was agreed. What they did stays in the ledger.
 */
export function withMembers(home: Home, members: readonly Member[]): Home {
	const known = new Set(members.map((member) => member.id));
	return {
		...home,
		members: [...members],
		household: { ...home.household, family: agreedAmong(home.household.family, known) },
		rooms: home.rooms.map((room) => ({ ...room, owners: room.owners.filter((owner) => known.has(owner)) })),
		jobs: home.jobs.map((job) => amongThose(job, known))
	};
}

/** Somebody moves out: what was theirs is the others'. The last one who organises the home stays. Rules: "Moving out". */
export function memberLeaves(home: Home, id: string): Edit {
	const leaves = home.members.find((member) => member.id === id);
	if (!leaves) return refuse({ code: 'unknown', what: 'member', id });
	const members = home.members.filter((member) => member !== leaves);
	if (!members.some((member) => member.role === 'organiser')) return refuse({ code: 'last-organiser' });
	const jobs = home.jobs.filter((job) => job.who.mode !== 'free' && job.who.members.includes(id));
	return finish(withMembers(home, members), [
		...(jobs.length > 0
			? [
					{
						code: 'jobs-to-others' as const,
						count: jobs.length,
						names: jobs.slice(0, 4).map((job) => job.name)
					}
				]
			: []),
		{ code: 'history-stays' }
	]);
}
