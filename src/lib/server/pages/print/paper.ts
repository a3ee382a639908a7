/** Paper: which cards there are, how they are printed, and ticking one off in one go. */
import { PAPER_SAYS } from '$words/answers/print';
import { effectivePauses } from '$core/schedule/projection';
import { awayOn } from '$core/people/weekOccurrences';
import { addDays, isoOf, parseDay, type CivilDay } from '$core/calendar/civil';
import { weekStartOf } from '$core/calendar/weeks';
import { boxesOf, type Card } from '$core/cards/card';
import { personCard } from '$core/cards/personCard';
import { roomCard } from '$core/cards/roomCard';
import { bookmarkCard, weekCard } from '$core/cards/weekCards';
import { zoneCard } from '$core/cards/zoneCard';
import type { Job } from '$core/household/home';
import { readCardCode, shownCardCode } from '$core/cards/code';
import { pagesOf } from '$core/cards/pages';
import { MEASURES, SIZES, type Size } from '$core/cards/sizes';
import { ownLines, withAway } from '$core/people/ownList';
import { comingDay } from '$core/schedule/comingDay';
import { readDay } from '$core/schedule/readDay';
import { effectiveLedger } from '$core/schedule/series';
import type { PaperView, SheetView, TickPaperView } from '$views/print';
import { dayMonth, daySpan, longDate, tinyDate } from '$words/general';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';

import { reading } from '../../db/pool';
import { cardByCode, codeOfCard } from '../../repo/cardRepo';
import { entriesBetween, undosOf } from '../../repo/ledgerRepo';
import { givenFor, type Asker } from '../../services/ledger/whoMay';
import { familyFacts, type FamilyFacts } from '../../services/people/familyFacts';
import { jobCautions, usePerson } from '../supplies/cautionLines';
import { zoneMark } from '../today/jobRows';

export const KINDS = ['room', 'person', 'zone', 'bookmark', 'week'] as const;
type Kind = (typeof KINDS)[number];

const query = z.object({
	kind: z.enum(KINDS).catch('room'),
	size: z.enum(SIZES).nullable().catch(null),
	room: z.string().max(60).catch(''),
	member: z.string().max(60).catch(''),
	zone: z.string().max(60).catch(''),
	week: z.string().max(10).catch(''),
	day: z.string().max(10).catch('')
});

/** The paper that each kind is made for. */
const USUAL: Readonly<Record<Kind, Size>> = {
	room: 'A5',
	person: 'A5',
	zone: 'A5',
	bookmark: 'A4',
	week: 'A4'
};

interface Asked {
	readonly kind: Kind;
	readonly size: Size;
	readonly room: string;
	readonly member: string;
	readonly zone: string;
	readonly begin: CivilDay;
	readonly day: CivilDay;
}

function askedOf(facts: FamilyFacts, params: URLSearchParams): Asked {
	const read = query.parse(Object.fromEntries(params));
	const { home, today, weekBegin } = facts;
	const far = (day: CivilDay | null) => day === null || Math.abs(day - today) > 400;
	const week = parseDay(read.week);
	const day = parseDay(read.day);
	const rooms = home.rooms.filter((room) =>
		home.home.jobs.some((job) => job.room === room.id && (job.layer === 'basics' || job.layer === 'weekly'))
	);
	const most = [...rooms].sort(
		(a, b) =>
			home.home.jobs.filter((job) => job.room === b.id).length -
			home.home.jobs.filter((job) => job.room === a.id).length
	)[0];
	const people = home.members.filter((one) => one.role !== 'device');
	return {
		kind: read.kind,
		size: read.size ?? USUAL[read.kind],
		room: home.roomById.has(read.room) ? read.room : (most?.id ?? ''),
		member: people.some((one) => one.id === read.member) ? read.member : (people[0]?.id ?? ''),
		zone: home.zoneById.has(read.zone) ? read.zone : (home.home.zones[0]?.id ?? ''),
		begin: week === null || far(week) ? weekBegin : weekStartOf(week, home.rotation.weekStart),
		day: day === null || far(day) ? today : day
	};
}

/** What is somebody's on a day, today's as it stands and a coming one as it will be. */
async function idsOf(facts: FamilyFacts, member: string, day: CivilDay): Promise<string[]> {
	const { home, projection, today } = facts;
	const lines = (day > today ? comingDay(home, projection, today, day) : readDay(home, projection, day))
		.lines;
	const given = withAway(
		await reading((db) => givenFor(db, facts.household, day)),
		awayOn(effectivePauses(projection.home), day)
	);
	return ownLines(home.home, lines, member, day, given)
		.filter((line) => line.state !== 'open')
		.map((line) => line.line.id);
}

async function cardOf(facts: FamilyFacts, asked: Asked): Promise<Card | null> {
	const person = facts.home.members.find((one) => one.id === asked.member);
	const cautionsOf = (job: Job) =>
		asked.kind === 'person' && person
			? // Whose card it is has no other place where it is said.
				jobCautions(facts.home, job, 'usual', usePerson(person, asked.day))
			: // A card for whoever comes has room for what is a danger.
				jobCautions(facts.home, job, 'usual').filter((line) => line.grave);
	const week = {
		home: facts.home,
		projection: facts.projection,
		today: facts.today,
		begin: asked.begin,
		cautionsOf
	};
	switch (asked.kind) {
		case 'room':
			return roomCard(week, asked.room);
		case 'person':
			return personCard(week, asked.member, asked.day, await idsOf(facts, asked.member, asked.day));
		case 'zone':
			return zoneCard(week, asked.zone);
		case 'bookmark':
			return bookmarkCard(week);
		case 'week':
			return weekCard(week);
	}
}

const spanWords = (from: CivilDay, to: CivilDay) => (from === to ? longDate(from) : daySpan(from, to));

async function sheetOf(facts: FamilyFacts, asked: Asked): Promise<SheetView | null> {
	const card = await cardOf(facts, asked);
	// An empty sheet is no card.
	if (!card || card.sides.every((side) => side.rows.length === 0)) return null;
	const when = spanWords(card.from, card.to);
	const code = await reading((db) =>
		codeOfCard(db, facts.household, `${card.title}, ${when}`, boxesOf(card))
	);
	const zone = zoneMark(facts.home, card.zone);
	const weeks = card.sides.find((side) => side.isWeekly);
	// First days of the first and the last week that have a box.
	const lastWeek = addDays(card.to, -6);
	const firstWeek = addDays(lastWeek, -7 * Math.max(0, (weeks?.columns.length ?? 1) - 1));
	const weekOfCard = spanWords(asked.begin, addDays(asked.begin, 6));
	return {
		code: shownCardCode(code),
		kind: card.kind,
		title: card.title,
		size: asked.size,
		...MEASURES[asked.size],
		zone: zone ? { number: zone.number, weave: zone.weave, name: zone.name } : null,
		when,
		notes: Object.fromEntries(
			card.sides.map((side) => [
				side.name,
				[
					side === weeks
						? PAPER_SAYS.boxes1ToTheWeeks(weeks.columns.length, dayMonth(firstWeek), dayMonth(lastWeek))
						: side.columns.length > 3
							? PAPER_SAYS.forIt(weekOfCard)
							: '',
					card.kind === 'room' && card.sides.length > 1 ? PAPER_SAYS.turnOverForTheOther : ''
				].filter(Boolean)
			])
		),
		pages: pagesOf(card, asked.size)
	};
}

/** What a printed card is known by: its title with its time, and its boxes. Null where there is nothing to print. */
export async function cardAsked(household: string, params: URLSearchParams) {
	const facts = await familyFacts(household);
	const card = await cardOf(facts, askedOf(facts, params));
	return (
		card && { title: `${card.title}, ${spanWords(card.from, card.to)}`, boxes: boxesOf(card), at: facts.at }
	);
}

export async function loadSheet(household: string, params: URLSearchParams): Promise<SheetView | null> {
	const facts = await familyFacts(household);
	return sheetOf(facts, askedOf(facts, params));
}

export async function loadPaper(household: string, params: URLSearchParams): Promise<PaperView> {
	const facts = await familyFacts(household);
	const { home, weekBegin, today } = facts;
	const asked = askedOf(facts, params);
	const print = new URLSearchParams({ kind: asked.kind, size: asked.size });
	if (asked.kind === 'room') print.set('room', asked.room);
	if (asked.kind === 'person') print.set('member', asked.member);
	if (asked.kind === 'zone') print.set('zone', asked.zone);
	if (asked.kind === 'person') print.set('day', isoOf(asked.day));
	else print.set('week', isoOf(asked.begin));
	return {
		kind: asked.kind,
		size: asked.size,
		room: asked.room,
		member: asked.member,
		zoneId: asked.zone,
		day: isoOf(asked.day),
		week: isoOf(asked.begin),
		rooms: home.rooms.map(({ id, name }) => ({ id, name })),
		members: home.members.filter((one) => one.role !== 'device').map(({ id, name }) => ({ id, name })),
		zones: home.home.zones.map(({ id, name }) => ({ id, name })),
		weeks: Array.from({ length: 6 }, (_, i) => addDays(weekBegin, 7 * i)).map((date, i) => ({
			date: isoOf(date),
			name:
				i === 0
					? PAPER_SAYS.thisWeek
					: i === 1
						? PAPER_SAYS.theWeekAfter
						: PAPER_SAYS.weekFrom(dayMonth(date))
		})),
		days: Array.from({ length: 8 }, (_, i) => addDays(today, i)).map((date, i) => ({
			date: isoOf(date),
			name: i === 0 ? 'today' : i === 1 ? 'tomorrow' : tinyDate(date)
		})),
		sheet: await sheetOf(facts, asked),
		print: `/print/card?${print}`
	};
}

const STATES = ['done', 'looked', 'letgo', 'part'];

export async function loadTickPaper(asker: Asker, typedCode: string | null): Promise<TickPaperView> {
	const facts = await familyFacts(asker.householdId);
	const { home, today } = facts;
	const code = typedCode === null ? null : readCardCode(typedCode);
	const card = code === null ? null : await reading((db) => cardByCode(db, asker.householdId, code));
	const dates = [...new Set((card?.boxes ?? []).map((box) => box.date))].sort((a, b) => a - b);
	const first = dates[0] ?? today;
	const last = dates.at(-1) ?? today;
	const stored = card ? await reading((db) => entriesBetween(db, asker.householdId, first, last)) : [];
	const undos = await reading((db) =>
		undosOf(
			db,
			asker.householdId,
			stored.map(({ entry }) => entry.id)
		)
	);
	const done = new Set(
		effectiveLedger([...stored, ...undos].sort((a, b) => a.seq - b.seq).map(({ entry }) => entry))
			.filter((entry) => STATES.includes(entry.outcome))
			.map((entry) =>
				'job' in entry
					? `${entry.part === null ? entry.job : `${entry.job}/${entry.part}`}@${entry.date}`
					: ''
			)
	);
	const lines = [...new Set((card?.boxes ?? []).map((box) => box.line))];
	const boxed = new Set((card?.boxes ?? []).map((box) => `${box.line}@${box.date}`));
	return {
		formId: uuidv7(),
		code: card ? shownCardCode(card.code) : '',
		asked: typedCode,
		title: card?.title ?? '',
		members: home.members.filter((one) => one.role !== 'device').map(({ id, name }) => ({ id, name })),
		days: dates.map((date) => ({ date: isoOf(date), name: tinyDate(date), ahead: date > today })),
		rows: lines.map((id) => {
			const line = home.seriesById.get(id);
			return {
				line: id,
				name: line ? `${line.job.name}${line.part ? `, ${line.part}` : ''}` : id,
				boxes: dates.map((date) => ({
					date: isoOf(date),
					state: !boxed.has(`${id}@${date}`)
						? 'none'
						: done.has(`${id}@${date}`)
							? 'done'
							: date > today || !line
								? 'ahead'
								: 'open'
				}))
			};
		})
	};
}
