/** Somebody has come to a call for help. */
import { z } from 'zod';
import { now } from '../../clock';
import { cameToHelp } from '../../repo/assignmentRepo';
import { useCase } from '../useCase';

/** Answers the call that a form names; one that is answered already stays so. */
export function came(household: string, form: FormData) {
	return useCase(household, form, async (db) => {
		const call = z.uuid().safeParse(form.get('call'));
		if (call.success) await cameToHelp(db, household, { call: call.data }, now());
		return { came: true };
	});
}
