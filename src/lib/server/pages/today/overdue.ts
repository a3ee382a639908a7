/** What is overdue without time today, and what waits or is paused. */
import { DAY_PARTS } from '$core/calendar/dayParts';
import type { DaySeries } from '$core/schedule/readDay';
import type { JobRow, OverdueView } from '$views/today';
import { overdueSummary, timeOn } from '$words/today';
import type { Facts } from './todayFacts';

export function overdueViews({ hung, today, relation }: Facts, row: (line: DaySeries) => JobRow) {
	if (relation !== 'today') return { overdue: [], overdueWords: '' };
	const inSight = DAY_PARTS.flatMap((part) => hung.parts[part]).filter((line) => line.state === 'late');
	const overdue: OverdueView[] = [
		...hung.held.map(({ line, roomOn }) => ({ row: row(line), next: timeOn(roomOn, today) })),
		...[...hung.waiting, ...hung.paused].map((line) => ({ row: row(line), next: row(line).words }))
	];
	return { overdue, overdueWords: overdueSummary(inSight.length, overdue.length) };
}
