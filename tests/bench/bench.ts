/** The figures of the app. Run by `npm run bench`, which gives it a database and a folder. */
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { addDays, isoOf, toDay, type CivilDay } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { fileHead, FILE_FOOT, readHouseholdFile } from '../../src/lib/core/formats/householdFile';
import type { Home, Job } from '../../src/lib/core/household/home';
import { proposeMoves, type BalanceInput } from '../../src/lib/core/learning/balance';
import { seededRandom } from '../../src/lib/core/random';
import { recurrenceOccurrences, type Schedule } from '../../src/lib/core/calendar/recurrence';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { trialYear } from '../../src/lib/core/setup/trial';
import { pailCandidates } from '../../src/lib/core/session/fill';
import { migrate } from '../../src/lib/server/db/migrate';
import { openPool, transaction } from '../../src/lib/server/db/pool';
import { loadDemo } from '../../src/lib/server/demo/loadDemo';
import { makeLedger } from '../../src/lib/server/demo/makeLedger';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { firstHousehold } from '../../src/lib/server/repo/householdRepo';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { insertEntries } from '../../src/lib/server/repo/ledgerRepo';
import { exportHousehold, importHousehold } from '../../src/lib/server/services/home/wholeHome';
import { rebuildProjection } from '../../src/lib/server/repo/projectionRepo';
import { serve } from '../../scripts/lib/stack.mjs';
import { freePort } from '../../scripts/lib/database.mjs';
import { demoHome } from '../core/home';
import { calibration } from './calibration';
import { sessions } from './sessions';
import { fillOne } from '../core/sessions';
import { exhaustive } from './exhaustive';
import { family } from './family';
import { ground } from './ground';
import { loadHighs, type Highs } from './highs';
import { phone } from './phone';
import { kB, missedFigures, ms, say, time } from './measure';
import { dueDatesByRrule } from './rrulePeer';

const dir = process.argv[2] as string;
const TODAY = toDay('2027-03-03');

/** The demo home with copies of its jobs, until it has 150. */
function bigHome(): Home {
	const home = demoHome();
	const copies = home.jobs
		.filter((j) => j.cadence.type !== 'zone')
		.map((j) => ({ ...j, id: `${j.id}-b`, covers: [] }));
	return {
		...home,
		jobs: [...home.jobs, ...copies, ...copies.map((j) => ({ ...j, id: `${j.id}c` }))].slice(0, 150)
	};
}

async function core() {
	calibration();
	const home = prepareHome([{ from: toDay('2027-01-04'), home: bigHome() }]);
	const ledger: LedgerEntry[] = makeLedger(home, TODAY, 640, 7).map((m) => m.entry);
	const projection = projectHome(home, ledger);
	const day = await time(200, () => readDay(home, projection, TODAY));
	say(`readDay, ${home.home.jobs.length} jobs (${home.series.length} lines)`, ms(day), 'under 2 ms', day < 2);

	const member = home.home.members[0];
	if (member) {
		const lines = pailCandidates(readDay(home, projection, TODAY).lines, member, TODAY);
		const fill = await time(20, () => fillOne(home, lines, member, 20, TODAY));
		say(
			`filling a pail of 20 minutes from ${lines.length} jobs`,
			ms(fill),
			'a press is answered within 50 ms',
			fill < 50
		);
	}
}

/** Ten years of the calendar's occurrences, beside the common library. */
async function occurrences() {
	const home = prepareHome([{ from: toDay('2027-01-04'), home: bigHome() }]);
	const schedules = home.home.jobs
		.filter((job) => !['afterDone', 'zone', 'onCall'].includes(job.cadence.type))
		.map((job): Schedule => ({
			cadence: job.cadence as Schedule['cadence'],
			startsOn: toDay('2027-01-04'),
			leadDays: 0,
			season: job.season,
			weeks: { weekStart: 1, weekBelongs: 'start' }
		}));
	const to = addDays(toDay('2027-01-04'), 3652);
	const both = schedules.filter((s) => dueDatesByRrule(s, addDays(s.startsOn, 400)) !== null);
	const own = await time(20, () => both.map((s) => recurrenceOccurrences(s, s.startsOn, to)));
	const peer = await time(3, () => both.map((s) => dueDatesByRrule(s, to)));
	say(
		`ten years of occurrences of ${both.length} jobs`,
		ms(own),
		`rrule ${ms(peer)}, ${(peer / own).toFixed(0)} times; at least 50`,
		peer / own >= 50
	);
}

/** A year ahead after a change of one job's rhythm, for a home of 150 jobs. */
async function editor() {
	const home = prepareHome([{ from: toDay('2027-01-04'), home: bigHome() }]);
	const projection = projectHome(
		home,
		makeLedger(home, TODAY, 640, 7).map((m) => m.entry)
	);
	const job = home.jobById.get('stair-skirting') as Job;
	const year = await time(20, () =>
		trialYear(home, { ...job, cadence: { type: 'afterDone', min: 8, max: 12 } }, projection, TODAY)
	);
	say(
		`a year of ${home.home.jobs.length} jobs after a change of rhythm, to new picture data`,
		ms(year),
		'under 50 ms',
		year < 50
	);
}

/** Zones evened: against every assignment where that can be tried, against a MIP's bound above. */
async function balance() {
	for (const [rooms, zones] of [
		[12, 3],
		[8, 5]
	] as const) {
		const inputs = Array.from({ length: 5 }, (_, seed) => randomZones(rooms, zones, seed + 1));
		let worst = 0;
		let more = 0;
		for (const input of inputs) {
			const best = exhaustive(input);
			const found = proposeMoves(input);
			worst = Math.max(worst, found.after / best.ratio - 1);
			if (found.moves.length > 0) more = Math.max(more, found.moves.length - best.moves);
		}
		say(
			`evening ${rooms} rooms in ${zones} zones, worst of ${inputs.length}`,
			`${(worst * 100).toFixed(4)} % over the best of all, ${more} moves more`,
			'optimal against exhaustive search',
			worst < 1e-9 && more === 0
		);
	}
	const highs = await loadHighs();
	let worst = 0;
	let slowest = 0;
	for (let seed = 1; seed <= 5; seed++) {
		const input = randomZones(25, 7, seed);
		const found = proposeMoves(input);
		slowest = Math.max(slowest, await time(3, () => proposeMoves(input)));
		const bound = mipBound(highs, input);
		worst = Math.max(worst, found.after / bound - 1);
	}
	say(
		'evening 25 rooms in 7 zones, worst of 5',
		`${(worst * 100).toFixed(2)} % over the bound`,
		'within 2 % of the bound of a MIP (highs)',
		worst <= 0.02
	);
	say('the same, slowest', ms(slowest), 'under 200 ms', slowest < 200);
}

function randomZones(rooms: number, zones: number, seed: number): BalanceInput {
	const random = seededRandom(seed);
	return {
		rooms: Array.from({ length: rooms }, (_, i) => ({
			id: `r${i}`,
			zone: Math.floor(random() * zones),
			minutes: 4 + Math.floor(random() * 40)
		})),
		zones: Array.from({ length: zones }, () => ({
			visits: 10,
			capacity: (36 + Math.floor(random() * 18)) * 15
		}))
	};
}

/** The smallest largest ratio, by a mixed-integer program. */
function mipBound(highs: Highs, { rooms, zones }: BalanceInput): number {
	const x = (r: number, z: number) => `x${r}_${z}`;
	const loads = zones.map(
		(zone, z) =>
			` c${z}: ${rooms.map((room, r) => `${((room.minutes * zone.visits) / zone.capacity).toFixed(9)} ${x(r, z)}`).join(' + ')} - t <= 0`
	);
	const once = rooms.map((_, r) => ` o${r}: ${zones.map((_z, z) => x(r, z)).join(' + ')} = 1`);
	const binaries = rooms.flatMap((_, r) => zones.map((_z, z) => x(r, z)));
	const problem = `Minimize\n obj: t\nSubject To\n${[...loads, ...once].join('\n')}\nBinary\n ${binaries.join(' ')}\nEnd`;
	return highs.solve(problem, { time_limit: 20, mip_rel_gap: 0.0001 }).ObjectiveValue;
}

/** A home with 300 jobs and 50 000 entries comes in and goes out. */
async function files(url: string) {
	const pool = openPool(url);
	const base = bigHome();
	const home: Home = {
		...base,
		jobs: [
			...base.jobs,
			...base.jobs
				.filter((j) => j.cadence.type !== 'zone')
				.map((j) => ({ ...j, id: `x-${j.id}`.slice(0, 60), covers: [] })),
			...base.jobs
				.filter((j) => j.cadence.type !== 'zone')
				.map((j) => ({ ...j, id: `y-${j.id}`.slice(0, 60), covers: [] }))
		].slice(0, 300)
	};
	const random = seededRandom(5);
	const rows = Array.from({ length: 50_000 }, (_, i) => {
		const job = home.jobs[Math.floor(random() * home.jobs.length)] as Home['jobs'][number];
		const date = isoOf(addDays(toDay('2027-03-02'), -Math.floor(i / 40)));
		return JSON.stringify({
			outcome: 'done',
			id: `02a00000-0000-7000-8000-${String(i).padStart(12, '0')}`,
			date,
			by: null,
			job: job.id,
			part: job.parts.length > 1 ? job.parts[0] : null,
			minutes: 5,
			receivedAt: i
		});
	});
	const text = `${fileHead([{ from: toDay('2027-01-04'), home }])}${rows.reverse().join(',\n')}${FILE_FOOT}`;
	const begin = performance.now();
	const read = readHouseholdFile(text, TODAY);
	if (!read.ok) throw new Error(JSON.stringify(read.problems.slice(0, 3)));
	let told = 0;
	await transaction(
		(db) => importHousehold(db, '02b00000-0000-7000-8000-000000000001', read.file, 1, () => told++),
		pool
	);
	const took = performance.now() - begin;
	say(
		`taking in a home of ${home.jobs.length} jobs and 50 000 entries, in one transaction (${told} steps told)`,
		`${(took / 1000).toFixed(1)} s`,
		'under 10 s',
		took < 10_000 && told >= 50
	);
	global.gc?.();
	const before = process.memoryUsage().heapUsed;
	let most = 0;
	let bytes = 0;
	for await (const piece of exportHousehold(pool as never, '02b00000-0000-7000-8000-000000000001')) {
		bytes += piece.length;
		global.gc?.();
		most = Math.max(most, process.memoryUsage().heapUsed - before);
	}
	say(
		`giving it out again, ${(bytes / 1024 / 1024).toFixed(1)} MB`,
		`${(most / 1024 / 1024).toFixed(1)} MB held at most`,
		'less than the file itself',
		most < bytes * 0.8
	);
	await pool.end();
}

async function today(url: string) {
	await migrate(url, 'db/migrations');
	const pool = openPool(url);
	const now = Date.parse('2027-03-03T10:40:00Z');
	await loadDemo('demo/station-house.json', now, pool);
	const household = (await firstHousehold(pool as never)) as string;
	await growLedger(pool, household, 20_000);
	const [[{ n }]] = (await pool.query('SELECT COUNT(*) AS n FROM ledger')) as unknown as [[{ n: number }]];

	// The bare SQL that the load needs: the same statements, nothing done with the rows.
	const statements: [string, unknown[]][] = [
		['SELECT revision FROM household WHERE id = ?', [household]],
		['SELECT line_id, checkpoint, tail, last FROM standing WHERE household_id = ?', [household]],
		['SELECT zone_id, state FROM zone_standing WHERE household_id = ?', [household]],
		['SELECT * FROM ledger WHERE household_id = ? AND job_id IS NULL ORDER BY seq', [household]],
		['SELECT * FROM ledger WHERE household_id = ? AND date = ? ORDER BY seq', [household, '2027-03-03']],
		[
			'SELECT * FROM session WHERE household_id = ? AND (date BETWEEN ? AND ? OR is_over = FALSE)',
			[household, '2027-03-02', '2027-03-03']
		],
		[
			"SELECT * FROM ledger WHERE household_id = ? AND outcome = 'undo' AND of_id IN (SELECT id FROM ledger WHERE household_id = ? AND date = '2027-03-03')",
			[household, household]
		]
	];
	const bare = await time(60, async () => {
		for (const [sql, values] of statements) await pool.execute(sql, values as never[]);
	});
	const look = () => loadToday({ household, on: null, open: null, me: null, now });
	const load = await time(60, look);
	say(
		`Today's load with ${n} ledger entries`,
		ms(load),
		`bare SQL ${ms(bare)}, ${(load / bare).toFixed(1)} times; at most 2`,
		load / bare <= 2
	);
	const afterTick = await time(60, async () => {
		await pool.query('UPDATE household SET changes = changes + 1 WHERE id = ?', [household]);
		await look();
	});
	say(
		'the same just after somebody changed something, that change counted in',
		ms(afterTick),
		`bare SQL ${ms(bare)}, ${(afterTick / bare).toFixed(1)} times; told, not held`,
		true
	);

	const clockFile = join(dir, 'clock');
	writeFileSync(clockFile, '2027-03-03T10:40:00Z');
	const port = await freePort();
	const server = await serve({ url, port, clockFile });
	const page = (path: string) => async () => (await fetch(`http://127.0.0.1:${port}${path}`)).text();
	const whole = await time(40, page('/'));
	const answer = await fetch(`http://127.0.0.1:${port}/`);
	const html = (await answer.text()) + (answer.headers.get('link') ?? '');
	await server.stop();
	await pool.end();
	return { html, whole };
}

/** Older work of the same kind, day by day back from the demo's first, until the ledger has so many entries. */
async function growLedger(pool: ReturnType<typeof openPool>, household: string, wanted: number) {
	const home = await loadHome(pool as never, household);
	if (!home) throw new Error('no home');
	const [[{ n }]] = (await pool.query('SELECT COUNT(*) AS n FROM ledger')) as unknown as [[{ n: number }]];
	const random = seededRandom(3);
	const entries = Array.from({ length: Math.max(0, wanted - n) }, (_, i) => {
		const line = home.series[Math.floor(random() * home.series.length)] as (typeof home.series)[number];
		const date = addDays(toDay('2027-01-03'), -Math.floor(i / 25)) as CivilDay;
		const entry = {
			outcome: 'done',
			id: `02900000-0000-7000-8000-${String(i).padStart(12, '0')}`,
			date,
			by: 'bram',
			job: line.job.id,
			part: line.part,
			depth: null,
			variant: null,
			minutes: 5,
			cutOff: false,
			found: null,
			session: null,
			coveredBy: null
		} as LedgerEntry;
		return { entry, job: line.job.id, part: line.part };
	});
	await insertEntries(pool as never, household, entries, 1);
	await rebuildProjection(pool as never, household, home);
}

/**
 * Compressed bytes of the scripts that a page asks for at once: those its head and its `Link` header name, and
 * all that these import without being asked again.
 */
function scriptBytes(named: string, root: string): number {
	const files = new Set<string>();
	const queue = [...named.matchAll(/_app\/immutable\/[\w./-]+?\.js/g)].map((match) => match[0]);
	for (let file = queue.pop(); file !== undefined; file = queue.pop()) {
		if (files.has(file)) continue;
		files.add(file);
		const text = readFileSync(join(root, file), 'utf8');
		for (const match of text.matchAll(/(?:from|import)\s*["'](\.{1,2}\/[\w./-]+?\.js)["']/g)) {
			queue.push(join(dirname(file), match[1] as string));
		}
	}
	let bytes = 0;
	for (const file of files) bytes += gzipSync(readFileSync(join(root, file)), { level: 9 }).length;
	return bytes;
}

/** A bare page of the same framework versions, built in the same run. */
function barePage(): { bytes: number; whole: number } {
	const bare = join(dir, 'bare');
	execFileSync(process.execPath, ['tests/bench/bare-page.mjs', bare], { stdio: 'ignore' });
	const html = readFileSync(join(bare, 'page.html'), 'utf8');
	return {
		bytes: scriptBytes(html, join(bare, 'build/client')),
		whole: Number(readFileSync(join(bare, 'page.ms'), 'utf8'))
	};
}

const url = new URL(process.env.DATABASE_URL as string);
const clock = join(dir, 'clock');
/** Each part runs in a process of its own, as what one of them holds slows another down. */
const PARTS: Record<string, () => Promise<void>> = {
	core,
	occurrences,
	editor,
	balance,
	today: async () => {
		const { html, whole } = await today(url.href);
		const own = scriptBytes(html, 'build/client');
		const bare = barePage();
		say(
			'the whole page of Today',
			ms(whole),
			`a bare page of the same framework ${ms(bare.whole)}; told, not held`,
			true
		);
		say(
			'script sent for Today, compressed',
			kB(own),
			`under 85 kB; a bare page of the same framework ${kB(bare.bytes)}`,
			own > 0 && own < 85 * 1024
		);
	},
	phone: async () => {
		const clockFile = join(dir, 'clock');
		writeFileSync(clockFile, '2027-03-03T10:40:00Z');
		const port = await freePort();
		const server = await serve({ url: url.href, port, clockFile });
		await phone(`http://127.0.0.1:${port}/`);
		await server.stop();
	},
	ground: () => ground(url.href, clock),
	family: () => family(url.href, clock),
	sessions: () => sessions(url.href, clock),
	files: () => files(url.href)
};
const part = PARTS[process.argv[3] ?? ''];
if (!part) throw new Error(`no such part: ${process.argv[3]}; there are ${Object.keys(PARTS).join(', ')}`);
await part();
process.exit(missedFigures() === 0 ? 0 : 1);
