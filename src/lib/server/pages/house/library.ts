/** What the library shows: its jobs by the kind of room that they are for, and what of them the home has. */
import { ROOM_KINDS, type Room } from '$core/household/home';
import { roomsFor, searchLibrary, type LibraryJob } from '$core/setup/library';
import { forPeople, livingIn } from '$core/setup/jobsOfRooms';
import { KIND_NAMES } from '$core/setup/steps';
import type { LibrarySection, LibraryView } from '$views/jobEditor';
import { cadenceText } from '$words/recurrence';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { starterLibrary } from '../../repo/patterns';

export async function loadLibrary(
	household: string,
	query: { readonly words: string | null; readonly room: string | null; readonly missing: boolean }
): Promise<LibraryView> {
	const [home, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await revisionOf(db, household)] as const;
	});
	const library = starterLibrary();
	const people = livingIn(home.home.members);
	const words = (query.words ?? '').slice(0, 80);
	const room = home.roomById.get(query.room ?? '');
	const rooms = new Map(library.jobs.map((job) => [job.id, roomsFor(job, home.home)]));
	const hadIn = (id: string) => (rooms.get(id) ?? []).filter((one) => one.has).length;
	const found = searchLibrary(library, words)
		.filter((job) => !room || job.kinds.includes(room.kind))
		.filter((job) => !query.missing || hadIn(job.id) === 0);
	/** A room that was chosen is one section; else each job stands under the first kind of room that it is for. */
	const kindOf = (job: LibraryJob): Room['kind'] => room?.kind ?? (job.kinds[0] as Room['kind']);
	const jobView = (job: LibraryJob): LibrarySection['jobs'][number] => ({
		id: job.id,
		name: job.name,
		subject: job.subject,
		layer: job.layer,
		minutes: job.depths.usual.minutes,
		rhythm: cadenceText(forPeople(job, people).cadence),
		fromAge: job.fromAge ?? null,
		steps: job.depths.usual.steps.map(
			(step) =>
				`${step.text}${step.wait ? `, then ${step.wait.label.toLowerCase()} ${step.wait.min} min` : ''}`
		),
		needs: job.needs,
		cautions: job.cautions.map((caution) => caution.headline),
		rungs: job.rungs,
		lookRound: job.lookRound,
		had: hadIn(job.id),
		places: (rooms.get(job.id) ?? [])
			.filter((one) => !room || one.room.id === room.id)
			.map((one) => ({ id: one.room.id, name: one.room.name, has: one.has }))
	});
	return {
		revision,
		formId: uuidv7(),
		words,
		missing: query.missing,
		room: room?.id ?? '',
		rooms: [...home.rooms]
			.sort((a, b) => a.walkOrder - b.walkOrder)
			.map((one) => ({ id: one.id, name: one.name })),
		count: library.jobs.length,
		had: library.jobs.filter((job) => hadIn(job.id) > 0).length,
		sections: ROOM_KINDS.flatMap((kind) => {
			const jobs = found.filter((job) => kindOf(job) === kind);
			return jobs.length === 0
				? []
				: [
						{
							kind,
							name: room?.name ?? KIND_NAMES[kind],
							had: jobs.filter((job) => hadIn(job.id) > 0).length,
							jobs: jobs.map(jobView)
						}
					];
		})
	};
}
