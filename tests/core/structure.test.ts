import { readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

function filesBelow(dir: string): string[] {
	return readdirSync(dir).flatMap((name) => {
		const path = join(dir, name);
		return statSync(path).isDirectory() ? filesBelow(path) : [path];
	});
}

const importsOf = (file: string) =>
	[...readFileSync(file, 'utf8').matchAll(/(?:from|import)\s+'([^']+)'/g)].map((match) => match[1] as string);

describe('imports run one way', () => {
	const allowed = /^(\.{1,2}\/(?!.*(ui|server|routes)\/)|zod$|temporal-polyfill$)/;
	it.each(filesBelow('src/lib/core'))(
		'%s imports nothing from outside the core but dates and schemas',
		(file) => {
			for (const target of importsOf(file)) expect(target, file).toMatch(allowed);
		}
	);
	it('the interface never imports the server', () => {
		for (const file of filesBelow('src/lib/ui')) {
			for (const target of importsOf(file)) expect(target, file).not.toMatch(/server/);
		}
	});
	it('the planner does not import its checker', () => {
		expect(importsOf('src/lib/core/session/planner.ts').join()).not.toMatch(/check/);
	});
	it('components name no raw colours', () => {
		for (const file of [...filesBelow('src/lib/ui'), ...filesBelow('src/routes')].filter((f) =>
			f.endsWith('.svelte')
		)) {
			expect(readFileSync(file, 'utf8'), file).not.toMatch(
				/#[0-9a-fA-F]{3,8}\b(?![-\w])(?=[;"')\s])|rgba?\(|hsl\(/
			);
		}
	});
	it('the core asks no clock and no chance', () => {
		for (const file of filesBelow('src/lib/core')) {
			expect(readFileSync(file, 'utf8'), file).not.toMatch(/Date\.now|new Date\(\)|Math\.random/);
		}
	});
});
