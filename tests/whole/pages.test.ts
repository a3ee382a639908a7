/** Pages of the demo, asked for as a browser does: looking at them writes nothing, and they go out as they should. */
import { createConnection, type Connection } from 'mysql2/promise';
import { readdirSync } from 'node:fs';
import { request } from 'node:http';
import { gunzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { run } from '../../scripts/lib/run.mjs';
import { freePort } from '../../scripts/lib/database.mjs';
import { serve } from '../../scripts/lib/stack.mjs';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { makeDatabase } from '../server/database';

let db: Awaited<ReturnType<typeof makeDatabase>>;
let server: Awaited<ReturnType<typeof serve>>;
let connection: Connection;
let base = '';

beforeAll(async () => {
	db = await makeDatabase();
	const dir = join(process.env.PAIL_TEST_DIR ?? '.pail/whole', 'pages');
	mkdirSync(dir, { recursive: true });
	const clockFile = join(dir, 'clock');
	writeFileSync(clockFile, '2027-03-03T10:40:00Z');
	const prepared = await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts'], {
		capture: true,
		env: { ...process.env, DATABASE_URL: db.url, PAIL_CLOCK: clockFile }
	});
	if (prepared.code !== 0) throw new Error(prepared.output);
	const port = await freePort();
	server = await serve({ url: db.url, port, clockFile });
	base = `http://127.0.0.1:${port}`;
	connection = await createConnection(db.url);
});
afterAll(async () => {
	await server?.stop();
	await connection?.end();
	await db?.drop();
});

/** Every page that has no name in its address, and some that have. */
function pages(dir = 'src/routes', path = ''): string[] {
	return readdirSync(dir, { withFileTypes: true }).flatMap((one) => {
		if (one.isDirectory())
			return one.name.startsWith('[') ? [] : pages(join(dir, one.name), `${path}/${one.name}`);
		return one.name === '+page.svelte' ? [path || '/'] : [];
	});
}
const PAGES = [
	...pages(),
	'/?on=2027-03-09',
	'/?on=2027-02-20',
	'/?open=make-the-beds',
	'/timer?minutes=20',
	'/timer?kind=visitors&minutes=30',
	'/house/job/stair-skirting',
	'/print/card?kind=zone',
	'/print/card?kind=bookmark',
	'/print/card?kind=person',
	'/people/bram',
	'/schedule?on=2027-05-01',
	'/house/files/home.json',
	'/say/read?text=constructor',
	'/say?text=__proto__'
];

const sums = async () => {
	const [tables] = await connection.query('SHOW TABLES');
	const names = (tables as Record<string, string>[]).map((row) => Object.values(row)[0] as string);
	const [rows] = await connection.query(`CHECKSUM TABLE ${names.map((name) => `\`${name}\``).join(', ')}`);
	return rows;
};

const raw = (path: string, headers: Record<string, string>) =>
	new Promise<{ headers: Record<string, unknown>; body: Buffer }>((done, reject) => {
		const asked = request(`${base}${path}`, { headers }, (answer) => {
			const pieces: Buffer[] = [];
			answer.on('data', (piece: Buffer) => pieces.push(piece));
			answer.on('end', () => done({ headers: answer.headers, body: Buffer.concat(pieces) }));
			answer.on('error', reject);
		});
		asked.on('error', reject);
		asked.end();
	});

describe('pages', () => {
	it('that are looked at write nothing', async () => {
		const before = await sums();
		for (const path of PAGES) {
			const answer = await fetch(`${base}${path}`, { redirect: 'manual' });
			await answer.arrayBuffer();
			expect([200, 303, 404], path).toContain(answer.status);
		}
		expect(await sums()).toEqual(before);
	});

	it('go out compressed, with their data; streams do not', async () => {
		const plain = await raw('/', {});
		const packed = await raw('/', { 'accept-encoding': 'gzip' });
		expect(packed.headers['content-encoding']).toBe('gzip');
		expect(packed.body.length).toBeLessThan(plain.body.length / 4);
		expect(gunzipSync(packed.body).length).toBeGreaterThan(20_000);
		const data = await raw('/__data.json', { 'accept-encoding': 'br, gzip' });
		expect(data.headers['content-encoding']).toMatch(/br|gzip/);
		const stream = await fetch(`${base}/live`, { headers: { 'accept-encoding': 'gzip' } });
		expect(stream.headers.get('content-type')).toContain('event-stream');
		expect(stream.headers.get('content-encoding')).toBeNull();
		await stream.body?.cancel();
	});

	it('and files alike forbid guessing what they are', async () => {
		for (const path of ['/', '/favicon.svg', '/alive', '/no/such/page', '/_app/version.json']) {
			const { headers } = await raw(path, {});
			expect(headers['x-content-type-options'], path).toBe('nosniff');
		}
	});

	it('take no more from strangers than a form needs', async () => {
		const send = (path: string, size: number) =>
			fetch(`${base}${path}`, {
				method: 'POST',
				body: Buffer.alloc(size, 97),
				headers: { origin: base, 'content-type': 'application/x-www-form-urlencoded' }
			}).then(
				(answer) => answer.status,
				() => 413
			);
		for (const path of ['/?/tick', '/sign-in?/in', '/begin?/touch', '/join?/come'])
			expect(await send(path, 300 * 1024), path).toBe(413);
		expect(await send('/house/files?/jobs', 10 * 1024 * 1024)).toBe(413);
		expect(await send('/house/files/import', 67 * 1024 * 1024)).toBe(413);
	});
});
