/** The rhythm editor of a job, and the library: what they show and what they write. */
import { error, redirect } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { isoOf, parseDay, type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { addFromLibrary, copyJob, lastDoneAbout, retireJob, saveJob } from '$core/household/editJobs';
import { blankJob } from '$core/household/blankJob';
import { jobFromForm, type FormValues } from '$core/household/jobForm';
import type { Home, Job, Member } from '$core/household/home';
import { ageNeeded, ageOn } from '$core/people/whoCan';
import { estimateMinutes } from '$core/learning/minutes';
import { isWork } from '$core/household/entry';
import { effectivePauses, pausesForLine } from '$core/routine/standing';
import { readDay } from '$core/routine/readDay';
import { zoneDaysAhead } from '$core/routine/trial';
import { freeId, roomsFor, searchLibrary } from '$core/setup/library';
import { describeProblems } from '$core/household/problems';
import type { JobEditorView, LibraryView } from '$ui/rhythm/view';
import { cadenceText } from '$ui/rhythmWords';
import { shortDate } from '$ui/words';
import { now } from '../clock';
import { reading } from '../db/pool';
import { loadHome, revisionOf } from '../store/homeStore';
import { entriesOfJobs } from '../store/ledgerStore';
import { loadStanding } from '../store/standingStore';
import { editHome } from './homeEdits';
import { starterLibrary } from './patterns';
import { memberName, stateText, zoneMark } from './tags';

/** A job of one's own before anything is said of it. */
const newJob = (home: Home, room: string, today: string): Job => ({
	...blankJob(
		{
			id: 'new',
			name: '',
			room,
			layer: 'weekly',
			cadence: { type: 'weekly', weekdays: [1], everyWeeks: 1 },
			missRule: home.household.rhythm.catchUpDays.length > 0 ? 'catchup' : 'letgo'
		},
		'Do it',
		5
	),
	startsOn: today
});

/** Says why somebody is too young for a job; null where they are not. */
function whyNot(job: Job, member: Member, today: CivilDay): string | null {
	const age = ageOn(member, today);
	const needed = ageNeeded(job);
	if (age === null || age >= needed) return null;
	return needed - age > 5 ? 'too small' : `from ${needed}`;
}

export async function loadJobEditor(
	household: string,
	id: string,
	query: { readonly room: string | null }
): Promise<JobEditorView> {
	const [home, standing, revision, entries] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [
			prepared,
			await loadStanding(db, household),
			await revisionOf(db, household),
			id === 'new' ? [] : await entriesOfJobs(db, household, [id])
		] as const;
	});
	const { date: today } = householdTime(now(), home.home.household);
	const isNew = id === 'new';
	const roomId = home.roomById.has(query.room ?? '')
		? (query.room as string)
		: (home.home.rooms[0]?.id ?? '');
	const job = isNew ? newJob(home.home, roomId, isoOf(today)) : home.jobById.get(id);
	if (!job)
		error(404, {
			message: 'This job is not in the home any more.',
			remedy: 'What was done of it is still in the Ledger.'
		});
	const room = home.roomById.get(job.room);
	if (!room) throw new RangeError(job.room);
	const lines = home.lines.filter((line) => line.job.id === job.id);
	const line = lines[0];
	const stored = line ? standing.lines.get(line.id) : undefined;
	const pauses = effectivePauses(standing.home);
	const day = line ? readDay(home, standing, today).lines.find((one) => one.line.id === line.id) : undefined;
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
			? `Last done ${shortDate(last.date)}${last.by ? `, by ${memberName(home, last.by)}` : ''}`
			: isNew
				? ''
				: 'Not done yet',
		today,
		standing: line && stored ? { id: line.id, line: stored } : null,
		pauses: line ? pausesForLine(line, pauses) : [],
		zoneDays: zoneDaysAhead(home, room.zone, today),
		rooms: home.home.rooms.map((one) => ({ id: one.id, name: one.name, zone: one.zone })),
		people: home.home.members
			.filter((member) => member.role !== 'device')
			.map((member) => ({ id: member.id, name: member.name, why: whyNot(job, member, today) })),
		others: home.home.jobs
			.filter((one) => one.id !== job.id && one.room === job.room)
			.map((one) => ({ id: one.id, name: one.name })),
		late: day?.state === 'late' ? stateText(day, today) : null,
		estimate: estimate
			? `you said ${job.depths.usual.minutes}, it takes about ${Math.round(estimate.median)}`
			: null
	};
}

export function valuesOfForm(form: FormData): FormValues {
	const values: Record<string, string[]> = {};
	for (const [name, value] of form) {
		if (typeof value !== 'string') continue;
		(values[name] ??= []).push(value);
	}
	return values;
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
				if (day === null || day > today)
					return 'Say on which day it was last done: today or before, as YYYY-MM-DD.';
				const edit = lastDoneAbout(home, id, day);
				return edit.ok ? edit : 'Only a job that counts from when it was last done can be told so.';
			}
			const before =
				id === 'new'
					? newJob(home, text('room') || (home.rooms[0]?.id ?? ''), isoOf(today))
					: home.jobs.find((job) => job.id === id);
			if (!before) return 'This job is not in the home any more. What was done of it is still in the Ledger.';
			const read = jobFromForm(before, valuesOfForm(form));
			if (!read.ok)
				return read.problems[0] ? describeProblems([read.problems[0]]) : 'That cannot be kept so.';
			const job =
				id === 'new'
					? { ...read.job, id: freeId(read.job.name, new Set(home.jobs.map((one) => one.id))) }
					: read.job;
			return saveJob(home, job);
		},
		() =>
			op === 'retire'
				? 'Retired. What was done of it stays in the Ledger.'
				: op === 'copy'
					? 'It hangs in that room, too.'
					: 'The new rhythm holds from today.'
	);
	if (op === 'retire' && 'saved' in result && !result.tried) redirect(303, '/house');
	if (id === 'new' && op === 'keep' && 'saved' in result && !result.tried) {
		redirect(303, `/house?room=${String(form.get('room') ?? '')}`);
	}
	return result;
}

export async function loadLibrary(
	household: string,
	query: { readonly words: string | null; readonly room: string | null }
): Promise<LibraryView> {
	const [home, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await revisionOf(db, household)] as const;
	});
	const library = starterLibrary();
	const words = (query.words ?? '').slice(0, 80);
	const room = home.roomById.get(query.room ?? '');
	const found = searchLibrary(library, words).filter((job) => !room || job.kinds.includes(room.kind));
	return {
		revision,
		formId: uuidv7(),
		words,
		room: room?.id ?? '',
		rooms: [...home.home.rooms]
			.sort((a, b) => a.walkOrder - b.walkOrder)
			.map((one) => ({ id: one.id, name: one.name })),
		count: library.jobs.length,
		jobs: found.map((job) => ({
			id: job.id,
			name: job.name,
			subject: job.subject,
			layer: job.layer,
			minutes: job.depths.usual.minutes,
			rhythm: cadenceText(job.cadence),
			fromAge: job.fromAge ?? null,
			steps: job.depths.usual.steps.map(
				(step) =>
					`${step.text}${step.wait ? `, then ${step.wait.label.toLowerCase()} ${step.wait.min} min` : ''}`
			),
			needs: job.needs,
			cautions: job.cautions.map((caution) => caution.headline),
			rungs: job.rungs,
			lookRound: job.lookRound,
			places: roomsFor(job, home.home)
				.filter((one) => !room || one.room.id === room.id)
				.map((one) => ({ id: one.room.id, name: one.room.name, has: one.has }))
		}))
	};
}

export function addJob(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, today, text }) => {
			const job = starterLibrary().jobs.find((one) => one.id === text('job'));
			if (!job) return 'That job is not in the library. Search for another.';
			return addFromLibrary(home, job, text('room'), today);
		},
		({ home, text }) =>
			`Hung: ${starterLibrary().jobs.find((one) => one.id === text('job'))?.name ?? ''}, ${home.rooms.find((room) => room.id === text('room'))?.name ?? ''}.`
	);
}
