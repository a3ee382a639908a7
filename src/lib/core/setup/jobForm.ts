/**
 * A job from the fields of a form. The page reads its own form with it for what it shows live, the server for
 * what it saves: both see the same job. Fields that are left out leave the job as it was.
 */
import { DEPTHS } from '../household/fields';
import { shareHalves } from './round';
import type { FormProblem, FormValues } from '../household/formProblem';
import type { Job } from '../household/home';
import { jobSchema } from '../household/jobSchema';
import { placedProblems } from '../household/problems';
import { withinNeeds } from '../household/stepTools';
import { fieldAt } from './jobFormFields';

export type ReadJob =
	| { readonly ok: true; readonly job: Job }
	| { readonly ok: false; readonly problems: readonly FormProblem[] };

/** A number as people write it; the text itself where it is none, for the schema to refuse. */
function number(text: string | undefined): unknown {
	const value = Number((text ?? '').trim().replace(',', '.'));
	return text === undefined || text.trim() === '' || Number.isNaN(value) ? text : value;
}

const numbers = (values: readonly string[] | undefined) => (values ?? []).map((value) => number(value));

function cadenceOf(form: FormValues): unknown {
	const one = (name: string) => form[name]?.[0];
	const weekdays = numbers(form.weekdays);
	switch (one('type')) {
		case 'daily':
			return weekdays.length === 0 || weekdays.length === 7 ? { type: 'daily' } : { type: 'daily', weekdays };
		case 'weekly':
			return { type: 'weekly', weekdays, everyWeeks: number(one('everyWeeks') ?? '1') };
		case 'timesAWeek':
			return { type: 'timesAWeek', times: number(one('times')) };
		case 'monthly':
			return { type: 'monthly', day: number(one('day')) };
		case 'nth':
			return { type: 'monthly', nth: number(one('nth')), weekday: number(one('weekday')) };
		case 'leaf':
			return { type: 'monthly', card: number(one('leaf')), weekday: number(one('weekday')) };
		case 'months':
			return { type: 'months', months: numbers(form.months) };
		case 'everyMonths':
			return {
				type: 'everyMonths',
				every: number(one('everyMonths')),
				on:
					one('on') === 'weekday'
						? { nth: number(one('nth')), weekday: number(one('weekday')) }
						: number(one('day'))
			};
		case 'once':
			return { type: 'once', date: one('onceOn') };
		case 'afterDone': {
			const [a, b] = [number(one('min')), number(one('max'))];
			// The pegs may pass each other; the smaller one opens.
			return typeof a === 'number' && typeof b === 'number'
				? { type: 'afterDone', min: Math.min(a, b), max: Math.max(a, b) }
				: { type: 'afterDone', min: a, max: b };
		}
		case 'zone':
			return { type: 'zone', every: one('every') === '2' ? 2 : 1 };
		default:
			return { type: one('type') };
	}
}

type Uses = Job['depths']['usual']['steps'][number]['products'];

/** What is used in a step as its form says it: a product of the home and its families, `vinegar|acid`, or a kind, `|acid`. */
export const useWord = (use: Uses[number]): string => `${use.product ?? ''}|${use.families.join(',')}`;

/** In a row of steps: what is used stays as it is. */
export const SAME_USES = 'same';

/** The work of wet floors among the classes of steps. */
const WET_FLOOR = 7;

/** What a step uses: as the row says, or as it was where the form has no such field. */
function usesOf(
	at: (name: string) => string | undefined,
	before: Uses,
	wait: { readonly max: unknown } | null
): unknown {
	const used = at('with');
	if (used === undefined || used === SAME_USES) return before;
	if (used === '') return [];
	const [product, families] = used.split('|');
	const surface = at('surface') ?? before[0]?.surface ?? '';
	const contact = wait?.max ?? before[0]?.contactMinutes;
	return [
		{
			families: (families ?? '').split(',').filter(Boolean),
			...(product ? { product } : {}),
			...(surface ? { surface } : {}),
			rinse: at('rinse') === 'rinse',
			...(at('rinse') === 'wet' ? { water: 'wet' } : {}),
			floor: Number(at('class')) === WET_FLOOR || (before[0]?.floor ?? false),
			...(contact === undefined || contact === '' ? {} : { contactMinutes: contact })
		}
	];
}

/** What a job needs at hand, as its field says it: with commas between. */
export const needsSaid = (text: string): string[] =>
	text
		.split(',')
		.map((need) => need.trim())
		.filter(Boolean);

/** What a step is done with, as its row says it: one a line. */
export const toolsWord = (tools: readonly string[]): string => tools.join('\n');
const toolsSaid = (word: string): string[] => linesOf(word);

/** Steps of a depth from their rows; null where the form has no rows of it. Empty rows are left out. */
function stepsOf(
	form: FormValues,
	depth: string,
	before: Job['depths']['usual'] | undefined
): unknown[] | null {
	const texts = form[`${depth}-text`];
	if (!texts) return null;
	return texts.flatMap((text, i) => {
		const at = (name: string) => form[`${depth}-${name}`]?.[i];
		if (text.trim() === '') return [];
		const label = at('wait')?.trim() ?? '';
		// A step that is still there keeps what the form does not show.
		const same = before?.steps.find((step) => step.text === text.trim()) ?? before?.steps[i];
		const { wait: _wait, appliance: was, tools: had, ...kept } = same ?? { products: [] };
		const asked = at('appliance');
		const appliance = asked === undefined ? was : asked === '' ? undefined : asked;
		const max = at('max')?.trim() ?? '';
		const said = at('tools');
		const tools = said === undefined ? (had ?? []) : toolsSaid(said);
		return [
			{
				...kept,
				text,
				products: usesOf(at, same?.products ?? [], label === '' ? null : { max: number(max || at('min')) }),
				minutes: number(at('minutes')),
				class: number(at('class')),
				...(appliance === undefined ? {} : { appliance }),
				...(tools.length === 0 ? {} : { tools }),
				...(label === ''
					? {}
					: { wait: { label, min: number(at('min') || '0'), ...(max === '' ? {} : { max: number(max) }) } })
			}
		];
	});
}

function depthOf(
	form: FormValues,
	depth: (typeof DEPTHS)[number],
	before: Job['depths']['usual'] | undefined
): unknown {
	const asked = form[`minutes-${depth}`]?.[0];
	const steps = stepsOf(form, depth, before) ?? before?.steps ?? null;
	if (asked !== undefined && asked.trim() === '' && depth !== 'usual') return undefined;
	if (steps === null) {
		if (asked === undefined) return before;
		return { minutes: number(asked), steps: [{ text: 'Do it', minutes: number(asked), class: 3 }] };
	}
	const minutesEach = steps.map((step) => (step as { minutes: unknown }).minutes);
	const known = minutesEach.every((one): one is number => typeof one === 'number' && one > 0);
	const sum = known ? minutesEach.reduce((total, one) => total + one, 0) : NaN;
	const wanted = number(asked);
	// What is no number of minutes goes on as it is, for the schema to refuse.
	if (asked !== undefined && !(typeof wanted === 'number' && wanted > 0 && wanted <= 1440))
		return { minutes: wanted, steps };
	// Other minutes for the whole are shared out among its steps.
	if (known && typeof wanted === 'number' && wanted > 0 && wanted <= 1440 && Math.abs(wanted - sum) > 0.01) {
		const shares = shareHalves(minutesEach, wanted);
		return {
			minutes: shares.reduce((total, one) => total + one, 0),
			steps: steps.map((step, i) => ({ ...(step as object), minutes: shares[i] }))
		};
	}
	return { minutes: asked === undefined || known ? sum : wanted, steps };
}

/** The lines of a field, without empty ones. */
const linesOf = (text: string | undefined) =>
	(text ?? '')
		.split(/\r?\n/)
		.map((line) => line.trim())
		.filter(Boolean);

/** The job that the fields describe, from the one it was. */
export function jobFromForm(before: Job, form: FormValues): ReadJob {
	const one = (name: string) => form[name]?.[0];
	const has = (name: string) => form[name] !== undefined;
	const cadence = has('type') ? cadenceOf(form) : before.cadence;
	const isZone = (cadence as { type?: string }).type === 'zone';
	const wantedRule = one('missRule') ?? before.missRule;
	const variants = linesOf(one('variants'));
	const members = form.members ?? [];
	const mode = one('who') ?? before.who.mode;
	const depths: Record<string, unknown> = {};
	for (const depth of DEPTHS) {
		const made = depthOf(form, depth, before.depths[depth]);
		if (made !== undefined) depths[depth] = made;
	}
	const {
		season: _season,
		variants: _variants,
		deepEvery: _deepEvery,
		skill: _skill,
		fromAge: _fromAge,
		aloneFrom: _aloneFrom,
		shows: _shows,
		note: _note,
		...kept
	} = before;
	const skill = has('skill') ? (one('skill')?.trim() ?? '') : (before.skill ?? '');
	const fromAge = has('fromAge') ? (one('fromAge')?.trim() ?? '') : String(before.fromAge ?? '');
	const aloneFrom = has('aloneFrom') ? (one('aloneFrom')?.trim() ?? '') : String(before.aloneFrom ?? '');
	const shows = has('shows') ? (one('shows') ?? '') : String(before.shows ?? '');
	const every = has('every') ? one('every') : before.who.every;
	const deepEvery = one('deepEvery')?.trim() ?? '';
	const note = has('note') ? (one('note')?.trim() ?? '') : (before.note ?? '');
	const season = numbers(form.season);
	const parts = form.parts ?? [];
	const data = {
		...kept,
		...(has('name') ? { name: one('name') } : {}),
		...(has('room') ? { room: one('room') } : {}),
		...(has('layer') ? { layer: one('layer') } : {}),
		...(has('weight') ? { weight: number(one('weight')) } : {}),
		cadence,
		missRule: isZone ? 'carry' : wantedRule === 'carry' ? 'letgo' : wantedRule,
		...(has('lead') ? { leadDays: number(one('lead') || '0') } : {}),
		...(has('seasonal')
			? one('seasonal') === 'some'
				? { season }
				: {}
			: before.season
				? { season: before.season }
				: {}),
		parts: has('type')
			? (cadence as { type?: string }).type === 'daily'
				? parts
				: parts.slice(0, 1)
			: before.parts,
		depths,
		...(deepEvery !== '' && depths.deep ? { deepEvery: number(deepEvery) } : {}),
		...(has('variants')
			? variants.length > 0
				? { variants }
				: {}
			: before.variants
				? { variants: before.variants }
				: {}),
		...(has('type') ? { covers: form.covers ?? [] } : {}),
		...(has('who')
			? {
					who: {
						mode,
						members: mode === 'free' ? [] : [...members],
						...(every && mode === 'turns' ? { every } : {})
					}
				}
			: {}),
		...(note !== '' ? { note } : {}),
		...(skill !== '' ? { skill } : {}),
		...(fromAge !== '' ? { fromAge: number(fromAge) } : {}),
		...(aloneFrom !== '' ? { aloneFrom: number(aloneFrom) } : {}),
		...(shows !== '' ? { shows: number(shows) } : {}),
		...(has('shows')
			? {
					order: form.order ?? [],
					errand: one('errand') === 'on',
					core: one('core') === 'on',
					wholeHouse: one('wholeHouse') === 'on'
				}
			: {}),
		...(has('rungs') ? { rungs: linesOf(one('rungs')) } : {}),
		...(has('lookRound') ? { lookRound: linesOf(one('lookRound')) } : {}),
		...(has('startsOn') && one('startsOn') !== '' ? { startsOn: one('startsOn') } : {}),
		...(has('needs')
			? {
					needs: needsSaid(one('needs') ?? '')
				}
			: {}),
		// None chosen is an answer, too: the form says that it asked.
		...(has('withThings') ? { things: form.things ?? [] } : {}),
		noisy: has('type') ? one('noisy') === 'on' : before.noisy,
		hidden: has('rungs') ? one('hidden') === 'on' : before.hidden
	};
	const read = jobSchema.safeParse(data);
	// A step is done with what the job needs: what was taken off the job leaves it.
	return read.success
		? { ok: true, job: withinNeeds(read.data) }
		: {
				ok: false,
				problems: placedProblems(read.error).map(({ path, says }) => ({ field: fieldAt(path, form), says }))
			};
}
