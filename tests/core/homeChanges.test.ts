import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Home } from '../../src/lib/core/household/home';
import { changesOf, takeBack } from '../../src/lib/core/setup/homeChanges';
import { changeTexts } from '../../src/lib/words/homeChanges';
import { retireJob, saveJob } from '../../src/lib/core/setup/editJobs';
import { demoHome } from './home';

const home = demoHome();
const edited = (edit: ReturnType<typeof retireJob>): Home => {
	if (!edit.ok) throw new Error(JSON.stringify(edit.refusal));
	return edit.home;
};
const jobNamed = (of: Home, id: string) => {
	const job = of.jobs.find((one) => one.id === id);
	if (!job) throw new Error(id);
	return job;
};

/** Changes of every kind, each of one home. */
const edits: Readonly<Record<string, (of: Home) => Home>> = {
	'a job is removed': (of) => edited(retireJob(of, 'stair-skirting')),
	'a job of a zone is removed': (of) =>
		edited(retireJob(of, of.jobs.find((job) => job.cadence.type === 'zone')?.id ?? '')),
	'how often': (of) =>
		edited(
			saveJob(of, { ...jobNamed(of, 'bins-to-the-gate'), cadence: { type: 'daily' }, missRule: 'letgo' })
		),
	'a new job': (of) =>
		edited(saveJob(of, { ...jobNamed(of, 'bins-to-the-gate'), id: 'more-bins', name: 'More bins' })),
	'a room': (of) => ({
		...of,
		rooms: of.rooms.map((room, i) => (i === 2 ? { ...room, name: 'Parlour' } : room))
	}),
	'a setting': (of) => ({ ...of, household: { ...of.household, clock: '12h' } }),
	'a setting that was not there': (of) => ({ ...of, household: { ...of.household, minutesADay: 77 } })
};

describe('changes of a home', () => {
	it('are none between a home and itself', () => {
		expect(changesOf(home, home)).toEqual([]);
		expect(takeBack(home, home, home)).toMatchObject({ ok: false, refusal: { code: 'same' } });
	});

	it.each(Object.entries(edits))('%s: said in words, and taken back to the very home before', (_, edit) => {
		const after = edit(home);
		const texts = changeTexts(changesOf(home, after));
		expect(texts.length).toBeGreaterThan(0);
		for (const text of texts) expect(text).not.toMatch(/undefined|\[object/);
		const back = takeBack(after, home, after);
		expect(back.ok && back.home).toEqual(home);
	});

	it('keeps what was changed elsewhere since, and refuses what was changed again, by name', () => {
		const removed = edits['a job is removed'] as (of: Home) => Home;
		const often = edits['how often'] as (of: Home) => Home;
		const first = often(home);
		const second = removed(first);
		const back = takeBack(second, home, first);
		expect(back.ok && back.home).toEqual(removed(home));
		const again = edited(saveJob(second, { ...jobNamed(second, 'bins-to-the-gate'), weight: 1 }));
		expect(takeBack(again, home, first)).toMatchObject({
			ok: false,
			refusal: { code: 'changed-since', names: ['Bins to the gate'] }
		});
	});

	it('in any order of different changes, taking all back from the last gives the first home', () => {
		fc.assert(
			fc.property(fc.shuffledSubarray(Object.keys(edits), { minLength: 1, maxLength: 4 }), (names) => {
				const revisions = [home];
				for (const name of names) {
					try {
						revisions.push((edits[name] as (of: Home) => Home)(revisions.at(-1) as Home));
					} catch {
						// Some do not go after others.
					}
				}
				let now = revisions.at(-1) as Home;
				for (let i = revisions.length - 1; i > 0; i--) {
					const back = takeBack(now, revisions[i - 1] as Home, revisions[i] as Home);
					expect(back.ok).toBe(true);
					if (back.ok) now = back.home;
				}
				expect(now).toEqual(home);
			}),
			{ numRuns: 40 }
		);
	});
});
