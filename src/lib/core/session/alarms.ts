/** What rings in a running session, and when: the bell, waits that end, rests, caps. Rules: "Running session". */
import { nearest, type Replanned } from './replan';
import type { RunningWait, SessionState } from './sessionState';
import type { SessionPlan } from './sessionPlan';

/** How long before its longest time a wait hurries, in milliseconds. */
const HURRY = 2 * 60_000;
const MINUTE = 60_000;

export type Alarm = {
	/** The same bell has the same key at each look, so that it rings once. */
	readonly key: string;
	/** Its instant, in milliseconds; it may lie behind. */
	readonly at: number;
} & (
	| { readonly kind: 'bell' }
	/** A wait has ended (`fetch`), or its longest time is near (`hurry`); `near` is who has the shortest way. */
	| { readonly kind: 'fetch' | 'hurry'; readonly wait: RunningWait; readonly near: string }
	| { readonly kind: 'rest'; readonly minutes: number }
	/** A job has had its cap: it stops, finished or not. */
	| { readonly kind: 'cap'; readonly line: string; readonly minutes: number }
);

/** The instant from which a wait rings more urgently: two minutes before its longest time; null where it has none. */
export function hurryAt(wait: Pick<RunningWait, 'fetchAt' | 'latestAt'>): number | null {
	return wait.latestAt === null ? null : Math.max(wait.fetchAt, wait.latestAt - HURRY);
}

/** True where a wait hurries at `now`. */
export function isUrgent(wait: Pick<RunningWait, 'fetchAt' | 'latestAt'>, now: number): boolean {
	const at = hurryAt(wait);
	return at !== null && at <= now;
}

/** The line that a person has in hand or comes to next, and milliseconds worked on it; null for none. */
function inHandOf(clock: SessionState, arranged: Replanned, who: string) {
	const first = arranged.lanes.find((lane) => lane.who === who)?.coming[0];
	const line = first && clock.steps[first.step]?.line;
	if (line === undefined) return null;
	const before = clock.steps.reduce(
		(sum, step, i) => (step.line === line && clock.done[i] ? sum + (clock.workedOnStep[i] ?? 0) : sum),
		0
	);
	return { line, spent: before + (clock.lanes.find((lane) => lane.who === who)?.inHand ?? 0) };
}

/** True where what somebody has in hand has had its cap: it stops, finished or not, and counts as done. */
export function isCapped(plan: SessionPlan, clock: SessionState, arranged: Replanned, who: string): boolean {
	const own = inHandOf(clock, arranged, who);
	return (
		plan.cap !== null && own !== null && !plan.lines[own.line]?.uncapped && own.spent >= plan.cap * MINUTE
	);
}

/**
 * All bells of a session as it stands at `now`, the ones behind and the ones ahead. While it is paused only waits ring,
 * as they run by themselves; after its end only what still has to be fetched.
 */
export function alarmsOf(plan: SessionPlan, clock: SessionState, arranged: Replanned, now: number): Alarm[] {
	const bells: Alarm[] = [];
	const runs = clock.phase === 'running';
	if (clock.bellAt !== null && runs)
		bells.push({ key: `bell ${Math.round(clock.bellMinutes * 2)}`, at: clock.bellAt, kind: 'bell' });
	for (const wait of clock.waits) {
		const near = nearest(plan, clock, wait.room, wait.who);
		const which = `${wait.step} ${wait.begunAt}`;
		bells.push({ key: `fetch ${which}`, at: wait.fetchAt, kind: 'fetch', wait, near });
		const hurry = hurryAt(wait);
		if (hurry !== null) bells.push({ key: `latest ${which}`, at: hurry, kind: 'hurry', wait, near });
	}
	if (!runs) return bells;
	plan.breaks.forEach((span, i) => {
		const at = now + span.from * MINUTE - clock.worked;
		bells.push({ key: `rest ${i}`, at, kind: 'rest', minutes: span.until - span.from });
	});
	for (const { who } of plan.cap === null ? [] : clock.lanes) {
		const own = inHandOf(clock, arranged, who);
		if (own === null || plan.cap === null || plan.lines[own.line]?.uncapped) continue;
		const { line, spent } = own;
		bells.push({
			key: `cap ${line}`,
			at: now + plan.cap * MINUTE - spent,
			kind: 'cap',
			line,
			minutes: plan.cap
		});
	}
	return bells;
}
