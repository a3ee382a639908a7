/** What is to be minded with a job, by whom, in every place where the job is met: one judge, in the words of the place. */
import { describe, expect, it } from 'vitest';
import { loadMine } from '../../src/lib/server/pages/child/mine';
import { loadPaper } from '../../src/lib/server/pages/print/paper';
import { loadRun } from '../../src/lib/server/pages/session/running';
import { start } from '../../src/lib/server/services/session/startSession';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { homeData, job, makeHome, step } from '../core/home';
import { asAda, asMember, form, newId, NOW, someHomes } from './asking';

const { household, setClock } = someHomes();

const soapy = { families: ['surfactant'] };

/** A basin that Cy, who is eight, wipes with soap; a toilet that Ada cleans with an acid; a jug that nobody washes with anything. */
const home = () =>
	household(
		makeHome({
			jobs: [
				job('basin', {
					cautions: [{ headline: 'Hot tap.', text: 'It runs hot at once.' }],
					who: { mode: 'fixed', members: ['cy'] },
					depths: { usual: { minutes: 5, steps: [step('Wipe the basin', 5, { products: [soapy] })] } }
				}),
				job('toilet', {
					who: { mode: 'fixed', members: ['ada'] },
					depths: {
						usual: {
							minutes: 6,
							steps: [
								step('Put the cleaner on', 1, {
									class: 0,
									wait: { label: 'Cleaner', min: 5, max: 15 },
									products: [{ families: ['acid'] }]
								}),
								step('Brush', 5, { class: 5 })
							]
						}
					}
				}),
				job('jug', { who: { mode: 'fixed', members: ['ada'] } })
			],
			rooms: [{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 0, seenByVisitors: true }],
			zones: (homeData().zones as { list: string[] }[]).map((zone) => ({ ...zone, list: [] }))
		})
	);
const NEAR = 'With an adult near.';
const HOT = 'Hot tap.';
const NEVER = 'Never with bleach, oxygen bleach or strong alkali.';
const heads = (lines: readonly { readonly headline: string }[]) => lines.map((one) => one.headline);

describe('what is to be minded', () => {
	it('stands on a child’s own page, a danger first, and of an adult near only where a child is meant', async () => {
		setClock(NOW);
		const id = await home();
		const { next } = await loadMine(asMember(id, 'child', 'cy'));
		expect(next?.name).toBe('basin');
		expect(heads(next?.cautions ?? [])).toEqual([HOT, NEAR]);
		const sheet = async (line: string, me: string) =>
			(await loadToday({ household: id, on: null, open: line, me, now: Date.parse(NOW) })).sheet?.cautions ??
			[];
		expect(heads(await sheet('toilet', 'ada'))).toEqual([NEVER, 'Gloves on.']);
		expect(await sheet('jug', 'ada')).toEqual([]);
	});
	it('stands on a card of paper: of a person for that person, of a room what is a danger to whoever comes', async () => {
		setClock(NOW);
		const id = await home();
		const card = async (asked: Record<string, string>) =>
			(await loadPaper(id, new URLSearchParams(asked))).sheet?.pages[0]?.columns[0]?.cautions.map(
				({ headline, of }) => [headline, ...of.map((one) => one.name)]
			);
		expect(await card({ kind: 'person', member: 'cy' })).toEqual([
			[HOT, 'basin'],
			[NEAR, 'basin']
		]);
		expect(await card({ kind: 'person', member: 'ada' })).toEqual([
			[NEVER, 'toilet'],
			['Gloves on.', 'toilet']
		]);
		expect(await card({ kind: 'room', room: 'porch' })).toEqual([
			[HOT, 'basin'],
			[NEVER, 'toilet']
		]);
	});
	it.each<Record<string, string>>([{}, { kind: 'visitors' }])(
		'stands in a session at the step that needs it, until what was put on is off: %o',
		async (kind) => {
			setClock(NOW);
			const id = await home();
			const begin = async (fields: Record<string, string>) => {
				const session = newId();
				await start(asAda(id), form({ id: session, member: 'ada', ...fields })).catch((to: unknown) => {
					if ((to as { location?: string }).location !== `/timer/${session}`) throw to;
				});
				return loadRun(asAda(id), session, null);
			};
			const run = await begin({ minutes: '30', ...kind });
			const said = run.plan.steps.map((one, i) => [one.text, ...heads(run.cautions[i] ?? [])]);
			expect(said).toEqual(
				expect.arrayContaining([['Put the cleaner on', NEVER, 'Gloves on.'], ['Brush', NEVER], ['Do it']])
			);
		}
	);
});
