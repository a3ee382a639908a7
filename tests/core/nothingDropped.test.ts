/** Nothing that a home could have is dropped in silence: it is in its weeks, in a round or a list of them, or named. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { ROOM_KINDS, type Job } from '../../src/lib/core/household/home';
import { minutesAWeek } from '../../src/lib/core/setup/fitWeek';
import { homeFromDraft, type MadeHome } from '../../src/lib/core/setup/homeFromDraft';
import { chooseJobs } from '../../src/lib/core/setup/jobsOfRooms';
import type { Pattern } from '../../src/lib/core/setup/pattern';
import { draft, library, patterns } from './library';

const FROM = toDay('2027-03-01');

const answers = fc
	.record({
		kinds: fc.array(fc.constantFrom(...ROOM_KINDS), { minLength: 1, maxLength: 14 }),
		minutesADay: fc.integer({ min: 10, max: 240 }),
		everything: fc.boolean(),
		beyondPattern: fc.boolean()
	})
	.map(({ kinds, ...rest }) =>
		draft({
			...rest,
			rooms: kinds.map((kind, i) => ({ id: `r${i}`, name: `Room ${i}`, kind, storey: i % 2, owners: [] }))
		})
	);

function make(answer: ReturnType<typeof draft>, pattern: Pattern) {
	const made = homeFromDraft(answer, library(), pattern, FROM);
	if (!made.ok) throw new Error(JSON.stringify(made.problems));
	return made;
}

type Made = Extract<MadeHome, { ok: true }>;

/** True where a job's work is in the home or named as a part of it: itself, somebody's own, or in a round of its room. */
const stands = ({ home, leftOut }: Made, job: Job) =>
	[...home.jobs, ...leftOut].some(
		(one) =>
			one.id === job.id ||
			home.members.some((member) => one.id === `${job.id}-${member.id}`) ||
			// A round that the days do not hold is named as a whole.
			(one.id.startsWith('round-') && (one.room === job.room || one.rooms.includes(job.room)))
	);

/** The jobs whose work is nowhere: neither standing nor a line of a list; rooms with the same job need a line each. */
function nowhere(made: Made, jobs: readonly Job[]): string[] {
	const lines = [...made.home.jobs, ...made.leftOut].flatMap((job) =>
		job.subject === 'detail' ? (job.variants ?? []) : []
	);
	const listed = jobs.filter((job) => !stands(made, job));
	const lineOf = (job: Job) => {
		const room = made.home.rooms.find((one) => one.id === job.room)?.name;
		const isAlone = listed.filter((one) => one.name === job.name).length === 1;
		return isAlone ? job.name : `${job.name} (${room})`;
	};
	return listed.filter((job) => !lines.includes(lineOf(job))).map((job) => job.id);
}

const named = (made: Made) =>
	new Set([...made.leftOut, ...made.beyondParts, ...made.notOfPattern].map((job) => job.id));

describe.each(patterns().map((pattern) => [pattern.id, pattern] as const))('%s', (_, pattern) => {
	it('has all work of a home in its weeks, or says by name what it leaves', () => {
		fc.assert(
			fc.property(answers, (answer) => {
				const made = make(answer, pattern);
				const out = named(made);
				const within = chooseJobs(answer, library()).filter((job) => !out.has(job.id));
				expect(nowhere(made, within)).toEqual([]);
			}),
			{ numRuns: 25 }
		);
	});

	it('leaves work without which a week is no week last, and none of it out of the daily routine', () => {
		fc.assert(
			fc.property(answers, (answer) => {
				const made = make({ ...answer, everything: false }, pattern);
				const left = made.leftOut.filter((job) => job.core);
				expect([...left, ...made.beyondParts].filter((job) => job.core && job.layer === 'basics')).toEqual(
					[]
				);
				if (left.length === 0) return;
				const others = made.home.jobs.filter((job) => !job.core && job.layer !== 'basics');
				expect(others.map((job) => job.id)).toEqual([]);
			}),
			{ numRuns: 25 }
		);
	});

	it('asked to come less often, leaves no more than before, and touches neither the core nor the routine nor health', () => {
		fc.assert(
			fc.property(answers, (answer) => {
				const as = { ...answer, everything: false };
				const usual = make(as, pattern);
				const made = make({ ...as, lessOften: true }, pattern);
				expect(made.leftOut.length).toBeLessThanOrEqual(usual.leftOut.length);
				const often = new Map([...usual.home.jobs, ...usual.leftOut].map((job) => [job.id, job]));
				const rarer = new Set(made.rarer.map((job) => job.id));
				for (const job of made.home.jobs) {
					const before = often.get(job.id);
					if (!rarer.has(job.id)) expect(job.cadence).toEqual(before?.cadence);
					else {
						expect([job.core, job.layer === 'basics', job.weight >= 4]).toEqual([false, false, false]);
						expect(minutesAWeek(job)).toBeLessThan(minutesAWeek(before as Job));
					}
				}
				// Where something waited, something comes less often, or nothing could.
				if (made.leftOut.length < usual.leftOut.length) expect(rarer.size).toBeGreaterThan(0);
				expect(made.neededADay).toBe(usual.neededADay);
			}),
			{ numRuns: 20 }
		);
	});

	it('takes in all that it names, once it is asked to', () => {
		fc.assert(
			fc.property(answers, (answer) => {
				const made = make({ ...answer, everything: true, beyondPattern: true }, pattern);
				expect([...named(made)]).toEqual([]);
				expect(nowhere(made, chooseJobs(answer, library()))).toEqual([]);
			}),
			{ numRuns: 15 }
		);
	});
});

it('a daily job is only left where the part of its day is full of others that the pattern has', () => {
	let found = 0;
	for (const pattern of patterns()) {
		const made = make(
			draft({ minutesADay: 90, people: [{ id: 'ada', name: 'Ada', role: 'organiser' }] }),
			pattern
		);
		const minutesIn = (part: string) =>
			made.home.jobs
				.filter((job) => job.layer === 'basics' && job.parts.some((one) => one === part))
				.reduce((sum, job) => sum + job.depths.usual.minutes, 0);
		found += made.beyondParts.length;
		for (const job of made.beyondParts)
			expect(
				job.parts.some((part) => minutesIn(part) + job.depths.usual.minutes > pattern.basicsAPart),
				`${pattern.id}: ${job.name}`
			).toBe(true);
	}
	expect(found).toBeGreaterThan(0);
});

it.each([[['outside', 'outside']], [['bathroom', 'bathroom', 'bathroom']]] as const)(
	'a list of details has a line for each of %j, with its room where names are alike',
	(kinds) => {
		const rooms = kinds.map((kind, i) => ({
			id: `r${i}`,
			name: i === 2 ? 'Room 1' : `Room ${i}`,
			kind,
			storey: i % 2,
			owners: []
		}));
		const pattern = patterns().find((one) =>
			one.rules.some((rule) => rule.place.how === 'detail')
		) as Pattern;
		const made = make(draft({ everything: true, beyondPattern: true, rooms }), pattern);
		const standing = new Set(made.home.jobs.map((job) => job.id));
		const gone = chooseJobs(draft({ rooms }), library()).filter((job) => !standing.has(job.id));
		const lines = made.home.jobs.flatMap((job) => (job.subject === 'detail' ? (job.variants ?? []) : []));
		const alike = gone.filter((job) => gone.some((one) => one.id !== job.id && one.name === job.name));
		expect(alike.length).toBeGreaterThan(0);
		for (const job of alike)
			expect(lines.filter((line) => line.startsWith(`${job.name} (`))).toHaveLength(
				alike.filter((one) => one.name === job.name).length
			);
		expect(new Set(lines).size).toBe(lines.length);
	}
);

it('a week that is a little too full is held by work that comes less often', () => {
	const full = draft({ minutesADay: 90, begin: 'all' });
	const pattern = patterns().find((one) => one.id === 'a-month-of-zones') ?? (patterns()[0] as Pattern);
	const usual = make(full, pattern);
	const made = make({ ...full, lessOften: true }, pattern);
	expect(usual.leftOut.length).toBeGreaterThan(5);
	expect(made.leftOut.length).toBeLessThan(usual.leftOut.length / 2);
	expect(made.home.jobs.length).toBeGreaterThan(usual.home.jobs.length);
});
