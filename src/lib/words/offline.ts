/** What is said where there is no connection, and a page is shown as it was kept. */
import { clockText } from './general';

export const OFFLINE = {
	/** The pages that are kept on the device, by their addresses. */
	pages: { '/': 'Today', '/supplies/list': 'Shopping list' },
	title: 'No connection',
	lead: 'This page cannot be opened without a connection. Nothing you ticked is lost.',
	kept: 'These pages are kept on this device, as they were when you last had a connection:',
	again: 'Try again',
	asItWas: (day: string, time: string) => `No connection. This page is as it was on ${day} at ${time}.`
} as const;

/** When a page was kept, by the home's clock. */
export function asItWas(at: Date, clock: '24h' | '12h'): string {
	const two = (part: number) => String(part).padStart(2, '0');
	const weekday = new Intl.DateTimeFormat('en', { weekday: 'long' }).format(at);
	return OFFLINE.asItWas(weekday, clockText(`${two(at.getHours())}:${two(at.getMinutes())}`, clock));
}
