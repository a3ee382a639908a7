/** What a change of the home changed, and the change that takes it back. Rules: "Changes of a home". */
import type { Home } from '../household/home';
import { finish, type Edit, type EditRefusal } from './edit';

const LISTS = ['zones', 'rooms', 'members', 'pets', 'jobs'] as const;
type ListName = (typeof LISTS)[number];

export interface HomeChange {
	readonly list: ListName | 'household';
	/** The part's id; of the household the name of the setting. */
	readonly id: string;
	readonly name: string;
	readonly what: 'added' | 'removed' | 'changed';
	/** The fields that differ, of a part that was changed. */
	readonly fields: readonly string[];
}

interface Part {
	readonly id: string;
	readonly name: string;
}

const partsOf = (home: Home, list: ListName) => home[list] as readonly (Part & Record<string, unknown>)[];
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

function fieldsChanged(before: Record<string, unknown>, after: Record<string, unknown>): string[] {
	const names = new Set([...Object.keys(before), ...Object.keys(after)]);
	return [...names].filter((name) => !same(before[name], after[name])).sort();
}

/** What is different in `after`: parts added, removed and changed, then settings of the household. */
export function changesOf(before: Home, after: Home): HomeChange[] {
	const found: HomeChange[] = [];
	for (const list of LISTS) {
		const was = new Map(partsOf(before, list).map((part) => [part.id, part]));
		const is = new Map(partsOf(after, list).map((part) => [part.id, part]));
		for (const [id, part] of is) {
			const old = was.get(id);
			if (!old) found.push({ list, id, name: part.name, what: 'added', fields: [] });
			else if (!same(old, part))
				found.push({ list, id, name: part.name, what: 'changed', fields: fieldsChanged(old, part) });
		}
		for (const [id, part] of was)
			if (!is.has(id)) found.push({ list, id, name: part.name, what: 'removed', fields: [] });
	}
	for (const field of fieldsChanged(before.household, after.household))
		found.push({ list: 'household', id: field, name: '', what: 'changed', fields: [] });
	return found;
}

export type TakenBack =
	| Edit
	/** What was changed again since: it would be lost. */
	| {
			readonly ok: false;
			readonly refusal: { readonly code: 'changed-since'; readonly names: readonly string[] };
	  };

/**
 * The home as it is now without what one change did: each part that it touched is as it was before it. Refused where
 * a touched part was changed again since, or where the home could not be so.
 */
export function takeBack(now: Home, before: Home, after: Home): TakenBack {
	const changes = changesOf(before, after);
	if (changes.length === 0) return { ok: false, refusal: { code: 'same' } satisfies EditRefusal };
	const since = changes.filter((change) => !same(valueAt(now, change), valueAt(after, change)));
	if (since.length > 0)
		return {
			ok: false,
			refusal: { code: 'changed-since', names: [...new Set(since.map((one) => one.name || one.id))] }
		};
	let next: Home = now;
	for (const change of changes) {
		if (change.list === 'household') {
			const household = { ...next.household } as Record<string, unknown>;
			const was = (before.household as Record<string, unknown>)[change.id];
			if (was === undefined) delete household[change.id];
			else household[change.id] = was;
			next = { ...next, household: household as Home['household'] };
			continue;
		}
		const list = [...partsOf(next, change.list)];
		const old = partsOf(before, change.list);
		const at = list.findIndex((part) => part.id === change.id);
		const was = old.find((part) => part.id === change.id);
		if (change.what === 'added') list.splice(at, 1);
		else if (change.what === 'changed' && was) list[at] = was;
		else if (was) list.splice(Math.min(list.length, old.indexOf(was)), 0, was);
		next = { ...next, [change.list]: list } as Home;
	}
	return finish(next);
}

function valueAt(home: Home, { list, id }: HomeChange): unknown {
	if (list === 'household') return (home.household as Record<string, unknown>)[id];
	return partsOf(home, list).find((part) => part.id === id);
}
