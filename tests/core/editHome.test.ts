import { describe, expect, it } from 'vitest';
import { addDays, isoOf, toDay, type CivilDay } from '../../src/lib/core/calendar/civil';
import {
	addRoom,
	mergeRooms,
	moveRoom,
	moveRooms,
	reorderRoom,
	retireRoom
} from '../../src/lib/core/setup/editRooms';
import { addZone, changeZone, reorderZone, retireZone } from '../../src/lib/core/setup/editZones';
import { copyJob, lastDoneAbout, retireJob, saveJob } from '../../src/lib/core/setup/editJobs';
import { switchLayer } from '../../src/lib/core/setup/editHome';
import type { Edit } from '../../src/lib/core/setup/edit';
import { prepareHome, type Series } from '../../src/lib/core/schedule/preparedHome';
import { jobFromForm } from '../../src/lib/core/setup/jobForm';
import type { FormValues } from '../../src/lib/core/household/formProblem';
import type { Home, Job } from '../../src/lib/core/household/home';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import {
	datesBefore,
	trialDates,
	trialYear,
	tryJob,
	zoneDaysAhead,
	type TrialInput
} from '../../src/lib/core/setup/trial';
import { nextDates, NOTHING_DONE } from '../../src/lib/core/schedule/occurrences';
import { done } from './entries';
import { makeHome } from './home';

const TODAY = toDay('2027-03-03');
const ok = (edit: Edit) => {
	if (!edit.ok) throw new Error(JSON.stringify(edit.refusal));
	return edit;
};

describe('rooms', () => {
	it('move with their items, and what follows is said', () => {
		const edit = ok(moveRoom(makeHome(), 'porch', 'back'));
		expect(edit.home.zones.map((zone) => zone.list)).toEqual([[], ['rail', 'door', 'rack']]);
		expect(edit.effects).toContainEqual({ code: 'items-move', count: 3, from: 'Front', to: 'Back' });
		const none = ok(moveRoom(makeHome(), 'porch', null));
		expect(none.home.jobs.find((job) => job.id === 'rail')?.cadence).toEqual({
			type: 'afterDone',
			min: 60,
			max: 90
		});
		expect(none.effects).toContainEqual({ code: 'items-float', count: 3 });
	});

	it('are added, reordered, merged and retired; the last one stays', () => {
		const added = ok(addRoom(makeHome(), { name: 'Study', kind: 'study', storey: 0 }, 'back'));
		expect(added.home.rooms.find((room) => room.id === 'study')).toMatchObject({ zone: 'back', storey: 0 });
		const order = ok(reorderRoom(makeHome(), 'porch', -1)).home.rooms;
		expect([...order].sort((a, b) => a.walkOrder - b.walkOrder).map((room) => room.id)).toEqual([
			'loft',
			'porch',
			'kitchen'
		]);
		const merged = ok(mergeRooms(makeHome(), 'porch', 'kitchen'));
		expect(merged.home.rooms.map((room) => room.id)).toEqual(['kitchen', 'loft']);
		expect(merged.home.zones[1]?.list).toEqual(['rail', 'door', 'rack']);
		// Two that are merely called alike are two; one of the library in both rooms is one.
		const alike = makeHome().jobs.map((job) => ({ ...job, name: 'Sweep' }));
		expect(ok(mergeRooms({ ...makeHome(), jobs: alike }, 'porch', 'kitchen')).home.jobs.length).toBe(
			alike.length
		);
		const [here, there] = ['porch', 'kitchen'].map((room) => alike.find((job) => job.room === room)?.id);
		const same = alike.map((job) =>
			job.id === here || job.id === there ? { ...job, library: 'sweep' } : job
		);
		const once = ok(mergeRooms({ ...makeHome(), jobs: same }, 'porch', 'kitchen'));
		expect(once.home.jobs.map((job) => job.id)).toEqual(
			alike.map((job) => job.id).filter((id) => id !== here)
		);
		// What another job does in a room is done where that room has gone.
		const steps = [{ text: 'Carry', minutes: 2, class: 1, products: [], room: 'porch' }];
		const carries = makeHome().jobs.map((job) =>
			job.id === there ? { ...job, depths: { usual: { minutes: 2, steps } }, deepEvery: undefined } : job
		);
		const stepOf = (edit: { home: { jobs: readonly Job[] } }) =>
			edit.home.jobs.find((job) => job.id === there)?.depths.usual.steps[0]?.room;
		expect(stepOf(ok(mergeRooms({ ...makeHome(), jobs: carries } as Home, 'porch', 'loft')))).toBe('loft');
		expect(stepOf(ok(retireRoom({ ...makeHome(), jobs: carries } as Home, 'porch')))).toBeUndefined();
		const round = makeHome().jobs.map((job) =>
			job.id === there ? { ...job, rooms: ['porch', 'loft'] } : job
		);
		const roundOf = (edit: { home: { jobs: readonly Job[] } }) =>
			edit.home.jobs.find((job) => job.id === there)?.rooms;
		expect(roundOf(ok(retireRoom({ ...makeHome(), jobs: round }, 'porch')))).toEqual(['loft']);
		expect(roundOf(ok(mergeRooms({ ...makeHome(), jobs: round }, 'porch', 'loft')))).toEqual(['loft']);
		const retired = ok(retireRoom(makeHome(), 'porch'));
		expect(retired.home.zones[0]?.list).toEqual([]);
		expect(retired.effects[0]).toMatchObject({ code: 'jobs-retire' });
		const one = {
			...makeHome(),
			rooms: makeHome().rooms.slice(0, 1),
			jobs: [],
			zones: [{ ...makeHome().zones[0], list: [] }]
		} as never;
		expect(retireRoom(one, 'porch')).toMatchObject({ ok: false, refusal: { code: 'last-room' } });
	});

	it('refuse what is not there', () => {
		expect(moveRoom(makeHome(), 'nowhere', 'back')).toMatchObject({
			ok: false,
			refusal: { code: 'unknown', what: 'room' }
		});
		expect(moveRoom(makeHome(), 'porch', 'nowhere')).toMatchObject({
			ok: false,
			refusal: { code: 'unknown', what: 'zone' }
		});
		expect(
			moveRooms(makeHome(), [
				{ room: 'porch', zone: 'back' },
				{ room: 'x', zone: 'back' }
			])
		).toMatchObject({ ok: false });
		expect(mergeRooms(makeHome(), 'porch', 'porch')).toMatchObject({ ok: false, refusal: { code: 'same' } });
	});
});

describe('zones', () => {
	it('are added, renamed, put in order, and their lists kept whole', () => {
		const added = ok(addZone(makeHome(), 'Attic')).home.zones[2];
		expect(added).toMatchObject({ name: 'Attic', weave: 'waffle' });
		const listed = ok(changeZone(makeHome(), 'front', { list: ['rack', 'rail', 'rack', 'gone'] })).home
			.zones[0]?.list;
		expect(listed).toEqual(['rack', 'rail', 'door']);
		expect(
			ok(changeZone(makeHome(), 'front', { weave: 'check' })).home.zones.map((zone) => zone.weave)
		).toEqual(['check', 'stripe']);
		expect(ok(reorderZone(makeHome(), 'back', -1)).home.zones.map((zone) => zone.id)).toEqual([
			'back',
			'front'
		]);
	});

	it('retire into another or into none', () => {
		expect(ok(retireZone(makeHome(), 'front', 'back')).home.zones).toMatchObject([
			{ id: 'back', list: ['rail', 'door', 'rack'] }
		]);
		const none = ok(retireZone(makeHome(), 'front', null)).home;
		expect(none.rooms.every((room) => room.zone !== 'front')).toBe(true);
		expect(none.jobs.find((job) => job.id === 'door')?.cadence.type).toBe('afterDone');
	});
});

describe('jobs', () => {
	it('are copied, retired, and saved on the right list', () => {
		const copy = ok(copyJob(makeHome(), 'bench', 'kitchen', TODAY)).home.jobs.find(
			(job) => job.id === 'bench-kitchen'
		);
		expect(copy).toMatchObject({ room: 'kitchen', startsOn: '2027-03-03' });
		const gone = ok(retireJob(makeHome(), 'counters')).home;
		expect(gone.jobs.find((job) => job.id === 'reset')?.covers).toEqual([]);
		const rail = makeHome().jobs.find((job) => job.id === 'rail') as Job;
		const weekly = ok(
			saveJob(makeHome(), {
				...rail,
				cadence: { type: 'weekly', weekdays: [1], everyWeeks: 1 },
				missRule: 'letgo'
			})
		).home;
		expect(weekly.zones[0]?.list).toEqual(['door', 'rack']);
		expect(ok(saveJob(weekly, rail)).home.zones[0]?.list).toEqual(['door', 'rack', 'rail']);
	});

	it('count from when they were last done about', () => {
		expect(
			ok(lastDoneAbout(makeHome(), 'skirting', toDay('2027-02-25'))).home.jobs.find(
				(job) => job.id === 'skirting'
			)?.startsOn
		).toBe('2027-03-11');
		expect(lastDoneAbout(makeHome(), 'bench', TODAY)).toMatchObject({ ok: false });
	});
});

describe('layers', () => {
	const all = makeHome();
	const basics = makeHome({ household: { ...all.household, layers: ['basics'] } });

	it('that are off ask nothing and are never late; those that come on begin then', () => {
		const before = prepareHome([{ from: toDay('2027-01-04'), home: basics }]);
		const day = readDay(before, projectHome(before, []), TODAY);
		expect(day.lines.filter((line) => line.line.job.layer !== 'basics').map((line) => line.state)).toEqual(
			Array(6).fill('resting')
		);
		expect(day.zone).toBeNull();
		const on = ok(switchLayer(basics, 'weekly', true, TODAY)).home;
		const after = prepareHome([
			{ from: toDay('2027-01-04'), home: basics },
			{ from: TODAY, home: on }
		]);
		const bench = readDay(after, projectHome(after, []), TODAY).lines.find(
			(line) => line.line.id === 'bench'
		);
		expect(bench?.state).toBe('due');
		expect(bench?.lateDays).toBe(0);
	});

	it('switched off and on again keep their past', () => {
		const off = ok(switchLayer(all, 'weekly', false, TODAY)).home;
		expect(off.jobs).toEqual(all.jobs);
		expect(switchLayer(all, 'weekly', true, TODAY)).toMatchObject({ ok: false, refusal: { code: 'same' } });
	});
});

describe('a retired job', () => {
	it('keeps its name for what was done of it', () => {
		const gone = ok(retireJob(makeHome(), 'bench')).home;
		const home = prepareHome([
			{ from: toDay('2027-01-04'), home: makeHome() },
			{ from: TODAY, home: gone }
		]);
		expect(home.jobById.has('bench')).toBe(false);
		expect(home.everyJob.get('bench')?.name).toBe('bench');
		expect(
			readDay(home, projectHome(home, [done('bench', '2027-02-24')]), TODAY).lines.some(
				(line) => line.line.id === 'bench'
			)
		).toBe(false);
	});
});

describe('a job from the fields of a form', () => {
	const bench = makeHome().jobs.find((job) => job.id === 'bench') as Job;
	const read = (form: FormValues, before = bench) => jobFromForm(before, form);
	const cadence = (form: FormValues) => {
		const made = read(form);
		return made.ok ? made.job.cadence : made.problems[0]?.says;
	};

	it('says every cadence of the rules', () => {
		expect(cadence({ type: ['daily'] })).toEqual({ type: 'daily' });
		expect(cadence({ type: ['daily'], weekdays: ['1', '3'] })).toEqual({ type: 'daily', weekdays: [1, 3] });
		expect(cadence({ type: ['weekly'], weekdays: ['4'], everyWeeks: ['2'] })).toEqual({
			type: 'weekly',
			weekdays: [4],
			everyWeeks: 2
		});
		expect(cadence({ type: ['timesAWeek'], times: ['3'] })).toEqual({ type: 'timesAWeek', times: 3 });
		expect(cadence({ type: ['monthly'], day: ['31'] })).toEqual({ type: 'monthly', day: 31 });
		expect(cadence({ type: ['nth'], nth: ['-1'], weekday: ['5'] })).toEqual({
			type: 'monthly',
			nth: -1,
			weekday: 5
		});
		expect(cadence({ type: ['leaf'], leaf: ['2'], weekday: ['2'] })).toEqual({
			type: 'monthly',
			card: 2,
			weekday: 2
		});
		expect(cadence({ type: ['months'], months: ['4', '10'] })).toEqual({ type: 'months', months: [4, 10] });
		expect(cadence({ type: ['afterDone'], min: ['14'], max: ['10'] })).toEqual({
			type: 'afterDone',
			min: 10,
			max: 14
		});
		expect(cadence({ type: ['zone'], every: ['2'] })).toEqual({ type: 'zone', every: 2 });
		expect(cadence({ type: ['onCall'] })).toEqual({ type: 'onCall' });
	});

	it('names what is wrong, for every field', () => {
		const step = { 'usual-text': ['A'], 'usual-minutes': ['2'], 'usual-class': ['3'] };
		const wrong: [FormValues, ...fields: string[]][] = [
			[{ type: ['weekly'], weekdays: [], everyWeeks: ['1'] }, 'weekdays'],
			[{ type: ['weekly'], weekdays: ['9'], everyWeeks: ['1'] }, 'weekdays'],
			[{ type: ['weekly'], weekdays: ['1'], everyWeeks: ['0'] }, 'everyWeeks'],
			[{ type: ['timesAWeek'], times: ['8'] }, 'times'],
			[{ type: ['monthly'], day: ['32'] }, 'day'],
			[{ type: ['nth'], nth: ['2'], weekday: ['9'] }, 'weekday'],
			[{ type: ['leaf'], leaf: ['5'], weekday: ['1'] }, 'leaf'],
			[{ type: ['months'], months: [] }, 'months'],
			[{ type: ['everyMonths'], everyMonths: ['1'], day: ['3'] }, 'everyMonths'],
			[{ type: ['everyMonths'], everyMonths: ['2'], day: ['32'] }, 'day'],
			[{ type: ['everyMonths'], everyMonths: ['2'], on: ['weekday'], nth: ['2'], weekday: ['8'] }, 'weekday'],
			[{ type: ['once'], onceOn: ['2027-02-30'] }, 'onceOn'],
			[{ type: ['afterDone'], min: ['0'], max: ['3'] }, 'min'],
			[{ type: ['afterDone'], min: ['ten'], max: ['3'] }, 'min'],
			[{ type: ['sometimes'] }, 'type'],
			[{ name: [''] }, 'name'],
			[{ name: ['x'.repeat(90)] }, 'name'],
			[{ weight: ['6'] }, 'weight'],
			[{ lead: ['-1'] }, 'lead'],
			[{ who: ['fixed'], members: ['No id'] }, 'members'],
			[{ 'minutes-usual': ['0'] }, 'minutes-usual'],
			[{ 'minutes-usual': ['-3'] }, 'minutes-usual'],
			[{ 'minutes-usual': ['1e9'] }, 'minutes-usual'],
			[{ 'minutes-usual': ['ten'] }, 'minutes-usual'],
			[{ startsOn: ['2027-02-31'] }, 'startsOn'],
			[{ type: ['daily'], parts: ['noon'] }, 'parts'],
			[{ variants: ['only one'] }, 'variants'],
			[{ seasonal: ['some'], season: ['13'] }, 'season'],
			[{ ...step, 'usual-minutes': ['0.3'] }, 'usual-minutes[0]'],
			[{ ...step, 'usual-class': ['9'] }, 'usual-class[0]'],
			[{ ...step, 'usual-wait': ['soak'], 'usual-min': ['9'], 'usual-max': ['3'] }, 'usual-max[0]'],
			[{ ...step, 'usual-wait': ['soak'], 'usual-min': ['soon'] }, 'usual-min[0]'],
			// An empty row is none, and yet it stands there; all that is wrong is told at once.
			[
				{
					name: [''],
					'usual-text': ['A', '', 'x'.repeat(200)],
					'usual-minutes': ['2', '', '0.3'],
					'usual-class': ['3', '3', '3']
				},
				'name',
				'usual-minutes[2]',
				'usual-text[2]'
			]
		];
		for (const [form, ...fields] of wrong) {
			const made = read(form);
			const told = made.ok ? ['taken'] : [...new Set(made.problems.map(({ field }) => field))].sort();
			expect(told, JSON.stringify(form)).toEqual(fields);
		}
	});

	it('shares other minutes out among the steps, and keeps what the form does not show', () => {
		const toilet = makeHome().jobs.find((job) => job.id === 'toilet') as Job;
		const made = read({ 'minutes-usual': ['12'] }, toilet);
		if (!made.ok) throw new Error(JSON.stringify(made.problems));
		expect(made.job.depths.usual.minutes).toBe(12);
		expect(made.job.depths.usual.steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(12);
		expect(made.job.depths.usual.steps[0]?.products[0]?.families).toEqual(['acid']);
		const seasonal = read({
			type: ['weekly'],
			weekdays: ['1'],
			everyWeeks: ['1'],
			seasonal: ['some'],
			season: ['4', '5'],
			who: ['turns'],
			members: ['ada', 'ben'],
			variants: ['this\nthat']
		});
		expect(seasonal.ok && seasonal.job).toMatchObject({
			season: [4, 5],
			variants: ['this', 'that'],
			who: { mode: 'turns', members: ['ada', 'ben'] }
		});
	});
});

describe('trying a rhythm', () => {
	const home = prepareHome([{ from: toDay('2027-01-04'), home: makeHome() }]);
	const bench = makeHome().jobs.find((job) => job.id === 'bench') as Job;
	const [room] = makeHome().rooms;
	const trial = (cadence: Job['cadence'], rest: Partial<Job> = {}): TrialInput => {
		if (!room) throw new Error('no room');
		return {
			household: home.home.household,
			room,
			before: bench,
			after: { ...bench, ...rest, cadence, startsOn: '2027-03-03' },
			versions: home.seriesById.get('bench')?.versions ?? [],
			projection: NOTHING_DONE,
			pauses: [],
			today: TODAY,
			zoneDays: zoneDaysAhead(home, 'front', TODAY)
		};
	};
	const dates = (cadence: Job['cadence'], rest: Partial<Job> = {}) =>
		trialDates(trial(cadence, rest)).map((day) => isoOf(day));

	it('tells which time is another one by the change, and no other', () => {
		const moved = (cadence: Job['cadence']) => tryJob(trial(cadence)).moved;
		expect(moved(bench.cadence)).toBeNull();
		const [first] = datesBefore(trial(bench.cadence), 1);
		expect(moved({ type: 'monthly', day: 31 })).toEqual({ from: first, to: toDay('2027-03-31') });
		// Where there is none any more, nothing moves.
		expect(moved({ type: 'onCall' })).toBeNull();
	});

	it('tells which dates are no more, and none that the six to come do not reach', () => {
		const before = datesBefore(trial(bench.cadence), 12);
		for (const cadence of [
			{ type: 'monthly', day: 31 },
			{ type: 'weekly', weekdays: [4], everyWeeks: 1 },
			{ type: 'onCall' }
		] satisfies Job['cadence'][]) {
			const { dates, gone } = tryJob(trial(cadence));
			const end = dates.at(-1) ?? addDays(TODAY, 60);
			expect(gone).toEqual(before.filter((day) => day <= end && !dates.includes(day)).slice(0, 6));
			expect(gone.length).toBeGreaterThan(0);
		}
		expect(tryJob({ ...trial(bench.cadence), before: null })).toMatchObject({ gone: [], moved: null });
	});

	it('goes on from the rules that the job has had, and writes over a change of the same day', () => {
		const often = { type: 'afterDone', min: 16, max: 24 } as const;
		const now = { ...bench, cadence: often };
		const changed = (from: CivilDay) =>
			prepareHome([
				{ from: toDay('2027-01-04'), home: makeHome() },
				{
					from,
					home: { ...makeHome(), jobs: makeHome().jobs.map((job) => (job.id === 'bench' ? now : job)) }
				}
			]).seriesById.get('bench') as Series;
		for (const from of [addDays(TODAY, -9), TODAY]) {
			const line = changed(from);
			const input = { ...trial(often), before: now, after: now, versions: line.versions };
			const known = { today: TODAY, projection: NOTHING_DONE, pauses: [] };
			expect(trialDates(input)).toEqual(nextDates(line, known, 6));
			expect(datesBefore(input)).toEqual(nextDates(line, known, 6));
			expect(tryJob(input)).toMatchObject({ gone: [], moved: null });
		}
		// Back to what it was this morning: nothing has been changed.
		const back = { ...trial(bench.cadence), before: now, after: bench, versions: changed(TODAY).versions };
		expect(trialDates(back)).toEqual(trialDates({ ...trial(bench.cadence), after: bench }));
	});

	it('shows the next six dates, live', () => {
		expect(dates({ type: 'weekly', weekdays: [4], everyWeeks: 2 })).toEqual([
			'2027-03-04',
			'2027-03-18',
			'2027-04-01',
			'2027-04-15',
			'2027-04-29',
			'2027-05-13'
		]);
		expect(dates({ type: 'monthly', day: 31 }).slice(0, 3)).toEqual([
			'2027-03-31',
			'2027-04-30',
			'2027-05-31'
		]);
		expect(dates({ type: 'afterDone', min: 10, max: 14 }).slice(0, 2)).toEqual(['2027-03-17', '2027-03-31']);
		expect(dates({ type: 'onCall' })).toEqual([]);
		// Front is on in every second week from 1 March; what is left of this visit counts as its own.
		expect(dates({ type: 'zone', every: 1 })[1]).toBe('2027-03-15');
	});

	it('gives a year of the whole home with the job changed', () => {
		const days = trialYear(
			home,
			{ ...bench, cadence: { type: 'daily' }, missRule: 'letgo' },
			NOTHING_DONE,
			TODAY
		);
		expect(days.length).toBe(365);
		expect(days.filter((day) => day.lines.includes('bench')).length).toBe(365);
	});
});
