/** The way back from a home to the answers that would make it. */
import { minutesOfDay } from '../household/dayMinutes';
import type { Home, Member } from '../household/home';
import { draftSchema, type Draft } from './draft';

/** The answers that would make a home again: to run the first steps later and change one thing. */
export function draftFromHome(home: Home, household: string): Draft {
	const presence = (member: Member): Draft['people'][number]['presence'] => {
		if (member.home === undefined) return 'always';
		const days = new Set(member.home.flatMap((span) => span.weekdays));
		if (member.home.some((span) => span.from === '15:00')) return 'school';
		return days.size === 1
			? 'oneday'
			: days.size === 2 && days.has(6) && days.has(7)
				? 'weekends'
				: 'evenings';
	};
	return draftSchema.parse({
		version: 1,
		patternTaken: true,
		step: 'rooms',
		storey: Math.max(...home.rooms.map((room) => room.storey)),
		name: home.household.name,
		timeZone: home.household.timeZone,
		clock: home.household.clock,
		dates: home.household.dates,
		units: home.household.units,
		rooms: [...home.rooms]
			.sort((a, b) => a.walkOrder - b.walkOrder)
			.map(({ id, name, kind, storey, floor, surfaces, owners, sheds }) => ({
				id,
				name,
				kind,
				storey,
				...(floor ? { floor } : {}),
				surfaces,
				owners,
				sheds
			})),
		people: home.members
			.filter((member) => member.role !== 'device')
			.map((member) => ({
				id: member.id,
				name: member.name,
				role: member.role,
				...(member.bornOn ? { bornOn: member.bornOn } : {}),
				presence: presence(member),
				weekday: member.home?.[0]?.weekdays[0] ?? 4
			})),
		pets: home.pets,
		// A home without zones has parted nothing: a way of cleaning with zones parts it.
		...(home.zones.length === 0
			? {}
			: {
					zones: home.zones.map((zone) => ({
						id: zone.id,
						name: zone.name,
						weave: zone.weave,
						rooms: home.rooms.filter((room) => room.zone === zone.id).map((room) => room.id)
					}))
				}),
		minutesADay: minutesOfDay(home.household),
		weekStart: home.household.weekStart,
		freeDays: home.household.rhythm.freeDays,
		catchUpDays: home.household.rhythm.catchUpDays,
		begin: home.household.layers.length === 1 ? 'basics' : 'all',
		changes: household
	});
}
