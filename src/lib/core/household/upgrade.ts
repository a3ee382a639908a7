/** Brings homes of older versions of the open format up to the present one. docs/formats.md. */

type Plain = Record<string, unknown>;

const isPlain = (data: unknown): data is Plain =>
	typeof data === 'object' && data !== null && !Array.isArray(data);

/**
 * Version 2 added layers that can be off, subjects of weekdays, what rooms are made of, and rungs. A version 1
 * home had all layers on; everything else it leaves out has a default.
 */
function fromVersion1(home: Plain): Plain {
	const household = isPlain(home.household)
		? { layers: ['basics', 'weekly', 'zone', 'long'], ...home.household }
		: home.household;
	return { ...home, version: 2, household };
}

const STEPS: Readonly<Record<number, (home: Plain) => Plain>> = { 1: fromVersion1 };

/** The home in the present version. What is no home, or of an unknown version, comes back as it was. */
export function upgradeHome(data: unknown): unknown {
	let home = data;
	while (isPlain(home) && typeof home.version === 'number' && STEPS[home.version]) {
		home = (STEPS[home.version] as (home: Plain) => Plain)(home);
	}
	return home;
}
