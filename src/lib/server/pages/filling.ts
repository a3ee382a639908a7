/** Filling a pail: what the page shows before it starts, and its start. */
import { error, fail, redirect } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { isoOf } from '$core/calendar/civil';
import { householdTime, partRunning, wallTime } from '$core/calendar/instant';
import type { PreparedHome } from '$core/household/history';
import type { Member } from '$core/household/home';
import { estimateMinutes } from '$core/learning/minutes';
import { agreedShares } from '$core/people/agreedShares';
import { givenTo, ownLines, type GivenTurns } from '$core/people/ownList';
import { homeSpans } from '$core/people/presence';
import { mayDo, spanOfPart } from '$core/people/whoCan';
import { readDay, type Day, type DayLine } from '$core/routine/readDay';
import type { HomeStanding } from '$core/routine/standing';
import { chanceOfFitting, STARTER_SPREAD, type Habit } from '$core/session/chance';
import { checkPlan } from '$core/session/check';
import { readClock } from '$core/session/clock';
import { filling, offers, sessionPlan, stepsOf, type Filling, type PailOffer } from '$core/session/fill';
import { gather, minutesOf, type Gathered } from '$core/session/gather';
import { readLoad, type Load } from '$core/session/laundry';
import { KIND_RULES, SESSION_KINDS, type SessionKind } from '$core/session/kinds';
import type { ClearingPlan } from '$core/session/model';
import type { Plan } from '$core/session/plan';
import { TOGETHER, type Together } from '$core/session/together';
import type { FillView, OfferView } from '$ui/pail/view';
import { clockText, listNames, minutesText } from '$ui/words';
import { now } from '../clock';
import { reading, transaction } from '../db/pool';
import { loadHome } from '../store/homeStore';
import { openLoads } from '../store/laundryStore';
import { loadSession, loadSessionsAround, startSession, type StoredSession } from '../store/sessionStore';
import { loadStanding } from '../store/standingStore';
import { timingsOf } from '../store/timings';
import { acting, typed } from './guard';
import { KIND_WORDS, OFFER_TITLES, offerWhy } from './pailWords';
import { memberName, tagOf, zoneMark } from './tags';
import { givenFor, notYours, tickRefusal, type Asker } from './who';

/** Minutes asked for: more than none, at most ten hours; what cannot be read is refused with words. */
const minutesAsked = z.coerce
	.number('Minutes are a number, such as 10.')
	.min(1, 'A pail holds at least 1 minute.')
	.max(600, 'A pail holds at most 600 minutes; a longer day is several pails.');

const ids = z
	.string()
	.max(4000)
	.transform((text) => text.split(',').filter(Boolean).slice(0, 80))
	.catch([]);

/** What an address or a form asks for; words that mean nothing are as if they were left out. */
const askedSchema = z.object({
	kind: z.enum(SESSION_KINDS).catch('bite'),
	minutes: z.string().max(20).nullish().catch(null),
	for: z.string().max(60).nullish().catch(null),
	with: ids,
	in: ids,
	out: ids,
	how: z.enum(TOGETHER).nullish().catch(null),
	choice: z.enum(['worth', 'room', 'longest', 'start']).catch('worth'),
	rooms: ids.nullish().catch(null),
	spot: z.string().trim().max(80).nullish().catch(null)
});

type Query = z.infer<typeof askedSchema>;

export function readQuery(params: Iterable<[string, unknown]>): Query {
	const all: Record<string, unknown> = Object.fromEntries(params);
	const lists = ['with', 'in', 'out'].map((key) => [key, all[key] ?? '']);
	const kind = all.kind ?? (all.zone === '1' ? 'zone' : 'bite');
	return askedSchema.parse({ ...all, ...Object.fromEntries(lists), kind });
}

interface Setting {
	readonly home: PreparedHome;
	readonly standing: HomeStanding;
	readonly day: Day;
	readonly at: number;
	readonly minute: number;
	readonly sessions: readonly StoredSession[];
	readonly given: GivenTurns;
	readonly loads: readonly Load[];
}

async function setting(household: string): Promise<Setting> {
	const at = now();
	return reading(async (db) => {
		const home = await loadHome(db, household);
		if (!home) throw new RangeError(`no household ${household}`);
		const { date, minute } = householdTime(at, home.home.household);
		const [standing, sessions, given, loads] = await Promise.all([
			loadStanding(db, household),
			loadSessionsAround(db, household, date),
			givenFor(db, household, date),
			openLoads(db, household)
		]);
		return { home, standing, day: readDay(home, standing, date), at, minute, sessions, given, loads };
	});
}

/** For whom a pail may be filled: organisers fill anybody's, everybody else their own. */
function memberOf(home: PreparedHome, asker: Asker, asked: string | null): Member {
	const id = asker.viewer?.role === 'organiser' ? (asked ?? asker.me) : (asker.viewer?.member ?? null);
	const found = home.home.members.find((m) => m.id === id && m.role !== 'device');
	return found ?? (home.home.members.find((m) => m.role === 'organiser') as Member);
}

/** Whoever fills it, and those who are asked along: only organisers ask others along. */
function peopleOf(home: PreparedHome, asker: Asker, query: Query): Member[] {
	const first = memberOf(home, asker, query.for ?? null);
	if (asker.viewer?.role !== 'organiser') return [first];
	const others = query.with.flatMap(
		(id) => home.home.members.find((m) => m.id === id && m.role !== 'device' && m.id !== first.id) ?? []
	);
	return [first, ...new Set(others)].slice(0, 6);
}

/** The lines these people may take: not in somebody's running pail, and not given to anybody else. */
function poolOf({ day, sessions, given }: Setting, people: readonly Member[]): DayLine[] {
	const taken = new Set(
		sessions
			.filter((session) => !session.isOver && session.date === day.date)
			.flatMap((session) => session.plan.steps.map((step) => step.line))
	);
	// Alone, children and helpers take what is on their list; grown-ups what they may and nobody else was given.
	const [only] = people;
	const own = people.length === 1 && only && (only.role === 'child' || only.role === 'helper');
	const among = new Set(people.map((one) => one.id));
	const theirs = own
		? ownLines(day.lines, only.id, day.date, given)
		: day.lines.filter((line) => {
				const to = givenTo(line, day.date, given);
				return to === null || among.has(to);
			});
	return theirs.filter(
		(line) => !taken.has(line.line.id) && people.some((one) => mayDo(line.line.job, one, day.date))
	);
}

/** Appliances that run in other sessions, and for how many minutes yet. */
function takenBy({ sessions, at, loads }: Setting) {
	const washing = loads.flatMap((load) => {
		const is = readLoad(load, at);
		const until = Math.ceil(((is.fetchAt ?? at) - at) / 30_000) / 2;
		return is.stage === 'washing' && until > 0 ? [{ appliance: 'washer', until }] : [];
	});
	const soaks = sessions.flatMap((session) => {
		const clock = readClock(session.plan, session.events, at);
		return clock.waits.flatMap((wait) => {
			const appliance = clock.steps[wait.step]?.appliance;
			const until = Math.ceil((wait.fetchAt - at) / 30_000) / 2;
			return appliance && until > 0 ? [{ appliance, until }] : [];
		});
	});
	return [...washing, ...soaks];
}

interface Filled {
	readonly minutes: number;
	readonly people: readonly Member[];
	readonly together: Together;
	readonly gathered: Gathered;
	readonly filled: Filling;
	readonly offers: readonly PailOffer[];
}

function defaultMinutes({ home, day, minute }: Setting, kind: SessionKind): number {
	const rules = home.home.household;
	const part = spanOfPart(partRunning(minute, rules), rules.parts);
	return Math.round(
		minutesOf(kind, { day, sitting: rules.rhythm.sittingMinutes, leftOfPart: part.to - minute })
	);
}

function fill(
	facts: Setting,
	asker: Asker,
	query: Query,
	minutes: number,
	line: string | null = null
): Filled {
	const { home, standing, day, minute } = facts;
	const people = peopleOf(home, asker, query);
	const inRooms = query.kind !== 'visitors' && query.rooms ? new Set(query.rooms) : null;
	const pool = poolOf(facts, people).filter((one) => inRooms === null || inRooms.has(one.line.room.id));
	const part = partRunning(minute, home.home.household);
	const gathered: Gathered =
		line === null
			? gather(query.kind, { home, standing, day, part, pool, rooms: query.rooms ?? null, minutes })
			: { lines: day.lines.filter((one) => one.line.id === line), extra: [], seen: () => 1 };
	// What was put in by hand is in, whatever the kind draws from.
	const byHand = pool.filter((one) => query.in.includes(one.line.id) && !gathered.lines.includes(one));
	const shares = agreedShares(home.home, day.date);
	const together = query.how ?? (people.length > 1 ? home.home.household.family.together : 'free');
	const filled = filling({
		home,
		kind: query.kind,
		bell: minutes,
		date: day.date,
		people,
		gathered: { ...gathered, lines: [...gathered.lines, ...byHand] },
		hold: query.in,
		without: query.out,
		together: query.kind === 'visitors' && query.how === null ? 'free' : together,
		shares: people.map((one) => shares.get(one.id) ?? 0),
		taken: takenBy(facts)
	});
	return { minutes, people, together, gathered, filled, offers: offers(filled) };
}

/** The address of this page with some of what it asks for changed. */
function hrefOf(query: Query, minutes: number, changes: Partial<Record<keyof Query, string>>): string {
	const params = new URLSearchParams();
	const put = (key: keyof Query, value: string | null | undefined) => {
		if (value) params.set(key, value);
	};
	put('kind', query.kind === 'bite' ? null : query.kind);
	put('minutes', String(minutes));
	put('for', query.for);
	put('with', query.with.join(','));
	put('how', query.how);
	put('in', query.in.join(','));
	put('out', query.out.join(','));
	put('rooms', query.rooms?.join(','));
	put('choice', query.choice === 'worth' ? null : query.choice);
	for (const [key, value] of Object.entries(changes)) {
		if (value) params.set(key, value);
		else params.delete(key);
	}
	return `/pail?${params}`;
}

async function habitsOf(household: string, lines: readonly DayLine[]): Promise<Record<string, Habit>> {
	const timings = await reading((db) =>
		timingsOf(db, household, [...new Set(lines.map((line) => line.line.job.id))])
	);
	return Object.fromEntries(
		lines.flatMap((line): [string, Habit][] => {
			const known = timings.get(line.line.job.id);
			const planned = stepsOf(line).reduce((sum, step) => sum + step.minutes, 0);
			if (!known || planned <= 0) return [];
			const { median, low, high } = estimateMinutes(line.minutes, known);
			// The points of 10 and 90 % stand 1.2816 spreads to each side.
			const spread = Math.log(high / low) / (2 * 1.2816);
			return [[line.line.id, { factor: median / planned, spread }]];
		})
	);
}

export async function loadFill(asker: Asker, url: URLSearchParams): Promise<FillView> {
	const query = readQuery(url);
	const facts = await setting(asker.householdId);
	const { home, day, at, sessions } = facts;
	const rules = home.home.household;
	const asked = query.minutes ?? String(defaultMinutes(facts, query.kind));
	const read = minutesAsked.safeParse(asked);
	if (!read.success)
		error(400, {
			message: read.error.issues[0]?.message ?? '',
			remedy: 'Go back and choose how many minutes you have.'
		});
	const made = fill(facts, asker, query, read.data);
	const { minutes, people, filled } = made;
	const chosen = made.offers.find((offer) => offer.name === query.choice) ?? (made.offers[0] as PailOffer);
	const habits = await habitsOf(asker.householdId, [...filled.lineOf.values()]);
	const planned = new Set(chosen.plan.entries.map((entry) => entry.job));
	const time = (after: number) => clockText(wallTime(at + after * 60_000, rules.timeZone), rules.clock);
	const href = (changes: Partial<Record<keyof Query, string>>) => hrefOf(query, minutes, changes);
	const roomName = (id: string) => home.roomById.get(id)?.name ?? '';
	const weave = (room: string) => zoneMark(home, home.roomById.get(room)?.zone ?? null)?.weave ?? null;
	const member = people[0] as Member;
	const running = sessions.find((s) => !s.isOver && s.plan.people.includes(member.id))?.id ?? null;
	const reachable = KIND_RULES[query.kind].jobs === null;
	return {
		kind: query.kind,
		title: titleOf(query.kind, minutes),
		lead: leadOf(facts, query, made, time),
		note: KIND_WORDS[query.kind].note,
		me: memberOf(home, asker, null).id,
		members: home.home.members
			.filter((m) => m.role !== 'device' && (asker.viewer?.role === 'organiser' || m.id === member.id))
			.map((m) => ({ id: m.id, name: m.name, in: people.some((one) => one.id === m.id) })),
		member: member.id,
		memberName: member.name,
		people: people.map((one) => ({ id: one.id, name: one.name })),
		together: made.together,
		minutes,
		from: time(0),
		now: at,
		timeZone: rules.timeZone,
		clock: rules.clock,
		until: time(minutes),
		zone: query.kind === 'zone' ? zoneMark(home, day.zone?.zone ?? null) : null,
		cut: chosen.name === 'start',
		offers: made.offers.map((offer): OfferView => ({
			name: offer.name,
			title: OFFER_TITLES[offer.name],
			minutes: offer.plan.end,
			steps: offer.plan.entries.length,
			why: offerWhy(offer, filled, roomName),
			href: href({ choice: offer.name === 'worth' ? '' : offer.name }),
			level: Math.min(1, offer.plan.end / minutes),
			chosen: offer === chosen
		})),
		input: chosen.input,
		plan: chosen.plan,
		catalogue: Object.fromEntries(
			chosen.input.jobs.map((job) => {
				const line = filled.lineOf.get(job.id);
				const steps = line ? stepsOf(line) : (filled.extraOf.get(job.id)?.steps ?? []);
				return [
					job.id,
					{
						name: line?.line.job.name ?? filled.extraOf.get(job.id)?.name ?? '',
						steps: job.steps.map((step, i) => ({
							text: steps[i]?.text ?? '',
							roomName: roomName(step.room),
							weave: weave(step.room),
							wait: steps[i]?.wait?.label ?? null
						}))
					}
				];
			})
		),
		habits,
		chance: chanceOfFitting(
			{ ...chosen.input, bell: minutes },
			chosen.plan,
			(job) => habits[job] ?? { factor: 1, spread: STARTER_SPREAD }
		),
		takeAlong: [...new Set([...planned].flatMap((id) => filled.lineOf.get(id)?.line.job.needs ?? []))].slice(
			0,
			8
		),
		left: [...filled.lineOf.values()]
			.filter((line) => !planned.has(line.line.id) && line.state !== 'open' && line.state !== 'resting')
			.map((line) => {
				const tag = tagOf(home, line, day.date, facts.given);
				return {
					line: line.line.id,
					tag,
					why:
						tag.minutes > minutes
							? `${minutesText(tag.minutes)} min, longer than the pail`
							: reachable || planned.size === 0
								? 'would end after the bell'
								: 'enough is in already',
					href: href({
						in: [...new Set([...query.in, line.line.id])].join(','),
						out: query.out.filter((id) => id !== line.line.id).join(',')
					})
				};
			}),
		out: Object.fromEntries(
			[...planned].map((id) => [
				id,
				href({
					out: [...new Set([...query.out, id])].join(','),
					in: query.in.filter((one) => one !== id).join(',')
				})
			])
		),
		hold: Object.fromEntries(
			[...planned].map((id) => [
				id,
				href({
					in: query.in.includes(id)
						? query.in.filter((one) => one !== id).join(',')
						: [...query.in, id].join(',')
				})
			])
		),
		held: query.in.filter((id) => planned.has(id)),
		cannot: query.in
			.filter((id) => !planned.has(id))
			.map((id) => {
				const job = home.lineById.get(id)?.job;
				return job
					? `${job.name} does not fit into ${minutesText(minutes)} minutes with what is held.`
					: 'A job that was put in is not in this home any more.';
			}),
		rooms:
			query.kind === 'visitors'
				? home.home.rooms.map((room) => ({
						id: room.id,
						name: room.name,
						in: query.rooms ? query.rooms.includes(room.id) : room.seenByVisitors
					}))
				: [],
		clearRooms:
			query.kind === 'clearing'
				? home.home.rooms.map(({ id, name }) => ({ id, name, chosen: query.rooms?.includes(id) ?? false }))
				: [],
		spot: query.spot ?? '',
		inRooms: query.kind === 'visitors' ? [] : (query.rooms ?? []),
		running,
		formId: uuidv7()
	};
}

function titleOf(kind: SessionKind, minutes: number): string {
	if (kind === 'bite') return `A pail of ${minutesText(minutes)} ${minutes === 1 ? 'minute' : 'minutes'}`;
	return KIND_WORDS[kind].title;
}

function leadOf(
	{ home, day, minute }: Setting,
	query: Query,
	made: Filled,
	time: (after: number) => string
): string {
	const names = listNames(made.people.map((one) => one.name));
	const here = made.people.every((one) =>
		homeSpans(one, day.date).some((span) => span.from <= minute && minute < span.to)
	);
	const where =
		query.kind === 'zone' && day.zone
			? `, in the zone ${home.zoneById.get(day.zone.zone)?.name ?? ''}`
			: query.kind !== 'visitors' && query.kind !== 'clearing' && query.rooms?.length
				? `, in the ${listNames(query.rooms.map((id) => home.roomById.get(id)?.name ?? '').filter(Boolean))}`
				: '';
	const hours =
		query.kind === 'visitors' ? `They ring at ${time(made.minutes)}` : `${time(0)} to ${time(made.minutes)}`;
	return `${hours}, for ${names}${where}.${here || made.people.length < 2 ? '' : ' Not all of you are at home just now.'}`;
}

const entriesSchema = z
	.array(
		z.tuple([
			z.string().max(80),
			z.number().int().min(0).max(60),
			z.string().max(60),
			z.number().min(0).max(2000),
			z.number().min(0).max(2000)
		])
	)
	.max(400);

/** The plan that the page showed, where it still keeps every rule for what is on now; null: plan anew. */
function shownPlan(text: string | undefined, offer: PailOffer): Plan | null {
	if (!text) return null;
	let data: unknown;
	try {
		data = JSON.parse(text);
	} catch {
		return null;
	}
	const read = entriesSchema.safeParse(data);
	if (!read.success || read.data.length === 0) return null;
	const entries = read.data.map(([job, step, person, start, end]) => ({ job, step, person, start, end }));
	if (checkPlan(offer.input, entries).length > 0) return null;
	const planned = new Set(entries.map((entry) => entry.job));
	return {
		entries,
		worth: 0,
		end: Math.max(...entries.map((entry) => entry.end)),
		left: offer.input.jobs.map((job) => job.id).filter((id) => !planned.has(id)),
		exact: false
	};
}

const startForm = z.object({
	id: z.uuid('Reload the page and try again.'),
	member: z.string().max(60),
	line: z.string().max(80).optional(),
	plan: z.string().max(60_000).optional(),
	spot: z.string().trim().max(80).optional(),
	room: z.string().max(60).optional(),
	portion: z.enum(['all', 'half', 'quarter']).catch('all')
});

/** Starts a pail: what was shown, where it still holds; else filled again on the server from what is on now. */
export async function start(asker: Asker, form: FormData) {
	const household = asker.householdId;
	const started = await acting(form, async () => {
		const raw = Object.fromEntries(form);
		const read = startForm.safeParse(raw);
		if (!read.success)
			return fail(400, {
				message: 'This form was not understood. Reload the page and try again.',
				values: typed(form)
			});
		const query = readQuery(Object.entries({ ...raw, for: read.data.member }));
		const facts = await setting(household);
		const { home, day } = facts;
		const member = home.home.members.find((m) => m.id === read.data.member);
		if (!member)
			return fail(400, {
				message: 'That person does not live here. Choose somebody of this home.',
				values: typed(form)
			});
		if (memberOf(home, asker, member.id).id !== member.id)
			return fail(403, { message: 'Each fills a pail of their own here.', values: typed(form) });
		const line = read.data.line ?? null;
		const own = day.lines.find((l) => l.line.id === line);
		if (line !== null && !own)
			return fail(410, {
				message: 'That job is not in this home any more. Choose another.',
				values: typed(form)
			});
		if (own && asker.viewer?.role !== 'organiser') {
			const work = { job: own.line.job.id, line: own.line.id, by: member.id, date: isoOf(day.date) };
			const refusal = await reading((db) => tickRefusal(db, asker, home, work, day.date));
			if (refusal !== null) return notYours(form, refusal);
		}
		const minutes = minutesAsked.safeParse(
			query.minutes ?? Math.ceil(own?.minutes ?? defaultMinutes(facts, query.kind))
		);
		if (!minutes.success)
			return fail(400, {
				message: minutes.error.issues[0]?.message ?? '',
				field: 'minutes',
				values: typed(form)
			});
		const known = await reading((db) => loadSession(db, household, read.data.id));
		if (known) return { session: read.data.id };
		const clearing = query.kind === 'clearing' ? clearingOf(home, read.data) : null;
		if (query.kind === 'clearing' && clearing === null)
			return fail(400, {
				message: 'Say which spot it is and in which room, such as "hall bench".',
				field: 'spot',
				values: typed(form)
			});
		const made = fill(facts, asker, query, minutes.data, line);
		const offer = made.offers.find((one) => one.name === query.choice) ?? (made.offers[0] as PailOffer);
		const plan = shownPlan(read.data.plan, offer) ?? offer.plan;
		if (plan.entries.length === 0 && clearing === null)
			return fail(409, {
				message: 'There is nothing on the line for this pail just now. Choose somebody else, or rest.',
				values: typed(form)
			});
		const result = await transaction((db) =>
			startSession(
				db,
				household,
				{
					id: read.data.id,
					member: member.id,
					date: day.date,
					plan: { ...sessionPlan({ ...made.filled, input: offer.input }, plan, minutes.data), clearing }
				},
				now()
			)
		);
		if (result.ok) return { session: read.data.id };
		if (result.refusal.code === 'already-running') {
			return fail(409, {
				message: `${memberName(home, result.refusal.member)} has a pail running already. Finish it, or set it down first.`,
				running: result.refusal.session,
				values: typed(form)
			});
		}
		throw new Error(result.refusal.code);
	});
	if ('session' in started) redirect(303, `/pail/${started.session}`);
	return started;
}

/** Minutes of the closing's own clock. Handbook page 3: 10 to 15. */
const CLOSING_MINUTES = 12;

function clearingOf(home: PreparedHome, asked: z.infer<typeof startForm>): ClearingPlan | null {
	const room = home.roomById.get(asked.room ?? '');
	if (!room || !asked.spot) return null;
	return {
		spot: asked.spot,
		room: room.id,
		roomName: room.name,
		portion: asked.portion,
		zone: room.zone,
		closingMinutes: CLOSING_MINUTES
	};
}
