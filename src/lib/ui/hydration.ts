/** The parts of a page that the server sent are hydrated one after the other, each in a task of its own (see Hydrate.svelte). */
import { browser } from '$app/environment';
import { WHOLE_PAGES } from '$views/frame';

const waiting: (() => void)[] = [];
let channel: MessageChannel | null = null;
let isHydrated = false;

/** From now on nothing waits: what comes is made here. */
export function hydrated(): void {
	isHydrated = true;
}

function next(): void {
	waiting.shift()?.();
	if (waiting.length > 0) channel?.port2.postMessage(null);
}

/**
 * Resolves in a task of its own, in the order of the asking, while a page is hydrated: between two of them the browser answers to
 * touches and draws. On the server, and once the page is hydrated, at once.
 */
export function ownTask(): Promise<true> {
	if (!browser || isHydrated) return Promise.resolve(true);
	if (!channel) {
		channel = new MessageChannel();
		channel.port1.onmessage = next;
	}
	const { port2 } = channel;
	return new Promise((done) => {
		if (waiting.push(() => done(true)) === 1) port2.postMessage(null);
	});
}

/**
 * What to do when a part fails. While the page is hydrated something else has changed what the server sent, as a translator
 * does: the page is asked for anew, as one that is hydrated in one go and is made from nothing where it was changed. Later it is
 * a fault like any other.
 */
export function partFailed(error: unknown): void {
	if (isHydrated) throw error;
	reportError(error);
	document.cookie = `${WHOLE_PAGES}=yes; path=/; SameSite=Lax`;
	// Asked for, not sent once more, where a form had led here.
	location.replace(location.pathname + location.search);
}
