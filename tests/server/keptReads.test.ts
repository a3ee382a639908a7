/** What requests keep of a home: used again until somebody writes to it, and never more than its bytes. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { bytesOf, KeptReads } from '../../src/lib/server/repo/keptReads';
import { openHouse } from '../../src/lib/server/repo/openHouse';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { makeDatabase, makeHousehold, type TestDatabase } from './database';

let db: TestDatabase;
let server: string | undefined;
beforeAll(async () => {
	db = await makeDatabase();
	server = process.env.DATABASE_URL;
	process.env.DATABASE_URL = db.url;
});
afterAll(async () => {
	process.env.DATABASE_URL = server;
	await db.drop();
});

describe('a home that is read', () => {
	it('asks the database once, until somebody wrote to this home, and no longer for another one', async () => {
		const [one, other] = [await makeHousehold(db.pool, 1), await makeHousehold(db.pool, 2)];
		const asked: string[] = [];
		const read = async (household: string) => {
			const house = await openHouse(household);
			return house?.read('rows', async () => {
				asked.push(household);
				return asked.length;
			});
		};
		expect([await read(one), await read(one), await read(other), await read(one)]).toEqual([1, 1, 2, 1]);
		await inHousehold(one, async () => 'written');
		expect([await read(one), await read(other), await read(one)]).toEqual([3, 2, 3]);
		expect(asked).toEqual([one, other, one]);
	});

	it('is read anew within a use case, and what was rolled back is not kept', async () => {
		const home = await makeHousehold(db.pool, 3);
		let value = 'before';
		const read = async () => (await openHouse(home))?.read('value', async () => value);
		expect(await read()).toBe('before');
		await expect(
			inHousehold(home, async () => {
				value = 'within';
				expect(await read()).toBe('within');
				throw new Error('not after all');
			})
		).rejects.toThrow('not after all');
		expect(await read()).toBe('before');
	});
});

describe('what is kept', () => {
	it('stays under its bytes, and the homes asked for last stay', () => {
		const text = 'x'.repeat(1000);
		const kept = new KeptReads(10 * bytesOf(text));
		for (let i = 0; i < 50; i++) {
			kept.set(`home ${i}`, 'now', 'text', text);
			expect(kept.bytes).toBeLessThanOrEqual(10 * bytesOf(text));
			if (i >= 5) expect(kept.get('home 5', 'now', 'text')).toEqual({ value: text });
		}
		expect(kept.get('home 40', 'now', 'text')).toBeNull();
		expect(kept.get('home 49', 'now', 'text')).toEqual({ value: text });
	});

	it('goes with the state it was read at, and one that is too large by itself is not kept', () => {
		const kept = new KeptReads(1000);
		kept.set('home', 'one', 'a', 1);
		kept.set('home', 'two', 'b', 2);
		expect([
			kept.get('home', 'one', 'a'),
			kept.get('home', 'two', 'a'),
			kept.get('home', 'two', 'b')
		]).toEqual([null, null, { value: 2 }]);
		kept.set('home', 'two', 'large', 'y'.repeat(5000));
		expect(kept.bytes).toBeLessThanOrEqual(1000);
		expect(kept.get('home', 'two', 'large')).toBeNull();
	});

	it('counts maps, lists and objects whole', () => {
		const one = { name: 'Ada', of: ['a', 'b'] };
		expect(bytesOf(new Map([['k', one]]))).toBeGreaterThan(bytesOf(one));
		expect(bytesOf([one, one])).toBeGreaterThan(2 * bytesOf(one));
		expect(bytesOf('12345')).toBeGreaterThan(10);
	});
});
