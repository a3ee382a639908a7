/** Which product families an age may use. Rules: "Ages and products". */

const FROM_8 = ['water', 'surfactant'];
const FROM_12 = ['water', 'surfactant', 'alcohol'];

/** The product families that an age (years; null for a grown-up) may use; null for all. */
export function familiesAtAge(age: number | null): readonly string[] | null {
	if (age === null || age >= 16) return null;
	if (age >= 12) return FROM_12;
	return age >= 8 ? FROM_8 : ['water'];
}
