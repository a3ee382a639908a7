/** What the screens of print say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const PRINT_SHEET = {
	notOver: (minutes: Shown) => `, not over ${minutes}`,
	inThisOrder: ', in this order',
	code: 'Code',
	min: (min: Shown, told: Shown) => `${min} min${told}`,
	thenWait: (minutes: Shown) => `then wait ${minutes}`,
	pageOf: (title: Shown, i: Shown, count: Shown) => `${title}, page ${i} of ${count}`,
	pageOfOf: (i: Shown, count: Shown) => `Page ${i} of ${count}`
} as const;

export const PRINT_PAGE = {
	kinds: [
		{ id: 'room', name: 'A room', says: 'Daily side and weekly side.' },
		{ id: 'person', name: 'A person, a day', says: 'What is theirs, in order.' },
		{ id: 'zone', name: 'A zone', says: 'Its jobs for the next visit.' },
		{ id: 'bookmark', name: 'A bookmark', says: 'A week in two halves, folded.' },
		{ id: 'week', name: 'The whole week', says: 'One sheet for the fridge.' }
	],
	letter: 'Letter',
	printPailRound: 'Print · Pail Round',
	print: 'Print',
	whichCard: 'Which card',
	room: 'Room',
	who: 'Who',
	zone: 'Zone',
	day: 'Day',
	week: 'Week',
	paper: 'Paper',
	showIt: 'Show this card',
	printThisCard: 'Print this card',
	enterWhatWasDoneFrom: 'Enter what was done from a printed list',
	whatItLooksLike: 'What it looks like',
	thereIsNothingOfIt: 'There is nothing of it to print: it has no jobs yet.'
} as const;

export const PRINT_CARD_PAGE = {
	printThisCard: 'Print this card',
	page: 'page',
	pages: 'pages',
	onBothSides: ', on both sides',
	keepThisCardToEnter: 'Keep this card, to enter it later',
	anotherCard: 'Another card',
	onPaperPailRound: (title: Shown) => `${title} on paper · Pail Round`,
	printAt10Of: (size: Shown, count: Shown, page: Shown, onBothSides: Shown) =>
		`${size}, ${count} ${page}. Print at 100 %${onBothSides}.`
} as const;

export const PRINT_TICK_PAGE = {
	nobodyInParticular: 'nobody in particular',
	enterWhatWasDoneFrom: 'Enter what was done from a printed list · Pail Round',
	enterWhatWasDoneFrom2: 'Enter what was done from a printed list',
	backToPrint: 'Back to Print',
	theCodeAtTheFoot: 'The code at the foot of the card',
	ub4K7: 'UB 4 K7',
	findThisCard: 'Find this card',
	noCardOfThisHome:
		'No card of this home has that code. Look at its foot: two letters, a figure, a letter and a figure.',
	whoTickedIt: 'Who ticked it',
	allOfThem: 'All of them',
	none: 'None',
	saveAsDone: 'Save as done',
	inIt: 'in',
	stillToCome: 'still to come'
} as const;
