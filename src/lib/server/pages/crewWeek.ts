/** Giving out the week: who takes what and why, what if, by hand, and swaps with consent. */
import { fail } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { addDays, isoOf, parseDay, partsOf, type CivilDay } from '$core/calendar/civil';
import { DAY_PARTS } from '$core/household/fields';
import { isWellOver } from '$core/people/agreedShares';
import { changedTurns, type GivenWeek } from '$core/people/giveOut';
import { turnId, type Absence, type WeekTurn } from '$core/people/weekTurns';
import { partOf } from '$core/routine/hang';
import type { DayLine } from '$core/routine/readDay';
import type { WeekCloth, WeekLine, WeekView } from '$ui/crew/view';
import { dayAhead, lowerNumber, plural, shortDate, weekdayName } from '$ui/words';
import { now } from '../clock';
import { reading, transaction } from '../db/pool';
import { log } from '../log';
import {
	answerSwap,
	askSwap,
	openSwaps,
	putTurn,
	saveHandout,
	swapById,
	type GivenRow
} from '../store/handoutStore';
import { offWords, whyView } from './crew';
import { familyFacts, proposeWeek, type FamilyFacts } from './family';
import { acting, typed } from './guard';
import { memberName, zoneMark } from './tags';
import { notYours, type Asker } from './who';

interface WeekQuery {
	readonly week: string | null;
	readonly day: string | null;
	readonly turn: string | null;
	readonly without: string | null;
	readonly from: string | null;
	readonly to: string | null;
}

const aheadOf = (week: string | null) => (week === 'next' ? 1 : 0);

/** What is shown: what was given out, and for the rest what would be. */
function shownWeek(facts: FamilyFacts, proposed: GivenWeek): GivenWeek {
	if (facts.givenAt === null) return proposed;
	const rows = new Map(facts.thisWeek.map((row) => [turnId(row.line, row.due), row]));
	return {
		...proposed,
		given: new Map(
			[...proposed.given].map(([id, given]) => {
				const row = rows.get(id);
				if (!row || row.member === given.to) return [id, given] as const;
				return [id, { how: row.held ? 'held' : 'shared', to: row.member }] as const;
			})
		)
	};
}

function clothOf(facts: FamilyFacts, turn: WeekTurn): WeekCloth {
	const { home } = facts;
	return {
		turn: turn.id,
		name: turn.line.job.name,
		minutes: turn.minutes,
		zone: zoneMark(home, turn.line.room.zone),
		held: facts.thisWeek.some((row) => row.held && turnId(row.line, row.due) === turn.id),
		done: false
	};
}

function linesOf(facts: FamilyFacts, week: GivenWeek, day: CivilDay): WeekLine[] {
	const { home } = facts;
	const turns = week.turns.filter((turn) => turn.due === day);
	const line = (id: string | null, name: string, mine: readonly WeekTurn[], words: string): WeekLine => ({
		id,
		name,
		words,
		minutes: mine.reduce((sum, turn) => sum + turn.minutes, 0),
		parts: DAY_PARTS.map((part) =>
			mine
				.filter((turn) => partOf({ line: turn.line } as DayLine, 'midday') === part)
				.map((turn) => clothOf(facts, turn))
		)
	});
	const people = home.home.members
		.filter((member) => member.role !== 'device')
		.map((member) => {
			const mine = turns.filter((turn) => week.given.get(turn.id)?.to === member.id);
			return line(member.id, member.name, mine, '');
		});
	const by = (how: string) => turns.filter((turn) => week.given.get(turn.id)?.how === how);
	const others = [
		line(null, 'Whoever comes first', by('free'), 'free'),
		line(null, 'Nobody can', by('nobody'), 'nobody'),
		line(null, 'Can lie', by('lies'), 'lies')
	].filter((one) => one.minutes > 0);
	return [...people, ...others];
}

export async function loadWeek(asker: Asker, query: WeekQuery): Promise<WeekView> {
	const facts = await familyFacts(asker.householdId, aheadOf(query.week));
	const { home, today, weekBegin } = facts;
	const proposed = proposeWeek(facts);
	const week = shownWeek(facts, proposed);
	const askedDay = query.day === null ? null : parseDay(query.day);
	const inWeek = (day: CivilDay) => weekBegin <= day && day <= addDays(weekBegin, 6);
	const turn = week.turns.find((one) => one.id === query.turn);
	const day =
		turn?.due ?? (askedDay !== null && inWeek(askedDay) ? askedDay : inWeek(today) ? today : weekBegin);
	const swaps = await reading((db) => openSwaps(db, asker.householdId, today));
	const changes = facts.givenAt === null ? 0 : changedTurns(week, proposed).length;
	const total = week.balance.reduce((sum, one) => sum + one.minutes, 0);
	return {
		formId: uuidv7(),
		week: query.week === 'next' ? 'next' : 'this',
		title: `The week from ${shortDate(weekBegin).slice(4)}`,
		days: Array.from({ length: 7 }, (_, i) => {
			const date = addDays(weekBegin, i);
			return {
				date: isoOf(date),
				letter: weekdayName(date).slice(0, 3),
				day: partsOf(date).day,
				minutes: Math.round(
					week.turns.filter((one) => one.due === date).reduce((sum, one) => sum + one.minutes, 0)
				),
				isToday: date === today,
				isPast: date < today
			};
		}),
		day: isoOf(day),
		dayName: day === today ? `Today, ${weekdayName(day)}` : weekdayName(day),
		lines: linesOf(facts, week, day),
		balance: week.balance.map((one) => ({
			id: one.member,
			name: memberName(home, one.member),
			given: Math.round(one.given),
			off: total > 0 ? (one.minutes - one.agreed) / total : 0,
			words: offWords(one.minutes - one.agreed),
			heavy: isWellOver(one.minutes - one.agreed, one.agreed)
		})),
		spread: `${(proposed.spread * 100).toFixed(1)} %`,
		isGiven: facts.givenAt !== null,
		givenWords:
			facts.givenAt === null
				? 'Not given out yet. This is how it would come out as even as can be.'
				: changes > 0
					? `Given out. Meanwhile ${lowerNumber(changes)} ${plural(changes, 'turn')} would come out otherwise.`
					: 'Given out, and as even as can be.',
		changes,
		why: whyView(facts, week, query.turn),
		swaps: swaps.map((swap) => ({
			id: swap.id,
			words: `${memberName(home, swap.from)} asks ${memberName(home, swap.to)} to take ${
				home.lineById.get(swap.line)?.job.name ?? swap.line
			} ${dayAhead(swap.due, today)}${
				swap.back
					? `, for ${home.lineById.get(swap.back.line)?.job.name ?? swap.back.line} ${dayAhead(swap.back.due, today)}`
					: ''
			}.`,
			mine: swap.to === asker.viewer?.member
		})),
		inReturn: inReturnOf(facts, week, query.turn),
		trial: trialOf(facts, week, query),
		members: home.home.members
			.filter((member) => member.role !== 'device')
			.map(({ id, name }) => ({ id, name })),
		weekEnd: isoOf(addDays(weekBegin, 6)),
		today: isoOf(today > weekBegin ? today : weekBegin)
	};
}

/** Turns of those who could take a turn, that whoever has it could take in return. */
function inReturnOf(facts: FamilyFacts, week: GivenWeek, id: string | null): WeekView['inReturn'] {
	const turn = week.turns.find((one) => one.id === id);
	const from = turn ? (week.given.get(turn.id)?.to ?? null) : null;
	if (!turn || from === null) return [];
	const can = (of: WeekTurn, member: string) =>
		of.candidates.some((one) => one.member.id === member && one.why.length === 0);
	return turn.candidates
		.filter((one) => one.why.length === 0 && one.member.id !== from)
		.map(({ member }) => ({
			name: member.name,
			turns: week.turns
				.filter((one) => week.given.get(one.id)?.to === member.id && can(one, from))
				.slice(0, 20)
				.map((one) => ({
					id: one.id,
					words: `${one.line.job.name}, ${dayAhead(one.due, facts.today)}`
				}))
		}))
		.filter((one) => one.turns.length > 0);
}

/** What somebody's being away would move. */
function trialOf(facts: FamilyFacts, now: GivenWeek, query: WeekQuery): WeekView['trial'] {
	const { home, today, weekBegin } = facts;
	const member = home.home.members.find((one) => one.id === query.without);
	if (!member) return null;
	const from = parseDay(query.from ?? '') ?? (today > weekBegin ? today : weekBegin);
	const to = parseDay(query.to ?? '') ?? addDays(weekBegin, 6);
	const absence: Absence = { member: member.id, from, to: to < from ? from : to };
	const then = proposeWeek(facts, [absence]);
	const moved = changedTurns(now, then).flatMap((id) => {
		const turn = then.turns.find((one) => one.id === id);
		const mine = now.given.get(id)?.to === member.id;
		return turn && mine ? [{ turn, to: then.given.get(id)?.to ?? null }] : [];
	});
	const more = then.balance.flatMap((one) => {
		const before = now.balance.find((two) => two.member === one.member)?.given ?? 0;
		const by = one.given - before;
		return one.member !== member.id && by >= 1
			? [`${memberName(home, one.member)} ${Math.round(by)} minutes more`]
			: [];
	});
	return {
		member: member.id,
		name: member.name,
		from: isoOf(absence.from),
		to: isoOf(absence.to),
		moved: moved.slice(0, 12).map(({ turn, to: taker }) => ({
			name: turn.line.job.name,
			when: dayAhead(turn.due, today),
			to: taker === null ? 'nobody' : memberName(home, taker)
		})),
		more,
		nobody: [...then.given.values()].filter((one) => one.how === 'nobody').length
	};
}

const OLD_PAGE = 'This page is too old to be sent. Reload it and try again.';
const idOf = (form: FormData) => z.uuid().safeParse(form.get('id'));

/** Gives the week out, from today on; turns by hand and swapped ones stay where they are. */
export function give(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const id = idOf(form);
		if (!id.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const facts = await familyFacts(asker.householdId, aheadOf(String(form.get('week') ?? '')));
		const week = proposeWeek(facts);
		const held = new Set(facts.thisWeek.filter((row) => row.held).map((row) => turnId(row.line, row.due)));
		const turns = week.turns.flatMap((turn): GivenRow[] => {
			const given = week.given.get(turn.id);
			return given?.to
				? [{ line: turn.line.id, due: turn.due, member: given.to, held: held.has(turn.id) }]
				: [];
		});
		const from = facts.today > facts.weekBegin ? facts.today : facts.weekBegin;
		await transaction((db) =>
			saveHandout(db, asker.householdId, { id: id.data, weekBegin: facts.weekBegin, from, turns }, now())
		);
		return {
			said: `${turns.length} turns are given out. The furthest anybody is from their share is ${(week.spread * 100).toFixed(1)} % of the work.`
		};
	});
}

/** The turn that a form names, with its week; null where it is not in this week or the next. */
async function turnOf(
	asker: Asker,
	id: string
): Promise<{ facts: FamilyFacts; turn: WeekTurn; week: GivenWeek } | null> {
	for (const ahead of [0, 1]) {
		const facts = await familyFacts(asker.householdId, ahead);
		const week = shownWeek(facts, proposeWeek(facts));
		const turn = week.turns.find((one) => one.id === id);
		if (turn) return { facts, turn, week };
	}
	return null;
}

/** Gives one turn to somebody who can take it. */
export function put(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const found = await turnOf(asker, String(form.get('turn') ?? '').slice(0, 90));
		if (!found)
			return fail(410, {
				message: 'That turn is not in this week any more. Choose another.',
				values: typed(form)
			});
		const { facts, turn } = found;
		const to = turn.candidates.find((one) => one.member.id === form.get('to'));
		if (!to || to.why.length > 0)
			return fail(400, {
				message: `${to?.member.name ?? 'That person'} cannot take it that day. Choose somebody of those who could.`,
				values: typed(form)
			});
		await transaction((db) =>
			putTurn(db, asker.householdId, facts.weekBegin, {
				line: turn.line.id,
				due: turn.due,
				member: to.member.id
			})
		);
		return { said: `${turn.line.job.name} is with ${to.member.name} ${dayAhead(turn.due, facts.today)}.` };
	});
}

/** Asks somebody to take a turn of one's own. It moves only once they agree. */
export function ask(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const id = idOf(form);
		if (!id.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const found = await turnOf(asker, String(form.get('turn') ?? '').slice(0, 90));
		if (!found)
			return fail(410, {
				message: 'That turn is not in this week any more. Choose another.',
				values: typed(form)
			});
		const { turn, week } = found;
		const from = week.given.get(turn.id)?.to ?? null;
		const own = asker.viewer?.role === 'organiser' || from === asker.viewer?.member;
		if (from === null || !own) return notYours(form, 'Only whoever has a turn can ask for a swap of it.');
		const to = turn.candidates.find((one) => one.member.id === form.get('to'));
		if (!to || to.why.length > 0 || to.member.id === from)
			return fail(400, { message: 'Ask somebody who could take it that day.', values: typed(form) });
		const back = String(form.get('back') ?? '');
		const inReturn = back === '' ? null : week.turns.find((one) => one.id === back);
		if (back !== '' && (!inReturn || week.given.get(back)?.to !== to.member.id))
			return fail(400, {
				message: `What comes in return is one of ${to.member.name}’s own.`,
				values: typed(form)
			});
		await transaction((db) =>
			askSwap(
				db,
				asker.householdId,
				{
					id: id.data,
					line: turn.line.id,
					due: turn.due,
					from,
					to: to.member.id,
					back: inReturn ? { line: inReturn.line.id, due: inReturn.due } : null
				},
				now()
			)
		);
		return { said: `${to.member.name} has been asked. It stays where it is until they agree.` };
	});
}

/** Answers a swap: only the one who was asked can, and the first answer counts. */
export function answer(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const id = String(form.get('swap') ?? '');
		const swap = z.uuid().safeParse(id).success
			? await reading((db) => swapById(db, asker.householdId, id))
			: null;
		if (!swap) return fail(404, { message: 'That swap is not asked for any more.', values: typed(form) });
		if (swap.to !== asker.viewer?.member) {
			log.warn({ role: asker.viewer?.role }, 'refused: answer of a swap');
			return notYours(form, 'Only whoever was asked can answer.');
		}
		const agreed = form.get('answer') === 'yes';
		const { home, weekBegin } = await familyFacts(asker.householdId);
		const weekOf = (day: CivilDay) => (day >= addDays(weekBegin, 7) ? addDays(weekBegin, 7) : weekBegin);
		const counted = await transaction(async (db) => {
			if (!(await answerSwap(db, asker.householdId, id, agreed ? 'agreed' : 'refused', now()))) return false;
			if (agreed) {
				await putTurn(db, asker.householdId, weekOf(swap.due), {
					line: swap.line,
					due: swap.due,
					member: swap.to
				});
				if (swap.back)
					await putTurn(db, asker.householdId, weekOf(swap.back.due), {
						line: swap.back.line,
						due: swap.back.due,
						member: swap.from
					});
			}
			return true;
		});
		const name = home.lineById.get(swap.line)?.job.name ?? 'It';
		if (!counted) return { said: 'That was answered already.' };
		return { said: agreed ? `${name} is yours now.` : `${name} stays with ${memberName(home, swap.from)}.` };
	});
}
