/** Changes of the home in words. */
import type { HomeChange } from '$core/setup/homeChanges';
import { listNames, plural } from './general';

export const CHANGES = {
	title: 'Last changes of this home',
	lead: 'Newest first. Undo puts everything that one change touched back as it was; what was done stays in History.',
	none: 'Nothing was changed since this home began.',
	noneLine:
		'What is changed in rooms, zones, jobs and people stands here from then on, each with its way back.',
	undo: 'Undo this change',
	back: 'Back to House',
	undone: 'Undone. The home is as it was before that change.',
	gone: 'That change is too long ago to be undone here.',
	nothing: 'That change did nothing that could be undone.',
	since: (names: readonly string[]) =>
		`${listNames(names)} ${plural(names.length, 'was', 'were')} changed again since. Undo the later ${plural(names.length, 'change', 'changes')} first.`
} as const;

const KINDS: Readonly<Record<HomeChange['list'], string>> = {
	zones: 'zone',
	rooms: 'room',
	members: 'person',
	pets: 'animal',
	jobs: 'job',
	household: 'setting'
};

const FIELDS: Readonly<Record<string, string>> = {
	cadence: 'how often',
	missRule: 'what happens if missed',
	who: 'who does it',
	depths: 'minutes and steps',
	parts: 'when in the day',
	leadDays: 'how early',
	season: 'the months',
	variants: 'the list it alternates through',
	room: 'the room',
	name: 'the name',
	layer: 'the part of the plan',
	weight: 'how much it matters',
	list: 'the order of its jobs',
	zone: 'the zone',
	kind: 'the kind',
	storey: 'the floor',
	home: 'the days at home',
	role: 'who it is'
};

const SETTINGS: Readonly<Record<string, string>> = {
	name: 'the name of the home',
	clock: 'the clock',
	weekStart: 'the first day of the week',
	parts: 'the hours of the day',
	rhythm: 'the cleaning days and house rules',
	family: 'what the family has agreed',
	layers: 'which parts of the plan are on',
	minutesADay: 'the minutes a day'
};

/** "Added the job Polish the lamps", "Changed how often: Bins to the gate" */
export function changeText({ list, id, name, what, fields }: HomeChange): string {
	if (list === 'household') return `Changed ${SETTINGS[id] ?? 'a setting of the home'}`;
	if (what === 'added') return `Added the ${KINDS[list]} ${name}`;
	if (what === 'removed') return `Removed the ${KINDS[list]} ${name}`;
	const known = [...new Set(fields.flatMap((field) => FIELDS[field] ?? []))];
	return known.length === 0 ? `Changed details of ${name}` : `Changed ${listNames(known)}: ${name}`;
}

/** A change of many things in a few lines: the first ones, and how many more. */
export function changeTexts(changes: readonly HomeChange[], most = 4): string[] {
	const texts = changes.map(changeText);
	return texts.length <= most
		? texts
		: [
				...texts.slice(0, most),
				`and ${texts.length - most} more ${plural(texts.length - most, 'change', 'changes')}`
			];
}
