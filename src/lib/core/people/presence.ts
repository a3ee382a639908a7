/** Who is at home and who carries the day. Rules: "In charge and captain". */
import { addDays, toDay, weekdayOf, type CivilDay } from '../calendar/civil';
import type { Member } from '../household/home';

export interface DaySpan {
	/** Minutes after midnight. */
	readonly from: number;
	readonly to: number;
}

const minutesOfDay = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

function spansOn(spans: Member['carries'] | undefined, day: CivilDay): DaySpan[] {
	return (spans ?? [])
		.filter((span) => span.weekdays.includes(weekdayOf(day)))
		.map((span) => ({ from: minutesOfDay(span.from), to: minutesOfDay(span.to) }))
		.sort((a, b) => a.from - b.from);
}

/** True on the days of a stretch away, such as a school term. */
export function isAway(member: Member, day: CivilDay): boolean {
	return member.away.some((span) => toDay(span.from) <= day && day <= toDay(span.to));
}

/** When a member is at home on a day: the whole day where nothing else is said, never on a day away. */
export function homeSpans(member: Member, day: CivilDay): DaySpan[] {
	if (isAway(member, day)) return [];
	return member.home === undefined ? [{ from: 0, to: 1440 }] : spansOn(member.home, day);
}

/** When a member carries the day. */
export function inChargeSpans(member: Member, day: CivilDay): DaySpan[] {
	if (isAway(member, day)) return [];
	return spansOn(member.carries, day);
}

/** The first day from `day` on, within two weeks, on which a member is at home; null for none. */
export function nextAtHome(member: Member, day: CivilDay): CivilDay | null {
	for (let i = 0; i < 14; i++) if (homeSpans(member, addDays(day, i)).length > 0) return addDays(day, i);
	return null;
}

/** Who carries the day at a minute of it: an organiser or adult at home who is named for it; null for nobody. */
export function inChargeAt(
	members: readonly Member[],
	day: CivilDay,
	minute: number,
	awayIds: ReadonlySet<string> = new Set()
): Member | null {
	const grown = members.filter(
		(one) => (one.role === 'organiser' || one.role === 'adult') && !awayIds.has(one.id)
	);
	const at = (spans: readonly DaySpan[]) => spans.some((span) => span.from <= minute && minute < span.to);
	return (
		grown.find((one) => at(inChargeSpans(one, day))) ??
		// Nobody is named for this hour: whoever of them is at home, the organiser first.
		grown.find((one) => one.role === 'organiser' && at(homeSpans(one, day))) ??
		grown.find((one) => at(homeSpans(one, day))) ??
		null
	);
}

/**
 * True where a bell of the house is for whoever looks at this page: for its owner; without one for whoever carries the
 * day; where nobody does, for everybody. `listener` is null for a device of the whole house, which hears every bell.
 */
export function hearsAlarm(owner: string | null, carrier: string | null, listener: string | null): boolean {
	const meant = owner ?? carrier;
	return listener === null || meant === null || meant === listener;
}

/** The waking day that presence is told in, in minutes after midnight. */
const WAKING: DaySpan = { from: 6 * 60, to: 24 * 60 };
/** From breakfast to bed, and out for less than this in between, is at home all day. */
const SHORT_WAY = 180;

/**
 * A day at home as a part of the waking day, 0 to 1; `all` where somebody is there from breakfast to bed. Of several
 * spans the longest stands for the day. Null for a day away.
 */
export function presenceOf(spans: readonly DaySpan[]): { all: boolean; from: number; to: number } | null {
	const [first, last] = [spans[0], spans.at(-1)];
	if (!first || !last) return null;
	const awake = WAKING.to - WAKING.from;
	const share = (minute: number) => Math.max(0, Math.min(1, (minute - WAKING.from) / awake));
	const out = spans.reduce((sum, span, i) => sum + (i > 0 ? span.from - (spans[i - 1]?.to ?? 0) : 0), 0);
	if (share(first.from) <= 0.1 && share(last.to) >= 0.8 && out < SHORT_WAY)
		return { all: true, from: 0, to: 1 };
	const length = (span: DaySpan) => share(span.to) - share(span.from);
	const longest = spans.reduce((a, b) => (length(b) > length(a) ? b : a));
	return { all: false, from: share(longest.from), to: share(longest.to) };
}
