/** The rest of a running session, with the step in hand as the last press left it. Rules: "Running session". */
import { replan, type Replanned } from './replan';
import type { SessionEvent, SessionPlan } from './sessionPlan';
import { readSession } from './sessionState';

const HALF_A_MINUTE = 30_000;

/**
 * Plans the rest from the instant `now`. The step in hand changes only by a press: whatever each person had at the last
 * one stays theirs, also where a soak is due meanwhile. The same on every device that has the same events.
 */
export function arrangedAt(plan: SessionPlan, events: readonly SessionEvent[], now: number): Replanned {
	const last = Math.min(now, Math.max(...events.map((event) => event.at)));
	const pinned = new Set<number>();
	if (Number.isFinite(last) && last < now) {
		const then = readSession(plan, events, last);
		for (const lane of replan(plan, then, last).lanes) {
			const first = lane.coming[0];
			// What is only waited for is in nobody's hand yet.
			if (first && first.from - last <= HALF_A_MINUTE) pinned.add(first.step);
		}
	}
	return replan(plan, readSession(plan, events, now), now, pinned);
}
