/** What is typed of a pause, or of what was done on another day. */
import { z } from 'zod';
import { ENTRY_ACTIONS_SAYS } from '$words/answers/ledger';
import { isInOrder, PAUSE_IN_ORDER, PAUSE_REASONS, PAUSE_SCOPES } from '$core/household/entry';
import { isoDate, minutes } from '$core/household/fields';
import { idOrNone, numberIn, typedFor } from '../fieldForms';

export const pauseForm = z
	.object({
		scope: z.enum(PAUSE_SCOPES, ENTRY_ACTIONS_SAYS.chooseWhatIsPaused),
		target: idOrNone,
		reason: z.enum(PAUSE_REASONS, ENTRY_ACTIONS_SAYS.chooseWhyItIsPaused),
		from: isoDate,
		/** Empty: that one day. */
		to: typedFor(isoDate.optional(), (text) => text || undefined),
		note: z.string().trim().max(60, ENTRY_ACTIONS_SAYS.keepTheNoteShort).default('')
	})
	.superRefine(({ scope, target, from, to }, context) => {
		if (scope !== 'household' && target === '')
			context.addIssue({ code: 'custom', path: ['target'], message: ENTRY_ACTIONS_SAYS.chooseWhichOne });
		if (to !== '' && !isInOrder({ from, to }))
			context.addIssue({ code: 'custom', path: ['to'], message: PAUSE_IN_ORDER });
	});

export const writeInForm = z.object({
	line: z.string().min(1, ENTRY_ACTIONS_SAYS.chooseWhatWasDone).max(130),
	by: idOrNone,
	date: isoDate,
	minutes: typedFor(minutes.optional(), numberIn),
	outcome: z.enum(['done', 'looked', 'part', 'letgo'])
});
