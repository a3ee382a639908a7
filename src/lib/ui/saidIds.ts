/** Ids of what was said and not answered yet: however often the same is sent, it is one and the same change. */
import { freshId } from './freshId';

/** What a form says, without what changes each time the page is read. */
export function saidBy(action: URL, data: FormData, withoutId: boolean): string {
	const parts = [...data]
		.filter(([name]) => withoutId || (name !== 'id' && name !== 'seed'))
		.map(([name, value]) =>
			typeof value === 'string' ? [name, value] : [name, value.name, value.size, value.lastModified]
		);
	return JSON.stringify([action.pathname, action.search, parts]);
}

/** Under way, or lost. They outlive the form: reading the page anew may put another one in its place. */
const ids = new Map<string, string>();

/** The id of what is said: the one that it was sent under before, where that was not answered. */
export function idOfSaid(said: string): string {
	const id = ids.get(said) ?? freshId();
	ids.set(said, id);
	return id;
}

/** It is answered: said again, it is something new. */
export const forgetSaid = (said: string): void => void ids.delete(said);

/** Whatever was said may be said again, as something new. */
export const forgetAllSaid = (): void => ids.clear();
