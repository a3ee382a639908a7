/** What the family has agreed is changed, and the day's captain. */
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
	{ by: 'equal', name: 'Equal', says: 'Everybody the same.' },
	{ by: 'age', name: 'By age', says: 'The whole of a grown-up’s part from 16 on, less below.' },
	{ by: 'hours', name: 'By hours at home', says: 'As much as the waking hours that each is here, by age.' },
	{ by: 'hand', name: 'By hand', says: 'As you have agreed it.' }
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
				if (!by) return 'Choose how the work is shared.';
				const byHand: Record<string, number> = {};
				for (const one of sharers(home)) {
					const typed = text(`hand-${one.id}`).replace(',', '.');
					const value = typed === '' ? 0 : Number(typed);
					if (!(value >= 0 && value <= 1000)) return `${one.name}: a part is a number from 0 to 1000.`;
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
				? 'Kept. The shares hold from this week on.'
				: text('part') === 'ribbon'
					? 'Saved. The captain changes so from today.'
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
			return fail(400, { message: 'Choose one of the children who take turns.', values: typed(form) });
		if (ribbonOf(facts, today) !== to)
			await transaction((db) => swapRibbon(db, household, weekBegin, today, to));
		return {
			saved: `${memberName(home, to)} is today’s captain. The next time makes up for it.`,
			effects: [],
			tried: false
		};
	});
}
