/** What the screens of the first steps say: one group a screen or part. What several share stands in the files above. */
import { lowerNumber, plural } from '../general';
import type { Shown } from './shown';

export const BEGIN_DRYING_YARD = {
	aWeekLongestDay: 'a week, longest day',
	fourWeeksOf: (name: Shown) => `Four weeks of ${name}`,
	min: (longest: Shown) => `${longest} min`,
	onDay: (day: Shown) => `on ${day}`,
	over: (minutes: Shown, yours: Shown) => `${minutes} min over the ${yours} of a day`,
	without: (count: number) => `Does without ${lowerNumber(count)} of your jobs; you can add them at the end.`
} as const;

export const BEGIN_FIRST_MORNING = {
	asItWillBe: 'As it will be',
	theFirstMorning: 'The first morning',
	laidAnew:
		'When each job comes is planned anew from today. Names, minutes, notes and who does a job stay as you set them.',
	theRestStartsLater: '; the rest starts later',
	noRoomsYetAddOne: 'No rooms yet. Add one to see its first week here.',
	cannotBeTaken: (why: string) => `These answers cannot be used yet. ${why}`,
	toTheRooms: 'To the rooms',
	howToBegin: 'How to begin',
	startWithTheDailyRoutine: 'Start with the daily routine',
	dailyJobsAlone:
		'The daily jobs alone. Weekly, zone, monthly and yearly jobs come one by one, when you are ready.',
	startWithEverything: 'Start with everything',
	forAHomeThatCleans: 'For a home that cleans regularly already. First dates are spread over the weeks.',
	whatTheHomeIsCalled: 'What the home is called',
	ourHome: 'Our home',
	save: 'Save',
	backToThePeople: 'Back to the people',
	saveTheChanges: 'Save the changes',
	beginOurHome: 'Begin our home',
	ofJobsBeginAboutMinutes: (begun: Shown, jobs: Shown, theRestStartsLater: Shown, minutes: Shown) =>
		`${begun} of ${jobs} jobs begin${theRestStartsLater}. About ${minutes} minutes a day in the first week.`,
	/** Of a home that is there already. */
	jobsAndMinutes: (jobs: number, minutes: Shown) =>
		`${jobs} ${plural(jobs, 'job')}. About ${minutes} minutes a day in the coming week.`,
	min: (minutes: Shown) => `${minutes} min`,
	andMore: (count: Shown) => ` and ${count} more`,
	minutesADayEverythingCan: (count: Shown, noun: Shown, name: Shown, minutesADay: Shown, isAll: boolean) =>
		`${count} ${noun}, ${name}, ${minutesADay} minutes a day${isAll ? '' : ' once all of it is on'}. Everything can be changed later, one thing at a time.`
} as const;

export const BEGIN_PEOPLE = {
	addAdult: 'Add adult',
	addChild: 'Add child',
	addHelperOnADay: 'Add helper on a day',
	atHome: 'at home',
	atSchoolUntilThree: 'at school until three',
	atWorkUntilFive: 'at work until five',
	oneDayAWeek: 'one day a week',
	cat: 'Cat',
	dog: 'Dog',
	bird: 'Bird',
	smallAnimal: 'Small animal',
	fish: 'Fish',
	whoLivesHere: 'Who lives here?',
	namesAreEnoughJobsAre: 'Names are enough. Jobs are given by age, and to whoever is there.',
	age: 'Age',
	remove: 'Remove',
	howOld: 'How old?',
	yourOwnName: 'Your own name',
	name: 'Name',
	andAnimals: 'And animals',
	whoseRoomIsWhose: 'Whose room is whose',
	bedsAndTidyingThereGo: 'Beds and tidying there go to whoever it belongs to.',
	backToHowYouClean: 'Back to how you clean',
	nextTheFirstMorning: 'Next: the first morning',
	born: (bornOn: Shown) => `, born ${bornOn}`,
	bornIn: (year: string) => `born ${year}`,
	changeTheAgeOf: (name: Shown) => `Change the age of ${name}`,
	removeOf: (name: Shown) => `Remove ${name}`,
	whenIsThere: (name: Shown) => `When ${name} is there`,
	howOldIs: (name: Shown) => `How old ${name} is`,
	years: (age: Shown) => `${age} years`,
	onWhichDayComes: (name: Shown) => `On which day ${name} comes`,
	belongsTo: (name: Shown, name2: Shown) => `${name} belongs to ${name2}`
} as const;

export const BEGIN_RHYTHM = {
	chooseHowYouClean: 'Choose how you clean',
	fourWeeksOfYourOwn: 'Four weeks of your own home.',
	shownFirst: 'Its four weeks stand first.',
	shown: 'Its four weeks are shown.',
	compared: 'Compared with your choice.',
	compare: 'Compare',
	stopComparing: 'Stop comparing',
	addARoomFirstTo: 'Add a room first to see its four weeks here.',
	showTheChosenOne: 'Show the one you chose',
	showTheOther: 'Show the one to compare',
	minutesADay: 'Minutes a day',
	minutesSuggested: 'Minutes a day, as this home needs',
	save: 'Save the minutes',
	freeDays: 'Free days',
	freeHelp: 'On a free day only the daily routine is due.',
	catchUpDays: 'Catch-up days',
	catchUpHelp: 'What was missed on its own day is done on the next catch-up day, say on Saturday.',
	dailyRoutine: 'daily routine',
	weekly: 'weekly jobs',
	zone: 'zone jobs',
	over: 'over the minutes of a day',
	compareWith: (name: Shown) => `Compare with ${name}`,
	stopComparingWith: (name: Shown) => `Stop comparing with ${name}`,
	freeOf: (name: Shown) => `${name} free`,
	toCatchUp: (name: Shown) => `${name} to catch up`,
	take: (name: Shown) => `Take ${name}`
} as const;

export const BEGIN_ROOMS = {
	boards: 'Boards',
	carpet: 'Carpet',
	tiles: 'Tiles',
	lino: 'Lino',
	laminate: 'Laminate',
	cork: 'Cork',
	stone: 'Stone',
	concrete: 'Concrete',
	paint: 'Paint',
	glass: 'Glass',
	glazedTile: 'Glazed tile',
	wood: 'Wood',
	steel: 'Steel',
	brassPlated: 'Brass, plated',
	joints: 'Joints',
	glassHob: 'Glass hob',
	enamel: 'Enamel',
	aluminium: 'Aluminium',
	screens: 'Screens',
	woolSilk: 'Wool, silk',
	mattPaint: 'Matt paint',
	plastic: 'Plastic',
	cat: 'Cat',
	dog: 'Dog',
	bird: 'Bird',
	smallAnimal: 'Small animal',
	fish: 'Fish',
	fromTheTopOfThe: 'From the top of the house down. Touch a room to add it.',
	storeys: 'Storeys',
	addAFloor: 'Add a floor',
	addACellar: 'Add a cellar',
	noRoomsYetTouchOne: 'No rooms yet. Touch one below to add it.',
	theRoom: 'The room',
	rename: 'Rename',
	itsName: 'Its name',
	save: 'Save',
	floor: 'Floor',
	fewer: 'Fewer',
	allOfThem: 'All of them',
	whatGetsWiped: 'What gets wiped',
	whichAnimalsComeInHere: 'Which animals come in here?',
	/** Of a room of a home that is there already. */
	keepsItsJobs: (jobs: number) =>
		jobs === 0 ? 'It has no jobs yet.' : `It keeps its ${lowerNumber(jobs)} ${plural(jobs, 'job')}.`,
	thatMakes: 'That makes',
	about: ', about',
	aWeek: 'a week.',
	them: 'them',
	removeThisRoom: 'Remove this room',
	theFirstRoom: 'The first room',
	chooseTheUsualRoomsYou: 'Choose the usual rooms; you can rename each.',
	orBeginWithTheRooms: 'Or begin with the rooms of the demo home, and change what is not yours.',
	startFromTheDemoHomes: 'Start from the demo home’s rooms',
	toTheZones: 'To the zones',
	nextTheFloorBelow: 'Next: the floor below',
	nextZones: 'Next: zones',
	theHouseSoFar: (rooms: Shown) => `The house so far: ${rooms}`,
	roomsToAdd: (storeyName: Shown) => `Rooms to add ${storeyName}`,
	added: (hung: Shown) => `${hung} added`,
	min: (minutesAWeek: Shown) => `${minutesAWeek} min`,
	see: (them: Shown) => `See ${them}`,
	minOf: (minutes: Shown) => `${minutes} min`,
	next: (name: Shown) => `Next: ${name}`,
	theSoMany: (count: Shown) => `the ${count}`
} as const;

export const BEGIN_ZONES = {
	inNone: 'in none',
	roomsThatLieTogether: 'Rooms that lie together',
	theWayOfCleaningYou: 'The way of cleaning you chose has no zones. They are kept for another one.',
	zonesComeRoundInThis:
		'A zone is the rooms that are cleaned deeply in one week. They take turns in this order. A bar shows the work in each: best all are about as long.',
	howManyZones: 'How many zones?',
	zones: 'Zones',
	saveTheName: 'Save the name',
	move: 'Move',
	backToTheRooms: 'Back to the rooms',
	nextHowYouClean: 'Next: how you clean',
	theHouseInZones: (zones: Shown) => `The house in zones: ${zones}`,
	nameOfZone: (number: Shown) => `Name of zone ${number}`,
	min: (minutes: Shown) => `${minutes} min`,
	inNoZoneTheirDeep: (inNone: Shown, count: Shown) =>
		`In no zone: ${inNone}. Their deep ${count} come every so many days instead.`,
	into: (name: Shown, number: Shown) => `${name} into ${number}`
} as const;

export const BEGIN_PAGE = {
	pailRound: 'Pail Round',
	firstSteps: 'First steps',
	comeBackLater: 'Come back later',
	firstStepsPailRound: (name: Shown) => `${name} · First steps · Pail Round`
} as const;
