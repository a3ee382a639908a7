/** The sittings to come of every zone: which items each offers, the list going round. Rules: "Zone lists". */
import { addDays, type CivilDay } from '../calendar/civil';
import { pauseOn } from '../calendar/pauses';
import { inSeason } from '../calendar/recurrence';
import { visitsInYear, zoneOn } from '../calendar/rotation';
import type { PreparedHome } from './preparedHome';
import { effectivePauses, EMPTY_ZONE, passAt, pausesForSeries, type HomeProjection } from './projection';
import { clutterOf, depthOf, doneBefore, readDay } from './readDay';
import { effectiveLedger } from './series';
import { fillSitting, orderByNeed, settleItem, startVisit, visitOrder, type PassState } from './zoneList';
import { zoneVersionOn } from './zoneProgress';

export interface Sitting {
	readonly date: CivilDay;
	readonly zone: string;
	/** Items that fall due, in the order offered; none while the zone is not clear or its items are paused. */
	readonly offered: readonly string[];
	/** Items of the pass that are not settled before the sitting, in order. */
	readonly next: readonly string[];
	readonly pass: number;
	readonly clearing: boolean;
	/** All that the sitting would offer lies in a pause. */
	readonly paused: boolean;
}

/** How far a zone has come while its days are lived ahead. */
interface Ahead {
	state: PassState;
	readonly done: Map<string, number>;
	readonly last: Map<string, CivilDay>;
}

/**
 * The sittings after `today` up to `to`, by date. Each item that is offered is taken to be done in its sitting, and
 * what today's sitting still offers today. A zone that is not clear offers nothing.
 */
export function sittingsAhead(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay,
	to: CivilDay
): Sitting[] {
	const pauses = effectivePauses(projection.home);
	const clutter = clutterOf(effectiveLedger(projection.home), today);
	const ahead = new Map<string, Ahead>();
	const pausedOn = (id: string, date: CivilDay) => {
		const line = home.seriesById.get(id);
		return line !== undefined && pauses.length > 0 && pauseOn(pausesForSeries(line, pauses), date) !== null;
	};
	const minutesOf = (at: Ahead, id: string) => {
		const job = home.jobById.get(id);
		if (!job) return 0;
		const done = doneBefore(projection.series.get(id), addDays(today, 1)) + (at.done.get(id) ?? 0);
		return job.depths[depthOf(job, done)]?.minutes ?? job.depths.usual.minutes;
	};
	const settle = (zone: string, at: Ahead, items: readonly string[], date: CivilDay) => {
		const version = zoneVersionOn(home.zoneVersions.get(zone) ?? [], date);
		for (const id of items) {
			at.state = settleItem(startVisit(at.state, version.items, date), version.items, id, date);
			at.done.set(id, (at.done.get(id) ?? 0) + 1);
			at.last.set(id, date);
		}
	};
	const aheadOf = (zone: string): Ahead => {
		const known = ahead.get(zone);
		if (known) return known;
		const state = passAt(home, zone, projection.zones.get(zone) ?? EMPTY_ZONE, today);
		const made: Ahead = { state, done: new Map(), last: new Map() };
		ahead.set(zone, made);
		if (zoneOn(today, home.rotation) === zone) {
			const left = readDay(home, projection, today).lines.filter((one) => one.offered && one.state === 'due');
			settle(
				zone,
				made,
				left.map((one) => one.line.job.id),
				today
			);
		}
		return made;
	};
	const sittings: Sitting[] = [];
	for (let date = addDays(today, 1); date <= to; date = addDays(date, 1)) {
		const zone = zoneOn(date, home.rotation);
		if (zone === null) continue;
		const at = aheadOf(zone);
		const version = zoneVersionOn(home.zoneVersions.get(zone) ?? [], date);
		at.state = startVisit(at.state, version.items, date);
		const byNeed = home.zoneById.get(zone)?.orderBy === 'need';
		const visits = byNeed ? Math.max(1, visitsInYear(zone, date, version.rotation)) : 1;
		const order = byNeed
			? orderByNeed(
					version.items
						.filter((item) => inSeason(date, item.season))
						.map((item) => {
							const gap = (item.every * 365) / visits;
							const line = home.seriesById.get(item.id);
							const startsOn = line?.versions[0]?.rule?.startsOn ?? date;
							const last = at.last.get(item.id) ?? projection.series.get(item.id)?.last?.date;
							const lastDone = last ?? (addDays(startsOn, -Math.round(gap)) as CivilDay);
							return { id: item.id, weight: line?.job.weight ?? 1, lastDone, gap };
						}),
					date
				)
			: visitOrder(at.state, version.items, date);
		const clearing = (clutter.get(zone) ?? 'clear') !== 'clear';
		const would = fillSitting(order, (id) => minutesOf(at, id), home.home.household.rhythm.sittingMinutes);
		const offered = clearing ? [] : would.filter((id) => !pausedOn(id, date));
		sittings.push({
			date,
			zone,
			offered,
			next: byNeed ? order : order.filter((id) => !at.state.settled.includes(id)),
			pass: at.state.pass,
			clearing,
			paused: would.length > 0 && would.every((id) => pausedOn(id, date))
		});
		settle(zone, at, offered, date);
	}
	return sittings;
}
