/** Loads of the pile as they are begun or taken off: one of a wash day that went by is written down then. */
import { householdTime } from '$core/calendar/instant';
import { DRY_MINUTES, KIND_MINUTES, type Load } from '$core/laundry/laundry';
import { LOAD_LINE } from '$core/session/gather';
import type { SessionEvent } from '$core/session/sessionPlan';
import type { Db } from '../../db/pool';
import { followingId } from '../../ids';
import { loadHome } from '../../repo/homeRepo';
import { addLoad, loadOf, tellLoad } from '../../repo/laundryRepo';
import { pileOf } from '../../repo/pileRepo';
import { loadProjection } from '../../repo/projectionRepo';

/** A load of this home, written down if it is one of the pile that is not yet; null where there is no such load. */
export async function loadOfPile(db: Db, household: string, id: string, at: number): Promise<Load | null> {
	const known = await loadOf(db, household, id);
	if (known) return known;
	const home = await loadHome(db, household);
	if (!home) return null;
	const { date } = householdTime(at, home.home.household);
	const pile = await pileOf(db, household, home, await loadProjection(db, household), date);
	const found = pile.find((one) => one.id === id);
	if (!found) return null;
	const { dry } = home.home.household.laundry;
	const load = {
		id,
		name: found.name,
		kind: 'person' as const,
		owner: null,
		dry,
		washMinutes: KIND_MINUTES.person.wash,
		dryMinutes: DRY_MINUTES[dry]
	};
	await addLoad(db, household, load, at);
	return { ...load, events: [] };
}

/** A load of the pile that is washed within a session goes on from stage to stage with its steps. */
export async function followLoad(
	db: Db,
	household: string,
	step: { readonly line: string; readonly step: number },
	event: SessionEvent,
	by: string
): Promise<void> {
	if (!step.line.startsWith(LOAD_LINE)) return;
	const load = await loadOfPile(db, household, step.line.slice(LOAD_LINE.length), event.at);
	if (!load) return;
	const stage = event.kind === 'stepUndone' ? 'undo' : step.step === 0 ? 'washing' : 'drying';
	await tellLoad(db, household, load.id, { id: followingId(event.id, 'load'), stage, at: event.at, by });
}
