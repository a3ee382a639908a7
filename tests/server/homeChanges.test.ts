/** Jobs for one day, and changes of the home that are taken back: through the actions, also two at once. */
import { describe, expect, it } from 'vitest';
import { loadChanges } from '../../src/lib/server/pages/house/changes';
import type { CivilDay } from '../../src/lib/core/calendar/civil';
import { nextDates, NOTHING_DONE } from '../../src/lib/core/schedule/occurrences';
import type { Series } from '../../src/lib/core/schedule/preparedHome';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { revisionOf } from '../../src/lib/server/repo/homeRows';
import { addOnce } from '../../src/lib/server/services/home/onceJob';
import { loadJobEditor } from '../../src/lib/server/pages/house/jobEditor';
import { editMany } from '../../src/lib/server/services/home/manyJobs';
import { editJob } from '../../src/lib/server/services/home/job';
import { undoChange } from '../../src/lib/server/services/home/undoChange';
import { trialOfView } from '../../src/lib/ui/job/trialOfView';
import { jobFromForm } from '../../src/lib/core/setup/jobForm';
import { job, makeHome, step } from '../core/home';
import { form, newId, NOW, said, someHomes } from './asking';

const { household, pool } = someHomes();
const homeOf = async (id: string) => (await loadHome(pool(), id))?.home;
const ONCE = { name: 'Clean before the party', date: '2027-03-06', who: 'ada', minutes: '25' };

async function once(home: string, more: Readonly<Record<string, string>> = {}, id = newId()) {
	const room = (await homeOf(home))?.rooms[0]?.id ?? '';
	return addOnce(home, form({ id, room, ...ONCE, ...more }));
}

describe('a job for one day', () => {
	it('comes on its day alone, for whom it is, and stays until it is done', async () => {
		const home = await household();
		await once(home);
		const look = (on: string) =>
			loadToday({ household: home, on, open: null, me: 'ada', now: Date.parse(NOW) });
		const rows = (view: Awaited<ReturnType<typeof look>>) =>
			[...(view.next ? [view.next] : []), ...view.parts.flatMap((part) => part.rows)].filter(
				(row) => row.name === ONCE.name
			);
		expect(rows(await look('2027-03-06'))[0]).toMatchObject({ minutes: 25, who: 'Ada' });
		for (const other of ['2027-03-05', '2027-03-07', '2027-03-13'])
			expect(rows(await look(other)), other).toEqual([]);
		const missed = await loadToday({
			household: home,
			on: null,
			open: null,
			me: 'ada',
			now: Date.parse('2027-03-08T10:00:00Z')
		});
		const late = [...rows(missed), ...missed.overdue.map((one) => one.row)].find(
			(row) => row.name === ONCE.name
		);
		expect(late?.overdue).toBe('was due Saturday');
	});

	it('counts once however often it is sent, and two at once are two jobs', async () => {
		const home = await household();
		const id = newId();
		await Promise.all([once(home, {}, id), once(home, {}, id), once(home, { name: 'Another' })]);
		expect(
			(await homeOf(home))?.jobs
				.filter((job) => job.cadence.type === 'once')
				.map((job) => job.name)
				.sort()
		).toEqual(['Another', ONCE.name]);
	});

	it.each([
		[{ name: '' }, 'name'],
		[{ name: 'x'.repeat(10_000) }, 'name'],
		[{ date: '2027-02-31' }, 'date'],
		[{ date: '2027-03-01' }, 'date'],
		[{ minutes: '0' }, 'minutes'],
		[{ minutes: 'ten' }, 'minutes'],
		[{ who: '__proto__' }, 'who'],
		[{ room: 'constructor' }, 'room']
	])('says beside its field what is wrong with %j, and writes nothing', async (more, field) => {
		const home = await household();
		const revision = await revisionOf(pool(), home);
		const answer = (await once(home, more)) as {
			status: number;
			data: { form: { errors: Record<string, string[]> } };
		};
		expect(answer.status).toBe(400);
		expect(answer.data.form.errors[field]?.[0]).toMatch(/\w/);
		expect(await revisionOf(pool(), home)).toBe(revision);
	});
});

describe('a change of the home', () => {
	it('stands in words, newest first, and is taken back once', async () => {
		const home = await household();
		const before = await homeOf(home);
		await once(home);
		const { changes } = await loadChanges(home);
		expect(changes[0]?.texts).toEqual([`Added the job ${ONCE.name}`]);
		expect(changes[0]?.when).toMatch(/^today, /);
		const fields = { id: newId(), change: String(changes[0]?.revision) };
		const answers = await Promise.all([undoChange(home, form(fields)), undoChange(home, form(fields))]);
		for (const answer of answers) expect(said(answer).status).toBe(200);
		expect(await homeOf(home)).toEqual(before);
		expect((await loadChanges(home)).changes[0]?.texts).toEqual([`Removed the job ${ONCE.name}`]);
	});

	it('is refused by name where it was changed again since, and where it is none', async () => {
		const home = await household();
		const often = (weekday: string) =>
			form({
				id: newId(),
				op: 'keep',
				type: 'weekly',
				weekdays: weekday,
				everyWeeks: '1',
				missRule: 'letgo',
				who: 'free'
			});
		await editJob(home, 'bench', often('2'));
		const [first] = (await loadChanges(home)).changes;
		await editJob(home, 'bench', often('4'));
		const revision = await revisionOf(pool(), home);
		const refused = said(await undoChange(home, form({ id: newId(), change: String(first?.revision) })));
		expect(refused.status).toBe(409);
		expect(refused.message).toContain('changed again since');
		for (const change of ['1', '999', 'x', '-3', '__proto__'])
			expect(said(await undoChange(home, form({ id: newId(), change }))).status).toBeGreaterThanOrEqual(400);
		expect(await revisionOf(pool(), home)).toBe(revision);
	});
});

describe('somebody who is named for what they may not do', () => {
	it('is told with the reason when it is saved, and stands with it in the editor', async () => {
		const bleached = (id: string) =>
			job(id, {
				room: 'kitchen',
				depths: {
					usual: { minutes: 5, steps: [step('Bleach', 5, { products: [{ families: ['bleach'] }] })] }
				}
			});
		const home = await household(
			makeHome({
				jobs: [bleached('sink'), bleached('bin'), job('sweep', { room: 'kitchen' })],
				zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
			})
		);
		const name = async (member: string, jobs: string[], more: Record<string, string> = {}) => {
			const data = form({ id: newId(), what: 'who', to: member, ...more });
			for (const one of jobs) data.append('job', one);
			return (await editMany(home, data)) as { effects: readonly string[]; tried: boolean };
		};
		const tried = await name('cy', ['sink'], { try: '1' });
		expect(tried).toMatchObject({
			tried: true,
			effects: ['sink names Cy, who cannot do it: Cy is 8; it is for 16 and over.']
		});
		expect((await name('cy', ['sink', 'bin', 'sweep'])).effects).toEqual([
			'Two jobs name Cy, who cannot do them: sink and bin.'
		]);
		// Said once, and not at every other change after it.
		expect((await name('ada', ['sweep'])).effects).toEqual([]);
		const { people } = await loadJobEditor(home, 'sink', { room: null });
		expect(people.map(({ name: who, why }) => [who, why])).toEqual([
			['Ada', null],
			['Ben', null],
			['Cy', 'is 8; it is for 16 and over']
		]);
	});
});

describe('what the editor says of a job that nobody changed', () => {
	it('is what comes of it, with a first day of its own or without', async () => {
		const rhythms = {
			weeks: { type: 'weekly', weekdays: [3], everyWeeks: 3 },
			months: { type: 'everyMonths', every: 2, on: 12 },
			seldom: { type: 'months', months: [4, 10] },
			often: { type: 'afterDone', min: 16, max: 24 }
		};
		const jobs = Object.entries(rhythms).flatMap(([id, cadence]) => [
			job(id, { cadence }),
			job(`${id}-own`, { cadence, startsOn: '2027-02-11' })
		]);
		const home = await household(
			makeHome({ jobs, zones: [], rooms: [{ ...makeHome().rooms[0], zone: null }] })
		);
		const prepared = await loadHome(pool(), home);
		for (const { id } of jobs) {
			const view = await loadJobEditor(home, id, { room: null });
			const made = jobFromForm(view.job, {});
			const { dates, gone, moved } = trialOfView(view, made.ok ? made.job : view.job);
			const line = prepared?.series.find((one) => one.id === id) as Series;
			const today = view.today as CivilDay;
			expect(dates.length, id).toBeGreaterThan(0);
			expect({ dates, gone, moved }, id).toEqual({
				dates: nextDates(line, { today, projection: NOTHING_DONE, pauses: [] }, 6),
				gone: [],
				moved: null
			});
		}
	});
});
