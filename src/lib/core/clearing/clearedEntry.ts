/** What a clearing leaves in the ledger once it is over. Rules: "Clearing". */
import type { CivilDay } from '../calendar/civil';
import type { ClearedEntry } from '../household/entry';
import type { SessionPlan } from '../session/sessionPlan';
import type { SessionState } from '../session/sessionState';
import type { Clearing } from './clearing';

/** In halves of a minute, as minutes of work are told. */
const inHalves = (milliseconds: number) => Math.round(milliseconds / 30_000) / 2;

/**
 * One entry for each who was in it, with the minutes worked; the things stand in the first one's. None where nothing was
 * counted within half a minute, or where nobody was there.
 */
export function clearedEntries(
	plan: SessionPlan,
	clearing: Clearing,
	state: SessionState,
	about: { readonly session: string; readonly date: CivilDay; readonly member: string },
	idOf: (who: string) => string
): ClearedEntry[] {
	const minutes = inHalves(state.worked);
	const { bin, give, put } = clearing.counts;
	if (!plan.clearing || state.leftAlone || (minutes < 0.5 && bin + give + put === 0)) return [];
	const { room, spot } = plan.clearing;
	return (plan.people.length > 0 ? plan.people : [about.member]).map((who, i) => ({
		outcome: 'cleared',
		id: idOf(who),
		date: about.date,
		by: who,
		room,
		spot,
		minutes: Math.max(0.5, minutes),
		binned: i === 0 ? bin : 0,
		given: i === 0 ? give : 0,
		put: i === 0 ? put : 0,
		session: about.session
	}));
}
