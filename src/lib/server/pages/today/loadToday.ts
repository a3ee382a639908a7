/** What Today shows: asks the store for the home and its standing, the core for what that means, and words it. */
import { addDays, isoOf, parseDay, type CivilDay } from '$core/calendar/civil';
import { DAY_PARTS, type DayPart } from '$core/calendar/dayParts';
import { householdTime, partRunning, wallTime } from '$core/calendar/instant';
import { minutesOfDay } from '$core/household/dayMinutes';
import { isWork, type LedgerEntry } from '$core/household/entry';
import type { Load } from '$core/laundry/laundry';
import { whoseTurn, type GivenTurns } from '$core/people/ownList';
import { homeSpans, inChargeSpans, nextAtHome } from '$core/people/presence';
import { agendaOf, latenessOf, minutesToDo, type Agenda } from '$core/schedule/agenda';
import { comingDay } from '$core/schedule/comingDay';
import { lastForecast } from '$core/schedule/occurrences';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { projectionAt, type HomeProjection } from '$core/schedule/projection';
import { readDay, type Day, type DaySeries } from '$core/schedule/readDay';
import { effectiveEntries } from '$core/schedule/series';
import { stepsOf } from '$core/session/fill';
import { readSession } from '$core/session/sessionState';
import type {
	DoneView,
	HeldView,
	LeftOpenView,
	PartView,
	PersonView,
	RunningView,
	SheetView,
	TagView,
	TodayView,
	ZoneView
} from '$views/today';
import {
	clockText,
	dayAhead,
	duration,
	lateText,
	listNames,
	longDate,
	lowerNumber,
	minutesText,
	numberWord,
	PART_NAMES,
	plural,
	shortDate,
	tinyDate,
	weekdayName
} from '$words/general';
import { memberName } from '$words/names';
import { missWords, rhythmWords } from '$words/recurrence';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { openLoads } from '../../repo/laundryRepo';
import { allEntries, entriesOfDay, habitMinutes, undosOf } from '../../repo/ledgerRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { loadSessionsAround, type StoredSession } from '../../repo/sessionRepo';
import { givenFor } from '../../services/ledger/whoMay';
import { asItIs } from '../../services/session/addEvent';
import { leftOpen } from './leftOpen';
import { stringViews } from './strings';
import { tagOf, zoneMark } from './tags';

export interface TodayQuery {
	readonly household: string;
	/** The day asked for, as written in the address; null for today. */
	readonly on: string | null;
	/** The line whose sheet is open. */
	readonly open: string | null;
	/** Who holds the phone. */
	readonly me: string | null;
	/** A device of the family: it ticks in the name of whoever was tapped, and of nobody else. */
	readonly isDevice?: boolean;
	readonly now: number;
}

export class NoSuchDay extends Error {}

export async function loadToday(query: TodayQuery): Promise<TodayView> {
	const { household, now } = query;
	const home = await reading((on) => loadHome(on, household));
	if (!home) throw new RangeError(`no household ${household}`);
	const rules = home.home.household;
	const { date: today, minute } = householdTime(now, rules);
	const date = query.on === null ? today : parseDay(query.on);
	if (date === null || date > lastForecast(today) || date < addDays(today, -3700)) throw new NoSuchDay();

	const [kept, entries, sessionsFound, given, habit] = await reading((on) =>
		Promise.all([
			loadProjection(on, household),
			entriesOfDay(on, household, date),
			loadSessionsAround(on, household, today),
			givenFor(on, household, date),
			rules.minutesADay === undefined ? habitMinutes(on, household, today) : null
		])
	);
	const sessions = sessionsFound.map((one) => asItIs(one, home, now));
	const relation = date === today ? 'today' : date < today ? 'past' : 'coming';
	const standing =
		relation === 'past'
			? projectionAt(
					home,
					(await reading((on) => allEntries(on, household))).map((stored) => stored.entry)
				)
			: kept;
	const day = relation === 'coming' ? comingDay(home, standing, today, date) : readDay(home, standing, date);
	const running = relation === 'today' ? partRunning(minute, rules) : 'morning';
	const hung = agendaOf(home, standing, day, running, minutesOfDay(rules, habit));
	const ledger = entries.map((stored) => stored.entry);
	const [loads, open] =
		relation === 'today'
			? await reading((on) =>
					Promise.all([openLoads(on, household), leftOpen(on, household, home, sessions, today)])
				)
			: [[], []];
	const undos = await reading((on) =>
		undosOf(
			on,
			household,
			ledger.map((entry) => entry.id)
		)
	);
	const holding = holdingEntries(
		ledger,
		undos.map((stored) => stored.entry)
	);
	return view({
		home,
		standing,
		day,
		hung,
		running,
		today,
		minute,
		sessions,
		holding,
		query,
		relation,
		given,
		loads,
		leftOpen: open
	});
}

/** Entries of a day that nothing has taken back. */
function holdingEntries(ledger: readonly LedgerEntry[], undos: readonly LedgerEntry[]): LedgerEntry[] {
	const own = new Set(ledger.map((entry) => entry.id));
	return effectiveEntries([...ledger, ...undos.filter((undo) => !own.has(undo.id))] as (LedgerEntry & {
		of?: string;
	})[]);
}

interface Facts {
	readonly home: PreparedHome;
	readonly standing: HomeProjection;
	readonly day: Day;
	readonly hung: Agenda;
	readonly running: DayPart;
	readonly today: CivilDay;
	readonly minute: number;
	readonly sessions: readonly StoredSession[];
	readonly holding: readonly LedgerEntry[];
	readonly query: TodayQuery;
	readonly relation: TodayView['relation'];
	readonly given: GivenTurns;
	readonly loads: readonly Load[];
	readonly leftOpen: readonly LeftOpenView[];
}

function view(facts: Facts): TodayView {
	const { home, day, hung, running, today, query, relation } = facts;
	const rules = home.home.household;
	const members = home.home.members.filter((m) => m.role !== 'device');
	const organiser = members.find((m) => m.role === 'organiser') ?? members[0];
	const me = members.find((m) => m.id === query.me) ?? (query.isDevice ? undefined : organiser);
	const pails = relation === 'today' ? runningPails(facts) : [];
	const inPail = new Map(
		pails.flatMap(({ pail, lines }) => lines.map((line): [string, string] => [line, pail.name]))
	);
	const tag = (line: DaySeries): TagView => ({
		...tagOf(home, line, today, facts.given, day.date),
		inPail: inPail.get(line.line.id) ?? null
	});
	const mark = (tagView: TagView): TagView => (tagView.inPail ? { ...tagView, glyph: 'running' } : tagView);

	const done = doneViews(facts);
	const parts = partViews(facts, (line) => mark(tag(line)));
	const sitting =
		hung.sitting.length > 0
			? {
					tags: hung.sitting.map((line) => mark(tag(line))),
					minutes: hung.sitting.reduce((sum, line) => sum + minutesToDo(line), 0)
				}
			: null;
	const nextLine = relation === 'today' ? chooseNext(facts, inPail, me?.id ?? null) : null;
	const left = countLeft(hung);
	return {
		household: rules.name,
		date: isoOf(day.date),
		title: longDate(day.date),
		shortTitle: shortDate(day.date),
		relation,
		today: isoOf(today),
		before: isoOf(addDays(day.date, -1)),
		after: isoOf(addDays(day.date, 1)),
		now: { at: query.now, time: clockText(wallTime(query.now, rules.timeZone), rules.clock) },
		running,
		summary: summaryOf(relation, hung, left, done, day),
		summaryShort:
			left === 0 || relation === 'past'
				? summaryOf(relation, hung, left, done, day)
				: `${duration(hung.minutesLeft).replace(/ minutes?$/, ' min')} left, ${left} ${plural(left, 'job')}`,
		kind: day.isFree ? 'A free day' : day.isCatchUp ? 'Catch-up day' : null,
		next: nextLine ? mark(tag(nextLine)) : null,
		parts,
		sitting,
		done,
		wentBy: relation === 'past' ? wentBy(facts).map(tag) : [],
		strings: relation === 'today' ? stringViews(facts, query.now, query.isDevice ? null : query.me) : [],
		leftOpen: facts.leftOpen,
		pails: pails.map(({ pail }) => pail),
		zone: zoneView(facts),
		...heldViews(facts, tag),
		open: hung.open.map((line) => mark(tag(line))),
		off: hung.off.map(tag),
		enough: day.enough,
		people: peopleViews(facts),
		peopleWords: peopleWords(facts),
		me: me?.id ?? '',
		isDevice: query.isDevice ?? false,
		members: members.map((m) => ({ id: m.id, name: m.name })),
		minutesLeft: hung.minutesLeft,
		sheet: sheetOf(facts, tag, done),
		formId: uuidv7()
	};
}

function countLeft(hung: Agenda): number {
	return DAY_PARTS.reduce((sum, part) => sum + hung.parts[part].length, 0) + hung.sitting.length;
}

function summaryOf(
	relation: TodayView['relation'],
	hung: Agenda,
	left: number,
	done: readonly DoneView[],
	day: Day
): string {
	const finished = done.filter((d) => d.outcome !== 'part').length;
	const doneWords = finished === 1 ? 'One is done.' : `${numberWord(finished)} are done.`;
	if (relation === 'past') {
		return finished === 0
			? 'Nothing was written down.'
			: `${numberWord(finished)} ${plural(finished, 'job')} off the line.`;
	}
	if (left === 0) {
		if (relation === 'coming') return 'Nothing falls due.';
		return day.enough
			? 'Enough for today.'
			: finished > 0
				? `The line is clear. ${doneWords}`
				: 'The line is clear.';
	}
	const jobs = `in ${lowerNumber(left)} ${plural(left, 'job')}`;
	if (relation === 'coming') return `${duration(hung.minutesLeft)} ${jobs}.`;
	return `${duration(hung.minutesLeft)} left on the line, ${jobs}.${finished > 0 ? ` ${doneWords}` : ''}`;
}

/**
 * The next act: what hangs at the present time first, then the sitting, then the parts to come; in each what is
 * for whoever holds the phone, then for somebody who is at home now, before what is for others.
 */
function chooseNext(
	{ home, hung, running, day, minute, given }: Facts,
	inPail: ReadonlyMap<string, string>,
	me: string | null
): DaySeries | null {
	const at = DAY_PARTS.indexOf(running);
	const isHome = (id: string) =>
		home.home.members.some(
			(m) => m.id === id && homeSpans(m, day.date).some((span) => span.from <= minute && minute < span.to)
		);
	const nearness = (line: DaySeries) => {
		const who = whoseTurn(line, day.date, given);
		if (who.length === 0 || (me !== null && who.includes(me))) return 0;
		return who.some(isHome) ? 1 : 2;
	};
	const groups = [
		DAY_PARTS.slice(0, at + 1).flatMap((part) => hung.parts[part]),
		hung.sitting,
		DAY_PARTS.slice(at + 1).flatMap((part) => hung.parts[part])
	].map((group) => group.filter((line) => !inPail.has(line.line.id)));
	for (const wanted of [0, 1, 2]) {
		for (const group of groups) {
			const found = group.find((line) => nearness(line) === wanted);
			if (found) return found;
		}
	}
	return null;
}

/** Parts of the day with their tags. What is left of earlier parts hangs at the present time. */
function partViews(
	{ home, hung, running, relation, day }: Facts,
	tag: (line: DaySeries) => TagView
): PartView[] {
	const rules = home.home.household;
	const first = relation === 'today' ? DAY_PARTS.indexOf(running) : 0;
	const time = (part: DayPart) =>
		clockText(rules.parts[part].replace(/:00$/, rules.clock === '24h' ? '' : ':00'), rules.clock);
	const spans: Record<DayPart, string> = {
		morning: `until ${time('midday')}`,
		midday: `${time('midday')} to ${time('evening')}`,
		evening: `from ${time('evening')}`
	};
	return DAY_PARTS.slice(first).map((key, i) => {
		const earlier = i === 0 ? DAY_PARTS.slice(0, first).flatMap((part) => hung.parts[part]) : [];
		const lines = [...earlier, ...hung.parts[key]];
		return {
			key,
			name: PART_NAMES[key],
			span: day.enough && lines.length === 0 ? '' : spans[key],
			tags: lines.map(tag),
			minutes: lines.reduce((sum, line) => sum + minutesToDo(line), 0)
		};
	});
}

function doneViews({ home, day, holding }: Facts): DoneView[] {
	const lines = new Map(day.lines.map((line) => [line.line.id, line]));
	const settled = new Set(day.lines.flatMap((line) => [...line.settledBy]));
	return holding.filter(isWork).map((entry) => {
		const line = lines.get(entry.part === null ? entry.job : `${entry.job}/${entry.part}`);
		const job = home.everyJob.get(entry.job);
		const extra = line && entry.outcome !== 'part' && job?.cadence.type !== 'zone' && !settled.has(entry.id);
		return {
			entry: entry.id,
			line: line?.line.id ?? entry.job,
			name: job?.name ?? entry.job,
			outcome: entry.outcome,
			by: memberName(home, entry.by),
			minutes: entry.minutes,
			zone: job ? zoneMark(home, home.roomById.get(job.room)?.zone ?? null) : null,
			note: extra && line.state !== 'done' ? 'as an extra' : null
		};
	});
}

/** Turns of a past day that were not settled on it. */
function wentBy({ day }: Facts): DaySeries[] {
	return day.lines.filter((line) => line.state === 'due' && line.dueOn === day.date && !line.offered);
}

function runningPails({ home, sessions, query, today }: Facts): { pail: RunningView; lines: string[] }[] {
	return sessions
		.filter((session) => !session.isOver && session.date === today)
		.flatMap((session) => {
			const clock = readSession(session.plan, session.events, query.now);
			if (clock.phase === 'over') return [];
			const step = clock.current === null ? null : clock.steps[clock.current];
			const lines = clock.steps
				.filter((one, i) => !clock.done[i] && !clock.dropped.has(one.line))
				.map((s) => s.line);
			const pail: RunningView = {
				session: session.id,
				member: session.member,
				name:
					listNames(session.plan.people.map((one) => memberName(home, one))) ||
					memberName(home, session.member),
				minutesLeft: Math.max(0, Math.ceil(clock.left / 60_000)),
				share: Math.max(0, Math.min(1, clock.left / (clock.bellMinutes * 60_000))),
				doing: step?.jobName ?? session.plan.clearing?.spot ?? '',
				phase: clock.phase
			};
			return [{ pail, lines: [...new Set(lines)] }];
		});
}

function zoneView({ home, day, hung }: Facts): ZoneView | null {
	const { zone } = day;
	if (!zone) return null;
	const mark = zoneMark(home, zone.zone);
	if (!mark) return null;
	const settledToday = new Set(hung.done.map((line) => line.line.id));
	const items = [...zone.next].slice(0, 3);
	return {
		mark,
		leaf: home.rotation.scheme.type === 'weekdays' ? zone.card : null,
		pass: zone.pass,
		day: zone.dayOfVisit,
		days: zone.daysOfVisit,
		settled: zone.settledInPass,
		counted: zone.countedInPass,
		clearing: zone.clearing,
		next: items.flatMap((id) => {
			const line = day.lines.find((l) => l.line.id === id);
			const job = home.jobById.get(id);
			if (!job) return [];
			return [
				{
					line: id,
					name: job.name,
					minutes: line?.minutes ?? job.depths.usual.minutes,
					done: settledToday.has(id)
				}
			];
		})
	};
}

function heldViews({ hung, today, relation }: Facts, tag: (line: DaySeries) => TagView) {
	if (relation !== 'today') return { held: [], heldTitle: 'Held over', heldWords: '' };
	const hanging = DAY_PARTS.flatMap((part) => hung.parts[part].map((line) => ({ part, line }))).filter(
		({ line }) => line.state === 'late'
	);
	const held: HeldView[] = [
		...hung.held.map(({ line, roomOn }) => ({
			tag: tag(line),
			late: lateText(latenessOf(line)),
			words: roomOn === null ? 'held over' : `to ${dayAhead(roomOn, today)}`
		})),
		...hanging.map(({ line, part }) => ({
			tag: tag(line),
			late: lateText(latenessOf(line)),
			words: part === 'midday' ? 'at midday' : `this ${part}`
		})),
		...[...hung.waiting, ...hung.paused].map((line) => ({
			tag: tag(line),
			late: null,
			words: tag(line).words
		}))
	];
	const late = hung.held.length + hanging.length;
	const rest = hung.held.length;
	const heldWords =
		held.length === 0
			? 'Nothing is held over.'
			: hanging.length === 0
				? 'None of it needs today.'
				: rest === 0
					? `${numberWord(hanging.length)} ${plural(hanging.length, 'hangs', 'hang')} today.`
					: `${numberWord(hanging.length)} ${plural(hanging.length, 'hangs', 'hang')} today, ${lowerNumber(rest)} can rest.`;
	return {
		held,
		heldTitle: late > 1 && hanging.length > 0 ? `${numberWord(late)} late` : 'Held over',
		heldWords
	};
}

const spanTime = (minute: number, clock: '24h' | '12h') =>
	clockText(
		`${String(Math.floor(minute / 60) % 24).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`,
		clock
	);

function peopleViews({ home, day, minute, relation, sessions }: Facts): PersonView[] {
	const { clock } = home.home.household;
	const at = relation === 'today' ? minute : 9 * 60;
	const groups = new Map<string, string[]>();
	const carrying: PersonView[] = [];
	for (const member of home.home.members) {
		if (member.role === 'device') continue;
		const spans = homeSpans(member, day.date);
		if (spans.length === 0) continue;
		const carries = inChargeSpans(member, day.date);
		const now = carries.find((span) => span.from <= at && at < span.to);
		const later = carries.find((span) => span.from > at);
		const inPail =
			relation === 'today' && sessions.some((s) => !s.isOver && s.plan.people.includes(member.id));
		const busy = inPail ? 'in a pail, ' : '';
		if (now && relation === 'today')
			carrying.unshift({ name: member.name, words: `${busy}carries the day`, carriesNow: true });
		else if (carries.length > 0 && (later ?? now)) {
			const from = (later ?? now) as { from: number };
			carrying.push({
				name: member.name,
				words: `${busy}carries from ${spanTime(from.from, clock)}`,
				carriesNow: false
			});
		} else {
			const here = spans.find((span) => span.from <= at && at < span.to);
			const comes = spans.find((span) => span.from > at);
			const words = here
				? here.to >= 1440
					? 'at home'
					: `here to ${spanTime(here.to, clock)}`
				: comes
					? `home at ${spanTime(comes.from, clock)}`
					: 'was here';
			groups.set(words, [...(groups.get(words) ?? []), member.name]);
		}
	}
	return [
		...carrying,
		...[...groups].map(([words, names]) => ({ name: names.join(', '), words, carriesNow: false }))
	];
}

function peopleWords({ home, day, relation }: Facts): string {
	if (relation === 'past') return '';
	for (const member of home.home.members) {
		if (member.role !== 'helper') continue;
		const next = nextAtHome(member, day.date);
		if (next === null) continue;
		if (next === day.date) return `${member.name} is here ${relation === 'today' ? 'today' : 'that day'}.`;
		return `${member.name} comes ${relation === 'today' ? dayAhead(next, day.date) : `on ${weekdayName(next)}`}.`;
	}
	return '';
}

function sheetOf(
	facts: Facts,
	tag: (line: DaySeries) => TagView,
	done: readonly DoneView[]
): SheetView | null {
	const { home, day, query, today, relation } = facts;
	const id = query.open;
	if (id === null) return null;
	const line = day.lines.find((l) => l.line.id === id);
	if (!line) return null;
	const { job } = line.line;
	const catchUp = home.home.household.rhythm.catchUpDays;
	const catchUpName = catchUp.length === 0 ? null : nameOfWeekday(catchUp[0] as number);
	const { last } = line;
	const skipOn = line.state === 'open' ? line.dueOn : line.nextOn;
	return {
		tag: tag(line),
		date: isoOf(day.date),
		steps: stepsOf(line).map((step) => ({
			text: step.text,
			minutes: step.minutes,
			wait: step.wait
				? `${step.wait.label}, ${minutesText(step.wait.min)}${step.wait.max === undefined ? '' : ` to ${minutesText(step.wait.max)}`} min`
				: null
		})),
		needs: job.needs,
		cautions: job.cautions,
		rhythm: rhythmWords(job),
		ifItsDayGoesBy: missWords(job, catchUpName),
		last: last
			? `${tinyDate(last.date)}${last.by ? `, ${memberName(home, last.by)}` : ''}${last.minutes === null ? '' : `, ${minutesText(last.minutes)} min`}`
			: 'not yet',
		next: line.nextOn === null ? 'not set' : tinyDate(line.nextOn),
		dueOn: line.dueOn === null ? null : isoOf(line.dueOn),
		skippable:
			skipOn !== null && skipOn > today && job.cadence.type !== 'zone' && relation === 'today'
				? { dueOn: isoOf(skipOn), words: dayAhead(skipOn, today) }
				: null,
		ticks: done.filter((d) => d.line === id),
		isFuture: relation === 'coming'
	};
}

function nameOfWeekday(n: number): string {
	return ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'][n - 1] ?? '';
}
