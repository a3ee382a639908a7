/** Somebody moves out: out of the home, and out of all that opens it. */
import { householdTime } from '$core/calendar/instant';
import { memberLeaves } from '$core/setup/editMembers';
import { MEMBER_SAYS } from '$words/answers/people';
import { redirect } from '@sveltejs/kit';
import { accountByEmail } from '../../repo/accountRepo';
import { freeTurnsOf } from '../../repo/assignmentRepo';
import { loadHome } from '../../repo/homeRepo';
import { putOutOf, setPin, waysIn } from '../../repo/membershipRepo';
import { endSignInsOf } from '../../repo/signInRepo';
import { editHome } from '../home/editHome';

/** `by`: who says so; nobody takes themselves out. With `try` it is only told what would follow. */
export async function leave(household: string, member: string, form: FormData, by: string | null) {
	const result = await editHome(
		household,
		form,
		({ home }) => (member === by ? MEMBER_SAYS.askAnotherOrganiser : memberLeaves(home, member)),
		({ home }) => MEMBER_SAYS.hasMovedOut(home.members.find((one) => one.id === member)?.name ?? ''),
		async (db, at) => {
			const home = (await loadHome(db, household))?.home.household;
			if (home) await freeTurnsOf(db, household, member, householdTime(at, home).date);
			const email = (await waysIn(db, household)).emails.get(member);
			const account = email ? await accountByEmail(db, email) : null;
			await endSignInsOf(db, { account: account?.id ?? null, household, member }, {}, at);
			await putOutOf(db, household, member, at);
			await setPin(db, household, member, null, at);
		}
	);
	if ('saved' in result && !result.tried) redirect(303, '/people');
	return result;
}
