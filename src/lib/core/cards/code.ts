/** The short code of a card: in letters that are not mistaken for figures. */

const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ';
const FIGURES = '23456789';

/**
 * The code of a card: two letters, a figure, a letter and a figure, as `UB 4 K7`. `seed` is any whole number;
 * the same one gives the same code.
 */
export function codeOf(seed: number): string {
	let rest = Math.abs(Math.floor(seed));
	const take = (of: string) => {
		const letter = of[rest % of.length] as string;
		rest = Math.floor(rest / of.length);
		return letter;
	};
	return take(LETTERS) + take(LETTERS) + take(FIGURES) + take(LETTERS) + take(FIGURES);
}

/** How many codes there are. */
export const CODES = LETTERS.length ** 3 * FIGURES.length ** 2;

export const shownCardCode = (code: string) => `${code.slice(0, 2)} ${code.slice(2, 3)} ${code.slice(3)}`;

/** A code as it is kept, however it was typed; null where it is none. */
export function readCardCode(typed: string): string | null {
	const code = typed.toUpperCase().replace(/[\s-]/g, '');
	return /^[A-HJ-NP-Z]{2}[2-9][A-HJ-NP-Z][2-9]$/.test(code) ? code : null;
}
