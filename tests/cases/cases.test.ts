import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { runCase, SUPPORTED_KINDS } from '../../scripts/case-kinds';

const here = import.meta.dirname;

for (const kind of readdirSync(here, { withFileTypes: true }).filter((entry) => entry.isDirectory())) {
	describe(`cases of the kind ${kind.name}`, () => {
		it('is a kind that the runner supports', () => expect(SUPPORTED_KINDS).toContain(kind.name));
		for (const file of readdirSync(join(here, kind.name)).sort()) {
			it(file, () => {
				const outcome = runCase(JSON.parse(readFileSync(join(here, kind.name, file), 'utf8')));
				expect(outcome.came, JSON.stringify(outcome.expected)).toBeDefined();
				expect(outcome.ok, `expected ${JSON.stringify(outcome.expected)}, came ${JSON.stringify(outcome.came)}`).toBe(true);
			});
		}
	});
}
