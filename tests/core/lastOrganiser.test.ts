/** A home keeps somebody who can let people in. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lastWithPassword, losesOrganiser } from '../../src/lib/core/people/lastOrganiser';

const ROLES = ['organiser', 'adult', 'child', 'helper'] as const;
const people = fc
	.array(fc.constantFrom(...ROLES), { minLength: 1, maxLength: 6 })
	.map((roles) => roles.map((role, index) => ({ id: `m${index}`, name: `M${index}`, role })));

describe('the last who organises with a password', () => {
	it('is the one without whom nobody is left who could let people in, though somebody was', () => {
		fc.assert(
			fc.property(people, people, fc.uniqueArray(fc.nat(5)), (before, after, keys) => {
				const withPassword = new Set(keys.map((key) => `m${key}`));
				const canLetIn = (among: typeof before) =>
					among.some((one) => one.role === 'organiser' && withPassword.has(one.id));
				const last = lastWithPassword(before, after, withPassword);
				expect([last !== null, last === null || losesOrganiser(before, after)]).toEqual([
					canLetIn(before) && !canLetIn(after),
					true
				]);
			})
		);
	});
});
