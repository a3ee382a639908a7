/** How late each step of an order may begin so that what hangs on it still ends in time. */
import type { Problem } from './problem';

/** Classes of steps, and the one of none. */
const CLASSES = 9;

export class LatestStarts {
	/** By step, minutes: what is put in leaves it the same or makes it earlier. */
	private readonly latest: Float64Array;
	private readonly laneLatest: Float64Array;
	private readonly laneNext: Int32Array;
	/** By room and class: the latest start of what stands in the higher classes. */
	private readonly highLatest: Float64Array;
	/** By step: attended minutes and least waits from it to the end of its job. */
	private readonly tail: Float64Array;

	constructor(private readonly problem: Problem) {
		const { steps, people, rooms, jobs, first, count, minutes, waitMin } = problem;
		this.latest = new Float64Array(steps);
		this.laneLatest = new Float64Array(people);
		this.laneNext = new Int32Array(people);
		this.highLatest = new Float64Array(rooms * CLASSES);
		this.tail = new Float64Array(steps);
		for (let j = 0; j < jobs; j++) {
			const last = (first[j] as number) + (count[j] as number) - 1;
			for (let s = last; s >= (first[j] as number); s--)
				this.tail[s] =
					(minutes[s] as number) + (s === last ? 0 : (waitMin[s] as number) + (this.tail[s + 1] as number));
		}
	}

	/** Backwards through the order. */
	find(order: Int32Array, n: number, who: Int32Array): void {
		const { job, room, class: classes, first, count, minutes, waitMin, walk, rooms, until } = this.problem;
		const { latest, laneLatest, laneNext, highLatest } = this;
		laneLatest.set(until);
		laneNext.fill(-1);
		highLatest.fill(Infinity);
		for (let i = n - 1; i >= 0; i--) {
			const s = order[i] as number;
			const j = job[s] as number;
			const p = who[j] as number;
			const r = room[s] as number;
			const c = classes[s] as number;
			const next = laneNext[p] as number;
			let last = laneLatest[p] as number;
			if (next >= 0) last -= walk[r * rooms + (room[next] as number)] as number;
			if (s + 1 < (first[j] as number) + (count[j] as number))
				last = Math.min(last, (latest[s + 1] as number) - (waitMin[s] as number));
			if (c > 0) last = Math.min(last, highLatest[r * CLASSES + c] as number);
			last -= minutes[s] as number;
			latest[s] = last;
			laneLatest[p] = last;
			laneNext[p] = s;
			for (let k = r * CLASSES; k < r * CLASSES + c; k++)
				if ((highLatest[k] as number) > last) highLatest[k] = last;
		}
	}

	/** True where a step that begins at `from` at the earliest has time for the rest of its job before the lane's end. */
	endsInTime(s: number, from: number, p: number): boolean {
		return from + (this.tail[s] as number) <= (this.problem.until[p] as number);
	}

	/** The same, and false where it would push the next step of its lane too late; `next` is -1 where there is none. */
	leavesRoom(s: number, from: number, p: number, next: number): boolean {
		if (!this.endsInTime(s, from, p)) return false;
		if (next < 0) return true;
		const { room, walk, rooms, minutes } = this.problem;
		const walked = walk[(room[s] as number) * rooms + (room[next] as number)] as number;
		return from + (minutes[s] as number) + walked <= (this.latest[next] as number);
	}
}
