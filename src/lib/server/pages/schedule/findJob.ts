/** When a job comes next, and in which week that is. */
import { isoOf } from '$core/calendar/civil';
import { nextDates } from '$core/schedule/occurrences';
import { effectivePauses, pausesForSeries } from '$core/schedule/projection';
import { readDay } from '$core/schedule/readDay';
import type { ScheduleView } from '$views/schedule';
import { dayAhead, longDate } from '$words/general';
import type { ScheduleFacts } from './scheduleFacts';

export function foundOf({ home, projection, today }: ScheduleFacts, id: string): ScheduleView['found'] {
	const line = home.seriesById.get(id);
	if (!line) return null;
	const { name } = line.job;
	if (line.job.cadence.type === 'zone') {
		const state = readDay(home, projection, today).lines.find((one) => one.line.id === id);
		const next = state?.nextOn ?? null;
		return {
			name,
			words: next === null ? 'has no zone day to come' : `its zone is on again ${dayAhead(next, today)}`,
			week: next === null ? null : isoOf(next)
		};
	}
	const pauses = pausesForSeries(line, effectivePauses(projection.home));
	const state = readDay(home, projection, today).lines.find((one) => one.line.id === id);
	if (state && (state.state === 'due' || state.state === 'late'))
		return {
			name,
			words: state.state === 'late' ? 'hangs already, late' : 'is due today',
			week: isoOf(today)
		};
	const [next] = nextDates(line, { projection, pauses, today }, 1);
	return next === undefined
		? {
				name,
				words: line.job.cadence.type === 'onCall' ? 'comes when it is called' : 'has no date to come',
				week: null
			}
		: { name, words: `comes ${longDate(next)}`, week: isoOf(next) };
}
