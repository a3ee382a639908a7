/** The own page of a child or helper: their things of the day, the gate, help, the look-round. */
import { error, fail, redirect } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { isoOf, type CivilDay } from '$core/calendar/civil';
import { householdTime, partRunning } from '$core/calendar/instant';
import { DAY_PARTS } from '$core/household/fields';
import type { LedgerEntry } from '$core/household/entry';
import type { Member } from '$core/household/home';
import { ownLines, whoseTurn, type GivenTurns } from '$core/people/ownList';
import { whoCarries } from '$core/people/presence';
import { lookRounds, rungToPractise } from '$core/people/rungs';
import { candidatesFor } from '$core/people/weekTurns';
import { partOf } from '$core/routine/hang';
import { effectiveLedger } from '$core/routine/line';
import { readDay, type DayLine } from '$core/routine/readDay';
import { thingOf } from '$ui/mine/things';
import type { LookView, MineView, ThingView } from '$ui/mine/view';
import { refusalText } from '$ui/refusals';
import { dayAhead, listNames, numberWord, plural } from '$ui/words';
import { now } from '../clock';
import { reading, transaction } from '../db/pool';
import { callHelp, cameToHelp, openCalls, openSwaps } from '../store/handoutStore';
import { recordEntries } from '../store/record';
import { loadSessionsAround } from '../store/sessionStore';
import { awayToday, ribbonOf } from './crew';
import { familyFacts, type FamilyFacts } from './family';
import { acting, typed } from './guard';
import { memberName, zoneMark } from './tags';
import { givenFor, type Asker } from './who';

/** A child is shown so many things at once. */
const AT_ONCE = 3;

interface Mine extends FamilyFacts {
	readonly me: Member;
	readonly given: GivenTurns;
	readonly lines: readonly DayLine[];
	readonly all: readonly DayLine[];
}

async function mineOf(asker: Asker): Promise<Mine> {
	const facts = await familyFacts(asker.householdId);
	const me = facts.home.home.members.find((one) => one.id === asker.viewer?.member);
	if (!me)
		error(404, { message: 'There is no list for this device.', remedy: 'Say who you are, or go to Today.' });
	const given = await reading((db) => givenFor(db, asker.householdId, facts.today));
	const day = readDay(facts.home, facts.standing, facts.today);
	const running = partRunning(facts.minute, facts.home.home.household);
	const place = (line: DayLine) => {
		const at = DAY_PARTS.indexOf(partOf(line, running));
		// What hangs now first, then what comes, then what went by.
		return (at - DAY_PARTS.indexOf(running) + 3) % 3;
	};
	const lines = ownLines(day.lines, me.id, facts.today, given)
		.filter((line) => line.state !== 'open' || line.ticks.length > 0)
		.sort((a, b) => place(a) - place(b) || b.worth - a.worth || (a.line.id < b.line.id ? -1 : 1));
	return { ...facts, me, given, lines, all: day.lines };
}

/** The look-round of a line today, as far as it has come. */
function lookOf(facts: Mine, line: DayLine): { done: string | null; state: 'none' | 'asked' | 'answered' } {
	const { me, entries, today } = facts;
	const done = effectiveLedger(entries).filter(
		(entry) =>
			entry.outcome === 'done' &&
			entry.by === me.id &&
			entry.date === today &&
			entry.job === line.line.job.id &&
			entry.part === line.line.part
	);
	const last = done.at(-1)?.id ?? null;
	const look = lookRounds(entries, me.id, line.line.job.id).find((one) => one.asked.done === last);
	return { done: last, state: last === null || !look ? 'none' : look.answer ? 'answered' : 'asked' };
}

function thingView(facts: Mine, line: DayLine): ThingView {
	const { home, me, today, entries, given } = facts;
	const { job, room, part } = line.line;
	const look = lookOf(facts, line);
	const isDone = line.ticks.length > 0 && line.state !== 'due' && line.state !== 'late';
	const asks = job.lookRound.length > 0 && look.done !== null;
	const carrier = whoCarries(home.home.members, today, facts.minute, awayToday(facts, today));
	const state = !isDone
		? 'todo'
		: !asks || look.state === 'answered'
			? 'done'
			: look.state === 'asked'
				? 'looked'
				: 'look';
	const back = lookRounds(entries, me.id, job.id).findLast(
		(one) => one.answer?.verdict === 'back' && one.answer.date >= today - 1
	);
	const others = whoseTurn(line, today, given).filter((id) => id !== me.id);
	const tick = effectiveLedger(entries).findLast(
		(entry) => line.ticks.includes(entry.id) && entry.by === me.id
	);
	return {
		line: line.line.id,
		name: job.name,
		room: room.name,
		minutes: line.minutes * (1 - line.shareDone),
		beside: listNames(others.map((id) => memberName(home, id))),
		weave: zoneMark(home, room.zone)?.weave ?? null,
		thing: thingOf(job.name, job.subject ?? '', room.kind),
		state,
		words:
			state === 'look'
				? 'Now look round'
				: state === 'looked'
					? `${carrier?.name ?? 'A grown-up'} looks at it`
					: state === 'done'
						? 'done'
						: part === 'evening' || job.parts[0] === 'evening'
							? 'this evening'
							: '',
		back: state === 'todo' && back?.answer?.point ? back.answer.point : null,
		entry: tick?.id ?? null,
		could:
			state === 'todo'
				? candidatesFor(home, line.line, today, entries, awayToday(facts, today))
						.filter((one) => one.why.length === 0 && one.member.id !== me.id)
						.map(({ member }) => ({ id: member.id, name: member.name }))
				: []
	};
}

/** What a child practises today beside somebody: rungs of jobs that somebody else has. */
function growingOf(facts: Mine): string[] {
	const { home, me, entries, all, today, given } = facts;
	if (me.role !== 'child') return [];
	return all
		.filter((line) => (line.state === 'due' || line.state === 'late') && line.line.job.rungs.length > 0)
		.flatMap((line) => {
			const { job } = line.line;
			if (job.who.members.length > 0 && !job.who.members.includes(me.id)) return [];
			const rung = rungToPractise(job, me, entries);
			const beside = whoseTurn(line, today, given).filter((id) => id !== me.id);
			if (!rung || beside.length === 0) return [];
			const name = job.rungs[rung.rung] ?? '';
			return [
				rung.stage === 'with' ? `${name}, with ${listNames(beside.map((id) => memberName(home, id)))}` : name
			];
		})
		.slice(0, 2);
}

export async function loadMine(asker: Asker): Promise<MineView> {
	const facts = await mineOf(asker);
	const { home, me, today, at, lines } = facts;
	const { family } = home.home.household;
	const isChild = me.role === 'child';
	const things = lines.map((line) => thingView(facts, line));
	const open = things.filter((one) => one.state === 'todo' || one.state === 'look');
	const finished = things.filter((one) => one.state === 'looked' || one.state === 'done');
	// What is given back, or waits to be looked at, is the next act.
	const [next = null, ...more] = [...open].sort(
		(a, b) => Number(b.state === 'look' || b.back !== null) - Number(a.state === 'look' || a.back !== null)
	);
	const shownOpen = isChild ? more.slice(0, AT_ONCE - 1) : more;
	const shownDone = isChild ? finished.slice(-Math.max(1, AT_ONCE - 1 - shownOpen.length)) : finished;
	const [calls, sessions, swaps] = await reading((db) =>
		Promise.all([
			openCalls(db, asker.householdId, at - 3 * 3_600_000),
			loadSessionsAround(db, asker.householdId, today),
			openSwaps(db, asker.householdId, today)
		])
	);
	const wears = ribbonOf(facts, today) === me.id;
	return {
		formId: uuidv7(),
		date: isoOf(today),
		member: me.id,
		name: me.name,
		isChild,
		words:
			things.length === 0
				? 'Nothing today'
				: open.length === 0
					? 'All done'
					: `${numberWord(open.length)} ${plural(open.length, 'thing')} ${finished.length > 0 ? 'left' : 'today'}`,
		next,
		things: [...shownOpen, ...shownDone],
		gate:
			isChild && family.gate !== null && things.length > 0
				? { name: family.gate, left: open.length, of: things.length }
				: null,
		calling: calls.some((call) => call.member === me.id),
		pail: sessions.find((one) => !one.isOver && one.member === me.id)?.id ?? null,
		growing: growingOf(facts),
		ribbon: wears ? { duties: family.ribbon.duties, choices: family.ribbon.choices } : null,
		swaps: swaps
			.filter((swap) => swap.to === me.id)
			.map((swap) => ({
				id: swap.id,
				words: `${memberName(home, swap.from)} asks: will you take ${
					home.lineById.get(swap.line)?.job.name ?? 'a job'
				} ${dayAhead(swap.due, today)}?`
			}))
	};
}

/** Calls for help, or says that it is not needed any more. */
export function help(asker: Asker, form: FormData, came: boolean) {
	return acting(form, async () => {
		const member = asker.viewer?.member;
		const id = z.uuid().safeParse(form.get('id'));
		if (!member) return fail(400, { message: 'Say who you are first.', values: typed(form) });
		if (came) {
			await transaction((db) => cameToHelp(db, asker.householdId, { member }, now()));
			return { said: 'Good.' };
		}
		if (!id.success) return fail(400, { message: 'Reload the page and press again.', values: typed(form) });
		const line = String(form.get('line') ?? '').slice(0, 71);
		const { home } = await familyFacts(asker.householdId);
		await transaction((db) =>
			callHelp(
				db,
				asker.householdId,
				{ id: id.data, member, line: home.lineById.has(line) ? line : null },
				now()
			)
		);
		return { said: 'Somebody is on the way.' };
	});
}

export async function loadLook(asker: Asker, lineId: string, at: string | null): Promise<LookView> {
	const facts = await mineOf(asker);
	const line = facts.lines.find((one) => one.line.id === lineId);
	if (!line || line.line.job.lookRound.length === 0)
		error(404, { message: 'There is nothing to look round here.', remedy: 'Go back to your list.' });
	const points = line.line.job.lookRound;
	const { home, today, minute } = facts;
	const zone = zoneMark(home, line.line.room.zone);
	return {
		formId: uuidv7(),
		line: lineId,
		name: line.line.job.name,
		room: line.line.room.name,
		kind: line.line.room.kind,
		weave: zone?.weave ?? null,
		number: zone?.number ?? null,
		member: facts.me.name,
		points,
		at: Math.min(points.length - 1, Math.max(0, (Number(at) || 1) - 1)),
		looksToo: whoCarries(home.home.members, today, minute, awayToday(facts, today))?.name ?? 'A grown-up'
	};
}

/** The last point is clear: an adult is asked to look, too. */
export function lookedRound(asker: Asker, lineId: string, form: FormData) {
	return acting(form, async () => {
		const id = z.uuid().safeParse(form.get('id'));
		if (!id.success) return fail(400, { message: 'Reload the page and press again.', values: typed(form) });
		const facts = await mineOf(asker);
		const line = facts.lines.find((one) => one.line.id === lineId);
		if (!line || line.line.job.lookRound.length === 0)
			return fail(410, { message: 'There is nothing to look round here any more.', values: typed(form) });
		const look = lookOf(facts, line);
		if (look.done === null)
			return fail(409, { message: 'Do it first, then look round.', values: typed(form) });
		if (look.state === 'none') {
			const entry: LedgerEntry = {
				outcome: 'lookround',
				id: id.data,
				date: facts.today,
				by: facts.me.id,
				member: facts.me.id,
				chore: line.line.job.id,
				part: line.line.part as Extract<LedgerEntry, { outcome: 'lookround' }>['part'],
				verdict: 'asked',
				asking: null,
				done: look.done,
				point: null
			};
			const { date } = householdTime(facts.at, facts.home.home.household);
			const recorded = await transaction((db) =>
				recordEntries(db, asker.householdId, [entry], date as CivilDay, now())
			);
			if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal), values: typed(form) });
		}
		redirect(303, '/mine');
	});
}
