/** What is nearly empty, and what coming work needs and is not there: one list. Rules: "Supplies". */
import type { CivilDay } from '../calendar/civil';
import type { Cupboard } from '../household/cupboardSchema';

export const LEVELS = ['plenty', 'low', 'out'] as const;
export type Level = (typeof LEVELS)[number];

/** What is known of a thing of the cupboard, or of something that somebody wrote on the list. */
export interface Supply {
	readonly id: string;
	/** Of what is on the list alone; null for a thing of the cupboard. */
	readonly name: string | null;
	readonly level: Level;
}

export interface ToBuy {
	readonly id: string;
	readonly name: string;
	readonly level: Level;
	/** The next day on which work needs it, and the job; null for none in sight. */
	readonly neededOn: CivilDay | null;
	readonly neededBy: string | null;
	/** Written on the list by hand: gone once it is bought. */
	readonly extra: boolean;
}

export interface ComingNeed {
	readonly product: string;
	readonly day: CivilDay;
	readonly job: string;
}

/** The level of a thing: plenty where nothing was said. */
export const levelOf = (supplies: readonly Supply[], id: string): Level =>
	supplies.find((one) => one.id === id)?.level ?? 'plenty';

/**
 * The shopping list: what is out, then what is low, then what was written on it; within each what is needed first
 * comes first, then by name. What stands plenty is not on it.
 */
export function shoppingList(
	cupboard: Cupboard,
	supplies: readonly Supply[],
	coming: readonly ComingNeed[]
): ToBuy[] {
	const first = new Map<string, ComingNeed>();
	for (const need of coming) {
		const known = first.get(need.product);
		if (!known || need.day < known.day) first.set(need.product, need);
	}
	const known = [...cupboard.products, ...cupboard.tools];
	const things = known.flatMap((thing): ToBuy[] => {
		const level = levelOf(supplies, thing.id);
		if (level === 'plenty') return [];
		const need = first.get(thing.id);
		return [
			{
				id: thing.id,
				name: thing.name,
				level,
				neededOn: need?.day ?? null,
				neededBy: need?.job ?? null,
				extra: false
			}
		];
	});
	const extras = supplies.flatMap((one): ToBuy[] =>
		one.name === null || one.level === 'plenty'
			? []
			: [{ id: one.id, name: one.name, level: one.level, neededOn: null, neededBy: null, extra: true }]
	);
	const rank = (one: ToBuy) => (one.extra ? 2 : one.level === 'out' ? 0 : 1);
	return [...things, ...extras].sort(
		(a, b) =>
			rank(a) - rank(b) ||
			(a.neededOn ?? Infinity) - (b.neededOn ?? Infinity) ||
			(a.name < b.name ? -1 : a.name > b.name ? 1 : 0)
	);
}
