/** What a device knows of how its people write: the first guess for a new home, which its settings can change. */
import type { DateOrder, Units } from '$core/household/home';

export interface DeviceWays {
	readonly timeZone: string;
	readonly clock: '24h' | '12h';
	readonly dates: DateOrder;
	readonly units: Units;
}

/** Where people measure in cups and spoons. English of the United States alone does not say so: it is set up all over the world. */
const measuresInCups = (language: string, timeZone: string) =>
	new Intl.Locale(language).maximize().region === 'US' && /^(America|Pacific)\//.test(timeZone);

/** In the words of a language tag (BCP 47) and a time zone; 24 hours, day first and metric where nothing is known. */
export function waysOf(language: string, timeZone: string): DeviceWays {
	try {
		const hours = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions().hourCycle;
		const parts = new Intl.DateTimeFormat(language, { year: 'numeric', month: 'numeric', day: 'numeric' })
			.formatToParts()
			.map((part) => part.type)
			.filter((type) => type === 'year' || type === 'month' || type === 'day');
		return {
			timeZone,
			clock: hours === 'h12' || hours === 'h11' ? '12h' : '24h',
			dates: parts[0] === 'year' ? 'yearFirst' : parts[0] === 'month' ? 'monthFirst' : 'dayFirst',
			units: measuresInCups(language, timeZone) ? 'cups' : 'metric'
		};
	} catch {
		return { timeZone, clock: '24h', dates: 'dayFirst', units: 'metric' };
	}
}
