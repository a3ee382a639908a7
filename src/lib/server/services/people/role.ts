/** Somebody gets another role in the home. */
import { PERSON_ROLES } from '$core/household/home';
import { opensByPin } from '$core/people/permissions';
import { changeRole } from '$core/setup/editMembers';
import { MEMBER_SAYS } from '$words/answers/people';
import { ROLES } from '$words/people';
import { z } from 'zod';
import { setPin } from '../../repo/membershipRepo';
import { editHome } from '../home/editHome';

const roleSchema = z.enum(PERSON_ROLES);

export function editRole(household: string, member: string, form: FormData) {
	const role = roleSchema.safeParse(form.get('role'));
	return editHome(
		household,
		form,
		({ home }) =>
			role.success ? changeRole(home, member, role.data) : { field: 'role', says: MEMBER_SAYS.chooseARole },
		({ home }) =>
			MEMBER_SAYS.isNow(
				home.members.find((one) => one.id === member)?.name ?? '',
				role.success ? ROLES[role.data].name : ''
			),
		async (db, at) => {
			if (role.success && !opensByPin(role.data)) await setPin(db, household, member, null, at);
		}
	);
}
