/** Products, tools, kits and mixes are changed. */
import { SAVED } from '$words/answers/general';
import { CUPBOARD_SAYS } from '$words/answers/supplies';
import {
	contentsOf,
	descriptionsOf,
	fromShelf,
	STARTER_SHELF,
	type Description
} from '$core/cupboard/products';
import { isoOf } from '$core/calendar/civil';
import type { Kit, Product, Tool } from '$core/household/cupboardSchema';
import { WEAVES, type Home } from '$core/household/home';
import {
	freeLetter,
	newCupboardId,
	putKit,
	putMix,
	putProduct,
	putProducts,
	putTool,
	removeKit,
	removeMix,
	removeProduct,
	removeTool,
	setPoisonCentre
} from '$core/setup/editCupboard';
import type { Edit } from '$core/setup/edit';
import { STARTER_NAMES } from '$words/supplies/products';
import { SUPPLIES } from '$words/supplies/cupboard';
import type { z } from 'zod';
import { byFields, numberIn } from '../fieldForms';
import { editHome, type EditContext, type Unmade } from '../home/editHome';
import type { Asker } from '../ledger/whoMay';
import { kitForm, productForm, toolForm } from './cupboardForms';
import { mixFromForm } from './mixForm';

/** What the form says is in it; a product told otherwise than by descriptions keeps what it has. */
function contentsFrom(told: readonly Description[], before: Product | undefined) {
	if (told.length > 0) return contentsOf(told);
	return before && descriptionsOf(before).length === 0
		? { families: before.families, perhaps: before.perhaps }
		: { families: [], perhaps: [] };
}

function productFrom({ home }: EditContext, said: z.infer<typeof productForm>): Product {
	const before = home.cupboard.products.find((one) => one.id === said.product);
	const { families, perhaps } = contentsFrom(said.is, before);
	const strength = numberIn(said.strength);
	return {
		id: before?.id ?? newCupboardId(home, said.name),
		name: said.name,
		families: [...families],
		perhaps: [...perhaps],
		vessel: said.vessel ?? before?.vessel ?? 'bottle',
		place: said.place,
		locked: said.locked,
		...(said.openedOn ? { openedOn: said.openedOn } : {}),
		...(said.bestBefore ? { bestBefore: said.bestBefore } : {}),
		...(strength === undefined ? {} : { strength: strength as number })
	};
}

/** The products of the starter shelf that are not there yet. */
function startersFrom(home: Home, chosen: readonly string[]): Product[] {
	const taken = new Set(home.cupboard.products.map((one) => one.id));
	return STARTER_SHELF.filter((one) => chosen.includes(one.id) && !taken.has(one.id)).map((one) =>
		fromShelf(one, STARTER_NAMES[one.id] ?? one.id, one.id)
	);
}

function toolFrom({ home }: EditContext, said: z.infer<typeof toolForm>): Tool {
	const before = home.cupboard.tools.find((one) => one.id === said.tool);
	return {
		id: before?.id ?? newCupboardId(home, said.name),
		name: said.name,
		...(said.boundTo ? { boundTo: said.boundTo } : {}),
		hotWash: said.hotWash
	};
}

function kitFrom({ home }: EditContext, said: z.infer<typeof kitForm>): Kit {
	const before = home.cupboard.kits.find((one) => one.id === said.kit);
	return {
		id: before?.id ?? newCupboardId(home, said.name),
		name: said.name,
		letter: said.letter.toUpperCase() || (before?.letter ?? freeLetter(home, said.name)),
		weave: said.weave ?? before?.weave ?? WEAVES[home.cupboard.kits.length % WEAVES.length] ?? 'dots',
		place: said.place,
		rooms: said.rooms,
		contents: said.contents
	};
}

/** The edits of the cupboard, by the name of the form's `op`. */
export function editCupboard(asker: Asker, form: FormData) {
	const household = asker.householdId;
	const op = String(form.get('op') ?? '');
	switch (op) {
		case 'product':
			return byFields(productForm, form, (said) =>
				editHome(
					household,
					form,
					(context) => {
						const product = productFrom(context, said);
						return product.families.length + product.perhaps.length === 0
							? { field: 'is', says: CUPBOARD_SAYS.sayWhatIsOrChoose(product.name) }
							: putProduct(context.home, product);
					},
					() => CUPBOARD_SAYS.isSaved(said.name)
				)
			);
		case 'tool':
			return byFields(toolForm, form, (said) =>
				editHome(
					household,
					form,
					(context) =>
						putTool(context.home, toolFrom(context, said), said.withJobs === 'yes' ? said.jobs : undefined),
					() => CUPBOARD_SAYS.isSaved(said.name)
				)
			);
		case 'kit':
			return byFields(kitForm, form, (said) =>
				editHome(
					household,
					form,
					(context) => putKit(context.home, kitFrom(context, said)),
					() => CUPBOARD_SAYS.isSaved(said.name)
				)
			);
		default:
			return editHome(
				household,
				form,
				(context) => editOf(op, context),
				(context) => savedWords(op, context)
			);
	}
}

function editOf(op: string, context: EditContext): Edit | Unmade {
	const { home, today, text, list } = context;
	switch (op) {
		case 'starters': {
			const products = startersFrom(home, list('starter'));
			return products.length === 0 ? CUPBOARD_SAYS.chooseWhatStandsInYour : putProducts(home, products);
		}
		case 'removeProduct':
			return removeProduct(home, text('product'));
		case 'removeTool':
			return removeTool(home, text('tool'));
		case 'removeKit':
			return removeKit(home, text('kit'));
		case 'mix': {
			const mix = mixFromForm(home, text, isoOf(today));
			return typeof mix === 'string' ? mix : putMix(home, mix);
		}
		case 'removeMix':
			return removeMix(home, text('mix'));
		case 'poison':
			return setPoisonCentre(home, text('number'));
		default:
			return SUPPLIES.mistake;
	}
}

function savedWords(op: string, { home, list }: EditContext): string {
	switch (op) {
		case 'starters':
			return CUPBOARD_SAYS.onTheShelf(
				startersFrom(home, list('starter'))
					.map((one) => one.name)
					.join(', ')
			);
		case 'removeProduct':
		case 'removeTool':
		case 'removeKit':
			return CUPBOARD_SAYS.itIsRemoved;
		default:
			return SAVED;
	}
}
