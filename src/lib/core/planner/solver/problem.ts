/** A planning problem as flat arrays: jobs, steps, people and rooms are numbers, so that timing one order is fast. */
import { dangerBits, familyBits, isDangerAlone } from '../../cupboard/meet';
import { attendedMinutes, storeyOf, walkMinutes, type PlanInput } from '../plan';

/** A use of a surface on which products could meet. */
interface Use {
	readonly surface: number;
	readonly bits: number;
	readonly against: number;
	readonly rinse: boolean;
}

export interface Problem {
	readonly input: PlanInput;
	readonly steps: number;
	readonly jobs: number;
	readonly people: number;
	readonly rooms: number;
	readonly appliances: number;
	readonly surfaces: number;
	readonly floorsAtEnd: boolean;
	readonly topDown: boolean;
	/** Minutes that a hop counts for. */
	readonly hopCost: number;
	/** By room: 0 on the highest storey, more further down. */
	readonly level: Int32Array;
	/** By step: steps of a job stand one after the other. */
	readonly job: Int32Array;
	readonly index: Int32Array;
	readonly room: Int32Array;
	readonly class: Int32Array;
	readonly minutes: Float64Array;
	readonly appliance: Int32Array;
	readonly waitMin: Float64Array;
	readonly waitMax: Float64Array;
	/** 1 where a wait begins. */
	readonly waits: Uint8Array;
	/** The later step of the job that frees the appliance again; -1: none. */
	readonly frees: Int32Array;
	readonly release: Float64Array;
	readonly deadline: Float64Array;
	readonly uses: readonly (readonly Use[])[];
	/** By job. */
	readonly first: Int32Array;
	readonly count: Int32Array;
	readonly worth: Float64Array;
	readonly jobMinutes: Float64Array;
	readonly must: Uint8Array;
	/** Jobs that must be over first, of those planned; and those that wait for it. */
	readonly before: readonly Int32Array[];
	readonly after: readonly Int32Array[];
	readonly who: readonly Int32Array[];
	/** By person. */
	readonly from: Float64Array;
	readonly until: Float64Array;
	readonly startRoom: Int32Array;
	readonly breaks: readonly Float64Array[];
	/** rooms × rooms. */
	readonly walk: Float64Array;
	/** By appliance: free from, and the job that has it at the beginning (-1: none). */
	readonly freeFrom: Float64Array;
	readonly holder: Int32Array;
	/** Places in `input.jobs` of the jobs above: what can never be planned is not among them. */
	readonly source: Int32Array;
}

/** A job that goes against the order of classes in one room, or holds a danger in itself, is never planned. */
function isSound(input: PlanInput, place: number): boolean {
	const job = input.jobs[place];
	if (!job || job.steps.length === 0) return false;
	const highest = new Map<string, number>();
	let floorBegun = false;
	let lowest = Infinity;
	for (const step of job.steps) {
		if (step.uses?.some((use) => isDangerAlone(use.families))) return false;
		if (step.class === 0) continue;
		if ((highest.get(step.room) ?? 0) > step.class) return false;
		highest.set(step.room, step.class);
		const storey = storeyOf(input.rooms, step.room);
		if (input.topDown && storey > lowest) return false;
		lowest = Math.min(lowest, storey);
		if (input.floors === 'at-end') {
			if (step.class === 6 || step.class === 7) floorBegun = true;
			else if (step.class < 6 && floorBegun) return false;
		}
	}
	return true;
}

/** So many steps are more than a search can look at one by one. */
const MANY_STEPS = 90;

export const isLargeProblem = ({ steps }: Problem): boolean => steps > MANY_STEPS;

/**
 * Flattens a problem. Left out are jobs that nobody may do, that cannot fit by their own minutes, and optional
 * ones of no worth: those only cost time.
 */
export function flatten(input: PlanInput): Problem {
	const { people } = input;
	const longest = Math.max(0, ...people.map((one) => Math.min(one.until, input.bell) - one.from));
	const source = input.jobs.flatMap((job, i) => {
		const able = people.some((one) => !one.barred.includes(job.id) && (job.by ?? one.id) === one.id);
		const fits = attendedMinutes(job) <= longest;
		return able && fits && isSound(input, i) && (!job.optional || job.worth > 0) ? [i] : [];
	});
	const jobs = source.map((i) => input.jobs[i] as PlanInput['jobs'][number]);
	// Of a large house only the rooms that somebody comes to.
	const roomIds = [
		...new Set([
			...jobs.flatMap((job) => job.steps.map((s) => s.room)),
			...people.flatMap((p) => (p.room === undefined ? [] : [p.room]))
		])
	];
	const applianceIds = [
		...new Set(
			jobs.flatMap((job) => job.steps.flatMap((s) => (s.appliance === undefined ? [] : [s.appliance])))
		)
	];
	const surfaceIds = dangerousSurfaces(input, source);
	const roomOf = new Map(roomIds.map((id, i) => [id, i]));
	const applianceOf = new Map(applianceIds.map((id, i) => [id, i]));
	const surfaceOf = new Map(surfaceIds.map((id, i) => [id, i]));
	const jobOf = new Map(jobs.map((job, i) => [job.id, i]));
	const flat = jobs.flatMap((job, j) => job.steps.map((step, i) => ({ step, j, i, job })));
	const ints = (values: number[]) => Int32Array.from(values);
	const floats = (values: number[]) => Float64Array.from(values);
	const first: number[] = [];
	let next = 0;
	for (const job of jobs) {
		first.push(next);
		next += job.steps.length;
	}
	const pairs = input.pairs.flatMap(([a, b]): [number, number][] => {
		const [one, other] = [jobOf.get(a), jobOf.get(b)];
		return one === undefined || other === undefined || one === other ? [] : [[one, other]];
	});
	const storeys = roomIds.map((id) => storeyOf(input.rooms, id));
	const fromTop = [...new Set(storeys)].sort((a, b) => b - a);
	return {
		input,
		steps: flat.length,
		jobs: jobs.length,
		people: people.length,
		rooms: roomIds.length,
		appliances: applianceIds.length,
		surfaces: surfaceIds.length,
		floorsAtEnd: input.floors === 'at-end',
		topDown: input.topDown === true,
		hopCost: input.hopCost ?? 0,
		level: ints(storeys.map((storey) => fromTop.indexOf(storey))),
		job: ints(flat.map((f) => f.j)),
		index: ints(flat.map((f) => f.i)),
		room: ints(flat.map((f) => roomOf.get(f.step.room) as number)),
		class: ints(flat.map((f) => f.step.class)),
		minutes: floats(flat.map((f) => f.step.minutes)),
		appliance: ints(
			flat.map((f) => (f.step.appliance === undefined ? -1 : (applianceOf.get(f.step.appliance) as number)))
		),
		waitMin: floats(flat.map((f) => f.step.waitMin ?? 0)),
		waitMax: floats(flat.map((f) => f.step.waitMax ?? Infinity)),
		waits: Uint8Array.from(
			flat.map((f) => Number(f.step.waitMin !== undefined || f.step.waitMax !== undefined))
		),
		frees: ints(
			flat.map((f, at) => {
				if (f.step.appliance === undefined) return -1;
				const later = f.job.steps.findIndex((s, k) => k > f.i && s.appliance === f.step.appliance);
				return later < 0 ? -1 : at + later - f.i;
			})
		),
		release: floats(flat.map((f) => (f.i === 0 ? (f.job.release ?? 0) : 0))),
		deadline: floats(flat.map((f) => (f.i === 0 ? (f.job.deadline ?? Infinity) : Infinity))),
		uses: flat.map((f) =>
			(f.step.uses ?? []).flatMap((use): Use[] => {
				const surface = surfaceOf.get(use.surface);
				const bits = familyBits(use.families);
				return surface === undefined ? [] : [{ surface, bits, against: dangerBits(bits), rinse: use.rinse }];
			})
		),
		first: ints(first),
		count: ints(jobs.map((job) => job.steps.length)),
		worth: floats(jobs.map((job) => job.worth)),
		jobMinutes: floats(jobs.map(attendedMinutes)),
		must: Uint8Array.from(jobs.map((job) => Number(!job.optional))),
		before: jobs.map((_, j) => ints(pairs.filter(([, b]) => b === j).map(([a]) => a))),
		after: jobs.map((_, j) => ints(pairs.filter(([a]) => a === j).map(([, b]) => b))),
		who: jobs.map((job) =>
			ints(
				people.flatMap((one, p) => (!one.barred.includes(job.id) && (job.by ?? one.id) === one.id ? [p] : []))
			)
		),
		from: floats(people.map((one) => one.from)),
		until: floats(people.map((one) => Math.min(one.until, input.bell))),
		startRoom: ints(people.map((one) => (one.room === undefined ? -1 : (roomOf.get(one.room) as number)))),
		breaks: people.map((one) =>
			floats(
				[...(one.breaks ?? [])].sort((a, b) => a.from - b.from).flatMap((span) => [span.from, span.until])
			)
		),
		walk: walksBetween(storeys, input.move),
		freeFrom: floats(
			applianceIds.map((id) =>
				Math.max(0, ...(input.taken ?? []).filter((t) => t.appliance === id).map((t) => t.until))
			)
		),
		holder: ints(applianceIds.map((id) => jobs.findIndex((job) => job.holds?.includes(id)))),
		source: ints(source)
	};
}

/** Minutes from each room to each, by their storeys: rooms × rooms. */
function walksBetween(storeys: readonly number[], move: PlanInput['move']): Float64Array {
	const count = storeys.length;
	const walk = new Float64Array(count * count);
	for (let i = 0; i < count; i++)
		for (let k = 0; k < count; k++)
			if (i !== k) walk[i * count + k] = walkMinutes(move, storeys[i] as number, storeys[k] as number);
	return walk;
}

/** Surfaces on which two products of these jobs could meet that must not. */
function dangerousSurfaces(input: PlanInput, source: readonly number[]): string[] {
	const met = new Map<string, { bits: number; against: number }>();
	const dangerous = new Set<string>();
	for (const i of source) {
		for (const use of input.jobs[i]?.steps.flatMap((step) => step.uses ?? []) ?? []) {
			const bits = familyBits(use.families);
			const known = met.get(use.surface) ?? { bits: 0, against: 0 };
			if (known.against & bits) dangerous.add(use.surface);
			met.set(use.surface, { bits: known.bits | bits, against: known.against | dangerBits(bits) });
		}
	}
	return [...dangerous];
}
