/** `npm run backup [-- FILE] [-- --encrypt]`: keeps everything of the database in one file. */
import { join } from 'node:path';
import { makeBackup, passphrase, stampNow } from './lib/backups.mjs';
import { withDatabase } from './lib/client.mjs';
import { needModules, needNode } from './lib/needs.mjs';
import { dataDir } from './lib/state.mjs';
import { fail, tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
try {
	needNode();
	await needModules();
	const encrypts = process.argv.includes('--encrypt');
	const named = process.argv.slice(2).find((one) => !one.startsWith('--'));
	const file =
		named ?? join(dataDir(), 'backups', `pail-round-${stampNow()}.sql.gz${encrypts ? '.age' : ''}`);
	const secret = encrypts ? await passphrase('A passphrase for this backup (it is not shown): ') : null;
	await withDatabase((url) => makeBackup(url, file, secret));
	tell(`Everything is kept in ${file}\nBring it back with: npm run restore -- ${file}`);
	if (!encrypts)
		tell('Anybody who has this file can read it. To keep it elsewhere: npm run backup -- --encrypt');
} catch (error) {
	fail(error);
}
