/** What the house answers and tells in people: one group a file that says it. */
import { lowerNumber, plural } from '../general';
import type { Shown } from '../screens/shown';

export const CHILD_SAYS = {
	thereIsNoListFor: 'There is no list for this device.',
	sayWhoYouAreOr: 'Say who you are, or go to Today.',
	sayWhoYouAreFirst: 'Say who you are first.',
	reloadThePageAndPress: 'Reload the page and press again.',
	thereIsNothingToCheck: 'There is nothing to check here any more.',
	doItFirstThenDo: 'Do it first, then do the last check.'
} as const;

export const FAMILY_SAYS = {
	everybodyTheSame: 'Everybody the same.',
	byAge: 'By age',
	theWholeOfAGrown: 'The whole of a grown-up’s part from 16 on, less below.',
	byHoursAtHome: 'By hours at home',
	asMuchAsTheWaking: 'As much as the waking hours that each is here, by age.',
	byHand: 'By hand',
	asYouHaveAgreedIt: 'As you have agreed it.',
	keptTheSharesHoldFrom: 'Saved. The shares hold from this week on.',
	savedTheCaptainChangesSo: 'Saved. The captain changes so from today.',
	chooseOneOfTheChildren: 'Choose one of the children who take turns.',
	isTodaysCaptainTheNext: (memberName: Shown) =>
		`${memberName} is today’s captain. The next time makes up for it.`
} as const;

const timesWord = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${lowerNumber(n)} times`);

export const GROWTH_SAYS = {
	stages: {
		shut: 'not open yet',
		with: 'with help',
		alone: 'alone, then an adult checks',
		signed: 'alone, no check'
	},
	practised: (times: number) => `practised with help ${timesWord(times)}`,
	lastChecksPassed: (passed: number, looked: number) =>
		`${passed} of ${looked} last ${plural(looked, 'check')} passed the first time`,
	hasDoneTheLastCheck: (name: Shown, name2: Shown, name3: Shown) =>
		`${name} has done the last check of ${name2}: ${name3}`,
	readyToTryAlone: (times: number) => `Practised with help ${timesWord(times)}: ready to try alone?`,
	readyToDoAlone: (checks: number) =>
		`The last ${lowerNumber(checks)} checks passed the first time: ready to do it alone?`
} as const;

export const MEMBER_SAYS = {
	giveThemAName: 'Give them a name.',
	isNotWholeSayFrom: (told: Shown, part: Shown) =>
		`${told}: "${part}" is not whole. Say from when and until when.`,
	endsBeforeItBegins: (told: Shown, part: Shown) => `${told}: "${part}" ends before it begins.`,
	isNoStretchOfDays: (slice: Shown) =>
		`"${slice}" is no stretch of days. Write it as 2027-01-08 to 2027-03-26.`,
	endsBeforeItBegins2: (slice: Shown) => `"${slice}" ends before it begins.`,
	askAnotherOrganiser: 'Nobody takes themselves out of a home. Ask somebody else who organises it.',
	theyAloneHaveAPassword: (name: Shown) =>
		`Only ${name} organises this home with a password, so nobody could let people in any more. Another organiser needs a password of their own first.`,
	chooseARole: 'Choose what this person is. Reload the page and try again.',
	isNow: (name: Shown, role: Shown) => `${name}: ${role} from now on.`,
	hasMovedOut: (name: Shown) => `${name} has moved out.`,
	aChildsDayOfBirth: 'When was this child born? Jobs and products are given by age.',
	savedShareOutTheWeek: 'Saved. Share out the week again if it changes who can do what.'
} as const;

export const WEEK_SAYS = {
	thatPerson: 'That person',
	thisPageIsTooOld: 'This page is too old to be sent. Reload it and try again.',
	jobsAreSharedOut: (count: Shown, minutes: Shown) =>
		`${count} jobs are shared out. Over four weeks everybody comes within ${minutes} min of what was agreed.`,
	thatJobIsNotIn: 'That job is not in this week any more. Choose another.',
	cannotTakeItThatDay: (name: Shown) =>
		`${name} cannot take it that day. Choose somebody of those who could.`,
	isWith: (name: Shown, name2: Shown, dayAhead: Shown) => `${name} is with ${name2} ${dayAhead}.`,
	onlyWhoeverHasATurn: 'Only whoever has a turn can ask for a swap of it.',
	askSomebodyWhoCouldTake: 'Ask somebody who could take it that day.',
	whatComesInReturnIs: (name: Shown) => `What comes in return is one of ${name}’s own.`,
	hasBeenAskedItStays: (name: Shown) => `${name} has been asked. It stays where it is until they agree.`,
	thatSwapIsNotAsked: 'That swap is not asked for any more.',
	onlyWhoeverWasAskedCan: 'Only whoever was asked can answer.',
	thatWasAnsweredAlready: 'That was answered already.',
	isYoursNow: (name: Shown) => `${name} is yours now.`,
	staysWith: (name: Shown, memberName: Shown) => `${name} stays with ${memberName}.`
} as const;

export const CREW_WEEK_SAYS = {
	whoeverComesFirst: 'Whoever comes first',
	nobodyCan: 'Nobody can',
	canLie: 'Can wait',
	theWeekFrom: (dayMonth: Shown) => `The week from ${dayMonth}`,
	today: (weekdayName: Shown) => `Today, ${weekdayName}`,
	notSharedOutYetThis: 'Not shared out yet. This is how it would be, as evenly as it goes.',
	givenOutMeanwhileWouldCome: (changes: Shown, changes2: Shown) =>
		`Shared out. Sharing out again would give ${changes} ${changes2} to somebody else.`,
	sharedOutAsEvenlyAs: 'Shared out, as evenly as it goes.',
	asksToTake: (memberName: Shown, memberName2: Shown, name: Shown, dayAhead: Shown, word: Shown) =>
		`${memberName} asks ${memberName2} to take ${name} ${dayAhead}${word}.`,
	minutesMore: (memberName: Shown, round: Shown) => `${memberName} ${round} minutes more`
} as const;

export const LOAD_CREW_SAYS = {
	asAgreed: 'as agreed',
	by: { equal: 'equal for all', age: 'by age', hours: 'by hours at home', hand: 'set by hand' },
	atHome: 'at home',
	looksAfter: 'looks after the home',
	agreedOn: (day: Shown) => `agreed on ${day}, `,
	comesTomorrow: 'comes tomorrow',
	comesOn: (day: Shown) => `comes on ${day}`,
	fromTo: (from: Shown, to: Shown) => `${from} to ${to}`,
	from: (time: Shown) => `from ${time}`,
	minMoreThanAgreed: (round: Shown) => `${round} min more than agreed`,
	minLessThanAgreed: (round: Shown) => `${round} min less than agreed`,
	itIsFreeWhoeverComes: 'It is free: whoever comes first takes it.',
	somebodyIsIllAndThis: 'Somebody is ill, and this can wait until they are well.',
	nobodyCanTakeItThat: 'Nobody can take it that day.',
	why: (name: Shown, name2: Shown) => `Why ${name}: ${name2}`,
	tomorrowTakesMinutes: (name: Shown, round: Shown) => `Tomorrow ${name} takes ${round} minutes.`,
	thisWeekHasNotBeen: 'The jobs of this week are not shared out yet.',
	thisWeekWasGivenOut: (toDay: Shown) => `The jobs of this week were shared out on ${toDay}.`,
	shares: (word: Shown, told: Shown) => `Shares ${word}${told}.`
} as const;

export const MEMBER_EDIT_SAYS = {
	nobodyOfThatNameLives: 'Nobody of that name lives here.',
	goBackToPeople: 'Go back to People.'
} as const;

export const GROWTH_ACTS = {
	thisPageIsTooOld: 'This page is too old to be sent. Reload it and try again.',
	writtenDownDoneWithSomebody: 'Written down: practised with help.',
	fromNowOnAloneAnd: 'From now on alone, then an adult checks.',
	aloneNoCheckTheNext: 'Alone, no check. The next part can be practised.',
	withSomebodyBesideOnceMore: 'With help once more.',
	thosePartsToLearnAre: 'Those parts to learn are not here any more. Reload the page.',
	thatPartIsAtAnother: 'That part is at another stage by now. Look again.',
	thatCheckIsNotHere: 'That check is not here any more.',
	somebodyHasAnsweredItAlready: 'Somebody has answered it already.',
	sayWhichOneThingIs: 'Say which one thing is given back.',
	givenBackToTheRest: (name: Shown, point: Shown) =>
		`Given back to ${name}: ${point}. The rest stays as it is.`,
	confirmedIsDone: (name: Shown, day: Shown) => `Confirmed. ${name} is done, ${day}.`
} as const;
