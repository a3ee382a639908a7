/** Jobs that name somebody who may not do them. Rules: "Who can take a job". */
import type { CivilDay } from '../calendar/civil';
import type { Home, Job, Member } from '../household/home';
import { standsAgainst, type WhyNot } from './whoCan';

export interface NamedInVain {
	readonly job: Job;
	readonly member: Member;
	/** What stands against it first. */
	readonly why: WhyNot;
}

/** Each job of a home with each member whom it names and who may not do it on a day, in the order of the jobs. */
export function namedInVain(home: Home, day: CivilDay): NamedInVain[] {
	const members = new Map(home.members.map((member) => [member.id, member]));
	return home.jobs.flatMap((job) =>
		(job.who.mode === 'free' ? [] : job.who.members).flatMap((id) => {
			const member = members.get(id);
			const [why] = member ? standsAgainst(job, member, day) : [];
			return member && why ? [{ job, member, why }] : [];
		})
	);
}

/** What an edit brought about of it: those in the home as it is after, and not before. */
export function newlyInVain(before: Home, after: Home, day: CivilDay): NamedInVain[] {
	const key = ({ job, member }: NamedInVain) => `${job.id}/${member.id}`;
	const known = new Set(namedInVain(before, day).map(key));
	return namedInVain(after, day).filter((one) => !known.has(key(one)));
}
