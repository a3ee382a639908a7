/** The cupboard of a home: what its file may hold, what follows from a change, the lists made of it. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { mayUse } from '../../src/lib/core/cupboard/ask';
import { careOf, caresTogether } from '../../src/lib/core/cupboard/care';
import { caresOfJob, caresOfStep, ownCautions } from '../../src/lib/core/cupboard/cautionsOfJob';
import { dilute, inMeasures } from '../../src/lib/core/cupboard/dilution';
import { takeAlong } from '../../src/lib/core/cupboard/kits';
import { goodUntil, mixFacts } from '../../src/lib/core/cupboard/mixes';
import {
	contentsOf,
	descriptionsOf,
	fromShelf,
	isAlone,
	STARTER_SHELF,
	type Description
} from '../../src/lib/core/cupboard/products';
import { mayNeed, missingFor } from '../../src/lib/core/cupboard/neededBy';
import { shoppingList } from '../../src/lib/core/cupboard/shopping';
import { cupboardSchema, type Cupboard } from '../../src/lib/core/household/cupboardSchema';
import { readHome, type Home } from '../../src/lib/core/household/home';
import {
	freeLetter,
	putKit,
	putMix,
	putProduct,
	putTool,
	removeProduct
} from '../../src/lib/core/setup/editCupboard';
import { retireRoom } from '../../src/lib/core/setup/editRooms';
import { jobFromForm } from '../../src/lib/core/setup/jobForm';
import { ageAlone, mayDo } from '../../src/lib/core/people/whoCan';
import { homeData, job as plainJob } from './home';

const told = (...names: Description[]) => contentsOf(names);

const cupboard = (part: Partial<Record<keyof Cupboard, unknown>>): Cupboard => cupboardSchema.parse(part);

const bottle = (id: string, ...names: Description[]) => ({ id, name: id, ...told(...names) });

const ROOMS = [
	{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 1 },
	{ id: 'kitchen', name: 'Kitchen', kind: 'kitchen', storey: 0, walkOrder: 0 }
];
const plainHome = (rest: Record<string, unknown>): Home => {
	const read = readHome({ ...homeData(), zones: [], rooms: ROOMS, jobs: [plainJob('bench')], ...rest });
	if (!read.ok) throw new Error(JSON.stringify(read.problems));
	return read.home;
};

const withCupboard = (part: Partial<Record<keyof Cupboard, unknown>>, jobs: Home['jobs'] = []): Home =>
	plainHome({ cupboard: part, jobs });

const problems = (part: Partial<Record<keyof Cupboard, unknown>>) => {
	const read = readHome({ ...homeData({ jobs: [] }), zones: [], rooms: ROOMS, cupboard: part });
	return read.ok ? [] : read.problems.map((one) => `${one.at}: ${one.says}`);
};

describe('what a cupboard may hold', () => {
	it('takes every family, and a home without a cupboard', () => {
		expect(problems({})).toEqual([]);
		expect(problems({ products: [bottle('a', 'notSure')] })).toEqual([]);
		expect(problems({ products: STARTER_SHELF.map((one) => fromShelf(one, one.id, one.id)) })).toEqual([]);
	});
	it.each([
		['none', { products: [{ id: 'a', name: 'Green bottle' }] }, 'Say what is in "Green bottle"'],
		['strength 0', { products: [{ ...bottle('a', 'chlorine'), strength: 0 }] }, 'more than 0 %'],
		['strength 101', { products: [{ ...bottle('a', 'chlorine'), strength: 101 }] }, '100 % at most'],
		[
			'strength as text',
			{ products: [{ ...bottle('a', 'chlorine'), strength: '5 %' }] },
			'a number of percent'
		],
		[
			'a mix of bleach and vinegar',
			{
				mixes: [
					{
						id: 'm',
						name: 'Both',
						parts: [
							{ families: ['bleach'], ml: 10 },
							{ families: ['acid'], ml: 10 }
						],
						waterMl: 500,
						mixedOn: '2026-05-01',
						keepsDays: 3
					}
				]
			},
			'They must never meet'
		],
		[
			'10 000 litres',
			{
				mixes: [
					{
						id: 'm',
						name: 'Sea',
						parts: [{ families: ['acid'], ml: 1e7 }],
						waterMl: 0,
						mixedOn: '2026-05-01',
						keepsDays: 3
					}
				]
			},
			'20 litres'
		],
		[
			'a kit that holds itself',
			{ kits: [{ id: 'k', name: 'K', letter: 'K', weave: 'dots', contents: ['k'] }] },
			'does not hold itself'
		],
		[
			'a kit in a kit',
			{
				kits: [
					{ id: 'k', name: 'K', letter: 'K', weave: 'dots', contents: ['l'] },
					{ id: 'l', name: 'L', letter: 'L', weave: 'dots' }
				]
			},
			'not kits'
		],
		['a room that is gone', { tools: [{ id: 't', name: 'Brush', boundTo: 'gone' }] }, 'there is none'],
		[
			'two of one letter',
			{
				kits: [
					{ id: 'k', name: 'K', letter: 'K', weave: 'dots' },
					{ id: 'l', name: 'L', letter: 'K', weave: 'dots' }
				]
			},
			'Two kits have the letter K'
		]
	])('refuses %s with a sentence', (_what, part, says) => {
		expect(problems(part).join('\n')).toContain(says);
	});
	it('refuses a job whose product is not there, and one that says otherwise what is in it', () => {
		const base = plainHome({});
		const [job] = base.jobs;
		if (!job) throw new Error('no job');
		const naming = (families: string[], products: unknown[]) =>
			readHome({
				...base,
				cupboard: { products },
				jobs: [
					{
						...job,
						depths: {
							usual: {
								minutes: 5,
								steps: [{ text: 'Wipe', minutes: 5, class: 3, products: [{ families, product: 'a' }] }]
							}
						}
					}
				],
				zones: []
			});
		const gone = naming(['acid'], []);
		expect(gone.ok ? '' : gone.problems[0]?.says).toContain('There is no product "a"');
		const other = naming(['soda'], [bottle('a', 'limescale')]);
		expect(other.ok ? '' : other.problems[0]?.says).toContain('holds acid');
	});
	it('knows a product that is a danger alone', () => {
		expect(isAlone(told('chlorine', 'limescale'))).toBe(true);
		expect(isAlone(told('notSure'))).toBe(false);
		expect(mayUse({ product: told('chlorine', 'limescale') }).verdict).toBe('no');
	});
	it('tells a product by the words that it was told with', () => {
		for (const one of ['soap', 'glass', 'germs', 'notSure'] as const)
			expect(descriptionsOf(told(one))).toEqual([one]);
		expect(descriptionsOf(told('soap', 'limescale')).sort()).toEqual(['limescale', 'soap']);
	});
});

describe('asking', () => {
	const person = (age: number | null, excludes: string[] = []) => ({ id: 'kim', age, excludes });
	it('says ten minutes and a rinse for limescale remover on brass taps', () => {
		expect(mayUse({ product: told('limescale'), surface: 'plated' })).toMatchObject({
			verdict: 'briefly',
			helps: [{ code: 'briefly', minutes: 10 }]
		});
	});
	it('says rinse first for bleach after limescale remover, and another product on wood', () => {
		expect(mayUse({ product: told('chlorine'), surface: 'tile', after: told('limescale') })).toMatchObject({
			verdict: 'rinse-first',
			reasons: [{ code: 'meets', level: 'danger', with: ['acid'] }],
			helps: [{ code: 'rinse-between' }]
		});
		expect(mayUse({ product: told('chlorine'), surface: 'laminate', after: told('spirit') })).toMatchObject({
			verdict: 'no',
			helps: [{ code: 'instead', family: 'surfactant' }]
		});
	});
	it('names the age, and water for a small child', () => {
		expect(mayUse({ product: told('limescale'), person: person(9) })).toMatchObject({
			verdict: 'no',
			reasons: [{ code: 'age', from: 16 }],
			helps: [
				{ code: 'instead', family: 'surfactant' },
				{ code: 'somebody-else', from: 16 }
			]
		});
		expect(mayUse({ product: told('soap'), person: person(5) }).helps[0]).toEqual({
			code: 'instead',
			family: 'water'
		});
	});
	it('counts a glass cleaner of unknown kind as what is stricter', () => {
		expect(mayUse({ product: told('glass'), person: person(13) }).verdict).toBe('no');
		expect(mayUse({ product: told('spirit'), person: person(13) }).verdict).toBe('yes');
		expect(mayUse({ product: told('glass'), surface: 'tile', after: told('chlorine') }).verdict).toBe(
			'rinse-first'
		);
	});
	it('tells of the animals, the air and the gloves', () => {
		expect(
			careOf({ ...told('chlorine'), surface: 'tile', floor: true }, ['cat', 'bird']).map((one) => one.code)
		).toEqual(['never-with', 'gloves', 'air', 'cold-water', 'pets', 'wet-floor']);
		expect(
			caresTogether([careOf(told('limescale')), careOf(told('chlorine'))]).filter(
				(one) => one.code === 'never-with'
			)
		).toHaveLength(1);
	});
});

describe('measures', () => {
	it('makes 500 ml of 1000 ppm from a bottle of 5 %', () => {
		expect(dilute(5, 1000, 500)).toMatchObject({ ok: true, productMl: 10, waterMl: 490, strong: false });
		expect(inMeasures(10).counts).toEqual([{ name: 'teaspoon', count: 2 }]);
		expect(inMeasures(500).counts).toEqual([
			{ name: 'cup', count: 2 },
			{ name: 'tablespoon', count: 1 },
			{ name: 'teaspoon', count: 1 }
		]);
	});
	it.each([
		[0, 500, 500, 'no-strength'],
		[101, 500, 500, 'no-strength'],
		[NaN, 500, 500, 'no-strength'],
		[5, 0, 500, 'no-target'],
		[5, 500, 0, 'no-volume'],
		[5, 60000, 500, 'too-strong']
	])('refuses %s %%, %s ppm, %s ml', (percent, ppm, ml, why) => {
		expect(dilute(percent, ppm, ml)).toEqual({ ok: false, why });
	});
	it('warns above 1000 ppm, and throws bleach away after a day', () => {
		expect(dilute(5, 5000, 1000)).toMatchObject({ strong: true });
		const mix = { mixedOn: '2026-05-01', keepsDays: 90 };
		expect(goodUntil({ ...mix, parts: [{ families: ['bleach'], ml: 10 }] })).toBe(toDay('2026-05-02'));
		expect(goodUntil({ ...mix, parts: [{ families: ['acid'], ml: 10 }] })).toBe(toDay('2026-07-30'));
		expect(mixFacts([{ families: ['acid'] }])).toMatchObject({
			danger: null,
			neverWith: ['bleach', 'peroxide', 'caustic']
		});
	});
});

const step = (product: string | undefined, families: string[]) => ({
	text: 'Wipe',
	minutes: 5,
	class: 3,
	products: [{ families, ...(product ? { product } : {}), rinse: false, floor: false }]
});
const jobWith = (id: string, room: string, steps: unknown[], more: object = {}) =>
	({
		...plainHome({}).jobs[0],
		id,
		name: id,
		room,
		cadence: { type: 'daily' },
		missRule: 'letgo',
		covers: [],
		parts: [],
		needs: [],
		things: [],
		who: { mode: 'free', members: [] },
		depths: { usual: { minutes: 5 * steps.length, steps } },
		...more
	}) as unknown as Home['jobs'][number];

describe('changes', () => {
	const room = plainHome({}).rooms[0]?.id as string;
	const other = plainHome({}).rooms[1]?.id as string;
	const begun = withCupboard({ products: [bottle('vinegar', 'limescale')] }, [
		jobWith('taps', room, [step('vinegar', ['acid'])])
	]);
	it('carries what is in a product into the jobs that name it', () => {
		const changed = putProduct(
			begun,
			cupboard({ products: [bottle('vinegar', 'scouring')] }).products[0] as never
		);
		if (!changed.ok) throw new Error(JSON.stringify(changed));
		expect(changed.home.jobs[0]?.depths.usual.steps[0]?.products[0]?.families).toEqual([
			'abrasive',
			'bleach',
			'acid'
		]);
	});
	it('takes a product away and keeps what kind the jobs need', () => {
		const gone = removeProduct(begun, 'vinegar');
		if (!gone.ok) throw new Error('refused');
		expect(gone.home.cupboard.products).toEqual([]);
		expect(gone.home.jobs[0]?.depths.usual.steps[0]?.products[0]).toMatchObject({ families: ['acid'] });
		expect(gone.home.jobs[0]?.depths.usual.steps[0]?.products[0]?.product).toBeUndefined();
		expect(gone.effects).toEqual([{ code: 'jobs-without-product', count: 1, names: ['taps'] }]);
		expect(removeProduct(begun, 'nothing')).toMatchObject({ ok: false, refusal: { code: 'unknown' } });
	});
	it('refuses a tool of one room in a kit that is carried into others, and frees it when its room goes', () => {
		const tool = putTool(begun, { id: 'brush', name: 'Brush', boundTo: room, hotWash: false });
		if (!tool.ok) throw new Error('refused');
		const kit = {
			id: 'k',
			name: 'Round',
			letter: 'R',
			weave: 'dots' as const,
			place: '',
			contents: ['brush']
		};
		expect(putKit(tool.home, { ...kit, rooms: [room, other] }).ok).toBe(false);
		expect(putKit(tool.home, { ...kit, rooms: [] }).ok).toBe(false);
		const own = putKit(tool.home, { ...kit, rooms: [room] });
		if (!own.ok) throw new Error('refused');
		expect(freeLetter(own.home, 'Rooms')).toBe('O');
		const without = retireRoom(own.home, room);
		if (!without.ok) throw new Error(JSON.stringify(without));
		expect(without.home.cupboard.tools[0]?.boundTo).toBeUndefined();
		expect(without.home.cupboard.kits[0]?.contents).toEqual([]);
	});
	it('keeps no mix that is a danger', () => {
		const mix = {
			id: 'm',
			name: 'M',
			waterMl: 100,
			mixedOn: '2026-05-01',
			keepsDays: 1,
			parts: [
				{ families: ['bleach' as const], ml: 5 },
				{ families: ['ammonia' as const], ml: 5 }
			]
		};
		expect(putMix(begun, mix).ok).toBe(false);
		expect(putMix(begun, { ...mix, parts: mix.parts.slice(0, 1) }).ok).toBe(true);
	});
	it('lets somebody younger use what an adult allowed, and nothing else', () => {
		const job = begun.jobs[0] as Home['jobs'][number];
		const child = {
			id: 'kim',
			name: 'Kim',
			role: 'child' as const,
			bornOn: '2014-01-01',
			carries: [],
			away: [],
			skills: [],
			excludes: { families: [], jobs: [] },
			allows: [],
			dislikes: []
		};
		const day = toDay('2026-05-04');
		expect(mayDo(job, child, day)).toBe(false);
		const allowed = { ...child, allows: [{ family: 'acid' as const, by: 'ann', on: '2026-05-01' }] };
		expect(mayDo(job, allowed, day)).toBe(true);
		expect(ageAlone(job, ['bleach'])).toBe(16);
	});
});

describe('what to take along', () => {
	const [a, b] = plainHome({}).rooms.map((room) => room.id) as [string, string];
	const base = withCupboard({
		products: [bottle('vinegar', 'limescale'), bottle('soap', 'soap')],
		tools: [
			{ id: 'cloth', name: 'Cloth', hotWash: true },
			{ id: 'wc', name: 'Toilet brush', boundTo: a }
		],
		kits: [
			{ id: 'k', name: 'Kit', letter: 'K', weave: 'dots', rooms: [a], contents: ['vinegar', 'cloth'] },
			{ id: 'l', name: 'Other', letter: 'L', weave: 'dots', rooms: [b], contents: ['soap'] }
		]
	});
	it('names the kits of the rooms, what is loose, what nobody named, and the cloths for the wash', () => {
		const along = takeAlong(base, [
			{
				job: jobWith('taps', a, [step('vinegar', ['acid']), step('soap', ['surfactant'])], {
					things: ['cloth'],
					needs: ['Ladder', 'Toilet brush']
				}),
				depth: 'usual'
			}
		]);
		expect(along.kits.map((kit) => kit.letter)).toEqual(['K']);
		expect(along.loose).toEqual(['soap']);
		// What a job says in words is told as it stands, whatever else is called the same.
		expect(along.others).toEqual(['Ladder', 'Toilet brush']);
		expect(along.toWash.map((tool) => tool.id)).toEqual(['cloth']);
		expect(along.bound).toEqual([]);
	});
	it('does not carry a tool of one room into another', () => {
		const along = takeAlong(base, [
			{ job: jobWith('bath', b, [step(undefined, ['water'])], { things: ['wc'] }), depth: 'usual' }
		]);
		expect(along.bound.map((one) => one.tool.id)).toEqual(['wc']);
	});
});

describe('the list to buy', () => {
	const shelf = cupboard({
		products: [bottle('vinegar', 'limescale'), bottle('citric', 'limescale'), bottle('soap', 'soap')],
		tools: [{ id: 'cloth', name: 'Cloths' }]
	});
	it('has what is out, then what is low, then what was written on it, the soonest needed first', () => {
		const list = shoppingList(
			shelf,
			[
				{ id: 'cloth', name: null, level: 'out' },
				{ id: 'soap', name: null, level: 'low' },
				{ id: 'vinegar', name: null, level: 'out' },
				{ id: 'x', name: 'Sponges', level: 'out' },
				{ id: 'citric', name: null, level: 'plenty' }
			],
			[
				{ product: 'vinegar', day: toDay('2026-05-20'), job: 'Taps' },
				{ product: 'vinegar', day: toDay('2026-05-12'), job: 'Kettle' }
			]
		);
		expect(list.map((one) => one.name)).toEqual(['vinegar', 'Cloths', 'soap', 'Sponges']);
		expect(list[0]).toMatchObject({ neededOn: toDay('2026-05-12'), neededBy: 'Kettle' });
	});
	const taps = jobWith('taps', 'porch', [step(undefined, ['acid']), step(undefined, ['surfactant'])]);
	const out = (...ids: string[]) => ids.map((id) => ({ id, name: null, level: 'out' as const }));
	it('says what a job needs and is out, and offers what holds the same', () => {
		expect(missingFor(taps, 'usual', shelf, out('vinegar'))).toEqual([]);
		expect(missingFor(taps, 'usual', shelf, out('vinegar', 'citric'))).toMatchObject([
			{ product: { id: 'vinegar' }, instead: [] }
		]);
		const named = jobWith('taps', 'porch', [step('vinegar', ['acid'])]);
		expect(missingFor(named, 'usual', shelf, out('vinegar'))).toMatchObject([
			{ product: { id: 'vinegar' }, instead: [{ id: 'citric' }] }
		]);
		// Of soap a home has several, and none is meant.
		expect(missingFor(taps, 'usual', shelf, out('soap'))).toEqual([]);
		expect(
			missingFor(
				jobWith('x', 'porch', [step(undefined, ['water'])], { things: ['soap'] }),
				'usual',
				shelf,
				out('soap')
			)
		).toHaveLength(1);
	});
	it('knows which jobs may need a product', () => {
		expect([...mayNeed(taps, shelf)]).toEqual(['vinegar', 'citric']);
	});
});

describe('the form of a job', () => {
	const before = jobWith('taps', 'porch', [step('vinegar', ['acid']), step(undefined, ['surfactant'])]);
	const read = (form: Record<string, string[]>) => {
		const made = jobFromForm(before, {
			'minutes-usual': ['10'],
			'usual-text': ['On', 'Off'],
			'usual-minutes': ['5', '5'],
			'usual-class': ['3', '3'],
			...form
		});
		if (!made.ok) throw new Error(JSON.stringify(made.problems));
		return made.job.depths.usual.steps.map((one) => one.products);
	};
	it('keeps what is used where it has no field for it', () => {
		expect(read({})).toEqual(before.depths.usual.steps.map((one) => one.products));
		expect(read({ 'usual-with': ['same', 'same'] })).toEqual(
			before.depths.usual.steps.map((one) => one.products)
		);
	});
	it('says a product with its surface and how long it stays, a rinse, and nothing', () => {
		expect(
			read({
				'usual-with': ['citric|acid', '|water'],
				'usual-surface': ['plated', 'plated'],
				'usual-rinse': ['', 'rinse'],
				'usual-wait': ['Works', ''],
				'usual-min': ['5', ''],
				'usual-max': ['10', '']
			})
		).toEqual([
			[
				{
					families: ['acid'],
					product: 'citric',
					surface: 'plated',
					rinse: false,
					floor: false,
					contactMinutes: 10
				}
			],
			[{ families: ['water'], surface: 'plated', rinse: true, floor: false }]
		]);
		expect(read({ 'usual-with': ['', ''] })).toEqual([[], []]);
	});
});

describe('what to mind in a step', () => {
	const on = (text: string, families: string[], rinse = false) => ({
		text,
		minutes: 5,
		class: 3,
		products: [{ families, surface: 'tile', rinse, floor: false }]
	});
	const job = jobWith('toilet', 'porch', [
		on('Acid on', ['acid']),
		on('Brush', ['surfactant']),
		on('Rinse', ['water'], true),
		on('Shine', ['surfactant'])
	]);
	const home = withCupboard({}, [job]);
	const codes = (step: number) => caresOfStep(home, job, 'usual', step).map((care) => care.code);
	it('is what is in hand, and what is still there until it is rinsed off', () => {
		expect([0, 1, 2, 3].map(codes)).toEqual([['never-with', 'gloves'], ['never-with'], [], []]);
		expect(caresOfJob(home, job, 'usual').map((care) => care.code)).toEqual(['never-with', 'gloves']);
	});
	it('counts an adult near for whoever is under twelve', () => {
		const kim = { id: 'kim', age: 9, excludes: [] };
		expect(caresOfStep(home, job, 'usual', 3, kim).map((care) => care.code)).toEqual(['adult-near']);
	});
	it('leaves out what the library wrote by hand before the products said it, and nothing else', () => {
		const cautions = [
			{
				headline: 'Acid: never with bleach.',
				text: 'Nothing with bleach on this surface until it is rinsed; never on stone.'
			},
			{ headline: 'Acid: never with bleach.', text: 'Grandmother said so.' },
			{ headline: 'Alcohol burns.', text: 'No flame near it; window open.' }
		];
		expect(ownCautions({ ...job, cautions } as never)).toEqual(cautions.slice(1));
	});
});
