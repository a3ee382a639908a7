/** Figures of the ground: what an edit, a table, a request and a page cost. */
import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { toDay } from '../../src/lib/core/calendar/civil';
import { openPool } from '../../src/lib/server/db/pool';
import { editHouse } from '../../src/lib/server/services/home/house';
import { ledgerFromCsv } from '../../src/lib/server/services/files/tables';
import { loadFill } from '../../src/lib/server/pages/session/loadFill';
import { createHousehold } from '../../src/lib/server/repo/homeRows';
import { rebuildProjection } from '../../src/lib/server/repo/projectionRepo';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { demoHome } from '../core/home';
import { median, ms, say, time } from './measure';
import { PROCESSOR_THEN, processorPiece } from './pace';
import { writeFileSync } from 'node:fs';

const asker = (householdId: string) =>
	({ householdId, viewer: { role: 'organiser', member: 'ottilie' }, me: 'ottilie' }) as never;

function form(fields: Record<string, string>): FormData {
	const data = new FormData();
	for (const [name, value] of Object.entries(fields)) data.set(name, value);
	return data;
}

/** Milliseconds of processor that a piece of work takes of a process. */
async function once(work: () => unknown): Promise<number> {
	const before = process.cpuUsage();
	await work();
	const { user, system } = process.cpuUsage(before);
	return (user + system) / 1000;
}

/**
 * What a piece of work takes of a process that is warm, the middle of several, and what that would be at the pace of the
 * figures: in turn with a fixed piece, as the pace of a machine changes within seconds.
 */
async function processor(times: number, work: () => Promise<unknown>) {
	for (let i = 0; i < 20; i++) await work();
	const taken: number[] = [];
	const pieces: number[] = [];
	for (let i = 0; i < times; i++) {
		taken.push(await once(work));
		pieces.push(await once(processorPiece));
	}
	const piece = median(pieces);
	const middle = median(taken);
	const atPace = (middle * PROCESSOR_THEN) / piece;
	return {
		middle,
		atPace,
		told: `${ms(middle)}, at the pace of the figure ${ms(atPace)} (a fixed piece beside it ${ms(piece)}, then ${ms(PROCESSOR_THEN)})`
	};
}

export async function ground(url: string, clockFile: string): Promise<void> {
	process.env.DATABASE_URL = url;
	process.env.PAIL_CLOCK = clockFile;
	const at = (day: number) => new Date(Date.parse('2027-03-03T10:40:00Z') + day * 86_400_000).toISOString();
	writeFileSync(clockFile, at(0));
	const pool = openPool(url);
	const home = demoHome();
	const make = async () => {
		const id = randomUUID();
		const from = toDay('2027-01-04');
		await createHousehold(pool as never, id, home, from, 1);
		await rebuildProjection(pool as never, id, prepareHome([{ from, home }]));
		return id;
	};

	let n = 0;
	const editOf = (household: string) => () =>
		editHouse(
			asker(household),
			form({ op: 'changeRoom', room: home.rooms[0]?.id ?? '', name: `Room ${++n}`, id: randomUUID() })
		);
	// The process is warmed on another home, so that both figures are of the same process.
	const other = editOf(await make());
	for (let i = 0; i < 60; i++) await other();
	const own = await make();
	const edit = editOf(own);
	const first = await processor(15, edit);
	for (let day = 1; day <= 365; day++) {
		writeFileSync(clockFile, at(day));
		await edit();
	}
	const later = await processor(15, edit);
	say(
		`an edit of a home with ${home.jobs.length} jobs, processor`,
		`${first.told} in the first revisions, ${later.told} after 365 more of as many days`,
		'under 25 ms, and the same',
		first.atPace < 25 && later.atPace < 25 && later.atPace < first.atPace * 2 + 5
	);
	writeFileSync(clockFile, at(0));

	const table = await make();
	const jobs = home.jobs.filter((job) => job.cadence.type !== 'zone' && job.cadence.type !== 'onCall');
	const rows = Array.from({ length: 800 }, (_, i) => {
		const job = jobs[(i * 7) % jobs.length];
		const date = new Date(Date.parse('2027-03-02') - ((i * 37) % 200) * 86_400_000)
			.toISOString()
			.slice(0, 10);
		return `${randomUUID()},${date},${job?.id},${(job?.parts.length ?? 0) > 1 ? job?.parts[0] : ''},done`;
	});
	const begin = performance.now();
	const answer = await ledgerFromCsv(
		table,
		form({ write: '1', text: ['id,date,job,part,outcome', ...rows].join('\n') })
	);
	const took = performance.now() - begin;
	say(
		'800 entries of a table, in any order of their dates',
		ms(took),
		'under 1 s',
		took < 1000 && 'said' in (answer as object)
	);

	const [[{ id: demo }]] = (await pool.query(
		'SELECT id FROM household WHERE is_demo = TRUE LIMIT 1'
	)) as never as [[{ id: string }]];
	const page = () => loadFill(asker(demo), new URLSearchParams({ minutes: '20' }));
	const pail = await processor(25, page);
	say("a pail's page, processor", pail.told, 'at most 25 ms', pail.atPace <= 25);
	const pailAfter = await processor(25, async () => {
		await pool.query('UPDATE household SET changes = changes + 1 WHERE id = ?', [demo]);
		await page();
	});
	say(
		'the same just after somebody changed something, that change counted in',
		pailAfter.told,
		'told, not held',
		true
	);

	const look = () =>
		loadToday({ household: demo, on: null, open: null, me: null, now: Date.parse('2027-03-03T10:40:00Z') });
	const alone = await time(40, look);
	const values = Array.from({ length: 10_000 }, (_, i) => [randomUUID(), `Home ${i}`, 1, 5]);
	await pool.query('INSERT INTO household (id, name, revision, created_at) VALUES ?', [values]);
	const among = await time(40, look);
	say(
		"Today's load among 10 000 other homes",
		ms(among),
		`alone ${ms(alone)}; no more than a quarter more`,
		among < alone * 1.25 + 1
	);
	await pool.query("DELETE FROM household WHERE name LIKE 'Home %' AND revision = 1 AND created_at = 5");
	await pool.end();
}
