/** Changes of a person: when at home, what learnt, what kept away from. */
import { finish, refuse, type Edit } from './edit';
import type { Home, Member } from '../household/home';

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
