/** The wording of reasons: who can, who cannot, and why it came to somebody. */
import type { Reason } from '$core/people/assignWeek';
import type { NamedInVain } from '$core/people/namedInVain';
import type { WhyNot } from '$core/people/whoCan';
import { clockText, listNames, numberWord } from './general';

const PARTS = { morning: 'in the morning', midday: 'at midday', evening: 'in the evening' } as const;

export const FAMILY_NAMES: Readonly<Record<string, string>> = {
	bleach: 'bleach',
	acid: 'acids',
	ammonia: 'ammonia',
	alcohol: 'alcohol',
	peroxide: 'oxygen bleach',
	caustic: 'strong alkalis',
	soda: 'baking soda',
	carbonate: 'washing soda',
	surfactant: 'soap',
	quat: 'disinfectants',
	abrasive: 'scouring powder',
	polish: 'polish',
	solvent: 'solvents',
	oil: 'essential oils',
	water: 'water'
};

/** What somebody can be in a home, and what that lets them do. */
export const ROLES = {
	organiser: {
		name: 'organiser',
		says: 'Everything: rooms, jobs, people and settings. Lets people in.'
	},
	adult: {
		name: 'adult',
		says: 'Own and shared jobs. Hands out work, confirms what children did.'
	},
	child: { name: 'child', says: 'Their own list, timer and ticks. No settings.' },
	helper: { name: 'helper', says: 'The jobs given to them, on their days. No settings.' }
} as const;

export const ROLE = {
	title: 'Role in the home',
	label: (name: string) => `${name} is`,
	save: 'Change the role'
} as const;

export const EARLY = {
	title: 'Allowed before the age for it',
	says: 'A tick says that you allow it and show how. It is written down with your name and the day.',
	label: (name: string, from: number, said: string) => `${name} (from ${from})${said ? `: ${said}` : ''}`
} as const;

/** Who allowed something, and when. */
export const confirmedWords = (name: string, day: string): string =>
	`allowed${name ? ` by ${name}` : ''}, ${day}`;

/** How people, and the things that jobs need, are called. */
export interface NamesOf {
	readonly nameOf: (member: string) => string;
	readonly thingOf: (thing: string) => string;
}

/** Why somebody cannot, after their name: "Kit is away". */
export function whyNotText(why: WhyNot, { nameOf, thingOf }: NamesOf): string {
	switch (why.code) {
		case 'not-named':
			return 'is not named for it';
		case 'own-room':
			return `: it is ${listNames(why.owners.map(nameOf))}’s own room`;
		case 'age':
			return why.age === null
				? `has no day of birth here; it is for ${why.needed} and over`
				: `is ${why.age}; it is for ${why.needed} and over`;
		case 'product':
			return `keeps away from ${FAMILY_NAMES[why.family] ?? why.family}`;
		case 'left-out':
			return 'is left out of it';
		case 'skill':
			return `has not learnt “${why.skill}”`;
		case 'kit':
			return `has no ${thingOf(why.thing).toLowerCase()}`;
		case 'away':
			return 'is not at home that day';
		case 'not-then':
			return `is not at home ${PARTS[why.part]}`;
		case 'rung':
			return 'is still learning it';
	}
}

const sentence = (name: string, text: string) =>
	text.startsWith(':') ? `${name}${text}` : `${name} ${text}`;

/** Under the person's own name: the reason alone. */
export const cannotWords = (why: WhyNot, names: NamesOf) => whyNotText(why, names).replace(/^: /, '');

export const cannotText = (name: string, why: WhyNot, names: NamesOf) =>
	sentence(name, whyNotText(why, names));

/** Who is named for jobs that they may not do: one sentence each, of one job with the reason. */
export function namedInVainWords(found: readonly NamedInVain[], names: NamesOf): string[] {
	const people = [...new Set(found.map((one) => one.member.id))];
	return people.map((id) => {
		const of = found.filter((one) => one.member.id === id);
		const [first] = of as [NamedInVain];
		const jobs = of.map((one) => one.job.name);
		return of.length === 1
			? `${first.job.name} names ${first.member.name}, who cannot do it: ${cannotText(first.member.name, first.why, names)}.`
			: `${numberWord(of.length)} jobs name ${first.member.name}, who cannot do them: ${listNames(jobs.length > 5 ? [...jobs.slice(0, 4), `${jobs.length - 4} more`] : jobs)}.`;
	});
}

export function reasonText(reason: Reason, to: string, names: NamesOf): string {
	const { nameOf } = names;
	switch (reason.code) {
		case 'owner':
			return `It is ${to}’s own.`;
		case 'in-turn':
			return reason.before === null
				? 'It goes in turns.'
				: `It goes in turns: ${nameOf(reason.before)} had it before.`;
		case 'only-one':
			return 'Nobody else can take it that day.';
		case 'by-hand':
			return 'It was put there by hand, or swapped.';
		case 'below':
			return `${to} is ${Math.round(reason.minutes)} minutes below the agreed minutes so far.`;
		case 'others-over':
			return `${nameOf(reason.member)} is ${Math.round(reason.minutes)} over the agreed minutes, so not ${nameOf(reason.member)}.`;
		case 'cannot':
			return `${cannotText(nameOf(reason.member), reason.why, names)}.`;
	}
}

/** Why somebody has more than agreed: minutes that no sharing out could move; null where there are none. */
export function againstWords(name: string, own: number, turns: number, byHand: number): string | null {
	const parts = [
		own > 0 ? `${own} min are theirs alone` : '',
		turns > 0 ? `${turns} min go in turns among those who are named` : '',
		byHand > 0 ? `${byHand} min were put there by hand` : ''
	].filter(Boolean);
	return parts.length === 0 ? null : `${name} has more than agreed: this week ${listNames(parts)}.`;
}

const BARRED: Readonly<Record<WhyNot['code'], string>> = {
	'not-named': 'are for others by name',
	'own-room': 'are in somebody else’s own room',
	age: 'are for older people',
	product: 'need a product that they keep away from',
	'left-out': 'are jobs that they are left out of',
	skill: 'need something learnt first',
	kit: 'need something that they do not have',
	away: 'fall on days when they are away',
	'not-then': 'fall when they are not at home',
	rung: 'are jobs that they are still learning'
};

/** Why somebody has less than agreed: the two reasons that bar them from most minutes; null where none does. */
export function barredWords(
	name: string,
	reasons: readonly { readonly code: WhyNot['code']; readonly minutes: number }[]
): string | null {
	const parts = reasons.slice(0, 2).map(({ code, minutes }) => `${minutes} min ${BARRED[code]}`);
	return parts.length === 0 ? null : `${name} has less than agreed: this week ${listNames(parts)}.`;
}

/** A call for help: nothing is promised before somebody has pressed. */
export const CALL = {
	help: 'Call for help',
	called: 'Called. Nobody has answered yet.',
	notNeeded: 'I do not need help any more'
} as const;

/** Learning a job in steps. */
export const LEARNING = {
	can: 'Can do this already',
	canAll: 'Can do all of these already',
	canAllLine: 'Then these jobs are theirs at once; single ones can be taken back below.',
	canSaid: 'Written down: alone, no check.',
	withGrownUp: 'a grown-up'
} as const;

/** Somebody asks to swap a turn. */
export const swapText = (from: string, job: string, day: string) =>
	`${from} asks: will you take ${job || 'a job'} ${day}?`;

export const SWAP_ANSWER = { yes: 'Yes, I take it', no: 'No' } as const;

/** A week without a job to share out. */
export const WEEK = {
	empty: 'No jobs fall in this week',
	emptyLine: 'Each person’s jobs stand here, day by day, as evenly as was agreed.',
	addJobs: 'Add jobs from the library'
} as const;

export const RAIL = {
	nothingYet: 'Nothing done yet.',
	stillToDo: (minutes: number) => `${minutes} min still to do this week`
} as const;

/** "00:00-07:30, 16:45-24:00" as "until 07:30, from 16:45"; empty for no hours. */
export function hoursWords(spans: string, clock: '24h' | '12h'): string {
	const told = [...spans.matchAll(/(\d\d:\d\d)-(\d\d:\d\d)/g)].map(([, from = '', to = '']) => {
		const [begins, ends] = [from === '00:00', to === '24:00'];
		if (begins && ends) return HOURS.allDay;
		if (begins) return `until ${clockText(to, clock)}`;
		return ends ? `from ${clockText(from, clock)}` : `${clockText(from, clock)} to ${clockText(to, clock)}`;
	});
	return told.join(', ');
}

/** When somebody is at home, and when they look after it. */
export const HOURS = {
	title: 'At home',
	always: 'all day, every day',
	here: 'Here',
	looks: 'Looks after the home',
	allDay: 'all day',
	gone: 'away',
	no: 'no',
	from: (what: string) => `${what}, from`,
	until: (what: string) => `${what}, until`,
	to: 'to',
	change: 'Change',
	changeOf: (what: string) => `Change the hours: ${what}`,
	/** The days that a row is for, of as many as a week has. */
	days: (names: readonly string[], all: number) => {
		const [first = '', last = ''] = [names[0], names.at(-1)];
		if (names.length === all) return 'Every day';
		if (names.length === 1) return first;
		return names.length === 2 ? `${first} and ${last}` : `${first} to ${last}`;
	},
	apart: 'Say it for each day',
	copy: 'Same from Monday to Friday',
	add: 'Add more hours',
	addTo: (what: string) => `Add hours: ${what}`,
	remove: (what: string) => `Take these hours away: ${what}`,
	hereOn: (day: string) => `${day}, here`,
	looksOn: (day: string) => `${day}, looks after the home`,
	away: 'Away for longer, such as school terms',
	first: 'First day away',
	last: 'Last day away',
	why: 'Why',
	addAway: 'Add days away',
	removeAway: 'Take these days away',
	save: 'Save the days'
} as const;
