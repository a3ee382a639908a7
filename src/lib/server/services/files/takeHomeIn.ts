/** A file is taken in as a home of its own: all of it, or nothing. */
import { TAKE_HOME_IN_SAYS } from '$words/answers/files';
import type { CivilDay } from '$core/calendar/civil';
import { readHouseholdFile } from '$core/formats/householdFile';
import { readText } from '$core/formats/text';
import { now } from '../../clock';
import { transaction } from '../../db/pool';
import { followingId } from '../../ids';
import { addMembership } from '../../repo/membershipRepo';
import { revisionOf } from '../../repo/homeRows';
import { importHousehold } from '../home/wholeHome';

const FILE_LIMIT = 64 * 1024 * 1024;

/** Takes a file in as a home of its own, telling how far it is. Nothing is written unless all of it can be. */
export async function takeHomeIn(
	bytes: Uint8Array,
	id: string,
	account: string,
	tell: (line: Record<string, unknown>) => void
): Promise<{ household: string } | { problems: readonly { at: string; says: string }[] }> {
	if (bytes.length > FILE_LIMIT)
		return {
			problems: [
				{
					at: TAKE_HOME_IN_SAYS.theWholeOfIt,
					says: TAKE_HOME_IN_SAYS.theFileIsLargerThan
				}
			]
		};
	const text = readText(bytes, false);
	if (!text.ok) return { problems: [{ at: TAKE_HOME_IN_SAYS.theWholeOfIt, says: text.says }] };
	const at = now();
	const read = readHouseholdFile(text.text, Math.floor(at / 86_400_000) as CivilDay);
	if (!read.ok) return { problems: read.problems };
	const household = followingId(id, 'taken in');
	tell({ entries: read.file.ledger.length });
	await transaction(async (db) => {
		if ((await revisionOf(db, household)) > 0) return;
		await importHousehold(db, household, read.file, at, (done, of) => tell({ done, of }));
		const members = read.file.versions.at(-1)?.home.members ?? [];
		const organiser = members.find((one) => one.role === 'organiser');
		await addMembership(db, household, organiser?.id ?? '', account, at);
	});
	return { household };
}
