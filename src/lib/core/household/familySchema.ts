/** What a family has agreed among itself. Rules: "Fair shares". */
import { z } from 'zod';
import { id, planDate } from './fields';

const line = z.string().trim().min(1).max(80, 'Keep each line to 80 characters.');

const PART = 'A part is a number from 0 to 1000.';
const LINES = 'Write eight lines at most.';

export const familySchema = z.strictObject({
	/** How the work is shared: equally, by age, by hours at home, or set by hand. */
	shares: z
		.strictObject({
			by: z.enum(['equal', 'age', 'hours', 'hand'], 'Choose how the work is shared.').default('equal'),
			/** Parts set by hand, by member; they need not add up to anything. */
			byHand: z.record(id, z.number(PART).min(0, PART).max(1000, PART)).default({}),
			agreedOn: planDate.optional()
		})
		.default({ by: 'equal', byHand: {} }),
	/** One child at a time wears the ribbon: a few duties, and a few choices that go with them. */
	ribbon: z
		.strictObject({
			members: z.array(id).default([]),
			every: z.enum(['day', 'week']).default('day'),
			/** The day from which the occurrences are counted. */
			from: planDate.optional(),
			duties: z.array(line).max(8, LINES).default([]),
			choices: z.array(line).max(8, LINES).default([])
		})
		.default({ members: [], every: 'day', duties: [], choices: [] }),
	/** What waits until the list is done, such as "screens"; null for no gate. */
	gate: z.string().trim().min(1).max(40, 'Keep it to 40 characters.').nullable().default(null),
	/** How the family likes to work together: room by room, one behind the other, or each their own. */
	together: z
		.enum(['room', 'role', 'share'], 'Choose how the family likes to work together.')
		.default('share')
});

export type Family = z.infer<typeof familySchema>;

/** Nothing agreed yet. */
export const NOTHING_AGREED: Family = {
	shares: { by: 'equal', byHand: {} },
	ribbon: { members: [], every: 'day', duties: [], choices: [] },
	gate: null,
	together: 'share'
};

/** What was agreed, among those who are still there. Shares by hand of which nothing is left are equal ones. */
export function agreedAmong(family: Family, known: ReadonlySet<string>): Family {
	const byHand = Object.fromEntries(Object.entries(family.shares.byHand).filter(([id]) => known.has(id)));
	const some = Object.values(byHand).some((part) => part > 0);
	return {
		...family,
		shares: {
			...family.shares,
			byHand,
			by: family.shares.by === 'hand' && !some ? 'equal' : family.shares.by
		},
		ribbon: { ...family.ribbon, members: family.ribbon.members.filter((id) => known.has(id)) }
	};
}
