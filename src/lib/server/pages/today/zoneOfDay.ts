/** The zone that is visited, and what is next in it. */
import type { ZoneView } from '$views/today';
import { namesInList } from '$words/names';
import { zoneDayWords, zoneWords } from '$words/today';
import type { DaySeries } from '$core/schedule/readDay';
import { ofZoneDay, zonesHaveDays } from '$core/schedule/zoneItems';
import { zoneMark } from './jobRows';
import type { Facts } from './todayFacts';

export function zoneView({ home, day, hung }: Facts): ZoneView | null {
	const { zone } = day;
	if (!zone) return null;
	const mark = zoneMark(home, zone.zone);
	if (!mark) return null;
	// Where each zone has its day, the day's jobs of its rooms are its work.
	if (zonesHaveDays(home.home)) {
		const isOfDay = ofZoneDay(home, zone.zone);
		const isOfZone = ({ line }: DaySeries) => isOfDay(line.job);
		const toDo = Object.values(hung.parts).flat().filter(isOfZone);
		const done = hung.done.filter(isOfZone);
		const counted = toDo.length + done.length;
		const names = namesInList(toDo.map(({ line }) => ({ name: line.job.name, room: line.room.name })));
		return {
			mark,
			isOfDay: true,
			words: counted === 0 ? zoneDayWords(zone.card) : zoneWords(zone.card, 0, 0, done.length, counted),
			settled: done.length,
			counted,
			clearing: zone.clearing,
			next: toDo.slice(0, 3).map((one, i) => ({
				line: one.line.id,
				name: names[i] ?? '',
				minutes: one.minutes,
				done: false
			}))
		};
	}
	const settledToday = new Set(hung.done.map((line) => line.line.id));
	const items = [...zone.next].slice(0, 3);
	return {
		mark,
		isOfDay: false,
		words: zoneWords(null, zone.dayOfVisit, zone.daysOfVisit, zone.settledInPass, zone.countedInPass),
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
