/** The zone that is visited, and what is next in it. */
import type { ZoneView } from '$views/today';
import { zoneWords } from '$words/today';
import { zoneMark } from './jobRows';
import type { Facts } from './todayFacts';

export function zoneView({ home, day, hung }: Facts): ZoneView | null {
	const { zone } = day;
	if (!zone) return null;
	const mark = zoneMark(home, zone.zone);
	if (!mark) return null;
	const settledToday = new Set(hung.done.map((line) => line.line.id));
	const items = [...zone.next].slice(0, 3);
	return {
		mark,
		words: zoneWords(
			home.rotation.scheme.type === 'weekdays' ? zone.card : null,
			zone.dayOfVisit,
			zone.daysOfVisit,
			zone.settledInPass,
			zone.countedInPass
		),
		settled: zone.settledInPass,
		counted: zone.countedInPass,
		clearing: zone.clearing,
		next: items.flatMap((id) => {
			const line = day.lines.find((l) => l.line.id === id);
			const job = home.jobById.get(id);
			if (!job) return [];
			return [
				{
					line: id,
					name: job.name,
					minutes: line?.minutes ?? job.depths.usual.minutes,
					done: settledToday.has(id)
				}
			];
		})
	};
}
