/** The round of the year: the weeks of the zones, and what comes once or twice in it. */
import { LOAD_SCHEDULE_SAYS } from '$words/answers/schedule';
import { dayOf, isoOf, partsOf, type CivilDay } from '$core/calendar/civil';
import { outlook, visitsOf } from '$core/schedule/outlook';
import { MONTHS, shortDate } from '$words/general';
import type { ScheduleFacts } from './scheduleFacts';

export function roundView({ home, projection, today }: ScheduleFacts, chosen: CivilDay) {
	const { year } = partsOf(chosen);
	const first = dayOf(year, 1, 1);
	const daysInYear = dayOf(year + 1, 1, 1) - first;
	const days = outlook(home, first, daysInYear, projection, today);
	const numberOf = (zone: string | null) => (zone === null ? null : home.rotation.zones.indexOf(zone) + 1);
	const weeks = visitsOf(days, home).map((visit) => ({
		from: isoOf(visit.from),
		to: isoOf(visit.to),
		start: visit.from - first,
		days: visit.to - visit.from + 1,
		zone: numberOf(visit.zone),
		weave: home.zoneById.get(visit.zone ?? '')?.weave ?? null,
		past: visit.to < today,
		paused: visit.paused,
		words: `${LOAD_SCHEDULE_SAYS.visit(shortDate(visit.from), shortDate(visit.to), home.zoneById.get(visit.zone ?? '')?.name ?? LOAD_SCHEDULE_SAYS.visitOfNoZone)}${visit.paused ? LOAD_SCHEDULE_SAYS.away : ''}`
	}));
	const yearly = home.series.flatMap((line) => {
		const { cadence } = line.job;
		const rare =
			(cadence.type === 'months' && cadence.months.length <= 2) ||
			(cadence.type === 'afterDone' && cadence.max >= 150);
		if (!rare) return [];
		const own = days.find((day) => day.lines.includes(line.id));
		const last = projection.series.get(line.id)?.last?.date;
		const doneAt = last !== undefined && last >= first && last < first + daysInYear ? last - first : null;
		const made: { at: number; name: string; done: boolean }[] = [];
		if (doneAt !== null) made.push({ at: doneAt, name: line.job.name, done: true });
		if (own && own.date > today) made.push({ at: own.date - first, name: line.job.name, done: false });
		return made;
	});
	return {
		year,
		today: isoOf(today),
		hand: partsOf(today).year === year ? today - first : null,
		daysInYear,
		months: MONTHS.map((name, i) => {
			const begin = dayOf(year, i + 1, 1);
			return {
				name,
				start: begin - first,
				days: (i === 11 ? dayOf(year + 1, 1, 1) : dayOf(year, i + 2, 1)) - begin
			};
		}),
		weeks,
		yearly: thin(yearly)
	};
}

/** Pails inside the ring keep apart: of several in one week the first stands for all. */
function thin(yearly: { at: number; name: string; done: boolean }[]) {
	const kept: { at: number; name: string; done: boolean }[] = [];
	for (const one of [...yearly].sort((a, b) => a.at - b.at)) {
		const last = kept[kept.length - 1];
		if (last && one.at - last.at < 9 && last.done === one.done)
			kept[kept.length - 1] = { ...last, name: `${last.name}, ${one.name}` };
		else kept.push(one);
	}
	return kept;
}
