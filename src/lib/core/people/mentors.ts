/** Who can be beside a child that practises. Rules: "Learning a job". */
import type { CivilDay } from '../calendar/civil';
import type { LedgerEntry } from '../household/entry';
import type { Job, Member } from '../household/home';
import { rungToPractise } from './rungs';
import { ageOn, mayDo } from './whoCan';

/**
 * Of some people, those who can be beside a child at a job: they may do it themselves, have nothing of it left to learn,
 * and are grown up or older than the child. A child whose age nobody knows teaches nobody.
 */
export function mentorsOf(
	child: Member,
	job: Job,
	people: readonly Member[],
	entries: readonly LedgerEntry[],
	day: CivilDay
): Member[] {
	const age = ageOn(child, day);
	const isOlder = (one: Member) => {
		if (one.role !== 'child') return true;
		const own = ageOn(one, day);
		return own !== null && age !== null && own > age;
	};
	return people.filter(
		(one) =>
			one.id !== child.id &&
			one.role !== 'device' &&
			isOlder(one) &&
			mayDo(job, one, day) &&
			rungToPractise(job, one, entries, day) === null
	);
}
