/** The published schemas of the open formats. */
import { SCHEMA_NAME_SERVER_SAYS } from '$words/answers/routes';
import { entrySchema } from '$core/household/entry';
import { homeSchema } from '$core/household/home';
import { librarySchema } from '$core/setup/library';
import { patternSchema } from '$core/setup/pattern';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const SCHEMAS: Readonly<Record<string, z.ZodType>> = {
	'home.json': homeSchema,
	'entry.json': entrySchema,
	'library.json': librarySchema,
	'pattern.json': patternSchema
};

export const GET: RequestHandler = ({ params }) => {
	const schema = SCHEMAS[params.name];
	if (!schema)
		error(404, {
			message: SCHEMA_NAME_SERVER_SAYS.thereIsNoSuchSchema,
			remedy: SCHEMA_NAME_SERVER_SAYS.thereAre(Object.keys(SCHEMAS).join(', '))
		});
	return new Response(
		`${JSON.stringify(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }), null, '\t')}\n`,
		{
			headers: { 'Content-Type': 'application/schema+json; charset=utf-8' }
		}
	);
};
