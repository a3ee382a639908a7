/** What clearings have left open: closings, give-away bags until they have left, boxes that wait for their place. */
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { toDay, type CivilDay } from '$core/calendar/civil';
import type { PreparedHome } from '$core/household/history';
import type { LeftOpenView } from '$ui/today/view';
import { dayAhead, plural } from '$ui/words';
import { now } from '../clock';
import { transaction, type Db } from '../db/pool';
import { bagLeft, boxGone, openBags, openBoxes } from '../store/clearingStore';
import type { StoredSession } from '../store/sessionStore';
import { acting, typed } from './guard';
import { memberName } from './tags';

/** All of it that concerns a day, the closings first. */
export async function leftOpen(
	db: Db,
	household: string,
	home: PreparedHome,
	sessions: readonly StoredSession[],
	today: CivilDay
): Promise<LeftOpenView[]> {
	const [bags, boxes] = await Promise.all([openBags(db, household), openBoxes(db, household)]);
	return [
		...sessions
			.filter((session) => session.closing === 'open')
			.map((session): LeftOpenView => ({
				kind: 'closing',
				id: session.id,
				name: `Carry home: ${session.plan.clearing?.spot ?? ''}`,
				words: memberName(home, session.member),
				href: `/pail/${session.id}`
			})),
		...bags.map((bag): LeftOpenView => {
			const late = toDay(bag.leavesOn) < today;
			const carrier = memberName(home, bag.carrier);
			return {
				kind: 'bag',
				id: bag.id,
				name: `Give-away bag, ${bag.place}`,
				words: `${bag.things} ${plural(bag.things, 'thing')}, ${late ? 'was to leave' : 'leaves'} ${dayAhead(toDay(bag.leavesOn), today)}${carrier ? ` with ${carrier}` : ''}`,
				href: null
			};
		}),
		...boxes.map((box): LeftOpenView => ({
			kind: 'box',
			id: box.id,
			name: `Box in the ${home.roomById.get(box.room)?.name ?? 'house'}`,
			words: `waits for its place: ${box.things}`,
			href: null
		}))
	];
}

const form = z.object({ kind: z.enum(['bag', 'box']), of: z.uuid() });

/** A bag has left the house; a box is empty. */
export function leftOpenDone(household: string, data: FormData) {
	return acting(data, async () => {
		const read = form.safeParse(Object.fromEntries(data));
		if (!read.success)
			return fail(400, {
				message: 'This press was not understood. Reload the page and try again.',
				values: typed(data)
			});
		const { kind, of } = read.data;
		const done = await transaction((db) =>
			kind === 'bag' ? bagLeft(db, household, of, now()) : boxGone(db, household, of, now())
		);
		if (!done) return fail(404, { message: 'That is not here any more.', values: typed(data) });
		return { message: kind === 'bag' ? 'The bag has left the house.' : 'The box is empty.', undo: null };
	});
}
