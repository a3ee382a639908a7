/** Writes the JSON schemas of the open formats, made from the Zod schemas that read them. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { publishedSchemas } from '../src/lib/core/formats/publishedSchemas';

mkdirSync('docs/schema', { recursive: true });
for (const [name, schema] of Object.entries(publishedSchemas()))
	writeFileSync(`docs/schema/${name}.json`, `${JSON.stringify(schema, null, '\t')}\n`);
