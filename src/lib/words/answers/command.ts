/** What the house answers and tells in command: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const SAYING_SAYS = {
	session: (minutes: Shown) => `a session of ${minutes} minutes`,
	inRoom: (room: Shown) => ` in ${room}`,
	forWhom: (name: Shown) => ` for ${name}`,
	away: { away: 'away', ill: 'ill', holiday: 'on holiday' },
	today: 'today',
	fromTodayTo: (day: Shown) => `from today to ${day}, that day too`,
	theLoad: 'The load',
	typeACommand: 'Type a command.',
	thatIsNotUnderstoodDo: 'That is not understood. Do you mean one of these?',
	whichJob: 'Which job?',
	whoWasIt: 'Who was it?',
	untilWhen: 'Until when?',
	noLoadIsAtThat: 'No load is at that stage. Add one on the laundry page.',
	aSessionTakesFrom1: 'A session takes from 1 to 600 minutes.',
	showsReadyToStart: (what: Shown, room: Shown, who: Shown) => `Shows ${what}${room}${who}, ready to start.`,
	showThePlan: 'Show the plan',
	getsAClearingReadyThe: (word: Shown) =>
		`Gets a clearing ready${word}. The clock starts when the three containers stand.`,
	writesDownBy: (word: Shown, toLowerCase: Shown, memberName: Shown, minutes: Shown) =>
		`Writes down: ${word} ${toLowerCase}, by ${memberName}${minutes}.`,
	saveThis: 'Save this',
	isTheirChoresArePaused: (memberName: Shown, word: Shown, word2: Shown) =>
		`${memberName} is ${word} ${word2}. Their chores are paused.`,
	saveThePause: 'Save the pause',
	isFromNowOn: (name: Shown, place: Shown) => `${name} is ${place} from now on.`,
	saveThisStep: 'Save this step',
	addsAJobForMin: (dayAhead: Shown, name: Shown, name2: Shown, memberName: Shown, minutes: Shown) =>
		`Adds a job for ${dayAhead}: ${name}, ${name2}, ${memberName}, ${minutes} min.`,
	addThisJob: 'Add this job',
	nothingIsOverdue: 'Nothing is overdue.',
	overdue: (word: Shown) => `${word} overdue.`,
	onTodaysList: (n: Shown, n2: Shown) => `${n} ${n2} on today’s list.`
} as const;
