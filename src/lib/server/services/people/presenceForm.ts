/** What is typed of when somebody is here, looks after the home, and is away. */
import { z } from 'zod';
import { MEMBER_SAYS } from '$words/answers/people';
import { parseDay } from '$core/calendar/civil';
import type { Member } from '$core/household/home';
import { WEEKDAYS } from '$words/general';

export type Span = NonNullable<Member['home']>[number];
type Away = Member['away'][number];

export const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;
type Day = (typeof DAYS)[number];
type Kind = 'home' | 'carries';

const TIME = '([01]?\\d|2[0-4]):([0-5]\\d)';
const SPAN = new RegExp(`^${TIME}\\s*(?:-|–|to)\\s*${TIME}$`);
const AWAY = /^(\d{4}-\d\d-\d\d)\s*(?:to|-|–)\s*(\d{4}-\d\d-\d\d)\s*(.*)$/;
const LONGEST_REASON = 60;

const parts = (text: string, between: string | RegExp) =>
	text
		.split(between)
		.map((one) => one.trim())
		.filter(Boolean);

/** "08:00-17:30" of a weekday; a text that says what is wrong with it. */
function readSpan(part: string, weekday: Day): Span | string {
	const found = SPAN.exec(part);
	if (!found) return MEMBER_SAYS.isNotWholeSayFrom(WEEKDAYS[weekday - 1] ?? '', part);
	const [, h1, m1, h2, m2] = found as unknown as [string, string, string, string, string];
	const from = `${h1.padStart(2, '0')}:${m1}`;
	const to = `${h2.padStart(2, '0')}:${m2}`;
	return from >= to || to > '24:00'
		? MEMBER_SAYS.endsBeforeItBegins(WEEKDAYS[weekday - 1] ?? '', part)
		: { weekdays: [weekday], from, to };
}

/** "2027-01-08 to 2027-03-26 school"; a text that says what is wrong with it. */
function readAway(line: string): Away | string {
	const found = AWAY.exec(line);
	const [from, to] = [found?.[1] ?? '', found?.[2] ?? ''];
	if (!found || parseDay(from) === null || parseDay(to) === null)
		return MEMBER_SAYS.isNoStretchOfDays(line.slice(0, 40));
	return from > to
		? MEMBER_SAYS.endsBeforeItBegins2(line.slice(0, 40))
		: { from, to, why: (found[3] ?? '').slice(0, LONGEST_REASON) };
}

/** A text of several parts, each of which can be read. */
const readable = (between: string | RegExp, read: (part: string) => unknown) =>
	z
		.string()
		.default('')
		.superRefine((text, context) => {
			for (const told of parts(text, between).map(read))
				if (typeof told === 'string') context.addIssue({ code: 'custom', message: told });
		});

const COMMA = ',';
const LINE = /\r?\n/;

const hoursOf = <K extends Kind>(kind: K) =>
	Object.fromEntries(
		DAYS.map((day) => [`${kind}-${day}`, readable(COMMA, (part) => readSpan(part, day))])
	) as Record<`${K}-${Day}`, ReturnType<typeof readable>>;

export const presenceForm = z.object({
	/** Always here: the hours are none. */
	always: z.boolean().default(false),
	...hoursOf('home'),
	...hoursOf('carries'),
	/** Stretches away, a line each. */
	away: readable(LINE, readAway)
});

const isRead = <T>(one: T | string): one is T => typeof one !== 'string';

/** The hours of a week; those that several weekdays have are told once. */
export function spansOf(kind: Kind, said: z.infer<typeof presenceForm>): Span[] {
	const by = new Map<string, Span>();
	for (const day of DAYS)
		for (const span of parts(said[`${kind}-${day}`], COMMA)
			.map((part) => readSpan(part, day))
			.filter(isRead<Span>)) {
			const key = `${span.from} ${span.to}`;
			by.set(key, { ...span, weekdays: [...(by.get(key)?.weekdays ?? []), ...span.weekdays] });
		}
	return [...by.values()];
}

/** The stretches away of their lines. */
export const awayOf = (text: string): Away[] =>
	parts(text, LINE)
		.map(readAway)
		.filter(isRead<Away>);
