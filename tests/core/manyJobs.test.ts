/** Many jobs changed at once: all of them or none, and every home that comes of it is a home. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LAYERS } from '../../src/lib/core/household/home';
import { changeJobs, type JobsChange } from '../../src/lib/core/setup/manyJobs';
import { demoHome } from './home';

const home = demoHome();
const ids = home.jobs.map((job) => job.id);
const CHANGES: readonly fc.Arbitrary<JobsChange>[] = [
	fc.record({ what: fc.constant('who' as const), mode: fc.constantFrom('shared' as const, 'free' as const) }),
	fc.record({
		what: fc.constant('member' as const),
		member: fc.constantFrom(...home.members.filter((one) => one.role !== 'device').map((one) => one.id))
	}),
	fc.record({ what: fc.constant('layer' as const), layer: fc.constantFrom(...LAYERS) }),
	fc.record({ what: fc.constant('weekday' as const), weekday: fc.constantFrom(1 as const, 4 as const) }),
	fc.record({
		what: fc.constant('room' as const),
		room: fc.constantFrom(...home.rooms.map((one) => one.id))
	}),
	fc.constant({ what: 'retire' as const })
];

describe('many jobs at once', () => {
	it('change as it is said, and no other job does', () => {
		fc.assert(
			fc.property(
				fc.subarray(ids, { minLength: 1, maxLength: 20 }),
				fc.oneof(...CHANGES),
				(chosen, change) => {
					const edit = changeJobs(home, chosen, change);
					if (!edit.ok) {
						expect(edit.refusal.code).toBe('no-weekday');
						return;
					}
					const after = new Map(edit.home.jobs.map((job) => [job.id, job]));
					for (const job of home.jobs) {
						const now = after.get(job.id);
						if (!chosen.includes(job.id)) {
							expect({ ...now, covers: [] }).toEqual({ ...job, covers: [] });
							continue;
						}
						if (change.what === 'retire') expect(now).toBeUndefined();
						else if (change.what === 'layer') expect(now?.layer).toBe(change.layer);
						else if (change.what === 'room') expect(now?.room).toBe(change.room);
						else if (change.what === 'who') expect(now?.who.mode).toBe(change.mode);
						else if (change.what === 'member') expect(now?.who.members).toEqual([change.member]);
						else if (job.cadence.type === 'weekly')
							expect(now?.cadence).toMatchObject({ weekdays: [change.weekday] });
						else
							expect(edit.effects).toMatchObject([
								{ code: 'stay-as-they-are', names: expect.arrayContaining([job.name]) }
							]);
					}
					// Zone jobs stand on the list of their room's zone, each once.
					const listed = edit.home.zones.flatMap((zone) => zone.list);
					expect(new Set(listed).size).toBe(listed.length);
					expect([...listed].sort()).toEqual(
						edit.home.jobs
							.filter((job) => job.cadence.type === 'zone')
							.map((job) => job.id)
							.sort()
					);
				}
			),
			{ numRuns: 60 }
		);
	});
	it('are refused as a whole where one of them is gone, or none is chosen', () => {
		const code = (chosen: string[]) => {
			const edit = changeJobs(home, chosen, { what: 'layer', layer: 'long' });
			return edit.ok ? 'ok' : edit.refusal.code;
		};
		expect([code([]), code([ids[0] as string, 'gone']), code([ids[0] as string])]).toEqual([
			'none-chosen',
			'unknown',
			'ok'
		]);
	});
});
