/** Who keeps the door of a home. Rules: "Moving out". */
import type { Member } from '../household/home';

/**
 * Whether this member alone organises the home with a password of their own. Whoever does can log in anew and let others
 * in; without them nobody could. Rules: "Moving out".
 */
export function isLastWithPassword(
	members: readonly Pick<Member, 'id' | 'role'>[],
	withPassword: { has(member: string): boolean },
	member: string
): boolean {
	const keepers = members.filter((one) => one.role === 'organiser' && withPassword.has(one.id));
	return keepers.length === 1 && keepers[0]?.id === member;
}
