/** The library of jobs: an open file from which a room takes its jobs. docs/formats.md. */
import { z } from 'zod';
import {
	bearsShortly,
	refusedFamilies,
	refusesRinse,
	SHORT_CONTACT,
	surfaceOfFloor
} from '../cupboard/surfaces';
import { id, name } from '../household/fields';
import {
	FLOORS,
	PETS,
	ROOM_KINDS,
	SURFACES,
	type Home,
	type Job,
	type Member,
	type Room
} from '../household/home';
import { jobSchema } from '../household/jobSchema';
import { readBy, type Read } from '../household/problems';
import type { CivilDay } from '../calendar/civil';
import { isOldEnough } from '../people/whoCan';

const { cadence, missRule, layer, weight, leadDays, season, parts, depths, deepEvery, needs, cautions } =
	jobSchema.shape;
const { fromAge, rungs, lookRound, noisy, order, shows, errand, core, wholeHouse, hidden, aloneFrom } =
	jobSchema.shape;

export const libraryJobSchema = z.strictObject({
	id,
	name,
	/** Kinds of room that it is for. */
	kinds: z.array(z.enum(ROOM_KINDS)).min(1, 'Name at least one kind of room.'),
	subject: name,
	layer,
	weight,
	cadence,
	missRule,
	leadDays,
	season,
	parts,
	depths,
	deepEvery,
	noisy,
	fromAge,
	aloneFrom,
	order,
	shows,
	errand,
	core,
	wholeHouse,
	hidden,
	rungs,
	lookRound,
	needs,
	cautions,
	/** Other jobs of the library that it covers where they are in the same room. */
	covers: z.array(id).default([]),
	/** Times a week for each person who lives in the home, where it comes daily for many and seldom for one. */
	perPerson: z.number().positive().max(7).optional(),
	/** False: offered, but not put in at the first set-up. */
	starter: z.boolean().default(true),
	/** Only where one of these is there. */
	when: z
		.strictObject({
			floors: z.array(z.enum(FLOORS)).optional(),
			surfaces: z.array(z.enum(SURFACES)).optional(),
			pets: z.array(z.enum(PETS)).optional(),
			/** Once in a home, in the first room of the first of its kinds that is there. */
			once: z.boolean().optional()
		})
		.default({})
});

export const librarySchema = z
	.strictObject({
		format: z.literal('pail-round/library', 'This is no library: "format" must be "pail-round/library".'),
		version: z.literal(1, 'This version of the library is not known here. Version 1 is.'),
		name,
		jobs: z.array(libraryJobSchema).max(2000)
	})
	.superRefine((library, context) => {
		const ids = new Set<string>();
		library.jobs.forEach((job, i) => {
			if (ids.has(job.id))
				context.addIssue({
					code: 'custom',
					path: ['jobs', i, 'id'],
					message: `The id "${job.id}" is used twice. Give each its own.`
				});
			ids.add(job.id);
		});
	});

export type Library = z.infer<typeof librarySchema>;
export type LibraryJob = Library['jobs'][number];

/** Reads a library from foreign data. */
export function readLibrary(data: unknown): Read<Library> {
	return readBy(librarySchema, data);
}

/** What the choice of jobs asks of a room. */
export type RoomFacts = Pick<Room, 'id' | 'name' | 'kind' | 'floor' | 'surfaces' | 'owners'>;

/** True where a library job suits a room and the animals of the home. `once` is for the caller to see to. */
export function suitsRoom(job: LibraryJob, room: RoomFacts, pets: readonly string[]): boolean {
	if (!job.kinds.includes(room.kind)) return false;
	const { floors, surfaces, pets: wanted } = job.when;
	if (floors && !(room.floor && floors.includes(room.floor))) return false;
	if (surfaces && !surfaces.some((surface) => room.surfaces.includes(surface))) return false;
	return !wanted || wanted.some((pet) => pets.includes(pet));
}

/** A free id made of words, with a number behind it where it is taken. */
export function freeId(wanted: string, taken: ReadonlySet<string>): string {
	const base =
		wanted
			.normalize('NFD')
			.toLowerCase()
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-+|-+$/g, '')
			.slice(0, 52)
			.replace(/-+$/, '') || 'one';
	let found = base;
	for (let n = 2; taken.has(found); n++) found = `${base}-${n}`;
	return found;
}

type Depths = Job['depths'];
type Products = Depths['usual']['steps'][number]['products'];

type Step = Depths['usual']['steps'][number];

/** Whether the next use on a surface, after a step of a depth, is a rinse. */
function rinsedNext(steps: readonly Step[], after: number, surface: string | undefined): boolean {
	const next = steps
		.slice(after + 1)
		.flatMap((step) => step.products)
		.find((product) => product.surface === surface);
	return next?.rinse ?? false;
}

/** A wait that is over when a short contact is. */
const waitShortly = (wait: Step['wait']): Step['wait'] =>
	wait && {
		...wait,
		min: Math.min(wait.min, SHORT_CONTACT),
		max: Math.min(wait.max ?? SHORT_CONTACT, SHORT_CONTACT)
	};

/**
 * The steps of a library job for one room: "floor" becomes what is underfoot there. What the surface bears for ten
 * minutes stays so long and is rinsed off; what it refuses becomes soap, and a rinse or much water that would harm it a damp cloth.
 * Rules: "Surfaces".
 */
function fitDepths(depths: Depths, room: RoomFacts): { depths: Depths; changed: boolean } {
	let changed = false;
	const fitStep = (step: Step, i: number, steps: readonly Step[]): Step => {
		let shortly = false;
		const products = step.products.map((product): Products[number] => {
			const surface =
				product.surface === 'floor' ? surfaceOfFloor(room.floor) : strictest(product.surface, room);
			if (surface === undefined) return product;
			const refused = refusedFamilies(surface, product.families);
			const rinse = product.rinse && !refusesRinse(surface);
			const { water, ...rest } = product;
			const isWet = water === 'wet' && !refusesRinse(surface);
			if (rinse !== product.rinse || isWet !== (water === 'wet')) changed = true;
			const fitted: Products[number] = { ...rest, surface, rinse, ...(isWet ? { water: 'wet' } : {}) };
			if (refused.length === 0) return fitted;
			if (refused.every((family) => bearsShortly(surface, family)) && rinsedNext(steps, i, product.surface)) {
				shortly = true;
				return {
					...fitted,
					contactMinutes: Math.min(product.contactMinutes ?? SHORT_CONTACT, SHORT_CONTACT)
				};
			}
			changed = true;
			return { ...fitted, families: ['surfactant'] };
		});
		return shortly && step.wait ? { ...step, products, wait: waitShortly(step.wait) } : { ...step, products };
	};
	const fit = (depth: Depths['usual'] | undefined) =>
		depth && { ...depth, steps: depth.steps.map((step, i) => fitStep(step, i, depth.steps)) };
	const fitted: Depths = { usual: fit(depths.usual) as Depths['usual'] };
	if (depths.quick) fitted.quick = fit(depths.quick);
	if (depths.deep) fitted.deep = fit(depths.deep);
	return { depths: fitted, changed };
}

/** Things that the library names, by what they are made of where the room says so. */
const MADE_OF: Readonly<Record<string, readonly string[]>> = {
	tap: ['plated', 'steel'],
	showerhead: ['plated'],
	basin: ['stone', 'enamel'],
	sink: ['steel', 'stone', 'enamel'],
	counter: ['stone', 'wood', 'steel', 'laminate'],
	tile: ['stone'],
	paint: ['matt'],
	toilet: []
};

function strictest(surface: string | undefined, room: RoomFacts): string | undefined {
	if (surface === undefined) return undefined;
	return (MADE_OF[surface] ?? []).find((made) => (room.surfaces as string[]).includes(made)) ?? surface;
}

/** Subjects that belong to whoever owns the room. */
const OWN_WORK = ['beds', 'tidy'];

/** What is the same in every job that is made of one of the library. */
function strip(library: LibraryJob) {
	const { id: _i, kinds: _k, when: _w, starter: _s, covers: _c, perPerson: _p, ...plain } = library;
	return plain;
}

/** Kept: a home is made of the same jobs room by room, and again at each step of its setup. */
const PLAIN = new WeakMap<LibraryJob, ReturnType<typeof strip>>();

function plainOf(library: LibraryJob) {
	const kept = PLAIN.get(library);
	if (kept) return kept;
	const plain = strip(library);
	PLAIN.set(library, plain);
	return plain;
}

/** A job of the library as a job of a room. `taken` are the ids that the home has already. */
export function jobForRoom(library: LibraryJob, room: RoomFacts, taken: ReadonlySet<string>): Job {
	const { depths, changed } = fitDepths(library.depths, room);
	const owners = OWN_WORK.includes(library.subject) ? room.owners : [];
	return {
		...plainOf(library),
		depths,
		id: freeId(`${library.id}-${room.id}`, taken),
		room: room.id,
		library: library.id,
		covers: [],
		rooms: [],
		things: [],
		who:
			owners.length === 0
				? { mode: 'shared', members: [] }
				: owners.length === 1
					? { mode: 'fixed', members: [...owners] }
					: { mode: 'shared', members: [...owners] },
		cautions: changed
			? [
					...library.cautions,
					{ headline: 'Mild soap here.', text: 'What is in this room does not take the usual product.' }
				]
			: library.cautions
	};
}

/**
 * A job of an own room, fixed only to those of its owners who are old enough to do it alone on `day`. Where none is, it is
 * given out like any other. Rules: "Who can take a job".
 */
export function fixedByAge(job: Job, members: readonly Member[], day: CivilDay): Job {
	const old = job.who.members.filter((id) => {
		const owner = members.find((member) => member.id === id);
		return !owner || isOldEnough(job, day)(owner);
	});
	if (old.length === job.who.members.length) return job;
	return { ...job, who: { mode: old.length === 1 ? 'fixed' : 'shared', members: old } };
}

/** Which rooms of a home a library job could be added to, and which have it: once in a home, no other room is offered. */
export function roomsFor(job: LibraryJob, home: Home): { room: Room; has: boolean }[] {
	const pets = home.pets.map((pet) => pet.kind);
	const rooms = home.rooms
		.filter((room) => suitsRoom(job, room, pets))
		.map((room) => ({
			room,
			has: home.jobs.some((one) => one.library === job.id && one.room === room.id)
		}));
	return job.when.once && rooms.some((one) => one.has) ? rooms.filter((one) => one.has) : rooms;
}

/** Library jobs whose name, subject or needs hold every word of a search; all for no words. */
export function searchLibrary(library: Library, words: string): LibraryJob[] {
	const asked = words.toLowerCase().split(/\s+/).filter(Boolean);
	return library.jobs.filter((job) => {
		const text = [job.name, job.subject, job.layer, ...job.kinds, ...job.needs].join(' ').toLowerCase();
		return asked.every((word) => text.includes(word));
	});
}
