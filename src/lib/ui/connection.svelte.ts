/** Whether the house answers; and reading a page anew without taking the ground from under a touch. */
import { invalidate } from '$app/navigation';
import { navigating } from '$app/state';

export const connection = $state({
	/** What was sent last got no answer. */
	lost: false
});

/** Reading a page anew ends the way to another one: whoever has touched a link goes there first. */
export async function wayEnded(): Promise<void> {
	let last: Promise<void> | null = null;
	while (navigating.complete && navigating.complete !== last) {
		last = navigating.complete;
		await last.catch(() => undefined);
	}
}

/** What time it is at the house, in milliseconds; throws where it does not answer. Device clocks decide nothing. */
export async function houseTime(): Promise<number> {
	const answer = await fetch('/alive', { cache: 'no-store' });
	const time = Number(await answer.text());
	if (!answer.ok || !(time > 0)) throw new Error('away');
	return time;
}

/**
 * Reads again what depends on `what`, when no way to another page is under way. A house that does not answer is asked
 * first: the framework would put its own error page over what is running. `unless` is asked last of all.
 */
export async function readAnew(what: `app:${string}`, unless: () => boolean = () => false): Promise<void> {
	await houseTime();
	// Meanwhile something may have been sent, or a way begun: nothing comes between this and the reading.
	await allAnswered();
	await wayEnded();
	if (unless()) return;
	reading++;
	try {
		await invalidate(what);
	} finally {
		reading--;
	}
}

let reading = 0;
/** Milliseconds between two tries at a house that does not answer. */
const PATIENCE = 1500;

/**
 * A `fetch` that asks for the data of a page until it comes. The framework gives up at the first failure and leaves for
 * the server's own page, which without a connection is the browser's: whatever ran would be gone. While a page is only
 * read anew, a house that answers with an error is asked again, too, as the page that is there is the better one.
 */
export function steady(real: typeof fetch): typeof fetch {
	return async (input, init) => {
		const url = input instanceof Request ? input.url : String(input);
		if (!/\/__data\.json(\?|$)/.test(url)) return real(input, init);
		for (let tries = 0; ; tries++) {
			const answer = await real(input, init).catch(() => null);
			if (answer && (answer.status < 500 || reading === 0)) {
				if (tries > 0) connection.lost = false;
				return answer;
			}
			connection.lost = true;
			await new Promise((again) => setTimeout(again, PATIENCE));
		}
	};
}

let underWay = 0;
let waiting: (() => void)[] = [];

/** Something was sent, and its answer is still to be shown. */
export const sendingBegan = () => void underWay++;

export function sendingEnded(): void {
	underWay--;
	if (underWay > 0) return;
	const ready = waiting;
	waiting = [];
	for (const go of ready) go();
}

/** Waits until every answer is shown: what an answer leads to must not be overtaken by reading a page anew. */
export async function allAnswered(): Promise<void> {
	while (underWay > 0) await new Promise<void>((done) => waiting.push(done));
	// A way to another page that the answer began shows itself only after a moment.
	await new Promise((done) => setTimeout(done));
}
