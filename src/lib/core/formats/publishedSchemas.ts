/** The open formats as JSON schemas, made from the Zod schemas that read them. Told in docs/formats.md. */
import { z } from 'zod';
import { entrySchema } from '../household/entry';
import { homeSchema } from '../household/home';

/** By the name of its file: what a home and an entry of the ledger may hold, as JSON Schema 2020-12. */
export const publishedSchemas = (): Record<'home' | 'entry', unknown> => {
	const of = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });
	return { home: of(homeSchema), entry: of(entrySchema) };
};
