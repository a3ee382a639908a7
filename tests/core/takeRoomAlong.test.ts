/** A room that goes along to another home, with its jobs and its record. */
import { describe, expect, it } from 'vitest';
import { toDay, addDays } from '../../src/lib/core/calendar/civil';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { entriesAlong, sameMembers, takeRoomAlong } from '../../src/lib/core/setup/takeRoomAlong';
import { done, undo } from './entries';
import { job, makeHome, step } from './home';

const FROM = toDay('2027-01-04');
const TODAY = toDay('2027-03-03');
const into = makeHome();
const known = new Map([
	['ada', 'ben'],
	['cy', 'cy']
]);
const idOf = (id: string) => id.replace(/^0190/, '0199');

describe('who is who in two homes', () => {
	const nobody = new Map<string, string>();

	it('is the address that opens both, else id, role and birthday; nobody stands for two', () => {
		const homes = [makeHome(), makeHome()] as const;
		expect([...sameMembers(...homes, { from: nobody, into: nobody })]).toEqual([
			['ada', 'ada'],
			['ben', 'ben'],
			['cy', 'cy']
		]);
		const emails = { from: new Map([['ada', 'a@b.test']]), into: new Map([['ben', 'a@b.test']]) };
		expect([...sameMembers(...homes, emails)]).toEqual([
			['ada', 'ben'],
			['cy', 'cy']
		]);
	});

	it('is not whoever has another birthday or role', () => {
		const other = makeHome({
			members: [
				{ id: 'ada', name: 'Ada', role: 'organiser' },
				{ id: 'ben', name: 'Ben', role: 'helper' },
				{ id: 'cy', name: 'Cy', role: 'child', bornOn: '2019-05-01' }
			]
		});
		expect([...sameMembers(makeHome(), other, { from: nobody, into: nobody }).keys()]).toEqual(['ada']);
	});
});

describe('a room that goes along', () => {
	it('brings its jobs under ids of their own, with whoever is known there', () => {
		const from = makeHome();
		const edit = takeRoomAlong(from, 'porch', into, known);
		if (!edit.ok || !edit.along) throw new Error('refused');
		const jobs = from.jobs.filter((one) => one.room === 'porch');
		expect(edit.along.jobs.size).toBe(jobs.length);
		expect(edit.home.jobs.length).toBe(into.jobs.length + jobs.length);
		expect(new Set(edit.home.jobs.map((one) => one.id)).size).toBe(edit.home.jobs.length);
		const room = edit.home.rooms.find((one) => one.id === edit.along?.room.to);
		expect(room).toMatchObject({ name: 'Porch', zone: null });
		// Nothing of the home that it goes to has changed.
		expect(edit.home.jobs.slice(0, into.jobs.length)).toEqual(into.jobs);
		// What stood on a zone's list waits by days, until the room has a zone.
		const item = edit.home.jobs.find((one) => one.id === edit.along?.jobs.get('rail'));
		expect(item?.cadence.type).toBe('afterDone');
		expect(edit.effects).toContainEqual({ code: 'jobs-come', count: jobs.length, room: 'Porch' });
	});

	it('leaves out whoever is not known there, and steps in other rooms are done in it', () => {
		const from = makeHome({
			jobs: [
				job('sweep', {
					who: { mode: 'fixed', members: ['ben'] },
					depths: {
						usual: {
							minutes: 5,
							steps: [step('Out', 2, { room: 'loft' }), step('In', 3, { room: 'porch' })]
						}
					}
				})
			],
			zones: [
				{ id: 'front', name: 'Front', weave: 'stripe', list: [] },
				{ id: 'back', name: 'Back', weave: 'check', list: [] }
			]
		});
		const edit = takeRoomAlong(from, 'porch', into, known);
		if (!edit.ok || !edit.along) throw new Error('refused');
		const came = edit.home.jobs.at(-1);
		expect(came?.who).toEqual({ mode: 'free', members: [] });
		expect(came?.depths.usual.steps.map((one) => one.room)).toEqual([undefined, edit.along.room.to]);
	});

	it('refuses a room that is not there', () => {
		expect(takeRoomAlong(makeHome(), 'attic', into, known)).toMatchObject({
			ok: false,
			refusal: { code: 'unknown' }
		});
	});

	it('goes on in step: its lines stand as they stood where they come from', () => {
		const from = makeHome();
		const slip = done('bench', '2027-02-24');
		const record = [
			done('bench', '2027-02-17'),
			done('skirting', '2027-02-27'),
			slip,
			undo(slip, '2027-02-24'),
			done('dishes', '2027-02-25', { part: 'morning' })
		];
		const edit = takeRoomAlong(from, 'porch', into, known);
		if (!edit.ok || !edit.along) throw new Error('refused');
		const along = edit.along;
		const moved = entriesAlong(record, along, idOf);
		// What was done in another room stays behind, with its taking back.
		expect(moved.every((one) => !('job' in one) || [...along.jobs.values()].includes(one.job))).toBe(true);
		expect(new Set(moved.map((one) => one.id)).size).toBe(moved.length);
		const before = prepareHome([{ from: FROM, home: from }]);
		const after = prepareHome([
			{ from: FROM, home: into },
			{ from: TODAY, home: edit.home }
		]);
		const [was, is] = [projectHome(before, record), projectHome(after, moved)];
		for (let i = 0; i < 30; i++) {
			const day = addDays(TODAY, i);
			const state = (home: typeof before, projection: typeof was, id: string) =>
				readDay(home, projection, day)
					.lines.filter((one) => one.line.job.id === id)
					.map(({ state, line }) => [state, line.part]);
			for (const id of ['bench', 'skirting'])
				expect(state(after, is, along.jobs.get(id) as string), `${id} on day ${i}`).toEqual(
					state(before, was, id)
				);
		}
	});
});
