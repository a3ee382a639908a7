/** Which field of the form of a job speaks of what is wrong with the job. */

import type { FormValues } from '../household/formProblem';

/** Fields that have another name than what of the job they say. */
const JOB_FIELDS: Readonly<Record<string, string>> = { leadDays: 'lead' };

function cadenceField(path: readonly PropertyKey[], form: FormValues): string {
	const [first, inner] = path.filter((key) => typeof key === 'string');
	switch (first) {
		// The pegs of the longer time are the ones to move.
		case undefined:
			return form.type?.[0] === 'afterDone' ? 'max' : 'type';
		case 'card':
			return 'leaf';
		case 'date':
			return 'onceOn';
		case 'on':
			return inner ?? 'day';
		case 'every':
			return form.type?.[0] === 'everyMonths' ? 'everyMonths' : 'every';
		default:
			return first;
	}
}

/** Where the i-th step stands among the rows: those without words are none. */
function rowOf(step: number, texts: readonly string[]): number {
	const rows = texts.flatMap((text, row) => (text.trim() === '' ? [] : [row]));
	return rows[step] ?? 0;
}

const waitField = (inner: PropertyKey | undefined) => (inner === 'label' ? 'wait' : String(inner ?? 'max'));

function depthField(path: readonly PropertyKey[], form: FormValues): string {
	const [depth, , step, what, inner] = path;
	const texts = form[`${String(depth)}-text`];
	// Steps that were not shown were not typed: their minutes are what was.
	if (typeof step !== 'number' || texts === undefined) return `minutes-${String(depth)}`;
	const field = what === 'wait' ? waitField(inner) : what === 'products' ? 'with' : String(what);
	return `${String(depth)}-${field}[${rowOf(step, texts)}]`;
}

/** The field of the form of a job that says what stands at `path` of the job. */
export function fieldAt(path: readonly PropertyKey[], form: FormValues): string {
	const [first, ...rest] = path;
	if (first === 'cadence') return cadenceField(rest, form);
	if (first === 'depths') return depthField(rest, form);
	if (first === 'who') return rest[0] === 'mode' ? 'who' : String(rest[0] ?? 'who');
	const named = String(first ?? 'name');
	return JOB_FIELDS[named] ?? named;
}
