/** What is said of a person is changed. */
import { MEMBER_SAYS } from '$words/answers/people';
import { isoOf, parseDay, type CivilDay } from '$core/calendar/civil';
import type { Home, Member } from '$core/household/home';
import { changeMember } from '$core/setup/editMembers';
import { WEEKDAYS } from '$words/general';
import { byFields } from '../fieldForms';
import { editHome } from '../home/editHome';
import { factsForm } from './memberForm';

export type Span = NonNullable<Member['home']>[number];

export const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;

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
		if (!found) return MEMBER_SAYS.isNotWholeSayFrom(WEEKDAYS[weekday - 1] ?? '', part);
		const [, h1, m1, h2, m2] = found as unknown as [string, string, string, string, string];
		const from = `${h1.padStart(2, '0')}:${m1}`;
		const to = `${h2.padStart(2, '0')}:${m2}`;
		if (from >= to || to > '24:00') return MEMBER_SAYS.endsBeforeItBegins(WEEKDAYS[weekday - 1] ?? '', part);
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
			return MEMBER_SAYS.isNoStretchOfDays(line.slice(0, 40));
		if (from > to) return MEMBER_SAYS.endsBeforeItBegins2(line.slice(0, 40));
		away.push({ from, to, why: (found[3] ?? '').slice(0, 60) });
	}
	return away;
}

/** What is allowed before its age: what was confirmed before keeps who and when, the rest is confirmed now. */
function allowsFrom(
	home: Home,
	id: string,
	families: readonly Member['allows'][number]['family'][],
	by: string,
	today: CivilDay
): Member['allows'] {
	const before = home.members.find((one) => one.id === id)?.allows ?? [];
	return families.map(
		(family) =>
			before.find((one) => one.family === family) ?? {
				family,
				by,
				on: isoOf(today)
			}
	);
}

/** `by`: who changes it, and so confirms what is made looser. */
export const editMember = (household: string, id: string, form: FormData, by: string) =>
	form.get('part') === 'presence' ? editPresence(household, id, form) : editFacts(household, id, form, by);

function editPresence(household: string, id: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, text }) => {
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
		},
		() => MEMBER_SAYS.savedShareOutTheWeek
	);
}

const editFacts = (household: string, id: string, form: FormData, by: string) =>
	byFields(factsForm, form, (said) =>
		editHome(
			household,
			form,
			({ home, today }) => {
				const isChild = home.members.some((one) => one.id === id && one.role === 'child');
				if (isChild && said.bornOn === '') return { field: 'bornOn', says: MEMBER_SAYS.aChildsDayOfBirth };
				return changeMember(home, id, {
					name: said.name,
					bornOn: said.bornOn || undefined,
					skills: said.skills,
					kit: said.ownKit ? said.kit : undefined,
					excludes: { families: said.families, jobs: said.out },
					...(said.withAllows ? { allows: allowsFrom(home, id, said.allows, by, today) } : {}),
					dislikes: said.disliked
				});
			},
			() => MEMBER_SAYS.savedShareOutTheWeek
		)
	);
