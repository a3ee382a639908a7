/** Forward-only migrations: plain SQL files, each applied once, in order of their names. */
import { createConnection, type RowDataPacket } from 'mysql2/promise';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const NAME = /^\d{4}-[a-z0-9-]+\.sql$/;

/** Applies what is missing. Returns the names applied. Throws where an applied file has been changed since. */
export async function migrate(url: string, dir: string): Promise<string[]> {
	const connection = await createConnection({ uri: url, multipleStatements: true });
	try {
		// Two servers that start together do not migrate together.
		const [lock] = await connection.query<RowDataPacket[]>(
			"SELECT GET_LOCK('pail-round-migrate', 60) AS held"
		);
		if (lock[0]?.held !== 1)
			throw new Error('Another server is migrating this database. Try again in a minute.');
		await connection.query(
			`CREATE TABLE IF NOT EXISTS migration (
				name VARCHAR(120) CHARACTER SET ascii NOT NULL PRIMARY KEY,
				sha256 CHAR(64) CHARACTER SET ascii NOT NULL,
				applied_at TIMESTAMP NOT NULL DEFAULT CURRENT_TIMESTAMP
			)`
		);
		const [rows] = await connection.query<RowDataPacket[]>('SELECT name, sha256 FROM migration');
		const applied = new Map(rows.map((row) => [row.name as string, row.sha256 as string]));
		const done: string[] = [];
		for (const name of readdirSync(dir)
			.filter((file) => NAME.test(file))
			.sort()) {
			const sql = readFileSync(join(dir, name), 'utf8');
			const sha256 = createHash('sha256').update(sql).digest('hex');
			const before = applied.get(name);
			if (before === sha256) continue;
			if (before !== undefined) {
				throw new Error(
					`The migration ${name} was changed after it was applied. Put it back and write a new one.`
				);
			}
			await connection.query(sql);
			await connection.query('INSERT INTO migration (name, sha256) VALUES (?, ?)', [name, sha256]);
			done.push(name);
		}
		return done;
	} finally {
		await connection.end();
	}
}
