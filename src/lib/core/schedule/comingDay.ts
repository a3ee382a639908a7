/** A day to come, as it will be if everything is done on its day. Rules: "One door for dates". */
import { addDays, type CivilDay } from '../calendar/civil';
import { nextDates, occurrencesOf } from './occurrences';
import type { PreparedHome } from './preparedHome';
import { effectivePauses, pausesForSeries, type HomeProjection } from './projection';
import { depthOf, readDay, variantOf, type Day, type DaySeries, type DayZone } from './readDay';
import { sittingsAhead } from './sittings';

/**
 * A coming day: its lines are those that will be due on it, each at the depth and with the variant that come then.
 * `date` is after `today`.
 */
export function comingDay(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay,
	date: CivilDay
): Day {
	const now = readDay(home, projection, today);
	const then = readDay(home, projection, date);
	const pauses = effectivePauses(projection.home);
	const sittings = then.zone ? sittingsAhead(home, projection, today, date) : [];
	const sitting = sittings.at(-1)?.date === date ? sittings.at(-1) : undefined;
	const offered = sitting?.offered ?? [];
	const lines = now.lines.flatMap((line): DaySeries[] => {
		const { job } = line.line;
		const known = { projection, today, pauses: pauses.length > 0 ? pausesForSeries(line.line, pauses) : [] };
		const inSitting = offered.includes(job.id);
		const dates = occurrencesOf(line.line, known, addDays(today, 1), date);
		if (!inSitting && dates.at(-1) !== date) return [];
		// So many will have been done by then, with what stands today.
		const stands = line.state === 'due' || line.state === 'late';
		const before = inSitting
			? sittings.filter((one) => one.date < date && one.offered.includes(job.id)).length
			: dates.length - 1;
		const doneTurns = line.doneTurns + before + (stands ? 1 : 0);
		const depth = depthOf(job, doneTurns);
		return [
			{
				...line,
				state: 'due',
				dueOn: date,
				opensOn: date,
				nextOn: job.cadence.type === 'zone' ? line.nextOn : (nextDates(line.line, known, 1, date)[0] ?? null),
				lateDays: 0,
				lateTurns: 0,
				shareDone: 0,
				doneTurns,
				depth,
				minutes: job.depths[depth]?.minutes ?? job.depths.usual.minutes,
				variant: variantOf(job, doneTurns),
				worth: job.weight,
				ticks: [],
				settledBy: [],
				pause: null,
				catchUpOn: null,
				offered: inSitting,
				offTheLine: false
			}
		];
	});
	const zone: DayZone | null = then.zone
		? { ...then.zone, offered, next: sitting?.next ?? then.zone.next, pass: sitting?.pass ?? then.zone.pass }
		: null;
	return { ...then, lines, zone, enough: null, declared: null };
}
