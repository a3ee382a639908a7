/** The laundry: loads on their way, the pile that waits, and when it is gone. */
import { fail } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { addDays, partsOf, type CivilDay } from '$core/calendar/civil';
import { householdTime, wallTime } from '$core/calendar/instant';
import { changeHousehold } from '$core/household/editHome';
import type { PreparedHome } from '$core/household/history';
import {
	DRY_MINUTES,
	goneBy,
	HANDS,
	KIND_MINUTES,
	LOAD_KINDS,
	pileByDay,
	readLoad,
	STAGES,
	type Load,
	type LoadKind
} from '$core/session/laundry';
import type { LaundryView, LoadView } from '$ui/laundry/view';
import { clockText, WEEKDAYS, weekdayName } from '$ui/words';
import { now } from '../clock';
import { reading, transaction } from '../db/pool';
import { loadHome, revisionOf } from '../store/homeStore';
import { addLoad, dropLoad, loadOf, openLoads, tellLoad } from '../store/laundryStore';
import { loadStanding } from '../store/standingStore';
import { acting, typed } from './guard';
import { editHome } from './homeEdits';
import { actWords, LOAD_WORDS, placeWords } from './laundryWords';
import { listening } from './strings';
import { memberName } from './tags';
import type { Asker } from './who';

/** The weave of a load: that of a zone for linen and cloths, so that two loads side by side differ. */
const WEAVE_OF: Readonly<Record<LoadKind, string>> = {
	person: 'herringbone',
	bed: 'dots',
	towels: 'stripe',
	cloths: 'check'
};

function loadView(
	home: PreparedHome,
	load: Load,
	at: number,
	hears: (owner: string | null) => boolean
): LoadView {
	const rules = home.home.household;
	const is = readLoad(load, at);
	const time = (instant: number | null) =>
		instant === null ? null : clockText(wallTime(instant, rules.timeZone), rules.clock);
	const owner = memberName(home, load.owner);
	return {
		id: load.id,
		name: load.name,
		whose: owner || LOAD_WORDS[load.kind],
		kind: load.kind,
		degrees: KIND_MINUTES[load.kind].degrees,
		weave: WEAVE_OF[load.kind],
		stage: is.stage,
		passed: is.passed.filter((stage) => stage !== 'waiting'),
		next: is.next,
		act: actWords(load, is.next),
		minutes: is.next === null ? null : (HANDS[is.next] ?? (is.next === 'drying' ? 6 : null)),
		fetch: time(is.fetchAt),
		isReady: is.fetchAt !== null && is.fetchAt <= at,
		latest: time(is.latestAt),
		rings: is.rings,
		fetchAt: is.fetchAt,
		hurryAt: is.latestAt,
		heard: hears(load.owner),
		where: placeWords(load, is.stage)
	};
}

const shortDay = (date: CivilDay) => `${weekdayName(date).slice(0, 3)}`;

export async function loadLaundry(asker: Asker): Promise<LaundryView> {
	const at = now();
	return reading(async (db) => {
		const home = await loadHome(db, asker.householdId);
		if (!home) throw new RangeError('no such household');
		const rules = home.home.household;
		const { date } = householdTime(at, rules);
		const loads = await openLoads(db, asker.householdId);
		const isDevice = asker.viewer?.role === 'device';
		const standing = await loadStanding(db, asker.householdId);
		const hears = listening({ home, standing }, at, isDevice ? null : (asker.viewer?.member ?? asker.me));
		const views = loads.map((load) => loadView(home, load, at, hears));
		const waiting = views.filter((load) => load.stage === 'waiting');
		const when = { days: rules.laundry.days, freeDays: rules.rhythm.freeDays };
		const today = Array.from({ length: 7 }, (_, i) => addDays(date, i));
		return {
			time: clockText(wallTime(at, rules.timeZone), rules.clock),
			weekday: weekdayName(date),
			now: at,
			going: views.filter((load) => load.stage !== 'waiting'),
			waiting,
			pile: [1, 2, 3].map((aDay) => {
				const days = pileByDay(waiting.length, aDay, date, when);
				const gone = goneBy(waiting.length, aDay, date, when);
				return {
					aDay,
					days: today.map((day) => {
						const found = days.find((one) => one.date === day);
						return { name: shortDay(day), left: found && found.washed > 0 ? found.left + found.washed : 0 };
					}),
					gone:
						waiting.length === 0
							? 'nothing waits'
							: gone === null
								? 'not within three months'
								: `${shortDay(gone)} ${partsOf(gone).day}`,
					chosen: rules.laundry.aDay === aDay
				};
			}),
			weekdays: WEEKDAYS.map((name, i) => ({
				day: i + 1,
				name,
				on: rules.laundry.days.includes((i + 1) as never)
			})),
			dry: rules.laundry.dry,
			maySet: asker.viewer?.role === 'organiser',
			members: home.home.members.filter((one) => one.role !== 'device').map(({ id, name }) => ({ id, name })),
			revision: await revisionOf(db, asker.householdId),
			formId: uuidv7()
		};
	});
}

const addForm = z.object({
	id: z.uuid('Reload the page and try again.'),
	name: z.string().trim().max(80).default(''),
	kind: z.enum(LOAD_KINDS),
	owner: z.string().max(60).default(''),
	dry: z.enum(['machine', 'line']).catch('line')
});

/** Adds a load to the pile. */
export function add(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const read = addForm.safeParse(Object.fromEntries(form));
		if (!read.success)
			return fail(400, { message: 'Say what is in the load, and try again.', values: typed(form) });
		const { id, kind, dry } = read.data;
		const home = await reading((db) => loadHome(db, asker.householdId));
		const owner = home?.home.members.find((one) => one.id === read.data.owner && one.role !== 'device');
		const name = read.data.name || (owner ? `${owner.name}’s clothes` : LOAD_WORDS[kind]);
		await transaction((db) =>
			addLoad(
				db,
				asker.householdId,
				{
					id,
					name,
					kind,
					owner: owner?.id ?? null,
					dry,
					washMinutes: KIND_MINUTES[kind].wash,
					dryMinutes: DRY_MINUTES[dry]
				},
				now()
			)
		);
		return { message: `${name} is on the pile.` };
	});
}

const stageForm = z.object({
	id: z.uuid('Reload the page and try again.'),
	load: z.uuid(),
	stage: z.enum([...STAGES, 'undo'])
});

/** Tells where a load has come to. */
export function tell(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const read = stageForm.safeParse(Object.fromEntries(form));
		if (!read.success)
			return fail(400, {
				message: 'This press was not understood. Reload the page and try again.',
				values: typed(form)
			});
		const { id, load, stage } = read.data;
		const done = await transaction((db) =>
			tellLoad(db, asker.householdId, load, { id, stage, at: now(), by: asker.viewer?.member ?? null })
		);
		if (!done) return fail(404, { message: 'There is no such load here any more.', values: typed(form) });
		const found = await reading((db) => loadOf(db, asker.householdId, load));
		const is = found ? readLoad(found, now()) : null;
		return {
			message: `${found?.name ?? 'The load'}${is?.stage === 'away' ? ' is away.' : ` is ${found ? placeWords(found, is?.stage ?? 'waiting') || 'on the pile' : ''}.`}`
		};
	});
}

/** Takes a load off the pile that nobody has begun. */
export function drop(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const load = z.uuid().safeParse(form.get('load'));
		if (!load.success)
			return fail(400, {
				message: 'This press was not understood. Reload the page and try again.',
				values: typed(form)
			});
		const gone = await transaction((db) => dropLoad(db, asker.householdId, load.data));
		return gone
			? { message: 'It is off the pile.' }
			: fail(409, {
					message: 'That load is under way already: tell where it has come to instead.',
					values: typed(form)
				});
	});
}

/** Usual days, loads a day, and how it dries. */
export function set(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, text, list }) => {
			const { laundry } = home.household;
			const aDay = Number(text('aDay') || laundry.aDay);
			return changeHousehold(home, {
				laundry: {
					days: form.has('withDays')
						? (list('days')
								.map(Number)
								.filter((day) => day >= 1 && day <= 7) as typeof laundry.days)
						: laundry.days,
					aDay: aDay >= 1 && aDay <= 6 ? aDay : laundry.aDay,
					dry: text('dry') === 'machine' ? 'machine' : text('dry') === 'line' ? 'line' : laundry.dry
				}
			});
		},
		() => 'Kept.'
	);
}
