/**
 * How the home that is being written for writes dates and amounts. The browser writes for one home; the server for
 * that of the request it answers: each says once whom to ask.
 */
import type { DateOrder, Units } from '$core/household/home';

export interface Writing {
	readonly dates: DateOrder;
	readonly units: Units;
}

const USUAL: Writing = { dates: 'dayFirst', units: 'metric' };

let ask: () => Writing | null = () => null;

/** Says whom to ask how dates and amounts are written. */
export function writeBy(read: () => Writing | null): void {
	ask = read;
}

export const writing = (): Writing => ask() ?? USUAL;

/** The language and region (BCP 47) that puts day, month and year of a field in this order. */
export const LOCALES: Readonly<Record<DateOrder, string>> = {
	dayFirst: 'en-GB',
	monthFirst: 'en-US',
	yearFirst: 'en-CA'
};
