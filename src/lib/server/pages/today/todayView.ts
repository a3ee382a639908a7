/** Today as the page shows it. */
import { addDays, isoOf } from '$core/calendar/civil';
import { wallTime } from '$core/calendar/instant';
import { minutesToDo } from '$core/schedule/agenda';
import type { DaySeries } from '$core/schedule/readDay';
import type { TagView, TodayView } from '$views/today';
import { clockText, duration, longDate, plural, shortDate } from '$words/general';
import { v7 as uuidv7 } from 'uuid';
import { chooseNext } from './nextAct';
import { partViews, doneViews, wentBy } from './parts';
import { peopleViews, peopleWords } from './peopleOfDay';
import { runningPails } from './runningPails';
import { sheetOf } from './sheet';
import { stringViews } from './strings';
import { countLeft, summaryOf } from './summary';
import type { Facts } from './todayFacts';
import { tagOf } from './tags';
import { heldViews } from './heldOver';
import { zoneView } from './zoneOfDay';

export function view(facts: Facts): TodayView {
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
