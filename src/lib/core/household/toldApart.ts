/** Names that tell apart what the home calls alike: two of one name, three rooms that are each called "Bedroom". */
import type { Home, Member, Room } from './home';

interface Named {
	readonly id: string;
	readonly name: string;
}

const key = (name: string) => name.normalize('NFC').trim().toLowerCase();

/** For each of a group what stands in its brackets: the hints that part it, and nothing where none does. */
function wordsOf<T>(group: readonly T[], hints: readonly ((one: T) => string)[]): Map<T, string[]> {
	const [hint, ...rest] = hints;
	if (group.length === 1 || !hint) return new Map(group.map((one) => [one, []]));
	const parts = new Map<string, T[]>();
	for (const one of group) parts.set(hint(one), [...(parts.get(hint(one)) ?? []), one]);
	const words = new Map<T, string[]>();
	for (const [word, part] of parts)
		for (const [one, more] of wordsOf(part, rest))
			words.set(one, parts.size > 1 && word !== '' ? [word, ...more] : more);
	return words;
}

/**
 * The same list, in its order; where names are alike up to case each gets in brackets those of its hints that part it
 * from the others of that name, and a number where they do not part them all. Rules: "Names that are alike".
 * @param hints - what may stand in the brackets, best first; an empty text says nothing
 */
export function toldApart<T extends Named>(
	list: readonly T[],
	hints: readonly ((one: T) => string)[]
): readonly T[] {
	const groups = new Map<string, T[]>();
	for (const one of list) groups.set(key(one.name), [...(groups.get(key(one.name)) ?? []), one]);
	if (groups.size === list.length) return list;
	const taken = new Set(groups.keys());
	const told = new Map<T, string>();
	for (const group of groups.values()) {
		if (group.length === 1) continue;
		const words = wordsOf(group, hints);
		const texts = group.map((one) => words.get(one)?.join(', ') ?? '');
		for (const [i, one] of group.entries()) {
			const isAlone =
				texts[i] !== '' && texts.indexOf(texts[i] as string) === texts.lastIndexOf(texts[i] as string);
			const named = (more: string) =>
				`${one.name.trim()} (${[texts[i], more].filter((word) => word !== '').join(', ')})`;
			let number = 1;
			let name = isAlone ? named('') : named('1');
			while (taken.has(key(name))) name = named(String(++number));
			taken.add(key(name));
			told.set(one, name);
		}
	}
	return list.map((one) => (told.has(one) ? { ...one, name: told.get(one) as string } : one));
}

/** The members by names of their own. */
export const membersApart = (home: Home): readonly Member[] =>
	toldApart(home.members, [(one) => one.role, (one) => (one.bornOn ? `born ${one.bornOn.slice(0, 4)}` : '')]);

/** The rooms by names of their own: by their zone, else by their storey. */
export const roomsApart = (home: Home): readonly Room[] =>
	toldApart(home.rooms, [
		(room) => home.zones.find((zone) => zone.id === room.zone)?.name ?? '',
		(room) => `storey ${room.storey}`
	]);
