/** The card of a person and a day. Rules: "Printed cards". */
import type { CivilDay } from '../calendar/civil';
import type { DayPart } from '../calendar/dayParts';
import { row, type Card } from './card';
import { cautionsOf } from './cardCautions';
import { linesOf, named, PART_NAMES, partOfLine, sumOf, variantsOf, type Week } from './cardWeek';

/** A person and a day: what is theirs, by part of the day. `ids` are the lines that are theirs on it. */
export function personCard(week: Week, member: string, day: CivilDay, ids: readonly string[]): Card | null {
	const { home } = week;
	const found = home.members.find((one) => one.id === member && one.role !== 'device');
	if (!found) return null;
	const mine = linesOf(home, (line) => ids.includes(line.id));
	let part: DayPart | null = null;
	const variant = variantsOf(week);
	const rows = mine.map((line) => {
		const own = partOfLine(line);
		const heading = own === part ? null : PART_NAMES[own];
		part = own;
		return row(named(variant, line, [day]), {
			job: line.job.id,
			note: `${line.room.name}, ${line.job.depths.usual.minutes} min`,
			heading,
			boxes: [{ line: line.id, date: day }]
		});
	});
	return {
		kind: 'person',
		title: found.name,
		zone: null,
		from: day,
		to: day,
		sides: [{ name: 'Today', minutes: sumOf(mine), columns: [''], rows, cautions: cautionsOf(week, mine) }]
	};
}
