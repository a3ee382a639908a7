/** What was done on a day, and what of a past day was not. */
import { DONE_SAYS } from '$words/answers/today';
import { isWork, type ClearedEntry } from '$core/household/entry';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { clearedName } from '$words/history';
import { jobTitle, type DaySeries } from '$core/schedule/readDay';
import type { DoneView } from '$views/today';
import { memberName } from '$words/names';
import { zoneMark } from './jobRows';
import type { Facts } from './todayFacts';

export function doneViews({ home, day, holding }: Facts): DoneView[] {
	const lines = new Map(day.lines.map((line) => [line.line.id, line]));
	const settled = new Set(day.lines.flatMap((line) => [...line.settledBy]));
	const spots = holding.flatMap((entry): DoneView[] =>
		entry.outcome === 'cleared' ? [clearedView(home, entry)] : []
	);
	const jobs = holding.filter(isWork).map((entry): DoneView => {
		const line = lines.get(entry.part === null ? entry.job : `${entry.job}/${entry.part}`);
		const job = home.everyJob.get(entry.job);
		const extra = line && entry.outcome !== 'part' && job?.cadence.type !== 'zone' && !settled.has(entry.id);
		return {
			entry: entry.id,
			line: line?.line.id ?? entry.job,
			name: jobTitle(job?.name ?? entry.job, entry.variant),
			outcome: entry.outcome,
			by: memberName(home, entry.by),
			minutes: entry.minutes,
			zone: job ? zoneMark(home, home.roomById.get(job.room)?.zone ?? null) : null,
			note: extra && line.state !== 'done' ? DONE_SAYS.asAnExtra : null
		};
	});
	return [...jobs, ...spots];
}

/** A spot that was decluttered on the day. */
function clearedView(home: PreparedHome, entry: ClearedEntry): DoneView {
	return {
		entry: entry.id,
		line: '',
		name: clearedName(entry.spot),
		outcome: 'cleared',
		by: memberName(home, entry.by),
		minutes: entry.minutes,
		zone: zoneMark(home, home.everyRoom.get(entry.room)?.zone ?? null),
		note: null
	};
}

/** Turns of a past day that were not settled on it. */
export function wentBy({ day }: Facts): DaySeries[] {
	return day.lines.filter((line) => line.state === 'due' && line.dueOn === day.date && !line.offered);
}
