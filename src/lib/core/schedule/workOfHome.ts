/** What of a day's work is the home's. Rules: "A week within its minutes". */
import { isOwnWork } from '../household/ownWork';
import type { OutlookDay } from './outlook';
import type { PreparedHome } from './preparedHome';

/** The same day with the minutes of the home's work alone, without what is somebody's own, such as a bed. */
export function workOfHome(day: OutlookDay, home: PreparedHome): OutlookDay {
	const own = { basics: 0, weekly: 0, zone: 0, long: 0 };
	for (const line of day.lines) {
		const job = home.seriesById.get(line)?.job;
		if (job && isOwnWork(job, home.home.rooms)) own[job.layer] += job.depths.usual.minutes;
	}
	const basics = day.basics - own.basics;
	const weekly = day.weekly - own.weekly;
	const zoneMinutes = day.zoneMinutes - own.zone;
	const long = day.long - own.long;
	return { ...day, basics, weekly, zoneMinutes, long, total: basics + weekly + zoneMinutes + long };
}
