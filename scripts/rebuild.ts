/** `npm run rebuild`: builds the standing of every household anew from its ledger. */
import { openPool, transaction, type Row } from '../src/lib/server/db/pool';
import { loadHome } from '../src/lib/server/repo/homeRepo';
import { rebuildStanding } from '../src/lib/server/repo/projectionRepo';

const url = process.env.DATABASE_URL;
if (!url) {
	console.error('DATABASE_URL is not set.');
	process.exit(2);
}
const pool = openPool(url);
try {
	const [households] = await pool.query<Row[]>('SELECT id, name FROM household');
	for (const { id, name } of households) {
		const lines = await transaction(async (db) => {
			const home = await loadHome(db, id as string);
			return home ? (await rebuildStanding(db, id as string, home)).lines.size : 0;
		}, pool);
		console.log(`${name as string}: ${lines} lines rebuilt from the ledger.`);
	}
} finally {
	await pool.end();
}
