/** Writes the JSON schemas of the open formats, made from the Zod schemas that read them. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { z } from 'zod';
import { homeSchema } from '../src/lib/core/household/home';
import { entrySchema } from '../src/lib/core/household/entry';

mkdirSync('docs/schema', { recursive: true });
const write = (name: string, schema: z.ZodType) => {
	const json = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });
	writeFileSync(`docs/schema/${name}.json`, `${JSON.stringify(json, null, '\t')}\n`);
};
write('home', homeSchema);
write('entry', entrySchema);
