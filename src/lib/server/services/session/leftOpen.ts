/** What a clearing left behind is seen to: a bag has left the house, a box has found its place. */
import { LEFT_OPEN_SAYS } from '$words/answers/session';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { transaction } from '../../db/pool';
import { bagLeft, boxGone } from '../../repo/clearingRepo';
import { typed } from '../guard';
import { useCase } from '../useCase';

const form = z.object({ kind: z.enum(['bag', 'box']), of: z.uuid() });

/** A bag has left the house; a box is empty. */
export function leftOpenDone(household: string, data: FormData) {
	return useCase(household, data, async () => {
		const read = form.safeParse(Object.fromEntries(data));
		if (!read.success)
			return fail(400, {
				message: LEFT_OPEN_SAYS.thisPressWasNotUnderstood,
				values: typed(data)
			});
		const { kind, of } = read.data;
		const done = await transaction((db) =>
			kind === 'bag' ? bagLeft(db, household, of, now()) : boxGone(db, household, of, now())
		);
		if (!done) return fail(404, { message: LEFT_OPEN_SAYS.thatIsNotHereAny, values: typed(data) });
		return {
			message: kind === 'bag' ? LEFT_OPEN_SAYS.theBagHasLeftThe : LEFT_OPEN_SAYS.theBoxIsEmpty,
			undo: null
		};
	});
}
