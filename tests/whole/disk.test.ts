/** The disk of the home runs full while it runs: it says so, keeps what it has, and goes on once there is room. */
import { randomUUID } from 'node:crypto';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import {
	appendFileSync,
	mkdtempSync,
	readFileSync,
	rmSync,
	statfsSync,
	symlinkSync,
	writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { freePort } from '../../scripts/lib/database.mjs';

const dir = mkdtempSync(join(tmpdir(), 'pail-disk-'));
/** A small disk of its own needs the rights of the machine's owner; without them a device that is always full stands in. */
const small = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=270m', 'none', dir]).status === 0;
let starter: ChildProcess | null = null;

afterAll(async () => {
	if (starter && starter.exitCode === null) {
		const ended = new Promise((done) => starter?.once('exit', done));
		starter.kill('SIGTERM');
		await ended;
	}
	if (small) spawnSync('umount', ['-l', dir]);
	rmSync(dir, { recursive: true, force: true });
});

describe('a full disk', () => {
	it.runIf(small)(
		'is said, harms nothing, and is forgotten once there is room again',
		async () => {
			const port = await freePort();
			const address = `http://127.0.0.1:${port}`;
			let said = '';
			starter = spawn(process.execPath, ['start.mjs'], {
				env: { ...process.env, DATABASE_URL: '', PAIL_DIR: dir, PAIL_DEMO: 'no', PORT: String(port) },
				stdio: ['ignore', 'pipe', 'pipe']
			});
			for (const stream of [starter.stdout, starter.stderr])
				stream?.on('data', (data) => (said += String(data)));
			await expect.poll(() => said, { timeout: 80_000 }).toMatch(/Pail Round is open at/);

			const signedUp = await fetch(`${address}/sign-up?/up`, {
				method: 'POST',
				headers: { origin: address, accept: 'application/json', 'x-sveltekit-action': 'true' },
				body: new URLSearchParams({ email: 'ada@family.test', password: 'four plain words here' })
			});
			const cookie = signedUp.headers
				.getSetCookie()
				.map((one) => one.split(';')[0])
				.join('; ');
			const home = readFileSync('demo/station-house.json');
			const takeIn = async () => {
				const answer = await fetch(`${address}/house/files/import?id=${randomUUID()}`, {
					method: 'POST',
					headers: { origin: address, cookie, 'content-type': 'application/octet-stream' },
					body: home
				});
				return JSON.parse((await answer.text()).trim().split('\n').at(-1) ?? '{}') as {
					ok?: boolean;
					problems?: { says: string }[];
				};
			};
			const homes = async () => {
				const page = await (await fetch(`${address}/own`, { headers: { cookie } })).text();
				expect(page).toContain('ada@family.test');
			};
			expect(await takeIn()).toMatchObject({ ok: true });

			// All that is left is taken up by something else.
			const filler = join(dir, 'filler');
			const { bavail, bsize } = statfsSync(dir);
			writeFileSync(filler, Buffer.alloc(bavail * bsize - 64 * 1024));
			let last = await takeIn();
			for (let i = 0; i < 60 && last.ok; i++) last = await takeIn();
			expect(last.problems?.map((one) => one.says).join(' ')).toMatch(
				/The disk of the server is full, so nothing was written/
			);
			// The app is there all the same; a database that ended over it is told of in a sentence.
			expect((await fetch(`${address}/alive`)).status).toBeLessThan(600);
			// What the database gives up as it ends is taken up, too: a start finds no room.
			const takeUp = () => {
				const left = statfsSync(dir);
				try {
					appendFileSync(filler, Buffer.alloc(left.bavail * left.bsize));
				} catch {
					// Full is what it should be.
				}
			};
			await expect
				.poll(
					() => {
						takeUp();
						return said;
					},
					{ timeout: 30_000 }
				)
				.toMatch(/The disk is full, so the database cannot run\. Make room for/);
			expect(said).not.toMatch(/InnoDB/);

			rmSync(filler);
			await expect.poll(async () => (await takeIn()).ok, { timeout: 60_000 }).toBe(true);
			await homes();
			expect(said).not.toMatch(/at .*\.m?js:\d+/);
		},
		180_000
	);

	it('leaves no half-written backup, and says for which file there was no room', () => {
		const url = process.env.DATABASE_URL as string;
		const file = join(mkdtempSync(join(tmpdir(), 'pail-full-')), 'kept.sql.gz');
		// Whatever is written to this device meets a full disk.
		symlinkSync('/dev/full', `${file}.part`);
		const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/backup.mjs', file], {
			encoding: 'utf8',
			timeout: 60_000,
			env: { ...process.env, DATABASE_URL: url }
		});
		expect([status, `${stdout}${stderr}`]).toEqual([
			1,
			expect.stringMatching(/no room left on the disk for .*kept\.sql\.gz/)
		]);
		expect(() => readFileSync(file)).toThrow(/ENOENT/);
		expect(() => readFileSync(`${file}.part`)).toThrow(/ENOENT/);
	});

	it('keeps the state file that is there where the new one cannot be written', async () => {
		const { writeWhole, readState } = await import('../../scripts/lib/state.mjs');
		const file = join(mkdtempSync(join(tmpdir(), 'pail-full-')), 'server.json');
		writeWhole(file, { port: 1 });
		symlinkSync('/dev/full', `${file}.${process.pid}.new`);
		expect(() => writeWhole(file, { port: 2 })).toThrow(/ENOSPC/);
		expect(readState(file)).toEqual({ port: 1 });
	});
});
