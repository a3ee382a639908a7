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

/** The ages at which more product families come within reach, youngest first. */
const STEPS_OF_AGE = [0, 8, 12, 16];

/** The youngest age that may do a job at all its depths: its own, and that of every product in it. Years. */
export function ageNeeded(job: Job): number {
	const families = Object.values(job.depths).flatMap((depth) =>
		(depth?.steps ?? []).flatMap((step) => step.products.flatMap((product) => product.families))
	);
	const forProducts = STEPS_OF_AGE.find((age) => {
		const allowed = familiesAtAge(age);
		return allowed === null || families.every((family) => allowed.includes(family));
	}) as number;
	return Math.max(job.fromAge ?? 0, forProducts);
}

/** True where a member may do a job: not somebody else's own, and no product that their age rules out. */
export function mayDo(job: Job, member: Member, day: CivilDay): boolean {
	const named = job.who.members;
	if (named.length > 0 && !named.includes(member.id)) return false;
	const age = ageOn(member, day);
	return age === null || age >= ageNeeded(job);
}
