/** Pages that a device keeps for the time without a connection: the list in the shop, and what is on today. */
import { OFFLINE } from '$words/offline';

export const KEPT_PAGES: readonly string[] = Object.keys(OFFLINE.pages);

/** A page that was kept so lately is not asked for again. */
const LATELY = 5 * 60_000;
const KEPT_AT = 'x-kept-at';

/** The addresses of what a page or a style sheet is made of: its scripts, styles and typefaces, as they never change. */
export function partsOf(text: string, address: string): string[] {
	const found = text.matchAll(/["'(<]((?:\.{1,2}|\/_app)[^"'()<>\s]*\.(?:js|css|woff2))/g);
	return [...new Set([...found].map(([, part]) => new URL(part as string, address).href))].filter((part) =>
		part.includes('/_app/immutable/')
	);
}

/** How the page looks that stands for others. */
const SHEET =
	':root{color-scheme:light dark;background:var(--cobalt)}' +
	'main{box-sizing:border-box;min-height:calc(100vh - 14px);margin:7px;padding:2rem 1.25rem;border-radius:20px;background:var(--enamel);color:var(--ink);font:1.1875rem/1.45 var(--font-text,system-ui)}' +
	'main>*{max-width:36rem;margin:0 auto 1.25rem}ul{padding:0;list-style:none}' +
	'a{display:inline-block;min-height:2.75rem;color:var(--cobalt-ink);font-weight:600;text-decoration:underline;text-underline-offset:4px}';

const isPage = (answer: Response) =>
	answer.ok && !answer.redirected && (answer.headers.get('content-type') ?? '').startsWith('text/html');

/** Where pages and their parts are kept, and how to ask the house. */
export class KeptPages {
	constructor(
		private readonly pages: Cache,
		private readonly parts: Cache,
		private readonly ask: (address: string) => Promise<Response>,
		private readonly now: () => number
	) {}

	/** A part that is kept, or from the house. */
	async part(address: string): Promise<Response> {
		return (await this.parts.match(address)) ?? this.ask(address);
	}

	/** Asks for a page and keeps it, unless it was kept lately. */
	async refresh(address: string): Promise<void> {
		const known = await this.pages.match(address);
		if (known && this.now() - Number(known.headers.get(KEPT_AT)) < LATELY) return;
		const answer = await this.ask(address).catch(() => null);
		if (answer) await this.keep(address, answer);
	}

	/** Keeps a page as it was answered; whoever is sent elsewhere has nothing to keep there any more. */
	async keep(address: string, answer: Response): Promise<void> {
		if (!isPage(answer)) {
			// A house that is busy or away for a moment takes nothing away.
			if (answer.status < 500) await this.pages.delete(address);
			return;
		}
		const text = await answer.text();
		// The scripts that it loads at once stand in its headers.
		await this.addParts(partsOf(`${text} ${answer.headers.get('link') ?? ''}`, address));
		const headers = new Headers(answer.headers);
		for (const name of ['content-encoding', 'content-length']) headers.delete(name);
		headers.set(KEPT_AT, String(this.now()));
		await this.pages.put(address, new Response(text, { headers }));
	}

	/** Keeps parts by their addresses, each asked for once, one after the other. */
	async addParts(addresses: readonly string[]): Promise<void> {
		for (const address of addresses) {
			if (await this.parts.match(address)) continue;
			const part = await this.ask(address).catch(() => null);
			if (!part?.ok) continue;
			await this.parts.put(address, part.clone());
			if (address.endsWith('.css')) await this.addParts(partsOf(await part.text(), address));
		}
	}

	/** A page as it was kept, which says so itself; else a page that says that there is no connection. */
	async instead(address: string): Promise<Response> {
		const known = await this.pages.match(address);
		if (!known) return this.nothingKept();
		const text = (await known.text()).replace('<html', `<html data-kept-at="${known.headers.get(KEPT_AT)}"`);
		return new Response(text, { headers: known.headers });
	}

	private async nothingKept(): Promise<Response> {
		const known = new Set((await this.pages.keys()).map(({ url }) => new URL(url).pathname));
		const links = Object.entries(OFFLINE.pages)
			.filter(([path]) => known.has(path))
			.map(([path, name]) => `<li><a href="${path}">${name}</a></li>`);
		// In the look of the house, as far as its styles are kept.
		const styles = (await this.parts.keys())
			.filter(({ url }) => url.endsWith('.css'))
			.map(({ url }) => `<link rel="stylesheet" href="${new URL(url).pathname}">`);
		return new Response(
			`<!doctype html><html lang="en"><meta charset="utf-8">` +
				`<meta name="viewport" content="width=device-width, initial-scale=1">` +
				`<title>${OFFLINE.title}</title>${styles.join('')}<style>${SHEET}</style>` +
				`<main><h1>${OFFLINE.title}</h1><p>${OFFLINE.lead}</p>` +
				(links.length > 0 ? `<p>${OFFLINE.kept}</p><ul>${links.join('')}</ul>` : '') +
				`<p><a href="">${OFFLINE.again}</a></p></main>`,
			{ status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } }
		);
	}
}
