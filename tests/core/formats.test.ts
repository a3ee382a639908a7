import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isoOf, toDay } from '../../src/lib/core/calendar/civil';
import { cadenceFromText, cadenceToText } from '../../src/lib/core/formats/recurrenceText';
import { feedEvents } from '../../src/lib/core/formats/feed';
import {
	entryToFile,
	fileHead,
	FILE_FOOT,
	readHouseholdFile
} from '../../src/lib/core/formats/householdFile';
import { publishedSchemas } from '../../src/lib/core/formats/publishedSchemas';
import { importJobs, importLedger, jobRows } from '../../src/lib/core/formats/tables';
import { readText } from '../../src/lib/core/formats/text';
import { readHome, type Home } from '../../src/lib/core/household/home';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { calendarCadence } from './generators';
import { done, entry } from './entries';
import { homeData, job, makeHome, prepared, step } from './home';

const TODAY = toDay('2027-03-03');
const bytes = (text: string) => new TextEncoder().encode(text);

describe('text of a file', () => {
	it('is read in UTF-8 and UTF-16, with a mark or without', () => {
		expect(readText(bytes('\uFEFFé'), false)).toMatchObject({ ok: true, text: 'é' });
		expect(readText(new Uint8Array([0xff, 0xfe, 0xe9, 0x00]), false)).toMatchObject({ ok: true, text: 'é' });
		expect(readText(new Uint8Array([0xfe, 0xff, 0x00, 0xe9]), false)).toMatchObject({ ok: true, text: 'é' });
	});
	it('in Latin-1 only where that is allowed, and says so', () => {
		const latin = new Uint8Array([0x63, 0x61, 0x66, 0xe9]);
		expect(readText(latin, false)).toMatchObject({ ok: false });
		const read = readText(latin, true);
		expect(read.ok && [read.text, read.note !== null]).toEqual(['café', true]);
	});
	it('refuses packed files, emptiness and what is no text', () => {
		for (const head of [[0x1f, 0x8b, 8], [0x50, 0x4b, 3, 4], [], [65, 0, 66]])
			expect(readText(new Uint8Array(head), true).ok, String(head)).toBe(false);
	});
});

describe('older versions', () => {
	it('of a home are brought up to the present one', () => {
		const old = { ...homeData(), version: 1 };
		const read = readHome(old);
		expect(read.ok && [read.home.version, read.home.household.layers]).toEqual([
			4,
			['basics', 'weekly', 'zone', 'long']
		]);
		// What the names of version 1 told of the order is taken up; all else is as it was.
		const plain = (home: Home) => ({
			...home,
			jobs: home.jobs.map((one) => ({ ...one, order: [], shows: 1 }))
		});
		expect(read.ok && plain(read.home)).toEqual(plain(makeHome()));
		expect(readHome({ ...homeData(), version: 5 }).ok).toBe(false);
	});
	it('of a home say of a job what its name said, once', () => {
		const sink = job('sink', { name: 'Scour the sink' });
		const read = readHome({
			...homeData(),
			version: 2,
			zones: [
				{ id: 'front', name: 'Front', weave: 'stripe', list: [] },
				{ id: 'back', name: 'Back', weave: 'check', list: [] }
			],
			jobs: [
				sink,
				job('hood', { name: 'job 2', library: 'hood-wipe' }),
				job('carpet', { name: 'Carpet', depths: { usual: { minutes: 5, steps: [step('Vacuum it', 5)] } } })
			]
		});
		const jobs = read.ok ? read.home.jobs : [];
		expect(jobs.map((one) => one.order)).toEqual([['sink'], ['above-hob'], []]);
		expect(jobs.map((one) => one.aloneFrom)).toEqual([undefined, 14, undefined]);
		expect(jobs[2]?.depths.usual.steps[0]?.appliance).toBe('vacuum');
	});
	it('of a home find the things of the cupboard by their names once, of several the one for the room', () => {
		const rooms = homeData().rooms as { id: string }[];
		const [here, there] = rooms.map((room) => room.id) as [string, string];
		const data = {
			...homeData(),
			version: 3,
			cupboard: {
				products: [{ id: 'soap', name: 'Dish soap', families: ['surfactant'] }],
				tools: [
					{ id: 'any', name: 'Brush' },
					{ id: 'own', name: 'brush ', boundTo: there }
				]
			},
			zones: [
				{ id: 'front', name: 'Front', weave: 'stripe', list: [] },
				{ id: 'back', name: 'Back', weave: 'check', list: [] }
			],
			members: [{ id: 'ada', name: 'Ada', role: 'organiser', kit: ['Brush', 'Bucket'] }],
			jobs: [
				job('a', { room: here, needs: ['Brush', 'Ladder', 'dish soap'] }),
				job('b', { room: there, needs: ['Brush'] })
			]
		};
		const read = readHome(data);
		if (!read.ok) throw new Error(JSON.stringify(read.problems));
		expect(read.home.jobs.map(({ things, needs }) => [things, needs])).toEqual([
			[['any', 'soap'], ['Ladder']],
			[['own'], []]
		]);
		expect(read.home.members[0]?.kit).toEqual(['any', 'own', 'Bucket']);
		// Of the present version nothing is read from a name.
		const now = readHome({ ...data, version: 4 });
		expect(now.ok && now.home.jobs.map((one) => one.things)).toEqual([[], []]);
	});
	it.each(['home', 'entry'] as const)('the published schema of a %s is the one in force', (name) => {
		const published = JSON.parse(readFileSync(`docs/schema/${name}.json`, 'utf8')) as unknown;
		expect(published).toEqual(JSON.parse(JSON.stringify(publishedSchemas()[name])));
	});
});

describe('a whole home in a file', () => {
	const home = makeHome();
	const versions = [{ from: toDay('2027-01-04'), home }];
	const ledger = [
		{ entry: done('bench', '2027-02-24', { minutes: 4.5 }), receivedAt: 5 },
		{
			entry: entry({
				outcome: 'pause',
				date: '2027-03-01',
				scope: 'room',
				target: 'porch',
				from: '2027-03-04',
				to: '2027-03-05',
				reason: 'other',
				note: 'Łódź “q” 🎨 \\'
			}),
			receivedAt: 6
		},
		{
			entry: entry({
				outcome: 'moved',
				date: '2027-03-01',
				job: 'bench',
				dueOn: '2027-03-10',
				to: '2027-03-11'
			}),
			receivedAt: 7
		}
	];
	const text = `${fileHead(versions)}${ledger.map((one) => JSON.stringify(entryToFile(one))).join(',\n')}${FILE_FOOT}`;

	it('comes back the same', () => {
		const read = readHouseholdFile(text, TODAY);
		if (!read.ok) throw new Error(JSON.stringify(read.problems));
		expect(read.file).toEqual({ versions, supplies: [], ledger });
	});
	it('may be a plain home, too', () => {
		const read = readHouseholdFile(JSON.stringify(homeData()), TODAY);
		expect(read.ok && read.file.versions.map((version) => isoOf(version.from))).toEqual(['2027-03-03']);
	});
	it('says what is wrong: cut off, no JSON, foreign, twice, unknown, too deep', () => {
		const says = (content: string) => {
			const read = readHouseholdFile(content, TODAY);
			return read.ok ? 'taken' : read.problems.map((problem) => `${problem.at}: ${problem.says}`).join('\n');
		};
		for (let at = 890; at < 960; at++) expect(says(text.slice(0, at)), String(at)).toMatch(/cut off/);
		expect(says('hello')).toMatch(/no JSON/);
		expect(says('[]')).toMatch(/no home/);
		expect(says('['.repeat(200_000))).not.toBe('taken');
		expect(says('{"format":"other"}')).toMatch(/"format" must be/);
		expect(says(text.replace('"version": 1,', '"version": 9,'))).toMatch(/version/);
		expect(says(text.replace('"holdsFrom":"2027-01-04"', '"holdsFrom":"2027-02-31"'))).toMatch(/holdsFrom/);
		const first = JSON.stringify(entryToFile(ledger[0] as (typeof ledger)[number]));
		expect(says(`${fileHead(versions)}${first},${first}${FILE_FOOT}`)).toMatch(/stands twice/);
		expect(says(`${fileHead(versions)}${first.replace('"bench"', '"gone"')}${FILE_FOOT}`)).toMatch(
			/in no version of the home/
		);
		expect(says(text.replace('"minutes":4.5', '"minutes":-3'))).toMatch(/ledger\[0\].*more than 0/);
		expect(says(text.replace('"Europe/London"', '"Moon/Base"'))).toMatch(/time zone is not known/);
	});
});

describe('a cadence in a cell', () => {
	it('is read back the same', () => {
		fc.assert(
			fc.property(calendarCadence, (made) => {
				const cadence = made;
				expect(cadenceFromText(cadenceToText(cadence as never))).toEqual(cadence);
			})
		);
		for (const text of ['after 10-14 days', 'zone', 'zone every 2', 'on call'])
			expect(cadenceToText(cadenceFromText(text) as never)).toBe(text);
	});
	it('is refused where it says none', () => {
		for (const text of [
			'',
			'often',
			'weekly',
			'weekly Blueday',
			'monthly 32',
			'after x days',
			'months 13',
			'9 a week',
			'leaf 5 Mon'
		])
			expect(cadenceFromText(text), text).toBeNull();
	});
});

describe('tables', () => {
	it('of jobs change nothing when they come back as they went', () => {
		const home = makeHome();
		const read = importJobs(home, jobRows(home));
		expect(read).toMatchObject({ reports: [], added: [], changed: [] });
		expect(read.home).toEqual(home);
	});
	it('add and change jobs, and report line by line what they do not understand', () => {
		const home = makeHome();
		const rows: Record<string, string>[] = [
			{ id: 'bench', name: 'Bench, well', room: 'Porch', cadence: 'weekly Mon', minutes: '7,5' },
			{ name: 'New one', room: 'kitchen', cadence: 'after 5-9 days', 'if missed': 'stays', minutes: '4' }
		];
		const good = importJobs(home, rows);
		expect([good.added, good.changed]).toEqual([['New one'], ['Bench, well']]);
		expect(good.home?.jobs.find((job) => job.id === 'bench')).toMatchObject({
			depths: { usual: { minutes: 7.5 } },
			cadence: { weekdays: [1] }
		});
		const bad = importJobs(home, [
			{ name: 'X', room: 'Attic', cadence: 'weekly Mon' },
			{ name: '', room: 'kitchen', cadence: 'daily' },
			{ name: 'Y', room: 'kitchen', cadence: 'now and then', minutes: 'ten' }
		]);
		expect(bad.home).toBeNull();
		expect(bad.reports.map((report) => [report.line, report.column])).toEqual([
			[2, 'room'],
			[3, 'name'],
			[4, 'cadence'],
			[4, 'minutes']
		]);
	});
	it('tell twins apart: out and in again nothing moves, and a name that means several is asked about', () => {
		const plain = makeHome();
		// Two rooms of one name, one called as the id of another, two people and two jobs of one name.
		const names = ['Room', 'Room', 'porch'];
		const twins = {
			...plain,
			rooms: plain.rooms.map((room, i) => ({ ...room, name: names[i] ?? room.name })),
			members: plain.members.map((one, i) => ({ ...one, name: i < 2 ? 'Ada' : one.name })),
			jobs: plain.jobs.map((one, i) => ({ ...one, name: i < 2 ? 'Sweep' : one.name }))
		};
		const again = importJobs(twins, jobRows(twins));
		expect([again.reports, again.changed, again.home]).toEqual([[], [], twins]);
		const [first, second] = twins.rooms;
		const newRow = importJobs(twins, [{ name: 'Dust', room: 'room', cadence: 'daily' }]);
		expect(newRow.home).toBeNull();
		expect(newRow.reports).toEqual([
			{
				line: 2,
				column: 'room',
				says: `2 are called "room". Write which by its id: ${first?.id}, ${second?.id}.`
			}
		]);
		// A job that is in one of them already stays in it.
		const [there] = twins.jobs.filter((one) => one.room === second?.id);
		const kept = importJobs(twins, [{ id: there?.id ?? '', name: 'Dust', room: 'Room', cadence: 'daily' }]);
		expect(kept.home?.jobs.find((one) => one.id === there?.id)?.room).toBe(second?.id);
		const home = prepareHome([{ from: toDay('2027-01-04'), home: twins }]);
		const told = importLedger(
			home,
			[
				{ date: '2027-02-24', job: 'Sweep', by: '' },
				{ date: '2027-02-24', job: twins.jobs[0]?.id ?? '', by: 'ada' },
				{ date: '2027-02-24', job: twins.jobs[1]?.id ?? '', by: 'Ada' }
			],
			(_, line) => `01900000-0000-7000-b000-0000000000${line}0`
		);
		expect(told.reports.map((one) => [one.line, one.column])).toEqual([
			[2, 'job'],
			[4, 'by']
		]);
	});
	it('of the ledger name people and jobs by name or id', () => {
		const home = prepared();
		const idOf = () => '01900000-0000-7000-8000-00000000000a';
		const read = importLedger(home, [{ date: '2027-02-24', job: 'bench', by: 'Ada', minutes: '4,5' }], idOf);
		expect(read.entries).toMatchObject([{ outcome: 'done', job: 'bench', by: 'ada', minutes: 4.5 }]);
		const bad = importLedger(
			home,
			[
				{ date: '2027-02-31', job: 'bench' },
				{ date: '2027-02-24', job: 'gone' },
				{ date: '2027-02-24', job: 'bench', by: 'Zed' },
				{ date: '2027-02-24', job: 'bench', minutes: '-3' }
			],
			idOf
		);
		expect(bad.reports.map((report) => [report.line, report.column])).toEqual([
			[2, 'date'],
			[3, 'job'],
			[4, 'by'],
			[5, 'minutes']
		]);
	});
});

describe('the feed', () => {
	it('is a series where a rule says the cadence, with what differs; single dates where not', () => {
		const home = prepareHome([{ from: toDay('2027-01-04'), home: makeHome() }]);
		const projection = projectHome(home, [
			entry({ outcome: 'moved', date: '2027-03-03', job: 'bench', dueOn: '2027-03-10', to: '2027-03-12' }),
			entry({ outcome: 'skipped', date: '2027-03-03', job: 'toilet', dueOn: '2027-03-17' }),
			entry({
				outcome: 'pause',
				date: '2027-03-03',
				scope: 'job',
				target: 'counters',
				from: '2027-03-05',
				to: '2027-03-06',
				reason: 'away'
			})
		]);
		const events = feedEvents({ home, projection, today: TODAY, member: null });
		const of = (key: string) => events.find((one) => one.key === key);
		expect(of('bench')).toMatchObject({
			first: TODAY,
			rule: { FREQ: 'WEEKLY', BYDAY: 'WE', WKST: 'MO' },
			moved: [{ from: toDay('2027-03-10'), to: toDay('2027-03-12') }],
			except: []
		});
		expect(of('toilet')?.except.map((day) => isoOf(day))).toEqual(['2027-03-17']);
		expect(of('counters')?.except.map((day) => isoOf(day))).toEqual(['2027-03-05', '2027-03-06']);
		expect(of('dishes/evening')).toMatchObject({ at: 17 * 60 });
		expect(of('skirting')).toMatchObject({ rule: null });
		expect(events.filter((one) => one.key.startsWith('zone/front/')).length).toBeGreaterThan(5);
		expect(events.some((one) => one.key === 'rail')).toBe(false);
	});
	it('of a member has their own alone; a retired job is told as cancelled', () => {
		const fixed = makeHome();
		const own = {
			...fixed,
			jobs: fixed.jobs.map((job) =>
				job.id === 'bench' ? { ...job, who: { mode: 'fixed' as const, members: ['ben'] } } : job
			)
		};
		const home = prepareHome([{ from: toDay('2027-01-04'), home: own }]);
		expect(
			feedEvents({ home, projection: projectHome(home, []), today: TODAY, member: 'ben' }).map(
				(one) => one.key
			)
		).toEqual(['bench']);
		const later = prepareHome([
			{ from: toDay('2027-01-04'), home: own },
			{ from: TODAY, home: { ...own, jobs: own.jobs.filter((job) => job.id !== 'bench') } }
		]);
		expect(
			feedEvents({ home: later, projection: projectHome(later, []), today: TODAY, member: null }).find(
				(one) => one.key === 'bench'
			)?.cancelled
		).toBe(true);
	});
});
