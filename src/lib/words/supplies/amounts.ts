/** Amounts of liquid, as the home measures them. */
import { type InMeasures, inMeasures, MEASURES } from '$core/cupboard/dilution';
import { listNames, plural } from '../general';
import { writing } from '../writing';

const QUARTERS: Readonly<Record<string, string>> = { '0.25': '¼', '0.5': '½', '0.75': '¾' };

/** "2½ cups", "1 teaspoon" */
function countWords(name: string, count: number): string {
	const whole = Math.floor(count);
	const part = QUARTERS[String(count - whole)] ?? '';
	return `${whole > 0 ? whole : ''}${part} ${plural(count <= 1 ? 1 : 2, name)}`;
}

/** "1 cup, 2 tablespoons and ½ teaspoon", level. */
export const measuresWords = ({ counts }: InMeasures) =>
	listNames(counts.map(({ name, count }) => countWords(name, count)));

/** Millilitres up to a litre, then litres. */
export function metricWords(ml: number): string {
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
