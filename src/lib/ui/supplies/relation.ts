/** What a product on the shelf has to do with the one that was chosen. */
import { RELATION } from '$words/screens/supplies';
import { worstLevel } from '$core/cupboard/cautions';
import type { Contents } from '$core/cupboard/products';

export type Relation = 'danger' | 'caution' | 'note' | null;

const all = (one: Contents) => [...one.families, ...one.perhaps];

/** The worst that comes of the two, one after the other on a surface without a rinse between. */
export const relationOf = (chosen: Contents, other: Contents): Relation =>
	worstLevel(all(chosen), all(other), true);

/** What two do that only undo each other. */
export function noteWords(chosen: Contents, other: Contents): string {
	const both = [...all(chosen), ...all(other)];
	return both.includes('quat') && both.includes('surfactant') ? RELATION.rinse : RELATION.fizzes;
}
