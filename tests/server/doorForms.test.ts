/** What is sent to the doors by hand, without the page: odd names, odd words, files, broken inner data. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	askResetForm,
	changePasswordForm,
	deviceForm,
	joinForm,
	mailForm,
	passwordAgainForm,
	pinForm,
	readDoorForm,
	secondForm,
	setPasswordForm,
	signInForm,
	signUpForm
} from '../../src/lib/server/access/doorForms';

const DOORS = {
	askResetForm,
	changePasswordForm,
	deviceForm,
	joinForm,
	mailForm,
	passwordAgainForm,
	pinForm,
	secondForm,
	setPasswordForm,
	signInForm,
	signUpForm
};
const NAMES = [
	'email',
	'password',
	'old',
	'pin',
	'code',
	'member',
	'name',
	'__superform_json',
	'__superform_id',
	'__proto__',
	'constructor'
];
/** Stands in every secret, so that it is found again wherever it comes back. */
const SECRET = 'kept between us';

const words = fc.oneof(
	fc.string({ unit: 'binary', maxLength: 60 }),
	fc.constantFrom(
		'',
		'__proto__',
		'[object Object]',
		'[{"a":1},null]',
		'{"email":',
		'\ud800',
		'x'.repeat(10_000)
	),
	fc.constantFrom('ada@home.test', ' ADA@HOME.TEST ', 'ada@', '1e3', 'null')
);
const value = fc.oneof(
	{ weight: 5, arbitrary: words },
	{ weight: 1, arbitrary: fc.constant(new File(['words'], 'words.txt', { type: 'text/plain' })) }
);
const sent = fc.array(fc.tuple(fc.constantFrom(...NAMES), value), { maxLength: 10 });

describe('the doors, asked oddly', () => {
	for (const [name, schema] of Object.entries(DOORS))
		it(`${name}: an answer, of words alone, and no secret in it`, async () => {
			await fc.assert(
				fc.asyncProperty(sent, async (fields) => {
					const data = new FormData();
					for (const [field, one] of fields)
						data.append(
							field,
							typeof one === 'string' && /password|old|pin|code/.test(field) ? `${SECRET}${one}` : one
						);
					const { typed, form } = await readDoorForm(schema, data, 'door');
					for (const [field, one] of Object.entries(typed)) {
						expect(NAMES).toContain(field);
						expect(typeof one).toBe('string');
					}
					expect(JSON.stringify(form)).not.toContain(SECRET);
					expect(Object.getPrototypeOf(form.data)).toBe(Object.prototype);
				}),
				{ numRuns: 120 }
			);
		});

	it('an address is known whatever its case and the spaces around it', async () => {
		const data = new FormData();
		data.append('email', ' ADA@Home.test ');
		data.append('password', 'four plain words here');
		const { typed, form } = await readDoorForm(signInForm, data, 'door');
		expect(typed).toEqual({ email: 'ada@home.test', password: 'four plain words here' });
		expect(form.data.password).toBe('');
	});
});
