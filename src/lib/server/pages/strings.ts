/** What runs by itself in the house, as strings to their fetch hour: soaks of sessions, and loads of laundry. */
import { householdTime, wallTime } from '$core/calendar/instant';
import type { PreparedHome } from '$core/household/history';
import { hearsBell, whoCarries } from '$core/people/presence';
import { awayOn } from '$core/people/weekTurns';
import { effectivePauses, type HomeStanding } from '$core/routine/standing';
import { hurryAt } from '$core/session/bells';
import { readClock } from '$core/session/clock';
import { readLoad, type Load } from '$core/session/laundry';
import type { StringView } from '$ui/today/view';
import { clockText } from '$ui/words';
import type { StoredSession } from '../store/sessionStore';
import { actWords } from './laundryWords';

interface Home {
	readonly home: PreparedHome;
	readonly standing: HomeStanding;
}

export interface ByItself extends Home {
	readonly sessions: readonly StoredSession[];
	readonly loads: readonly Load[];
}

/** Whom a bell is for, as asked by whoever looks: `listener` is null on a device of the whole house. */
export function listening({ home, standing }: Home, at: number, listener: string | null) {
	const { date, minute } = householdTime(at, home.home.household);
	const away = awayOn(effectivePauses(standing.home), date);
	const carrier = whoCarries(home.home.members, date, minute, away)?.id ?? null;
	return (owner: string | null) => hearsBell(owner, carrier, listener);
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
				room: is.rings ? `${actWords(load, is.next)}, wet too long` : actWords(load, is.next),
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
		readClock(session.plan, session.events, now).waits.map((wait): StringView => {
			return {
				session: session.id,
				step: wait.step,
				label: wait.label,
				room: wait.roomName,
				fetchAt: wait.fetchAt,
				hurryAt: hurryAt(wait),
				time: time(wait.fetchAt),
				trailing: wait.trailing || session.isOver,
				href: session.isOver ? null : `/pail/${session.id}`,
				rings: wait.latestAt !== null && wait.latestAt <= now,
				// A session that still runs rings on its own pages.
				heard: session.isOver && hears(wait.who || session.member)
			};
		})
	);
	return [...soaks, ...laundry].sort((a, b) => a.fetchAt - b.fetchAt);
}
