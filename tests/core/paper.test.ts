/** Cards of paper: what stands on them, and that nothing is lost or runs over the edge. Rules: "Printed cards". */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { boxesOf, type Card } from '../../src/lib/core/cards/card';
import { personCard } from '../../src/lib/core/cards/personCard';
import { roomCard } from '../../src/lib/core/cards/roomCard';
import { bookmarkCard, weekCard } from '../../src/lib/core/cards/weekCards';
import { zoneCard } from '../../src/lib/core/cards/zoneCard';
import { codeOf, CODES, readCardCode, shownCardCode } from '../../src/lib/core/cards/code';
import {
	cautionText,
	heightOfCautions,
	linesOf,
	pagesOf,
	widthOfBoxes
} from '../../src/lib/core/cards/pages';
import { FOOT, HEAD, MEASURES, SIZES } from '../../src/lib/core/cards/sizes';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { demoHome } from './home';

const MONDAY = toDay('2027-03-01');
const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
const week = { home, projection: projectHome(home, []), today: addDays(MONDAY, -1), begin: MONDAY };

describe('what stands on a card', () => {
	it('of a room: every day on one side, the steps of the week in the order of the work on the other', () => {
		const card = roomCard(week, 'washroom') as Card;
		expect(card.sides.map((side) => side.name)).toEqual(['Every day', 'Every week']);
		const [daily, weekly] = card.sides;
		expect(daily?.columns.join('')).toBe('MTWTFSS');
		expect(daily?.rows.every((row) => row.boxes.length === 7)).toBe(true);
		// March 2027 has five weeks that begin in it.
		expect(weekly?.columns).toEqual(['1', '2', '3', '4', '5']);
		expect(weekly?.rows.map((row) => row.number)).toEqual(weekly?.rows.map((_, i) => i + 1));
		for (const [i, row] of (weekly?.rows ?? []).entries()) {
			if (!row.wait) continue;
			expect(row.wait.to).toBeGreaterThan(i);
			expect(weekly?.rows[row.wait.to]?.note).toBe(row.note);
		}
		expect(roomCard(week, 'no-such-room')).toBeNull();
	});
	it('of a person: their lines alone, by part of the day, a box each', () => {
		const ids = ['make-the-beds', 'kitchen-reset', 'wipe-the-counters'];
		const card = personCard(week, 'ottilie', MONDAY, ids) as Card;
		expect(card.sides[0]?.rows.map((row) => row.heading)).toEqual(['Morning', 'Midday', 'Evening']);
		expect(
			boxesOf(card)
				.map((box) => box.line)
				.sort()
		).toEqual([...ids].sort());
		expect(personCard(week, 'nobody', MONDAY, ids)).toBeNull();
	});
	it('of a zone: its list in its order, ticked on the last day of its next visit', () => {
		const zone = home.home.zones[1];
		const card = zoneCard(week, zone?.id ?? '') as Card;
		expect(boxesOf(card).map((box) => box.line)).toEqual(zone?.list);
		expect(card.to).toBe(toDay('2027-03-12'));
	});
	it('of a week: each turn that falls due in it, on its own day', () => {
		for (const card of [weekCard(week), bookmarkCard(week)]) {
			const days = new Set(boxesOf(card).map((box) => box.date));
			expect([...days].sort()).toEqual(Array.from({ length: 7 }, (_, i) => addDays(MONDAY, i)));
			const boots = boxesOf(card).filter((box) => box.line === 'pair-up-the-boots');
			expect(boots.map((box) => box.date - MONDAY)).toEqual([0, 2, 4]);
		}
	});
});

describe('a bookmark', () => {
	const [first, second] = bookmarkCard(week).sides;
	it('has the two halves of its week, every day and what its days bring in each', () => {
		expect([first?.name, second?.name]).toEqual(['Monday to Wednesday', 'Thursday to Sunday']);
		const daysOf = (side: Card['sides'][number] | undefined) =>
			[
				...new Set(side?.rows.flatMap((row) => row.boxes.flatMap((box) => (box ? [box.date - MONDAY] : []))))
			].sort();
		expect([daysOf(first), daysOf(second)]).toEqual([
			[0, 1, 2],
			[3, 4, 5, 6]
		]);
		expect(first?.rows.map((row) => row.heading).filter(Boolean)).toEqual(
			expect.arrayContaining(['Every day', 'Monday'])
		);
	});
	it('has every name in full, whatever its size: boxes go under the names where they find no room beside them', () => {
		for (const size of SIZES) {
			const { width, margin } = MEASURES[size];
			const half = (width - 2 * margin - 8) / 2;
			for (const page of pagesOf(bookmarkCard(week), size))
				for (const { rows } of page.columns)
					for (const row of rows) {
						const free = row.under ? half : half - widthOfBoxes(row.boxes.length) - 2.5;
						expect(linesOf(row.text, free), `${size} ${row.text}`).toBeLessThanOrEqual(row.lines);
						expect(row.height).toBeGreaterThan(row.lines * 4.7 + (row.under ? 7.5 : 0));
					}
		}
	});
	it('counts lines by whole words, and parts a word that is longer than a line', () => {
		// Ten letters a line.
		expect(linesOf('Wipe the counters', 50)).toBe(1);
		expect(linesOf('Sweep the kitchen floor', 28)).toBe(3);
		expect(linesOf('Donaudampfschifffahrt', 28)).toBe(3);
		expect(linesOf('Put Donaudampfschifffahrt away', 28)).toBe(4);
	});
	it('says again over the edge of a page what its rows belong to', () => {
		for (const size of SIZES)
			for (const page of pagesOf(bookmarkCard(week), size))
				for (const column of page.columns) expect(column.rows[0]?.heading, size).not.toBeNull();
	});
});

describe('which of the things a job alternates between', () => {
	it('stands on paper, day by day, as it will come', () => {
		const data = demoHome();
		const other = prepareHome([
			{
				from: toDay('2027-01-04'),
				home: {
					...data,
					jobs: data.jobs.map((job) =>
						job.id === 'pair-up-the-boots' ? { ...job, variants: ['Left', 'Right'] } : job
					)
				}
			}
		]);
		const card = weekCard({ ...week, home: other, projection: projectHome(other, []) });
		const names = card.sides
			.flatMap((side) => side.rows)
			.filter((row) => row.boxes.some((box) => box?.line === 'pair-up-the-boots'))
			.map((row) => row.text.split(': ')[1]);
		expect(names).toEqual(['Left, Right']);
		// On the bookmark each half names its own: Monday and Wednesday, then Friday.
		const halves = bookmarkCard({ ...week, home: other, projection: projectHome(other, []) }).sides.map(
			(side) =>
				side.rows
					.filter((row) => row.boxes.some((box) => box?.line === 'pair-up-the-boots'))
					.map((row) => row.text.split(': ')[1])
		);
		expect(halves).toEqual([['Left, Right'], ['Left']]);
	});
});

describe('what is to be minded on a card', () => {
	const care = (headline: string, grave = true) => ({ headline, text: 'Why.', grave });
	const cautionsOf = (job: { id: string }) =>
		job.id === 'make-the-beds'
			? [care('Gloves on.', false)]
			: [care('Never with bleach.'), care('Open the window.', false)];
	const card = (size: 'A5' | 'A6' = 'A5') => {
		const made = personCard({ ...week, cautionsOf }, 'ottilie', MONDAY, [
			'make-the-beds',
			'kitchen-reset',
			'wipe-the-counters'
		]) as Card;
		return pagesOf(made, size)[0]?.columns[0]?.cautions.map(cautionText);
	};
	it('is said once for all the jobs that it is said of, a danger before what is only to be minded', () => {
		expect(card()).toEqual([
			'Never with bleach. Why. (Wipe the counters, Kitchen reset)',
			'Gloves on. Why. (Make the beds)',
			'Open the window. Why. (Wipe the counters, Kitchen reset)'
		]);
	});
});

describe('pages', () => {
	const rows = fc.array(
		fc.record({ heading: fc.boolean(), text: fc.string({ minLength: 1, maxLength: 20 }) }),
		{ minLength: 1, maxLength: 90 }
	);
	const sideOf = (list: readonly { heading: boolean; text: string }[], name: string, columns: number) => ({
		name,
		minutes: 5,
		columns: Array.from({ length: columns }, (_, i) => String(i)),
		cautions: list.slice(0, list.length % 12).map((one, i) => ({
			headline: `Hot ${i}.`,
			text: one.text.repeat(9),
			of: [{ id: `job-${i}`, name: 'Oven' }]
		})),
		rows: list.map((one, i) => ({
			text: one.text,
			job: `job-${i % 15}`,
			note: '',
			number: i + 1,
			boxes: Array.from({ length: columns }, () => null),
			heading: one.heading ? 'Part' : null,
			wait: null
		}))
	});
	it('hold every row once, in order, and none runs past the paper, for any card and size', () => {
		fc.assert(
			fc.property(
				rows,
				rows,
				fc.constantFrom(...SIZES),
				fc.constantFrom('room', 'person', 'zone', 'bookmark', 'week'),
				(one, two, size, kind) => {
					const card: Card = {
						kind: kind as Card['kind'],
						title: 'Card',
						zone: null,
						from: MONDAY,
						to: MONDAY,
						sides: [sideOf(one, 'Every day', 7), sideOf(two, 'This week', 1)]
					};
					const pages = pagesOf(card, size);
					for (const side of card.sides) {
						const columns = pages.flatMap((page) => page.columns).filter((column) => column.side === side);
						expect(columns.flatMap((column) => column.rows.map((row) => row.at))).toEqual(
							side.rows.map((_, i) => i)
						);
						expect(columns.map((column) => column.part)).toEqual(columns.map((_, i) => i + 1));
						// However little room there is, nothing that is to be minded is left out.
						if (kind === 'bookmark' || kind === 'week') continue;
						for (const column of columns) {
							const said = column.cautions.map((one) => one.headline).join(' ');
							for (const care of side.cautions)
								if (column.rows.some((row) => row.job === care.of[0]?.id))
									expect(said).toContain(care.headline);
								else expect(said).not.toContain(care.headline);
						}
					}
					const { height, margin } = MEASURES[size];
					const least = kind === 'week' ? 24 + 17 : HEAD + FOOT - 10;
					for (const page of pages) {
						const tall = (of: readonly (typeof page.columns)[number][]) =>
							Math.max(0, ...of.map((column) => Math.max(...column.rows.map((row) => row.y + row.height))));
						const daily = page.columns.filter((column) => column.side.name === 'Every day');
						const rest = page.columns.filter((column) => column.side.name !== 'Every day');
						const minded = heightOfCautions(page.columns[0]?.cautions ?? [], size);
						const stacked = minded + (kind === 'week' ? tall(daily) + tall(rest) : tall(page.columns));
						expect(stacked).toBeLessThanOrEqual(height - 2 * margin - least + 0.01);
					}
				}
			),
			{
				numRuns: 150,
				// A heading over the few rows of every day takes its height, too.
				examples: [
					[
						[{ heading: true, text: ' ' }],
						'nnhnhnnnnhn'.split('').map((one) => ({ heading: one === 'h', text: ' ' })),
						'A5',
						'week'
					]
				]
			}
		);
	});
	it('are one for the week of the demo on A4, and two sides for a room on A5', () => {
		expect(pagesOf(weekCard(week), 'A4').length).toBe(1);
		expect(pagesOf(roomCard(week, 'upper-bathroom') as Card, 'A5').length).toBeLessThanOrEqual(2);
	});
});

describe('the code of a card', () => {
	it('is read however it is typed, in letters not mistaken for figures', () => {
		fc.assert(
			fc.property(fc.nat({ max: 2 ** 47 }), (seed) => {
				const code = codeOf(seed);
				expect(code).toMatch(/^[A-HJ-NP-Z]{2}[2-9][A-HJ-NP-Z][2-9]$/);
				expect(readCardCode(shownCardCode(code).toLowerCase())).toBe(code);
			})
		);
		expect(new Set(Array.from({ length: 5000 }, (_, i) => codeOf(i * 7919))).size).toBeGreaterThan(4500);
		expect(CODES).toBe(24 ** 3 * 64);
		for (const none of ['', 'UB4K', 'UB 4 KO', 'UB 0 K7', 'IB 4 K7', 'UB4K77', '<b>'])
			expect(readCardCode(none), none).toBeNull();
	});
});
