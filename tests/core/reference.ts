/**
 * The rules of Rules: "Occurrences" told a second time, the slow and plain way: one day after the other, every turn
 * an object of its own. Shares nothing with the core but the calendar arithmetic of single dates.
 */
export interface RefJob {
	cadence:
		| { type: 'daily'; weekdays?: number[] }
		| { type: 'weekly'; weekdays: number[]; everyWeeks: number }
		| { type: 'timesAWeek'; times: number }
		| { type: 'monthly'; day: number }
		| { type: 'monthly'; nth: number; weekday: number }
		| { type: 'monthly'; card: number; weekday: number }
		| { type: 'months'; months: number[] }
		| { type: 'everyMonths'; every: number; on: number | { nth: number; weekday: number } }
		| { type: 'once'; date: string }
		| { type: 'afterDone'; min: number; max: number };
	missRule: 'letgo' | 'catchup' | 'stays';
	startsOn: number;
	leadDays: number;
	season?: number[];
}

export interface RefEntry {
	id: string;
	date: number;
	outcome: 'done' | 'looked' | 'letgo' | 'part' | 'undo' | 'moved';
	of?: string;
	to?: number;
}

export interface RefHouse {
	weekStart: number;
	catchUpDays: number[];
	pauses: { from: number; to: number }[];
}

export interface RefState {
	state: string;
	dueOn: number | null;
	nextOn: number | null;
	lateDays: number;
	lateTurns: number;
}

const DAY = 86_400_000;
const date = (day: number) => new Date(day * DAY);
const weekday = (day: number) => ((date(day).getUTCDay() + 6) % 7) + 1;
const month = (day: number) => date(day).getUTCMonth() + 1;
const dayOfMonth = (day: number) => date(day).getUTCDate();
const lastDay = (day: number) => month(day + 1) !== month(day);

interface RefTurn {
	opens: number;
	due: number;
	status: 'ahead' | 'settled' | 'gone' | 'merged';
	windowed: boolean;
}

/** Whether the cadence makes a turn due on this very day, judged from the day alone. */
function dueByCadence(
	job: RefJob,
	house: RefHouse,
	day: number
): { opens: number; windowed: boolean } | null {
	const { cadence } = job;
	if (day < job.startsOn || (job.season && !job.season.includes(month(day)))) return null;
	const offset = (weekday(day) - house.weekStart + 7) % 7;
	const weekBegin = day - offset;
	const lead = { opens: day - job.leadDays, windowed: false };
	switch (cadence.type) {
		case 'daily':
			return !cadence.weekdays || cadence.weekdays.includes(weekday(day)) ? lead : null;
		case 'weekly': {
			if (!cadence.weekdays.includes(weekday(day))) return null;
			const startOffset = (weekday(job.startsOn) - house.weekStart + 7) % 7;
			return ((weekBegin - (job.startsOn - startOffset)) / 7) % cadence.everyWeeks === 0 ? lead : null;
		}
		case 'timesAWeek':
			for (let i = 1; i <= cadence.times; i++) {
				if (Math.ceil((i * 7) / cadence.times) - 1 === offset) {
					return { opens: weekBegin + Math.floor(((i - 1) * 7) / cadence.times), windowed: true };
				}
			}
			return null;
		case 'everyMonths': {
			const since = (one: number) => date(one).getUTCFullYear() * 12 + month(one);
			if ((since(day) - since(job.startsOn)) % cadence.every !== 0) return null;
			const { on } = cadence;
			const monthly = typeof on === 'number' ? { day: on } : on;
			return dueByCadence(
				{ ...job, cadence: { type: 'monthly', ...monthly } as RefJob['cadence'] },
				house,
				day
			);
		}
		case 'once':
			return date(day).toISOString().slice(0, 10) === cadence.date ? lead : null;
		case 'monthly':
			if ('day' in cadence) {
				return dayOfMonth(day) === cadence.day || (lastDay(day) && cadence.day > dayOfMonth(day))
					? lead
					: null;
			}
			if (weekday(day) !== cadence.weekday) return null;
			if ('card' in cadence) {
				// The week belongs to the month of its first day; its number is that of that day among its like.
				return Math.floor((dayOfMonth(weekBegin) - 1) / 7) + 1 === cadence.card ? lead : null;
			}
			return cadence.nth === -1
				? month(day + 7) !== month(day)
					? lead
					: null
				: Math.floor((dayOfMonth(day) - 1) / 7) + 1 === cadence.nth
					? lead
					: null;
		case 'months':
			return cadence.months.includes(month(day)) && lastDay(day)
				? { opens: day - dayOfMonth(day) + 1, windowed: true }
				: null;
		case 'afterDone':
			return null;
	}
}

const isPaused = (house: RefHouse, day: number) => house.pauses.some((p) => p.from <= day && day <= p.to);

function catchUpDay(house: RefHouse, from: number): number | null {
	if (house.catchUpDays.length === 0) return null;
	let day = from;
	while (!house.catchUpDays.includes(weekday(day)) || isPaused(house, day)) day++;
	return day;
}

function holding(ledger: RefEntry[]): RefEntry[] {
	const holds = (entry: RefEntry): boolean =>
		!ledger.some((u) => u.outcome === 'undo' && u.of === entry.id && holds(u));
	return ledger.filter((entry) => entry.outcome !== 'undo' && holds(entry));
}

export function referenceState(job: RefJob, house: RefHouse, ledger: RefEntry[], today: number): RefState {
	return job.cadence.type === 'afterDone'
		? floating(job, house, ledger, today)
		: calendar(job, house, ledger, today);
}

function calendar(job: RefJob, house: RefHouse, ledger: RefEntry[], today: number): RefState {
	const held = holding(ledger);
	const horizon = Math.max(today, ...held.map((e) => Math.max(e.date, e.to ?? 0))) + 1200;
	let turns: RefTurn[] = [];
	for (let day = job.startsOn; day <= horizon; day++) {
		const due = dueByCadence(job, house, day);
		if (due)
			turns.push({
				opens: Math.max(due.opens, job.startsOn),
				due: day,
				status: 'ahead',
				windowed: due.windowed
			});
	}
	for (const move of held.filter((e) => e.outcome === 'moved')) {
		const turn = turns.find((t) => t.due === move.date);
		if (!turn || move.to === undefined) continue;
		const opens = turn.windowed
			? Math.min(turn.opens, move.to)
			: Math.max(move.to - job.leadDays, job.startsOn);
		const other = turns.find((t) => t.due === move.to && t !== turn);
		if (other) {
			other.opens = Math.min(other.opens, opens);
			turns = turns.filter((t) => t !== turn);
		} else {
			turn.due = move.to;
			turn.opens = opens;
		}
	}
	turns.sort((a, b) => a.due - b.due);
	const work = held.filter((e) => ['done', 'looked', 'letgo'].includes(e.outcome));
	let projection: RefTurn[] = [];
	let late: RefTurn[] = [];
	let settledOn: number | null = null;

	for (let day = job.startsOn; day <= today; day++) {
		// Morning: what is due today falls due.
		const falls = turns.find((t) => t.due === day && t.status === 'ahead');
		let excused: RefTurn | null = null;
		if (falls) {
			if (isPaused(house, day)) excused = falls;
			else if (late.length > 0 && job.missRule === 'stays') late.push(falls);
			else {
				late = [];
				projection = [falls];
			}
		}
		// The entries of the day.
		for (let n = work.filter((e) => e.date === day).length; n > 0; n--) {
			const settle = (list: RefTurn[]) => {
				for (const turn of list) turn.status = 'settled';
				settledOn = day;
			};
			if (late.length > 0) {
				settle(late);
				late = [];
				continue;
			}
			const dueToday = [...projection, ...(excused ? [excused] : [])].find((t) => t.status === 'ahead');
			const open = turns.find((t) => t.due > day && t.opens <= day && t.status === 'ahead');
			if (dueToday ?? open) {
				settle([(dueToday ?? open) as RefTurn]);
				continue;
			}
			const coming = turns.findIndex((t) => t.due > day && t.status === 'ahead');
			if (coming < 0) continue;
			const last = turns[coming - 1]?.due ?? job.startsOn;
			const due = (turns[coming] as RefTurn).due;
			if (day > last + Math.floor((due - last) / 2)) settle([turns[coming] as RefTurn]);
		}
		if (day === today) break;
		// The end of the day: what lapses, lapses.
		projection = projection.filter((t) => t.status === 'ahead');
		if (projection[0] && job.missRule === 'letgo') projection[0].status = 'gone';
		else if (projection[0] && job.missRule === 'catchup') {
			const deadline = catchUpDay(house, projection[0].due);
			if (deadline === null || deadline <= day) projection[0].status = 'gone';
			else late = [projection[0]];
		} else if (projection[0]) late = [projection[0]];
		projection = [];
		if (excused && excused.status === 'ahead') excused.status = 'gone';
		if (late[0] && job.missRule === 'catchup') {
			const deadline = catchUpDay(house, late[0].due);
			if (deadline === null || deadline <= day) {
				late[0].status = 'gone';
				late = [];
			}
		}
	}

	const next = turns.find((t) => t.due > today && t.status === 'ahead' && !isPaused(house, t.due));
	const nextOn = next?.due ?? null;
	const plain = { dueOn: null, nextOn, lateDays: 0, lateTurns: 0 };
	if (isPaused(house, today)) return { ...plain, state: 'paused', nextOn: null };
	const first = late[0];
	if (first && job.missRule === 'stays' && first.due < today) {
		let lateDays = 0;
		for (let day = first.due + 1; day <= today; day++) if (!isPaused(house, day)) lateDays++;
		const following = turns.find((t) => t.due > first.due);
		return {
			state: 'late',
			dueOn: first.due,
			nextOn,
			lateDays,
			lateTurns: following ? lateDays / (following.due - first.due) : lateDays / 7
		};
	}
	const due = projection.find((t) => t.status === 'ahead');
	if (due) return { ...plain, state: 'due', dueOn: due.due };
	if (first) {
		return { ...plain, state: catchUpDay(house, first.due) === today ? 'due' : 'waiting', dueOn: first.due };
	}
	const open = turns.find((t) => t.due > today && t.opens <= today && t.status === 'ahead');
	if (open) return { ...plain, state: 'open', dueOn: open.due };
	const done = settledOn === today || turns.some((t) => t.due === today && t.status === 'settled');
	return { ...plain, state: done ? 'done' : 'resting' };
}

function floating(job: RefJob, house: RefHouse, ledger: RefEntry[], today: number): RefState {
	const cadence = job.cadence as { min: number; max: number };
	const held = holding(ledger);
	const work = held
		.filter((e) => ['done', 'looked', 'letgo'].includes(e.outcome))
		.sort((a, b) => a.date - b.date);
	const afterPause = (from: number) => {
		let day = from;
		while (isPaused(house, day)) day++;
		return day;
	};
	/** Moves that put a turn back behind the day from which it counts: the turn is gone with them, and they are not asked again. */
	const spent = new Set<string>();
	const turnAfter = (base: number | null) => {
		const movedBy: string[] = [];
		let opens = Math.max(job.startsOn, base === null ? job.startsOn : base + cadence.min);
		let due = Math.max(job.startsOn, base === null ? job.startsOn : base + cadence.max);
		if (job.season && !job.season.includes(month(due))) {
			while (!(job.season.includes(month(due)) && dayOfMonth(due) === 1)) due++;
			opens = due;
		}
		due = afterPause(due);
		for (const move of held.filter((e) => e.outcome === 'moved')) {
			if (move.date !== due || move.to === undefined || spent.has(move.id)) continue;
			opens = Math.min(opens, move.to);
			due = afterPause(move.to);
			movedBy.push(move.id);
		}
		return { opens, due, base, movedBy };
	};
	let turn = turnAfter(null);
	let settledOn: number | null = null;
	const begin = Math.min(job.startsOn, ...work.map((e) => e.date));
	for (let day = begin; day <= today; day++) {
		for (const entry of work.filter((e) => e.date === day)) {
			turn = turnAfter(entry.date);
			settledOn = day;
		}
		if (day === today) break;
		while (job.missRule !== 'stays') {
			const lapse = job.missRule === 'letgo' ? turn.due : (catchUpDay(house, turn.due) ?? turn.due);
			if (lapse > day) break;
			if (turn.base !== null && lapse <= turn.base) for (const id of turn.movedBy) spent.add(id);
			turn = turnAfter(lapse);
		}
	}
	const plain = { dueOn: null, nextOn: null, lateDays: 0, lateTurns: 0 };
	if (isPaused(house, today)) return { ...plain, state: 'paused' };
	const ifDoneNow = turnAfter(today).due;
	if (turn.due < today && job.missRule === 'stays') {
		let lateDays = 0;
		for (let day = turn.due + 1; day <= today; day++) if (!isPaused(house, day)) lateDays++;
		return { state: 'late', dueOn: turn.due, nextOn: ifDoneNow, lateDays, lateTurns: lateDays / cadence.max };
	}
	if (turn.due < today) {
		const deadline = catchUpDay(house, turn.due);
		return { ...plain, state: deadline === today ? 'due' : 'waiting', dueOn: turn.due, nextOn: ifDoneNow };
	}
	if (turn.due === today) return { ...plain, state: 'due', dueOn: today, nextOn: ifDoneNow };
	if (turn.opens <= today) return { ...plain, state: 'open', dueOn: turn.due, nextOn: turn.due };
	return { ...plain, state: settledOn === today ? 'done' : 'resting', nextOn: turn.due };
}
