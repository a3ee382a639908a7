import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/random';
import { addDays, isoOf } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { transaction } from '../../src/lib/server/db/pool';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { readHistory, saveHome } from '../../src/lib/server/repo/homeRows';
import { allEntries, entriesOfDay, findEntry, workEntries } from '../../src/lib/server/repo/ledgerRepo';
import { recordEntries } from '../../src/lib/server/services/ledger/recordEntries';
import { loadProjection, rebuildProjection } from '../../src/lib/server/repo/projectionRepo';
import { day, done, entry, undo } from '../core/entries';
import { makeHome, prepared } from '../core/home';
import { makeDatabase, makeHousehold, type TestDatabase } from './database';

let db: TestDatabase;
let count = 0;

beforeAll(async () => {
	db = await makeDatabase();
});
afterAll(() => db?.drop());

const fresh = () => makeHousehold(db.pool, ++count);
const record = (household: string, entries: LedgerEntry[], today = '2027-03-03') =>
	inHousehold(household, (c) => recordEntries(c, household, entries, day(today), 1000), db.pool);
const rows = async (household: string) => (await allEntries(db.pool as never, household)).map((s) => s.entry);
const state = async (household: string, line: string, date = '2027-03-03') => {
	const home = await loadHome(db.pool as never, household);
	if (!home) throw new Error('no home');
	const read = readDay(home, await loadProjection(db.pool as never, household), day(date));
	return read.lines.find((l) => l.line.id === line)?.state;
};

describe('the home', () => {
	it('comes back as it went in', async () => {
		const household = await fresh();
		expect((await readHistory(db.pool as never, household))[0]?.home).toEqual(makeHome());
	});

	it('keeps each revision with the day from which it holds, and writes only what changed', async () => {
		const household = await fresh();
		const home = makeHome();
		const changed = {
			...home,
			jobs: home.jobs
				.filter((j) => j.id !== 'skirting')
				.map((j) => (j.id === 'bench' ? { ...j, name: 'The bench' } : j))
		};
		await transaction((c) => saveHome(c, household, changed, day('2027-03-01'), 2), db.pool);
		const versions = await readHistory(db.pool as never, household);
		expect(versions.map((v) => [isoOf(v.from), v.home.jobs.length])).toEqual([
			['2027-01-04', home.jobs.length],
			['2027-03-01', home.jobs.length - 1]
		]);
		expect(versions[0]?.home).toEqual(home);
		expect(versions[1]?.home).toEqual(changed);
		const [written] = (await db.pool.query(
			'SELECT COUNT(*) AS n FROM job WHERE household_id = ? AND since_revision = 2',
			[household]
		)) as unknown as [{ n: number }[]];
		// The bench with its new name, and the jobs behind the one that went, which move up a place.
		const behind = home.jobs.length - 1 - home.jobs.findIndex((j) => j.id === 'skirting');
		expect(written[0]?.n).toBe(1 + behind);
	});
});

describe('the ledger', () => {
	it('writes an entry once, however often it is sent', async () => {
		const household = await fresh();
		const one = done('bench', '2027-03-03', { minutes: 6.5, found: 'normal' });
		expect(await record(household, [one])).toMatchObject({ ok: true, written: [one.id] });
		expect(await record(household, [one])).toMatchObject({ ok: true, written: [] });
		expect(await rows(household)).toEqual([one]);
		expect(await state(household, 'bench')).toBe('done');
	});

	it('sent twice at the same moment it still stands once', async () => {
		const household = await fresh();
		const one = done('bench', '2027-03-03');
		await Promise.all(Array.from({ length: 6 }, () => record(household, [one])));
		expect(await rows(household)).toHaveLength(1);
	});

	it('keeps every kind of entry to the letter', async () => {
		const household = await fresh();
		const entries = [
			done('bench', '2027-03-03', { minutes: 4, cutOff: true }),
			entry({ outcome: 'part', job: 'toilet', date: '2027-03-03', share: 0.25, by: 'ben' }),
			entry({ outcome: 'moved', job: 'bench', date: '2027-03-03', dueOn: '2027-03-10', to: '2027-03-12' }),
			entry({ outcome: 'skipped', job: 'toilet', date: '2027-03-03', dueOn: '2027-03-10' }),
			entry({ outcome: 'extra', job: 'bench', date: '2027-03-20' }),
			entry({
				outcome: 'pause',
				date: '2027-03-03',
				scope: 'room',
				target: 'loft',
				from: '2027-03-04',
				to: '2027-03-09',
				reason: 'other',
				note: 'paint “drying” 🎨'
			}),
			entry({ outcome: 'judgement', date: '2027-03-03', zone: 'front', clutter: 'nearly' }),
			entry({ outcome: 'enough', date: '2027-03-03' })
		];
		expect(await record(household, entries)).toMatchObject({ ok: true });
		expect(await rows(household)).toEqual(entries);
	});

	it('writes all of a request or nothing', async () => {
		const household = await fresh();
		const result = await record(household, [done('bench', '2027-03-03'), done('ghost', '2027-03-03')]);
		expect(result).toMatchObject({ ok: false, refusal: { code: 'job-gone', job: 'ghost' } });
		expect(await rows(household)).toEqual([]);
		expect(await state(household, 'bench')).toBe('due');
	});

	it('takes back by another entry, and brings back by taking that back', async () => {
		const household = await fresh();
		const one = done('bench', '2027-03-03');
		const back = undo(one, '2027-03-03');
		await record(household, [one, back]);
		expect(await state(household, 'bench')).toBe('due');
		await record(household, [undo(back, '2027-03-03')]);
		expect(await state(household, 'bench')).toBe('done');
		expect(await rows(household)).toHaveLength(3);
	});

	it('settles what a job covers by entries of their own, and takes them back together', async () => {
		const household = await fresh();
		const reset = done('reset', '2027-03-03', { minutes: 9 });
		await record(household, [reset]);
		const covered = (await rows(household)).find((e) => 'job' in e && e.job === 'counters');
		expect(covered).toMatchObject({ outcome: 'done', coveredBy: reset.id, minutes: null });
		expect(await state(household, 'counters')).toBe('done');
		const back = undo(reset, '2027-03-03');
		await record(household, [back]);
		expect(await state(household, 'counters')).toBe('due');
		await record(household, [undo(back, '2027-03-03')]);
		expect(await state(household, 'counters')).toBe('done');
	});

	it('does not cover what is settled already or not due', async () => {
		const household = await fresh();
		await record(household, [done('counters', '2027-03-03'), done('reset', '2027-03-03')]);
		expect((await rows(household)).filter((e) => 'job' in e && e.job === 'counters')).toHaveLength(1);
	});

	it('finds the work of the last days by person and by job', async () => {
		const household = await fresh();
		await record(household, [
			done('bench', '2027-02-24'),
			done('toilet', '2027-02-24', { by: 'ben' }),
			done('bench', '2027-03-03'),
			done('counters', '2027-03-01')
		]);
		const find = async (filter: object) =>
			(
				await workEntries(db.pool as never, household, {
					member: null,
					jobs: null,
					to: day('2027-03-03'),
					days: 2,
					...filter
				})
			).map((s) => ('job' in s.entry ? s.entry.job : ''));
		expect(await find({})).toEqual(['bench', 'counters']);
		expect(await find({ member: 'ben' })).toEqual(['toilet']);
		expect(await find({ jobs: ['bench'] })).toEqual(['bench', 'bench']);
		expect(await find({ jobs: [] })).toEqual([]);
		expect(await find({ to: day('2027-02-28'), days: 1 })).toEqual(['bench', 'toilet']);
	});
});

describe('another household', () => {
	it('is not there for any query of the store', async () => {
		const [mine, other] = [await fresh(), await fresh()];
		const one = done('bench', '2027-03-03');
		const pause = entry({
			outcome: 'pause',
			date: '2027-03-03',
			scope: 'household',
			from: '2027-03-03',
			to: '2027-03-04',
			reason: 'away'
		});
		await record(mine, [one, pause]);
		expect(await findEntry(db.pool as never, other, one.id)).toBeNull();
		expect(await rows(other)).toEqual([]);
		expect(await entriesOfDay(db.pool as never, other, day('2027-03-03'))).toEqual([]);
		expect(await state(other, 'bench')).toBe('due');
		expect(await record(other, [undo(one, '2027-03-03')])).toMatchObject({
			ok: false,
			refusal: { code: 'undo-unknown' }
		});
		expect(await state(mine, 'bench')).toBe('paused');
		// The same id in another home is another entry.
		expect(await record(other, [one])).toMatchObject({ ok: true, written: [one.id] });
	});
});

describe('standing', () => {
	it('after a random history is the one that is rebuilt from the ledger', async () => {
		const household = await fresh();
		const random = seededRandom(99);
		const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
		const home = prepared();
		const made: LedgerEntry[] = [];
		for (let i = 0; i < 220; i++) {
			const line = pick(home.series);
			const today = addDays(day('2027-02-01'), Math.floor(i / 6));
			const date = isoOf(addDays(today, -Math.floor(random() * 4)));
			const place = { job: line.job.id, part: line.part, date };
			const kind = pick([
				'done',
				'done',
				'done',
				'done',
				'looked',
				'letgo',
				'part',
				'undo',
				'moved',
				'skipped',
				'extra',
				'pause',
				'enough'
			]);
			const one =
				kind === 'undo'
					? made.length > 0
						? undo(pick(made), date)
						: null
					: kind === 'moved'
						? entry({
								outcome: kind,
								...place,
								dueOn: isoOf(addDays(today, 2)),
								to: isoOf(addDays(today, 4))
							})
						: kind === 'skipped'
							? entry({ outcome: kind, ...place, dueOn: isoOf(addDays(today, 3)) })
							: kind === 'part'
								? entry({ outcome: kind, ...place, share: 0.4 })
								: kind === 'pause'
									? entry({
											outcome: kind,
											date,
											scope: 'job',
											target: line.job.id,
											from: date,
											to: isoOf(addDays(today, 1)),
											reason: 'ill'
										})
									: kind === 'enough'
										? entry({ outcome: kind, date })
										: entry({ outcome: kind, ...place });
			if (!one) continue;
			const result = await record(household, [one], isoOf(today));
			expect(result.ok).toBe(true);
			made.push(one);
		}
		const grown = await loadProjection(db.pool as never, household);
		const loaded = await loadHome(db.pool as never, household);
		if (!loaded) throw new Error('no home');
		const rebuilt = await transaction((c) => rebuildProjection(c, household, loaded), db.pool);
		const again = await loadProjection(db.pool as never, household);
		expect([...again.series].sort()).toEqual([...grown.series].sort());
		expect([...again.zones].sort()).toEqual([...grown.zones].sort());
		expect(again.home).toEqual(rebuilt.home);
	});
});
