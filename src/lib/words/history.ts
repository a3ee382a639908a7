/** The words of History. */
import { plural } from './general';

/** What was decluttered, as a line of the record. */
export const clearedName = (spot: string) => `Decluttered: ${spot}`;

/** Where, and what became of the things. */
export function clearedWords(
	room: string,
	{ binned, given, put }: { readonly binned: number; readonly given: number; readonly put: number }
): string {
	const sum = binned + given + put;
	const parts = [
		binned > 0 ? `${binned} to the bin` : '',
		given > 0 ? `${given} to give away` : '',
		put > 0 ? `${put} put away` : ''
	].filter(Boolean);
	const things = sum === 0 ? '' : `${sum} ${plural(sum, 'thing')}: ${parts.join(', ')}`;
	return [room, things].filter(Boolean).join(', ');
}
