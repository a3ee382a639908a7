/** The parts of a day, what was done in them, and what went by. */
import { DAY_PARTS, type DayPart } from '$core/calendar/dayParts';
import { isWork } from '$core/household/entry';
import { minutesToDo } from '$core/schedule/agenda';
import type { DaySeries } from '$core/schedule/readDay';
import type { DoneView, PartView, TagView } from '$views/today';
import { clockText, PART_NAMES } from '$words/general';
import { memberName } from '$words/names';
import { zoneMark } from './tags';
import type { Facts } from './todayFacts';

/** Parts of the day with their tags. What is left of earlier parts hangs at the present time. */
export function partViews(
	{ home, hung, running, relation, day }: Facts,
	tag: (line: DaySeries) => TagView
): PartView[] {
	const rules = home.home.household;
	const first = relation === 'today' ? DAY_PARTS.indexOf(running) : 0;
	const time = (part: DayPart) =>
		clockText(rules.parts[part].replace(/:00$/, rules.clock === '24h' ? '' : ':00'), rules.clock);
	const spans: Record<DayPart, string> = {
		morning: `until ${time('midday')}`,
		midday: `${time('midday')} to ${time('evening')}`,
		evening: `from ${time('evening')}`
	};
	return DAY_PARTS.slice(first).map((key, i) => {
		const earlier = i === 0 ? DAY_PARTS.slice(0, first).flatMap((part) => hung.parts[part]) : [];
		const lines = [...earlier, ...hung.parts[key]];
		return {
			key,
			name: PART_NAMES[key],
			span: day.enough && lines.length === 0 ? '' : spans[key],
			tags: lines.map(tag),
			minutes: lines.reduce((sum, line) => sum + minutesToDo(line), 0)
		};
	});
}

export function doneViews({ home, day, holding }: Facts): DoneView[] {
	const lines = new Map(day.lines.map((line) => [line.line.id, line]));
	const settled = new Set(day.lines.flatMap((line) => [...line.settledBy]));
	return holding.filter(isWork).map((entry) => {
		const line = lines.get(entry.part === null ? entry.job : `${entry.job}/${entry.part}`);
		const job = home.everyJob.get(entry.job);
		const extra = line && entry.outcome !== 'part' && job?.cadence.type !== 'zone' && !settled.has(entry.id);
		return {
			entry: entry.id,
			line: line?.line.id ?? entry.job,
			name: job?.name ?? entry.job,
			outcome: entry.outcome,
			by: memberName(home, entry.by),
			minutes: entry.minutes,
			zone: job ? zoneMark(home, home.roomById.get(job.room)?.zone ?? null) : null,
			note: extra && line.state !== 'done' ? 'as an extra' : null
		};
	});
}

/** Turns of a past day that were not settled on it. */
export function wentBy({ day }: Facts): DaySeries[] {
	return day.lines.filter((line) => line.state === 'due' && line.dueOn === day.date && !line.offered);
}
