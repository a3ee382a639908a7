/** One person: when at home, what learnt, what kept away from, and which jobs that leaves. */
import { MEMBER_EDIT_SAYS } from '$words/answers/people';
import { toDay, type CivilDay } from '$core/calendar/civil';
import { ageFor } from '$core/cupboard/ask';
import { FAMILIES } from '$core/cupboard/meet';
import type { Member } from '$core/household/home';
import { candidatesFor } from '$core/people/weekOccurrences';
import { ageToGoBy, skillsFor } from '$core/people/whoCan';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { MemberView } from '$views/people';
import { shortDate, weekFrom } from '$words/general';
import { memberName, thingName } from '$words/names';
import { cannotWords, confirmedWords, FAMILY_NAMES } from '$words/people';
import { error } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { revisionOf } from '../../repo/homeRows';
import { familyFacts } from '../../services/people/familyFacts';
import { type Span } from '../../services/people/presenceForm';
import { awayToday } from './loadCrew';

/** "16:45-24:00", several with commas; empty for not at all. */
const spansText = (spans: readonly Span[] | undefined, weekday: number) =>
	(spans ?? [])
		.filter((span) => (span.weekdays as number[]).includes(weekday))
		.sort((a, b) => (a.from < b.from ? -1 : 1))
		.map((span) => `${span.from}-${span.to}`)
		.join(', ');

/** Products for older ones than a child is, youngest age first. */
function earlyOf(home: PreparedHome, member: Member, today: CivilDay): MemberView['early'] {
	const age = ageToGoBy(member, today);
	if (age === null || age >= 16) return [];
	return FAMILIES.filter((family) => ageFor([family]) > age)
		.map((family) => {
			const allowed = member.allows.find((one) => one.family === family);
			return {
				code: family,
				name: FAMILY_NAMES[family] ?? family,
				from: ageFor([family]),
				on: allowed !== undefined,
				said: allowed ? confirmedWords(memberName(home, allowed.by), shortDate(toDay(allowed.on))) : ''
			};
		})
		.sort((a, b) => a.from - b.from);
}

export async function loadMember(household: string, id: string): Promise<MemberView> {
	const facts = await familyFacts(household);
	const revision = await reading((db) => revisionOf(db, household));
	const { home, today, entries } = facts;
	const member = home.home.members.find((one) => one.id === id);
	if (!member || member.role === 'device')
		error(404, { message: MEMBER_EDIT_SAYS.nobodyOfThatNameLives, remedy: MEMBER_EDIT_SAYS.goBackToPeople });
	const nameOf = (one: string) => memberName(home, one);
	const thingOf = (one: string) => thingName(home, one);
	const needed = new Set([
		...(member.kit ?? []),
		...home.home.cupboard.tools.map((tool) => tool.id),
		...home.home.jobs.flatMap((job) => [...job.needs, ...job.things])
	]);
	const away = awayToday(facts, today);
	const judged = home.series.map((line) => ({
		line,
		candidate: candidatesFor(home, line, today, entries, away).find((one) => one.member.id === id)
	}));
	// What only today stands against is not said of the person.
	const lasting = judged.map(({ line, candidate }) => ({
		line,
		why: (candidate?.why ?? []).find((why) => why.code !== 'away' && why.code !== 'not-then')
	}));
	const week = weekFrom(home.rotation.weekStart);
	const barred = lasting.filter(({ why }) => why !== undefined && why.code !== 'not-named');
	return {
		formId: uuidv7(),
		revision,
		id,
		name: member.name,
		shownName: nameOf(id),
		role: member.role,
		bornOn: member.bornOn ?? '',
		skills: skillsFor(home.home, member),
		kit: member.kit ?? [],
		namedIn: home.home.jobs.filter((job) => job.who.mode !== 'free' && job.who.members.includes(member.id))
			.length,
		hasKit: member.kit !== undefined,
		things: [...needed]
			.map((thing) => ({ thing, name: thingOf(thing) }))
			.sort((a, b) => a.name.localeCompare(b.name)),
		families: Object.entries(FAMILY_NAMES).map(([code, name]) => ({
			code,
			name,
			out: (member.excludes.families as string[]).includes(code)
		})),
		early: earlyOf(home, member, today),
		jobs: home.home.jobs
			.map((job) => ({
				id: job.id,
				name: job.name,
				out: member.excludes.jobs.includes(job.id),
				disliked: member.dislikes.includes(job.id)
			}))
			.sort((a, b) => a.name.localeCompare(b.name)),
		home: week.map(({ number, name }) => ({
			weekday: number,
			name,
			spans: spansText(member.home, number)
		})),
		carries: week.map(({ number }) => ({
			weekday: number,
			spans: spansText(member.carries, number)
		})),
		away: member.away.map((span) => `${span.from} to ${span.to}${span.why ? ` ${span.why}` : ''}`).join('\n'),
		isAlways: member.home === undefined,
		can: { count: lasting.filter(({ why }) => why === undefined).length, of: home.series.length },
		cannot: [...new Map(barred.map((one) => [one.line.job.id, one])).values()].map(({ line, why }) => ({
			name: line.job.name,
			words: cannotWords(why as NonNullable<typeof why>, { nameOf, thingOf })
		}))
	};
}
