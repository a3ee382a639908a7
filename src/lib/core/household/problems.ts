/** Turns what a schema has to say into lines for a person: the place, what is wrong, what to do. */
import type { z } from 'zod';

export interface Problem {
	/** Such as `jobs[3] "wipe-bench" . room`. */
	readonly at: string;
	readonly says: string;
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

function sentence(issue: z.core.$ZodIssue): string {
	if (issue.code === 'unrecognized_keys') {
		const keys = issue.keys.map((key) => `"${key.slice(0, 40)}"`).join(', ');
		return `Unknown field ${keys}. Take it out, or check how it is spelt.`;
	}
	if (issue.code === 'invalid_type') {
		return issue.message.startsWith('Invalid input')
			? `Expected ${issue.expected}. Fill it in, or correct it.`
			: issue.message;
	}
	return issue.message;
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

const wrongType = (arm: readonly z.core.$ZodIssue[]) =>
	arm.some((issue) => issue.path[0] === 'type' && issue.code === 'invalid_value') ? 1 : 0;

/** The problems of a failed parse, each with its place in `data`. At most 50: more help nobody. */
export function problemsOf(error: z.ZodError, data: unknown): Problem[] {
	return error.issues
		.flatMap((issue) => closest(issue as z.core.$ZodIssue))
		.slice(0, 50)
		.map((issue) => ({ at: placeOf(issue.path, data), says: sentence(issue) }));
}

/** One line a problem, for a terminal or a log. */
export function describeProblems(problems: readonly Problem[]): string {
	return problems.map((problem) => `${problem.at}: ${problem.says}`).join('\n');
}
