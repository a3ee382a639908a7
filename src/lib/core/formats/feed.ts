/**
 * The plan as events: one series a line with its rule and what differs from it, single dates where no rule says it.
 * The text of the calendar is made from these on the server.
 */
import { addDays, type CivilDay } from '../calendar/civil';
import type { Series, PreparedHome } from '../schedule/preparedHome';
import { occurrencesBetween, type Schedule } from '../calendar/recurrence';
import { effectiveEntries, versionOn } from '../schedule/series';
import { outlook } from '../schedule/outlook';
import { effectivePauses, EMPTY_SERIES, pausesForSeries, type HomeProjection } from '../schedule/projection';
import { nextDays, upcomingDays } from '../schedule/upcoming';
import { recurrenceRule } from './rrule';

export interface FeedEvent {
	/** Stays the same for the same line as long as it lives. */
	readonly key: string;
	readonly title: string;
	readonly where: string;
	readonly who: string;
	readonly minutes: number;
	/** Minutes after midnight at which its part of the day begins; null for the whole day. */
	readonly at: number | null;
	readonly first: CivilDay;
	readonly rule: Readonly<Record<string, string>> | null;
	/** Days of the rule on which there is none: skipped, paused, settled already. */
	readonly except: readonly CivilDay[];
	/** Days of the rule that lie elsewhere this once. */
	readonly moved: readonly { readonly from: CivilDay; readonly to: CivilDay }[];
	readonly cancelled: boolean;
}

const AHEAD = 400;
const minutesOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

export interface FeedInput {
	readonly home: PreparedHome;
	readonly standing: HomeProjection;
	readonly today: CivilDay;
	/** Only what this member does; null for the home. */
	readonly member: string | null;
}

function partOf(line: Series, home: PreparedHome): number | null {
	const part = line.part ?? line.job.parts[0] ?? null;
	return part === null ? null : minutesOf(home.home.household.parts[part as 'morning']);
}

function base(line: Series, input: FeedInput) {
	const names = line.job.who.members.map(
		(id) => input.home.home.members.find((one) => one.id === id)?.name ?? id
	);
	return {
		title: line.job.name,
		where: line.room.name,
		who: names.join(', '),
		minutes: line.job.depths.usual.minutes,
		at: partOf(line, input.home),
		cancelled: false
	};
}

function series(line: Series, input: FeedInput): FeedEvent[] {
	const { home, standing, today } = input;
	const rule = recurrenceRule(line.job, home.home.household);
	const pauses = pausesForSeries(line, effectivePauses(standing.home));
	const own = versionOn(line.versions, today)?.rule;
	if (!own) return [];
	const tail = effectiveEntries((standing.series.get(line.id) ?? EMPTY_SERIES).tail);
	if (rule === null) {
		const days =
			line.job.cadence.type === 'afterDone'
				? nextDays(line, standing, pauses, addDays(today, -1), 1)
				: upcomingDays(line, standing, pauses, addDays(today, -1), today, addDays(today, AHEAD));
		// A floating turn is one event whose day moves; a turn of a leaf is one each.
		return days.map((day) => ({
			...base(line, input),
			key: line.job.cadence.type === 'afterDone' ? line.id : `${line.id}/${day}`,
			first: day,
			rule: null,
			except: [],
			moved: []
		}));
	}
	const schedule = own as unknown as Schedule;
	const plain = occurrencesBetween(schedule, today, addDays(today, AHEAD)).map((turn) => turn.due);
	const first = plain[0];
	if (first === undefined) return [];
	const moved = tail
		.filter(
			(entry) =>
				entry.outcome === 'moved' &&
				entry.dueOn !== undefined &&
				entry.to !== undefined &&
				plain.includes(entry.dueOn)
		)
		.map((entry) => ({ from: entry.dueOn as CivilDay, to: entry.to as CivilDay }));
	const real = new Set<number>(
		upcomingDays(line, standing, pauses, addDays(today, -1), today, addDays(today, AHEAD))
	);
	const except = plain.filter((day) => !real.has(day) && !moved.some((one) => one.from === day));
	return [{ ...base(line, input), key: line.id, first, rule, except, moved }];
}

/** Zone days: one event a sitting, as no rule of a calendar knows rows and rounds. */
function sittings(input: FeedInput): FeedEvent[] {
	const { home, standing, today } = input;
	if (input.member !== null) return [];
	return outlook(home, today, 120, standing, addDays(today, -1)).flatMap((day): FeedEvent[] => {
		const zone =
			day.zone === null || day.zoneMinutes === 0 || day.paused ? undefined : home.zoneById.get(day.zone);
		if (!zone) return [];
		return [
			{
				key: `zone/${zone.id}/${day.date}`,
				title: zone.name,
				where: '',
				who: '',
				minutes: home.home.household.rhythm.sittingMinutes,
				at: null,
				first: day.date,
				rule: null,
				except: [],
				moved: [],
				cancelled: false
			}
		];
	});
}

/** Jobs that are no more: told once more as cancelled, so that calendars drop them. */
function cancelled(input: FeedInput): FeedEvent[] {
	const { home, today } = input;
	const current = new Set(home.home.jobs.map((job) => job.id));
	return [...home.everyJob.values()]
		.filter((job) => !current.has(job.id) && job.cadence.type !== 'zone' && job.cadence.type !== 'onCall')
		.flatMap((job) =>
			(job.parts.length > 1 ? job.parts : [null]).map((part): FeedEvent => ({
				key: part === null ? job.id : `${job.id}/${part}`,
				title: job.name,
				where: home.everyRoom.get(job.room)?.name ?? '',
				who: '',
				minutes: job.depths.usual.minutes,
				at: null,
				first: today,
				rule: null,
				except: [],
				moved: [],
				cancelled: true
			}))
		);
}

/** All events of a feed, from today on. Layers that are not on are not in it. */
export function feedEvents(input: FeedInput): FeedEvent[] {
	const lines = input.home.series.filter(
		(line) =>
			line.job.cadence.type !== 'zone' &&
			line.job.cadence.type !== 'onCall' &&
			input.home.home.household.layers.includes(line.job.layer) &&
			(input.member === null || line.job.who.members.includes(input.member))
	);
	return [
		...lines.flatMap((line) => series(line, input)),
		...sittings(input),
		...(input.member === null ? cancelled(input) : [])
	];
}
