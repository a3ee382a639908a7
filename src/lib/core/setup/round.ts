/** A round: several jobs as one, cut down to so many minutes in all. Rules: "Kinds of session". */
import type { Job, JobStep } from '../household/jobSchema';
import type { Room } from '../household/home';
import { atHand } from '../household/stepTools';

/** Parts whole half-minutes of `minutes` by weights, at least one each: the largest remainders round up. */
export function shareHalves(weights: readonly number[], minutes: number): number[] {
	const halves = Math.max(weights.length, Math.round(minutes * 2));
	const whole = weights.reduce((sum, one) => sum + one, 0);
	const spare = halves - weights.length;
	const exact = weights.map((weight) => (weight / whole) * spare);
	const shares = exact.map((one) => 1 + Math.floor(one));
	const order = exact
		.map((one, i) => ({ i, rest: one - Math.floor(one) }))
		.sort((x, y) => y.rest - x.rest || x.i - y.i);
	let left = halves - shares.reduce((sum, one) => sum + one, 0);
	for (const { i } of order) if (left-- > 0) shares[i] = (shares[i] as number) + 1;
	return shares.map((one) => one / 2);
}

/** The appliance of a job, where its steps name one. */
const applianceOf = (job: Job) => job.depths.usual.steps.find((step) => step.appliance)?.appliance;

/**
 * The steps of a round through some jobs: one step a job, in the order of the walk and then of the classes,
 * its minutes its share of `minutes`, in halves. The minutes of the round are their sum.
 */
export function roundSteps(
	jobs: readonly Job[],
	rooms: readonly Room[],
	minutes: number
): { minutes: number; steps: JobStep[] } {
	const walk = new Map(rooms.map((room) => [room.id, room.walkOrder]));
	const classOf = (job: Job) => Math.max(...job.depths.usual.steps.map((step) => step.class));
	const sorted = [...jobs].sort(
		(a, b) =>
			(walk.get(a.room) ?? 0) - (walk.get(b.room) ?? 0) || classOf(a) - classOf(b) || (a.id < b.id ? -1 : 1)
	);
	const shares = shareHalves(
		sorted.map((job) => job.depths.usual.minutes),
		minutes
	);
	const several = new Set(sorted.map((job) => job.room)).size > 1;
	const steps = sorted.map((job, i): JobStep => {
		const room = rooms.find((one) => one.id === job.room);
		const tools = atHand(job).slice(0, 20);
		return {
			text: (several ? `${room?.name ?? ''}: ${job.name}` : job.name).slice(0, 160),
			minutes: shares[i] as number,
			class: classOf(job),
			room: job.room,
			...(applianceOf(job) === undefined ? {} : { appliance: applianceOf(job) }),
			...(tools.length === 0 ? {} : { tools }),
			// All of them, in their order with the rinses between: what must not meet is judged by it.
			products: job.depths.usual.steps.flatMap((step) => step.products)
		};
	});
	return { minutes: steps.reduce((sum, step) => sum + step.minutes, 0), steps };
}
