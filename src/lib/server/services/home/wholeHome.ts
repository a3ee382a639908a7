/** A whole home in and out: streamed out with flat memory, taken in by one transaction. */
import { entryToFile, FILE_FOOT, fileHead, type HouseholdFile } from '$core/formats/householdFile';
import type { HomeVersion } from '$core/schedule/preparedHome';
import { prepareHome } from '$core/schedule/preparedHome';
import type { Db } from '../../db/pool';
import { createHousehold, readHistory, saveHome } from '../../repo/homeRows';
import { entriesPage, insertEntries, type NewEntry } from '../../repo/ledgerRepo';
import { putSupply, suppliesOf } from '../../repo/supplyRepo';
import { rebuildProjection } from '../../repo/projectionRepo';

const PAGE = 1000;

/** The file of a home, piece by piece: at no time more than a page of its ledger is held. */
export async function* exportHousehold(db: Db, household: string): AsyncGenerator<string> {
	yield fileHead(await readHistory(db, household), await suppliesOf(db, household));
	let after = 0;
	let first = true;
	for (;;) {
		const page = await entriesPage(db, household, after, PAGE);
		if (page.length === 0) break;
		const lines = page.map(({ entry, receivedAt }) => JSON.stringify(entryToFile({ entry, receivedAt })));
		yield `${first ? '' : ',\n'}${lines.join(',\n')}`;
		first = false;
		after = page[page.length - 1]?.seq ?? after;
	}
	yield FILE_FOOT;
}

/** Takes a file in as a household of its own. Runs in the caller's transaction; tells how many entries are in. */
export async function importHousehold(
	db: Db,
	household: string,
	file: HouseholdFile,
	now: number,
	tell: (done: number, of: number) => void
): Promise<void> {
	const versions = file.versions as readonly HomeVersion[];
	const [first, ...later] = versions;
	if (!first) throw new RangeError('a home has at least one version');
	await createHousehold(db, household, first.home, first.from, now);
	for (const version of later) await saveHome(db, household, version.home, version.from, now);
	const lineOf = new Map<string, { job: string | null; part: string | null }>();
	const entries = file.ledger.map(({ entry, receivedAt }): NewEntry => {
		const own = { job: 'job' in entry ? entry.job : null, part: 'part' in entry ? entry.part : null };
		const line = entry.outcome === 'undo' ? (lineOf.get(entry.of) ?? own) : own;
		lineOf.set(entry.id, line);
		return { entry, ...line, receivedAt };
	});
	for (let i = 0; i < entries.length; i += PAGE) {
		await insertEntries(db, household, entries.slice(i, i + PAGE), now);
		tell(Math.min(entries.length, i + PAGE), entries.length);
	}
	for (const { id, name, level } of file.supplies) await putSupply(db, household, { id, name, level }, now);
	await rebuildProjection(db, household, prepareHome(versions));
}
