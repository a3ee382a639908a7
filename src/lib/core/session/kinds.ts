/** The kinds of session, with their bells and caps. Rules: "Kinds of session". */

export const SESSION_KINDS = [
	'bite',
	'basics',
	'round',
	'zone',
	'clearing',
	'visitors',
	'reset',
	'bigday',
	'detail'
] as const;

export type SessionKind = (typeof SESSION_KINDS)[number];

export interface KindRules {
	/** Minutes to the bell where nothing else is said. */
	readonly minutes: number;
	/** The bell is an hour of the day: a pause does not put it off. */
	readonly fixedBell: boolean;
	/** A job stops at so many minutes, finished or not, and counts as done; null: no cap. */
	readonly cap: number | null;
	/** At most so many jobs; null: as many as fit. */
	readonly jobs: number | null;
}

export const KIND_RULES: Readonly<Record<SessionKind, KindRules>> = {
	bite: { minutes: 10, fixedBell: false, cap: null, jobs: null },
	basics: { minutes: 60, fixedBell: false, cap: null, jobs: null },
	round: { minutes: 60, fixedBell: false, cap: 10, jobs: 7 },
	zone: { minutes: 15, fixedBell: false, cap: null, jobs: null },
	clearing: { minutes: 15, fixedBell: false, cap: null, jobs: null },
	visitors: { minutes: 30, fixedBell: true, cap: null, jobs: null },
	reset: { minutes: 10, fixedBell: false, cap: null, jobs: null },
	bigday: { minutes: 240, fixedBell: false, cap: null, jobs: null },
	detail: { minutes: 40, fixedBell: false, cap: null, jobs: 5 }
};

/** Kinds of room that a weekly round keeps to: where people walk and wash. */
export const TRAFFIC_ROOMS: readonly string[] = ['kitchen', 'bathroom', 'toilet', 'living', 'dining', 'hall'];

/** Work of a big day between two breaks, and the breaks: short ones, and a long one in the middle. Minutes. */
const WORK_BETWEEN_BREAKS = 75;
const SHORT_BREAK = 15;
const LONG_BREAK = 30;

/** The breaks of a day of `minutes`, from its beginning. Rules: "Kinds of session". */
export function breaksOf(minutes: number): { from: number; until: number }[] {
	const lay = (long: number) => {
		const breaks: { from: number; until: number }[] = [];
		let at = WORK_BETWEEN_BREAKS;
		while (at + SHORT_BREAK + 20 <= minutes) {
			const length = breaks.length === long ? LONG_BREAK : SHORT_BREAK;
			breaks.push({ from: at, until: Math.min(minutes, at + length) });
			at += length + WORK_BETWEEN_BREAKS;
		}
		return breaks;
	};
	const short = lay(-1);
	const toMiddle = short.map((span) => Math.abs(span.from + SHORT_BREAK / 2 - minutes / 2));
	return lay(toMiddle.indexOf(Math.min(...toMiddle)));
}

/** The kind that a sitting really is: a zone that is not clear of clutter spends its sittings on clearing. */
export const kindOn = (kind: SessionKind, zone: { readonly clearing: boolean } | null): SessionKind =>
	kind === 'zone' && zone?.clearing ? 'clearing' : kind;
