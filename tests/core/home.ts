/** A small home for tests, and ways to change it. */
import { readFileSync } from 'node:fs';
import { toDay } from '../../src/lib/core/calendar/civil';
import { prepareHome, type PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import { readHome, type Home } from '../../src/lib/core/household/home';

export const step = (text: string, minutes: number, rest: Record<string, unknown> = {}) => ({
	text,
	minutes,
	class: 3,
	...rest
});

export const job = (id: string, rest: Record<string, unknown> = {}) => ({
	id,
	name: id,
	room: 'porch',
	layer: 'weekly',
	weight: 2,
	cadence: { type: 'weekly', weekdays: [3], everyWeeks: 1 },
	missRule: 'catchup',
	depths: { usual: { minutes: 5, steps: [step('Do it', 5)] } },
	...rest
});

/** A home in plain data, as a file holds it. */
export function homeData(rest: Record<string, unknown> = {}): Record<string, unknown> {
	return {
		format: 'pail-round/home',
		version: 4,
		household: {
			name: 'Test',
			timeZone: 'Europe/London',
			startsOn: '2027-01-04',
			minutesADay: 60,
			rhythm: {
				pattern: 'Rolling zones',
				scheme: { type: 'cycle', anchor: '2027-03-01' },
				catchUpDays: [6],
				freeDays: [7]
			}
		},
		zones: [
			{ id: 'front', name: 'Front', weave: 'stripe', list: ['rail', 'door', 'rack'] },
			{ id: 'back', name: 'Back', weave: 'check', list: [] }
		],
		rooms: [
			{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 2, zone: 'front' },
			{ id: 'kitchen', name: 'Kitchen', kind: 'kitchen', storey: 0, walkOrder: 1, zone: 'back' },
			{ id: 'loft', name: 'Loft', kind: 'loft', storey: 2, walkOrder: 0 }
		],
		members: [
			{ id: 'ada', name: 'Ada', role: 'organiser' },
			{ id: 'ben', name: 'Ben', role: 'adult' },
			{ id: 'cy', name: 'Cy', role: 'child', bornOn: '2018-05-01' }
		],
		jobs: [
			job('bench'),
			job('dishes', {
				room: 'kitchen',
				layer: 'basics',
				weight: 5,
				cadence: { type: 'daily' },
				missRule: 'letgo',
				parts: ['morning', 'evening']
			}),
			job('counters', { room: 'kitchen', layer: 'basics', cadence: { type: 'daily' }, missRule: 'letgo' }),
			job('reset', {
				room: 'kitchen',
				layer: 'basics',
				cadence: { type: 'daily' },
				missRule: 'letgo',
				covers: ['counters'],
				parts: ['evening']
			}),
			job('toilet', {
				weight: 5,
				missRule: 'stays',
				depths: {
					usual: {
						minutes: 6,
						steps: [
							step('Put the cleaner on', 1, {
								class: 0,
								wait: { label: 'Toilet cleaner', min: 5, max: 15 },
								products: [{ families: ['acid'] }]
							}),
							step('Brush and wipe', 5, { class: 5 })
						]
					}
				}
			}),
			job('skirting', { layer: 'long', cadence: { type: 'afterDone', min: 10, max: 14 }, missRule: 'stays' }),
			job('rail', {
				layer: 'zone',
				cadence: { type: 'zone' },
				missRule: 'carry',
				depths: { usual: { minutes: 8, steps: [step('Rail', 8)] } }
			}),
			job('door', {
				layer: 'zone',
				cadence: { type: 'zone' },
				missRule: 'carry',
				depths: { usual: { minutes: 6, steps: [step('Door', 6)] } }
			}),
			job('rack', { layer: 'zone', cadence: { type: 'zone', every: 2 }, missRule: 'carry' })
		],
		...rest
	};
}

export function makeHome(rest: Record<string, unknown> = {}): Home {
	const read = readHome(homeData(rest));
	if (!read.ok) throw new Error(JSON.stringify(read.problems));
	return read.home;
}

export function prepared(rest: Record<string, unknown> = {}): PreparedHome {
	return prepareHome([{ from: toDay('2027-01-04'), home: makeHome(rest) }]);
}

export function demoHome(): Home {
	const read = readHome(JSON.parse(readFileSync('demo/station-house.json', 'utf8')));
	if (!read.ok) throw new Error(JSON.stringify(read.problems));
	return read.home;
}
