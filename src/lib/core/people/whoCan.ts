/** Who can take a job. Rules: "Who can take a job". */
import { isoOf, partsOf, toDay, type CivilDay } from '../calendar/civil';
import type { DayPart } from '../calendar/dayParts';
import type { Home, Household, Job, Member } from '../household/home';
import { familiesAtAge } from '../cupboard/ages';
import { TOOL_AGES } from '../household/tools';
import { homeSpans } from './presence';

/** Whole years of age on a day; null where the birthday is not known. */
export function ageOn(member: Member, day: CivilDay): number | null {
	if (!member.bornOn) return null;
	const born = partsOf(toDay(member.bornOn));
	const now = partsOf(day);
	const hadBirthday = now.month > born.month || (now.month === born.month && now.day >= born.day);
	return now.year - born.year - (hadBirthday ? 0 : 1);
}

/**
 * The age that rules go by: a child of whom no birthday is known counts as the youngest, anybody else as a grown-up
 * (null). Years. Rules: "Ages and products".
 */
export const ageToGoBy = (member: Member, day: CivilDay): number | null =>
	ageOn(member, day) ?? (member.role === 'child' ? 0 : null);

/** A birthday, `YYYY-MM-DD`, for somebody of whom only the age on a day is known: they are as old from that day on. */
export function bornAt(age: number, day: CivilDay): string {
	const [year, month, date] = isoOf(day).split('-');
	return `${Number(year) - age}-${month}-${month === '02' && date === '29' ? '28' : date}`;
}

/** The ages at which more product families come within reach, youngest first. */
const STEPS_OF_AGE = [0, 8, 12, 16];

/** Asked of every job for every person, and the same for as long as the job is. */
const familiesKept = new WeakMap<Job, readonly string[]>();

/** The product families that a job uses, at any of its depths. */
export function familiesOf(job: Job): readonly string[] {
	const known = familiesKept.get(job);
	if (known) return known;
	const steps = Object.values(job.depths).flatMap((depth) => depth?.steps ?? []);
	const families = [
		...new Set(steps.flatMap((step) => step.products.flatMap((product) => product.families)))
	];
	familiesKept.set(job, families);
	return families;
}

/**
 * The youngest age that may do a job at all its depths: its own, and that of every product in it. `allows`: families
 * that are allowed before the age for them. Years. Rules: "Ages and products".
 */
export function ageNeeded(job: Job, allows: readonly string[] = []): number {
	const families = familiesOf(job).filter((family) => !allows.includes(family));
	const forProducts = STEPS_OF_AGE.find((age) => {
		const allowed = familiesAtAge(age);
		return allowed === null || families.every((family) => allowed.includes(family));
	}) as number;
	return Math.max(job.fromAge ?? 0, forProducts);
}

/**
 * The age from which a job is somebody's at once, done alone: what the job says, else by its products and tools. Years.
 * Rules: "Learning a job".
 */
export function ageAlone(job: Job, allows: readonly string[] = []): number {
	// Where an adult allowed one of its products, the usual age, which counts with all of them, no longer binds.
	const isLoosened = familiesOf(job).some((family) => allows.includes(family));
	if (job.aloneFrom !== undefined && !isLoosened) return Math.max(job.aloneFrom, ageNeeded(job));
	const tools = job.depths.usual.steps.map((step) => TOOL_AGES[step.appliance ?? ''] ?? 0);
	return Math.max(ageNeeded(job, allows), ...tools);
}

/** Why somebody cannot take a job on a day. */
export type WhyNot =
	/** The job names others. */
	| { readonly code: 'not-named' }
	/** It is somebody else's own room. */
	| { readonly code: 'own-room'; readonly owners: readonly string[] }
	| { readonly code: 'age'; readonly needed: number; readonly age: number | null }
	/** A product that this person keeps away from. */
	| { readonly code: 'product'; readonly family: string }
	| { readonly code: 'left-out' }
	| { readonly code: 'skill'; readonly skill: string }
	/** `thing`: as the job names it, in words or by its id in the cupboard. */
	| { readonly code: 'kit'; readonly thing: string }
	/** Not at home at all on the day. */
	| { readonly code: 'away' }
	/** At home on the day, but not in the job's part of it. */
	| { readonly code: 'not-then'; readonly part: DayPart }
	/** Has not grown into the whole of it yet: `rung` is the one to practise. */
	| { readonly code: 'rung'; readonly rung: number };

/** Old enough to do it alone, whatever was learnt. */
export const isOldEnough = (job: Job, day: CivilDay) => (member: Member) => {
	const age = ageToGoBy(member, day);
	const allows = member.allows.map((one) => one.family);
	return age === null || age >= ageAlone(job, allows);
};

/**
 * The owners of a job's room whose own work it is, by id: all of them where it is one of theirs to do (`isTheirs`: by age,
 * or as was learnt). Nobody's where it is none of theirs, as with a small child's room: then it is anybody's, like any
 * other. Rules: "Who can take a job".
 */
export function ownersOfWork(
	home: Home,
	job: Job,
	day: CivilDay,
	isTheirs: (owner: Member) => boolean = isOldEnough(job, day)
): readonly string[] {
	const owners = home.rooms.find((room) => room.id === job.room)?.owners ?? [];
	const isOne = (id: string) => {
		const owner = home.members.find((member) => member.id === id);
		return owner !== undefined && isTheirs(owner) && standsAgainst(job, owner, day).length === 0;
	};
	return owners.some(isOne) ? owners : [];
}

/** What does not change from day to day: named, own room, and what stands in the person. */
function whyNever(job: Job, owners: readonly string[], member: Member, day: CivilDay): WhyNot[] {
	const why = standsAgainst(job, member, day);
	const named = job.who.members;
	if (named.length > 0) {
		if (!named.includes(member.id)) why.unshift({ code: 'not-named' });
	} else if (owners.length > 0 && !owners.includes(member.id)) {
		why.unshift({ code: 'own-room', owners });
	}
	return why;
}

/** What stands in a person against ever doing a job, the age first: age, products, exclusions, skill, kit. Rules: "Who can take a job". */
export function standsAgainst(job: Job, member: Member, day: CivilDay): WhyNot[] {
	const why: WhyNot[] = [];
	const age = ageToGoBy(member, day);
	// A job with rungs is done with somebody until it is theirs; any other waits for its age.
	const allows = member.allows.map((one) => one.family);
	const needed = job.rungs.length > 0 ? ageNeeded(job, allows) : ageAlone(job, allows);
	if (age !== null && age < needed) why.push({ code: 'age', needed, age: ageOn(member, day) });
	const family = familiesOf(job).find((one) => (member.excludes.families as string[]).includes(one));
	if (family !== undefined) why.push({ code: 'product', family });
	if (member.excludes.jobs.includes(job.id)) why.push({ code: 'left-out' });
	if (job.skill !== undefined && !hasWord(member.skills, job.skill))
		why.push({ code: 'skill', skill: job.skill });
	const { kit } = member;
	const thing =
		kit === undefined ? undefined : [...job.needs, ...job.things].find((one) => !hasWord(kit, one));
	if (thing !== undefined) why.push({ code: 'kit', thing });
	return why;
}

const hasWord = (words: readonly string[], word: string) =>
	words.some((one) => one.toLowerCase() === word.toLowerCase());

/**
 * What the jobs of a home ask to have been learned, and what a member has learned that none asks for, once each in the order of
 * the alphabet; `has`: whether that member has learned it. Upper and lower case are one. Rules: "Who can take a job".
 */
export function skillsFor(
	home: Pick<Home, 'jobs'>,
	member: Pick<Member, 'skills'>
): { readonly skill: string; readonly has: boolean }[] {
	const asked = home.jobs.flatMap((job) => job.skill ?? []);
	const words = new Map([...member.skills, ...asked].map((word) => [word.toLowerCase(), word]));
	return [...words.values()]
		.sort((a, b) => a.localeCompare(b))
		.map((skill) => ({ skill, has: hasWord(member.skills, skill) }));
}

/** True where a member may do a job: nothing but the day itself could stand against it. `owners`: whose own work it is. */
export function mayDo(job: Job, member: Member, day: CivilDay, owners: readonly string[] = []): boolean {
	return member.role !== 'device' && whyNever(job, owners, member, day).length === 0;
}

/** Minutes after midnight at which a part of the day begins and ends. */
export function spanOfPart(part: DayPart, parts: Household['parts']): { from: number; to: number } {
	const minute = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
	const [morning, midday, evening] = [minute(parts.morning), minute(parts.midday), minute(parts.evening)];
	if (part === 'morning') return { from: morning, to: midday };
	return part === 'midday' ? { from: midday, to: evening } : { from: evening, to: 1440 };
}

export interface Candidate {
	readonly member: Member;
	/** Empty: this one can take it. */
	readonly why: readonly WhyNot[];
}

export interface WhoCanQuestion {
	readonly job: Job;
	readonly day: CivilDay;
	readonly part: DayPart | null;
	/** Members who lie under a pause on the day, by id. */
	readonly awayIds: ReadonlySet<string>;
	/** The rung that a member still has to practise before the whole job is theirs; null for none. */
	readonly rungOf: (member: Member) => number | null;
}

/**
 * Everybody in the house with what stands against their taking a job on a day; nothing stands against who can.
 * Devices take no jobs. Rules: "Who can take a job".
 */
export function whoCan(home: Home, question: WhoCanQuestion): Candidate[] {
	const { job, day, part, awayIds, rungOf } = question;
	const owners = ownersOfWork(home, job, day, (owner) => rungOf(owner) === null);
	return home.members
		.filter((member) => member.role !== 'device')
		.map((member) => {
			const why = whyNever(job, owners, member, day);
			const spans = awayIds.has(member.id) ? [] : homeSpans(member, day);
			const then = part === null ? null : spanOfPart(part, home.household.parts);
			if (spans.length === 0) why.push({ code: 'away' });
			else if (then && part && !spans.some((span) => span.from < then.to && span.to > then.from))
				why.push({ code: 'not-then', part });
			const rung = rungOf(member);
			if (rung !== null) why.push({ code: 'rung', rung });
			return { member, why };
		});
}
