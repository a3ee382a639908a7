/** Mail that waits for a server that takes it. */
import type { Db, Row } from '../db/pool';

export interface Mail {
	readonly to: string;
	readonly subject: string;
	readonly body: string;
}

export async function putInOutbox(db: Db, id: string, mail: Mail, isDemo: boolean, now: number, why = '') {
	await db.query(
		'INSERT IGNORE INTO outbox (id, is_demo, recipient, subject, body, made_at, why) VALUES (?, ?, ?, ?, ?, ?, ?)',
		[id, isDemo ? 1 : 0, mail.to.slice(0, 254), mail.subject.slice(0, 200), mail.body, now, why.slice(0, 300)]
	);
}

/** The newest mail of the outbox: all of it, or the demo's alone. */
export async function outboxMail(
	db: Db,
	onlyDemo: boolean,
	count = 30
): Promise<(Mail & { readonly at: number; readonly why: string })[]> {
	const [rows] = await db.execute<Row[]>(
		`SELECT recipient, subject, body, made_at, why FROM outbox ${onlyDemo ? 'WHERE is_demo = TRUE' : ''}
			ORDER BY made_at DESC LIMIT ${Math.floor(count)}`
	);
	return rows.map((row) => ({
		to: row.recipient as string,
		subject: row.subject as string,
		body: row.body as string,
		at: row.made_at as number,
		why: row.why as string
	}));
}
