/** What a job is stands in the job: with other names nothing is planned, ordered or given out otherwise. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import type { Home } from '../../src/lib/core/household/home';
import { assignWeek } from '../../src/lib/core/people/assignWeek';
import { mayDo } from '../../src/lib/core/people/whoCan';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { filling } from '../../src/lib/core/session/fill';
import { gather } from '../../src/lib/core/session/gather';
import { SESSION_KINDS } from '../../src/lib/core/session/kinds';
import { offers } from '../../src/lib/core/session/offers';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { demoHome } from './home';
import { draft, library, patterns } from './library';

const TODAY = toDay('2027-03-03');

/** The same home with every name of a job, a step and a room replaced by a number. */
function renamed(home: Home): Home {
	return {
		...home,
		rooms: home.rooms.map((room, i) => ({ ...room, name: `room ${i}` })),
		jobs: home.jobs.map((job, i) => {
			const bare = (depth: typeof job.depths.usual | undefined) =>
				depth && { ...depth, steps: depth.steps.map((step, n) => ({ ...step, text: `step ${n}` })) };
			const { quick, usual, deep } = job.depths;
			return {
				...job,
				name: `job ${i}`,
				depths: {
					...(quick ? { quick: bare(quick) } : {}),
					usual: bare(usual) as typeof usual,
					...(deep ? { deep: bare(deep) } : {})
				}
			};
		})
	};
}

function begunHome(): Home {
	const [pattern] = patterns().filter((one) => one.id === 'rolling-zones');
	if (!pattern) throw new Error('no pattern');
	const made = homeFromDraft(draft({ minutesADay: 120 }), library(), pattern, toDay('2027-01-04'));
	if (!made.ok) throw new Error(JSON.stringify(made.problems));
	return made.home;
}

describe.each([
	['the demo', demoHome()],
	['a home of the first steps', begunHome()]
])('%s with other names', (_, home) => {
	const worlds = [home, renamed(home)].map((one) => {
		const prepared = prepareHome([{ from: toDay('2027-01-04'), home: one }]);
		return { prepared, projection: projectHome(prepared, []) };
	});
	const both = <T>(read: (world: (typeof worlds)[number]) => T) => worlds.map(read) as [T, T];

	it('has the same plan in every kind of session', () => {
		for (const kind of SESSION_KINDS.filter((one) => one !== 'clearing')) {
			const [a, b] = both(({ prepared, projection }) => {
				const day = readDay(prepared, projection, TODAY);
				const people = prepared.home.members.filter((one) => one.role !== 'device').slice(0, 2);
				const pool = day.lines.filter((line) => people.some((one) => mayDo(line.line.job, one, TODAY)));
				const gathered = gather(kind, {
					home: prepared,
					projection,
					day,
					part: 'evening',
					pool,
					rooms: null,
					minutes: 40
				});
				const filled = filling({
					home: prepared,
					kind,
					bell: 40,
					date: TODAY,
					people,
					gathered,
					hold: [],
					without: [],
					together: 'free'
				});
				return { pairs: filled.input.pairs, plans: offers(filled).map(({ name, plan }) => [name, plan]) };
			});
			expect(b, kind).toEqual(a);
		}
	});

	it('has the same week given out', () => {
		const [a, b] = both(({ prepared, projection }) => {
			const week = assignWeek({
				home: prepared,
				projection,
				entries: [],
				today: toDay('2027-03-01'),
				weekBegin: toDay('2027-03-01'),
				lastWeek: new Map(),
				already: new Map(),
				held: new Set()
			});
			return [...week.given.entries()];
		});
		expect(a.length).toBeGreaterThan(20);
		expect(b).toEqual(a);
	});
});
