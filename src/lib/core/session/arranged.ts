/** The rest of a running session, with the step in hand as the last press left it. Rules: "Running session". */
import { replan, type Replanned } from './replan';
import type { SessionEvent, SessionEventKind, SessionPlan } from './sessionPlan';
import { readSession, type SessionState } from './sessionState';

const HALF_A_MINUTE = 30_000;

/** What is pressed beside the work: it finishes nothing, so nobody puts down what is in hand for it. */
const BESIDE: ReadonlySet<SessionEventKind> = new Set([
	'paused',
	'resumed',
	'fiveMore',
	'cutTo',
	'fetched',
	'added',
	'dropped',
	'held'
]);

/**
 * Plans the rest from the instant `now`. The step in hand changes only by a press that ends it: whatever each person had
 * at the last one stays theirs, also where a soak is due meanwhile or the bell is moved. The same on every device that has
 * the same events.
 */
export function arrangedAt(plan: SessionPlan, events: readonly SessionEvent[], now: number): Replanned {
	const known = events.filter((event) => event.at <= now);
	const last = Math.max(...known.map((event) => event.at));
	const state = readSession(plan, events, now);
	if (!Number.isFinite(last)) return replan(plan, state, now);
	const beside = known.findLastIndex((event) => !BESIDE.has(event.kind)) < known.length - 1;
	const pinned = last < now ? inHandAfter(plan, known) : beside ? inHandBefore(plan, known, state) : NONE;
	return replan(plan, state, now, pinned);
}

const NONE: ReadonlySet<number> = new Set();

/** What each person has in hand right after the last of these presses. */
function inHandAfter(plan: SessionPlan, events: readonly SessionEvent[]): ReadonlySet<number> {
	const at = Math.max(...events.map((event) => event.at));
	const state = readSession(plan, events, at);
	const pinned = new Set(inHandBefore(plan, events, state));
	for (const lane of replan(plan, state, at, pinned).lanes) {
		const first = lane.coming[0];
		// What is only waited for is in nobody's hand yet.
		if (first && first.from - at <= HALF_A_MINUTE) pinned.add(first.step);
	}
	return pinned;
}

/** What was in hand before the presses beside the work that stand last, as far as it is still to do. */
function inHandBefore(
	plan: SessionPlan,
	events: readonly SessionEvent[],
	state: SessionState
): ReadonlySet<number> {
	const worked = events.findLastIndex((event) => !BESIDE.has(event.kind));
	if (worked < 0 || worked === events.length - 1) return NONE;
	const before = inHandAfter(plan, events.slice(0, worked + 1));
	return new Set([...before].filter((i) => !state.done[i] && !state.dropped.has(state.steps[i]?.line ?? '')));
}
