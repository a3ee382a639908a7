/** What the family has agreed is changed, and the day's captain. */
import { FAMILY_SAYS } from '$words/answers/people';
import { isoOf } from '$core/calendar/civil';
import { sharers } from '$core/people/agreedShares';
import { changeHousehold } from '$core/setup/editHome';
import { memberName } from '$words/names';
import { fail } from '@sveltejs/kit';
import { transaction } from '../../db/pool';
import { swapRibbon } from '../../repo/assignmentRepo';
import { typed } from '../guard';
import { editHome } from '../home/editHome';
import { useCase } from '../useCase';
import { familyFacts, ribbonOf } from './familyFacts';

export const WAYS = [
	{ by: 'equal', name: 'Equal', says: FAMILY_SAYS.everybodyTheSame },
	{ by: 'age', name: FAMILY_SAYS.byAge, says: FAMILY_SAYS.theWholeOfAGrown },
	{ by: 'hours', name: FAMILY_SAYS.byHoursAtHome, says: FAMILY_SAYS.asMuchAsTheWaking },
	{ by: 'hand', name: FAMILY_SAYS.byHand, says: FAMILY_SAYS.asYouHaveAgreedIt }
] as const;

const linesOf = (text: string) =>
	text
		.split(/\r?\n/)
		.map((line) => line.trim())
		.filter(Boolean);

export function editFamily(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, today, text, list }) => {
			const { family } = home.household;
			const part = text('part');
			if (part === 'shares') {
				const by = WAYS.find((way) => way.by === text('by'))?.by;
				if (!by) return FAMILY_SAYS.chooseHowTheWorkIs;
				const byHand: Record<string, number> = {};
				for (const one of sharers(home)) {
					const typed = text(`hand-${one.id}`).replace(',', '.');
					const value = typed === '' ? 0 : Number(typed);
					if (!(value >= 0 && value <= 1000)) return FAMILY_SAYS.aPartIsANumber(one.name);
					byHand[one.id] = value;
				}
				return changeHousehold(home, {
					family: {
						...family,
						shares: { by, byHand: by === 'hand' ? byHand : family.shares.byHand, agreedOn: isoOf(today) }
					}
				});
			}
			if (part === 'ribbon') {
				const members = list('members');
				return changeHousehold(home, {
					family: {
						...family,
						ribbon: {
							members: home.members.filter((one) => members.includes(one.id)).map((one) => one.id),
							every: text('every') === 'week' ? 'week' : 'day',
							from: family.ribbon.from ?? isoOf(today),
							duties: linesOf(text('duties')),
							choices: linesOf(text('choices'))
						}
					}
				});
			}
			const together = (['room', 'role', 'share'] as const).find((one) => one === text('together'));
			return changeHousehold(home, {
				family: {
					...family,
					gate: text('gate') === '' ? null : text('gate'),
					together: together ?? family.together
				}
			});
		},
		({ text }) =>
			text('part') === 'shares'
				? FAMILY_SAYS.keptTheSharesHoldFrom
				: text('part') === 'ribbon'
					? FAMILY_SAYS.savedTheCaptainChangesSo
					: 'Kept.'
	);
}

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
