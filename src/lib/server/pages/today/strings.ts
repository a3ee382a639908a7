/** What runs by itself in the house, as strings to their fetch hour: soaks of sessions, and loads of laundry. */
import { STRINGS_SAYS } from '$words/answers/today';
import { householdTime, wallTime } from '$core/calendar/instant';
import { readLoad, type Load } from '$core/laundry/laundry';
import { hearsAlarm, inChargeAt } from '$core/people/presence';
import { awayOn } from '$core/people/weekOccurrences';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { effectivePauses, type HomeProjection } from '$core/schedule/projection';
import { hurryAt } from '$core/session/alarms';
import { readSession } from '$core/session/sessionState';
import type { StringView } from '$views/today';
import { clockText } from '$words/general';
import { actWords } from '$words/laundry';
import type { StoredSession } from '../../repo/sessionRepo';

interface Home {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
}

export interface ByItself extends Home {
	readonly sessions: readonly StoredSession[];
	readonly loads: readonly Load[];
}

/** Whom a bell is for, as asked by whoever looks: `listener` is null on a device of the whole house. */
export function listening({ home, projection }: Home, at: number, listener: string | null) {
	const { date, minute } = householdTime(at, home.home.household);
	const away = awayOn(effectivePauses(projection.home), date);
	const carrier = inChargeAt(home.members, date, minute, away)?.id ?? null;
	return (owner: string | null) => hearsAlarm(owner, carrier, listener);
}

export function stringViews(facts: ByItself, now: number, listener: string | null): StringView[] {
	const { home, sessions, loads } = facts;
	const rules = home.home.household;
	const hears = listening(facts, now, listener);
	const time = (at: number) => clockText(wallTime(at, rules.timeZone), rules.clock);
	const laundry = loads.flatMap((load): StringView[] => {
		const is = readLoad(load, now);
		if (is.fetchAt === null) return [];
		return [
			{
				session: load.id,
				step: 0,
				label: load.name,
				room: is.rings ? STRINGS_SAYS.wetTooLong(actWords(load, is.next)) : actWords(load, is.next),
				fetchAt: is.fetchAt,
				hurryAt: is.latestAt,
				time: time(is.fetchAt),
				trailing: false,
				href: '/laundry',
				rings: is.rings,
				heard: hears(load.owner)
			}
		];
	});
	const soaks = sessions.flatMap((session) =>
		readSession(session.plan, session.events, now).waits.map((wait): StringView => {
			return {
				session: session.id,
				step: wait.step,
				label: wait.label,
				room: wait.roomName,
				fetchAt: wait.fetchAt,
				hurryAt: hurryAt(wait),
				time: time(wait.fetchAt),
				trailing: wait.trailing || session.isOver,
				href: session.isOver ? null : `/timer/${session.id}`,
				rings: wait.latestAt !== null && wait.latestAt <= now,
				// A session that still runs rings on its own pages.
				heard: session.isOver && hears(wait.who || session.member)
			};
		})
	);
	return [...soaks, ...laundry].sort((a, b) => a.fetchAt - b.fetchAt);
}
