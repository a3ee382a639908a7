/** Cleaning days and house rules, its pauses, and growing in. */
import { KEEPING_SAYS } from '$words/answers/house';
import { addDays, isoOf, partsOf } from '$core/calendar/civil';
import { missedZones } from '$core/calendar/rotation';
import { weekStartOf } from '$core/calendar/weeks';
import { minutesOfDay } from '$core/household/dayMinutes';
import { type Layer } from '$core/household/home';
import { readHolding, WINDOW, type Holding } from '$core/learning/holding';
import { layerMinutes } from '$core/setup/layerMinutes';
import { backAfterIllness, catchUpPlan } from '$core/schedule/catchUpPlan';
import { pausedDays } from '$core/schedule/pausedDays';
import { asChanged } from '$core/schedule/preparedHome';
import { effectivePauses } from '$core/schedule/projection';
import type { GrowingView, PausesView, RhythmView } from '$views/settings';
import {
	duration,
	listNames,
	longDate,
	PAUSE_WORDS,
	plural,
	shortDate,
	tinyDayMonth,
	weekdayName
} from '$words/general';
import { LAYER_NAMES } from '$words/house';
import { memberName } from '$words/names';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { allEntries } from '../../repo/ledgerRepo';
import { pileOf } from '../../repo/pileRepo';
import { allPatterns } from '../../repo/patterns';
import { fieldForm } from '../../services/fieldForms';
import { rhythmForm, rhythmSaid } from '../../services/home/rhythmForm';
import { facts, rhythmEdit } from '../../services/home/settings';
import { editRefusalText, effectText, refusedField } from '$words/edits';
import { setError } from 'sveltekit-superforms/server';
import { yardOfHome } from '../setup/yardOfHome';
import { missedWords } from '../today/jobRows';

/** `tried`: what was typed to be compared with what is; null where nothing was. */
export async function loadRhythm(household: string, tried: URLSearchParams | null) {
	const { home, projection, revision, today } = await facts(household);
	const fields = await fieldForm(rhythmForm, 'rhythm', rhythmSaid(home.home.household), tried);
	const edit = tried && fields.valid ? rhythmEdit(home.home, fields.data) : null;
	if (edit?.ok === false) {
		const { field, says } = refusedField(edit.refusal);
		if (field !== undefined && field in fields.data) setError(fields, field as 'scheme', says ?? '');
		else fields.message = editRefusalText(edit.refusal);
	}
	const next = edit?.ok ? asChanged(home, edit.home, today) : null;
	const missed = next
		? missedZones(today, addDays(today, 365), next.rotation)
		: missedZones(today, addDays(today, 365), home.rotation);
	const view: RhythmView = {
		revision,
		formId: uuidv7(),
		household: home.home.household,
		zones: home.home.zones.map((zone, i) => ({ id: zone.id, name: zone.name, number: i + 1 })),
		now: yardOfHome(home, projection, today, KEEPING_SAYS.asItIs),
		next: next ? yardOfHome(next, projection, today, KEEPING_SAYS.asItWouldBe) : null,
		missed: [...(edit?.ok ? edit.effects.map(effectText) : []), ...missedWords(next ?? home, missed, today)],
		timeZones: [...new Set([home.home.household.timeZone, ...Intl.supportedValuesOf('timeZone')])].sort(),
		patterns: allPatterns().map((pattern) => ({ id: pattern.id, name: pattern.name }))
	};
	return { view, fields };
}

export async function loadPauses(household: string): Promise<PausesView> {
	const { home, projection, today } = await facts(household);
	const rules = home.home.household;
	const pauses = effectivePauses(projection.home);
	const backFrom = backAfterIllness(pauses, today);
	const way =
		backFrom === null
			? null
			: catchUpPlan(home, projection, backFrom, minutesOfDay(rules), rules.rhythm.sittingMinutes);
	const target = (scope: string, id: string | null) => {
		switch (scope) {
			case 'household':
				return KEEPING_SAYS.theWholeHome;
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
		household: KEEPING_SAYS.allThatFallsDueIs,
		member: KEEPING_SAYS.whatIsThisPersonsAlone,
		room: KEEPING_SAYS.whatFallsDueInThis,
		layer: KEEPING_SAYS.whatFallsDueOfThis,
		job: KEEPING_SAYS.itIsSkippedMeanwhile
	};
	const begin = weekStartOf(today, home.rotation.weekStart);
	const days = pausedDays(pauses, begin, 56).map((day) => ({
		date: isoOf(day.date),
		name: longDate(day.date),
		label:
			partsOf(day.date).day === 1 || day.date === begin
				? tinyDayMonth(day.date)
				: String(partsOf(day.date).day),
		isToday: day.date === today,
		isPast: day.date < today,
		whole: day.whole,
		words: listNames([...new Set(day.pauses.map((pause) => target(pause.scope, pause.target)))])
	}));
	const toWash = (await reading((db) => pileOf(db, household, home, projection, today))).length;
	return {
		today: isoOf(today),
		toWash,
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
		members: home.members.filter((m) => m.role !== 'device').map((m) => ({ id: m.id, name: m.name })),
		rooms: home.rooms.map((room) => ({ id: room.id, name: room.name })),
		jobs: [...home.home.jobs]
			.map((job) => ({ id: job.id, name: job.name }))
			.sort((a, b) => a.name.localeCompare(b.name)),
		back:
			way && way.days.some((day) => day.sitting.length > 0)
				? {
						clear:
							way.clearOn === null
								? KEEPING_SAYS.itTakesLongerThanFour
								: KEEPING_SAYS.onAllOfItIs(shortDate(way.clearOn)),
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

/** So little as half a minute is a minute. */
const about = (minutes: number) => duration(Math.max(1, minutes));

const LAYER_SAYS: Record<Layer, (minutesAWeek: number) => string> = {
	basics: (minutes) => KEEPING_SAYS.everyDayAbout(about(minutes / 7)),
	weekly: (minutes) => KEEPING_SAYS.everyWeekAbout(about(minutes)),
	zone: (minutes) => KEEPING_SAYS.onTheZonesDays(about(minutes)),
	long: (minutes) => KEEPING_SAYS.aFewTimesAYear(about(minutes))
};

/** What may come next, or may rest, in a sentence. */
function suggestionOf({ layers, back, next }: Holding): string {
	const name = (layer: Layer) => LAYER_NAMES[layer].toLowerCase();
	const basics = layers.find((one) => one.layer === 'basics');
	if (layers.length === 0) return KEEPING_SAYS.noJobsYet;
	if (back) return KEEPING_SAYS.wereNotKeptUp(name(back));
	if (next) return KEEPING_SAYS.whatIsOnIsKeptUp(name(next));
	if (layers.every((one) => one.on)) return KEEPING_SAYS.allPartsOfTheWork;
	return basics && basics.asked < 5 ? KEEPING_SAYS.aWeekOfTheDaily : KEEPING_SAYS.notYetKeepUp;
}

export async function loadGrowing(household: string): Promise<GrowingView> {
	const { home, projection, revision, today } = await facts(household);
	const entries = (await reading((db) => allEntries(db, household))).map((stored) => stored.entry);
	const holding = readHolding(home, entries, today);
	const minutes = layerMinutes(home, projection, today);
	return {
		revision,
		formId: uuidv7(),
		layers: holding.layers.map((one) => ({
			layer: one.layer,
			name: LAYER_NAMES[one.layer],
			says:
				minutes[one.layer] === 0 ? KEEPING_SAYS.nothingOfItToCome : LAYER_SAYS[one.layer](minutes[one.layer]),
			on: one.on,
			held: one.held,
			asked: one.asked,
			reading: !one.on
				? KEEPING_SAYS.notOnYet
				: one.asked === 0
					? KEEPING_SAYS.nothingFellDue(WINDOW)
					: KEEPING_SAYS.doneOnDays(one.held, one.asked, plural(one.asked, 'day')),
			jobs: home.home.jobs.filter((job) => job.layer === one.layer).length
		})),
		suggestion: suggestionOf(holding),
		next: holding.next,
		back: holding.back
	};
}
