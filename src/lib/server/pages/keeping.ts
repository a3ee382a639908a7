/** The rhythm of the house, its pauses, and growing in. */
import { v7 as uuidv7 } from 'uuid';
import { addDays, isoOf, parseDay, partsOf } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { missedZones } from '$core/calendar/rotation';
import { weekStartOf } from '$core/calendar/weeks';
import { minutesOfDay } from '$core/household/dayMinutes';
import { changeHousehold, switchLayer } from '$core/household/editHome';
import type { Edit } from '$core/household/edit';
import { prepareHome } from '$core/household/history';
import { LAYERS, type Home, type Household, type Layer } from '$core/household/home';
import { readHolding, WINDOW } from '$core/learning/holding';
import { effectivePauses } from '$core/routine/standing';
import { underCloth } from '$core/routine/underCloth';
import { backAfterIllness, wayBack } from '$core/routine/wayBack';
import type { GrowingView, PausesView, RhythmView } from '$ui/keep/view';
import { listNames, longDate, PAUSE_WORDS, plural, shortDate, tinyDate, weekdayName } from '$ui/words';
import { now } from '../clock';
import { reading } from '../db/pool';
import { loadHome, revisionOf } from '../store/homeStore';
import { allEntries } from '../store/ledgerStore';
import { loadStanding } from '../store/standingStore';
import { editHome } from './homeEdits';
import { allPatterns } from './patterns';
import { memberName, missedWords } from './tags';
import { yardOfHome } from './yard';

async function facts(household: string) {
	const [home, standing, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await loadStanding(db, household), await revisionOf(db, household)] as const;
	});
	const at = now();
	return { home, standing, revision, today: householdTime(at, home.home.household).date };
}

export async function loadRhythm(
	household: string,
	tried: Readonly<Record<string, string>> | null
): Promise<RhythmView> {
	const { home, standing, revision, today } = await facts(household);
	const edit = tried
		? rhythmEdit(
				home.home,
				(name) => tried[name] ?? '',
				(name) => (tried[name] ?? '').split(',').filter(Boolean)
			)
		: null;
	const next =
		edit !== null && typeof edit !== 'string' && edit.ok
			? prepareHome([
					...home.versions.filter((version) => version.from < today),
					{ from: today, home: edit.home }
				])
			: null;
	const missed = next
		? missedZones(today, addDays(today, 365), next.rotation)
		: missedZones(today, addDays(today, 365), home.rotation);
	return {
		revision,
		formId: uuidv7(),
		household: home.home.household,
		zones: home.home.zones.map((zone, i) => ({ id: zone.id, name: zone.name, number: i + 1 })),
		now: yardOfHome(home, standing, today, 'As it is'),
		next: next ? yardOfHome(next, standing, today, 'As it would be') : null,
		missed: missedWords(home, missed),
		timeZones: [...new Set([home.home.household.timeZone, ...Intl.supportedValuesOf('timeZone')])].sort(),
		patterns: allPatterns().map((pattern) => ({ id: pattern.id, name: pattern.name }))
	};
}

const TIME = /^([01]?\d|2[0-3]):[0-5]\d$/;

/** The household's settings from a form. */
function rhythmEdit(
	home: Home,
	text: (name: string) => string,
	list: (name: string) => readonly string[]
): Edit | string {
	const days = (name: string) =>
		list(name)
			.map(Number)
			.filter((day) => day >= 1 && day <= 7) as Household['rhythm']['zoneDays'];
	const { rhythm } = home.household;
	const extra =
		(['last', 'first', 'free'] as const).find((one) => one === text('extra')) ?? rhythm.scheme.extra;
	const type = text('scheme') || rhythm.scheme.type;
	let scheme: Household['rhythm']['scheme'];
	if (type === 'cycle') {
		const anchor = text('anchor') || (rhythm.scheme.type === 'cycle' ? rhythm.scheme.anchor : '');
		if (parseDay(anchor) === null)
			return 'Say in which week zone 1 is on: a date of that week, as YYYY-MM-DD.';
		scheme = { type: 'cycle', extra, anchor };
	} else if (type === 'weekdays') {
		const byWeekday = Object.fromEntries(
			['1', '2', '3', '4', '5', '6', '7'].flatMap((day) =>
				text(`zone-${day}`) === '' ? [] : [[day, text(`zone-${day}`)]]
			)
		);
		scheme = { type: 'weekdays', extra, byWeekday };
	} else if (type === 'rows' || type === 'weeks' || type === 'none') scheme = { type, extra };
	else return 'Choose how the zones come round.';
	const minutes = text('minutesADay') === '' ? undefined : Number(text('minutesADay').replace(',', '.'));
	if (minutes !== undefined && !(minutes > 0 && minutes <= 1440))
		return 'Minutes of a day are more than 0 and at most 1440.';
	const sitting = Number(text('sittingMinutes').replace(',', '.'));
	if (!(sitting > 0 && sitting <= 600)) return 'Minutes of a sitting are more than 0, such as 15.';
	const dayStartsAt = text('dayStartsAt');
	if (!TIME.test(dayStartsAt)) return 'The hour at which a day begins is written as HH:MM, such as 04:00.';
	const weekStart = Number(text('weekStart')) as Household['weekStart'];
	const subjects = Object.fromEntries(
		['1', '2', '3', '4', '5', '6', '7'].flatMap((day) =>
			text(`subject-${day}`) === '' ? [] : [[day, text(`subject-${day}`).slice(0, 80)]]
		)
	);
	const { minutesADay: _minutes, ...rest } = home.household;
	const facts: Household = {
		...rest,
		name: text('name') || home.household.name,
		timeZone: text('timeZone') || home.household.timeZone,
		...(minutes !== undefined ? { minutesADay: minutes } : {}),
		weekStart,
		weekBelongs: text('weekBelongs') === 'middle' ? 'middle' : 'start',
		dayStartsAt: dayStartsAt.padStart(5, '0'),
		clock: text('clock') === '12h' ? '12h' : '24h',
		rhythm: {
			...rhythm,
			scheme,
			zoneDays: days('zoneDays'),
			sittingMinutes: sitting,
			catchUpDays: days('catchUpDays'),
			freeDays: days('freeDays'),
			subjects
		}
	};
	return changeHousehold({ ...home, household: facts }, {});
}

export function editRhythm(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, text, list }) => rhythmEdit(home, text, list),
		() => 'The rhythm of the house holds from today. Earlier days are judged by theirs.'
	);
}

export async function loadPauses(household: string): Promise<PausesView> {
	const { home, standing, today } = await facts(household);
	const rules = home.home.household;
	const pauses = effectivePauses(standing.home);
	const backFrom = backAfterIllness(pauses, today);
	const way =
		backFrom === null
			? null
			: wayBack(home, standing, backFrom, minutesOfDay(rules), rules.rhythm.sittingMinutes);
	const target = (scope: string, id: string | null) => {
		switch (scope) {
			case 'household':
				return 'The whole home';
			case 'member':
				return memberName(home, id);
			case 'room':
				return home.everyRoom.get(id ?? '')?.name ?? 'a room';
			case 'layer':
				return LAYER_NAMES[id as Layer] ?? 'a layer';
			default:
				return home.everyJob.get(id ?? '')?.name ?? 'a job';
		}
	};
	const excuses: Record<string, string> = {
		household: 'Everything that falls due is excused.',
		member: 'What is fixed to this person alone is excused; the rest is handed out again.',
		room: 'What falls due in this room is excused.',
		layer: 'What falls due of this layer is excused.',
		job: 'Its turns are excused.'
	};
	const begin = weekStartOf(today, home.rotation.weekStart);
	const days = underCloth(pauses, begin, 56).map((day) => ({
		date: isoOf(day.date),
		name: longDate(day.date),
		label:
			partsOf(day.date).day === 1 || day.date === begin
				? tinyDate(day.date).slice(4)
				: String(partsOf(day.date).day),
		isToday: day.date === today,
		isPast: day.date < today,
		whole: day.whole,
		words: listNames([...new Set(day.pauses.map((pause) => target(pause.scope, pause.target)))])
	}));
	return {
		today: isoOf(today),
		weeks: Array.from({ length: 8 }, (_, i) => days.slice(7 * i, 7 * i + 7)),
		weekdays: Array.from({ length: 7 }, (_, i) => weekdayName(addDays(begin, i)).slice(0, 3)),
		formId: uuidv7(),
		pauses: [...pauses]
			.sort((a, b) => b.to - a.to)
			.slice(0, 40)
			.map((pause) => ({
				id: pause.id,
				what: target(pause.scope, pause.target),
				why: pause.note || (PAUSE_WORDS[pause.reason] ?? ''),
				span:
					pause.from === pause.to
						? shortDate(pause.from)
						: `${shortDate(pause.from)} to ${shortDate(pause.to)}`,
				excuses: excuses[pause.scope] ?? '',
				isOver: pause.to < today
			})),
		members: home.home.members.filter((m) => m.role !== 'device').map((m) => ({ id: m.id, name: m.name })),
		rooms: home.home.rooms.map((room) => ({ id: room.id, name: room.name })),
		jobs: [...home.home.jobs]
			.map((job) => ({ id: job.id, name: job.name }))
			.sort((a, b) => a.name.localeCompare(b.name)),
		back:
			way && way.days.some((day) => day.sitting.length > 0)
				? {
						clear:
							way.clearOn === null
								? 'It takes longer than four weeks; let some of it go.'
								: `On ${shortDate(way.clearOn)} all of it is behind you.`,
						days: way.days.map((day) => ({
							date: isoOf(day.date),
							name: shortDate(day.date),
							minutes: Math.round(day.minutes),
							basics: Math.round(day.basics),
							jobs: day.sitting.map((line) => line.line.job.name),
							lines: day.sitting.map((line) => ({ line: line.line.id, dueOn: isoOf(line.dueOn ?? day.date) }))
						}))
					}
				: null
	};
}

export const LAYER_NAMES: Record<Layer, string> = {
	basics: 'Basics',
	weekly: 'Weekly round',
	zone: 'Zones',
	long: 'Long rounds'
};

const LAYER_SAYS: Record<Layer, string> = {
	basics: 'Every day, about a quarter of an hour in a part of it.',
	weekly: 'Once a week, about an hour in all.',
	zone: 'A quarter of an hour on the zone’s days.',
	long: 'Windows, filters, mattresses: a few times a year.'
};

export async function loadGrowing(household: string): Promise<GrowingView> {
	const { home, revision, today } = await facts(household);
	const entries = (await reading((db) => allEntries(db, household))).map((stored) => stored.entry);
	const holding = readHolding(home, entries, today);
	const name = (layer: Layer) => LAYER_NAMES[layer].toLowerCase();
	const basics = holding.layers.find((one) => one.layer === 'basics');
	const suggestion = holding.back
		? `The ${name(holding.back)} did not hold. Nothing is lost by letting ${holding.back === 'zone' || holding.back === 'long' ? 'them' : 'it'} rest for a while.`
		: holding.next
			? `What is on holds. The ${name(holding.next)} may come, when you like.`
			: holding.layers.every((one) => one.on)
				? 'All four layers are on.'
				: basics && basics.asked < 5
					? 'A week of the basics says more than a good intention. Look again in a few days.'
					: 'Not yet. Let what is on hold a little longer.';
	return {
		revision,
		formId: uuidv7(),
		layers: holding.layers.map((one) => ({
			layer: one.layer,
			name: LAYER_NAMES[one.layer],
			says: LAYER_SAYS[one.layer],
			on: one.on,
			held: one.held,
			asked: one.asked,
			reading: !one.on
				? 'not on yet'
				: one.asked === 0
					? `nothing was asked in the last ${WINDOW} days`
					: `held on ${one.held} of ${one.asked} ${plural(one.asked, 'day')}`,
			jobs: home.home.jobs.filter((job) => job.layer === one.layer).length
		})),
		suggestion,
		next: holding.next,
		back: holding.back
	};
}

export function editGrowing(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, today, text }) => {
			const layer = LAYERS.find((one) => one === text('layer'));
			if (!layer) return 'Choose one of the four layers.';
			return switchLayer(home, layer, text('on') === '1', today);
		},
		({ text }) => {
			const layer = LAYER_NAMES[text('layer') as Layer] ?? '';
			return text('on') === '1'
				? `${layer}: on from today. First dates are spread.`
				: `${layer}: resting. Nothing of it counts as late.`;
		}
	);
}
