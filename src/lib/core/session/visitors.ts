/** What is done before visitors: in the rooms that they see, what shows most. Rules: "Kinds of session". */
import type { Job } from '../household/jobSchema';
import { minutesToDo } from '../schedule/agenda';
import { isOn, step, type ExtraJob, type Gathered, type GatherQuestion } from './gathered';
import { seenOfJob, seenOfRoom } from './visible';

/** A small job before visitors: what it is, and what kind of work it stands for. */
interface QuickJob {
	readonly id: string;
	readonly name: string;
	readonly minutes: number;
	readonly class: number;
	readonly worth: number;
	/** A job of the home's own of one of these subjects, in the same room, does it. */
	readonly subjects: readonly string[];
}

const BASIN: QuickJob = {
	id: 'basin',
	name: 'Basin and mirror',
	minutes: 3,
	class: 4,
	worth: 4.5,
	subjects: ['surfaces', 'glass', 'bathrooms']
};
/** What makes most of a room in few minutes, by its kind: one basket first. */
const QUICK: Readonly<Record<string, readonly QuickJob[]>> = {
	living: [
		{
			id: 'cushions',
			name: 'Cushions and covers straight',
			minutes: 1.5,
			class: 8,
			worth: 3,
			subjects: ['tidy']
		}
	],
	toilet: [
		BASIN,
		{ id: 'towel', name: 'Fresh towel, seat down', minutes: 1, class: 8, worth: 4.5, subjects: ['linen'] }
	],
	bathroom: [
		BASIN,
		{ id: 'towel', name: 'Fresh towel', minutes: 1, class: 8, worth: 3, subjects: ['linen'] }
	],
	hall: [
		{
			id: 'boots',
			name: 'Boots in one row, coats on hooks',
			minutes: 2,
			class: 1,
			worth: 4.5,
			subjects: ['tidy']
		}
	],
	kitchen: [
		{
			id: 'counter',
			name: 'Dishes out of sight, counter wiped',
			minutes: 3,
			class: 3,
			worth: 4.5,
			subjects: ['surfaces', 'dishes']
		}
	],
	dining: [
		{ id: 'table', name: 'Table clear and wiped', minutes: 2, class: 3, worth: 4.5, subjects: ['surfaces'] }
	]
};
const basket = (kind: string): QuickJob => ({
	id: 'basket',
	name: 'All loose things into one basket',
	minutes: kind === 'living' ? 4 : 2,
	class: 1,
	worth: kind === 'living' || kind === 'dining' ? 9 : 5,
	subjects: ['tidy']
});

/** Whether a job of the home does what a small job would: by what kind of work it is, else by what all of its steps do. */
const does = (job: Job, small: QuickJob) =>
	job.subject !== undefined
		? small.subjects.includes(job.subject)
		: job.depths.usual.steps.every((one) => one.class === small.class);

/**
 * Rooms that visitors see: all that stands about into one basket, then what shows most; then what is due there, and what
 * comes when it is called. A small job is not made up where the home has one of its own for it.
 */
export function visitorsOf({ home, pool, rooms }: GatherQuestion): Gathered {
	const shown = home.rooms.filter((room) => (rooms === null ? room.seenByVisitors : rooms.includes(room.id)));
	const ids = new Set(shown.map((room) => room.id));
	const isUsual = ({ layer, cadence }: Job) =>
		layer === 'basics' || layer === 'weekly' || cadence.type === 'onCall';
	const lines = pool.filter(
		(turn) =>
			ids.has(turn.line.room.id) &&
			!turn.offTheLine &&
			isUsual(turn.line.job) &&
			(isOn(turn) || turn.state === 'resting') &&
			minutesToDo(turn) <= 15 &&
			seenOfJob(turn.line.job) > 0
	);
	const seen = (room: string, job?: Job) =>
		ids.has(room) ? seenOfRoom(home.roomById.get(room)?.kind ?? '') * (job ? seenOfJob(job) : 1) : 0;
	const extra = shown.flatMap((room) => {
		const own = lines.map(({ line }) => line.job).filter((job) => job.room === room.id);
		return [basket(room.kind), ...(QUICK[room.kind] ?? [])]
			.filter((small) => !own.some((job) => does(job, small)))
			.map((small): ExtraJob => ({
				id: `~${small.id}-${room.id}`,
				name: small.name,
				room: room.id,
				worth: small.worth,
				held: false,
				steps: [step(small.name, small.minutes, small.class)]
			}));
	});
	const last = shown[0];
	const cloths: ExtraJob[] = last
		? [
				{
					id: '~cloths-away',
					name: 'Lamp on, cloths away',
					room: last.id,
					worth: 2,
					held: false,
					steps: [step('Lamp on, cloths away', 1, 8)]
				}
			]
		: [];
	return { lines, extra: [...extra, ...cloths], seen };
}
