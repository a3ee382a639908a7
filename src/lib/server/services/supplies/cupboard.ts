/** Products, tools, kits and mixes are changed. */
import { CUPBOARD_SAYS } from '$words/answers/supplies';
import {
	contentsOf,
	DESCRIPTIONS,
	descriptionsOf,
	fromShelf,
	STARTER_SHELF,
	type Description
} from '$core/cupboard/products';
import { isoOf } from '$core/calendar/civil';
import { VESSELS, type Kit, type Product, type Tool } from '$core/household/cupboardSchema';
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
import { editHome, type EditContext, type Unmade } from '../home/editHome';
import type { Asker } from '../ledger/whoMay';
import { mixFromForm } from './mixForm';

const isDescription = (text: string): text is Description => text in DESCRIPTIONS;

/** What the form says is in it; a product told otherwise than by descriptions keeps what it has. */
function contentsFrom(list: readonly string[], before: Product | undefined) {
	const told = list.filter(isDescription);
	if (told.length > 0) return contentsOf(told);
	return before && descriptionsOf(before).length === 0
		? { families: before.families, perhaps: before.perhaps }
		: { families: [], perhaps: [] };
}

/** A number as it was typed; what is none goes on as it is, for the schema to refuse. */
const numberIn = (text: string): unknown =>
	text === ''
		? undefined
		: Number.isFinite(Number(text.replace(',', '.')))
			? Number(text.replace(',', '.'))
			: text;

function productFrom({ home, text, list }: EditContext): Product {
	const before = home.cupboard.products.find((one) => one.id === text('product'));
	const { families, perhaps } = contentsFrom(list('is'), before);
	const vessel = VESSELS.find((one) => one === text('vessel')) ?? before?.vessel ?? 'bottle';
	const strength = numberIn(text('strength'));
	const [opened, until] = [text('openedOn'), text('bestBefore')];
	return {
		id: before?.id ?? newCupboardId(home, text('name')),
		name: text('name'),
		families: [...families],
		perhaps: [...perhaps],
		vessel,
		place: text('place'),
		locked: text('locked') === 'on',
		...(opened ? { openedOn: opened } : {}),
		...(until ? { bestBefore: until } : {}),
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

function toolFrom({ home, text }: EditContext): Tool {
	const before = home.cupboard.tools.find((one) => one.id === text('tool'));
	return {
		id: before?.id ?? newCupboardId(home, text('name')),
		name: text('name'),
		...(text('boundTo') ? { boundTo: text('boundTo') } : {}),
		hotWash: text('hotWash') === 'on'
	};
}

function kitFrom({ home, text, list }: EditContext): Kit {
	const before = home.cupboard.kits.find((one) => one.id === text('kit'));
	return {
		id: before?.id ?? newCupboardId(home, text('name')),
		name: text('name'),
		letter: text('letter')
			? text('letter').toUpperCase()
			: (before?.letter ?? freeLetter(home, text('name'))),
		weave:
			WEAVES.find((one) => one === text('weave')) ??
			before?.weave ??
			WEAVES[home.cupboard.kits.length % WEAVES.length] ??
			'dots',
		place: text('place'),
		rooms: list('rooms'),
		contents: list('contents')
	};
}

/** The edits of the cupboard, by the name of the form's `op`. */
export function editCupboard(asker: Asker, form: FormData) {
	const op = String(form.get('op') ?? '');
	return editHome(
		asker.householdId,
		form,
		(context) => editOf(op, context),
		(context) => savedWords(op, context)
	);
}

function editOf(op: string, context: EditContext): Edit | Unmade {
	const { home, today, text, list } = context;
	switch (op) {
		case 'starters': {
			const products = startersFrom(home, list('starter'));
			return products.length === 0 ? CUPBOARD_SAYS.chooseWhatStandsInYour : putProducts(home, products);
		}
		case 'product': {
			if (text('name') === '') return { field: 'name', says: CUPBOARD_SAYS.giveTheProductAName };
			const product = productFrom(context);
			if (product.families.length + product.perhaps.length === 0)
				return CUPBOARD_SAYS.sayWhatIsOrChoose(product.name);
			return putProduct(home, product);
		}
		case 'removeProduct':
			return removeProduct(home, text('product'));
		case 'tool':
			if (text('name') === '') return CUPBOARD_SAYS.giveTheToolAName;
			return putTool(home, toolFrom(context), text('withJobs') === 'yes' ? list('jobs') : undefined);
		case 'removeTool':
			return removeTool(home, text('tool'));
		case 'kit':
			return text('name') === '' ? CUPBOARD_SAYS.giveTheKitAName : putKit(home, kitFrom(context));
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

function savedWords(op: string, { home, text, list }: EditContext): string {
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
		case 'product':
		case 'tool':
		case 'kit':
			return CUPBOARD_SAYS.isKept(text('name'));
		default:
			return 'Kept.';
	}
}
