/**
 * One question before the shelf: may this be used on that, after that, by somebody; and what would make it right.
 * Answered by the same judge as a job and a plan. Rules: "Asking the cupboard".
 */
import { familiesAtAge } from './ages';
import { judgeUses, worstLevel, type Pet, type Use, type UsePerson } from './cautions';
import { isDangerAlone } from './meet';
import type { Contents, Family } from './products';
import { bearsShortly, refusedFamilies, refusesRinse, SHORT_CONTACT } from './surfaces';

export interface Question {
	readonly product: Contents;
	/** A code of the table of surfaces; another word refuses nothing. */
	readonly surface?: string | undefined;
	readonly floor?: boolean | undefined;
	/** With much water; else with a damp cloth. */
	readonly wet?: boolean | undefined;
	/** What was used on it before, and not rinsed off. */
	readonly after?: Contents | null | undefined;
	readonly person?: UsePerson | null | undefined;
	readonly pets?: readonly Pet[] | undefined;
}

export type Reason =
	| { readonly code: 'alone' }
	| {
			readonly code: 'meets';
			readonly level: 'danger' | 'caution' | 'note';
			readonly with: readonly Family[];
	  }
	| { readonly code: 'surface'; readonly families: readonly Family[] }
	/** The surface bears no more water than a damp cloth has. */
	| { readonly code: 'much-water' }
	| { readonly code: 'age'; readonly from: number }
	| { readonly code: 'exclusion'; readonly family: Family }
	| { readonly code: 'pets' };

export type HelpWith =
	| { readonly code: 'rinse-between' }
	/** With a damp cloth. */
	| { readonly code: 'damp' }
	/** So many minutes at most, then rinse. */
	| { readonly code: 'briefly'; readonly minutes: number }
	| { readonly code: 'somebody-else'; readonly from: number | null }
	/** Instead: one of these families, the mildest that is right. */
	| { readonly code: 'instead'; readonly family: Family };

export type Verdict = 'yes' | 'briefly' | 'rinse-first' | 'no';

export interface Answer {
	readonly verdict: Verdict;
	/** The gravest first; of a yes too, where something is worth knowing. */
	readonly reasons: readonly Reason[];
	/** What would make it right; empty only for a yes. */
	readonly helps: readonly HelpWith[];
}

const NOBODY: UsePerson = { id: 'somebody', age: null, excludes: [] };

/** The uses of a question in their order, with the helps that were taken. */
export function usesOf(
	question: Question,
	helped: { readonly rinse?: boolean; readonly briefly?: boolean; readonly instead?: Family } = {}
): Use[] {
	const person = question.person?.id ?? NOBODY.id;
	const at = { person, surfaceOf: 'it', surface: question.surface };
	const after = question.after;
	const rinse = (step: string): Use => ({ ...at, step, families: ['water'], rinse: true });
	const families = helped.instead ? [helped.instead] : question.product.families;
	return [
		...(after
			? // What is there already was judged when it was used.
				[
					{
						...at,
						surface: undefined,
						person: 'before',
						step: 'before',
						families: after.families,
						perhaps: after.perhaps
					}
				]
			: []),
		...(after && helped.rinse ? [rinse('between')] : []),
		{
			...at,
			step: 'asked',
			families,
			perhaps: helped.instead ? [] : question.product.perhaps,
			floor: question.floor,
			wet: question.wet,
			contactMinutes: helped.briefly ? SHORT_CONTACT : undefined
		},
		...(helped.briefly ? [rinse('off')] : [])
	];
}

/** True where nothing of the uses is a danger or refused. */
export function isRight(question: Question, helped: Parameters<typeof usesOf>[1] = {}): boolean {
	const judged = judgeUses(usesOf(question, helped), [question.person ?? NOBODY], question.pets ?? []);
	// What was there before and is a danger by itself is asked about on its own.
	return judged.dangers.every(([, then]) => then === 'before') && judged.refused.length === 0;
}

const all = (contents: Contents) => [...contents.families, ...contents.perhaps];

function reasonsOf(question: Question): Reason[] {
	const { product, surface, after, person } = question;
	const reasons: Reason[] = [];
	if (isDangerAlone(product.families)) reasons.push({ code: 'alone' });
	const level = after ? worstLevel(all(after), all(product), true) : null;
	const met = after ? all(after).filter((family) => worstLevel([family], all(product), true) === level) : [];
	if (level === 'danger') reasons.push({ code: 'meets', level, with: met });
	const families = surface === undefined ? [] : (refusedFamilies(surface, all(product)) as Family[]);
	if (families.length > 0) reasons.push({ code: 'surface', families });
	if (question.wet && surface !== undefined && refusesRinse(surface)) reasons.push({ code: 'much-water' });
	const allowed = familiesAtAge(person?.age ?? null);
	const tooYoung =
		allowed && all(product).some((one) => !allowed.includes(one) && !person?.allows?.includes(one));
	if (tooYoung) reasons.push({ code: 'age', from: ageFor(all(product)) });
	const kept = all(product).find((one) => person?.excludes.includes(one));
	if (kept) reasons.push({ code: 'exclusion', family: kept });
	if (level === 'caution' || level === 'note') reasons.push({ code: 'meets', level, with: met });
	if (judgeUses(usesOf(question), [person ?? NOBODY], question.pets ?? []).pets.includes('asked'))
		reasons.push({ code: 'pets' });
	return reasons;
}

/** The age from which families may be used, in years. */
export function ageFor(families: readonly string[]): number {
	const fits = (age: number) => {
		const allowed = familiesAtAge(age);
		return allowed === null || families.every((family) => allowed.includes(family));
	};
	return [0, 8, 12, 16].find(fits) ?? 16;
}

/** The mildest that is right in place of what was asked about, without meeting what was there before. */
function insteadOf(question: Question): Family | null {
	const quiet = (family: Family) =>
		!question.after || worstLevel(all(question.after), [family], true) === null;
	const fits = (family: Family) =>
		!all(question.product).every((one) => one === family) && isRight(question, { instead: family });
	const mild: readonly Family[] = ['surfactant', 'water'];
	return mild.find((family) => fits(family) && quiet(family)) ?? mild.find(fits) ?? null;
}

/**
 * Answers a question. "rinse-first": right after a rinse with plenty of water; "briefly": ten minutes at most and a
 * rinse at once. A no names what would help, and what helps is not refused; where it is for the water, each of the other
 * helps goes with a damp cloth.
 */
export function mayUse(question: Question): Answer {
	const reasons = reasonsOf(question);
	if (isRight(question)) return { verdict: 'yes', reasons, helps: [] };
	if (reasons.some((reason) => reason.code === 'much-water')) {
		const { helps } = mayUse({ ...question, wet: false });
		return { verdict: 'no', reasons, helps: [{ code: 'damp' }, ...helps] };
	}
	const bearsRinse = question.surface === undefined || !refusesRinse(question.surface);
	const refused =
		question.surface === undefined ? [] : refusedFamilies(question.surface, all(question.product));
	const briefly =
		refused.length > 0 && refused.every((family) => bearsShortly(question.surface as string, family));
	const meets = reasons.some((reason) => reason.code === 'meets' && reason.level === 'danger');
	const rinse = meets && bearsRinse;
	if (isRight(question, { rinse, briefly }))
		return {
			verdict: rinse ? 'rinse-first' : 'briefly',
			reasons,
			helps: [
				...(rinse ? [{ code: 'rinse-between' } as const] : []),
				...(briefly ? [{ code: 'briefly', minutes: SHORT_CONTACT } as const] : [])
			]
		};
	const helps: HelpWith[] = [];
	const other = insteadOf(question);
	if (other) helps.push({ code: 'instead', family: other });
	const grown = { ...question, person: null };
	if (question.person && isRight(grown, { rinse, briefly })) {
		if (rinse) helps.push({ code: 'rinse-between' });
		if (briefly) helps.push({ code: 'briefly', minutes: SHORT_CONTACT });
		const age = reasons.find((reason) => reason.code === 'age');
		helps.push({ code: 'somebody-else', from: age?.from ?? null });
	}
	return { verdict: 'no', reasons, helps };
}
