/** Pages that a device keeps: what they are made of, when they are asked for again, and when they go. */
import { describe, expect, it } from 'vitest';
import { KeptPages, partsOf } from '../../src/lib/workers/keptPages';

const HOME = 'http://home.test';
const LIST = `${HOME}/supplies/list`;

/** A cache as the browser has it, as far as it is used. */
function cache() {
	const held = new Map<string, Response>();
	return {
		held,
		match: (address: string) => Promise.resolve(held.get(address)?.clone()),
		put: (address: string, answer: Response) => Promise.resolve(void held.set(address, answer)),
		delete: (address: string) => Promise.resolve(held.delete(address)),
		keys: () => Promise.resolve([...held.keys()].map((url) => ({ url })))
	};
}

const html = (text: string, more: Record<string, string> = {}) =>
	new Response(text, { headers: { 'content-type': 'text/html; charset=utf-8', ...more } });

function device(answers: Record<string, () => Response>) {
	const pages = cache();
	const parts = cache();
	const asked: string[] = [];
	const time = { now: 1000 };
	const ask = (address: string) => {
		asked.push(address);
		const answer = answers[address]?.();
		return answer ? Promise.resolve(answer) : Promise.reject(new TypeError('no connection'));
	};
	const kept = new KeptPages(pages as unknown as Cache, parts as unknown as Cache, ask, () => time.now);
	return { kept, pages: pages.held, parts: parts.held, asked, time };
}

const PAGE =
	'<html lang="en"><link href="../_app/immutable/assets/a.css" rel="stylesheet">' +
	'<link rel="modulepreload" href="../_app/immutable/entry/start.js"><script>import("../_app/immutable/entry/start.js")</script>' +
	'<img src="/favicon.svg"><a href="/supplies">Supplies</a>';
const ANSWERS = {
	[LIST]: () => html(PAGE, { link: '<../_app/immutable/nodes/41.js>; rel="modulepreload"; nopush' }),
	[`${HOME}/_app/immutable/nodes/41.js`]: () => new Response('page()'),
	[`${HOME}/_app/immutable/assets/a.css`]: () => new Response('@font-face{src:url(./name.woff2)}'),
	[`${HOME}/_app/immutable/assets/name.woff2`]: () => new Response('type'),
	[`${HOME}/_app/immutable/entry/start.js`]: () => new Response('go()')
};

describe('pages kept on a device', () => {
	it('finds what a page and a style sheet are made of, each once, and nothing else', () => {
		expect(partsOf(PAGE, LIST)).toEqual([
			`${HOME}/_app/immutable/assets/a.css`,
			`${HOME}/_app/immutable/entry/start.js`
		]);
		expect(partsOf('url(./name.woff2)url(/elsewhere.woff2)', `${HOME}/_app/immutable/assets/a.css`)).toEqual([
			`${HOME}/_app/immutable/assets/name.woff2`
		]);
	});

	it('keeps a page with all its parts, and shows it with the time at which it was kept', async () => {
		const { kept, parts } = device(ANSWERS);
		await kept.refresh(LIST);
		expect([...parts.keys()].sort()).toEqual(Object.keys(ANSWERS).slice(1).sort());
		const shown = await kept.instead(LIST);
		expect(shown.status).toBe(200);
		expect(await shown.text()).toBe(PAGE.replace('<html', '<html data-kept-at="1000"'));
		expect(await (await kept.part(`${HOME}/_app/immutable/entry/start.js`)).text()).toBe('go()');
	});

	it('asks again after five minutes, and asks for no part twice', async () => {
		const { kept, asked, time } = device(ANSWERS);
		await kept.refresh(LIST);
		const first = asked.length;
		time.now += 4 * 60_000;
		await kept.refresh(LIST);
		expect(asked).toHaveLength(first);
		time.now += 2 * 60_000;
		await kept.refresh(LIST);
		expect(asked.slice(first)).toEqual([LIST]);
	});

	it.each([
		['sent elsewhere', () => new Response(null, { status: 303 }), false],
		['refused', () => new Response('no', { status: 403 }), false],
		['answered by a house that is busy', () => new Response('later', { status: 503 }), true]
	] as const)(
		'whoever is %s: the page stays only where the house may still want it',
		async (_, answer, stays) => {
			const { kept, pages } = device(ANSWERS);
			await kept.refresh(LIST);
			await kept.keep(LIST, answer());
			expect(pages.has(LIST)).toBe(stays);
		}
	);

	it('says that there is no connection where nothing is kept, with links to what is', async () => {
		const { kept } = device(ANSWERS);
		const nothing = await (await kept.instead(`${HOME}/house`)).text();
		expect(nothing).toContain('No connection');
		expect(nothing).not.toContain('Shopping list');
		await kept.refresh(LIST);
		const answer = await kept.instead(`${HOME}/house`);
		expect(answer.status).toBe(503);
		expect(await answer.text()).toContain('<a href="/supplies/list">Shopping list</a>');
	});

	it('a house that does not answer changes nothing', async () => {
		const { kept, pages } = device({});
		await kept.refresh(LIST);
		expect(pages.size).toBe(0);
	});
});
