/** What each step is done with, out of what its job needs at hand. */
import { describe, expect, it } from 'vitest';
import { takeAlong } from '../../src/lib/core/cupboard/kits';
import { readHome, type Home, type Job } from '../../src/lib/core/household/home';
import { describeProblems } from '../../src/lib/core/household/problems';
import { atHand, atHandAt, withinNeeds } from '../../src/lib/core/household/stepTools';
import { removeTool } from '../../src/lib/core/setup/editCupboard';
import { withToolsFor } from '../../src/lib/core/setup/editRooms';
import { jobFromForm } from '../../src/lib/core/setup/jobForm';
import { homeData, job, makeHome, step } from './home';
import { library } from './library';

const scrub = (tools: readonly string[]) =>
	job('scrub', {
		needs: ['Old towel'],
		things: ['brush', 'mop'],
		depths: {
			quick: { minutes: 2, steps: [step('Brush over', 2, { tools: ['brush'] })] },
			usual: { minutes: 5, steps: [step('Brush over', 2, { tools: ['brush'] }), step('Mop', 3, { tools })] }
		}
	});
const cupboard = {
	tools: [
		{ id: 'brush', name: 'Brush' },
		{ id: 'mop', name: 'Mop', boundTo: 'porch' }
	]
};
const others = (homeData().jobs as unknown[]).slice(1);
const homeWith = (tools: readonly string[]) => ({ cupboard, jobs: [scrub(tools), ...others, job('bench')] });
const home = makeHome(homeWith(['mop']));
const found = (of: Home) => of.jobs.find((one) => one.id === 'scrub') as Job;
const toolsOf = (of: Job) => of.depths.usual.steps.map((one) => one.tools ?? []);

describe('what a step is done with', () => {
	it('is something that the job needs; a file that says otherwise is told where', () => {
		const read = readHome(homeData(homeWith(['broom'])));
		if (read.ok) throw new Error('read');
		expect(describeProblems(read.problems)).toMatch(
			/"broom" is not among what the job needs at hand\. Add it there/
		);
		expect(readHome(homeData(homeWith(['Old towel', 'mop']))).ok).toBe(true);
	});
	it('is asked for at the depth that has the step; what no step names, at every one', () => {
		expect(atHand(found(home))).toEqual(['Old towel', 'brush', 'mop']);
		expect(atHandAt(found(home), 'quick')).toEqual(['Old towel', 'brush']);
		expect(atHandAt(found(home), 'deep')).toEqual(['Old towel', 'brush', 'mop']);
		const along = (depth: 'quick' | 'usual') => takeAlong(home, [{ job: found(home), depth }]);
		expect([along('quick').loose, along('quick').others]).toEqual([['brush'], ['Old towel']]);
		expect(along('usual').loose).toEqual(['brush', 'mop']);
	});
	it('leaves the steps with the tool that is taken away, or stays behind in its room', () => {
		const gone = removeTool(home, 'mop');
		if (!gone.ok) throw new Error(JSON.stringify(gone));
		expect(toolsOf(found(gone.home))).toEqual([['brush'], []]);
		const moved = withToolsFor(home, { ...found(home), room: 'kitchen' });
		expect([moved.things, toolsOf(moved)]).toEqual([['brush'], [['brush'], []]]);
		expect(withinNeeds(found(home))).toBe(found(home));
	});
	it('is read from the rows of the editor, and stays where a form has no such rows', () => {
		const read = (form: Record<string, readonly string[]>) => {
			const made = jobFromForm(found(home), form);
			if (!made.ok) throw new Error(JSON.stringify(made.problems));
			return toolsOf(made.job);
		};
		const rows = {
			'usual-text': ['Brush over', 'Mop'],
			'usual-minutes': ['2', '3'],
			'usual-class': ['3', '7']
		};
		expect(read(rows)).toEqual([['brush'], ['mop']]);
		expect(read({ ...rows, 'usual-tools': ['', 'mop\nOld towel'] })).toEqual([[], ['mop', 'Old towel']]);
		// What the job needs no longer, its steps are not done with.
		expect(read({ ...rows, needs: [''], 'usual-tools': ['Old towel', 'mop'] })).toEqual([[], ['mop']]);
		expect(read({ weight: ['3'] })).toEqual([['brush'], ['mop']]);
	});
});

describe('the library', () => {
	it('says of all that a job needs which step is done with it', () => {
		for (const one of library().jobs) {
			const steps = Object.values(one.depths).flatMap((depth) => depth?.steps ?? []);
			const named = new Set(steps.flatMap((each) => each.tools ?? []));
			expect([...named].sort(), one.id).toEqual([...new Set(one.needs)].sort());
		}
	});
});
