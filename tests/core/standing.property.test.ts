import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import { seriesId } from '../../src/lib/core/household/entry';
import { NOTHING_DONE, occurrencesOf } from '../../src/lib/core/schedule/occurrences';
import { readDay } from '../../src/lib/core/schedule/readDay';
import {
	appendToSeries,
	EMPTY_SERIES,
	projectionAt,
	projectHome,
	projectSeries
} from '../../src/lib/core/schedule/projection';
import { day, entry } from './entries';
import { prepared } from './home';

const home = prepared();
const START = day('2027-02-15');
const LINES = home.series.map((line) => line.id);

/** A random history of the small home over four weeks, in the order made. */
const history: fc.Arbitrary<LedgerEntry[]> = fc
	.array(
		fc.tuple(
			fc.constantFrom('done', 'done', 'done', 'looked', 'letgo', 'part', 'undo', 'moved', 'skipped', 'extra'),
			fc.nat(LINES.length - 1),
			fc.nat(27),
			fc.nat(9),
			fc.nat()
		),
		{ maxLength: 40 }
	)
	.map((raw) => {
		const made: LedgerEntry[] = [];
		raw.forEach(([outcome, lineAt, ahead, shift, pick]) => {
			const line = home.series[lineAt] as (typeof home.series)[number];
			const date = `2027-${ahead < 14 ? '02' : '03'}-${String(ahead < 14 ? 15 + ahead : ahead - 13).padStart(2, '0')}`;
			const place = { job: line.job.id, part: line.part, date };
			const later = addDays(day(date), shift);
			const iso = (d: CivilDay) => new Date(d * 86_400_000).toISOString().slice(0, 10);
			if (outcome === 'undo') {
				const target = made[pick % Math.max(1, made.length)];
				if (target) made.push(entry({ outcome, date, of: target.id }));
			} else if (outcome === 'moved') made.push(entry({ outcome, ...place, dueOn: date, to: iso(later) }));
			else if (outcome === 'skipped') made.push(entry({ outcome, ...place, dueOn: iso(later) }));
			else if (outcome === 'part') made.push(entry({ outcome, ...place, share: 0.5 }));
			else made.push(entry({ outcome, ...place }));
		});
		return made;
	});

describe('standing', () => {
	it('grown entry by entry is the one that is rebuilt from the ledger', () => {
		fc.assert(
			fc.property(history, (ledger) => {
				for (const line of home.series) {
					const wentHere = new Set<string>();
					const own = ledger.filter((e) => {
						const here =
							e.outcome === 'undo' ? wentHere.has(e.of) : 'job' in e && seriesId(e.job, e.part) === line.id;
						if (here) wentHere.add(e.id);
						return here;
					});
					let grown = EMPTY_SERIES;
					own.forEach((e, i) => {
						grown = appendToSeries(line, grown, e, []) ?? projectSeries(line, own.slice(0, i + 1), []);
					});
					expect(grown).toEqual(own.length === 0 ? EMPTY_SERIES : projectSeries(line, own, []));
				}
			}),
			{ numRuns: 400, seed: 5 }
		);
	});

	it('says of any later day what the whole ledger says', () => {
		fc.assert(
			fc.property(history, fc.integer({ min: 28, max: 60 }), (ledger, ahead) => {
				const date = addDays(START, ahead);
				const plain = (projection: ReturnType<typeof projectHome>) => {
					const read = readDay(home, projection, date);
					return {
						zone: read.zone,
						lines: read.lines.map(({ line, ...rest }) => ({ id: line.id, ...rest }))
					};
				};
				expect(plain(projectHome(home, ledger))).toEqual(plain(projectionAt(home, ledger)));
			}),
			{ numRuns: 300, seed: 6 }
		);
	});
});

it('keeps what first moved an occurrence that was moved again and still waits for its day', () => {
	const line = home.series.find((one) => one.job.cadence.type === 'weekly') as (typeof home.series)[number];
	const [first] = occurrencesOf(
		line,
		{ projection: NOTHING_DONE, pauses: [], today: START },
		START,
		addDays(START, 30)
	);
	if (first === undefined) throw new Error('the small home has a weekly job');
	const place = { job: line.job.id, part: line.part, date: isoOf(START) };
	const twice = [
		entry({ outcome: 'moved', ...place, dueOn: isoOf(first), to: isoOf(addDays(first, 1)) }),
		entry({ outcome: 'moved', ...place, dueOn: isoOf(addDays(first, 1)), to: isoOf(addDays(first, 5)) })
	];
	// Another one, put on a day between, is done on it.
	const between = { ...place, date: isoOf(addDays(first, 3)) };
	const lived = [...twice, entry({ outcome: 'extra', ...between }), entry({ outcome: 'done', ...between })];
	const day = readDay(home, projectHome(home, lived), addDays(first, 5));
	expect(day.lines.find((one) => one.line.id === line.id)?.state).toBe('due');
	expect(projectSeries(line, lived, []).tail).toHaveLength(4);
});
