/** A change of a home leaves somebody who can let people in. */
import type { Home } from '$core/household/home';
import { lastWithPassword, losesOrganiser } from '$core/people/lastOrganiser';
import { MEMBER_SAYS } from '$words/answers/people';
import type { Db } from '../../db/pool';
import { waysIn } from '../../repo/membershipRepo';

/** Why a change of the home is not made: nobody would organise it with a password any more. Null where somebody does. */
export async function doorRefusal(
	db: Db,
	household: string,
	before: Home,
	after: Home
): Promise<string | null> {
	if (!losesOrganiser(before.members, after.members)) return null;
	const { emails } = await waysIn(db, household);
	const last = lastWithPassword(before.members, after.members, emails);
	return last ? MEMBER_SAYS.theyAloneHaveAPassword(last.name) : null;
}
