/** Today as the page shows it. */
import { TODAY_VIEW_SAYS } from '$words/answers/today';
import { nextLine } from '$core/people/nextLine';
import { addDays, isoOf } from '$core/calendar/civil';
import { wallTime } from '$core/calendar/instant';
import type { DaySeries } from '$core/schedule/readDay';
import type { JobRow, TodayView } from '$views/today';
import { clockText, dayAhead, longDate, shortDate } from '$words/general';
import { memberName } from '$words/names';
import { swapText } from '$words/people';
import { v7 as uuidv7 } from 'uuid';
import { doneViews, wentBy } from './doneOfDay';
import { enoughWords } from './enoughForToday';
import { notesAt } from './notes';
import { otherWays } from './otherWays';
import { partViews } from './parts';
import { peopleViews, peopleWords } from './peopleOfDay';
import { runningPails } from './runningPails';
import { sheetOf } from './sheet';
import { stringViews } from './strings';
import { countLeft, summaryOf } from './summary';
import type { Facts } from './todayFacts';
import { jobRow } from './jobRows';
import { overdueViews } from './overdue';
import { zoneView } from './zoneOfDay';

export function view(facts: Facts): TodayView {
	const { home, day, hung, running, today, query, relation } = facts;
	const rules = home.home.household;
	const members = home.members.filter((m) => m.role !== 'device');
	const organiser = members.find((m) => m.role === 'organiser') ?? members[0];
	const me = members.find((m) => m.id === query.me) ?? (query.isDevice ? undefined : organiser);
	const pails = relation === 'today' ? runningPails(facts) : [];
	const inPail = new Map(
		pails.flatMap(({ pail, lines }) => lines.map((line): [string, string] => [line, pail.name]))
	);
	const rowOf = (line: DaySeries): JobRow => ({
		...jobRow(home, line, today, facts.given, day.date),
		inPail: inPail.get(line.line.id) ?? null,
		notes: notesAt(facts.notes, line, facts.projection, day.date)
	});
	const row = (line: DaySeries): JobRow => {
		const made = rowOf(line);
		return made.inPail ? { ...made, glyph: 'running' } : made;
	};
	const done = doneViews(facts);
	const coming = relation === 'today' ? nextLine(facts, inPail, me?.id ?? null) : null;
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
		summary: summaryOf(relation, hung, left, done),
		kind: day.isFree ? TODAY_VIEW_SAYS.aFreeDay : day.isCatchUp ? TODAY_VIEW_SAYS.catchUpDay : null,
		next: coming ? row(coming) : null,
		parts: partViews(facts, row, me?.id ?? ''),
		done,
		wentBy: relation === 'past' ? wentBy(facts).map(rowOf) : [],
		strings: relation === 'today' ? stringViews(facts, query.now, query.isDevice ? null : query.me) : [],
		leftOpen: facts.leftOpen,
		growing: facts.growing,
		swaps: facts.swaps
			.filter((swap) => swap.to === me?.id)
			.map((swap) => ({
				id: swap.id,
				words: swapText(
					memberName(home, swap.from),
					home.seriesById.get(swap.line)?.job.name ?? '',
					dayAhead(swap.due, today)
				)
			})),
		onCall:
			relation === 'today' && !query.isDevice
				? day.lines
						.filter((line) => line.line.job.cadence.type === 'onCall' && line.state === 'resting')
						.map((line) => ({ line: line.line.id, name: line.line.job.name }))
				: [],
		pails: pails.map(({ pail }) => pail),
		zone: zoneView(facts),
		hasZones: facts.home.rotation.zones.length > 0,
		...overdueViews(facts, rowOf),
		otherWays: relation === 'today' ? otherWays(facts, me?.id ?? '') : [],
		enoughWords: enoughWords(facts),
		open: hung.open.map(row),
		off: hung.off.map(rowOf),
		enough: day.enough,
		depth: day.declared?.depth ?? 'usual',
		people: peopleViews(facts),
		peopleWords: peopleWords(facts),
		me: me?.id ?? '',
		isDevice: query.isDevice ?? false,
		members: members.map((m) => ({ id: m.id, name: m.name })),
		rooms: home.rooms.map(({ id, name }) => ({ id, name })),
		minutesLeft: hung.minutesLeft,
		sheet: sheetOf(facts, rowOf, done),
		formId: uuidv7()
	};
}
