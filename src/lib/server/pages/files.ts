/** The home as a file, and what the page of files shows. */
import { v7 as uuidv7 } from 'uuid';
import type { CivilDay } from '$core/calendar/civil';
import { readHouseholdFile } from '$core/formats/householdFile';
import { readText } from '$core/formats/text';
import { now } from '../clock';
import { pool, reading, transaction } from '../db/pool';
import { feedAddresses } from '../store/feedStore';
import { addMembership } from '../store/accessStore';
import { listHouseholds, loadHome } from '../store/homeStore';
import { followingId } from '../store/record';
import { exportHousehold, importHousehold } from '../store/wholeHome';

export interface FilesView {
	readonly formId: string;
	readonly household: string;
	readonly feeds: readonly { readonly member: string; readonly name: string; readonly path: string | null }[];
	readonly members: readonly { readonly id: string; readonly name: string }[];
}

export async function loadFiles(household: string): Promise<FilesView> {
	const [home, addresses] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await feedAddresses(db, household)] as const;
	});
	const path = (member: string) => {
		const found = addresses.find((one) => one.member === member);
		return found ? `/calendar/${found.secret}.ics` : null;
	};
	const members = home.home.members
		.filter((member) => member.role !== 'device')
		.map(({ id, name }) => ({ id, name }));
	return {
		formId: uuidv7(),
		household: home.home.household.name,
		feeds: [
			{ member: '', name: 'The whole home', path: path('') },
			...members.map(({ id, name }) => ({ member: id, name, path: path(id) }))
		],
		members
	};
}

/** The home as a stream. */
export function homeStream(household: string): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	const pieces = exportHousehold(pool(), household);
	return new ReadableStream({
		async pull(controller) {
			const { value, done } = await pieces.next();
			if (done) controller.close();
			else controller.enqueue(encoder.encode(value));
		},
		async cancel() {
			await pieces.return(undefined);
		}
	});
}

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
					at: 'the whole of it',
					says: 'The file is larger than 64 MB. A home is never that large; is it the right file?'
				}
			]
		};
	const text = readText(bytes, false);
	if (!text.ok) return { problems: [{ at: 'the whole of it', says: text.says }] };
	const at = now();
	const read = readHouseholdFile(text.text, Math.floor(at / 86_400_000) as CivilDay);
	if (!read.ok) return { problems: read.problems };
	const household = followingId(id, 'taken in');
	tell({ entries: read.file.ledger.length });
	await transaction(async (db) => {
		if ((await listHouseholds(db)).some((home) => home.id === household)) return;
		await importHousehold(db, household, read.file, at, (done, of) => tell({ done, of }));
		const members = read.file.versions.at(-1)?.home.members ?? [];
		const organiser = members.find((one) => one.role === 'organiser');
		await addMembership(db, household, organiser?.id ?? '', account, at);
	});
	return { household };
}
