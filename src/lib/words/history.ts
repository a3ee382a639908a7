/** The words of History. */
import { minutesText, plural } from './general';

/** What was decluttered, as a line of the record. */
export const clearedName = (spot: string) => `Decluttered: ${spot}`;

/** Where, and what became of the things. */
export function clearedWords(
	room: string,
	{ binned, given, put }: { readonly binned: number; readonly given: number; readonly put: number }
): string {
	const sum = binned + given + put;
	const parts = [
		binned > 0 ? `${binned} to the bin` : '',
		given > 0 ? `${given} to give away` : '',
		put > 0 ? `${put} put away` : ''
	].filter(Boolean);
	const things = sum === 0 ? '' : `${sum} ${plural(sum, 'thing')}: ${parts.join(', ')}`;
	return [room, things].filter(Boolean).join(', ');
}

/** "Done every day", "Done about every 9 days": how often it really is. */
export function oftenWords(gap: number): string {
	if (gap < 1.25) return 'Done every day.';
	const days = Math.round(gap);
	if (days < 14) return `Done about every ${days} days.`;
	return days < 60
		? `Done about every ${Math.round(gap / 7)} weeks.`
		: `Done about every ${Math.round(gap / 30.4)} months.`;
}

/** The pages of the book where nothing stands. */
export const HISTORY = {
	empty: 'Nothing is done yet',
	emptyLine: 'What is ticked or timed stands here, a day at a time, with who did it and how long it took.',
	toToday: 'Go to Today',
	nothingFound: 'Nothing of that was done',
	askOther: 'Another person, room or kind of work may have more.',
	showAll: 'Show everything'
} as const;

export const MONTH = {
	link: 'A month of who did how much',
	everyone: 'Everyone',
	title: (month: string) => `Who did how much in ${month}`,
	before: 'The month before',
	after: 'The month after',
	back: 'Back to History',
	who: 'Whose minutes',
	day: (day: string, minutes: number) =>
		`${day}: ${minutes === 0 ? 'nothing' : `${minutesText(minutes)} min`}`,
	summary: (minutes: number, days: number) =>
		days === 0
			? 'Nothing was done in this month yet.'
			: `${minutesText(minutes)} minutes on ${days} ${plural(days, 'day')}, about ${minutesText(Math.round(minutes / days))} a day.`
} as const;
