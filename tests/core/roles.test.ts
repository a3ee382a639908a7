/** Roles of a home change; somebody always organises it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changeRole } from '../../src/lib/core/setup/editMembers';
import { makeHome } from './home';

const ROLES = ['organiser', 'adult', 'child', 'helper'] as const;

describe('a change of role', () => {
	it('is made, or refused with its reason; a home keeps who organises it and every child its age', () => {
		const change = fc.record({
			who: fc.constantFrom('ada', 'ben', 'cy', 'nobody'),
			role: fc.constantFrom(...ROLES)
		});
		fc.assert(
			fc.property(fc.array(change, { maxLength: 12 }), (changes) => {
				let home = makeHome();
				for (const { who, role } of changes) {
					const edit = changeRole(home, who, role);
					if (edit.ok) home = edit.home;
					else
						expect(['unknown', 'same', 'last-organiser', 'child-without-birthday']).toContain(
							edit.refusal.code
						);
				}
				expect([
					home.members.some((one) => one.role === 'organiser'),
					home.members.every((one) => one.role !== 'child' || one.bornOn !== undefined)
				]).toEqual([true, true]);
			})
		);
	});

	it('says why not: nobody else organises, no age, no such person, nothing new', () => {
		const home = makeHome();
		const why = (who: string, role: (typeof ROLES)[number]) => {
			const edit = changeRole(home, who, role);
			return edit.ok ? 'made' : edit.refusal.code;
		};
		expect([
			why('ada', 'adult'),
			why('ben', 'child'),
			why('x', 'adult'),
			why('ben', 'adult'),
			why('cy', 'adult')
		]).toEqual(['last-organiser', 'child-without-birthday', 'unknown', 'same', 'made']);
	});
});
