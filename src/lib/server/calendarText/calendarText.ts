/** The feed as iCalendar text (RFC 5545), made with ical.js; and a family calendar read into what it says here. */
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

/** Reads a family calendar from `today` on, a year ahead. What cannot be read is told; nothing loops without end. */
export function readFamilyCalendar(text: string, today: CivilDay, timeZone: string): ReadCalendar {
	const reports: string[] = [];
	let root: InstanceType<typeof ICAL.Component>;
	try {
		root = new ICAL.Component(ICAL.parse(text));
	} catch {
		return {
			events: [],
			reports: ['This is no calendar, or it is cut off. Choose an .ics file.'],
			refused: true
		};
	}
	if (root.name !== 'vcalendar')
		return { events: [], reports: ['This is no calendar. Choose an .ics file.'], refused: true };
	const events: FamilyEvent[] = [];
	const seen = new Set<string>();
	const components = root.getAllSubcomponents('vevent');
	const last = addDays(today, FURTHEST);
	components.slice(0, EVENTS).forEach((component, i) => {
		const title = String(component.getFirstPropertyValue('summary') ?? 'Without a name').slice(0, 120);
		const name = `Event ${i + 1}, "${title.slice(0, 40)}"`;
		try {
			const uid = String(component.getFirstPropertyValue('uid') ?? `without-uid-${i}`).slice(0, 255);
			if (component.hasProperty('recurrence-id')) return;
			if (seen.has(uid))
				return void reports.push(`${name}: its UID stands twice in the file. Only the first one counts.`);
			seen.add(uid);
			if (String(component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED') return;
			const start = component.getFirstProperty('dtstart');
			if (!start) return void reports.push(`${name}: it has no beginning, so it is left out.`);
			const tzid = String(start.getParameter('tzid') ?? '');
			if (
				tzid !== '' &&
				!knownZone(tzid) &&
				!root.getAllSubcomponents('vtimezone').some((zone) => zone.getFirstPropertyValue('tzid') === tzid)
			) {
				return void reports.push(
					`${name}: the time zone "${tzid.slice(0, 40)}" is not known, so it is left out.`
				);
			}
			const rule = component.getFirstPropertyValue('rrule') as { freq?: string } | null;
			if (rule && TOO_OFTEN.includes(String(rule.freq)))
				return void reports.push(
					`${name}: it repeats ${String(rule.freq).toLowerCase()}, which is no family date. It is left out.`
				);
			const event = new ICAL.Event(component);
			const add = (from: CivilDay, to: CivilDay, fromMinute: number | null, toMinute: number | null) => {
				if (to < today || from > last) return;
				events.push({
					uid,
					title,
					from,
					to,
					fromMinute,
					toMinute,
					kind: kindOf(title, fromMinute === null, to - from + 1)
				});
			};
			const place = (begin: InstanceType<typeof ICAL.Time>, end: InstanceType<typeof ICAL.Time>) => {
				if (begin.isDate) {
					const from = dayOf(begin.year, begin.month, begin.day);
					const to = end ? Math.max(from, dayOf(end.year, end.month, end.day) - 1) : from;
					return add(from, to as CivilDay, null, null);
				}
				const local = (time: InstanceType<typeof ICAL.Time>) => {
					const zone =
						tzid !== '' && knownZone(tzid)
							? tzid
							: time.zone === ICAL.Timezone.utcTimezone
								? 'UTC'
								: timeZone;
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
				};
				const [a, b] = [local(begin), local(end)];
				add(a.day, b.day, a.minute, b.day > a.day ? 1440 : b.minute);
			};
			if (!event.isRecurring()) return place(event.startDate, event.endDate);
			const iterator = event.iterator();
			let counted = 0;
			for (let n = 0; n < 5000 && counted < OCCURRENCES; n++) {
				const next = iterator.next();
				if (!next) break;
				const day = dayOf(next.year, next.month, next.day);
				if (day > last) break;
				if (day < addDays(today, -40)) continue;
				const details = event.getOccurrenceDetails(next);
				place(details.startDate, details.endDate);
				counted++;
			}
		} catch {
			reports.push(`${name}: it could not be understood, so it is left out.`);
		}
	});
	if (components.length === 0) reports.push('There is no event in this calendar.');
	if (components.length > EVENTS) reports.push(`Only the first ${EVENTS} events are read.`);
	return { events: events.slice(0, 4000), reports: reports.slice(0, 60), refused: false };
}
