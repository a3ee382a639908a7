/** A home keeps somebody who can let people in. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isLastWithPassword } from '../../src/lib/core/people/lastOrganiser';

const ROLES = ['organiser', 'adult', 'child', 'helper'] as const;
const someone = fc.record({ role: fc.constantFrom(...ROLES), key: fc.boolean() });

describe('the last who organises with a password', () => {
	it('is the one without whom nobody is left who could let people in, though somebody was', () => {
		fc.assert(
			fc.property(fc.array(someone, { minLength: 1, maxLength: 6 }), (made) => {
				const members = made.map((one, index) => ({ id: `m${index}`, role: one.role }));
				const keys = new Set(made.flatMap((one, index) => (one.key ? [`m${index}`] : [])));
				const canLetIn = (among: typeof members) =>
					among.some((one) => one.role === 'organiser' && keys.has(one.id));
				const told = members.map((one) => isLastWithPassword(members, keys, one.id));
				const seen = members.map(
					(one) => canLetIn(members) && !canLetIn(members.filter((other) => other !== one))
				);
				expect(told).toEqual(seen);
			})
		);
	});
});
