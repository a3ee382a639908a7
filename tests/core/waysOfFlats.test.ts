/** Ways of running a home that rest on what floors bear: a flat with laminate, much water and little. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { mayUse } from '../../src/lib/core/cupboard/ask';
import { judgeUses } from '../../src/lib/core/cupboard/cautions';
import { caresOfJob } from '../../src/lib/core/cupboard/cautionsOfJob';
import { contentsOf } from '../../src/lib/core/cupboard/products';
import { refusesRinse } from '../../src/lib/core/cupboard/surfaces';
import { usesOfJob } from '../../src/lib/core/cupboard/usesOfJob';
import type { Home } from '../../src/lib/core/household/home';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { answerWords } from '../../src/lib/words/supplies/ask';
import { careLine } from '../../src/lib/words/supplies/care';
import { job, makeHome, step } from './home';
import { draft, library, patterns } from './library';

const MONDAY = toDay('2027-03-01');
const soap = contentsOf(['soap']);

describe('a flat with laminate', () => {
	const rooms = draft().rooms;
	const begun = (floor: 'laminate' | 'tiles' | 'boards') => {
		const answers = draft({ minutesADay: 120, rooms: rooms.map((room) => ({ ...room, floor })) });
		const made = homeFromDraft(answers, library(), patterns()[0] as never, MONDAY);
		if (!made.ok) throw new Error(JSON.stringify(made.problems));
		return made.home;
	};
	const wetUses = (home: Home) =>
		home.jobs.flatMap((one) =>
			(['quick', 'usual', 'deep'] as const).flatMap((depth) =>
				usesOfJob(one, depth, home.cupboard, 'ada').filter((use) => use.wet)
			)
		);

	it('its jobs are damp where the library’s are wet, and none of them is refused', () => {
		expect(wetUses(begun('tiles')).some((use) => use.floor)).toBe(true);
		for (const floor of ['laminate', 'boards'] as const) {
			const home = begun(floor);
			expect(wetUses(home).filter((use) => refusesRinse(use.surface ?? ''))).toEqual([]);
			for (const one of home.jobs)
				expect(
					judgeUses(usesOfJob(one, 'deep', home.cupboard, 'ada'), [{ id: 'ada', age: null, excludes: [] }])
						.refused,
					one.id
				).toEqual([]);
		}
	});

	it('much water is refused, with the damp way offered; damp, and on tiles, it is right', () => {
		const answer = mayUse({ product: soap, surface: 'laminate', wet: true });
		expect(answer).toMatchObject({ verdict: 'no', helps: [{ code: 'damp' }] });
		const words = answerWords(answer, 'laminate', soap);
		expect(words.short).toBe('No. With a damp cloth, well wrung out.');
		expect(words.why).toEqual(['Laminate or parquet swells where water stands.']);
		expect(mayUse({ product: soap, surface: 'laminate' }).verdict).toBe('yes');
		expect(mayUse({ product: soap, surface: 'tile', wet: true }).verdict).toBe('yes');
	});

	it('a job of one’s own with much water on it says so in the work, and a damp one does not', () => {
		const mop = (water: 'damp' | 'wet') => {
			const products = [{ families: ['surfactant'], surface: 'laminate', floor: true, water }];
			const home = makeHome({
				zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] })),
				jobs: [job('mop', { depths: { usual: { minutes: 6, steps: [step('Mop', 6, { products })] } } })]
			});
			return caresOfJob(home, home.jobs[0] as never, 'usual').map((care) => careLine(care).headline);
		};
		expect(mop('wet')).toEqual(['Only a damp cloth on laminate or parquet.', 'Wet floor.']);
		expect(mop('damp')).toEqual(['Wet floor.']);
	});
});
