/** Growing into a job, rung by rung. Rules: "Learning a job". */
import type { LedgerEntry, LookRoundEntry, RungEntry } from '../household/entry';
import type { Job, Member } from '../household/home';
import type { CivilDay } from '../calendar/civil';
import { effectiveLedger } from '../schedule/series';
import { isOldEnough } from './whoCan';

/** How somebody does a rung: with somebody beside them, alone and looked at, or by themselves for good. */
export type RungStage = 'with' | 'alone' | 'signed';

export interface RungState {
	readonly rung: number;
	readonly name: string;
	/** Null: not open yet. */
	readonly stage: RungStage | null;
	/** How often it was done with somebody, and alone. */
	readonly withSomebody: number;
	readonly alone: number;
	/** Look-rounds that an adult has answered since it is done alone, and how many passed at the first time. */
	readonly looked: number;
	readonly passed: number;
	/** What the record suggests; somebody has to say so. */
	readonly ready: 'alone' | 'sign' | null;
}

/** So many times with somebody suggest a try alone. */
export const TIMES_WITH = 2;
/** So many first-time passes in a row suggest signing off. */
export const PASSES = 3;

export interface LookAnswer {
	readonly asked: LookRoundEntry;
	readonly answer: LookRoundEntry | null;
	/** Whether this was the first asking, not one after something was given back. */
	readonly first: boolean;
}

/** The look-rounds of a member at a job, in the order asked, each with its answer. */
export function lookRounds(entries: readonly LedgerEntry[], member: string, chore: string): LookAnswer[] {
	const holding = effectiveLedger(entries).filter(
		(entry): entry is LookRoundEntry =>
			entry.outcome === 'lookround' && entry.member === member && entry.chore === chore
	);
	let givenBack = false;
	return holding
		.filter((entry) => entry.verdict === 'asked')
		.map((asked) => {
			const answer = holding.find((entry) => entry.verdict !== 'asked' && entry.asking === asked.id) ?? null;
			const first = !givenBack;
			givenBack = answer?.verdict === 'back';
			return { asked, answer, first };
		});
}

/**
 * Where a member stands on the rungs of a job. The first rung is open from the start, each other once the one
 * before it is signed off; `again` takes a rung back to being done with somebody. The suggestions never act by
 * themselves.
 */
export function stateOfRungs(
	job: Job,
	member: string,
	entries: readonly LedgerEntry[]
): readonly RungState[] {
	const said = effectiveLedger(entries).filter(
		(entry): entry is RungEntry =>
			entry.outcome === 'rung' && entry.member === member && entry.chore === job.id
	);
	const looks = lookRounds(entries, member, job.id).filter((look) => look.answer !== null);
	const order = new Map(entries.map((entry, i) => [entry.id, i]));
	let open = true;
	return job.rungs.map((name, rung) => {
		const mine = said.filter((entry) => entry.rung === rung);
		let lastAgain = -1;
		mine.forEach((entry, i) => {
			if (entry.how === 'again') lastAgain = i;
		});
		const since = mine.slice(lastAgain + 1);
		const signed = since.some((entry) => entry.how === 'signed');
		const firstAlone = since.find((entry) => entry.how === 'alone');
		const stage: RungStage | null = !open ? null : signed ? 'signed' : firstAlone ? 'alone' : 'with';
		const from = firstAlone ? (order.get(firstAlone.id) ?? 0) : Infinity;
		const recent = looks.filter((look) => (order.get(look.asked.id) ?? 0) >= from && look.first);
		const passes = recent.map((look) => look.answer?.verdict === 'confirmed');
		const withSomebody = since.filter((entry) => entry.how === 'with').length;
		const ready =
			stage === 'with' && withSomebody >= TIMES_WITH
				? 'alone'
				: stage === 'alone' && passes.length >= PASSES && passes.slice(-PASSES).every(Boolean)
					? 'sign'
					: null;
		open = open && signed;
		return {
			rung,
			name,
			stage,
			withSomebody,
			alone: since.filter((entry) => entry.how === 'alone').length,
			looked: recent.length,
			passed: passes.filter(Boolean).length,
			ready
		};
	});
}

/**
 * True where a child learns a job in steps: the family has begun to, or the child is not of the age at which it is
 * usually done alone. A job with rungs and no such age is one whose family wrote them: it is learnt.
 */
function isLearning(job: Job, member: Member, entries: readonly LedgerEntry[], day: CivilDay): boolean {
	if (job.aloneFrom === undefined) return true;
	if (!isOldEnough(job, day)(member)) return true;
	return effectiveLedger(entries).some(
		(entry) => entry.outcome === 'rung' && entry.member === member.id && entry.chore === job.id
	);
}

/**
 * The rung that stands between a child and the whole job: the first that is not signed off, but the last one
 * counts as reached once it is done alone. Null where the job is theirs whole, as it is at once from the age at which
 * it is usually done alone; grown-ups need no rungs. Rules: "Learning a job".
 */
export function rungToPractise(
	job: Job,
	member: Member,
	entries: readonly LedgerEntry[],
	day: CivilDay
): { readonly rung: number; readonly stage: 'with' | 'alone' } | null {
	if (job.rungs.length === 0 || member.role !== 'child') return null;
	if (!isLearning(job, member, entries, day)) return null;
	const reached = stateOfRungs(job, member.id, entries).find((one) => one.stage !== 'signed');
	if (!reached || reached.stage === null || reached.stage === 'signed') return null;
	if (reached.stage === 'alone' && reached.rung === job.rungs.length - 1) return null;
	return { rung: reached.rung, stage: reached.stage };
}

/** Whether a step may be said of a rung as it stands: only open rungs move, and each stage has its own ways on. */
export function maySay(reached: RungState | undefined, how: RungEntry['how']): boolean {
	if (!reached || reached.stage === null) return false;
	if (how === 'again') return reached.stage !== 'with';
	if (how === 'with') return reached.stage === 'with';
	if (how === 'alone') return reached.stage === 'with' || reached.stage === 'alone';
	return reached.stage !== 'signed';
}
