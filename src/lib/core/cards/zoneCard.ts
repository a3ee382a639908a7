/** The card of a zone. Rules: "Printed cards". */
import { addDays, type CivilDay } from '../calendar/civil';
import { visitOn } from '../calendar/rotation';
import type { Series } from '../schedule/preparedHome';
import { readDay } from '../schedule/readDay';
import { sittingsAhead } from '../schedule/sittings';
import { zoneItems, zonesHaveDays } from '../schedule/zoneItems';
import { row, type Card } from './card';
import { cautionsOf } from './cardCautions';
import { linesOf, named, occurrencesOf, sumOf, variantsOf, type Week } from './cardWeek';

/** The work of a zone's rooms that is due in a visit, each with its first day in it. */
function duringVisit(
	week: Week,
	zone: string,
	from: CivilDay,
	to: CivilDay
): { readonly line: Series; readonly date: CivilDay }[] {
	const items = new Set(zoneItems(week.home, zone).map((job) => job.id));
	const due = occurrencesOf(week, from > week.today ? from : week.today, to);
	return linesOf(week.home, (line) => items.has(line.job.id) && line.job.cadence.type !== 'zone').flatMap(
		(line) => {
			const [date] = due.get(line.id) ?? [];
			return date === undefined ? [] : [{ line, date }];
		}
	);
}

/** A zone: its deep list, a box each, for its next visit; where zones have days of their own, the work of its rooms. */
export function zoneCard(week: Week, zoneId: string): Card | null {
	const { home, begin } = week;
	const zone = home.zoneById.get(zoneId);
	if (!zone) return null;
	const { projection, today } = week;
	const first = begin > today ? begin : today;
	const visit = Array.from({ length: 200 }, (_, i) => visitOn(addDays(begin, i), home.rotation)).find(
		(one) => one?.zone === zoneId
	);
	const from = visit?.days[0] ?? begin;
	const to = visit?.days.at(-1) ?? addDays(begin, 6);
	// What is left of the pass when that visit begins: nothing that is crossed off, nothing out of season.
	const now = readDay(home, projection, today);
	const coming = sittingsAhead(home, projection, today, to > first ? to : first).find(
		(one) => one.zone === zoneId && one.date >= from
	);
	const running = now.zone?.zone === zoneId && from <= today && today <= to;
	const left = running ? (now.zone?.next ?? []) : (coming?.next ?? zone.list);
	const list = left.flatMap((id) => home.seriesById.get(id) ?? []);
	const ofDay = zonesHaveDays(home.home) ? duringVisit(week, zoneId, from, to) : [];
	const lines = [...list, ...ofDay.map(({ line }) => line)];
	const variant = variantsOf(week);
	const dateOf = new Map(ofDay.map(({ line, date }) => [line.id, date]));
	if (lines.length === 0) return null;
	return {
		kind: 'zone',
		title: zone.name,
		zone: zoneId,
		from,
		to,
		sides: [
			{
				name: list.length > 0 ? 'The deep list' : 'The zone’s jobs',
				minutes: sumOf(lines),
				columns: [''],
				rows: lines.map((line, i) =>
					row(named(variant, line, [dateOf.get(line.id) ?? to]), {
						job: line.job.id,
						note: `${line.room.name}, ${line.job.depths.usual.minutes} min`,
						number: i + 1,
						boxes: [{ line: line.id, date: dateOf.get(line.id) ?? to }]
					})
				),
				cautions: cautionsOf(week, lines)
			}
		]
	};
}
