/** Gives out the jobs of a week, and says why. Rules: "Fair shares". */
import { weekdayOf, type CivilDay } from '../calendar/civil';
import { isWork, type LedgerEntry } from '../household/entry';
import type { PreparedHome } from '../schedule/preparedHome';
import { effectiveLedger } from '../schedule/series';
import type { HomeProjection } from '../schedule/projection';
import { effectivePauses } from '../schedule/projection';
import { agreedShares, sharers } from './agreedShares';
import { minutesDoneBetween, fourWeeksFrom } from './minutesDone';
import { assign } from './assign';
import { occurrenceId, weekOccurrences, type Absence, type WeekOccurrence } from './weekOccurrences';
import type { WhyNot } from './whoCan';

export interface AssignQuestion {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	/** The ledger of the last four weeks at least, and all entries about rungs. */
	readonly entries: readonly LedgerEntry[];
	readonly today: CivilDay;
	readonly weekBegin: CivilDay;
	/** Who had what in the week before, by turn. */
	readonly lastWeek: ReadonlyMap<string, string>;
	/** Who has what in this week already, by turn: swaps and what was given out before. */
	readonly already: ReadonlyMap<string, string>;
	/** Occurrences that were given by hand or swapped: they stay where they are, as long as that can be. */
	readonly held: ReadonlySet<string>;
	readonly absences?: readonly Absence[];
}

/** How an occurrence came to somebody, or why it did not. */
export type Given =
	| { readonly how: 'fixed' | 'turn' | 'shared' | 'only' | 'held'; readonly to: string }
	/** Whoever comes first. */
	| { readonly how: 'free'; readonly to: null }
	/** Nobody can. */
	| { readonly how: 'nobody'; readonly to: null }
	/** Somebody is ill: what is no basic work lies until they are well. */
	| { readonly how: 'lies'; readonly to: null };

export interface PersonBalance {
	readonly member: string;
	/** The agreed part of the work, 0 to 1. */
	readonly share: number;
	/** Minutes of the four weeks that end with this one, done and given. */
	readonly minutes: number;
	/** What the share comes to, of the same work. */
	readonly agreed: number;
	/** Minutes given now. */
	readonly given: number;
}

export interface AssignedWeek {
	readonly occurrences: readonly WeekOccurrence[];
	readonly given: ReadonlyMap<string, Given>;
	readonly balance: readonly PersonBalance[];
	/** The largest |minutes / total − share|. */
	readonly spread: number;
	/** For occurrences in turns: who had it last before, by turn. */
	readonly before: ReadonlyMap<string, string>;
}

/** Minutes over four weeks by which whoever is furthest from the agreed share is off, in whole ones. Rules: "Fair shares". */
export const furthestOff = ({ balance }: Pick<AssignedWeek, 'balance'>): number =>
	Math.round(Math.max(0, ...balance.map((one) => Math.abs(one.minutes - one.agreed))));

/** What stands against the agreed shares: of somebody's minutes of the week, those that nobody else could have had. */
export interface BoundMinutes {
	readonly member: string;
	/** Theirs alone, or nobody else can. */
	readonly own: number;
	/** In turns among those who are named. */
	readonly turns: number;
	/** Put there by hand, or swapped. */
	readonly byHand: number;
}

/** Further off than this part of all the work is worth a reason. */
const WORTH_A_REASON = 0.05;

/**
 * Who has more than agreed by over a twentieth of the work, and what of it no sharing out could move, in minutes of the week.
 * Rules: "Fair shares".
 */
export function standsAgainst({ balance, occurrences, given }: AssignedWeek): BoundMinutes[] {
	const total = balance.reduce((sum, one) => sum + one.minutes, 0);
	return balance
		.filter((one) => one.minutes - one.agreed > WORTH_A_REASON * total)
		.map(({ member }) => {
			const of = (...hows: Given['how'][]) =>
				Math.round(
					occurrences
						.filter((one) => {
							const how = given.get(one.id);
							return how?.to === member && hows.includes(how.how);
						})
						.reduce((sum, one) => sum + one.minutes, 0)
				);
			return { member, own: of('fixed', 'only'), turns: of('turn'), byHand: of('held') };
		});
}

/** Minutes of the week that somebody cannot take, by the first reason of each. */
export interface BarredMinutes {
	readonly member: string;
	/** The most minutes first. */
	readonly reasons: readonly { readonly code: WhyNot['code']; readonly minutes: number }[];
}

/**
 * Who has less than agreed by over a twentieth of the work, and what of the week they cannot take, in minutes. Rules: "Fair
 * shares".
 */
export function standsBefore({ balance, occurrences }: AssignedWeek): BarredMinutes[] {
	const total = balance.reduce((sum, one) => sum + one.minutes, 0);
	return balance
		.filter((one) => one.agreed - one.minutes > WORTH_A_REASON * total)
		.map(({ member }) => {
			const minutes = new Map<WhyNot['code'], number>();
			for (const occurrence of occurrences) {
				const [why] = occurrence.candidates.find((one) => one.member.id === member)?.why ?? [];
				if (why) minutes.set(why.code, (minutes.get(why.code) ?? 0) + occurrence.minutes);
			}
			const reasons = [...minutes].map(([code, sum]) => ({ code, minutes: Math.round(sum) }));
			return {
				member,
				reasons: reasons.filter((one) => one.minutes > 0).sort((a, b) => b.minutes - a.minutes)
			};
		});
}

const able = (occurrence: WeekOccurrence) =>
	occurrence.candidates.filter((one) => one.why.length === 0).map((one) => one.member.id);

/** Who did each line last. */
function lastDoers(entries: readonly LedgerEntry[], from: CivilDay): Map<string, string> {
	const last = new Map<string, string>();
	for (const entry of effectiveLedger(entries)) {
		if (!isWork(entry) || entry.by === null || entry.date < from || entry.outcome === 'letgo') continue;
		last.set(entry.part === null ? entry.job : `${entry.job}/${entry.part}`, entry.by);
	}
	return last;
}

/** Round robin: the next in the order after whoever had it last, passing over those who cannot. */
function nextInTurn(
	order: readonly string[],
	can: readonly string[],
	last: string | undefined
): string | null {
	const after = last === undefined ? 0 : order.indexOf(last) + 1;
	const round = order.map((_, i) => order[(after + i) % order.length] as string);
	return round.find((id) => can.includes(id)) ?? null;
}

/**
 * Gives out the week's occurrences: what is fixed to its owner, what goes in turns to the next, what is shared so that
 * everybody comes as near as can be to the agreed share over four weeks. What is free stays free.
 */
export function assignWeek(question: AssignQuestion): AssignedWeek {
	const { home, projection, entries, today, weekBegin, lastWeek, already, held, absences } = question;
	const occurrences = weekOccurrences(home, projection, entries, today, weekBegin, absences);
	const from = fourWeeksFrom(weekBegin);
	const carried = minutesDoneBetween(home, entries, from, today);
	const shares = agreedShares(home.home, weekBegin);
	const people = sharers(home.home).map((member) => ({
		id: member.id,
		share: shares.get(member.id) ?? 0,
		minutesSoFar: carried.get(member.id)?.minutes ?? 0
	}));
	const minutes = new Map(people.map((one) => [one.id, one.minutesSoFar]));
	const last = lastDoers(entries, from);
	const ill = effectivePauses(projection.home).filter((p) => p.scope === 'member' && p.reason === 'ill');
	const isIll = (id: string, day: CivilDay) =>
		ill.some((pause) => pause.target === id && pause.from <= day && day <= pause.to);
	const given = new Map<string, Given>();
	const before = new Map<string, string>();
	const open: { occurrence: WeekOccurrence; can: string[] }[] = [];
	const give = (occurrence: WeekOccurrence, how: Given) => {
		given.set(occurrence.id, how);
		if (how.to !== null) minutes.set(how.to, (minutes.get(how.to) ?? 0) + occurrence.minutes);
	};
	/** Occurrences that go in turns: how the round stands, and for days and weeks who has it now. */
	const running = new Map<string, { key: number; to: string }>();

	for (const occurrence of occurrences) {
		const can = able(occurrence);
		const { who, layer } = occurrence.line.job;
		const had = already.get(occurrence.id);
		if (had !== undefined && isIll(had, occurrence.due) && layer !== 'basics') {
			give(occurrence, { how: 'lies', to: null });
			continue;
		}
		if (had !== undefined && held.has(occurrence.id) && can.includes(had)) {
			give(occurrence, { how: 'held', to: had });
			continue;
		}
		if (who.mode === 'free') give(occurrence, { how: 'free', to: null });
		else if (can.length === 0) give(occurrence, { how: 'nobody', to: null });
		else if (who.mode === 'fixed') give(occurrence, { how: 'fixed', to: can[0] as string });
		else if (who.mode === 'turns') {
			const order = who.members.length > 0 ? who.members : occurrence.candidates.map((one) => one.member.id);
			const key = who.every === 'week' ? 0 : who.every === 'day' ? occurrence.due : NaN;
			// By day and by week one and the same person has all the parts of it.
			const round = who.every === 'week' || who.every === 'day' ? occurrence.line.job.id : occurrence.line.id;
			const now = running.get(round);
			const previous = now?.to ?? last.get(occurrence.line.id);
			const to = now && now.key === key && can.includes(now.to) ? now.to : nextInTurn(order, can, previous);
			if (to === null) {
				give(occurrence, { how: 'nobody', to: null });
				continue;
			}
			if (previous !== undefined) before.set(occurrence.id, previous);
			running.set(round, { key, to });
			give(occurrence, { how: can.length === 1 ? 'only' : 'turn', to });
		} else if (can.length === 1) give(occurrence, { how: 'only', to: can[0] as string });
		else open.push({ occurrence, can });
	}

	const dislikes = new Map(home.members.map((member) => [member.id, new Set(member.dislikes)]));
	const shared = assign(
		people.map((one) => ({ ...one, minutesSoFar: minutes.get(one.id) ?? 0 })),
		open.map(({ occurrence, can }) => {
			const sevenBefore = occurrenceId(occurrence.line.id, (occurrence.due - 7) as CivilDay);
			const previous = lastWeek.get(sevenBefore) ?? last.get(occurrence.line.id) ?? null;
			return {
				id: occurrence.id,
				minutes: occurrence.minutes,
				can,
				before: previous,
				wish: 'keep',
				dislikedBy: can.filter((id) => dislikes.get(id)?.has(occurrence.line.job.id))
			};
		})
	);
	for (const { occurrence } of open) {
		const to = shared.given.get(occurrence.id);
		give(occurrence, to === undefined ? { how: 'nobody', to: null } : { how: 'shared', to });
	}

	const total = [...minutes.values()].reduce((sum, one) => sum + one, 0);
	const balance = people.map((one): PersonBalance => {
		const now = minutes.get(one.id) ?? 0;
		return {
			member: one.id,
			share: one.share,
			minutes: now,
			agreed: one.share * total,
			given: now - one.minutesSoFar
		};
	});
	return {
		occurrences,
		given,
		balance,
		spread:
			total === 0 ? 0 : Math.max(0, ...balance.map((one) => Math.abs(one.minutes - one.agreed))) / total,
		before
	};
}

/** A reason for an occurrence, at most three of them said. */
export type Reason =
	| { readonly code: 'owner' }
	| { readonly code: 'in-turn'; readonly before: string | null; readonly weekday: number | null }
	| { readonly code: 'only-one' }
	| { readonly code: 'by-hand' }
	/** So many minutes below the share, before this week was given out. */
	| { readonly code: 'below'; readonly minutes: number }
	| { readonly code: 'others-over'; readonly member: string; readonly minutes: number }
	| {
			readonly code: 'cannot';
			readonly member: string;
			readonly why: WeekOccurrence['candidates'][number]['why'][number];
	  };

export interface Why {
	readonly to: string | null;
	readonly reasons: readonly Reason[];
	/** Who else could take it. */
	readonly could: readonly string[];
}

/** Why an occurrence came to whom it did, and who else could. At most three reasons, the strongest first. */
export function explain(week: AssignedWeek, id: string): Why | null {
	const occurrence = week.occurrences.find((one) => one.id === id);
	const given = week.given.get(id);
	if (!occurrence || !given) return null;
	const reasons: Reason[] = [];
	const { to } = given;
	const balance = new Map(week.balance.map((one) => [one.member, one]));
	const offBefore = (member: string) => {
		const one = balance.get(member);
		return one ? one.minutes - one.given - one.share * (one.agreed > 0 ? totalBefore(week) : 0) : 0;
	};
	if (given.how === 'fixed') reasons.push({ code: 'owner' });
	if (given.how === 'only') reasons.push({ code: 'only-one' });
	if (given.how === 'held') reasons.push({ code: 'by-hand' });
	if (given.how === 'turn')
		reasons.push({
			code: 'in-turn',
			before: week.before.get(id) ?? null,
			weekday: week.before.has(id) ? weekdayOf(occurrence.due) : null
		});
	const could = able(occurrence).filter((one) => one !== to);
	if (given.how === 'shared' && to !== null) {
		const off = offBefore(to);
		if (off < -0.5) reasons.push({ code: 'below', minutes: -off });
	}
	if (given.how === 'shared' || given.how === 'turn') {
		const over = could
			.map((member) => ({ member, minutes: offBefore(member) }))
			.filter((one) => one.minutes > 0.5)
			.sort((a, b) => b.minutes - a.minutes)[0];
		if (over && given.how === 'shared') reasons.push({ code: 'others-over', ...over });
	}
	for (const one of occurrence.candidates) {
		const why = one.why.find((reason) => reason.code !== 'not-named') ?? null;
		// Those whom the job does not even name are no surprise.
		if (why && !one.why.some((reason) => reason.code === 'not-named'))
			reasons.push({ code: 'cannot', member: one.member.id, why });
	}
	return { to, reasons: reasons.slice(0, 3), could };
}

const totalBefore = (week: AssignedWeek) =>
	week.balance.reduce((sum, one) => sum + one.minutes - one.given, 0);

/** The occurrences that another giving-out gives to somebody else. */
export function changedOccurrences(one: AssignedWeek, other: AssignedWeek): string[] {
	return other.occurrences
		.filter(
			(occurrence) =>
				(one.given.get(occurrence.id)?.to ?? null) !== (other.given.get(occurrence.id)?.to ?? null)
		)
		.map((occurrence) => occurrence.id);
}
