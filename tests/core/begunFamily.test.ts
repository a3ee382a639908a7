/** A family that begins its own home: its week is given out, to children as well, and comes near the agreed shares. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toDay, type CivilDay } from '../../src/lib/core/calendar/civil';
import { assignWeek } from '../../src/lib/core/people/assignWeek';
import { ageAlone, ageOn, bornAt } from '../../src/lib/core/people/whoCan';
import { prepareHome, type PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { isOwnWork } from '../../src/lib/core/household/ownWork';
import { minutesAWeek } from '../../src/lib/core/setup/fitWeek';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { draft, library, patterns } from './library';

const FROM = toDay('2027-03-01');
/** A week as it is given out on the first day of the home. */
const weekOf = (home: PreparedHome, weekBegin: CivilDay) =>
	assignWeek({
		home,
		projection: projectHome(home, []),
		entries: [],
		today: FROM,
		weekBegin,
		lastWeek: new Map(),
		already: new Map(),
		held: new Set()
	});
const people = [
	{ id: 'ada', name: 'Ada', role: 'adult' },
	{ id: 'ben', name: 'Ben', role: 'adult', presence: 'evenings' },
	{ id: 'cy', name: 'Cy', role: 'child', bornOn: bornAt(12, FROM), presence: 'school' },
	{ id: 'dot', name: 'Dot', role: 'child', bornOn: bornAt(9, FROM), presence: 'school' },
	{ id: 'eli', name: 'Eli', role: 'child', bornOn: bornAt(4, FROM) }
];

describe.each(patterns().map((pattern) => [pattern.id, pattern] as const))(
	'a family begun with %s',
	(_, pattern) => {
		const made = homeFromDraft(draft({ people, minutesADay: 120 }), library(), pattern, FROM);
		if (!made.ok) throw new Error(JSON.stringify(made.problems));
		const home = prepareHome([{ from: FROM, home: made.home }]);
		const week = weekOf(home, FROM);
		const given = [...week.given.values()];

		it('is organised by the first grown-up who was named', () => {
			expect(made.home.members.map((member) => member.role)).toEqual([
				'organiser',
				'adult',
				'child',
				'child',
				'child'
			]);
		});

		it('has its week given out: whoever comes first is a choice', () => {
			expect(given.filter((one) => one.how === 'free')).toEqual([]);
			expect(given.filter((one) => one.to !== null).length).toBeGreaterThan(given.length * 0.95);
		});

		it('gives children what their age usually does alone, and nothing else', () => {
			const minutes = new Map(week.balance.map((one) => [one.member, one.given]));
			// A round through the house is as old as the oldest work in it: there may be nothing for a child of nine.
			const canTake = (child: string) =>
				week.occurrences.some((one) =>
					one.candidates.some((who) => who.member.id === child && who.why.length === 0)
				);
			for (const child of ['cy', 'dot'].filter(canTake))
				expect(minutes.get(child), child).toBeGreaterThan(10);
			for (const occurrence of week.occurrences) {
				const to = week.given.get(occurrence.id)?.to;
				const member = made.home.members.find((one) => one.id === to);
				const age = member ? ageOn(member, occurrence.due) : null;
				if (age !== null) expect(age).toBeGreaterThanOrEqual(ageAlone(occurrence.line.job));
			}
		});

		it('comes within a twentieth of the agreed shares, or has no job left that could bring it nearer', () => {
			if (week.spread <= 0.05) return;
			// Whoever is below the share could take nothing that somebody above it has.
			const below = week.balance.filter((one) => one.minutes < one.agreed - 1).map((one) => one.member);
			const above = new Set(
				week.balance.filter((one) => one.minutes > one.agreed + 1).map((one) => one.member)
			);
			const total = week.balance.reduce((sum, one) => sum + one.minutes, 0);
			const worst = week.balance.filter((one) => Math.abs(one.minutes - one.agreed) / total > 0.05);
			for (const one of worst.filter((person) => below.includes(person.member))) {
				const could = week.occurrences.filter((occurrence) => {
					const to = week.given.get(occurrence.id);
					return (
						to?.how === 'shared' &&
						above.has(to.to) &&
						occurrence.candidates.some((who) => who.member.id === one.member && who.why.length === 0)
					);
				});
				expect(
					could.map((occurrence) => occurrence.id),
					one.member
				).toEqual([]);
			}
		});
	}
);

/** The rooms of the answers, the child's and one bedroom being somebody's own. */
const owned = (child: string) => {
	const answers = draft({});
	return answers.rooms.map((room) => ({
		...room,
		owners: room.kind === 'child' ? [child] : room.kind === 'bedroom' ? ['ada'] : []
	}));
};

it('a room of a child of any age: all of its work is somebody’s, in every pattern', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 0, max: 17 }),
			fc.constantFrom(...patterns()),
			fc.integer({ min: 0, max: 5 }),
			(age, pattern, later) => {
				const made = homeFromDraft(
					draft({
						people: [
							{ id: 'ada', name: 'Ada', role: 'adult' },
							{ id: 'cy', name: 'Cy', role: 'child', bornOn: bornAt(age, FROM), presence: 'school' }
						],
						rooms: owned('cy'),
						everything: true,
						minutesADay: 240
					}),
					library(),
					pattern,
					FROM
				);
				if (!made.ok) throw new Error(JSON.stringify(made.problems));
				const home = prepareHome([{ from: FROM, home: made.home }]);
				const week = weekOf(home, (FROM + 7 * later) as CivilDay);
				const nobodys = week.occurrences
					.filter((one) => week.given.get(one.id)?.how === 'nobody')
					.map((one) => [one.line.job.id, one.candidates.map((who) => who.why.map((why) => why.code))]);
				expect(nobodys).toEqual([]);
				// What is named for somebody is theirs to do.
				for (const job of made.home.jobs)
					for (const id of job.who.members) {
						const member = made.home.members.find((one) => one.id === id);
						const years = member ? ageOn(member, FROM) : null;
						if (years !== null) expect(years, job.id).toBeGreaterThanOrEqual(ageAlone(job));
					}
			}
		),
		{ numRuns: 60 }
	);
});

describe.each(patterns().map((pattern) => [pattern.id, pattern] as const))(
	'children in a home begun with %s',
	(_, pattern) => {
		it.each([
			['one of fifteen, the others small', [15, 5, 5]],
			['one alone', [12]],
			['four', [9, 11, 13, 15]]
		])('are asked by name for a quarter of an hour a day at most of its work: %s', (_, ages) => {
			const children = ages.map((age, i) => ({
				id: `child-${i}`,
				name: `Child ${i}`,
				role: 'child',
				bornOn: bornAt(age, FROM)
			}));
			const made = homeFromDraft(
				draft({ people: [...people.slice(0, 2), ...children], minutesADay: 120 }),
				library(),
				pattern,
				FROM
			);
			if (!made.ok) throw new Error(JSON.stringify(made.problems));
			const { jobs, rooms } = made.home;
			for (const child of children) {
				const asked = jobs
					.filter((job) => job.who.members.includes(child.id) && !isOwnWork(job, rooms))
					.reduce((sum, job) => sum + minutesAWeek(job) / job.who.members.length, 0);
				expect(asked, child.name).toBeLessThanOrEqual(7 * 15);
			}
		});
	}
);
