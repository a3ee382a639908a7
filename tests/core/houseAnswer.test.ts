/** Which answers take a press off the device: the house's own alone. */
import type { ActionResult } from '@sveltejs/kit';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { houseAnswer } from '../../src/lib/ui/session/houseAnswer';

const read = (text: string) => JSON.parse(text) as ActionResult;
const answer = (status: number, body: unknown) =>
	houseAnswer(status, typeof body === 'string' ? body : JSON.stringify(body), read);

describe('an answer to a press', () => {
	it('of success takes it', () => {
		expect(answer(200, { type: 'success', status: 200, data: {} })).toEqual({ kind: 'taken' });
	});
	it('that refuses with a reason is shown and ends it', () => {
		const body = { type: 'failure', status: 409, data: { message: 'It is over.' } };
		expect(answer(200, body)).toEqual({ kind: 'refused', message: 'It is over.' });
	});
	it.each([
		[401, { message: 'You are not signed in here any more.' }, 'signed-out'],
		[500, { message: 'Something went wrong here.' }, 'busy'],
		[503, { message: 'The records cannot be reached just now.' }, 'busy'],
		[200, { type: 'failure', status: 503, data: { message: 'away' } }, 'away'],
		[200, { type: 'failure', status: 409, data: {} }, 'away'],
		[200, { type: 'error', status: 500, error: {} }, 'away'],
		[200, { type: 'redirect', status: 303, location: '/sign-in' }, 'away'],
		[502, '<html>bad gateway</html>', 'busy'],
		[200, '{"type":"succ', 'away'],
		[200, 'null', 'away']
	])('%i %j leaves it on the device', (status, body, why) => {
		expect(answer(status, body)).toEqual({ kind: 'kept', why });
	});
	it('that is anything else leaves it on the device', () => {
		fc.assert(
			fc.property(fc.integer({ min: 100, max: 599 }), fc.string(), (status, text) => {
				expect(houseAnswer(status, text, read).kind).toBe('kept');
			})
		);
	});
});
