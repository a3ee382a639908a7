/** What each kind of session draws from: lines of the day, and small jobs of its own. Rules: "Kinds of session". */
import type { DayPart } from '../calendar/dayParts';
import type { Job, JobStep } from '../household/jobSchema';
import { isWash } from '../laundry/pile';
import { agendaOf } from '../schedule/agenda';
import type { Day, DaySeries } from '../schedule/readDay';
import { ofZoneDay } from '../schedule/zoneItems';
import { isOn, step, type ExtraJob, type Gathered, type GatherQuestion } from './gathered';
import { KIND_RULES, TRAFFIC_ROOMS, type SessionKind } from './kinds';
import { visitorsOf } from './visitors';

/** The rooms that a job touches: its own, those it says it covers, and those of its steps. */
const roomsOf = (job: Job): string[] => [
	job.room,
	...job.rooms,
	...job.depths.usual.steps.flatMap((one) => one.room ?? [])
];

/** The kind's own choice among what is on; what fits is for the planner to say. */
export function gather(kind: SessionKind, question: GatherQuestion): Gathered {
	const { home, pool } = question;
	const everywhere = () => 1;
	const on = pool.filter(isOn);
	// Where each zone has a day of its own, its sitting is the work of its rooms that is on.
	const isOfDay = ofZoneDay(home, question.day.zone?.zone ?? null);
	const isOfZone = (line: DaySeries) => isOfDay(line.line.job);
	switch (kind) {
		case 'bite':
			return { lines: on, extra: [], seen: everywhere };
		case 'basics':
			return { lines: basicsOf(question, on), extra: [], seen: everywhere };
		case 'round': {
			const isBusy = (room: string) => TRAFFIC_ROOMS.includes(home.roomById.get(room)?.kind ?? '');
			const busy = on.filter(
				(line) =>
					line.line.job.layer === 'weekly' &&
					(line.line.job.wholeHouse || roomsOf(line.line.job).some(isBusy)) &&
					line.line.job.cadence.type !== 'zone'
			);
			const then = question.sitting ? on.filter((line) => line.offered || isOfZone(line)) : [];
			const after = then.filter((line) => !busy.includes(line));
			return {
				lines: [...busy, ...after],
				extra: [],
				seen: everywhere,
				after: new Set(after.map((line) => line.line.id))
			};
		}
		case 'zone':
			return { lines: on.filter((line) => line.offered || isOfZone(line)), extra: [], seen: everywhere };
		case 'detail': {
			const deep = pool.filter(
				(line) =>
					!line.offTheLine &&
					line.ticks.length === 0 &&
					(line.line.job.layer === 'long' || line.line.job.cadence.type === 'zone') &&
					(isOn(line) || line.state === 'resting')
			);
			return { lines: deep, extra: [], seen: everywhere };
		}
		case 'reset':
			return resetOf(question, on);
		case 'visitors':
			return visitorsOf(question);
		case 'bigday':
			return { lines: on, extra: laundryUnderneath(question, on), seen: everywhere };
		case 'clearing':
			return { lines: [], extra: [], seen: everywhere };
	}
}

/** The basics of the part of the day that is running, and what is left of earlier parts. */
function basicsOf({ home, projection, day, part }: GatherQuestion, on: readonly DaySeries[]): DaySeries[] {
	const hung = agendaOf(home, projection, day, part, 24 * 60);
	const parts: readonly DayPart[] = ['morning', 'midday', 'evening'];
	const upToNow = new Set(
		parts.slice(0, parts.indexOf(part) + 1).flatMap((one) => hung.parts[one].map((line) => line.line.id))
	);
	return on.filter((line) => line.line.job.layer === 'basics' && upToNow.has(line.line.id));
}

/** A job from the dishes to the sink is a whole reset by itself. */
const isWhole = (job: Job) => job.order.includes('dishes') && job.order.includes('sink');

/** The stations of an evening reset, in their order. Rules: "Kinds of session". */
function stations(room: string): (ExtraJob & { readonly isIn: (job: Job) => boolean })[] {
	const one = (id: string, name: string, steps: JobStep[], isIn: (job: Job) => boolean) => ({
		id: `~${id}`,
		name,
		room,
		worth: 2,
		held: false,
		steps,
		isIn
	});
	const isPlace = (place: Job['order'][number]) => (job: Job) => job.order.includes(place);
	const wipes = (job: Job) => job.depths.usual.steps.some((one) => one.class === 3);
	return [
		one('reset-dishes', 'Dishes', [step('Dishes away, washed or in the machine', 4, 1)], isPlace('dishes')),
		one('reset-counters', 'Counters', [step('Counters clear and wiped', 2, 3)], wipes),
		one(
			'reset-appliance',
			'One appliance',
			[step('Wipe the appliance that needs it most', 1, 3)],
			(job) => job.variants !== undefined
		),
		one(
			'reset-spot',
			'One tiny spot',
			[step('Wipe one tiny spot: a switch, a handle, a sill', 0.5, 3)],
			isWhole
		),
		one('reset-sink', 'The sink', [step('Sink last, dry the tap', 2, 5)], isPlace('sink'))
	];
}

/** The kitchen of an evening: its own routine where it has one, and the stations that the routine leaves out. */
function resetOf({ home }: GatherQuestion, on: readonly DaySeries[]): Gathered {
	const kitchen = home.rooms.find((room) => room.kind === 'kitchen') ?? home.rooms[0];
	const inKitchen = on.filter(
		(line) =>
			line.line.room.id === kitchen?.id &&
			line.line.job.layer === 'basics' &&
			line.line.job.parts.includes('evening') &&
			line.line.part !== 'morning'
	);
	const jobs = inKitchen.map((line) => line.line.job);
	const extra = stations(kitchen?.id ?? '').filter((one) => !jobs.some(one.isIn));
	return { lines: inKitchen, extra, seen: () => 1 };
}

/** Minutes of a wash and of hanging it out, for the laundry that runs under a big day. */
const WASH = 60;

/** The line of a load of the pile in a session. */
export const LOAD_LINE = '~load:';

/**
 * Loads that run while the house is cleaned, one after the other: the home's own wash jobs that are on, then the pile, as
 * many as there is time for. Nothing is washed that does not wait. Rules: "Kinds of session".
 */
function laundryUnderneath(
	{ home, minutes, pile = [] }: GatherQuestion,
	on: readonly DaySeries[]
): ExtraJob[] {
	// Where this home washes: where its own wash jobs are, else where a machine usually stands.
	const [usual] = home.home.jobs.filter(isWash);
	const room =
		home.roomById.get(usual?.room ?? '') ??
		['laundry', 'bathroom', 'kitchen'].flatMap((kind) => home.rooms.filter((one) => one.kind === kind))[0] ??
		home.rooms[0];
	const own = on.filter((line) => isWash(line.line.job)).length;
	const count = Math.max(0, Math.min(4, Math.floor(minutes / (WASH + 45))) - own);
	if (!room) return [];
	return pile.slice(0, count).map((load, i): ExtraJob => ({
		id: `${LOAD_LINE}${load.id}`,
		name: load.name,
		room: room.id,
		worth: 6,
		// One load at least runs underneath: that is what such a day is.
		held: i === 0 && own === 0,
		steps: [
			step('Sort one load and set it going', 4, 0, {
				appliance: 'washer',
				wait: { label: 'Washing machine', min: WASH, max: WASH + 60 }
			}),
			step('Hang it out', 6, 0, { appliance: 'washer' })
		]
	}));
}

/** Minutes of a kind where the page names none: the part of the day, the sitting, the kind's own. */
export function minutesOf(
	kind: SessionKind,
	{ day, sitting, leftOfPart }: { day: Day; sitting: number; leftOfPart: number }
): number {
	if (kind === 'zone') return day.isFree || day.isCatchUp ? sitting * 2 : sitting;
	if (kind === 'basics') return Math.max(5, Math.min(120, leftOfPart));
	return KIND_RULES[kind].minutes;
}
