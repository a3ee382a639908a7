/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true" />
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/**
 * The app on a phone without a connection: what is on today and the list to buy open as they were. All else goes to the
 * house as ever; nothing that is sent is held back here, as pages keep what they could not send themselves.
 */
import { build, version } from '$service-worker';
import { KEPT_PAGES, KeptPages } from '$lib/workers/keptPages';

const worker = globalThis.self as unknown as ServiceWorkerGlobalScope;
const PAGES = `pages ${version}`;
const PARTS = `parts ${version}`;
/** What is sent here changes what is on, not who sees it. */
const SAME_VIEWER = /^\/($|supplies|timer|laundry|history)/;

const kept = async () =>
	new KeptPages(
		await caches.open(PAGES),
		await caches.open(PARTS),
		(address) => fetch(address, { redirect: 'manual', priority: 'low' }),
		Date.now
	);

async function onActivate(): Promise<void> {
	for (const name of await caches.keys()) if (name !== PAGES && name !== PARTS) await caches.delete(name);
	await worker.registration.navigationPreload?.enable();
	await worker.clients.claim();
}

async function open(event: FetchEvent, url: URL): Promise<Response> {
	const address = url.origin + url.pathname;
	try {
		const answer = ((await event.preloadResponse) as Response | undefined) ?? (await fetch(event.request));
		if (KEPT_PAGES.includes(url.pathname) && url.search === '') {
			const copy = answer.clone();
			event.waitUntil(kept().then((pages) => pages.keep(address, copy)));
		}
		return answer;
	} catch {
		return (await kept()).instead(address);
	}
}

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(onActivate()));
worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (url.origin !== worker.location.origin) return;
	if (request.method !== 'GET') {
		// Whoever signs in or out, or becomes somebody else, leaves no page of theirs behind.
		if (!SAME_VIEWER.test(url.pathname)) event.waitUntil(caches.delete(PAGES));
		return;
	}
	if (url.pathname.startsWith('/_app/immutable/'))
		event.respondWith(kept().then((pages) => pages.part(request.url)));
	else if (request.mode === 'navigate') event.respondWith(open(event, url));
});
worker.addEventListener('message', (event) => {
	if (event.data !== 'keep') return;
	const origin = worker.location.origin;
	event.waitUntil(
		kept().then(async (pages) => {
			for (const path of KEPT_PAGES) await pages.refresh(origin + path);
			// What a page fetches only when it is touched, too.
			await pages.addParts(build.filter((part) => !part.endsWith('.woff')).map((part) => origin + part));
		})
	);
});
