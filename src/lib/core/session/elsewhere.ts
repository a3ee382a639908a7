/** What a kind of session would draw from if it were for those in it. Rules: "Kinds of session". */
import type { DaySeries } from '../schedule/readDay';
import { gather } from './gather';
import type { GatherQuestion } from './gathered';
import type { SessionKind } from './kinds';

/** Why work of the kind is not in this session. */
export type WhyElsewhere =
	/** It is the turn of people who are not in it, by id. */
	| { readonly code: 'theirs'; readonly of: readonly string[] }
	/** It stands in a session that runs. */
	| { readonly code: 'running' }
	/** Nobody in it may do it. */
	| { readonly code: 'may-not' };

export interface Elsewhere {
	readonly line: DaySeries;
	readonly why: WhyElsewhere;
}

/** Kinds that are a whole of their own: who begins one takes what is in it for all there is. */
const WHOLE: readonly SessionKind[] = ['basics', 'round', 'zone', 'reset'];

/** What is asked of a line that is outside of the pool: whose turn it is, and whether it runs. */
export interface WhoHas {
	readonly turnOf: (line: DaySeries) => readonly string[];
	readonly isRunning: (line: DaySeries) => boolean;
}

/**
 * Work of a kind of session that is on and outside of its pool, with the reason of each, in the order of `lines`. None
 * for kinds that are a choice out of all there is. Rules: "Kinds of session".
 */
export function elsewhere(
	kind: SessionKind,
	question: GatherQuestion,
	lines: readonly DaySeries[],
	{ turnOf, isRunning }: WhoHas
): Elsewhere[] {
	if (!WHOLE.includes(kind)) return [];
	const pool = new Set(question.pool.map((line) => line.line.id));
	const outside = lines.filter((line) => !pool.has(line.line.id));
	return gather(kind, { ...question, pool: outside }).lines.map((line) => {
		if (isRunning(line)) return { line, why: { code: 'running' } };
		const of = turnOf(line);
		return { line, why: of.length === 0 ? { code: 'may-not' } : { code: 'theirs', of } };
	});
}
