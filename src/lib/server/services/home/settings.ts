/** The home's cleaning days and rules, and its layers, are changed. */
import { SETTINGS_SAYS } from '$words/answers/home';
import { LAYER_NAMES } from '$words/house';
import { parseDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { DATE_ORDERS, LAYERS, UNITS, type Home, type Household, type Layer } from '$core/household/home';
import type { Edit } from '$core/setup/edit';
import { changeHousehold, switchLayer } from '$core/setup/editHome';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { loadProjection } from '../../repo/projectionRepo';
import { editHome, type Unmade } from './editHome';

export async function facts(household: string) {
	const [home, projection, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await loadProjection(db, household), await revisionOf(db, household)] as const;
	});
	const at = now();
	return { home, projection, revision, today: householdTime(at, home.home.household).date };
}

const TIME = /^([01]?\d|2[0-3]):[0-5]\d$/;

/** The household's settings from a form. */
export function rhythmEdit(
	home: Home,
	text: (name: string) => string,
	list: (name: string) => readonly string[]
): Edit | Unmade {
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
		if (parseDay(anchor) === null) return { field: 'anchor', says: SETTINGS_SAYS.chooseADayOfA };
		scheme = { type: 'cycle', extra, anchor };
	} else if (type === 'weekdays') {
		const byWeekday = Object.fromEntries(
			['1', '2', '3', '4', '5', '6', '7'].flatMap((day) =>
				text(`zone-${day}`) === '' ? [] : [[day, text(`zone-${day}`)]]
			)
		);
		scheme = { type: 'weekdays', extra, byWeekday };
	} else if (type === 'rows' || type === 'weeks' || type === 'none') scheme = { type, extra };
	else return SETTINGS_SAYS.chooseHowTheZonesCome;
	const minutes = text('minutesADay') === '' ? undefined : Number(text('minutesADay').replace(',', '.'));
	if (minutes !== undefined && !(minutes > 0 && minutes <= 1440))
		return { field: 'minutesADay', says: SETTINGS_SAYS.minutesOfADayAre };
	const sitting = Number(text('sittingMinutes').replace(',', '.'));
	if (!(sitting > 0 && sitting <= 600))
		return {
			field: 'sittingMinutes',
			says: SETTINGS_SAYS.minutesForTheZoneEach
		};
	const dayStartsAt = text('dayStartsAt');
	if (!TIME.test(dayStartsAt)) return { field: 'dayStartsAt', says: SETTINGS_SAYS.writeTheHourAtWhich };
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
		dates: DATE_ORDERS.find((one) => one === text('dates')) ?? home.household.dates,
		units: UNITS.find((one) => one === text('units')) ?? home.household.units,
		rhythm: {
			...rhythm,
			scheme,
			zoneDays: days('zoneDays'),
			sittingMinutes: sitting,
			catchUpDays: days('catchUpDays'),
			freeDays: days('freeDays'),
			errandDays: days('errandDays'),
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
		() => SETTINGS_SAYS.cleaningDaysAndHouseRules
	);
}

export function editGrowing(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, today, text }) => {
			const layer = LAYERS.find((one) => one === text('layer'));
			if (!layer) return SETTINGS_SAYS.chooseOneOfTheFour;
			return switchLayer(home, layer, text('on') === '1', today);
		},
		({ text }) => {
			const layer = LAYER_NAMES[text('layer') as Layer] ?? '';
			return text('on') === '1'
				? SETTINGS_SAYS.onFromTodayFirstDates(layer)
				: SETTINGS_SAYS.turnedOffNothingOfIt(layer);
		}
	);
}
