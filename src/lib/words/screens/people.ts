/** What the screens of people say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const PEOPLE_PRESENCE = {
	whoIsHomeNextTwo: 'Who is home, next two weeks',
	allDay: 'all day',
	aPart: 'a part'
} as const;

export const PEOPLE_RAIL = {
	isTodaysCaptain: 'is today’s captain',
	ofMinThisWeek: (weekAgreed: Shown) => `of ${weekAgreed} min this week`,
	ofInFourWeeks: (four: Shown, fourAgreed: Shown) => `${four} of ${fourAgreed} in four weeks`,
	ofItPlanningErrands: (hidden: Shown) => `${hidden} of it planning, errands`
} as const;

export const PEOPLE_WHY_LABEL = {
	couldAlso: 'Could also:',
	whyNotTheOthers: 'Why not the others',
	keepItWith: (name: Shown) => `Keep it with ${name}`,
	giveItTo: (name: Shown) => `Give it to ${name}`
} as const;

export const PEOPLE_PAGE = {
	peoplePailRound: 'People · Pail Round',
	doneThisWeek: 'Done this week',
	thisWeek: 'this week',
	fourWeeks: 'four weeks',
	agreedShare: 'agreed share',
	moreAboutPeople: 'More about people',
	theWeek: 'The week',
	shareOutThisWeeksJobs: 'Share out this week’s jobs …',
	changeWhoDoesHowMuch: 'Change what is agreed',
	whoCanLogIn: 'Who can log in',
	addSomebody: 'Add somebody',
	isTodaysCaptain: (name: Shown) => `${name} is today’s captain`,
	choresBeingLearned: 'Chores being learned'
} as const;

export const MOVES_OUT = {
	button: 'Moves out of this home',
	title: (name: Shown) => `Does ${name} move out?`,
	text: (jobs: number, name: Shown) =>
		`${jobs === 0 ? 'No job names them' : jobs === 1 ? 'One job that names them goes to the others' : `${jobs} jobs that name them go to the others`}, and what was given to them this week is shared out again. ${name} cannot open this home any more. What they did stays in History.`,
	yes: (name: Shown) => `${name} moves out`,
	no: (name: Shown) => `${name} stays`
} as const;

export const PEOPLE_MEMBER_PAGE = {
	backToPeople: 'Back to People',
	whatToKnow: 'What to know',
	name: 'Name',
	bornOn: 'Born on',
	hasLearned: 'Has learned',
	learnedHelp: 'What a job asks for stands in its details. Only who has learned it is asked to do that job.',
	bringsAKitOfTheir: 'brings a kit of their own, and has nothing else',
	whatIsInIt: 'What is in it',
	neverGets: 'Is never given',
	doesNotLike: 'Does not like',
	save: 'Save',
	pailRound: (name: Shown) => `${name} · Pail Round`,
	canTakeOfJobs: (role: Shown, count: number, of: number) =>
		of === 0 ? String(role) : `${role}, can take ${count} of ${of} ${of === 1 ? 'job' : 'jobs'}`,
	keepsAwayFrom: (told: Shown) => `Must not use${told}`,
	jobsLeftOutOrDisliked: (told: Shown) => `Jobs left out or disliked${told}`,
	never: (name: Shown) => `${name}: never`,
	doesNotLikeOf: (name: Shown) => `${name}: does not like`,
	whatCannotTakeAndWhy: (name: Shown) => `What ${name} cannot take, and why`
} as const;

export const PEOPLE_FAMILY_PAGE = {
	/** The ways in which several people clean together. */
	ways: [
		{ id: 'share', name: 'Each their own list', says: 'Own jobs, and one end for all.' },
		{
			id: 'room',
			name: 'All together, one room after another',
			says: 'Everybody in one room, then the next.'
		},
		{
			id: 'role',
			name: 'One after another, each one kind of work',
			says: 'One dusts everywhere, another wipes, another vacuums.'
		}
	],
	everyDay: 'every day',
	everyWeek: 'every week',
	whatIsAgreedPailRound: 'What is agreed · Pail Round',
	whatIsAgreed: 'What is agreed',
	backToPeople: 'Back to People',
	whatTheFamilyHasAgreed: 'What the family has agreed',
	howTheWorkIsShared: 'How the work is shared',
	saveWhatIsAgreed: 'Save what is agreed',
	whoIsTodaysCaptain: 'Who is today’s captain',
	askToSwap: 'Ask to swap',
	todaysCaptain: 'Today’s captain',
	theChildrenOfAHome: 'The children of a home take turns.',
	oneChildAtATime: 'One child at a time: a few more duties, and a few choices that go with them.',
	changes: 'A new captain',
	extraChoresALineEach: 'Extra chores, a line each',
	choicesALineEach: 'Choices, a line each',
	save: 'Save',
	choresBeforeTvAndPhone: 'Chores before TV and phone',
	whatWaitsUntilAChilds: 'What waits until a child’s chores are done (empty: nothing)',
	screens: 'screens',
	workingTogether: 'Working together',
	whoeverOrganisesTheHomeCan: 'Whoever organises the home can change this.'
} as const;

export const PEOPLE_LEARNING_PAGE = {
	practiseWithHelp: 'Practise with help',
	aloneThenAnAdultChecks: 'Alone, then an adult checks',
	aloneNoCheck: 'Alone, no check',
	withHelpAgain: 'With help again',
	choresBeingLearnedPailRound: 'Chores being learned · Pail Round',
	choresBeingLearned: 'Chores being learned',
	eachPartIsDoneWith:
		'Each part is done with help first, then alone with an adult’s check, then alone. You say when.',
	backToPeople: 'Back to People',
	lookAtItThenSay: 'Look at it, then say that it is done well, or ask for one thing again.',
	itIsAllRight: 'Yes, it is done well',
	theOneThing: 'What to do again',
	giveThisBack: 'Ask to do this again',
	children: 'Children',
	noChildrenLiveHere: 'No children live here.',
	noJobOfSHas: (name: Shown) =>
		`No job of ${name}’s has parts to learn yet. Add them to a job in House, easiest first.`
} as const;

export const PEOPLE_WEEK_PAGE = {
	nothing: 'nothing',
	morning: 'Morning',
	midday: 'Midday',
	anyTime: 'Any time',
	evening: 'Evening',
	shareOutTheJobsOf: 'Share out the jobs of a week · Pail Round',
	thisWeek: 'This week',
	theWeekAfter: 'The week after',
	shareOutAgain: 'Share these jobs out again',
	shareOutThisWeek: 'Share out this week’s jobs',
	shareOutNextWeek: 'Share out next week’s jobs',
	backToPeople: 'Back to People',
	iWillDoIt: 'I will do it',
	noThanks: 'No, thanks',
	daysOfTheWeek: 'Days of the week',
	past: 'past',
	byHand: 'by hand',
	askToSwapTheySay: 'Ask to swap: they say yes or no',
	inReturn: 'In return',
	ask: 'Ask',
	chooseAJob: 'Choose a job',
	seeWhyItIsThis: 'See why it is this person’s, who else could do it, and why not the others.',
	whatIfSomebodyIsAway: 'What if somebody is away?',
	who: 'Who',
	from: 'From',
	to: 'To',
	tryIt: 'See what would change',
	nothingIsWritten: 'Nothing is written.',
	whoDoesWhat: 'Change who does which jobs',
	alone: 'All of it is for one person: add people under People to share it out.',
	everybodyIsWithin: (givenWords: Shown, minutes: Shown) =>
		`${givenWords} Over four weeks everybody comes within ${minutes} min of what was agreed.`,
	min: (minutes: Shown) => `${minutes} min`,
	minGiven: (given: Shown) => `${given} min this week`,
	withoutNothingWouldMove: (name: Shown) => `Without ${name} nobody else’s jobs would change.`,
	ofSJobs: (jobs: number, name: Shown) => `${jobs} of ${name}’s jobs`,
	wouldGoElsewhere: 'would go to somebody else',
	wouldBeNobodys: (nobody: Shown) => `${nobody} could be done by nobody.`
} as const;
