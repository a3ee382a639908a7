/**
 * The plan as events: one series a line with its rule and what differs from it, single dates where no rule says it.
 * The text of the calendar is made from these on the server.
 */
import { addDays, type CivilDay } from '../calendar/civil';
import { recurrenceOccurrences, type Schedule } from '../calendar/recurrence';
import { occurrencesOf, type KnownSeries } from '../schedule/occurrences';
import type { PreparedHome, Series } from '../schedule/preparedHome';
import { effectivePauses, EMPTY_SERIES, pausesForSeries, type HomeProjection } from '../schedule/projection';
import { readDay } from '../schedule/readDay';
import { effectiveEntries, versionOn } from '../schedule/series';
import { seriesState } from '../schedule/seriesState';
import { sittingsAhead } from '../schedule/sittings';
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
	readonly projection: HomeProjection;
	readonly today: CivilDay;
	/** Only what this member does; null for the home. */
	readonly member: string | null;
}

function partOf(line: Series, home: PreparedHome): number | null {
	const part = line.part ?? line.job.parts[0] ?? null;
	return part === null ? null : minutesOf(home.home.household.parts[part as 'morning']);
}

function base(line: Series, input: FeedInput) {
	const names = line.job.who.members.map((id) => input.home.members.find((one) => one.id === id)?.name ?? id);
	return {
		title: line.job.name,
		where: line.room.name,
		who: names.join(', '),
		minutes: line.job.depths.usual.minutes,
		at: partOf(line, input.home),
		cancelled: false
	};
}

/** An event of one date. */
const once = (line: Series, input: FeedInput, key: string, day: CivilDay): FeedEvent => ({
	...base(line, input),
	key,
	first: day,
	rule: null,
	except: [],
	moved: []
});

function series(line: Series, input: FeedInput): FeedEvent[] {
	const { home, projection, today } = input;
	const rule = recurrenceRule(line.job, home.home.household);
	const pauses = pausesForSeries(line, effectivePauses(projection.home));
	const rhythm = versionOn(line.versions, today)?.rule;
	if (!rhythm) return [];
	const tail = effectiveEntries((projection.series.get(line.id) ?? EMPTY_SERIES).tail);
	const known = { projection, pauses, today };
	const isDone =
		(projection.series.get(line.id)?.tail ?? []).length > 0 && stateToday(line, known) === 'done';
	const real = occurrencesOf(line, known, today, addDays(today, AHEAD)).filter(
		(day) => !(day === today && isDone)
	);
	if (rule === null) {
		// The first date of a job after done is one event whose day moves; what is forecast after it are others.
		const floats = line.job.cadence.type === 'afterDone';
		return real.map((day, n) =>
			once(line, input, floats ? (n === 0 ? line.id : `${line.id}/+${n}`) : `${line.id}/${day}`, day)
		);
	}
	const schedule = rhythm as unknown as Schedule;
	const plain = recurrenceOccurrences(schedule, today, addDays(today, AHEAD)).map(
		(occurrence) => occurrence.due
	);
	const first = plain[0];
	if (first === undefined) return real.map((day) => once(line, input, `${line.id}/${day}`, day));
	const moved = tail
		.filter(
			(entry) =>
				entry.outcome === 'moved' &&
				entry.dueOn !== undefined &&
				entry.to !== undefined &&
				plain.includes(entry.dueOn)
		)
		.map((entry) => ({ from: entry.dueOn as CivilDay, to: entry.to as CivilDay }));
	const falls = new Set<number>(real);
	const except = plain.filter((day) => !falls.has(day) && !moved.some((one) => one.from === day));
	// What waits for its catch-up day, or was put on a day by hand, is no date of the rule.
	const own = real.filter((day) => !plain.includes(day) && !moved.some((one) => one.to === day));
	return [
		{ ...base(line, input), key: line.id, first, rule, except, moved },
		...own.map((day) => once(line, input, `${line.id}/${day}`, day))
	];
}

/** Zone days: one event a sitting, as no rule of a calendar knows rows and rounds. */
function sittings(input: FeedInput): FeedEvent[] {
	const { home, projection, today } = input;
	if (input.member !== null) return [];
	const now = readDay(home, projection, today).zone;
	const first = now && now.offered.length > 0 ? [{ date: today, zone: now.zone, offered: now.offered }] : [];
	return [...first, ...sittingsAhead(home, projection, today, addDays(today, AHEAD))].flatMap(
		(sitting): FeedEvent[] => {
			const zone = sitting.offered.length === 0 ? undefined : home.zoneById.get(sitting.zone);
			if (!zone) return [];
			return [
				{
					key: `zone/${zone.id}/${sitting.date}`,
					title: zone.name,
					where: '',
					who: '',
					minutes: home.home.household.rhythm.sittingMinutes,
					at: null,
					first: sitting.date,
					rule: null,
					except: [],
					moved: [],
					cancelled: false
				}
			];
		}
	);
}

function stateToday(line: Series, { projection, pauses, today }: KnownSeries) {
	const at = projection.series.get(line.id) ?? EMPTY_SERIES;
	const input = { versions: line.versions, checkpoint: at.checkpoint, ledger: at.tail, pauses };
	return seriesState(input, today).state;
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
