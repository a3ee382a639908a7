/**
 * What a change of a home is: a plain function from a home to the next one, with what it does to lists and
 * history as facts, to be said beforehand. Nothing here looks at the ledger: what was done stays done.
 */
import { readHome, type Home, type Job } from '../household/home';
import type { Problem } from '../household/problems';

/** What a change does beside itself. */
export type Effect =
	| { readonly code: 'items-move'; readonly count: number; readonly from: string; readonly to: string }
	| { readonly code: 'items-float'; readonly count: number }
	| { readonly code: 'jobs-retire'; readonly count: number; readonly names: readonly string[] }
	| { readonly code: 'jobs-without-product'; readonly count: number; readonly names: readonly string[] }
	| { readonly code: 'jobs-to-others'; readonly count: number; readonly names: readonly string[] }
	| { readonly code: 'jobs-move'; readonly count: number; readonly to: string }
	| { readonly code: 'jobs-come'; readonly count: number; readonly room: string }
	| { readonly code: 'rooms-without-zone'; readonly count: number }
	| { readonly code: 'rooms-move'; readonly count: number; readonly to: string }
	| { readonly code: 'stay-as-they-are'; readonly count: number; readonly names: readonly string[] }
	| { readonly code: 'numbers-shift' }
	| { readonly code: 'history-stays' }
	| { readonly code: 'passes-begin-anew'; readonly zone: string };

export type EditRefusal =
	| {
			readonly code: 'unknown';
			readonly what: 'room' | 'zone' | 'job' | 'member' | 'product' | 'tool' | 'kit' | 'mix';
			readonly id: string;
	  }
	| { readonly code: 'none-chosen' }
	| { readonly code: 'no-weekday' }
	| { readonly code: 'same-week' }
	| { readonly code: 'week-over' }
	| { readonly code: 'no-zone-then' }
	| { readonly code: 'last-room' }
	| { readonly code: 'last-organiser' }
	| { readonly code: 'child-without-birthday' }
	| { readonly code: 'too-many-zones' }
	| { readonly code: 'same' }
	| { readonly code: 'has-it'; readonly room: string }
	| { readonly code: 'problems'; readonly problems: readonly Problem[] };

export type Edit =
	| { readonly ok: true; readonly home: Home; readonly effects: readonly Effect[] }
	| { readonly ok: false; readonly refusal: EditRefusal };

export const refuse = (refusal: EditRefusal): Edit => ({ ok: false, refusal });

/** Lets a changed home through the schema again: the one judge of what a home may be. */
export function finish(home: Home, effects: readonly Effect[] = []): Edit {
	const read = readHome(home);
	return read.ok
		? { ok: true, home: read.home, effects }
		: refuse({ code: 'problems', problems: read.problems });
}

export const findZone = (home: Home, id: string | null) => home.zones.find((zone) => zone.id === id);

/** A zone's item that has no zone any more comes so many days after it was last done instead. */
export const floatItem = (job: Job): Job => ({
	...job,
	cadence: { type: 'afterDone', min: 60, max: 90 },
	missRule: 'stays'
});

export function withLists(home: Home, moving: readonly string[], to: string | null): Home {
	const items = new Set(moving);
	return {
		...home,
		zones: home.zones.map((zone) => {
			const rest = zone.list.filter((id) => !items.has(id));
			return zone.id === to ? { ...zone, list: [...rest, ...moving] } : { ...zone, list: rest };
		}),
		jobs: to === null ? home.jobs.map((job) => (items.has(job.id) ? floatItem(job) : job)) : home.jobs
	};
}

/** Takes jobs out of a home: off lists and covers. Their past stays in the ledger. */
export function withoutJobs(home: Home, gone: ReadonlySet<string>): Home {
	return {
		...home,
		zones: home.zones.map((zone) => ({ ...zone, list: zone.list.filter((id) => !gone.has(id)) })),
		jobs: home.jobs
			.filter((job) => !gone.has(job.id))
			.map((job) => ({ ...job, covers: job.covers.filter((id) => !gone.has(id)) })),
		members: home.members.map((member) => ({
			...member,
			excludes: { ...member.excludes, jobs: member.excludes.jobs.filter((id) => !gone.has(id)) },
			dislikes: member.dislikes.filter((id) => !gone.has(id))
		}))
	};
}

export const retiring = (jobs: readonly Job[]): Effect[] =>
	jobs.length === 0
		? []
		: [{ code: 'jobs-retire', count: jobs.length, names: jobs.slice(0, 4).map((job) => job.name) }];
