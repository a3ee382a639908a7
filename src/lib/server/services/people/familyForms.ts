/** What is typed of what a family agrees. */
import { z } from 'zod';
import { familySchema } from '$core/household/familySchema';
import type { Member } from '$core/household/home';
import { idOrNone, numberIn, typedFor } from '../fieldForms';

const { shares, ribbon, gate, together } = familySchema.shape;
const { by, byHand } = shares.unwrap().shape;
const { duties, choices, every } = ribbon.unwrap().shape;

export const linesOf = (text: string) =>
	text
		.split(/\r?\n/)
		.map((line) => line.trim())
		.filter(Boolean);

const part = byHand.unwrap().valueType;

/** A part that is left empty is none. */
export const partIn = (text: string) => numberIn(text) ?? 0;

/** By what the work is shared, and the part of each who shares in it. */
export const sharesForm = (members: readonly Pick<Member, 'id'>[]) =>
	z.object({
		by: by.unwrap(),
		...Object.fromEntries(members.map((one) => [`hand-${one.id}`, typedFor(part, partIn)]))
	});

export const ribbonForm = z.object({
	members: z.array(idOrNone).default([]),
	every: every.unwrap(),
	duties: typedFor(duties, linesOf),
	choices: typedFor(choices, linesOf)
});

export const gateForm = z.object({
	gate: typedFor(gate, (text) => text || null),
	together: together.unwrap()
});
