/** What the family has agreed: shares, the ribbon, the gate, how it works together. */
import { addDays } from '$core/calendar/civil';
import type { Family } from '$core/household/familySchema';
import type { Home } from '$core/household/home';
import { agreedShares, sharers } from '$core/people/agreedShares';
import type { FamilyView } from '$views/people';
import { dayAhead } from '$words/general';
import { memberName } from '$words/names';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { revisionOf } from '../../repo/homeRows';
import { WAYS } from '../../services/people/family';
import { familyFacts, ribbonOf } from '../../services/people/familyFacts';

const withShares = (home: Home, by: Family['shares']['by']): Home => ({
	...home,
	household: {
		...home.household,
		family: { ...home.household.family, shares: { ...home.household.family.shares, by } }
	}
});

export async function loadFamily(household: string): Promise<FamilyView> {
	const facts = await familyFacts(household);
	const revision = await reading((db) => revisionOf(db, household));
	const { home, weekBegin, today } = facts;
	const { family } = home.home.household;
	const shares = agreedShares(home.home, weekBegin);
	const percent = (share: number | undefined) => Math.round((share ?? 0) * 100);
	return {
		formId: uuidv7(),
		revision,
		by: family.shares.by,
		shares: sharers(home.home).map(({ id }) => ({
			id,
			// Two of one name are told apart.
			name: memberName(home, id),
			percent: percent(shares.get(id)),
			byHand: family.shares.byHand[id] ?? percent(shares.get(id))
		})),
		options: WAYS.map((way) => {
			const would = agreedShares(withShares(home.home, way.by), weekBegin);
			return {
				...way,
				percents: sharers(home.home)
					.map((one) => `${memberName(home, one.id)} ${percent(would.get(one.id))}`)
					.join(', ')
			};
		}),
		wears: ribbonOf(facts, today),
		ribbon: {
			members: home.home.members
				.filter((one) => one.role === 'child')
				.map(({ id }) => ({ id, name: memberName(home, id), on: family.ribbon.members.includes(id) })),
			every: family.ribbon.every,
			duties: family.ribbon.duties.join('\n'),
			choices: family.ribbon.choices.join('\n'),
			next: Array.from({ length: 7 }, (_, i) => addDays(today, i)).flatMap((day) => {
				const wears = ribbonOf(facts, day);
				return wears ? [{ when: dayAhead(day, today), name: memberName(home, wears) }] : [];
			})
		},
		gate: family.gate ?? '',
		together: family.together
	};
}
