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
	await invalidate(what);
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
