/** Every page and every action stands in the table of what it asks, and nothing else does. */
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { actionOf, needsOf, opens, ROUTES, startOf } from '../../src/lib/server/access/routes';

const ROOT = 'src/routes';

const files = (dir: string): string[] =>
	readdirSync(dir, { withFileTypes: true }).flatMap((one) =>
		one.isDirectory() ? files(join(dir, one.name)) : [join(dir, one.name)]
	);

/** What there is: each route with what can be looked at and what can be sent. */
function found(): Record<string, { see: boolean; send: string[] }> {
	const routes: Record<string, { see: boolean; send: string[] }> = {};
	for (const file of files(ROOT)) {
		const id = dirname(file).slice(ROOT.length) || '/';
		const text = readFileSync(file, 'utf8');
		const route = (routes[id] ??= { see: false, send: [] });
		if (file.endsWith('+page.svelte')) route.see = true;
		if (file.endsWith('+server.ts')) {
			if (/export const (GET|fallback)/.test(text)) route.see = true;
			for (const [, method] of text.matchAll(/export const (POST|PUT|PATCH|DELETE)/g))
				route.send.push(method as string);
		}
		const actions = /export const actions: Actions = \{([\s\S]*?)\n\};/.exec(text)?.[1] ?? '';
		for (const [, name] of actions.matchAll(/^\t(\w+): async/gm)) route.send.push(name as string);
	}
	return Object.fromEntries(Object.entries(routes).filter(([, one]) => one.see || one.send.length > 0));
}

describe('the table of routes', () => {
	const there = found();
	it('has every route that there is, and no other', () => {
		expect(Object.keys(ROUTES).sort()).toEqual(Object.keys(there).sort());
	});
	it.each(Object.keys(there))('says of %s what may be looked at and what may be sent', (id) => {
		const route = there[id];
		expect(ROUTES[id]?.see !== undefined, 'to look at').toBe(route?.see);
		expect(Object.keys(ROUTES[id]?.send ?? {}).sort()).toEqual([...(route?.send ?? [])].sort());
	});
	it('refuses what is not in it, whoever asks', () => {
		expect(needsOf(null, 'GET', null)).toBeNull();
		expect(needsOf('/no/such', 'GET', null)).toBeNull();
		expect(needsOf('/', 'POST', null)).toBeNull();
		expect(needsOf('/', 'POST', 'constructor')).toBeNull();
		expect(needsOf('/', 'DELETE', 'tick')).toBeNull();
		expect(needsOf('/light', 'GET', null)).toBeNull();
	});
	it('asks the table of permissions, and lets nobody in where somebody is asked for', () => {
		expect(opens('anyone', null, false)).toBe(true);
		expect(opens('signed-in', null, false)).toBe(false);
		expect(opens('see-day', null, true)).toBe(false);
		expect(opens('doors', { role: 'adult', member: 'ben' }, true)).toBe(false);
		expect(opens('doors', { role: 'organiser', member: 'ada' }, true)).toBe(true);
		expect(startOf({ role: 'child', member: 'cy' })).toBe('/mine');
		expect(startOf({ role: 'device', member: null })).toBe('/');
		expect(actionOf(new URL('http://house/x?open=1&/tick'))).toBe('tick');
	});
});
