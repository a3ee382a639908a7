/**
 * A clearing: three counted containers, and the closing that carries all of it home. Rules: "Clearing". Read from the events alone, as the clock is.
 */
import { addDays, weekdayOf, type CivilDay } from '../calendar/civil';
import type { Container, SessionEvent, SessionPlan } from '../session/sessionPlan';

export interface PutAway {
	readonly room: string;
	readonly things: readonly string[];
	readonly count: number;
	/** Done with, and whether it waits in a box beside its place. */
	readonly walked: boolean;
	readonly boxed: boolean;
}

export interface Clearing {
	readonly counts: Readonly<Record<Container, number>>;
	/** The count that was made last and still stands: what "undo" takes back. */
	readonly last: { readonly id: string; readonly into: Container; readonly count: number } | null;
	/** The sorting is over; null while it runs. */
	readonly closingAt: number | null;
	/** Milliseconds of the closing's own clock that are left; negative past it. */
	readonly closingLeft: number;
	readonly binOut: boolean;
	readonly bag: { readonly place: string; readonly carrier: string | null; readonly leavesOn: string } | null;
	/** The put-away walk, room after room in walking order; things without a room come first. */
	readonly walk: readonly PutAway[];
	readonly judged: string | null;
	/** What is still to be done of the closing, in its order. */
	readonly next: 'bin' | 'bag' | 'walk' | 'judge' | null;
}

const MINUTE = 60_000;

/** Rooms in which nothing belongs that was counted without saying where. */
const NOWHERE = '';

/**
 * Where a clearing stands at `now`. `walkOrder` gives a room's place in the walk; rooms that it does not know come
 * last. With nothing in a container its part of the closing is over by itself.
 */
export function readClearing(
	plan: SessionPlan,
	events: readonly SessionEvent[],
	now: number,
	walkOrder: (room: string) => number = () => 0
): Clearing {
	const counted: { id: string; into: Container; room: string; thing: string }[] = [];
	const walked = new Map<string, boolean>();
	let closingAt: number | null = null;
	let pausedAt: number | null = null;
	let pausedFor = 0;
	let binOut = false;
	let bag: Clearing['bag'] = null;
	let judged: string | null = null;
	for (const event of events) {
		switch (event.kind) {
			case 'counted':
				// What is counted after the bell was still in the hand.
				if (event.into)
					counted.push({
						id: event.id,
						into: event.into,
						room: event.room ?? NOWHERE,
						thing: event.thing ?? ''
					});
				break;
			case 'uncounted': {
				const at = counted.findLastIndex((one) => event.into === undefined || one.into === event.into);
				if (at >= 0) counted.splice(at, 1);
				break;
			}
			case 'closing':
				closingAt ??= event.at;
				break;
			case 'paused':
				pausedAt ??= event.at;
				break;
			case 'resumed':
				if (pausedAt !== null && closingAt !== null)
					pausedFor += Math.max(0, event.at - Math.max(pausedAt, closingAt));
				pausedAt = null;
				break;
			case 'binOut':
				binOut = true;
				break;
			case 'bagPlaced':
				bag = { place: event.place ?? '', carrier: event.carrier ?? null, leavesOn: event.leavesOn ?? '' };
				break;
			case 'walked':
				walked.set(event.room ?? NOWHERE, event.boxed ?? false);
				break;
			case 'unwalked':
				walked.delete(event.room ?? NOWHERE);
				break;
			case 'judged':
				judged = event.clutter ?? null;
				break;
			default:
				break;
		}
	}
	const counts = { bin: 0, give: 0, put: 0 };
	for (const one of counted) counts[one.into]++;
	const rooms = [...new Set(counted.filter((one) => one.into === 'put').map((one) => one.room))].sort(
		(a, b) => walkOrder(a) - walkOrder(b) || (a < b ? -1 : 1)
	);
	const walk = rooms.map((room): PutAway => {
		const here = counted.filter((one) => one.into === 'put' && one.room === room);
		return {
			room,
			things: here.map((one) => one.thing).filter((thing) => thing !== ''),
			count: here.length,
			walked: walked.has(room),
			boxed: walked.get(room) ?? false
		};
	});
	const length = (plan.clearing?.closingMinutes ?? 12) * MINUTE;
	const until = pausedAt !== null && closingAt !== null ? Math.max(pausedAt, closingAt) : now;
	const spent = closingAt === null ? 0 : Math.max(0, until - closingAt - pausedFor);
	const newest = counted[counted.length - 1];
	return {
		counts,
		last: newest ? { id: newest.id, into: newest.into, count: counts[newest.into] } : null,
		closingAt,
		closingLeft: length - spent,
		binOut,
		bag,
		walk,
		judged,
		next:
			counts.bin > 0 && !binOut
				? 'bin'
				: counts.give > 0 && !bag
					? 'bag'
					: walk.some((one) => !one.walked)
						? 'walk'
						: plan.clearing?.zone && judged === null
							? 'judge'
							: null
	};
}

/** Days ahead in which the next errand day is looked for: a week holds each weekday. */
const WEEK = 7;

/**
 * Days on which things can leave the house, for a bag that was filled on `date`: the home's next errand day first, or
 * without one its next catch-up day, then the day itself and the three after it. Both hold weekdays, 1 to 7.
 */
export function errandDays(
	date: CivilDay,
	catchUp: readonly number[],
	errands: readonly number[] = []
): CivilDay[] {
	const days = Array.from({ length: WEEK + 1 }, (_, i) => addDays(date, i));
	const wanted = errands.length > 0 ? errands : catchUp.slice(0, 1);
	const next = days.find((day, i) => i > 0 && wanted.includes(weekdayOf(day)));
	return [...new Set([...(next === undefined ? [] : [next]), ...days.slice(0, 4)])];
}
