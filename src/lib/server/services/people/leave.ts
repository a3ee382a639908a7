/** Somebody moves out: out of the home, and out of all that opens it. */
import type { CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { memberLeaves } from '$core/setup/editMembers';
import { MEMBER_SAYS } from '$words/answers/people';
import { redirect } from '@sveltejs/kit';
import type { Db } from '../../db/pool';
import { accountByEmail } from '../../repo/accountRepo';
import { freeTurnsOf } from '../../repo/assignmentRepo';
import { loadHome } from '../../repo/homeRepo';
import { putOutOf, setPin, waysIn } from '../../repo/membershipRepo';
import { endSignInsOf } from '../../repo/signInRepo';
import { editHome } from '../home/editHome';

/** What was given to somebody from a day on is free again, and nothing opens the home to them any more. */
export async function takeLeave(db: Db, household: string, member: string, today: CivilDay, at: number) {
	await freeTurnsOf(db, household, member, today);
	const email = (await waysIn(db, household)).emails.get(member);
	const account = email ? await accountByEmail(db, email) : null;
	await endSignInsOf(db, { account: account?.id ?? null, household, member }, {}, at);
	await putOutOf(db, household, member, at);
	await setPin(db, household, member, null, at);
}

/** `by`: who says so; nobody takes themselves out. With `try` it is only told what would follow. */
export async function leave(household: string, member: string, form: FormData, by: string | null) {
	const result = await editHome(
		household,
		form,
		({ home }) => (member === by ? MEMBER_SAYS.askAnotherOrganiser : memberLeaves(home, member)),
		({ home }) => MEMBER_SAYS.hasMovedOut(home.members.find((one) => one.id === member)?.name ?? ''),
		async (db, at) => {
			const home = (await loadHome(db, household))?.home.household;
			if (home) await takeLeave(db, household, member, householdTime(at, home).date, at);
		}
	);
	if ('saved' in result && !result.tried) redirect(303, '/people');
	return result;
}
