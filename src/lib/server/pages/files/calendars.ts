/** The calendar out, at a secret address, and a family calendar in. */
import { householdTime } from '$core/calendar/instant';
import { feedEvents } from '$core/formats/feed';
import { calendarText } from '../../calendarText/calendarText';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { feedOf } from '../../repo/feedRepo';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { loadProjection } from '../../repo/projectionRepo';

/** The feed at a secret; null where there is none. */
export async function calendarFeed(secret: string, todo: boolean): Promise<string | null> {
	const found = await reading((db) => feedOf(db, secret));
	if (!found) return null;
	const [home, projection, revision] = await reading(
		async (db) =>
			[
				await loadHome(db, found.household),
				await loadProjection(db, found.household),
				await revisionOf(db, found.household)
			] as const
	);
	if (!home) return null;
	const at = now();
	const { date: today } = householdTime(at, home.home.household);
	const member = found.member === '' ? null : found.member;
	const events = feedEvents({ home, projection, today, member });
	const name =
		member === null
			? home.home.household.name
			: `${home.home.household.name}: ${home.members.find((one) => one.id === member)?.name ?? member}`;
	return calendarText(events, {
		name,
		timeZone: home.home.household.timeZone,
		host: `${found.household}.pail-round`,
		sequence: revision,
		stamp: at,
		today,
		todo
	});
}
