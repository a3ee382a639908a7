/** A process that migrates; with `kill` it ends in the middle of it as a power cut would. */
import { migrate } from '../../src/lib/server/db/migrate';

const [, , url = '', kill] = process.argv;
let steps = 0;
await migrate(url, 'db/migrations', {
	onStep: () => {
		if (kill === 'kill' && ++steps === 11) process.kill(process.pid, 'SIGKILL');
	}
});
process.exit(0);
