/** Who can take a job. Handbook page 5, "Who can take a job"; ages of page 4, "People". */
import { partsOf, toDay, type CivilDay } from '../calendar/civil';
import type { Job, Member } from '../household/home';

/** Whole years of age on a day; null where the birthday is not known (a grown-up). */
export function ageOn(member: Member, day: CivilDay): number | null {
	if (!member.bornOn) return null;
	const born = partsOf(toDay(member.bornOn));
	const now = partsOf(day);
	const hadBirthday = now.month > born.month || (now.month === born.month && now.day >= born.day);
	return now.year - born.year - (hadBirthday ? 0 : 1);
}

const FROM_8 = ['water', 'surfactant'];
const FROM_12 = ['water', 'surfactant', 'alcohol'];

/** The product families that an age may use; null for all. Handbook page 4, "People". */
export function familiesAtAge(age: number | null): readonly string[] | null {
	if (age === null || age >= 16) return null;
	if (age >= 12) return FROM_12;
	return age >= 8 ? FROM_8 : ['water'];
}

/** True where a member may do a job: not somebody else's own, and no product that their age rules out. */
export function mayDo(job: Job, member: Member, day: CivilDay): boolean {
	const named = job.who.members;
	if (named.length > 0 && !named.includes(member.id)) return false;
	const age = ageOn(member, day);
	if (age !== null && job.fromAge !== undefined && age < job.fromAge) return false;
	const allowed = familiesAtAge(age);
	if (allowed === null) return true;
	return Object.values(job.depths).every((depth) =>
		(depth?.steps ?? []).every((step) =>
			step.products.every((product) => product.families.every((family) => allowed.includes(family)))
		)
	);
}
