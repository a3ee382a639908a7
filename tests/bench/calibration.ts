/** Whether a stated chance is what happens: pails are planned, lived many times by the spread of their minutes, and counted. */
import { chanceOfFitting, type Habit } from '../../src/lib/core/planner/chance';
import { firstPlan } from '../../src/lib/core/planner/makePlan';
import type { Plan, PlanInput, PlanJob } from '../../src/lib/core/planner/plan';
import { flatten } from '../../src/lib/core/planner/solver/problem';
import { Timing } from '../../src/lib/core/planner/solver/timing';
import { seededRandom } from '../../src/lib/core/random';
import { say } from './measure';

const PAILS = 4000;
/** Times that each is lived: one alone would say within 5 points no more than chance does. */
const LIVES = 20;
const ROOMS = ['a', 'b', 'c'];

/** Two independent numbers of the normal distribution, by Box and Muller. */
function normals(random: () => number): () => number {
	let kept: number | null = null;
	return () => {
		if (kept !== null) {
			const one = kept;
			kept = null;
			return one;
		}
		const length = Math.sqrt(-2 * Math.log(1 - random()));
		const angle = 2 * Math.PI * random();
		kept = length * Math.sin(angle);
		return length * Math.cos(angle);
	};
}

/** A pail of two to nine jobs for one to three people, each with a spread of its own; some soak meanwhile. */
function pail(random: () => number): { input: PlanInput; habits: Map<string, Habit> } {
	const among = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
	const habits = new Map<string, Habit>();
	const jobs = Array.from({ length: among(2, 9) }, (_, j): PlanJob => {
		const id = `j${j}`;
		habits.set(id, { factor: 0.8 + random() * 0.6, spread: 0.1 + random() * 0.4 });
		const room = ROOMS[among(0, 2)] as string;
		const minutes = () => among(2, 20) / 2;
		const soak = random() < 0.2;
		return {
			id,
			worth: among(1, 9),
			optional: true,
			steps: soak
				? [
						{ room, class: 0, minutes: minutes(), waitMin: among(4, 12) },
						{ room, class: 5, minutes: minutes() }
					]
				: [{ room, class: 3, minutes: minutes() }]
		};
	});
	const people = Array.from({ length: among(1, 3) }, (_, p) => ({
		id: `p${p}`,
		from: 0,
		until: 999,
		barred: []
	}));
	return {
		habits,
		input: {
			bell: among(8, 60),
			people,
			rooms: ROOMS.map((id) => ({ id, storey: 0 })),
			move: { sameStorey: 0.5, perStorey: 1 },
			appliances: [],
			pairs: [],
			jobs
		}
	};
}

/** True where the plan, with each job as long as it turns out, ends by the bell. */
function isInTime(input: PlanInput, plan: Plan, longer: ReadonlyMap<string, number>): boolean {
	const planned = new Set(plan.entries.map((entry) => entry.job));
	const lived = flatten({
		...input,
		bell: 1e6,
		people: input.people.map((one) => ({ ...one, until: 1e6 })),
		jobs: input.jobs
			.filter((job) => planned.has(job.id))
			.map((job) => ({
				...job,
				steps: job.steps.map((step) => ({ ...step, minutes: step.minutes * (longer.get(job.id) ?? 1) }))
			}))
	});
	const jobAt = lived.input.jobs.map((job) => job.id);
	const order = Int32Array.from(
		plan.entries,
		(entry) => (lived.first[jobAt.indexOf(entry.job)] ?? 0) + entry.step
	);
	const who = Int32Array.from(jobAt, (id) =>
		input.people.findIndex((one) => one.id === plan.entries.find((entry) => entry.job === id)?.person)
	);
	const timing = new Timing(lived);
	return timing.time(order, order.length, who) && timing.makespan() <= input.bell + 1e-9;
}

/** In each tenth of stated chance, the share that was done in time; the largest distance is the figure. */
export function calibration(): void {
	const random = seededRandom(4);
	const normal = normals(random);
	const tenths = Array.from({ length: 10 }, () => ({ stated: 0, kept: 0, lives: 0 }));
	for (let made = 0; made < PAILS;) {
		const { input, habits } = pail(random);
		const plan = firstPlan(input);
		if (plan.entries.length === 0) continue;
		made++;
		const habitOf = (job: string) => habits.get(job) as Habit;
		const chance = chanceOfFitting(input, plan, habitOf);
		const tenth = tenths[Math.min(9, Math.floor(chance * 10))] as (typeof tenths)[number];
		for (let life = 0; life < LIVES; life++) {
			const longer = new Map(
				[...habits].map(([job, { factor, spread }]) => [job, factor * Math.exp(spread * normal())])
			);
			tenth.stated += chance;
			tenth.kept += Number(isInTime(input, plan, longer));
			tenth.lives++;
		}
	}
	const points = tenths.map(({ stated, kept, lives }) => (100 * (kept - stated)) / Math.max(1, lives));
	const worst = points.reduce((most, one) => Math.max(most, Math.abs(one)), 0);
	say(
		`stated chance of ${PAILS} pails beside what happened, by tenths`,
		points.map((one) => `${one < 0 ? '' : '+'}${one.toFixed(1)}`).join(' '),
		'each within 5 points',
		worst <= 5
	);
}
