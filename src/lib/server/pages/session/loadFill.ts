/** Filling a pail: what the page shows before it starts. */
import { sittingMinutesOn } from '$core/schedule/agenda';
import { LOAD_FILL_SAYS } from '$words/answers/session';
import { jobTitle } from '$core/schedule/readDay';
import { wallTime } from '$core/calendar/instant';
import type { Member, Room } from '$core/household/home';
import { homeSpans } from '$core/people/presence';
import { chanceOf, habitInPlan } from '$core/session/margin';
import { whyAside } from '$core/session/whyAside';
import { readSession } from '$core/session/sessionState';
import { stepsInPlan } from '$core/session/fill';
import type { Supply } from '$core/cupboard/shopping';
import { DEPTHS } from '$core/household/fields';
import type { DaySeries } from '$core/schedule/readDay';
import { type PailOffer } from '$core/session/offers';
import { kindOn, type SessionKind } from '$core/session/kinds';
import type { FillView, OfferView } from '$views/session';
import { type PailJob, type PailJobs } from '$views/session';
import { clockText, listNames, minutesText } from '$words/general';
import { elsewhereLines, offerWhy } from '$words/offer';
import { memberName } from '$words/names';
import { KIND_WORDS, OFFER_TITLES } from '$words/session';
import { error } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import type { Asker } from '../../services/ledger/whoMay';
import { suppliesOf } from '../../repo/supplyRepo';
import { alongWords, boundLines, missingLines } from '../supplies/cautionLines';
import {
	defaultMinutes,
	fill,
	houseNow,
	memberOf,
	type Filled,
	type HouseNow
} from '../../services/session/fill';
import { depthsWord, hrefOf, minutesAsked, readQuery, type Query } from '../../services/session/fillQuery';
import { jobRow, zoneMark } from '../today/jobRows';

export async function loadFill(asker: Asker, url: URLSearchParams): Promise<FillView> {
	const wanted = readQuery(url);
	const facts = await houseNow(asker.householdId);
	const { home, day, at, sessions } = facts;
	const rules = home.home.household;
	const query = { ...wanted, kind: kindOn(wanted.kind, day.zone) };
	const asked = query.minutes ?? String(defaultMinutes(facts, wanted.kind, wanted.sitting));
	const read = minutesAsked.safeParse(asked);
	if (!read.success)
		error(400, {
			message: read.error.issues[0]?.message ?? '',
			remedy: LOAD_FILL_SAYS.goBackAndChooseHow
		});
	const made = fill(facts, asker, query, read.data);
	const { minutes, people, filled } = made;
	const chosen = made.offers.find((offer) => offer.name === query.choice) ?? (made.offers[0] as PailOffer);
	const planned = new Set(chosen.plan.entries.map((entry) => entry.job));
	const time = (after: number) => clockText(wallTime(at + after * 60_000, rules.timeZone), rules.clock);
	const href = (changes: Partial<Record<keyof Query, string>>) => hrefOf(query, minutes, changes);
	const roomName = (id: string) => home.roomById.get(id)?.name ?? '';
	const weave = (room: string) => zoneMark(home, home.roomById.get(room)?.zone ?? null)?.weave ?? null;
	const member = people[0] as Member;
	const running =
		sessions.find(
			(s) =>
				!s.isOver &&
				s.plan.people.includes(member.id) &&
				readSession(s.plan, s.events, at).phase === 'running'
		)?.id ?? null;
	const supplies = await facts.house.read('supplies', (db) => suppliesOf(db, asker.householdId));
	const jobs = pailJobs({ ...facts, supplies }, filled, query, href);
	return {
		kind: query.kind,
		title: titleOf(query.kind, minutes),
		lead: leadOf(facts, query, made, time),
		note: KIND_WORDS[query.kind].note,
		me: memberOf(home, asker, null).id,
		members: home.members
			.filter((m) => m.role !== 'device' && (asker.viewer?.role === 'organiser' || m.id === member.id))
			.map((m) => ({ id: m.id, name: m.name, in: people.some((one) => one.id === m.id) })),
		member: member.id,
		memberName: member.name,
		people: people.map((one) => ({ id: one.id, name: one.name })),
		together: made.together,
		minutes,
		from: time(0),
		now: at,
		timeZone: rules.timeZone,
		clock: rules.clock,
		until: time(minutes),
		zone: query.kind === 'zone' ? zoneMark(home, day.zone?.zone ?? null) : null,
		cut: chosen.name === 'start',
		offers: made.offers.map((offer): OfferView => ({
			name: offer.name,
			title: OFFER_TITLES[offer.name],
			minutes: offer.plan.end,
			steps: offer.plan.entries.length,
			why: offerWhy(offer.name, offer.about, offer.plan, offer.input, jobs, roomName),
			about: offer.about,
			href: href({ choice: offer.name === 'worth' ? '' : offer.name }),
			level: Math.min(1, offer.plan.end / minutes),
			chosen: offer === chosen
		})),
		jobs,
		why: whyAside(made.filled, chosen),
		taken: query.out,
		input: chosen.input,
		plan: chosen.plan,
		catalogue: Object.fromEntries(
			chosen.input.jobs.map((job) => {
				const line = filled.lineOf.get(job.id);
				const steps = stepsInPlan(filled, job.id);
				return [
					job.id,
					{
						name: line
							? jobTitle(line.line.job.name, line.variant)
							: (filled.extraOf.get(job.id)?.name ?? ''),
						steps: job.steps.map((step, i) => ({
							text: steps[i]?.text ?? '',
							roomName: roomName(step.room),
							weave: weave(step.room),
							wait: steps[i]?.wait?.label ?? null
						}))
					}
				];
			})
		),
		habits: Object.fromEntries(chosen.input.jobs.map((job) => [job.id, habitInPlan(filled, job.id)])),
		chance: chanceOf({ ...filled, input: chosen.input }, chosen.plan),
		later: query.kind === 'bite' ? made.later.length : 0,
		laterHref: query.later
			? href({ later: '' })
			: query.kind === 'bite' && made.later.length > 0
				? href({ later: '1' })
				: null,
		elsewhere: elsewhereLines(
			made.elsewhere.map(({ line, why }) => ({
				name: jobTitle(line.line.job.name, line.variant),
				room: line.line.room.name,
				why: why.code,
				of: why.code === 'theirs' ? why.of.map((id) => memberName(home, id)) : []
			})),
			people.map((one) => one.name)
		),
		...sittingOf(facts, query, minutes, href),
		brim: query.brim,
		depth: query.depth,
		depths: depthsWord(query.depths),
		floors: filled.input.floors ?? 'with-room',
		floorsAsked: query.floors !== null,
		// Where nothing is left out there is nothing to fill it with.
		brimHref:
			query.brim || filled.input.jobs.length > planned.size ? href({ brim: query.brim ? '' : '1' }) : null,
		held: query.in.filter((id) => planned.has(id)),
		cannot: query.in
			.filter((id) => !planned.has(id))
			.map((id) => {
				const job = home.seriesById.get(id)?.job;
				return job
					? LOAD_FILL_SAYS.doesNotFitIntoMinutes(job.name, minutesText(minutes))
					: LOAD_FILL_SAYS.aJobThatWasPut;
			}),
		rooms:
			query.kind === 'visitors'
				? home.rooms.map((room) => ({
						id: room.id,
						name: room.name,
						in: query.rooms ? query.rooms.includes(room.id) : room.seenByVisitors
					}))
				: [],
		clearRooms: query.kind === 'clearing' ? clearRooms(facts, wanted.kind === 'zone', query.rooms ?? []) : [],
		spot: query.spot ?? '',
		allRooms: home.rooms.map(({ id, name }) => ({ id, name })),
		inRooms: query.kind === 'visitors' ? [] : (query.rooms ?? []),
		running,
		formId: uuidv7()
	};
}

/** A round can be followed by the sitting of the zone, in the same plan and as much longer. */
function sittingOf(
	{ home, day }: HouseNow,
	query: Query,
	minutes: number,
	href: (changes: Partial<Record<keyof Query, string>>) => string
): Pick<FillView, 'sitting' | 'sittingMinutes' | 'sittingHref'> {
	const sittingMinutes = sittingMinutesOn(home, day);
	const can = query.kind === 'round' && day.zone !== null && !day.zone.clearing;
	const long = query.sitting ? Math.max(1, minutes - sittingMinutes) : minutes + sittingMinutes;
	return {
		sitting: query.sitting,
		sittingMinutes,
		sittingHref: can ? href({ sitting: query.sitting ? '' : '1', minutes: String(long) }) : null
	};
}

/** Where a spot can be: in a sitting of the zone its own rooms alone; else all, those of an unclear zone first. */
function clearRooms(
	{ home, day }: HouseNow,
	isSitting: boolean,
	asked: readonly string[]
): FillView['clearRooms'] {
	const zone = day.zone?.clearing ? day.zone.zone : null;
	const isIn = (room: Room) => zone !== null && room.zone === zone;
	const rooms = [...home.rooms].sort(
		(a, b) => Number(isIn(b)) - Number(isIn(a)) || a.walkOrder - b.walkOrder
	);
	return (isSitting ? rooms.filter(isIn) : rooms).map(({ id, name }) => ({
		id,
		name,
		chosen: asked.includes(id)
	}));
}

/** What the page knows of each job that could be in, whatever plan it shows. */
function pailJobs(
	{ home, day, given, supplies }: HouseNow & { readonly supplies: readonly Supply[] },
	{ lineOf, extraOf }: Filled['filled'],
	query: Query,
	href: (changes: Partial<Record<keyof Query, string>>) => string
): PailJobs {
	const without = (list: readonly string[], id: string) => list.filter((one) => one !== id);
	const withIt = (list: readonly string[], id: string) => [...new Set([...list, id])];
	const hrefs = (id: string) => ({
		out: href({ out: withIt(query.out, id).join(','), in: without(query.in, id).join(',') }),
		hold: href({ in: (query.in.includes(id) ? without : withIt)(query.in, id).join(',') }),
		put: href({ in: withIt(query.in, id).join(','), out: without(query.out, id).join(',') })
	});
	const depthsOf = ({ line }: DaySeries): PailJob['depths'] => {
		const has = DEPTHS.filter((depth) => line.job.depths[depth]);
		if (has.length < 2) return [];
		return has.map((depth) => ({
			depth,
			href: href({ depths: depthsWord(new Map(query.depths).set(line.id, depth)) })
		}));
	};
	return Object.fromEntries([
		...[...lineOf].map(([id, line]): [string, PailJob] => {
			const isOn = line.state !== 'open' && line.state !== 'resting';
			return [
				id,
				{
					name: jobTitle(line.line.job.name, line.variant),
					late: line.state === 'late',
					needs: alongWords(home, line.line.job, line.depth),
					missing: [
						...missingLines(home, line.line.job, line.depth, supplies),
						...boundLines(home, line.line.job, line.depth)
					],
					aside: isOn ? jobRow(home, line, day.date, given) : null,
					depth: line.depth,
					depths: depthsOf(line),
					...hrefs(id)
				}
			];
		}),
		...[...extraOf].map(([id, one]): [string, PailJob] => [
			id,
			{
				name: one.name,
				late: false,
				needs: [],
				missing: [],
				aside: null,
				depth: 'usual',
				depths: [],
				...hrefs(id)
			}
		])
	]);
}

function titleOf(kind: SessionKind, minutes: number): string {
	if (kind === 'bite')
		return LOAD_FILL_SAYS.aSessionOf(minutesText(minutes), minutes === 1 ? 'minute' : 'minutes');
	return KIND_WORDS[kind].title;
}

function leadOf(
	{ home, day, minute }: HouseNow,
	query: Query,
	made: Filled,
	time: (after: number) => string
): string {
	const names = listNames(made.people.map((one) => one.name));
	const here = made.people.every((one) =>
		homeSpans(one, day.date).some((span) => span.from <= minute && minute < span.to)
	);
	const where =
		query.kind === 'zone' && day.zone
			? LOAD_FILL_SAYS.inZone(home.zoneById.get(day.zone.zone)?.name ?? '')
			: query.kind !== 'visitors' && query.kind !== 'clearing' && query.rooms?.length
				? LOAD_FILL_SAYS.inRooms(
						listNames(query.rooms.map((id) => home.roomById.get(id)?.name ?? '').filter(Boolean))
					)
				: '';
	const hours =
		query.kind === 'visitors'
			? LOAD_FILL_SAYS.visitorsComeAt(time(made.minutes))
			: `${time(0)} to ${time(made.minutes)}`;
	return `${hours}, for ${names}${where}.${here || made.people.length < 2 ? '' : LOAD_FILL_SAYS.notAllOfYouAre}`;
}
