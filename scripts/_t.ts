import { loadToday } from '../src/lib/server/pages/today';
import { firstHousehold } from '../src/lib/server/store/homeStore';
import { pool } from '../src/lib/server/db/pool';
const h = await firstHousehold(pool());
try {
	const v = await loadToday({
		household: h!,
		on: null,
		open: null,
		me: null,
		now: Date.parse('2027-03-03T10:40:00Z')
	});
	console.log(JSON.stringify(v, null, 1).slice(0, 3000));
} catch (e) {
	console.error(e);
}
await pool().end();
