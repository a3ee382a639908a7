/** Words and figures as people read them. All wording of the interface that is not in a component stands here. */
import { partsOf, weekdayOf, type CivilDay } from '$core/calendar/civil';
import type { DayPart } from '$core/calendar/dayParts';
import type { JobState } from '$core/schedule/series';
import { writing } from './writing';

export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
export const MONTHS = [
	'January',
	'February',
	'March',
	'April',
	'May',
	'June',
	'July',
	'August',
	'September',
	'October',
	'November',
	'December'
];

/** The weekdays in the order of a home's week, which begins on the day of this number (1: Monday). */
export const weekFrom = (weekStart: number) =>
	WEEKDAYS.map((_, i) => {
		const number = ((weekStart - 1 + i) % 7) + 1;
		const name = WEEKDAYS[number - 1] as string;
		return { number, name, short: name.slice(0, 3) };
	});
export const weekdayName = (day: CivilDay) => WEEKDAYS[weekdayOf(day) - 1] as string;
export const monthName = (day: CivilDay) => MONTHS[partsOf(day).month - 1] as string;

/** A day and its month in the home's own order: "3 March", "March 3". */
const inOrder = (day: number, month: string) =>
	writing().dates === 'dayFirst' ? `${day} ${month}` : `${month} ${day}`;

/** "3 March" */
export const dayMonth = (day: CivilDay) => inOrder(partsOf(day).day, monthName(day));
/** "3 Mar" */
export const tinyDayMonth = (day: CivilDay) => inOrder(partsOf(day).day, monthName(day).slice(0, 3));
/** "1 to 7 March", "29 March to 4 April" */
export function daySpan(from: CivilDay, to: CivilDay): string {
	if (partsOf(from).month !== partsOf(to).month) return `${dayMonth(from)} to ${dayMonth(to)}`;
	return writing().dates === 'dayFirst'
		? `${partsOf(from).day} to ${dayMonth(to)}`
		: `${dayMonth(from)} to ${partsOf(to).day}`;
}

/** "Wednesday, 3 March" */
export const longDate = (day: CivilDay) => `${weekdayName(day)}, ${dayMonth(day)}`;
/** "Wed 3 March" */
export const shortDate = (day: CivilDay) => `${weekdayName(day).slice(0, 3)} ${dayMonth(day)}`;
/** "Tue 23 Feb" */
export const tinyDate = (day: CivilDay) => `${weekdayName(day).slice(0, 3)} ${tinyDayMonth(day)}`;

/** "Saturday" within a week, else "Sat 13 March". */
export function dayAhead(day: CivilDay, today: CivilDay): string {
	if (day === today) return 'today';
	if (day - today === 1) return 'tomorrow';
	return day - today < 7 && day > today ? weekdayName(day) : shortDate(day);
}

export const PART_NAMES: Record<DayPart, string> = {
	morning: 'Morning',
	midday: 'Midday',
	evening: 'Evening'
};

const NUMBERS = [
	'No',
	'One',
	'Two',
	'Three',
	'Four',
	'Five',
	'Six',
	'Seven',
	'Eight',
	'Nine',
	'Ten',
	'Eleven',
	'Twelve'
];

/** "Three" up to twelve, then figures. */
export const numberWord = (n: number) => NUMBERS[n] ?? String(n);
export const lowerNumber = (n: number) => (NUMBERS[n] ?? String(n)).toLowerCase();
/** The rest of a long list, behind a line. */
export const showMore = (n: number) => `Show ${lowerNumber(n)} more`;
export const plural = (n: number, one: string, many = `${one}s`) => (n === 1 ? one : many);

/** "Three jobs are", as a sentence begins. */
export const jobsAre = (n: number) => `${numberWord(n)} ${plural(n, 'job is', 'jobs are')}`;

/** "Ten minutes", as a sentence begins; from thirteen on in figures. */
export const capWords = (minutes: number) => `${numberWord(minutes)} ${plural(minutes, 'minute')}`;

/** 105 → "1 h 45 min", 45 → "45 minutes". */
export function duration(minutes: number): string {
	const whole = Math.round(minutes);
	if (whole < 60) return `${whole} ${plural(whole, 'minute')}`;
	const rest = whole % 60;
	return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${rest} min`;
}

/** Whole minutes, or with a half: 5, 2½. */
export function minutesText(minutes: number): string {
	const rounded = minutes > 0 ? Math.max(0.5, Math.round(minutes * 2) / 2) : 0;
	return Number.isInteger(rounded) ? String(rounded) : `${Math.floor(rounded) || ''}½`;
}

/** "17:00" by the household's clock: 17:00, 5 pm. */
export function clockText(time: string, clock: '24h' | '12h'): string {
	if (clock === '24h') return time;
	const hour = Number(time.slice(0, 2)) % 24;
	const minute = time.slice(3, 5);
	return `${hour % 12 === 0 ? 12 : hour % 12}${minute === '00' ? '' : `:${minute}`} ${hour < 12 ? 'am' : 'pm'}`;
}

/** "Kit and Pip", "Juno, Kit and Pip", or with "or". */
export function listNames(names: readonly string[], word: 'and' | 'or' = 'and'): string {
	if (names.length < 2) return names[0] ?? '';
	return `${names.slice(0, -1).join(', ')} ${word} ${names[names.length - 1]}`;
}

/** The same words with a capital at their beginning. */
export const capital = (text: string) => text.slice(0, 1).toUpperCase() + text.slice(1);

export interface Lateness {
	readonly unit: 'days' | 'turns';
	readonly count: number;
}

/** "once", "twice", "3 times" */
export const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

/** Calm and plain: "was due Tuesday" before the next one is due, "missed twice" from then on. */
export function overdueText({ unit, count }: Lateness, dueOn: CivilDay | null, today: CivilDay): string {
	const due = dueOn === null ? '' : `was due ${dayBehind(dueOn, today)}`;
	if (unit === 'days') return due || `${count} ${plural(count, 'day')} overdue`;
	return count === 1 && due ? `missed once, ${due}` : `missed ${times(count)}`;
}

/** "yesterday", "Tuesday" within a week, else "23 February". */
export function dayBehind(day: CivilDay, today: CivilDay): string {
	if (day === today - 1) return 'yesterday';
	return today - day < 7 && day < today ? weekdayName(day) : dayMonth(day);
}

const STATE_WORDS: Record<JobState, string> = {
	paused: 'paused',
	late: 'overdue',
	due: 'due',
	waiting: 'moved to the catch-up day',
	open: 'can be done now',
	done: 'done',
	resting: 'not due yet'
};
export const stateWord = (state: JobState) => STATE_WORDS[state];

export const OUTCOME_WORDS: Record<string, string> = {
	done: 'done',
	looked: 'still clean',
	part: 'started, not finished',
	letgo: 'skipped until next time',
	skipped: 'skipped until next time',
	undo: 'undone'
};

export const PAUSE_WORDS: Record<string, string> = {
	away: 'away',
	ill: 'ill',
	holiday: 'holiday',
	visitors: 'visitors',
	exams: 'exams',
	other: 'a rest'
};
