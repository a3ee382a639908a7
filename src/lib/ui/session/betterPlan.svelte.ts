/** Better plans for the pail on the page, as the worker finds them. A plan does not change under a finger. */
import type { Habit } from '$core/planner/chance';
import type { Plan, PlanInput } from '$core/planner/plan';
import type { PlannerAnswer, PlannerAsk } from '../../workers/planner.worker';
import PlannerWorker from '../../workers/planner.worker?worker';

export class BetterPlan {
	/** What is shown. */
	plan = $state<Plan | null>(null);
	chance = $state<number | null>(null);
	/** The worker has said its last. */
	settled = $state(false);
	#waiting: PlannerAnswer | null = null;
	#touched = false;
	#worker: Worker | null = null;
	#asked = 0;

	/** Asks for better plans of a problem than the first one, that are as sure as `least`; what was asked before is forgotten. */
	ask(
		input: PlanInput,
		first: Plan,
		bell: number,
		habits: Readonly<Record<string, Habit>>,
		least: number
	): void {
		this.stop();
		this.plan = null;
		this.chance = null;
		this.settled = false;
		this.#waiting = null;
		const id = ++this.#asked;
		try {
			this.#worker = new PlannerWorker();
		} catch {
			// Without workers the first plan stays; it keeps every rule.
			this.settled = true;
			return;
		}
		this.#worker.addEventListener('message', ({ data }: MessageEvent<PlannerAnswer>) => {
			if (data.id !== id) return;
			if (data.plan === null) {
				this.settled = true;
				this.stop();
			} else if (this.#touched) this.#waiting = data;
			else this.#show(data);
		});
		this.#worker.postMessage({ id, input, first, bell, habits, least } satisfies PlannerAsk);
	}

	/** A finger or the pointer is on the plan: what comes meanwhile is shown when it has left. */
	touch(on: boolean): void {
		this.#touched = on;
		if (!on && this.#waiting) this.#show(this.#waiting);
	}

	stop(): void {
		this.#worker?.terminate();
		this.#worker = null;
	}

	#show(answer: PlannerAnswer): void {
		this.#waiting = null;
		this.plan = answer.plan;
		this.chance = answer.chance;
	}
}
