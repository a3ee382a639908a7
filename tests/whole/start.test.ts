/** `npm start`: twice in one folder, after a kill, with a database that dies, with odd settings. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { freePort } from '../../scripts/lib/database.mjs';
import { end, noted, runs } from '../../scripts/lib/processes.mjs';

interface State {
	readonly start?: { pid: number };
	readonly server?: { pid: number };
	readonly database?: { pid: number };
	readonly address?: string;
}

const folder = () => mkdtempSync(join(tmpdir(), 'pail-start-'));
const folders: string[] = [];
const children: ChildProcess[] = [];
const stateOf = (dir: string): State => {
	try {
		return JSON.parse(readFileSync(join(dir, 'app.json'), 'utf8')) as State;
	} catch {
		return {};
	}
};

async function start(dir: string, env: Record<string, string> = {}) {
	folders.push(dir);
	const child = spawn(process.execPath, ['start.mjs'], {
		env: { ...process.env, DATABASE_URL: '', PAIL_DIR: dir, PAIL_DEMO: 'no', ...env },
		stdio: ['ignore', 'pipe', 'pipe']
	});
	children.push(child);
	let said = '';
	for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (said += String(data)));
	const ended = new Promise<number>((done) => child.once('exit', (code) => done(code ?? -1)));
	return {
		child,
		ended,
		said: () => said,
		open: () => expect.poll(() => said, { timeout: 60_000 }).toMatch(/Pail Round is open at/)
	};
}

const answers = (port: number) =>
	fetch(`http://127.0.0.1:${port}/alive`).then(
		(one) => one.status,
		() => 0
	);

afterAll(async () => {
	for (const child of children) if (child.exitCode === null) child.kill('SIGTERM');
	for (const dir of folders) {
		const { start: starter, server, database } = stateOf(dir);
		for (const one of [starter, server, database]) if (one) await end(one as never, 10);
	}
});

describe('a start', () => {
	const dir = folder();
	let port = 0;

	it('opens the app; a second one in the folder says that it runs already, and where', async () => {
		port = await freePort();
		const first = await start(dir, { PORT: String(port) });
		await first.open();
		const second = await start(dir, { PORT: String(await freePort()) });
		expect(await second.ended).toBe(1);
		expect(second.said()).toContain(`Pail Round runs here already: open http://127.0.0.1:${port}`);
		expect(await answers(port)).toBe(200);
	});

	it('starts a database that dies again, and the app goes on', async () => {
		const before = stateOf(dir).database?.pid ?? 0;
		process.kill(before, 'SIGKILL');
		await expect.poll(() => stateOf(dir).database?.pid, { timeout: 30_000 }).not.toBe(before);
		await expect
			.poll(
				() =>
					fetch(`http://127.0.0.1:${port}/begin`).then(
						(one) => one.status,
						() => 0
					),
				{ timeout: 20_000 }
			)
			.toBe(200);
	});

	it('starts a database whose port was taken meanwhile on another one, and the app follows it', async () => {
		const { start: starter, database, server } = stateOf(dir);
		const { port: taken } = JSON.parse(readFileSync(join(dir, 'db', 'server.json'), 'utf8')) as {
			port: number;
		};
		const stranger = createServer();
		// The starter looks away until somebody else has the port.
		process.kill(starter?.pid ?? 0, 'SIGSTOP');
		process.kill(database?.pid ?? 0, 'SIGKILL');
		await expect
			.poll(
				() =>
					new Promise((done) => {
						stranger.once('error', () => done(false));
						stranger.listen(taken, '127.0.0.1', () => done(true));
					}),
				{ timeout: 20_000 }
			)
			.toBe(true);
		process.kill(starter?.pid ?? 0, 'SIGCONT');
		await expect.poll(() => stateOf(dir).server?.pid, { timeout: 30_000 }).not.toBe(server?.pid);
		await expect
			.poll(
				() =>
					fetch(`http://127.0.0.1:${port}/begin`).then(
						(one) => one.status,
						() => 0
					),
				{ timeout: 20_000 }
			)
			.toBe(200);
		await new Promise((done) => stranger.close(done));
	});

	it('starts an app that dies again', async () => {
		const before = stateOf(dir).server?.pid ?? 0;
		process.kill(before, 'SIGKILL');
		await expect.poll(() => stateOf(dir).server?.pid, { timeout: 20_000 }).not.toBe(before);
		await expect.poll(() => answers(port), { timeout: 20_000 }).toBe(200);
	});

	it('after a kill takes up what is its own, and leaves every other process alone', async () => {
		const { start: starter, database } = stateOf(dir);
		const stranger = spawn('sleep', ['300']);
		const note = noted(stranger.pid as number);
		process.kill(starter?.pid ?? 0, 'SIGKILL');
		// A number that was given to somebody else meanwhile: the folder's file names a process that is not its own.
		await expect.poll(() => runs(starter as never)).toBe(false);
		const state = JSON.parse(readFileSync(join(dir, 'app.json'), 'utf8')) as Record<string, unknown>;
		writeFileSync(
			join(dir, 'app.json'),
			JSON.stringify({ ...state, server: { pid: stranger.pid, began: 1 } })
		);
		const again = await start(dir, { PORT: String(port) });
		await again.open();
		expect(runs(note)).toBe(true);
		expect(stateOf(dir).database?.pid).toBe(database?.pid);
		stranger.kill();
		again.child.kill('SIGTERM');
		expect(await again.ended).toBe(0);
		expect(runs(database as never)).toBe(false);
	});

	it('explains a state that cannot be read, and goes on with the data', async () => {
		writeFileSync(join(dir, 'db', 'server.json'), '{"pid": 12, "port":');
		const again = await start(dir, { PORT: String(port) });
		await again.open();
		expect(again.said()).toMatch(/server\.json could not be read: it was cut off or changed by hand/);
		expect(again.said()).not.toMatch(/at .*\.mjs:\d+/);
		again.child.kill('SIGTERM');
		await again.ended;
	});
});

describe('odd settings', () => {
	const ask = (env: Record<string, string>) =>
		spawnSync(process.execPath, ['start.mjs'], {
			env: { ...process.env, DATABASE_URL: '', ...env },
			encoding: 'utf8',
			timeout: 30_000
		});
	it.each(['abc', '-1', '70000', '3e3'])('PORT=%s is refused in a sentence', (port) => {
		const { status, stderr } = ask({ PORT: port, PAIL_DIR: folder() });
		expect(status).toBe(1);
		expect(stderr.trim()).toBe(
			`PORT=${port} is no port: give a number from 1 to 65535, such as PORT=3000 npm start.`
		);
	});
	it('a folder that cannot be written is told in a sentence', () => {
		const { status, stderr } = ask({ PAIL_DIR: '/sys/pail-round' });
		expect(status).toBe(1);
		expect(stderr.trim().split('\n')).toHaveLength(1);
		expect(stderr).not.toMatch(/at .*\.mjs/);
	});
});
