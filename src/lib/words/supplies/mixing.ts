/** The mixing table and the label of a mix. */
import type { InMeasures } from '$core/cupboard/dilution';
import { listNames, lowerNumber } from '../general';
import { writing } from '../writing';
import { amountWords, measuresWords, metricWords } from './amounts';

export const MIXING = {
	title: 'Mixing table',
	lead: 'How much of what, for the bottle or bucket that you have.',
	volume: 'How much do you want?',
	other: () => `Another amount, in ${writing().units === 'cups' ? 'cups' : 'ml'}`,
	recipes: {
		floor: { name: 'Floor water', of: 'dish liquid', water: 'hot water', into: 'a bucket' },
		dusting: { name: 'Dusting water', of: 'dish liquid', water: 'warm water', into: 'a bottle' },
		glass: { name: 'Glass water', of: 'spirit', water: 'cold water', into: 'a bottle' },
		limescale: { name: 'Vinegar and water', of: 'vinegar', water: 'cold water', into: 'a bottle' },
		soda: { name: 'Soda water for wiping', of: 'baking soda', water: 'warm water', into: 'a bowl' }
	} as Readonly<Record<string, { name: string; of: string; water: string; into: string }>>,
	bleach: 'Bleach and water',
	bleachOf: 'bleach',
	bleachLead:
		'Into cold water, in a well aired room, gloves on. Never into a bottle that held something else.',
	strength: 'Strength on the bottle, in percent',
	target: 'What for',
	targets: {
		food: 'Where food is prepared, rinsed after (200 ppm)',
		hard: 'Hard surfaces (500 ppm)',
		toilet: 'The toilet, after illness (1000 ppm)',
		worst: 'Only the worst, by the label (5000 ppm)'
	},
	off: (percent: number) =>
		Math.abs(percent) < 0.5
			? 'exact with level spoons'
			: `with level spoons ${Math.abs(percent).toFixed(0)} % ${percent > 0 ? 'more' : 'less'}`,
	wrong: {
		'no-strength': 'The strength is more than 0 % and at most 100 %. Look on the label.',
		'no-target': 'Choose what it is for.',
		'no-volume': 'Say how much you want, as a number.',
		'too-strong': 'The bottle is not as strong as that. Choose a weaker mix.'
	},
	tooMuch: 'At most 20 litres (83 cups) are mixed at once.',
	strong:
		'Stronger than 1000 ppm: only for the worst, by the label. Gloves, window open, nobody else in the room.',
	/** What is measured stands first as the home measures, then the other way. */
	pour: (what: string, ml: number, measures: InMeasures) =>
		writing().units === 'cups'
			? `${measuresWords(measures)} of ${what} (${metricWords(ml)})`
			: `${metricWords(ml)} of ${what} (${measuresWords(measures)})`,
	to: (water: string, ml: number) => `${amountWords(ml)} of ${water}`,
	keeps: (days: number) =>
		days === 1
			? 'Fresh each time; throw the rest away.'
			: days > 60
				? `Keeps ${lowerNumber(Math.round(days / 30))} months.`
				: `Keeps ${days} days.`,
	notOn: (names: readonly string[]) =>
		names.length === 0 ? 'Right on everything, damp.' : `Not on ${listNames(names, 'or')}.`,
	neverWith: (names: readonly string[]) =>
		names.length === 0 ? '' : `Never with ${listNames(names, 'or')}.`,
	everySize: 'In other sizes',
	keep: 'Keep a bottle of it',
	kept: 'Bottles that stand ready',
	noneKept: 'None. What you keep here stands with what is in it, and until when it is good.',
	goodUntil: (day: string) => `good until ${day}`,
	over: (day: string) => `was good until ${day}: pour it away`,
	label: 'Print its label',
	gone: 'It is empty',
	mixedOn: (day: string) => `mixed ${day}`,
	neverDrink: 'Not to drink. Keep away from children.'
} as const;
