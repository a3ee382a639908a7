/** A new home's washing: it has a place where there is no laundry, and comes as often as there are people to wash for. */
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { isWash } from '../../src/lib/core/laundry/pile';
import { changeHome } from '../../src/lib/core/setup/change';
import { draftFromHome } from '../../src/lib/core/setup/draftFromHome';
import { timesAWeek } from '../../src/lib/core/setup/fitWeek';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import type { Draft } from '../../src/lib/core/setup/draft';
import type { Pattern } from '../../src/lib/core/setup/pattern';
import { draft, library, patterns } from './library';

const FROM = toDay('2027-03-01');
const rolling = patterns().find((one) => one.id === 'rolling-zones') as Pattern;

function begun(answers: Draft, pattern: Pattern = rolling) {
	const made = homeFromDraft({ ...answers, pattern: pattern.id }, library(), pattern, FROM);
	if (!made.ok) throw new Error(JSON.stringify(made.problems));
	return made.home;
}

const room = (id: string, kind: string, storey = 0) => ({ id, name: id, kind, storey });
const grownUps = (count: number) =>
	Array.from({ length: count }, (_, i) => ({
		id: `p${i}`,
		name: `P${i}`,
		role: i === 0 ? 'organiser' : 'adult'
	}));
const washing = (home: ReturnType<typeof begun>) =>
	home.jobs.filter((job) => ['wash-load', 'fold-load'].includes(job.library ?? ''));

describe('the washing of a new home', () => {
	it.each(patterns().map((pattern) => [pattern.id, pattern] as const))(
		'is in the week of %s',
		(_, pattern) => {
			const made = homeFromDraft({ ...draft(), pattern: pattern.id }, library(), pattern, FROM);
			if (!made.ok) throw new Error(JSON.stringify(made.problems));
			// A pattern that does without says so by name.
			if (made.notOfPattern.some((job) => job.library === 'wash-load')) return;
			const loads = made.home.jobs.filter((job) => job.library === 'wash-load');
			expect(loads.length).toBeGreaterThan(0);
			expect(loads.every((job) => isWash(job) && job.room === 'bath')).toBe(true);
			expect(loads.reduce((sum, job) => sum + timesAWeek(job), 0)).toBeGreaterThan(0.9);
		}
	);

	it.each([
		[['kitchen', 'bathroom', 'laundry'], 'laundry'],
		[['kitchen', 'bathroom'], 'bathroom'],
		[['kitchen', 'living'], 'kitchen'],
		[['laundry', 'laundry', 'kitchen'], 'laundry']
	])('of rooms %j stands once, in the %s', (kinds, where) => {
		const home = begun(draft({ rooms: kinds.map((kind, i) => room(`${kind}${i}`, kind)), people: [] }));
		expect(washing(home).map((job) => job.library)).toEqual(['wash-load', 'fold-load']);
		const kindOf = new Map(home.rooms.map((one) => [one.id, one.kind]));
		expect(new Set(washing(home).map((job) => kindOf.get(job.room)))).toEqual(new Set([where]));
	});

	it.each([
		[1, [1, 4]],
		[2, [1, 3, 5]],
		[3, [1, 2, 3, 5, 6]],
		[4, [1, 2, 3, 4, 5, 6]],
		[9, [1, 2, 3, 4, 5, 6]]
	])('for %i people has the weekdays %j', (people, weekdays) => {
		const home = begun(draft({ people: grownUps(people) }));
		for (const job of washing(home)) expect(job.cadence).toEqual({ type: 'daily', weekdays });
	});

	it('asks for nobody who comes to help', () => {
		const helper = { id: 'h', name: 'Helper', role: 'helper' };
		const home = begun(draft({ people: [...grownUps(1), helper] }));
		expect(washing(home).map((job) => job.cadence)).toEqual(
			washing(begun(draft({ people: grownUps(1) }))).map((job) => job.cadence)
		);
	});

	it('is not doubled where a laundry is added later', () => {
		const home = begun(draft());
		const again = draftFromHome(home, 'h');
		const more = { ...again, rooms: [...again.rooms, draft({ rooms: [room('wash', 'laundry')] }).rooms[0]!] };
		const changed = changeHome(home, more, library(), rolling, addDays(FROM, 30), [rolling]);
		if (!changed.ok) throw new Error('refused');
		expect(changed.home.rooms.map((one) => one.id)).toContain('wash');
		expect(changed.home.jobs.filter((job) => job.library === 'wash-load')).toHaveLength(1);
	});
});
