/** Brings the tables of DATABASE_URL up to date, and does nothing else. Run by `npm run restore`. */
import { migrate } from '../src/lib/server/db/migrate';

try {
	await migrate(process.env.DATABASE_URL ?? '', 'db/migrations');
} catch (error) {
	console.error((error as Error).message);
	process.exitCode = 1;
}
