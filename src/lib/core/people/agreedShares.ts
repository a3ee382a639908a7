/** The shares that a family has agreed. Rules: "Fair shares". */
import { addDays, type CivilDay } from '../calendar/civil';
import type { Home, Member } from '../household/home';
import { homeSpans } from './presence';
import { normalShares } from './assign';
import { ageToGoBy } from './whoCan';

/** The waking day in which hours at home count, in minutes after midnight. */
const WAKING = { from: 6 * 60, to: 22 * 60 };

/** How much of a grown-up's part an age carries: none below 3, the whole from 16 on, rising evenly. */
export function partOfAge(age: number | null): number {
	if (age === null) return 1;
	return Math.max(0, Math.min(1, (age - 2) / 14));
}

/** Waking hours at home in the week from `day`. */
export function hoursAtHome(member: Member, day: CivilDay): number {
	let minutes = 0;
	for (let i = 0; i < 7; i++) {
		for (const span of homeSpans(member, addDays(day, i)))
			minutes += Math.max(0, Math.min(span.to, WAKING.to) - Math.max(span.from, WAKING.from));
	}
	return minutes / 60;
}

/** Waking hours of a week. */
const WEEK_HOURS = (7 * (WAKING.to - WAKING.from)) / 60;

/** Who has a share: everybody but devices. */
export const sharers = (home: Home): Member[] => home.members.filter((member) => member.role !== 'device');

/**
 * The agreed part of each, by member; together 1. `equal` gives all the same, `age` a rising part up to 16 (of a helper as
 * much as their hours are of the week),
 * `hours` that part times the waking hours at home in the week from `day`, `hand` what was set.
 */
export function agreedShares(home: Home, day: CivilDay): ReadonlyMap<string, number> {
	const { by, byHand } = home.household.family.shares;
	const people = sharers(home);
	const parts = people.map((member) => {
		if (by === 'hand') return byHand[member.id] ?? 0;
		if (by === 'equal') return 1;
		const age = partOfAge(ageToGoBy(member, day));
		// Who helps on certain days carries as much of the week as those days are.
		const part =
			by === 'age' && member.role === 'helper' ? age * (hoursAtHome(member, day) / WEEK_HOURS) : age;
		return by === 'age' ? part : part * hoursAtHome(member, day);
	});
	const shares = normalShares(parts);
	return new Map(people.map((member, i) => [member.id, shares[i] as number]));
}

/** A share is well over where it is so by a twentieth, and by more than twenty minutes. Both in minutes. */
export const isWellOver = (over: number, agreed: number): boolean => over > 20 && over > agreed / 20;
