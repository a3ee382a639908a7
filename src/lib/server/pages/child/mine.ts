/** The own page of a child or helper: their things of the day, the gate, help, the look-round. */
import { MINE_SAYS } from '$words/answers/child';
import { isoOf } from '$core/calendar/civil';
import { whoseTurn } from '$core/people/ownList';
import { homeSpans, inChargeAt } from '$core/people/presence';
import { mentorsOf } from '$core/people/mentors';
import { lookRounds, rungToPractise } from '$core/people/rungs';
import { candidatesFor } from '$core/people/weekOccurrences';
import { type DaySeries } from '$core/schedule/readDay';
import { effectiveLedger } from '$core/schedule/series';
import type { LookView, MineView, ThingView } from '$views/child';
import { dayAhead, listNames, numberWord, plural } from '$words/general';
import { memberName } from '$words/names';
import { LEARNING } from '$words/people';
import { thingOf } from '$words/thing';
import { error } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { asItIs } from '../../services/session/addEvent';
import { openCalls, openSwaps } from '../../repo/assignmentRepo';
import { loadSessionsAround } from '../../repo/sessionRepo';
import { type Asker } from '../../services/ledger/whoMay';
import { lookOf, mineOf, type Mine } from '../../services/people/child';
import { ribbonOf } from '../../services/people/familyFacts';
import { awayToday } from '../people/loadCrew';
import { jobCautions, usePerson } from '../supplies/cautionLines';
import { zoneMark } from '../today/jobRows';
import { loadNotes, notesAt, type Notes } from '../today/notes';

/** A child is shown so many things at once. */
const AT_ONCE = 3;

function thingView(facts: Mine, notes: Notes, line: DaySeries): ThingView {
	const { home, me, today, entries, given } = facts;
	const { job, room, part } = line.line;
	const look = lookOf(facts, line);
	const isDone = line.ticks.length > 0 && line.state !== 'due' && line.state !== 'late';
	const asks = job.lookRound.length > 0 && look.done !== null;
	const carrier = inChargeAt(home.members, today, facts.minute, awayToday(facts, today));
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
	const others = whoseTurn(home.home, line, today, given).filter((id) => id !== me.id);
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
				? MINE_SAYS.nowLookRound
				: state === 'looked'
					? MINE_SAYS.looksAtIt(carrier?.name ?? 'A grown-up')
					: state === 'done'
						? 'done'
						: part === 'evening' || job.parts[0] === 'evening'
							? MINE_SAYS.thisEvening
							: '',
		back: state === 'todo' && back?.answer?.point ? back.answer.point : null,
		entry: tick?.id ?? null,
		cautions: state === 'todo' ? jobCautions(home, job, line.depth, usePerson(me, today)) : [],
		notes:
			state === 'todo'
				? [...(job.note ? [job.note] : []), ...notesAt(notes, line, facts.projection, today)]
				: [],
		could:
			state === 'todo'
				? candidatesFor(home, line.line, today, entries, awayToday(facts, today))
						.filter((one) => one.why.length === 0 && one.member.id !== me.id)
						.map(({ member }) => ({ id: member.id, name: memberName(home, member.id) }))
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
			const rung = rungToPractise(job, me, entries, today);
			if (!rung || whoseTurn(home.home, line, today, given).includes(me.id)) return [];
			// Whoever has the job today, as far as they can teach it; else any grown-up who may do it.
			const mentors = mentorsOf(me, job, home.members, entries, today);
			const turn = whoseTurn(home.home, line, today, given);
			const beside = mentors.filter((one) => turn.includes(one.id));
			if (mentors.length === 0) return [];
			const with_ = beside.length > 0 ? listNames(beside.map((one) => one.name)) : LEARNING.withGrownUp;
			const name = job.rungs[rung.rung] ?? '';
			return [rung.stage === 'with' ? `${name}, with ${with_}` : name];
		})
		.slice(0, 2);
}

export async function loadMine(asker: Asker): Promise<MineView> {
	const facts = await mineOf(asker);
	const { home, me, today, at, lines } = facts;
	const { family } = home.home.household;
	const isChild = me.role === 'child';
	const notes = await reading((db) => loadNotes(db, asker.householdId, today));
	const things = lines.map((line) => thingView(facts, notes, line));
	const free = facts.free.map((line) => thingView(facts, notes, line));
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
		name: memberName(home, me.id),
		isChild,
		words:
			things.length === 0
				? free.length > 0
					? MINE_SAYS.nothingOfYourOwn
					: me.role === 'helper' && homeSpans(me, today).length === 0
						? MINE_SAYS.notYourDay
						: MINE_SAYS.nothingToday
				: open.length === 0
					? MINE_SAYS.allDone
					: `${numberWord(open.length)} ${plural(open.length, 'thing')} ${finished.length > 0 ? 'left' : 'today'}`,
		next,
		things: [...shownOpen, ...shownDone],
		free,
		gate:
			isChild && family.gate !== null && things.length > 0
				? { name: family.gate, left: open.length, of: things.length }
				: null,
		calling: calls.some((call) => call.member === me.id),
		pail:
			sessions.map((one) => asItIs(one, facts.home, at)).find((one) => !one.isOver && one.member === me.id)
				?.id ?? null,
		growing: growingOf(facts),
		ribbon: wears ? { duties: family.ribbon.duties, choices: family.ribbon.choices } : null,
		swaps: swaps
			.filter((swap) => swap.to === me.id)
			.map((swap) => ({
				id: swap.id,
				words: MINE_SAYS.asksWillYouTake(
					memberName(home, swap.from),
					home.seriesById.get(swap.line)?.job.name ?? 'a job',
					dayAhead(swap.due, today)
				)
			}))
	};
}

export async function loadLook(asker: Asker, lineId: string, at: string | null): Promise<LookView> {
	const facts = await mineOf(asker);
	const line = facts.lines.find((one) => one.line.id === lineId);
	if (!line || line.line.job.lookRound.length === 0)
		error(404, { message: MINE_SAYS.thereIsNothingToCheck, remedy: MINE_SAYS.goBackToYourList });
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
		looksToo: inChargeAt(home.members, today, minute, awayToday(facts, today))?.name ?? MINE_SAYS.aGrownUp
	};
}
