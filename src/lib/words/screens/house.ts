/** What the screens of house say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const HOUSE_ADD_FORM = {
	none: 'none',
	kind: 'Kind',
	nameIfItHasOne: 'Name, if it has one',
	storey: 'Storey',
	zone: 'Zone',
	addThisRoom: 'Add this room',
	name: 'Name',
	addZone: 'Add this zone'
} as const;

export const HOUSE_RESTORE_BACKUP = {
	tooLarge: 'The file is larger than 64 MB. A home is never that large; is it the right file?',
	notSent: 'The file could not be sent. Try again in a moment.',
	lost: 'It was lost on the way, and nothing was written. Try again.',
	theFile: 'the file',
	theConnection: 'the connection',
	restoreABackupAsA: 'Restore a backup as a home of its own',
	restoreThisBackup: 'Restore this backup …',
	reading: 'Reading …',
	itIsRestored: 'The backup is restored.',
	goToIt: 'Go to that home',
	nothingWasWritten: 'Nothing was written.',
	whatIsWrongWithThe: 'What is wrong with the file',
	ofEntries: (done: Shown, ofIt: Shown) => `${done} of ${ofIt} entries …`
} as const;

export const HOUSE_ROOM_PAGE = {
	none: 'none',
	earlierInTheWalk: 'Earlier in the walk',
	laterInTheWalk: 'Later in the walk',
	close: 'Close',
	zone: 'Zone',
	moveThisRoom: 'Move this room',
	noJobsInThisRoom: 'No jobs in this room yet.',
	addFromTheLibrary: 'Add from the library',
	addAJobOfYour: 'Add a job of your own',
	renameMoveMergeTakeAlong: 'Rename, move, merge, take along or remove',
	name: 'Name',
	kind: 'Kind',
	storey: 'Storey',
	visitorsSeeIt: 'Visitors see it',
	save: 'Save',
	mergeItInto: 'Merge this room into',
	merge: 'Merge the two rooms',
	removeThisRoom: 'Remove this room …',
	min: (minutes: Shown) => `${minutes} min`
} as const;

export const HOUSE_ZONE_PAGE = {
	notYet: 'not yet',
	theJobsInOrderTime: 'the jobs in order, time after time',
	theMostOverdueFirst: 'the most overdue first',
	noZone: 'no zone',
	close: 'Close',
	isItDecluttered: 'Is it decluttered?',
	whatToDoFirst: 'What to do first',
	save: 'Save',
	everyTime: 'every time',
	every2nd: 'every 2nd',
	noZoneJobsYet: 'No zone jobs yet.',
	renameMoveOrRemove: 'Rename, move or remove',
	name: 'Name',
	pattern: 'Pattern',
	removeItAndGiveIts: 'Remove this zone, and give its rooms to',
	remove: 'Remove this zone',
	andDaysInTheComing: (visits: Shown, visits2: Shown, days: Shown, asked: Shown, held: Shown) =>
		`${visits} ${visits2} and ${days} days in the coming twelve months; ${asked} min needed each time, ${held} available.`,
	min: (minutes: Shown) => `${minutes} min`,
	oneUp: (name: Shown) => `${name} one up`,
	oneDown: (name: Shown) => `${name} one down`
} as const;

export const JOB_JOB_EDITOR = {
	min: 'min',
	itStaysOverdueUntilIt: (late: Shown) =>
		`${late}: it stays overdue until it is done or skipped. A change never makes anything overdue.`
} as const;

export const JOB_MORE_OPTIONS = {
	min: 'min'
} as const;

export const JOB_STEP_ROWS = {
	minutes: 'Minutes',
	kindOfWork: 'Kind of work',
	thenItSoaksOrRuns: 'Then it soaks or runs',
	atLeast: 'At least',
	atMost: 'At most'
} as const;

export const HOUSE_PAGE = {
	housePailRound: 'House · Pail Round',
	house: 'House',
	moreOfTheHouse: 'More of the house',
	library: 'Library',
	cleaningDaysAndHouseRules: 'Cleaning days and house rules',
	startSmall: 'Start small',
	backupAndFiles: 'Backup and files',
	lastChanges: 'Last changes',
	pauses: 'Pauses',
	roomsThatWouldMoveAre: 'Rooms that would move are shown half in their new pattern.',
	addARoom: 'Add a room',
	addAZone: 'Add a zone',
	doIt: 'Save these changes',
	changeNothing: 'Change nothing',
	cleaningEachWeek: 'Cleaning each week',
	needed: 'needed',
	available: 'available',
	thisRoom: 'this room',
	theseRooms: 'these rooms',
	leaveEverythingWhereItIs: 'Leave everything where it is',
	noZones: 'No zones',
	eachRoomEachWeek: 'Each room, each week',
	thisHomeCleansWithoutZones:
		'This home cleans without zones. Add one, then choose how zones take turns in Cleaning days and house rules.',
	theHouse: (rooms: Shown) => `The house: ${rooms}`,
	roomsOf: (name: Shown) => `Rooms of ${name}`,
	move: (thisRoom: Shown) => `Move ${thisRoom}`,
	inZone: (zone: Shown) => `, zone ${zone}`
} as const;

export const HOUSE_FILES_PAGE = {
	readJobsFromATable: 'Read jobs from a table',
	readProductsFromATable: 'Read products from a table',
	readHistoryFromATable: 'Read history from a table',
	everybodys: 'everybody’s',
	backupAndFilesPailRound: 'Backup and files · Pail Round',
	backupAndFiles: 'Backup and files',
	backToTheHouse: 'Back to House',
	whatTheFileSays: 'What the file says',
	saveItInHistory: 'Save it in History',
	theWholeHome: 'The whole home',
	everyVersionOfItAnd: 'Every version of it, and everything that was done, in one open file.',
	howTheFileIsWritten: 'How the file is written',
	saveABackupOfEverything: 'Save a backup of everything',
	tables: 'Tables',
	forASpreadsheetComingIn: 'For a spreadsheet. Coming in, each line is looked at before anything is written.',
	saveJobsAsATable: 'Save jobs as a table',
	saveProductsAsATable: 'Save products as a table',
	saveHistoryAsATable: 'Save history as a table',
	seeWhatWouldChange: 'See what would change',
	calendar: 'Calendar',
	renew: 'Make a new address',
	makeAnAddress: 'Make an address',
	aFamilyCalendarIn: 'Read in a family calendar',
	whoseCalendarItIs: 'Whose calendar it is',
	line: (line: Shown) => `Line ${line}`,
	addressFor: (name: Shown) => `Address for ${name}`
} as const;

export const HOUSE_GROWING_PAGE = {
	startSmallPailRound: 'Start small · Pail Round',
	startSmall: 'Start small',
	backToTheHouse: 'Back to House',
	whatItIs:
		'Start with what is done every day, and turn on the other parts of the work when that is kept up. First add some jobs.',
	openTheLibrary: 'Open the library',
	turnOn: 'Turn on',
	turnOffForNow: 'Turn off for now',
	alwaysOn: 'Always on',
	nothingIsDeletedWhenA:
		'Nothing is deleted when a part is off, and nothing of it counts as overdue. Turned on, its first dates are spread over the days.'
} as const;

export const HOUSE_LIBRARY_PAGE = {
	theWholeHouse: 'the whole house',
	libraryPailRound: 'Library · Pail Round',
	show: 'Show',
	wordsToLookFor: 'Words to look for',
	allWork: 'all work',
	forIt: 'for',
	forWhichRoom: 'For which room',
	look: 'Search',
	backToTheHouse: 'Back to House',
	nothingOfThatNameIs: 'Nothing of that name is in the library.',
	addAJobOfYour: 'Add a job of your own',
	needs: 'Needs',
	from: 'From',
	canBeLearnedBy: 'Can be learned by',
	lookAt: 'Check at the end',
	otherRoomsOrSurfaces: 'other rooms or surfaces',
	roomsThatAreNotHere: 'rooms that are not here',
	ofIt: (found: Shown, count: Shown, count2: Shown) => `${found} of ${count} ${count2}`,
	min: (minutes: Shown) => `${minutes} min`,
	years: (fromAge: Shown) => `${fromAge} years`,
	hasIt: (name: Shown) => `${name} has it`,
	addTo: (name: Shown) => `Add to ${name}`,
	andMoreChooseTheRoom: (count: Shown) => `and ${count} more: choose the room above`,
	forItOf: (otherRoomsOrSurfaces: Shown) => `for ${otherRoomsOrSurfaces}`
} as const;

export const HOUSE_PAUSES_PAGE = {
	theWholeHome: 'the whole home',
	aPerson: 'a person',
	aRoom: 'a room',
	aPartOfTheWork: 'a part of the work',
	oneJob: 'one job',
	away: 'away',
	ill: 'ill',
	onHoliday: 'on holiday',
	withVisitors: 'with visitors',
	atExams: 'at exams',
	somethingElse: 'something else',
	pausesPailRound: 'Pauses · Pail Round',
	pauses: 'Pauses',
	backToSchedule: 'Back to Schedule',
	awayIllAHolidayVisitors:
		'Away, ill, a holiday, visitors, exams: what falls due meanwhile is skipped and never counts as overdue.',
	noChoresFor: 'No chores for',
	whoOrWhatIsPaused: 'Who or what is paused',
	whichOne: 'Which one',
	becauseOf: 'because of',
	why: 'Why',
	from: 'from',
	from2: 'From',
	to: 'to',
	to2: 'To',
	inAFewWords: 'A note, if you like',
	inAFewWords2: 'a note, if you like',
	saveThePause: 'Save the pause',
	theNextEightWeeks: 'The next eight weeks',
	pausedNowOrLater: 'Paused now or later',
	nothingIsPaused: 'Nothing is paused.',
	endThisPause: 'End this pause',
	backFromABreak: 'Back from a break',
	dailyRoutineOnly: 'Daily routine only',
	afterABreakYouChoose: 'After a break you choose here which missed jobs to do.',
	pastPauses: (count: Shown) => `${count} past pauses`,
	theDailyRoutineFirstThen: (clear: Shown) =>
		`The daily routine first, then what was missed, a little each day. ${clear}`,
	minOfThemBasics: (minutes: Shown, basics: Shown) => `${minutes} min, ${basics} of it daily routine`,
	putOnThisDay: (jobs: Shown) => `Put ${jobs} on this day`
} as const;

export const HOUSE_RHYTHM_PAGE = {
	oneZoneAWeek: 'one zone a week',
	byTheRowsOfThe: 'by the rows of the month’s calendar',
	byTheWeeksOfThe: 'by the weeks of the month',
	eachZoneHasAWeekday: 'each zone has a weekday',
	notAtAll: 'not at all',
	stayWithTheLastOne: 'stay with the last one',
	beginAgain: 'begin again',
	haveNoZone: 'have no zone',
	noZone: 'no zone',
	kindsOfDays: [
		{ name: 'zoneDays', label: 'Zone days' },
		{ name: 'catchUpDays', label: 'Catch-up days' },
		{ name: 'freeDays', label: 'Free days' },
		{ name: 'errandDays', label: 'Errand days: things leave the house' }
	],
	itsFirstDay: 'its first day',
	itsFourthDay: 'its fourth day',
	fivePm: '5 pm',
	cleaningDaysAndHouseRules: 'Cleaning days and house rules · Pail Round',
	cleaningDaysAndHouseRules2: 'Cleaning days and house rules',
	runTheFirstStepsAgain: 'Run the first steps again',
	backToTheHouse: 'Back to House',
	howTheZonesTakeTurns: 'How the zones take turns',
	fromTheWeekOf: 'from the week of',
	aDateOfTheWeek: 'A date of the week of zone 1',
	afterTheLastZone: 'after the last zone',
	afterTheLastZone2: 'After the last zone',
	minutesForTheZoneEach: 'Minutes for the zone each day',
	minutesADay: 'Minutes a day',
	byWhatIsUsual: 'by what is usual',
	aWeekBeginsOn: 'A week begins on',
	aDayBeginsAt: 'A day begins at',
	aWeekBelongsToThe: 'A week belongs to the month of',
	hours: 'Hours',
	dates: 'Dates',
	amounts: 'Amounts',
	whereTheHomeLies: 'Where the home lies',
	timeZone: 'Time zone',
	aThemeForEachWeekday: 'A theme for each weekday',
	discardMyChanges: 'Discard my changes',
	compareWithBefore: 'Compare with before',
	save: 'Save'
} as const;

export const JOB_TAPE_MEASURE = {
	openFrom: 'open from',
	dueAt: 'due at',
	days: (words: Shown) => `${words}, days`
} as const;

export const HOUSE_CHANGES_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const HOUSE_JOB_ID_PAGE = {
	pailRound: (add: Shown) => `${add} · Pail Round`
} as const;

export const HOUSE_JOBS_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const HOUSE_DOLL_HOUSE = {
	inZone: (zone: Shown) => `, zone ${zone}`
} as const;

export const HOUSE_PLACE_BUTTONS = {
	earlier: 'Earlier',
	later: 'Later'
} as const;

export const JOB_ALL_DETAILS = {
	whatItNeeds: 'What it needs',
	howToTeachAndCheck: 'How to teach and check it'
} as const;

export const JOB_HOW_OFTEN = {
	everyTime: 'every time',
	everySecondTime: 'every second time'
} as const;

export const LEAVING = {
	title: 'Leave without saving?',
	text: 'What you changed here is not saved yet.',
	yes: 'Leave',
	no: 'Stay here'
} as const;
