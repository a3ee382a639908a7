/** What is typed of a person. */
import { z } from 'zod';
import { MEMBER_SAYS } from '$words/answers/people';
import { isoDate, nameAsked, productFamily } from '$core/household/fields';
import { idOrNone, typedFor } from '../fieldForms';

const ids = z.array(idOrNone).default([]);
const families = z.array(productFamily).default([]);

export const factsForm = z.object({
	name: nameAsked(MEMBER_SAYS.giveThemAName),
	bornOn: typedFor(isoDate.optional(), (text) => text || undefined),
	skills: z.array(z.string().trim().max(60)).default([]),
	/** They bring a kit of their own: what is in it. */
	ownKit: z.boolean().default(false),
	kit: ids,
	families,
	/** What they may use before its age is told, too. */
	withAllows: z.boolean().default(false),
	allows: families,
	/** Jobs that they never get, and those that they do not like. */
	out: ids,
	disliked: ids
});
