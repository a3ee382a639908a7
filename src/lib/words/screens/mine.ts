/** What the screens of a child or helper say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const MINE_PAGE = {
	yesIWillDoIt: 'Yes, I will do it',
	noThanks: 'No, thanks',
	lastCheck: 'Last check',
	continue: 'Continue',
	start: 'Start',
	doneAlready: 'Done already',
	askToSwap: 'Ask to swap',
	ask: 'Ask',
	nothingLeftToDo: 'Nothing left to do.',
	nothingLeftOfYours: 'Nothing of your own is left.',
	freeForAnyone: (n: number) => (n === 1 ? 'One job is free for anyone' : `${n} jobs are free for anyone`),
	moreFree: (n: number) => (n === 1 ? 'One more' : `${n} more`),
	freeHelp: (n: number) =>
		n === 1
			? 'Nobody has it today. Whoever does it ticks it.'
			: 'Nobody has them today. Whoever does one ticks it.',
	done: 'Done',
	notYet: 'Not yet',
	toPractise: 'To practise:',
	youAreTodaysCaptain: 'You are today’s captain.',
	eachChoreDoneBringsIt: 'Each chore done brings it closer.',
	theFirstChoreDoneBrings: 'The first chore done brings it closer.',
	allChoresAreDone: 'All chores are done.',
	pailRound: (name: Shown) => `${name} · Pail Round`,
	oneThingBack: (back: Shown) => `One thing back: ${back}`,
	youChoose: (choices: Shown) => `You choose: ${choices}.`,
	leftBefore: (left: Shown, name: Shown) => `${left} left before ${name}`,
	choresDoneNow: (name: Shown) => `Chores done: ${name} now`
} as const;

export const MINE_LOOK_LINE_PAGE = {
	questions: [
		'Look as if you were the visitor. Is anything left there?',
		'Look as if you came in for the first time. Would you notice anything?',
		'Look once from low down and once from the door. Is it clear?'
	],
	stop: 'Stop',
	goodThatYouSawIt: 'Good that you saw it. Put it right, then look again.',
	notYetIWillFix: 'Not yet, I will fix it',
	itIsFineNext: 'It is fine, next',
	allChecked: 'All checked',
	lastCheckPailRound: (name: Shown) => `Last check: ${name} · Pail Round`,
	doesTheLastCheck: (member: Shown, room: Shown) => `${member} does the last check: ${room}`,
	lookOf: (at: Shown, count: Shown) => `Look ${at} of ${count}`,
	next: (next: Shown) => `Next: ${next}.`,
	atTheEndLooksToo: (looksToo: Shown) => `At the end ${looksToo} looks too.`
} as const;
