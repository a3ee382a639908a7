/** Addresses that places had before: bookmarks, printed codes and mails still hold them. */
const MOVED: readonly (readonly [from: string, to: string])[] = [
	['/crew/doors', '/people/access'],
	['/crew/ladder', '/people/learning'],
	['/crew', '/people'],
	['/pail', '/timer'],
	['/rota', '/schedule'],
	['/ledger', '/history'],
	['/paper', '/print']
];

/** Where an old address leads now, with all that was asked of it; null for any other address. */
export function movedTo({ pathname, search }: URL): string | null {
	const moved = MOVED.find(([from]) => pathname === from || pathname.startsWith(`${from}/`));
	return moved ? `${moved[1]}${pathname.slice(moved[0].length)}${search}` : null;
}
