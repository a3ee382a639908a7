/** The household that comes of the answers of the first steps. */
import { isoOf, type CivilDay, type Weekday } from '../calendar/civil';
import { weekStartOf } from '../calendar/weeks';
import { NOTHING_AGREED } from '../household/familySchema';
import { LAYERS, type Household, type Member } from '../household/home';
import type { Draft } from './draft';
import type { Pattern } from './pattern';
import { schemeOf } from './schemeOf';

/** What the first steps do not ask of a household. */
const UNASKED = {
	dayStartsAt: '04:00',
	weekBelongs: 'start',
	parts: { morning: '05:00', midday: '12:00', evening: '17:00' },
	moves: { sameStorey: 0.5, perStorey: 1 },
	floors: 'by-room',
	laundry: { days: [], aDay: 1, dry: 'line' }
} satisfies Partial<Household>;

/** What a new household has agreed: a family with children shares by age; others, all the same. */
const agreedAtFirst = (members: readonly Member[]): Household['family'] =>
	members.some((member) => member.role === 'child')
		? { ...NOTHING_AGREED, shares: { by: 'age', byHand: {} } }
		: NOTHING_AGREED;

/**
 * The household as the answers and the pattern make it from a day on; of one that was there before, what neither of them
 * asks stays. The pattern is that beside its free days.
 */
export function householdOf(
	draft: Draft,
	pattern: Pattern,
	{
		members,
		zoneWeekday,
		from,
		before
	}: {
		readonly members: readonly Member[];
		/** The weekday of each zone, for schemes by weekdays. */
		readonly zoneWeekday: ReadonlyMap<string, Weekday>;
		readonly from: CivilDay;
		readonly before: Household | null;
	}
): Household {
	const { rhythm } = pattern;
	return {
		...(before ?? {
			...UNASKED,
			layers: draft.begin === 'basics' ? ['basics'] : [...LAYERS],
			family: agreedAtFirst(members)
		}),
		name: draft.name.trim() || before?.name || 'Our home',
		timeZone: draft.timeZone,
		clock: draft.clock,
		dates: draft.dates,
		units: draft.units,
		weekStart: draft.weekStart,
		startsOn: isoOf(from),
		minutesADay: draft.minutesADay,
		rhythm: {
			pattern: pattern.name,
			scheme: schemeOf(pattern, zoneWeekday, isoOf(weekStartOf(from, draft.weekStart))),
			zoneDays: rhythm.zoneDays,
			sittingMinutes: rhythm.sittingMinutes,
			catchUpDays: draft.catchUpDays ?? rhythm.catchUpDays,
			freeDays: draft.freeDays ?? rhythm.freeDays,
			errandDays: before?.rhythm.errandDays ?? [],
			swaps: [],
			shifts: [],
			subjects: rhythm.subjects
		}
	};
}
