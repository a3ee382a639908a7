/** What the house answers and tells in house: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const HOUSE_SAYS = {
	noZones: 'no zones',
	hasNoWeek: 'has no week',
	minNeeded: (asked: Shown, held: Shown) => `${asked} min needed, ${held} available`,
	noJobs: (held: Shown) => `no jobs yet, ${held} available`,
	moveTheToZone: (names: Shown, findIndex: Shown) => `Move the ${names} to zone ${findIndex}`,
	move: (slice: Shown, word: Shown) => `Move ${slice}${word}`,
	theyShareTheSamePipes: ' They share the same pipes and caddy.'
} as const;

export const JOB_EDITOR_SAYS = {
	thisJobIsNotIn: 'This job is not in the home any more.',
	whatWasDoneOfIt: 'What was done of it is still in History.',
	lastDone: (date: Shown, word: Shown) => `Last done ${date}${word}`,
	notDoneYet: 'Not done yet',
	youSaidMinItTakes: (minutes: Shown, round: Shown) => `You said ${minutes} min, it takes about ${round} min.`
} as const;

export const KEEPING_SAYS = {
	asItIs: 'As it is',
	asItWouldBe: 'As it would be',
	theWholeHome: 'The whole home',
	allThatFallsDueIs: 'All that falls due is skipped.',
	whatIsThisPersonsAlone: 'What is this person’s alone is skipped; the rest is handed out again.',
	whatFallsDueInThis: 'What falls due in this room is skipped.',
	whatFallsDueOfThis: 'What falls due of this part of the work is skipped.',
	itIsSkippedMeanwhile: 'It is skipped meanwhile.',
	itTakesLongerThanFour: 'It takes longer than four weeks; let some of it go.',
	onAllOfItIs: (clearOn: Shown) => `On ${clearOn} all of it is behind you.`,
	everyDayAbout: (minutes: Shown) => `Every day, about ${minutes} in all.`,
	everyWeekAbout: (minutes: Shown) => `Once a week or every other, about ${minutes} a week.`,
	onTheZonesDays: (minutes: Shown) => `On the days of the zone, about ${minutes} a week.`,
	aFewTimesAYear: (minutes: Shown) => `A few times a year, about ${minutes} a week on average.`,
	notOnYet: 'Not on yet',
	nothingFellDue: (days: Shown) => `Nothing fell due in the last ${days} days`,
	doneOnDays: (done: Shown, asked: Shown, days: Shown) => `Kept up on ${done} of ${asked} ${days}`,
	nothingOfItToCome: 'Nothing of it falls due in the weeks to come.',
	noJobsYet: 'No jobs yet',
	wereNotKeptUp: (jobs: Shown) =>
		`The ${jobs} were not kept up. Nothing is lost by letting them rest for a while.`,
	whatIsOnIsKeptUp: (jobs: Shown) => `What is on is kept up. The ${jobs} may come, when you like.`,
	allPartsOfTheWork: 'All parts of the work are on.',
	aWeekOfTheDaily: 'A week of the daily routine says more than a good intention. Look again in a few days.',
	notYetKeepUp: 'Not yet. Keep up what is on a little longer.'
} as const;
