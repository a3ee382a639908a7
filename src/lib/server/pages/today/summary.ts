/** Today in a sentence: what is left, and what is done. */
import { DAY_PARTS } from '$core/calendar/dayParts';
import type { Agenda } from '$core/schedule/agenda';
import type { Day } from '$core/schedule/readDay';
import type { DoneView, TodayView } from '$views/today';
import { duration, lowerNumber, numberWord, plural } from '$words/general';

export function countLeft(hung: Agenda): number {
	return DAY_PARTS.reduce((sum, part) => sum + hung.parts[part].length, 0) + hung.sitting.length;
}

export function summaryOf(
	relation: TodayView['relation'],
	hung: Agenda,
	left: number,
	done: readonly DoneView[],
	day: Day
): string {
	const finished = done.filter((d) => d.outcome !== 'part').length;
	const doneWords = finished === 1 ? 'One is done.' : `${numberWord(finished)} are done.`;
	if (relation === 'past') {
		return finished === 0
			? 'Nothing was written down.'
			: `${numberWord(finished)} ${plural(finished, 'job')} off the line.`;
	}
	if (left === 0) {
		if (relation === 'coming') return 'Nothing falls due.';
		return day.enough
			? 'Enough for today.'
			: finished > 0
				? `The line is clear. ${doneWords}`
				: 'The line is clear.';
	}
	const jobs = `in ${lowerNumber(left)} ${plural(left, 'job')}`;
	if (relation === 'coming') return `${duration(hung.minutesLeft)} ${jobs}.`;
	return `${duration(hung.minutesLeft)} left on the line, ${jobs}.${finished > 0 ? ` ${doneWords}` : ''}`;
}
