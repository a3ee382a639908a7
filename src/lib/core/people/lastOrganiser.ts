/** Who keeps the door of a home. Rules: "Moving out". */
import type { Member } from '../household/home';

type Person = Pick<Member, 'id' | 'role' | 'name'>;

/**
 * Who organised a home with a password of their own before a change, where nobody does after it; null where somebody still
 * does, or nobody did. Whoever does can log in anew and let others in; without them nobody could. Rules: "Moving out".
 */
export function lastWithPassword(
	before: readonly Person[],
	after: readonly Person[],
	withPassword: { has(member: string): boolean }
): Person | null {
	const keeper = (among: readonly Person[]) =>
		among.find((one) => one.role === 'organiser' && withPassword.has(one.id));
	return keeper(after) ? null : (keeper(before) ?? null);
}

/** Whether somebody organises no more after a change: only then can a home lose the last who does. */
export const losesOrganiser = (before: readonly Person[], after: readonly Person[]): boolean =>
	before.some(
		(one) => one.role === 'organiser' && !after.some((now) => now.id === one.id && now.role === 'organiser')
	);
