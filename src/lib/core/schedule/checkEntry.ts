/** Whether an entry fits the home it is for. Refusals are values; their wording stands in the interface. */
import { addDays, type CivilDay } from '../calendar/civil';
import { isOnSeries, isWork, type LedgerEntry } from '../household/entry';
import { seriesOfEntry, type PreparedHome } from './preparedHome';

export type Refusal =
	| { readonly code: 'job-gone'; readonly job: string }
	| { readonly code: 'part-unknown'; readonly job: string; readonly part: string | null }
	| { readonly code: 'member-unknown'; readonly member: string }
	| { readonly code: 'zone-unknown'; readonly zone: string }
	| { readonly code: 'target-unknown'; readonly target: string }
	| { readonly code: 'date-ahead'; readonly date: CivilDay; readonly today: CivilDay }
	| { readonly code: 'date-far'; readonly date: CivilDay }
	| { readonly code: 'not-moved'; readonly date: CivilDay }
	| { readonly code: 'undo-unknown'; readonly of: string }
	| { readonly code: 'variant-unknown'; readonly variant: string }
	| { readonly code: 'depth-unknown'; readonly depth: string }
	| { readonly code: 'rung-unknown'; readonly rung: number };

/** How far from today a date may lie, in days: three years either way. */
const FAR = 1100;

/**
 * Null where an entry can be written down, else why not. What happened is dated today or before; only what is
 * planned (moved, skipped, extra, called, pause) may lie ahead. That an `undo` names a known entry is for the
 * store to see.
 */
export function checkEntry(home: PreparedHome, entry: LedgerEntry, today: CivilDay): Refusal | null {
	const member = (id: string) => home.home.members.some((m) => m.id === id);
	if (entry.by !== null && !member(entry.by)) return { code: 'member-unknown', member: entry.by };
	const ahead = entry.outcome === 'extra' || entry.outcome === 'called';
	if (entry.date > today && !ahead) return { code: 'date-ahead', date: entry.date, today };
	for (const date of [
		entry.date,
		...('to' in entry ? [entry.to] : []),
		...('from' in entry ? [entry.from] : [])
	]) {
		if (Math.abs(date - today) > FAR) return { code: 'date-far', date };
	}
	if (isOnSeries(entry)) {
		const job = home.jobById.get(entry.job);
		if (!job) return { code: 'job-gone', job: entry.job };
		const line = seriesOfEntry(home, entry.job, entry.part);
		if (!line) return { code: 'part-unknown', job: entry.job, part: entry.part };
		if (isWork(entry)) {
			if (entry.depth !== null && !job.depths[entry.depth])
				return { code: 'depth-unknown', depth: entry.depth };
			if (entry.variant !== null && !job.variants?.includes(entry.variant)) {
				return { code: 'variant-unknown', variant: entry.variant };
			}
		}
		if (entry.outcome === 'moved') {
			const startsOn = line.versions[line.versions.length - 1]?.rule?.startsOn;
			const tooEarly = startsOn !== undefined && entry.to < startsOn;
			if (tooEarly || entry.to < addDays(today, -1)) return { code: 'not-moved', date: entry.to };
		}
	}
	if (entry.outcome === 'judgement' && !home.zoneById.has(entry.zone)) {
		return { code: 'zone-unknown', zone: entry.zone };
	}
	if (entry.outcome === 'rung' || entry.outcome === 'lookround') {
		if (!member(entry.member)) return { code: 'member-unknown', member: entry.member };
		const job = home.jobById.get(entry.chore);
		if (!job) return { code: 'job-gone', job: entry.chore };
		if (entry.outcome === 'rung' && entry.rung >= job.rungs.length)
			return { code: 'rung-unknown', rung: entry.rung };
	}
	if (entry.outcome === 'note') {
		if (!home.jobById.has(entry.chore)) return { code: 'job-gone', job: entry.chore };
		if (!seriesOfEntry(home, entry.chore, entry.part))
			return { code: 'part-unknown', job: entry.chore, part: entry.part };
		if (entry.dueOn !== null && Math.abs(entry.dueOn - today) > FAR)
			return { code: 'date-far', date: entry.dueOn };
	}
	if (entry.outcome === 'pause') return checkPause(home, entry.scope, entry.target);
	return null;
}

const LAYERS = ['basics', 'weekly', 'zone', 'long'];

function checkPause(home: PreparedHome, scope: string, target: string | null): Refusal | null {
	const known =
		scope === 'household'
			? target === null
			: target !== null &&
				((scope === 'member' && home.home.members.some((m) => m.id === target)) ||
					(scope === 'room' && home.roomById.has(target)) ||
					(scope === 'layer' && LAYERS.includes(target)) ||
					(scope === 'job' && home.jobById.has(target)));
	return known ? null : { code: 'target-unknown', target: target ?? scope };
}
