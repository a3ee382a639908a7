/** For which home a request writes, so that every sentence of its answer has that home's way with dates and amounts. */
import { AsyncLocalStorage } from 'node:async_hooks';
import type { Home } from '$core/household/home';
import { writeBy, type Writing } from '$words/writing';

interface Request {
	readonly household: string;
	writing: Writing | null;
}

const requests = new AsyncLocalStorage<Request>();
writeBy(() => requests.getStore()?.writing ?? null);

/** Answers a request of a household; what it reads of that home's settings holds for all that it says. */
export const writingFor = <T>(household: string, answer: () => T): T =>
	requests.run({ household, writing: null }, answer);

/** A home was read: if it is the one of this request, its settings count. Who is at no home reads that of an invitation, or of a feed. */
export function noteWriting(household: string, { household: { dates, units } }: Home): void {
	const request = requests.getStore();
	if (request && (request.household === '' || request.household === household))
		request.writing = { dates, units };
}
