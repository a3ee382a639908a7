/** A job is saved, retired, or added from the library. */
import { JOB_SAYS } from '$words/answers/home';
import { isoOf, parseDay } from '$core/calendar/civil';
import { LAYERS, type Home, type Job } from '$core/household/home';
import { describeProblems } from '$core/household/problems';
import { blankJob } from '$core/setup/blankJob';
import { addFromLibrary, copyJob, lastDoneAbout, retireJob, saveJob } from '$core/setup/editJobs';
import { jobFromForm, type FormValues } from '$core/setup/jobForm';
import { freeId } from '$core/setup/library';
import { LAYER_OFF } from '$words/house';
import { redirect } from '@sveltejs/kit';
import { starterLibrary } from '../../repo/patterns';
import { editHome } from './editHome';

/** A job of one's own before anything is said of it. */
export const newJob = (home: Home, room: string, today: string): Job => ({
	...blankJob(
		{
			id: 'new',
			name: '',
			room,
			layer: 'weekly',
			cadence: { type: 'weekly', weekdays: [1], everyWeeks: 1 },
			missRule: home.household.rhythm.catchUpDays.length > 0 ? 'catchup' : 'letgo'
		},
		JOB_SAYS.doIt,
		5
	),
	startsOn: today
});

export function valuesOfForm(form: FormData): FormValues {
	const values: Record<string, string[]> = {};
	for (const [name, value] of form) {
		if (typeof value !== 'string') continue;
		(values[name] ??= []).push(value);
	}
	return values;
}

/** A job whose part of the work is switched off does not begin today. */
function savedText(home: Home, layer: string | undefined): string {
	const off = LAYERS.find((one) => one === layer && !home.household.layers.includes(one));
	return off ? LAYER_OFF.saved(off) : JOB_SAYS.savedItHoldsFromToday;
}

/** Keeps, retires or copies a job. */
export async function editJob(household: string, id: string, form: FormData) {
	const op = String(form.get('op') ?? 'keep');
	const result = await editHome(
		household,
		form,
		({ home, today, text }) => {
			if (op === 'retire') return retireJob(home, id);
			if (op === 'copy') return copyJob(home, id, text('to'), today);
			if (op === 'lastDone') {
				const day = parseDay(text('day'));
				if (day === null || day > today) return { field: 'day', says: JOB_SAYS.chooseTheDayOnWhich };
				const edit = lastDoneAbout(home, id, day);
				return edit.ok ? edit : JOB_SAYS.onlyAJobThatCounts;
			}
			const before =
				id === 'new'
					? newJob(home, text('room') || (home.rooms[0]?.id ?? ''), isoOf(today))
					: home.jobs.find((job) => job.id === id);
			if (!before) return JOB_SAYS.thisJobIsNotIn;
			const read = jobFromForm(before, valuesOfForm(form));
			if (!read.ok)
				return read.problems[0] ? describeProblems([read.problems[0]]) : JOB_SAYS.thatCannotBeKeptSo;
			const job =
				id === 'new'
					? { ...read.job, id: freeId(read.job.name, new Set(home.jobs.map((one) => one.id))) }
					: read.job;
			return saveJob(home, job);
		},
		({ home, text }) =>
			op === 'retire'
				? JOB_SAYS.removedWhatWasDoneOf
				: op === 'copy'
					? JOB_SAYS.theJobIsInThat
					: savedText(home, text('layer') || home.jobs.find((job) => job.id === id)?.layer)
	);
	if (op === 'retire' && 'saved' in result && !result.tried) redirect(303, '/house');
	if (id === 'new' && op === 'keep' && 'saved' in result && !result.tried) {
		redirect(303, `/house?room=${String(form.get('room') ?? '')}`);
	}
	return result;
}

export function addJob(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, today, text }) => {
			const job = starterLibrary().jobs.find((one) => one.id === text('job'));
			if (!job) return JOB_SAYS.thatJobIsNotIn;
			return addFromLibrary(home, job, text('room'), today);
		},
		({ home, text }) =>
			JOB_SAYS.added(
				starterLibrary().jobs.find((one) => one.id === text('job'))?.name ?? '',
				home.rooms.find((room) => room.id === text('room'))?.name ?? ''
			)
	);
}
