/** Forms read by one schema: all that is wrong at once, beside its field; nothing made up, nothing written of it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { byFields } from '../../src/lib/server/services/fieldForms';
import { newRoomForm, newZoneForm, roomForm, zoneForm } from '../../src/lib/server/services/home/houseForms';
import { editJob } from '../../src/lib/server/services/home/job';
import { jobForm } from '../../src/lib/server/services/home/jobForms';
import { editHouse } from '../../src/lib/server/services/home/house';
import { pause } from '../../src/lib/server/services/ledger/entryActions';
import { pauseForm, writeInForm } from '../../src/lib/server/services/ledger/entryForms';
import { rhythmForm } from '../../src/lib/server/services/home/rhythmForm';
import { gateForm, ribbonForm, sharesForm } from '../../src/lib/server/services/people/familyForms';
import { editFamily } from '../../src/lib/server/services/people/family';
import { factsForm } from '../../src/lib/server/services/people/memberForm';
import { editMember } from '../../src/lib/server/services/people/member';
import { editCupboard } from '../../src/lib/server/services/supplies/cupboard';
import { kitForm, productForm, toolForm } from '../../src/lib/server/services/supplies/cupboardForms';
import { asAda, form, newId, someHomes, type Fields } from './asking';

const { household, pool } = someHomes();

const SCHEMAS = {
	productForm,
	toolForm,
	kitForm,
	newRoomForm,
	roomForm,
	newZoneForm,
	zoneForm,
	pauseForm,
	writeInForm,
	sharesForm: sharesForm([{ id: 'ada' }, { id: 'cy' }]),
	ribbonForm,
	gateForm,
	factsForm,
	rhythmForm,
	jobForm
};

const words = fc.oneof(
	fc.string({ unit: 'binary', maxLength: 90 }),
	fc.constantFrom(
		'',
		' ',
		'0',
		'-3',
		'1,5',
		'1e9',
		'NaN',
		'2027-02-30',
		'household',
		'bleach',
		'x'.repeat(500)
	)
);

/** The fields of an answer that are told to be wrong. */
async function wrongIn(answer: Promise<unknown>): Promise<string[]> {
	const { data } = (await answer) as { data?: { form?: { errors: object } } };
	return Object.keys(data?.form?.errors ?? {}).sort();
}

describe('a form read by its schema', () => {
	for (const [name, schema] of Object.entries(SCHEMAS))
		it(`${name}: whatever is sent, it is read whole or refused at fields of its own, and sent back as it came`, async () => {
			const known = Object.keys(schema.shape);
			const fields = fc.array(
				fc.tuple(fc.constantFrom(...known, 'op', '__superform_json', '__superform_id', '__proto__'), words),
				{ maxLength: 12 }
			);
			await fc.assert(
				fc.asyncProperty(fields, async (list) => {
					const data = new FormData();
					for (const [field, one] of list) data.append(field, one);
					let read: unknown = null;
					const answer = (await byFields(schema as typeof gateForm, data, async (said) => {
						read = said;
						return {};
					})) as { form?: object; status?: number; data?: { form: { errors: object } } };
					if (answer.form) expect(schema.parse(read)).toEqual(read);
					else {
						expect(answer.status).toBe(400);
						expect(read).toBeNull();
						const wrong = Object.keys(answer.data?.form.errors ?? {});
						expect(wrong.length).toBeGreaterThan(0);
						expect(known).toEqual(expect.arrayContaining(wrong));
					}
				}),
				{ numRuns: 60 }
			);
		});

	it('tells all that is wrong at once, and writes nothing of it', async () => {
		const home = await household();
		const before = await loadHome(pool(), home);
		const product: Fields = {
			op: 'product',
			name: ' ',
			strength: 'much',
			openedOn: '2027-02-30',
			is: ['soap']
		};
		expect(await wrongIn(editCupboard(asAda(home), form({ id: newId(), ...product })))).toEqual([
			'name',
			'openedOn',
			'strength'
		]);
		const away: Fields = { scope: 'room', target: '', reason: 'away', from: '2027-03-09', to: '2027-03-08' };
		expect(await wrongIn(pause(asAda(home), form({ id: newId(), ...away })))).toEqual(['target', 'to']);
		expect(
			await wrongIn(
				editFamily(
					home,
					form({
						id: newId(),
						part: 'shares',
						by: 'hand',
						'hand-ada': 'half',
						'hand-ben': '-1',
						'hand-cy': '1,5'
					})
				)
			)
		).toEqual(['hand-ada', 'hand-ben']);
		const steps: Fields = {
			'usual-text': ['Wipe', '', 'Dry'],
			'usual-minutes': ['2', '', 'a while'],
			'usual-class': ['3', '3', '3']
		};
		const job: Fields = { op: 'keep', type: 'months', lead: '-1', ...steps };
		const answer = await editJob(home, 'bench', form({ id: newId(), ...job }));
		expect('data' in answer && answer.data).toMatchObject({
			form: {
				errors: {
					months: [expect.stringMatching(/^With no month/)],
					lead: [expect.any(String)],
					'usual-minutes': { 2: ['Minutes are a number, such as 5 or 12.5.'] }
				}
			}
		});
		expect((await loadHome(pool(), home))?.home).toEqual(before?.home);
	});

	it('makes nothing up: what was not sent is not chosen', async () => {
		const home = await household();
		const room: Fields = { op: 'addRoom', name: 'Loft' };
		expect(await wrongIn(editHouse(asAda(home), form({ id: newId(), ...room })))).toEqual(['kind', 'storey']);
		expect(await wrongIn(editFamily(home, form({ id: newId(), part: 'shares' })))).toEqual(['by']);
		const away: Fields = { from: '2027-03-09', to: '2027-03-09' };
		expect(await wrongIn(pause(asAda(home), form({ id: newId(), ...away })))).toEqual(['reason', 'scope']);
	});

	it('tells what only the home knows beside its field, too', async () => {
		const home = await household();
		expect(
			await wrongIn(
				editMember(home, 'cy', form({ id: newId(), part: 'facts', name: 'Cy', bornOn: '' }), 'ada')
			)
		).toEqual(['bornOn']);
		expect(
			await wrongIn(editCupboard(asAda(home), form({ id: newId(), op: 'product', name: 'Green stuff' })))
		).toEqual(['is']);
	});
});
