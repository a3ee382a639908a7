/** Fills a pail from what is on now: for whom, from which lines, with which appliances free. */
import { householdTime, partRunning } from '$core/calendar/instant';
import type { Member } from '$core/household/home';
import type { Load } from '$core/laundry/laundry';
import { agreedShares } from '$core/people/agreedShares';
import { givenTo, ownLines, whoseTurn, withAway, type GivenTurns } from '$core/people/ownList';
import { awayOn } from '$core/people/weekOccurrences';
import { mayDo, ownersOfWork, spanOfPart } from '$core/people/whoCan';
import { agendaOf, sittingMinutesOn } from '$core/schedule/agenda';
import { effectivePauses } from '$core/schedule/projection';
import type { Habit } from '$core/planner/chance';
import { checkPlan } from '$core/planner/checkPlan';
import type { PreparedHome, Series } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { atDepth, readDay, withDepth, type Day, type DaySeries } from '$core/schedule/readDay';
import { elsewhere, type Elsewhere } from '$core/session/elsewhere';
import { filling, type Filling } from '$core/session/fill';
import { offers, type PailOffer } from '$core/session/offers';
import { gather, minutesOf } from '$core/session/gather';
import type { Gathered, GatherQuestion } from '$core/session/gathered';
import type { SessionKind } from '$core/session/kinds';
import { nextThatFits, waitsForLater, wholeRoutine } from '$core/session/mustBeIn';
import { readSession } from '$core/session/sessionState';
import { appliancesTaken, linesTaken } from '$core/session/taken';
import type { Together } from '$core/session/together';
import { now } from '../../clock';
import { log } from '../../log';
import { openLoads } from '../../repo/laundryRepo';
import { pileOf, type PileLoad } from '../../repo/pileRepo';
import { openHouse, type House } from '../../repo/openHouse';
import { loadProjection } from '../../repo/projectionRepo';
import { habitsOf } from '../../repo/habitsOf';
import { loadSessionsAround, type StoredSession } from '../../repo/sessionRepo';
import { givenFor, type Asker } from '../ledger/whoMay';
import { asItIs } from './addEvent';
import type { Query } from './fillQuery';

/** All that filling a pail asks of the house, at one instant. */
export interface HouseNow {
	readonly house: House;
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	readonly day: Day;
	readonly at: number;
	readonly minute: number;
	readonly sessions: readonly StoredSession[];
	readonly given: GivenTurns;
	readonly loads: readonly Load[];
	/** What waits to be washed. */
	readonly pile: readonly PileLoad[];
	/** What the record says of the minutes of the day's lines. */
	readonly habits: ReadonlyMap<string, Habit>;
}

export async function houseNow(household: string): Promise<HouseNow> {
	const at = now();
	const house = await openHouse(household);
	if (!house) throw new RangeError(`no household ${household}`);
	const { home } = house;
	const { date, minute } = householdTime(at, home.home.household);
	const [projection, found, given, loads] = await Promise.all([
		house.read('projection', (db) => loadProjection(db, household)),
		house.read(`sessions around ${date}`, (db) => loadSessionsAround(db, household, date)),
		house.read(`given for ${date}`, (db) => givenFor(db, household, date)),
		house.read('open loads', (db) => openLoads(db, household))
	]);
	const day = readDay(home, projection, date);
	const sessions = found.map((one) => asItIs(one, home, at));
	const away = awayOn(effectivePauses(projection.home), date);
	const pile = await house.read(`pile on ${date}`, (db) =>
		pileOf(db, household, home, projection, date, loads)
	);
	const habits = await house.read(`habits on ${date}`, (db) => habitsOf(db, household, day.lines));
	return {
		house,
		home,
		projection,
		day,
		at,
		minute,
		sessions,
		given: withAway(given, away),
		loads,
		pile,
		habits
	};
}

/** For whom a pail may be filled: organisers fill anybody's, everybody else their own. */
export function memberOf(home: PreparedHome, asker: Asker, asked: string | null): Member {
	const id = asker.viewer?.role === 'organiser' ? (asked ?? asker.me) : (asker.viewer?.member ?? null);
	const found = home.members.find((m) => m.id === id && m.role !== 'device');
	return found ?? (home.members.find((m) => m.role === 'organiser') as Member);
}

/** Whoever fills it, and those who are asked along: only organisers ask others along. */
function peopleOf(home: PreparedHome, asker: Asker, query: Query): Member[] {
	const first = memberOf(home, asker, query.for);
	if (asker.viewer?.role !== 'organiser') return [first];
	const others = query.with.flatMap(
		(id) => home.members.find((m) => m.id === id && m.role !== 'device' && m.id !== first.id) ?? []
	);
	return [first, ...new Set(others)].slice(0, 6);
}

/** Lines that lie in a running session of the day. */
function busyLines({ day, sessions, at }: Pick<HouseNow, 'day' | 'sessions' | 'at'>): ReadonlySet<string> {
	const running = sessions.filter((session) => !session.isOver && session.date === day.date);
	return linesTaken(running.map((session) => readSession(session.plan, session.events, at)));
}

/** True for a child or a helper alone: their own list is all there is for them. */
const isOnListOnly = (people: readonly Member[]) =>
	people.length === 1 && people.every((one) => one.role === 'child' || one.role === 'helper');

/** The lines these people may take: not in somebody's running pail, and not given to anybody else. */
function poolOf({ home, day, sessions, given, at }: HouseNow, people: readonly Member[]): DaySeries[] {
	const taken = busyLines({ day, sessions, at });
	// Alone, children and helpers take what is on their list; grown-ups what they may and nobody else was given.
	const [only] = people;
	const own = only && isOnListOnly(people);
	const among = new Set(people.map((one) => one.id));
	const theirs = own
		? ownLines(home.home, day.lines, only.id, day.date, given)
		: day.lines.filter((line) => {
				const to = givenTo(line, day.date, given);
				return to === null || among.has(to);
			});
	const mayOne = ({ job }: Series) => {
		const owners = ownersOfWork(home.home, job, day.date);
		return people.some((one) => mayDo(job, one, day.date, owners));
	};
	return theirs.filter(({ line }) => !taken.has(line.id) && mayOne(line));
}

/** What must be in a pail whatever it is worth: what was put in by hand, what Today calls next, an evening's routine. */
function heldIn(
	facts: HouseNow,
	query: Query,
	pool: readonly DaySeries[],
	lines: readonly DaySeries[],
	minutes: number
): string[] {
	const isOut = (line: DaySeries) => query.out.includes(line.line.id);
	if (query.kind === 'reset')
		return wholeRoutine(
			lines.filter((line) => !isOut(line)),
			minutes
		).map(idOf);
	if (query.kind !== 'bite' || query.rooms) return [];
	const { home, projection, day, minute, given } = facts;
	const running = partRunning(minute, home.home.household);
	const hung = agendaOf(home, projection, day, running, 24 * 60);
	const longAs = (line: DaySeries) => line.minutes * (facts.habits.get(line.line.id)?.factor ?? 1);
	const question = { home, hung, running, minute, day, given };
	const found = nextThatFits(question, busyLines(facts), query.for ?? '', pool, longAs, minutes);
	return found && !isOut(found) ? [found.line.id] : [];
}

const idOf = (line: DaySeries) => line.line.id;

/** What a pail is filled from, before any plan is made. */
export interface Gathering {
	readonly minutes: number;
	readonly people: readonly Member[];
	readonly together: Together;
	readonly gathered: Gathered;
	/** Jobs that wait for a later part of the day. */
	readonly later: readonly DaySeries[];
	/** What this kind of session would have if it were for those in it. */
	readonly elsewhere: readonly Elsewhere[];
	readonly filled: Filling;
}

export interface Filled extends Gathering {
	readonly offers: readonly PailOffer[];
}

export function defaultMinutes(
	{ home, day, minute }: HouseNow,
	kind: SessionKind,
	withSitting = false
): number {
	const rules = home.home.household;
	const part = spanOfPart(partRunning(minute, rules), rules.parts);
	const sitting = sittingMinutesOn(home, day);
	return Math.round(
		(withSitting ? sitting : 0) + minutesOf(kind, { day, sitting, leftOfPart: part.to - minute })
	);
}

/** What these people may take in the rooms that were asked for, as thoroughly as was asked; and what of it is for now. */
function drawnFrom(facts: HouseNow, query: Query, people: readonly Member[]) {
	const inRooms = query.kind !== 'visitors' && query.rooms ? new Set(query.rooms) : null;
	const part = partRunning(facts.minute, facts.home.home.household);
	const isAsked = (one: DaySeries) => inRooms === null || inRooms.has(one.line.room.id);
	const isNow = (one: DaySeries) =>
		query.later || !waitsForLater(one, query.kind, part) || query.in.includes(one.line.id);
	const all = poolOf(facts, people)
		.filter(isAsked)
		.map((one) => {
			const own = query.depths.get(one.line.id);
			return own ? withDepth(one, own) : atDepth(one, query.depth);
		});
	const waits = (one: DaySeries) => !isNow(one) && one.state !== 'open' && one.state !== 'resting';
	return {
		part,
		pool: all.filter(isNow),
		later: all.filter(waits),
		/** The same of the whole day, whoever may take it. */
		ofDay: facts.day.lines.filter((one) => isAsked(one) && isNow(one))
	};
}

/** How several people work: before visitors nobody waits for another, unless that is asked for. */
function togetherFor({ home }: HouseNow, query: Query, people: readonly Member[]): Together {
	const goesOn = people.length < 2 || query.kind === 'visitors';
	return query.how ?? (goesOn ? 'free' : home.home.household.family.together);
}

/** What has its machine already, in sessions and in the laundry. */
const machinesTaken = ({ sessions, loads, at }: HouseNow) =>
	appliancesTaken(
		sessions.map((session) => readSession(session.plan, session.events, at)),
		loads,
		at
	);

/** Gathers what a pail of so many minutes can hold; `line`: that one alone. */
export function gatherFor(
	facts: HouseNow,
	asker: Asker,
	query: Query,
	minutes: number,
	line: string | null = null
): Gathering {
	const { home, projection, day } = facts;
	const people = peopleOf(home, asker, query);
	const { part, pool, later, ofDay } = drawnFrom(facts, query, people);
	const question: GatherQuestion = {
		home,
		projection,
		day,
		part,
		pool,
		rooms: query.rooms,
		minutes,
		pile: facts.pile,
		sitting: query.sitting
	};
	const gathered: Gathered =
		line === null
			? gather(query.kind, question)
			: { lines: day.lines.filter((one) => one.line.id === line), extra: [], seen: () => 1 };
	// What was put in by hand is in, whatever the kind draws from.
	const byHand = pool.filter((one) => query.in.includes(one.line.id) && !gathered.lines.includes(one));
	const shares = agreedShares(home.home, day.date);
	const together = togetherFor(facts, query, people);
	const asked = { ...query, for: people[0]?.id ?? null };
	const held = line === null ? heldIn(facts, asked, pool, gathered.lines, minutes) : [];
	const filled = filling({
		home,
		kind: query.kind,
		bell: minutes,
		date: day.date,
		people,
		gathered: { ...gathered, lines: [...gathered.lines, ...byHand] },
		hold: [...new Set([...query.in, ...held])],
		habits: facts.habits,
		...(query.depth ? { depth: query.depth } : {}),
		withOwnDepth: new Set(query.depths.keys()),
		brim: query.brim,
		...(query.floors ? { floors: query.floors } : {}),
		without: query.out,
		together,
		shares: people.map((one) => shares.get(one.id) ?? 0),
		taken: machinesTaken(facts)
	});
	const busy = busyLines(facts);
	const whoHas = {
		turnOf: (one: DaySeries) => whoseTurn(home.home, one, day.date, facts.given),
		isRunning: (one: DaySeries) => busy.has(one.line.id)
	};
	return {
		minutes,
		people,
		together,
		gathered,
		later,
		filled,
		elsewhere: isOnListOnly(people) ? [] : elsewhere(query.kind, question, ofDay, whoHas)
	};
}

/** A pail with all the ways to fill it. */
export function fill(facts: HouseNow, asker: Asker, query: Query, minutes: number): Filled {
	const gathering = gatherFor(facts, asker, query, minutes);
	return { ...gathering, offers: offers(gathering.filled).map(sound) };
}

/**
 * A plan goes out only where the checker, which knows the rules by itself, has nothing against it; else it is none, and
 * the log says which rule. What must be in and cannot is no fault of the plan: the page tells it.
 */
export function sound(offer: PailOffer): PailOffer {
	const broken = checkPlan(offer.input, offer.plan.entries).filter((one) => one.rule !== 'missing-job');
	if (broken.length === 0) return offer;
	log.error({ rules: broken.map((one) => one.rule) }, 'a plan broke a rule and was not shown');
	const left = offer.input.jobs.map((job) => job.id);
	return { ...offer, plan: { entries: [], worth: 0, end: 0, left, exact: false } };
}
