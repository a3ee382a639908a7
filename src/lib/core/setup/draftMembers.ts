/** The people of a home, as the answers of the first steps name them. */
import { PLAIN_PERSON, type Home, type Member } from '../household/home';
import type { Draft } from './draft';
import { withMembers } from './editMembers';

const presenceOf = (person: Draft['people'][number]): Member['home'] => {
	switch (person.presence) {
		case 'always':
			return undefined;
		case 'evenings':
			// Whoever is out at work has the morning before it.
			return [
				{ weekdays: [1, 2, 3, 4, 5], from: '00:00', to: '08:00' },
				{ weekdays: [1, 2, 3, 4, 5], from: '17:00', to: '24:00' },
				{ weekdays: [6, 7], from: '00:00', to: '24:00' }
			];
		case 'school':
			return [
				{ weekdays: [1, 2, 3, 4, 5], from: '00:00', to: '08:00' },
				{ weekdays: [1, 2, 3, 4, 5], from: '15:00', to: '24:00' },
				{ weekdays: [6, 7], from: '00:00', to: '24:00' }
			];
		case 'weekends':
			return [{ weekdays: [6, 7], from: '00:00', to: '24:00' }];
		case 'oneday':
			return [{ weekdays: [person.weekday], from: '09:00', to: '16:00' }];
	}
};

/** Children of whom it is not known how old they are: what they may do and use is not known either. */
export const childrenWithoutAge = (draft: Draft): Draft['people'] =>
	draft.people.filter((person) => person.role === 'child' && person.bornOn === undefined);

/** The household's members as the answers name them; somebody is there even where nobody was named. */
export function membersOf(draft: Draft): Member[] {
	const grown = draft.people.find((person) => person.role === 'organiser' || person.role === 'adult');
	// Whoever begins the home organises it: the first grown-up who is named, or somebody who was not.
	const people = grown ? draft.people : [UNNAMED, ...draft.people];
	const first = grown?.id ?? UNNAMED.id;
	return people.map((person): Member => {
		const home = presenceOf(person);
		const role = person.id === first ? 'organiser' : person.role === 'organiser' ? 'adult' : person.role;
		return {
			id: person.id,
			name: person.name,
			role,
			...(person.bornOn ? { bornOn: person.bornOn } : {}),
			...(home ? { home } : {}),
			...PLAIN_PERSON,
			carries: role === 'organiser' ? [{ weekdays: [1, 2, 3, 4, 5, 6, 7], from: '05:00', to: '23:00' }] : []
		};
	});
}

const UNNAMED: Draft['people'][number] = {
	id: 'first-organiser',
	name: 'Me',
	role: 'organiser',
	presence: 'always',
	weekday: 4
};

/** People as the answers name them; who was there already keeps what the answers do not ask. */
export function withPeople(home: Home, draft: Draft): Home {
	if (draft.people.length === 0) return { ...home, pets: draft.pets };
	const asked = new Map(draft.people.map((person) => [person.id, person]));
	const members = membersOf(draft).map((member) => {
		const before = home.members.find((one) => one.id === member.id);
		return before
			? { ...before, name: member.name, ...(asked.get(member.id)?.bornOn ? { bornOn: member.bornOn } : {}) }
			: member;
	});
	const devices = home.members.filter((member) => member.role === 'device');
	return { ...withMembers(home, [...members, ...devices]), pets: draft.pets };
}
