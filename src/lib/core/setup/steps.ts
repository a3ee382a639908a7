/** The touches of the first steps: each takes the answers one step on. Pure, so that a page and a test agree. */
import { z } from 'zod';
import { id, isoDate, minutes, weekday, weekdays } from '../household/fields';
import {
	DATE_ORDERS,
	FLOORS,
	PERSON_ROLES,
	PETS,
	ROOM_KINDS,
	SURFACES,
	timeZone,
	UNITS,
	WEAVES
} from '../household/home';
import { MOST, PRESENCE, STEPS, type Draft, type DraftRoom } from './draft';
import { zonesOf } from './homeFromDraft';
import { patternOf } from './recommend';
import { freeId, type Library } from './library';
import type { Pattern } from './pattern';

const storey = z.coerce.number().int().min(-5).max(60);
const text = z.string().trim().max(80, 'Keep the name to 80 characters.');
/** Minutes as people write them, with a comma or a point. */
const typedMinutes = z
	.string()
	.transform((said) => Number(said.trim().replace(',', '.') || NaN))
	.pipe(z.number('Minutes are a number, such as 60.'))
	.pipe(minutes);
const numbers = z
	.string()
	.transform((list) => list.split(',').filter(Boolean).map(Number))
	.pipe(weekdays);

export const touchSchema = z.discriminatedUnion('op', [
	z.strictObject({ op: z.literal('hang'), kind: z.enum(ROOM_KINDS), storey, name: text.optional() }),
	z.strictObject({ op: z.literal('unhang'), room: id }),
	z.strictObject({ op: z.literal('nameRoom'), room: id, name: text.min(1, 'Give the room a name.') }),
	z.strictObject({ op: z.literal('floor'), room: id, floor: z.enum(FLOORS) }),
	z.strictObject({ op: z.literal('surface'), room: id, surface: z.enum(SURFACES) }),
	z.strictObject({ op: z.literal('sheds'), room: id, pet: z.enum(PETS) }),
	z.strictObject({ op: z.literal('owner'), room: id, person: id }),
	z.strictObject({ op: z.literal('walk'), storey }),
	z.strictObject({ op: z.literal('pet'), kind: z.enum(PETS) }),
	z.strictObject({
		op: z.literal('person'),
		name: text.min(1, 'Say a name first.'),
		role: z.enum(PERSON_ROLES, 'Who is that? Press Add adult, Add child or Add helper on a day.'),
		bornOn: z.union([z.literal(''), isoDate]).optional(),
		age: z
			.union([z.literal(''), z.coerce.number('An age is a number, such as 7.').int().min(0).max(120)])
			.optional()
	}),
	z.strictObject({
		op: z.literal('age'),
		person: id,
		age: z.coerce.number('An age is a number, such as 7.').int().min(0).max(120),
		bornOn: isoDate
	}),
	z.strictObject({
		op: z.literal('presence'),
		person: id,
		presence: z.enum(PRESENCE),
		weekday: z.coerce.number().pipe(weekday).optional()
	}),
	z.strictObject({ op: z.literal('unperson'), person: id }),
	z.strictObject({ op: z.literal('pattern'), pattern: id }),
	z.strictObject({
		op: z.literal('minutes'),
		minutes: typedMinutes
	}),
	z.strictObject({ op: z.literal('days'), free: numbers, catchUp: numbers }),
	z.strictObject({ op: z.literal('weekStart'), weekStart: z.coerce.number().pipe(weekday) }),
	z.strictObject({ op: z.literal('zone'), room: id, zone: z.string().max(60) }),
	z.strictObject({ op: z.literal('nameZone'), zone: id, name: text.min(1, 'Give the zone a name.') }),
	z.strictObject({ op: z.literal('zonesAnew'), count: z.coerce.number().int().min(1).max(7) }),
	z.strictObject({ op: z.literal('begin'), begin: z.enum(['basics', 'all']) }),
	z.strictObject({ op: z.literal('everything'), all: z.enum(['yes', 'no']) }),
	z.strictObject({ op: z.literal('lessOften'), all: z.enum(['yes', 'no']) }),
	z.strictObject({ op: z.literal('beyond'), all: z.enum(['yes', 'no']) }),
	z.strictObject({ op: z.literal('name'), name: text }),
	/** Said by the device, so that nobody need be asked. */
	z.strictObject({
		op: z.literal('device'),
		timeZone,
		clock: z.enum(['24h', '12h']),
		dates: z.enum(DATE_ORDERS),
		units: z.enum(UNITS)
	}),
	z.strictObject({ op: z.literal('without'), key: z.string().max(130) }),
	z.strictObject({ op: z.literal('step'), step: z.enum(STEPS) })
]);

export type Touch = z.infer<typeof touchSchema>;

/** What a kind of room is called before anybody names it. */
export const KIND_NAMES: Readonly<Record<DraftRoom['kind'], string>> = {
	kitchen: 'Kitchen',
	bathroom: 'Bathroom',
	toilet: 'Toilet',
	bedroom: 'Bedroom',
	child: 'Child’s room',
	living: 'Living room',
	dining: 'Dining room',
	hall: 'Hall',
	study: 'Study',
	laundry: 'Laundry',
	store: 'Store',
	loft: 'Loft',
	outside: 'Balcony',
	car: 'Car'
};

/** What is usually underfoot and what gets wiped, so that nothing need be asked. */
const USUAL: Readonly<
	Partial<
		Record<DraftRoom['kind'], { floor: (typeof FLOORS)[number]; surfaces: (typeof SURFACES)[number][] }>
	>
> = {
	kitchen: { floor: 'tiles', surfaces: ['tile', 'steel', 'hob'] },
	bathroom: { floor: 'tiles', surfaces: ['tile', 'glass', 'plated'] },
	toilet: { floor: 'tiles', surfaces: ['tile'] },
	bedroom: { floor: 'boards', surfaces: ['paint', 'glass'] },
	child: { floor: 'boards', surfaces: ['paint', 'glass'] },
	living: { floor: 'boards', surfaces: ['paint', 'glass', 'wood'] },
	dining: { floor: 'boards', surfaces: ['wood'] },
	hall: { floor: 'tiles', surfaces: ['paint'] },
	study: { floor: 'boards', surfaces: ['wood', 'screen'] },
	laundry: { floor: 'tiles', surfaces: ['enamel'] },
	store: { floor: 'concrete', surfaces: [] }
};

const toggled = <T>(list: readonly T[], one: T): T[] =>
	list.includes(one) ? list.filter((other) => other !== one) : [...list, one];

function changeRoom(draft: Draft, roomId: string, change: (room: DraftRoom) => DraftRoom): Draft {
	return { ...draft, rooms: draft.rooms.map((room) => (room.id === roomId ? change(room) : room)) };
}

const PET_NAMES: Record<(typeof PETS)[number], string> = {
	cat: 'Cat',
	dog: 'Dog',
	bird: 'Bird',
	small: 'Small animal',
	fish: 'Fish'
};

/** Of what there are as many already as there can be, where a touch adds one more; null where it can be taken. */
export function fullBy(draft: Draft, touch: Touch): keyof typeof MOST | null {
	const isFull = (what: keyof typeof MOST) => draft[what].length >= MOST[what];
	switch (touch.op) {
		case 'hang':
			return isFull('rooms') ? 'rooms' : null;
		case 'person':
			return isFull('people') ? 'people' : null;
		case 'pet':
		case 'sheds': {
			const kind = touch.op === 'pet' ? touch.kind : touch.pet;
			return isFull('pets') && !draft.pets.some((pet) => pet.kind === kind) ? 'pets' : null;
		}
		default:
			return null;
	}
}

/** The answers after one touch. What names something that is not there changes nothing. */
export function applyTouch(draft: Draft, touch: Touch, pattern: Pattern, library: Library): Draft {
	switch (touch.op) {
		case 'hang': {
			const same = draft.rooms.filter((room) => room.kind === touch.kind).length;
			const name = touch.name || `${KIND_NAMES[touch.kind]}${same > 0 ? ` ${same + 1}` : ''}`;
			const usual = USUAL[touch.kind];
			const made: DraftRoom = {
				id: freeId(name, new Set(draft.rooms.map((room) => room.id))),
				name,
				kind: touch.kind,
				storey: touch.storey,
				...(usual ? { floor: usual.floor } : {}),
				surfaces: usual ? [...usual.surfaces] : [],
				owners: [],
				sheds: []
			};
			return {
				...withoutZones(joined(draft, made)),
				storey: touch.storey,
				rooms: [...draft.rooms, made]
			};
		}
		case 'unhang':
			return { ...withoutZones(draft), rooms: draft.rooms.filter((room) => room.id !== touch.room) };
		case 'nameRoom':
			return changeRoom(draft, touch.room, (room) => ({ ...room, name: touch.name }));
		case 'floor':
			return changeRoom(draft, touch.room, (room) => ({ ...room, floor: touch.floor }));
		case 'surface':
			return changeRoom(draft, touch.room, (room) => ({
				...room,
				surfaces: toggled(room.surfaces, touch.surface)
			}));
		case 'sheds': {
			const known = draft.pets.some((pet) => pet.kind === touch.pet);
			const room = draft.rooms.find((one) => one.id === touch.room);
			if (!room) return draft;
			const on = !room.sheds.includes(touch.pet);
			const withPet = on && !known ? addPet(draft, touch.pet) : draft;
			return changeRoom(withPet, touch.room, (one) => ({ ...one, sheds: toggled(one.sheds, touch.pet) }));
		}
		case 'owner':
			if (!draft.people.some((person) => person.id === touch.person)) return draft;
			return changeRoom(draft, touch.room, (room) => ({
				...room,
				owners: toggled(room.owners, touch.person)
			}));
		case 'walk':
			return { ...draft, storey: touch.storey, step: 'rooms' };
		case 'pet':
			return draft.pets.some((pet) => pet.kind === touch.kind)
				? {
						...draft,
						pets: draft.pets.filter((pet) => pet.kind !== touch.kind),
						rooms: draft.rooms.map((room) => ({
							...room,
							sheds: room.sheds.filter((pet) => pet !== touch.kind)
						}))
					}
				: addPet(draft, touch.kind);
		case 'person': {
			const isAtSchool = touch.role === 'child' && typeof touch.age === 'number' && touch.age >= 6;
			return {
				...draft,
				people: [
					...draft.people,
					{
						id: freeId(touch.name, new Set(draft.people.map((person) => person.id))),
						name: touch.name,
						// Whoever is named first and is grown up organises the home.
						role:
							touch.role === 'organiser' && draft.people.some((one) => one.role === 'organiser')
								? 'adult'
								: touch.role,
						...(touch.bornOn ? { bornOn: touch.bornOn } : {}),
						presence:
							touch.role === 'helper'
								? ('oneday' as const)
								: isAtSchool
									? ('school' as const)
									: ('always' as const),
						weekday: 4 as const
					}
				]
			};
		}
		case 'age':
			return {
				...draft,
				people: draft.people.map((person) =>
					person.id !== touch.person
						? person
						: {
								...person,
								bornOn: touch.bornOn,
								// At school from six on, unless something else was chosen already.
								...(person.role === 'child' && person.presence === 'always' && touch.age >= 6
									? { presence: 'school' as const }
									: {})
							}
				)
			};
		case 'presence':
			return {
				...draft,
				people: draft.people.map((person) =>
					person.id === touch.person
						? { ...person, presence: touch.presence, ...(touch.weekday ? { weekday: touch.weekday } : {}) }
						: person
				)
			};
		case 'unperson':
			return {
				...draft,
				people: draft.people.filter((person) => person.id !== touch.person),
				rooms: draft.rooms.map((room) => ({
					...room,
					owners: room.owners.filter((owner) => owner !== touch.person)
				}))
			};
		case 'pattern': {
			// Another pattern has free days and zones of its own.
			const { freeDays: _free, catchUpDays: _catchUp, ...rest } = withoutZones(draft);
			return { ...rest, pattern: touch.pattern, patternTaken: true };
		}
		case 'minutes':
			return { ...draft, minutesADay: touch.minutes };
		case 'days':
			return {
				...draft,
				freeDays: touch.free,
				catchUpDays: touch.catchUp.filter((day) => !touch.free.includes(day))
			};
		case 'weekStart':
			return { ...draft, weekStart: touch.weekStart };
		case 'zone': {
			const zones = ownZones(draft, pattern, library);
			return {
				...draft,
				zones: zones.map((zone) => ({
					...zone,
					rooms:
						zone.id === touch.zone
							? [...zone.rooms.filter((room) => room !== touch.room), touch.room]
							: zone.rooms.filter((room) => room !== touch.room)
				}))
			};
		}
		case 'nameZone':
			return {
				...draft,
				zones: ownZones(draft, pattern, library).map((zone) =>
					zone.id === touch.zone ? { ...zone, name: touch.name } : zone
				)
			};
		case 'zonesAnew': {
			const count = touch.count;
			const counted = { ...pattern, rhythm: { ...pattern.rhythm, zones: count } };
			return { ...draft, zones: ownZones(withoutZones(draft), counted, library) };
		}
		case 'begin':
			return { ...draft, begin: touch.begin };
		case 'everything':
			return { ...draft, everything: touch.all === 'yes', lessOften: false };
		case 'lessOften':
			return { ...draft, lessOften: touch.all === 'yes', everything: false };
		case 'beyond':
			return { ...draft, beyondPattern: touch.all === 'yes' };
		case 'name':
			return { ...draft, name: touch.name };
		case 'device': {
			// A home that is changed keeps the ways that it has.
			const { op: _op, ...ways } = touch;
			return draft.changes === null ? { ...draft, ...ways } : draft;
		}
		case 'without':
			return { ...draft, without: toggled(draft.without, touch.key) };
		case 'step':
			// Whoever goes on from the patterns has taken the one that was shown.
			return isAfter(touch.step, 'rhythm') && !draft.patternTaken
				? { ...draft, step: touch.step, pattern: patternOf({ ...draft, step: 'rhythm' }), patternTaken: true }
				: { ...draft, step: touch.step };
	}
}

const isAfter = (step: Draft['step'], other: Draft['step']) => STEPS.indexOf(step) > STEPS.indexOf(other);

function addPet(draft: Draft, kind: (typeof PETS)[number]): Draft {
	return {
		...draft,
		pets: [
			...draft.pets,
			{ id: freeId(kind, new Set(draft.pets.map((pet) => pet.id))), name: PET_NAMES[kind], kind }
		]
	};
}

/** A new room of a home that is only changed joins a zone: one of its storey if there is any, of those the smallest. */
function joined(draft: Draft, made: DraftRoom): Draft {
	const { zones = [], rooms, changes } = draft;
	if (changes === null || zones.length === 0) return draft;
	const storeyOf = new Map(rooms.map((room) => [room.id, room.storey]));
	const beside = zones.filter((zone) => zone.rooms.some((id) => storeyOf.get(id) === made.storey));
	const among = beside.length > 0 ? beside : zones;
	const fewest = Math.min(...among.map((zone) => zone.rooms.length));
	const into = among.find((zone) => zone.rooms.length === fewest);
	return {
		...draft,
		zones: zones.map((zone) => (zone === into ? { ...zone, rooms: [...zone.rooms, made.id] } : zone))
	};
}

/** New rooms ask for new zones; a home that is only changed keeps its own. */
function withoutZones(draft: Draft): Draft {
	if (draft.changes !== null) return draft;
	const { zones: _zones, ...rest } = draft;
	return rest;
}

function ownZones(draft: Draft, pattern: Pattern, library: Library): NonNullable<Draft['zones']> {
	return (
		draft.zones ??
		zonesOf(draft, pattern, library).map(({ zone, rooms }) => ({
			id: zone.id,
			name: zone.name,
			weave: zone.weave as (typeof WEAVES)[number],
			rooms: [...rooms]
		}))
	);
}
