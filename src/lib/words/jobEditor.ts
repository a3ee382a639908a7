/** Every label of the editor of a job. */
import { SAME_USES } from '$core/setup/jobForm';
import type { CivilDay } from '$core/calendar/civil';
import type { Household, Job } from '$core/household/home';
import { listNames, longDate, WEEKDAYS } from './general';
import { FAMILY_WORDS, SURFACE_SHORT } from './supplies/products';

export const EDITOR = {
	stepWith: 'With',
	stepOn: 'On',
	stepRinse: 'How wet is it?',
	called: 'A job called',
	name: 'Name of the job',
	room: 'Room',
	comes: 'It comes',
	by: 'by',
	for: 'for',
	minutes: 'minutes',
	often: 'How often',
	whenInDay: 'When in the day',
	whoDoes: 'Who does it',
	howLong: 'How many minutes it usually takes',
	nextSix: 'The next six times',
	struck: 'The struck ones no longer come.',
	ifLast: 'If each is done on its last day.',
	noDatesYet: 'None yet.',
	noDate: 'This gives no date within three years.',
	onCallDates: 'It comes only when somebody asks for it.',
	more: 'More options',
	moreLine: 'How thorough, if missed, in which months, alternating, how early',
	all: 'All details',
	allLine: 'Steps, soaking times, products, how to teach it, what to check at the end',
	copyTo: 'The same job in another room',
	copy: 'Copy it there',
	lastDone: 'Last done about',
	saveDate: 'Save this date',
	remove: 'Remove this job …',
	removeTitle: 'Remove this job?',
	removeText: 'It does not come any more. What was done of it stays in History.',
	removeYes: 'Remove this job',
	changedMeanwhile:
		'Somebody changed this job meanwhile. Save writes yours over theirs; Discard my changes shows theirs.',
	holds: 'Holds from today.',
	/** Which of its times is another one by what is changed. */
	moves: (from: CivilDay, to: CivilDay) => `The one of ${longDate(from)} moves to ${longDate(to)}.`,
	discard: 'Discard my changes',
	save: 'Save',
	add: 'Add this job',
	thorough: 'How thorough, in minutes',
	quick: 'Quick',
	usual: 'Usual',
	deep: 'Deep',
	hasDepth: (word: string) => `It has a ${word.toLowerCase()} way`,
	deepEvery: 'Deep every so many times',
	deepEveryHelp:
		'Every fourth time, say, the deep way is planned instead of the usual one. 0: never by itself.',
	missed: 'If missed',
	allYear: 'In some months only',
	season: 'In these months',
	alternates: 'Each time the next of a list',
	variants: 'The list, one a line, at least two',
	early: 'Can be done so many days early',
	weekdays: 'On these days',
	months: 'In these months',
	everyWeeks: 'Every how many weeks',
	timesAWeek: 'Times a week',
	everyMonths: 'Every how many months',
	dayOfMonth: 'Day of the month',
	byDay: 'On a day of the month',
	byWeekday: 'On a weekday of the month',
	nth: 'Which one',
	weekday: 'Weekday',
	week: 'Week of the month',
	onceOn: 'On which day',
	atLeast: 'At least so many days after it was last done',
	atMost: 'At most',
	zoneEvery: 'How often with its zone',
	partsHelp: 'Several: once in each. None: any time of the day.',
	partHelp: 'One, or none: any time of the day.',
	whoMay: 'Who may do it',
	turnsEvery: 'They change',
	matters: 'How much it matters',
	mattersHelp: '1: nice to have. 5: health, such as food surfaces and toilets.',
	layer: 'Part of the plan',
	firstDay: 'First day',
	note: 'Note for whoever does it',
	things: 'What it needs from the cupboard',
	needs: 'What else it needs, with commas',
	skill: 'What one must have learned',
	fromAge: 'From which age (0: any)',
	aloneFrom: 'Usually done alone from age (0: not said)',
	aloneFromHelp: 'From this age on it is theirs at once; younger ones do it with somebody.',
	order: 'Its place in the order of things',
	orderHelp: 'A session keeps to it: the hood before the hob, the sink last, the bins after the vacuuming.',
	shows: 'How much of it visitors see',
	showsHelp: 'Before visitors, what shows comes first.',
	errand: 'It is an errand, done out of the house',
	core: 'A week is no week without it',
	coreHelp: 'Where the minutes do not hold all the work, it is the last to be left for later.',
	wholeHouse: 'It runs through the whole house',
	wholeHouseHelp: 'It is part of the weekly round, whatever its room.',
	stepTakes: 'It takes the',
	stepTools: (i: number) => `Step ${i} is done with`,
	rungs: 'Parts to learn, easiest first, a line each',
	checks: 'What to check at the end, a line each',
	noisy: 'It is noisy',
	hidden: 'It is planning, shopping or bills',
	covers: 'Doing it also does',
	steps: (word: string) => `${word}: its steps`,
	step: (n: number) => `Step ${n}`,
	stepMinutes: (n: number) => `Minutes of step ${n}`,
	stepKind: (n: number) => `Kind of step ${n}`,
	stepWait: (n: number) => `What runs or soaks after step ${n}`,
	stepLeast: (n: number) => `At least, minutes, after step ${n}`,
	stepMost: (n: number) => `At most, minutes, after step ${n}`,
	addStep: 'Add a step',
	removeStep: (n: number) => `Remove step ${n}`
} as const;

export const OFTEN_TYPES = [
	{ value: 'daily', label: 'on days of the week' },
	{ value: 'weekly', label: 'every so many weeks' },
	{ value: 'timesAWeek', label: 'so many times a week' },
	{ value: 'monthly', label: 'on a day of every month' },
	{ value: 'nth', label: 'on a weekday of every month' },
	{ value: 'everyMonths', label: 'every so many months' },
	{ value: 'leaf', label: 'in a week of every month' },
	{ value: 'months', label: 'in certain months of the year' },
	{ value: 'afterDone', label: 'so many days after it was last done' },
	{ value: 'zone', label: 'each time its zone has its week' },
	{ value: 'once', label: 'once, on one day' },
	{ value: 'onCall', label: 'only when somebody asks for it' }
] as const;

export const NTH = [
	{ value: '1', label: 'first' },
	{ value: '2', label: 'second' },
	{ value: '3', label: 'third' },
	{ value: '4', label: 'fourth' },
	{ value: '-1', label: 'last' }
] as const;

export const WHO_MODES = [
	{ value: 'shared', label: 'shared out fairly' },
	{ value: 'fixed', label: 'always one person' },
	{ value: 'turns', label: 'they take turns' },
	{ value: 'free', label: 'whoever comes first' }
] as const;

/** Places in the order of a kitchen and of a house. */
export const ORDER_PLACES = [
	{ value: 'above-hob', label: 'above the hob' },
	{ value: 'hob', label: 'the hob' },
	{ value: 'dishes', label: 'the dishes' },
	{ value: 'sink', label: 'the sink' },
	{ value: 'powder', label: 'powder on carpets' },
	{ value: 'vacuum', label: 'vacuuming' },
	{ value: 'bins-out', label: 'bins out' },
	{ value: 'cloths', label: 'cloths into the wash' }
] as const;

const SHOWS = [
	{ value: '1', label: 'all of it' },
	{ value: '0.6', label: 'most of it' },
	{ value: '0.3', label: 'a little' },
	{ value: '0.1', label: 'hardly anything' },
	{ value: '0', label: 'nothing' }
];

/** How much visitors see, with what a job says now among it. */
export const showsOptions = (now: string) =>
	SHOWS.some((one) => one.value === now)
		? SHOWS
		: [...SHOWS, { value: now, label: `${Math.round(Number(now) * 100)} % of it` }];

const APPLIANCES = [
	{ value: '', label: 'nothing' },
	{ value: 'vacuum', label: 'vacuum' },
	{ value: 'mop', label: 'mop' },
	{ value: 'washer', label: 'washing machine' },
	{ value: 'dryer', label: 'dryer' },
	{ value: 'iron', label: 'iron' },
	{ value: 'hob', label: 'hob' },
	{ value: 'oven', label: 'oven' },
	{ value: 'ladder', label: 'ladder' }
];

/** "washing machine" */
export const applianceName = (id: string) => APPLIANCES.find((one) => one.value === id)?.label ?? id;

/** What only one step can have at a time, with what a step names now among it. */
export const appliancesFor = (now: string) =>
	APPLIANCES.some((one) => one.value === now) ? APPLIANCES : [...APPLIANCES, { value: now, label: now }];

/** What may be used in a step: the products of the home, then kinds; what it is now is always among them. */
export function usesFor(
	products: readonly { readonly id: string; readonly name: string; readonly families: readonly string[] }[],
	now: string
): { value: string; label: string; group?: string }[] {
	const own = products.map((one) => ({
		value: `${one.id}|${one.families.join(',')}`,
		label: one.name,
		group: 'In the cupboard'
	}));
	const kinds = Object.entries(FAMILY_WORDS).map(([family, label]) => ({
		value: `|${family}`,
		label,
		group: 'Kinds'
	}));
	const all = [{ value: '', label: 'nothing' }, ...own, ...kinds];
	if (all.some((one) => one.value === now)) return all;
	const label =
		now === SAME_USES
			? 'as it is: several things'
			: (now.split('|')[1] ?? '')
					.split(',')
					.map((family) => FAMILY_WORDS[family as keyof typeof FAMILY_WORDS] ?? family)
					.join(', ');
	return [...all, { value: now, label }];
}

/** What it is used on. */
export function surfacesFor(now: string): { value: string; label: string }[] {
	const all = [
		{ value: '', label: 'not said' },
		...Object.entries(SURFACE_SHORT).map(([value, label]) => ({ value, label }))
	];
	return all.some((one) => one.value === now) ? all : [...all, { value: now, label: now }];
}

export const RINSES = [
	{ value: '', label: 'damp' },
	{ value: 'wet', label: 'with much water' }
] as const;
export const RINSE = { value: 'rinse', label: 'rinsed off with plenty of water' } as const;

export const TURNS_EVERY = [
	{ value: 'time', label: 'each time' },
	{ value: 'day', label: 'each day' },
	{ value: 'week', label: 'each week' }
] as const;

export const LAYERS = [
	{ value: 'basics', label: 'Daily routine' },
	{ value: 'weekly', label: 'Weekly' },
	{ value: 'zone', label: 'Zone jobs' },
	{ value: 'long', label: 'Monthly and yearly jobs' }
] as const;

export const STEP_KINDS = [
	'start, then wait',
	'clear',
	'dust',
	'wipe',
	'polish',
	'toilet, drains',
	'floor, dry',
	'floor, wet',
	'put back'
] as const;

export const shortDays = WEEKDAYS.map((long, i) => ({ value: String(i + 1), label: long.slice(0, 3), long }));

/** "any time of the day", "in the morning and evening" */
export const partsText = (parts: readonly string[]) =>
	parts.length === 0 ? 'any time of the day' : `in the ${listNames(parts)}`;

/** "Ottilie and Bram in turns", "shared out fairly" */
export function whoDoesText(mode: Job['who']['mode'], names: readonly string[]): string {
	if (names.length === 0) {
		if (mode === 'free') return 'whoever comes first';
		return mode === 'turns' ? 'everybody in turns' : 'shared out fairly';
	}
	if (mode === 'turns') return `${listNames(names)} in turns`;
	if (mode !== 'fixed') return names.length === 1 ? listNames(names) : `${listNames(names)}, shared`;
	return listNames(names.slice(0, 1));
}

/** What can happen to one that is missed, by what the home has. */
export function missOptions(household: Household) {
	const catchUp = household.rhythm.catchUpDays.map((day) => WEEKDAYS[day - 1]).join(' or ');
	return [
		{ value: 'stays', label: 'keep it until it is done' },
		{
			value: 'catchup',
			label: catchUp
				? `keep it until ${catchUp}, then skip it`
				: 'keep it until the catch-up day (there is none yet)'
		},
		{ value: 'letgo', label: 'skip it until next time' }
	];
}

/** What the home says of a weekday: "Sunday is free in your home; Saturday catches up." */
export function daysOfHome(household: Household): string {
	const names = (days: readonly number[]) => listNames(days.map((day) => WEEKDAYS[day - 1] as string));
	const { freeDays, catchUpDays } = household.rhythm;
	return [
		freeDays.length > 0 ? `${names(freeDays)} ${freeDays.length === 1 ? 'is' : 'are'} free in your home` : '',
		catchUpDays.length > 0
			? `${names(catchUpDays)} ${catchUpDays.length === 1 ? 'is' : 'are'} for catching up`
			: ''
	]
		.filter(Boolean)
		.join('; ');
}
