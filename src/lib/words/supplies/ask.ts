/** May this be used on that: the question and its answer. */
import type { Answer, HelpWith, Reason } from '$core/cupboard/ask';
import type { Contents } from '$core/cupboard/products';
import { capital, listNames, lowerNumber } from '../general';
import { meetWords } from './care';
import { FAMILY_WORDS, SURFACE_WORDS } from './products';

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
						listNames(
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
			return `${capital(SURFACE_WORDS[surface ?? ''] ?? 'It')} ${/s$|es$/.test(SURFACE_WORDS[surface ?? ''] ?? '') ? 'do' : 'does'} not bear ${listNames(
				reason.families.map((family) => FAMILY_WORDS[family]),
				'or'
			)}${forLong ? ' for long' : ''}.`;
		case 'much-water':
			return `${capital(SURFACE_WORDS[surface ?? ''] ?? 'It')} ${/s$|es$/.test(SURFACE_WORDS[surface ?? ''] ?? '') ? 'swell' : 'swells'} where water stands.`;
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
		case 'damp':
			return 'With a damp cloth, well wrung out.';
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
	water: 'How wet',
	damp: 'damp',
	wet: 'with much water',
	person: 'Who uses it',
	show: 'Ask',
	right: (names: readonly string[]) =>
		names.length === 0 ? 'None of what is here.' : `${listNames(names)}.`,
	wrongOnes: (names: readonly string[]) => (names.length === 0 ? '' : `Not ${listNames(names, 'or')}.`),
	dampIsRight: 'A damp cloth is right everywhere.',
	yes: 'Yes.',
	yesAnywhere: 'Yes, on what bears it. Choose the surface to be sure.'
} as const;
