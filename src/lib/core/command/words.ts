/** Finding what somebody means by a few plain words: names of jobs, rooms, people and loads. */

/** Words of a text, small, without marks and accents; "mop-hall" is two. */
export function wordsOf(text: string): string[] {
	return text
		.normalize('NFD')
		.replace(/\p{M}/gu, '')
		.toLowerCase()
		.split(/[^\p{L}\p{N}½]+/u)
		.filter(Boolean);
}

/** Small words that tell nothing of what is meant. */
const SMALL = new Set([
	'the',
	'a',
	'an',
	'in',
	'of',
	'to',
	'at',
	'is',
	'for',
	'and',
	'my',
	'our',
	'min',
	'minutes',
	'with'
]);

/** Edits from one word to another, up to `most`; more than that is as good as anything. */
export function distance(a: string, b: string, most = 2): number {
	if (Math.abs(a.length - b.length) > most) return most + 1;
	let row = Array.from({ length: b.length + 1 }, (_, i) => i);
	for (let i = 1; i <= a.length; i++) {
		const next = [i];
		for (let k = 1; k <= b.length; k++) {
			const same = a[i - 1] === b[k - 1] ? 0 : 1;
			next[k] = Math.min((row[k] as number) + 1, (next[k - 1] as number) + 1, (row[k - 1] as number) + same);
		}
		row = next;
	}
	return row[b.length] as number;
}

/** How well one said word fits one of a name, from 0 (not) to 1: the same, its beginning, or a slip of the finger. */
function fits(said: string, word: string): number {
	if (said === word) return 1;
	if (said.length >= 2 && word.startsWith(said)) return 0.9;
	if (said.length >= 4 && word.startsWith(said.slice(0, -1)) && said.length <= word.length + 1) return 0.7;
	if (said.length >= 4 && distance(said, word, 1) <= 1) return 0.6;
	return 0;
}

export interface Named {
	readonly id: string;
	readonly name: string;
	/** What else it goes by, such as its room or the kind of its room. */
	readonly also?: readonly string[];
}

export interface Found<T extends Named> {
	readonly item: T;
	readonly score: number;
}

/**
 * What the words mean, best first. Every said word that tells something must fit some word of the name or of what else
 * it goes by; a name whose own words are all said comes before one that is only touched.
 */
export function find<T extends Named>(said: readonly string[], items: readonly T[]): Found<T>[] {
	const telling = said.filter((word) => !SMALL.has(word));
	if (telling.length === 0) return [];
	return items
		.flatMap((item): Found<T>[] => {
			const own = wordsOf(item.name);
			const also = (item.also ?? []).flatMap(wordsOf);
			let score = 0;
			for (const word of telling) {
				const inName = Math.max(0, ...own.map((one) => fits(word, one)));
				const beside = Math.max(0, ...also.map((one) => fits(word, one) * 0.6));
				const best = Math.max(inName, beside);
				if (best === 0) return [];
				score += best;
			}
			const covered = own.filter(
				(one) => !SMALL.has(one) && telling.some((word) => fits(word, one) > 0)
			).length;
			return [{ item, score: score / telling.length + covered / Math.max(1, own.length) / 2 }];
		})
		.sort(
			(a, b) =>
				b.score - a.score || a.item.name.length - b.item.name.length || (a.item.id < b.item.id ? -1 : 1)
		);
}
