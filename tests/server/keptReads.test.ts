/** What requests keep of a home: used again until somebody writes to it, and never more than its bytes. */
import fc from 'fast-check';
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

describe('a home that is read and written at once', () => {
	it('is never read older than what was written before the reading began', async () => {
		const home = await makeHousehold(db.pool, 4);
		await db.pool.query('CREATE TABLE IF NOT EXISTS tally (n INT NOT NULL)');
		await db.pool.query('DELETE FROM tally');
		await db.pool.query('INSERT INTO tally VALUES (0)');
		let written = 0;
		const write = async () => {
			await inHousehold(home, async (c) => {
				await c.query('UPDATE tally SET n = n + 1');
			});
			written++;
		};
		const read = async () => {
			const least = written;
			const house = await openHouse(home);
			const n = await house?.read('tally', async (c) => {
				const [rows] = await c.query('SELECT n FROM tally');
				return (rows as { n: number }[])[0]?.n;
			});
			expect(n).toBeGreaterThanOrEqual(least);
		};
		const lane = async (what: () => Promise<void>, times: number) => {
			for (let i = 0; i < times; i++) await what();
		};
		await Promise.all([lane(write, 40), lane(write, 40), lane(read, 120), lane(read, 120), lane(read, 120)]);
		expect(written).toBe(80);
		await read();
	});

	it('is read as it is by another process that shares nothing but the database', async () => {
		const home = await makeHousehold(db.pool, 5);
		const read = async () => (await openHouse(home))?.home.home.rooms[0]?.name;
		const before = await read();
		// What another process writes, this one learns from the count alone.
		await inHousehold(home, async (c) => {
			await c.query("UPDATE room SET name = 'Elsewhere' WHERE household_id = ?", [home]);
		});
		const house = await openHouse(home);
		const fresh = await house?.read('names', async (c) => {
			const [rows] = await c.query('SELECT DISTINCT name FROM room WHERE household_id = ?', [home]);
			return (rows as { name: string }[]).map((row) => row.name);
		});
		expect(fresh).toEqual(['Elsewhere']);
		// Revisions never change once they are saved, so what was parsed of one stays.
		expect(await read()).toBe(before);
	});
});

describe('what is kept', () => {
	it('is what a plain map would give, as long as it is kept at all', () => {
		const step = fc.record({
			home: fc.constantFrom('a', 'b', 'c'),
			at: fc.constantFrom('1', '2'),
			what: fc.constantFrom('x', 'y'),
			value: fc.oneof(fc.string(), fc.array(fc.nat(), { maxLength: 8 })),
			sets: fc.boolean()
		});
		fc.assert(
			fc.property(fc.array(step, { maxLength: 60 }), fc.integer({ min: 60, max: 2000 }), (steps, most) => {
				const kept = new KeptReads(most);
				const plain = new Map<string, unknown>();
				const states = new Map<string, string>();
				for (const { home, at, what, value, sets } of steps) {
					const key = `${home} ${at} ${what}`;
					if (sets) {
						// Another state of a home ends what was known of the one before.
						if (states.get(home) !== at)
							for (const known of [...plain.keys()]) if (known.startsWith(`${home} `)) plain.delete(known);
						states.set(home, at);
						if (!plain.has(key) || kept.get(home, at, what) === null) plain.set(key, value);
						kept.set(home, at, what, value);
					}
					const found = kept.get(home, at, what);
					if (found) expect(found.value).toEqual(plain.get(key));
					expect(kept.bytes).toBeLessThanOrEqual(most);
					expect(kept.bytes).toBeGreaterThanOrEqual(0);
				}
			}),
			{ numRuns: 200, seed: 91 }
		);
	});

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
