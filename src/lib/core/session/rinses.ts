/**
 * Where two jobs of a session would have products meet that must not, a rinse between them makes it right, on what
 * bears one. Rules: "What must not meet".
 */
import { mustNotMeet } from '../cupboard/meet';
import { refusesRinse } from '../cupboard/surfaces';
import type { JobStep } from '../household/jobSchema';
import { classesForbid } from '../planner/orderPairs';
import type { DaySeries } from '../schedule/readDay';

/** Rinse steps at the end of lines, by the ids of the lines. */
export type Rinses = ReadonlyMap<string, readonly JobStep[]>;

type StepUse = JobStep['products'][number];

interface Placed {
	readonly place: string;
	readonly use: StepUse;
	readonly room: string | undefined;
	readonly class: number;
}

/** Minutes of a rinse with plenty of water. */
const RINSE_MINUTES = 1;

/** The uses of a job where they are. A rinse at its end is of the class of its last step, so that it can stand there. */
const placed = (steps: readonly JobStep[], room: string): Placed[] =>
	steps.flatMap((step) =>
		step.products.map((use) => ({
			place: `${step.room ?? room}/${use.surface ?? ''}`,
			use,
			room: step.room,
			class: Math.max(...steps.map((one) => one.class))
		}))
	);

/** What of a job is still on a surface when it ends, or is put on it before it is first rinsed. */
function open(uses: readonly Placed[], place: string, at: 'start' | 'end'): Placed[] {
	const own = uses.filter((one) => one.place === place);
	const row = at === 'start' ? own : [...own].reverse();
	const rinsed = row.findIndex((one) => one.use.rinse);
	return rinsed < 0 ? row : row.slice(0, rinsed);
}

/** What two jobs, the one before the other, leave to meet. */
function meeting(first: readonly Placed[], then: readonly Placed[]): Placed[] {
	const places = new Set(first.map((one) => one.place));
	return [...places].flatMap((place) =>
		open(first, place, 'end').filter((one) =>
			open(then, place, 'start').some((other) => mustNotMeet(one.use.families, other.use.families))
		)
	);
}

const rinseOf = (one: Placed): JobStep => ({
	text: 'Rinse with plenty of water',
	minutes: RINSE_MINUTES,
	class: one.class,
	...(one.room === undefined ? {} : { room: one.room }),
	products: [
		{
			families: ['water'],
			...(one.use.surface === undefined ? {} : { surface: one.use.surface }),
			rinse: true,
			floor: one.use.floor
		}
	]
});

/**
 * The rinses that let jobs of a session go together which would be a danger in either order: at the end of the one that
 * can go first. `stepsOf`: the steps of a line as the session has them. A surface that a rinse would harm gets none, and
 * such jobs stay apart.
 */
export function rinsesBetween(
	lines: readonly DaySeries[],
	stepsOf: (line: DaySeries) => readonly JobStep[]
): Rinses {
	const found = new Map<string, JobStep[]>();
	const known = lines
		.map((line) => ({ line, uses: placed(stepsOf(line), line.line.job.room) }))
		.filter(({ uses }) => uses.some((one) => one.use.families.some((family) => family !== 'water')));
	known.forEach((one, i) => {
		for (const other of known.slice(i + 1)) {
			const [forth, back] = [meeting(one.uses, other.uses), meeting(other.uses, one.uses)];
			if (forth.length === 0 || back.length === 0) continue;
			const oneFirst = !classesForbid(one.line.line.job, other.line.line.job);
			const left = oneFirst ? forth : back;
			if (left.some(({ use }) => use.surface !== undefined && refusesRinse(use.surface))) continue;
			const { id } = (oneFirst ? one : other).line.line;
			const rinses = found.get(id) ?? [];
			for (const use of left) {
				const rinse = rinseOf(use);
				if (!rinses.some((step) => JSON.stringify(step) === JSON.stringify(rinse))) rinses.push(rinse);
			}
			found.set(id, rinses);
		}
	});
	return found;
}
