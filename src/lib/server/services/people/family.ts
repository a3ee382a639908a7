/** What the family has agreed is changed, and the day's captain. */
import { SAVED } from '$words/answers/general';
import { FAMILY_SAYS } from '$words/answers/people';
import { isoOf } from '$core/calendar/civil';
import type { Family } from '$core/household/familySchema';
import type { Home } from '$core/household/home';
import { sharers } from '$core/people/agreedShares';
import { changeHousehold } from '$core/setup/editHome';
import { memberName } from '$words/names';
import { fail } from '@sveltejs/kit';
import { transaction } from '../../db/pool';
import { swapRibbon } from '../../repo/assignmentRepo';
import { typed } from '../guard';
import { editHome } from '../home/editHome';
import { byFields } from '../fieldForms';
import { useCase } from '../useCase';
import { familyFacts, ribbonOf } from './familyFacts';
import { gateForm, linesOf, partIn, ribbonForm, sharesForm } from './familyForms';

export const WAYS = [
	{ by: 'equal', name: 'Equal', says: FAMILY_SAYS.everybodyTheSame },
	{ by: 'age', name: FAMILY_SAYS.byAge, says: FAMILY_SAYS.theWholeOfAGrown },
	{ by: 'hours', name: FAMILY_SAYS.byHoursAtHome, says: FAMILY_SAYS.asMuchAsTheWaking },
	{ by: 'hand', name: FAMILY_SAYS.byHand, says: FAMILY_SAYS.asYouHaveAgreedIt }
] as const;

/** What the family agrees, by the `part` of the page that says it. */
export function editFamily(household: string, form: FormData) {
	switch (form.get('part')) {
		case 'shares':
			return editShares(household, form);
		case 'ribbon':
			return editRibbon(household, form);
		default:
			return byFields(gateForm, form, ({ gate, together }) =>
				editHome(
					household,
					form,
					({ home }) => withFamily(home, { gate: gate || null, together }),
					() => SAVED
				)
			);
	}
}

const withFamily = (home: Home, changed: Partial<Family>) =>
	changeHousehold(home, { ...home.household, family: { ...home.household.family, ...changed } });

async function editShares(household: string, form: FormData) {
	// Who shares in the work is asked for a part; whoever came meanwhile has none yet.
	const asked = sharers((await familyFacts(household)).home.home);
	return byFields(sharesForm(asked), form, (said: { by: Family['shares']['by'] } & Record<string, unknown>) =>
		editHome(
			household,
			form,
			({ home, today }) => {
				const parts = asked.map(({ id }) => [id, Number(partIn(String(said[`hand-${id}`] ?? '')))]);
				return withFamily(home, {
					shares: {
						by: said.by,
						byHand: said.by === 'hand' ? Object.fromEntries(parts) : home.household.family.shares.byHand,
						agreedOn: isoOf(today)
					}
				});
			},
			() => FAMILY_SAYS.keptTheSharesHoldFrom
		)
	);
}

const editRibbon = (household: string, form: FormData) =>
	byFields(ribbonForm, form, ({ members, every, duties, choices }) =>
		editHome(
			household,
			form,
			({ home, today }) =>
				withFamily(home, {
					ribbon: {
						members: home.members.filter((one) => members.includes(one.id)).map((one) => one.id),
						every,
						from: home.household.family.ribbon.from ?? isoOf(today),
						duties: linesOf(duties),
						choices: linesOf(choices)
					}
				}),
			() => FAMILY_SAYS.savedTheCaptainChangesSo
		)
	);

/** Today's ribbon goes to another child; whoever had it gets that child's next turn. */
export function giveRibbon(household: string, form: FormData) {
	return useCase(household, form, async () => {
		const facts = await familyFacts(household);
		const { home, today, weekBegin } = facts;
		const to = String(form.get('to') ?? '');
		if (!home.home.household.family.ribbon.members.includes(to))
			return fail(400, { message: FAMILY_SAYS.chooseOneOfTheChildren, values: typed(form) });
		if (ribbonOf(facts, today) !== to)
			await transaction((db) => swapRibbon(db, household, weekBegin, today, to));
		return {
			saved: FAMILY_SAYS.isTodaysCaptainTheNext(memberName(home, to)),
			effects: [],
			tried: false
		};
	});
}
