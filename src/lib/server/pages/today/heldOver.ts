/** What is held over, hangs late, waits or is paused. */
import { DAY_PARTS } from '$core/calendar/dayParts';
import { latenessOf } from '$core/schedule/agenda';
import type { DaySeries } from '$core/schedule/readDay';
import type { HeldView, TagView } from '$views/today';
import { dayAhead, lateText, lowerNumber, numberWord, plural } from '$words/general';
import type { Facts } from './todayFacts';

export function heldViews({ hung, today, relation }: Facts, tag: (line: DaySeries) => TagView) {
	if (relation !== 'today') return { held: [], heldTitle: 'Held over', heldWords: '' };
	const hanging = DAY_PARTS.flatMap((part) => hung.parts[part].map((line) => ({ part, line }))).filter(
		({ line }) => line.state === 'late'
	);
	const held: HeldView[] = [
		...hung.held.map(({ line, roomOn }) => ({
			tag: tag(line),
			late: lateText(latenessOf(line)),
			words: roomOn === null ? 'held over' : `to ${dayAhead(roomOn, today)}`
		})),
		...hanging.map(({ line, part }) => ({
			tag: tag(line),
			late: lateText(latenessOf(line)),
			words: part === 'midday' ? 'at midday' : `this ${part}`
		})),
		...[...hung.waiting, ...hung.paused].map((line) => ({
			tag: tag(line),
			late: null,
			words: tag(line).words
		}))
	];
	const late = hung.held.length + hanging.length;
	const rest = hung.held.length;
	const heldWords =
		held.length === 0
			? 'Nothing is held over.'
			: hanging.length === 0
				? 'None of it needs today.'
				: rest === 0
					? `${numberWord(hanging.length)} ${plural(hanging.length, 'hangs', 'hang')} today.`
					: `${numberWord(hanging.length)} ${plural(hanging.length, 'hangs', 'hang')} today, ${lowerNumber(rest)} can rest.`;
	return {
		held,
		heldTitle: late > 1 && hanging.length > 0 ? `${numberWord(late)} late` : 'Held over',
		heldWords
	};
}
