/** What of a day is somebody's: given, fixed, in turn, or shared among those named. Rules: "Who can take a job". */
import type { CivilDay } from '../calendar/civil';
import type { Home, Job, Member } from '../household/home';
import type { DaySeries } from '../schedule/readDay';
import { occurrenceId } from './weekOccurrences';
import { mayDo, ownersOfWork } from './whoCan';

/** Who has which occurrence, by line and due day; empty where nothing has been given out. */
export interface GivenTurns extends ReadonlyMap<string, string> {
	/** Who is away or ill on the day: what is theirs is offered to the others. */
	readonly away?: ReadonlySet<string>;
}

/** The same with those who are away or ill. */
export const withAway = (given: ReadonlyMap<string, string>, away: ReadonlySet<string>): GivenTurns =>
	Object.assign(new Map(given), { away });

export const NOTHING_GIVEN: GivenTurns = new Map();

/**
 * To whom a line was given for a day: the occurrence of the day itself, or the one that stands since its due day; null
 * also where that person is away.
 */
export function givenTo(line: DaySeries, day: CivilDay, given: GivenTurns): string | null {
	const to =
		given.get(occurrenceId(line.line.id, day)) ??
		(line.dueOn === null ? undefined : given.get(occurrenceId(line.line.id, line.dueOn)));
	return to === undefined || given.away?.has(to) ? null : to;
}

/** Whose a job is, by id: those it names, else the owners of its room who may do it. Nobody's: it is for anybody. Rules: "Who can take a job". */
export function belongsTo(home: Home, job: Job, day: CivilDay): readonly string[] {
	if (job.who.members.length > 0) return job.who.members;
	const owners = ownersOfWork(home, job, day);
	const isTheirs = (one: Member) => owners.includes(one.id) && mayDo(job, one, day, owners);
	return home.members.filter(isTheirs).map((one) => one.id);
}

/**
 * Whose turn a line is on a day: whoever it was given to; else its owner, the next in turn, or all it names, or those whose own
 * room it is in; none for what is free, and for what is only of people who are away or ill: that is offered again the same day.
 */
export function whoseTurn(
	home: Home,
	line: DaySeries,
	day: CivilDay,
	given: GivenTurns = NOTHING_GIVEN
): string[] {
	const to = givenTo(line, day, given);
	if (to !== null) return [to];
	const { mode } = line.line.job.who;
	const members = belongsTo(home, line.line.job, day);
	const here = members.filter((id) => !given.away?.has(id));
	if (here.length === 0) return [];
	if (mode !== 'turns') return here;
	// Whose turn it is, or the next after them who is not away.
	const from = line.doneTurns % members.length;
	const round = members.map((_, i) => members[(from + i) % members.length] as string);
	return round.filter((id) => here.includes(id)).slice(0, 1);
}

/** The lines of a day that are somebody's to do: due, late or open, or done today. What is free is nobody's own. */
export function ownLines(
	home: Home,
	lines: readonly DaySeries[],
	member: string,
	day: CivilDay,
	given: GivenTurns
): DaySeries[] {
	return lines.filter((line) => {
		const stands =
			line.state === 'due' || line.state === 'late' || line.state === 'open' || line.ticks.length > 0;
		return stands && !line.offTheLine && whoseTurn(home, line, day, given).includes(member);
	});
}
