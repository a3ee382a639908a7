/**
 * The planner: fills minutes with jobs for one person or several. A valid plan stands after the first breath; each
 * round makes it better or leaves it. Reproducible: no clock, no chance but a fixed seed. Rules: "What makes a plan better".
 */
import type { Plan, PlanEntry, PlanInput } from './plan';
import { bringForward } from './solver/bringForward';
import { solveExactly } from './solver/solveExactly';
import { flatten, type Problem } from './solver/problem';
import { Search } from './solver/search';
import { copyState, emptyState, type State } from './solver/state';
import { Timing } from './solver/timing';

export interface Effort {
	/** Rounds of search; each times 100 000 steps. */
	readonly rounds: number;
	/** Orders looked at before an exact answer is given up; 0: none is tried. */
	readonly exactNodes: number;
}

/** Rounds for 20 steps and fewer, for 36, and for as many as 190: between them in proportion. */
const [FEW, SOME, MANY] = [12, 26, 64];

/**
 * The effort that a page asks for: the more steps there are to choose from, the more rounds, from about a fifth of a
 * second to less than one second. Above some dozens each further step adds less, as a round finds its way into most of
 * a plan by itself.
 */
export function effortFor(input: PlanInput): Effort {
	const steps = input.jobs.reduce((sum, job) => sum + job.steps.length, 0);
	const rounds =
		steps <= 36
			? FEW + (Math.max(0, steps - 20) / 16) * (SOME - FEW)
			: SOME + ((Math.min(steps, 190) - 36) / 154) * (MANY - SOME);
	return { rounds: Math.round(rounds), exactNodes: 8_000 };
}

/** Steps timed in the first breath, which a page makes while it is built. */
const FIRST_BREATH = 300_000;

function planOf(problem: Problem, state: State, exact: boolean): Plan {
	const { input, source, job, index } = problem;
	const timed = new Timing(problem);
	const shown = emptyState(problem);
	copyState(state, shown);
	if (input.bestFirst) bringForward(problem, shown, timed);
	else timed.time(shown.order, shown.n, shown.who);
	const entries: PlanEntry[] = [];
	for (let i = 0; i < state.n; i++) {
		const s = shown.order[i] as number;
		const j = job[s] as number;
		entries.push({
			job: input.jobs[source[j] as number]?.id ?? '',
			step: index[s] as number,
			person: input.people[state.who[j] as number]?.id ?? '',
			start: timed.start[s] as number,
			end: timed.end[s] as number
		});
	}
	entries.sort(
		(a, b) => a.start - b.start || (a.person < b.person ? -1 : a.person > b.person ? 1 : a.end - b.end)
	);
	const planned = new Set(entries.map((entry) => entry.job));
	return {
		entries,
		worth: input.jobs.reduce((sum, one) => (planned.has(one.id) ? sum + one.worth : sum), 0),
		end: entries.reduce((end, entry) => Math.max(end, entry.end), 0),
		left: input.jobs.filter((one) => !planned.has(one.id)).map((one) => one.id),
		exact
	};
}

/**
 * A valid plan at once: jobs by worth per minute, each where it costs least. `exact` is false but for nothing to do.
 * Jobs that must be done and cannot stand in `left`.
 */
export function firstPlan(input: PlanInput): Plan {
	const problem = flatten(input);
	const searching = new Search(problem);
	searching.greedy(FIRST_BREATH);
	return planOf(problem, searching.best, problem.jobs === 0);
}

/**
 * Better and better plans: the first at once, then one after each round that found a better one, the best last. Small
 * problems end with one that is exact.
 */
export function* betterPlans(input: PlanInput, effort: Effort = effortFor(input)): Generator<Plan> {
	const problem = flatten(input);
	const searching = new Search(problem);
	searching.greedy(FIRST_BREATH);
	yield planOf(problem, searching.best, problem.jobs === 0);
	if (problem.jobs === 0) return;
	const small = effort.exactNodes > 0 && problem.steps <= 24;
	let rounds = effort.rounds;
	if (small) {
		// A few rounds give the exact search a good bar to begin with.
		for (const better of searching.rounds(Math.min(3, rounds)))
			if (better) yield planOf(problem, searching.best, false);
		const exact = solveExactly(problem, searching.best, effort.exactNodes);
		if (exact) {
			yield planOf(problem, exact, true);
			return;
		}
		rounds -= Math.min(3, rounds);
	}
	for (const better of searching.rounds(rounds)) if (better) yield planOf(problem, searching.best, false);
}

/** The best plan that this effort finds. */
export function makePlan(input: PlanInput, effort: Effort = effortFor(input)): Plan {
	let last: Plan | null = null;
	for (const plan of betterPlans(input, effort)) last = plan;
	return last as Plan;
}
