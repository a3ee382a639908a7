/** When a job comes next, and in which week that is. */
import { FIND_JOB_SAYS } from '$words/answers/schedule';
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
			words: next === null ? FIND_JOB_SAYS.noZoneDay : FIND_JOB_SAYS.zoneIsOn(dayAhead(next, today)),
			week: next === null ? null : isoOf(next)
		};
	}
	const pauses = pausesForSeries(line, effectivePauses(projection.home));
	const state = readDay(home, projection, today).lines.find((one) => one.line.id === id);
	if (state && (state.state === 'due' || state.state === 'late'))
		return {
			name,
			words: state.state === 'late' ? FIND_JOB_SAYS.overdue : FIND_JOB_SAYS.dueToday,
			week: isoOf(today)
		};
	const [next] = nextDates(line, { projection, pauses, today }, 1);
	return next === undefined
		? {
				name,
				words: line.job.cadence.type === 'onCall' ? FIND_JOB_SAYS.onCall : FIND_JOB_SAYS.noDate,
				week: null
			}
		: { name, words: FIND_JOB_SAYS.comes(longDate(next)), week: isoOf(next) };
}
