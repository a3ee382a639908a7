/** The starter library, the patterns and a draft of a home, for tests. */
import { readFileSync, readdirSync } from 'node:fs';
import { draftSchema, type Draft } from '../../src/lib/core/setup/draft';
import { readLibrary, type Library } from '../../src/lib/core/setup/library';
import { readPattern, type Pattern } from '../../src/lib/core/setup/pattern';

let read: Library | null = null;

export function library(): Library {
	if (read === null) {
		const fresh = readLibrary(JSON.parse(readFileSync('library/starter.json', 'utf8')));
		if (!fresh.ok) throw new Error(JSON.stringify(fresh.problems));
		read = fresh.value;
	}
	return read;
}

export function patterns(): Pattern[] {
	return readdirSync('patterns').map((file) => {
		const fresh = readPattern(JSON.parse(readFileSync(`patterns/${file}`, 'utf8')));
		if (!fresh.ok) throw new Error(`${file}: ${JSON.stringify(fresh.problems)}`);
		return fresh.value;
	});
}

const ROOMS: readonly [string, string, string, number][] = [
	['bed', 'Bedroom', 'bedroom', 1],
	['kid', 'Child’s room', 'child', 1],
	['bath', 'Bathroom', 'bathroom', 1],
	['living', 'Living room', 'living', 0],
	['kitchen', 'Kitchen', 'kitchen', 0],
	['hall', 'Hall', 'hall', 0]
];

/** First steps as a family of three has answered them. */
export function draft(rest: Record<string, unknown> = {}): Draft {
	return draftSchema.parse({
		version: 1,
		begin: 'all',
		rooms: ROOMS.map(([id, name, kind, storey]) => ({
			id,
			name,
			kind,
			storey,
			owners: id === 'kid' ? ['cy'] : []
		})),
		people: [
			{ id: 'ada', name: 'Ada', role: 'organiser' },
			{ id: 'ben', name: 'Ben', role: 'adult', presence: 'evenings' },
			{ id: 'cy', name: 'Cy', role: 'child', bornOn: '2017-05-01' }
		],
		...rest
	});
}
