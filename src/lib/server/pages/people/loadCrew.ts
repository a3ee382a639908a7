/** Crew: who has carried what against the agreed shares, who is at home, and why a job is whose. */
import { LOAD_CREW_SAYS } from '$words/answers/people';
import { addDays, isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import type { Member } from '$core/household/home';
import { agreedShares, isWellOver } from '$core/people/agreedShares';
import { explain, type AssignedWeek } from '$core/people/assignWeek';
import { fourWeeksFrom, minutesDoneBetween } from '$core/people/minutesDone';
import { homeSpans, inChargeAt, inChargeSpans, presenceOf } from '$core/people/presence';
import { lookRounds, stateOfRungs } from '$core/people/rungs';
import { awayOn } from '$core/people/weekOccurrences';
import { effectivePauses } from '$core/schedule/projection';
import type { CrewPerson, CrewView, PresenceRow, WhyView } from '$views/people';
import { clockText, dayAhead, dayMonth, shortDate, weekdayName } from '$words/general';
import { memberName, thingName } from '$words/names';
import { cannotText, reasonText } from '$words/people';
import { v7 as uuidv7 } from 'uuid';
import { familyFacts, proposeWeek, ribbonOf, type FamilyFacts } from '../../services/people/familyFacts';
import { shownWeek } from '../../services/people/week';

const timeOf = (minute: number, clock: '24h' | '12h') =>
	clockText(
		`${String(Math.floor(minute / 60) % 24).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`,
		clock
	);

export const offWords = (off: number) =>
	Math.abs(off) < 5
		? LOAD_CREW_SAYS.asAgreed
		: off > 0
			? LOAD_CREW_SAYS.minMoreThanAgreed(Math.round(off))
			: LOAD_CREW_SAYS.minLessThanAgreed(Math.round(-off));

/** Members who are away on a day: by a pause, or a stretch away. */
export const awayToday = (facts: FamilyFacts, day: CivilDay) =>
	awayOn(effectivePauses(facts.projection.home), day);

/** Why a turn is whose, and who else could, in words. */
export function whyView(facts: FamilyFacts, week: AssignedWeek, id: string | null): WhyView | null {
	const turn = week.occurrences.find((one) => one.id === id);
	const why = turn ? explain(week, turn.id) : null;
	if (!turn || !why) return null;
	const { home, today } = facts;
	const { clock } = home.home.household;
	const nameOf = (one: string) => memberName(home, one);
	const names = { nameOf, thingOf: (thing: string) => thingName(home, thing) };
	const to = why.to === null ? null : { id: why.to, name: nameOf(why.to) };
	const given = week.given.get(turn.id)?.how;
	const nobody =
		given === 'free'
			? [LOAD_CREW_SAYS.itIsFreeWhoeverComes]
			: given === 'lies'
				? [LOAD_CREW_SAYS.somebodyIsIllAndThis]
				: to === null
					? [LOAD_CREW_SAYS.nobodyCanTakeItThat]
					: [];
	return {
		turn: turn.id,
		title: to ? LOAD_CREW_SAYS.why(to.name, turn.line.job.name) : turn.line.job.name,
		when: `${dayAhead(turn.due, today)}, ${turn.minutes} min`,
		reasons: [...nobody, ...why.reasons.map((reason) => reasonText(reason, to?.name ?? '', names))].slice(
			0,
			3
		),
		could: why.could.map((one) => {
			const member = home.members.find((m) => m.id === one) as Member;
			const from = homeSpans(member, turn.due)[0]?.from ?? 0;
			const spans = homeSpans(member, turn.due);
			return {
				id: one,
				name: member.name,
				words: spans.length === 1 && from > 5 * 60 ? `from ${timeOf(from, clock)}` : ''
			};
		}),
		cannot: turn.candidates
			.filter((one) => one.why.length > 0)
			.map((one) => ({
				name: one.member.name,
				words: cannotText(one.member.name, one.why[0] as (typeof one.why)[number], names)
			})),
		to
	};
}

function presenceRow(facts: FamilyFacts, member: Member, days: readonly CivilDay[]): PresenceRow {
	const { clock } = facts.home.home.household;
	return {
		name: member.name,
		days: days.map((day) => {
			const spans = awayToday(facts, day).has(member.id) ? [] : homeSpans(member, day);
			const is = presenceOf(spans);
			if (!is) return { kind: 'away', from: 0, to: 1, words: `${shortDate(day)}: away` };
			return {
				kind: is.all ? 'all' : 'part',
				from: is.from,
				to: is.to,
				words: `${shortDate(day)}: ${
					is.all
						? LOAD_CREW_SAYS.atHome
						: spans
								.map((span) => LOAD_CREW_SAYS.fromTo(timeOf(span.from, clock), timeOf(span.to, clock)))
								.join(', ')
				}`
			};
		})
	};
}

/** How many look-rounds of the children wait for an answer, and how many rungs are ready for the next stage. */
export function growthCounts(facts: FamilyFacts): { looks: number; ready: number } {
	let looks = 0;
	let ready = 0;
	for (const child of facts.home.members.filter((one) => one.role === 'child')) {
		for (const job of facts.home.home.jobs) {
			looks += lookRounds(facts.entries, child.id, job.id).filter((one) => one.answer === null).length;
			if (job.rungs.length > 0)
				ready += stateOfRungs(job, child.id, facts.entries).filter((one) => one.ready !== null).length;
		}
	}
	return { looks, ready };
}

export async function loadCrew(household: string, asked: string | null): Promise<CrewView> {
	const facts = await familyFacts(household);
	const { home, entries, today, minute, weekBegin } = facts;
	const { family, clock } = home.home.household;
	const week = shownWeek(facts, proposeWeek(facts));
	const stillToDo = (member: string) =>
		(facts.givenAt === null ? [] : week.occurrences)
			.filter((turn) => week.given.get(turn.id)?.to === member)
			.reduce((total, turn) => total + turn.minutes, 0);
	const shares = agreedShares(home.home, weekBegin);
	const thisWeek = minutesDoneBetween(home, entries, weekBegin, today);
	const four = minutesDoneBetween(home, entries, fourWeeksFrom(weekBegin), today);
	const sum = (of: typeof four) => [...of.values()].reduce((total, one) => total + one.minutes, 0);
	const [weekSum, fourSum] = [sum(thisWeek), sum(four)];
	const wears = ribbonOf(facts, today);
	const carrier = inChargeAt(home.members, today, minute, awayToday(facts, today));
	const people = home.members
		.filter((member) => member.role !== 'device')
		.map((member): CrewPerson => {
			const share = shares.get(member.id) ?? 0;
			const [w, f] = [thisWeek.get(member.id), four.get(member.id)];
			// Over a week a few minutes say little: what is said is said of the four weeks.
			const off = (f?.minutes ?? 0) - share * fourSum;
			const later = inChargeSpans(member, today).find((span) => span.from > minute);
			const next = homeSpans(member, today).length === 0 && share > 0 ? nextHome(facts, member) : null;
			return {
				id: member.id,
				name: member.name,
				week: Math.round(w?.minutes ?? 0),
				weekAgreed: Math.round(share * weekSum),
				four: Math.round(f?.minutes ?? 0),
				fourAgreed: Math.round(share * fourSum),
				stillToDo: Math.round(stillToDo(member.id)),
				hidden: Math.round(f?.hidden ?? 0),
				weekPart: weekSum > 0 ? (w?.minutes ?? 0) / weekSum : 0,
				fourPart: fourSum > 0 ? (f?.minutes ?? 0) / fourSum : 0,
				share,
				words: next ?? offWords(off),
				heavy: next === null && isWellOver(off, share * fourSum),
				carries:
					carrier?.id === member.id
						? LOAD_CREW_SAYS.looksAfter
						: later
							? LOAD_CREW_SAYS.from(timeOf(later.from, clock))
							: null,
				ribbon: wears === member.id,
				isChild: member.role === 'child'
			};
		});
	const days = Array.from({ length: 14 }, (_, i) => addDays(weekBegin, i));
	const first = [...week.given].find(
		([id, given]) =>
			(given.how === 'turn' || given.how === 'shared') &&
			week.occurrences.find((one) => one.id === id)?.due === today
	)?.[0];
	const tomorrow = addDays(today, 1);
	const helper = home.members.find((one) => one.role === 'helper' && homeSpans(one, tomorrow).length > 0);
	const helps = helper
		? week.occurrences
				.filter((turn) => turn.due === tomorrow && week.given.get(turn.id)?.to === helper.id)
				.reduce((total, turn) => total + turn.minutes, 0)
		: 0;
	const counts = growthCounts(facts);
	return {
		formId: uuidv7(),
		people,
		note:
			helper && helps > 0
				? LOAD_CREW_SAYS.tomorrowTakesMinutes(helper.name, Math.round(helps))
				: facts.givenAt === null
					? LOAD_CREW_SAYS.thisWeekHasNotBeen
					: LOAD_CREW_SAYS.thisWeekWasGivenOut(
							shortDate(toDay(isoOf(Math.floor(facts.givenAt / 86_400_000) as CivilDay)))
						),
		sharesWords: LOAD_CREW_SAYS.shares(
			family.shares.agreedOn ? LOAD_CREW_SAYS.agreedOn(dayMonth(toDay(family.shares.agreedOn))) : '',
			LOAD_CREW_SAYS.by[family.shares.by]
		),
		days: days.map((day) => ({
			letter: weekdayName(day).slice(0, 1),
			name: shortDate(day),
			isToday: day === today
		})),
		presence: home.members
			.filter((member) => member.role !== 'device')
			.map((member) => presenceRow(facts, member, days)),
		why: whyView(facts, week, asked ?? first ?? null),
		...counts,
		ribbon:
			wears === null
				? null
				: { name: memberName(home, wears), duties: family.ribbon.duties, choices: family.ribbon.choices },
		givenOut: facts.givenAt !== null,
		isShared: people.length > 1
	};
}

/** When somebody who is not here today comes next, in words; null for not within two weeks. */
function nextHome(facts: FamilyFacts, member: Member): string | null {
	for (let i = 1; i < 14; i++) {
		const day = addDays(facts.today, i);
		if (homeSpans(member, day).length > 0 && !awayToday(facts, day).has(member.id))
			return i === 1 ? LOAD_CREW_SAYS.comesTomorrow : LOAD_CREW_SAYS.comesOn(weekdayName(day));
	}
	return null;
}
