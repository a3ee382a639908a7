/** All jobs of a home as rows of a table. */
import { householdTime } from '$core/calendar/instant';
import { LAYERS } from '$core/household/home';
import { belongsTo } from '$core/people/ownList';
import type { AllJobsView } from '$views/house';
import { weekFrom } from '$words/general';
import { LAYER_NAMES } from '$words/house';
import { whoDoesText } from '$words/jobEditor';
import { rhythmWords } from '$words/recurrence';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';

export async function loadAllJobs(household: string): Promise<AllJobsView> {
	const [home, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await revisionOf(db, household)] as const;
	});
	const { date: today } = householdTime(now(), home.home.household);
	const { rooms, jobs } = home.home;
	const members = home.members.filter((one) => one.role !== 'device');
	const nameOf = new Map(members.map((one) => [one.id, one.name]));
	return {
		revision,
		formId: uuidv7(),
		jobs: jobs.map((job) => ({
			id: job.id,
			name: job.name,
			room: home.roomById.get(job.room)?.name ?? '',
			layer: LAYER_NAMES[job.layer],
			often: rhythmWords(job),
			who: whoDoesText(
				job.who.mode,
				belongsTo(home.home, job, today).flatMap((id) => nameOf.get(id) ?? [])
			),
			minutes: job.depths.usual.minutes
		})),
		rooms: rooms.map(({ id, name }) => ({ value: id, label: name })),
		members: members.map(({ id, name }) => ({ value: id, label: name })),
		layers: LAYERS.map((layer) => ({ value: layer, label: LAYER_NAMES[layer] })),
		weekdays: weekFrom(home.rotation.weekStart).map(({ number, name }) => ({
			value: String(number),
			label: name
		}))
	};
}
