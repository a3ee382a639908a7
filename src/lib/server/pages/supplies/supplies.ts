/** The cupboard: what stands on its shelves, and what is worth knowing of the one that was chosen. */
import { SUPPLIES_SAYS } from '$words/answers/supplies';
import { toDay } from '$core/calendar/civil';
import { ageFor, isRight } from '$core/cupboard/ask';
import { careOf } from '$core/cupboard/care';
import { mayNeed } from '$core/cupboard/neededBy';
import { allFamilies, descriptionsOf, STARTER_SHELF } from '$core/cupboard/products';
import { levelOf } from '$core/cupboard/shopping';
import { bearsShortly, refusedFamilies } from '$core/cupboard/surfaces';
import type { Kit, Product } from '$core/household/cupboardSchema';
import { SURFACES } from '$core/household/home';
import type { AskPerson, KitView, ProductDetail, ProductView, SuppliesView } from '$views/supplies';
import { capital, dayAhead, listNames, plural, shortDate } from '$words/general';
import { careLine } from '$words/supplies/care';
import { contentsWords, STARTER_NAMES, SURFACE_SHORT, VESSEL_WORDS } from '$words/supplies/products';
import { KITS } from '$words/supplies/kits';
import { SUPPLIES } from '$words/supplies/cupboard';
import { v7 as uuidv7 } from 'uuid';
import type { Asker } from '../../services/ledger/whoMay';
import { usePerson } from './cautionLines';
import { supplyFacts, toBuyViews, type SupplyFacts } from './facts';

function productView({ supplies, today }: SupplyFacts, product: Product): ProductView {
	return {
		id: product.id,
		name: product.name,
		vessel: product.vessel,
		families: product.families,
		perhaps: product.perhaps,
		level: levelOf(supplies, product.id),
		contents: contentsWords(product),
		isOver: product.bestBefore !== undefined && toDay(product.bestBefore) < today
	};
}

/** Surfaces that rooms of the home have, with the names of those rooms. */
function surfacesHere({ home }: SupplyFacts): Record<string, string[]> {
	const found: Record<string, string[]> = {};
	for (const room of home.rooms) for (const surface of room.surfaces) (found[surface] ??= []).push(room.name);
	return found;
}

function people({ home, today }: SupplyFacts): AskPerson[] {
	return home.members
		.filter((member) => member.role !== 'device')
		.map((member) => ({ ...usePerson(member, today), name: member.name }));
}

function whoWords(facts: SupplyFacts, product: Product): string {
	const from = ageFor(allFamilies(product));
	const may = people(facts).filter((person) => isRight({ product, person }));
	if (may.length === 0) return '';
	if (may.length === people(facts).length) return SUPPLIES.nobodyElse;
	const names = may.map((one) => one.name);
	const shown = names.length > 6 ? [...names.slice(0, 5), `${names.length - 5} more`] : names;
	return from === 0 ? listNames(shown) : SUPPLIES_SAYS.andOver(from, listNames(shown));
}

function usedForWords(facts: SupplyFacts, product: Product): string {
	const { home, coming, today } = facts;
	const jobs = home.home.jobs.filter((job) => mayNeed(job, home.home.cupboard).has(product.id));
	if (jobs.length === 0) return '';
	const next = coming.filter((need) => need.product === product.id).sort((a, b) => a.day - b.day)[0];
	return `${jobs.length} ${plural(jobs.length, 'job')}${next ? `, next ${dayAhead(next.day, today)}` : ''}`;
}

function detailOf(facts: SupplyFacts, product: Product): ProductDetail {
	const { cupboard } = facts.home.home;
	const here = surfacesHere(facts);
	const families = allFamilies(product);
	const named = (surface: string, withRooms: boolean) => {
		const rooms = here[surface] ?? [];
		const name = SURFACE_SHORT[surface] ?? surface;
		return withRooms && rooms.length > 0 && rooms.length <= 2 ? `${name} (${rooms.join(', ')})` : name;
	};
	const refuses = SURFACES.filter((surface) => refusedFamilies(surface, families).length > 0);
	const brief = refuses.filter((surface) =>
		refusedFamilies(surface, families).every((family) => bearsShortly(surface, family))
	);
	const never = refuses.filter((surface) => !brief.includes(surface));
	// Those of the home, where its rooms say what they are made of; the table's else.
	const mine = (list: readonly string[]) => {
		const own = list.filter((surface) => here[surface]);
		return own.length > 0 ? own : list;
	};
	const good = mine(SURFACES.filter((surface) => !refuses.includes(surface)));
	const kit = cupboard.kits.find((one) => one.contents.includes(product.id));
	const where = [product.place, kit ? SUPPLIES_SAYS.inKit(kit.name) : ''].filter(Boolean).join(', ');
	return {
		...productView(facts, product),
		line: [
			`${capital(contentsWords(product))}, ${VESSEL_WORDS[product.vessel].toLowerCase()}${where ? `, ${where}` : ''}.`,
			product.locked ? SUPPLIES_SAYS.lockedAway : ''
		]
			.filter(Boolean)
			.join(' '),
		cares: careOf(
			product,
			facts.home.home.pets.map((pet) => pet.kind)
		).map((care) => careLine(care)),
		goodOn: listNames(good.slice(0, 5).map((surface) => named(surface, false))),
		notOn: listNames(never.map((surface) => named(surface, true))),
		briefly:
			brief.length > 0 ? SUPPLIES.brieflyWords(listNames(brief.map((surface) => named(surface, false)))) : '',
		who: whoWords(facts, product),
		usedFor: usedForWords(facts, product),
		descriptions: descriptionsOf(product),
		place: product.place,
		locked: product.locked,
		openedOn: product.openedOn ?? '',
		bestBefore: product.bestBefore ?? '',
		strength: product.strength === undefined ? '' : String(product.strength),
		until: product.bestBefore ? shortDate(toDay(product.bestBefore)) : ''
	};
}

/** A kit with how much is in it. */
export const kitView = (kit: Kit): KitView => ({
	id: kit.id,
	name: kit.name,
	letter: kit.letter,
	weave: kit.weave,
	place: kit.place,
	rooms: kit.rooms,
	contents: kit.contents,
	words: KITS.things(kit.contents.length)
});

export interface SuppliesQuery {
	readonly product: string | null;
	readonly on: string | null;
	readonly after: string | null;
	readonly as: string | null;
}

export async function loadSupplies(asker: Asker, query: SuppliesQuery): Promise<SuppliesView> {
	const facts = await supplyFacts(asker);
	const { cupboard, pets } = facts.home.home;
	const products = cupboard.products.map((product) => productView(facts, product));
	const chosen = cupboard.products.find((one) => one.id === query.product);
	return {
		revision: facts.revision,
		formId: uuidv7(),
		mayEdit: facts.mayEdit,
		products,
		low: products.filter((one) => one.level === 'low').length,
		out: products.filter((one) => one.level === 'out').length,
		chosen: chosen ? detailOf(facts, chosen) : null,
		kits: cupboard.kits.map((kit) => kitView(kit)),
		toBuy: toBuyViews(facts),
		people: people(facts),
		pets: [...new Set(pets.map((pet) => pet.kind))],
		here: surfacesHere(facts),
		// What nearly every home has comes first.
		starters: [...STARTER_SHELF]
			.sort((a, b) => Number(b.usual ?? false) - Number(a.usual ?? false))
			.filter((one) => !cupboard.products.some((known) => known.id === one.id))
			.map((one) => ({ id: one.id, name: STARTER_NAMES[one.id] ?? one.id })),
		asked: {
			product: query.product ?? '',
			surface: query.on ?? '',
			after: query.after ?? '',
			person: query.as ?? ''
		}
	};
}
