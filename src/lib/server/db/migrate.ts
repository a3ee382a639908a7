/**
 * Forward-only migrations: plain SQL files, in order of their names. Each statement is a step of its own, recorded when
 * it is done and harmless when it is run again, so that a start that was cut off anywhere is gone on with by the next.
 * Rules: "Migrations".
 */
import { createConnection, type Connection, type ResultSetHeader, type RowDataPacket } from 'mysql2/promise';
import { createHash, randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { repeatable, statementsOf } from './statements';

const NAME = /^\d{4}-[a-z0-9-]+\.sql$/;

interface Migration {
	readonly name: string;
	readonly sha256: string;
	readonly statements: readonly string[];
}

export interface MigrateOptions {
	/** Milliseconds for which the right to migrate is held without a word of its holder. */
	readonly leaseMs?: number;
	/** Told before a step, when it is carried out and not yet recorded, and when it is recorded. */
	readonly onStep?: (step: string, phase: 'before' | 'done' | 'recorded') => void | Promise<void>;
	/** Called once, before the first step of an upgrade of a database that holds something already. */
	readonly beforeUpgrade?: (applied: string, pending: readonly string[]) => Promise<void>;
}

/** The migrations of a folder. */
export function migrationsIn(dir: string): Migration[] {
	return readdirSync(dir)
		.filter((file) => NAME.test(file))
		.sort()
		.map((name) => {
			const sql = readFileSync(join(dir, name), 'utf8');
			const sha256 = createHash('sha256').update(sql).digest('hex');
			return { name, sha256, statements: statementsOf(sql) };
		});
}

const TABLES = [
	`CREATE TABLE IF NOT EXISTS migration (
		name VARCHAR(120) CHARACTER SET ascii NOT NULL PRIMARY KEY,
		sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
		applied_at TIMESTAMP NOT NULL DEFAULT CURRENT_TIMESTAMP
	)`,
	`CREATE TABLE IF NOT EXISTS migration_step (
		name VARCHAR(120) CHARACTER SET ascii NOT NULL,
		step INT NOT NULL,
		done_at TIMESTAMP NOT NULL DEFAULT CURRENT_TIMESTAMP,
		PRIMARY KEY (name, step)
	)`,
	// One row. A lock of the server itself would hold on one node of a cluster alone.
	`CREATE TABLE IF NOT EXISTS migration_turn (
		id TINYINT NOT NULL PRIMARY KEY,
		holder VARCHAR(200) CHARACTER SET ascii NULL,
		until_at DATETIME(3) NOT NULL
	)`,
	`INSERT IGNORE INTO migration_turn (id, holder, until_at) VALUES (1, NULL, '2000-01-01')`
];

const MET = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD', 'ER_ERROR_DURING_COMMIT']);

const wait = (milliseconds: number) => new Promise((done) => setTimeout(done, milliseconds));

/** True where a holder is a process of this machine that is not there any more. */
function isGone(holder: string): boolean {
	const [host, pid] = holder.split(' ');
	if (host !== hostname()) return false;
	try {
		process.kill(Number(pid), 0);
		return false;
	} catch (error) {
		return (error as { code?: string }).code === 'ESRCH';
	}
}

/** Takes the turn to migrate, after whoever has it. Only one process has it at a time, on a cluster as well. */
async function takeTurn(connection: Connection, me: string, leaseMs: number): Promise<void> {
	for (const begun = Date.now(); ; await wait(50 + Math.random() * 100)) {
		const [rows] = await connection.query<RowDataPacket[]>(
			'SELECT holder, until_at < UTC_TIMESTAMP(3) AS is_over FROM migration_turn WHERE id = 1'
		);
		const holder = rows[0]?.holder as string | null | undefined;
		if (holder === null || holder === undefined || rows[0]?.is_over === 1 || isGone(holder)) {
			try {
				const [taken] = await connection.query<ResultSetHeader>(
					`UPDATE migration_turn SET holder = ?, until_at = UTC_TIMESTAMP(3) + INTERVAL ? MICROSECOND
					WHERE id = 1 AND holder <=> ?`,
					[me, leaseMs * 1000, holder ?? null]
				);
				if (taken.affectedRows === 1) return;
			} catch (error) {
				if (!MET.has((error as { code?: string }).code ?? '')) throw error;
			}
		}
		if (Date.now() - begun > 10 * 60_000)
			throw new Error(
				'Another server has been migrating this database for ten minutes. Is it still running?'
			);
	}
}

/** Says that the turn is still held, on a connection of its own, as a long step keeps the other one busy. */
async function holdTurn(url: string, me: string, leaseMs: number): Promise<() => Promise<void>> {
	const connection = await createConnection({ uri: url });
	connection.on('error', () => undefined);
	const timer = setInterval(
		() =>
			void connection
				.query(
					'UPDATE migration_turn SET until_at = UTC_TIMESTAMP(3) + INTERVAL ? MICROSECOND WHERE id = 1 AND holder = ?',
					[leaseMs * 1000, me]
				)
				.catch(() => undefined),
		leaseMs / 3
	);
	return async () => {
		clearInterval(timer);
		await connection
			.query('UPDATE migration_turn SET holder = NULL WHERE id = 1 AND holder = ?', [me])
			.catch(() => undefined);
		await connection.end().catch(() => undefined);
	};
}

async function carryOut(
	connection: Connection,
	{ name, statements }: Migration,
	me: string,
	tell: NonNullable<MigrateOptions['onStep']>
): Promise<void> {
	const [rows] = await connection.query<RowDataPacket[]>('SELECT step FROM migration_step WHERE name = ?', [
		name
	]);
	const done = new Set(rows.map((row) => row.step as number));
	for (const [step, statement] of statements.entries()) {
		if (done.has(step)) continue;
		const title = `${name}, step ${step + 1} of ${statements.length}`;
		await tell(title, 'before');
		try {
			await connection.query(repeatable(statement));
		} catch (error) {
			throw new Error(`The tables could not be brought up to date (${title}): ${(error as Error).message}`, {
				cause: error
			});
		}
		await tell(title, 'done');
		// Recorded by whoever has the turn alone: one that lost it stops here.
		const [recorded] = await connection.query<ResultSetHeader>(
			'INSERT IGNORE INTO migration_step (name, step) SELECT ?, ? FROM migration_turn WHERE id = 1 AND holder = ?',
			[name, step, me]
		);
		if (recorded.affectedRows === 0)
			throw new Error('Another server has gone on with bringing the tables up to date.');
		await tell(title, 'recorded');
	}
}

/** The names of the migrations of a folder that a database lacks; all of them where it has none yet. */
export async function pendingMigrations(url: string, dir: string): Promise<string[]> {
	const connection = await createConnection({ uri: url });
	try {
		const [there] = await connection.query<RowDataPacket[]>("SHOW TABLES LIKE 'migration'");
		const [rows] =
			there.length === 0 ? [[]] : await connection.query<RowDataPacket[]>('SELECT name FROM migration');
		const applied = new Set(rows.map((row) => row.name as string));
		return migrationsIn(dir)
			.map((one) => one.name)
			.filter((name) => !applied.has(name));
	} finally {
		await connection.end();
	}
}

/**
 * Applies what is missing. Returns the names applied.
 * @throws Error where an applied file has been changed since, or the database is newer than this program
 */
export async function migrate(url: string, dir: string, options: MigrateOptions = {}): Promise<string[]> {
	const { leaseMs = 8000, onStep = () => undefined, beforeUpgrade } = options;
	const me = `${hostname()} ${process.pid} ${randomUUID()}`;
	const connection = await createConnection({ uri: url });
	connection.on('error', () => undefined);
	let release: (() => Promise<void>) | null = null;
	try {
		for (const statement of TABLES) await connection.query(statement);
		await takeTurn(connection, me, leaseMs);
		release = await holdTurn(url, me, leaseMs);
		const [rows] = await connection.query<RowDataPacket[]>(
			'SELECT name, sha256 FROM migration ORDER BY name'
		);
		const applied = new Map(rows.map((row) => [row.name as string, row.sha256 as string]));
		const all = migrationsIn(dir);
		const newest = [...applied.keys()].at(-1) ?? '';
		for (const { name, sha256 } of all) {
			const before = applied.get(name);
			if (before !== undefined && before !== sha256)
				throw new Error(
					`The migration ${name} was changed after it was applied. Put it back and write a new one.`
				);
		}
		if (!all.some((one) => one.name === newest) && newest > (all.at(-1)?.name ?? ''))
			throw new Error(
				`This database was made by a newer version of Pail Round (${newest}). Start that version, or bring back an older backup.`
			);
		const pending = all.filter((one) => !applied.has(one.name));
		if (pending.length > 0 && newest !== '')
			await beforeUpgrade?.(
				newest,
				pending.map((one) => one.name)
			);
		for (const migration of pending) {
			await carryOut(connection, migration, me, onStep);
			await connection.query('INSERT IGNORE INTO migration (name, sha256) VALUES (?, ?)', [
				migration.name,
				migration.sha256
			]);
		}
		return pending.map((one) => one.name);
	} finally {
		await release?.();
		await connection.end().catch(() => undefined);
	}
}
