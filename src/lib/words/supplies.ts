/** The words of the cupboard: products, what is asked of them, kits, mixes, the list to buy. */
import type { Answer, HelpWith, Reason } from '$core/cupboard/ask';
import type { Care } from '$core/cupboard/care';
import type { Pet } from '$core/cupboard/cautions';
import { inMeasures, MEASURES, type InMeasures } from '$core/cupboard/dilution';
import type { Contents, Description, Family } from '$core/cupboard/products';
import type { Level } from '$core/cupboard/shopping';
import { lowerNumber, plural } from './general';
import { writing } from './writing';

export const SUPPLIES = {
	title: 'Supplies',
	heading: 'The cupboard',
	products: (n: number) => (n === 0 ? 'Nothing on the shelf yet' : `${n} ${plural(n, 'product')}`),
	add: 'Add products',
	addTitle: 'What stands in your cupboard?',
	addLead: 'Press what you have. You can say more about each of them later.',
	addThese: (n: number) => (n === 0 ? 'Choose some' : `Add ${lowerNumber(n)}`),
	own: 'Something else',
	name: 'Name',
	nameHint: 'as it says on the front',
	whatIsIt: 'What is it?',
	whatHelp: 'More than one may fit. If nobody knows, it counts as the strictest that it could be.',
	vessel: 'Looks like',
	place: 'Stands where',
	placeHint: 'under the sink',
	locked: 'Locked away from children',
	opened: 'Opened on',
	bestBefore: 'Good until',
	strength: 'Strength on the bottle, in percent',
	strengthHelp: 'Only for bleach, to mix it right.',
	keep: 'Keep it',
	change: 'Change it',
	more: 'More about it',
	remove: 'Remove it',
	removeAsk: (name: string) => `Remove ${name} from the cupboard?`,
	level: 'How much is there?',
	kits: 'Kits',
	kitsNone: 'A kit is what you carry to the work: a caddy for the kitchen, one for the bathroom.',
	allKits: 'Kits and tools',
	toBuy: 'To buy',
	nothingToBuy: 'Nothing is low or out.',
	openList: 'Open the list',
	mix: 'Mix something',
	mixLead: 'Floor water, glass water, bleach for a surface: how much of what, for the bottle you have.',
	openMix: 'Open the mixing table',
	openDoor: 'Print the door sheet',
	labelFirst: 'The label comes first, and so do the rules and the licensed trades where you live.',
	labelShort: 'The label comes first.',
	// A number that is called stays on one line.
	poison: (number: string) => `Poison information: ${number.replaceAll(' ', '\u00a0')}`,
	emptyTitle: 'Nothing on the shelf yet',
	emptyLead:
		'Here you can ask before you use something: may I use this on that, after that, with the child beside me?',
	goodOn: 'Good on',
	notOn: 'Not on',
	briefly: 'Briefly',
	brieflyWords: (surfaces: string) => `${surfaces}: ten minutes, then rinse`,
	who: 'Who',
	wear: 'Take care',
	usedFor: 'Used for',
	stands: 'Stands',
	until: 'Good until',
	nobodyElse: 'everybody',
	stood: 'Opened',
	mistake: 'This was not understood. Reload the page and try again.'
} as const;

/** A family as one word of a product's line. */
export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
	bleach: 'bleach',
	acid: 'acid',
	ammonia: 'ammonia',
	alcohol: 'alcohol',
	peroxide: 'oxygen bleach',
	caustic: 'strong alkali',
	soda: 'baking soda',
	carbonate: 'washing soda',
	surfactant: 'soap',
	quat: 'disinfectant',
	abrasive: 'abrasive',
	polish: 'polish',
	solvent: 'solvent',
	oil: 'scented oil',
	water: 'water'
};

export const DESCRIPTION_WORDS: Readonly<Record<Description, string>> = {
	soap: 'Soap, washing-up, all-purpose',
	limescale: 'Against limescale, vinegar',
	chlorine: 'Bleach, chlorine',
	glass: 'For glass, kind not known',
	spirit: 'Spirit, alcohol',
	ammonia: 'Ammonia',
	stains: 'Oxygen, for stains',
	drains: 'For drains or ovens',
	germs: 'Against germs, kind not known',
	quat: 'Disinfectant without alcohol or chlorine',
	scouring: 'Scouring powder or cream',
	bakingSoda: 'Baking soda',
	washingSoda: 'Washing soda',
	polish: 'Polish, wax',
	solvent: 'Spray can, white spirit',
	scent: 'Scented oil',
	water: 'Water alone',
	notSure: 'Not sure'
};

export const VESSEL_WORDS = {
	spray: 'Spray',
	bottle: 'Bottle',
	jug: 'Jug',
	jar: 'Jar',
	tin: 'Tin',
	tub: 'Tub'
} as const;

export const STARTER_NAMES: Readonly<Record<string, string>> = {
	'dish-liquid': 'Dish liquid',
	'all-purpose-spray': 'All-purpose spray',
	'floor-soap': 'Floor soap',
	'hand-soap': 'Hand soap',
	'wash-powder': 'Wash powder',
	'wool-wash': 'Wool wash',
	'bath-spray': 'Bathroom spray',
	'glass-spray': 'Glass spray',
	vinegar: 'Vinegar',
	'citric-acid': 'Citric acid',
	'limescale-remover': 'Limescale remover',
	'toilet-cleaner': 'Toilet cleaner',
	'thin-bleach': 'Thin bleach',
	'chlorine-tablets': 'Chlorine tablets',
	'oxygen-bleach': 'Oxygen bleach',
	'disinfectant-spray': 'Disinfectant spray',
	'surgical-spirit': 'Surgical spirit',
	ammonia: 'Ammonia',
	'drain-opener': 'Drain opener',
	'oven-cleaner': 'Oven cleaner',
	'scouring-cream': 'Scouring cream',
	'baking-soda': 'Baking soda',
	'washing-soda': 'Washing soda',
	'wood-polish': 'Wood polish',
	'white-spirit': 'White spirit',
	'scented-oil': 'Scented oil'
};

export const LEVEL_WORDS: Readonly<Record<Level, string>> = { plenty: 'plenty', low: 'low', out: 'out' };

/** What a surface is called in a sentence. */
export const SURFACE_WORDS: Readonly<Record<string, string>> = {
	paint: 'washable paint',
	glass: 'glass',
	tile: 'tiles',
	grout: 'grout, the joints of tiles',
	stone: 'stone',
	steel: 'stainless steel',
	aluminium: 'aluminium',
	plated: 'brass or plated taps',
	enamel: 'enamel',
	hob: 'a glass hob',
	wood: 'wood',
	laminate: 'laminate or parquet',
	screen: 'screens',
	wool: 'wool or silk',
	matt: 'matt paint',
	plastic: 'plastic'
};

/** The same, as short as a list of surfaces wants it. */
export const SURFACE_SHORT: Readonly<Record<string, string>> = {
	...SURFACE_WORDS,
	grout: 'grout',
	plated: 'brass taps',
	hob: 'glass hobs',
	laminate: 'laminate',
	wool: 'wool',
	tile: 'tiles',
	paint: 'paint'
};

/** "a, b and c" or "a, b or c". */
export function joined(names: readonly string[], word: 'and' | 'or' = 'and'): string {
	if (names.length < 2) return names[0] ?? '';
	return `${names.slice(0, -1).join(', ')} ${word} ${names[names.length - 1]}`;
}

const capital = (text: string) => text.slice(0, 1).toUpperCase() + text.slice(1);

/** What is in a product, on one line. */
export function contentsWords({ families, perhaps }: Contents): string {
	if (perhaps.length > 8) return 'not sure what';
	const known = families.map((family) => FAMILY_WORDS[family]).join(', ');
	const maybe = joined(
		perhaps.map((family) => FAMILY_WORDS[family]),
		'or'
	);
	if (!maybe) return known;
	return known ? `${known}, perhaps ${maybe}` : maybe;
}

const PET_WORDS: Readonly<Record<Pet, string>> = {
	cat: 'the cat',
	dog: 'the dog',
	bird: 'the birds',
	small: 'the small animals',
	fish: 'the fish'
};

/** A kit as it is taken along: its letter first, as it stands on it. */
export const kitWords = (letter: string, name: string): string => `kit ${letter} (${name})`;

/** A tool that a job would carry out of its room. */
export const boundWords = (tool: string, room: string): string =>
	`${tool} stays in ${room}: take another one for this job.`;

/** What a job needs and is out, with what would do instead. */
export const missingWords = (name: string, instead: readonly string[]): string =>
	instead.length > 0 ? `${name} is out. ${joined(instead, 'or')} will do.` : `${name} is out.`;

/** What comes of two that meet, in a few words. */
export function meetWords(families: readonly Family[], other: readonly Family[]): string {
	const both = (a: Family, b: Family) =>
		(families.includes(a) && other.includes(b)) || (families.includes(b) && other.includes(a));
	if (both('bleach', 'acid')) return 'Poisonous gas.';
	if (both('bleach', 'ammonia')) return 'Poisonous fumes.';
	if (both('caustic', 'acid') || both('caustic', 'caustic')) return 'It heats up and spits.';
	if (both('caustic', 'bleach') || both('caustic', 'ammonia')) return 'Heat and gases.';
	if (both('bleach', 'alcohol')) return 'Harmful fumes.';
	if (both('bleach', 'peroxide')) return 'It reacts violently.';
	if (both('peroxide', 'acid')) return 'It burns skin and eyes.';
	return 'It is dangerous.';
}

/** A care as a line: what, and why or how. */
export const careLine = (care: Care) => ({ ...careWords(care), ofProduct: true });

function careWords(care: Care): { headline: string; text: string; grave: boolean } {
	switch (care.code) {
		case 'alone':
			return {
				headline: 'Do not use it.',
				text: 'What is in it must never meet. Leave it shut, and ask where to hand it in.',
				grave: true
			};
		case 'not-on':
			return {
				headline: `Not on ${SURFACE_WORDS[care.surface] ?? 'this'}.`,
				text: `It does not bear ${joined(
					care.families.map((family) => FAMILY_WORDS[family]),
					'or'
				)}.`,
				grave: true
			};
		case 'never-with':
			return {
				headline: `Never with ${joined(
					care.families.map((family) => FAMILY_WORDS[family]),
					'or'
				)}.`,
				text: `${meetWords(care.of, care.families)} Rinse with plenty of water between.`,
				grave: true
			};
		case 'briefly':
			return {
				headline: `${capital(lowerNumber(care.minutes))} minutes at most, then rinse.`,
				text: '',
				grave: false
			};
		case 'gloves':
			return { headline: 'Gloves on.', text: '', grave: false };
		case 'eyes':
			return { headline: 'Cover your eyes.', text: '', grave: false };
		case 'air':
			return { headline: 'Open the window.', text: '', grave: false };
		case 'cold-water':
			return {
				headline: 'Cold water only.',
				text: 'Mixed fresh, and thrown away after a day.',
				grave: false
			};
		case 'flame':
			return { headline: 'No flame near it.', text: '', grave: false };
		case 'slippery':
			return { headline: 'Slippery.', text: 'Not where people walk.', grave: false };
		case 'adult-near':
			return { headline: 'With an adult near.', text: '', grave: false };
		case 'pets':
			return {
				headline: `Keep ${joined(care.pets.map((pet) => PET_WORDS[pet]))} out of the room.`,
				text: care.pets.includes('fish') ? 'Cover the tank.' : '',
				grave: false
			};
		case 'wet-floor':
			return {
				headline: 'Wet floor.',
				text: `Nobody walks on it until it is dry${care.pets.length > 0 ? `, nor ${joined(care.pets.map((pet) => PET_WORDS[pet]))}` : ''}.`,
				grave: false
			};
	}
}

function reasonWords(
	reason: Reason,
	surface: string | undefined,
	product: Contents,
	forLong: boolean
): string {
	switch (reason.code) {
		case 'alone':
			return 'What is in it must never meet: do not use it at all.';
		case 'meets':
			return reason.level === 'danger'
				? `${capital(
						joined(
							reason.with.map((family) => FAMILY_WORDS[family]),
							'or'
						)
					)} is still there. ${meetWords([...product.families, ...product.perhaps], reason.with)}`
				: reason.level === 'caution'
					? 'The two together are unpredictable, and lose their effect.'
					: reason.with.includes('quat') || reason.with.includes('surfactant')
						? 'Soap stops a disinfectant from working: wash, rinse, then disinfect.'
						: 'The two fizz, and both are used up.';
		case 'surface':
			return `${capital(SURFACE_WORDS[surface ?? ''] ?? 'It')} ${/s$|es$/.test(SURFACE_WORDS[surface ?? ''] ?? '') ? 'do' : 'does'} not bear ${joined(
				reason.families.map((family) => FAMILY_WORDS[family]),
				'or'
			)}${forLong ? ' for long' : ''}.`;
		case 'age':
			return `It is for ${reason.from} and over.`;
		case 'exclusion':
			return `Keeps away from ${FAMILY_WORDS[reason.family]}.`;
		case 'pets':
			return 'Keep pets away until it is dry.';
	}
}

function helpWords(help: HelpWith, isSurface: boolean): string {
	switch (help.code) {
		case 'rinse-between':
			return 'Rinse with plenty of water first.';
		case 'briefly':
			return `${capital(lowerNumber(help.minutes))} minutes at most, then rinse.`;
		case 'somebody-else':
			return help.from === null ? 'Somebody else may.' : `Somebody of ${help.from} or over may.`;
		case 'instead':
			return help.family === 'water'
				? `Take ${isSurface ? 'a damp cloth' : 'water'}.`
				: `Take ${FAMILY_WORDS[help.family]} instead.`;
	}
}

export interface AnswerWords {
	readonly short: string;
	readonly why: readonly string[];
	readonly grave: boolean;
}

/** An answer in one line, with its reason; grave: it is to be read first. */
export function answerWords(answer: Answer, surface: string | undefined, product: Contents): AnswerWords {
	const why = answer.reasons.map((reason) => reasonWords(reason, surface, product, answer.verdict !== 'no'));
	const helps = answer.helps.map((help) => helpWords(help, surface !== undefined)).join(' ');
	const grave = answer.reasons.some(
		(reason) => reason.code === 'alone' || (reason.code === 'meets' && reason.level === 'danger')
	);
	if (answer.verdict === 'yes') {
		// What is only to be known beside a yes; animals are told with the care of the product.
		return {
			short: surface === undefined ? ASK.yesAnywhere : ASK.yes,
			why: why.filter((_, i) => answer.reasons[i]?.code !== 'pets'),
			grave: false
		};
	}
	return { short: answer.verdict === 'no' ? `No. ${helps}`.trim() : helps, why, grave };
}

export const ASK = {
	mayI: 'May I use',
	on: 'on',
	after: 'after',
	asWho: 'as',
	end: '?',
	what: 'what',
	anything: 'any surface',
	choose: 'Choose a product, or a surface to see what is right on it.',
	here: 'In this home',
	elsewhere: 'Others',
	nothing: 'nothing before it',
	grownUp: 'a grown-up',
	product: 'Product',
	surface: 'Surface',
	before: 'Used on it before',
	person: 'Who uses it',
	show: 'Ask',
	right: (names: readonly string[]) => (names.length === 0 ? 'None of what is here.' : `${joined(names)}.`),
	wrongOnes: (names: readonly string[]) => (names.length === 0 ? '' : `Not ${joined(names, 'or')}.`),
	damp: 'A damp cloth is right everywhere.',
	yes: 'Yes.',
	yesAnywhere: 'Yes, on what bears it. Choose the surface to be sure.'
} as const;

const QUARTERS: Readonly<Record<string, string>> = { '0.25': '¼', '0.5': '½', '0.75': '¾' };

/** "2½ cups", "1 teaspoon" */
function countWords(name: string, count: number): string {
	const whole = Math.floor(count);
	const part = QUARTERS[String(count - whole)] ?? '';
	return `${whole > 0 ? whole : ''}${part} ${plural(count <= 1 ? 1 : 2, name)}`;
}

/** "1 cup, 2 tablespoons and ½ teaspoon", level. */
export const measuresWords = ({ counts }: InMeasures) =>
	joined(counts.map(({ name, count }) => countWords(name, count)));

/** Millilitres up to a litre, then litres. */
function metricWords(ml: number): string {
	if (ml >= 1000) return `${Number((ml / 1000).toFixed(2))} l`;
	return `${ml < 10 ? Number(ml.toFixed(1)) : Math.round(ml)} ml`;
}

const CUP = MEASURES[0].ml;

/** Cups to a quarter, for what is filled up by eye; less than a quarter of a cup by the spoon. */
function cupWords(ml: number): string {
	const quarters = Math.round((ml / CUP) * 4) / 4;
	return quarters < 0.25 ? measuresWords(inMeasures(ml)) : countWords('cup', quarters);
}

/** An amount of liquid as the home tells it. */
export const amountWords = (ml: number) => (writing().units === 'cups' ? cupWords(ml) : metricWords(ml));

/** What people fill, in ml, and what the home calls it. */
export function volumesOffered(): readonly { readonly value: string; readonly label: string }[] {
	const sizes = writing().units === 'cups' ? [CUP, 2 * CUP, 4 * CUP, 20 * CUP] : [250, 500, 1000, 5000];
	return sizes.map((ml) => ({ value: String(ml), label: amountWords(ml) }));
}

/** How many ml one of what amounts are typed in holds. */
export const mlOfUnit = () => (writing().units === 'cups' ? CUP : 1);

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
			? 'just right by spoon'
			: `by spoon ${Math.abs(percent).toFixed(0)} % ${percent > 0 ? 'more' : 'less'}`,
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
		names.length === 0 ? 'Right on everything, damp.' : `Not on ${joined(names, 'or')}.`,
	neverWith: (names: readonly string[]) => (names.length === 0 ? '' : `Never with ${joined(names, 'or')}.`),
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

export const BUYING = {
	title: 'To buy',
	lead: 'What is low or out, and what you wrote on it.',
	none: 'Nothing to buy. What is marked low or out comes on this list by itself.',
	add: 'Write something on it',
	addHint: 'sponges',
	addIt: 'Put it on the list',
	needed: (day: string, job: string) => `needed ${day} for ${job}`,
	low: 'low',
	out: 'out',
	extra: 'written on it',
	bought: 'Bought',
	backOn: 'Back on the list',
	waiting: (n: number) =>
		`${n} ${plural(n, 'tick')} ${n === 1 ? 'waits' : 'wait'} for the connection. Nothing is lost.`,
	share: 'Share as text',
	copied: 'The list is copied.',
	print: 'Print it',
	asText: 'As a file',
	back: 'Back to the cupboard'
} as const;

export const DOOR_SHEET = {
	title: 'For the cupboard door',
	never: 'Must never meet',
	neverLead:
		'Not in one bucket, not one after the other on the same surface without plenty of water between.',
	ours: 'In our cupboard',
	with: 'with',
	surfaces: 'What does not bear what',
	surface: 'On',
	notThis: 'never',
	poison: 'Poison information',
	poisonNone: 'Write the number of your poison information centre here.',
	poisonField: 'Number of the poison information centre',
	firstHelp: 'If something happens',
	help: [
		'Call first: the poison information centre, or the emergency number if somebody is badly off.',
		'Swallowed: rinse the mouth, a few sips of water, do not make them sick.',
		'In the eyes: rinse with lukewarm water for a quarter of an hour, lids open.',
		'On the skin: take off what is wet, rinse with plenty of water.',
		'Breathed in: out into fresh air. Nobody goes back in until it is aired.',
		'Have the bottle at hand when you call.'
	],
	always: [
		'Bleach goes into cold water only, mixed fresh for the day.',
		'Never into a bottle that held something else, nor one for food or drink.',
		'Every bottle says what is in it and when it was mixed.',
		'Locked, and out of reach of children.'
	],
	alwaysTitle: 'Always',
	labelFirst:
		'The label of the product, local rules and licensed trades (gas, electricity, asbestos, mould beyond a small patch, pests) come first.',
	print: 'Print it'
} as const;

export const KITS = {
	title: 'Kits and tools',
	kits: 'Kits',
	tools: 'Tools and cloths',
	addKit: 'New kit',
	addTool: 'New tool',
	name: 'Name',
	letter: 'Letter',
	weave: 'Pattern',
	place: 'Lives where',
	rooms: 'For which rooms',
	roomsHelp: 'None: it goes through the whole home.',
	contents: 'What is in it',
	boundTo: 'Only for one room',
	anyRoom: 'any room',
	hotWash: 'Goes into the hot wash',
	jobs: (n: number) => (n === 0 ? 'Jobs that need it' : `Jobs that need it: ${n}`),
	jobIn: (job: string, room: string) => `${job}, ${room}`,
	only: (room: string) => `only for ${room}`,
	washWords: 'hot wash after',
	wholeHome: 'the whole home',
	empty: 'empty',
	keep: 'Keep it',
	remove: 'Remove it',
	things: (n: number) => `${n} ${plural(n, 'thing')}`,
	noKits: 'No kit yet. Make one for the kitchen and one for the bathroom, each with what lives in it.',
	noTools: 'No tools yet. A toilet brush that goes nowhere else is a good first one.'
} as const;
