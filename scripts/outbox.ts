/** Prints the mail that no server took: only whoever sits at this machine can read it. */
import { env } from 'node:process';
import { openPool } from '../src/lib/server/db/pool';
import { outboxMail } from '../src/lib/server/repo/outboxRepo';

const pool = openPool(env.DATABASE_URL ?? '');
const mail = await outboxMail(pool as never, false);
if (mail.length === 0) console.log('The outbox is empty.');
for (const one of mail) {
	console.log(
		`\n${new Date(one.at).toISOString()}  to ${one.to}\n${one.subject}\n${one.why ? `(${one.why})\n` : ''}\n${one.body}`
	);
	console.log('-'.repeat(60));
}
await pool.end();
