/** Commands in plain words. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { CommandContext } from '../../src/lib/core/command/command';
import { dayNamed } from '../../src/lib/core/command/dayNamed';
import { readCommand } from '../../src/lib/core/command/parse';
import { distance, find, wordsOf } from '../../src/lib/core/command/words';
import type { Load } from '../../src/lib/core/laundry/laundry';
import { day } from './entries';

const load = (id: string, name: string, ...stages: Load['events'][number]['stage'][]): Load => ({
	id,
	name,
	kind: 'towels',
	owner: null,
	dry: 'line',
	washMinutes: 60,
	dryMinutes: 90,
	events: stages.map((stage, i) => ({ id: `${id}${i}`, stage, at: i }))
});
const line = (id: string, name: string, also: string[], isOn = true, isLate = false) => ({
	id,
	name,
	also,
	isOn,
	isLate,
	lateWords: isLate ? '1 turn late' : ''
});
const context: CommandContext = {
	today: day('2027-03-03'),
	now: 0,
	me: 'ottilie',
	members: [
		{ id: 'ottilie', name: 'Ottilie' },
		{ id: 'bram', name: 'Bram' },
		{ id: 'nan', name: 'Nan Wren' }
	],
	rooms: [
		{ id: 'lamp-room', name: 'Lamp Room', also: ['kitchen'] },
		{ id: 'waiting-room', name: 'Waiting Room', also: ['living'] },
		{ id: 'porch', name: 'Platform Porch', also: ['hall'] }
	],
	lines: [
		line('mop-hall', 'Mop the hall', ['Platform Porch', 'hall']),
		line('mop-lamp', 'Mop the Lamp Room', ['Lamp Room', 'kitchen'], true, true),
		line('bench', 'Wipe the porch bench', ['Platform Porch']),
		line('skirting', 'Stair skirting', ['Stairs'], false)
	],
	loads: [load('one', 'Towels', 'washing'), load('two', 'Bunk sheets')]
};
const read = (text: string) => readCommand(text, context);
const does = (text: string) => {
	const found = read(text);
	return found.ok ? found.command : found.why;
};

describe('what is said, and what it does', () => {
	it.each([
		['15 kitchen', { do: 'fill', kind: 'bite', minutes: 15, room: 'lamp-room', who: null }],
		['20', { do: 'fill', kind: 'bite', minutes: 20, room: null, who: null }],
		['20 min lamp room', { do: 'fill', kind: 'bite', minutes: 20, room: 'lamp-room', who: null }],
		['1 hour', { do: 'fill', kind: 'bite', minutes: 60, room: null, who: null }],
		['10 bram', { do: 'fill', kind: 'bite', minutes: 10, room: null, who: 'bram' }],
		['15 kitchen bram', { do: 'fill', kind: 'bite', minutes: 15, room: 'lamp-room', who: 'bram' }],
		['visitors 30', { do: 'fill', kind: 'visitors', minutes: 30, room: null, who: null }],
		['big day', { do: 'fill', kind: 'bigday', minutes: null, room: null, who: null }],
		['the weekly round', { do: 'fill', kind: 'round', minutes: null, room: null, who: null }],
		['Sitting', { do: 'fill', kind: 'zone', minutes: null, room: null, who: null }],
		['done mop hall', { do: 'tick', line: 'mop-hall', outcome: 'done', by: 'ottilie', minutes: null }],
		['done bench by bram', { do: 'tick', line: 'bench', outcome: 'done', by: 'bram', minutes: null }],
		['done mop hall 12 min', { do: 'tick', line: 'mop-hall', outcome: 'done', by: 'ottilie', minutes: 12 }],
		['looked at bench', { do: 'tick', line: 'bench', outcome: 'looked', by: 'ottilie', minutes: null }],
		['bench done', { do: 'tick', line: 'bench', outcome: 'done', by: 'ottilie', minutes: null }],
		['did stair skirting', { do: 'tick', line: 'skirting', outcome: 'done', by: 'ottilie', minutes: null }],
		[
			'bram away till friday',
			{ do: 'away', member: 'bram', from: '2027-03-03', to: '2027-03-05', reason: 'away' }
		],
		['Nan Wren is ill', { do: 'away', member: 'nan', from: '2027-03-03', to: '2027-03-03', reason: 'ill' }],
		[
			'bram holiday for 2 weeks',
			{ do: 'away', member: 'bram', from: '2027-03-03', to: '2027-03-17', reason: 'holiday' }
		],
		['wash started', { do: 'laundry', load: 'two', stage: 'washing' }],
		['wash hung', { do: 'laundry', load: 'one', stage: 'drying' }],
		['towels hung', { do: 'laundry', load: 'one', stage: 'drying' }],
		['what’s late', { do: 'list', what: 'late', lines: ['mop-lamp'] }],
		["what's on", { do: 'list', what: 'today', lines: ['mop-hall', 'mop-lamp', 'bench'] }],
		[
			'add Clean before the party saturday 20 min',
			{ do: 'once', name: 'Clean before the party', date: '2027-03-06', minutes: 20, room: null, who: null }
		],
		[
			'add fetch the ladder tomorrow by bram',
			{ do: 'once', name: 'fetch the ladder', date: '2027-03-04', minutes: null, room: null, who: 'bram' }
		],
		[
			'add Oil the hinges in porch',
			{ do: 'once', name: 'Oil the hinges', date: '2027-03-03', minutes: null, room: 'porch', who: null }
		],
		['clear hall bench', { do: 'clear', spot: 'hall bench', room: 'porch', minutes: null }],
		['clear the desk 10 min', { do: 'clear', spot: 'desk', room: null, minutes: 10 }]
	])('%s', (text, command) => expect(does(text)).toEqual(command));

	it.each([
		['', 'empty'],
		['  ?! ', 'empty'],
		['xyzzy', 'unknown'],
		['done', 'which-job'],
		['done mop', 'which-job'],
		['done bench by zoe', 'which-person'],
		['bram away', 'until-when'],
		['bram away till yesterday', 'until-when'],
		['wash folded', 'no-load'],
		['900', 'no-minutes'],
		['0', 'no-minutes']
	])('%s is asked back: %s', (text, why) => expect(does(text)).toBe(why));

	it('suggests whole commands that would do something', () => {
		for (const text of ['dnoe mop hall', 'kitchen', 'bram', 'mop', 'wsah', 'done', 'bram away', '']) {
			const found = read(text);
			expect(found.ok, text).toBe(false);
			if (found.ok) continue;
			expect(found.suggestions.length, text).toBeGreaterThan(0);
		}
		const found = read('bram away');
		if (!found.ok) for (const one of found.suggestions) expect(read(one).ok, one).toBe(true);
	});
	it('forgives a slip of the finger', () => {
		expect(does('done mop hal')).toMatchObject({ line: 'mop-hall' });
		expect(does('done porhc bench')).toBe('which-job');
		expect(does('done benhc')).toBe('which-job');
		expect(does('done bensh')).toMatchObject({ line: 'bench' });
	});
	it('answers whatever is typed, in little time', () => {
		fc.assert(
			fc.property(fc.string({ maxLength: 300 }), (text) => {
				const found = read(text);
				expect(typeof found.ok).toBe('boolean');
			}),
			{ numRuns: 500, seed: 71 }
		);
	});
});

describe('days by name', () => {
	it.each([
		['friday', '2027-03-05'],
		['fri', '2027-03-05'],
		['wednesday', '2027-03-10'],
		['next monday', '2027-03-08'],
		['tomorrow', '2027-03-04'],
		['3 days', '2027-03-06'],
		['2027-04-01', '2027-04-01']
	])('%s is %s', (text, date) => expect(dayNamed(wordsOf(text), context.today)).toBe(day(date)));
	it('a day that has been is none', () => expect(dayNamed(wordsOf('2027-01-01'), context.today)).toBeNull());
});

describe('words', () => {
	it('are small, without marks', () =>
		expect(wordsOf('Mop-the HALL, Café!')).toEqual(['mop', 'the', 'hall', 'cafe']));
	it('a name whose words are all said comes first', () => {
		const items = [
			{ id: '1', name: 'Mop the Lamp Room' },
			{ id: '2', name: 'Lamp' }
		];
		expect(find(['lamp'], items)[0]?.item.id).toBe('2');
		expect(find(['zebra'], items)).toEqual([]);
		expect(find(['the'], items)).toEqual([]);
	});
	it('the distance of two words is their edits, the same both ways', () => {
		expect(distance('kitten', 'sitting', 5)).toBe(3);
		const word = fc.string({ maxLength: 6 });
		fc.assert(
			fc.property(word, word, (a, b) => {
				expect(distance(a, b, 9)).toBe(distance(b, a, 9));
			})
		);
	});
});
