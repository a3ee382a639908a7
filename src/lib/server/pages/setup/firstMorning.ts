/** The first morning: what begins on which of the first days, and what does not fit. */
import { addDays, type CivilDay } from '$core/calendar/civil';
import { DAY_PARTS } from '$core/calendar/dayParts';
import { minutesOfDay } from '$core/household/dayMinutes';
import type { Job } from '$core/household/home';
import { agendaOf } from '$core/schedule/agenda';
import { comingDay } from '$core/schedule/comingDay';
import { NOTHING_DONE } from '$core/schedule/occurrences';
import { prepareHome, type PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { readDay } from '$core/schedule/readDay';
import type { MadeHome } from '$core/setup/homeFromDraft';
import { minutesAWeek } from '$core/setup/fitWeek';
import { itemMinutesAWeek } from '$core/setup/sittingsOfWeek';
import type { Pattern } from '$core/setup/pattern';
import type { BeginView, FirstDay } from '$views/setup';
import { weekdayName } from '$words/general';
import { rhythmWords } from '$words/recurrence';
import type { AsAnswered } from './homeThatIs';

type First = NonNullable<BeginView['first']>;
type Made = Extract<MadeHome, { ok: true }>;
type FirstWeek = Pick<First, 'days' | 'jobs' | 'begun' | 'minutes'>;
type LeftOut =
	'minutesADay' | 'rarer' | 'leftOut' | 'wanted' | 'isOver' | 'beyondParts' | 'aPart' | 'pattern';

/** What the days do not hold and what the pattern does without, by name and room, and what would help. */
function leftOut(made: Made, pattern: Pattern, isBeyond: boolean): Pick<First, LeftOut> {
	const rooms = new Map(made.home.rooms.map((room) => [room.id, room.name]));
	const given = minutesOfDay(made.home.household);
	const aWeek = (job: Job) => ({
		name: job.name,
		room: rooms.get(job.room) ?? '',
		// A zone's item comes round with its zone.
		minutes: Math.round(
			job.cadence.type === 'zone' ? itemMinutesAWeek(job, made.home.zones.length) : minutesAWeek(job)
		)
	});
	return {
		minutesADay: given,
		leftOut: made.leftOut.map(aWeek),
		wanted: made.neededADay > given && made.leftOut.length + made.rarer.length > 0 ? made.neededADay : null,
		rarer: made.rarer.map((job) => ({ ...aWeek(job), comes: rhythmWords(job) })),
		isOver: made.neededADay > given,
		beyondParts: made.beyondParts.map(aWeek),
		aPart: pattern.basicsAPart,
		pattern: { name: pattern.name, without: made.notOfPattern.map(aWeek), isBeyond }
	};
}

/** Of a home whose jobs stay as they are nothing is left out. */
const NONE_LEFT_OUT = {
	leftOut: [],
	wanted: null,
	rarer: [],
	isOver: false,
	beyondParts: [],
	aPart: 0
} as const;

/** The first seven days as they will be: each is the one that Today shows when it has come. */
function firstWeek(prepared: PreparedHome, projection: HomeProjection, today: CivilDay): FirstWeek {
	const { home } = prepared;
	const days = Array.from({ length: 7 }, (_, i): FirstDay => {
		const date = addDays(today, i);
		const day = i === 0 ? readDay(prepared, projection, date) : comingDay(prepared, projection, today, date);
		const hung = agendaOf(prepared, projection, day, 'morning', minutesOfDay(home.household));
		const lines = [...DAY_PARTS.flatMap((part) => hung.parts[part]), ...hung.sitting];
		return {
			name: i === 0 ? 'Today' : weekdayName(date),
			minutes: Math.round(hung.minutesLeft),
			jobs: lines.map((line) => line.line.job.name)
		};
	});
	return {
		days,
		jobs: home.jobs.length,
		begun: home.jobs.filter((job) => home.household.layers.includes(job.layer)).length,
		minutes: Math.round(days.reduce((sum, day) => sum + day.minutes, 0) / 7)
	};
}

/** What the first morning shows of a home that could begin. */
export const firstMorning = (made: Made, pattern: Pattern, isBeyond: boolean, today: CivilDay): First => ({
	isAnew: true,
	...firstWeek(prepareHome([{ from: today, home: made.home }]), NOTHING_DONE, today),
	...leftOut(made, pattern, isBeyond)
});

/** The same of a home that is there, as it will be with the answers. Its jobs are left out where they are laid anew alone. */
export const nextMorning = (
	changed: Extract<AsAnswered, { ok: true }>,
	pattern: Pattern,
	isBeyond: boolean,
	today: CivilDay
): First => ({
	isAnew: changed.anew !== null,
	...firstWeek(changed.home, changed.projection, today),
	...(changed.anew
		? leftOut(changed.anew, pattern, isBeyond)
		: {
				...NONE_LEFT_OUT,
				minutesADay: minutesOfDay(changed.home.home.household),
				pattern: { name: pattern.name, without: [], isBeyond: false }
			})
});
