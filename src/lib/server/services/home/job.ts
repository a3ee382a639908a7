/** A job is saved, retired, or added from the library. */
import { JOB_SAYS } from '$words/answers/home';
import { isoOf, parseDay } from '$core/calendar/civil';
import { LAYERS, type Home, type Job } from '$core/household/home';
import { blankJob } from '$core/setup/blankJob';
import { addFromLibrary, copyJob, lastDoneAbout, retireJob, saveJob } from '$core/setup/editJobs';
import { jobFromForm } from '$core/setup/jobForm';
import type { FormValues } from '$core/household/formProblem';
import { freeId } from '$core/setup/library';
import { LAYER_OFF } from '$words/house';
import { redirect } from '@sveltejs/kit';
import { starterLibrary } from '../../repo/patterns';
import { byFields } from '../fieldForms';
import { editHome } from './editHome';
import { jobForm } from './jobForms';

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

/** Saves a job as the fields of its editor say it. */
async function keepJob(household: string, id: string, form: FormData) {
	const isNew = id === 'new';
	const result = await editHome(
		household,
		form,
		({ home, today, text }) => {
			const before = isNew
				? newJob(home, text('room') || (home.rooms[0]?.id ?? ''), isoOf(today))
				: home.jobs.find((job) => job.id === id);
			if (!before) return JOB_SAYS.thisJobIsNotIn;
			const read = jobFromForm(before, valuesOfForm(form));
			if (!read.ok) return read.problems;
			const job = isNew
				? { ...read.job, id: freeId(read.job.name, new Set(home.jobs.map((one) => one.id))) }
				: read.job;
			return saveJob(home, job);
		},
		({ home, text }) => savedText(home, text('layer') || home.jobs.find((job) => job.id === id)?.layer)
	);
	if (isNew && 'saved' in result && !result.tried) {
		redirect(303, `/house?room=${String(form.get('room') ?? '')}`);
	}
	return result;
}

async function retire(household: string, id: string, form: FormData) {
	const result = await editHome(
		household,
		form,
		({ home }) => retireJob(home, id),
		() => JOB_SAYS.removedWhatWasDoneOf
	);
	if ('saved' in result && !result.tried) redirect(303, '/house');
	return result;
}

const copy = (household: string, id: string, form: FormData) =>
	editHome(
		household,
		form,
		({ home, today, text }) => copyJob(home, id, text('to'), today),
		() => JOB_SAYS.theJobIsInThat
	);

const tellLastDone = (household: string, id: string, form: FormData) =>
	editHome(
		household,
		form,
		({ home, today, text }) => {
			const day = parseDay(text('day'));
			if (day === null || day > today) return { field: 'day', says: JOB_SAYS.chooseTheDayOnWhich };
			const edit = lastDoneAbout(home, id, day);
			return edit.ok ? edit : JOB_SAYS.onlyAJobThatCounts;
		},
		({ home }) => savedText(home, home.jobs.find((job) => job.id === id)?.layer)
	);

/** Saves, retires or copies a job, or tells when it was last done. */
export async function editJob(household: string, id: string, form: FormData) {
	switch (form.get('op')) {
		case 'retire':
			return retire(household, id, form);
		case 'copy':
			return copy(household, id, form);
		case 'lastDone':
			return tellLastDone(household, id, form);
		default:
			return byFields(jobForm, form, () => keepJob(household, id, form));
	}
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
