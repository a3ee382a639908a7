/** One person: when at home, what learnt, what kept away from, and which jobs that leaves. */
import { error } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { parseDay } from '$core/calendar/civil';
import { changeMember } from '$core/household/editMembers';
import type { Member } from '$core/household/home';
import { candidatesFor } from '$core/people/weekTurns';
import type { MemberView } from '$ui/crew/view';
import { cannotText, FAMILY_NAMES } from '$ui/crew/words';
import { WEEKDAYS } from '$ui/words';
import { reading } from '../db/pool';
import { revisionOf } from '../store/homeStore';
import { awayToday } from './crew';
import { familyFacts } from './family';
import { editHome } from './homeEdits';
import { memberName } from './tags';

type Span = NonNullable<Member['home']>[number];

const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;

/** "16:45-24:00", several with commas; empty for not at all. */
const spansText = (spans: readonly Span[] | undefined, weekday: number) =>
	(spans ?? [])
		.filter((span) => (span.weekdays as number[]).includes(weekday))
		.sort((a, b) => (a.from < b.from ? -1 : 1))
		.map((span) => `${span.from}-${span.to}`)
		.join(', ');

export async function loadMember(household: string, id: string): Promise<MemberView> {
	const facts = await familyFacts(household);
	const revision = await reading((db) => revisionOf(db, household));
	const { home, today, entries } = facts;
	const member = home.home.members.find((one) => one.id === id);
	if (!member || member.role === 'device')
		error(404, { message: 'Nobody of that name lives here.', remedy: 'Go back to Crew.' });
	const nameOf = (one: string) => memberName(home, one);
	const away = awayToday(facts, today);
	const judged = home.lines.map((line) => ({
		line,
		candidate: candidatesFor(home, line, today, entries, away).find((one) => one.member.id === id)
	}));
	// What only today stands against is not said of the person.
	const lasting = judged.map(({ line, candidate }) => ({
		line,
		why: (candidate?.why ?? []).find((why) => why.code !== 'away' && why.code !== 'not-then')
	}));
	const barred = lasting.filter(({ why }) => why !== undefined && why.code !== 'not-named');
	return {
		formId: uuidv7(),
		revision,
		id,
		name: member.name,
		role: member.role,
		bornOn: member.bornOn ?? '',
		skills: member.skills.join(', '),
		kit: (member.kit ?? []).join(', '),
		hasKit: member.kit !== undefined,
		families: Object.entries(FAMILY_NAMES).map(([code, name]) => ({
			code,
			name,
			out: (member.excludes.families as string[]).includes(code)
		})),
		jobs: home.home.jobs
			.map((job) => ({
				id: job.id,
				name: job.name,
				out: member.excludes.jobs.includes(job.id),
				disliked: member.dislikes.includes(job.id)
			}))
			.sort((a, b) => a.name.localeCompare(b.name)),
		home: DAYS.map((weekday) => ({
			weekday,
			name: WEEKDAYS[weekday - 1] ?? '',
			spans: spansText(member.home, weekday)
		})),
		carries: DAYS.map((weekday) => ({ weekday, spans: spansText(member.carries, weekday) })),
		away: member.away.map((span) => `${span.from} to ${span.to}${span.why ? ` ${span.why}` : ''}`).join('\n'),
		isAlways: member.home === undefined,
		can: { count: lasting.filter(({ why }) => why === undefined).length, of: home.lines.length },
		cannot: [...new Map(barred.map((one) => [one.line.job.id, one])).values()]
			.slice(0, 12)
			.map(({ line, why }) => ({
				name: line.job.name,
				words: cannotText(member.name, why as NonNullable<typeof why>, nameOf)
			}))
	};
}

const TIME = '([01]?\\d|2[0-4]):([0-5]\\d)';
const SPAN = new RegExp(`^${TIME}\\s*(?:-|–|to)\\s*${TIME}$`);

/** Spans of a weekday as they were typed; a text that says what is wrong with them. */
function readSpans(typed: string, weekday: (typeof DAYS)[number]): Span[] | string {
	const spans: Span[] = [];
	for (const part of typed
		.split(',')
		.map((one) => one.trim())
		.filter(Boolean)) {
		const found = SPAN.exec(part);
		if (!found) return `${WEEKDAYS[weekday - 1]}: "${part}" is no span. Write it as 08:00-17:30.`;
		const [, h1, m1, h2, m2] = found as unknown as [string, string, string, string, string];
		const from = `${h1.padStart(2, '0')}:${m1}`;
		const to = `${h2.padStart(2, '0')}:${m2}`;
		if (from >= to || to > '24:00') return `${WEEKDAYS[weekday - 1]}: "${part}" ends before it begins.`;
		spans.push({ weekdays: [weekday], from, to });
	}
	return spans;
}

/** The same spans of several weekdays told once. */
function together(spans: readonly Span[]): Span[] {
	const by = new Map<string, Span>();
	for (const span of spans) {
		const key = `${span.from} ${span.to}`;
		const known = by.get(key);
		by.set(key, { ...span, weekdays: [...(known?.weekdays ?? []), ...span.weekdays] });
	}
	return [...by.values()];
}

const wordsOf = (text: string) =>
	text
		.split(',')
		.map((one) => one.trim())
		.filter(Boolean);

/** Stretches away, a line each: "2027-01-08 to 2027-03-26 school". */
function readAway(text: string): Member['away'] | string {
	const away: Member['away'] = [];
	for (const line of text
		.split(/\r?\n/)
		.map((one) => one.trim())
		.filter(Boolean)) {
		const found = /^(\d{4}-\d\d-\d\d)\s*(?:to|-|–)\s*(\d{4}-\d\d-\d\d)\s*(.*)$/.exec(line);
		const [from, to] = [found?.[1] ?? '', found?.[2] ?? ''];
		if (!found || parseDay(from) === null || parseDay(to) === null)
			return `"${line.slice(0, 40)}" is no stretch of days. Write it as 2027-01-08 to 2027-03-26.`;
		if (from > to) return `"${line.slice(0, 40)}" ends before it begins.`;
		away.push({ from, to, why: (found[3] ?? '').slice(0, 60) });
	}
	return away;
}

export function editMember(household: string, id: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, text, list }) => {
			const part = text('part');
			if (part === 'presence') {
				const spans: Span[] = [];
				const carries: Span[] = [];
				for (const weekday of DAYS) {
					const here = readSpans(text(`home-${weekday}`), weekday);
					const has = readSpans(text(`carries-${weekday}`), weekday);
					if (typeof here === 'string') return here;
					if (typeof has === 'string') return has;
					spans.push(...here);
					carries.push(...has);
				}
				const away = readAway(text('away'));
				if (typeof away === 'string') return away;
				return changeMember(home, id, {
					home: text('always') === '1' ? undefined : together(spans),
					carries: together(carries),
					away
				});
			}
			const families = list('families') as Member['excludes']['families'];
			const born = text('bornOn');
			if (born !== '' && parseDay(born) === null) return 'A birthday is a date, such as 2015-06-02.';
			return changeMember(home, id, {
				name: text('name'),
				bornOn: born === '' ? undefined : born,
				skills: wordsOf(text('skills')),
				kit: text('ownKit') === '1' ? wordsOf(text('kit')) : undefined,
				excludes: { families, jobs: list('out') },
				dislikes: list('disliked')
			});
		},
		() => 'Kept. The week can be given out anew by it.'
	);
}
