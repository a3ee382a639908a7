/** What is typed of a product, a tool or a kit. */
import { z } from 'zod';
import { CUPBOARD_SAYS } from '$words/answers/supplies';
import { DESCRIPTIONS, type Description } from '$core/cupboard/products';
import { kitSchema, productSchema, VESSELS } from '$core/household/cupboardSchema';
import { nameAsked } from '$core/household/fields';
import { WEAVES } from '$core/household/weaves';
import { idOrNone, numberIn, typedFor } from '../fieldForms';

const { place, strength, openedOn } = productSchema.shape;
const orNothing = (text: string) => (text === '' ? undefined : text);
const dayOrNone = typedFor(openedOn, orNothing);

export const productForm = z.object({
	product: idOrNone,
	name: nameAsked(CUPBOARD_SAYS.giveTheProductAName),
	is: z.array(z.enum(Object.keys(DESCRIPTIONS) as [Description, ...Description[]])).default([]),
	vessel: z.enum(VESSELS).optional(),
	strength: typedFor(strength, numberIn),
	place,
	locked: z.boolean().default(false),
	openedOn: dayOrNone,
	bestBefore: dayOrNone
});

export const toolForm = z.object({
	tool: idOrNone,
	name: nameAsked(CUPBOARD_SAYS.giveTheToolAName),
	/** The one room that it is for; empty: any. */
	boundTo: idOrNone,
	hotWash: z.boolean().default(false),
	/** `yes`: the jobs are told, too. */
	withJobs: z.string().max(3).default(''),
	jobs: z.array(idOrNone).default([])
});

export const kitForm = z.object({
	kit: idOrNone,
	name: nameAsked(CUPBOARD_SAYS.giveTheKitAName),
	letter: typedFor(kitSchema.shape.letter.optional(), (text) => orNothing(text.toUpperCase())),
	weave: z.enum(WEAVES).optional(),
	place,
	rooms: z.array(idOrNone).default([]),
	contents: z.array(idOrNone).default([])
});
