/** Share out the jobs of a week: who takes what and why, what if, by hand, and swaps with consent. */
import { againstWords, barredWords } from '$words/people';
import { CREW_WEEK_SAYS } from '$words/answers/people';
import { addDays, isoOf, parseDay, partsOf, type CivilDay } from '$core/calendar/civil';
import { DAY_PARTS } from '$core/calendar/dayParts';
import { isWellOver } from '$core/people/agreedShares';
import {
	changedOccurrences,
	furthestOff,
	standsAgainst,
	standsBefore,
	type AssignedWeek
} from '$core/people/assignWeek';
import { occurrenceId, type Absence, type WeekOccurrence } from '$core/people/weekOccurrences';
import { ownPartOf } from '$core/schedule/agenda';
import type { WeekCloth, WeekLine, WeekView } from '$views/people';
import { dayAhead, dayMonth, lowerNumber, plural, weekdayName } from '$words/general';
import { memberName } from '$words/names';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { openSwaps } from '../../repo/assignmentRepo';
import { type Asker } from '../../services/ledger/whoMay';
import { familyFacts, proposeWeek, type FamilyFacts } from '../../services/people/familyFacts';
import { aheadOf, shownWeek } from '../../services/people/week';
import { zoneMark } from '../today/jobRows';
import { offWords, whyView } from './loadCrew';

interface WeekQuery {
	readonly week: string | null;
	readonly day: string | null;
	readonly turn: string | null;
	readonly without: string | null;
	readonly from: string | null;
	readonly to: string | null;
}

function clothOf(facts: FamilyFacts, turn: WeekOccurrence): WeekCloth {
	const { home } = facts;
	return {
		turn: turn.id,
		name: turn.line.job.name,
		minutes: turn.minutes,
		zone: zoneMark(home, turn.line.room.zone),
		held: facts.thisWeek.some((row) => row.held && occurrenceId(row.line, row.due) === turn.id),
		done: false
	};
}

function linesOf(facts: FamilyFacts, week: AssignedWeek, day: CivilDay): WeekLine[] {
	const { home } = facts;
	const turns = week.occurrences.filter((turn) => turn.due === day);
	const line = (
		id: string | null,
		name: string,
		mine: readonly WeekOccurrence[],
		words: string
	): WeekLine => ({
		id,
		name,
		words,
		minutes: mine.reduce((sum, turn) => sum + turn.minutes, 0),
		parts: [...DAY_PARTS, null].map((part) =>
			mine.filter(({ line: own }) => ownPartOf(own) === part).map((turn) => clothOf(facts, turn))
		)
	});
	const people = home.members
		.filter((member) => member.role !== 'device')
		.map((member) => {
			const mine = turns.filter((turn) => week.given.get(turn.id)?.to === member.id);
			return line(member.id, member.name, mine, '');
		});
	const by = (how: string) => turns.filter((turn) => week.given.get(turn.id)?.how === how);
	const others = [
		line(null, CREW_WEEK_SAYS.whoeverComesFirst, by('free'), 'free'),
		line(null, CREW_WEEK_SAYS.nobodyCan, by('nobody'), 'nobody'),
		line(null, CREW_WEEK_SAYS.canLie, by('lies'), 'lies')
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
	const turn = week.occurrences.find((one) => one.id === query.turn);
	const day =
		turn?.due ?? (askedDay !== null && inWeek(askedDay) ? askedDay : inWeek(today) ? today : weekBegin);
	const swaps = await reading((db) => openSwaps(db, asker.householdId, today));
	const changes = facts.givenAt === null ? 0 : changedOccurrences(week, proposed).length;
	const total = week.balance.reduce((sum, one) => sum + one.minutes, 0);
	return {
		formId: uuidv7(),
		week: query.week === 'next' ? 'next' : 'this',
		title: CREW_WEEK_SAYS.theWeekFrom(dayMonth(weekBegin)),
		days: Array.from({ length: 7 }, (_, i) => {
			const date = addDays(weekBegin, i);
			return {
				date: isoOf(date),
				letter: weekdayName(date).slice(0, 3),
				day: partsOf(date).day,
				minutes: Math.round(
					week.occurrences.filter((one) => one.due === date).reduce((sum, one) => sum + one.minutes, 0)
				),
				isToday: date === today,
				isPast: date < today
			};
		}),
		day: isoOf(day),
		dayName: day === today ? CREW_WEEK_SAYS.today(weekdayName(day)) : weekdayName(day),
		lines: linesOf(facts, week, day),
		balance: week.balance.map((one) => ({
			id: one.member,
			name: memberName(home, one.member),
			given: Math.round(one.given),
			off: total > 0 ? (one.minutes - one.agreed) / total : 0,
			words: offWords(one.minutes - one.agreed),
			heavy: isWellOver(one.minutes - one.agreed, one.agreed)
		})),
		furthest: furthestOff(proposed),
		against: [
			...standsAgainst(proposed).map((one) =>
				againstWords(memberName(home, one.member), one.own, one.turns, one.byHand)
			),
			...standsBefore(proposed).map((one) => barredWords(memberName(home, one.member), one.reasons))
		].filter((words) => words !== null),
		isGiven: facts.givenAt !== null,
		givenWords:
			facts.givenAt === null
				? CREW_WEEK_SAYS.notSharedOutYetThis
				: changes > 0
					? CREW_WEEK_SAYS.givenOutMeanwhileWouldCome(lowerNumber(changes), plural(changes, 'job'))
					: CREW_WEEK_SAYS.sharedOutAsEvenlyAs,
		changes,
		why: whyView(facts, week, query.turn),
		swaps: swaps.map((swap) => ({
			id: swap.id,
			words: CREW_WEEK_SAYS.asksToTake(
				memberName(home, swap.from),
				memberName(home, swap.to),
				home.seriesById.get(swap.line)?.job.name ?? swap.line,
				dayAhead(swap.due, today),
				swap.back
					? `, for ${home.seriesById.get(swap.back.line)?.job.name ?? swap.back.line} ${dayAhead(swap.back.due, today)}`
					: ''
			),
			mine: swap.to === asker.viewer?.member
		})),
		inReturn: inReturnOf(facts, week, query.turn),
		trial: trialOf(facts, week, query),
		members: home.members.filter((member) => member.role !== 'device').map(({ id, name }) => ({ id, name })),
		weekEnd: isoOf(addDays(weekBegin, 6)),
		today: isoOf(today > weekBegin ? today : weekBegin)
	};
}

/** Turns of those who could take a turn, that whoever has it could take in return. */
function inReturnOf(facts: FamilyFacts, week: AssignedWeek, id: string | null): WeekView['inReturn'] {
	const turn = week.occurrences.find((one) => one.id === id);
	const from = turn ? (week.given.get(turn.id)?.to ?? null) : null;
	if (!turn || from === null) return [];
	const can = (of: WeekOccurrence, member: string) =>
		of.candidates.some((one) => one.member.id === member && one.why.length === 0);
	return turn.candidates
		.filter((one) => one.why.length === 0 && one.member.id !== from)
		.map(({ member }) => ({
			name: member.name,
			turns: week.occurrences
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
function trialOf(facts: FamilyFacts, now: AssignedWeek, query: WeekQuery): WeekView['trial'] {
	const { home, today, weekBegin } = facts;
	const member = home.members.find((one) => one.id === query.without);
	if (!member) return null;
	const from = parseDay(query.from ?? '') ?? (today > weekBegin ? today : weekBegin);
	const to = parseDay(query.to ?? '') ?? addDays(weekBegin, 6);
	const absence: Absence = { member: member.id, from, to: to < from ? from : to };
	const then = proposeWeek(facts, [absence]);
	const moved = changedOccurrences(now, then).flatMap((id) => {
		const turn = then.occurrences.find((one) => one.id === id);
		const mine = now.given.get(id)?.to === member.id;
		return turn && mine ? [{ turn, to: then.given.get(id)?.to ?? null }] : [];
	});
	const more = then.balance.flatMap((one) => {
		const before = now.balance.find((two) => two.member === one.member)?.given ?? 0;
		const by = one.given - before;
		return one.member !== member.id && by >= 1
			? [CREW_WEEK_SAYS.minutesMore(memberName(home, one.member), Math.round(by))]
			: [];
	});
	return {
		member: member.id,
		name: member.name,
		from: isoOf(absence.from),
		to: isoOf(absence.to),
		moved: moved.map(({ turn, to: taker }) => ({
			name: turn.line.job.name,
			when: dayAhead(turn.due, today),
			to: taker === null ? 'nobody' : memberName(home, taker)
		})),
		more,
		nobody: [...then.given.values()].filter((one) => one.how === 'nobody').length
	};
}
