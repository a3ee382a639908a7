/** The laundry: loads on their way, the pile that waits, and when it is gone. */
import { addDays, partsOf, type CivilDay } from '$core/calendar/civil';
import { householdTime, wallTime } from '$core/calendar/instant';
import {
	goneBy,
	HANDS,
	KIND_MINUTES,
	pileByDay,
	readLoad,
	type Load,
	type LoadKind
} from '$core/laundry/laundry';
import { isWash } from '$core/laundry/pile';
import { jobTitle, readDay } from '$core/schedule/readDay';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { LaundryView, LoadView } from '$views/laundry';
import { LAUNDRY_SAYS } from '$words/answers/laundry';
import { clockText, shortDate, weekdayName, weekFrom } from '$words/general';
import { actWords, LOAD_WORDS, missedWords, placeWords } from '$words/laundry';
import { memberName } from '$words/names';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { openLoads } from '../../repo/laundryRepo';
import { loadProjection } from '../../repo/projectionRepo';
import type { Asker } from '../../services/ledger/whoMay';
import { pileOf } from '../../repo/pileRepo';
import { stateText } from '../today/jobRows';
import { listening } from '../today/strings';

/** The weave of a load: that of a zone for linen and cloths, so that two loads side by side differ. */
const WEAVE_OF: Readonly<Record<LoadKind, string>> = {
	person: 'herringbone',
	bed: 'dots',
	towels: 'stripe',
	cloths: 'check'
};

function loadView(
	home: PreparedHome,
	load: Load,
	at: number,
	hears: (owner: string | null) => boolean
): LoadView {
	const rules = home.home.household;
	const is = readLoad(load, at);
	const time = (instant: number | null) =>
		instant === null ? null : clockText(wallTime(instant, rules.timeZone), rules.clock);
	const owner = memberName(home, load.owner);
	return {
		id: load.id,
		name: load.name,
		whose: owner || LOAD_WORDS[load.kind],
		kind: load.kind,
		degrees: KIND_MINUTES[load.kind].degrees,
		weave: WEAVE_OF[load.kind],
		stage: is.stage,
		passed: is.passed.filter((stage) => stage !== 'waiting'),
		next: is.next,
		act: actWords(load, is.next),
		minutes: is.next === null ? null : (HANDS[is.next] ?? (is.next === 'drying' ? 6 : null)),
		fetch: time(is.fetchAt),
		isReady: is.fetchAt !== null && is.fetchAt <= at,
		latest: time(is.latestAt),
		rings: is.rings,
		fetchAt: is.fetchAt,
		hurryAt: is.latestAt,
		heard: hears(load.owner),
		where: placeWords(load, is.stage)
	};
}

const shortDay = (date: CivilDay) => `${weekdayName(date).slice(0, 3)}`;

export async function loadLaundry(asker: Asker): Promise<LaundryView> {
	const at = now();
	return reading(async (db) => {
		const home = await loadHome(db, asker.householdId);
		if (!home) throw new RangeError('no such household');
		const rules = home.home.household;
		const { date } = householdTime(at, rules);
		const loads = await openLoads(db, asker.householdId);
		const isDevice = asker.viewer?.role === 'device';
		const projection = await loadProjection(db, asker.householdId);
		const hears = listening({ home, projection }, at, isDevice ? null : (asker.viewer?.member ?? asker.me));
		const views = loads.map((load) => loadView(home, load, at, hears));
		const pile = await pileOf(db, asker.householdId, home, projection, date, loads);
		const waiting = pile.map((load) => ({
			id: load.id,
			name: load.name,
			degrees: load.degrees,
			missed: load.missedOn === null ? null : missedWords(shortDate(load.missedOn))
		}));
		const jobs = readDay(home, projection, date).lines.filter(
			(line) => isWash(line.line.job) && (line.state === 'due' || line.state === 'late')
		);
		const count = waiting.length + jobs.length;
		const when = { days: rules.laundry.days, freeDays: rules.rhythm.freeDays };
		const today = Array.from({ length: 7 }, (_, i) => addDays(date, i));
		return {
			time: clockText(wallTime(at, rules.timeZone), rules.clock),
			weekday: weekdayName(date),
			now: at,
			going: views.filter((load) => load.stage !== 'waiting'),
			waiting,
			jobs: jobs.map((line) => ({
				line: line.line.id,
				name: jobTitle(line.line.job.name, line.variant),
				words: stateText(line, date)
			})),
			me: asker.viewer?.member ?? asker.me ?? '',
			pile: [1, 2, 3].map((aDay) => {
				const days = pileByDay(count, aDay, date, when);
				const gone = goneBy(count, aDay, date, when);
				return {
					aDay,
					days: today.map((day) => {
						const found = days.find((one) => one.date === day);
						return { name: shortDay(day), left: found && found.washed > 0 ? found.left + found.washed : 0 };
					}),
					gone:
						count === 0
							? LAUNDRY_SAYS.nothingWaits
							: gone === null
								? LAUNDRY_SAYS.notWithinMonths
								: `${shortDay(gone)} ${partsOf(gone).day}`,
					chosen: rules.laundry.aDay === aDay
				};
			}),
			weekdays: weekFrom(rules.weekStart).map(({ number, name }) => ({
				day: number,
				name,
				on: (rules.laundry.days as number[]).includes(number)
			})),
			dry: rules.laundry.dry,
			maySet: asker.viewer?.role === 'organiser',
			members: home.members.filter((one) => one.role !== 'device').map(({ id, name }) => ({ id, name })),
			revision: await revisionOf(db, asker.householdId),
			formId: uuidv7()
		};
	});
}
