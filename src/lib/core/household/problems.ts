/** Turns what a schema has to say into lines for a person: the place, what is wrong, what to do. */
import type { z } from 'zod';

export interface Problem {
	/** Such as `jobs[3] "wipe-bench" . room`. */
	readonly at: string;
	readonly says: string;
	/** The field by its own name, such as `room`, where it is one field. */
	readonly field?: string;
}

/** A path with the id of each list entry on the way, so that a reader finds it in a long file. */
function placeOf(path: readonly PropertyKey[], data: unknown): string {
	let text = '';
	let here: unknown = data;
	for (const key of path) {
		here =
			typeof here === 'object' && here !== null ? (here as Record<PropertyKey, unknown>)[key] : undefined;
		if (typeof key === 'number') {
			const id = typeof here === 'object' && here !== null ? (here as { id?: unknown }).id : undefined;
			text += `[${key}]${typeof id === 'string' ? ` "${id.slice(0, 60)}"` : ''}`;
		} else text += `${text === '' ? '' : '.'}${String(key)}`;
	}
	return text === '' ? 'the whole of it' : text;
}

/** What stands in a place, in words. */
const KINDS: Readonly<Record<string, string>> = {
	string: 'Text',
	number: 'A number',
	int: 'A whole number',
	boolean: 'Either true or false',
	array: 'A list',
	object: 'A group of named fields',
	record: 'A group of named fields'
};

const bounded = (of: string, bound: number | bigint, least: boolean): string => {
	const most = least ? 'at least' : 'at most';
	if (of === 'string')
		return least && bound === 1
			? 'It is empty. Write something.'
			: `It must have ${most} ${bound} letters and figures.`;
	if (of === 'array')
		return least && bound === 1
			? 'It is empty. Name at least one.'
			: `It must have ${most} ${bound} entries.`;
	return Math.abs(Number(bound)) >= Number.MAX_SAFE_INTEGER
		? 'This number is too large to be meant. Correct it.'
		: `It must be ${most} ${bound}. Correct it.`;
};

/** What an issue says, in a sentence for a person: the schema's own words, else plain ones in place of Zod's. */
function sentence(issue: z.core.$ZodIssue): string {
	if (issue.code === 'unrecognized_keys') {
		const keys = issue.keys.map((key) => `"${key.slice(0, 40)}"`).join(', ');
		return `Unknown field ${keys}. Take it out, or check how it is spelt.`;
	}
	if (!/^(Invalid|Too (big|small))/.test(issue.message)) return issue.message;
	switch (issue.code) {
		case 'invalid_type':
			return `${KINDS[issue.expected] ?? 'Something else'} is expected here. Fill it in, or correct it.`;
		case 'invalid_value':
			return `Write ${issue.values.length > 1 ? 'one of ' : ''}${issue.values.map(String).join(', ')}.`;
		case 'too_small':
			return bounded(issue.origin, issue.minimum, true);
		case 'too_big':
			return bounded(issue.origin, issue.maximum, false);
		case 'invalid_union': {
			const meant = [...issue.message.matchAll(/'([^']+)'/g)].map(([, one]) => one);
			return meant.length > 0 ? `Write one of ${meant.join(', ')}.` : 'This is none of what can stand here.';
		}
		default:
			return 'This cannot stand here. Correct it, or take it out.';
	}
}

/** The arm of a union that came closest, judged by how few problems it has. */
function closest(issue: z.core.$ZodIssue): readonly z.core.$ZodIssue[] {
	if (
		issue.code !== 'invalid_union' ||
		issue.errors.length === 0 ||
		!issue.message.startsWith('Invalid input')
	) {
		return [issue];
	}
	const arms = [...issue.errors].sort((a, b) => wrongType(a) - wrongType(b) || a.length - b.length);
	return (arms[0] ?? []).flatMap((inner) =>
		closest({ ...inner, path: [...issue.path, ...inner.path] } as z.core.$ZodIssue)
	);
}

/** 1 for an arm that speaks of something else: of another type by name, or a number where a group stands. */
const wrongType = (arm: readonly z.core.$ZodIssue[]) =>
	arm.some(
		(issue) =>
			(issue.path[0] === 'type' && issue.code === 'invalid_value') ||
			(issue.path.length === 0 && issue.code === 'invalid_type')
	)
		? 1
		: 0;

/** What is wrong, and the keys on the way to it. */
export interface PlacedProblem {
	readonly path: readonly PropertyKey[];
	readonly says: string;
}

/** What a failed parse has to say, each with its path. At most 50: more help nobody. */
export const placedProblems = (error: z.ZodError): PlacedProblem[] =>
	error.issues
		.flatMap((issue) => closest(issue as z.core.$ZodIssue))
		.slice(0, 50)
		.map((issue) => ({ path: issue.path, says: sentence(issue) }));

/** The problems of a failed parse, each with its place in `data`, as `placedProblems` finds them. */
export const problemsOf = (error: z.ZodError, data: unknown): Problem[] =>
	placedProblems(error).map(({ path, says }) => {
		const field = path.findLast((key) => typeof key === 'string');
		return { at: placeOf(path, data), says, ...(field === undefined ? {} : { field }) };
	});

/** What came of reading foreign data: the value, or every problem with its place. */
export type Read<T> =
	{ readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

/** Reads foreign data by a schema. Nothing is repaired silently, and nothing is thrown. */
export function readBy<T>(schema: z.ZodType<T>, data: unknown): Read<T> {
	const parsed = schema.safeParse(data);
	return parsed.success
		? { ok: true, value: parsed.data }
		: { ok: false, problems: problemsOf(parsed.error, data) };
}

/** One line a problem, for a terminal or a log. */
export function describeProblems(problems: readonly Problem[]): string {
	return problems.map((problem) => `${problem.at}: ${problem.says}`).join('\n');
}
