/** What the house answers and tells in calendarText: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const CALENDAR_TEXT_SAYS = {
	withoutAName: 'Without a name',
	event: (i: Shown, slice: Shown) => `Event ${i}, "${slice}"`,
	itsUidStandsTwiceIn: (name: Shown) =>
		`${name}: its UID stands twice in the file. Only the first one counts.`,
	itHasNoBeginningSo: (name: Shown) => `${name}: it has no beginning, so it is left out.`,
	theTimeZoneIsNot: (name: Shown, slice: Shown) =>
		`${name}: the time zone "${slice}" is not known, so it is left out.`,
	itRepeatsWhichIsNo: (name: Shown, toLowerCase: Shown) =>
		`${name}: it repeats ${toLowerCase}, which is no family date. It is left out.`,
	thisIsNoCalendarOr: 'This is no calendar, or it is cut off. Choose an .ics file.',
	thisIsNoCalendarChoose: 'This is no calendar. Choose an .ics file.',
	itCouldNotBeUnderstood: (name: Shown) => `${name}: it could not be understood, so it is left out.`,
	thereIsNoEventIn: 'There is no event in this calendar.',
	onlyTheFirstEventsAre: (told: Shown) => `Only the first ${told} events are read.`
} as const;
