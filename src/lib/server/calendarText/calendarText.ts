/** The feed as iCalendar text (RFC 5545), made with ical.js; and a family calendar read into what it says here. */
import { CALENDAR_TEXT_SAYS } from '$words/answers/calendarText';
import { addDays, dayOf, partsOf, type CivilDay } from '$core/calendar/civil';
import type { FeedEvent } from '$core/formats/feed';
import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';

export interface CalendarHead {
	readonly name: string;
	readonly timeZone: string;
	readonly host: string;
	/** The revision of the home: rises with every change, so that calendars take the newer one. */
	readonly sequence: number;
	readonly stamp: number;
	readonly today: CivilDay;
	readonly todo: boolean;
}

const dateTime = (day: CivilDay) => {
	const { year, month, day: d } = partsOf(day);
	return ICAL.Time.fromData({ year, month, day: d, isDate: true });
};

/** VTIMEZONE of a zone over some years: each change of its clock as an observance of its own date. */
function timeZoneComponent(zone: string, from: CivilDay, years: number): InstanceType<typeof ICAL.Component> {
	const component = new ICAL.Component('vtimezone');
	component.addPropertyWithValue('tzid', zone);
	const { year } = partsOf(from);
	const offsetText = (nanoseconds: number) => {
		const minutes = Math.round(nanoseconds / 60e9);
		const sign = minutes < 0 ? '-' : '+';
		const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0');
		return `${sign}${two(minutes / 60)}:${two(Math.abs(minutes) % 60)}`;
	};
	let at = Temporal.PlainDateTime.from({ year: year - 1, month: 1, day: 1 }).toZonedDateTime(zone);
	const end = Temporal.PlainDateTime.from({ year: year + years, month: 1, day: 1 }).toZonedDateTime(zone);
	const observance = (kind: 'standard' | 'daylight', start: string, before: number, after: number) => {
		const sub = new ICAL.Component(kind);
		sub.addPropertyWithValue('dtstart', ICAL.Time.fromDateTimeString(start));
		sub.addPropertyWithValue('tzoffsetfrom', ICAL.UtcOffset.fromString(offsetText(before)));
		sub.addPropertyWithValue('tzoffsetto', ICAL.UtcOffset.fromString(offsetText(after)));
		component.addSubcomponent(sub);
	};
	observance(
		'standard',
		at.toPlainDateTime().toString({ smallestUnit: 'second' }),
		at.offsetNanoseconds,
		at.offsetNanoseconds
	);
	for (let n = 0; n < 40; n++) {
		const next = at.getTimeZoneTransition('next');
		if (!next || Temporal.ZonedDateTime.compare(next, end) > 0) break;
		const before = next.subtract({ nanoseconds: 1 }).offsetNanoseconds;
		const wall = next.toInstant().toZonedDateTimeISO('UTC').add({ nanoseconds: before }).toPlainDateTime();
		observance(
			next.offsetNanoseconds > before ? 'daylight' : 'standard',
			wall.toString({ smallestUnit: 'second' }),
			before,
			next.offsetNanoseconds
		);
		at = next;
	}
	return component;
}

/** The whole calendar. UIDs stay the same for the same line; dates are the household's own. */
export function calendarText(events: readonly FeedEvent[], head: CalendarHead): string {
	const calendar = new ICAL.Component('vcalendar');
	calendar.addPropertyWithValue('version', '2.0');
	calendar.addPropertyWithValue('prodid', '-//Pail Round//Rota//EN');
	calendar.addPropertyWithValue('calscale', 'GREGORIAN');
	calendar.addPropertyWithValue('method', 'PUBLISH');
	calendar.addPropertyWithValue('x-wr-calname', head.name);
	calendar.addPropertyWithValue('x-wr-timezone', head.timeZone);
	if (events.some((event) => event.at !== null))
		calendar.addSubcomponent(timeZoneComponent(head.timeZone, head.today, 4));
	const stamp = ICAL.Time.fromJSDate(new Date(head.stamp), true);
	for (const event of events) {
		for (const component of eventComponents(event, head)) {
			component.addPropertyWithValue('dtstamp', stamp);
			component.addPropertyWithValue('sequence', head.sequence);
			calendar.addSubcomponent(component);
		}
	}
	return `${calendar.toString()}\r\n`;
}

function eventComponents(event: FeedEvent, head: CalendarHead): InstanceType<typeof ICAL.Component>[] {
	const kind = head.todo ? 'vtodo' : 'vevent';
	const uid = `${event.key}@${head.host}`;
	const setTime = (component: InstanceType<typeof ICAL.Component>, name: string, day: CivilDay) => {
		const property = new ICAL.Property(name);
		if (event.at === null) {
			property.setValue(dateTime(day));
		} else {
			const { year, month, day: d } = partsOf(event.at >= 1440 ? addDays(day, 1) : day);
			property.setParameter('tzid', head.timeZone);
			property.setValue(
				ICAL.Time.fromData({
					year,
					month,
					day: d,
					hour: Math.floor(event.at / 60) % 24,
					minute: event.at % 60,
					second: 0,
					isDate: false
				})
			);
		}
		component.addProperty(property);
	};
	const make = (day: CivilDay) => {
		const component = new ICAL.Component(kind);
		component.addPropertyWithValue('uid', uid);
		component.addPropertyWithValue('summary', event.title);
		if (event.where) component.addPropertyWithValue('location', event.where);
		const text = [`${event.minutes} minutes`, event.who].filter(Boolean).join(', ');
		component.addPropertyWithValue('description', text);
		setTime(component, 'dtstart', day);
		if (head.todo) setTime(component, 'due', day);
		else if (event.at !== null)
			component.addPropertyWithValue(
				'duration',
				ICAL.Duration.fromSeconds(Math.max(60, Math.round(event.minutes * 60)))
			);
		if (!head.todo) component.addPropertyWithValue('transp', 'TRANSPARENT');
		if (event.cancelled) component.addPropertyWithValue('status', 'CANCELLED');
		return component;
	};
	const main = make(event.first);
	const rest: InstanceType<typeof ICAL.Component>[] = [];
	if (event.rule) {
		const rule = new ICAL.Property('rrule');
		rule.setValue(
			ICAL.Recur.fromString(
				Object.entries(event.rule)
					.map(([name, value]) => `${name}=${value}`)
					.join(';')
			)
		);
		main.addProperty(rule);
		for (const day of event.except) setTime(main, 'exdate', day);
		for (const { from, to } of event.moved) {
			const other = make(to);
			setTime(other, 'recurrence-id', from);
			rest.push(other);
		}
	}
	return [main, ...rest];
}

/** An event of a family calendar on one stretch of days. */
export interface FamilyEvent {
	readonly uid: string;
	readonly title: string;
	readonly from: CivilDay;
	/** Included. */
	readonly to: CivilDay;
	/** Minutes after midnight; null for whole days. */
	readonly fromMinute: number | null;
	readonly toMinute: number | null;
	/** What it looks like here. */
	readonly kind: 'holiday' | 'away' | 'visitors' | 'busy';
}

export interface ReadCalendar {
	readonly events: readonly FamilyEvent[];
	readonly reports: readonly string[];
	/** True where the file is none at all: nothing can be taken from it. */
	readonly refused: boolean;
}

const FURTHEST = 400;
const OCCURRENCES = 400;
const EVENTS = 2000;
const TOO_OFTEN = ['SECONDLY', 'MINUTELY', 'HOURLY'];

const kindOf = (title: string, whole: boolean, days: number): FamilyEvent['kind'] => {
	const text = title.toLowerCase();
	if (/\b(visit|visitors?|guests?|party|dinner with|to stay)\b/.test(text)) return 'visitors';
	if (/\b(holiday|vacation|half[- ]term|break)\b/.test(text)) return 'holiday';
	if (whole && (days > 1 || /\b(away|trip|camp|travel)\b/.test(text))) return 'away';
	return 'busy';
};

function knownZone(zone: string): boolean {
	try {
		new Intl.DateTimeFormat('en', { timeZone: zone });
		return true;
	} catch {
		return false;
	}
}

type Component = InstanceType<typeof ICAL.Component>;
type Time = InstanceType<typeof ICAL.Time>;

/** An event with the occurrences of it that the calendar moves or cancels one by one (RECURRENCE-ID). */
interface Series {
	readonly uid: string;
	readonly name: string;
	readonly main: Component;
	readonly others: readonly Component[];
}

const titleOf = (component: Component) =>
	String(component.getFirstPropertyValue('summary') ?? CALENDAR_TEXT_SAYS.withoutAName).slice(0, 120);

const isCancelled = (component: Component) =>
	String(component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED';

/** Events by their UID: the series itself, and what is said of single occurrences. */
function seriesOf(components: readonly Component[], reports: string[]): Series[] {
	const byUid = new Map<string, { name: string; main: Component | null; others: Component[] }>();
	components.forEach((component, i) => {
		const uid = String(component.getFirstPropertyValue('uid') ?? `without-uid-${i}`).slice(0, 255);
		const name = CALENDAR_TEXT_SAYS.event(i + 1, titleOf(component).slice(0, 40));
		const series = byUid.get(uid) ?? { name, main: null, others: [] };
		byUid.set(uid, series);
		if (component.hasProperty('recurrence-id')) series.others.push(component);
		else if (series.main) reports.push(CALENDAR_TEXT_SAYS.itsUidStandsTwiceIn(name));
		else series.main = component;
	});
	return [...byUid].flatMap(([uid, { name, main, others }]): Series[] =>
		main
			? [{ uid, name, main, others }]
			: // Of a series that is not in the file single occurrences may be: each is an event of its own.
				others.map((one, n) => ({ uid: `${uid} ${n}`, name, main: one, others: [] }))
	);
}

interface Reading {
	readonly today: CivilDay;
	readonly last: CivilDay;
	readonly timeZone: string;
	/** Time zones that the file itself describes. */
	readonly knownHere: ReadonlySet<string>;
	readonly reports: string[];
}

/** The day and minute of an instant of a calendar, by the household's clock. */
function localTime(time: Time, component: Component, timeZone: string): { day: CivilDay; minute: number } {
	const tzid = String(component.getFirstProperty('dtstart')?.getParameter('tzid') ?? '');
	const zone =
		time.zone === ICAL.Timezone.utcTimezone ? 'UTC' : tzid !== '' && knownZone(tzid) ? tzid : timeZone;
	const here = Temporal.PlainDateTime.from({
		year: time.year,
		month: time.month,
		day: time.day,
		hour: time.hour,
		minute: time.minute
	})
		.toZonedDateTime(zone)
		.withTimeZone(timeZone);
	return { day: dayOf(here.year, here.month, here.day), minute: here.hour * 60 + here.minute };
}

/** Every occurrence of a series from `today` on: rules, further dates, and those that lie elsewhere this once. */
function readSeries(
	{ uid, name, main, others }: Series,
	reading: Reading,
	add: (event: FamilyEvent) => void
) {
	const { today, last, timeZone, knownHere, reports } = reading;
	if (isCancelled(main)) return;
	const start = main.getFirstProperty('dtstart');
	if (!start) return void reports.push(CALENDAR_TEXT_SAYS.itHasNoBeginningSo(name));
	const tzid = String(start.getParameter('tzid') ?? '');
	if (tzid !== '' && !knownZone(tzid) && !knownHere.has(tzid))
		return void reports.push(CALENDAR_TEXT_SAYS.theTimeZoneIsNot(name, tzid.slice(0, 40)));
	for (const property of main.getAllProperties('rrule')) {
		const { freq } = property.getFirstValue() as { freq?: string };
		if (TOO_OFTEN.includes(String(freq)))
			return void reports.push(CALENDAR_TEXT_SAYS.itRepeatsWhichIsNo(name, String(freq).toLowerCase()));
	}
	const put = (from: CivilDay, to: CivilDay, minutes: readonly [number, number] | null, of: Component) => {
		if (to < today || from > last) return;
		const title = titleOf(of);
		add({
			uid,
			title,
			from,
			to,
			fromMinute: minutes?.[0] ?? null,
			toMinute: minutes?.[1] ?? null,
			kind: kindOf(title, minutes === null, to - from + 1)
		});
	};
	const place = (begin: Time, end: Time, of: Component) => {
		if (isCancelled(of)) return;
		if (begin.isDate) {
			const from = dayOf(begin.year, begin.month, begin.day);
			const to = end ? Math.max(from, dayOf(end.year, end.month, end.day) - 1) : from;
			return put(from, to as CivilDay, null, of);
		}
		const [a, b] = [localTime(begin, of, timeZone), localTime(end, of, timeZone)];
		put(a.day, b.day, [a.minute, b.day > a.day ? 1440 : b.minute], of);
	};
	const event = new ICAL.Event(main);
	const moved = new Map(
		others.map((one) => [timeKey(one.getFirstPropertyValue('recurrence-id') as unknown as Time), one])
	);
	const occurrences = event.isRecurring() ? occurrencesOf(main, addDays(last, 60)) : [event.startDate];
	const { duration } = event;
	for (const begin of occurrences) {
		const other = moved.get(timeKey(begin));
		moved.delete(timeKey(begin));
		if (other) placeOne(other);
		else if (dayOf(begin.year, begin.month, begin.day) >= addDays(today, -60)) {
			const end = begin.clone();
			end.addDuration(duration);
			place(begin, end, main);
		}
	}
	// What is said of an occurrence that no rule gives, as it lies too far away or is written in another zone.
	for (const other of moved.values()) placeOne(other);
	function placeOne(component: Component) {
		const single = new ICAL.Event(component);
		place(single.startDate, single.endDate, component);
	}
}

const timeKey = (time: Time) =>
	time.isDate
		? `${time.year}-${time.month}-${time.day}`
		: `${time.year}-${time.month}-${time.day} ${time.hour}:${time.minute}`;

/** The beginnings of a series up to a day: its first, those of all its rules, further dates, less those taken out. */
function occurrencesOf(main: Component, last: CivilDay): Time[] {
	const start = main.getFirstPropertyValue('dtstart') as unknown as Time;
	const found = new Map<string, Time>();
	const put = (time: Time) => void (found.has(timeKey(time)) || found.set(timeKey(time), time.clone()));
	const rules = main.getAllProperties('rrule');
	put(start);
	for (const rule of rules) {
		const iterator = (rule.getFirstValue() as unknown as InstanceType<typeof ICAL.Recur>).iterator(start);
		for (let n = 0; n < OCCURRENCES * 12; n++) {
			const next = iterator.next();
			if (!next || dayOf(next.year, next.month, next.day) > last) break;
			put(next);
		}
	}
	for (const property of main.getAllProperties('rdate'))
		for (const value of property.getValues() as unknown[])
			put(value instanceof ICAL.Period ? (value.start as Time) : (value as Time));
	for (const property of main.getAllProperties('exdate'))
		for (const value of property.getValues() as unknown as Time[]) {
			found.delete(timeKey(value));
			// A date alone takes out whatever begins on it.
			if (value.isDate)
				for (const [key, time] of found)
					if (time.year === value.year && time.month === value.month && time.day === value.day)
						found.delete(key);
		}
	const all = [...found.values()].sort((a, b) => a.compare(b));
	return all.slice(-OCCURRENCES * 4);
}

/** Reads a family calendar from `today` on, a year ahead. What cannot be read is told; nothing loops without end. */
export function readFamilyCalendar(text: string, today: CivilDay, timeZone: string): ReadCalendar {
	const reports: string[] = [];
	let root: InstanceType<typeof ICAL.Component>;
	try {
		root = new ICAL.Component(ICAL.parse(text));
	} catch {
		return {
			events: [],
			reports: [CALENDAR_TEXT_SAYS.thisIsNoCalendarOr],
			refused: true
		};
	}
	if (root.name !== 'vcalendar')
		return { events: [], reports: [CALENDAR_TEXT_SAYS.thisIsNoCalendarChoose], refused: true };
	const events: FamilyEvent[] = [];
	const components = root.getAllSubcomponents('vevent');
	const last = addDays(today, FURTHEST);
	const knownHere = new Set(
		root.getAllSubcomponents('vtimezone').map((zone) => String(zone.getFirstPropertyValue('tzid') ?? ''))
	);
	for (const series of seriesOf(components.slice(0, EVENTS), reports)) {
		try {
			readSeries(series, { today, last, timeZone, knownHere, reports }, (event) => events.push(event));
		} catch {
			reports.push(CALENDAR_TEXT_SAYS.itCouldNotBeUnderstood(series.name));
		}
	}
	if (components.length === 0) reports.push(CALENDAR_TEXT_SAYS.thereIsNoEventIn);
	if (components.length > EVENTS) reports.push(CALENDAR_TEXT_SAYS.onlyTheFirstEventsAre(EVENTS));
	return { events: events.slice(0, 4000), reports: reports.slice(0, 60), refused: false };
}
