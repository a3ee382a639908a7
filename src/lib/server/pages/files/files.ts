/** The home as a file, and what the page of files shows. */
import { FILES_SAYS } from '$words/answers/files';
import { v7 as uuidv7 } from 'uuid';
import { pool, reading } from '../../db/pool';
import { feedAddresses } from '../../repo/feedRepo';
import { loadHome } from '../../repo/homeRepo';
import { exportHousehold } from '../../services/home/wholeHome';

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
	const members = home.members
		.filter((member) => member.role !== 'device')
		.map(({ id, name }) => ({ id, name }));
	return {
		formId: uuidv7(),
		household: home.home.household.name,
		feeds: [
			{ member: '', name: FILES_SAYS.theWholeHome, path: path('') },
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
