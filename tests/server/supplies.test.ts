/** The cupboard through its real actions: changed once, told in any order, nothing half-written. */
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { readHouseholdFile } from '../../src/lib/core/formats/householdFile';
import { transaction } from '../../src/lib/server/db/pool';
import { productsCsv } from '../../src/lib/server/pages/files/tables';
import { loadMember } from '../../src/lib/server/pages/people/memberEdit';
import { editMember } from '../../src/lib/server/services/people/member';
import { productsFromCsv } from '../../src/lib/server/services/files/tables';
import { exportHousehold, importHousehold } from '../../src/lib/server/services/home/wholeHome';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { suppliesOf } from '../../src/lib/server/repo/supplyRepo';
import { buyingText, loadBuying } from '../../src/lib/server/pages/supplies/buying';
import { loadDoor } from '../../src/lib/server/pages/supplies/door';
import { loadKits } from '../../src/lib/server/pages/supplies/kits';
import { loadLabel, loadMixing } from '../../src/lib/server/pages/supplies/mixing';
import { loadSupplies } from '../../src/lib/server/pages/supplies/supplies';
import { editCupboard } from '../../src/lib/server/services/supplies/cupboard';
import { tell, write } from '../../src/lib/server/services/supplies/levels';
import { makeHome } from '../core/home';
import { asAda, form, newId, said, someHomes, type Fields } from './asking';

const { household, pool, setClock } = someHomes();
const NOW = '2027-03-03T10:40:00Z';

const edit = (home: string, fields: Fields) => editCupboard(asAda(home), form({ id: newId(), ...fields }));
const homeOf = async (home: string) => {
	const found = await loadHome(pool(), home);
	if (!found) throw new Error('no home');
	return found.home;
};
const cupboardOf = async (home: string) => (await homeOf(home)).cupboard;
const begun = async () => {
	setClock(NOW);
	const home = await household();
	expect(
		said(await edit(home, { op: 'starters', starter: ['vinegar', 'thin-bleach', 'dish-liquid'] })).status
	).toBe(200);
	return home;
};
const nothing = { product: null, on: null, after: null, as: null };

describe('the shelf', () => {
	it('is filled with a touch each, once, whoever presses twice', async () => {
		setClock(NOW);
		const home = await household();
		const id = newId();
		const press = () =>
			editCupboard(asAda(home), form({ id, op: 'starters', starter: ['vinegar', 'baking-soda'] }));
		const answers = await Promise.all([press(), press()]);
		expect(answers.map((one) => said(one).status)).toEqual([200, 200]);
		expect((await cupboardOf(home)).products.map((one) => one.id)).toEqual(['vinegar', 'baking-soda']);
		// What is there already is not put there twice.
		expect(said(await edit(home, { op: 'starters', starter: ['vinegar'] }))).toMatchObject({ status: 400 });
	});
	it('takes any name, keeps what was typed where something is wrong, and writes nothing then', async () => {
		const home = await begun();
		const before = await cupboardOf(home);
		for (const [fields, says] of [
			[{ op: 'product', name: '', is: ['soap'] }, 'Give the product a name.'],
			[{ op: 'product', name: 'Green stuff' }, 'choose Not sure'],
			[{ op: 'product', name: 'Strong', is: ['chlorine'], strength: '101' }, '100 % at most'],
			[{ op: 'product', name: 'Strong', is: ['chlorine'], strength: '0' }, 'more than 0 %'],
			[{ op: 'product', name: 'Strong', is: ['chlorine'], strength: '5 %' }, 'a number of percent'],
			[{ op: 'product', name: 'x'.repeat(90), is: ['soap'] }, '80 characters'],
			[{ op: 'product', name: 'Old', is: ['soap'], bestBefore: '2027-02-30' }, 'There is no date'],
			[{ op: 'tool', name: 'Brush', boundTo: 'gone' }, 'there is none'],
			[{ op: 'kit', name: 'Kit', contents: ['nothing'] }, 'no product or tool'],
			[{ op: 'removeProduct', product: 'gone' }, 'not in this home any more'],
			[{ op: 'mix', recipe: 'bleach', ml: '500', strength: '0', target: 'hard' }, 'more than 0 %'],
			[{ op: 'mix', recipe: 'bleach', ml: '500', strength: '0,3', target: 'worst' }, 'not as strong'],
			[{ op: 'mix', recipe: 'floor', ml: '10000000' }, '20 litres'],
			[{ op: 'mix', recipe: 'sea', ml: '500' }, 'Choose what to mix'],
			[{ op: 'poison', number: '9'.repeat(70) }, '60 characters'],
			[{ op: 'nonsense' }, 'not understood']
		] as const) {
			const answer = said(await edit(home, fields as Fields));
			expect(answer.status, says).toBe(400);
			expect(answer.message).toContain(says);
			// What was typed comes back.
			if ('name' in fields) expect(answer.values.name).toBe(fields.name);
			else expect(answer.values.op).toBe(fields.op);
		}
		expect(await cupboardOf(home)).toEqual(before);
	});
	it('keeps a product with all that is said of it, and tells what is worth knowing', async () => {
		const home = await begun();
		await edit(home, {
			op: 'product',
			name: 'Grandmother’s white bottle',
			is: ['glass'],
			vessel: 'jug',
			place: 'behind the door',
			locked: 'on',
			openedOn: '2027-01-02',
			bestBefore: '2027-03-01'
		});
		const [product] = (await cupboardOf(home)).products.slice(-1);
		expect(product).toMatchObject({
			families: [],
			perhaps: ['alcohol', 'ammonia', 'surfactant'],
			vessel: 'jug',
			locked: true,
			openedOn: '2027-01-02'
		});
		const view = await loadSupplies(asAda(home), { ...nothing, product: product?.id ?? '' });
		expect(view.chosen).toMatchObject({
			isOver: true,
			who: '16 and over: Ada and Ben',
			descriptions: ['glass']
		});
		expect(view.chosen?.cares[0]).toMatchObject({ grave: true });
		expect(view.chosen?.notOn).toContain('screens');
		expect(view.chosen?.line).toContain('Locked away.');
		// Told otherwise by hand it stays the same thing.
		await edit(home, { op: 'product', product: product?.id ?? '', name: 'Glass', is: ['spirit'] });
		expect((await cupboardOf(home)).products.slice(-1)).toMatchObject([
			{ id: product?.id, families: ['alcohol'], perhaps: [] }
		]);
	});
	it('knows a tool by what needs it, whatever it is called', async () => {
		const home = await begun();
		const jobsNeeding = async (tool: string) =>
			(await homeOf(home)).jobs.filter((job) => job.things.includes(tool)).map((job) => job.id);
		const [one, two] = (await homeOf(home)).jobs.map((job) => job.id) as [string, string];
		await edit(home, { op: 'tool', name: 'Brush', withJobs: 'yes', jobs: [one, two] });
		expect(await jobsNeeding('brush')).toEqual([one, two]);
		await edit(home, { op: 'tool', tool: 'brush', name: 'The green one', withJobs: 'yes', jobs: [two] });
		expect(await jobsNeeding('brush')).toEqual([two]);
		const view = await loadKits(asAda(home));
		expect(view.tools).toMatchObject([{ id: 'brush', name: 'The green one', jobs: [two] }]);
		expect(view.jobs.map((job) => job.id)).toContain(one);
		await edit(home, { op: 'removeTool', tool: 'brush' });
		expect(await jobsNeeding('brush')).toEqual([]);
	});
	it('has kits with letters of their own', async () => {
		const home = await begun();
		await edit(home, { op: 'tool', name: 'Toilet brush', boundTo: 'porch', hotWash: 'on' });
		await edit(home, { op: 'kit', name: 'Porch', rooms: ['porch'], contents: ['vinegar', 'toilet-brush'] });
		await edit(home, { op: 'kit', name: 'Pantry', rooms: ['kitchen'], contents: ['dish-liquid'] });
		const view = await loadKits(asAda(home));
		expect(view.kits.map((kit) => kit.letter)).toEqual(['P', 'A']);
		expect(view.tools[0]?.words).toBe('only for Porch, hot wash after');
		const wrong = said(
			await edit(home, { op: 'kit', kit: 'pantry', name: 'Pantry', contents: ['toilet-brush'] })
		);
		expect(wrong.message).toContain('Give that room a kit of its own');
		await edit(home, { op: 'removeKit', kit: 'pantry' });
		expect((await loadKits(asAda(home))).kits).toHaveLength(1);
	});
});

describe('how much there is', () => {
	it('is what was said last, in whatever order it comes in', async () => {
		const home = await begun();
		const level = (thing: string, to: string, ago = 0) =>
			tell(asAda(home), form({ thing, level: to, ago: String(ago) }));
		expect(said(await level('vinegar', 'out', 1000)).status).toBe(200);
		expect(said(await level('vinegar', 'low', 60_000)).status).toBe(200);
		expect(await suppliesOf(pool(), home)).toMatchObject([{ id: 'vinegar', level: 'out' }]);
		await level('vinegar', 'plenty');
		expect(await suppliesOf(pool(), home)).toMatchObject([{ id: 'vinegar', level: 'plenty' }]);
		expect(said(await level('no-such', 'out')).status).toBe(404);
		expect(said(await level('vinegar', 'gone')).status).toBe(400);
	});
	it('is told by two at once without one of them being lost', async () => {
		const home = await begun();
		for (let i = 0; i < 50; i++) {
			const answers = await Promise.all([
				tell(asAda(home), form({ thing: 'vinegar', level: 'out' })),
				tell(asAda(home), form({ thing: 'thin-bleach', level: 'low' }))
			]);
			expect(answers.map((one) => said(one).status)).toEqual([200, 200]);
		}
		expect((await loadBuying(asAda(home))).list.map((one) => [one.name, one.level])).toEqual([
			['Vinegar', 'out'],
			['Thin bleach', 'low']
		]);
	});
	it('goes to one list with what is written on it, and off it when it is bought', async () => {
		const home = await begun();
		const id = newId();
		await tell(asAda(home), form({ thing: 'vinegar', level: 'out' }));
		const asked = () => write(asAda(home), form({ id, name: 'Sponges' }));
		await Promise.all([asked(), asked()]);
		expect(said(await write(asAda(home), form({ id: newId(), name: ' ' }))).message).toBe(
			'Write what to buy.'
		);
		const list = (await loadBuying(asAda(home))).list;
		expect(list.map((one) => one.name)).toEqual(['Vinegar', 'Sponges']);
		// Work of these days wants something against limescale, and there is no other.
		expect(list[0]?.words).toMatch(/^needed .+ for toilet$/);
		expect(await buyingText(asAda(home))).toBe(`- Vinegar (${list[0]?.words})\n- Sponges\n`);
		await tell(asAda(home), form({ thing: id, level: 'plenty' }));
		await tell(asAda(home), form({ thing: 'vinegar', level: 'plenty' }));
		expect((await loadBuying(asAda(home))).list).toEqual([]);
	});
});

describe('mixes', () => {
	it('are kept with their day, and are over when it is', async () => {
		const home = await begun();
		await edit(home, { op: 'mix', recipe: 'bleach', ml: '500', strength: '5', target: 'toilet' });
		await edit(home, { op: 'mix', recipe: 'glass', ml: '0,5' });
		const [bleach] = (await cupboardOf(home)).mixes;
		expect(bleach).toMatchObject({
			parts: [{ families: ['bleach'], ml: 10 }],
			waterMl: 490,
			mixedOn: '2027-03-03'
		});
		setClock('2027-03-05T10:00:00Z');
		const { mixes } = await loadMixing(asAda(home));
		expect(mixes.map((one) => one.isOver)).toEqual([true, false]);
		const label = await loadLabel(asAda(home), bleach?.id ?? '');
		expect(label.mix.parts).toBe('10 ml of bleach and 490 ml of water');
		expect(label.mix.cares[0]?.headline).toContain('Never with');
		await expect(loadLabel(asAda(home), 'gone')).rejects.toMatchObject({ status: 404 });
		await edit(home, { op: 'removeMix', mix: bleach?.id ?? '' });
		expect((await cupboardOf(home)).mixes).toHaveLength(1);
	});
});

describe('the sheet for the door', () => {
	it('names what must not meet by the home’s own names, and its number', async () => {
		const home = await begun();
		await edit(home, { op: 'poison', number: '01632 960 555' });
		const sheet = await loadDoor(asAda(home));
		expect(sheet.poisonCentre).toBe('01632 960 555');
		expect(sheet.pairs[0]).toMatchObject({
			first: 'bleach',
			second: 'acid',
			ours: 'Thin bleach with Vinegar'
		});
		expect(sheet.pairs.find((pair) => pair.second === 'ammonia')?.ours).toBe('');
		expect(sheet.pairs).toHaveLength(9);
	});
	it('names each room with what refuses something, and each job that somebody cannot take', async () => {
		setClock(NOW);
		const plain = makeHome();
		const names = Array.from({ length: 9 }, (_, i) => `Stone room ${i}`);
		const [room] = plain.rooms;
		const [job] = plain.jobs.filter((one) => one.cadence.type === 'daily');
		if (!room || !job) throw new Error('no room, no job');
		const home = await household({
			...plain,
			rooms: [
				...plain.rooms,
				...names.map((name, i) => ({ ...room, id: `stone-${i}`, name, surfaces: ['stone' as const] }))
			],
			jobs: [
				...plain.jobs,
				...Array.from({ length: 30 }, (_, i) => ({
					...job,
					id: `old-${i}`,
					name: `For the old ${i}`,
					fromAge: 18
				}))
			]
		});
		const stone = (await loadDoor(asAda(home))).surfaces.find((one) => one.rooms.includes('Stone room 0'));
		for (const name of names) expect(stone?.rooms).toContain(name);
		const { cannot } = await loadMember(home, 'cy');
		for (let i = 0; i < 30; i++) expect(cannot.map((one) => one.name)).toContain(`For the old ${i}`);
	});
});

describe('the files', () => {
	it('carry the cupboard, how much there is, and the list, there and back', async () => {
		const home = await begun();
		await tell(asAda(home), form({ thing: 'vinegar', level: 'low' }));
		await write(asAda(home), form({ id: newId(), name: 'Sponges' }));
		const parts: string[] = [];
		for await (const part of exportHousehold(pool() as never, home)) parts.push(part);
		const read = readHouseholdFile(parts.join(''), toDay('2027-03-03'));
		if (!read.ok) throw new Error(JSON.stringify(read.problems));
		const other = randomUUID();
		await transaction((db) => importHousehold(db, other, read.file, 1, () => undefined), pool());
		expect(await cupboardOf(other)).toEqual(await cupboardOf(home));
		expect((await loadBuying(asAda(other))).list.map((one) => one.name)).toEqual(['Vinegar', 'Sponges']);
		const wrong = readHouseholdFile(
			parts.join('').replace('"level":"low"', '"level":"full"'),
			toDay('2027-03-03')
		);
		expect(wrong.ok ? '' : wrong.problems[0]?.at).toMatch(/^supplies/);
	});
	it('have products as a table, told first and written all or nothing', async () => {
		const home = await begun();
		const table = await productsCsv(home);
		expect(table.split('\r\n')).toContain('vinegar,Vinegar,acid,,bottle,,yes,,,,plenty');
		const more = `${table}blue,Blue jug,,alcohol ammonia,jug,porch,yes,2027-01-02,,,out\r\n`;
		const sent = (text: string, write = '') => productsFromCsv(home, form({ text, id: newId(), write }));
		expect(await sent(more)).toMatchObject({ report: { says: '1 new, 0 changed, 3 as they are.' } });
		expect(await sent(more, '1')).toMatchObject({ said: '1 products are new, 0 changed.' });
		expect((await cupboardOf(home)).products.slice(-1)).toMatchObject([
			{ id: 'blue', families: [], perhaps: ['alcohol', 'ammonia'], locked: true, openedOn: '2027-01-02' }
		]);
		expect((await loadBuying(asAda(home))).list.map((one) => one.name)).toEqual(['Blue jug']);
		const before = await cupboardOf(home);
		for (const [row, says] of [
			['x,X,sand,,jug,,no,,,,', 'families'],
			['x,X,acid,,jug,,no,,,101,', '100 % at most'],
			['x,X,,,jug,,no,,,,', 'Say what is in'],
			['x,X,acid,,jug,,no,,,,much', 'is no level']
		] as const) {
			const answer = (await sent(`${table}${row}\r\n`, '1')) as unknown as {
				report: { reports: { column: string; says: string }[] };
			};
			const [first] = answer.report.reports;
			expect(`${first?.column}: ${first?.says}`).toContain(says);
		}
		expect(await cupboardOf(home)).toEqual(before);
	});
});

describe('what somebody younger may use', () => {
	it('is known by their age: a child is not kept without a day of birth', async () => {
		const home = await begun();
		const answer = await editMember(home, 'cy', form({ id: newId(), name: 'Cyril', bornOn: '' }), 'ada');
		expect(said(answer)).toMatchObject({
			status: 400,
			message: expect.stringContaining('When was this child')
		});
		expect((await loadHome(pool(), home))?.home.members.find((one) => one.id === 'cy')?.name).toBe('Cy');
	});
	it('is what somebody has learned, chosen from what jobs ask for and from what they have', async () => {
		const home = await begun();
		const keep = (fields: Fields) =>
			editMember(home, 'ben', form({ id: newId(), name: 'Ben', ...fields }), 'ada');
		const skills = async () => (await loadMember(home, 'ben')).skills;
		expect(await skills()).toEqual([]);
		expect(said(await keep({ skills: ['ladder, high', 'iron'] })).status).toBe(200);
		expect(await skills()).toEqual([
			{ skill: 'iron', has: true },
			{ skill: 'ladder, high', has: true }
		]);
		expect(said(await keep({ skills: ['iron'] })).status).toBe(200);
		expect(await skills()).toEqual([{ skill: 'iron', has: true }]);
	});
	it('is looser only as an adult confirms it, written down with who and when', async () => {
		const home = await begun();
		const cy = async () => (await loadHome(pool(), home))?.home.members.find((one) => one.id === 'cy');
		const keep = (fields: Fields) =>
			editMember(home, 'cy', form({ id: newId(), name: 'Cy', bornOn: '2018-05-01', ...fields }), 'ada');
		// The page of somebody else's change does not touch it.
		expect(said(await keep({ families: ['bleach'] })).status).toBe(200);
		expect((await cy())?.allows).toEqual([]);
		await keep({ families: ['bleach'], withAllows: '1', allows: ['surfactant', 'acid'] });
		const allowed = [
			{ family: 'surfactant', by: 'ada', on: '2027-03-03' },
			{ family: 'acid', by: 'ada', on: '2027-03-03' }
		];
		expect((await cy())?.allows).toEqual(allowed);
		setClock('2027-03-09T10:40:00Z');
		await keep({ families: [], withAllows: '1', allows: ['acid'] });
		expect((await cy())?.allows).toEqual(allowed.slice(1));
		const view = await loadMember(home, 'cy');
		expect(view.early.find((one) => one.code === 'acid')).toMatchObject({
			from: 16,
			on: true,
			said: 'allowed by Ada, Wed 3 March'
		});
		expect((await loadMember(home, 'ben')).early).toEqual([]);
		expect(said(await keep({ withAllows: '1', allows: ['sand'] })).status).toBe(400);
	});
});
