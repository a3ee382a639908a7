/** What a surface does not take. Rules: "Surfaces". */

/** So many minutes at most are a short contact. */
export const SHORT_CONTACT = 10;

/** Families that a surface refuses, by the last column of the table, on the safe side. */
const REFUSED: Readonly<Record<string, readonly string[]>> = {
	stone: ['acid', 'abrasive', 'bleach'],
	steel: ['bleach', 'abrasive'],
	aluminium: ['caustic', 'bleach', 'acid', 'carbonate'],
	wood: ['acid', 'ammonia'],
	laminate: [],
	grout: ['acid'],
	screen: ['ammonia', 'alcohol', 'abrasive'],
	hob: ['abrasive'],
	enamel: ['acid', 'abrasive'],
	plated: ['bleach', 'acid'],
	wool: ['bleach', 'carbonate'],
	matt: ['abrasive', 'solvent']
};

/** Surfaces that a rinse with plenty of water harms. */
const NO_RINSE: readonly string[] = ['wood', 'laminate'];

/** What a surface bears for ten minutes at most, where a rinse follows at once. */
const SHORTLY: Readonly<Record<string, readonly string[]>> = {
	steel: ['bleach'],
	plated: ['acid'],
	grout: ['acid'],
	enamel: ['acid']
};

/** True where a surface bears a family that it refuses for a moment. */
export const bearsShortly = (surface: string, family: string): boolean =>
	SHORTLY[surface]?.includes(family) ?? false;

/** The families among `families` that a surface refuses; none for surfaces that are not in the table. */
export function refusedFamilies(surface: string, families: readonly string[]): string[] {
	const refused = REFUSED[surface] ?? [];
	return families.filter((family) => refused.includes(family));
}

/** True where a surface must not be rinsed with plenty of water. */
export function refusesRinse(surface: string): boolean {
	return NO_RINSE.includes(surface);
}

/** The surface that a kind of floor counts as. Oiled or waxed boards and cork count as wood. */
export function surfaceOfFloor(floor: string | undefined): string {
	if (floor === 'boards' || floor === 'cork') return 'wood';
	if (floor === 'tiles') return 'tile';
	return floor ?? 'floor';
}
