/** The sheet of one job. */
import { DONE_SAYS } from '$words/answers/today';
import { isoOf } from '$core/calendar/civil';
import type { DaySeries } from '$core/schedule/readDay';
import { noteToWrite, timeOfNote } from '$core/schedule/notes';
import { stepsOf } from '$core/session/sessionSteps';
import type { DoneView, SheetView, JobRow } from '$views/today';
import { dayAhead, dayBehind, minutesText, tinyDate } from '$words/general';
import { memberName, toolNames } from '$words/names';
import { missWords, noNextWords, rhythmWords } from '$words/recurrence';
import { NOTE } from '$words/today';
import { alongWords, boundLines, jobCautions, missingLines, usePerson } from '../supplies/cautionLines';
import type { Facts } from './todayFacts';

export function sheetOf(
	facts: Facts,
	row: (line: DaySeries) => JobRow,
	done: readonly DoneView[]
): SheetView | null {
	const { home, day, query, today, relation } = facts;
	const id = query.open;
	if (id === null) return null;
	const line = day.lines.find((l) => l.line.id === id);
	if (!line) return null;
	const { job } = line.line;
	const catchUp = home.home.household.rhythm.catchUpDays;
	const catchUpName = catchUp.length === 0 ? null : nameOfWeekday(catchUp[0] as number);
	const { last } = line;
	const user = home.members.find((one) => one.id === query.me);
	const asUser = user ? usePerson(user, today) : null;
	const skipOn = line.state === 'open' ? line.dueOn : line.nextOn;
	return {
		row: row(line),
		date: isoOf(day.date),
		steps: stepsOf(line).map((step) => ({
			text: step.text,
			tools: toolNames(home, step),
			minutes: step.minutes,
			wait: step.wait
				? `${step.wait.label}, ${minutesText(step.wait.min)}${step.wait.max === undefined ? '' : ` to ${minutesText(step.wait.max)}`} min`
				: null
		})),
		note: job.note ?? null,
		oneTime: relation === 'past' || line.state === 'paused' ? null : oneTimeOf(facts, line),
		needs: alongWords(home, job, line.depth),
		cautions: jobCautions(home, job, line.depth, asUser),
		missing: [...missingLines(home, job, line.depth, facts.supplies), ...boundLines(home, job, line.depth)],
		rhythm: rhythmWords(job),
		ifItsDayGoesBy: missWords(job, catchUpName),
		last: last
			? `${tinyDate(last.date)}${last.by ? `, ${memberName(home, last.by)}` : ''}${last.minutes === null ? '' : DONE_SAYS.minutes(minutesText(last.minutes))}`
			: DONE_SAYS.notYet,
		next: line.nextOn === null ? noNextWords(job.cadence.type) : tinyDate(line.nextOn),
		dueOn: line.dueOn === null ? null : isoOf(line.dueOn),
		skippable:
			skipOn !== null && skipOn > today && job.cadence.type !== 'zone' && relation === 'today'
				? { dueOn: isoOf(skipOn), words: dayAhead(skipOn, today) }
				: null,
		ticks: done.filter((d) => d.line === id),
		isFuture: relation === 'coming'
	};
}

function oneTimeOf({ notes, projection, day, today, query }: Facts, line: DaySeries): SheetView['oneTime'] {
	if (query.isDevice) return null;
	const time = timeOfNote(line);
	const { id } = line.line;
	const { dueOn, text } = noteToWrite(notes.get(id) ?? [], line, projection.series.get(id), day.date);
	return {
		dueOn: dueOn === null ? '' : isoOf(dueOn),
		words:
			time === null ? NOTE.forNext : NOTE.for(time < today ? dayBehind(time, today) : dayAhead(time, today)),
		text
	};
}

function nameOfWeekday(n: number): string {
	return ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'][n - 1] ?? '';
}
