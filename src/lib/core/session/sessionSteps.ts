/** The steps of a job as a session has them: as long as they really take, within the cap of its kind. */
import { longestGaps } from '../cupboard/shortContact';
import type { Habit } from '../planner/chance';
import type { PlanJob } from '../planner/plan';
import type { JobStep } from '../household/jobSchema';
import type { DaySeries } from '../schedule/readDay';
import { KIND_RULES, type SessionKind } from './kinds';
import type { Rinses } from './rinses';

/** What the length of steps depends on. */
export interface AsPlanned {
	readonly kind: SessionKind;
	/** What is known of the minutes of lines. */
	readonly habits?: ReadonlyMap<string, Habit>;
	/** Lines that no cap of the kind binds: the sitting after a round. */
	readonly uncapped?: ReadonlySet<string> | undefined;
	/** Rinses at the end of lines, for what must not meet. */
	readonly rinses?: Rinses | undefined;
}

/** The cap binds quick and usual depth; deep takes its own minutes, and so does what comes after a round. */
export const isUncapped = (line: DaySeries, uncapped: ReadonlySet<string> | undefined): boolean =>
	line.depth === 'deep' || (uncapped?.has(line.line.id) ?? false);

/** The steps of a line at the depth of its turn. */
export function stepsOf(line: DaySeries): readonly JobStep[] {
	const { depths } = line.line.job;
	return (depths[line.depth] ?? depths.usual).steps;
}

/** Steps cut to a cap: each in proportion, in halves, at least a half. */
function capped(steps: readonly JobStep[], cap: number | null): readonly JobStep[] {
	const sum = steps.reduce((total, step) => total + step.minutes, 0);
	if (cap === null || sum <= cap) return steps;
	return steps.map((step) => ({
		...step,
		minutes: Math.max(0.5, Math.floor((step.minutes * cap * 2) / sum) / 2)
	}));
}

/** The longest time of a wait, cut to how long a product may stay; never under its least time. */
const longestWait = (wait: JobStep['wait'], gap: number | undefined): number | undefined =>
	gap === undefined ? wait?.max : Math.max(wait?.min ?? 0, Math.min(wait?.max ?? Infinity, gap));

export function planSteps(steps: readonly JobStep[], room: string): PlanJob['steps'] {
	const gaps = longestGaps(steps);
	return steps.map((step, i) => ({
		room: step.room ?? room,
		class: step.class,
		minutes: step.minutes,
		appliance: step.appliance,
		waitMin: step.wait?.min,
		waitMax: longestWait(step.wait, gaps[i]),
		// A surface that was not named counts as one with all other such of its room: the strictest reading.
		uses: step.products.map((product) => ({
			surface: `${step.room ?? room}/${product.surface ?? ''}`,
			families: product.families,
			rinse: product.rinse
		}))
	}));
}

/** Steps as long as they really take, in halves, at least a half each. */
function learned(steps: readonly JobStep[], factor: number): readonly JobStep[] {
	if (factor === 1) return steps;
	return steps.map((step) => ({
		...step,
		minutes: Math.max(0.5, Math.round(step.minutes * factor * 2) / 2)
	}));
}

/** The steps of a line as a session has them: as long as they really take, within the cap of its kind. */
export function sessionSteps(line: DaySeries, { habits, kind, uncapped, rinses }: AsPlanned) {
	const steps = learned(stepsOf(line), habits?.get(line.line.id)?.factor ?? 1);
	const own = capped(steps, isUncapped(line, uncapped) ? null : KIND_RULES[kind].cap);
	const rinse = rinses?.get(line.line.id);
	return rinse ? [...own, ...rinse] : own;
}
