/** What clearings have left open: closings, give-away bags until they have left, boxes that wait for their place. */
import { LEFT_OPEN_SAYS } from '$words/answers/today';
import { toDay, type CivilDay } from '$core/calendar/civil';
import type { LeftOpenView } from '$views/today';
import { dayAhead } from '$words/general';
import { memberName } from '$words/names';
import { openBags, openBoxes } from '../../repo/clearingRepo';
import type { House } from '../../repo/openHouse';
import type { StoredSession } from '../../repo/sessionRepo';

/** All of it that concerns a day, the closings first. */
export async function leftOpen(
	house: House,
	household: string,
	sessions: readonly StoredSession[],
	today: CivilDay
): Promise<LeftOpenView[]> {
	const { home } = house;
	const [bags, boxes] = await Promise.all([
		house.read('open bags', (db) => openBags(db, household)),
		house.read('open boxes', (db) => openBoxes(db, household))
	]);
	return [
		...sessions
			.filter((session) => session.closing === 'open')
			.map((session): LeftOpenView => ({
				kind: 'closing',
				id: session.id,
				name: LEFT_OPEN_SAYS.putAway(session.plan.clearing?.spot ?? ''),
				words: memberName(home, session.member),
				href: `/timer/${session.id}`
			})),
		...bags.map((bag): LeftOpenView => {
			const late = toDay(bag.leavesOn) < today;
			const carrier = memberName(home, bag.carrier);
			return {
				kind: 'bag',
				id: bag.id,
				name: LEFT_OPEN_SAYS.giveAwayBag(bag.place),
				words:
					LEFT_OPEN_SAYS.leaves(bag.things, late, dayAhead(toDay(bag.leavesOn), today)) +
					(carrier ? LEFT_OPEN_SAYS.withWhom(carrier) : ''),
				href: null
			};
		}),
		...boxes.map((box): LeftOpenView => ({
			kind: 'box',
			id: box.id,
			name: LEFT_OPEN_SAYS.boxInThe(home.roomById.get(box.room)?.name ?? 'house'),
			words: `waits for its place: ${box.things}`,
			href: null
		}))
	];
}
