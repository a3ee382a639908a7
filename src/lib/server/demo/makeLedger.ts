/** Eight weeks of believable work in the demo home, up to now: seeded, so that the same start gives the same weeks. */
import { addDays, weekdayOf, type CivilDay } from '$core/calendar/civil';
import { DAY_PARTS } from '$core/calendar/dayParts';
import { dayBegins, partRunning } from '$core/calendar/instant';
import type { LedgerEntry } from '$core/household/entry';
import { startOfJob, type Member } from '$core/household/home';
import { homeSpans } from '$core/people/presence';
import { mayDo } from '$core/people/whoCan';
import { normalDraw, seededRandom } from '$core/random';
import { partOf } from '$core/schedule/agenda';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { projectionAt } from '$core/schedule/projection';
import { readDay, type DaySeries } from '$core/schedule/readDay';
import { v7 as uuidv7 } from 'uuid';

export interface MadeEntry {
	readonly entry: LedgerEntry;
	/** When it was written down (milliseconds). */
	readonly at: number;
}

/** Jobs that nobody got round to: not done any more from so many days before the start. */
const LEFT_LYING: Readonly<Record<string, number>> = {
	'stair-skirting': 36,
	'porch-lamp-glass': 6,
	'descale-the-kettle': 32,
	'toilet-upper': 2,
	'cold-box-check': 9
};

/** Done on the day of the start itself, in the morning. */
const DONE_ON_THE_DAY = [
	'stove-ash',
	'make-the-beds',
	'breakfast-dishes',
	'feed-semaphore/morning',
	'bunk-beds'
];

const CHANCE = { basics: 0.93, weekly: 0.86, zone: 0.88, long: 0.75 } as const;
const HURRY: Readonly<Record<string, number>> = {
	bram: 0.95,
	juno: 1.2,
	kit: 1.35,
	pip: 1.6,
	'nan-wren': 0.9
};

/** The ledger of the demo home from its first day to the instant `now`, in the order made. */
export function makeLedger(
	home: PreparedHome,
	today: CivilDay,
	minuteNow: number,
	seed: number
): MadeEntry[] {
	const random = seededRandom(seed);
	const rules = home.home.household;
	const made: MadeEntry[] = [];
	const turnsTaken = new Map<string, number>();
	const idAt = (at: number) =>
		uuidv7({
			msecs: at,
			seq: made.length,
			random: Uint8Array.from({ length: 16 }, () => Math.floor(random() * 256))
		});

	const somebody = (line: DaySeries, date: CivilDay): Member | null => {
		const { job } = line.line;
		const able = home.home.members.filter(
			(m) => m.role !== 'device' && mayDo(job, m, date) && homeSpans(m, date).length > 0
		);
		// What is nobody's own falls to the grown-ups first, as it does.
		const grown = able.filter((m) => m.role === 'organiser' || m.role === 'adult');
		const pool = job.who.members.length > 0 || grown.length === 0 ? able : grown;
		if (pool.length === 0) return null;
		const turn = turnsTaken.get(line.line.id) ?? 0;
		const by = job.who.mode === 'turns' ? pool[turn % pool.length] : pool[Math.floor(random() * pool.length)];
		return by ?? null;
	};

	const work = (line: DaySeries, date: CivilDay, at: number): MadeEntry | null => {
		const by = somebody(line, date);
		if (!by) return null;
		const chance = random();
		const outcome = chance < 0.93 ? 'done' : chance < 0.965 ? 'looked' : chance < 0.98 ? 'letgo' : 'part';
		turnsTaken.set(line.line.id, (turnsTaken.get(line.line.id) ?? 0) + 1);
		const spread = Math.exp(0.24 * normalDraw(random)) * (HURRY[by.id] ?? 1);
		const minutes = Math.max(0.5, Math.round(line.minutes * spread * 2) / 2);
		const common = {
			id: idAt(at),
			date,
			by: by.id,
			job: line.line.job.id,
			part: line.line.part as Extract<LedgerEntry, { job: string }>['part'],
			depth: line.depth,
			variant: line.variant,
			cutOff: false,
			found: random() < 0.3 ? (random() < 0.7 ? 'normal' : random() < 0.5 ? 'clean' : 'heavy') : null,
			session: null,
			coveredBy: null
		} as const;
		if (outcome === 'part')
			return { at, entry: { ...common, outcome, minutes: Math.max(0.5, minutes / 2), share: 0.5 } };
		if (outcome === 'done') return { at, entry: { ...common, outcome, minutes } };
		return { at, entry: { ...common, outcome, found: outcome === 'looked' ? 'clean' : null, minutes: null } };
	};

	for (let date = startOfJob(home.home.jobs[0]!, rules); date <= today; date = addDays(date, 1)) {
		const day = readDay(
			home,
			projectionAt(
				home,
				made.map((m) => m.entry)
			),
			date
		);
		const midnight = dayBegins(date, rules) - 4 * 3_600_000;
		const isToday = date === today;
		if (isToday && !made.some((m) => m.entry.outcome === 'pause')) addPause(made, home, today, idAt);
		// Now and then a day goes by with the basics alone.
		const tired = random() < 0.12;
		const entries: MadeEntry[] = [];
		for (const line of day.lines) {
			const { job } = line.line;
			const roll = random();
			const lying = LEFT_LYING[job.id];
			if (lying !== undefined && today - date < lying) continue;
			const standsToday = line.state === 'due' || line.state === 'late';
			if (!standsToday && !(line.state === 'open' && roll < 0.05)) continue;
			if (tired && job.layer !== 'basics') continue;
			if (!isToday && roll > CHANCE[job.layer]) continue;
			const part = partOf(line, weekdayOf(date) > 5 ? 'midday' : 'morning');
			const minute = 7 * 60 + DAY_PARTS.indexOf(part) * 300 + Math.floor(random() * 150);
			if (isToday) {
				const over = minute < minuteNow && partRunning(minuteNow, rules) !== 'morning';
				if (!DONE_ON_THE_DAY.includes(line.line.id) && !(over && roll < 0.5)) continue;
				if (minuteNow < 6 * 60) continue;
			}
			const at = midnight + (isToday ? Math.min(minute, Math.max(300, minuteNow - 20)) : minute) * 60_000;
			const one = work(line, date, at);
			if (one) entries.push(one);
		}
		entries.sort((a, b) => a.at - b.at);
		made.push(...entries);
		// A slip of the thumb now and then, undone the same evening.
		const slip = entries.find(
			(e) => e.entry.outcome === 'done' && weekdayOf(date) === 2 && e.entry.by === 'bram'
		);
		if (slip && !isToday && random() < 0.35) {
			const at = midnight + 18 * 3_600_000 + 10 * 60_000;
			made.push({ at, entry: { outcome: 'undo', id: idAt(at), date, by: 'bram', of: slip.entry.id } });
		}
	}
	made.push(...grownSoFar(home, today, idAt));
	return made;
}

/** How far the children have grown: [member, job, rung, how often with somebody, then how]. */
const GROWN: readonly (readonly [string, string, number, number, 'alone' | 'signed' | null])[] = [
	['juno', 'feed-semaphore', 0, 0, 'signed'],
	['juno', 'feed-semaphore', 1, 0, 'signed'],
	['juno', 'feed-semaphore', 2, 0, 'signed'],
	['kit', 'feed-semaphore', 0, 1, 'signed'],
	['kit', 'feed-semaphore', 1, 1, 'signed'],
	['kit', 'feed-semaphore', 2, 2, 'alone'],
	['juno', 'fold-the-towels', 0, 0, 'signed'],
	['juno', 'fold-the-towels', 1, 1, 'signed'],
	['juno', 'fold-the-towels', 2, 1, 'signed'],
	['juno', 'fold-the-towels', 3, 1, 'signed'],
	['kit', 'fold-the-towels', 0, 1, 'signed'],
	['kit', 'fold-the-towels', 1, 2, null]
];

/** Look-rounds that an adult has answered, newest last: given back the second time. */
const LOOKED: readonly (readonly [string, string, string | null])[] = [
	['kit', 'pair-up-the-boots', null],
	['kit', 'pair-up-the-boots', 'The bench'],
	['kit', 'pair-up-the-boots', null],
	['pip', 'pair-up-the-boots', null]
];

function grownSoFar(home: PreparedHome, today: CivilDay, idAt: (at: number) => string): MadeEntry[] {
	const made: MadeEntry[] = [];
	const { household } = home.home;
	let day = addDays(today, -20);
	const add = (entry: Record<string, unknown>) => {
		const at = dayBegins(day, household) + (14 * 60 + made.length) * 60_000;
		const id = idAt(at);
		made.push({ at, entry: { id, date: day, by: 'ottilie', ...entry } as LedgerEntry });
		return id;
	};
	const has = (member: string, job: string) =>
		home.jobById.has(job) && home.home.members.some((one) => one.id === member);
	for (const [member, chore, rung, times, then] of GROWN) {
		if (!has(member, chore)) continue;
		for (let i = 0; i < times; i++) add({ outcome: 'rung', member, chore, rung, how: 'with' });
		if (then) add({ outcome: 'rung', member, chore, rung, how: then });
	}
	for (const [member, chore, back] of LOOKED) {
		if (!has(member, chore)) continue;
		day = addDays(day, 3);
		const look = { outcome: 'lookround', member, chore, part: null };
		const asking = add({ ...look, by: member, verdict: 'asked', asking: null, done: null, point: null });
		add({ ...look, verdict: back ? 'back' : 'confirmed', asking, done: null, point: back });
	}
	return made;
}

/** The Washroom sill lies under a cloth while its paint dries. */
function addPause(made: MadeEntry[], home: PreparedHome, today: CivilDay, idAt: (at: number) => string) {
	if (!home.jobById.has('washroom-sill')) return;
	const at = dayBegins(addDays(today, -1), home.home.household) + 4 * 3_600_000;
	made.push({
		at,
		entry: {
			outcome: 'pause',
			id: idAt(at),
			date: addDays(today, -1),
			by: 'ottilie',
			scope: 'job',
			target: 'washroom-sill',
			from: addDays(today, -1),
			to: addDays(today, 2),
			reason: 'other',
			note: 'paint drying'
		}
	});
}
