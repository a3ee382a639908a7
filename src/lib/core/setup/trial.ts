/** Trying a rhythm before it is kept: the next dates of a job, and how a year would look with it. */
import { addDays, type CivilDay } from '../calendar/civil';
import type { Pauses } from '../calendar/pauses';
import { inSeason } from '../calendar/recurrence';
import { zoneOn } from '../calendar/rotation';
import type { Household, Job, Room } from '../household/home';
import { nextDates } from '../schedule/occurrences';
import { outlook, type OutlookDay } from '../schedule/outlook';
import { asChanged, ruleOf, withRule, type PreparedHome, type Series } from '../schedule/preparedHome';
import type { HomeProjection } from '../schedule/projection';
import type { SeriesVersions } from '../schedule/series';
import { saveJob } from './editJobs';

export interface TrialInput {
	readonly household: Household;
	readonly room: Room;
	/** The job as it was; null for a new one. */
	readonly before: Job | null;
	readonly after: Job;
	/** Its rules as they are, with the days from which they hold; none of a new one. */
	readonly versions: SeriesVersions;
	readonly projection: HomeProjection;
	readonly pauses: Pauses;
	readonly today: CivilDay;
	/** Days of the visits of the room's zone to come, for zone items. */
	readonly zoneDays: readonly CivilDay[];
}

function lineOf(input: TrialInput, job: Job, versions: SeriesVersions): Series {
	const part = job.parts.length > 1 ? (job.parts[0] ?? null) : null;
	return { id: part === null ? job.id : `${job.id}/${part}`, job, part, room: input.room, versions };
}

/** Its rules as a change from today on leaves them: another one of today is written over. */
const changedToday = ({ versions, today, household }: TrialInput, job: Job): SeriesVersions =>
	withRule(
		versions.filter((one) => one.from < today),
		today,
		ruleOf(job, household)
	);

/** The next dates of a job as it would be, at most `count`, none before tomorrow. A zone's item: its visits. */
export function trialDates(input: TrialInput, count = 6): CivilDay[] {
	const { after } = input;
	if (after.cadence.type === 'onCall') return [];
	if (after.cadence.type === 'zone') {
		const { every } = after.cadence;
		const visits = input.zoneDays.filter((day, i) => i === 0 || day - (input.zoneDays[i - 1] as number) > 1);
		// A visit outside the season is no date of the item, though its pass goes by.
		return visits.filter((day, i) => i % every === 0 && inSeason(day, after.season)).slice(0, count);
	}
	return nextDates(lineOf(input, after, changedToday(input, after)), input, count);
}

/** The same for the job as it was. */
export function datesBefore(input: TrialInput, count = 6): CivilDay[] {
	if (!input.before) return [];
	const { before } = input;
	if (before.cadence.type === 'onCall') return [];
	if (before.cadence.type === 'zone') return trialDates({ ...input, after: before }, count);
	return nextDates(lineOf(input, before, input.versions), input, count);
}

/** The coming zone days of a zone, from tomorrow on: enough for a year. */
export function zoneDaysAhead(
	home: PreparedHome,
	zone: string | null,
	today: CivilDay,
	days = 400
): CivilDay[] {
	if (zone === null) return [];
	return Array.from({ length: days }, (_, i) => addDays(today, i + 1)).filter(
		(day) => zoneOn(day, home.rotation) === zone
	);
}

/** What a change makes of the dates of a job. */
export interface JobTrial {
	/** Its next dates, as it would be. */
	readonly dates: CivilDay[];
	/** Those it would have had up to the last of them, and has no more: at most six. */
	readonly gone: CivilDay[];
	/** The first of its times, where the change moves it; null where both begin alike, or where either has none. */
	readonly moved: { readonly from: CivilDay; readonly to: CivilDay } | null;
}

/** How far the dates of before are looked at where no date is left. */
const AHEAD_DAYS = 60;

/** The dates of a job as it would be beside those it had. A new job had none. */
export function tryJob(input: TrialInput): JobTrial {
	const dates = trialDates(input);
	const before = datesBefore(input, 12);
	const [from] = before;
	const [to] = dates;
	const now = new Set(dates);
	const end = dates[dates.length - 1] ?? addDays(input.today, AHEAD_DAYS);
	return {
		dates,
		gone: before.filter((day) => !now.has(day) && day <= end).slice(0, 6),
		moved: from === undefined || to === undefined || from === to ? null : { from, to }
	};
}

/** A year of the whole home with one job changed: new picture data for the Round and the minutes of each day. */
export function trialYear(
	home: PreparedHome,
	job: Job,
	projection: HomeProjection,
	today: CivilDay,
	days = 365
): OutlookDay[] {
	const edit = saveJob(home.home, job);
	if (!edit.ok) return outlook(home, addDays(today, 1), days, projection, today);
	return outlook(asChanged(home, edit.home, today), addDays(today, 1), days, projection, today);
}
