/** Forms whose fields one schema reads: what is wrong with a field is answered beside it, what was typed goes back. */
import { fail, isActionFailure, type ActionFailure } from '@sveltejs/kit';
import { setError, superValidate, type SuperValidated } from 'sveltekit-superforms/server';
import { zod4 } from 'sveltekit-superforms/adapters';
import { z } from 'zod';
import { nameOfField } from '$core/household/formProblem';
import type { Notice } from './guard';

/** Which thing of the home is meant; empty where it is new, or none. */
export const idOrNone = z.string().max(60).default('');

/** A number as it was typed, with a comma or a point; what is none goes on as it is, for a schema to refuse. */
export function numberIn(text: string): unknown {
	if (text === '') return undefined;
	const number = Number(text.replace(',', '.'));
	return Number.isFinite(number) ? number : text;
}

/** A text that is refused in the words of the schema of the home that is to hold it; `read` makes of it what that holds. */
export const typedFor = (schema: z.ZodType, read: (text: string) => unknown) =>
	z
		.string()
		.trim()
		.default('')
		.superRefine((text, context) => {
			const held = schema.safeParse(read(text));
			for (const { message } of held.error?.issues ?? []) context.addIssue({ code: 'custom', message });
		});

type Fields = Record<string, unknown>;
type Read<S extends z.ZodType<Fields, Fields>> = SuperValidated<z.infer<S>, string, z.input<S>>;

/**
 * A form for a page: with what is in it, or with what was sent of it to be tried, and what is wrong with that. A text
 * that was not asked for stays as it is.
 */
export async function fieldForm<S extends z.ZodType<Fields, Fields>>(
	schema: S,
	id: string,
	first: z.input<S>,
	tried: URLSearchParams | null
): Promise<Read<S>> {
	if (!tried) return (await superValidate(first as never, zod4(schema), { id, errors: false })) as Read<S>;
	const sent = new URLSearchParams(tried);
	for (const [name, value] of Object.entries(first))
		if (typeof value === 'string' && !sent.has(name)) sent.append(name, value);
	return (await superValidate(sent, zod4(schema), { id, strict: true })) as Read<S>;
}

const isRefused = (answer: object): answer is ActionFailure<Notice> => isActionFailure(answer);

/**
 * Reads a form and does its work. A refusal that names one of its fields is answered beside that field, another one
 * over the form.
 */
export async function byFields<S extends z.ZodType<Fields, Fields>, T extends object>(
	schema: S,
	data: FormData,
	work: (said: z.infer<S>) => Promise<T | ActionFailure<Notice>>
): Promise<(T & { form: Read<S> }) | ActionFailure<Partial<Notice> & { form: Read<S> }>> {
	// Strictly: what was not sent is not made up from what a form begins with.
	const form = (await superValidate(data, zod4(schema), { strict: true })) as Read<S>;
	if (!form.valid) return fail(400, { form });
	const answer = await work(form.data);
	if (!isRefused(answer)) return { ...answer, form };
	const { field, says, message } = answer.data;
	const wrong = answer.data.wrong ?? (field === undefined ? [] : [{ field, says: says ?? message }]);
	const isOfForm = wrong.length > 0 && wrong.every((one) => nameOfField(one.field) in form.data);
	if (!isOfForm) return fail(answer.status, { ...answer.data, form });
	for (const one of wrong) setError(form, one.field as never, one.says);
	return fail(answer.status, { form });
}
