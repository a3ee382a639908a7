/** Today in a sentence: what is left, and what is done. */
import { SUMMARY_SAYS } from '$words/answers/today';
import { DAY_PARTS } from '$core/calendar/dayParts';
import type { Agenda } from '$core/schedule/agenda';
import type { DoneView, TodayView } from '$views/today';
import { duration, numberWord, plural } from '$words/general';
import { TODAY } from '$words/today';

export function countLeft(hung: Agenda): number {
	return DAY_PARTS.reduce((sum, part) => sum + hung.parts[part].length, 0) + hung.sitting.length;
}

export function summaryOf(
	relation: TodayView['relation'],
	hung: Agenda,
	left: number,
	done: readonly DoneView[]
): string {
	const finished = done.filter((d) => d.outcome !== 'part').length;
	if (relation === 'past')
		return finished === 0
			? TODAY.nothingWritten
			: SUMMARY_SAYS.done(numberWord(finished), plural(finished, 'job'));
	if (left === 0) {
		if (relation === 'coming') return `${TODAY.nothingOnDay}.`;
		return `${TODAY.nothingLeft}${finished > 0 ? `, ${finished} done` : ''}.`;
	}
	const jobs = SUMMARY_SAYS.toDoIn(
		duration(hung.minutesLeft).replace(/ minutes?$/, ' min'),
		left,
		plural(left, 'job')
	);
	return relation === 'coming' || finished === 0 ? `${jobs}.` : SUMMARY_SAYS.done2(jobs, finished);
}
