/** What the screens of session say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const SESSION_BELL_CHOICE = {
	done: 'Done',
	partly: 'Partly',
	fiveMoreMinutes: 'Five more minutes'
} as const;

export const SESSION_CHANGE_IT = {
	changeTheJobsOfThis: 'Change the jobs of this session',
	theOrderFollowsAtOnce: 'The order follows at once.',
	inThisSession: 'In this session',
	doesNotFitBeforeThe: ', does not fit before the end any more',
	held: 'always kept',
	alwaysKeepThisOne: 'Always keep this one',
	leaveOut: 'Leave out',
	neverGets: 'Never gets',
	addBack: 'Add back',
	addAnotherJob: 'Add another job',
	addIt: 'Add',
	alwaysKeep: (name: Shown) => `Always keep ${name}`,
	leaveOutOf: (name: Shown) => `Leave out ${name}`,
	addBackOf: (name: Shown) => `Add back ${name}`,
	min: (minutes: Shown) => `${minutes} min`,
	add: (name: Shown) => `Add ${name}`
} as const;

export const SESSION_CLEARED = {
	aBoxWaits: 'A box waits',
	backToToday: 'Back to Today',
	orTakeABreakNothing: 'Or take a break. Nothing rings.',
	putAway: (spot: Shown) => `${spot}: put away`,
	thingsIn: (bin: Shown) => `${bin} things in`,
	min: 'min.',
	theGiveAwayBagStands: (place: Shown) =>
		`The give-away bag stands ${place} and stays on the list until it has left.`,
	forAPlace: (aBoxWaits: Shown, boxes: Shown) => `${aBoxWaits} for a place: ${boxes}.`,
	leftTheHouseInThe: (binned: Shown, given: Shown) =>
		`Left the house in the last twelve months: ${binned} to the bin, ${given} given away.`,
	boxesWait: (count: Shown) => `${count} boxes wait`
} as const;

export const SESSION_CLEARING_CHOICE = {
	allOfIt: 'All of it',
	whichSpot: 'Which spot',
	hallBench: 'hall bench',
	inWhichRoom: 'In which room',
	howMuchOfIt: 'How much of it',
	firstGetThreeContainers: 'First get three containers:',
	binGiveAwayPutAway:
		'bin, give away, put away. You stay in place while the clock runs. Afterwards everything is put away, with a clock of its own.',
	theyAreReadyStart: 'They are ready, start'
} as const;

export const SESSION_CLEARING_RUN = {
	portion: { all: '', half: ', half of it', quarter: ', a quarter of it' },
	bin: 'Bin',
	brokenNobodyWouldBuyIt: 'Broken, nobody would buy it',
	giveAway: 'Give away',
	goodButNotNeeded: 'Good, but not needed',
	putAway: 'Put away',
	oursInTheWrongPlace: 'Ours, in the wrong place',
	toTheBin: 'to the bin',
	toGiveAway: 'to give away',
	toPutAway: 'to put away',
	timeIsUpStopSorting: 'Time is up. Stop sorting.',
	paused: 'Paused',
	oneThingAtATime: 'One thing at a time',
	cannotDecide: 'Cannot decide?',
	theFirstThoughtCounts: 'The first thought counts.',
	nowPutItAway: 'Now put it away',
	fiveMoreMinutes: 'Five more minutes',
	theSpotIsClearPut: 'The spot is clear, put things away',
	soFar: (name: Shown, counts: Shown) => `${name}, ${counts} so far`,
	undo: (ordinal: Shown, told: Shown) => `Undo: ${ordinal} ${told}`
} as const;

export const SESSION_CLOSING = {
	putAwayNext: 'Put away, next',
	whereverTheyBelong: 'Wherever they belong',
	clear: 'Clear',
	nearly: 'Nearly',
	notYet: 'Not yet',
	byTheDoor: 'by the door',
	bagIsOut: 'Bag is out',
	bagStandsThere: 'Bag stands there',
	anybody: 'anybody',
	continue: 'Continue',
	pause: 'Pause',
	finishLater: 'Finish later',
	today: 'Today',
	whatIsPutAway: 'What is put away',
	nowPutItAway: 'Now put it away',
	binBagOutside: 'Bin bag outside',
	itIsOut: 'it is out',
	giveAwayBag: 'Give-away bag',
	whereItLeavesTheHouse: 'Where it leaves the house',
	on: 'On',
	withIt: 'With',
	nextRoom: 'Next room',
	inABoxBesideIts: ' In a box beside its place.',
	thePlaceIsFullA: 'The place is full: a box beside it',
	theZone: 'The zone',
	whatIsLeftStaysOn: 'What is left stays on today’s list.',
	ofMinutesToClose: (digits: Shown, minutes: Shown) => `${digits} of ${minutes} minutes to close`,
	ofToClose: (minutes: Shown) => `of ${minutes} to close`,
	sortedBinGiveAwayPut: (bin: Shown, give: Shown, put: Shown) =>
		`Sorted: ${bin} bin, ${give} give away, ${put} put away.`,
	tiedUpNow: (bin: Shown, bin2: Shown) => `${bin} ${bin2}, tied up now`,
	giveAwayBagOf: (place: Shown) => `Give-away bag, ${place}`,
	leavesStaysOnTheList: (words: Shown, told: Shown) =>
		`Leaves ${words}${told}. Stays on the list until it has left.`,
	howIsItNow: (name: Shown) => `${name}: how is it now?`,
	withCarrier: (name: Shown) => ` with ${name}`
} as const;

export const SESSION_FINISHED = {
	allDone: 'All done.',
	theSessionHasEnded: 'The session has ended.',
	nothingIsFinishedYetWhat: 'Nothing is finished yet. What you began is kept.',
	notSavedOnTheServer: 'Not saved on the server yet. It is kept and sent again.',
	undoNotDone: 'Undo, not done',
	stoppedAtTenMinutes: ', stopped at ten minutes',
	moveTheRestToTomorrow: 'Move the rest to tomorrow',
	backToToday: 'Back to Today',
	orTakeABreakUntil: 'Or take a break until it rings.',
	orTakeABreakNothing: 'Or take a break. Nothing rings.',
	done: (count: Shown, noun: Shown) => `${count} ${noun} done.`,
	minWorkedPlanned: (plannedAll: Shown) => `min worked, ${plannedAll} planned.`,
	ofMin: (planned: Shown) => `of ${planned} min`,
	doneOf: (number: Shown) => `${number} % done, `,
	leftOut: (letLie: Shown) => `Left out: ${letLie}.`,
	stillRunningByItselfIt: (waits: Shown) =>
		`Still running by itself: ${waits}. It stays on Today with its time.`
} as const;

export const SESSION_IN_ORDER = {
	doNotKeep: 'Do not keep',
	alwaysKeep: 'Always keep',
	min: 'min',
	kept: 'Always kept',
	alwaysKeepThisOne: 'Always keep this one',
	leaveOut: 'Leave out',
	timeIsUp: 'time is up',
	readyAt: (label: Shown, to: Shown) => `${label}, ready at ${to}`,
	leaveOutOf: (name: Shown) => `Leave out ${name}`
} as const;

export const SESSION_ONE_LANE = {
	tools: (names: readonly string[]) => `With: ${names.join(', ')}`,
	minute: 'minute',
	minutes: 'minutes',
	timeIsUpStopHere: 'Time is up. Stop here.',
	inHand: 'Doing now:',
	nothing: 'nothing',
	then: 'Then',
	notBefore: 'Not before',
	stopHere: 'Stop here:',
	itCountsAsDone: 'it counts as done.',
	thenItIsDone: 'Then it is done.',
	youAreDoneHere: 'You are done here.',
	theOthersAreStillWorking: 'The others are still working.',
	everybodysView: 'Everybody’s view',
	stopHereNext: 'Stop here, next',
	doneNext: 'Done, next',
	done: 'Done',
	yourPartIsDone: 'Your part is done. See to what rings, or help somebody.',
	ofIt: (told: Shown, minutes: Shown, minute: Shown, names: Shown) =>
		`${told} of ${minutes} ${minute}, ${names}`,
	stepOf: (number: Shown, count: Shown) => `Step ${number} of ${count}`,
	aRestOfMinutes: (until: Shown) => `A rest of ${until} minutes`,
	worksMin: (label: Shown, time: Shown) => `: ${label} works, ${time} min.`,
	areOver: (capWords: Shown) => `${capWords} are over.`,
	nothingMore: 'nothing more'
} as const;

export const SESSION_PRESS = {
	undoNotDone: 'Undo, not done',
	continue: 'Continue'
} as const;

export const SESSION_RUN_NOTICES = {
	whileThisPageSlept: 'While this page slept:',
	whatYouPressedIsKept: (told: Shown) => `${told} What you pressed is kept and sent again; the time runs on.`
} as const;

export const SESSION_STRIP = {
	rest: 'rest',
	min: (minutes: Shown) => `${minutes} min`
} as const;

export const SESSION_TOGETHER = {
	whoIsWhere: 'Who is where',
	done: 'Done',
	doneFree: 'done, free to help',
	thenCloseTheDoor: 'Then close the door.',
	done2: 'done',
	inProgress: 'In progress',
	timeIsUpStopHere: 'Time is up. Stop here.',
	nothingIsDue: 'Nothing is due',
	ofYou: (told: Shown, count: Shown) => `${told}, ${count} of you`,
	minutes: (minutes: Shown, told: Shown) => `${minutes} minutes${told}`,
	isDone: (names: Shown, text: Shown) => `${names} is done: ${text}`,
	from: (time: Shown) => `from ${time}`,
	minLeft: (number: Shown) => `${number} min left`,
	then: (names: Shown, lower: Shown) => `Then ${names}, ${lower}.`,
	at: (time: Shown) => `At ${time}`,
	toGo: (count: Shown) => `${count} to go`,
	noLongerFits: (off: Shown) => `No longer fits: ${off}.`,
	isDoneOf: (names: Shown) => `${names} is done`,
	bellAt: (time: Shown) => `, bell at ${time}`
} as const;

export const SESSION_VISITORS_RUN = {
	min: 'min',
	visitorsComeAt: 'Visitors come at',
	minLeft: 'min left',
	youAlone: 'you alone',
	earlier: 'earlier',
	whatIsToDo: 'What is to do',
	yourJobNow: 'Your job now',
	yourJobIsDone: 'Your job is done.',
	seeWhoNeedsHelp: 'See who needs help.',
	atTheSameTime: 'At the same time',
	then: 'Then',
	whatVisitorsSeeFirst: 'what visitors see first',
	leftOut: 'Left out:',
	doneNext: 'Done, next',
	done: 'Done',
	minutesLeft: (number: Shown) => `${number} minutes left`,
	ofYou: (count: Shown) => `${count} of you`,
	theyCome: 'They come',
	inMin: (minutes: Shown) => `in ${minutes} min`,
	ifTimeRunsShortIs: (jobName: Shown) => `If time runs short, ${jobName} is left out next.`
} as const;

export const SESSION_WAITS = {
	hurry: 'ready, hurry',
	readyNow: 'ready now',
	seenTo: 'I have seen to it',
	done: 'Done',
	ready: 'ready',
	inMin: (time: Shown) => `in ${time} min`,
	atTheLatest: (time: Shown) => `, at the latest ${time}`,
	doneOf: (text: Shown) => `Done: ${text}`
} as const;

export const TIMER_PAGE = {
	waysToUseTheTime: 'Ways to use the time',
	goToIt: 'Go to this session',
	theStepsInOrder: 'The steps, in order',
	leftOutAndWhy: 'Left out, and why',
	nothingEverythingFits: 'Nothing. Everything fits.',
	nothingWaitsToBeDone: 'Nothing waits to be done.',
	addItAnyway: 'Add it anyway',
	takeWithYou: 'Take with you',
	whatIsNotFinishedStays: 'What is not finished stays on today’s list.',
	aBellRingsAtThe: 'A bell rings at the end. A locked phone rings only while this page keeps it awake.',
	start: 'Start',
	backToToday: 'Back to Today',
	pailRound: (title: Shown) => `${title} · Pail Round`,
	minutes: (minutes: Shown) => `${minutes} minutes`,
	hasATimedSessionAlready: (memberName: Shown) => `${memberName} has a timed session already.`,
	add: (name: Shown) => `Add ${name}`
} as const;

export const SESSION_OFFER_PAIL = {
	min: (steps: Shown, steps2: Shown) => `min, ${steps} ${steps2}`
} as const;

export const TIMER_ID_PAGE = {
	theBell: 'The bell',
	allDone: 'All done',
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

/** What rings, and what the bell is called by how loud it is. */
export const BELLS = {
	theyRingNow: 'They ring now.',
	timeIsUp: 'Time is up. Stop here.',
	rest: (minutes: Shown) => `A rest of ${minutes} minutes.`,
	areOver: (minutes: Shown, job: Shown) => `${minutes} are over: ${job} stops here.`,
	nearest: (name: Shown) => `, ${name} is nearest`,
	wait: (what: Shown, hurry: boolean, where: Shown) =>
		`${what} ${hurry ? 'must come out now' : 'is ready'}: ${where}.`,
	off: 'Bell off',
	soft: 'Bell soft',
	on: 'Bell on'
} as const;

/** What is said of presses that are still on the device. */
export const KEPT_PRESSES = {
	away: 'Not saved on the server yet.',
	busy: 'Not saved on the server yet: it cannot take anything just now.',
	'signed-out': 'Not saved on the server yet: you are logged out here. Log in again.'
} as const;
