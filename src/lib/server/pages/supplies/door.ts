/** The sheet for the inside of the cupboard door: what must not meet, by the home's own names. */
import { SUPPLIES_SAYS } from '$words/answers/supplies';
import { FAMILIES } from '$core/cupboard/meet';
import { refusedFamilies } from '$core/cupboard/surfaces';
import type { Family } from '$core/cupboard/products';
import { DANGER_PAIRS } from '$core/household/dangerPairs';
import { SURFACES } from '$core/household/home';
import type { DoorView } from '$views/supplies';
import { DOOR_SHEET } from '$words/supplies/doorSheet';
import { FAMILY_WORDS, SURFACE_SHORT } from '$words/supplies/products';
import { listNames } from '$words/general';
import { meetWords } from '$words/supplies/care';
import { v7 as uuidv7 } from 'uuid';
import type { Asker } from '../../services/ledger/whoMay';
import { supplyFacts } from './facts';

/** The home's own bottles that must not meet; empty where one side is not here. */
const oursWords = (first: readonly string[], second: readonly string[]): string =>
	first.length > 0 && second.length > 0
		? `${listNames(first, 'or')} ${DOOR_SHEET.with} ${listNames(second, 'or')}`
		: '';

export async function loadDoor(asker: Asker): Promise<DoorView> {
	const { home, revision, mayEdit } = await supplyFacts(asker);
	const { cupboard, household } = home.home;
	const named = (family: string) =>
		cupboard.products
			.filter((one) => [...one.families, ...one.perhaps].includes(family as Family) && one.perhaps.length < 9)
			.map((one) => one.name);
	return {
		revision,
		formId: uuidv7(),
		mayEdit,
		household: household.name,
		poisonCentre: cupboard.poisonCentre,
		pairs: DANGER_PAIRS.map(([first, second]) => ({
			first: FAMILY_WORDS[first as Family],
			second: first === second ? SUPPLIES_SAYS.anotherOne : FAMILY_WORDS[second as Family],
			what: meetWords([first as Family], [second as Family]),
			ours: oursWords(named(first), first === second ? named(first).slice(1) : named(second))
		})),
		surfaces: SURFACES.flatMap((surface) => {
			const refused = refusedFamilies(surface, FAMILIES) as Family[];
			if (refused.length === 0) return [];
			const rooms = home.rooms.filter((room) => (room.surfaces as string[]).includes(surface));
			return [
				{
					name: SURFACE_SHORT[surface] ?? surface,
					not: listNames(
						refused.map((family) => FAMILY_WORDS[family]),
						'or'
					),
					rooms: listNames(rooms.map((room) => room.name))
				}
			];
		})
	};
}
