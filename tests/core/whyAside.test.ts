/** Why a job hangs aside where the planner alone has no reason: the margin, the room of the offer, the kind's number. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { filling } from '../../src/lib/core/session/fill';
import { gather } from '../../src/lib/core/session/gather';
import type { SessionKind } from '../../src/lib/core/session/kinds';
import { chanceOf, KEEPS_ITS_WORD } from '../../src/lib/core/session/margin';
import { offers, type PailOffer } from '../../src/lib/core/session/offers';
import { whyAside } from '../../src/lib/core/session/whyAside';
import { job, makeHome, step } from './home';

const MONDAY = toDay('2027-03-01');
const ROOMS = [
	{ id: 'hall', name: 'Hall', kind: 'hall', storey: 0, walkOrder: 1 },
	{ id: 'kitchen', name: 'Kitchen', kind: 'kitchen', storey: 0, walkOrder: 2 }
];

function filled(jobs: unknown[], kind: SessionKind, bell: number, brim = false, more: object = {}) {
	const home = prepareHome([{ from: MONDAY, home: makeHome({ zones: [], rooms: ROOMS, jobs, ...more }) }]);
	const projection = projectHome(home, []);
	const day = readDay(home, projection, MONDAY);
	const gathered = gather(kind, {
		home,
		projection,
		day,
		part: 'morning',
		pool: day.lines,
		rooms: null,
		minutes: bell
	});
	const people = home.home.members.slice(0, 1);
	const asked = { home, kind, bell, date: MONDAY, people, gathered, hold: [], without: [], brim };
	return filling({ ...asked, together: 'free' });
}

const each = (minutes: number[], rest: (i: number) => object = () => ({})) =>
	minutes.map((long, i) =>
		job(`job-${i}`, {
			room: 'kitchen',
			cadence: { type: 'daily' },
			missRule: 'letgo',
			depths: { usual: { minutes: long, steps: [step('Do it', long)] } },
			...rest(i)
		})
	);
const first = (all: PailOffer[], name = 'worth') => all.find((one) => one.name === name) as PailOffer;

describe('why a job hangs aside', () => {
	it('what would go in, and make the end less sure than promised, says so; filled to the brim it is in', () => {
		const kept = filled(each([11, 8]), 'bite', 20);
		const offer = first(offers(kept));
		const [aside, ...more] = Object.entries(whyAside(kept, offer));
		expect(more).toEqual([]);
		expect(aside?.[1]).toEqual({ code: 'margin' });
		const brim = filled(each([11, 8]), 'bite', 20, true);
		const full = first(offers(brim));
		expect(full.plan.left).toEqual([]);
		expect(chanceOf(brim, full.plan)).toBeLessThan(KEEPS_ITS_WORD);
		expect(whyAside(brim, full)).toEqual({});
	});

	it('what would not go in beside the others is worth less than they are', () => {
		const brim = filled(
			each([11, 14], (i) => ({ weight: 1 + i })),
			'bite',
			20,
			true
		);
		expect(whyAside(brim, first(offers(brim)))).toEqual({ 'job-0': { code: 'worth' } });
	});

	it('an offer of one room leaves the other rooms out', () => {
		const two = filled(
			each([3, 3], (i) => ({ room: i === 0 ? 'kitchen' : 'hall' })),
			'bite',
			60
		);
		const offer = first(offers(two), 'room');
		const other = offer.about === 'kitchen' ? 'job-1' : 'job-0';
		expect(whyAside(two, offer)).toEqual({ [other]: { code: 'other-room', room: offer.about } });
	});

	it('a job that would carry a tool out of its one room is not planned, and names the tool and the room', () => {
		const tools = [{ id: 'wc', name: 'Brush', boundTo: 'hall' }];
		const jobs = each([3, 3], (i) => ({ room: i === 0 ? 'kitchen' : 'hall', things: ['wc'] }));
		const cupboard = (list: unknown[]) => ({ cupboard: { tools: list } });
		const one = filled(jobs, 'bite', 60, false, cupboard(tools));
		expect(whyAside(one, first(offers(one)))).toEqual({
			'job-0': { code: 'tool', tool: 'Brush', room: 'Hall' }
		});
		// With a brush of the same name for the other room, or one that is for any, both are done.
		const own = each([3, 3], (i) => ({
			room: i === 0 ? 'kitchen' : 'hall',
			things: [i === 0 ? 'other' : 'wc']
		}));
		for (const boundTo of ['kitchen', undefined]) {
			const more = [...tools, { id: 'other', name: 'Brush', boundTo }];
			const two = filled(own, 'bite', 60, false, cupboard(more));
			expect(whyAside(two, first(offers(two)))).toEqual({});
		}
	});

	it('a round takes seven jobs and no more, whatever time is left', () => {
		const round = filled(
			each([2, 2, 2, 2, 2, 2, 2, 2, 2], () => ({
				layer: 'weekly',
				cadence: { type: 'weekly', weekdays: [1] },
				missRule: 'catchup'
			})),
			'round',
			90
		);
		const reasons = Object.values(whyAside(round, first(offers(round))));
		expect(reasons).toHaveLength(2);
		expect(new Set(reasons.map((why) => JSON.stringify(why)))).toEqual(new Set(['{"code":"most","jobs":7}']));
	});
});
