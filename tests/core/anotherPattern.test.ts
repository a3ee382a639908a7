import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { readHome, type Home, type Job } from '../../src/lib/core/household/home';
import { prepareHome, type Series } from '../../src/lib/core/schedule/preparedHome';
import { nextDates, NOTHING_DONE } from '../../src/lib/core/schedule/occurrences';
import { changeHome } from '../../src/lib/core/setup/change';
import type { Draft } from '../../src/lib/core/setup/draft';
import { draftFromHome } from '../../src/lib/core/setup/draftFromHome';
import { retireJob, saveJob } from '../../src/lib/core/setup/editJobs';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import type { Pattern } from '../../src/lib/core/setup/pattern';
import { draft, library as starterLibrary, patterns } from './library';

const FROM = toDay('2027-03-01');
const LATER = addDays(FROM, 30);
const library = starterLibrary();
const all = patterns();
const pattern = (id: string) => all.find((one) => one.id === id) as Pattern;

/** Kept, as nothing changes a home that was made. */
const homes = new Map<string, Home>();

function made(id: string, rest: Record<string, unknown> = {}): Home {
	const key = JSON.stringify([id, rest]);
	const known = homes.get(key);
	if (known) return known;
	const home = homeFromDraft(draft({ minutesADay: 240, ...rest }), library, pattern(id), FROM);
	if (!home.ok) throw new Error(JSON.stringify(home.problems));
	homes.set(key, home.home);
	return home.home;
}

const read = (home: unknown): Home => {
	const one = readHome(home);
	if (!one.ok) throw new Error(JSON.stringify(one.problems));
	return one.home;
};

/** The home by another way of cleaning, taken in the first steps. */
function changed(home: Home, to: string, touch: (draft: Draft) => Draft = (one) => one): Home {
	const answers = touch({ ...draftFromHome(home, 'h'), pattern: to });
	const edit = changeHome(home, answers, library, pattern(to), LATER, all);
	if (!edit.ok) throw new Error(JSON.stringify(edit.refusal));
	return edit.home;
}

const own = (rest: Partial<Job>): Job => {
	const [job] = made('rolling-zones').jobs;
	const { library: _library, ...plain } = job as Job;
	return {
		...plain,
		id: 'organ',
		name: 'Tune the organ',
		room: 'living',
		layer: 'weekly',
		cadence: { type: 'weekly', weekdays: [3], everyWeeks: 2 },
		missRule: 'letgo',
		parts: [],
		covers: [],
		depths: { usual: { minutes: 15, steps: [{ text: 'Tune', minutes: 15, class: 2, products: [] }] } },
		...rest
	};
};

const jobOf = (home: Home, id: string) => home.jobs.find((job) => job.id === id);
const ofLibrary = (home: Home) => home.jobs.filter((job) => job.library);
const key = (job: Job) => `${job.library} in ${job.room}`;

describe('another way of cleaning for a home that is there', () => {
	it('changes no setting that the first steps do not ask', () => {
		const home = made('rolling-zones');
		const set = read({
			...home,
			household: {
				...home.household,
				dayStartsAt: '03:00',
				weekBelongs: 'middle',
				parts: { morning: '06:00', midday: '11:00', evening: '18:00' },
				moves: { sameStorey: 2, perStorey: 3 },
				floors: 'at-end',
				layers: ['basics', 'weekly'],
				laundry: { days: [2, 5], aDay: 3, dry: 'machine' },
				rhythm: { ...home.household.rhythm, errandDays: [4] },
				family: { ...home.household.family, gate: 'screens', together: 'role' }
			},
			rooms: home.rooms.map((room) => ({ ...room, seenByVisitors: room.id === 'bed' }))
		});
		const after = changed(set, 'upkeep');
		for (const one of ['dayStartsAt', 'weekBelongs', 'parts', 'moves', 'floors', 'layers'] as const)
			expect(after.household[one], one).toEqual(set.household[one]);
		expect(after.household.laundry).toEqual(set.household.laundry);
		expect(after.household.family).toEqual(set.household.family);
		expect(after.household.rhythm.errandDays).toEqual([4]);
		const { minutesADay: _minutes, ...habit } = set.household;
		expect(changed({ ...set, household: habit }, 'upkeep').household.minutesADay).toBeUndefined();
		expect(after.rooms.filter((room) => room.seenByVisitors).map((room) => room.id)).toEqual(['bed']);
	});

	it('keeps what was set of a job, and lays anew when it comes', () => {
		const home = made('rolling-zones');
		const [job] = home.jobs.filter((one) => one.library && one.layer === 'weekly');
		if (!job) throw new Error('no job');
		const set: Job = {
			...job,
			name: 'As we call it',
			note: 'Mind the cat.',
			weight: 5,
			things: [],
			season: [1, 2, 3],
			who: { mode: 'turns', members: ['ada', 'ben'], every: 'week' },
			depths: { usual: { minutes: 7, steps: [{ text: 'Our way', minutes: 7, class: 2, products: [] }] } }
		};
		const { deepEvery: _every, ...plain } = set;
		const edited = saveJob(home, plain);
		if (!edited.ok) throw new Error(JSON.stringify(edited.refusal));
		for (const { id } of all) {
			const after = jobOf(changed(edited.home, id), job.id);
			// A way of cleaning that gathers it in a round, or does without, has no job of its own for it.
			if (!after) continue;
			expect(after, id).toMatchObject({
				name: set.name,
				note: set.note,
				weight: 5,
				season: set.season,
				who: set.who,
				depths: set.depths
			});
		}
		const fresh = jobOf(made('upkeep'), job.id);
		expect(jobOf(changed(edited.home, 'upkeep'), job.id)?.cadence).toEqual(fresh?.cadence);
	});

	it('does not bring back what was taken out, and keeps what was added from the library', () => {
		const home = made('rolling-zones');
		const [gone] = home.jobs.filter(
			(one) => one.library && one.layer === 'weekly' && one.covers.length === 0
		);
		const without = retireJob(home, gone?.id ?? '');
		if (!gone || !without.ok) throw new Error('not taken out');
		const seldom = library.jobs.find((one) => !one.starter && one.kinds.includes('living'));
		const added = saveJob(without.home, own({ id: 'added', library: seldom?.id ?? '' }));
		if (!added.ok) throw new Error(JSON.stringify(added.refusal));
		const after = changed(added.home, 'upkeep');
		expect(after.jobs.filter((one) => key(one) === key(gone))).toEqual([]);
		expect(jobOf(after, 'added')?.library).toBe(seldom?.id);
	});

	it('drops none of its own jobs, whenever they come, and moves none of their dates', () => {
		const home = made('rolling-zones');
		const zone = home.rooms.find((room) => room.id === 'living')?.zone;
		const item = own({
			id: 'own-item',
			layer: 'zone',
			cadence: { type: 'zone', every: 1 },
			missRule: 'carry'
		});
		// An id that the library would give as well.
		const [twin] = made('upkeep').jobs.filter((job) => !home.jobs.some((one) => one.id === job.id));
		const set = read({
			...home,
			zones: home.zones.map((one) => (one.id === zone ? { ...one, list: [...one.list, item.id] } : one)),
			jobs: [...home.jobs, item, own({}), ...(twin ? [own({ id: twin.id })] : [])]
		});
		const datesOf = (one: Home, from = FROM) =>
			nextDates(
				prepareHome([{ from, home: one }]).seriesById.get('organ') as Series,
				{ today: LATER, projection: NOTHING_DONE, pauses: [] },
				6
			);
		for (const { id } of all) {
			const after = changed(set, id);
			expect(datesOf(after, LATER), id).toEqual(datesOf(set));
			if (twin) expect(jobOf(after, twin.id)?.name, id).toBe('Tune the organ');
			const room = after.rooms.find((one) => one.id === 'living');
			const kept = jobOf(after, 'own-item');
			if (kept?.cadence.type === 'zone')
				expect(after.zones.find((one) => one.id === room?.zone)?.list, id).toContain('own-item');
			else expect(kept?.cadence, id).toEqual({ type: 'afterDone', min: 60, max: 90 });
			expect(kept?.cadence.type === 'zone', id).toBe(after.zones.length > 0);
		}
	});

	it('does not fail by a job that somebody would rather not do', () => {
		const home = made('rolling-zones');
		const plain = changed(home, 'saturday-morning');
		const left = home.jobs.filter((job) => !jobOf(plain, job.id));
		expect(left.length).toBeGreaterThan(0);
		const [job] = left;
		const set = read({
			...home,
			members: home.members.map((one) =>
				one.id === 'ada'
					? { ...one, dislikes: [job?.id], excludes: { ...one.excludes, jobs: [job?.id] } }
					: one
			)
		});
		expect(changed(set, 'saturday-morning').members.find((one) => one.id === 'ada')?.dislikes).toEqual([]);
	});

	it('leaves nothing of one way behind in another, and brings no work twice', () => {
		fc.assert(
			fc.property(fc.constantFrom(...all), fc.constantFrom(...all), (one, other) => {
				fc.pre(one.id !== other.id);
				const home = made(one.id);
				const after = changed(home, other.id);
				const twice = ofLibrary(after)
					.map((job) => job.id)
					.filter((id, i, ids) => ids.indexOf(id) !== i);
				expect(twice).toEqual([]);
				// A home begun that way has the same: nothing was set by hand.
				expect(new Set(after.jobs.map((job) => job.name))).toEqual(
					new Set(made(other.id).jobs.map((job) => job.name))
				);
				expect(after.household.rhythm.scheme.type).toBe(made(other.id).household.rhythm.scheme.type);
			}),
			{ numRuns: 30, seed: 31 }
		);
	}, 60_000);

	it('there and back brings what there was', () => {
		for (const { id } of all) {
			const home = made('rolling-zones');
			const back = changed(changed(home, id), 'rolling-zones');
			expect(back.jobs.map((job) => job.id).sort(), id).toEqual(home.jobs.map((job) => job.id).sort());
			expect(
				back.zones.map((zone) => zone.list.length > 0),
				id
			).toEqual(back.zones.map(() => true));
		}
	});

	it.each([
		['As we did', 'rolling-zones'],
		['Rolling zones', 'upkeep']
	])('gives a home of its own make (%s) nothing that it has not, but to new rooms', (lived, to) => {
		const home = made('rolling-zones', { minutesADay: 60 });
		const foreign = read({
			...home,
			household: { ...home.household, rhythm: { ...home.household.rhythm, pattern: lived } },
			jobs: home.jobs.map(({ library: _library, ...job }) => job)
		});
		const after = changed(foreign, to, (one) => ({
			...one,
			rooms: [
				...one.rooms,
				{ id: 'study', name: 'Study', kind: 'study', storey: 0, surfaces: [], owners: [], sheds: [] }
			]
		}));
		expect(after.jobs.filter((job) => job.room !== 'study').map((job) => job.id)).toEqual(
			foreign.jobs.map((job) => job.id)
		);
		expect(after.jobs.filter((job) => job.room === 'study').length).toBeGreaterThan(2);
	});
});
