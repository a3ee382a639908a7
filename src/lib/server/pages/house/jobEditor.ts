/** What the editor of a job shows. */
import { JOB_EDITOR_SAYS } from '$words/answers/house';
import { isoOf, type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { allFamilies } from '$core/cupboard/products';
import { isWork } from '$core/household/entry';
import type { Job, Member } from '$core/household/home';
import { estimateMinutes } from '$core/learning/minutes';
import { standsAgainst } from '$core/people/whoCan';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { effectivePauses, pausesForSeries } from '$core/schedule/projection';
import { readDay } from '$core/schedule/readDay';
import { zoneDaysAhead } from '$core/setup/trial';
import type { JobEditorView } from '$views/jobEditor';
import { shortDate } from '$words/general';
import { memberName, thingName } from '$words/names';
import { cannotWords } from '$words/people';
import { error } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { entriesOfJobs } from '../../repo/ledgerRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { newJob } from '../../services/home/job';
import { stateText, zoneMark } from '../today/jobRows';

/** Says why somebody cannot do a job, beside their name; null where nothing stands against it. */
function whyNot(home: PreparedHome, job: Job, member: Member, today: CivilDay): string | null {
	const [why] = standsAgainst(job, member, today);
	return why
		? cannotWords(why, {
				nameOf: (id) => memberName(home, id),
				thingOf: (id) => thingName(home, id)
			})
		: null;
}

export async function loadJobEditor(
	household: string,
	id: string,
	query: { readonly room: string | null }
): Promise<JobEditorView> {
	const [home, projection, revision, entries] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [
			prepared,
			await loadProjection(db, household),
			await revisionOf(db, household),
			id === 'new' ? [] : await entriesOfJobs(db, household, [id])
		] as const;
	});
	const { date: today } = householdTime(now(), home.home.household);
	const isNew = id === 'new';
	const roomId = home.roomById.has(query.room ?? '') ? (query.room as string) : (home.rooms[0]?.id ?? '');
	const job = isNew ? newJob(home.home, roomId, isoOf(today)) : home.jobById.get(id);
	if (!job)
		error(404, {
			message: JOB_EDITOR_SAYS.thisJobIsNotIn,
			remedy: JOB_EDITOR_SAYS.whatWasDoneOfIt
		});
	const room = home.roomById.get(job.room);
	if (!room) throw new RangeError(job.room);
	const lines = home.series.filter((line) => line.job.id === job.id);
	const line = lines[0];
	const stored = line ? projection.series.get(line.id) : undefined;
	const pauses = effectivePauses(projection.home);
	const day = line
		? readDay(home, projection, today).lines.find((one) => one.line.id === line.id)
		: undefined;
	const last = stored?.last ?? null;
	const timings = entries
		.map((one) => one.entry)
		.filter(isWork)
		.filter((one) => one.outcome === 'done' && one.minutes !== null)
		.map((one) => ({ minutes: one.minutes as number, cut: one.cutOff }));
	const estimate = timings.length >= 3 ? estimateMinutes(job.depths.usual.minutes, timings) : null;
	return {
		isNew,
		revision,
		formId: uuidv7(),
		job,
		household: home.home.household,
		room,
		zone: zoneMark(home, room.zone),
		lastWords: last
			? JOB_EDITOR_SAYS.lastDone(shortDate(last.date), last.by ? `, by ${memberName(home, last.by)}` : '')
			: isNew
				? ''
				: JOB_EDITOR_SAYS.notDoneYet,
		today,
		versions: line?.versions ?? [],
		projection: line && stored ? { id: line.id, line: stored } : null,
		pauses: line ? pausesForSeries(line, pauses) : [],
		zoneDays: zoneDaysAhead(home, room.zone, today),
		rooms: home.rooms.map((one) => ({ id: one.id, name: one.name, zone: one.zone })),
		people: home.members
			.filter((member) => member.role !== 'device')
			.map((member) => ({ id: member.id, name: member.name, why: whyNot(home, job, member, today) })),
		others: home.home.jobs
			.filter((one) => one.id !== job.id && one.room === job.room)
			.map((one) => ({ id: one.id, name: one.name })),
		products: home.home.cupboard.products.map((one) => ({
			id: one.id,
			name: one.name,
			families: allFamilies(one)
		})),
		things: [
			...home.home.cupboard.tools,
			...home.home.cupboard.products.filter((one) => job.things.includes(one.id))
		].map(({ id, name }) => ({ id, name })),
		late: day?.state === 'late' ? stateText(day, today) : null,
		estimate: estimate
			? JOB_EDITOR_SAYS.youSaidMinItTakes(job.depths.usual.minutes, Math.round(estimate.median))
			: null
	};
}
