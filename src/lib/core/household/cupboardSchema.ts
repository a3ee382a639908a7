/** What stands in the cupboard of a home: products, tools, kits and mixes. Rules: "Products of a home". */
import { z } from 'zod';
import { id, isoDate, name, productFamily } from './fields';
import { WEAVES } from './weaves';

/** How a product is drawn. */
export const VESSELS = ['spray', 'bottle', 'jug', 'jar', 'tin', 'tub'] as const;

const families = z
	.array(productFamily)
	.refine((list) => new Set(list).size === list.length, 'Name each product family once.');

/** Where something stands or lives. */
const place = z.string().trim().max(80, 'Keep the place to 80 characters.').default('');

export const productSchema = z.strictObject({
	id,
	name,
	/** What is known to be in it. */
	families: families.default([]),
	/** What may be in it, as nobody is sure: it counts like the rest, but for being a danger alone. */
	perhaps: families.default([]),
	vessel: z.enum(VESSELS).default('bottle'),
	place,
	locked: z.boolean().default(false),
	openedOn: isoDate.optional(),
	bestBefore: isoDate.optional(),
	/** Strength that the bottle tells, in percent by weight. */
	strength: z
		.number('The strength is a number of percent, such as 5.')
		.gt(0, 'The strength is more than 0 %. Leave it empty if the bottle does not say.')
		.max(100, 'The strength is 100 % at most.')
		.optional()
});

export const toolSchema = z.strictObject({
	id,
	name,
	/** The one room that it may be used in, such as the toilet. */
	boundTo: id.optional(),
	/** Goes into the hot wash after work. */
	hotWash: z.boolean().default(false)
});

export const kitSchema = z.strictObject({
	id,
	name,
	letter: z.string().regex(/^\p{Lu}$/u, 'A kit has one capital letter, such as "K".'),
	weave: z.enum(WEAVES),
	/** Where it lives. */
	place,
	/** The rooms that it is for; none: the whole home. */
	rooms: z.array(id).max(200).default([]),
	/** Ids of products and tools. */
	contents: z.array(id).max(100).default([])
});

/** The largest bottle or bucket that is mixed in, in ml. */
export const LARGEST_MIX = 20000;

export const millilitres = z
	.number('The amount is a number of millilitres, such as 500.')
	.positive('The amount is more than 0 ml.')
	.max(LARGEST_MIX, `At most ${LARGEST_MIX} ml (20 litres) are mixed at once.`);

export const mixSchema = z.strictObject({
	id,
	name,
	/** What goes in beside water. */
	parts: z
		.array(z.strictObject({ product: id.optional(), families: families.min(1), ml: millilitres }))
		.min(1, 'A mix holds one thing at least beside water.')
		.max(6, 'A mix holds six things at most.'),
	/** Water to it, in ml. */
	waterMl: z.number().min(0).max(LARGEST_MIX),
	mixedOn: isoDate,
	/** Thrown away after so many days. */
	keepsDays: z.number().int().min(1).max(730)
});

export const cupboardSchema = z.strictObject({
	products: z.array(productSchema).max(300, 'The cupboard holds 300 products at most.').default([]),
	tools: z.array(toolSchema).max(300, 'The cupboard holds 300 tools at most.').default([]),
	kits: z.array(kitSchema).max(26, 'There are 26 kits at most, one for each letter.').default([]),
	mixes: z.array(mixSchema).max(60, 'At most 60 bottles of mixes are kept.').default([]),
	/** The number of the poison information centre, as the home entered it. */
	poisonCentre: z.string().trim().max(60, 'Keep the number to 60 characters.').default('')
});

export type Cupboard = z.infer<typeof cupboardSchema>;
export type Product = z.infer<typeof productSchema>;
export type Tool = z.infer<typeof toolSchema>;
export type Kit = z.infer<typeof kitSchema>;
export type Mix = z.infer<typeof mixSchema>;

export const EMPTY_CUPBOARD: Cupboard = { products: [], tools: [], kits: [], mixes: [], poisonCentre: '' };
