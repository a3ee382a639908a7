/** The parts of a day, each as a roll of rows. */
import { DAY_PARTS, type DayPart } from '$core/calendar/dayParts';
import { minutesToDo } from '$core/schedule/agenda';
import type { DaySeries } from '$core/schedule/readDay';
import type { JobRow, PartView, SittingView } from '$views/today';
import { clockText, PART_NAMES } from '$words/general';
import { countOfJobs, sittingName } from '$words/today';
import { zoneMark } from './jobRows';
import type { Facts } from './todayFacts';

/** Parts of the day with their rows. What is left of earlier parts hangs at the present time. */
export function partViews(facts: Facts, row: (line: DaySeries) => JobRow, me: string): PartView[] {
	const { home, hung, running, relation } = facts;
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
		const all = i === 0 ? [...lines, ...hung.sitting] : lines;
		return {
			key,
			name: PART_NAMES[key],
			span: spans[key],
			rows: lines.map(row),
			count:
				all.length === 0
					? ''
					: countOfJobs(
							all.length,
							all.reduce((sum, line) => sum + minutesToDo(line), 0)
						),
			sitting: i === 0 ? sittingView(facts, row, me) : null
		};
	});
}

/** Zone jobs of the day: one row, as they are done in one go. */
function sittingView(
	{ home, hung, day, query, relation }: Facts,
	row: (line: DaySeries) => JobRow,
	me: string
): SittingView | null {
	const mark = zoneMark(home, day.zone?.zone ?? null);
	if (!mark || hung.sitting.length === 0) return null;
	const minutes = hung.sitting.reduce((sum, line) => sum + minutesToDo(line), 0);
	const starts = relation === 'today' && !query.isDevice;
	return {
		mark,
		name: sittingName(hung.sitting.length, mark.name),
		jobs: hung.sitting.map(row),
		minutes,
		href: starts ? `/timer?minutes=${Math.round(minutes)}&for=${me}&zone=1` : null
	};
}
