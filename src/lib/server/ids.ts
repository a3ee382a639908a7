/** Ids that follow from others, always the same, so that sending twice stays harmless. */
import { v5 as uuidv5 } from 'uuid';

/** Namespace of ids that follow from another id: entries by cover, entries of a session. */
const FOLLOWS = '5d0f2c1e-8a07-4f2b-9c55-6c1f6f0a7b11';

/** The id that follows from an id and a name: always the same one, so that sending twice stays harmless. */
export function followingId(id: string, name: string): string {
	return uuidv5(`${id} ${name}`, FOLLOWS);
}
