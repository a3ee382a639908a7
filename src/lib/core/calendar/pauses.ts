/** Pauses as merged spans of days. Rules: "Pauses". */
import { addDays, type CivilDay } from './civil';

export interface Span {
	readonly from: CivilDay;
	/** Included. */
	readonly to: CivilDay;
}

/** Spans in order, none touching another. */
export type Pauses = readonly Span[];

export const NO_PAUSES: Pauses = [];

/** Sorts spans and joins those that overlap or follow each other without a day between. */
export function mergeSpans(spans: readonly Span[]): Pauses {
	const sorted = spans.filter((s) => s.from <= s.to).sort((a, b) => a.from - b.from);
	const merged: Span[] = [];
	for (const span of sorted) {
		const last = merged[merged.length - 1];
		if (last && span.from <= last.to + 1) {
			if (span.to > last.to) merged[merged.length - 1] = { from: last.from, to: span.to };
		} else merged.push(span);
	}
	return merged;
}

/** The span that holds `day`, or null. */
export function pauseOn(pauses: Pauses, day: CivilDay): Span | null {
	for (const span of pauses) {
		if (span.from > day) return null;
		if (day <= span.to) return span;
	}
	return null;
}

/** `day` itself, or the day after the pause that holds it. */
export function afterPause(pauses: Pauses, day: CivilDay): CivilDay {
	const span = pauseOn(pauses, day);
	return span ? addDays(span.to, 1) : day;
}

/** The days after `from`, up to and with `to`, that lie in no pause. */
export function unpausedDays(pauses: Pauses, from: CivilDay, to: CivilDay): number {
	let days = to - from;
	for (const span of pauses) {
		const first = Math.max(span.from, from + 1);
		const last = Math.min(span.to, to);
		if (last >= first) days -= last - first + 1;
	}
	return days;
}
