/** Somebody gets another role in the home. */
import { isLastWithPassword } from '$core/people/lastOrganiser';
import { changeRole } from '$core/setup/editMembers';
import { MEMBER_SAYS } from '$words/answers/people';
import { ROLES } from '$words/people';
import { z } from 'zod';
import { reading } from '../../db/pool';
import { setPin, waysIn } from '../../repo/membershipRepo';
import { endPinSignInsOf } from '../../repo/signInRepo';
import { editHome } from '../home/editHome';

const roleSchema = z.enum(['organiser', 'adult', 'child', 'helper']);

/** Four figures on a shared tablet are no key to what adults may do: they go with the role that had them. */
const HAS_PIN: readonly string[] = ['child', 'helper'];

export function editRole(household: string, member: string, form: FormData) {
	const role = roleSchema.safeParse(form.get('role'));
	return editHome(
		household,
		form,
		async ({ home }) => {
			if (!role.success) return { field: 'role', says: MEMBER_SAYS.chooseARole };
			const { emails } = await reading((db) => waysIn(db, household));
			if (role.data !== 'organiser' && isLastWithPassword(home.members, emails, member))
				return MEMBER_SAYS.theyAloneHaveAPassword(home.members.find((one) => one.id === member)?.name ?? '');
			return changeRole(home, member, role.data);
		},
		({ home }) =>
			MEMBER_SAYS.isNow(
				home.members.find((one) => one.id === member)?.name ?? '',
				role.success ? ROLES[role.data].name : ''
			),
		async (db, at) => {
			if (role.success && HAS_PIN.includes(role.data)) return;
			await setPin(db, household, member, null, at);
			await endPinSignInsOf(db, household, member, at);
		}
	);
}
