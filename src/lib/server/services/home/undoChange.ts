/** Takes one of the last changes of a home back. */
import { UNDO_CHANGE_SAYS } from '$words/answers/home';
import { householdTime } from '$core/calendar/instant';
import { takeBack } from '$core/setup/homeChanges';
import { editRefusalText } from '$words/edits';
import { CHANGES } from '$words/homeChanges';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { changeHomeOnce, isChangeKnown } from '../../repo/homeRepo';
import { readRevisions, revisionOf } from '../../repo/homeRows';
import { doorRefusal } from '../access/keepsItsDoor';
import { useCase } from '../useCase';

const undoForm = z.object({ id: z.uuid(), change: z.coerce.number().int().min(2) });

export function undoChange(household: string, form: FormData) {
	return useCase(household, form, async (db) => {
		const read = undoForm.safeParse(Object.fromEntries(form));
		if (!read.success) return fail(400, { message: UNDO_CHANGE_SAYS.reloadThePageAndPress });
		const { id, change } = read.data;
		if (await isChangeKnown(db, household, id)) return { saved: CHANGES.undone };
		const revision = await revisionOf(db, household);
		const revisions = await readRevisions(db, household, change - 2);
		const [before, after] = revisions;
		const current = revisions.at(-1);
		if (!before || !after || !current || after.revision !== change)
			return fail(404, { message: CHANGES.gone });
		const taken = takeBack(current.home, before.home, after.home);
		if (!taken.ok) {
			const { refusal } = taken;
			return fail(409, {
				message:
					refusal.code === 'changed-since'
						? CHANGES.since(refusal.names)
						: refusal.code === 'same'
							? CHANGES.nothing
							: editRefusalText(refusal)
			});
		}
		const locked = await doorRefusal(db, household, current.home, taken.home);
		if (locked !== null) return fail(409, { message: locked });
		const at = now();
		const { date: today } = householdTime(at, taken.home.household);
		await changeHomeOnce(db, household, { id, revision }, taken.home, today, at);
		return { saved: CHANGES.undone };
	});
}
