/** Sessions by hand for the tests: a plan of steps, events at minutes, a pail filled for one person. */
import type { CivilDay } from '../../src/lib/core/calendar/civil';
import type { PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import type { Member } from '../../src/lib/core/household/home';
import { readDay, type DaySeries } from '../../src/lib/core/schedule/readDay';
import { filling, sessionPlan, type Filling } from '../../src/lib/core/session/fill';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import type { DayPart } from '../../src/lib/core/calendar/dayParts';
import { mayDo } from '../../src/lib/core/people/whoCan';
import type { Plan } from '../../src/lib/core/planner/plan';
import { effortFor } from '../../src/lib/core/planner/makePlan';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { gather } from '../../src/lib/core/session/gather';
import type { SessionKind } from '../../src/lib/core/session/kinds';
import { wholeRoutine } from '../../src/lib/core/session/mustBeIn';
import { offers, type PailOffer } from '../../src/lib/core/session/offers';
import type {
	EventDetail,
	PailStep,
	SessionEvent,
	SessionEventKind,
	SessionPlan
} from '../../src/lib/core/session/sessionPlan';
import { readPlan } from '../../src/lib/core/session/sessionSchema';

export const MINUTE = 60_000;

/** A step of a job called like its line; class 0 and no wait where nothing else is said. */
export function step(line: string, at: number, minutes: number, more: Partial<PailStep> = {}): PailStep {
	return {
		line,
		job: line,
		jobName: line.toUpperCase(),
		step: at,
		text: `${line} ${at}`,
		room: 'a',
		roomName: 'A',
		minutes,
		start: 0,
		wait: null,
		last: true,
		who: 'ada',
		class: 0,
		appliance: null,
		uses: [],
		...more
	};
}

/** A session of these steps, by whoever is in them. */
export function session(
	steps: readonly PailStep[],
	bellMinutes: number,
	more: Partial<SessionPlan> = {}
): SessionPlan {
	const people = [...new Set(steps.map((one) => one.who))];
	return {
		...readPlan({ bellMinutes, steps: steps.length > 0 ? steps : [step('nothing', 0, 1)] }),
		steps,
		people: people.length > 0 ? people : ['ada'],
		rooms: [
			{ id: 'a', storey: 0 },
			{ id: 'b', storey: 0 },
			{ id: 'c', storey: 2 }
		],
		lines: Object.fromEntries(steps.map((one) => [one.line, { worth: 1, held: false, can: people }])),
		...more
	};
}

let count = 0;
export const event = (
	kind: SessionEventKind,
	minute: number,
	at: number | null = null,
	detail: EventDetail = {}
): SessionEvent => ({
	...detail,
	id: `e${count++}`,
	kind,
	at: minute * MINUTE,
	step: at
});

export interface OnePail {
	readonly offer: PailOffer;
	readonly plan: SessionPlan;
	readonly lines: readonly string[];
	readonly left: readonly string[];
	readonly minutes: number;
	readonly cut: boolean;
}

/** A pail of most worth for one person, in the first breath. */
export function fillOne(
	home: PreparedHome,
	lines: readonly DaySeries[],
	member: Member,
	bell: number,
	date: CivilDay
): OnePail {
	const filled = filling({
		home,
		kind: 'bite',
		bell,
		date,
		people: [member],
		gathered: { lines, extra: [], seen: () => 1 },
		hold: [],
		without: [],
		together: 'free'
	});
	const offer = offers(filled)[0] as PailOffer;
	const plan = {
		...(offer.plan.entries.length > 0
			? sessionPlan({ ...filled, input: offer.input }, offer.plan, bell)
			: session([], bell, { steps: [] }))
	};
	const taken = [...new Set(plan.steps.map((one) => one.line))];
	return {
		offer,
		plan,
		lines: taken,
		left: lines.map((line) => line.line.id).filter((id) => !taken.includes(id)),
		minutes: offer.plan.end,
		cut: offer.name === 'start'
	};
}

/** A session of a kind as it is offered on a day after what was done, filled to the last minute. */
export function solved(
	home: PreparedHome,
	entries: readonly LedgerEntry[],
	date: CivilDay,
	kind: SessionKind,
	bell: number,
	who: readonly string[],
	part: DayPart = 'morning',
	/** As much as a page asks for; else as little as shows the rules. */
	asOnPage = false
): { filled: Filling; plan: Plan } {
	const projection = projectHome(home, entries);
	const day = readDay(home, projection, date);
	const people = home.home.members.filter((one) => who.includes(one.id));
	const pool = day.lines.filter((line) => people.some((one) => mayDo(line.line.job, one, date)));
	const gathered = gather(kind, { home, projection, day, part, pool, rooms: null, minutes: bell });
	const filled = filling({
		home,
		kind,
		bell,
		date,
		people,
		gathered,
		hold: kind === 'reset' ? wholeRoutine(gathered.lines, bell).map((line) => line.line.id) : [],
		without: [],
		together: 'free',
		brim: true
	});
	const [best] = offers(filled, asOnPage ? effortFor(filled.input) : { rounds: 4, exactNodes: 0 });
	if (!best) throw new Error('no session is offered');
	return { filled, plan: best.plan };
}
