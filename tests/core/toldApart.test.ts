/** Names that are alike are told apart, and those that are not stay as they are. */
import { namesInList } from '../../src/lib/words/names';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toldApart } from '../../src/lib/core/household/toldApart';

const named = (...names: string[]) => names.map((name, i) => ({ id: String(i), name, is: '' }));

describe('names that are alike', () => {
	it('the hint that parts them stands in brackets, and no more of them', () => {
		const list = [
			{ id: 'a', name: 'Anna', role: 'adult', born: '' },
			{ id: 'b', name: 'anna ', role: 'child', born: '2019' },
			{ id: 'c', name: 'Jon', role: 'child', born: '2016' }
		];
		expect(toldApart(list, [(one) => one.role, (one) => one.born]).map((one) => one.name)).toEqual([
			'Anna (adult)',
			'anna (child)',
			'Jon'
		]);
	});
	it('where no hint tells them apart they are numbered, and no number is taken twice', () => {
		expect(
			toldApart(named('Bedroom', 'Bedroom (1)', 'Bedroom'), [(one) => one.is]).map((one) => one.name)
		).toEqual(['Bedroom (2)', 'Bedroom (1)', 'Bedroom (3)']);
	});
	it('all names are different afterwards, in the same order, and one that was alone is the same object', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.constantFrom('Bath', 'bath', 'BATH', 'Hall', 'Bath (1)', 'Hall (2)', 'Café', 'Cafe\u0301'),
					{ maxLength: 9 }
				),
				(names) => {
					const list = named(...names);
					const told = toldApart(list, []);
					const plain = (name: string) => name.normalize('NFC').toLowerCase();
					expect(new Set(told.map((one) => plain(one.name))).size).toBe(list.length);
					expect(told.map((one) => one.id)).toEqual(list.map((one) => one.id));
					for (const [i, one] of list.entries())
						if (names.filter((name) => plain(name) === plain(one.name)).length === 1)
							expect(told[i]).toBe(one);
				}
			)
		);
	});
});

describe('jobs in one list', () => {
	it('that are called alike say their rooms, and no others', () => {
		expect(
			namesInList([
				{ name: 'Toilet', room: 'Bathroom' },
				{ name: 'Mirror', room: 'Bathroom' },
				{ name: 'Toilet', room: 'Toilet' }
			])
		).toEqual(['Toilet, Bathroom', 'Mirror', 'Toilet, Toilet']);
		expect(namesInList([])).toEqual([]);
	});
});
